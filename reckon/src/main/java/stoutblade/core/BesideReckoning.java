package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;

/**
 * What a rod beside a core comes to.
 *
 * @param choice where it lies
 * @param rod the rod
 * @param section its section
 * @param lies how it lies to the core
 * @param length of each
 * @param mass of all of them
 * @param stiffness of all of them together
 * @param cover the least foam over any of them; empty where it lies in no layer of its own
 */
public record BesideReckoning(
    Beside choice,
    Rod rod,
    RodSection section,
    Lies lies,
    Figure length,
    Figure mass,
    Figure stiffness,
    Optional<Figure> cover) {

  private static final double JUST_INSIDE_MM = 0.01;

  /** How it lies to the core. */
  public enum Lies {
    /** In a channel of its own. */
    BESIDE,
    /** In the bore of the core. */
    INSIDE,
    /** On the same line, where the core is not. */
    BEYOND,
    /** In the core's way. */
    ON_IT
  }

  /** Where their middles lie, to the right of the line or, below 0, to its left. */
  public List<Double> asides() {
    return choice.asides();
  }

  /** True where the channels of both run into one another. */
  public boolean meets(BesideReckoning other) {
    boolean along =
        choice.startMm() < other.choice.endMm() && choice.endMm() > other.choice.startMm();
    double apart = Math.abs(choice.asideMm() - other.choice.asideMm());
    return along && apart < (section.widthMm() + other.section.widthMm()) / 2 - 1e-9;
  }

  /** True where it has a channel of its own. */
  public boolean channelled() {
    return lies != Lies.INSIDE;
  }

  /** Its figures, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>(List.of(length, mass));
    cover.ifPresent(all::add);
    return all;
  }

  /**
   * Works it out.
   *
   * @param part what it lies in
   * @param core what was decided about the core
   * @param main the section of that
   * @param bore how wide the core is inside; 0 for a solid one
   * @param number counted from 1, for the ids of its figures
   */
  static BesideReckoning of(
      Cored part, CoreChoice core, RodSection main, double bore, CoreRods.Found found, int number) {
    Beside own = found.choice();
    Rod rod = found.rod();
    RodSection section = RodSection.sold(rod, own.onEdge());
    String id = "core.beside" + number;
    Figure length =
        Figure.computed(
            id + ".length",
            named(rod, own, "length"),
            Quantity.LENGTH,
            "{%s.end} - {%s.start}".formatted(id, id),
            Source.GEOMETRY,
            place(id + ".end", "Ends, from the near end", own.endMm()),
            place(id + ".start", "Starts, from the near end", own.startMm()));
    Lies lies = lies(core, main, bore, own, section);
    return new BesideReckoning(
        own,
        rod,
        section,
        lies,
        length,
        mass(id, rod, own, length),
        stiffness(id, rod, own, section),
        lies == Lies.INSIDE
            ? Optional.empty()
            : part.layers().map(it -> cover(id, part, core, own, section, rod)));
  }

  private static String named(Rod rod, Beside own, String what) {
    return rod.name() + (own.count() == 2 ? ", one at each side, " : ", ") + what;
  }

  private static Figure place(String id, String label, double mm) {
    return Figure.given(id, label, mm, Quantity.LENGTH, Source.DECIDED);
  }

  private static Lies lies(
      CoreChoice core, RodSection main, double bore, Beside own, RodSection section) {
    boolean along = own.startMm() < core.endMm() && own.endMm() > core.startMm();
    double apart = own.asideMm() - (main.widthMm() + section.widthMm()) / 2;
    if (own.asideMm() > 0) {
      boolean clear = !along || apart >= -1e-9;
      // Two that lie close to the line would meet each other.
      return clear && own.asideMm() >= section.widthMm() / 2 ? Lies.BESIDE : Lies.ON_IT;
    }
    boolean fits =
        bore > 0
            && Math.hypot(section.widthMm(), section.square() ? 2 * section.radius() : 0) <= bore
            && own.startMm() >= core.startMm()
            && own.endMm() <= core.endMm();
    return fits ? Lies.INSIDE : along ? Lies.ON_IT : Lies.BEYOND;
  }

  private static Figure mass(String id, Rod rod, Beside own, Figure length) {
    Figure area =
        Figure.given(
            id + ".section",
            "Section, area",
            rod.areaMm2(),
            Quantity.AREA,
            Source.catalogue(rod.name() + ": " + rod.source()));
    Figure density = rod.density(id + ".density");
    return Figure.computed(
        id + ".mass",
        named(rod, own, "weight"),
        Quantity.MASS,
        "%d * {%s} * {%s} * {%s}".formatted(own.count(), area.id(), length.id(), density.id()),
        Source.GEOMETRY,
        area,
        length,
        density);
  }

  private static Figure stiffness(String id, Rod rod, Beside own, RodSection section) {
    Figure modulus =
        Figure.given(
            id + ".modulus",
            "Stiffness of its material (Young's modulus)",
            rod.modulus(),
            Quantity.MODULUS,
            Source.catalogue(rod.name() + ": " + rod.source()),
            rod.modulusStd());
    Figure moment =
        Figure.given(
            id + ".second-moment",
            "Second moment of area, as it lies",
            section.secondMomentMm4(),
            Quantity.SECOND_MOMENT,
            Source.handbook(
                "Roark's Formulas for Stress and Strain, properties of sections (from memory)"));
    return Figure.computed(
        id + ".stiffness",
        named(rod, own, "bending stiffness"),
        Quantity.BENDING_STIFFNESS,
        "%d * {%s} * {%s}".formatted(own.count(), modulus.id(), moment.id()),
        Source.assumption("rods side by side bend alike, and each about its own middle"),
        modulus,
        moment);
  }

  private static Figure cover(
      String id, Cored part, CoreChoice core, Beside own, RodSection section, Rod rod) {
    double from = Math.max(own.startMm(), JUST_INSIDE_MM);
    double to = Math.min(own.endMm(), part.length().value() - JUST_INSIDE_MM);
    double least = to > from ? Double.POSITIVE_INFINITY : -section.radius();
    for (double aside : own.asides()) {
      if (to > from) {
        Fit fit =
            new Fit(
                part.layers().orElseThrow().solid(), section, core.groove(), part.nearMm(), aside);
        least = Math.min(least, fit.least(from, to).mm());
      }
    }
    return Figure.found(
        id + ".cover",
        named(rod, own, "least foam over it"),
        least,
        Quantity.LENGTH,
        "height of the face over the middle plane less the rod, along it, and the foam beside it",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }
}

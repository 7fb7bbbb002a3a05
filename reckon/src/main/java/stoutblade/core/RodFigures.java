package stoutblade.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.section.Oval;

/**
 * What the rod of a core measures, weighs and bends, whatever it lies in.
 *
 * @param rod the rod
 * @param section its section
 * @param diameter as it is sold
 * @param bore the same inside
 * @param height through the layers
 * @param width in the plane of the layers
 * @param each how wide a rod of it is
 */
record RodFigures(
    Rod rod,
    RodSection section,
    Figure diameter,
    Figure bore,
    Figure height,
    Figure width,
    Figure each) {

  static RodFigures of(CoreChoice choice, Rod rod) {
    RodSection section = RodSection.of(choice, rod);
    Source catalogue = Source.catalogue(rod.name() + ": " + rod.source());
    Figure diameter = length("core.diameter", "Core, outside", rod.outerMm(), catalogue);
    Figure bore =
        length(
            "core.bore",
            "Core, inside",
            rod.innerMm(),
            rod.innerMm() > 0 && rod.innerMm() == choice.work().drilledMm()
                ? Source.DECIDED
                : catalogue);
    if (section.count() > 1) {
      Figure one = length("core.each", "Each rod of the bundle, outside", rod.outerMm(), catalogue);
      Figure across =
          Figure.computed(
              "core.diameter",
              "Bundle of %d, across".formatted(section.count()),
              Quantity.LENGTH,
              Bundle.acrossFormula(section.count()) + " * {core.each}",
              Source.GEOMETRY,
              one);
      return new RodFigures(rod, section, across, bore, across, across, one);
    }
    if (section.square()) {
      Figure high =
          length("core.height", "Core, thick as it lies", 2 * section.radius(), catalogue);
      Figure wide = length("core.width", "Core, wide as it lies", section.widthMm(), catalogue);
      double widest = Math.max(high.value(), wide.value());
      Figure across = length("core.diameter", "Core, across where it is widest", widest, catalogue);
      return new RodFigures(rod, section, across, bore, high, wide, across);
    }
    if (!section.squeezed()) {
      return new RodFigures(rod, section, diameter, bore, diameter, diameter, diameter);
    }
    Figure height =
        length("core.height", "Core, squeezed to", 2 * section.radius(), Source.DECIDED);
    Figure width = Oval.width("core.width", "Core, width as squeezed", diameter, height);
    return new RodFigures(rod, section, diameter, bore, height, width, diameter);
  }

  private static Figure length(String id, String label, double mm, Source source) {
    return Figure.given(id, label, mm, Quantity.LENGTH, source);
  }

  /** What its wall weighs: squeezed as much as round. */
  Figure mass(Figure length) {
    List<Figure> inputs = new ArrayList<>();
    String area =
        section.count() > 1
            ? "%d * pi / 4 * ({core.each}^2 - {core.bore}^2)".formatted(section.count())
            : "pi / 4 * ({core.diameter}^2 - {core.bore}^2)";
    if (section.square()) {
      area = square(inputs, "", "");
    } else {
      inputs.addAll(List.of(each, bore));
    }
    inputs.addAll(List.of(length, rod.density("core.rod-density")));
    return Figure.computed(
        "core.rod-mass",
        "Core alone",
        Quantity.MASS,
        area + " * {core.length} * {core.rod-density}",
        Source.GEOMETRY,
        inputs.toArray(Figure[]::new));
  }

  /**
   * Height and width of what has flat sides, each to its power, less the same of what is hollow.
   *
   * @param inputs takes what the formula names
   */
  private String square(List<Figure> inputs, String ofHeight, String ofWidth) {
    inputs.addAll(List.of(height, width));
    String outside = "{core.height}%s * {core.width}%s".formatted(ofHeight, ofWidth);
    if (section.wall() == 0) {
      return "(" + outside + ")";
    }
    inputs.add(length("core.wall", "Core, wall", section.wall(), Source.catalogue(rod.name())));
    return "(%s - ({core.height} - 2 * {core.wall})%s * ({core.width} - 2 * {core.wall})%s)"
        .formatted(outside, ofHeight, ofWidth);
  }

  /** How stiff it is when it bends square to the layers. */
  Figure stiffness() {
    Figure modulus =
        Figure.given(
            "core.modulus",
            "Stiffness of the core's material (Young's modulus)",
            rod.modulus(),
            Quantity.MODULUS,
            Source.catalogue(rod.name() + ": " + rod.source()),
            rod.modulusStd());
    return Figure.computed(
        "core.stiffness",
        "Bending stiffness",
        Quantity.BENDING_STIFFNESS,
        "{core.modulus} * {core.second-moment}",
        Source.GEOMETRY,
        modulus,
        secondMoment());
  }

  /** Its second moment of area when it bends square to the layers. */
  Figure secondMoment() {
    if (section.square()) {
      return squareMoment("core.second-moment", "Second moment of area", "^3", "");
    }
    if (section.count() > 1) {
      return bundleMoment();
    }
    return section.squeezed() ? squeezedMoment() : roundMoment();
  }

  /** bh³/12 less that of what is hollow; the height, or the width, to its third power. */
  private Figure squareMoment(String id, String label, String ofHeight, String ofWidth) {
    List<Figure> inputs = new ArrayList<>();
    String formula = square(inputs, ofHeight, ofWidth) + " / 12";
    return Figure.computed(
        id,
        label,
        Quantity.SECOND_MOMENT,
        formula,
        Source.handbook(
            "Roark's Formulas for Stress and Strain, properties of sections: bh³/12 (from memory)"),
        inputs.toArray(Figure[]::new));
  }

  /**
   * The same when it bends in the plane of the layers; empty for a round one, where both are one.
   */
  Optional<Figure> momentAside() {
    if (!section.oblong()) {
      return Optional.empty();
    }
    String id = "core.second-moment-aside";
    String label = "Second moment of area, bent in the plane of the layers";
    if (section.square()) {
      return Optional.of(squareMoment(id, label, "", "^3"));
    }
    String flat = "({core.width} - {core.height})";
    String inside = "({core.height} - {core.diameter} + {core.bore})";
    return Optional.of(
        Figure.computed(
            id,
            label,
            Quantity.SECOND_MOMENT,
            "(%s) - (%s)"
                .formatted(Oval.upright("{core.height}", flat), Oval.upright(inside, flat)),
            Oval.SECTIONS,
            height,
            width,
            diameter,
            bore));
  }

  /**
   * Each about its own middle, and its area times the square of how far that is from the middle.
   */
  private Figure bundleMoment() {
    return Figure.computed(
        "core.second-moment",
        "Second moment of area of the bundle",
        Quantity.SECOND_MOMENT,
        "%d * pi / 64 * ({core.each}^4 - {core.bore}^4) + pi / 4 * ({core.each}^2 - {core.bore}^2)"
                .formatted(section.count())
            + " * %.0f / 2 * {core.each}^2".formatted(2 * Bundle.spread(section.count())),
        Source.assumption(
            "glued along their whole length they bend as one (parallel axes, Steiner); where the"
                + " glue lets go, only each by itself"),
        each,
        bore);
  }

  private Figure roundMoment() {
    return Figure.computed(
        "core.second-moment",
        "Second moment of area",
        Quantity.SECOND_MOMENT,
        "pi / 64 * ({core.diameter}^4 - {core.bore}^4)",
        Source.handbook(
            "Roark's Formulas for Stress and Strain, properties of sections (from memory)"),
        diameter,
        bore);
  }

  private Figure squeezedMoment() {
    String flat = "({core.width} - {core.height})";
    String inner = "({core.height} - {core.diameter} + {core.bore})";
    return Figure.computed(
        "core.second-moment",
        "Second moment of area, over its flat sides",
        Quantity.SECOND_MOMENT,
        "(%s) - (%s)".formatted(Oval.level("{core.height}", flat), Oval.level(inner, flat)),
        Oval.SECTIONS,
        height,
        width,
        diameter,
        bore);
  }
}

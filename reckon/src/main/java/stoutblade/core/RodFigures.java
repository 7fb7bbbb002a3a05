package stoutblade.core;

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
 */
record RodFigures(
    Rod rod, RodSection section, Figure diameter, Figure bore, Figure height, Figure width) {

  static RodFigures of(CoreChoice choice, Rod rod) {
    RodSection section = RodSection.of(choice, rod);
    Source catalogue = Source.catalogue(rod.name() + ": " + rod.source());
    Figure diameter = length("core.diameter", "Core, outside", rod.outerMm(), catalogue);
    Figure bore = length("core.bore", "Core, inside", rod.innerMm(), catalogue);
    if (!section.squeezed()) {
      return new RodFigures(rod, section, diameter, bore, diameter, diameter);
    }
    Figure height =
        length("core.height", "Core, squeezed to", 2 * section.radius(), Source.DECIDED);
    Figure width = Oval.width("core.width", "Core, width as squeezed", diameter, height);
    return new RodFigures(rod, section, diameter, bore, height, width);
  }

  private static Figure length(String id, String label, double mm, Source source) {
    return Figure.given(id, label, mm, Quantity.LENGTH, source);
  }

  /** What its wall weighs: squeezed as much as round. */
  Figure mass(Figure length) {
    return Figure.computed(
        "core.rod-mass",
        "Core alone",
        Quantity.MASS,
        "pi / 4 * ({core.diameter}^2 - {core.bore}^2) * {core.length} * {core.rod-density}",
        Source.GEOMETRY,
        diameter,
        bore,
        length,
        rod.density("core.rod-density"));
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
        section.squeezed() ? squeezedMoment() : roundMoment());
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

package stoutblade.body;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Strip;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;

/** The body of what is bought as strip and cut from lengths. */
record StripBody(Body.Given given, Strip strip) {

  Body body() {
    Figure section =
        found(
            "part.section",
            strip.kind() + " profile, section",
            strip.sectionMm2(),
            Quantity.AREA,
            "area of the cross-section: " + Display.decimal(strip.widthMm(), 1) + " mm wide");
    Figure middle =
        found(
            "part.middle",
            "Profile in one, along its middle",
            strip.middleMm(),
            Quantity.LENGTH,
            "sides of the edge, each with what its mitres add halfway across the profile");
    Figure volume =
        Figure.computed(
            "part.volume",
            "Foam in one, volume",
            Quantity.VOLUME,
            "{part.section} * {part.middle}",
            Source.GEOMETRY,
            section,
            middle);
    Box box = Sizes.box(given.part());
    int pieces = given.flat().panels().stream().mapToInt(it -> it.count()).sum();
    return new Body(
        given.part().name(),
        Sizes.length(box),
        Sizes.width(box),
        found(
            "part.cut",
            "Mitres and ends to cut",
            2 * pieces * strip.widthMm(),
            Quantity.LENGTH,
            "both ends of every piece, as wide as the profile"),
        found(
            "part.surface",
            "Surface to finish",
            strip.middleMm() * strip.freeMm(),
            Quantity.AREA,
            "round the profile from foot to foot, along its middle"),
        found(
            "part.glued",
            "Faces to spread with glue",
            2 * strip.middleMm() * strip.widthMm(),
            Quantity.AREA,
            "its foot and what it lies on, along its middle"),
        volume,
        given.foam().map(it -> mass(it, section, middle)),
        given.foam().map(it -> Sizes.evenly(it, volume.value(), box)).stream().toList(),
        box.minY(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        pieces,
        0,
        List.of(middle),
        Optional.empty());
  }

  private static Figure mass(SheetMaterial foam, Figure section, Figure middle) {
    Figure density = foam.density("part.density");
    return Figure.computed(
        "part.one",
        "Weight of one",
        Quantity.MASS,
        "{part.section} * {part.middle} * {part.density}",
        Source.GEOMETRY,
        section,
        middle,
        density);
  }

  private static Figure found(
      String id, String label, double value, Quantity quantity, String words) {
    return Figure.found(id, label, value, quantity, words, Source.GEOMETRY, Uncertainty.NONE);
  }
}

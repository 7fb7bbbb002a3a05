package stoutblade.body;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.Bought;

/** The body of a thing that is bought: nothing is cut for it. */
record BoughtBody(Bought thing, Catalogue catalogue) {

  Body body() {
    Figure length = given("part.length", "Length", thing.alongMm(), Quantity.LENGTH);
    Optional<Rod> rod = thing.ofRod() ? catalogue.rod(thing.rodId()) : Optional.empty();
    Figure width =
        rod.map(it -> outside(it))
            .orElseGet(
                () -> given("part.width", "Greatest width", thing.acrossMm(), Quantity.LENGTH));
    return new Body(
        thing.what(),
        length,
        width,
        given("part.cut", "Nothing to cut", 0, Quantity.LENGTH),
        Figure.computed(
            "part.surface",
            "Surface to finish",
            Quantity.AREA,
            "pi * {part.width} * {part.length}",
            Source.assumption("as of a round bar of its width and length, without its ends"),
            width,
            length),
        given("part.glued", "Nothing to glue in it", 0, Quantity.AREA),
        Figure.computed(
            "part.volume",
            "Room it takes",
            Quantity.VOLUME,
            "pi / 4 * {part.width}^2 * {part.length}",
            Source.assumption("as of a round bar of its width and length"),
            width,
            length),
        mass(rod, width, length),
        List.of(),
        -thing.alongMm() / 2,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        0,
        0,
        List.of(),
        Optional.empty());
  }

  private static Figure outside(Rod rod) {
    return Figure.given(
        "part.width",
        "Outside",
        Math.max(rod.outerMm(), rod.wideMm()),
        Quantity.LENGTH,
        Source.catalogue(rod.name() + ": " + rod.source()));
  }

  private Optional<Figure> mass(Optional<Rod> rod, Figure width, Figure length) {
    if (rod.filter(Rod::square).isPresent()) {
      Rod own = rod.get();
      return Optional.of(
          Figure.computed(
              "part.one",
              "Weight of one",
              Quantity.MASS,
              "{part.section} * {part.length} * {part.density}",
              Source.GEOMETRY,
              Figure.given(
                  "part.section",
                  "Section, area",
                  own.areaMm2(),
                  Quantity.AREA,
                  Source.catalogue(own.name())),
              length,
              own.density("part.density")));
    }
    if (thing.ofRod()) {
      return rod.map(
          it ->
              Figure.computed(
                  "part.one",
                  "Weight of one",
                  Quantity.MASS,
                  "pi / 4 * ({part.width}^2 - {part.bore}^2) * {part.length} * {part.density}",
                  Source.GEOMETRY,
                  width,
                  Figure.given(
                      "part.bore",
                      "Inside",
                      it.innerMm(),
                      Quantity.LENGTH,
                      Source.catalogue(it.name())),
                  length,
                  it.density("part.density")));
    }
    return thing.massG() > 0
        ? Optional.of(given("part.one", "Weight of one", thing.massG(), Quantity.MASS))
        : Optional.empty();
  }

  private static Figure given(String id, String label, double value, Quantity quantity) {
    return Figure.given(id, label, value, quantity, Source.DECIDED);
  }
}

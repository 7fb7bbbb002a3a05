package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.build.WorkChoices;
import stoutblade.catalogue.Glue;
import stoutblade.core.BedGlue;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** What glue and coats add to the weight of a part once they are dry. */
final class Dried {

  /** How unsure that is, as a share: nobody spreads the same twice. */
  private static final double SHARE = 0.3;

  private final int made;
  private final List<Figure> terms = new ArrayList<>();

  private Dried(int made) {
    this.made = made;
  }

  /** All of it on all that are made, in g; empty where there is neither glue nor coat. */
  static Optional<Figure> of(
      Body body,
      Optional<CoreReckoning> core,
      WorkChoices choices,
      List<CoatReckoning> coats,
      int made) {
    Dried dried = new Dried(made);
    dried.glue(body, choices.glue().taken());
    core.filter(it -> it.bed().isPresent())
        .ifPresent(it -> dried.bed(it, choices.coreGlue().taken()));
    coats.forEach(it -> dried.coat(it, body));
    return dried.terms.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Figure.sum(
                "part.dried", "Glue and coats, dried", Quantity.MASS, List.copyOf(dried.terms)));
  }

  private void glue(Body body, Glue glue) {
    if (body.glued().value() > 0 && glue.spread() > 0) {
      Figure spread =
          Figure.given(
              "part.dried.glue.spread",
              glue.name() + " on a face",
              glue.spread(),
              Quantity.SPREAD,
              Source.catalogue(glue.source()));
      Figure density = density("glue", glue.name(), glue.driedGPerMm3(), glue.source());
      terms.add(
          Figure.computed(
              "part.dried.glue",
              "Glue between its pieces, dried",
              Quantity.MASS,
              "%d * {%s} * {%s} * {%s}"
                  .formatted(made, body.glued().id(), spread.id(), density.id()),
              Source.GEOMETRY,
              body.glued(),
              spread,
              density));
    }
  }

  private void bed(CoreReckoning core, Glue glue) {
    Figure volume =
        BedGlue.volume(
            "part.dried.bed.volume", core, core.height(), core.width(), core.inFoam(), glue);
    Figure density = density("bed", glue.name(), glue.driedGPerMm3(), glue.source());
    terms.add(
        Figure.computed(
            "part.dried.bed",
            "Glue round the core, dried",
            Quantity.MASS,
            "%d * {%s} * {%s}".formatted(made, volume.id(), density.id()),
            Source.GEOMETRY,
            volume,
            density));
  }

  private void coat(CoatReckoning coats, Body body) {
    if (coats.coating().spread() > 0) {
      String key = coats.coating().id();
      Figure spread =
          Figure.given(
              "part.dried." + key + ".spread",
              "Left on the piece per coat",
              coats.coating().spread(),
              Quantity.SPREAD,
              Source.catalogue(coats.coating().source()));
      Figure density =
          density(
              key,
              coats.coating().name(),
              coats.coating().driedGPerMm3(),
              coats.coating().source());
      terms.add(
          Figure.computed(
              "part.dried." + key,
              coats.coating().name() + ", dried",
              Quantity.MASS,
              "%d * {%s} * {%s} * {%s} * {%s}"
                  .formatted(
                      made, body.surface().id(), coats.coats().id(), spread.id(), density.id()),
              Source.GEOMETRY,
              body.surface(),
              coats.coats(),
              spread,
              density));
    }
  }

  private static Figure density(String key, String name, double driedGPerMm3, String source) {
    return Figure.given(
        "part.dried." + key + ".density",
        name + ": what stays of it when it is dry",
        driedGPerMm3,
        Quantity.DENSITY,
        Source.catalogue(source),
        SHARE * driedGPerMm3);
  }
}

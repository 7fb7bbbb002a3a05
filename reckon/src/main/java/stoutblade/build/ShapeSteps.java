package stoutblade.build;

import java.util.List;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.feature.Fuller;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.measure.Figure;

/** The steps of shaping what is worked from layers. */
final class ShapeSteps extends StepMaker {

  ShapeSteps(Work work, Catalogue catalogue, List<Step> steps) {
    super(work, catalogue, steps);
  }

  /** Bevels each layer while it lies by itself. */
  void each(Layers layered) {
    bevel(layered, worked(), worked());
  }

  /** Trims, bands, bevels and sands what is worked from layers. */
  void make(Layers layered) {
    if (layers() > 1 && layered.each().stream().anyMatch(it -> it.sheet().oversize())) {
      trim();
    }
    layered.band().ifPresent(this::band);
    String joined = has("band") ? "band" : has("trim") ? "trim" : lastJoint();
    boolean loose = layers() == 1 && !has("band");
    Need rested = loose ? before() : rested(joined);
    boolean bevelled = !layered.layering().flat() && !has("bevel");
    if (bevelled) {
      bevel(layered, loose ? before() : Need.after(joined), rested);
    }
    Need before = bevelled ? Need.after("bevel") : rested;
    raised(before);
    add(
        sand(before)
            .afterIf(has("butt"), "butt")
            .afterIf(has("pockets"), "pockets")
            .afterIf(has("raised"), "raised"));
  }

  private void bevel(Layers layered, Need joined, Need rested) {
    Worked worked = Worked.of(layered, edge(), work.units());
    boolean both = !layered.layering().profile().flatBack();
    Figure edges =
        times(
            (both ? 2 : 1) * work.made(),
            "bevel",
            both ? "Bevels, both faces" : "Bevel, front face",
            worked.along());
    add(
        step(
                "bevel-line",
                "Draw and tape the bevel lines",
                worked.wide()
                    + " in from the edge, "
                    + (both ? "both faces" : "the front face")
                    + worked.from())
            .time("marking", edges)
            .need(joined)
            .afterIf(has("butt"), "butt")
            .tools("template", "masking tape"));
    add(
        step("bevel", "Sand the bevels to the tape", worked.down() + " at the edge" + worked.from())
            .time("bevelling", edges)
            .after("bevel-line")
            .need(rested)
            .tools("wide sanding pad, 80 to 120 grit", "scrap to practise on")
            .cautions(Cautions.DUST, ofSheets())
            .divisible());
  }

  /** Layers that are glued large are cut flush with those that were cut to the line. */
  private void trim() {
    List<Layer> large = layered().each().stream().filter(it -> it.sheet().oversize()).toList();
    Figure edge = times(large.size() * work.made(), "trim", "Edge to trim", edge());
    add(
        step(
                "trim",
                large.size() == 1
                    ? "Trim layer " + large.getFirst().number() + " flush"
                    : "Trim the " + large.size() + " large layers flush",
                "The layer that was cut to the line guides the knife; sand both edges as one")
            .time("cutting", edge)
            .need(
                Need.after(
                    lastJoint(),
                    cement().pressMinutes(),
                    "the layers must not shift under the knife"))
            .tools("fresh long knife", "wide sanding pad")
            .cautions(Cautions.KNIFE));
  }

  /** The strip hides the joints, so it goes on before anything is shaped. */
  private void band(EdgeBand band) {
    add(
        step(
                "band",
                "Glue the band round the edge",
                band.length().show(work.units())
                    + " long, scored inside at each corner; trimmed flush when it holds")
            .time("banding", times(work.made(), "band", "Edge to go round", band.length()))
            .need(layers() == 1 ? before() : Need.after(has("trim") ? "trim" : lastJoint()))
            .afterIf(has("butt"), "butt")
            .tools("roller", "fresh knife")
            .cautions(cement().caution(), Cautions.KNIFE));
  }

  /** What stands out is laid on once the edge is shaped. */
  private void raised(Need before) {
    List<Fuller> raised = fullers(true);
    if (!raised.isEmpty()) {
      add(
          step(
                  "raised",
                  raised.size() == 1 ? "Lay the raised strip on" : "Lay the raised strips on",
                  "After the edge is worked off, so that the pad passes under nothing")
              .time("banding", fullerLength("raised", raised))
              .need(before)
              .tools("contact cement", "roller")
              .cautions(Cautions.SHEETS));
    }
  }
}

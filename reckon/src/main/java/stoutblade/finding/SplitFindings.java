package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.develop.Panel;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PanelEdits;
import stoutblade.finding.Finding.Severity;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Splices;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Region;

/** Looks through where layers are cut apart for what does not fit a sheet, or is not bridged. */
final class SplitFindings {

  /** Pieces fit a sheet to within so much. */
  private final String id;

  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private SplitFindings(String id, Units units) {
    this.id = id;
    this.units = units;
  }

  /** What is wrong with the joints of a part's layers, where they were placed. */
  static List<Finding> of(String id, Layers layers, Units units) {
    SplitFindings findings = new SplitFindings(id, units);
    List<Layer> each = layers.each();
    for (int i = 0; i < each.size(); i++) {
      Layer layer = each.get(i);
      if (layer.sheet().splits().placed()) {
        findings.tooLarge(layer);
        if (i > 0) {
          findings.over(layer, each.get(i - 1));
        }
        if (i + 1 < each.size()) {
          findings.over(layer, each.get(i + 1));
        }
      }
    }
    return findings.found;
  }

  /** What is wrong with the places where flat patterns of a part are cut apart. */
  static List<Finding> patterns(PartReckoning part, Units units) {
    SplitFindings findings = new SplitFindings(part.id(), units);
    part.splices().ifPresent(it -> findings.patterns(part, it));
    return findings.found;
  }

  private void patterns(PartReckoning part, Splices splices) {
    for (Panel panel : part.flat().panels()) {
      if (splices.placed().containsKey(panel.name())) {
        splices
            .tooLarge(panel)
            .ifPresent(
                it ->
                    found.add(
                        new Finding(
                            "cut." + id + ".splice-" + panel.name(),
                            Station.CUT,
                            new Place.OnStation(),
                            Severity.WARNING,
                            "%s: a piece of its %s is larger than its sheet"
                                .formatted(
                                    part.part().name(), panel.name().toLowerCase(Locale.ROOT)),
                            larger(it, part.foam().orElseThrow()),
                            List.of(PanelEdits.splicedAsProposed(id, panel.name())))));
      }
    }
  }

  private void tooLarge(Layer layer) {
    layer.pieces().stream()
        .filter(it -> !layer.foam().largest().holds(it.box().width(), it.box().height()))
        .findFirst()
        .ifPresent(
            it ->
                add(
                    layer,
                    "large",
                    it,
                    "A piece of layer " + layer.number() + " is larger than its sheet",
                    larger(it.box(), layer.foam())));
  }

  private String larger(Box piece, SheetMaterial foam) {
    SheetOffer sheet = foam.largest();
    return "It is %s by %s; a sheet of %s is %s by %s. Move the joints, or let them be proposed."
        .formatted(
            show(piece.width()),
            show(piece.height()),
            foam.shortName(),
            show(sheet.widthMm()),
            show(sheet.lengthMm()));
  }

  /** A joint over another one is where it comes apart. */
  private void over(Layer layer, Layer next) {
    if (layer.joints().over(next.joints(), layer.foam().largest().shortMm())) {
      add(
          layer,
          "over-" + next.number(),
          layer.cut(),
          "Joints of layers %d and %d lie over one another"
              .formatted(layer.number(), next.number()),
          "Nothing bridges them there, and the part bends at the joint. Move one of them on.");
    }
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private void add(Layer layer, String key, Region at, String title, String why) {
    found.add(
        new Finding(
            "layers." + id + ".split-" + layer.number() + "-" + key,
            Station.LAYERS,
            new Place.OnPart(id, at.centre()),
            Severity.WARNING,
            title,
            why,
            List.of(LayerEdits.splitAsProposed(id, layer.number() - 1))));
  }
}

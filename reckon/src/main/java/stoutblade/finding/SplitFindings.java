package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
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
  private static final double FITS_MM = 0.1;

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
    part.splices()
        .filter(it -> !it.placed().isEmpty())
        .ifPresent(
            splices ->
                part.flat().panels().stream()
                    .filter(it -> splices.placed().containsKey(it.name()))
                    .filter(splices::tooLarge)
                    .forEach(it -> findings.tooLarge(splices, it)));
    return findings.found;
  }

  private void tooLarge(Splices splices, Panel panel) {
    found.add(
        new Finding(
            "cut." + id + ".splice-" + panel.name(),
            Station.CUT,
            new Place.OnStation(),
            Severity.WARNING,
            "A piece of '" + panel.name() + "' is larger than its sheet",
            "A sheet is %s by %s. Move the joints, or let them be proposed."
                .formatted(show(splices.sheetWideMm()), show(splices.sheetLongMm())),
            List.of(PanelEdits.splicedAsProposed(id, panel.name()))));
  }

  private void tooLarge(Layer layer) {
    SheetOffer sheet = layer.foam().largest();
    for (Region piece : layer.pieces()) {
      Box box = piece.box();
      double large = Math.max(box.width(), box.height());
      double small = Math.min(box.width(), box.height());
      if (large > sheet.longMm() + FITS_MM || small > sheet.shortMm() + FITS_MM) {
        add(
            layer,
            "large",
            piece,
            "A piece of layer " + layer.number() + " is larger than its sheet",
            "It is %s by %s; a sheet of %s is %s by %s. Move the joints, or let them be proposed."
                .formatted(
                    show(box.width()),
                    show(box.height()),
                    layer.foam().shortName(),
                    show(sheet.widthMm()),
                    show(sheet.lengthMm())));
        return;
      }
    }
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

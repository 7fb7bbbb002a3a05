package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.shape.Box;

/** Looks through what is repeated on a part for repeats that run into each other. */
final class RepeatFindings {

  private static final double TOUCH_MM = 0.05;
  private static final double WAVE = 2;
  private static final double SCALE = 3;
  private static final double LOOKED_AT_MM = 0.1;

  private final Blank blank;
  private final Units units;

  private RepeatFindings(Blank blank, Units units) {
    this.blank = blank;
    this.units = units;
  }

  static List<Finding> of(Blank blank, Units units) {
    List<Finding> found = new ArrayList<>();
    if (blank.outline().drawn()) {
      RepeatFindings own = new RepeatFindings(blank, units);
      blank.features().forEach(it -> own.repeats(it, found));
    }
    return found;
  }

  private void repeats(Feature feature, List<Finding> found) {
    double wide = wide(feature);
    int count = feature.where().count();
    if (count < 2 || wide == 0) {
      return;
    }
    List<Spot> spots = feature.where().spots(blank.outline());
    double pitch = Double.POSITIVE_INFINITY;
    Spot at = spots.getFirst();
    for (int i = 1; i < spots.size(); i++) {
      double apart = spots.get(i).at().distance(spots.get(i - 1).at());
      if (apart < pitch) {
        pitch = apart;
        at = spots.get(i);
      }
    }
    if (pitch >= wide - TOUCH_MM) {
      return;
    }
    String what = feature.kind().title();
    found.add(
        new Finding(
            "draft." + blank.id() + "." + feature.id() + ".overlap",
            Station.DRAFT,
            new Place.OnPart(blank.id(), at.at()),
            Severity.WARNING,
            what + ": the repeats run into each other",
            "One stands every " + show(pitch) + " and each is " + show(wide) + " wide.",
            mends(feature, wide, pitch)));
  }

  private List<Change> mends(Feature feature, double wide, double pitch) {
    List<Change> mends = new ArrayList<>();
    int fit = (int) Math.floor(feature.where().count() * pitch / wide + 1e-9);
    if (fit >= 1 && feature.between().isEmpty()) {
      mends.add(
          PartEdits.feature(
              blank.id(),
              feature.id(),
              fit + (fit == 1 ? " is enough" : " of them"),
              it -> it.at(it.where().withCount(fit))));
    }
    String key = key(feature);
    double narrower = Math.floor(pitch);
    if (!key.isEmpty() && narrower >= 1) {
      mends.add(
          PartEdits.feature(
              blank.id(),
              feature.id(),
              "Each " + show(narrower) + " wide",
              it -> it.with(key, narrower)));
    }
    return mends;
  }

  /** The size that is its width, where it has one; on a row, a ring or an edge that lies along. */
  private static String key(Feature feature) {
    return switch (feature.kind()) {
      case HOLE, RIVET -> "across";
      case SLOT -> "long";
      case TEETH, NOTCH -> "wide";
      // Waves run on into one another, and scales lie over one another.
      case ORNAMENT ->
          WAVE == feature.size("shape") || SCALE == feature.size("shape") ? "" : "wide";
      default -> "";
    };
  }

  private static double wide(Feature feature) {
    if (feature.where() instanceof Where.At) {
      return 0;
    }
    return switch (feature.kind()) {
      case WINDOW -> feature.size("long") + 2 * feature.size("frame");
      case CUTOUT ->
          Box.around(feature.outline().orElseThrow().path().flattened(LOOKED_AT_MM)).width()
              + 2 * feature.size("grow");
      default -> key(feature).isEmpty() ? 0 : feature.size(key(feature));
    };
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}

package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A first answer: the boxes of all pieces, the largest first, each where it reaches least far along
 * x over what lies there already (a skyline).
 */
final class BoxRows {

  private final Layout layout;
  private final List<List<Step>> skylines = new ArrayList<>();
  private final Posed trial = new Posed();

  /** A stretch across the sheet, and how far along it is taken there. */
  private record Step(double from, double to, double reach) {}

  /** Where a box would lie. */
  private record Spot(int bed, double x, double y, double angle) {}

  BoxRows(Layout layout) {
    this.layout = layout;
    for (Bed bed : layout.beds) {
      skylines.add(new ArrayList<>(List.of(new Step(bed.minY, bed.maxY, bed.minX))));
    }
  }

  /**
   * Lays what finds a place.
   *
   * @return the pieces that do not
   */
  List<Integer> lay() {
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < layout.pieces.size(); i++) {
      order.add(i);
    }
    order.sort(
        Comparator.comparing(
            it -> {
              Form form = layout.pieces.get(it).form();
              return -Math.max(form.width, form.height) - form.width * form.height * 1e-6;
            }));
    List<Integer> left = new ArrayList<>();
    for (int piece : order) {
      if (!lay(piece)) {
        left.add(piece);
      }
    }
    return left;
  }

  private boolean lay(int piece) {
    Layout.Piece it = layout.pieces.get(piece);
    for (int bed = 0; bed < layout.beds.size(); bed++) {
      Spot best = null;
      for (double angle : it.shape().turning().angles()) {
        trial.put(it.form(), 0, 0, angle);
        Spot spot = lowest(bed, angle);
        if (spot != null && (best == null || far(piece, spot) < far(piece, best) - 1e-9)) {
          best = spot;
        }
      }
      if (best != null) {
        trial.put(it.form(), best.x, best.y, best.angle);
        if (layout.beds.get(bed).holds(trial)) {
          layout.put(piece, trial, bed, false);
          cover(bed, trial);
          return true;
        }
      }
    }
    return false;
  }

  private double far(int piece, Spot spot) {
    trial.put(layout.pieces.get(piece).form(), spot.x, spot.y, spot.angle);
    return trial.maxX;
  }

  /** Where the box of the trial reaches least far; null where it has no room. */
  private Spot lowest(int bed, double angle) {
    Bed on = layout.beds.get(bed);
    List<Step> steps = skylines.get(bed);
    double wide = trial.maxX - trial.minX;
    double high = trial.maxY - trial.minY;
    double least = Double.POSITIVE_INFINITY;
    double at = 0;
    for (Step step : steps) {
      double from = step.from;
      if (from + high > on.maxY + 1e-9) {
        break;
      }
      double reach = 0;
      boolean first = true;
      for (Step other : steps) {
        if (other.to > from + 1e-9 && other.from < from + high - 1e-9) {
          reach = first ? other.reach : Math.max(reach, other.reach);
          first = false;
        }
      }
      if (reach < least - 1e-9) {
        least = reach;
        at = from;
      }
    }
    if (least + wide > on.maxX + 1e-9) {
      return null;
    }
    return new Spot(bed, least - trial.minX + trial.x, at - trial.minY + trial.y, angle);
  }

  private void cover(int bed, Posed it) {
    List<Step> now = new ArrayList<>();
    for (Step step : skylines.get(bed)) {
      if (step.from < it.minY - 1e-9) {
        now.add(new Step(step.from, Math.min(step.to, it.minY), step.reach));
      }
      if (step.to > it.maxY + 1e-9) {
        now.add(new Step(Math.max(step.from, it.maxY), step.to, step.reach));
      }
    }
    now.add(new Step(it.minY, it.maxY, it.maxX));
    now.removeIf(step -> step.to - step.from < 1e-9);
    now.sort(Comparator.comparing(Step::from));
    skylines.set(bed, now);
  }
}

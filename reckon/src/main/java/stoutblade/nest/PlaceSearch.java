package stoutblade.nest;

import java.util.Random;

/**
 * Looks for the place of one piece where it overlaps least: many at random, the best ones moved.
 */
final class PlaceSearch {

  private static final int ANYWHERE = 50;
  private static final int NEARBY = 25;
  private static final int KEPT = 3;
  private static final double COARSE = 0.01;
  private static final double FINE = 0.0005;

  private final Layout layout;
  private final Random random;
  private final Candidate[] kept = new Candidate[KEPT];
  private final Posed trial = new Posed();

  /** A place with what it costs. */
  private static final class Candidate {
    final Posed at = new Posed();
    int bed;
    boolean over;
    double loss = Double.POSITIVE_INFINITY;

    void take(Posed it, int onBed, boolean isOver, double itsLoss) {
      at.put(it);
      bed = onBed;
      over = isOver;
      loss = itsLoss;
    }
  }

  PlaceSearch(Layout layout, Random random) {
    this.layout = layout;
    this.random = random;
    for (int i = 0; i < KEPT; i++) {
      kept[i] = new Candidate();
    }
  }

  /** Moves a piece to where it overlaps less, if such a place is found. */
  void move(int piece) {
    for (Candidate it : kept) {
      it.loss = Double.POSITIVE_INFINITY;
    }
    Posed now = layout.posed[piece];
    int bed = layout.bedOf[piece];
    boolean over = layout.mirrored[piece];
    double loss = layout.loss(piece, now, bed, Double.POSITIVE_INFINITY);
    keep(now, bed, over, loss);
    for (int i = 0; i < NEARBY; i++) {
      nearby(piece, now, bed, over);
    }
    for (int i = 0; i < ANYWHERE; i++) {
      anywhere(piece);
    }
    Candidate best = kept[0];
    for (Candidate it : kept) {
      if (it.loss < Double.POSITIVE_INFINITY) {
        refine(piece, it, 0.25, COARSE);
        if (it.loss < best.loss) {
          best = it;
        }
      }
    }
    refine(piece, best, COARSE, FINE);
    if (best.loss < loss) {
      layout.put(piece, best.at, best.bed, best.over);
    }
  }

  private double worst() {
    return kept[KEPT - 1].loss;
  }

  private void keep(Posed at, int bed, boolean over, double loss) {
    if (loss >= worst()) {
      return;
    }
    Candidate last = kept[KEPT - 1];
    last.take(at, bed, over, loss);
    for (int i = KEPT - 1; i > 0 && kept[i].loss < kept[i - 1].loss; i--) {
      Candidate it = kept[i];
      kept[i] = kept[i - 1];
      kept[i - 1] = it;
    }
  }

  private void look(int piece, Form form, double x, double y, double angle, int bed, boolean over) {
    trial.put(form, x, y, angle);
    double limit = worst();
    double loss = layout.loss(piece, trial, bed, limit);
    if (loss < limit) {
      keep(trial, bed, over, loss);
    }
  }

  private double angle(Turning turning) {
    if (turning.free() && random.nextBoolean()) {
      return random.nextDouble() * 2 * Math.PI;
    }
    var all = turning.angles();
    return all.get(random.nextInt(all.size()));
  }

  private void anywhere(int piece) {
    Layout.Piece it = layout.pieces.get(piece);
    int bed = layout.beds.size() == 1 ? 0 : random.nextInt(layout.beds.size());
    boolean over = it.shape().mirrors() && random.nextBoolean();
    double angle = angle(it.shape().turning());
    Bed on = layout.beds.get(bed);
    Form form = it.form(over);
    trial.put(form, 0, 0, angle);
    double x = between(on.minX - trial.minX, on.maxX - trial.maxX);
    double y = between(on.minY - trial.minY, on.maxY - trial.maxY);
    look(piece, form, x, y, angle, bed, over);
  }

  private double between(double low, double high) {
    return low + random.nextDouble() * (high - low);
  }

  private void nearby(int piece, Posed now, int bed, boolean over) {
    Layout.Piece it = layout.pieces.get(piece);
    double spread = it.form().reach * 0.5;
    double angle = now.angle;
    if (it.shape().turning().free()) {
      angle += random.nextGaussian() * 0.2;
    }
    look(
        piece,
        now.form,
        now.x + random.nextGaussian() * spread,
        now.y + random.nextGaussian() * spread,
        angle,
        bed,
        over);
  }

  /** Goes along one way after the other for as long as it gets better. */
  private void refine(int piece, Candidate it, double from, double to) {
    if (it.loss == 0) {
      return;
    }
    Form form = it.at.form;
    boolean turns = layout.pieces.get(piece).shape().turning().free();
    double least = Math.min(form.width, form.height);
    double stepX = from * least;
    double stepY = stepX;
    double stepAngle = from;
    int ways = turns ? 5 : 4;
    while (stepX > to * least || stepY > to * least) {
      int way = random.nextInt(ways);
      boolean better;
      if (way == 4) {
        better = tried(piece, it, 0, 0, stepAngle) || tried(piece, it, 0, 0, -stepAngle);
        stepAngle *= better ? 1.1 : 0.5;
        // Turning alone does not end it.
        stepX *= better ? 1 : 0.9;
        stepY *= better ? 1 : 0.9;
        continue;
      }
      double x = way == 1 ? 0 : stepX;
      double y = way == 0 ? 0 : way == 3 ? -stepY : stepY;
      better = tried(piece, it, x, y, 0) || tried(piece, it, -x, -y, 0);
      double factor = better ? 1.1 : 0.5;
      double half = better ? 1.05 : 0.7;
      stepX *= way == 0 ? factor : way == 1 ? 1 : half;
      stepY *= way == 1 ? factor : way == 0 ? 1 : half;
      if (it.loss == 0) {
        return;
      }
    }
  }

  private boolean tried(int piece, Candidate it, double x, double y, double angle) {
    trial.put(it.at.form, it.at.x + x, it.at.y + y, it.at.angle + angle);
    double loss = layout.loss(piece, trial, it.bed, it.loss);
    if (loss < it.loss) {
      it.take(trial, it.bed, it.over, loss);
      return true;
    }
    return false;
  }
}

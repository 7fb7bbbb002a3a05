package stoutblade.nest;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.BooleanSupplier;

/**
 * Moves pieces that overlap, one by one, to where they overlap less, until none does; what stays
 * overlapped counts more and more (guided local search).
 */
final class Separation {

  /** So many rounds without a better layout than before end one run. */
  private static final int PATIENCE = 60;

  private final Layout layout;
  private final Random random;
  private final PlaceSearch search;

  Separation(Layout layout, Random random) {
    this.layout = layout;
    this.random = random;
    this.search = new PlaceSearch(layout, random);
  }

  /**
   * Separates what overlaps.
   *
   * @param looks how many places are looked at, at most
   * @param stop true once it is to end
   * @return true where nothing overlaps any more
   */
  boolean run(long looks, BooleanSupplier stop) {
    long until = layout.looked + looks;
    layout.forget();
    double least = layout.total();
    Layout best = new Layout(layout.pieces, layout.beds);
    best.take(layout);
    int without = 0;
    while (least > 0 && layout.looked < until && !stop.getAsBoolean()) {
      pass(stop);
      double total = layout.total();
      if (total < least * 0.98 || total == 0) {
        without = 0;
      } else {
        without++;
      }
      if (total < least) {
        least = total;
        best.take(layout);
      }
      if (without > PATIENCE) {
        without = 0;
        layout.take(best);
        layout.forget();
        disturb();
      } else {
        layout.weigh();
      }
    }
    if (least > 0) {
      layout.take(best);
    }
    return least == 0;
  }

  private void pass(BooleanSupplier stop) {
    List<Integer> all = new ArrayList<>();
    for (int i = 0; i < layout.posed.length; i++) {
      if (!layout.clear(i)) {
        all.add(i);
      }
    }
    Collections.shuffle(all, random);
    for (int piece : all) {
      if (stop.getAsBoolean()) {
        return;
      }
      if (!layout.clear(piece)) {
        search.move(piece);
      }
    }
  }

  /** Two pieces that are about as large change places. */
  private void disturb() {
    int count = layout.posed.length;
    if (count < 2) {
      return;
    }
    int one = random.nextInt(count);
    double area = layout.pieces.get(one).form().area;
    List<Integer> like = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double other = layout.pieces.get(i).form().area;
      if (i != one && other < 3 * area && area < 3 * other) {
        like.add(i);
      }
    }
    if (like.isEmpty()) {
      return;
    }
    int two = like.get(random.nextInt(like.size()));
    Posed first = layout.posed[one];
    Posed second = layout.posed[two];
    double x = first.x;
    double y = first.y;
    int bed = layout.bedOf[one];
    first.put(first.form, second.x, second.y, first.angle);
    second.put(second.form, x, y, second.angle);
    layout.bedOf[one] = layout.bedOf[two];
    layout.bedOf[two] = bed;
  }
}

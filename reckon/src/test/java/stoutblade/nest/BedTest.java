package stoutblade.nest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Where pieces may lie on a sheet. */
class BedTest {

  private static final int PLACES = 40_000;

  /** Two searches at a time: each answer is what one search alone finds. */
  @Test
  void two_searches_do_not_disturb_one_another() throws Exception {
    Region comb = Region.of(new Box(0, 0, 400, 300));
    for (int i = 0; i < 12; i++) {
      comb = comb.difference(Region.of(new Box(30 + 30 * i, 150, 40 + 30 * i, 300)));
    }
    NestSheet sheet = new NestSheet("comb", comb, 1, 0);
    NestShape piece = NestShape.of("p", Region.of(new Box(0, 0, 12, 60)), 1, Turning.ANY, false);
    NestJob job = new NestJob(List.of(piece), List.of(sheet), 0, 0);
    Bed bed = Prepared.bed(sheet, job).orElseThrow();
    Form form = Form.of(piece.outline(), new Point(6, 30));

    List<Boolean> alone = held(bed, form);
    assertThat(alone).contains(true, false);
    ExecutorService searches = Executors.newFixedThreadPool(2);
    try {
      List<Future<List<Boolean>>> both = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        both.add(searches.submit(() -> held(bed.own(), form)));
      }
      for (Future<List<Boolean>> it : both) {
        assertThat(it.get()).isEqualTo(alone);
      }
    } finally {
      searches.shutdownNow();
    }
  }

  private static List<Boolean> held(Bed bed, Form form) {
    Random random = new Random(4);
    Posed it = new Posed();
    List<Boolean> all = new ArrayList<>();
    for (int i = 0; i < PLACES; i++) {
      it.put(form, 400 * random.nextDouble(), 300 * random.nextDouble(), 6 * random.nextDouble());
      all.add(bed.holds(it));
    }
    return all;
  }
}

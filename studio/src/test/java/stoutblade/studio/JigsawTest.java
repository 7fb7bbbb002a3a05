package stoutblade.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.nest.Turning;
import stoutblade.shape.Box;
import stoutblade.shape.Region;

/** Rectangles cut at random, and laid again. */
class JigsawTest {

  @Test
  void the_pieces_are_all_of_the_rectangle() {
    for (int seed = 0; seed < 20; seed++) {
      List<NestShape> shapes = Jigsaw.of(25, Turning.ANY, new Random(seed));
      assertThat(shapes).hasSizeGreaterThanOrEqualTo(25);
      assertThat(shapes.stream().mapToDouble(it -> it.outline().area()).sum())
          .isCloseTo(Jigsaw.WIDE * Jigsaw.LONG, within(1.0));
    }
  }

  /**
   * What was cut from one another finds together again, at any angle: all of the rectangle is known
   * to do. A budget of looks, whatever the machine; {@code bench nest} lays larger ones.
   */
  @ParameterizedTest
  @EnumSource(Turning.class)
  void a_jigsaw_is_laid_nearly_as_densely_as_it_was_cut(Turning turning) {
    List<Double> shares = new ArrayList<>();
    List<Double> overBoxes = new ArrayList<>();
    for (int seed = 0; seed < 3; seed++) {
      List<NestShape> shapes = Jigsaw.of(10, turning, new Random(100 + seed));
      NestJob job =
          new NestJob(shapes, List.of(NestSheet.roll("roll", Jigsaw.WIDE, 10_000, 1, 1)), 0, 0);
      AtomicInteger asked = new AtomicInteger();
      Nesting nesting = new Nester(job, 1, it -> {}, () -> asked.incrementAndGet() > 4_000).run();
      assertThat(nesting.complete()).isTrue();
      apart(nesting);
      shares.add(Jigsaw.LONG / nesting.lastUsedMm());
      overBoxes.add(boxes(shapes) / nesting.lastUsedMm());
    }
    Collections.sort(shares);
    Collections.sort(overBoxes);
    assertThat(shares.get(1)).as("%s", shares).isGreaterThan(0.95);
    assertThat(overBoxes.get(1)).as("%s", overBoxes).isGreaterThan(1.3);
  }

  /** All together cover as much as each by itself. */
  private static void apart(Nesting nesting) {
    Region all = Region.evenOdd(List.of());
    double sum = 0;
    for (Nesting.Placed it : nesting.sheets().getFirst().pieces()) {
      Region own =
          Region.evenOdd(
              it.shape().outline().rings().stream()
                  .map(ring -> ring.stream().map(at -> it.lay().place(at)).toList())
                  .toList());
      sum += own.area();
      all = all.unionWith(own);
    }
    assertThat(all.area()).isCloseTo(sum, within(sum * 1e-4));
  }

  /** How long the boxes of all pieces take in rows, by another way: the lowest free place. */
  private static double boxes(List<NestShape> shapes) {
    List<Box> all = new ArrayList<>(shapes.stream().map(it -> it.outline().box()).toList());
    all.sort((a, b) -> Double.compare(b.height(), a.height()));
    List<Box> laid = new ArrayList<>();
    double far = 0;
    for (Box it : all) {
      boolean turned = it.height() > Jigsaw.WIDE || it.width() > it.height();
      double wide = turned ? it.height() : it.width();
      double high = Math.min(Jigsaw.WIDE, turned ? it.width() : it.height());
      List<Double> xs = new ArrayList<>(List.of(0.0));
      List<Double> ys = new ArrayList<>(List.of(0.0));
      laid.forEach(own -> xs.add(own.maxX()));
      laid.forEach(own -> ys.add(own.maxY()));
      Collections.sort(xs);
      Collections.sort(ys);
      Box found = null;
      for (double x : xs) {
        for (double y : ys) {
          Box tried = new Box(x, y, x + wide, y + high);
          if (found == null
              && tried.maxY() <= Jigsaw.WIDE + 1e-9
              && laid.stream().noneMatch(own -> over(own, tried))) {
            found = tried;
          }
        }
      }
      laid.add(found);
      far = Math.max(far, found.maxX());
    }
    return far;
  }

  private static boolean over(Box a, Box b) {
    double rim = 1e-9;
    return a.minX() < b.maxX() - rim
        && b.minX() < a.maxX() - rim
        && a.minY() < b.maxY() - rim
        && b.minY() < a.maxY() - rim;
  }
}

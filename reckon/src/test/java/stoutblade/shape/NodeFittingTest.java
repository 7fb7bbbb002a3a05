package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class NodeFittingTest {

  private static List<Point> ellipse(double a, double b, int count) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double t = 2 * Math.PI * i / count;
      ring.add(new Point(a * Math.cos(t), b * Math.sin(t)));
    }
    return ring;
  }

  private static List<Point> square(double side, double step) {
    List<Point> ring = new ArrayList<>();
    Point[] corners = {
      new Point(0, 0), new Point(side, 0), new Point(side, side), new Point(0, side)
    };
    for (int k = 0; k < 4; k++) {
      for (double way = 0; way < side; way += step) {
        ring.add(corners[k].towards(corners[(k + 1) % 4], way / side));
      }
    }
    return ring;
  }

  private static double farthest(List<Point> points, Path path) {
    List<Point> line = path.flattened(0.001);
    return points.stream()
        .mapToDouble(
            p -> {
              double least = Double.POSITIVE_INFINITY;
              for (int i = 1; i < line.size(); i++) {
                least = Math.min(least, p.distanceToSegment(line.get(i - 1), line.get(i)));
              }
              return least;
            })
        .max()
        .orElseThrow();
  }

  @Property(tries = 30)
  void an_ellipse_takes_few_nodes_within_the_tolerance(
      @ForAll @DoubleRange(min = 60, max = 200) double a,
      @ForAll @DoubleRange(min = 30, max = 60) double b) {
    WholeOutline outline = NodeFitting.closed(ellipse(a, b, 900), 0.2);

    assertThat(farthest(ellipse(a, b, 900), outline.path())).isLessThan(0.22);
    assertThat(outline.nodes()).hasSizeLessThan(36);
  }

  @Test
  void a_square_keeps_its_four_corners_and_nothing_else() {
    WholeOutline outline = NodeFitting.closed(square(100, 0.5), 0.2);

    assertThat(outline.nodes()).hasSize(4).allMatch(it -> it.kind() == Node.Kind.CORNER);
    assertThat(farthest(square(100, 0.5), outline.path())).isLessThan(0.05);
  }

  @Test
  void noise_within_the_tolerance_adds_no_nodes() {
    Random random = new Random(3);
    List<Point> noisy =
        square(100, 0.25).stream()
            .map(p -> p.plus(new Point(0.04 * random.nextGaussian(), 0.04 * random.nextGaussian())))
            .toList();

    WholeOutline outline = NodeFitting.closed(noisy, 0.3);

    assertThat(outline.nodes()).hasSizeLessThan(9);
    assertThat(farthest(square(100, 1), outline.path())).isLessThan(0.35);
  }

  @Test
  void a_wider_tolerance_takes_fewer_nodes() {
    List<Point> wave = new ArrayList<>();
    for (int i = 0; i <= 1000; i++) {
      wave.add(new Point(i * 0.5, 30 * Math.sin(i * 0.02)));
    }

    List<Node> fine = NodeFitting.open(wave, 0.05);
    List<Node> coarse = NodeFitting.open(wave, 1);

    assertThat(coarse.size()).isLessThan(fine.size());
    assertThat(fine.getFirst().at()).isEqualTo(wave.getFirst());
    assertThat(fine.getLast().at().distance(wave.getLast())).isCloseTo(0, within(1e-12));
    assertThat(
            farthest(
                wave,
                new Path(Spline.through(fine).stream().flatMap(List::stream).toList(), false)))
        .isLessThan(0.06);
  }

  @Test
  void too_few_places_are_refused() {
    assertThatThrownBy(() -> NodeFitting.closed(List.of(new Point(0, 0), new Point(1, 0)), 0.1))
        .hasMessageContaining("three places");
    assertThatThrownBy(() -> NodeFitting.open(List.of(new Point(0, 0)), 0.1))
        .hasMessageContaining("two places");
  }
}

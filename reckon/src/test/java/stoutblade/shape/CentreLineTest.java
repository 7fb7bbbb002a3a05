package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** The line midway along bent strips whose centre line is known. */
class CentreLineTest {

  /** A strip of some width about a line, narrowing evenly to a share of it at its end. */
  private static Region strip(List<Point> line, double wide, double tip) {
    List<Point> left = new ArrayList<>();
    List<Point> right = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      Point along = line.get(Math.min(i + 1, line.size() - 1)).minus(line.get(Math.max(i - 1, 0)));
      double half = wide / 2 * (1 + (tip - 1) * i / (line.size() - 1));
      Point out = new Point(-along.y(), along.x()).times(half / along.length());
      left.add(line.get(i).plus(out));
      right.add(line.get(i).minus(out));
    }
    left.addAll(right.reversed());
    return Region.evenOdd(List.of(left));
  }

  private static List<Point> arc(double radius, double from, double turn) {
    List<Point> line = new ArrayList<>();
    for (int i = 0; i <= 300; i++) {
      double at = from + turn * i / 300;
      line.add(new Point(radius * Math.cos(at), radius * Math.sin(at)));
    }
    return line;
  }

  /** Along a ring's sector the share is that of the angle, right across, whatever its width. */
  @Property(tries = 60)
  void the_share_along_a_sector_is_that_of_its_angle(
      @ForAll @DoubleRange(min = 40, max = 200) double radius,
      @ForAll @DoubleRange(min = 0.1, max = 0.8) double wide,
      @ForAll @DoubleRange(min = 2, max = 4.5) double turn) {
    double width = Math.min(wide * radius, radius * turn / 5);
    double from = -Math.PI / 2;
    CentreLine line = CentreLine.of(strip(arc(radius, from, turn), width, 1)).orElseThrow();

    assertThat(line.length()).isCloseTo(radius * turn, within(0.005 * radius * turn));
    for (double share = 0.05; share < 1; share += 0.1) {
      for (double beside = -0.45; beside < 0.5; beside += 0.3) {
        double at = radius + beside * width;
        double angle = from + share * turn;
        Point place = new Point(at * Math.cos(angle), at * Math.sin(angle));
        assertThat(line.share(place)).isCloseTo(share, within(0.012));
      }
    }
  }

  @Property(tries = 40)
  void what_lies_along_up_to_a_place_is_so_much_of_a_sector(
      @ForAll @DoubleRange(min = 0.02, max = 0.98) double share) {
    Region sector = strip(arc(90, -1.2, 3.6), 36, 1);
    CentreLine line = CentreLine.of(sector).orElseThrow();

    assertThat(line.upTo(sector, share).area())
        .isCloseTo(share * sector.area(), within(0.002 * sector.area()));
  }

  /** A spiral that winds twice: r = a + bθ, its length ½∫√(r² + b²) by the closed form. */
  @Test
  void a_curl_is_followed_past_its_own_turns() {
    double a = 25;
    double b = 9;
    List<Point> spiral = new ArrayList<>();
    for (int i = 600; i >= 0; i--) {
      double at = 4 * Math.PI * i / 600;
      spiral.add(new Point((a + b * at) * Math.cos(at), (a + b * at) * Math.sin(at)));
    }
    CentreLine line = CentreLine.of(strip(spiral, 24, 0.4)).orElseThrow();

    double length = arcLength(a + 4 * Math.PI * b, b) - arcLength(a, b);
    assertThat(line.length()).isCloseTo(length, within(0.01 * length));
    for (double at = 0.5; at < 12; at += 0.5) {
      Point place = new Point((a + b * at) * Math.cos(at), (a + b * at) * Math.sin(at));
      double there = (arcLength(a + b * at, b) - arcLength(a, b)) / length;
      double share = line.share(place);
      // The curl lies with either end down: from whichever end it is told, it is told evenly.
      assertThat(Math.min(Math.abs(share - there), Math.abs(1 - share - there))).isLessThan(0.01);
    }
  }

  /** ∫√(r² + b²) dr / b, from tables of integrals. */
  private static double arcLength(double r, double b) {
    double root = Math.hypot(r, b);
    return (r * root / 2 + b * b / 2 * Math.log(r + root)) / b;
  }

  @Test
  void from_the_lower_end_and_past_a_sharp_corner() {
    Region ell =
        Region.evenOdd(
            List.of(
                List.of(
                    new Point(0, 0),
                    new Point(40, 0),
                    new Point(40, 160),
                    new Point(200, 160),
                    new Point(200, 200),
                    new Point(0, 200))));
    CentreLine line = CentreLine.of(ell).orElseThrow();

    assertThat(line.share(new Point(20, 1))).isLessThan(0.01);
    assertThat(line.share(new Point(199, 180))).isGreaterThan(0.99);
    assertThat(line.upTo(ell, 0.5).area()).isCloseTo(ell.area() / 2, within(30.0));
    assertThat(line.upTo(ell, 0).isEmpty()).isTrue();
    assertThat(line.upTo(ell, 1)).isSameAs(ell);
  }

  @Test
  void what_is_straight_broad_or_alike_on_both_sides_has_none() {
    assertThat(CentreLine.of(Region.of(new Box(0, 0, 40, 300)))).isEmpty();
    assertThat(
            CentreLine.of(
                strip(List.of(new Point(0, 0), new Point(50, 150), new Point(100, 300)), 40, 0.5)))
        .isEmpty();
    assertThat(CentreLine.of(Region.of(new Box(0, 0, 200, 120)))).isEmpty();
    assertThat(CentreLine.of(strip(arc(60, 0, Math.PI), 20, 1)))
        .as("an arch thins with its height")
        .isEmpty();
    assertThat(CentreLine.of(Region.evenOdd(List.of()))).isEmpty();
  }

  @Property(tries = 60)
  void any_outline_has_none_or_one_from_end_to_end(
      @ForAll @Size(min = 3, max = 14) List<@DoubleRange(min = 0.05, max = 100) Double> radii) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < radii.size(); i++) {
      double at = 2 * Math.PI * i / radii.size();
      ring.add(new Point(radii.get(i) * Math.cos(at), radii.get(i) * Math.sin(at)));
    }
    Region any = Region.evenOdd(List.of(ring));
    CentreLine.of(any)
        .ifPresent(
            line -> {
              for (Point place : ring) {
                assertThat(line.share(place)).isBetween(0.0, 1.0);
              }
              assertThat(line.upTo(any, 0.5).area()).isBetween(0.0, any.area());
            });
  }
}

package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class PathTest {

  private static final Point CENTRE = new Point(30, -20);

  /** Every place of the curves themselves, not only their ends. */
  @Property(tries = 200)
  void an_arc_keeps_within_a_ten_millionth_of_its_radius(
      @ForAll @DoubleRange(min = 0.1, max = 5000) double radius,
      @ForAll @DoubleRange(min = -7, max = 7) double from,
      @ForAll @DoubleRange(min = -6.28, max = 6.28) double sweep) {
    Path arc = Path.arc(CENTRE, radius, from, from + sweep);
    for (Cubic curve : arc.cubics()) {
      for (double t = 0; t <= 1; t += 0.125) {
        assertThat(curve.at(t).distance(CENTRE)).isCloseTo(radius, within(1.5e-7 * radius));
      }
    }
    Point end =
        CENTRE.plus(new Point(radius * Math.cos(from + sweep), radius * Math.sin(from + sweep)));
    assertThat(arc.end().distance(end)).isLessThan(1e-9 * radius + 1e-9);
  }

  @Test
  void an_arc_is_as_long_as_its_angle_says_and_runs_both_ways() {
    Path there = Path.arc(CENTRE, 50, 0.3, 2.3);
    Path back = Path.arc(CENTRE, 50, 2.3, 0.3);
    assertThat(there.length(1e-5)).isCloseTo(100, within(1e-3));
    assertThat(there.start().distance(back.end())).isLessThan(1e-9);
    assertThat(there.end().distance(back.start())).isLessThan(1e-9);
  }

  /** A cubic is followed exactly by one piece, whatever it is. */
  @Test
  void a_cubic_parameter_curve_is_followed_exactly() {
    Path followed =
        Path.following(
            t -> new Point(t, t * t * t - t), t -> new Point(1, 3 * t * t - 1), -2, 3, 1);
    Cubic curve = followed.cubics().getFirst();
    for (double share = 0; share <= 1; share += 0.1) {
      double t = -2 + 5 * share;
      assertThat(curve.at(share).distance(new Point(t, t * t * t - t))).isLessThan(1e-9);
    }
  }

  /** Halving the pieces' length makes the error sixteen times smaller. */
  @Test
  void more_pieces_follow_a_sine_closer_by_the_fourth_power() {
    double coarse = furthestFromSine(4);
    double fine = furthestFromSine(8);
    assertThat(coarse / fine).isBetween(11.0, 21.0);
  }

  private static double furthestFromSine(int pieces) {
    Path path =
        Path.following(
            x -> new Point(x, Math.sin(x)), x -> new Point(1, Math.cos(x)), 0, Math.PI, pieces);
    double worst = 0;
    for (Cubic curve : path.cubics()) {
      for (double t = 0; t <= 1; t += 0.05) {
        Point at = curve.at(t);
        worst = Math.max(worst, Math.abs(at.y() - Math.sin(at.x())));
      }
    }
    return worst;
  }

  @Test
  void a_path_turned_round_twice_is_itself_and_moves_as_a_whole() {
    Path path = Path.arc(CENTRE, 10, 0, 4);
    assertThat(path.reversed().reversed()).isEqualTo(path);
    assertThat(path.reversed().start()).isEqualTo(path.end());

    Path moved = path.moved(it -> it.plus(new Point(5, 0)));
    assertThat(moved.length(1e-4)).isCloseTo(path.length(1e-4), within(1e-9));
    assertThat(moved.start()).isEqualTo(path.start().plus(new Point(5, 0)));
  }

  @Test
  void a_path_lies_beyond_a_distance_when_any_of_its_ends_does() {
    Path path = Path.through(List.of(new Point(0, 0), new Point(3, -9), new Point(1, 1)), false);
    assertThat(path.beyond(8.9)).isTrue();
    assertThat(path.beyond(9)).isFalse();
  }

  @Test
  void a_line_without_end_is_refused_before_it_fills_the_memory() {
    assertThatThrownBy(() -> Path.arc(new Point(0, 0), 1, -1e300, 1e300))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("at most 64 times");
    assertThatThrownBy(() -> Path.arc(new Point(0, 0), 1, 0, Double.NaN))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(Path.arc(new Point(0, 0), 1, 0, 2 * Math.PI * 60).length(1e-4))
        .isCloseTo(2 * Math.PI * 60, within(0.1));

    Path bent = Path.arc(new Point(0, 0), 1e5, 0, Math.PI);
    int needed = bent.flattened(1e-3).size();
    assertThat(bent.flattened(1e-3, needed)).hasSize(needed);
    assertThatThrownBy(() -> bent.flattened(1e-3, needed / 2))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("more than " + needed / 2 + " points");
  }

  @Test
  void what_lies_nowhere_lies_beyond_every_distance() {
    Path far =
        new Path(
            List.of(
                new Cubic(new Point(0, 0), new Point(1e7, 0), new Point(1, 1), new Point(2, 2))),
            false);
    assertThat(far.beyond(1e5)).as("a control pulls the curve out").isTrue();
    assertThat(far.beyond(1e8)).isFalse();
  }
}

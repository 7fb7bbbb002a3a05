package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;

class WeighedTest {

  private static Figure value(String id, double value, double std) {
    return Figure.given(id, id, value, Quantity.LENGTH, Source.GEOMETRY, std);
  }

  private static Weighed weighed(Figure... figures) {
    return Weighed.of("mean", "Mean", Quantity.LENGTH, List.of(figures), List.of());
  }

  /** Inverse variances: 100 ± 1 and 103 ± 2 give (100·1 + 103·¼) ÷ 1.25 = 100.6 ± √0.8. */
  @Test
  void values_weigh_by_inverse_variance() {
    Weighed mean = weighed(value("a", 100, 1), value("b", 103, 2));

    assertThat(mean.combined().value()).isCloseTo(100.6, within(1e-9));
    assertThat(mean.combined().uncertainty().std()).isCloseTo(Math.sqrt(0.8), within(1e-6));
    assertThat(mean.agree()).isTrue();
    assertThat(mean.parts()).extracting(Weighed.Part::weight).containsExactly(0.8, 0.2);
    assertThat(mean.combined().inNumbers(Units.METRIC))
        .isEqualTo("0.8000 × 10 cm + 0.2000 × 10.3 cm");
  }

  /** By hand: χ² = 2·5² = 50; the plain uncertainty √½ is widened by √(50 ÷ 1) (Birge). */
  @Test
  void values_that_scatter_too_much_widen_the_doubt_by_the_birge_ratio() {
    Weighed mean = weighed(value("a", 100, 1), value("b", 110, 1));

    assertThat(mean.agree()).isFalse();
    assertThat(mean.combined().uncertainty().std())
        .isCloseTo(Math.sqrt(0.5) * Math.sqrt(50), within(1e-6));
    assertThat(mean.parts()).allMatch(Weighed.Part::disagrees).noneMatch(Weighed.Part::outlier);
    assertThat(mean.parts().getFirst().gap().orElseThrow().value()).isCloseTo(-10, within(1e-9));
  }

  @Property(tries = 100)
  void among_several_the_one_moved_away_is_the_odd_one_out(
      @ForAll @DoubleRange(min = 12, max = 80) double away) {
    Weighed mean =
        weighed(
            value("a", 100, 1),
            value("b", 100.5, 1),
            value("c", 99.5, 1.5),
            value("d", 100 + away, 1));

    assertThat(mean.parts().stream().filter(Weighed.Part::outlier).map(it -> it.figure().id()))
        .containsExactly("d");
  }

  @Test
  void what_is_set_aside_weighs_nothing_and_is_compared() {
    Weighed mean =
        Weighed.of(
            "mean",
            "Mean",
            Quantity.LENGTH,
            List.of(value("a", 100, 1)),
            List.of(value("b", 140, 1)));

    assertThat(mean.combined().value()).isEqualTo(100);
    assertThat(mean.parts().get(1).weight()).isZero();
    assertThat(mean.parts().get(1).disagrees()).isTrue();
  }

  @Test
  void a_value_without_a_doubt_takes_nearly_all_the_weight() {
    Weighed mean = weighed(value("a", 100, 0), value("b", 103, 2));

    assertThat(mean.combined().value()).isCloseTo(100, within(0.01));
  }

  /** A cause that two values share does not become smaller by taking their mean. */
  @Test
  void shared_causes_stay() {
    Figure shared = value("s", 1, 0.01);
    Figure a = times("a", shared, value("x", 100, 0));
    Figure b = times("b", shared, value("y", 100, 0));

    assertThat(weighed(a, b).combined().uncertainty().std()).isCloseTo(1, within(1e-3));
  }

  private static Figure times(String id, Figure one, Figure two) {
    return Figure.computed(
        id,
        id,
        Quantity.LENGTH,
        "{" + one.id() + "} * {" + two.id() + "}",
        Source.GEOMETRY,
        one,
        two);
  }

  /** The test of agreement is wrong about 1 time in 20 when all is well, as chi squared says. */
  @Test
  void agreement_is_doubted_about_one_time_in_twenty() {
    Random random = new Random(3);
    int doubted = 0;
    for (int i = 0; i < 4000; i++) {
      Weighed mean =
          weighed(
              value("a", 100 + random.nextGaussian(), 1),
              value("b", 100 + 2 * random.nextGaussian(), 2),
              value("c", 100 + 3 * random.nextGaussian(), 3));
      doubted += mean.agree() ? 0 : 1;
    }
    assertThat(doubted / 4000.0).isBetween(0.04, 0.06);
  }
}

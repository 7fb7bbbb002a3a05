package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static stoutblade.sum.Answers.answer;
import static stoutblade.sum.Answers.figure;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Samples;

/** Where a prop balances, and how it hangs. */
class PoiseSumsTest {

  // == CARRYING

  /** Both hooks together carry it, and about any place the moments are nothing. */
  @Property(tries = 200)
  void two_hooks_hold_a_prop_still(
      @ForAll @DoubleRange(min = 50, max = 3000) double weight,
      @ForAll @DoubleRange(min = 10, max = 390) double upper,
      @ForAll @DoubleRange(min = 10, max = 390) double lower,
      @ForAll @DoubleRange(min = -500, max = 500) double about) {
    Answer answer =
        answer(
            "carry", "weight", weight, "length", 900, "balance", 400, "upper", upper, "lower",
            lower);
    double high = figure(answer, "carry.on-upper");
    double low = figure(answer, "carry.on-lower");

    assertThat(high + low).isCloseTo(weight, within(1e-9));
    double moments =
        high * (400 + upper - about) + low * (400 - lower - about) - weight * (400 - about);
    assertThat(moments).isCloseTo(0, within(1e-6 * weight));
  }

  /** From one hook the balance hangs straight below it: 40 beside, 300 below. */
  @Test
  void from_one_hook_the_balance_hangs_below_it() {
    Answer answer =
        answer("carry", "lower", 0, "upper", 300, "balance", 400, "aside", 40, "high", 800);

    double lean = figure(answer, "carry.hung");
    assertThat(Math.tan(lean)).isCloseTo(40.0 / 300, within(1e-12));
    assertThat(figure(answer, "carry.ground")).isCloseTo(800 - 700 * Math.cos(lean), within(1e-9));
    assertThat(figure(answer, "carry.behind")).isCloseTo(700 * Math.sin(lean), within(1e-9));
    assertThat(answer("carry", "lower", 0, "upper", 20).words().getFirst()).contains("tips");
    assertThat(answer("carry", "lower", 0, "high", 300).words().getLast()).contains("drags");
    assertThatThrownBy(() -> answer("carry", "balance", 900)).hasMessageContaining("its end");
    assertThatThrownBy(() -> answer("carry", "lower", 700)).hasMessageContaining("its end");
  }

  @Test
  void what_is_known_of_the_prop_is_taken_until_something_is_typed() {
    Figure mass = Figure.given("prop.mass", "Whole prop", 640, Quantity.MASS, Source.DECIDED);
    Sum carry = Sum.named("carry").orElseThrow();
    assertThat(carry.ofProp()).containsEntry("weight", "prop.mass");

    Answer known = carry.answer(Map.of(), Samples.CATALOGUE, Map.of("weight", mass));
    assertThat(figure(known, "carry.on-upper") + figure(known, "carry.on-lower"))
        .isCloseTo(640, within(1e-9));
    Answer typed = carry.answer(Map.of("weight", 100.0), Samples.CATALOGUE, Map.of("weight", mass));
    assertThat(figure(typed, "carry.on-upper") + figure(typed, "carry.on-lower"))
        .isCloseTo(100, within(1e-9));
  }

  // == BALANCE

  /** With what is needed put in, moments about where it is to balance are nothing. */
  @Property(tries = 200)
  void a_prop_with_the_weight_put_in_balances_where_it_is_to(
      @ForAll @DoubleRange(min = 100, max = 3000) double weight,
      @ForAll @DoubleRange(min = 500, max = 1500) double balance,
      @ForAll @DoubleRange(min = 0.05, max = 0.95) double share,
      @ForAll @DoubleRange(min = 0, max = 400) double place) {
    double wanted = place + share * (balance - place);
    Answer answer =
        answer("poise", "weight", weight, "balance", balance, "wanted", wanted, "place", place);

    double needed = figure(answer, "poise.needed");
    assertThat(needed * (place - wanted) + weight * (balance - wanted))
        .isCloseTo(0, within(1e-6 * weight));
    assertThat(figure(answer, "poise.all")).isCloseTo(weight + needed, within(1e-9));
    Answer tried =
        answer(
            "poise",
            "weight",
            weight,
            "balance",
            balance,
            "wanted",
            wanted,
            "place",
            place,
            "try",
            Math.max(needed, 0.1));
    if (needed >= 0.1) {
      assertThat(figure(tried, "poise.tried")).isCloseTo(wanted, within(1e-6));
    }
  }

  @Test
  void a_weight_never_pulls_the_balance_away_or_past_itself() {
    assertThatThrownBy(() -> answer("poise", "wanted", 700)).hasMessageContaining("far side");
    assertThatThrownBy(() -> answer("poise", "wanted", 30)).hasMessageContaining("far side");
    assertThat(answer("poise", "wanted", 300).words().getFirst()).contains("more than a quarter");
  }

  @Test
  void each_of_them_has_a_drawing_and_words() {
    for (String sum : List.of("carry", "poise")) {
      assertThat(answer(sum).words()).as(sum).isNotEmpty();
      assertThat(answer(sum).drawing().box().width()).as(sum).isPositive();
    }
  }
}

package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.measure.Figure;

/** Bench sums, against facts of the trade and sums done by hand. */
class SumTest {

  private static final double INCH = 25.4;

  private static final Catalogue CATALOGUE =
      new Catalogue(
          List.of(
              new Foam("a", "A", List.of(2.0, 5.0, 10.0), 1e-4, 600, 600, false, 3, 2, "-"),
              new Foam("b", "B", List.of(3.0, 6.0, 12.7), 1e-4, 600, 600, true, 3, 2, "-")),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of());

  private static Answer answer(String sum, Object... pairs) {
    Map<String, Double> typed = new HashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      typed.put((String) pairs[i], ((Number) pairs[i + 1]).doubleValue());
    }
    return Sum.named(sum).orElseThrow().answer(typed, CATALOGUE);
  }

  private static double value(Answer answer, String id) {
    return answer.figures().stream()
        .filter(it -> it.id().equals(id))
        .mapToDouble(Figure::value)
        .findFirst()
        .orElseThrow();
  }

  static List<Sum> all() {
    return Sum.ALL;
  }

  @ParameterizedTest
  @MethodSource("all")
  void every_sum_answers_its_usual_values_with_a_drawing_and_its_working(Sum sum) {
    Answer answer = sum.answer(Map.of(), CATALOGUE);

    assertThat(answer.figures())
        .isNotEmpty()
        .allSatisfy(
            it -> {
              assertThat(it.value()).isFinite();
              assertThat(it.formula()).isNotBlank();
            });
    assertThat(answer.figures().stream().map(Figure::id)).doesNotHaveDuplicates();
    assertThat(answer.drawing().box().width()).isPositive();
    assertThat(answer.drawing().box().height()).isPositive();
  }

  /** Whatever is typed within what is asked for, it is answered or refused in words. */
  @ParameterizedTest
  @MethodSource("all")
  void every_sum_answers_or_refuses_in_words_whatever_is_typed(Sum sum) {
    Random random = new Random(7);
    int answered = 0;
    for (int i = 0; i < 300; i++) {
      Map<String, Double> typed = new HashMap<>();
      for (Entry entry : sum.entries()) {
        double share = random.nextDouble();
        double spread = entry.least() + (entry.most() - entry.least()) * share * share * share;
        double near = Math.clamp(entry.usual() * (0.5 + share), entry.least(), entry.most());
        double value = random.nextBoolean() ? spread : near;
        boolean whole = entry.quantity() == stoutblade.measure.Quantity.COUNT;
        typed.put(entry.key(), whole ? Math.rint(value) : value);
      }
      try {
        assertThat(sum.answer(typed, CATALOGUE).figures())
            .as("%s of %s", sum.key(), typed)
            .allSatisfy(it -> assertThat(it.value()).isFinite());
        answered++;
      } catch (IllegalArgumentException e) {
        assertThat(e.getMessage()).as("%s of %s", sum.key(), typed).hasSizeGreaterThan(20);
      }
    }
    assertThat(answered).isGreaterThan(20);
  }

  /** Common practice: an inch on the print stands for 4.5 in on a two-handed hammer. */
  @Test
  void a_print_gives_the_real_length() {
    assertThat(value(answer("print", "measured", 8 * INCH), "print.length"))
        .isCloseTo(36 * INCH, within(1e-9));
  }

  /** Common practice: W = H + π(D − H)/2; the wall keeps its length. */
  @Test
  void a_squeezed_pipe_keeps_its_wall() {
    Answer answer = answer("pipe", "across", 26.7, "height", 14);
    double width = value(answer, "pipe.width");
    assertThat(2 * (width - 14) + Math.PI * 14).isCloseTo(Math.PI * 26.7, within(1e-9));
    assertThat(answer.words().getFirst()).contains("boards");
    assertThat(answer("pipe", "across", 26.7, "height", 12).words().getFirst())
        .contains("beyond it");
  }

  /** Worked by hand: (20 − 4) / (2 · 22) is the tangent of 19.983°. */
  @Test
  void a_bevel_is_sanded_at_the_angle_of_the_blade() {
    assertThat(Math.toDegrees(value(answer("bevel"), "bevel.angle")))
        .isCloseTo(19.983, within(0.001));
  }

  /** Common practice: 180° over n; a box 45°, a hexagon 30°. */
  @Test
  void a_mitre_is_180_degrees_over_the_sides() {
    assertThat(Math.toDegrees(value(answer("mitre"), "mitre.lean"))).isCloseTo(45, within(1e-9));
    Answer six = answer("mitre", "sides", 6);
    assertThat(Math.toDegrees(value(six, "mitre.lean"))).isCloseTo(30, within(1e-9));
    assertThat(Math.toDegrees(value(six, "mitre.corner"))).isCloseTo(120, within(1e-9));
  }

  @Test
  void spaces_along_an_edge_and_round_a_ring_close_exactly() {
    Answer edge = answer("spacing", "length", 610, "pitch", 25);
    assertThat(value(edge, "spacing.spaces")).isEqualTo(24);
    assertThat(value(edge, "spacing.every") * 24).isCloseTo(610, within(1e-9));
    assertThat(value(edge, "spacing.marks")).isEqualTo(25);
    assertThat(value(answer("spacing", "length", 610, "pitch", 25, "ends", 1), "spacing.marks"))
        .isEqualTo(24);
    // A hexagon's side is the radius.
    assertThat(value(answer("round", "across", 500, "count", 6), "round.dividers"))
        .isCloseTo(250, within(1e-9));
  }

  /** Against every set of up to three sheets, tried one by one. */
  @Test
  void no_stack_comes_nearer_than_the_first() {
    double[] sheets = {0, 2, 3, 5, 6, 10, 12.7};
    for (double wanted : new double[] {7, 11.5, 17.9, 25.4, 31}) {
      double best = Double.POSITIVE_INFINITY;
      for (double a : sheets) {
        for (double b : sheets) {
          for (double c : sheets) {
            if (a + b + c > 0) {
              best = Math.min(best, Math.abs(a + b + c - wanted));
            }
          }
        }
      }
      double found = value(answer("stack", "wanted", wanted), "stack.choice1");
      assertThat(Math.abs(found - wanted)).isCloseTo(best, within(1e-9));
    }
  }

  /** Common practice: glue that foams to three times its volume fills a third of the gap. */
  @Test
  void glue_fills_a_third_of_the_room_round_the_rod() {
    Answer answer = answer("glue", "wide", 12, "deep", 6, "rod", 8, "length", 1000);
    double room = (12 * 6 - Math.PI * 16) * 1000;
    assertThat(value(answer, "glue.gap")).isCloseTo(room, within(1e-6));
    assertThat(value(answer, "glue.needed")).isCloseTo(room / 3, within(1e-6));
  }

  @Test
  void a_mixture_adds_up() {
    Answer answer = answer("mix", "whole", 145, "first", 100, "second", 45);
    assertThat(value(answer, "mix.one")).isCloseTo(100, within(1e-9));
    assertThat(value(answer, "mix.two")).isCloseTo(45, within(1e-9));
  }

  @Test
  void darts_of_a_shield_give_its_depth() {
    assertThat(value(answer("darts"), "darts.found") / INCH).isCloseTo(3, within(0.15));
  }

  @Test
  void what_makes_no_sense_is_refused_with_what_was_expected() {
    assertThatThrownBy(() -> answer("ring", "foam", -3))
        .hasMessageContaining("Foam: from 0.1 mm")
        .hasMessageContaining("found -3 mm");
    assertThatThrownBy(() -> answer("ring", "colour", 3))
        .hasMessageContaining("asks for across, foam, known, width");
    assertThatThrownBy(() -> answer("mitre", "sides", 4.5)).hasMessageContaining("whole");
    assertThatThrownBy(() -> answer("bevel", "edge", 40)).hasMessageContaining("thinner");
    assertThatThrownBy(() -> answer("pipe", "height", 40)).hasMessageContaining("less than");
    assertThat(Sum.named("soup")).isEmpty();
  }
}

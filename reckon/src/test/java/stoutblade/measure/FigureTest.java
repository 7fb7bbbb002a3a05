package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class FigureTest {

  private static final Source MARKED = Source.measured("in a test");

  private static Figure length(String id, double mm, double std) {
    return Figure.given(id, "Length " + id, mm, Quantity.LENGTH, MARKED, std);
  }

  private static Figure computed(String formula, Figure... inputs) {
    return Figure.computed("x", "Result", Quantity.LENGTH, formula, Source.GEOMETRY, inputs);
  }

  @Test
  void the_value_is_what_the_formula_shown_comes_to() {
    Figure a = length("a", 120, 0);
    Figure b = length("b", 30, 0);

    assertThat(computed("({a} - {b}) / 2", a, b).value()).isEqualTo(45);
    assertThat(computed("2 * {a} + {b}^2 / {a}", a, b).value()).isEqualTo(247.5);
    assertThat(computed("max({a}, {b}) - min({a}, {b})", a, b).value()).isEqualTo(90);
    assertThat(computed("ceil({a} / 50)", a).value()).isEqualTo(3);
    assertThat(computed("sqrt({a} * {a})", a).value()).isEqualTo(120);
    assertThat(computed("-{b} + {a}", a, b).value()).isEqualTo(90);
    assertThat(computed("{a} / [1 m]", a).value()).isEqualTo(0.12);
    assertThat(computed("tan(pi / 4) * cos(0) + sin(0) + abs(-1) + atan(0)", a).value())
        .isCloseTo(2, within(1e-12));
    assertThat(computed("2^3^0", a).value()).isEqualTo(2);
  }

  @Test
  void the_working_reads_as_on_paper() {
    Figure d = Figure.given("d", "Diameter", 10, Quantity.LENGTH, MARKED);
    Figure section =
        Figure.computed("s", "Section", Quantity.AREA, "pi / 4 * {d}^2", Source.GEOMETRY, d);

    assertThat(section.inWords()).isEqualTo("π ÷ 4 × (Diameter)²");
    assertThat(section.inNumbers(Units.METRIC)).isEqualTo("π ÷ 4 × (10 mm)²");
    assertThat(d.inWords()).isEmpty();
  }

  @Test
  void a_formula_says_where_it_is_malformed() {
    Figure a = length("a", 1, 0);

    assertThatThrownBy(() -> computed("{a} +", a))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("expected a number at character 6");
    assertThatThrownBy(() -> computed("({a}", a)).hasMessageContaining("expected ')'");
    assertThatThrownBy(() -> computed("{a} {a}", a)).hasMessageContaining("nothing more");
    assertThatThrownBy(() -> computed("cube({a})", a)).hasMessageContaining("cube");
    assertThatThrownBy(() -> computed("{b}", a)).hasMessageContaining("no input b");
  }

  /** Products and quotients of independent values: relative deviations add in squares (GUM). */
  @Property
  void relative_doubts_of_a_quotient_add_in_squares(
      @ForAll @DoubleRange(min = 100, max = 3000) double a,
      @ForAll @DoubleRange(min = 100, max = 3000) double b) {
    Figure quotient = computed("{a} / {b}", length("a", a, a * 0.01), length("b", b, b * 0.02));

    double relative = quotient.uncertainty().std() / quotient.value();

    assertThat(relative).isCloseTo(Math.hypot(0.01, 0.02), within(1e-5));
  }

  @Test
  void a_shared_cause_cancels_in_a_ratio_and_adds_in_a_sum() {
    Figure scale = length("scale", 2, 0.1);
    Figure one = Figure.computed("one", "One", Quantity.LENGTH, "{scale} * 100", MARKED, scale);
    Figure two = Figure.computed("two", "Two", Quantity.LENGTH, "{scale} * 50", MARKED, scale);

    assertThat(computed("{one} / {two}", one, two).uncertainty().std()).isCloseTo(0, within(1e-6));
    assertThat(computed("{one} + {two}", one, two).uncertainty().std()).isCloseTo(15, within(1e-5));
  }

  /** An independent second opinion: what random inputs scatter to. */
  @Test
  void doubt_agrees_with_a_simulation() {
    Random random = new Random(11);
    String formula = "{a} * {b} / ({a} + {b})";
    Figure figure = computed(formula, length("a", 500, 6), length("b", 300, 4));
    int runs = 40_000;
    double sum = 0;
    double squares = 0;
    for (int i = 0; i < runs; i++) {
      double a = 500 + 6 * random.nextGaussian();
      double b = 300 + 4 * random.nextGaussian();
      double value = a * b / (a + b);
      sum += value;
      squares += value * value;
    }
    double scatter = Math.sqrt(squares / runs - sum / runs * sum / runs);

    assertThat(figure.uncertainty().std()).isCloseTo(scatter, within(0.02 * scatter));
    assertThat(figure.uncertainty().range95()).isEqualTo(2 * figure.uncertainty().std());
  }

  @Test
  void a_figure_has_a_name_and_a_doubt_is_not_negative() {
    assertThatThrownBy(() -> Figure.given(" ", "x", 1, Quantity.COUNT, MARKED))
        .hasMessageContaining("an id and a label");
    assertThatThrownBy(() -> Uncertainty.of("x", -1)).hasMessageContaining("not negative");
  }

  @Test
  void sources_say_how_far_they_can_be_trusted() {
    assertThat(Source.practice("half the core in each layer").text())
        .isEqualTo("common practice: half the core in each layer");
    assertThat(Source.assumption("a guess").text()).startsWith("our assumption");
    assertThat(Source.standard("ISO 216").text()).startsWith("standard");
  }
}

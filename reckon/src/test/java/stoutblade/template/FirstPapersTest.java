package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Samples;

class FirstPapersTest {

  @Test
  void the_strip_is_as_long_as_the_prop_with_a_tick_every_ten_centimetres() {
    Template strip = FirstPapers.strip("Prop", 1234, 600, Units.METRIC);

    assertThat(strip.box().height()).isCloseTo(1234, within(1e-9));
    assertThat(strip.strokes()).hasSize(1 + 12 + 1);
    assertThat(strip.labels().stream().map(Label::text)).contains("10 cm", "120 cm");
    assertThat(Tiling.of(strip, Paper.A4).tiles()).hasSizeBetween(5, 6);
  }

  @Test
  void in_inches_the_ticks_are_three_inches_apart() {
    Template strip = FirstPapers.strip("Prop", 24 * 25.4 + 1, 0, Units.INCHES);

    assertThat(strip.strokes()).hasSize(1 + 8);
    assertThat(strip.labels().stream().map(Label::text)).contains("3\"", "24\"");
  }

  @Test
  void the_outline_alone_is_that_of_the_blade() {
    var form = First.form(Samples.derive(Samples.whole())).orElseThrow();

    Template outline = FirstPapers.outline("Blade", form);

    assertThat(outline.box().height()).isCloseTo(500, within(1e-6));
    assertThat(outline.kinds()).containsExactly(Stroke.Kind.CUT, Stroke.Kind.CENTRE);
  }
}

package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;

class DisplayLaws {

  @Property
  void what_is_shown_in_metric_reads_back_to_the_tenth_of_a_millimetre(
      @ForAll @Scale(6) @DoubleRange(min = -5000, max = 5000) double mm) {
    String shown = Display.length(mm, Units.METRIC);

    assertThat(LengthEntry.parse(shown, Units.METRIC)).isCloseTo(mm, within(0.0501));
  }

  @Property
  void what_is_shown_in_inches_reads_back_to_half_the_finest_fraction(
      @ForAll @Scale(6) @DoubleRange(min = -5000, max = 5000) double mm,
      @ForAll @IntRange(min = 3, max = 6) int power) {
    Units units = new Units(Units.Family.INCH, 1 << power);
    double half = Units.MM_PER_INCH / units.denominator() / 2;

    String shown = Display.length(mm, units);

    double read = LengthEntry.parse(shown.replace("-", ""), units);
    assertThat(read).isCloseTo(Math.abs(mm), within(half + 1e-9));
  }

  @Property
  void showing_what_was_read_shows_the_same_again(
      @ForAll @Scale(6) @DoubleRange(min = 0, max = 5000) double mm) {
    for (Units units : new Units[] {Units.METRIC, Units.INCHES}) {
      String shown = Display.length(mm, units);

      assertThat(Display.length(LengthEntry.parse(shown, units), units)).isEqualTo(shown);
    }
  }

  /** Whoever reads 170 cm and types 175 means centimetres. */
  @Property
  void a_bare_number_typed_over_a_length_is_in_the_unit_that_it_shows(
      @ForAll @Scale(6) @DoubleRange(min = 0, max = 5000) double mm) {
    String shown = Display.length(mm, Units.METRIC);
    String bare = shown.substring(0, shown.indexOf(' '));

    double read = LengthEntry.parse(bare, Display.lengthUnitMm(mm, Units.METRIC));

    assertThat(read).isEqualTo(LengthEntry.parse(shown, Units.METRIC));
    assertThat(LengthEntry.parse("5", Display.lengthUnitMm(mm, Units.INCHES)))
        .isEqualTo(5 * Units.MM_PER_INCH);
  }

  @Property
  void switching_units_changes_no_value(
      @ForAll @Scale(6) @DoubleRange(min = 0, max = 5000) double mm) {
    Units there = Units.METRIC.switched();

    assertThat(there.switched()).isEqualTo(Units.METRIC);
    assertThat(Display.length(mm, there.switched())).isEqualTo(Display.length(mm, Units.METRIC));
  }
}

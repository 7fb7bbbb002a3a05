package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DisplayTest {

  @ParameterizedTest
  @CsvSource({
    "12.5, 12.5 mm",
    "99.94, 99.9 mm",
    "99.96, 10 cm",
    "562.44, 56.24 cm",
    "1740, 174 cm",
    "-20, -20 mm",
    "0, 0 mm",
  })
  void shows_metric_in_millimetres_then_centimetres(double mm, String shown) {
    assertThat(Display.length(mm, Units.METRIC)).isEqualTo(shown);
  }

  @Test
  void prices_are_in_the_money_of_the_region_where_there_is_one() {
    assertThat(Display.money(Locale.GERMANY)).isEqualTo(" €");
    assertThat(Display.money(Locale.US)).isEqualTo(" $");
    assertThat(Display.money(Locale.ENGLISH)).isEmpty();
    assertThat(Display.money(Locale.of("en", "AQ"))).isEmpty();
    assertThat(Display.money(Locale.of("en", "001"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      quoteCharacter = '`',
      value = {
        "4.7625, 3/16\"",
        "190.5, 7 1/2\"",
        "304.6, 12\"",
        "1701.8, 5' 7\"",
        "1828.8, 6'",
        "0.3, 0\"",
        "-12.7, -1/2\"",
      })
  void shows_inches_as_fractions_with_feet_from_four_on(double mm, String shown) {
    assertThat(Display.length(mm, Units.INCHES)).isEqualTo(shown);
  }

  @Test
  void shows_other_quantities_in_units_that_people_use() {
    assertThat(Display.show(0.119e6, Quantity.AREA, Units.METRIC)).isEqualTo("0.119 m²");
    assertThat(Display.show(55_750, Quantity.AREA, Units.METRIC)).isEqualTo("557.5 cm²");
    assertThat(Display.show(46_000, Quantity.FLUID, Units.METRIC)).isEqualTo("46 ml");
    assertThat(Display.show(46_000, Quantity.VOLUME, Units.METRIC)).isEqualTo("46 cm³");
    // 1 in³ is 16.387 cm³ (from the inch of exactly 25.4 mm).
    assertThat(Display.show(16_387.064, Quantity.VOLUME, Units.INCHES)).isEqualTo("1 cu in");
    assertThat(Display.show(2450, Quantity.MASS, Units.METRIC)).isEqualTo("2.45 kg");
    assertThat(Display.show(Math.PI / 4, Quantity.ANGLE, Units.METRIC)).isEqualTo("45°");
    assertThat(Display.show(135, Quantity.DURATION, Units.METRIC)).isEqualTo("2 h 15 min");
    assertThat(Display.show(5 * 24 * 60, Quantity.DURATION, Units.METRIC)).isEqualTo("5 d");
    assertThat(Display.show(101 * 60 + 20, Quantity.DURATION, Units.METRIC)).isEqualTo("101 h");
    assertThat(Display.show(150e-6, Quantity.DENSITY, Units.METRIC)).isEqualTo("150 kg/m³");
    assertThat(Display.show(130_000, Quantity.MODULUS, Units.METRIC)).isEqualTo("130 GPa");
  }

  /** 453.59237 g to the pound avoirdupois exactly (agreement of 1959). */
  @Test
  void a_kilogram_is_2_point_2_pounds() {
    assertThat(Display.show(453.59237, Quantity.MASS, Units.INCHES)).isEqualTo("1 lb");
    assertThat(Display.show(1000, Quantity.MASS, Units.INCHES)).isEqualTo("2.2 lb");
  }

  @Test
  void shows_a_range_in_the_same_unit_and_not_where_it_would_be_nothing() {
    assertThat(Display.showWithRange(571.8, 4.4, Quantity.LENGTH, Units.METRIC))
        .isEqualTo("57.18 ± 0.44 cm");
    assertThat(Display.showWithRange(254, 22.9, Quantity.LENGTH, Units.METRIC))
        .isEqualTo("25.4 ± 2.3 cm");
    assertThat(Display.showWithRange(89.7, 47.5, Quantity.LENGTH, Units.METRIC))
        .isEqualTo("90 ± 48 mm");
    assertThat(Display.showWithRange(1900, 140, Quantity.LENGTH, Units.METRIC))
        .isEqualTo("190 ± 14 cm");
    assertThat(Display.showWithRange(5.9, 0.01, Quantity.LENGTH, Units.METRIC)).isEqualTo("5.9 mm");
    assertThat(Display.showWithRange(3.02613, 0.1684, Quantity.MM_PER_PIXEL, Units.METRIC))
        .isEqualTo("3.03 ± 0.17 mm/px");
    assertThat(Display.showWithRange(50.8, 2.54, Quantity.MM_PER_PIXEL, Units.INCHES))
        .isEqualTo("2 ± 0.1 in/px");
    assertThat(Display.showRounded(2028.1, 577, Quantity.LENGTH, Units.METRIC)).isEqualTo("203 cm");
    assertThat(Display.showWithRange(571.8, 0, Quantity.LENGTH, Units.METRIC))
        .isEqualTo("57.18 cm");
    assertThat(Display.showWithRange(15, 0.4, Quantity.DURATION, Units.METRIC)).isEqualTo("15 min");
  }

  @Test
  void what_is_not_a_number_is_a_dash() {
    assertThat(Display.show(Double.NaN, Quantity.LENGTH, Units.METRIC)).isEqualTo("–");
    assertThat(Display.decimal(Double.POSITIVE_INFINITY, 1)).isEqualTo("–");
  }

  @Test
  void only_the_usual_fractions_are_shown() {
    assertThatThrownBy(() -> new Units(Units.Family.INCH, 10))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("found 1/10");
  }
}

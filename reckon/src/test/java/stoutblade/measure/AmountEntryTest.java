package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AmountEntryTest {

  /**
   * Grams by 453.59237 g to the pound exactly (international yard and pound agreement, 1959),
   * worked out by hand.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "850 g              | 850",
        "850g               | 850",
        "1.5 kg             | 1500",
        "1,5 KG             | 1500",
        ".5 kg              | 500",
        "1 lb               | 453.59237",
        "2 lbs              | 907.18474",
        "1 lb 4 oz          | 566.9904625",
        "1lb4oz             | 566.9904625",
        "4 ounces           | 113.3980925",
        "1/2 lb             | 226.796185",
        "1 1/2 lb           | 680.388555",
        "1-1/2 lb           | 680.388555",
        "1½ lb.             | 680.388555",
        "¼ lb               | 113.3980925",
        "1 kg 200 g         | 1200",
      })
  void weights(String typed, double g) {
    assertThat(AmountEntry.parse(typed, Quantity.MASS, 1)).isCloseTo(g, within(1e-9));
  }

  /** By 231 cubic inches to the US gallon of 128 fluid ounces: 29.5735295625 ml. */
  @ParameterizedTest
  @CsvSource({
    "250 ml, 250",
    "1.5 l, 1500",
    "33 cl, 330",
    "100 cc, 100",
    "8 fl oz, 236.5882365",
    "8 fl. oz., 236.5882365",
    "8 oz, 236.5882365",
    "1/2 floz, 14.78676478125",
  })
  void what_is_poured(String typed, double ml) {
    assertThat(AmountEntry.parse(typed, Quantity.FLUID, 1)).isCloseTo(1000 * ml, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({
    "45, 45",
    "45 min, 45",
    "1 h, 60",
    "1.5 h, 90",
    "1 h 30 min, 90",
    "1h30, 90",
    "1:30, 90",
    "2 hrs 5 mins, 125",
    "1/2 hour, 30",
    "0:05, 5",
    "12:00, 720",
    "90m, 90",
  })
  void times(String typed, double minutes) {
    assertThat(AmountEntry.parse(typed, Quantity.DURATION, 1)).isCloseTo(minutes, within(1e-9));
  }

  /** Whoever reads 1.5 kg and types 2 means kilograms. */
  @ParameterizedTest
  @CsvSource({
    "1500, METRIC, 2, 2000",
    "850, METRIC, 2, 2",
    "1500, INCHES, 2, 907.18474",
    "300, INCHES, 2, 56.69904625",
  })
  void a_bare_number_is_in_the_unit_that_is_shown(
      double shown, String units, String typed, double g) {
    Units in = units.equals("METRIC") ? Units.METRIC : Units.INCHES;
    double unit = Display.amountUnit(shown, Quantity.MASS, in);
    assertThat(AmountEntry.parse(typed, Quantity.MASS, unit)).isCloseTo(g, within(1e-9));
    String words = Display.amount(shown, Quantity.MASS, in);
    String bare = words.substring(0, words.indexOf(' '));
    assertThat(AmountEntry.parse(bare, Quantity.MASS, unit)).isCloseTo(shown, within(0.3));
  }

  /** What a field shows is read again as what it was, whatever is in use. */
  @Property
  void what_is_written_is_read(@ForAll @DoubleRange(min = 0.1, max = 90_000) double value) {
    for (Units units : new Units[] {Units.METRIC, Units.INCHES}) {
      for (Quantity it : new Quantity[] {Quantity.MASS, Quantity.FLUID}) {
        double unit = Display.amountUnit(value, it, units);
        double finest = it == Quantity.MASS && unit >= Units.G_PER_POUND - 1e-9 ? 0.0005 : 0.05;
        assertThat(AmountEntry.parse(Display.amount(value, it, units), it, Double.NaN))
            .isCloseTo(value, within(finest * unit * 1.001));
      }
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "heavy           | a weight is expected, such as 850 g, 1.5 kg or 1 lb 4 oz",
        "2 stones        | 'stones' is no unit of it",
        "-5 g            | '-5 g' is not understood",
        "1 lb 4          | a number lacks its unit",
        "4 8 oz          | a number lacks its unit",
        "1 kg 2 kg       | one unit is there twice",
        "1,500 g         | a comma marks decimals; write 1500 or use a point",
        "1/0 lb          | a fraction over 0",
        "1.2.3 g         | is not understood",
        "NaN             | is not understood",
        "1e5 g           | is no unit of it",
        "9999999999 kg   | that is too much",
        "''              | a weight is expected",
        "'   '           | a weight is expected",
        "45 min          | 'min' is no unit of it",
        "1:30            | is not understood",
      })
  void says_what_is_wrong(String typed, String words) {
    assertThatThrownBy(() -> AmountEntry.parse(typed, Quantity.MASS, 1))
        .isInstanceOf(EntryException.class)
        .hasMessageContaining(words)
        .hasMessageContaining("a weight is expected");
  }

  @Test
  void long_texts_are_not_said_whole() {
    assertThatThrownBy(() -> AmountEntry.parse("9".repeat(5000), Quantity.FLUID, 1))
        .hasMessageContaining("how much is expected")
        .satisfies(it -> assertThat(it.getMessage().length()).isLessThan(200));
    assertThatThrownBy(() -> AmountEntry.parse("1:75", Quantity.DURATION, 1))
        .hasMessageContaining("a time is expected, such as 45 min, 1 h 30 or 1:30");
  }
}

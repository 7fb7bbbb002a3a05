package stoutblade.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LengthEntryTest {

  /** Expected values follow from 25.4 mm to the inch exactly (agreement of 1959). */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "5'7\"            | 1701.8",
        "5'7              | 1701.8",
        "5 ft 7 1/2 in    | 1714.5",
        "5' 7-1/2\"       | 1714.5",
        "5'               | 1524",
        "5'-7\"           | 1701.8",
        "5' -7 1/2\"      | 1714.5",
        "5'-7             | 1701.8",
        "5'-7-1/2\"       | 1714.5",
        "5'-7½\"          | 1714.5",
        "5ft-7in          | 1701.8",
        "5' - 7\"         | 1346.2",
        "5 ft - 7 in      | 1346.2",
        "5'7\" - 1/2\"    | 1689.1",
        "5'-7cm           | 1454",
        "24\"-2*3/8\"     | 590.55",
        "7-1/2\"          | 190.5",
        "10 - 1/2         | 9.5",
        "10 mm-1/2 mm     | 9.5",
        "1.5cm            | 15",
        "1,5 cm           | 15",
        "12,5 mm          | 12.5",
        "0,125 m          | 125",
        "3/16\"           | 4.7625",
        "7 1/2 in         | 190.5",
        "7½\"             | 190.5",
        "½\"              | 12.7",
        "24\" - 2*3/8\"   | 590.55",
        "24″ − 2×3/8″     | 590.55",
        "(10 mm + 2 cm)*2 | 60",
        "1 m / 3          | 333.3333333",
        "10/2\"           | 127",
        "-20 mm           | -20",
        "2 ft + 3\"       | 685.8",
        "24\"/2           | 304.8",
        "6 FEET           | 1828.8",
        "  174 cm         | 1740",
      })
  void reads_what_people_type(String typed, double mm) {
    assertThat(LengthEntry.parse(typed, Units.METRIC)).isCloseTo(mm, within(1e-6));
  }

  @Test
  void a_bare_number_counts_in_the_unit_in_use() {
    assertThat(LengthEntry.parse("12.5", Units.METRIC)).isEqualTo(12.5);
    assertThat(LengthEntry.parse("3/8", Units.INCHES)).isCloseTo(9.525, within(1e-9));
    assertThat(LengthEntry.parse("2*12", Units.INCHES)).isCloseTo(609.6, within(1e-9));
    assertThat(LengthEntry.parse("30", 10)).isEqualTo(300);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '`',
      value = {
        "5'- 7\"    | can be read two ways",
        "5'-2*3/8\" | can be read two ways",
        "5'-7\"/2   | can be read two ways",
        "5'-18\"    | a foot has 12 inches; to take away put spaces round the minus",
        "10-1/2     | can be read two ways",
        "10-1/2 mm  | can be read two ways",
        "10- 1/2\"  | can be read two ways",
        "10-½ cm    | can be read two ways",
        "5-7/2\"    | can be read two ways",
        "5'13\"     | 5'13\": a foot has 12 inches",
        "5'7cm      | after feet come inches, not cm",
        "24\" - 2   | 2 has no unit while another part has",
        "12 parsecs | 'parsecs' is not a unit of length",
        "3 mm * 4 mm| the result is not a length",
        "1,250 mm   | a comma marks decimals; write 1250 or 1.250",
        "1.2.3 mm   | two decimal marks",
        "(3 mm      | a closing bracket is missing",
        "3 mm )     | ')' is not understood",
        "3 mm / 0   | divided by nothing",
        "3/0\"      | a fraction over 0",
        "+          | a number is expected",
        "101 m      | longer than 100 m",
        "mm         | a number is expected before 'm'",
      })
  void says_what_is_wrong(String typed, String message) {
    assertThatThrownBy(() -> LengthEntry.parse(typed, Units.METRIC))
        .isInstanceOf(EntryException.class)
        .hasMessageContaining(message);
  }

  @Test
  void refuses_nothing_too_much_and_too_deep() {
    assertThatThrownBy(() -> LengthEntry.parse("  ", Units.METRIC))
        .hasMessageContaining("Nothing typed");
    assertThatThrownBy(() -> LengthEntry.parse("1".repeat(201), Units.METRIC))
        .hasMessageContaining("at most 200 characters");
    assertThatThrownBy(() -> LengthEntry.parse("(".repeat(60) + "1", Units.METRIC))
        .hasMessageContaining("too many brackets");
  }
}

package stoutblade.wearer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

class WearerTest {

  /** Drillis and Contini 1966, in Winter, Biomechanics (from memory): fractions of stature. */
  @ParameterizedTest
  @CsvSource({
    "EYE_HEIGHT, 0.936",
    "CHIN_HEIGHT, 0.870",
    "SHOULDER_HEIGHT, 0.818",
    "HIP_HEIGHT, 0.530",
    "KNEE_HEIGHT, 0.285",
    "ANKLE_HEIGHT, 0.039",
    "UPPER_ARM, 0.186",
    "FOREARM, 0.146",
    "HAND, 0.108",
    "FOOT, 0.152",
    "SHOULDER_WIDTH, 0.259",
    "HIP_WIDTH, 0.191",
  })
  void segments_are_the_published_fractions(Segment segment, double fraction) {
    assertThat(segment.fraction()).isEqualTo(fraction);
    assertThat(segment.of(1740)).isCloseTo(1740 * fraction, within(1e-9));
  }

  @Test
  void a_body_length_shows_its_working_and_its_source() {
    Figure height =
        Figure.given("h", "Height", 1740, Quantity.LENGTH, Source.measured("stated"), 5);

    Figure shoulder = Segment.SHOULDER_HEIGHT.of(height, "wearer");

    assertThat(shoulder.value()).isCloseTo(1423.32, within(1e-9));
    assertThat(shoulder.source().note()).contains("Winter").contains("from memory");
    assertThat(shoulder.uncertainty().std())
        .isCloseTo(Math.hypot(5 * 0.818, 1740 * 0.818 * 0.012), within(1e-3));
  }

  @Test
  void nobody_is_seventeen_metres_tall() {
    assertThatThrownBy(() -> new Wearer("Giant", 17_000))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("A wearer's height lies between 50 cm and 250 cm; found 1700 cm");
    assertThatThrownBy(() -> new Wearer("Nobody", Double.NaN)).hasMessageContaining("50 cm");
  }

  @Test
  void what_is_measured_replaces_the_estimate_and_is_surer() {
    Wearer estimated = new Wearer("W", 1740);
    Wearer measured = estimated.with(BodyMeasure.HAND_LENGTH, Optional.of(181.0));

    Figure guess = BodyMeasure.HAND_LENGTH.of(estimated, estimated.height());
    Figure known = BodyMeasure.HAND_LENGTH.of(measured, measured.height());

    assertThat(guess.value()).isCloseTo(1740 * 0.108, within(1e-9));
    assertThat(guess.label()).endsWith("(estimate)");
    assertThat(known.value()).isEqualTo(181);
    assertThat(known.uncertainty().std()).isLessThan(guess.uncertainty().std());
    assertThat(measured.with(BodyMeasure.HAND_LENGTH, Optional.empty())).isEqualTo(estimated);
    assertThatThrownBy(() -> measured.with(BodyMeasure.FOREARM, Optional.of(4000.0)))
        .hasMessageContaining("Forearm lies between 5 mm and the wearer's height");
    assertThatThrownBy(() -> measured.withWeightLimit(Optional.of(-1.0)))
        .hasMessageContaining("0 and 100 kg");
  }

  @Test
  void several_wearers_are_kept_by_their_ids() {
    Wearers two = Wearers.of(new Wearer("A", 1740)).with("w2", new Wearer("B", 1600));

    assertThat(two.get("w2").name()).isEqualTo("B");
    assertThat(two.with(Wearers.FIRST, new Wearer("C", 1800)).kept().values())
        .extracting(Wearer::name)
        .containsExactly("C", "B");
    assertThat(two.without("w2").kept()).containsOnlyKeys(Wearers.FIRST);
    assertThatThrownBy(() -> two.without("w2").without(Wearers.FIRST))
        .hasMessageContaining("last wearer stays");
    assertThatThrownBy(() -> two.get("w3")).hasMessageContaining("no wearer 'w3'");
  }

  @Test
  void the_outline_stands_on_the_ground_and_reaches_the_stature() {
    List<Path> paths = BodyOutline.of(1740);

    Box box = Box.around(paths.stream().flatMap(it -> it.flattened(1).stream()).toList());

    assertThat(box.minY()).isBetween(0.0, 12.0);
    assertThat(box.maxY()).isBetween(1710.0, 1745.0);
    assertThat(box.width()).isBetween(1740 * 0.259, 1740 * 0.36);
    assertThat(box.centre().x()).isCloseTo(0, within(1e-6));
    assertThat(paths).allMatch(Path::closed);
    assertThat(paths.get(2).flattened(1).getFirst())
        .isEqualTo(mirrored(paths.get(3).flattened(1).getFirst()));
  }

  private static Point mirrored(Point point) {
    return point.mirrored();
  }

  /**
   * Means of women, 1629 mm tall, and of men, 1756 mm: Gordon and others 1989, 1988 Anthropometric
   * Survey of U.S. Army Personnel (from memory).
   */
  @ParameterizedTest
  @CsvSource({"HAND_ROUND, 186, 214", "FOREARM_ROUND, 255, 302", "HEAD_ROUND, 546, 568"})
  void girths_lie_between_those_of_women_and_of_men(
      BodyMeasure measure, double ofWomen, double ofMen) {
    Wearer wearer = new Wearer("Anyone", 1000);
    double share = measure.of(wearer, wearer.height()).value() / 1000;

    double low = Math.min(ofWomen / 1629, ofMen / 1756);
    double high = Math.max(ofWomen / 1629, ofMen / 1756);
    assertThat(share).isBetween(low, high);
  }
}

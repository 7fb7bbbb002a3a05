package stoutblade.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.sum.Sum;

/** How shapes look from the front when they are closed up: their sizes are their own. */
class ElevationTest {

  private static List<Path> seen(String sum, boolean facing, Map<String, Double> sizes) {
    return Part.formed("d1", "Part", sum, sizes, "foam", Placing.USUAL.facing(facing)).seen();
  }

  private static Box box(List<Path> paths) {
    return Box.around(paths.stream().flatMap(it -> it.flattened(0.01).stream()).toList());
  }

  /** Across and along from the side, by hand from the usual sizes of each sum. */
  @ParameterizedTest
  @CsvSource({
    // a ring round a former of 100 in foam of 10 is 120 outside, 40 wide
    "ring,     false, 120, 40",
    "ring,     true,  120, 120",
    // four turns of 2 round 20
    "wraps,    false, 36,  180",
    "wraps,    true,  36,  36",
    "strip,    false, 36,  300",
    "cone,     false, 240, 200",
    "cone,     true,  240, 240",
    "dish,     true,  600, 600",
    "dish,     false, 600, 75",
    "dome,     false, 300, 150",
    "profile,  true,  600, 600",
    "profile,  false, 600, 90",
    "box,      false, 200, 90",
    "box,      true,  200, 120",
    "pyramid,  false, 120, 90",
    "pyramid,  true,  120, 120",
    "over,     false, 150, 60",
    "skin,     false, 160, 40",
    "skin,     true,  160, 60",
    "moulding, true,  330, 230",
    "elbow,    true,  90,  90",
  })
  void every_shape_is_seen_in_its_own_size(
      String sum, boolean facing, double across, double along) {
    Box box = box(seen(sum, facing, Map.of()));

    assertThat(box.width()).isCloseTo(across, within(0.05));
    assertThat(box.height()).isCloseTo(along, within(0.05));
    assertThat(box.centre().distance(new Point(0, 0))).isLessThan(0.05);
  }

  @Test
  void every_sum_that_lays_a_shape_out_is_seen_both_ways() {
    for (Sum sum : Sum.ALL) {
      boolean foamed = sum.entries().stream().anyMatch(it -> it.key().equals("foam"));
      if (foamed && sum.answer(Map.of(), Samples.CATALOGUE).form().isPresent()) {
        assertThat(seen(sum.key(), true, Map.of())).as(sum.key()).isNotEmpty();
        assertThat(seen(sum.key(), false, Map.of())).as(sum.key()).isNotEmpty();
      }
    }
  }

  /** A six-sided prism of side 80 is 2·80 over its corners. */
  @Test
  void a_prism_shows_its_corners() {
    Box box = box(seen("prism", true, Map.of()));
    assertThat(box.width()).isCloseTo(160, within(0.01));
  }

  /** A bent tube: legs of 40, a bend of 120 through a right angle, 90 across. */
  @Test
  void an_elbow_is_seen_bent() {
    Box box = box(seen("elbow", false, Map.of()));
    assertThat(box.width()).isCloseTo(120 + 45 + 40, within(0.6));
    assertThat(box.height()).isCloseTo(120 + 45 + 40, within(0.6));
  }
}

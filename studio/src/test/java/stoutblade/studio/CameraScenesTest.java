package stoutblade.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.studio.CameraScenes.Outcome;

/**
 * The stated range against the truth of a known camera, on a sample; the bench runs it in full. Of
 * 150 scenes a range that holds 95 times in 100 fails the bound below about once in a thousand.
 */
class CameraScenesTest {

  private static List<Outcome> outcomes(Function<CameraScenes, Outcome> scene) {
    CameraScenes scenes = new CameraScenes(42);
    return IntStream.range(0, 150).mapToObj(i -> scene.apply(scenes)).toList();
  }

  private static double held(List<Outcome> outcomes) {
    return outcomes.stream().filter(Outcome::held).count() / (double) outcomes.size();
  }

  private static double median(List<Outcome> outcomes) {
    return outcomes.stream().mapToDouble(Outcome::error).sorted().toArray()[outcomes.size() / 2];
  }

  private static void say(String name, List<Outcome> outcomes) {
    System.out.printf(
        "%s: held %.3f, median error %.4f, median range %.4f%n",
        name,
        held(outcomes),
        median(outcomes),
        outcomes.stream()
            .mapToDouble(it -> it.found().uncertainty().range95() / it.truth())
            .sorted()
            .toArray()[outcomes.size() / 2]);
  }

  /** Of 400 scenes: fails by chance about once in ten thousand where 95 in 100 are held. */
  @ParameterizedTest
  @EnumSource(CameraScenes.Where.class)
  void pictures_as_people_take_them_hold_the_truth_whatever_is_said(CameraScenes.Where where) {
    for (CameraScenes.Said said : CameraScenes.Said.values()) {
      CameraScenes scenes = new CameraScenes(11);
      List<Outcome> outcomes =
          IntStream.range(0, 400).mapToObj(i -> scenes.asPeopleTakeThem(where, said)).toList();

      assertThat(held(outcomes)).as(said.words()).isGreaterThanOrEqualTo(0.91);
      if (where == CameraScenes.Where.BESIDE || where == CameraScenes.Where.LEANING) {
        assertThat(median(outcomes)).as(said.words()).isLessThan(0.0105);
      }
    }
  }

  @Test
  void a_prop_nearer_than_its_ruler_lies_in_the_range() {
    List<Outcome> outcomes = outcomes(CameraScenes::nearerThanItsRuler);
    say("nearer", outcomes);

    assertThat(held(outcomes)).isGreaterThanOrEqualTo(0.93);
    assertThat(median(outcomes)).isLessThan(0.025);
  }

  @Test
  void a_prop_beside_a_rectangle_lies_in_the_range_and_within_half_a_percent() {
    List<Outcome> outcomes = outcomes(CameraScenes::besideARectangle);
    say("rectangle", outcomes);

    assertThat(held(outcomes)).isGreaterThanOrEqualTo(0.93);
    assertThat(median(outcomes)).isLessThan(0.005);
  }

  @Test
  void a_figure_and_a_crate_together_hold_the_truth() {
    List<Outcome> outcomes = outcomes(CameraScenes::withTwoRulers);
    say("two rulers", outcomes);

    assertThat(held(outcomes)).isGreaterThanOrEqualTo(0.93);
  }
}

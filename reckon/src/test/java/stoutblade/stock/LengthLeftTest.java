package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.core.CoreChoice;
import stoutblade.edit.Edits;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;

/** Lengths that are there: as they are typed, and in what is bought. */
class LengthLeftTest {

  @Test
  void lengths_are_read_as_they_are_typed_and_said_so_again() {
    List<LengthLeft> all = LengthLeft.parse("pipe", " 120 cm, 2 × 450 mm; 3x1.5 m,", Units.METRIC);

    assertThat(all)
        .containsExactly(
            new LengthLeft("pipe", 1200, 1),
            new LengthLeft("pipe", 450, 2),
            new LengthLeft("pipe", 1500, 3));
    String words = LengthLeft.words(all, Units.METRIC);
    assertThat(words).isEqualTo("120 cm, 2 × 45 cm, 3 × 150 cm");
    assertThat(LengthLeft.parse("pipe", words, Units.METRIC)).isEqualTo(all);
    assertThat(LengthLeft.of("pipe", all))
        .containsExactly(450.0, 450.0, 1200.0, 1500.0, 1500.0, 1500.0);
    assertThat(LengthLeft.of("other", all)).isEmpty();
    assertThat(LengthLeft.parse("pipe", "  ", Units.METRIC)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"long", "0 × 40 cm", "300 × 2 cm", "-4 cm", "1 km", "0", "2 ×"})
  void what_is_no_length_is_refused(String typed) {
    assertThatThrownBy(() -> LengthLeft.parse("pipe", typed, Units.METRIC))
        .isInstanceOf(IllegalArgumentException.class)
        .message()
        .isNotBlank();
  }

  /** A tube of 600 mm, sold in 1500: one is bought, unless 60 cm are there. */
  @Test
  void what_is_there_is_not_bought() {
    Part blade = Samples.blade().withCore(Optional.of(new CoreChoice("tube-10", -200, 400, -50)));
    Project project = First.withParts(Samples.whole(), List.of(blade));

    assertThat(toBuy(project)).isEqualTo(1);
    assertThat(toBuy(there(project, 599))).isEqualTo(1);
    assertThat(toBuy(there(project, 600))).isZero();
    assertThat(there(there(project, 600), 700).cutting().lengths())
        .as("what is there of a rod is said anew")
        .hasSize(1);
  }

  private static Project there(Project project, double mm) {
    return Edits.lengthsThere("tube-10", List.of(new LengthLeft("tube-10", mm, 1)))
        .applyTo(project);
  }

  private static double toBuy(Project project) {
    return Samples.derive(project).shopping().orElseThrow().lines().stream()
        .filter(it -> it.sawn().isPresent())
        .mapToDouble(it -> it.buy().value())
        .sum();
  }
}

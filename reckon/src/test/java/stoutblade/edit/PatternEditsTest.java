package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stock.CutList;
import stoutblade.trace.Tracing;

/** Patterns of a photograph become pieces to cut. */
class PatternEditsTest {

  private static WholeOutline circle(double x, double y, double radius) {
    return WholeOutline.circle(new Point(x, y), radius);
  }

  /** Two patterns side by side, one with two holes, a disc in one of them: three pieces. */
  private static final Tracing LIFTED =
      new Tracing(
          "t1",
          "Taped helmet",
          "r1",
          List.of(
              circle(0, 0, 100),
              circle(300, 20, 60),
              circle(-40, 0, 30),
              circle(50, 10, 20),
              circle(-40, 0, 10)),
          0.2);

  @Test
  void what_lies_within_a_piece_is_cut_out_of_it() {
    List<PatternEdits.Pattern> all = PatternEdits.patterns(LIFTED);
    assertThat(all).extracting(it -> it.holes().size()).containsExactly(2, 0, 0);

    Project project = PatternEdits.add(LIFTED, 5).in(Prop.FIRST).applyTo(Samples.bare());
    List<Part> parts = project.props().getFirst().parts();
    List<Part> added = parts.subList(parts.size() - 3, parts.size());
    assertThat(added)
        .extracting(Part::name)
        .containsExactly("Taped helmet 1", "Taped helmet 2", "Taped helmet 3");
    CutList list = Samples.derive(project).shopping().orElseThrow().pieces();
    List<CutList.Entry> entries =
        list.kinds().stream()
            .flatMap(it -> it.entries().stream())
            .filter(it -> it.part().startsWith("Taped"))
            .toList();
    double[] areas = {
      Math.PI * (100 * 100 - 30 * 30 - 20 * 20), Math.PI * 60 * 60, Math.PI * 10 * 10
    };
    assertThat(entries).hasSize(3);
    IntStream.range(0, 3)
        .forEach(
            i ->
                assertThat(entries.get(i).piece().areaMm2())
                    .isCloseTo(areas[i], within(areas[i] * 1e-3)));
    // The holes lie where they were drawn, seen from the middle of the piece.
    assertThat(entries.getFirst().lines()).hasSize(3);
    assertThat(
            entries.getFirst().lines().subList(1, 3).stream()
                .map(it -> it.start().distance(new Point(-40, 0)) - 30)
                .anyMatch(it -> Math.abs(it) < 0.1))
        .isTrue();
  }
}

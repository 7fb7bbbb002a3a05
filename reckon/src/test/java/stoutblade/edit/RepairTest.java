package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.WholeOutline;

/** A project that cannot be worked out is opened without what is wrong in it, and no less. */
class RepairTest {

  private static Project project() {
    Project project = Samples.whole();
    for (String name : List.of("Guard", "Lug", "Haft")) {
      project = PartEdits.addPlate(name, square(), 10).in(Prop.FIRST).applyTo(project);
    }
    String guard = id(project, "Guard");
    return PartEdits.fix(id(project, "Lug"), guard).in(Prop.FIRST).applyTo(project);
  }

  private static WholeOutline square() {
    return new WholeOutline(
        List.of(Node.corner(0, 0), Node.corner(40, 0), Node.corner(40, 40), Node.corner(0, 40)));
  }

  private static String id(Project project, String name) {
    return project.first().parts().stream()
        .filter(it -> it.name().equals(name))
        .map(Part::id)
        .findFirst()
        .orElseThrow();
  }

  private static Consumer<Project> refusing(String... parts) {
    return project -> {
      for (Part part : project.first().parts()) {
        if (List.of(parts).contains(part.name())) {
          throw new IllegalArgumentException(part.name() + " has no end");
        }
      }
    };
  }

  @Test
  void what_is_wrong_is_taken_out_and_all_else_stays() {
    Repair repair = Repair.of(project(), refusing("Guard"), share -> {});

    assertThat(repair.removed())
        .containsExactly(new Repair.Removed("the part 'Guard'", "Guard has no end"));
    assertThat(repair.mended().first().parts().stream().map(Part::name))
        .containsExactly("Test blade", "Lug", "Haft");
    assertThat(repair.mended().first().part(id(project(), "Lug")).orElseThrow().placing().on())
        .isEmpty();
    assertThat(First.part(repair.mended())).isEqualTo(First.part(project()));
    assertThat(First.layering(repair.mended())).isEqualTo(First.layering(project()));
    assertThat(First.coats(repair.mended())).isEqualTo(First.coats(project()));
  }

  @Test
  void several_faults_are_all_found() {
    Repair repair = Repair.of(project(), refusing("Guard", "Haft"), share -> {});

    assertThat(repair.removed().stream().map(Repair.Removed::what))
        .containsExactly("the part 'Guard'", "the part 'Haft'");
  }

  @Test
  void a_fault_of_ours_is_told_without_its_words() {
    Repair repair =
        Repair.of(
            project(),
            it -> {
              if (it.first().parts().stream().anyMatch(part -> part.core().isPresent())) {
                throw new IndexOutOfBoundsException("Index 3 out of bounds for length 3");
              }
            },
            share -> {});

    assertThat(repair.removed())
        .containsExactly(new Repair.Removed("the core of 'Test blade'", "nothing follows from it"));
  }

  @Test
  void what_is_sound_loses_nothing_and_what_is_hopeless_says_so() {
    Project project = project();
    assertThat(Repair.of(project, it -> {}, share -> {}).removed()).isEmpty();
    assertThat(Repair.of(project, it -> {}, share -> {}).mended()).isEqualTo(project);

    assertThatThrownBy(
            () ->
                Repair.of(
                    project,
                    it -> {
                      throw new IllegalArgumentException("There is no foam at all");
                    },
                    share -> {}))
        .hasMessageContaining("cannot be repaired")
        .hasMessageContaining("There is no foam at all");
  }

  @Test
  void a_part_along_the_edge_of_what_is_gone_comes_to_lie_somewhere() {
    Project project = project();
    String guard = id(project, "Guard");
    String haft = id(project, "Haft");
    Project along =
        PartEdits.place(haft, "Along", it -> it.on(guard).at(new Where.Along(0, 1, 0, 3)))
            .in(Prop.FIRST)
            .applyTo(project);

    Repair repair = Repair.of(along, refusing("Guard"), share -> {});

    assertThat(repair.mended().first().part(haft).orElseThrow().placing().where())
        .isEqualTo(Where.At.of(0, 0));
  }

  @Test
  void progress_runs_up_and_may_stop_it() {
    List<Double> shares = new ArrayList<>();
    Repair.of(project(), it -> {}, shares::add);
    assertThat(shares).isSorted().allMatch(it -> it >= 0 && it <= 1);
    assertThatThrownBy(
            () ->
                Repair.of(
                    project(),
                    it -> {},
                    share -> {
                      throw new java.util.concurrent.CancellationException();
                    }))
        .isInstanceOf(java.util.concurrent.CancellationException.class);
  }
}

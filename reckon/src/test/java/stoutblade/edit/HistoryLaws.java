package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.template.Paper;

class HistoryLaws {

  private static Change random(Random random, Project project) {
    int nodes = First.half(project).nodes().size();
    return switch (random.nextInt(7)) {
      case 0 -> LayerEdits.bevel(First.ID, random.nextInt(40));
      case 1 -> Edits.paper(random.nextBoolean() ? Paper.A3 : Paper.LETTER);
      case 2 -> Edits.coats(First.ID, "paint", random.nextInt(4));
      case 3 ->
          OutlineEdits.addNode(
              First.ID, 1, Node.curve(20 + random.nextInt(30), 50 + random.nextInt(100)));
      case 4 ->
          OutlineEdits.moveNode(First.ID, 1, new Point(random.nextInt(60), random.nextInt(400)));
      case 5 -> Edits.onShelf("paint", random.nextInt(90_000));
      default ->
          nodes > 3
              ? OutlineEdits.removeNode(First.ID, 1)
              : Edits.name("Prop " + random.nextInt(9));
    };
  }

  @Property(tries = 100)
  void undo_all_the_way_and_redo_all_the_way_are_where_one_was(@ForAll long seed) {
    Random random = new Random(seed);
    Project first = Samples.whole();
    History history = History.of(first);
    List<Project> seen = new ArrayList<>(List.of(first));
    for (int i = 0; i < 30; i++) {
      History after = history.after(random(random, history.now()).in(Prop.FIRST));
      if (!after.equals(history)) {
        seen.add(after.now());
      }
      history = after;
    }

    Project last = history.now();
    History back = history;
    for (int i = seen.size() - 1; i >= 0; i--) {
      assertThat(back.now()).isEqualTo(seen.get(i));
      back = back.undo();
    }
    assertThat(back.now()).isEqualTo(first);
    assertThat(back.undoable()).isEmpty();
    while (back.redoable().isPresent()) {
      back = back.redo();
    }
    assertThat(back.now()).isEqualTo(last);
  }

  @Test
  void a_new_edit_gives_up_what_was_undone() {
    History history =
        History.of(Samples.whole())
            .after(LayerEdits.bevel(First.ID, 10).in(Prop.FIRST))
            .after(LayerEdits.bevel(First.ID, 12).in(Prop.FIRST))
            .undo();

    History after = history.after(LayerEdits.bevel(First.ID, 14).in(Prop.FIRST));

    assertThat(after.redoable()).isEmpty();
    assertThat(after.undoable()).contains("Bevel width");
    assertThat(First.layering(after.undo().now()).profile().widthMm()).isEqualTo(10);
  }

  @Test
  void an_edit_without_effect_is_no_step() {
    History history = History.of(Samples.whole());

    assertThat(history.after(LayerEdits.bevel(First.ID, 20).in(Prop.FIRST))).isSameAs(history);
    assertThat(history.undo()).isSameAs(history);
    assertThat(history.redo()).isSameAs(history);
  }

  @Test
  void the_oldest_states_are_given_up() {
    History history = History.of(Samples.whole());
    for (int i = 0; i < History.DEEPEST + 20; i++) {
      history = history.after(LayerEdits.bevel(First.ID, i % 50).in(Prop.FIRST));
    }

    assertThat(history.states()).hasSize(History.DEEPEST);
  }

  @Test
  void an_edit_that_cannot_be_made_says_why_and_changes_nothing() {
    History history = History.of(Samples.whole());

    assertThatThrownBy(() -> history.after(LayerEdits.edge(First.ID, 99).in(Prop.FIRST)))
        .hasMessageContaining("no thicker than all layers");
    assertThat(history.now()).isEqualTo(Samples.whole());
  }
}

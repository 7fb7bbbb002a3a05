package stoutblade.desktop.sums;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import stoutblade.desktop.Desk;
import stoutblade.desktop.TestDesk;
import stoutblade.sum.Entry;
import stoutblade.sum.Sum;

/** What is chosen and typed in the bench sums, without a window. */
class SumsModelTest {

  private final Desk desk = TestDesk.demo();
  private final SumsModel model = new SumsModel(desk);

  private Entry entry(String key) {
    return model.chosen().entries().stream()
        .filter(it -> it.key().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static Sum sum(String key) {
    return Sum.named(key).orElseThrow();
  }

  @Test
  void every_sum_keeps_what_was_typed_into_it_until_it_is_as_usual_again() {
    model.choose(sum("cone"));
    assertThat(model.type(entry("height"), 300)).isEmpty();
    model.choose(sum("ring"));
    model.choose(sum("cone"));
    assertThat(model.value(entry("height"))).isEqualTo(300);
    model.reset();
    assertThat(model.value(entry("height"))).isEqualTo(200);
  }

  @Test
  void a_value_that_only_another_one_makes_wrong_stays_and_the_reason_is_shown() {
    model.choose(sum("cone"));
    assertThat(model.type(entry("top"), 300)).isEmpty();
    assertThat(model.result().answer()).isEmpty();
    assertThat(model.result().why()).contains("wider at its foot");
    assertThat(model.type(entry("foot"), 400)).isEmpty();
    assertThat(model.result().answer()).isPresent();
  }

  @Test
  void a_value_that_makes_no_sense_by_itself_is_refused() {
    model.choose(sum("mitre"));
    assertThat(model.type(entry("sides"), 4.5)).get().asString().contains("whole");
    assertThat(model.type(entry("sides"), 1)).isPresent();
    assertThat(model.value(entry("sides"))).isEqualTo(4);
  }

  @Test
  void stepping_goes_round_all_sums() {
    Sum first = model.chosen();
    model.step(-1);
    assertThat(model.chosen()).isEqualTo(Sum.ALL.getLast());
    for (int i = 0; i <= Sum.ALL.size(); i++) {
      model.step(1);
    }
    assertThat(model.chosen()).isEqualTo(first);
  }

  @Test
  void a_part_is_changed_by_edits_and_leaves_the_free_sum_alone() {
    model.choose(sum("cone"));
    model.type(entry("height"), 300);
    desk.goToPart("d3");

    assertThat(model.part().orElseThrow().name()).isEqualTo("Butt");
    assertThat(model.value(entry("height"))).isEqualTo(70);
    assertThat(model.type(entry("height"), 90)).isEmpty();
    assertThat(desk.history().undoable()).contains("Butt: Height");
    assertThat(model.type(entry("top"), 100)).isPresent();
    assertThat(model.value(entry("top"))).isEqualTo(38);
    desk.undo();
    assertThat(model.value(entry("height"))).isEqualTo(70);

    model.choose(sum("cone"));
    assertThat(model.part()).isEmpty();
    assertThat(model.value(entry("height"))).isEqualTo(300);
  }

  @Test
  void a_sum_is_kept_as_a_part_with_every_size_it_has() {
    model.choose(sum("box"));
    model.type(entry("wide"), 250);
    int before = desk.project().first().parts().size();

    assertThat(model.keep()).isTrue();

    assertThat(desk.project().first().parts()).hasSize(before + 1);
    assertThat(model.part().orElseThrow().formed().orElseThrow().sizes())
        .containsEntry("wide", 250.0)
        .containsEntry("narrow", 120.0)
        .as("all but the thickness, which is the sheet's")
        .hasSize(sum("box").entries().size() - 1);
    assertThat(model.value(entry("foam"))).isEqualTo(10);
    desk.undo();
    assertThat(model.part()).isEmpty();
  }
}

package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PropEdits;
import stoutblade.formats.Document;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;

/** What is open, without a window. */
class DeskTest {

  @Test
  void an_edit_derives_anew_and_can_be_taken_back() {
    Desk desk = TestDesk.demo();
    Project before = desk.project();
    List<Derived> seen = new ArrayList<>();
    desk.derivedProperty().addListener((it, was, is) -> seen.add(is));

    assertThat(desk.perform(LayerEdits.bevel(Demo.LEAF, 15))).isTrue();
    assertThat(First.layers(desk.derived()).orElseThrow().bevelWidth().value()).isEqualTo(15);
    assertThat(desk.changedProperty().get()).isTrue();
    desk.undo();

    assertThat(desk.project()).isEqualTo(before);
    assertThat(desk.changedProperty().get()).isFalse();
    desk.redo();
    assertThat(First.layering(desk.project()).profile().widthMm()).isEqualTo(15);
    assertThat(seen).hasSize(3);
  }

  @Test
  void an_edit_that_cannot_be_made_changes_nothing_and_says_why() {
    Desk desk = TestDesk.demo();
    Project before = desk.project();

    assertThat(desk.perform(LayerEdits.edge(Demo.LEAF, 99))).isFalse();

    assertThat(desk.project()).isEqualTo(before);
    assertThat(desk.noticeProperty().get()).contains("no thicker than all layers");
    assertThat(desk.history().undoable()).isEmpty();
    desk.perform(LayerEdits.bevel(Demo.LEAF, 15));
    assertThat(desk.noticeProperty().get()).isEmpty();
  }

  @Test
  void an_edit_without_effect_is_made_and_kept_nowhere() {
    Keeper keeper = mock(Keeper.class);
    Desk desk = TestDesk.on(TestDesk.demo().document(), Optional.of(keeper));

    assertThat(
            desk.perform(
                LayerEdits.bevel(Demo.LEAF, First.layering(desk.project()).profile().widthMm())))
        .isTrue();

    verify(keeper, never()).keep(any(), any());
  }

  @Test
  void every_edit_undo_and_redo_is_kept() {
    Keeper keeper = mock(Keeper.class);
    Desk desk = TestDesk.on(TestDesk.demo().document(), Optional.of(keeper));

    desk.perform(LayerEdits.bevel(Demo.LEAF, 15));
    desk.undo();
    desk.redo();

    verify(keeper, times(3)).keep(any(), eq(Optional.empty()));
  }

  @Test
  void saving_clears_what_is_kept_unless_an_edit_came_after() {
    Keeper keeper = mock(Keeper.class);
    Desk desk = TestDesk.on(TestDesk.demo().document(), Optional.of(keeper));
    desk.perform(LayerEdits.bevel(Demo.LEAF, 15));
    Project saved = desk.project();
    desk.perform(LayerEdits.bevel(Demo.LEAF, 16));

    desk.saved(saved, Path.of("a.stout"));
    assertThat(desk.changedProperty().get()).isTrue();
    verify(keeper, never()).saved();

    desk.saved(desk.project(), Path.of("a.stout"));
    assertThat(desk.changedProperty().get()).isFalse();
    verify(keeper).saved();
    assertThat(desk.fileProperty().get()).contains(Path.of("a.stout"));
  }

  @Test
  void opening_another_document_forgets_the_history() {
    Desk desk = TestDesk.demo();
    desk.perform(LayerEdits.bevel(Demo.LEAF, 15));
    Document fresh = TestDesk.fresh().document();

    desk.open(fresh, Optional.of(Path.of("b.stout")));

    assertThat(desk.history().undoable()).isEmpty();
    assertThat(desk.project()).isEqualTo(fresh.project());
    assertThat(desk.changedProperty().get()).isFalse();
  }

  @Test
  void what_is_restored_counts_as_not_saved_and_is_kept_from_the_start() {
    Keeper keeper = mock(Keeper.class);
    Desk desk = TestDesk.on(TestDesk.fresh().document(), Optional.of(keeper));

    desk.open(TestDesk.demo().document(), Optional.of(Path.of("c.stout")));
    desk.unsaved();

    assertThat(desk.changedProperty().get()).isTrue();
    verify(keeper).keep(any(), eq(Optional.of(Path.of("c.stout"))));
  }

  @Test
  void units_change_words_and_no_values() {
    Desk desk = TestDesk.demo();
    double before = First.sizes(desk.derived()).length().value();

    desk.unitsProperty().set(Units.INCHES);

    assertThat(First.sizes(desk.derived()).length().value()).isEqualTo(before);
    assertThat(First.template(desk.derived()).orElseThrow().labels())
        .anyMatch(it -> it.text().contains("\""));
  }

  @Test
  void a_new_project_keeps_what_the_maker_and_the_event_are() {
    Project before = TestDesk.demo().project();

    Project next = NewProject.after(before, TestDesk.now());

    assertThat(First.wearer(next)).isEqualTo(First.wearer(before));
    assertThat(next.event()).isEqualTo(before.event());
    assertThat(next.shelf()).isEqualTo(before.shelf());
    assertThat(First.half(next).nodes()).isEmpty();
    assertThat(next.first().size().references()).isEmpty();
  }

  // == PROPS

  @Test
  void a_prop_that_is_undone_while_it_is_looked_at_gives_way_to_the_first() {
    Desk desk = TestDesk.demo();
    List<String> looked = new ArrayList<>();
    desk.propProperty().addListener(it -> looked.add(desk.propProperty().get()));

    desk.perform(
        PropEdits.again(Demo.TIDEGATE), () -> desk.goToProp(desk.project().props().getLast().id()));
    assertThat(desk.prop().name()).isEqualTo("Tidegate 2");
    desk.undo();

    assertThat(desk.prop().id()).isEqualTo(Prop.FIRST);
    assertThat(looked).containsExactly("p4", Prop.FIRST);
    desk.redo();
    assertThat(desk.prop().id()).as("what comes back does not jump into sight").isEqualTo("p1");
  }

  @Test
  void another_project_is_looked_at_from_its_first_prop() {
    Desk desk = TestDesk.demo();
    desk.goToLayer(1);
    desk.goToProp(Demo.BELL);
    assertThat(desk.layerProperty().get()).as("a layer of the other one").isEqualTo(-1);

    desk.open(TestDesk.demo().document(), Optional.empty());

    assertThat(desk.prop().id()).isEqualTo(Prop.FIRST);
    assertThat(desk.partProperty().get()).isEmpty();
  }

  // == DERIVED FIRST, TAKEN AFTER

  /** A desk on which nothing can be worked out of whatever has letters in it. */
  private static Desk without(java.util.function.Consumer<Desk> made) {
    stoutblade.feature.Typeface broken =
        (words, high) -> {
          throw new IllegalStateException("no such letter");
        };
    Desk desk =
        new Desk(
            new stoutblade.derive.Reckoner(stoutblade.formats.CatalogueFile.shipped(), broken),
            TestDesk.CLOCK,
            Optional.empty(),
            TestDesk.demo().document().with(First.alone(TestDesk.demo().project())));
    made.accept(desk);
    return desk;
  }

  private static stoutblade.edit.PropEdit letters() {
    return stoutblade.edit.PartEdits.addFeature(
        Demo.LEAF,
        stoutblade.feature.Feature.Kind.LETTERS,
        "HALT",
        stoutblade.feature.Where.At.of(0, 200));
  }

  @Test
  void an_edit_from_which_nothing_can_be_worked_out_leaves_nothing_behind() {
    Desk desk = without(it -> {});
    Project before = desk.project();
    Derived shown = desk.derived();

    assertThat(desk.perform(letters())).isFalse();

    assertThat(desk.project()).isEqualTo(before);
    assertThat(desk.history().undoable()).isEmpty();
    assertThat(desk.changedProperty().get()).isFalse();
    assertThat(desk.derived()).isEqualTo(shown);
    assertThat(desk.noticeProperty().get()).contains("could not be worked out");
    // The next good edit is taken, and only that.
    assertThat(desk.perform(LayerEdits.bevel(Demo.LEAF, 15))).isTrue();
    assertThat(desk.project())
        .isEqualTo(LayerEdits.bevel(Demo.LEAF, 15).in(Prop.FIRST).applyTo(before));
    assertThat(desk.derived().project()).isEqualTo(desk.project());
    desk.undo();
    assertThat(desk.project()).isEqualTo(before);
  }

  @Test
  void a_document_that_cannot_be_worked_out_leaves_what_is_open() {
    Desk desk = without(it -> it.perform(LayerEdits.bevel(Demo.LEAF, 15)));
    Project before = desk.project();
    Document broken = desk.document().with(letters().in(Prop.FIRST).applyTo(desk.project()));
    List<String> reasons = new ArrayList<>();

    desk.open(
        broken,
        Optional.of(Path.of("x.stout")),
        () -> reasons.add("opened"),
        e -> reasons.add(e.getMessage()));

    assertThat(reasons).hasSize(1);
    assertThat(reasons.getFirst()).contains("could not be worked out");
    assertThat(desk.project()).isEqualTo(before);
    assertThat(desk.fileProperty().get()).isEmpty();
    assertThat(desk.changedProperty().get()).isTrue();
    assertThat(desk.history().undoable()).isPresent();
  }

  @Test
  void what_follows_an_edit_is_done_only_where_it_is_made() {
    Desk desk = TestDesk.demo();
    List<String> done = new ArrayList<>();

    desk.perform(LayerEdits.edge(Demo.LEAF, 99), () -> done.add("refused"));
    desk.perform(LayerEdits.edge(Demo.LEAF, 3), () -> done.add("made"));

    assertThat(done).containsExactly("made");
  }

  /** The issue's own way: a short, narrow blade and one layer more. */
  @Test
  void a_layer_more_than_a_narrow_blade_takes_is_a_finding() {
    Desk desk = TestDesk.demo();
    desk.perform(stoutblade.edit.OutlineEdits.length(Demo.LEAF, 100));
    desk.perform(stoutblade.edit.OutlineEdits.width(Demo.LEAF, 7.3));

    assertThat(desk.perform(LayerEdits.add(Demo.LEAF, 1))).isTrue();

    assertThat(desk.derived().project()).isEqualTo(desk.project());
    assertThat(desk.derived().findings())
        .anyMatch(it -> it.title().startsWith("Nothing is left of layer"));
  }

  @Test
  void a_disk_that_refuses_shows_until_it_takes_edits_again() {
    Desk desk = TestDesk.demo();
    desk.kept(Optional.of("Not autosaved: the disk is full"));
    assertThat(desk.unkeptProperty().get()).contains("Not autosaved: the disk is full");
    desk.kept(Optional.empty());
    assertThat(desk.unkeptProperty().get()).isEmpty();
  }

  /** Whoever is told that something changed finds a project and what follows from that very one. */
  @Test
  void what_follows_is_never_that_of_another_project() {
    Desk desk = TestDesk.demo();
    desk.goToProp(Demo.TIDEGATE);
    desk.goToPart("d6");
    List<String> torn = new ArrayList<>();
    Runnable look =
        () -> {
          if (!desk.derived().project().equals(desk.project())) {
            torn.add(desk.derived().project().name() + " beside " + desk.project().name());
          }
        };
    desk.partProperty().addListener(it -> look.run());
    desk.propProperty().addListener(it -> look.run());
    desk.derivedProperty().addListener(it -> look.run());
    desk.changedProperty().addListener(it -> look.run());
    desk.fileProperty().addListener(it -> look.run());
    desk.noticeProperty().addListener(it -> look.run());

    desk.perform(Edits.name("Another name"));
    desk.undo();
    desk.open(TestDesk.fresh().document(), Optional.of(Path.of("new.stout")));

    assertThat(torn).isEmpty();
    assertThat(desk.project().name()).isNotEqualTo("Osiermouth Lantern Walk");
  }
}

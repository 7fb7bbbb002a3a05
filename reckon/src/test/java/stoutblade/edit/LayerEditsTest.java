package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.measure.Figure;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Choice;
import stoutblade.stack.ChoiceFigures;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** The edits of layers, of the blade and of a plate. */
class LayerEditsTest {

  private static final Project WHOLE = Samples.whole();

  private static List<Double> sheets(Project project, String id) {
    return LayerEdits.of(project.first(), id).sheets().stream().map(Sheet::thicknessMm).toList();
  }

  @Test
  void layers_are_added_changed_moved_and_taken_out() {
    Project three = LayerEdits.add(First.ID, 1).in(Prop.FIRST).applyTo(WHOLE);
    Project thin = LayerEdits.material(First.ID, 2, "foam", 6).in(Prop.FIRST).applyTo(three);
    Project moved = LayerEdits.move(First.ID, 2, -2).in(Prop.FIRST).applyTo(thin);

    assertThat(sheets(thin, First.ID)).containsExactly(10.0, 10.0, 6.0);
    assertThat(sheets(moved, First.ID)).containsExactly(6.0, 10.0, 10.0);
    assertThat(sheets(LayerEdits.move(First.ID, 0, 9).in(Prop.FIRST).applyTo(moved), First.ID))
        .as("no further than the front")
        .containsExactly(10.0, 10.0, 6.0);
    assertThat(sheets(LayerEdits.remove(First.ID, 0).in(Prop.FIRST).applyTo(moved), First.ID))
        .containsExactly(10.0, 10.0);
  }

  @Test
  void the_last_layer_stays() {
    Project one = LayerEdits.remove(First.ID, 0).in(Prop.FIRST).applyTo(WHOLE);

    assertThatThrownBy(() -> LayerEdits.remove(First.ID, 0).in(Prop.FIRST).applyTo(one))
        .hasMessage("A part has at least one layer");
  }

  @Test
  void an_edge_thicker_than_the_layers_that_are_left_becomes_as_thick() {
    Project thick =
        LayerEdits.profile(First.ID, "Edge", it -> it.withEdge(18)).in(Prop.FIRST).applyTo(WHOLE);

    Project one = LayerEdits.remove(First.ID, 0).in(Prop.FIRST).applyTo(thick);

    assertThat(First.layering(one).profile().edgeMm()).isEqualTo(10);
  }

  @Test
  void another_kind_of_section_starts_with_sizes_that_can_be_seen() {
    Project flat =
        LayerEdits.profile(First.ID, "Flat", it -> Profile.FLAT.withEdge(20))
            .in(Prop.FIRST)
            .applyTo(WHOLE);

    Profile round =
        First.layering(
                LayerEdits.kind(First.ID, 0, Profile.Kind.ROUND).in(Prop.FIRST).applyTo(flat))
            .profile();

    assertThat(round.widthMm()).isEqualTo(20);
    assertThat(round.edgeMm()).isEqualTo(4);
    assertThatThrownBy(() -> Profile.FLAT.withTip(0)).hasMessageContaining("2 to 100 %");
    assertThatThrownBy(() -> Profile.FLAT.withSteps(0)).hasMessageContaining("1 to 20");
    assertThatThrownBy(
            () -> Profile.FLAT.withCurve(List.of(new Point(0.5, 0.5), new Point(0.4, 0.6))))
        .hasMessageContaining("each place further on");
  }

  @Test
  void a_plate_has_layers_of_its_own_and_another_part_has_none() {
    Project plated =
        PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 60), 10)
            .in(Prop.FIRST)
            .applyTo(WHOLE);
    Project both = PartEdits.addShape("Ring", "ring", Map.of()).in(Prop.FIRST).applyTo(plated);

    Project two = LayerEdits.add("d2", 0).in(Prop.FIRST).applyTo(both);

    assertThat(two.first().part("d2").orElseThrow().thicknessMm()).isEqualTo(20);
    assertThat(First.layering(two)).isEqualTo(First.layering(WHOLE));
    assertThatThrownBy(() -> LayerEdits.add("d3", 0).in(Prop.FIRST).applyTo(both))
        .hasMessageContaining("made of one sheet");
    assertThatThrownBy(() -> LayerEdits.add("d9", 0).in(Prop.FIRST).applyTo(both))
        .hasMessage("There is no part 'd9'");
  }

  @Test
  void a_stack_that_was_found_is_taken_and_its_figures_show_their_working() {
    SheetMaterial foam = Samples.FOAM;
    Wish wish =
        new Wish(
            16,
            1,
            3,
            List.of(foam),
            List.of(),
            30_000,
            Wish.Outside.HARD,
            false,
            Wish.Criterion.DEVIATION);
    Choice best = StackFinder.best(wish, 1).getFirst();

    Project taken = LayerEdits.take(First.ID, best, 16).in(Prop.FIRST).applyTo(WHOLE);
    List<Figure> figures = ChoiceFigures.of(best, wish, it -> foam, Map.of("Rim", 12.0));

    assertThat(First.layering(taken).sheets()).isEqualTo(best.sheets());
    assertThat(First.layering(taken).wantedMm()).isEqualTo(16);
    assertThat(value(figures, "choice.mass"))
        .isCloseTo(best.thicknessMm() * 30_000 * foam.densityGPerMm3(), within(1e-9));
    assertThat(figures)
        .anySatisfy(
            it -> {
              assertThat(it.label()).isEqualTo("Stands over Rim by");
              assertThat(it.value()).isCloseTo(best.thicknessMm() - 12, within(1e-9));
            });
  }

  private static double value(List<Figure> figures, String id) {
    return figures.stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow().value();
  }

  @Test
  void leftovers_are_counted_once_for_each_sheet() {
    Project some =
        Edits.leftover(new Wish.Leftover("foam", 10, 5000)).in(Prop.FIRST).applyTo(WHOLE);
    Project more = Edits.leftover(new Wish.Leftover("foam", 10, 9000)).in(Prop.FIRST).applyTo(some);

    assertThat(more.leftovers()).containsExactly(new Wish.Leftover("foam", 10, 9000));
    assertThat(
            Edits.leftover(new Wish.Leftover("foam", 10, 0))
                .in(Prop.FIRST)
                .applyTo(more)
                .leftovers())
        .isEmpty();
  }

  @Test
  void layers_are_symmetric_where_the_halves_are_images() {
    assertThat(Layering.of(3, "foam", 5, Profile.FLAT).symmetric()).isTrue();
    Project thin = LayerEdits.material(First.ID, 0, "foam", 6).in(Prop.FIRST).applyTo(WHOLE);
    assertThat(First.layering(thin).symmetric()).isFalse();
    assertThat(First.layering(thin).joints()).containsExactly(0.0, 6.0, 16.0);
  }
}

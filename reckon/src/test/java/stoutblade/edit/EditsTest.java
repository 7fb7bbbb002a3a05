package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.core.CoreChoice;
import stoutblade.derive.Derived;
import stoutblade.measure.Figure;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reference.Mark;
import stoutblade.reference.Reference;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.wearer.Wearers;

class EditsTest {

  private static final Project TRACED = Samples.pictured(Samples.picture());

  /** Common practice: for another wearer the template is scaled by the ratio of statures. */
  @Test
  void another_wearers_height_scales_the_whole_prop() {
    Project shorter = WearerEdits.height(Wearers.FIRST, 1566).in(Prop.FIRST).applyTo(TRACED);

    assertThat(length(shorter)).isCloseTo(500 * 0.9, within(1e-9));
    assertThat(First.core(shorter).orElseThrow().endMm()).isCloseTo(400 * 0.9, within(1e-9));
    assertThat(First.layering(shorter).sheets()).isEqualTo(First.layering(TRACED).sheets());
    assertThat(First.layering(shorter).profile().widthMm()).isCloseTo(20 * 0.9, within(1e-9));
  }

  /** The scale's own share of uncertainty comes back in lengths, and twice in areas and weights. */
  @Test
  void what_is_drafted_from_a_tracing_is_as_unsure_as_the_scale_it_was_traced_at() {
    Reference bare = Samples.picture().withCentreLine(Optional.empty());
    Project pictured = Samples.pictured(bare);
    Project blade =
        SizeEdits.draftFrom(First.ID, "tracing", Samples.BLADE, "p1")
            .in(Prop.FIRST)
            .applyTo(pictured);
    Project plate =
        PartEdits.addTraced("Guard", WholeOutline.circle(new Point(0, 0), 60), 10, "p1")
            .in(Prop.FIRST)
            .applyTo(blade);
    Derived derived = Samples.derive(plate);
    Figure scale = derived.first().sizing().scaleOf("p1").orElseThrow();
    double share = scale.uncertainty().std() / scale.value();

    Figure length = First.sizes(derived).length();
    Figure along = figure(derived, "part.length");
    Figure area = figure(derived, "part.area");

    assertThat(share).isPositive();
    assertThat(length.uncertainty().std() / length.value()).isCloseTo(share, within(1e-9));
    assertThat(along.uncertainty().std() / along.value()).isCloseTo(share, within(1e-9));
    assertThat(area.uncertainty().std() / area.value()).isCloseTo(2 * share, within(1e-9));
    assertThat(First.sizes(Samples.derive(Samples.whole())).length().uncertainty().std()).isZero();
  }

  private static Figure figure(Derived derived, String id) {
    return derived.parts().getLast().figures().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** Common practice: a form at 30 in cut for a shield of 24 in is reduced by 0.8. */
  @Test
  void marking_the_figure_anew_rescales_what_was_traced() {
    Project rescaled =
        SizeEdits.ruler("p1", Samples.figure(870 / 0.8)).in(Prop.FIRST).applyTo(TRACED);

    assertThat(length(rescaled)).isCloseTo(500 * 0.8, within(1e-9));
  }

  @Test
  void without_a_picture_the_wearers_height_changes_no_outline() {
    Project taller =
        WearerEdits.height(Wearers.FIRST, 1900).in(Prop.FIRST).applyTo(Samples.whole());

    assertThat(length(taller)).isEqualTo(500);
  }

  private static double length(Project project) {
    return First.sizes(Samples.derive(project)).length().value();
  }

  @Test
  void length_and_width_can_be_typed() {
    Project longer = OutlineEdits.length(First.ID, 620).in(Prop.FIRST).applyTo(Samples.whole());
    Project wider = OutlineEdits.width(First.ID, 140).in(Prop.FIRST).applyTo(longer);

    assertThat(length(wider)).isCloseTo(620, within(1e-9));
    assertThat(First.sizes(Samples.derive(wider)).width().value()).isCloseTo(140, within(1e-6));
    assertThatThrownBy(
            () -> OutlineEdits.length(First.ID, 0).in(Prop.FIRST).applyTo(Samples.whole()))
        .hasMessageContaining("above 0");
  }

  @Test
  void removing_the_first_node_puts_the_next_on_the_base() {
    Project without = OutlineEdits.removeNode(First.ID, 0).in(Prop.FIRST).applyTo(Samples.whole());

    assertThat(First.half(without).nodes().getFirst().at()).isEqualTo(new Point(50, 0));
    assertThat(First.half(without).nodes()).hasSize(2);
  }

  @Test
  void marks_need_a_picture_and_core_places_a_core() {
    assertThatThrownBy(
            () ->
                SizeEdits.whole("p1", new Mark(new Point(0, 0), new Point(0, 9)))
                    .in(Prop.FIRST)
                    .applyTo(Samples.whole()))
        .hasMessage("Open a picture first");
    assertThatThrownBy(
            () ->
                Edits.coreEnd(First.ID, 5)
                    .in(Prop.FIRST)
                    .applyTo(First.withCore(Samples.whole(), Optional.empty())))
        .hasMessage("Choose a core first");
  }

  @Test
  void another_rod_lies_where_the_first_one_lay() {
    CoreChoice atFirst = new CoreChoice("tube-10", 0, 10, 0);

    Project changed =
        Edits.rod(First.ID, "tube-10", atFirst).in(Prop.FIRST).applyTo(Samples.whole());
    Project first =
        Edits.rod(First.ID, "tube-10", atFirst)
            .in(Prop.FIRST)
            .applyTo(First.withCore(Samples.whole(), Optional.empty()));

    assertThat(First.core(changed).orElseThrow())
        .isEqualTo(new CoreChoice("tube-10", -200, 400, -50));
    assertThat(First.core(first)).contains(atFirst);
  }

  @Test
  void coats_are_added_changed_and_taken_out() {
    Project more = Edits.coats(First.ID, "primer", 5).in(Prop.FIRST).applyTo(Samples.whole());
    Project less = Edits.coats(First.ID, "primer", 0).in(Prop.FIRST).applyTo(more);

    assertThat(First.coats(more).get(1).count()).isEqualTo(5);
    assertThat(First.coats(less)).extracting(it -> it.coatingId()).containsExactly("seal", "paint");
  }

  @Test
  void a_project_is_checked_as_a_whole() {
    assertThatThrownBy(() -> Edits.name(" ").in(Prop.FIRST).applyTo(Samples.whole()))
        .hasMessageContaining("1 to 120 characters");
    assertThatThrownBy(() -> Samples.whole().withShelf(Map.of("paint", -1.0)))
        .hasMessageContaining("between 0 and 1000 litres");
    assertThatThrownBy(
            () ->
                OutlineEdits.addNode(First.ID, 1, Node.corner(-4, 10))
                    .in(Prop.FIRST)
                    .applyTo(Samples.whole()))
        .hasMessageContaining("beyond the centre line");
  }
}

package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Glue;
import stoutblade.derive.Derived;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdits;
import stoutblade.finish.Coats;
import stoutblade.measure.Figure;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stock.Shopping;

class PartStepsTest {

  private static List<Step> steps(Project project) {
    return Samples.derive(project).plan().orElseThrow().steps();
  }

  private static List<String> ids(Project project) {
    return steps(project).stream().map(it -> it.id().replaceAll(".*/", "")).toList();
  }

  private static Step step(Project project, String id) {
    return steps(project).stream()
        .filter(it -> it.id().endsWith("/" + id))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void each_step_stands_after_those_it_needs() {
    List<Step> steps = steps(Samples.whole());
    List<String> ids = steps.stream().map(Step::id).toList();

    assertThat(ids).doesNotHaveDuplicates();
    for (Step step : steps) {
      for (Step.Need need : step.needs()) {
        assertThat(ids.indexOf(need.stepId())).isBetween(0, ids.indexOf(step.id()) - 1);
      }
    }
  }

  /**
   * Common practice: the groove is cut while the sheet is wide; the core before the layers close.
   */
  @Test
  void what_would_come_too_late_comes_before() {
    List<String> ids = ids(Samples.whole());

    assertThat(ids).containsSubsequence("hold-up", "trace", "groove", "cut");
    assertThat(ids).containsSubsequence("core-fit", "core-bed", "spread", "join", "bevel");
    assertThat(ids)
        .containsSubsequence("sand", "coat-seal-1", "coat-primer-1", "coat-paint-2", "measure");
  }

  @Test
  void steps_follow_from_what_was_decided() {
    Project whole = Samples.whole();

    assertThat(ids(First.withCore(whole, Optional.empty())))
        .doesNotContain("groove", "core-fit", "core-bed");
    assertThat(ids(First.with(whole, Layering.of(2, "foam", 10, Profile.bevel(0, 20)))))
        .doesNotContain("bevel", "bevel-line");
    assertThat(ids(First.with(whole, Layering.of(2, "mat", 12.5, Profile.bevel(20, 4)))))
        .contains("grind");
    assertThat(ids(whole)).doesNotContain("grind").contains("coat-primer-3");
    assertThat(ids(First.withCoats(whole, List.of(new Coats("seal", 1)))))
        .doesNotContain("coat-primer-1", "coat-paint-1");
  }

  /**
   * The glue is a choice: its clock is that of the glue that was chosen, for this part alone, and
   * so is what is bought. Common practice: polyurethane glue wants hours in the clamp.
   */
  @Test
  void the_glue_that_was_chosen_runs_the_clock_and_is_bought() {
    Project whole = Samples.whole();
    Project chosen =
        PartEdits.glue(First.ID, Optional.of(Glue.FOR_CORE)).in(Prop.FIRST).applyTo(whole);

    Step spread = step(chosen, "spread");
    assertThat(spread.glueId()).isEqualTo(Glue.FOR_CORE);
    assertThat(spread.title()).isEqualTo("Spread the glue on both glue faces");
    assertThat(step(whole, "spread").title()).isEqualTo("Spread the cement on both glue faces");
    Step.Need joined = step(chosen, "join").needs().getFirst();
    assertThat(joined.notBefore()).isZero();
    assertThat(joined.notAfter()).hasValue(Samples.FOAMING.joinByMinutes());
    assertThat(step(whole, "join").needs().getFirst().notBefore())
        .isEqualTo(Samples.CEMENT.waitMinutes());

    assertThat(lines(whole)).contains(Samples.CEMENT.name(), Samples.FOAMING.name());
    assertThat(lines(chosen)).doesNotContain(Samples.CEMENT.name());
    Project both = PropEdits.again(Prop.FIRST).applyTo(chosen);
    Project mixed = PartEdits.glue(First.ID, Optional.empty()).in("p2").applyTo(both);
    assertThat(lines(mixed)).contains(Samples.CEMENT.name(), Samples.FOAMING.name());
  }

  /** A glue that the catalogue has no more: the proposed one is taken. */
  @Test
  void a_glue_that_is_gone_stops_no_plan() {
    Project gone =
        PartEdits.coreGlue(First.ID, Optional.of("moon-glue"))
            .in(Prop.FIRST)
            .applyTo(
                PartEdits.glue(First.ID, Optional.of("moon-glue"))
                    .in(Prop.FIRST)
                    .applyTo(Samples.whole()));

    assertThat(step(gone, "spread").glueId()).isEqualTo(Glue.FOR_LAYERS);
    assertThat(lines(gone)).isEqualTo(lines(Samples.whole()));
  }

  private static List<String> lines(Project project) {
    return Samples.derive(project).shopping().orElseThrow().lines().stream()
        .map(Shopping.Line::name)
        .toList();
  }

  @Test
  void a_step_takes_its_set_up_and_its_pace_times_what_there_is_to_do() {
    Derived derived = Samples.derive(Samples.whole());
    double girth = First.sizes(derived).edge().value();

    Step cut = step(Samples.whole(), "cut");

    assertThat(cut.minutes()).isCloseTo(5 + 10 * 2 * girth / 1000, within(1e-9));
    assertThat(cut.handsOn().inWords()).contains("÷ 1 m");
  }

  @Test
  void waits_come_from_the_glue_and_the_coatings() {
    Step join = step(Samples.whole(), "join");
    Step second = step(Samples.whole(), "coat-primer-2");
    Step paint = step(Samples.whole(), "coat-paint-1");
    Step bevel = step(Samples.whole(), "bevel");

    assertThat(join.needs().getFirst().notBefore()).isEqualTo(10);
    assertThat(join.needs().getFirst().notAfter()).hasValue(60);
    assertThat(second.needs().getFirst().notBefore()).isEqualTo(30);
    assertThat(paint.needs().getFirst().notBefore()).isEqualTo(1440);
    assertThat(bevel.needs()).anyMatch(need -> need.notBefore() == 1440);
  }

  @Test
  void where_work_can_hurt_the_step_says_so() {
    for (String id :
        List.of(
            "groove",
            "cut",
            "core-fit",
            "core-bed",
            "spread",
            "bevel",
            "sand",
            "coat-seal-1",
            "coat-primer-1")) {
      assertThat(step(Samples.whole(), id).cautions()).as(id).isNotEmpty();
    }
    assertThat(step(Samples.whole(), "spread").cautions())
        .anyMatch(it -> it.contains("safety data sheet"));
    assertThat(step(Samples.whole(), "pack").why()).contains("judged by the event");
  }

  @Test
  void glue_starts_a_clock_where_it_is_spread() {
    assertThat(step(Samples.whole(), "spread").glueId()).isEqualTo("contact-cement");
    assertThat(step(Samples.whole(), "join").glueId()).isEmpty();
  }

  @Test
  void one_layer_is_called_one() {
    Project one = LayerEdits.remove(First.ID, 1).in(Prop.FIRST).applyTo(Samples.whole());

    assertThat(step(one, "trace").title()).isEqualTo("Trace the layer");
    assertThat(step(one, "cut").title()).isEqualTo("Cut the layer to the line");
  }

  /** A flat grip that goes over into a bevelled blade: only the blade's edge is worked. */
  @Test
  void a_section_that_follows_is_worked_where_it_lies() {
    Project whole = Samples.whole();
    Layering layering = First.layering(whole);
    Profile bevel = Profile.bevel(15, 4);
    Project flat =
        First.with(
            whole,
            layering.with(Profile.FLAT).withChanges(List.of(new ProfileChange(200, 0, bevel))));
    Step line = step(flat, "bevel-line");
    Step sand = step(flat, "bevel");

    assertThat(line.why()).isEqualTo("15 mm in from the edge, both faces, from 20 cm along on");
    assertThat(sand.why()).isEqualTo("Down to 4 mm at the edge, from 20 cm along on");
    double all = First.sizes(Samples.derive(flat)).edge().value();
    double near = 2 * 200;
    assertThat(sand.handsOn().inputs().stream().map(Figure::value).toList())
        .anySatisfy(it -> assertThat(it / 2).isBetween(all - near - 60, all - near + 60));
  }
}

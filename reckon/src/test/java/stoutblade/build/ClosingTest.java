package stoutblade.build;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Derived;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Recess;
import stoutblade.feature.Where;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.template.Template;

/** What has to be done before the next layer goes on. */
class ClosingTest {

  private static final double MAGNET = 0;
  private static final double HATCH = 6;

  private static Project with(Project project, double what, double deep, double over) {
    Project added =
        PartEdits.addFeature(First.ID, Feature.Kind.RECESS, "", Where.At.of(20, 150))
            .in(Prop.FIRST)
            .applyTo(project);
    String id = First.features(added).getLast().id();
    return PartEdits.feature(
            First.ID,
            id,
            "sized",
            it ->
                it.with("what", what)
                    .with("long", 20)
                    .with("wide", 12)
                    .with("deep", deep)
                    .with("over", over))
        .in(Prop.FIRST)
        .applyTo(added);
  }

  private static Project stack(String foam, double... sheets) {
    List<Sheet> all = java.util.Arrays.stream(sheets).mapToObj(it -> Sheet.of(foam, it)).toList();
    return First.with(
        First.withCore(Samples.whole(), Optional.empty()), Layering.of(all, Profile.FLAT));
  }

  private static List<String> words(Project project) {
    Derived derived = Samples.derive(project);
    return Closing.of(
            First.form(derived).orElseThrow(),
            First.layers(derived).orElseThrow(),
            First.core(derived))
        .stream()
        .map(Closing::words)
        .toList();
  }

  @Test
  void a_magnet_lies_in_its_pocket_before_the_layer_over_it_goes_on() {
    assertThat(words(with(stack("foam", 6, 8, 6), MAGNET, 4, 10)))
        .containsExactly(
            "Before layer 3 goes on: cut the pocket for a magnet in layer 2, lay in a magnet");
    assertThat(words(with(stack("foam", 6, 8, 6), MAGNET, 10, 5)))
        .containsExactly(
            "Before layer 2 goes on: cut the pocket for a magnet in layers 1 and 2",
            "Before layer 3 goes on: cut the pocket for a magnet in layer 3, lay in a magnet");
  }

  @Test
  void what_lies_open_to_the_outside_can_wait() {
    assertThat(words(with(stack("foam", 6, 6), HATCH, 8, 4)))
        .noneMatch(it -> it.contains("lay in"));
    assertThat(words(stack("foam", 6, 6))).isEmpty();
  }

  @Test
  void the_core_lies_in_its_channel_and_textures_are_off() {
    Project cored = First.withCore(stack("foam", 10, 6, 10), First.core(Samples.whole()));

    assertThat(words(cored))
        .containsExactly(
            "Before layer 2 goes on: cut the channel in layers 1 and 2",
            "Before layer 3 goes on: cut the channel in layer 3, lay in the core");
    assertThat(words(stack(Samples.MAT.id(), 12, 12)))
        .containsExactly("Before layer 2 goes on: grind the texture off in layer 1");
  }

  /** The plan has them as steps, each before the cement is spread. */
  @Test
  void the_plan_has_them_before_the_joint() {
    List<Step> steps =
        Samples.derive(with(stack("foam", 6, 8, 6), MAGNET, 4, 10)).plan().orElseThrow().steps();

    assertThat(steps)
        .extracting(Step::id)
        .containsSubsequence(
            "p1/d1/cut", "p1/d1/pockets", "p1/d1/lay-in", "p1/d1/spread-1", "p1/d1/join-2");
    Step lay =
        steps.stream().filter(it -> it.id().equals("p1/d1/lay-in")).findFirst().orElseThrow();
    assertThat(lay.why()).startsWith("a magnet: try it");
    assertThat(lay.cautions()).anyMatch(it -> it.contains("implants"));
    assertThat(lay.minutes()).isCloseTo(5 + 10, within(1e-9));
  }

  /** A hatch opens to the outside: its pocket is cut, too, whether or not a layer closes on it. */
  @Test
  void pockets_that_lie_open_are_cut_before_sanding() {
    List<Step> one =
        Samples.derive(with(stack("foam", 10), HATCH, 6, 0)).plan().orElseThrow().steps();

    assertThat(one)
        .extracting(Step::id)
        .containsSubsequence("p1/d1/cut", "p1/d1/pockets", "p1/d1/sand");
    assertThat(one).extracting(Step::id).doesNotContain("p1/d1/lay-in");
    Step pockets =
        one.stream().filter(it -> it.id().equals("p1/d1/pockets")).findFirst().orElseThrow();
    assertThat(pockets.why())
        .isEqualTo(
            "a hatch in layer 1; the lid of a hatch in layer 1; depths are on the templates");
  }

  /** 32 × 24 less 20 × 12 is 528 mm², 3 mm deep; the lid is as large and as thick. */
  @Test
  void the_lid_of_a_hatch_lies_in_a_step() {
    Project hatched = with(stack("foam", 10, 10), HATCH, 9, 11);
    Derived derived = Samples.derive(hatched);
    List<Recess> found = Recess.of(First.features(hatched), First.half(hatched));

    assertThat(found).extracting(Recess::what).containsExactly(Recess.What.HATCH, Recess.What.LID);
    assertThat(found.getLast().over()).isEqualTo(17);
    assertThat(found.getLast().volume()).isCloseTo(528 * 3, within(1e-6));
    double solid =
        First.layers(Samples.derive(stack("foam", 10, 10))).orElseThrow().volume().value();
    double lid = 32 * 24 * 3;
    assertThat(First.layers(derived).orElseThrow().volume().value())
        .isCloseTo(solid - 20 * 12 * 9 - 528 * 3 + lid, within(5.0));
    double plain =
        First.layers(Samples.derive(stack("foam", 10, 10))).orElseThrow().solid().moment().y();
    assertThat(First.layers(derived).orElseThrow().solid().moment().y())
        .as("what is missing, at 150 mm from the base")
        .isCloseTo(plain - (20 * 12 * 9 + 528 * 3 - lid) * 150, within(500.0));
    Template front = First.templates(derived).getFirst();
    assertThat(front.labels())
        .anyMatch(
            it -> it.text().equals("Pocket for the lid of a hatch, 3 mm deep from the front"));
  }

  @Test
  void a_hatch_on_the_back_has_its_step_there() {
    Feature hatch =
        new Feature(
            "f1",
            Feature.Kind.RECESS,
            Map.of("what", HATCH, "long", 20.0, "deep", 5.0, "over", 0.0, "lid", 2.0),
            "",
            Where.At.of(0, 100));

    Recess step = Recess.of(List.of(hatch), Samples.BLADE).getLast();
    assertThat(step.over()).isZero();
    assertThat(step.deep()).isEqualTo(2);
    assertThat(step.volume()).isCloseTo(2 * Math.PI * (16 * 16 - 10 * 10), within(0.5));
  }

  @Test
  void taking_the_layers_out_takes_its_work_along() {
    Project one =
        LayerEdits.remove(First.ID, 0)
            .in(Prop.FIRST)
            .applyTo(with(stack("foam", 10, 10), MAGNET, 4, 3));

    assertThat(words(one)).isEmpty();
  }
}

package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.edit.PartEdits;
import stoutblade.measure.Units;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;

/** Common practice: to flush two halves one is cut to the line, the other large, and trimmed. */
class LayerTemplatesTest {

  private static final Layering ONE_LARGE =
      Layering.of(
          List.of(Sheet.of("foam", 10), Sheet.of("foam", 10).withOversize(true)),
          Profile.bevel(0, 20));

  private static Box cut(Template template) {
    return Box.around(
        template.strokes().stream()
            .filter(it -> it.kind() == Stroke.Kind.CUT)
            .flatMap(it -> it.path().flattened(0.01).stream())
            .toList());
  }

  @Test
  void one_layer_is_cut_to_the_line_and_the_other_large() {
    Derived derived = Samples.derive(First.with(Samples.whole(), ONE_LARGE));
    List<Template> templates = First.templates(derived);

    assertThat(templates).hasSize(2);
    assertThat(cut(templates.get(0)).width()).isCloseTo(100 + 20, within(0.1));
    assertThat(cut(templates.get(1)).width()).isCloseTo(100, within(0.1));
    assertThat(words(templates.get(0))).contains("trim it to the layer behind it");
    assertThat(words(templates.get(1))).doesNotContain("trim it");
  }

  private static String words(Template template) {
    return template.labels().stream().map(Label::text).collect(Collectors.joining("\n"));
  }

  @Test
  void the_plan_trims_it_once_the_joint_holds_and_before_it_is_shaped() {
    List<Step> steps =
        Samples.derive(First.with(Samples.whole(), ONE_LARGE)).plan().orElseThrow().steps();

    assertThat(steps.stream().map(Step::id))
        .containsSubsequence("p1/d1/join", "p1/d1/trim", "p1/d1/sand");
    assertThat(Samples.derive(Samples.whole()).plan().orElseThrow().steps().stream().map(Step::id))
        .doesNotContain("p1/d1/trim");
  }

  @Test
  void a_layered_plate_has_a_template_of_its_own_for_the_large_layer_too() {
    Project project =
        PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 60), 10)
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Project layered =
        stoutblade.edit.LayerEdits.on("d1", "Layers", it -> ONE_LARGE)
            .in(Prop.FIRST)
            .applyTo(project);

    List<Template> templates = Samples.derive(layered).parts().getFirst().templates(Units.METRIC);

    assertThat(templates).hasSize(2);
    assertThat(cut(templates.get(0)).width()).isCloseTo(140, within(0.1));
    assertThat(cut(templates.get(1)).width()).isCloseTo(120, within(0.1));
  }

  private static Part disc(Layering stack, Placing placing) {
    return Part.of("d1", "Disc", new Cut(WholeOutline.circle(new Point(0, 0), 60)), stack)
        .withPlacing(placing);
  }

  private static List<String> words(Part part) {
    return Samples.derive(First.withParts(Samples.bare(), List.of(part))).templates().stream()
        .flatMap(it -> it.labels().stream())
        .map(it -> it.text())
        .toList();
  }

  /** A rounded edge is not worked 'down to 0', and each of two layers is called by its side. */
  @Test
  void words_say_what_is_done_and_which_layer_it_is() {
    Layering rounded = Layering.of(2, "foam", 10, Profile.FLAT.withRound(4));
    assertThat(words(disc(rounded, Placing.USUAL)))
        .contains("Edge rounded over by 4 mm")
        .noneMatch(it -> it.contains("0 mm at the edge"));

    Layering oneSided =
        Layering.of(
            List.of(Sheet.of("foam", 6), Sheet.of("foam", 10)), Profile.FLAT.withFlatBack(true));
    List<Template> templates =
        Samples.derive(First.withParts(Samples.bare(), List.of(disc(oneSided, Placing.USUAL))))
            .templates();
    assertThat(templates)
        .extracting(it -> it.copies().getFirst().name())
        .containsExactly("front layer", "back layer");
  }

  @Test
  void a_pair_says_how_many_are_cut_and_which_way_round() {
    Layering oneSided =
        Layering.of(
            List.of(Sheet.of("foam", 6), Sheet.of("foam", 10)), Profile.FLAT.withFlatBack(true));
    assertThat(words(disc(oneSided, Placing.USUAL.made(2, 1))))
        .anyMatch(it -> it.contains("cut 2: 1 mirrored, the paper turned over"));
    assertThat(words(disc(Layering.of(2, "foam", 10, Profile.FLAT), Placing.USUAL.made(3, 0))))
        .anyMatch(it -> it.contains("cut 6: half as printed, half mirrored"));
  }

  /** Common practice: glue does not hold on a texture; one that looks out stays. */
  @Test
  void a_texture_is_ground_off_where_it_is_glued_alone() {
    Part one =
        Samples.plate(
            "d1",
            "Face",
            WholeOutline.circle(new Point(0, 0), 60),
            List.of(),
            "mat",
            12.5,
            Placing.USUAL.textured(Placing.Faces.BACK));

    assertThat(words(one)).contains("Grind the texture off before glue");
    assertThat(words(one.withPlacing(Placing.USUAL.textured(Placing.Faces.FRONT))))
        .doesNotContain("Grind the texture off before glue");
  }
}

package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import stoutblade.build.Step;
import stoutblade.measure.Units;
import stoutblade.project.Derived;
import stoutblade.project.PartEdits;
import stoutblade.project.Project;
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
    Derived derived = Samples.derive(Samples.whole().withLayering(ONE_LARGE));
    List<Template> templates = derived.bladeTemplates();

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
        Samples.derive(Samples.whole().withLayering(ONE_LARGE)).plan().orElseThrow().steps();

    assertThat(steps.stream().map(Step::id)).containsSubsequence("join", "trim", "sand");
    assertThat(Samples.derive(Samples.whole()).plan().orElseThrow().steps().stream().map(Step::id))
        .doesNotContain("trim");
  }

  @Test
  void a_layered_plate_has_a_template_of_its_own_for_the_large_layer_too() {
    Project project =
        PartEdits.addPlate("Disc", WholeOutline.circle(new Point(0, 0), 60), 10)
            .applyTo(Samples.whole());
    Project layered =
        stoutblade.project.LayerEdits.on("d1", "Layers", it -> ONE_LARGE).applyTo(project);

    List<Template> templates = Samples.derive(layered).parts().getFirst().templates(Units.METRIC);

    assertThat(templates).hasSize(2);
    assertThat(cut(templates.get(0)).width()).isCloseTo(140, within(0.1));
    assertThat(cut(templates.get(1)).width()).isCloseTo(120, within(0.1));
  }
}

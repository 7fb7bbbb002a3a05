package stoutblade.template;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.measure.Units;
import stoutblade.part.Placing;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** What stands on the template of a plate. */
class PlateTemplateTest {

  private static final HalfOutline BOARD =
      new HalfOutline(
          List.of(
              Node.corner(0, 0), Node.corner(150, 0), Node.corner(150, 300), Node.corner(0, 300)));

  private static Feature feature(
      int number, Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature("f" + number, kind, sizes, kind == Feature.Kind.LETTERS ? "A" : "", where);
  }

  private static Template template(Making making, Feature... features) {
    Typeface square =
        (words, high) ->
            List.of(
                new WholeOutline(
                        List.of(
                            Node.corner(0, 0),
                            Node.corner(high, 0),
                            Node.corner(high, high),
                            Node.corner(0, high)))
                    .path());
    PlateForm form =
        PlateForm.of(
            Samples.plate("d1", "Board", BOARD, List.of(features), "foam", 10, Placing.USUAL)
                .blank()
                .orElseThrow(),
            square);
    return PlateTemplate.of(form, making, Units.METRIC);
  }

  private static Making making(int made, int mirrored, boolean hidden, boolean textured) {
    return new Making("d1", "Board", "Foam", 10, made, mirrored, hidden, textured);
  }

  private static List<String> words(Template template) {
    return template.labels().stream().map(Label::text).toList();
  }

  @Test
  void windows_come_before_the_outline_and_it_is_said() {
    Template template =
        template(
            making(1, 0, false, false),
            feature(1, Feature.Kind.HOLE, Map.of(), Where.At.of(0, 100)));

    List<Path> cuts =
        template.strokes().stream()
            .filter(it -> it.kind() == Stroke.Kind.CUT)
            .map(Stroke::path)
            .toList();
    assertThat(cuts).hasSize(2);
    assertThat(cuts.getFirst().length(0.01)).isLessThan(cuts.getLast().length(0.01));
    assertThat(words(template)).contains("Cut inside first", "This side up: it shows");
    assertThat(template.kinds()).contains(Stroke.Kind.CENTRE);
  }

  @Test
  void every_kind_of_line_has_its_own_meaning() {
    Template template =
        template(
            making(1, 0, false, false),
            feature(1, Feature.Kind.BEVEL, Map.of(), new Where.Along(0, 3, 0, 1)),
            feature(
                2,
                Feature.Kind.FULLER,
                Map.of(),
                new Where.Row(new Point(0, 60), new Point(0, 240), 1)),
            feature(
                3,
                Feature.Kind.SCORES,
                Map.of("long", 40.0),
                new Where.Row(new Point(60, 60), new Point(60, 240), 8)),
            feature(4, Feature.Kind.LETTERS, Map.of(), Where.At.of(-60, 60)),
            feature(5, Feature.Kind.RIVET, Map.of(), new Where.Ring(new Point(0, 150), 90, 8, 0)));

    assertThat(template.kinds())
        .contains(
            Stroke.Kind.BEVEL,
            Stroke.Kind.FULLER,
            Stroke.Kind.SCORE,
            Stroke.Kind.ENGRAVE,
            Stroke.Kind.LAID);
    assertThat(words(template))
        .anyMatch(it -> it.startsWith("Bevel 20 mm wide to a 3 mm edge, "))
        .anyMatch(it -> it.endsWith("from the face"));
  }

  @Test
  void hands_hidden_sides_and_textures_are_written() {
    Template template = template(making(4, 2, true, true));

    assertThat(words(template))
        .contains(
            "Foam 10 mm, cut 4",
            "2 as printed, 2 mirrored: turn the paper over",
            "This side is hidden",
            "Grind the texture off before glue");
    assertThat(template.copies()).hasSize(4);
    assertThat(template.mirroredCopies()).isEqualTo(2);
    assertThat(template.title()).isEqualTo("Board, made 4 times");
    assertThat(template.id()).isEqualTo("d1-board");
  }

  @Test
  void pieces_of_features_lie_beside_and_are_counted_with_the_plates() {
    Template template =
        template(
            making(3, 0, false, false),
            feature(
                1,
                Feature.Kind.ORNAMENT,
                Map.of("way", 2.0, "wide", 20.0, "high", 30.0),
                new Where.Row(new Point(-80, 40), new Point(80, 40), 5)));

    assertThat(words(template)).contains("Ray, cut 15");
    assertThat(template.copies()).hasSize(3 + 15);
    assertThat(template.box().maxX()).isGreaterThan(150 + 20);
  }

  @Test
  void words_stand_on_foam_that_is_there() {
    Template template =
        template(
            making(1, 0, false, false),
            feature(
                1,
                Feature.Kind.WINDOW,
                Map.of("long", 160.0, "wide", 160.0, "frame", 0.0),
                Where.At.of(0, 150)));

    Point at =
        template.labels().stream()
            .filter(it -> it.text().equals("Foam 10 mm, cut 1"))
            .findFirst()
            .orElseThrow()
            .at();
    assertThat(Math.abs(at.x()) > 80 || Math.abs(at.y() - 150) > 80).isTrue();
  }
}

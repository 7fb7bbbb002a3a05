package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.PartEdits;
import stoutblade.measure.Units;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.sum.Sum;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/**
 * No words cross a line that is cut, stand on others' words, or leave their template: measured with
 * the font that is printed and with the strokes that are engraved, by a general geometry library.
 */
class TemplateWordsTest {

  private static final GeometryFactory LINES = new GeometryFactory();

  private static Geometry line(List<Point> points) {
    return LINES.createLineString(
        points.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new));
  }

  private static Geometry box(Box box) {
    List<Point> corners = new ArrayList<>(box.corners());
    corners.add(corners.getFirst());
    return LINES.createPolygon(
        corners.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new));
  }

  /** What the printed words fill: their length in the font, capitals' height. */
  private static Box printed(PDFont font, Label label) throws IOException {
    double length = font.getStringWidth(known(font, label.text())) / 1000 * label.sizeMm() / 2;
    double high = label.sizeMm() * 0.36;
    double x = label.upright() ? high : length;
    double y = label.upright() ? length : high;
    Point at = label.at();
    return new Box(at.x() - x, at.y() - y, at.x() + x, at.y() + y);
  }

  private static String known(PDFont font, String text) {
    StringBuilder all = new StringBuilder();
    text.codePoints()
        .mapToObj(Character::toString)
        .forEach(
            it -> {
              try {
                font.encode(it);
                all.append(it);
              } catch (IOException | IllegalArgumentException e) {
                all.append('?');
              }
            });
    return all.toString();
  }

  private static void assertClear(List<Template> templates) throws IOException {
    try (PDDocument pdf = new PDDocument();
        InputStream in =
            TemplateWordsTest.class.getResourceAsStream("/stoutblade/fonts/Asap-Regular.ttf")) {
      PDFont font = PDType0Font.load(pdf, in);
      for (Template template : templates) {
        List<Geometry> cuts =
            template.strokes().stream()
                .filter(it -> it.kind() == Stroke.Kind.CUT || it.kind() == Stroke.Kind.JOINT)
                .map(it -> line(it.path().flattened(0.05)))
                .toList();
        Geometry all = box(template.box().grown(1e-6));
        List<Geometry> before = new ArrayList<>();
        for (Label label : template.labels()) {
          Geometry words = box(printed(font, label));
          String what = template.title() + ": " + label.text();
          assertThat(cuts).as(what).noneMatch(words::intersects);
          assertThat(before).as(what).noneMatch(words::intersects);
          assertThat(all.covers(words)).as(what).isTrue();
          for (List<Point> stroke : StrokeLetters.of(label)) {
            Geometry engraved = line(stroke);
            assertThat(cuts).as(what + ", engraved").noneMatch(engraved::intersects);
            assertThat(all.covers(engraved)).as(what + ", engraved").isTrue();
          }
          before.add(words);
        }
      }
    }
  }

  private static Derived derived(Project project, Units units) {
    return new Reckoner(CatalogueFile.shipped(), new ShippedTypeface())
        .derive(project, FormatSamples.NOW, units);
  }

  @Test
  void no_words_of_the_demo_cross_a_cut_line_or_leave_their_template() throws IOException {
    int checked = 0;
    Project project = FormatSamples.demo().project();
    for (Units units : List.of(Units.METRIC, Units.INCHES)) {
      List<Template> templates = derived(project, units).templates();
      assertClear(templates);
      checked += templates.size();
    }
    assertThat(checked).isGreaterThan(40);
  }

  /** Every kind of shape at random sizes, tiny ones and strips included. */
  @Test
  void no_words_of_random_shapes_do_either() throws IOException {
    Random random = new Random(9);
    Project project = FormatSamples.demo().project();
    List<Template> all = new ArrayList<>();
    for (Sum sum : Sum.ALL) {
      for (int i = 0; i < 6; i++) {
        Map<String, Double> sizes = new java.util.HashMap<>();
        double factor = Math.pow(10, random.nextDouble(-0.9, 0.6));
        sum.entries().stream()
            .filter(it -> it.quantity() == stoutblade.measure.Quantity.LENGTH)
            .filter(it -> !it.key().equals("foam"))
            .forEach(it -> sizes.put(it.key(), it.usual() * factor));
        try {
          Project with =
              PartEdits.addShape("Thing " + i, sum.key(), sizes).in(Prop.FIRST).applyTo(project);
          Derived derived = derived(with, Units.METRIC);
          all.addAll(derived.first().parts().getLast().templates(Units.METRIC));
        } catch (IllegalArgumentException e) {
          // Sizes that make no such shape, or a sum that lays nothing out.
        }
      }
    }
    assertThat(all.size()).isGreaterThan(50);
    assertClear(all);
  }

  /** Two kinds of line never look the same without colour: other dashes, or another width. */
  @Test
  void kinds_of_line_are_told_apart_without_colour_and_have_one_colour_each() {
    Set<Integer> colours = new HashSet<>();
    for (Stroke.Kind one : Stroke.Kind.values()) {
      LineStyle style = LineStyle.of(one);
      assertThat(colours.add(style.rgb())).as(one + ": its own colour").isTrue();
      for (Stroke.Kind two : Stroke.Kind.values()) {
        if (one != two) {
          assertThat(apart(style, LineStyle.of(two))).as(one + " and " + two).isTrue();
        }
      }
    }
  }

  private static boolean apart(LineStyle one, LineStyle two) {
    if (one.dashesMm().size() != two.dashesMm().size()) {
      return true;
    }
    double width = Math.max(one.widthMm(), two.widthMm()) / Math.min(one.widthMm(), two.widthMm());
    boolean dashes = false;
    for (int i = 0; i < one.dashesMm().size(); i++) {
      double ratio = one.dashesMm().get(i) / two.dashesMm().get(i);
      dashes |= ratio > 1.7 || ratio < 1 / 1.7;
    }
    return dashes || width >= 1.9;
  }
}

package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Derived;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** Layers that are larger than a sheet. */
class JointsTest {

  private static Region rectangle(double wide, double high) {
    return Region.inside(
        Path.through(
            List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high)),
            true),
        0.01);
  }

  @Property(tries = 100)
  void pieces_fit_the_sheet_and_are_the_whole_layer(
      @ForAll @DoubleRange(min = 50, max = 900) double wide,
      @ForAll @DoubleRange(min = 50, max = 900) double high) {
    Region layer = rectangle(wide, high);
    for (int i = 0; i < 2; i++) {
      List<Region> pieces = Joints.even(layer, 200, 300, i).pieces(layer);
      assertThat(pieces.stream().mapToDouble(Region::area).sum())
          .isCloseTo(layer.area(), within(layer.area() * 1e-9 + 4));
      assertThat(pieces)
          .allSatisfy(
              it -> {
                double small = Math.min(it.box().width(), it.box().height());
                double large = Math.max(it.box().width(), it.box().height());
                assertThat(small).isLessThanOrEqualTo(200 + 1e-6);
                assertThat(large).isLessThanOrEqualTo(300 + 1e-6);
              });
    }
  }

  /** In neighbouring layers no joint lies within a quarter of the sheet's width of another. */
  @Property(tries = 100)
  void joints_never_lie_over_one_another(@ForAll @DoubleRange(min = 320, max = 1500) double high) {
    Region layer = rectangle(150, high);
    Joints front = Joints.leastSeen(layer, 200, 300, Optional.empty());
    Joints next = Joints.leastSeen(layer, 200, 300, Optional.of(front));
    Joints last = Joints.leastSeen(layer, 200, 300, Optional.of(next));

    assertThat(front.none()).isFalse();
    assertThat(front.near(next, 50)).isFalse();
    assertThat(next.near(last, 50)).isFalse();
    assertThat(Joints.even(layer, 200, 300, 0).near(Joints.even(layer, 200, 300, 1), 50)).isFalse();
  }

  /** A window 100 wide across the middle: a joint through it shows 50 mm, elsewhere 150. */
  @Test
  void the_front_is_cut_apart_where_it_shows_least() {
    Region frame =
        rectangle(150, 400)
            .difference(
                Region.inside(
                    Path.through(
                        List.of(
                            new Point(25, 180),
                            new Point(125, 180),
                            new Point(125, 220),
                            new Point(25, 220)),
                        true),
                    0.01));

    Joints front = Joints.leastSeen(frame, 200, 300, Optional.empty());
    assertThat(front.along()).containsExactly(200.0);
    assertThat(front.length(frame)).isCloseTo(50, within(1e-6));
    assertThat(front.pieces(frame)).hasSize(2);
  }

  /**
   * Turned over the back would have its joint under the front's: each has a template of its own.
   */
  @Test
  void layers_that_are_cut_apart_share_no_template() {
    HalfOutline pike =
        new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 1500), Node.corner(0, 1700)));
    Project project = Samples.whole();
    Derived derived =
        Samples.derive(
            First.with(
                project,
                First.part(project)
                    .withCut(it -> it.withOutline(pike))
                    .withLayering(Layering.of(2, "foam", 10, Profile.bevel(10, 8)))));
    List<Template> templates = First.templates(derived);

    assertThat(templates).hasSize(2);
    assertThat(joint(templates.getFirst())).isNotEqualTo(joint(templates.getLast()));
    assertThat(derived.plan().orElseThrow().steps()).anyMatch(it -> it.id().equals("p1/d1/butt"));
  }

  private static double joint(Template template) {
    return template.strokes().stream()
        .filter(it -> it.kind() == Stroke.Kind.JOINT)
        .findFirst()
        .orElseThrow()
        .path()
        .start()
        .y();
  }

  /** A board of two layers on sheets of 1000: each is cut apart elsewhere, and so it is shown. */
  @Test
  void a_board_larger_than_its_sheet_is_cut_apart() {
    WholeOutline board =
        new WholeOutline(
            List.of(
                Node.corner(-200, 0),
                Node.corner(200, 0),
                Node.corner(200, 1800),
                Node.corner(-200, 1800)));
    Feature window =
        new Feature(
            "f1",
            Feature.Kind.WINDOW,
            Map.of("long", 200.0, "wide", 60.0, "frame", 0.0),
            "",
            Where.At.of(0, 900));
    PlateForm form =
        PlateForm.of(new Blank("d1", "Board", board, List.of(window), 10), Typeface.NONE);
    Layers layers =
        Layers.of(form, Layering.of(2, "foam", 10, Profile.FLAT), Samples.CATALOGUE::sheet)
            .orElseThrow();

    Layer back = layers.each().getFirst();
    Layer front = layers.each().getLast();
    assertThat(front.joints().none()).isFalse();
    assertThat(front.joints().near(back.joints(), 100)).isFalse();
    assertThat(front.pieces().stream().mapToDouble(Region::area).sum())
        .isCloseTo(front.cut().area(), within(1.0));
    assertThat(layers.onePiece()).isFalse();
  }
}

package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import stoutblade.derive.Derived;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Splits;
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
    Joints front = proposed(layer, Optional.empty());
    Joints next = proposed(layer, Optional.of(front));
    Joints last = proposed(layer, Optional.of(next));

    assertThat(front.none()).isFalse();
    assertThat(front.near(next, 50)).isFalse();
    assertThat(next.near(last, 50)).isFalse();
    assertThat(Joints.even(layer, 200, 300, 0).near(Joints.even(layer, 200, 300, 1), 50)).isFalse();
  }

  private static Joints proposed(Region layer, Optional<Joints> front) {
    return Joints.leastSeen(layer, 200, 300, front, Splits.Joint.BUTT, 10);
  }

  /** A window 100 wide across the middle: a joint through it would hold by 25 mm on either side. */
  @Test
  void joints_keep_off_narrow_places_and_corners() {
    Region frame = rectangle(150, 400).difference(Region.of(new Box(25, 180, 125, 220)));
    Joints front = proposed(frame, Optional.empty());
    assertThat(front.along()).hasSize(1);
    assertThat(front.along().getFirst()).matches(at -> at < 165 || at > 235);
    assertThat(front.length(frame)).isCloseTo(150, within(1e-6));
    assertThat(front.pieces(frame)).hasSize(2);
  }

  /** A plate 500 wide that is its own image: so are its pieces, though others would show less. */
  @Test
  void halves_that_are_alike_are_cut_apart_alike() {
    Region plate =
        rectangle(500, 150)
            .difference(Region.of(new Box(200, -1, 215, 100)))
            .difference(Region.of(new Box(285, -1, 300, 100)));
    for (Splits.Joint joint : Splits.Joint.values()) {
      Joints own = Joints.leastSeen(plate, 150, 200, Optional.empty(), joint, 10);
      assertThat(own.none()).isFalse();
      Geometry pieces = sum(own.pieces(plate));
      Geometry image = AffineTransformation.scaleInstance(-1, 1, 250, 0).transform(pieces);
      assertThat(pieces.symDifference(image).getArea()).isLessThan(1e-3);
      List<Region> all = own.pieces(plate);
      for (Region it : all) {
        Geometry over = AffineTransformation.scaleInstance(-1, 1, 250, 0).transform(geometry(it));
        assertThat(all.stream().anyMatch(o -> geometry(o).symDifference(over).getArea() < 1e-3))
            .as("%s at %s", joint, own.across())
            .isTrue();
      }
    }
  }

  // == BEVELS AND FINGERS, PUT TOGETHER AGAIN BY ANOTHER LIBRARY (JTS)

  private static Geometry geometry(Region region) {
    Geometry sum = new GeometryFactory().createPolygon();
    for (List<Point> ring : region.rings()) {
      Coordinate[] all =
          ring.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new);
      sum = sum.symDifference(new GeometryFactory().createPolygon(all));
    }
    return sum;
  }

  private static Geometry sum(List<Region> pieces) {
    return pieces.stream().map(JointsTest::geometry).reduce(Geometry::union).orElseThrow();
  }

  /** A random plate with a hole. */
  private static Region plate(Random random) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      double reach = 250 + 300 * random.nextDouble();
      ring.add(new Point(reach, 0).turned(2 * Math.PI * i / 9));
    }
    Point at = new Point(150 * random.nextDouble(), 150 * random.nextDouble());
    return Region.inside(Path.through(ring, true), 0.1)
        .difference(Region.inside(WholeOutline.circle(at, 60).path(), 0.1));
  }

  @ParameterizedTest
  @EnumSource(Splits.Joint.class)
  void pieces_of_any_joint_make_the_whole_again(Splits.Joint joint) {
    Random random = new Random(11);
    for (int i = 0; i < 40; i++) {
      Region layer = plate(random);
      double thick = 2 + 18 * random.nextDouble();
      Joints joints = Joints.leastSeen(layer, 400, 500, Optional.empty(), joint, thick);
      List<Region> pieces = joints.pieces(layer);
      assertThat(pieces.size()).isGreaterThan(2);
      assertThat(sum(pieces).symDifference(geometry(layer)).getArea())
          .as("specks that are left out")
          .isLessThan(4);
      for (Region it : pieces) {
        Box box = it.box();
        assertThat(Math.min(box.width(), box.height())).isLessThan(400 + 1e-6);
        assertThat(Math.max(box.width(), box.height())).isLessThan(500 + 1e-6);
      }
      double twice = pieces.stream().mapToDouble(Region::area).sum() - layer.area();
      if (joint == Splits.Joint.SCARF) {
        // They lie over one another by the thickness all along, at crossings once more.
        double length = joints.cutLines(layer).stream().mapToDouble(it -> geometry(it)).sum() / 2;
        assertThat(twice).isCloseTo(length * thick, within(0.1 * length * thick));
      } else {
        assertThat(Math.abs(twice)).isLessThan(4);
      }
    }
  }

  private static double geometry(List<Point> line) {
    return new GeometryFactory()
        .createLineString(
            line.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new))
        .getLength();
  }

  /** A strip 200 wide, 10 mm thick, cut once: by hand. */
  @Test
  void fingers_by_hand() {
    Region strip = rectangle(200, 600);
    Joints joints = new Joints(List.of(), List.of(300.0), Splits.Joint.FINGER, 10);
    // Fingers of 20 mm or a little more, an odd number: nine of 22.22 mm, four of them deep.
    List<Point> line = joints.lines(strip).getFirst();
    assertThat(geometry(line)).isCloseTo(200 + 8 * 20, within(1e-6));
    assertThat(line.stream().mapToDouble(Point::y).max().orElseThrow())
        .isCloseTo(310, within(1e-9));
    assertThat(line.stream().mapToDouble(Point::y).min().orElseThrow())
        .isCloseTo(290, within(1e-9));
    List<Region> pieces = joints.pieces(strip);
    assertThat(pieces).hasSize(2);
    // Four of nine fingers reach up by 20 mm from 290.
    assertThat(pieces.getFirst().area()).isCloseTo(200 * 290 + 4 * 200 / 9.0 * 20, within(1e-3));

    // With a bevel each reaches half the thickness over the line.
    Joints bevelled = new Joints(List.of(), List.of(300.0), Splits.Joint.SCARF, 10);
    assertThat(bevelled.pieces(strip)).allMatch(it -> Math.abs(it.area() - 200 * 305) < 1e-3);
    assertThat(bevelled.cutLines(strip).stream().map(it -> it.getFirst().y()))
        .containsExactlyInAnyOrder(295.0, 305.0);
  }

  @Test
  void a_joint_stays_between_those_beside_it() {
    Joints joints = new Joints(List.of(100.0, 200.0), List.of(), Splits.Joint.BUTT, 10);
    assertThat(joints.moved(true, 0, 150).across()).containsExactly(150.0, 200.0);
    assertThat(joints.moved(true, 0, 500).across()).containsExactly(199.0, 200.0);
    assertThat(joints.moved(true, 1, -500).across()).containsExactly(100.0, 101.0);
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

package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * Flat pieces put together again in space by code of the test's own, with a general library's
 * rotations: edges that are glued meet within a hundredth of a millimetre, and in the right place.
 */
class AssembledTest {

  private static final double MEETS_MM = 0.01;

  private static List<Vector3D> placed(Edge edge, Function<Point, Vector3D> to) {
    return edge.path().flattened(0.002).stream().map(to).toList();
  }

  private static List<Edge> seam(Panel panel, String letter) {
    return panel.edges().stream().filter(it -> it.seam().equals(letter)).toList();
  }

  /** Every place of one line lies on the other, and the other way round. */
  private static void assertMeet(List<Vector3D> one, List<Vector3D> two) {
    assertThat(furthest(one, two)).isLessThan(MEETS_MM);
    assertThat(furthest(two, one)).isLessThan(MEETS_MM);
  }

  private static double furthest(List<Vector3D> from, List<Vector3D> line) {
    return from.stream().mapToDouble(it -> distance(it, line)).max().orElseThrow();
  }

  private static double distance(Vector3D at, List<Vector3D> line) {
    double least = Double.POSITIVE_INFINITY;
    for (int i = 1; i < line.size(); i++) {
      Vector3D from = line.get(i - 1);
      Vector3D way = line.get(i).subtract(from);
      double along = at.subtract(from).dotProduct(way) / Math.max(1e-18, way.getNormSq());
      Vector3D nearest = from.add(way.scalarMultiply(Math.clamp(along, 0, 1)));
      least = Math.min(least, at.distance(nearest));
    }
    return least;
  }

  // == ELBOW

  /** A piece of tube in space: where its middle is, which way it runs, and where inside is. */
  private record Tube(Vector3D at, Vector3D along, Vector3D inside, double radius, boolean back) {

    Vector3D roll(Point flat) {
      double round = (back ? -1 : 1) * flat.x() / radius;
      Vector3D side = along.crossProduct(inside);
      return at.add(along.scalarMultiply(back ? -flat.y() : flat.y()))
          .add(inside.scalarMultiply(radius * Math.cos(round)))
          .add(side.scalarMultiply(radius * Math.sin(round)));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "2, 30", "2, 90", "3, 45", "3, 90", "4, 90", "4, 180", "5, 120", "8, 180", "16, 170", "6, 15"
  })
  void an_elbow_turns_by_its_bend_and_ends_where_its_radius_says(int pieces, double degrees) {
    double bend = Math.toRadians(degrees);
    double leg = 40;
    double radius = 160;
    Elbow elbow = new Elbow(90, 6, bend, pieces, radius, leg);
    List<Panel> panels = elbow.develop("x").panels();
    double mitre = bend / 2 / (pieces - 1);
    double half = radius * Math.tan(mitre);
    double tube = 42;
    Vector3D along = Vector3D.PLUS_K;
    Vector3D inside = Vector3D.PLUS_I;
    Rotation step = new Rotation(Vector3D.PLUS_J, 2 * mitre, RotationConvention.VECTOR_OPERATOR);
    Vector3D joint = along.scalarMultiply(leg + half);
    List<Vector3D> before =
        placed(
            seam(panels.getFirst(), "A").getFirst(),
            new Tube(Vector3D.ZERO, along, inside, tube, false)::roll);
    for (int i = 1; i < pieces; i++) {
      along = step.applyTo(along);
      inside = step.applyTo(inside);
      if (i == pieces - 1) {
        Vector3D end = joint.add(along.scalarMultiply(leg + half));
        Tube last = new Tube(end, along, inside, tube, true);
        assertMeet(before, placed(seam(panels.getFirst(), "A").getFirst(), last::roll));
        // The middle of the bend is beside the end of the first leg.
        Vector3D centre = new Vector3D(radius, 0, leg);
        Vector3D expected =
            centre.subtract(inside.scalarMultiply(radius)).add(along.scalarMultiply(leg));
        assertThat(end.distance(expected)).isLessThan(MEETS_MM);
      } else {
        Tube between = new Tube(joint.add(along.scalarMultiply(half)), along, inside, tube, false);
        List<Edge> both = seam(panels.get(1), "A");
        List<List<Vector3D>> ends = both.stream().map(it -> placed(it, between::roll)).toList();
        int near =
            ends.get(0).getFirst().distance(joint) < ends.get(1).getFirst().distance(joint)
                    && furthest(before, ends.get(0)) < furthest(before, ends.get(1))
                ? 0
                : 1;
        assertMeet(before, ends.get(near));
        before = ends.get(1 - near);
        joint = joint.add(along.scalarMultiply(2 * half));
      }
    }
    assertThat(Vector3D.angle(Vector3D.PLUS_K, along)).isCloseTo(bend, within(1e-9));
  }

  @Test
  void nobody_is_told_to_turn_a_piece_round() {
    assertThat(new Elbow(90, 6, 1, 4, 160, 40).develop("x").words().getLast())
        .contains("half a round further along its wave", "makes an S");
  }

  // == FOLDED

  /** The sides of a regular thing stood up round its foot, each leaning in by an angle. */
  private static List<Function<Point, Vector3D>> round(int sides, double side, double lean) {
    List<Function<Point, Vector3D>> all = new ArrayList<>();
    double middle = side / 2 / Math.tan(Math.PI / sides);
    for (int i = 0; i < sides; i++) {
      Rotation turn =
          new Rotation(
              Vector3D.PLUS_K, 2 * Math.PI * i / sides, RotationConvention.VECTOR_OPERATOR);
      all.add(
          flat ->
              turn.applyTo(
                  new Vector3D(
                      flat.x() - side / 2,
                      -middle + flat.y() * Math.sin(lean),
                      flat.y() * Math.cos(lean))));
    }
    return all;
  }

  @ParameterizedTest
  @CsvSource({
    "3, 100, 30, 80",
    "4, 120, 40, 90",
    "6, 50, 0, 130",
    "12, 30, 10, 25",
    "24, 40, 0, 60"
  })
  void the_sides_of_a_pyramid_meet_at_its_height(int sides, double foot, double top, double high) {
    Panel side = new Pyramid(sides, foot, top, high).develop("x").panels().getFirst();
    double lean = Math.atan((foot - top) / 2 / Math.tan(Math.PI / sides) / high);
    List<Function<Point, Vector3D>> round = round(sides, foot, lean);
    for (int i = 0; i < sides; i++) {
      int next = (i + 1) % sides;
      List<Edge> seams = seam(side, "A");
      assertMeet(placed(seams.get(0), round.get(i)), placed(seams.get(1), round.get(next)));
    }
    double reached =
        side.outline().flattened(0.01).stream()
            .mapToDouble(it -> round.getFirst().apply(it).getZ())
            .max()
            .orElseThrow();
    assertThat(reached).isCloseTo(high, within(MEETS_MM));
  }

  @ParameterizedTest
  @ValueSource(ints = {3, 4, 5, 6, 12, 24})
  void the_sides_of_a_prism_meet_and_its_ends_fit(int sides) {
    List<Panel> panels = new Prism(sides, 80, 80, 200, 10, 2).develop("x").panels();
    Panel side = panels.getFirst();
    List<Function<Point, Vector3D>> round = round(sides, 80, 0);
    List<Vector3D> foot = new ArrayList<>();
    for (int i = 0; i < sides; i++) {
      List<Edge> seams = seam(side, "A");
      assertMeet(
          placed(seams.get(0), round.get(i)), placed(seams.get(1), round.get((i + 1) % sides)));
      foot.add(round.get(i).apply(new Point(0, 0)));
    }
    foot.add(foot.getFirst());
    List<Vector3D> end =
        panels.getLast().outline().flattened(0.01).stream()
            .map(it -> new Vector3D(it.x(), it.y(), 0))
            .toList();
    assertMeet(foot, end);
  }

  @ParameterizedTest
  @CsvSource({"3, true", "4, true", "5, false", "8, true", "24, false"})
  void the_mitres_of_a_moulding_meet_all_round(int sides, boolean outside) {
    Moulding moulding = new Moulding(sides, 200, 200, 12, Moulding.Shape.HALF_ROUND, outside);
    Panel piece = moulding.develop("x").panels().getFirst();
    double middle = 100 / Math.tan(Math.PI / sides);
    double way = outside ? 1 : -1;
    List<Function<Point, Vector3D>> round =
        IntStream.range(0, sides)
            .mapToObj(
                i -> {
                  Rotation turn =
                      new Rotation(
                          Vector3D.PLUS_K,
                          2 * Math.PI * i / sides,
                          RotationConvention.VECTOR_OPERATOR);
                  return (Function<Point, Vector3D>)
                      flat ->
                          turn.applyTo(new Vector3D(way * flat.x(), -middle + way * flat.y(), 0));
                })
            .toList();
    List<Edge> mitres = seam(piece, "M");
    for (int i = 0; i < sides; i++) {
      List<Vector3D> one = placed(mitres.get(outside ? 1 : 0), round.get(i));
      List<Vector3D> other = placed(mitres.get(outside ? 0 : 1), round.get((i + 1) % sides));
      assertMeet(one, other);
    }
  }

  /**
   * A skin folded down its stack: its outer face round a quarter circle of its thickness, then down
   * the side. Neighbours meet along the corners, and reach as far down as the stack is high.
   */
  @ParameterizedTest
  @CsvSource({"160, 60, 40, 2", "300, 300, 25, 6", "90, 400, 8, 10"})
  void the_flaps_of_a_skin_meet_at_the_corners(
      double long_, double wide, double high, double foam) {
    Panel net = new Cover(long_, wide, high, foam).develop("x").panels().getFirst();
    for (String letter : List.of("A", "B", "C", "D")) {
      List<Edge> seams = seam(net, letter);
      assertThat(seams).hasSize(2);
      List<List<Vector3D>> folded =
          seams.stream().map(it -> placed(it, at -> folded(at, long_, wide, foam))).toList();
      assertMeet(folded.get(0), folded.get(1));
      for (Vector3D it : folded.get(0)) {
        assertThat(Math.abs(it.getX())).isCloseTo(long_ / 2 + foam, within(MEETS_MM));
        assertThat(Math.abs(it.getY())).isCloseTo(wide / 2 + foam, within(MEETS_MM));
      }
    }
    for (Point it : net.outline().flattened(0.01)) {
      assertThat(folded(it, long_, wide, foam).getZ()).isGreaterThan(-high - MEETS_MM);
    }
    // Over the middle of the skin: flat, a quarter round, the height.
    double along = long_ + 2 * (high + Math.PI / 2 * foam / 2);
    assertThat(net.box().width()).isCloseTo(along, within(MEETS_MM));
  }

  /** Where the outer face over a place of the net comes to lie; z from the top of the stack. */
  private static Vector3D folded(Point flat, double long_, double wide, double foam) {
    double overX = Math.abs(flat.x()) - long_ / 2;
    double overY = Math.abs(flat.y()) - wide / 2;
    if (overX > overY) {
      Vector3D down = down(overX, foam);
      return new Vector3D(Math.signum(flat.x()) * (long_ / 2 + down.getX()), flat.y(), down.getZ());
    }
    Vector3D down = down(overY, foam);
    return new Vector3D(flat.x(), Math.signum(flat.y()) * (wide / 2 + down.getX()), down.getZ());
  }

  /** From the stack's edge outwards (x) and upwards (z), so far along the middle of the skin. */
  private static Vector3D down(double along, double foam) {
    double quarter = Math.PI / 2 * foam / 2;
    double angle = Math.min(along, quarter) / (foam / 2);
    return new Vector3D(
        foam * Math.sin(angle), 0, foam * Math.cos(angle) - Math.max(0, along - quarter));
  }

  // == TURNED

  @ParameterizedTest
  @CsvSource({
    "240, 80, 200, 10, 1",
    "240, 80, 200, 10, 4",
    "300, 0, 90, 3, 3",
    "90, 60, 400, 6, 2"
  })
  void the_pieces_of_a_cone_meet_round_it(
      double foot, double top, double high, double foam, int pieces) {
    Cone cone = new Cone(foot, top, high, foam, 0, pieces);
    Panel piece = cone.develop("x").panels().getFirst();
    double lean = Math.atan((foot - top) / 2 / high);
    List<Edge> seams = seam(piece, "A");
    for (int i = 0; i < pieces; i++) {
      int turned = i;
      Function<Point, Vector3D> own = it -> rolled(it, lean, 2 * Math.PI * turned / pieces);
      Function<Point, Vector3D> next = it -> rolled(it, lean, 2 * Math.PI * (turned + 1) / pieces);
      assertMeet(placed(seams.get(0), own), placed(seams.get(1), next));
    }
    // The foot lies level, half the foam inside the outer circle.
    double middle = foot / 2 - foam / 2 / Math.cos(lean);
    for (Vector3D it : placed(piece.edges().getFirst(), at -> rolled(at, lean, 0))) {
      assertThat(Math.hypot(it.getX(), it.getY())).isCloseTo(middle, within(MEETS_MM));
      assertThat(it.getZ()).isCloseTo(-middle / Math.tan(lean), within(MEETS_MM));
    }
  }

  /** A flat place rolled onto a cone with its tip at the origin: its distance from it stays. */
  private static Vector3D rolled(Point flat, double lean, double turned) {
    double rho = flat.length();
    double round = (Math.atan2(flat.y(), flat.x()) + Math.PI / 2) / Math.sin(lean) + turned;
    return new Vector3D(
        rho * Math.sin(lean) * Math.cos(round),
        rho * Math.sin(lean) * Math.sin(round),
        -rho * Math.cos(lean));
  }

  /** A gore laid on its sphere: as far from the pole as it is long, half a share of the girth. */
  @ParameterizedTest
  @CsvSource({"300, 150, 6, 8", "600, 75, 10, 16", "200, 60, 2, 5"})
  void the_gores_of_a_dome_meet_on_its_sphere(double rim, double deep, double foam, int gores) {
    Dish dish = new Dish(rim, deep, foam, gores, Dish.Way.GORES, 1);
    Panel gore = dish.develop("x").panels().getFirst();
    double sphere = (rim * rim / 4 + deep * deep) / (2 * deep) - foam / 2;
    double longest = gore.box().maxY();
    int checked = 0;
    for (Edge edge : gore.edges()) {
      for (Point at : edge.seam().isEmpty() ? List.<Point>of() : edge.path().flattened(0.002)) {
        double girth = 2 * Math.PI * sphere * Math.sin((longest - at.y()) / sphere);
        double other = 2 * Math.PI * sphere * Math.sin((at.y() - gore.box().minY()) / sphere);
        double share =
            Math.min(
                Math.abs(Math.abs(at.x()) - girth / gores / 2),
                Math.abs(Math.abs(at.x()) - other / gores / 2));
        assertThat(share).isLessThan(0.05);
        checked++;
      }
    }
    assertThat(checked).isGreaterThan(20);
  }

  /** A darted disc drawn onto its sphere: a petal keeps its distance from the pole. */
  private record OnSphere(double radius, int parts) {

    Function<Point, Vector3D> petal(int number) {
      double centre = 2 * Math.PI * number / parts;
      return flat -> {
        double along = flat.length();
        double off = Math.IEEEremainder(Math.atan2(flat.y(), flat.x()) - centre, 2 * Math.PI);
        double from = radius * Math.sin(along / radius);
        double round = centre + (from == 0 ? 0 : off * along / from);
        return new Vector3D(
            from * Math.cos(round), from * Math.sin(round), radius * Math.cos(along / radius));
      };
    }
  }

  /** Next to the point of a dart its edges are drawn together: a knife's cut closes it. */
  private static List<Vector3D> beyond(Edge edge, double least, Function<Point, Vector3D> to) {
    return edge.path().flattened(0.002).stream().filter(it -> it.length() > least).map(to).toList();
  }

  @ParameterizedTest
  @CsvSource({
    "600, 75, 10, 16, 1",
    "600, 75, 10, 16, 4",
    "300, 150, 6, 12, 1",
    "300, 150, 6, 12, 6"
  })
  void the_darts_of_a_dish_close_on_its_sphere(
      double rim, double deep, double foam, int darts, int segments) {
    double sphere = (rim * rim / 4 + deep * deep) / (2 * deep) - foam / 2;
    Developed dish = new Dish(rim, deep, foam, darts, Dish.Way.DARTS, segments).develop("x");
    dartsClose(dish.panels().getFirst(), sphere, darts, segments);
  }

  /** The same from a profile drawn as the arc of that sphere. */
  @ParameterizedTest
  @CsvSource({"600, 75, 10, 16, 1", "300, 120, 6, 12, 6"})
  void the_darts_of_a_drawn_dish_close_on_the_sphere_of_its_arc(
      double rim, double deep, double foam, int darts, int segments) {
    double outside = (rim * rim / 4 + deep * deep) / (2 * deep);
    double opening = Math.asin(rim / 2 / outside);
    for (double bulge : new double[] {-Math.tan(opening / 4), Math.tan(opening / 4)}) {
      List<Node> arc = List.of(Node.corner(0, deep).withBulge(bulge), Node.corner(rim / 2, 0));
      Turned turned = new Turned(arc, foam, darts, Dish.Way.DARTS, segments, 20, 12);
      double highest =
          turned.outside().stream()
              .mapToDouble(it -> Math.abs(Math.hypot(it.x(), it.y() + outside - deep) - outside))
              .max()
              .orElseThrow();
      if (highest > 0.01) {
        // This way round the arc is hollow.
        continue;
      }
      List<Panel> panels = turned.develop("x").panels();
      dartsClose(panels.getFirst(), outside - foam / 2, darts, segments);
      Panel ring = panels.get(1);
      List<Edge> ends = seam(ring, "R");
      Rotation quarter =
          new Rotation(Vector3D.PLUS_K, Math.PI / 2, RotationConvention.VECTOR_OPERATOR);
      Function<Point, Vector3D> lies = it -> new Vector3D(it.x(), it.y(), 0);
      List<Vector3D> one = placed(ends.get(0), lies);
      List<Vector3D> other = placed(ends.get(1), lies);
      boolean before = furthest(one.stream().map(quarter::applyTo).toList(), other) < 1;
      assertMeet(
          (before ? one : other).stream().map(quarter::applyTo).toList(), before ? other : one);
      Panel inside = panels.get(2);
      assertThat(inside.box().width()).isCloseTo(Math.PI * (rim - 3 * foam), within(MEETS_MM));
      return;
    }
    throw new AssertionError("Neither arc is that of the sphere");
  }

  private static void dartsClose(Panel panel, double sphere, int darts, int segments) {
    OnSphere on = new OnSphere(sphere, darts);
    int petals = darts / segments;
    // Where all darts together are a few millimetres wide.
    double least = 0;
    while (2 * Math.PI * (least - sphere * Math.sin(least / sphere)) / darts < 0.6) {
      least += 1;
    }
    // The last piece of a curve leads into the dart's point.
    least +=
        panel.outline().flattened(0.1).stream().mapToDouble(Point::length).max().orElseThrow() / 20;
    int closed = 0;
    for (int i = 0; i < (segments == 1 ? petals : petals - 1); i++) {
      List<Edge> dart = seam(panel, Integer.toString(i + 1));
      assertMeet(
          beyond(dart.get(0), least, on.petal(i)),
          beyond(dart.get(1), least, on.petal((i + 1) % darts)));
      closed++;
    }
    if (segments > 1) {
      List<Edge> sides = seam(panel, "A");
      Rotation next =
          new Rotation(Vector3D.PLUS_K, 2 * Math.PI / segments, RotationConvention.VECTOR_OPERATOR);
      List<Vector3D> left = placed(sides.get(0), on.petal(0)).stream().map(next::applyTo).toList();
      assertMeet(left, placed(sides.get(1), on.petal(petals - 1)));
      closed++;
    }
    assertThat(closed).isPositive();
    // The rim lies level on the sphere.
    double reach =
        panel.outline().flattened(0.002).stream().mapToDouble(Point::length).max().orElseThrow();
    assertThat(on.petal(0).apply(new Point(reach, 0)).getZ())
        .isCloseTo(sphere * Math.cos(reach / sphere), within(MEETS_MM));
  }

  // == WOUND AND CUT ASLANT

  /** A strip rolled up round its tube: its edge lies on the line of its overlap a turn below. */
  @ParameterizedTest
  @CsvSource({"27, 6, 40, 0, 200", "27, 6, 40, 8, 200", "90, 10, 55, 15, 600", "12, 2, 20, 5, 90"})
  void a_wound_strip_meets_itself_and_its_ends_are_level(
      double former, double foam, double wide, double overlap, double covered) {
    Panel strip = new Helix(former, foam, wide, overlap, covered).develop("x").panels().getFirst();
    double radius = (former + foam) / 2;
    double angle = Math.asin((wide - overlap) / (2 * Math.PI * radius));
    Function<Point, Vector3D> rolled =
        it -> {
          double round = (it.x() * Math.cos(angle) + it.y() * Math.sin(angle)) / radius;
          double up = it.x() * Math.sin(angle) - it.y() * Math.cos(angle);
          return new Vector3D(radius * Math.cos(round), radius * Math.sin(round), up);
        };
    List<Vector3D> edge = fine(strip.edges().get(0).path(), rolled);
    Path met = overlap == 0 ? strip.edges().get(2).path() : strip.lines().getFirst();
    assertMeet(fine(met, rolled), edge);
    for (int end : new int[] {1, 3}) {
      for (Vector3D it : fine(strip.edges().get(end).path(), rolled)) {
        assertThat(it.getZ()).isCloseTo(end == 1 ? covered : 0, within(MEETS_MM));
      }
    }
  }

  private static List<Vector3D> fine(Path straight, Function<Point, Vector3D> to) {
    return IntStream.rangeClosed(0, 3_000)
        .mapToObj(i -> to.apply(straight.start().towards(straight.end(), i / 3_000.0)))
        .toList();
  }

  /** The slanting end of a cone, rolled up, lies in one plane, which crosses the axis rightly. */
  @ParameterizedTest
  @CsvSource({
    "240, 80, 200, 10, 20, 1",
    "240, 80, 200, 10, -20, 4",
    "90, 60, 400, 6, 60, 2",
    "300, 40, 90, 3, 8, 3"
  })
  void the_slanting_end_of_a_cone_lies_in_one_plane(
      double foot, double top, double high, double foam, double degrees, int pieces) {
    double slant = Math.toRadians(degrees);
    List<Panel> panels = new Cone(foot, top, high, foam, slant, pieces).develop("x").panels();
    double lean = Math.atan((foot - top) / 2 / high);
    double tip = (foot / 2 - foam / 2 / Math.cos(lean)) / Math.tan(lean);
    int looked = 0;
    for (int i = 0; i < panels.size(); i++) {
      double turned = 2 * Math.PI * (i + 0.5) / pieces;
      Function<Point, Vector3D> own = it -> rolled(it, lean, turned);
      List<Edge> free = panels.get(i).edges().stream().filter(it -> !it.glued()).toList();
      for (Vector3D it : placed(free.getLast(), own)) {
        // Over the foot, in the plane through the axis at the height and up towards x.
        double up = it.getZ() + tip;
        assertThat(up).isCloseTo(high + it.getX() * Math.tan(slant), within(MEETS_MM));
        looked++;
      }
      Panel next = panels.get((i + 1) % pieces);
      String letter = Character.toString('A' + (i + 1) % pieces);
      double further = 2 * Math.PI * ((i + 1) % pieces + 0.5) / pieces;
      assertMeet(
          placed(seam(panels.get(i), letter).getFirst(), own),
          placed(seam(next, letter).getLast(), it -> rolled(it, lean, further)));
    }
    assertThat(looked).isGreaterThan(20);
  }
}

package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Spot;
import stoutblade.feature.Typeface;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Outlines that follow others, measured by the distances and areas of another library. */
class FollowersTest {

  private static final GeometryFactory OTHER = new GeometryFactory();
  private static final WholeOutline DISC = WholeOutline.circle(new Point(10, 20), 200);

  private static Project with(Outline outline) {
    return PartEdits.addPlate("Board", outline, 10).in(Prop.FIRST).applyTo(Samples.bare());
  }

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static Cut cut(Project project, String id) {
    return project.first().needed(id).cut().orElseThrow();
  }

  private static Polygon polygon(Path path) {
    List<Coordinate> ring = new ArrayList<>();
    path.flattened(0.002).forEach(it -> ring.add(new Coordinate(it.x(), it.y())));
    ring.add(ring.getFirst());
    return OTHER.createPolygon(ring.toArray(Coordinate[]::new));
  }

  private static WholeOutline wavy(int count, double depth) {
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      double turn = 2 * Math.PI * i / count;
      double reach = 150 * (1 + depth * (i % 2 == 0 ? 1 : -1));
      nodes.add(Node.curve(reach * Math.cos(turn), 1.3 * reach * Math.sin(turn)));
    }
    return new WholeOutline(nodes);
  }

  /**
   * Every place of it is as far from the leader's edge as it says, by another library's distances.
   */
  @Property(tries = 60)
  void it_runs_as_far_outside_as_it_says(
      @ForAll @IntRange(min = 5, max = 12) int count,
      @ForAll @DoubleRange(min = 0, max = 0.08) double depth,
      @ForAll @DoubleRange(min = -18, max = 25) double mm) {
    Project project =
        then(with(wavy(count, depth)), Followers.add("Rim", Follow.on("d1").withOffset(mm), 5));
    Polygon leader = polygon(cut(project, "d1").outline().outline());
    LineString edge = leader.getExteriorRing();
    for (Point it : cut(project, "d2").outline().outline().flattened(0.5)) {
      var place = OTHER.createPoint(new Coordinate(it.x(), it.y()));
      assertThat(edge.distance(place)).isCloseTo(Math.abs(mm), within(0.06));
      if (Math.abs(mm) > 0.1) {
        assertThat(leader.contains(place)).isEqualTo(mm < 0);
      }
    }
  }

  @Test
  void one_change_changes_all_that_follow_in_a_chain() {
    Project chain =
        then(
            then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6)),
            Followers.add("Innermost", Follow.on("d2").withOffset(-20), 6));

    Project wider = then(chain, OutlineEdits.length("d1", 500));

    assertThat(high(wider, "d1")).isCloseTo(500, within(0.02));
    assertThat(high(wider, "d2")).isCloseTo(440, within(0.1));
    assertThat(high(wider, "d3")).isCloseTo(400, within(0.15));
  }

  private static double high(Project project, String id) {
    return Box.around(cut(project, id).outline().outline().flattened(0.001)).height();
  }

  /** The area of a ring between two circles: pi (R² - r²). */
  @Test
  void a_ring_has_the_area_between_two_circles_and_keeps_to_them() {
    Follow rim = new Follow("d1", 15, false, Optional.of(-10.0), false);
    Project project = then(with(DISC), Followers.add("Rim", rim, 10));
    Part part = project.first().parts().getLast();

    double area = PlateForm.of(part.blank().orElseThrow(), Typeface.NONE).face().area();

    assertThat(area).isCloseTo(Math.PI * (215 * 215 - 190 * 190), within(40.0));
    Cut thin =
        cut(
            then(project, Followers.follow("d2", Optional.of(rim.withInside(Optional.empty())))),
            "d2");
    assertThat(thin.features()).isEmpty();
  }

  @Test
  void its_mirror_image_has_the_same_area_and_the_places_turned_over() {
    WholeOutline lopsided =
        new WholeOutline(
            List.of(
                Node.corner(0, 0),
                Node.corner(120, 0).withBulge(0.4),
                Node.curve(90, 160),
                Node.corner(20, 140)));
    Project project =
        then(with(lopsided), Followers.add("Left", Follow.on("d1").withMirrored(true), 5));
    Polygon right = polygon(cut(project, "d1").outline().outline());
    Polygon left = polygon(cut(project, "d2").outline().outline());
    double middle = right.getEnvelope().getCentroid().getX();

    assertThat(left.getArea()).isCloseTo(right.getArea(), within(0.5));
    for (Coordinate it : left.getCoordinates()) {
      var turned = OTHER.createPoint(new Coordinate(2 * middle - it.x, it.y));
      assertThat(right.getExteriorRing().distance(turned)).isLessThan(0.02);
    }
  }

  @Test
  void a_chain_that_comes_back_or_an_edge_that_is_eaten_up_is_refused() {
    Project project = then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6));

    assertThatThrownBy(() -> then(project, Followers.follow("d1", Optional.of(Follow.on("d2")))))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("Board follows a part that follows it");
    assertThatThrownBy(
            () ->
                then(
                    project, Followers.follow("d2", Optional.of(Follow.on("d1").withOffset(-230)))))
        .hasMessageContaining("Inner: Nothing is left 230");
    assertThatThrownBy(() -> new Follow("d1", 5, false, Optional.of(4.5), false))
        .hasMessageContaining("at least 1 mm");
    assertThatThrownBy(() -> then(project, OutlineEdits.moveNode("d2", 0, new Point(0, 0))))
        .hasMessageContaining("Inner follows Board");
  }

  @Test
  void who_loses_its_leader_or_is_let_go_keeps_its_outline() {
    Project project = then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6));

    Project gone = then(project, PartEdits.remove("d1"));
    assertThat(cut(gone, "d2").follow()).isEmpty();
    assertThat(cut(gone, "d2").outline()).isEqualTo(cut(project, "d2").outline());

    Project free = then(project, Followers.follow("d2", Optional.empty()));
    Project moved = then(free, OutlineEdits.length("d1", 500));
    assertThat(high(moved, "d2")).isCloseTo(340, within(0.1));
  }

  @Test
  void what_a_change_does_not_touch_stays_the_same_object() {
    Project project = then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6));
    Part inner = project.first().needed("d2");

    assertThat(then(project, PartEdits.addPlate("Other", DISC, 5)).first().needed("d2"))
        .isSameAs(inner);
    assertThat(then(project, OutlineEdits.length("d1", 500)).first().needed("d2"))
        .isNotSameAs(inner);
  }

  /** A leader of 400 mm that keeps its size, in a prop that is halved. By hand. */
  @Test
  void who_follows_one_that_keeps_its_size_keeps_to_it() {
    Project project = then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6));
    Prop halved = Resizing.times(then(project, PartEdits.held("d1", true)).first(), 0.5);

    Cut inner = halved.needed("d2").cut().orElseThrow();
    assertThat(Box.around(inner.outline().outline().flattened(0.001)).height())
        .isCloseTo(400 - 2 * 15, within(0.1));
  }

  @Test
  void who_keeps_its_size_is_left_as_it_is() {
    Project project = then(with(DISC), Followers.add("Inner", Follow.on("d1").withOffset(-30), 6));
    Project held = then(project, PartEdits.held("d2", true));

    assertThat(high(then(held, OutlineEdits.length("d1", 500)), "d2")).isCloseTo(340, within(0.1));
  }

  /** What is left is the plate less the opening, by another library's areas. */
  @Property(tries = 25)
  void an_opening_along_any_outline_is_cut_out(
      @ForAll @IntRange(min = 5, max = 9) int count,
      @ForAll @DoubleRange(min = 0, max = 0.3) double depth,
      @ForAll @DoubleRange(min = -10, max = 10) double grow) {
    WholeOutline opening = wavy(count, depth).times(0.5);
    Project project = then(with(DISC), PartEdits.addCutOut("d1", opening, Where.At.of(15, 10)));
    project = then(project, PartEdits.feature("d1", "f1", "Larger", it -> it.with("grow", grow)));
    Part part = project.first().parts().getFirst();

    double left = PlateForm.of(part.blank().orElseThrow(), Typeface.NONE).face().area();

    Path cut = grow == 0 ? opening.path() : Exact.offset(opening, grow).path();
    double expected = polygon(DISC.path()).getArea() - polygon(cut).getArea();
    assertThat(left).isCloseTo(expected, within(60.0));
  }

  @Test
  void a_layer_follows_its_part_at_a_distance() {
    Project project = then(with(DISC), LayerEdits.add("d1", 0));
    project = then(project, Followers.layer("d1", 1, -30));

    Outline own = project.first().needed("d1").layering().sheets().get(1).own().orElseThrow();
    assertThat(polygon(own.outline()).getArea())
        .isCloseTo(Math.PI * 170 * 170, within(170 * 170 * 1e-3));

    project = then(project, OutlineEdits.width("d1", 500));
    own = project.first().needed("d1").layering().sheets().get(1).own().orElseThrow();
    assertThat(polygon(own.outline()).getArea())
        .isCloseTo(Math.PI * 220 * 220, within(220 * 220 * 1e-3));
    Project now = project;
    assertThatThrownBy(() -> then(now, OutlineEdits.width("d1", 50)))
        .hasMessageContaining("A layer of Board");
    Project drawn = then(now, OutlineEdits.offset(OutlineEdits.layer("d1", 1), 5));
    assertThat(drawn.first().needed("d1").layering().sheets().get(1).offset())
        .as("drawn by hand it follows no longer")
        .isEmpty();
  }

  @Test
  void parts_of_two_kinds_take_turns_round_a_ring() {
    Where.Ring ring = new Where.Ring(new Point(0, 0), 120, 16, 0.2);
    Project project = then(with(DISC), PartEdits.addPlate("Ray", DISC.times(0.1), 5));
    project = then(project, PartEdits.addPlate("Chevron", DISC.times(0.05), 5));
    project = then(project, PartEdits.place("d2", "Place", it -> it.on("d1").at(ring)));
    project = then(project, Followers.between("d3", "d2"));

    assertThat(project.first().needed("d3").placing().on()).isEqualTo("d1");
    assertThat(project.first().needed("d3").placing().where())
        .isEqualTo(new Where.Ring(new Point(0, 0), 120, 16, 0.2 + Math.PI / 16));

    project = then(project, PartEdits.place("d2", "Place", it -> it.at(ring.withCount(9))));
    assertThat(project.first().needed("d3").placing().where().count()).isEqualTo(9);
    Project turns = project;
    assertThatThrownBy(() -> then(turns, Followers.between("d2", "d3")))
        .hasMessageContaining("what stands so to it");

    Project two =
        PropEdits.copyPart(Prop.FIRST, "d3", "p2")
            .applyTo(PropEdits.again(Prop.FIRST).applyTo(project));
    assertThat(two.needed("p2").parts().getLast().placing().between())
        .as("a copy in another prop stands between nothing there")
        .isEmpty();

    Project without = then(project, PartEdits.remove("d2"));
    assertThat(without.first().needed("d3").placing().between()).isEmpty();
    assertThat(without.first().needed("d3").placing().where().count()).isEqualTo(9);
  }

  /** A square of 20 mm on a ring of four; one corner pulled out makes 100 mm² more of each. */
  @Test
  void a_cut_out_is_drawn_by_its_nodes_where_it_is_cut() {
    WholeOutline square =
        new WholeOutline(
            List.of(
                Node.corner(-10, -10),
                Node.corner(10, -10),
                Node.corner(10, 10),
                Node.corner(-10, 10)));
    Where ring = new Where.Ring(new Point(10, 20), 100, 4, 0.3);
    Project project = then(with(DISC), PartEdits.addCutOut("d1", square, ring));
    String id = OutlineEdits.opening("d1", "f1");

    Outline first = OutlineEdits.of(project.first(), id);
    Point corner = first.node(2).at();
    Point middle = new Point(10 - 100 * Math.sin(0.3), 20 + 100 * Math.cos(0.3));
    assertThat(corner.distance(middle)).as("where it is cut").isCloseTo(14.142, within(1e-3));
    Point out = corner.plus(corner.minus(middle).times(0.5));
    Project pulled = then(project, OutlineEdits.moveNode(id, 2, out));

    double before = form(project).face().area();
    assertThat(before - form(pulled).face().area()).isCloseTo(4 * 100, within(0.5));
    assertThat(OutlineEdits.of(pulled.first(), id).node(2).at().distance(out)).isLessThan(1e-9);
    assertThatThrownBy(() -> OutlineEdits.of(project.first(), OutlineEdits.opening("d1", "f7")))
        .hasMessageContaining("no cut-out");
  }

  private static PlateForm form(Project project) {
    return form(project, "d1");
  }

  /** A disc of 400 mm in a skin of 2 mm that stands 3 mm over: π · 400, and discs of 410 mm. */
  @Test
  void a_skin_covers_both_faces_and_the_edge_and_follows() {
    Project project = then(with(DISC), Skins.over("d1", 2, 3));

    Part face = project.first().needed("d2");
    Part edge = project.first().needed("d3");
    assertThat(polygon(cut(project, "d2").outline().outline()).getArea())
        .isCloseTo(Math.PI * 205 * 205, within(205 * 205 * 1e-3));
    assertThat(face.placing().copies()).isEqualTo(2);
    assertThat(face.placing().mirrored()).isEqualTo(1);
    assertThat(edge.formed().orElseThrow().sizes().get("round"))
        .isCloseTo(Math.PI * 400, within(0.02));
    assertThat(edge.placing().on()).isEqualTo("d1");

    Project larger = then(project, OutlineEdits.width("d1", 500));
    assertThat(larger.first().needed("d3").formed().orElseThrow().sizes().get("round"))
        .isCloseTo(Math.PI * 500, within(0.02));
    assertThat(polygon(cut(larger, "d2").outline().outline()).getArea())
        .isCloseTo(Math.PI * 255 * 255, within(255 * 255 * 1e-3));

    Project own = then(larger, PartEdits.shape("d3", "Shorter", it -> it.with("round", 900)));
    Project again = then(own, OutlineEdits.width("d1", 600));
    assertThat(again.first().needed("d3").formed().orElseThrow().sizes().get("round"))
        .as("one of another length stays as it is")
        .isEqualTo(900);
    assertThatThrownBy(() -> then(again, Skins.over("d3", 2, 3)))
        .hasMessageContaining("not cut along an outline");
  }

  /** What is cut through a disc is cut through both faces of its skin, and goes where it goes. */
  @Test
  void cut_outs_of_a_part_go_through_its_skin() {
    Project holed =
        then(
            with(DISC),
            PartEdits.addFeature(
                "d1", Feature.Kind.HOLE, "", new Where.Ring(new Point(0, 0), 120, 5, 0.3)));
    holed = then(holed, PartEdits.feature("d1", "f1", "Size", it -> it.with("across", 40)));
    holed =
        then(
            holed, PartEdits.addFeature("d1", Feature.Kind.HOLE, "", new Where.Along(0, 1, 30, 4)));
    Project project = then(holed, Skins.over("d1", 2, 3));

    double through = cutThrough(holed, "d1");
    assertThat(cutThrough(project, "d2")).isCloseTo(through, within(1e-3));
    // Turned over, the back has them where the front has them.
    Region front = form(project, "d2").face();
    for (Spot spot : cut(project, "d1").features().getFirst().spots(DISC)) {
      assertThat(front.contains(spot.at())).isFalse();
    }

    Project moved =
        then(project, PartEdits.feature("d1", "f1", "Size", it -> it.with("across", 50)));
    assertThat(cutThrough(moved, "d2"))
        .isCloseTo(through + 5 * Math.PI * (25 * 25 - 20 * 20), within(3.0));
    Project flipped =
        then(
            moved,
            Followers.follow("d2", cut(moved, "d2").follow().map(it -> it.withMirrored(true))));
    for (Spot spot : cut(moved, "d1").features().getFirst().spots(DISC)) {
      assertThat(form(flipped, "d2").face().contains(spot.at().mirrored())).isFalse();
    }
    String own = cut(moved, "d2").features().getFirst().id();
    assertThatThrownBy(
            () -> then(moved, PartEdits.feature("d2", own, "Size", it -> it.with("across", 9))))
        .hasMessageContaining("follows Board");
    assertThatThrownBy(() -> then(moved, PartEdits.removeFeature("d2", own)))
        .hasMessageContaining("let Board, skin of its faces go");
    Project none =
        then(
            moved,
            Followers.follow("d2", cut(moved, "d2").follow().map(it -> it.withOpenings(false))));
    assertThat(cut(none, "d2").features()).isEmpty();
  }

  private static double cutThrough(Project project, String id) {
    Cut whole = cut(project, id).withFeatures(List.of());
    return PlateForm.of(whole.blank(id, "Part", 10), Typeface.NONE).face().area()
        - form(project, id).face().area();
  }

  private static PlateForm form(Project project, String id) {
    return PlateForm.of(cut(project, id).blank(id, "Part", 10), Typeface.NONE);
  }

  @Test
  void a_follower_bends_as_its_leader_does() {
    Outline bow = FollowersTest.bow();
    Project project = then(with(bow), AxisEdits.midway("d1"));
    project = then(project, Followers.add("Smaller", Follow.on("d1").withOffset(-6), 5));

    assertThat(cut(project, "d2").axis()).isPresent().isEqualTo(cut(project, "d1").axis());
    Project moved = then(project, AxisEdits.moveNode("d1", 1, new Point(-20, 140)));
    assertThat(cut(moved, "d2").axis()).isEqualTo(cut(moved, "d1").axis());
    assertThat(cut(then(moved, AxisEdits.straight("d1")), "d2").axis()).isEmpty();
    assertThatThrownBy(() -> then(moved, AxisEdits.bend("d2", 1, new Point(-30, 140))))
        .as("it would be drawn back")
        .hasMessageContaining("Smaller follows Board");
  }

  /** A part of a ring, 50 wide, about (−300, 0). */
  private static Outline bow() {
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i <= 8; i++) {
      nodes.add(onRing(325, 1.2 * i / 8, i == 0 || i == 8));
    }
    for (int i = 8; i >= 0; i--) {
      nodes.add(onRing(275, 1.2 * i / 8, i == 0 || i == 8));
    }
    return new WholeOutline(nodes);
  }

  private static Node onRing(double radius, double angle, boolean corner) {
    double x = radius * Math.cos(angle) - 300;
    double y = radius * Math.sin(angle);
    return corner ? Node.corner(x, y) : Node.curve(x, y);
  }
}

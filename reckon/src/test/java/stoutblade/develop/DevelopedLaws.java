package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import stoutblade.shape.Point;

/** What holds of every shape that is laid out flat. */
class DevelopedLaws {

  /** Seams meet in length, closer than a knife can follow. */
  private static final double SEAM_MM = 0.01;

  private static Arbitrary<Double> mm(double from, double to) {
    return Arbitraries.doubles().between(from, to);
  }

  @Provide
  Arbitrary<Cone> cones() {
    return Combinators.combine(mm(60, 900), mm(0, 0.9), mm(30, 900), mm(1, 12), mm(-0.9, 0.9))
        .flatAs(
            (foot, share, height, foam, slope) ->
                Arbitraries.integers()
                    .between(1, 6)
                    .map(
                        pieces -> {
                          double top = share < 0.1 ? 0 : foot * share;
                          double lean = Math.atan((foot - top) / 2 / height);
                          // A cut that neither reaches the tip nor the foot.
                          double room = Math.min(top / foot, 0.5) * 0.4;
                          double slant = top == 0 ? 0 : slope * room * (Math.PI / 2 - lean) * 0.5;
                          return cone(foot, top, height, foam, slant, pieces);
                        }));
  }

  private static Cone cone(
      double foot, double top, double height, double foam, double slant, int pieces) {
    try {
      return new Cone(foot, top, height, foam, slant, pieces);
    } catch (IllegalArgumentException e) {
      return new Cone(foot + 40, top, height, 1, 0, pieces);
    }
  }

  @Provide
  Arbitrary<Dish> dishes() {
    return Combinators.combine(
            mm(100, 900),
            mm(0.05, 0.6),
            mm(1, 12),
            Arbitraries.integers().between(1, 6),
            Arbitraries.integers().between(1, 4),
            Arbitraries.of(Dish.Way.values()))
        .as(
            (rim, share, foam, each, segments, way) ->
                new Dish(rim, rim * share, foam, Math.max(3, each * segments), way, 1))
        .map(
            it ->
                it.way() == Dish.Way.DARTS && it.parts() % 4 == 0
                    ? new Dish(it.rimMm(), it.depthMm(), it.foamMm(), it.parts(), it.way(), 4)
                    : it);
  }

  @Provide
  Arbitrary<Form> forms() {
    return Arbitraries.oneOf(
        List.of(
            cones().map(it -> (Form) it),
            dishes().map(it -> (Form) it),
            Combinators.combine(mm(20, 400), mm(1, 8), mm(10, 300))
                .as((d, t, w) -> (Form) new Ring(d, Ring.Known.FORMER, t, w)),
            Combinators.combine(mm(20, 200), mm(1, 8), mm(0, 10))
                .as((d, t, step) -> (Form) new Wraps(d, List.of(t, t, 2.0, t), 200, step)),
            Combinators.combine(
                    mm(10, 30),
                    mm(1.5, 4),
                    mm(40, 60).list().ofSize(5),
                    mm(0, 20),
                    Arbitraries.of(Swelling.Way.TURNS, Swelling.Way.TURNS_TO_SAND))
                .as(
                    (d, t, at, deep, way) ->
                        (Form) new Swelling(d, t, new GripProfile(180, at), deep, way)),
            Combinators.combine(mm(20, 200), mm(1, 5), mm(10, 40), mm(0, 8))
                .as((d, t, w, o) -> (Form) new Helix(d, t, w, o, 300)),
            Combinators.combine(
                    mm(30, 200), mm(0.1, 3.1), Arbitraries.integers().between(3, 7), mm(0, 90))
                .as((d, bend, n, leg) -> (Form) new Elbow(d, 5, bend, n, d, leg)),
            Combinators.combine(mm(40, 300), mm(0.2, 0.9), mm(0.4, 2.7))
                .as((on, share, lean) -> (Form) new Cope(on * share, 3, on, lean, 0, 4 * on)),
            Combinators.combine(
                    Arbitraries.integers().between(3, 12),
                    mm(60, 300),
                    mm(20, 600),
                    Arbitraries.integers().between(0, 2))
                .as((n, side, h, lids) -> (Form) new Prism(n, side, side, h, 6, lids)),
            Combinators.combine(
                    Arbitraries.integers().between(3, 12), mm(60, 300), mm(0, 0.9), mm(20, 600))
                .as((n, side, share, h) -> (Form) new Pyramid(n, side, side * share, h))));
  }

  @Property(tries = 300)
  void edges_of_a_seam_are_of_one_length(@ForAll("forms") Form form) {
    for (Map.Entry<String, List<Edge>> seam : form.develop("x").seams().entrySet()) {
      double first = seam.getValue().getFirst().length();
      assertThat(seam.getValue())
          .as("seam %s of %s", seam.getKey(), form)
          .hasSizeGreaterThan(1)
          .allSatisfy(it -> assertThat(it.length()).isCloseTo(first, within(SEAM_MM)));
    }
  }

  @Property(tries = 200)
  void panels_are_cut_counter_clockwise_and_notches_point_into_them(@ForAll("forms") Form form) {
    for (Panel panel : form.develop("x").panels()) {
      assertThat(panel.area()).isPositive();
      for (Edge edge : panel.edges()) {
        List<Edge.Notch> notches = edge.notches();
        for (int i = 0; i < notches.size(); i++) {
          double share = (i + 1.0) / (notches.size() + 1);
          Edge.Notch there = edge.at(edge.length() * share);
          assertThat(notches.get(i).at().distance(there.at())).isLessThan(SEAM_MM);
        }
      }
    }
  }

  @Property(tries = 200)
  void a_cone_folded_back_lands_on_the_cone_it_came_from(@ForAll("cones") Cone cone) {
    double sine = Math.sin(cone.lean());
    List<Panel> panels = cone.develop("x").panels();
    for (Panel panel : panels) {
      for (Edge edge : panel.edges()) {
        for (Point at : edge.path().flattened(0.01)) {
          double rho = at.length();
          double z = cone.tip() - rho * Math.cos(cone.lean());
          double radius = rho * sine;
          assertThat(radius).isCloseTo((cone.tip() - z) * Math.tan(cone.lean()), within(1e-6));
          if (edge.bevel() != 0 && edge.equals(panel.edges().getFirst())) {
            assertThat(z).as("the foot is level").isCloseTo(0, within(0.01));
          } else if (edge.bevel() != 0 && panels.size() == 1) {
            double turned = Math.atan2(at.x(), -at.y());
            double round =
                (turned + Math.PI * sine / cone.pieces()) / sine; // from the panel's first seam
            double x = radius * Math.cos(round);
            assertThat(z)
                .as("the upper end is a plane")
                .isCloseTo(cone.heightMm() + x * Math.tan(cone.slant()), within(0.02));
          }
        }
      }
    }
  }

  @Property(tries = 200)
  void a_level_cone_keeps_the_area_of_its_middle_surface(
      @ForAll @DoubleRange(min = 60, max = 900) double foot,
      @ForAll @DoubleRange(min = 0.1, max = 0.9) double share,
      @ForAll @DoubleRange(min = 30, max = 900) double height,
      @ForAll @DoubleRange(min = 0.5, max = 5) double foam,
      @ForAll @IntRange(min = 1, max = 8) int pieces) {
    Cone cone = new Cone(foot, foot * share, height, foam, 0, pieces);
    double upper = Math.max(0, foot * share / 2 - foam / 2 / Math.cos(cone.lean()));
    double slope = (cone.middleFoot() - upper) / Math.sin(cone.lean());
    double lateral = Math.PI * (cone.middleFoot() + upper) * slope;

    Panel panel = cone.develop("x").panels().getFirst();

    assertThat(panel.area() * panel.count()).isCloseTo(lateral, within(lateral * 1e-6));
  }

  /** The zone of a sphere has the area 2πrh (Archimedes). */
  @Property(tries = 150)
  void a_dish_keeps_the_area_of_its_middle_surface(@ForAll("dishes") Dish dish) {
    TurnedProfile.Cap cap = dish.profile();
    double zone = 2 * Math.PI * cap.sphereMm() * cap.sphereMm() * (1 - Math.cos(cap.opening()));

    double sum =
        dish.develop("x").panels().stream().mapToDouble(it -> it.area() * it.count()).sum();

    // Darts narrower than 0.3 mm are left to the knife: at most half of that along each.
    double knife = dish.way() == Dish.Way.DARTS ? 0.15 * dish.parts() * cap.length() : 0;
    assertThat(sum).isCloseTo(zone, within(zone * 1e-5 + knife));
  }

  @Property(tries = 200)
  void a_strip_butted_round_a_tube_covers_just_its_face(
      @ForAll @DoubleRange(min = 20, max = 300) double tube,
      @ForAll @DoubleRange(min = 1, max = 6) double foam,
      @ForAll @DoubleRange(min = 8, max = 60) double wide,
      @ForAll @DoubleRange(min = 50, max = 900) double covered) {
    Helix helix = new Helix(tube, foam, wide, 0, covered);

    double area = helix.develop("x").panels().getFirst().area();

    double face = Math.PI * (tube + foam) * covered;
    assertThat(area).isCloseTo(face, within(face * 1e-9));
  }

  @Property(tries = 100)
  void an_elbow_keeps_the_area_and_its_pieces_make_up_its_way(
      @ForAll @DoubleRange(min = 30, max = 200) double tube,
      @ForAll @DoubleRange(min = 0.2, max = 2.7) double bend,
      @ForAll @IntRange(min = 2, max = 8) int pieces) {
    Elbow elbow = new Elbow(tube, 4, bend, pieces, tube, 50);
    double round = Math.PI * (tube - 4);
    double way = 2 * 50 + 2 * tube * (pieces - 1) * Math.tan(bend / 2 / (pieces - 1));

    double area =
        elbow.develop("x").panels().stream().mapToDouble(it -> it.area() * it.count()).sum();

    assertThat(area).isCloseTo(round * way, within(round * way * 1e-6));
  }

  @Property(tries = 100)
  void the_depth_that_darts_give_is_the_depth_that_gives_them(
      @ForAll @DoubleRange(min = 200, max = 900) double rim,
      @ForAll @DoubleRange(min = 0.05, max = 0.49) double share,
      @ForAll @IntRange(min = 3, max = 48) int darts) {
    Dish dish = new Dish(rim, rim * share, 6, darts, Dish.Way.DARTS, 1);
    double dart = dish.develop("x").figures().get(1).value();

    assertThat(Dish.depthOf(rim, 6, darts, dart)).isCloseTo(rim * share, within(1e-6 * rim));
  }
}

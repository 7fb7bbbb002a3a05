package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import stoutblade.feature.Blank;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stack.Sheet;

/** What holds of every cross-section over every outline, convex or not. */
class ProfileLaws {

  @Provide
  Arbitrary<Profile> profiles() {
    return Combinators.combine(
            Arbitraries.of(Profile.Kind.values()),
            Arbitraries.doubles().between(3, 40),
            Arbitraries.doubles().between(0, 12),
            Arbitraries.doubles().between(0.3, 1),
            Arbitraries.of(0.0, 2.0, 5.0),
            Arbitraries.integers().between(1, 5),
            Arbitraries.of(true, false))
        .as(
            (kind, wide, edge, tip, round, steps, flatBack) ->
                new Profile(
                    kind,
                    wide,
                    edge,
                    tip,
                    round,
                    steps,
                    List.of(new Point(0.3, 0.6), new Point(0.6, 0.8)),
                    flatBack));
  }

  /** None, one or two changes along, sudden or gentle. */
  @Provide
  Arbitrary<List<ProfileChange>> changes() {
    return Combinators.combine(
            profiles().list().ofMaxSize(2),
            Arbitraries.doubles().between(10, 60),
            Arbitraries.of(0.0, 15.0, 40.0))
        .as(
            (kinds, from, over) -> {
              List<ProfileChange> all = new ArrayList<>();
              for (int i = 0; i < kinds.size(); i++) {
                all.add(new ProfileChange(from + i * 60, over, kinds.get(i)));
              }
              return all;
            });
  }

  /** Stars of random corners: convex or concave, never crossing. */
  @Provide
  Arbitrary<Outline> outlines() {
    return Arbitraries.longs()
        .map(
            seed -> {
              Random random = new Random(seed);
              if (random.nextInt(4) == 0) {
                return new HalfOutline(
                    List.of(
                        Node.corner(20 + random.nextInt(30), 0),
                        Node.corner(20 + random.nextInt(40), 120),
                        Node.corner(random.nextInt(2) * 10, 200 + random.nextInt(60))));
              }
              int corners = 4 + random.nextInt(6);
              List<Node> nodes = new ArrayList<>();
              for (int i = 0; i < corners; i++) {
                double angle = 2 * Math.PI * (i + 0.6 * random.nextDouble()) / corners;
                double reach = 50 + random.nextInt(60);
                nodes.add(Node.corner(reach * Math.cos(angle), reach * Math.sin(angle)));
              }
              return new WholeOutline(nodes);
            });
  }

  private static Layering layering(Profile profile, int sheets, List<ProfileChange> changes) {
    return layering(profile, sheets).withChanges(changes);
  }

  private static Layering layering(Profile profile, int sheets) {
    List<Sheet> all = new ArrayList<>();
    for (int i = 0; i < sheets; i++) {
      all.add(Sheet.of("foam", 24.0 / sheets));
    }
    return Layering.of(all, profile);
  }

  private static Solid solid(Outline outline, Layering layering) {
    Blank blank = new Blank("d1", "Any", outline, List.of(), 10);
    return Solid.of(PlateForm.of(blank, Typeface.NONE), layering);
  }

  private static double stacked(Solid solid, Layering layering, boolean widest) {
    List<Double> joints = layering.joints();
    double sum = 0;
    for (int i = 1; i < joints.size(); i++) {
      double from = joints.get(i - 1);
      double to = joints.get(i);
      Region area = widest ? solid.widest(from, to) : solid.filled(from, to);
      sum += (to - from) * area.area();
    }
    return sum;
  }

  @Property(tries = 60)
  void the_solid_lies_between_what_its_layers_fill_and_what_they_are_cut_to(
      @ForAll("outlines") Outline outline,
      @ForAll("profiles") Profile profile,
      @ForAll("changes") List<ProfileChange> changes,
      @ForAll @IntRange(min = 1, max = 6) int sheets) {
    Layering layering = layering(profile, sheets, changes);
    Solid solid = solid(outline, layering);

    double slack = 0.01 * solid.face().area() + 1;
    assertThat(solid.volume())
        .isLessThan(stacked(solid, layering, true) + slack)
        .isGreaterThan(stacked(solid, layering, false) - slack);
  }

  /** Halving the layers halves the gap between the steps and the solid: the expected rate. */
  @Property(tries = 20)
  void thinner_layers_close_in_on_the_solid(
      @ForAll("outlines") Outline outline, @ForAll("profiles") Profile profile) {
    Solid solid = solid(outline, layering(profile, 1));
    double few = gap(solid, layering(profile, 6));
    double many = gap(solid, layering(profile, 24));

    assertThat(many).isBetween(0.0, few / 3.6 + 0.01 * solid.face().area());
  }

  private static double gap(Solid solid, Layering layering) {
    return stacked(solid, layering, true) - stacked(solid, layering, false);
  }

  @Property(tries = 60)
  void layers_nest_each_inside_the_one_nearer_the_middle(
      @ForAll("outlines") Outline outline,
      @ForAll("profiles") Profile profile,
      @ForAll("changes") List<ProfileChange> changes) {
    Layering layering = layering(profile, 6, changes);
    Solid solid = solid(outline, layering);
    List<Double> joints = layering.joints();
    for (int i = profile.flatBack() ? 1 : 4; i < 6; i++) {
      Region below = solid.widest(joints.get(i - 1), joints.get(i));
      Region above = solid.widest(joints.get(i), joints.get(i + 1));
      assertThat(above.difference(below).area()).isLessThan(0.01 * solid.face().perimeter());
    }
  }

  @Property(tries = 200)
  void a_place_is_in_a_layer_where_the_solid_is_high_enough(
      @ForAll("outlines") Outline outline,
      @ForAll("profiles") Profile profile,
      @ForAll("changes") List<ProfileChange> changes,
      @ForAll @DoubleRange(min = -1, max = 1) double x,
      @ForAll @DoubleRange(min = 0, max = 1) double y,
      @ForAll @DoubleRange(min = 0.02, max = 0.98) double share) {
    Solid solid = solid(outline, layering(profile, 2, changes));
    Point place =
        outline instanceof HalfOutline
            ? new Point(x * 40, y * 180)
            : new Point(x * 60, (2 * y - 1) * 60);
    double height = share * 24;
    if (!solid.face().contains(place)) {
      return;
    }
    double over = solid.frontAt(place) - height;
    double under = height - solid.backAt(place);
    // Right on the line either answer will do.
    boolean stepped =
        profile.kind() == Profile.Kind.STEPPED
            || changes.stream().anyMatch(it -> it.profile().kind() == Profile.Kind.STEPPED);
    double along = place.y() - solid.face().box().minY();
    boolean jumps = changes.stream().anyMatch(it -> Math.abs(along - it.fromMm()) < 0.1);
    if (Math.abs(over) > 0.1 && Math.abs(under) > 0.1 && !stepped && !jumps) {
      assertThat(solid.widest(height, height).contains(place)).isEqualTo(over > 0 && under > 0);
    }
  }

  @Property(tries = 300)
  void what_is_reached_has_risen_so_far(
      @ForAll("profiles") Profile profile, @ForAll @DoubleRange(min = 0, max = 1) double rise) {
    double share = profile.reached(rise);

    assertThat(share).isBetween(0.0, 1.0);
    assertThat(profile.risen(share)).isGreaterThanOrEqualTo(rise - 1e-6);
    if (profile.kind() != Profile.Kind.STEPPED && profile.kind() != Profile.Kind.FLAT) {
      assertThat(profile.risen(share)).isCloseTo(rise, within(1e-6));
    }
  }
}

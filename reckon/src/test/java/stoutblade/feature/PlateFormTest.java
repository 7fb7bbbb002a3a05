package stoutblade.feature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

class PlateFormTest {

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-100, -60),
              Node.corner(100, -60),
              Node.corner(100, 60),
              Node.corner(-100, 60)));

  private static Feature feature(Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature("f1", kind, sizes, kind == Feature.Kind.LETTERS ? "A" : "", where);
  }

  private static PlateForm form(Outline outline, Feature... features) {
    return PlateForm.of(
        Samples.plate("d1", "Board", outline, List.of(features), "eva-stiff", 10, Placing.USUAL)
            .blank()
            .orElseThrow(),
        Typeface.NONE);
  }

  /** A square ring for every letter. */
  private static final Typeface RINGS =
      (words, high) -> List.of(Motifs.window(high, high, 0), Motifs.window(high / 2, high / 2, 0));

  private static Feature letters(double bridge) {
    return new Feature(
        "f1",
        Feature.Kind.LETTERS,
        Map.of("way", 1.0, "high", 24.0, "bridge", bridge),
        "O",
        Where.At.of(0, 0));
  }

  @Test
  void letters_that_are_cut_out_keep_their_insides_on_bridges() {
    Part board =
        Samples.plate("d1", "Board", BOARD, List.of(letters(4)), "eva-stiff", 10, Placing.USUAL);

    PlateForm form = PlateForm.of(board.blank().orElseThrow(), RINGS);

    assertThat(form.face().partCount()).as("the inside hangs on").isEqualTo(1);
    assertThat(form.windows()).as("two halves of the letter").hasSize(2);
    double letter = 24 * 24 - 12 * 12 - 2 * 4 * 6;
    assertThat(Region.inside(BOARD.outline(), 0.01).area() - form.face().area())
        .isCloseTo(letter, within(1e-6));
  }

  @Test
  void without_bridges_the_inside_falls_out() {
    Part board =
        Samples.plate("d1", "Board", BOARD, List.of(letters(0)), "eva-stiff", 10, Placing.USUAL);

    PlateForm form = PlateForm.of(board.blank().orElseThrow(), RINGS);

    assertThat(Region.inside(BOARD.outline(), 0.01).area() - form.face().area())
        .isCloseTo(24 * 24, within(1e-6));
  }

  /** While something is dragged cuts may lie over one another and over the edge. */
  @Test
  void cuts_that_cross_the_edge_and_one_another_are_drawn_roughly_all_the_same() {
    Feature slots =
        new Feature(
            "f1",
            Feature.Kind.SLOT,
            Map.of("long", 60.0, "wide", 30.0),
            "",
            new Where.Row(new Point(88, -50), new Point(118, 50), 9));
    Feature holes =
        new Feature(
            "f2",
            Feature.Kind.HOLE,
            Map.of("across", 16.0),
            "",
            new Where.Row(new Point(90, -55), new Point(125, 55), 12));
    Part board =
        Samples.plate("d1", "Board", BOARD, List.of(slots, holes), "eva-stiff", 10, Placing.USUAL);

    assertThat(PlateForm.roughly(board.blank().orElseThrow(), Typeface.NONE).windows()).hasSize(21);
    assertThat(PlateForm.of(board.blank().orElseThrow(), Typeface.NONE).face().area()).isPositive();
  }

  private static long count(PlateForm form, Marking.Kind kind) {
    return form.markings().stream().filter(it -> it.kind() == kind).count();
  }

  private static Figure figure(PlateForm form, String id) {
    return form.figures().stream().filter(it -> it.id().equals(id)).findFirst().orElseThrow();
  }

  // == WHAT IS CUT OUT

  /** n holes take n·πd²/4 off (any handbook). */
  @Property
  void holes_in_a_ring_take_their_circles_off(
      @ForAll @IntRange(min = 1, max = 24) int n,
      @ForAll @DoubleRange(min = 2, max = 8) double across) {
    PlateForm form =
        form(
            BOARD,
            feature(
                Feature.Kind.HOLE,
                Map.of("across", across),
                new Where.Ring(new Point(5, 3), 40, n, 0.3)));

    assertThat(form.face().area())
        .isCloseTo(24_000 - n * Math.PI * across * across / 4, within(0.01 * Math.PI * n * across));
    assertThat(form.windows()).hasSize(n);
    assertThat(form.outer()).as("the outline stays the drawn curves").hasSize(1);
  }

  /** A slot is a rectangle and a circle; a window loses four corners of r²(1 − π/4) each. */
  @Test
  void slots_and_windows_have_the_areas_of_the_handbook() {
    PlateForm slot =
        form(
            BOARD,
            feature(Feature.Kind.SLOT, Map.of("long", 42.0, "wide", 6.0), Where.At.of(0, 0)));
    assertThat(24_000 - slot.face().area()).isCloseTo(36 * 6 + Math.PI * 9, within(0.1));

    PlateForm window =
        form(
            BOARD,
            feature(
                Feature.Kind.WINDOW,
                Map.of("long", 60.0, "wide", 40.0, "corner", 8.0, "frame", 10.0),
                Where.At.of(0, 0)));
    assertThat(24_000 - window.face().area())
        .isCloseTo(2400 - 4 * 64 * (1 - Math.PI / 4), within(0.1));
    assertThat(window.pieces())
        .singleElement()
        .satisfies(it -> assertThat(it.name()).isEqualTo("Window frame"));
    assertThat(window.developed().panels().get(1).windows()).hasSize(1);
    assertThat(window.developed().words()).anyMatch(it -> it.contains("first"));
  }

  /** A pointed notch of w by d takes w·d/2 off a straight edge; a tooth adds as much. */
  @Test
  void teeth_and_notches_change_a_straight_edge_by_their_triangles() {
    Where below = new Where.Along(0, 1, 0, 5);
    PlateForm notched =
        form(BOARD, feature(Feature.Kind.NOTCH, Map.of("wide", 8.0, "deep", 6.0), below));
    PlateForm toothed =
        form(BOARD, feature(Feature.Kind.TEETH, Map.of("wide", 8.0, "deep", 6.0), below));

    assertThat(notched.face().area()).isCloseTo(24_000 - 5 * 24, within(0.01));
    assertThat(toothed.face().area()).isCloseTo(24_000 + 5 * 24, within(0.01));
    assertThat(figure(toothed, "part.f1.pitch").value()).isCloseTo(40, within(1e-6));
  }

  @Test
  void damage_is_the_same_for_the_same_throw_and_another_for_another() {
    Where round = Where.Along.all(BOARD, 0, 12);
    double first = form(BOARD, feature(Feature.Kind.DAMAGE, Map.of(), round)).face().area();
    double again = form(BOARD, feature(Feature.Kind.DAMAGE, Map.of(), round)).face().area();
    double other =
        form(BOARD, feature(Feature.Kind.DAMAGE, Map.of("throw", 2.0), round)).face().area();

    assertThat(again).isEqualTo(first).isLessThan(24_000);
    assertThat(other).isNotEqualTo(first);
  }

  // == WHAT IS DRAWN ON IT

  /** The bevel's line on a rectangle is a rectangle, smaller by its width all round. */
  @Test
  void a_bevel_stops_on_a_line_at_its_width() {
    PlateForm form =
        form(
            BOARD,
            feature(
                Feature.Kind.BEVEL,
                Map.of("wide", 15.0, "edge", 4.0),
                Where.Along.all(BOARD, 0, 1)));

    double length = form.markings().stream().mapToDouble(it -> it.path().length(0.001)).sum();
    assertThat(length).isCloseTo(2 * (170 + 90), within(0.2));
    // Common practice: atan((T − e) / 2b).
    assertThat(figure(form, "part.f1.angle").value())
        .isCloseTo(Math.atan((10 - 4) / 30.0), within(1e-12));
  }

  @Test
  void a_bevel_on_one_side_stops_at_its_ends() {
    PlateForm form =
        form(BOARD, feature(Feature.Kind.BEVEL, Map.of("wide", 15.0), new Where.Along(0, 1, 0, 1)));

    assertThat(form.markings())
        .isNotEmpty()
        .allSatisfy(
            it ->
                assertThat(it.path().flattened(0.01))
                    .allSatisfy(p -> assertThat(p.y()).isLessThanOrEqualTo(-44.9)));
  }

  @Test
  void score_lines_are_kept_inside_and_lines_bow_by_what_was_typed() {
    PlateForm scored =
        form(
            BOARD,
            feature(
                Feature.Kind.SCORES,
                Map.of("long", 400.0),
                new Where.Row(new Point(-80, 0), new Point(80, 0), 9)));
    assertThat(count(scored, Marking.Kind.SCORE)).isEqualTo(9);
    assertThat(scored.markings())
        .allSatisfy(it -> assertThat(it.path().length(0.01)).isCloseTo(120, within(1e-6)));

    PlateForm bowed =
        form(
            BOARD,
            feature(
                Feature.Kind.LINE,
                Map.of("sag", 12.0),
                new Where.Row(new Point(-50, 0), new Point(50, 0), 1)));
    assertThat(
            bowed.markings().getFirst().path().flattened(0.001).stream()
                .mapToDouble(it -> Math.abs(it.y()))
                .max()
                .orElseThrow())
        .isCloseTo(12, within(0.01));
  }

  @Test
  void what_is_laid_on_is_cut_as_often_as_it_is_repeated() {
    PlateForm form =
        form(
            BOARD,
            feature(
                Feature.Kind.ORNAMENT,
                Map.of("shape", 1.0, "way", 2.0, "wide", 20.0, "high", 14.0),
                Where.Along.all(BOARD, 20, 16)));

    assertThat(count(form, Marking.Kind.LAID)).isEqualTo(16);
    assertThat(form.pieces().getFirst().count()).isEqualTo(16);
    assertThat(form.developed().panels().getLast().count()).isEqualTo(16);
  }

  // == REPEATS

  /** Repeats along an edge close exactly: each space is the same, the one over the end too. */
  @Property
  void repeats_along_an_edge_close(@ForAll @IntRange(min = 2, max = 60) int n) {
    WholeOutline disc = WholeOutline.circle(new Point(0, 0), 100);
    List<Spot> spots = Where.Along.all(disc, 0, n).spots(disc);

    assertThat(spots).hasSize(n);
    double chord = 200 * Math.sin(Math.PI / n);
    for (int i = 0; i < n; i++) {
      assertThat(spots.get(i).at().distance(spots.get((i + 1) % n).at()))
          .isCloseTo(chord, within(0.05));
      Point out = spots.get(i).place(new Point(0, 1)).minus(spots.get(i).at());
      assertThat(out.dot(spots.get(i).at().times(0.01))).isCloseTo(1, within(0.01));
    }
  }

  @Property
  void a_ring_closes_and_each_place_looks_outwards(@ForAll @IntRange(min = 1, max = 90) int n) {
    List<Spot> spots = new Where.Ring(new Point(7, -2), 40, n, 1).spots(BOARD);

    for (int i = 0; i < n; i++) {
      Point out = spots.get(i).at().minus(new Point(7, -2));
      assertThat(out.length()).isCloseTo(40, within(1e-9));
      assertThat(spots.get(i).place(new Point(0, 1)).minus(spots.get(i).at()).dot(out))
          .isCloseTo(40, within(1e-9));
      double turned = spots.get((i + 1) % n).turn() - spots.get(i).turn();
      assertThat(Math.IEEEremainder(turned - 2 * Math.PI / n, 2 * Math.PI))
          .isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void repeats_on_half_an_outline_are_mirror_images() {
    HalfOutline half =
        new HalfOutline(List.of(Node.corner(30, 0), Node.curve(50, 120), Node.corner(0, 260)));
    List<Spot> spots = Where.Along.all(half, 5, 7).spots(half);

    assertThat(spots).hasSize(14);
    for (int i = 0; i < 7; i++) {
      Point image = spots.get(13 - i).at().mirrored();
      assertThat(spots.get(i).at().distance(image)).isLessThan(0.05);
    }
  }

  // == WHAT DOES NOT HOLD

  @Test
  void a_bridge_thinner_than_the_foam_is_found_and_a_wide_one_is_not() {
    Feature near = feature(Feature.Kind.HOLE, Map.of("across", 40.0), Where.At.of(0, 36));
    Feature far = feature(Feature.Kind.HOLE, Map.of("across", 40.0), Where.At.of(0, 20));

    assertThat(form(BOARD, near).slivers(10))
        .singleElement()
        .satisfies(
            it -> {
              assertThat(it.tip()).isFalse();
              assertThat(it.at().y()).isGreaterThan(55);
            });
    assertThat(form(BOARD, far).slivers(10)).isEmpty();
  }

  @Test
  void a_long_thin_point_is_found_and_a_blunt_one_is_not() {
    WholeOutline thin =
        new WholeOutline(List.of(Node.corner(-20, 0), Node.corner(20, 0), Node.corner(0, 400)));
    WholeOutline blunt =
        new WholeOutline(List.of(Node.corner(-20, 0), Node.corner(20, 0), Node.corner(0, 40)));

    assertThat(form(thin).slivers(10)).anyMatch(PlateForm.Sliver::tip);
    assertThat(form(blunt).slivers(4)).isEmpty();
  }

  @Test
  void an_outline_that_crosses_itself_is_told_and_nothing_else_worked_out() {
    WholeOutline crossed =
        new WholeOutline(
            List.of(
                Node.corner(0, 0),
                Node.corner(100, 100),
                Node.corner(100, 0),
                Node.corner(0, 100)));
    PlateForm form = form(crossed, feature(Feature.Kind.HOLE, Map.of(), Where.At.of(20, 50)));

    assertThat(form.crossing()).isPresent();
    assertThat(form.windows()).isEmpty();
    assertThat(form.figures()).isEmpty();
  }

  @Test
  void what_makes_no_feature_is_refused() {
    assertThatThrownBy(() -> feature(Feature.Kind.BEVEL, Map.of(), Where.At.of(0, 0)))
        .hasMessageContaining("along an edge only");
    assertThatThrownBy(() -> feature(Feature.Kind.FULLER, Map.of(), Where.At.of(0, 0)))
        .hasMessageContaining("from one place to another");
    assertThatThrownBy(() -> feature(Feature.Kind.HOLE, Map.of("depth", 3.0), Where.At.of(0, 0)))
        .hasMessageContaining("no size 'depth'");
    assertThatThrownBy(() -> feature(Feature.Kind.HOLE, Map.of("across", -3.0), Where.At.of(0, 0)))
        .hasMessageContaining("Across: from 0.1");
    assertThatThrownBy(
            () -> new Feature("f1", Feature.Kind.LETTERS, Map.of(), " ", Where.At.of(0, 0)))
        .hasMessageContaining("1 to 80 letters");
    assertThatThrownBy(() -> new Where.Ring(new Point(0, 0), 10, 0, 0))
        .hasMessageContaining("1 to 720");
    assertThatThrownBy(() -> new Where.Row(new Point(1, 1), new Point(1, 1), 3))
        .hasMessageContaining("one place");
  }

  /** Whatever is drawn and worked in, it comes to a shape or to a crossing, never to a fault. */
  @Property(tries = 300)
  void anything_that_may_be_drawn_has_a_form(@ForAll @IntRange(max = 1_000_000) int seed) {
    java.util.Random random = new java.util.Random(seed);
    java.util.List<Node> nodes = new java.util.ArrayList<>();
    int count = 3 + random.nextInt(9);
    for (int i = 0; i < count; i++) {
      double a = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / count;
      double r = 30 + 120 * random.nextDouble();
      Node.Kind kind = List.of(Node.Kind.values()).get(random.nextInt(4));
      double bulge = random.nextInt(4) == 0 ? random.nextDouble() - 0.5 : 0;
      nodes.add(
          new Node(
              new Point(r * Math.cos(a), r * Math.sin(a)),
              kind,
              kind.eased() ? 40 * random.nextDouble() : 0,
              bulge));
    }
    WholeOutline outline = new WholeOutline(nodes);
    java.util.List<Feature> features = new java.util.ArrayList<>();
    for (int i = 0; i < 6; i++) {
      Feature.Kind kind = List.of(Feature.Kind.values()).get(random.nextInt(14));
      Point one = new Point(200 * random.nextDouble() - 100, 200 * random.nextDouble() - 100);
      Where where =
          switch (kind.reach()) {
            case EDGE -> new Where.Along(random.nextInt(count), 1 + random.nextInt(count), 0, 9);
            case LINE -> new Where.Row(one, one.plus(new Point(50, 9)), 1 + random.nextInt(8));
            case ANYWHERE ->
                random.nextBoolean()
                    ? new Where.Ring(one, 5 + 80 * random.nextDouble(), 7, 1)
                    : new Where.At(new Spot(one, random.nextDouble()));
          };
      String words = kind == Feature.Kind.LETTERS ? "A" : "";
      Optional<WholeOutline> own =
          kind == Feature.Kind.CUTOUT
              ? Optional.of(WholeOutline.circle(new Point(3, 0), 5 + 40 * random.nextDouble()))
              : Optional.empty();
      features.add(new Feature("f" + (i + 1), kind, Map.of(), words, where, own));
    }
    PlateForm form =
        PlateForm.of(
            Samples.plate("d1", "Any", outline, features, "eva-stiff", 10, Placing.USUAL)
                .blank()
                .orElseThrow(),
            Typeface.NONE);

    assertThat(form.face().area()).isNotNegative();
    if (form.crossing().isEmpty()) {
      assertThat(form.developed().panels().size()).isGreaterThanOrEqualTo(form.outer().size());
      assertThat(form.slivers(10)).isNotNull();
      double lines =
          form.outer().stream()
                  .mapToDouble(it -> stoutblade.shape.Region.inside(it, 0.01).area())
                  .sum()
              - form.windows().stream()
                  .mapToDouble(it -> stoutblade.shape.Region.inside(it, 0.01).area())
                  .sum();
      assertThat(lines).as("lines and area agree").isCloseTo(form.face().area(), within(8.0));
    }
  }

  @Test
  void repeats_along_an_outline_that_is_not_drawn_yet_are_nowhere() {
    assertThat(new Where.Along(0, 3, 5, 12).spots(HalfOutline.EMPTY)).isEmpty();
    assertThat(
            form(
                    HalfOutline.EMPTY,
                    feature(Feature.Kind.TEETH, Map.of(), new Where.Along(0, 1, 0, 4)))
                .developed()
                .panels())
        .isEmpty();
  }

  @Test
  void more_repeats_than_a_hand_could_cut_are_refused() {
    Where many = new Where.Ring(new Point(0, 0), 50, 720, 0);
    Feature letters =
        new Feature("f1", Feature.Kind.LETTERS, Map.of(), "OSIERMOUTH LANTERN WALK", many);

    assertThatThrownBy(() -> form(BOARD, letters)).hasMessageContaining("at most 6000 times");
    assertThat(form(BOARD, feature(Feature.Kind.HOLE, Map.of("across", 0.2), many)).windows())
        .hasSize(720);
  }

  /** A plate made larger has its area by the square, and keeps the depth of what is routed. */
  @Property
  void a_plate_made_larger_is_similar(@ForAll @DoubleRange(min = 0.4, max = 2.5) double factor) {
    Part plate =
        Samples.plate(
            "d1",
            "Board",
            BOARD,
            List.of(
                feature(Feature.Kind.HOLE, Map.of(), new Where.Ring(new Point(0, 0), 30, 6, 0))),
            "eva-stiff",
            10,
            Placing.USUAL);
    PlateForm larger = PlateForm.of(plate.times(factor).blank().orElseThrow(), Typeface.NONE);

    assertThat(larger.face().area())
        .isCloseTo(
            PlateForm.of(plate.blank().orElseThrow(), Typeface.NONE).face().area()
                * factor
                * factor,
            within(2 * factor * factor));
    assertThat(plate.times(factor).thicknessMm()).isEqualTo(10);
  }
}

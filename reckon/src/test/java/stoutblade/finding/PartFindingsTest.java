package stoutblade.finding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.OutlineEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.measure.Units;
import stoutblade.part.FlatPieces;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Placing.Faces;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.template.Stroke;

/** What is wrong with parts, and that each mend mends it. */
class PartFindingsTest {

  private static Part plate(String id, Outline outline, Feature... features) {
    return Samples.plate(id, "Board", outline, List.of(features), "foam", 10, Placing.USUAL);
  }

  private static WholeOutline board() {
    return new WholeOutline(
        List.of(
            Node.corner(-100, -60),
            Node.corner(100, -60),
            Node.corner(100, 60),
            Node.corner(-100, 60)));
  }

  private static Feature hole(double across, Where where) {
    return new Feature("f1", Feature.Kind.HOLE, Map.of("across", across), "", where);
  }

  private static Project with(Part... parts) {
    return First.withParts(Samples.whole(), List.of(parts));
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream().filter(it -> it.id().equals(id)).findFirst();
  }

  private static Project mended(Project project, String id) {
    return finding(project, id).orElseThrow().mends().getFirst().in(Prop.FIRST).applyTo(project);
  }

  private static Project worked(Feature... features) {
    Project whole = Samples.whole();
    return First.withFeatures(whole, List.of(features));
  }

  private static Feature fuller(double deep) {
    return new Feature(
        "f1",
        Feature.Kind.FULLER,
        Map.of("deep", deep),
        "",
        new Where.Row(new Point(0, 100), new Point(0, 300), 1));
  }

  /** Common practice: one face of a floor mat is textured; two halves are cut as images. */
  @Test
  void two_lopsided_halves_of_a_textured_sheet_want_one_mirrored() {
    WholeOutline lopsided =
        new WholeOutline(
            List.of(
                Node.corner(0, 0), Node.corner(80, 0), Node.corner(60, 50), Node.corner(0, 90)));
    Part plate =
        Samples.plate("d1", "Cheek", lopsided, List.of(), "mat", 12.5, Placing.USUAL.made(2, 0));
    Project project = First.withParts(Samples.whole(), List.of(plate));

    Finding found =
        Samples.derive(project).findings().stream()
            .filter(it -> it.id().endsWith("d1.halves"))
            .findFirst()
            .orElseThrow();
    Project mended = found.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(mended.first().parts().getFirst().placing().mirrored()).isEqualTo(1);
    assertThat(Samples.derive(mended).findings()).noneMatch(it -> it.id().endsWith(".halves"));
    Part even =
        Samples.plate(
            "d1",
            "Disc",
            WholeOutline.circle(new Point(0, 0), 40),
            List.of(),
            "mat",
            12.5,
            Placing.USUAL.made(2, 0));
    assertThat(Samples.derive(First.withParts(Samples.whole(), List.of(even))).findings())
        .noneMatch(it -> it.id().endsWith(".halves"));
  }

  @Test
  void a_fuller_deeper_than_half_the_sheet_is_found_and_mended() {
    assertThat(finding(worked(fuller(5)), "draft.d1.fuller-f1")).isEmpty();
    Project deep = worked(fuller(6));

    assertThat(finding(deep, "draft.d1.fuller-f1").orElseThrow().place())
        .isEqualTo(new Place.OnPart(First.ID, new Point(0, 200)));
    assertThat(finding(mended(deep, "draft.d1.fuller-f1"), "draft.d1.fuller-f1")).isEmpty();
    assertThat(finding(worked(fuller(10)), "draft.d1.fuller-f1").orElseThrow().severity())
        .isEqualTo(Finding.Severity.WRONG);
  }

  @Test
  void a_fuller_over_the_core_leaves_less_over_it() {
    Project bare = Samples.whole();
    double before =
        First.core(Samples.derive(bare)).orElseThrow().bed().orElseThrow().leastCover().value();

    double after =
        First.core(Samples.derive(worked(fuller(4))))
            .orElseThrow()
            .bed()
            .orElseThrow()
            .leastCover()
            .value();

    assertThat(after).isLessThan(before);
  }

  @Test
  void a_hole_too_near_the_blades_edge_is_moved_in() {
    Feature hole =
        new Feature("f1", Feature.Kind.HOLE, Map.of("across", 20.0), "", Where.At.of(36, 150));
    Project near = worked(hole);

    assertThat(finding(near, "draft.d1.sliver-0").orElseThrow().place())
        .isInstanceOf(Place.OnPart.class);
    assertThat(finding(mended(near, "draft.d1.sliver-0"), "draft.d1.sliver-0")).isEmpty();
  }

  @Test
  void a_slot_right_across_lets_the_blade_fall_apart() {
    Feature slot =
        new Feature(
            "f1", Feature.Kind.SLOT, Map.of("long", 200.0, "wide", 8.0), "", Where.At.of(0, 150));

    assertThat(finding(worked(slot), "draft.d1.apart")).isPresent();
    assertThat(First.template(Samples.derive(worked(slot)))).isPresent();
  }

  @Test
  void a_sound_plate_has_no_finding() {
    assertThat(Samples.derive(with(plate("d1", board()))).findings())
        .noneMatch(it -> it.id().startsWith("draft.d1"));
  }

  @Test
  void a_plate_that_is_not_drawn_yet_is_what_comes_next() {
    assertThat(finding(with(plate("d1", HalfOutline.EMPTY)), "draft.d1.trace"))
        .get()
        .satisfies(it -> assertThat(it.severity()).isEqualTo(Finding.Severity.NEXT));
  }

  @Test
  void an_outline_that_crosses_itself_is_mended_by_one_node_less() {
    WholeOutline crossed =
        new WholeOutline(
            List.of(
                Node.corner(0, 0),
                Node.corner(100, 0),
                Node.corner(100, 100),
                Node.corner(50, -30),
                Node.corner(0, 100)));
    Project project = with(plate("d1", crossed));

    assertThat(finding(project, "draft.d1.crossing"))
        .get()
        .satisfies(it -> assertThat(it.severity()).isEqualTo(Finding.Severity.WRONG));
    assertThat(finding(mended(project, "draft.d1.crossing"), "draft.d1.crossing")).isEmpty();
  }

  @Test
  void a_hole_too_near_the_edge_is_moved_away_from_it_by_what_is_missing() {
    Project project = with(plate("d1", board(), hole(20, Where.At.of(0, 45))));

    Project mended = mended(project, "draft.d1.sliver-0");

    Feature moved = mended.first().parts().getFirst().cut().orElseThrow().features().getFirst();
    assertThat(moved.where())
        .isInstanceOfSatisfying(
            Where.At.class, it -> assertThat(it.spot().at().y()).isCloseTo(45 - 6, within(1.0)));
    assertThat(finding(mended, "draft.d1.sliver-0")).isEmpty();
  }

  @Test
  void a_ring_of_holes_is_narrowed_and_holes_along_an_edge_go_further_in() {
    Project ring = with(plate("d1", board(), hole(12, new Where.Ring(new Point(0, 0), 52, 4, 0))));
    assertThat(finding(mended(ring, "draft.d1.sliver-0"), "draft.d1.sliver-0")).isEmpty();

    Project along = with(plate("d1", board(), hole(12, new Where.Along(0, 1, 9, 5))));
    Project deeper = mended(along, "draft.d1.sliver-0");
    assertThat(finding(deeper, "draft.d1.sliver-0")).isEmpty();
    assertThat(deeper.first().parts().getFirst().cut().orElseThrow().features().getFirst().where())
        .isInstanceOfSatisfying(Where.Along.class, it -> assertThat(it.insetMm()).isGreaterThan(9));
  }

  @Test
  void a_long_thin_point_is_rounded() {
    WholeOutline spike =
        new WholeOutline(List.of(Node.corner(-20, 0), Node.corner(20, 0), Node.corner(0, 420)));
    Project project = with(plate("d1", spike));

    Project mended = mended(project, "draft.d1.sliver-0");

    Node tip = mended.first().parts().getFirst().cut().orElseThrow().outline().nodes().get(2);
    assertThat(tip.kind()).isEqualTo(Node.Kind.ROUND);
    assertThat(tip.ease()).isEqualTo(5);
  }

  @Test
  void a_window_that_runs_right_through_is_told() {
    Feature window =
        new Feature(
            "f1",
            Feature.Kind.WINDOW,
            Map.of("long", 30.0, "wide", 200.0, "corner", 0.0, "frame", 0.0),
            "",
            Where.At.of(0, 0));

    assertThat(finding(with(plate("d1", board(), window)), "draft.d1.apart"))
        .get()
        .satisfies(it -> assertThat(it.title()).contains("falls into 2 parts"));
  }

  @Test
  void a_piece_larger_than_a_sheet_is_told_and_a_long_strip_is_not() {
    WholeOutline large =
        new WholeOutline(
            List.of(
                Node.corner(0, 0),
                Node.corner(700, 0),
                Node.corner(700, 1100),
                Node.corner(0, 1100)));
    assertThat(finding(with(plate("d1", large)), "draft.d1.sheet"))
        .get()
        .satisfies(it -> assertThat(it.why()).contains("110 cm by 70 cm"));

    Part band =
        Part.formed(
            "d1", "Rim", "band", Map.of("round", 2000.0, "width", 30.0), "foam", Placing.USUAL);
    assertThat(finding(with(band), "draft.d1.sheet")).isEmpty();
    PartReckoning reckoned = Samples.derive(with(band)).first().part("d1").orElseThrow();
    assertThat(reckoned.covers()).isPresent();
    assertThat(reckoned.templates(Units.METRIC)).hasSize(2);
    assertThat(reckoned.mass().orElseThrow().inputs().getFirst().formula()).contains("one.covers");
    assertThat(reckoned.templates(Units.METRIC).getFirst().strokes())
        .anyMatch(it -> it.kind() == Stroke.Kind.JOINT);
  }

  @Test
  void a_band_for_another_edge_is_made_for_its_plate() {
    Part band =
        Part.formed(
            "d2",
            "Rim",
            "band",
            Map.of("round", 500.0, "foam", 5.0, "width", 12.0),
            "foam",
            Placing.USUAL.on("d1"));
    Project project = with(plate("d1", board()), band);

    Project mended = mended(project, "draft.d2.band");

    assertThat(mended.first().parts().get(1).formed().orElseThrow().sizes().get("round"))
        .isCloseTo(640, within(0.1));
    assertThat(finding(mended, "draft.d2.band")).isEmpty();
  }

  /** Common practice: glue will not hold on the texture until it is ground off. */
  @Test
  void a_textured_face_that_is_glued_is_turned_over() {
    Part on =
        Samples.plate(
            "d2",
            "Face",
            board(),
            List.of(),
            "mat",
            12.5,
            Placing.USUAL.on("d1").textured(Faces.BACK));
    Project project = with(plate("d1", board()), on);

    Project mended = mended(project, "draft.d2.texture");

    assertThat(mended.first().parts().get(1).placing().textured()).isEqualTo(Faces.FRONT);
    assertThat(finding(mended, "draft.d2.texture")).isEmpty();
  }

  @Test
  void a_foam_that_the_catalogue_lacks_is_told() {
    Part unknown = plate("d1", board()).withMaterial("moon-foam", 10);
    assertThat(finding(with(unknown), "layers.d1.foam")).isPresent();
  }

  // == WHAT FOLLOWS FROM PARTS

  /** Area × thickness × density × how many, worked by hand: 0.2 m · 0.12 m · 10 mm · 150 kg/m³. */
  @Test
  void parts_are_weighed_and_the_whole_prop_with_them() {
    Part four = plate("d1", board()).withPlacing(Placing.USUAL.made(4, 2));
    Derived derived = Samples.derive(with(four));

    double mass = derived.first().part("d1").orElseThrow().mass().orElseThrow().value();
    assertThat(mass).isCloseTo(4 * 200 * 120 * 10 * 150e-6, within(0.01));
    assertThat(derived.first().whole().mass().orElseThrow().value()).isCloseTo(mass, within(1e-6));
    Derived both = Samples.derive(with(four, Samples.blade().withId("d2")));
    double blade = both.first().part("d2").orElseThrow().core().orElseThrow().mass().value();
    assertThat(both.first().whole().mass().orElseThrow().value())
        .isCloseTo(mass + blade, within(1e-6));
    assertThat(both.first().whole().mass().orElseThrow().label()).isEqualTo("Whole prop, weight");
  }

  @Test
  void every_part_has_a_template_with_its_copies_and_their_hands() {
    Part pair = plate("d1", board()).withPlacing(Placing.USUAL.made(2, 1));
    Derived derived = Samples.derive(with(pair));

    var templates = derived.templates();
    assertThat(templates).hasSize(1);
    assertThat(templates.get(0).title()).isEqualTo("Board, made 2 times");
    assertThat(templates.get(0).copies()).hasSize(2);
    assertThat(templates.get(0).mirroredCopies()).isEqualTo(1);
    assertThat(templates.get(0).labels())
        .anyMatch(it -> it.text().equals("1 as printed, 1 mirrored: turn the paper over"))
        .anyMatch(it -> it.text().equals("Foam 10 mm, cut 2"));
  }

  @Test
  void a_part_of_which_nothing_shows_says_so_on_its_template() {
    Part inside = plate("d1", board()).withPlacing(Placing.USUAL.showing(Faces.NONE));

    assertThat(Samples.derive(with(inside)).templates().get(0).labels())
        .anyMatch(it -> it.text().equals("This side is hidden"));
  }

  @Test
  void a_prop_without_a_blade_has_a_list_to_buy_and_a_plan() {
    Derived derived = Samples.derive(with(plate("d1", board())));

    assertThat(derived.shopping().orElseThrow().lines())
        .singleElement()
        .satisfies(it -> assertThat(it.buy().value()).isEqualTo(1));
    assertThat(derived.plan().orElseThrow().steps())
        .extracting(it -> it.id())
        .contains("p1/d1/trace", "p1/d1/cut", "p1/d1/sand", "p1/d1/measure", "all/pack");
    assertThat(derived.findings()).noneMatch(it -> it.title().contains("Trace half"));
  }

  @Test
  void only_the_part_that_was_changed_is_worked_out_anew() {
    Reckoner reckoner = new Reckoner(Samples.CATALOGUE);
    Project project =
        with(plate("d1", board()), plate("d2", WholeOutline.circle(new Point(0, 0), 40)));
    var units = stoutblade.measure.Units.METRIC;
    Derived before = reckoner.derive(project, Samples.NOW, units);
    Project moved =
        OutlineEdits.moveNode("d1", 0, new Point(-110, -60)).in(Prop.FIRST).applyTo(project);

    Derived after = reckoner.derive(moved, Samples.NOW, units);

    assertThat(after.first().part("d2").orElseThrow())
        .isSameAs(before.first().part("d2").orElseThrow());
    assertThat(after.first().part("d1").orElseThrow())
        .isNotSameAs(before.first().part("d1").orElseThrow());
  }

  private static Part kept(double second, Point... ring) {
    List<Point> square = List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100));
    FlatPieces.Piece plain =
        new FlatPieces.Piece(
            "Plain",
            List.of(
                new FlatPieces.Side("A", square.subList(0, 2)),
                new FlatPieces.Side("", List.of(square.get(1), square.get(2), square.get(0)))));
    List<Point> rest = new ArrayList<>(List.of(new Point(second, 0)));
    rest.addAll(List.of(ring));
    rest.add(new Point(0, 0));
    FlatPieces.Piece other =
        new FlatPieces.Piece(
            "Other",
            List.of(
                new FlatPieces.Side("A", List.of(new Point(0, 0), new Point(second, 0))),
                new FlatPieces.Side("", rest)));
    return Part.of("d1", "Cowl", new FlatPieces("a model", List.of(plain, other)), "foam", 6);
  }

  @Test
  void kept_pieces_that_lie_over_themselves_or_do_not_match_are_found() {
    Point far = new Point(50, 120);
    assertThat(Samples.derive(with(kept(100, far))).findings())
        .noneMatch(it -> it.id().startsWith("draft.d1"));
    assertThat(finding(with(kept(100.9, far)), "draft.d1.seam-A")).isEmpty();
    Finding puckers = finding(with(kept(104, far)), "draft.d1.seam-A").orElseThrow();
    assertThat(puckers.why()).contains("4 mm");
    Finding over =
        finding(with(kept(100, new Point(20, 80), new Point(80, 80))), "draft.d1.crossing-2")
            .orElseThrow();
    assertThat(over.severity()).isEqualTo(Finding.Severity.WRONG);
    assertThat(over.title()).contains("Other");
  }

  /** A kept piece larger than a sheet has strips over its splices, which are no pieces of it. */
  @Test
  void a_kept_piece_larger_than_a_sheet_is_looked_through_like_any() {
    Part large = kept(100, new Point(50, 120)).times(18);
    PartReckoning reckoned = Samples.derive(with(large)).first().part("d1").orElseThrow();

    assertThat(reckoned.covers().orElseThrow().panels()).isNotEmpty();
    assertThat(finding(with(large), "draft.d1.sheet")).isPresent();
    assertThat(finding(with(large), "draft.d1.seam-A")).isEmpty();
  }

  /** It cannot be cut: neither a sheet nor a page nor a step is planned for it. */
  @Test
  void an_outline_that_crosses_itself_is_not_bought() {
    WholeOutline bow =
        new WholeOutline(
            List.of(
                Node.corner(-60, -40),
                Node.corner(60, 40),
                Node.corner(60, -40),
                Node.corner(-60, 40)));
    Derived derived = Samples.derive(with(plate("d1", bow)));

    assertThat(finding(with(plate("d1", bow)), "draft.d1.crossing")).isPresent();
    assertThat(derived.shopping()).isEmpty();
    assertThat(derived.templates()).isEmpty();
    assertThat(derived.plan()).isEmpty();
  }
}

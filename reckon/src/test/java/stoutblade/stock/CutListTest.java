package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Panel;
import stoutblade.edit.Edits;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.nest.AroundPins;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.Turning;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Wish;

/** Every piece that is cut from a sheet, with its hand. */
class CutListTest {

  /** Its mirror image is another shape. */
  private static final WholeOutline LOPSIDED =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(120, 0), Node.corner(90, 200), Node.corner(0, 80)));

  private static Part plate(String id, String materialId, double mm, int layers) {
    return Samples.plate(id, "Plate " + id, LOPSIDED, List.of(), materialId, mm, Placing.USUAL)
        .withLayering(Layering.of(layers, materialId, mm, Profile.FLAT));
  }

  private static CutList list(Part... parts) {
    Project project = First.withParts(Samples.whole(), List.of(parts));
    return Samples.derive(project).shopping().orElseThrow().pieces();
  }

  /** The area of a polygon by another library. */
  private static double area(NestShape shape) {
    Coordinate[] ring =
        shape.outline().rings().getFirst().stream()
            .map(it -> new Coordinate(it.x(), it.y()))
            .toArray(Coordinate[]::new);
    return new GeometryFactory().createPolygon(ring).getArea();
  }

  @Test
  void each_layer_of_each_part_is_a_piece_under_its_own_sheet() {
    CutList list = list(plate("d1", "foam", 10, 2), plate("d2", "foam", 5, 1));
    assertThat(list.kinds()).extracting(CutList.Kind::count).containsExactly(2, 1);
    double round = 120 + Math.hypot(30, 200) + Math.hypot(90, 120) + 80;
    assertThat(list.kinds().getFirst().cutMm()).isCloseTo(2 * round, within(8.0));
    assertThat(list.kinds().getFirst().entries())
        .extracting(CutList.Entry::words)
        .containsExactly("Plate d1, layer 1", "Plate d1, layer 2");
    assertThat(list.kinds())
        .flatExtracting(CutList.Kind::entries)
        .extracting(CutList.Entry::number)
        .containsExactly(1, 2, 3);
    for (CutList.Kind kind : list.kinds()) {
      NestJob job = kind.job(List.of(), 2, 0);
      assertThat(job.pieces()).isEqualTo(kind.count());
      job.shapes().forEach(it -> assertThat(area(it)).isCloseTo(15_600, within(400.0)));
    }
  }

  /** A sheet with one textured face is not turned over: each hand is a shape of its own. */
  @Test
  void hands_are_kept_where_one_face_is_textured() {
    Part pair = plate("d1", "mat", 12.5, 1).withPlacing(Placing.USUAL.made(2, 1));
    NestJob job = list(pair).kinds().getFirst().job(List.of(), 2, 0);
    assertThat(job.shapes()).hasSize(2).noneMatch(NestShape::mirrors);
    assertThat(job.shapes().getLast().id()).endsWith("mirrored");
    List<Point> right = job.shapes().getFirst().outline().rings().getFirst();
    List<Point> left = job.shapes().getLast().outline().rings().getFirst();
    assertThat(left.stream().map(Point::mirrored).toList()).containsAll(right);

    Part plain = plate("d1", "foam", 10, 1).withPlacing(Placing.USUAL.made(2, 1));
    NestJob either = list(plain).kinds().getFirst().job(List.of(), 2, 0);
    assertThat(either.shapes()).hasSize(1).allMatch(NestShape::mirrors);
    assertThat(either.pieces()).isEqualTo(2);
  }

  /**
   * Three layers of 10 mm, laid in 8 mm deep and 16 mm over the back: through none; 30 over 0:
   * through all. The line is engraved on the front alone, and is as long as it was drawn.
   */
  @Test
  void what_is_engraved_and_what_goes_through_is_on_the_pieces_of_layers() {
    WholeOutline board =
        new WholeOutline(
            List.of(
                Node.corner(-150, -100),
                Node.corner(150, -100),
                Node.corner(150, 100),
                Node.corner(-150, 100)));
    Feature line =
        feature(
            "f1",
            Feature.Kind.LINE,
            Map.of("sag", 0.0),
            new Where.Row(new Point(-50, 40), new Point(50, 40), 1));
    Feature through =
        feature(
            "f2",
            Feature.Kind.RECESS,
            Map.of("long", 40.0, "wide", 30.0, "deep", 30.0, "over", 0.0),
            Where.At.of(-80, 0));
    Feature inside =
        feature(
            "f3",
            Feature.Kind.RECESS,
            Map.of("long", 40.0, "wide", 30.0, "deep", 4.0, "over", 10.0),
            Where.At.of(80, 0));
    List<Feature> all = List.of(line, through, inside);
    Part part =
        Samples.plate("d1", "Board", board, all, "foam", 10, Placing.USUAL)
            .withLayering(Layering.of(3, "foam", 10, Profile.FLAT));
    List<CutList.Entry> layers = list(part).kinds().getFirst().entries();
    assertThat(layers).hasSize(3);
    for (CutList.Entry it : layers) {
      assertThat(it.piece().areaMm2()).isCloseTo(300 * 200 - 40 * 30, within(1.0));
      assertThat(it.lines()).as("its edge and what goes through").hasSize(2);
    }
    assertThat(layers.getLast().piece().engraved()).hasSize(1);
    assertThat(layers.getLast().piece().engraved().getFirst().length(0.01))
        .isCloseTo(100, within(1e-6));
    assertThat(layers.get(0).piece().engraved()).isEmpty();
    assertThat(layers.get(1).piece().engraved()).isEmpty();
    assertThat(layers.stream().filter(it -> !it.piece().drawn().isEmpty()))
        .as("the one that is 4 mm deep is in one layer, drawn to be cut in by hand")
        .hasSize(1);

    Part one = Samples.plate("d1", "Board", board, List.of(line), "foam", 10, Placing.USUAL);
    assertThat(list(one).kinds().getFirst().entries().getFirst().piece().engraved()).hasSize(1);
  }

  /** A line that runs on over several pieces is on each as far as that goes. */
  @Test
  void lines_end_where_their_piece_does() {
    Region area = Region.of(new Box(0, 0, 100, 50));
    Path through = Path.line(new Point(-40, 25), new Point(300, 25));
    Path within = Path.line(new Point(10, 10), new Point(20, 10));
    Panel panel = Panel.within("p", 1, area, List.of(through, within), List.of(through));
    assertThat(panel.lines().stream().map(it -> it.length(0.01)).map(Math::rint))
        .containsExactly(100.0, 10.0);
    assertThat(panel.marks().getFirst().length(0.01)).isCloseTo(100, within(1e-9));
    assertThat(panel.with(List.of(through), List.of()).lines().getFirst().length(0.01))
        .isCloseTo(100, within(1e-9));
  }

  private static Feature feature(
      String id, Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature(id, kind, sizes, "", where);
  }

  /** A wrap of π · 71 cm round on sheets of a metre: its pieces are as large as it was. */
  @Test
  void a_flat_pattern_larger_than_a_sheet_comes_in_pieces() {
    Part ring =
        Part.formed(
            "d1",
            "Drum",
            "ring",
            Map.of("across", 700.0, "foam", 10.0, "width", 150.0),
            "foam",
            Placing.USUAL);
    CutList list = list(ring);
    double area =
        list.kinds().stream()
            .flatMap(it -> it.entries().stream())
            .filter(it -> it.name().contains("piece"))
            .mapToDouble(it -> it.piece().areaMm2() * it.count())
            .sum();
    assertThat(area).isCloseTo(Math.PI * 710 * 150, within(5.0));
    for (CutList.Kind kind : list.kinds()) {
      Nesting laid = new Nester(kind.job(List.of(), 2, 0), 1, it -> {}, () -> true).run();
      assertThat(laid.complete()).as(kind.words()).isTrue();
    }
  }

  @Test
  void what_is_left_over_is_there_already() {
    List<Wish.Leftover> leftovers =
        List.of(new Wish.Leftover("foam", 10, 90_000), new Wish.Leftover("foam", 5, 40_000));
    NestJob job = list(plate("d1", "foam", 10, 1)).kinds().getFirst().job(leftovers, 2, 0);
    assertThat(job.sheets()).hasSize(2);
    NestSheet left = job.sheets().getFirst();
    assertThat(left.price()).isZero();
    assertThat(left.outline().area()).isCloseTo(90_000, within(1e-6));
    assertThat(job.sheets().getLast().outline().area()).isEqualTo(600 * 1000);
  }

  /** As long as the list is what it was, as many sheets are bought as the pieces were laid on. */
  @Test
  void what_is_laid_is_bought_by_until_the_list_changes() {
    Project project = First.withParts(Samples.whole(), List.of(plate("d1", "foam", 10, 2)));
    CutList.Kind kind =
        Samples.derive(project).shopping().orElseThrow().pieces().kinds().getFirst();
    NestJob job = kind.job(List.of(), 3, 0);
    SheetPlan plan =
        SheetPlan.of(AroundPins.lay(job, SheetPlan.NONE, 1, it -> {}, () -> true), SheetPlan.NONE);
    SheetPlan.Sheet one = plan.sheets().getFirst();
    assertThat(plan.sheets()).hasSize(1);
    // One piece on a sheet of its own: nobody would, but it was decided.
    SheetPlan wide =
        new SheetPlan(
            one.pieces().stream()
                .map(it -> new SheetPlan.Sheet(one.id(), one.rings(), false, List.of(it)))
                .toList());
    Laying laying = Laying.none(kind).with(wide, kind.mark());
    assertThat(bought(project)).isEqualTo(1);
    assertThat(bought(with(project, laying))).isEqualTo(2);
    assertThat(kind.held(List.of(laying))).contains(laying);

    Project more =
        First.withParts(
            with(project, laying), List.of(plate("d1", "foam", 10, 2), plate("d2", "foam", 10, 1)));
    assertThat(bought(more)).as("by rows again").isEqualTo(1);

    // What is cut is there.
    SheetPlan.Sheet first = wide.sheets().getFirst();
    SheetPlan cut =
        wide.with(0, new SheetPlan.Sheet(first.id(), first.rings(), true, first.pieces()));
    assertThat(bought(with(project, laying.with(cut, kind.mark())))).isEqualTo(1);
  }

  private static Project with(Project project, Laying laying) {
    return project.withCutting(project.cutting().with(laying));
  }

  private static double bought(Project project) {
    return Samples.derive(project).shopping().orElseThrow().lines().getFirst().buy().value();
  }

  @Test
  void an_offcut_has_its_shape_and_is_used_up_by_itself() {
    Wish.Leftover square = new Wish.Leftover("foam", 10, 90_000);
    Region bent =
        Region.of(new Box(0, 0, 300, 300)).difference(Region.of(new Box(100, 100, 300, 300)));
    Wish.Leftover shaped = Wish.Leftover.shaped("foam", 10, bent);
    CutList.Kind kind = list(plate("d1", "foam", 10, 1)).kinds().getFirst();
    NestJob job = kind.job(List.of(square, shaped), 2, 0);
    assertThat(job.sheets())
        .extracting(NestSheet::id)
        .containsExactly("left over 1", "left over 2", CutList.BOUGHT);
    assertThat(job.sheets().get(1).outline().area()).isCloseTo(50_000, within(1e-6));
    assertThat(kind.without(List.of(square, shaped), List.of("left over 2")))
        .containsExactly(square);

    Project with = Samples.whole().withLeftovers(List.of(square, shaped));
    assertThat(Edits.usedUp(shaped).applyTo(with).leftovers()).containsExactly(square);
    assertThat(Edits.leftover(new Wish.Leftover("foam", 10, 0)).applyTo(with).leftovers())
        .containsExactly(shaped);
    List<List<Point>> crossed =
        List.of(
            List.of(new Point(0, 0), new Point(100, 100), new Point(100, 0), new Point(0, 100)));
    assertThatThrownBy(() -> new Wish.Leftover("foam", 10, 5_000, crossed))
        .hasMessageContaining("crosses itself at 50, 50");
  }

  /** Where a grain runs along the sheet, pieces lie along it or the other way round. */
  @Test
  void grain_keeps_pieces_along_the_sheet() {
    SheetMaterial foam = list(plate("d1", "foam", 10, 1)).kinds().getFirst().foam();
    CutList.Kind plain = list(plate("d1", "foam", 10, 1)).kinds().getFirst();
    CutList.Kind grained = new CutList.Kind(foam, true, false, 10, plain.entries());
    assertThat(plain.job(List.of(), 2, 0).shapes()).allMatch(it -> it.turning() == Turning.ANY);
    assertThat(grained.job(List.of(), 2, 0).shapes()).allMatch(it -> it.turning() == Turning.HALF);
  }
}

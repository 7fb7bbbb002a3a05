package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
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
}

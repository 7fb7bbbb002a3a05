package stoutblade.desktop.station.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Stated;
import stoutblade.reference.Dressing;
import stoutblade.reference.Mark;
import stoutblade.reference.Picture;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.Sizing;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

/** How a picture lies on the mat. */
class PictureLayTest {

  private static final Picture PICTURE = new Picture("a".repeat(64), "p.jpg", 1000, 2000);

  private static Reference bare() {
    return Reference.of("p1", "Front", PICTURE);
  }

  private static Ruler crate(double px) {
    return Ruler.of(
        "r1",
        "Crate",
        new Ruler.KnownLength(
            Stated.exactly(600),
            Optional.empty(),
            new Mark(new Point(200, 900), new Point(200, 900 + px))));
  }

  private static Ruler sheet() {
    return Ruler.of(
        "r2",
        "Sheet",
        new Ruler.SeenRectangle(
            Stated.exactly(420),
            Stated.exactly(594),
            List.of(
                new Point(300, 500),
                new Point(640, 560),
                new Point(600, 1100),
                new Point(280, 1000))));
  }

  private static PictureLay lay(Reference reference) {
    PictureSize size =
        Sizing.of(
                new Wearer("W", 1740),
                Optional.empty(),
                SizingRule.TRUE_SIZE,
                List.of(reference),
                List.of())
            .pictures()
            .get("p1");
    return new PictureLay(size);
  }

  /** Flattened, turned and levelled: what is pressed is what is marked. */
  @Property(tries = 60)
  void a_place_on_the_mat_and_on_the_picture_are_each_others(
      @ForAll @DoubleRange(min = 250, max = 700) double x,
      @ForAll @DoubleRange(min = 450, max = 1200) double y,
      @ForAll @IntRange(min = 0, max = 3) int quarters,
      @ForAll @DoubleRange(min = -0.5, max = 0.5) double level) {
    PictureLay lay =
        lay(bare().with(sheet()).withDressing(new Dressing(quarters, level, Optional.empty(), 0)));
    Point px = new Point(x, y);

    assertThat(lay.toPicture(lay.toMat(px)).distance(px)).isLessThan(1e-6);
  }

  @Test
  void a_known_length_is_as_long_on_the_mat() {
    PictureLay lay = lay(bare().with(crate(300)));

    assertThat(lay.mmPerPixel()).isCloseTo(2, within(1e-9));
    assertThat(lay.toMat(new Point(200, 900)).distance(lay.toMat(new Point(200, 1200))))
        .isCloseTo(600, within(1e-9));
  }

  @Test
  void a_flattened_rectangle_has_its_sides_and_right_angles() {
    PictureLay lay = lay(bare().with(sheet()));
    List<Point> corners = sheet().by().points().stream().map(lay::toMat).toList();

    assertThat(corners.get(0).distance(corners.get(1))).isCloseTo(420, within(1e-6));
    assertThat(corners.get(1).distance(corners.get(2))).isCloseTo(594, within(1e-6));
    Point one = corners.get(1).minus(corners.get(0));
    Point two = corners.get(2).minus(corners.get(1));
    assertThat(one.dot(two)).isCloseTo(0, within(1e-3));
    assertThat(lay.extent().height()).isGreaterThan(594);
  }

  @Test
  void the_heel_stands_on_the_ground() {
    Ruler figure =
        Ruler.of(
            "r1",
            "Figure",
            new Ruler.FigureHeight(List.of(new Point(500, 100), new Point(480, 1700))));
    PictureLay lay = lay(bare().with(figure));

    assertThat(lay.toMat(new Point(480, 1700)).y()).isCloseTo(0, within(1e-9));
    assertThat(lay.toMat(new Point(500, 100)).y()).isPositive();
  }

  @Test
  void without_a_heel_the_foot_of_what_is_shown_does() {
    Dressing cropped = Dressing.PLAIN.withCrop(Optional.of(new Box(100, 100, 900, 1500)));
    PictureLay lay = lay(bare().with(crate(300)).withDressing(cropped));

    assertThat(lay.extent().minY()).isCloseTo(0, within(1e-9));
    assertThat(lay.extent().height()).isCloseTo(2 * 1400, within(1e-6));
    assertThat(lay.toMat(new Point(500, 1500)).y()).isCloseTo(0, within(1e-9));
  }

  @Test
  void a_quarter_turn_clockwise_puts_the_left_edge_on_top() {
    PictureLay lay = lay(bare().withDressing(Dressing.PLAIN.turned()));

    Point left = lay.toMat(new Point(0, 1000));
    Point right = lay.toMat(new Point(1000, 1000));
    Point top = lay.toMat(new Point(500, 0));

    assertThat(left.y() - right.y()).isCloseTo(1000, within(1e-6));
    assertThat(top.x()).isGreaterThan(lay.toMat(new Point(500, 2000)).x());
  }
}

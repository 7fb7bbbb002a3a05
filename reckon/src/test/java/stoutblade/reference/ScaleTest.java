package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.measure.Figure;
import stoutblade.measure.Stated;
import stoutblade.measure.Units;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.wearer.Segment;
import stoutblade.wearer.Wearer;

class ScaleTest {

  private static final Picture PICTURE = new Picture("a".repeat(64), "p.jpg", 1000, 2000);
  private static final Figure STATURE = new Wearer("W", 1740).height();

  private static Mark upright(double px) {
    return new Mark(new Point(400, 100), new Point(400, 100 + px));
  }

  private static Reference bare() {
    return Reference.of("p1", "Front", PICTURE).with(Camera.FLAT);
  }

  private static Ruler known(double mm, double px) {
    return Ruler.of(
        "r2", "Crate", new Ruler.KnownLength(Stated.exactly(mm), Optional.empty(), upright(px)));
  }

  private static double perPixel(Reference reference) {
    return Scale.of(reference, STATURE).mmPerPixel().orElseThrow().value();
  }

  @Test
  void no_scale_without_a_ruler() {
    assertThat(Scale.of(bare(), STATURE).mmPerPixel()).isEmpty();
    assertThat(Scale.of(bare().with(known(600, 300).withTrust(false)), STATURE).mmPerPixel())
        .isEmpty();
  }

  @Test
  void a_standing_figure_gives_its_height_over_its_pixels() {
    Scale scale = Scale.of(bare().with(Samples.figure(870)), STATURE);

    assertThat(scale.mmPerPixel().orElseThrow().value()).isCloseTo(2, within(1e-12));
    assertThat(scale.readings().getFirst().scale().inNumbers(Units.METRIC))
        .startsWith("174 cm ÷ 870 px");
  }

  @Test
  void a_bent_line_through_the_body_is_as_long_as_its_pieces() {
    Ruler bent =
        Ruler.of(
            "r1",
            "Figure",
            new Ruler.FigureHeight(
                List.of(new Point(0, 0), new Point(0, 400), new Point(300, 800))));

    Scale scale = Scale.of(bare().with(bent), STATURE);

    assertThat(scale.mmPerPixel().orElseThrow().value()).isCloseTo(1740 / 900.0, within(1e-12));
    assertThat(relative(scale))
        .isGreaterThan(relative(Scale.of(bare().with(Samples.figure(900)), STATURE)));
  }

  private static double relative(Scale scale) {
    Figure figure = scale.mmPerPixel().orElseThrow();
    return figure.uncertainty().std() / figure.value();
  }

  /** Drillis and Contini 1966 (from memory): the forearm is 0.146 of the stature. */
  @Test
  void a_forearm_alone_gives_a_scale_with_a_wider_range() {
    Ruler forearm = Ruler.of("r1", "Forearm", new Ruler.BodySegment(Segment.FOREARM, upright(100)));

    Scale scale = Scale.of(bare().with(forearm), STATURE);

    assertThat(scale.mmPerPixel().orElseThrow().value())
        .isCloseTo(1740 * 0.146 / 100, within(1e-9));
    assertThat(relative(scale)).isGreaterThan(0.045);
  }

  /** Common practice: every 1 in on the print of a hammer stands for 4.5 in on the prop. */
  @Test
  void a_hammer_printed_at_one_to_four_and_a_half() {
    Ruler print =
        Ruler.of("r1", "Print", new Ruler.PrintRatio(4.5, Stated.exactly(25.4), upright(127)));

    assertThat(perPixel(bare().with(print))).isCloseTo(4.5 * 25.4 / 127, within(1e-12));
  }

  /** Common practice: a thing nearer the lens than the ruler reads too big by D ÷ (D − d). */
  @Test
  void a_ruler_behind_the_prop_is_corrected_by_the_distances() {
    double toRuler = 4000;
    double inFront = 500;
    Reference reference =
        bare()
            .with(known(600, 300).withBehind(Stated.exactly(inFront)))
            .withDistance(Optional.of(Stated.exactly(toRuler - inFront)));

    double tooBig = 2 / perPixel(reference);

    assertThat(tooBig).isCloseTo(toRuler / (toRuler - inFront), within(1e-9));
  }

  @Test
  void without_a_stated_distance_a_usual_one_is_taken_with_a_wide_range() {
    Reference reference = bare().with(known(600, 300).withBehind(Stated.exactly(300)));

    assertThat(relative(Scale.of(reference, STATURE)))
        .isGreaterThan(
            relative(Scale.of(reference.withDistance(Optional.of(new Stated(3000, 30))), STATURE)));
  }

  /** The perspective of a known camera: a rectangle 800 × 600 tilted by 40° about its foot. */
  @Test
  void a_rectangle_seen_at_an_angle_takes_the_perspective_out() {
    Ruler rectangle =
        Ruler.of(
            "r1",
            "Door",
            new Ruler.SeenRectangle(
                Stated.exactly(800),
                Stated.exactly(600),
                List.of(seen(0, 600), seen(800, 600), seen(800, 0), seen(0, 0))));
    Scale scale = Scale.of(bare().with(rectangle), STATURE);

    Figure slant = scale.length("x", "Slant", List.of(seen(100, 50), seen(700, 550)));

    assertThat(slant.value()).isCloseTo(Math.hypot(600, 500), within(1e-6));
    assertThat(scale.flat().flattened()).isTrue();
    assertThat(slant.uncertainty().range95() / slant.value()).isBetween(0.005, 0.05);
  }

  /** A rectangle on the floor: nothing in its plane is seen above the horizon. */
  @Test
  void a_mark_beyond_the_horizon_is_refused_with_the_reason() {
    Ruler floor =
        Ruler.of(
            "r1",
            "Mat",
            new Ruler.SeenRectangle(
                Stated.exactly(600),
                Stated.exactly(600),
                List.of(
                    new Point(400, 1200),
                    new Point(600, 1200),
                    new Point(800, 1600),
                    new Point(200, 1600))));
    Scale scale = Scale.of(bare().with(floor), STATURE);

    assertThat(scale.length("x", "X", List.of(new Point(300, 1500), new Point(700, 1500))).value())
        .isPositive();
    assertThatThrownBy(
            () -> scale.length("x", "X", List.of(new Point(500, 1500), new Point(500, 300))))
        .hasMessageContaining("beyond the horizon");
  }

  private static Point seen(double x, double y) {
    double tilt = Math.toRadians(40);
    double depth = 2000 + y * Math.sin(tilt);
    return new Point(
        500 + 1200 * (x - 400) / depth, 1000 - 1200 * (y * Math.cos(tilt) - 300) / depth);
  }

  /** The stated range holds the truth 19 times in 20 when marks scatter as stated. */
  @Test
  void the_range_holds_the_true_scale_as_often_as_it_says() {
    Random random = new Random(5);
    int held = 0;
    int runs = 2000;
    for (int i = 0; i < runs; i++) {
      Mark mark =
          new Mark(
              new Point(400, 100 + 2 * random.nextGaussian()),
              new Point(400, 400 + 2 * random.nextGaussian()));
      double truth = 600 * (1 + 0.002 * random.nextGaussian());
      Ruler crate =
          Ruler.of(
              "r1", "Crate", new Ruler.KnownLength(new Stated(truth, 1.2), Optional.empty(), mark));
      Figure scale =
          Scale.of(bare().with(crate).withWhole(Optional.of(upright(300))), STATURE)
              .mmPerPixel()
              .orElseThrow();
      held += Math.abs(scale.value() - 2) <= scale.uncertainty().range95() ? 1 : 0;
    }
    assertThat(held / (double) runs).isBetween(0.95, 0.98);
  }

  @Property
  void picture_and_blade_frames_undo_each_other(
      @ForAll @DoubleRange(min = 0, max = 1000) double x,
      @ForAll @DoubleRange(min = 0, max = 2000) double y,
      @ForAll @DoubleRange(min = -3, max = 3) double angle) {
    Placement placement =
        placement(
            new Mark(
                new Point(500, 900),
                new Point(500 + 300 * Math.sin(angle), 900 - 300 * Math.cos(angle))));
    Point px = new Point(x, y);

    Point back = placement.toPicture(placement.toBlade(px));

    assertThat(back.distance(px)).isLessThan(1e-9);
    assertThat(placement.toBlade(new Point(500, 900)).length()).isLessThan(1e-9);
  }

  private static Placement placement(Mark line) {
    Reference reference = bare().with(Samples.figure(870)).withCentreLine(Optional.of(line));
    Sizing sizing =
        Sizing.of(
            new Wearer("W", 1740),
            Optional.empty(),
            SizingRule.TRUE_SIZE,
            List.of(reference),
            List.of());
    return Placement.of(sizing.pictures().get("p1")).orElseThrow();
  }

  @Test
  void right_of_the_centre_line_is_to_the_right_when_the_tip_points_up() {
    Placement placement = placement(new Mark(new Point(500, 900), new Point(500, 600)));

    Point right = placement.toBlade(new Point(510, 800));

    assertThat(right.x()).isCloseTo(20, within(1e-9));
    assertThat(right.y()).isCloseTo(200, within(1e-9));
  }

  @Test
  void marks_and_pictures_are_checked() {
    assertThatThrownBy(() -> known(600, 1)).hasMessageContaining("2 pixels apart");
    assertThatThrownBy(() -> known(0, 100)).hasMessageContaining("0.5 mm");
    assertThatThrownBy(() -> bare().withMarkingPx(0)).hasMessageContaining("0.1 and 100");
    assertThatThrownBy(() -> new Picture("zz", "x", 1, 1)).hasMessageContaining("64 hexadecimal");
    assertThatThrownBy(() -> new Picture("a".repeat(64), "x", 0, 1))
        .hasMessageContaining("at least one pixel");
    assertThatThrownBy(
            () ->
                new Ruler.SeenRectangle(
                    Stated.exactly(10),
                    Stated.exactly(10),
                    List.of(new Point(0, 0), new Point(9, 9), new Point(9, 0), new Point(0, 9))))
        .hasMessageContaining("without a crossing");
    assertThatThrownBy(
            () ->
                new Ruler.SeenRectangle(
                    Stated.exactly(10),
                    Stated.exactly(10),
                    List.of(
                        new Point(0, 0),
                        new Point(100, 0),
                        new Point(200, 1e-9),
                        new Point(100, 100))))
        .hasMessageContaining("on one line");
    assertThatThrownBy(() -> bare().withRulers(List.of(known(600, 30), known(600, 40))))
        .hasMessageContaining("have one id");
  }
}

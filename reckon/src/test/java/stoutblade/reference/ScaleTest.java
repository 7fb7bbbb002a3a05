package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

class ScaleTest {

  private static final Picture PICTURE = new Picture("a".repeat(64), "p.jpg", 1000, 2000);
  private static final Wearer WEARER = new Wearer("W", 1740);

  private static Mark upright(double px) {
    return new Mark(new Point(400, 100), new Point(400, 100 + px));
  }

  private static Reference marked(double heightPx) {
    return Reference.of(PICTURE).withFigureHeight(upright(heightPx));
  }

  @Test
  void no_scale_before_the_figure_is_marked() {
    assertThat(Scale.of(Reference.of(PICTURE), WEARER)).isEmpty();
  }

  @Test
  void millimetres_per_pixel_are_height_over_pixels() {
    Scale scale = Scale.of(marked(870), WEARER).orElseThrow();

    assertThat(scale.mmPerPixel().value()).isCloseTo(2, within(1e-12));
    assertThat(scale.mmPerPixel().inNumbers(stoutblade.measure.Units.METRIC))
        .isEqualTo("174 cm ÷ 870 px");
  }

  /** Common practice: a print at 1 in to 4.5 in stands for its thing by that ratio. */
  @Test
  void a_hammer_head_printed_at_one_to_four_and_a_half() {
    Reference print =
        Reference.of(PICTURE).withFigureHeight(upright(1740 / 4.5)).withWhole(upright(25.4));

    Scale scale = Scale.of(print, WEARER).orElseThrow();

    assertThat(scale.wholeLength().orElseThrow().value()).isCloseTo(4.5 * 25.4, within(1e-9));
  }

  @Test
  void a_second_length_that_fits_within_the_doubt_does_not_disagree() {
    Scale.Check check =
        Scale.of(marked(870).withCheck(new KnownLength("crate", 600, upright(301))), WEARER)
            .flatMap(Scale::check)
            .orElseThrow();

    assertThat(check.measured().value()).isCloseTo(602, within(1e-9));
    assertThat(check.difference().value()).isCloseTo(2, within(1e-9));
    assertThat(check.disagrees()).isFalse();
  }

  @Test
  void a_second_length_that_is_far_off_disagrees() {
    Scale.Check check =
        Scale.of(marked(870).withCheck(new KnownLength("crate", 600, upright(330))), WEARER)
            .flatMap(Scale::check)
            .orElseThrow();

    assertThat(check.difference().value()).isCloseTo(60, within(1e-9));
    assertThat(check.disagrees()).isTrue();
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
              new Point(400, 970 + 2 * random.nextGaussian()));
      Wearer stated = new Wearer("W", 1740 + Scale.STATURE_STD_MM * random.nextGaussian());
      Scale scale = Scale.of(Reference.of(PICTURE).withFigureHeight(mark), stated).orElseThrow();
      double off = Math.abs(scale.mmPerPixel().value() - 2);
      held += off <= scale.mmPerPixel().doubt().range95() ? 1 : 0;
    }
    assertThat(held / (double) runs).isBetween(0.94, 0.97);
  }

  @Property
  void picture_and_blade_frames_undo_each_other(
      @ForAll @DoubleRange(min = 0, max = 1000) double x,
      @ForAll @DoubleRange(min = 0, max = 2000) double y,
      @ForAll @DoubleRange(min = -3, max = 3) double angle) {
    Reference reference =
        marked(870)
            .withCentreLine(
                new Mark(
                    new Point(500, 900),
                    new Point(500 + 300 * Math.sin(angle), 900 - 300 * Math.cos(angle))));
    Placement placement = Placement.of(reference, Scale.of(reference, WEARER)).orElseThrow();
    Point px = new Point(x, y);

    Point back = placement.toPicture(placement.toBlade(px));

    assertThat(back.distance(px)).isLessThan(1e-9);
    assertThat(placement.toBlade(new Point(500, 900)).length()).isLessThan(1e-9);
  }

  @Test
  void right_of_the_centre_line_is_to_the_right_when_the_tip_points_up() {
    Reference reference =
        marked(870).withCentreLine(new Mark(new Point(500, 900), new Point(500, 600)));
    Placement placement = Placement.of(reference, Scale.of(reference, WEARER)).orElseThrow();

    Point right = placement.toBlade(new Point(510, 800));

    assertThat(right.x()).isCloseTo(20, within(1e-9));
    assertThat(right.y()).isCloseTo(200, within(1e-9));
  }

  @Test
  void marks_and_pictures_are_checked() {
    assertThatThrownBy(() -> marked(1)).hasMessageContaining("2 pixels apart");
    assertThatThrownBy(() -> new KnownLength("x", 0, upright(10))).hasMessageContaining("1 mm");
    assertThatThrownBy(() -> marked(100).withMarkingPx(0)).hasMessageContaining("0.1 and 100");
    assertThatThrownBy(() -> new Picture("zz", "x", 1, 1)).hasMessageContaining("64 hexadecimal");
    assertThatThrownBy(() -> new Picture("a".repeat(64), "x", 0, 1))
        .hasMessageContaining("at least one pixel");
    assertThat(marked(100).withoutCheck().check()).isEqualTo(Optional.empty());
  }
}

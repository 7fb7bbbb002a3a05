package stoutblade.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.measure.Figure;
import stoutblade.measure.Stated;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearer;

/**
 * The camera of a picture against a camera of the test's own: each place is seen by the angles at
 * which it lies over or under the lens (plain trigonometry, no matrix).
 */
class ViewTest {

  private static final int WIDE = 3000;
  private static final int HIGH = 4000;
  private static final Figure STATURE = new Wearer("W", 1700).height();

  /** A pinhole camera at a height, so far away, aimed at half the stature. */
  private record Pinhole(double height, double away, double focal) {

    double tilt() {
      return Math.atan((height - 0.85) / away);
    }

    /** Right and up in metres, in the plane of the figure or so far behind it. */
    Point see(double right, double up, double behind) {
      double ground = away + behind;
      double angle = Math.atan((height - up) / ground) - tilt();
      double straight = Math.hypot(ground, height - up) * Math.cos(angle);
      return new Point(WIDE / 2.0 + focal * right / straight, HIGH / 2.0 + focal * Math.tan(angle));
    }
  }

  private static Reference standing(Pinhole pinhole, Camera camera, double from, double to) {
    return Reference.of("p1", "P", new Picture("a".repeat(64), "p.jpg", WIDE, HIGH))
        .with(camera)
        .with(
            Ruler.of(
                "r1",
                "Figure",
                new Ruler.FigureHeight(List.of(pinhole.see(0, 1.7, 0), pinhole.see(0, 0, 0)))))
        .withWhole(Optional.of(new Mark(pinhole.see(0.3, from, 0), pinhole.see(0.3, to, 0))));
  }

  private static Figure length(Reference reference) {
    return Scale.of(reference, STATURE)
        .length("whole", "Prop", reference.whole().orElseThrow().points());
  }

  private static double focalOnFilm(double px) {
    return px / Math.hypot(WIDE, HIGH) * 43.267;
  }

  @ParameterizedTest
  @CsvSource({
    "0.9, 2.0, 0.75",
    "1.25, 2.0, 0.8",
    "1.6, 2.0, 0.75",
    "1.6, 3.5, 1.1",
    "1.45, 5.0, 1.3",
    "0.2, 3.0, 1.0"
  })
  void a_known_lens_gives_back_what_is_overhead_and_at_the_feet(
      double height, double away, double focal) {
    Pinhole pinhole = new Pinhole(height, away, focal * HIGH);
    Camera camera =
        Camera.UNKNOWN
            .withHeight(Optional.of(new Stated(1000 * height, 20)))
            .withFocal(Optional.of(new Stated(focalOnFilm(pinhole.focal), 0.3)));

    assertThat(length(standing(pinhole, camera, 1.8, 2.3)).value()).isCloseTo(500, within(5.0));
    assertThat(length(standing(pinhole, camera, 0, 0.5)).value()).isCloseTo(500, within(5.0));
    assertThat(length(standing(pinhole, camera, 0, 1.7)).value()).isCloseTo(1700, within(2.0));
    assertThat(Scale.of(standing(pinhole, camera, 0, 1), STATURE).view().tilt())
        .isCloseTo(pinhole.tilt(), within(0.01));
  }

  @Test
  void without_a_word_about_the_camera_the_range_is_wide_and_holds_the_truth() {
    Pinhole pinhole = new Pinhole(1.55, 2.4, 0.8 * HIGH);
    Figure bare = length(standing(pinhole, Camera.UNKNOWN, 1.8, 2.3));

    assertThat(bare.value()).isGreaterThan(540);
    assertThat(Math.abs(bare.value() - 500)).isLessThan(bare.uncertainty().range95());
  }

  @Test
  void what_was_drawn_flat_is_not_put_straight() {
    Pinhole pinhole = new Pinhole(1.55, 2.4, 0.8 * HIGH);
    Reference drawn = standing(pinhole, Camera.FLAT, 0, 1.7);

    assertThat(Scale.of(drawn, STATURE).flat().flattened()).isFalse();
    assertThat(length(drawn).uncertainty().parts().keySet()).noneMatch(it -> it.contains("camera"));
  }

  /** A line at the height of the lens, far away. */
  @Test
  void a_horizon_tells_the_tilt_as_well_as_a_height_does() {
    Pinhole pinhole = new Pinhole(1.55, 2.4, 0.8 * HIGH);
    Mark horizon = new Mark(pinhole.see(-900, 1.55, 4000), pinhole.see(900, 1.55, 4000));
    Camera camera =
        Camera.UNKNOWN
            .withHorizon(Optional.of(horizon))
            .withFocal(Optional.of(new Stated(focalOnFilm(pinhole.focal), 0.3)));

    Figure found = length(standing(pinhole, camera, 1.8, 2.3));

    assertThat(found.value()).isCloseTo(500, within(6.0));
    assertThat(found.uncertainty().std())
        .isLessThan(length(standing(pinhole, Camera.UNKNOWN, 1.8, 2.3)).uncertainty().std() / 2);
  }

  @Test
  void two_door_posts_tell_the_tilt() {
    Pinhole pinhole = new Pinhole(1.55, 2.4, 0.8 * HIGH);
    Camera camera =
        Camera.UNKNOWN
            .withUprights(
                List.of(
                    new Mark(pinhole.see(-0.8, 0.1, 0.3), pinhole.see(-0.8, 2, 0.3)),
                    new Mark(pinhole.see(0.8, 2, 0.3), pinhole.see(0.8, 0.1, 0.3))))
            .withFocal(Optional.of(new Stated(focalOnFilm(pinhole.focal), 0.3)));

    assertThat(length(standing(pinhole, camera, 1.8, 2.3)).value()).isCloseTo(500, within(6.0));
  }

  /** The same scene on a picture that lies on its side and is turned upright on the mat. */
  @Test
  void a_picture_turned_by_a_quarter_is_put_straight_the_same() {
    Pinhole pinhole = new Pinhole(1.55, 2.4, 0.8 * HIGH);
    Camera camera = Camera.UNKNOWN.withHeight(Optional.of(new Stated(1550, 30)));
    Reference upright = standing(pinhole, camera, 1.8, 2.3);
    Reference turned =
        Reference.of("p1", "P", new Picture("a".repeat(64), "p.jpg", HIGH, WIDE))
            .with(camera)
            .withDressing(Dressing.PLAIN.turned())
            .with(
                upright
                    .rulers()
                    .getFirst()
                    .with(
                        upright
                            .rulers()
                            .getFirst()
                            .by()
                            .at(
                                upright.rulers().getFirst().by().points().stream()
                                    .map(ViewTest::onItsSide)
                                    .toList())))
            .withWhole(
                upright.whole().map(it -> new Mark(onItsSide(it.from()), onItsSide(it.to()))));

    assertThat(length(turned).value()).isCloseTo(length(upright).value(), within(0.01));
  }

  /** Before it is turned clockwise by a quarter. */
  private static Point onItsSide(Point px) {
    return new Point(px.y(), WIDE - px.x());
  }

  @Test
  void what_no_camera_is_like_is_refused() {
    assertThatThrownBy(() -> Camera.UNKNOWN.withFocal(Optional.of(Stated.exactly(2))))
        .hasMessageContaining("5 to 3000 mm");
    assertThatThrownBy(() -> Camera.UNKNOWN.withHeight(Optional.of(Stated.exactly(1e6))))
        .hasMessageContaining("at most 100 m");
    Mark none = new Mark(new Point(1, 1), new Point(1, 2));
    assertThatThrownBy(() -> Camera.UNKNOWN.withHorizon(Optional.of(none)))
        .hasMessageContaining("at least 2 pixels apart");
    assertThatThrownBy(
            () ->
                Camera.UNKNOWN.withUprights(
                    java.util.Collections.nCopies(13, new Mark(new Point(0, 0), new Point(0, 50)))))
        .hasMessageContaining("up to 12");
  }
}

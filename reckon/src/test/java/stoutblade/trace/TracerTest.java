package stoutblade.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.function.ToDoubleBiFunction;
import org.junit.jupiter.api.Test;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracer.By;
import stoutblade.trace.Tracer.Options;

class TracerTest {

  private static final int SIZE = 400;
  private static final double MM = 0.25;

  /** A picture of a shape by its signed distance in mm, soft at its edge, with noise. */
  private static Pixels picture(
      ToDoubleBiFunction<Double, Double> distance, int ink, int paper, double noise) {
    Random random = new Random(6);
    int[] argb = new int[SIZE * SIZE];
    for (int y = 0; y < SIZE; y++) {
      for (int x = 0; x < SIZE; x++) {
        double away = distance.applyAsDouble(x * MM, y * MM) / (1.2 * MM);
        double share = Math.clamp(0.5 + away / 2, 0, 1);
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
          double value = (ink >> shift & 255) * (1 - share) + (paper >> shift & 255) * share;
          // Light that falls off to the right, as under a lamp at the left.
          value = value * (1 - 0.25 * x / SIZE) + noise * random.nextGaussian();
          rgb |= Math.clamp(Math.round(value), 0, 255) << shift;
        }
        argb[y * SIZE + x] = 0xff000000 | rgb;
      }
    }
    return new Pixels(SIZE, SIZE, argb);
  }

  private static Tracer.Result trace(Pixels picture, Options options) {
    return Tracer.trace(picture, p -> new Point(p.x() * MM, -p.y() * MM), MM, options, share -> {});
  }

  private static double disc(double x, double y) {
    return Math.hypot(x - 50, y - 50) - 30;
  }

  private static double area(WholeOutline outline) {
    return Region.inside(outline.path(), 0.01).area();
  }

  @Test
  void a_dark_disc_is_followed_under_uneven_light_and_noise() {
    Tracer.Result found = trace(picture(TracerTest::disc, 0x202020, 0xf0f0f0, 4), Options.USUAL);

    assertThat(found.outlines()).hasSize(1);
    assertThat(found.lineWidthMm()).isZero();
    double radius = Math.sqrt(area(found.outlines().getFirst()) / Math.PI);
    assertThat(radius).isCloseTo(30, within(0.15));
    assertThat(found.outlines().getFirst().nodes()).hasSizeLessThan(30);
  }

  @Test
  void a_light_thing_on_a_dark_ground_is_followed_as_well() {
    Tracer.Result found =
        trace(picture(TracerTest::disc, 0xe8e8d0, 0x303030, 3), Options.USUAL.withBy(By.LIGHT, 0));

    assertThat(Math.sqrt(area(found.outlines().getFirst()) / Math.PI)).isCloseTo(30, within(0.2));
  }

  /** Red and green of about the same light are told apart by colour alone. */
  @Test
  void a_red_thing_on_green_is_followed_by_its_colour() {
    Tracer.Result found =
        trace(
            picture(TracerTest::disc, 0xb03030, 0x307040, 3),
            Options.USUAL.withBy(By.COLOUR, 0xb03030));

    assertThat(Math.sqrt(area(found.outlines().getFirst()) / Math.PI)).isCloseTo(30, within(0.6));
  }

  @Test
  void a_drawn_line_is_followed_along_its_middle() {
    Pixels line = picture((x, y) -> Math.abs(disc(x, y)) - 0.6, 0x202020, 0xf4f4f4, 2);

    Tracer.Result middle = trace(line, Options.USUAL);
    Tracer.Result edges = trace(line, Options.USUAL.withLineMiddle(false));

    assertThat(middle.lineWidthMm()).isCloseTo(1.2, within(0.35));
    assertThat(middle.outlines()).hasSize(1);
    assertThat(Math.sqrt(area(middle.outlines().getFirst()) / Math.PI)).isCloseTo(30, within(0.12));
    assertThat(edges.outlines()).hasSize(2);
  }

  @Test
  void moving_the_level_takes_more_or_less() {
    Pixels picture = picture(TracerTest::disc, 0x202020, 0xf0f0f0, 2);

    double less = area(trace(picture, Options.USUAL.withBias(-0.5)).outlines().getFirst());
    double more = area(trace(picture, Options.USUAL.withBias(0.5)).outlines().getFirst());

    assertThat(more).isGreaterThan(less);
  }

  /** CIE 1976 L*a*b* of sRGB red under D65: 53.24, 80.09, 67.20 (published tables, from memory). */
  @Test
  void colours_have_their_places() {
    double[] red = Separation.lab(0xff0000);

    assertThat(red[0]).isCloseTo(53.24, within(0.05));
    assertThat(red[1]).isCloseTo(80.09, within(0.1));
    assertThat(red[2]).isCloseTo(67.20, within(0.1));
    assertThat(Separation.lab(0xffffff)[0]).isCloseTo(100, within(0.01));
  }

  @Test
  void it_can_be_stopped_and_options_are_checked() {
    assertThatThrownBy(
            () ->
                Tracer.trace(
                    picture(TracerTest::disc, 0, 0xffffff, 0),
                    p -> p,
                    1,
                    Options.USUAL,
                    share -> {
                      throw new CancellationException("stop");
                    }))
        .isInstanceOf(CancellationException.class);
    assertThatThrownBy(() -> Options.USUAL.withTolerance(0)).hasMessageContaining("0.01 to 50");
  }

  /** A leaf lying aslant gives its half about its own axis. */
  @Test
  void a_whole_blade_gives_its_half() {
    HalfOutline leaf =
        new HalfOutline(
            java.util.List.of(
                Node.corner(12, 0), Node.corner(30, 20), Node.curve(28, 90), Node.corner(0, 200)));
    double c = Math.cos(0.4);
    double s = Math.sin(0.4);
    WholeOutline turned =
        new WholeOutline(
            leaf.outline().flattened(0.05).stream()
                .map(p -> Node.corner(p.x() * c - p.y() * s + 300, p.x() * s + p.y() * c - 80))
                .distinct()
                .toList());

    HalfOutline half = Halves.of(turned, 0.3);

    Region before = Region.inside(leaf.outline(), 0.01);
    Region after = Region.inside(half.outline(), 0.01);
    assertThat(after.area()).isCloseTo(before.area(), within(before.area() * 0.006));
    assertThat(half.nodes().getLast().at().x()).isZero();
    assertThat(half.nodes().getLast().at().y()).isCloseTo(200, within(0.6));
    for (double y : new double[] {10, 40, 90, 150}) {
      assertThat(after.widthAt(y)).isCloseTo(before.widthAt(y), within(1.2));
    }
  }
}

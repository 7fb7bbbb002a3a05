package stoutblade.trace;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

class ContoursTest {

  private static Field disc(double x, double y, double radius) {
    Field field = new Field(80, 60);
    for (int py = 0; py < 60; py++) {
      for (int px = 0; px < 80; px++) {
        field.set(px, py, radius - Math.hypot(px - x, py - y));
      }
    }
    return field;
  }

  @Property(tries = 50)
  void a_disc_is_followed_to_a_small_part_of_a_pixel(
      @ForAll @DoubleRange(min = 30, max = 40) double x,
      @ForAll @DoubleRange(min = 25, max = 32) double y,
      @ForAll @DoubleRange(min = 4, max = 20) double radius) {
    List<List<Point>> rings = Contours.of(disc(x, y, radius));

    assertThat(rings).hasSize(1);
    Point centre = new Point(x, y);
    assertThat(rings.getFirst())
        .allMatch(it -> Math.abs(it.distance(centre) - radius) < 0.12 / Math.sqrt(radius));
  }

  @Test
  void a_shape_that_runs_over_the_rim_is_closed_along_it() {
    List<List<Point>> rings = Contours.of(disc(0, 30, 20));

    assertThat(rings).hasSize(1);
    assertThat(rings.getFirst()).allMatch(it -> it.x() >= -1 && it.x() <= 20);
  }

  /** Of noise too: every ring is closed, and their areas even-odd add up to the pixels inside. */
  @Test
  void noise_gives_closed_rings_that_hold_the_pixels_inside() {
    Random random = new Random(1);
    for (int run = 0; run < 20; run++) {
      Field field = new Field(30, 30);
      int inside = 0;
      for (int y = 0; y < 30; y++) {
        for (int x = 0; x < 30; x++) {
          boolean in = random.nextInt(100) < 45;
          field.set(x, y, in ? 1 : -1);
          inside += in ? 1 : 0;
        }
      }
      Region region = Region.evenOdd(Contours.of(field));

      // With values of ±1 a lone pixel is a diamond of half a pixel, a full plane is whole pixels.
      assertThat(region.area()).isBetween(inside * 0.5, inside * 1.2);
    }
  }

  @Test
  void a_ring_has_two_lines() {
    Field ring = disc(40, 30, 20);
    Field hole = disc(40, 30, 8);
    for (int y = 0; y < 60; y++) {
      for (int x = 0; x < 80; x++) {
        ring.set(x, y, Math.min(ring.get(x, y), -hole.get(x, y)));
      }
    }

    List<List<Point>> rings = Contours.of(ring);

    assertThat(rings).hasSize(2);
    assertThat(Region.evenOdd(rings).area()).isBetween(Math.PI * (400 - 64) - 4, Math.PI * 336 + 4);
  }

  @Test
  void blurring_keeps_the_mean_and_a_straight_edge_where_it_is() {
    Field edge = new Field(40, 20);
    for (int y = 0; y < 20; y++) {
      for (int x = 0; x < 40; x++) {
        edge.set(x, y, x < 20 ? -1 : 1);
      }
    }
    Field blurred = edge.blurred(2);

    assertThat(blurred.get(19, 10) + blurred.get(20, 10)).isBetween(-1e-5f, 1e-5f);
    assertThat(blurred.get(3, 3)).isBetween(-1.0001f, -0.9999f);
    assertThat(edge.blurred(0)).isSameAs(edge);
  }
}

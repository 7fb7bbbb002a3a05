package stoutblade.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Box;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

class FlattenedTest {

  private static final int RED = 0xffff0000;

  /** A picture of white squares on black, twenty pixels each. */
  private static Pixels board(int width, int height) {
    int[] argb = new int[width * height];
    for (int i = 0; i < argb.length; i++) {
      int x = i % width / 20;
      int y = i / width / 20;
      argb[i] = (x + y) % 2 == 0 ? 0xffffffff : 0xff000000;
    }
    return new Pixels(width, height, argb);
  }

  @Test
  void a_map_that_changes_nothing_changes_no_pixel() {
    Pixels board = board(80, 60);

    Pixels same = Flattened.at(board, Homography.IDENTITY, new Box(0, 0, 80, 60), 1).pixels();

    assertThat(same.array()).isEqualTo(board.array());
  }

  @Test
  void a_shift_by_half_a_square_and_a_step_of_two_pick_the_right_pixels() {
    Flattened shifted =
        Flattened.at(
            board(80, 60), Homography.similar(1, 0, new Point(20, 0)), new Box(20, 0, 100, 60), 2);

    assertThat(shifted.pixels().width()).isEqualTo(40);
    assertThat(shifted.pixels().argb(2, 2) & 0xff).isEqualTo(255);
    assertThat(shifted.pixels().argb(15, 2) & 0xff).isZero();
    assertThat(shifted.place(new Point(0, 0))).isEqualTo(new Point(21, 1));
  }

  @Test
  void beyond_the_picture_it_is_clear() {
    Flattened wider =
        Flattened.at(board(40, 40), Homography.IDENTITY, new Box(-20, -20, 60, 60), 1);

    assertThat(wider.pixels().argb(2, 2)).isZero();
    assertThat(wider.pixels().argb(40, 40) >>> 24).isEqualTo(255);
  }

  /** Near the horizon a flattened picture has no end: only the part that matters is made. */
  @Test
  void a_picture_with_the_horizon_in_it_stays_of_a_size() {
    Homography floor =
        Homography.taking(
            List.of(new Point(30, 40), new Point(50, 40), new Point(80, 60), new Point(0, 60)),
            List.of(new Point(0, 0), new Point(100, 0), new Point(100, 100), new Point(0, 100)));

    Flattened flat =
        Flattened.of(board(80, 60), floor, new Box(0, 0, 80, 60), new Box(0, 0, 100, 100));

    assertThat(flat.frame().width()).isLessThanOrEqualTo(200);
    assertThat(flat.frame().height()).isLessThanOrEqualTo(200);
    assertThat(flat.pixels().width()).isLessThanOrEqualTo(200);
  }

  @Test
  void brighter_and_darker_keep_black_and_white() {
    Pixels grey = new Pixels(3, 1, new int[] {0xff000000, 0xff808080, 0xffffffff});

    assertThat(grey.brightened(0)).isSameAs(grey);
    assertThat(grey.brightened(0.5).argb(1, 0) & 0xff).isGreaterThan(0x80);
    assertThat(grey.brightened(-0.5).argb(1, 0) & 0xff).isLessThan(0x80);
    for (double by : new double[] {-1, 1}) {
      assertThat(grey.brightened(by).argb(0, 0)).isEqualTo(0xff000000);
      assertThat(grey.brightened(by).argb(2, 0)).isEqualTo(0xffffffff);
    }
  }

  @Test
  void between_four_pixels_it_is_their_mean() {
    Pixels four = new Pixels(2, 2, new int[] {RED, 0xff000000, 0xff000000, 0xff000000});

    assertThat(four.channel(0.5, 0.5, 16)).isCloseTo(255 / 4.0, within(1e-9));
    assertThat(four.channel(-3, -3, 16)).isEqualTo(255);
    assertThatThrownBy(() -> new Pixels(2, 2, new int[3])).hasMessageContaining("2 × 2 pixels");
  }
}

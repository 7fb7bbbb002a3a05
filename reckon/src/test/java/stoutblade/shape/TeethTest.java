package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TeethTest {

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(100, 0), Node.corner(100, 300), Node.corner(0, 300)));

  /** Triangles on a straight side: half of its length by how far they stand out. */
  @Property(tries = 60)
  void teeth_add_half_their_box_whichever_way_the_outline_runs(
      @ForAll @IntRange(min = 1, max = 40) int count,
      @ForAll @IntRange(min = 0, max = 3) int side,
      @ForAll @DoubleRange(min = 1, max = 40) double deep,
      @ForAll boolean turned) {
    WholeOutline board = turned ? new WholeOutline(BOARD.nodes().reversed()) : BOARD;
    double long_ = Exact.length(board, side);

    Region with = Region.inside(Teeth.along(board, side, count, deep).outline(), 0.01);
    assertThat(with.area()).isCloseTo(30_000 + long_ * deep / 2, within(0.5));
    Region cutIn = Region.inside(Teeth.along(board, side, count, -deep / 4).outline(), 0.01);
    assertThat(cutIn.area()).isCloseTo(30_000 - long_ * deep / 8, within(0.5));
  }

  @Test
  void half_an_outline_has_them_on_both_edges_and_an_arc_gives_way() {
    HalfOutline half =
        new HalfOutline(List.of(Node.corner(30, 0), Node.corner(30, 200), Node.corner(0, 260)));
    Outline saw = Teeth.along(half, 0, 8, 10);
    assertThat(Region.inside(saw.outline(), 0.01).box().width()).isCloseTo(80, within(0.01));

    Outline disc = Teeth.along(WholeOutline.circle(new Point(0, 0), 50), 0, 6, 8);
    double area = Region.inside(disc.outline(), 0.01).area();
    assertThat(Region.crossing(disc.outline(), 0.01)).isEmpty();
    assertThat(area).isGreaterThan(Math.PI * 2500);
  }

  /** Beside the teeth a curved edge runs where it ran. */
  @Test
  void the_sides_beside_them_keep_their_curve() {
    HalfOutline leaf =
        new HalfOutline(
            List.of(
                Node.corner(17, 0),
                Node.curve(48, 94),
                Node.corner(77, 125),
                Node.curve(76, 210),
                Node.curve(59, 342),
                Node.curve(30, 480),
                Node.corner(0, 572)));
    Outline saw = Teeth.along(leaf, 3, 9, 10);
    Region plain = Region.inside(leaf.outline(), 0.01);
    Region with = Region.inside(saw.outline(), 0.01);

    for (double y : new double[] {40, 100, 130, 160, 190, 205, 350, 400, 450, 520, 560}) {
      assertThat(with.widthAt(y)).as("at " + y).isCloseTo(plain.widthAt(y), within(0.4));
    }
    assertThat(with.area()).isGreaterThan(plain.area() + 9 * 10 * 14 * 0.9);
  }

  @Test
  void what_cannot_be_cut_is_refused() {
    assertThatThrownBy(() -> Teeth.along(BOARD, 9, 3, 5)).hasMessage("Choose a side first");
    assertThatThrownBy(() -> Teeth.along(BOARD, 0, 0, 5)).hasMessageContaining("1 to 100 teeth");
    assertThatThrownBy(() -> Teeth.along(BOARD, 0, 3, 0)).hasMessageContaining("stand out");
  }
}

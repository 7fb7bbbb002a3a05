package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

class SheetsForPartsTest {

  private static final SheetMaterial FOAM = Samples.CATALOGUE.sheet("foam").orElseThrow();

  private static Shopping.Line line(double wide, double high, int count) {
    Path edge =
        Path.through(
            List.of(new Point(0, 0), new Point(wide, 0), new Point(wide, high), new Point(0, high)),
            true);
    Shopping.Cut.Piece piece =
        new Shopping.Cut.Piece(
            "Square",
            List.of(edge),
            wide * high,
            new Box(0, 0, wide, high),
            count,
            List.of(),
            List.of(),
            List.of());
    Shopping.Cut cut = new Shopping.Cut("p1/d1", "Square", FOAM, 8, 1, 0, List.of(piece));
    Shopping.Needs needs =
        new Shopping.Needs(
            List.of(cut),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    return SheetsForParts.lines(needs, new CutList(List.of())).getFirst();
  }

  /** So many are not laid in rows; what is bought is never less than their area. */
  @Test
  void of_ten_thousand_pieces_every_one_is_bought() {
    double sheet = FOAM.offers().getFirst().areaMm2();

    Shopping.Line line = line(100, 100, 10_000);

    assertThat(line.buy().value()).isGreaterThanOrEqualTo(Math.ceil(10_000 * 1e4 / sheet));
    assertThat(line.buy().inWords()).contains("more than 2000 pieces");
    // As many as are laid one by one take about as much each.
    assertThat(line(100, 100, 2000).buy().value() * 5)
        .isBetween(line.buy().value() * 0.7, line.buy().value() * 1.3);
  }

  /** A damaged file may say anything: what is joined from a million lengths is not laid. */
  @Test
  void a_piece_as_long_as_a_road_takes_no_memory() {
    Shopping.Line line = line(1e15, 10, 1);

    assertThat(line.buy().value()).isGreaterThan(1e16 / FOAM.offers().getFirst().areaMm2());
  }
}

package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** How a piece is cut by hand. */
class HandCutTest {

  private static Shopping.Cut.Piece piece(List<Path> lines, List<Path> drawn) {
    List<Edge> edges = List.of(Edge.free(lines.getFirst()));
    return Shopping.Cut.Piece.of(
        new Panel("p", 1, edges, lines.subList(1, lines.size()), drawn, List.of()));
  }

  private static Path ring(double... places) {
    List<Point> all = new ArrayList<>();
    for (int i = 0; i < places.length; i += 2) {
      all.add(new Point(places[i], places[i + 1]));
    }
    return Path.through(all, true);
  }

  private static Shopping.Cut.Piece leaning(double lean, Point... corners) {
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < corners.length; i++) {
      Path path = Path.line(corners[i], corners[(i + 1) % corners.length]);
      edges.add(new Edge("", path, i == 0 ? lean : 0));
    }
    return Shopping.Cut.Piece.of(new Panel("p", 1, edges, List.of(), List.of()));
  }

  /** A round hole of 10 mm, a square one of 40 mm, a plate of four straight edges. */
  @Test
  void small_windows_are_cut_first_and_the_outline_last() {
    Path hole = WholeOutline.circle(new Point(150, 50), 5).path();
    Path square = ring(20, 30, 60, 30, 60, 70, 20, 70);
    Path scored = Path.line(new Point(80, 10), new Point(80, 90));
    HandCut cut =
        HandCut.of(
            piece(List.of(ring(0, 0, 200, 0, 200, 100, 0, 100), square, hole), List.of(scored)));

    assertThat(cut.cuts()).isEqualTo(6);
    HandCut.Run first = cut.runs().getFirst();
    assertThat(first.window()).isTrue();
    assertThat(first.straight()).isFalse();
    assertThat(first.lengthMm()).isCloseTo(10 * Math.PI, within(0.2));
    assertThat(cut.runs().stream().filter(it -> it.number() == 2)).hasSize(4);
    assertThat(cut.runs().stream().filter(it -> !it.window()))
        .extracting(HandCut.Run::number)
        .containsExactly(3, 4, 5, 6);
    // Four corners, the middle of the hole, both ends of the line.
    assertThat(cut.pricks()).hasSize(7);
    assertThat(cut.pricks()).anyMatch(it -> it.distance(new Point(150, 50)) < 0.01);
    assertThat(cut.fence()).isEmpty();
  }

  /** A slot in the lower edge: what is left of it on both sides is one cut with the ruler. */
  @Test
  void what_lies_on_one_line_is_one_cut() {
    Path slotted = ring(0, 0, 80, 0, 80, 30, 120, 30, 120, 0, 200, 0, 200, 100, 0, 100);
    HandCut cut = HandCut.of(piece(List.of(slotted), List.of()));
    assertThat(cut.runs()).hasSize(8);
    assertThat(cut.cuts()).isEqualTo(7);
    assertThat(
            cut.runs().stream()
                .filter(it -> it.number() == cut.runs().getFirst().number())
                .mapToDouble(HandCut.Run::lengthMm))
        .hasSize(2)
        .allMatch(it -> Math.abs(it - 80) < 1e-9);
  }

  @Test
  void a_straight_stretch_of_a_rounded_edge_is_cut_along_a_ruler() {
    Path rounded =
        Region.of(new Box(0, 0, 300, 60)).offsetRounded(20, 0.05).rings().stream()
            .map(it -> Path.through(it, true))
            .findFirst()
            .orElseThrow();
    HandCut cut = HandCut.of(piece(List.of(rounded), List.of()));
    assertThat(
            cut.runs().stream()
                .filter(HandCut.Run::straight)
                .map(HandCut.Run::lengthMm)
                .map(Math::rint))
        .containsExactlyInAnyOrder(300.0, 300.0, 60.0, 60.0);
    assertThat(cut.runs().stream().filter(it -> !it.straight())).hasSize(4);
  }

  /** Worked by hand: a strip of 40 by 600, and one mitred at 45° with its long edge at 30°. */
  @Test
  void a_long_piece_is_ripped_along_a_fence() {
    HandCut.Fence strip =
        HandCut.of(
                leaning(
                    0, new Point(0, 0), new Point(600, 0), new Point(600, 40), new Point(0, 40)))
            .fence()
            .orElseThrow();
    assertThat(strip.widthMm()).isCloseTo(40, within(1e-9));
    assertThat(strip.lengthMm()).isCloseTo(600, within(1e-9));
    assertThat(strip.words(Units.METRIC)).isEqualTo("fence at 40 mm, 60 cm long, ends square");

    // Turned on the sheet, so that nothing lies along an axis.
    Point[] corners = {new Point(0, 0), new Point(600, 0), new Point(560, 40), new Point(40, 40)};
    for (int i = 0; i < corners.length; i++) {
      corners[i] = corners[i].turned(0.7);
    }
    HandCut.Fence mitred = HandCut.of(leaning(Math.toRadians(30), corners)).fence().orElseThrow();
    assertThat(mitred.widthMm()).isCloseTo(40, within(1e-9));
    assertThat(mitred.words(Units.METRIC))
        .isEqualTo("fence at 40 mm, 60 cm long, table at 30° for one edge, ends at 45°");

    assertThat(
            HandCut.of(
                    leaning(
                        0,
                        new Point(0, 0),
                        new Point(600, 0),
                        new Point(600, 40),
                        new Point(0, 80)))
                .fence())
        .as("its edges are not parallel")
        .isEmpty();
  }

  /** All stretches together are as long as the edges, by another library (JTS). */
  @Test
  void every_edge_is_cut_once() {
    Random random = new Random(3);
    for (int i = 0; i < 60; i++) {
      List<Coordinate> all = new ArrayList<>();
      List<Point> ring = new ArrayList<>();
      int corners = 3 + random.nextInt(40);
      for (int k = 0; k < corners; k++) {
        Point at = new Point(50 + 200 * random.nextDouble(), 0).turned(2 * Math.PI * k / corners);
        ring.add(at);
        all.add(new Coordinate(at.x(), at.y()));
      }
      all.add(all.getFirst());
      double length =
          new GeometryFactory().createLineString(all.toArray(Coordinate[]::new)).getLength();
      HandCut cut = HandCut.of(piece(List.of(Path.through(ring, true)), List.of()));
      assertThat(cut.runs().stream().mapToDouble(HandCut.Run::lengthMm).sum())
          .isCloseTo(length, within(1e-6));
      assertThat(cut.runs().stream().mapToInt(HandCut.Run::number).distinct().count())
          .isEqualTo(cut.cuts());
    }
  }
}

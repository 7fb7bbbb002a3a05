package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.feature.PanelFeature;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;

/**
 * Flat pieces that are kept as they came, such as a patch of a model that was flattened.
 *
 * @param origin what it was made from, for a person to read
 * @param pieces its pieces
 * @param worked what is worked into them
 */
public record FlatPieces(String origin, List<Piece> pieces, List<PanelFeature> worked)
    implements Shape {

  private static final int MOST_PIECES = 100;
  private static final int MOST_POINTS = 100_000;

  /**
   * A piece.
   *
   * @param name what it is called
   * @param sides round it, counter-clockwise
   */
  public record Piece(String name, List<Side> sides) {

    /** Copies the sides. */
    public Piece {
      sides = List.copyOf(sides);
    }
  }

  /**
   * A side of a piece.
   *
   * @param seam the letter of its seam; empty for a free edge
   * @param line from its start to the start of the next, in mm
   */
  public record Side(String seam, List<Point> line) {

    /** Copies the line. */
    public Side {
      line = List.copyOf(line);
      if (line.size() < 2) {
        throw new IllegalArgumentException("A side of a piece runs through two places or more");
      }
    }
  }

  /**
   * Copies the pieces and checks that they close.
   *
   * @throws IllegalArgumentException if they do not, or there are too many
   */
  public FlatPieces {
    pieces = List.copyOf(pieces);
    worked = PanelFeature.checked(worked);
    int points =
        pieces.stream().flatMap(it -> it.sides().stream()).mapToInt(it -> it.line().size()).sum();
    if (pieces.isEmpty() || pieces.size() > MOST_PIECES || points > MOST_POINTS) {
      throw new IllegalArgumentException(
          "A part has 1 to " + MOST_PIECES + " pieces; found " + pieces.size());
    }
    panels(pieces);
  }

  /** Pieces that nothing is worked into. */
  public FlatPieces(String origin, List<Piece> pieces) {
    this(origin, pieces, List.of());
  }

  /** The same with other things worked into its pieces. */
  public FlatPieces withWorked(List<PanelFeature> changed) {
    return new FlatPieces(origin, pieces, changed);
  }

  private static List<Panel> panels(List<Piece> pieces) {
    List<Panel> panels = new ArrayList<>();
    for (Piece piece : pieces) {
      List<Edge> edges =
          piece.sides().stream()
              .map(it -> new Edge(it.seam(), Path.through(it.line(), false), 0))
              .toList();
      panels.add(Panel.of(piece.name(), 1, edges));
    }
    return panels;
  }

  @Override
  public Developed developed(String name, double thicknessMm) {
    List<Panel> panels = panels(pieces);
    double area = panels.stream().mapToDouble(Panel::area).sum();
    Figure figure =
        Figure.found(
            "part.area",
            "Foam in all pieces",
            area,
            Quantity.AREA,
            "area inside the lines of the pieces, by Green's theorem",
            Source.GEOMETRY,
            Uncertainty.NONE);
    return new Developed(panels, List.of(figure), List.of("Made from " + origin + "."));
  }

  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    List<Path> placed = new ArrayList<>();
    for (Panel panel : developed("", thicknessMm).sideBySide(5)) {
      Point middle = panel.box().centre();
      placed.add(panel.outline().moved(it -> it.minus(middle)));
    }
    Box all = Box.around(placed.stream().flatMap(it -> it.flattened(0.5).stream()).toList());
    return placed.stream().map(it -> it.moved(p -> p.minus(all.centre()))).toList();
  }

  @Override
  public FlatPieces times(double factor) {
    List<Piece> larger =
        pieces.stream()
            .map(
                piece ->
                    new Piece(
                        piece.name(),
                        piece.sides().stream()
                            .map(
                                side ->
                                    new Side(
                                        side.seam(),
                                        side.line().stream().map(it -> it.times(factor)).toList()))
                            .toList()))
            .toList();
    return new FlatPieces(origin, larger, worked.stream().map(it -> it.times(factor)).toList());
  }

  @Override
  public void check(Optional<Layering> stack) {
    Shape.checkOneSheet(stack);
  }
}

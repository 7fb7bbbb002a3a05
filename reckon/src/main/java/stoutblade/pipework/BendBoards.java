package stoutblade.pipework;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * Boards to bend hot pipe along, one for each kind of bend: the inside of the pipe lies on an arc
 * with a straight run at each end.
 */
public final class BendBoards {

  /** How far the board goes on straight beyond each end of the bend, in mm. */
  private static final double STRAIGHT_MM = 80;

  /** How much board there is behind the pipe, in mm. */
  private static final double BACK_MM = 40;

  private static final int STEPS_A_TURN = 360;

  private BendBoards() {}

  /** The boards for all bends of a skeleton; none where nothing is bent. */
  public static Developed of(Piping piping) {
    Map<String, PipeCut.Bend> kinds = new LinkedHashMap<>();
    for (PipeCut cut : piping.cuts()) {
      cut.bends().forEach(it -> kinds.putIfAbsent(name(it), it));
    }
    List<Panel> panels = new ArrayList<>();
    kinds.forEach((name, bend) -> panels.add(panel(name, bend, piping.rod().outerMm() / 2)));
    return new Developed(
        panels,
        List.of(),
        panels.isEmpty()
            ? List.of()
            : List.of(
                "Saw the board, screw it down, and lay the warm pipe round its edge: the middle"
                    + " line then has the radius that is written on it."));
  }

  private static String name(PipeCut.Bend bend) {
    return "Bend by %.0f° round %.0f mm".formatted(Math.toDegrees(bend.angle()), bend.radius());
  }

  /** The edge that the pipe lies on, and a back parallel to the line between its ends. */
  private static Panel panel(String name, PipeCut.Bend bend, double half) {
    double inside = Math.max(1, bend.radius() - half);
    double to = bend.angle() / 2;
    List<Point> edge = new ArrayList<>();
    int steps = Math.max(2, (int) Math.ceil(bend.angle() / (2 * Math.PI) * STEPS_A_TURN));
    Point first = at(inside, -to);
    edge.add(first.plus(new Point(-STRAIGHT_MM, 0).turned(to)));
    for (int i = 0; i <= steps; i++) {
      edge.add(at(inside, -to + bend.angle() * i / steps));
    }
    edge.add(at(inside, to).plus(new Point(STRAIGHT_MM, 0).turned(-to)));
    double back = Math.min(edge.getFirst().y(), edge.getLast().y()) - BACK_MM;
    List<Point> around = new ArrayList<>(edge);
    around.add(new Point(edge.getLast().x(), back));
    around.add(new Point(edge.getFirst().x(), back));
    Path path = Path.through(around, true);
    return new Panel(
        name,
        1,
        List.of(Edge.free(Panel.area(path) < 0 ? path.reversed() : path)),
        List.of(),
        List.of());
  }

  /** On the arc, upwards in its middle, an angle to the right of that. */
  private static Point at(double radius, double angle) {
    return new Point(radius * Math.sin(angle), radius * Math.cos(angle));
  }
}

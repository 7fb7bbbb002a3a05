package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import stoutblade.develop.Panel;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * How panels that are larger than a sheet are put together from several: edge to edge, with a thin
 * strip over each splice, on the side that does not show (common practice).
 *
 * @param sheetWideMm width of a sheet
 * @param sheetLongMm its length
 * @param foamMm its thickness
 */
public record Splices(double sheetWideMm, double sheetLongMm, double foamMm) {

  /** How closely an outline is looked at, in mm. */
  private static final double TOLERANCE_MM = 0.05;

  /** A strip holds on to either side by so many times its thickness: our assumption. */
  private static final double HOLDS = 3;

  /** The narrowest strip that is worth cutting: our assumption. */
  private static final double NARROWEST_MM = 30;

  /** Splices that are shorter need no strip. */
  private static final double SHORTEST_MM = 1;

  /** Lengths of strips that differ by less are one. */
  private static final double ALIKE_MM = 0.1;

  /** The lines at which a panel is cut apart; none where it fits a sheet. */
  public List<List<Point>> lines(Panel panel) {
    Region face = face(panel);
    return joints(face).lines(face).stream().filter(it -> length(it) >= SHORTEST_MM).toList();
  }

  /** In how many pieces a panel is cut. */
  public int pieces(Panel panel) {
    Region face = face(panel);
    return joints(face).pieces(face).size();
  }

  /** The pieces that a panel is cut in; itself where it fits a sheet. */
  public List<Panel> split(Panel panel) {
    Region face = face(panel);
    Joints joints = joints(face);
    if (joints.none()) {
      return List.of(panel);
    }
    List<Region> pieces = joints.pieces(windowed(face, panel));
    List<Panel> all = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      String name = "%s, piece %d of %d".formatted(panel.name(), i + 1, pieces.size());
      all.add(Panel.within(name, panel.count(), pieces.get(i), panel.lines(), panel.marks()));
    }
    return all;
  }

  private static Region windowed(Region face, Panel panel) {
    return panel.windows().isEmpty()
        ? face
        : face.difference(Region.union(panel.windows(), TOLERANCE_MM));
  }

  /** A panel that lies over itself is found elsewhere: here what it covers will do. */
  private static Region face(Panel panel) {
    return Region.union(List.of(panel.outline()), TOLERANCE_MM);
  }

  private static double length(List<Point> line) {
    return line.getFirst().distance(line.getLast());
  }

  private Joints joints(Region face) {
    return Joints.even(
        face, Math.min(sheetWideMm, sheetLongMm), Math.max(sheetWideMm, sheetLongMm), 0);
  }

  /** How wide a strip over a splice is, in mm. */
  public double coverMm() {
    return Math.max(NARROWEST_MM, 2 * HOLDS * foamMm);
  }

  /** The strips that cover the splices of panels; of no panel where all fit a sheet. */
  List<Panel> strips(List<Panel> panels) {
    Map<Long, Integer> strips = new TreeMap<>();
    for (Panel panel : panels) {
      for (List<Point> line : lines(panel)) {
        double length = length(line);
        int parts = (int) Math.ceil(length / Math.max(sheetWideMm, sheetLongMm) - 1e-9);
        strips.merge(Math.round(length / parts / ALIKE_MM), parts * panel.count(), Integer::sum);
      }
    }
    List<Panel> found = new ArrayList<>();
    strips.forEach(
        (length, count) ->
            found.add(Panel.strip("Cover strip", count, length * ALIKE_MM, coverMm(), "")));
    return found;
  }
}

package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import stoutblade.develop.Developed;
import stoutblade.develop.Panel;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * How panels that are larger than a sheet are put together from several: edge to edge, with a strip
 * of the same foam over each splice, on the side that does not show.
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

  /** The same panels with the strips that cover their splices. */
  public Developed covered(Developed flat) {
    Map<Long, Integer> strips = new TreeMap<>();
    for (Panel panel : flat.panels()) {
      for (List<Point> line : lines(panel)) {
        double length = length(line);
        int parts = (int) Math.ceil(length / Math.max(sheetWideMm, sheetLongMm) - 1e-9);
        strips.merge(Math.round(length / parts / ALIKE_MM), parts * panel.count(), Integer::sum);
      }
    }
    if (strips.isEmpty()) {
      return flat;
    }
    List<Panel> panels = new ArrayList<>(flat.panels());
    strips.forEach(
        (length, count) ->
            panels.add(Panel.strip("Cover strip", count, length * ALIKE_MM, coverMm(), "")));
    List<String> words = new ArrayList<>(flat.words());
    words.add(
        "What is larger than a sheet is cut apart at its splices and glued edge to edge; a cover"
            + " strip goes over each splice on the side that does not show.");
    return new Developed(panels, flat.figures(), words);
  }
}

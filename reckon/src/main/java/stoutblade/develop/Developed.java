package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import stoutblade.measure.Figure;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * A shape laid out flat.
 *
 * @param panels the pieces to cut, each in a frame of its own
 * @param figures what came out, the most wanted first
 * @param words what to mind when it is cut and closed, in whole sentences
 */
public record Developed(List<Panel> panels, List<Figure> figures, List<String> words) {

  /** Copies the lists. */
  public Developed {
    panels = List.copyOf(panels);
    figures = List.copyOf(figures);
    words = List.copyOf(words);
  }

  /** The edges of each seam, by its letter; a panel that is cut several times counts so often. */
  public Map<String, List<Edge>> seams() {
    Map<String, List<Edge>> seams = new TreeMap<>();
    for (Panel panel : panels) {
      for (Edge edge : panel.edges()) {
        if (edge.glued()) {
          for (int i = 0; i < panel.count(); i++) {
            seams.computeIfAbsent(edge.seam(), it -> new ArrayList<>()).add(edge);
          }
        }
      }
    }
    return seams;
  }

  /** The panels side by side, so far apart, in mm. */
  public List<Panel> sideBySide(double apart) {
    return inRows(apart, Double.POSITIVE_INFINITY);
  }

  /**
   * The same in rows, one over the other.
   *
   * @param wide how wide a row becomes at most, but for a single panel that is wider, in mm
   */
  public List<Panel> inRows(double apart, double wide) {
    List<Panel> placed = new ArrayList<>();
    double x = 0;
    double y = 0;
    double high = 0;
    for (Panel panel : panels) {
      Box box = panel.box();
      if (x > 0 && x + box.width() > wide) {
        x = 0;
        y += high + apart;
        high = 0;
      }
      Point by = new Point(x - box.minX(), y - box.minY());
      placed.add(panel.moved(it -> it.plus(by)));
      x += box.width() + apart;
      high = Math.max(high, box.height());
    }
    return placed;
  }
}

package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Point;

/**
 * Words on a template, running along the blade towards the tip.
 *
 * @param text the words
 * @param at the middle of the words, in mm
 * @param sizeMm height of the letters' em, in mm
 */
public record Label(String text, Point at, double sizeMm) {

  private static final double LINES_APART = 1.5;

  /** Lines one beside the other about a place; they run along, so they stand side by side. */
  static List<Label> lines(List<String> lines, Point middle, double sizeMm) {
    List<Label> labels = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      double x = middle.x() + (i - (lines.size() - 1) / 2.0) * sizeMm * LINES_APART;
      labels.add(new Label(lines.get(i), new Point(x, middle.y()), sizeMm));
    }
    return labels;
  }
}

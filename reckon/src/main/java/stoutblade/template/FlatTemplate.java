package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * The template of a shape that was laid out flat: its panels side by side, each edge with the
 * letter of its seam, its notches and how far it leans.
 */
public final class FlatTemplate {

  private static final double APART_MM = 12;
  private static final double NOTCH_MM = 4;
  private static final double LABEL_MM = 6;

  /** About how wide a letter is, in times its size. */
  private static final double LETTER_WIDE = 0.55;

  private FlatTemplate() {}

  /** A template. */
  public static Template of(Making making, Developed flat, Units units) {
    List<Template.Copy> copies = new ArrayList<>();
    List<Stroke> strokes = new ArrayList<>();
    List<Label> labels = new ArrayList<>();
    for (Panel panel : flat.sideBySide(APART_MM)) {
      copies.addAll(making.copies(panel.name(), panel.count()));
      panel.windows().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
      strokes.add(new Stroke(Stroke.Kind.CUT, panel.outline()));
      panel.lines().forEach(it -> strokes.add(new Stroke(Stroke.Kind.BEND, it)));
      panel.edges().forEach(it -> edge(panel, it, units, strokes, labels));
      labels.addAll(names(making, panel, units));
    }
    return new Template(making.fileId(), making.title(), copies, strokes, labels);
  }

  private static String words(Panel panel) {
    return panel.name() + (panel.count() > 1 ? ", cut " + panel.count() : "");
  }

  private static List<Label> names(Making making, Panel panel, Units units) {
    Box box = panel.box();
    double size = Math.clamp(Math.min(box.width(), box.height()) / 8, 2, LABEL_MM);
    List<String> lines = new ArrayList<>();
    lines.add(making.title() + ": " + words(panel));
    if (box.width() > 8 * size) {
      lines.addAll(making.lines(units));
    }
    return Label.lines(lines, box.centre(), size);
  }

  private static void edge(
      Panel panel, Edge edge, Units units, List<Stroke> strokes, List<Label> labels) {
    for (Edge.Notch notch : edge.notches()) {
      strokes.add(
          new Stroke(
              Stroke.Kind.NOTCH,
              Path.line(notch.at(), notch.at().plus(notch.inward().times(NOTCH_MM)))));
    }
    List<String> said = new ArrayList<>();
    if (edge.glued()) {
      said.add(edge.seam());
    }
    if (edge.bevel() != 0) {
      said.add("leans " + Display.show(edge.bevel(), Quantity.ANGLE, units));
    }
    if (!said.isEmpty()) {
      Box box = panel.box();
      double size = Math.clamp(Math.min(box.width(), box.height()) / 10, 2, LABEL_MM);
      Edge.Notch quarter = edge.at(edge.length() * 0.3);
      String words = String.join(", ", said);
      // Words run along y: half their length has to clear an edge that crosses them.
      double clear = Math.abs(quarter.inward().y()) * LETTER_WIDE * size * words.length() / 2;
      Point at = quarter.at().plus(quarter.inward().times(NOTCH_MM + size + clear));
      labels.add(new Label(words, at, size));
    }
  }
}

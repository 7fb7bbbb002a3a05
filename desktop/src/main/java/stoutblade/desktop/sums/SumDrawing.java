package stoutblade.desktop.sums;

import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.measure.Units;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.sum.Drawing;

/** Draws what a sum comes to. */
final class SumDrawing {

  private static final double NOTCH_PX = 9;
  private static final double LETTER_PX = 18;
  private static final double ROOM_PX = 34;

  private SumDrawing() {}

  static void draw(Pen pen, Drawing drawing, Units units) {
    drawing
        .shapes()
        .forEach(
            it -> {
              if (it.closed()) {
                pen.fill(it, pen.faint(Ink.FOAM, 0.75));
              }
              pen.stroke(it, pen.colour(Ink.INK), 1.8);
            });
    drawing.panels().forEach(it -> panel(pen, it));
    drawing.help().forEach(it -> pen.stroke(it, pen.colour(Ink.SELECTED), 1.5, 7, 4));
    drawing
        .dimensions()
        .forEach(
            it ->
                pen.measure(it.from(), it.to(), it.figure().show(units), pen.colour(Ink.MEASURE)));
  }

  /** The grips by which sizes are drawn. */
  static void grips(Pen pen, Drawing drawing, String held) {
    drawing.grips().forEach(it -> pen.grip(it.at(), it.key().equals(held)));
  }

  /** The same as a small picture: shapes alone. */
  static void small(Pen pen, Drawing drawing) {
    drawing
        .shapes()
        .forEach(
            it -> {
              if (it.closed()) {
                pen.fill(it, pen.colour(Ink.FOAM));
              }
              pen.stroke(it, pen.colour(Ink.INK), 1.2);
            });
    Figures.flat(pen, drawing.panels());
    drawing.help().forEach(it -> pen.stroke(it, pen.colour(Ink.SELECTED), 1));
  }

  private static void panel(Pen pen, Panel panel) {
    pen.fill(panel.outline(), pen.faint(Ink.FOAM, 0.75));
    panel.lines().forEach(it -> pen.stroke(it, pen.colour(Ink.SELECTED), 1.5, 8, 4));
    panel.marks().forEach(it -> pen.stroke(it, pen.colour(Ink.INK), 1.2));
    for (Path window : panel.windows()) {
      pen.fill(window, pen.colour(Ink.MAT));
      pen.stroke(window, pen.colour(Ink.INK), 1.6);
    }
    for (Edge edge : panel.edges()) {
      pen.stroke(edge.path(), pen.colour(edge.glued() ? Ink.MEASURE : Ink.INK), 2);
      seam(pen, edge);
    }
  }

  /** Notches and the letter, where the edge is long enough on the screen to hold them. */
  private static void seam(Pen pen, Edge edge) {
    double px = edge.length() * pen.zoom();
    if (!edge.glued() || px < ROOM_PX) {
      return;
    }
    for (Edge.Notch notch : edge.notches()) {
      Point in = notch.at().plus(notch.inward().times(NOTCH_PX / pen.zoom()));
      pen.line(notch.at(), in, pen.colour(Ink.MEASURE), 1.6);
    }
    Edge.Notch there = edge.at(edge.length() * 0.3);
    Point at = there.at().plus(there.inward().times(LETTER_PX / pen.zoom()));
    pen.words(edge.seam(), at, 0, 0, 14, pen.colour(Ink.INK));
  }
}

package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.mat.BladeDrawing;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.layer.Layers;
import stoutblade.part.BladeForm;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** The layered blade from above and in section. */
final class SolidDrawing {

  /** How far a circle of four cubics has its controls, for a radius of 1. */
  private static final double CIRCLE = 0.5522847498;

  private SolidDrawing() {}

  /** The plan: outline, bevel, centre line. */
  static void plan(Pen pen, BladeForm form, Layers layers) {
    BladeDrawing.face(pen, form, pen.colour(Ink.FOAM_DEEP));
    pen.fill(layers.solid().flat().rings(), pen.colour(Ink.FOAM));
    pen.stroke(layers.solid().flat().rings(), pen.colour(Ink.INK), 1.4, 9, 4);
    BladeDrawing.markings(pen, form, pen.colour(Ink.INK));
    BladeDrawing.edge(pen, form, pen.colour(Ink.INK), 2.2);
    pen.line(
        new Point(0, 0), new Point(0, form.length().value()), pen.colour(Ink.SOFT), 1, 14, 5, 2, 5);
  }

  /** The core in the plan, with its channel. */
  static void corePlan(Pen pen, CoreReckoning core) {
    double half = core.diameter().value() / 2;
    double from = core.choice().startMm();
    double to = core.choice().endMm();
    List<Point> rod =
        List.of(
            new Point(-half, from),
            new Point(-half, to),
            new Point(half, to),
            new Point(half, from),
            new Point(-half, from));
    pen.fill(List.of(rod), pen.faint(Ink.CORE, 0.85));
    pen.stroke(List.of(rod), pen.colour(Ink.INK), 1.2);
  }

  /** The line at which the section is taken. */
  static void station(Pen pen, BladeForm form, double y, String words) {
    double reach = form.width().value() / 2 + 16 / pen.zoom();
    pen.line(new Point(-reach, y), new Point(reach, y), pen.colour(Ink.SELECTED), 2);
    pen.plate(words, new Point(-reach - 12 / pen.zoom(), y), pen.colour(Ink.SELECTED));
  }

  /**
   * The section: two layers of foam, the joint between them and the core; x across, y the
   * thickness.
   */
  static void section(Pen pen, Layers layers, Optional<CoreReckoning> core, double y) {
    for (List<Point> front : layers.solid().sectionAt(y, 0.5)) {
      List<Point> back = new ArrayList<>(front.stream().map(SolidDrawing::under).toList());
      List<Point> joint = new ArrayList<>(front.stream().map(it -> new Point(it.x(), 0)).toList());
      Collections.reverse(joint);
      pen.fill(List.of(closed(front, joint)), pen.colour(Ink.FOAM));
      pen.fill(List.of(closed(back, joint)), pen.colour(Ink.FOAM_DEEP));
      Collections.reverse(back);
      pen.stroke(List.of(closed(closed(front, back), front.subList(0, 1))), pen.colour(Ink.INK), 2);
      pen.line(
          new Point(front.getFirst().x(), 0),
          new Point(front.getLast().x(), 0),
          pen.colour(Ink.INK),
          1.2);
    }
    core.filter(it -> it.choice().startMm() <= y && y <= it.choice().endMm())
        .ifPresent(it -> rod(pen, it));
  }

  private static void rod(Pen pen, CoreReckoning core) {
    Path outer = circle(core.rod().outerMm() / 2);
    pen.fill(outer, pen.colour(Ink.CORE));
    pen.stroke(outer, pen.colour(Ink.INK), 1.6);
    if (core.rod().innerMm() > 0) {
      Path inner = circle(core.rod().innerMm() / 2);
      pen.fill(inner, pen.colour(Ink.MAT));
      pen.stroke(inner, pen.colour(Ink.INK), 1.2);
    }
  }

  private static Point under(Point top) {
    return new Point(top.x(), -top.y());
  }

  private static List<Point> closed(List<Point> one, List<Point> other) {
    List<Point> ring = new ArrayList<>(one);
    ring.addAll(other);
    return ring;
  }

  private static Path circle(double r) {
    double k = r * CIRCLE;
    return new Path(
        List.of(
            quarter(new Point(r, 0), new Point(r, k), new Point(k, r), new Point(0, r)),
            quarter(new Point(0, r), new Point(-k, r), new Point(-r, k), new Point(-r, 0)),
            quarter(new Point(-r, 0), new Point(-r, -k), new Point(-k, -r), new Point(0, -r)),
            quarter(new Point(0, -r), new Point(k, -r), new Point(r, -k), new Point(r, 0))),
        true);
  }

  private static Cubic quarter(Point a, Point b, Point c, Point d) {
    return new Cubic(a, b, c, d);
  }
}

package stoutblade.formats;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.ArrayList;
import java.util.List;
import org.apache.batik.parser.DefaultPathHandler;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * Takes path commands and shapes in a file's units and gives paths in millimetres. Arcs keep within
 * 10⁻⁷ of their radius, which the usual four curves to a circle do not.
 */
final class SvgPath extends DefaultPathHandler {

  private static final double LEAST = 1e-12;

  private final AffineTransform frame;
  private final List<Path> done = new ArrayList<>();
  private List<Cubic> curves = new ArrayList<>();
  private Point start = new Point(0, 0);
  private Point at = new Point(0, 0);
  private Point handle = new Point(0, 0);
  private Bend bend = Bend.NONE;
  private int left;

  private enum Bend {
    NONE,
    QUADRATIC,
    CUBIC
  }

  /**
   * Takes commands.
   *
   * @param most how many curves are taken
   */
  SvgPath(AffineTransform frame, int most) {
    this.frame = frame;
    this.left = most;
  }

  /** The paths, in mm. */
  List<Path> done() {
    finish(false);
    return done;
  }

  private void finish(boolean closed) {
    if (closed && at.distance(start) > 0) {
      to(Cubic.line(at, start));
    }
    if (!curves.isEmpty()) {
      done.add(new Path(curves, closed));
    }
    curves = new ArrayList<>();
  }

  private void to(Cubic curve) {
    if (--left < 0) {
      throw new IllegalArgumentException("there are too many pieces of line in it");
    }
    if (curve.start().distance(curve.end()) > 0 || !curve.straight()) {
      curves.add(
          new Cubic(
              placed(curve.start()),
              placed(curve.control1()),
              placed(curve.control2()),
              placed(curve.end())));
    }
    at = curve.end();
  }

  private Point placed(Point point) {
    Point2D out = frame.transform(new Point2D.Double(point.x(), point.y()), null);
    return new Point(out.getX(), out.getY());
  }

  // == SHAPES

  void points(double[] xy, boolean closed) {
    for (int i = 0; i + 1 < xy.length; i += 2) {
      Point next = new Point(xy[i], xy[i + 1]);
      if (i == 0) {
        start = next;
        at = next;
      } else {
        to(Cubic.line(at, next));
      }
    }
    finish(closed);
  }

  void ellipse(double cx, double cy, double rx, double ry) {
    if (rx > 0 && ry > 0) {
      start = new Point(cx + rx, cy);
      at = start;
      arc(cx, cy, rx, ry, 0, 0, 2 * Math.PI);
      finish(true);
    }
  }

  void rectangle(double x, double y, double width, double height, double rx, double ry) {
    if (!(width > 0) || !(height > 0)) {
      return;
    }
    double a = Math.clamp(rx, 0, width / 2);
    double b = Math.clamp(ry, 0, height / 2);
    if (a == 0 || b == 0) {
      points(new double[] {x, y, x + width, y, x + width, y + height, x, y + height}, true);
      return;
    }
    start = new Point(x + a, y);
    at = start;
    lineTo(x + width - a, y);
    arc(x + width - a, y + b, a, b, 0, -Math.PI / 2, 0);
    lineTo(x + width, y + height - b);
    arc(x + width - a, y + height - b, a, b, 0, 0, Math.PI / 2);
    lineTo(x + a, y + height);
    arc(x + a, y + height - b, a, b, 0, Math.PI / 2, Math.PI);
    lineTo(x, y + b);
    arc(x + a, y + b, a, b, 0, Math.PI, 3 * Math.PI / 2);
    finish(true);
  }

  private void arc(
      double cx, double cy, double rx, double ry, double turned, double from, double to) {
    AffineTransform place = AffineTransform.getTranslateInstance(cx, cy);
    place.rotate(turned);
    place.scale(rx, ry);
    for (Cubic curve : Path.arc(new Point(0, 0), 1, from, to).cubics()) {
      Cubic there = through(place, curve);
      to(new Cubic(at, there.control1(), there.control2(), there.end()));
    }
  }

  private static Cubic through(AffineTransform place, Cubic curve) {
    double[] xy = {
      curve.start().x(), curve.start().y(), curve.control1().x(), curve.control1().y(),
      curve.control2().x(), curve.control2().y(), curve.end().x(), curve.end().y()
    };
    place.transform(xy, 0, xy, 0, 4);
    return new Cubic(
        new Point(xy[0], xy[1]),
        new Point(xy[2], xy[3]),
        new Point(xy[4], xy[5]),
        new Point(xy[6], xy[7]));
  }

  // == COMMANDS

  private void lineTo(double x, double y) {
    to(Cubic.line(at, new Point(x, y)));
    bend = Bend.NONE;
  }

  private void curveTo(Point c1, Point c2, Point end) {
    to(new Cubic(at, c1, c2, end));
    handle = c2;
    bend = Bend.CUBIC;
  }

  private void quadTo(Point c, Point end) {
    Point from = at;
    to(Cubic.quadratic(from, c, end));
    handle = c;
    bend = Bend.QUADRATIC;
  }

  private Point mirrored(Bend kind) {
    return bend == kind ? at.plus(at.minus(handle)) : at;
  }

  private Point by(float x, float y) {
    return at.plus(new Point(x, y));
  }

  @Override
  public void movetoRel(float x, float y) {
    moveTo(by(x, y));
  }

  @Override
  public void movetoAbs(float x, float y) {
    moveTo(new Point(x, y));
  }

  private void moveTo(Point to) {
    finish(false);
    start = to;
    at = to;
    bend = Bend.NONE;
  }

  @Override
  public void closePath() {
    finish(true);
    at = start;
    bend = Bend.NONE;
  }

  @Override
  public void linetoRel(float x, float y) {
    lineTo(at.x() + x, at.y() + y);
  }

  @Override
  public void linetoAbs(float x, float y) {
    lineTo(x, y);
  }

  @Override
  public void linetoHorizontalRel(float x) {
    lineTo(at.x() + x, at.y());
  }

  @Override
  public void linetoHorizontalAbs(float x) {
    lineTo(x, at.y());
  }

  @Override
  public void linetoVerticalRel(float y) {
    lineTo(at.x(), at.y() + y);
  }

  @Override
  public void linetoVerticalAbs(float y) {
    lineTo(at.x(), y);
  }

  @Override
  public void curvetoCubicRel(float x1, float y1, float x2, float y2, float x, float y) {
    curveTo(by(x1, y1), by(x2, y2), by(x, y));
  }

  @Override
  public void curvetoCubicAbs(float x1, float y1, float x2, float y2, float x, float y) {
    curveTo(new Point(x1, y1), new Point(x2, y2), new Point(x, y));
  }

  @Override
  public void curvetoCubicSmoothRel(float x2, float y2, float x, float y) {
    curveTo(mirrored(Bend.CUBIC), by(x2, y2), by(x, y));
  }

  @Override
  public void curvetoCubicSmoothAbs(float x2, float y2, float x, float y) {
    curveTo(mirrored(Bend.CUBIC), new Point(x2, y2), new Point(x, y));
  }

  @Override
  public void curvetoQuadraticRel(float x1, float y1, float x, float y) {
    quadTo(by(x1, y1), by(x, y));
  }

  @Override
  public void curvetoQuadraticAbs(float x1, float y1, float x, float y) {
    quadTo(new Point(x1, y1), new Point(x, y));
  }

  @Override
  public void curvetoQuadraticSmoothRel(float x, float y) {
    quadTo(mirrored(Bend.QUADRATIC), by(x, y));
  }

  @Override
  public void curvetoQuadraticSmoothAbs(float x, float y) {
    quadTo(mirrored(Bend.QUADRATIC), new Point(x, y));
  }

  @Override
  public void arcRel(
      float rx, float ry, float turned, boolean large, boolean sweep, float x, float y) {
    arcTo(rx, ry, turned, large, sweep, by(x, y));
  }

  @Override
  public void arcAbs(
      float rx, float ry, float turned, boolean large, boolean sweep, float x, float y) {
    arcTo(rx, ry, turned, large, sweep, new Point(x, y));
  }

  /** From ends to a centre: SVG 1.1, appendix F.6.5 and F.6.6. */
  private void arcTo(
      double rxGiven, double ryGiven, double degrees, boolean large, boolean sweep, Point end) {
    double rx = Math.abs(rxGiven);
    double ry = Math.abs(ryGiven);
    if (rx < LEAST || ry < LEAST || at.distance(end) < LEAST) {
      lineTo(end.x(), end.y());
      return;
    }
    double phi = Math.toRadians(degrees);
    double cos = Math.cos(phi);
    double sin = Math.sin(phi);
    double dx = (at.x() - end.x()) / 2;
    double dy = (at.y() - end.y()) / 2;
    double x1 = cos * dx + sin * dy;
    double y1 = -sin * dx + cos * dy;
    double needed = Math.sqrt(x1 * x1 / (rx * rx) + y1 * y1 / (ry * ry));
    if (needed > 1) {
      rx *= needed;
      ry *= needed;
    }
    double square = rx * rx * y1 * y1 + ry * ry * x1 * x1;
    double root = Math.sqrt(Math.max(0, (rx * rx * ry * ry - square) / square));
    double sign = large == sweep ? -root : root;
    double cx1 = sign * rx * y1 / ry;
    double cy1 = -sign * ry * x1 / rx;
    double from = Math.atan2((y1 - cy1) / ry, (x1 - cx1) / rx);
    double to = Math.atan2((-y1 - cy1) / ry, (-x1 - cx1) / rx);
    if (sweep && to < from) {
      to += 2 * Math.PI;
    } else if (!sweep && to > from) {
      to -= 2 * Math.PI;
    }
    double cx = cos * cx1 - sin * cy1 + (at.x() + end.x()) / 2;
    double cy = sin * cx1 + cos * cy1 + (at.y() + end.y()) / 2;
    arc(cx, cy, rx, ry, phi, from, to);
    at = end;
    bend = Bend.NONE;
  }
}

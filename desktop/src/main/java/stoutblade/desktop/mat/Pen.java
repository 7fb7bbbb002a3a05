package stoutblade.desktop.mat;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draws on a mat: places in the thing's own frame, widths and letters in screen pixels. */
public final class Pen {

  /** Half the size of a handle, in pixels: a glove can hit it. */
  public static final double HANDLE = 7;

  private final MatView mat;
  private final GraphicsContext out;

  Pen(MatView mat, GraphicsContext out) {
    this.mat = mat;
    this.out = out;
    out.setLineJoin(StrokeLineJoin.ROUND);
    out.setLineCap(StrokeLineCap.ROUND);
    out.setFillRule(FillRule.EVEN_ODD);
  }

  /** Screen pixels for a unit of the thing. */
  public double zoom() {
    return mat.zoom();
  }

  public Color colour(Ink ink) {
    return mat.colour(ink);
  }

  /** An ink made see-through. */
  public Color faint(Ink ink, double opacity) {
    return colour(ink).deriveColor(0, 1, 1, opacity);
  }

  /** Draws along a path. */
  public void stroke(Path path, Color colour, double widthPx, double... dashesPx) {
    trace(path);
    finishStroke(colour, widthPx, dashesPx);
  }

  /** Fills a closed path. */
  public void fill(Path path, Color colour) {
    trace(path);
    out.setFill(colour);
    out.fill();
  }

  private void trace(Path path) {
    out.beginPath();
    move(path.cubics().getFirst().start());
    for (Cubic cubic : path.cubics()) {
      Point one = mat.toScreen(cubic.control1());
      Point two = mat.toScreen(cubic.control2());
      Point end = mat.toScreen(cubic.end());
      out.bezierCurveTo(one.x(), one.y(), two.x(), two.y(), end.x(), end.y());
    }
    if (path.closed()) {
      out.closePath();
    }
  }

  private void move(Point place) {
    Point at = mat.toScreen(place);
    out.moveTo(at.x(), at.y());
  }

  /** Fills rings, outer ones and holes. */
  public void fill(List<List<Point>> rings, Color colour) {
    out.beginPath();
    rings.forEach(this::ring);
    out.setFill(colour);
    out.fill();
  }

  /** Draws along rings. */
  public void stroke(List<List<Point>> rings, Color colour, double widthPx, double... dashesPx) {
    out.beginPath();
    rings.forEach(this::ring);
    finishStroke(colour, widthPx, dashesPx);
  }

  private void ring(List<Point> ring) {
    if (ring.isEmpty()) {
      return;
    }
    move(ring.getFirst());
    for (Point place : ring) {
      Point at = mat.toScreen(place);
      out.lineTo(at.x(), at.y());
    }
  }

  private void finishStroke(Color colour, double widthPx, double... dashesPx) {
    out.setStroke(colour);
    out.setLineWidth(widthPx);
    out.setLineDashes(dashesPx);
    out.stroke();
    out.setLineDashes();
  }

  /** Draws a straight line. */
  public void line(Point from, Point to, Color colour, double widthPx, double... dashesPx) {
    out.beginPath();
    move(from);
    Point at = mat.toScreen(to);
    out.lineTo(at.x(), at.y());
    finishStroke(colour, widthPx, dashesPx);
  }

  /**
   * A line with ticks across its ends, as on a drawing, and words beside its middle: above a line
   * that runs to the right, below one that runs to the left.
   */
  public void measure(Point from, Point to, String words, Color colour) {
    line(from, to, colour, 2);
    Point a = mat.toScreen(from);
    Point b = mat.toScreen(to);
    Point along = b.minus(a);
    double length = Math.max(1e-6, along.length());
    Point across = new Point(-along.y(), along.x()).times(6 / length);
    for (Point end : List.of(a, b)) {
      out.setStroke(colour);
      out.setLineWidth(2);
      out.strokeLine(
          end.x() - across.x(), end.y() - across.y(), end.x() + across.x(), end.y() + across.y());
    }
    Point middle = a.towards(b, 0.5);
    boolean steep = Math.abs(along.y()) > Math.abs(along.x());
    plate(
        words,
        steep ? middle.x() + 10 : middle.x(),
        steep ? middle.y() : middle.y() + (along.x() < 0 ? 18 : -16),
        colour,
        steep ? TextAlignment.LEFT : TextAlignment.CENTER);
  }

  /** Words on a small plate, so that they can be read over a picture. */
  public void plate(String words, Point place, Color colour) {
    Point at = mat.toScreen(place);
    plate(words, at.x(), at.y(), colour, TextAlignment.CENTER);
  }

  private void plate(String words, double x, double y, Color colour, TextAlignment align) {
    if (words.isEmpty()) {
      return;
    }
    Font font = mat.font(12.5, true);
    double width = mat.widthOf(words, font) + 12;
    double left = align == TextAlignment.LEFT ? x : x - width / 2;
    left = Math.clamp(left, 4, Math.max(4, mat.getWidth() - width - 4));
    double top = Math.clamp(y - 11, 4, Math.max(4, mat.getHeight() - 26));
    out.setFill(colour(Ink.PAPER).deriveColor(0, 1, 1, 0.92));
    out.fillRoundRect(left, top, width, 22, 6, 6);
    out.setFill(colour);
    out.setFont(font);
    out.setTextAlign(TextAlignment.LEFT);
    out.setTextBaseline(VPos.CENTER);
    out.fillText(words, left + 6, top + 11);
  }

  /** Words at a place, centred, with an offset in pixels (y downwards). */
  public void words(
      String words, Point place, double dxPx, double dyPx, double sizePx, Color colour) {
    words(words, place, dxPx, dyPx, sizePx, colour, TextAlignment.CENTER);
  }

  /** Words that begin at a place. */
  public void wordsFrom(
      String words, Point place, double dxPx, double dyPx, double sizePx, Color colour) {
    words(words, place, dxPx, dyPx, sizePx, colour, TextAlignment.LEFT);
  }

  private void words(
      String words,
      Point place,
      double dxPx,
      double dyPx,
      double sizePx,
      Color colour,
      TextAlignment align) {
    Point at = mat.toScreen(place);
    out.setFill(colour);
    out.setFont(mat.font(sizePx, false));
    out.setTextAlign(align);
    out.setTextBaseline(VPos.CENTER);
    out.fillText(words, at.x() + dxPx, at.y() + dyPx);
  }

  /** A handle: square for a corner, round for a curve. */
  public void handle(Point place, boolean round, boolean selected) {
    Point at = mat.toScreen(place);
    double half = selected ? HANDLE + 1 : HANDLE - 1;
    out.setFill(selected ? colour(Ink.SELECTED) : colour(Ink.PAPER));
    out.setStroke(selected ? colour(Ink.SELECTED) : colour(Ink.INK));
    out.setLineWidth(2);
    if (round) {
      out.fillOval(at.x() - half, at.y() - half, 2 * half, 2 * half);
      out.strokeOval(at.x() - half, at.y() - half, 2 * half, 2 * half);
    } else {
      out.fillRect(at.x() - half, at.y() - half, 2 * half, 2 * half);
      out.strokeRect(at.x() - half, at.y() - half, 2 * half, 2 * half);
    }
  }

  /** A grip by which a feature is moved: a lozenge, so that it is not taken for a node. */
  public void grip(Point place, boolean selected) {
    Point at = mat.toScreen(place);
    double half = selected ? HANDLE + 2 : HANDLE - 1.5;
    double[] xs = {at.x() - half, at.x(), at.x() + half, at.x()};
    double[] ys = {at.y(), at.y() - half, at.y(), at.y() + half};
    out.setFill(selected ? colour(Ink.SELECTED) : colour(Ink.PAPER));
    out.setStroke(selected ? colour(Ink.SELECTED) : colour(Ink.SOFT));
    out.setLineWidth(1.6);
    out.fillPolygon(xs, ys, 4);
    out.strokePolygon(xs, ys, 4);
  }

  /** A cross with an open middle, so that what is marked stays in sight. */
  public void sight(Point place, Color colour) {
    Point at = mat.toScreen(place);
    out.setStroke(colour(Ink.PAPER));
    out.setLineWidth(4);
    sight(at);
    out.setStroke(colour);
    out.setLineWidth(2);
    sight(at);
  }

  private void sight(Point at) {
    out.strokeLine(at.x() - 12, at.y(), at.x() - 3, at.y());
    out.strokeLine(at.x() + 3, at.y(), at.x() + 12, at.y());
    out.strokeLine(at.x(), at.y() - 12, at.x(), at.y() - 3);
    out.strokeLine(at.x(), at.y() + 3, at.x(), at.y() + 12);
  }

  /** A filled dot of a size in pixels. */
  public void dot(Point place, double radiusPx, Color colour) {
    Point at = mat.toScreen(place);
    out.setFill(colour);
    out.fillOval(at.x() - radiusPx, at.y() - radiusPx, 2 * radiusPx, 2 * radiusPx);
  }

  /**
   * Lays a part of a picture on the mat.
   *
   * @param topLeft where the part's top left corner lies
   * @param right where its top edge runs to, for one pixel of the image
   * @param down where its left edge runs to, for one pixel of the image
   * @param part which part of the image, in its pixels
   */
  public void picture(
      Image image, Point topLeft, Point right, Point down, Box part, double opacity) {
    Point corner = mat.toScreen(topLeft);
    Point x = mat.toScreen(topLeft.plus(right)).minus(corner);
    Point y = mat.toScreen(topLeft.plus(down)).minus(corner);
    out.save();
    out.setGlobalAlpha(opacity);
    out.transform(x.x(), x.y(), y.x(), y.y(), corner.x(), corner.y());
    out.drawImage(
        image,
        part.minX(),
        part.minY(),
        part.width(),
        part.height(),
        0,
        0,
        part.width(),
        part.height());
    out.restore();
  }

  /** A stretch of paint between two colours along the thing, clipped to rings. */
  public void paint(List<List<Point>> rings, Color from, Color to) {
    out.beginPath();
    rings.forEach(this::ring);
    out.setFill(
        new LinearGradient(
            0,
            0,
            0,
            1,
            true,
            CycleMethod.NO_CYCLE,
            new Stop(0, from),
            new Stop(0.5, to),
            new Stop(1, from)));
    out.fill();
  }
}

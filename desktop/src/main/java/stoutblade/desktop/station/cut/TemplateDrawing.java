package stoutblade.desktop.station.cut;

import java.util.List;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.formats.LineStyle;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Draws a template on its pages as it comes out of a printer. */
public final class TemplateDrawing {

  /** Pixels on the screen for a millimetre of a line's width and dashes on paper. */
  private static final double LINE_PX_PER_MM = 5;

  private TemplateDrawing() {}

  /** The pages, and how they are joined. */
  public static void pages(Pen pen, Tiling tiling) {
    for (Tiling.Tile tile : tiling.tiles()) {
      pen.fill(List.of(ring(tile.window())), pen.faint(Ink.PAPER, 0.92));
    }
    for (Tiling.Tile tile : tiling.tiles()) {
      pen.stroke(List.of(ring(tile.window())), pen.colour(Ink.RULE_STRONG), 1);
    }
    for (Tiling.Join join : tiling.joins()) {
      pen.line(join.from(), join.to(), pen.colour(Ink.MEASURE), 1.4, 6, 4);
      for (Point mark : join.marks()) {
        pen.sight(mark, pen.colour(Ink.MEASURE));
      }
    }
  }

  /** The letters of the pages, each at the corner of its page. */
  static void letters(Pen pen, Tiling tiling) {
    letters(pen, tiling, new Point(-22, -24), 30);
  }

  /** The letters of the pages over their pages, where these stand upright side by side. */
  static void lettersOver(Pen pen, Tiling tiling) {
    letters(pen, tiling, new Point(12, -16), 22);
  }

  /** The letters of the pages within their pages, where these stand upright. */
  public static void lettersInside(Pen pen, Tiling tiling) {
    letters(pen, tiling, new Point(14, 14), 18);
  }

  private static void letters(Pen pen, Tiling tiling, Point offPx, double sizePx) {
    for (Tiling.Tile tile : tiling.tiles()) {
      Point corner = new Point(tile.window().minX(), tile.window().maxY());
      pen.words(tile.letter(), corner, offPx.x(), offPx.y(), sizePx, pen.colour(Ink.MEASURE));
    }
  }

  /** Its lines, with the widths and dashes of the paper, so that the screen reads like it. */
  public static void lines(Pen pen, Template template) {
    for (Stroke stroke : template.strokes()) {
      LineStyle style = LineStyle.of(stroke.kind());
      pen.stroke(
          stroke.path(),
          pen.colour(ink(stroke.kind())),
          Math.max(0.8, style.widthMm() * LINE_PX_PER_MM),
          style.dashesMm().stream().mapToDouble(it -> it * LINE_PX_PER_MM / 2).toArray());
    }
  }

  /** What a kind of line is drawn in. */
  static Ink ink(Stroke.Kind kind) {
    return switch (kind) {
      case CUT, INSIDE, BEVEL, BEND, NOTCH, ENGRAVE, SCORE, FULLER, FINISHED -> Ink.INK;
      case CENTRE, LAID, GRAIN, LEADER, SHEET -> Ink.SOFT;
      case CHANNEL, POCKET -> Ink.SELECTED;
      case JOINT -> Ink.CORE;
    };
  }

  private static List<Point> ring(Box box) {
    return List.of(
        new Point(box.minX(), box.minY()),
        new Point(box.maxX(), box.minY()),
        new Point(box.maxX(), box.maxY()),
        new Point(box.minX(), box.maxY()),
        new Point(box.minX(), box.minY()));
  }
}

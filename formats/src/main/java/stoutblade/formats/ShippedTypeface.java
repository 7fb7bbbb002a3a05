package stoutblade.formats;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.feature.Typeface;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * The typeface that ships with the application; its file is read when the first letter is asked
 * for.
 */
public final class ShippedTypeface implements Typeface {

  private static final String FILE = "/stoutblade/fonts/AsapCondensed-Bold.ttf";
  private static final float DRAWN_AT = 1000;

  private Optional<Font> font = Optional.empty();

  @Override
  public synchronized List<Path> outlines(String words, double heightMm) {
    if (words.isBlank()) {
      return List.of();
    }
    Box capital = Box.around(points(subpaths("H")));
    List<Path> drawn = subpaths(words);
    if (drawn.isEmpty()) {
      return List.of();
    }
    double scale = heightMm / capital.height();
    Box all = Box.around(points(drawn));
    Point middle = new Point(all.centre().x(), capital.centre().y());
    return drawn.stream().map(it -> it.moved(p -> p.minus(middle).times(scale))).toList();
  }

  private static List<Point> points(List<Path> paths) {
    return paths.stream().flatMap(it -> it.flattened(1).stream()).toList();
  }

  private Font font() {
    if (font.isEmpty()) {
      try (InputStream in = ShippedTypeface.class.getResourceAsStream(FILE)) {
        font = Optional.of(Font.createFont(Font.TRUETYPE_FONT, in).deriveFont(DRAWN_AT));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (FontFormatException e) {
        throw new IllegalStateException("The shipped typeface cannot be read", e);
      }
    }
    return font.get();
  }

  private List<Path> subpaths(String words) {
    Font drawn = font();
    GlyphVector glyphs =
        drawn.createGlyphVector(new FontRenderContext(null, true, true), words.strip());
    return new Reading(glyphs.getOutline().getPathIterator(null)).paths();
  }

  /** The reading of one outline, y turned upwards. */
  private static final class Reading {

    private final PathIterator way;
    private final List<Path> paths = new ArrayList<>();
    private final List<Cubic> open = new ArrayList<>();
    private Point start = new Point(0, 0);
    private Point here = new Point(0, 0);

    Reading(PathIterator way) {
      this.way = way;
    }

    List<Path> paths() {
      double[] at = new double[6];
      for (; !way.isDone(); way.next()) {
        switch (way.currentSegment(at)) {
          case PathIterator.SEG_MOVETO -> {
            close();
            start = point(at, 0);
            here = start;
          }
          case PathIterator.SEG_LINETO -> to(Cubic.line(here, point(at, 0)));
          case PathIterator.SEG_QUADTO -> to(Cubic.quadratic(here, point(at, 0), point(at, 2)));
          case PathIterator.SEG_CUBICTO ->
              to(new Cubic(here, point(at, 0), point(at, 2), point(at, 4)));
          default -> close();
        }
      }
      close();
      return paths;
    }

    private static Point point(double[] at, int from) {
      return new Point(at[from], -at[from + 1]);
    }

    private void to(Cubic curve) {
      open.add(curve);
      here = curve.end();
    }

    private void close() {
      if (!open.isEmpty()) {
        if (here.distance(start) > 1e-6) {
          open.add(Cubic.line(here, start));
        }
        paths.add(new Path(open, true));
        open.clear();
      }
    }
  }
}

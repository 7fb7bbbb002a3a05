package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Point;

/**
 * The lines along which a field is zero, followed from cell to cell with places between pixels:
 * marching squares (Lorensen and Cline 1987 for the plane; from memory).
 *
 * <p>Places count pixel middles: the middle of the top left pixel is (0, 0). What lies beyond the
 * rim counts as outside, so every line is closed. Where two insides touch at a corner only, the
 * mean of the cell decides whether they are one.
 */
public final class Contours {

  private static final int RIGHT = 0;
  private static final int DOWN = 1;
  private static final int LEFT = 2;
  private static final int UP = 3;

  private final Field field;
  private final int wide;
  private final boolean[] visited;

  private Contours(Field field) {
    this.field = field;
    this.wide = field.width() + 1;
    this.visited = new boolean[wide * (field.height() + 1)];
  }

  /** All closed lines, each without repeating its start. */
  public static List<List<Point>> of(Field field) {
    return new Contours(field).all();
  }

  private List<List<Point>> all() {
    List<List<Point>> lines = new ArrayList<>();
    // A line crosses some vertical side between an outside pixel and an inside one to its right.
    for (int y = 0; y < field.height(); y++) {
      for (int x = 0; x <= field.width(); x++) {
        if (!inside(x - 1, y) && inside(x, y) && !visited[y * wide + x]) {
          lines.add(follow(x - 1, y));
        }
      }
    }
    return lines;
  }

  private float value(int x, int y) {
    boolean within = x >= 0 && y >= 0 && x < field.width() && y < field.height();
    // Beyond the rim as far outside as the rim's own pixel is inside: the line runs on the rim.
    return within ? field.get(x, y) : beyond(x, y);
  }

  private float beyond(int x, int y) {
    float rim =
        field.get(Math.clamp(x, 0, field.width() - 1), Math.clamp(y, 0, field.height() - 1));
    return -Math.max(Math.abs(rim), 1e-6f);
  }

  private boolean inside(int x, int y) {
    return value(x, y) > 0;
  }

  /**
   * Follows a line with its inside to the right of the way: it crosses the side between (x, y) and
   * the pixel to the right upwards.
   */
  private List<Point> follow(int x, int y) {
    List<Point> line = new ArrayList<>();
    // The cell above the crossed pair has its top left pixel at (x, y - 1).
    int cellX = x;
    int cellY = y - 1;
    int came = DOWN;
    do {
      if (came == DOWN) {
        visited[(cellY + 1) * wide + cellX + 1] |=
            !inside(cellX, cellY + 1) && inside(cellX + 1, cellY + 1);
      }
      line.add(crossing(cellX, cellY, came));
      int out = out(cellX, cellY, came);
      cellX += out == RIGHT ? 1 : out == LEFT ? -1 : 0;
      cellY += out == DOWN ? 1 : out == UP ? -1 : 0;
      came = (out + 2) % 4;
    } while (cellX != x || cellY != y - 1 || came != DOWN);
    return line;
  }

  /** The side of a cell that a line leaves by that came in by another. */
  private int out(int x, int y, int came) {
    int clockwise = (came + 1) % 4;
    int across = (came + 2) % 4;
    int counter = (came + 3) % 4;
    boolean four = crossed(x, y, clockwise) && crossed(x, y, across) && crossed(x, y, counter);
    if (four) {
      float mean = (value(x, y) + value(x + 1, y) + value(x, y + 1) + value(x + 1, y + 1)) / 4;
      // The inside lies to the right of the way in: with the middle inside the line turns away.
      return mean > 0 ? clockwise : counter;
    }
    if (crossed(x, y, across)) {
      return across;
    }
    return crossed(x, y, clockwise) ? clockwise : counter;
  }

  private boolean crossed(int x, int y, int side) {
    return switch (side) {
      case RIGHT -> inside(x + 1, y) != inside(x + 1, y + 1);
      case DOWN -> inside(x, y + 1) != inside(x + 1, y + 1);
      case LEFT -> inside(x, y) != inside(x, y + 1);
      default -> inside(x, y) != inside(x + 1, y);
    };
  }

  private Point crossing(int x, int y, int side) {
    return switch (side) {
      case RIGHT -> new Point(x + 1, y + share(value(x + 1, y), value(x + 1, y + 1)));
      case DOWN -> new Point(x + share(value(x, y + 1), value(x + 1, y + 1)), y + 1);
      case LEFT -> new Point(x, y + share(value(x, y), value(x, y + 1)));
      default -> new Point(x + share(value(x, y), value(x + 1, y)), y);
    };
  }

  private static double share(float from, float to) {
    return from / (double) (from - to);
  }
}

package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A template spread over pages of paper.
 *
 * <p>Each page shows a window of the template at true size. Neighbouring windows share an overlap;
 * in its middle runs the join line, with marks that lie on the same places of the template on both
 * pages. Pages on which nothing would be drawn are left out.
 *
 * @param paper the paper
 * @param turned true where it lies on its side, which takes fewer pages
 * @param columns how many windows lie side by side
 * @param rows how many lie above one another
 * @param tiles the pages, row by row from the top
 * @param joins the joins between pages that are there
 */
public record Tiling(
    Paper paper, boolean turned, int columns, int rows, List<Tile> tiles, List<Join> joins) {

  /** What a household printer cannot reach at each side, in mm. */
  public static final double MARGIN_MM = 10;

  /** Height of the strip with check length and names at the foot of a page, in mm. */
  public static final double FOOT_MM = 18;

  /** What neighbouring windows share, in mm. */
  public static final double OVERLAP_MM = 12;

  /** The most pages that a template is spread over. */
  public static final int MOST_PAGES = 400;

  private static final double AROUND_MM = 4;
  private static final double FLATTENED_MM = 0.5;

  /**
   * A page.
   *
   * @param letter the page's letter
   * @param row 0 at the top
   * @param column 0 at the left
   * @param window what it shows of the template, in mm
   */
  public record Tile(String letter, int row, int column, Box window) {}

  /**
   * A join of two pages.
   *
   * @param first letter of the page to the left or above
   * @param second letter of the other
   * @param from one end of the join line, in mm on the template
   * @param to the other end
   */
  public record Join(String first, String second, Point from, Point to) {

    /** The two places of the join marks, at a quarter and three quarters of the line. */
    public List<Point> marks() {
      return List.of(from.towards(to, 0.25), from.towards(to, 0.75));
    }

    /** The letters beside each mark. */
    public String words() {
      return first + "·" + second;
    }
  }

  /**
   * Spreads a template over pages.
   *
   * @throws IllegalArgumentException if it takes more than 400 pages
   */
  public static Tiling of(Template template, Paper paper) {
    Box box = template.box();
    boolean upright = Layout.pages(box, new Sheet(paper, false)) <= MOST_PAGES;
    boolean onItsSide = Layout.pages(box, new Sheet(paper, true)) <= MOST_PAGES;
    Tiling one =
        upright || !onItsSide ? new Layout(template, new Sheet(paper, false)).tiling() : null;
    if (!onItsSide) {
      return one;
    }
    Tiling other = new Layout(template, new Sheet(paper, true)).tiling();
    return one == null || other.tiles().size() < one.tiles().size() ? other : one;
  }

  /** Paper as it lies. */
  private record Sheet(Paper paper, boolean turned) {

    double width() {
      return turned ? paper.heightMm() : paper.widthMm();
    }

    double windowWidth() {
      return width() - 2 * MARGIN_MM;
    }

    double windowHeight() {
      return (turned ? paper.widthMm() : paper.heightMm()) - 2 * MARGIN_MM - FOOT_MM;
    }
  }

  /** Width of a page as it lies, in mm. */
  public double pageWidthMm() {
    return turned ? paper.heightMm() : paper.widthMm();
  }

  /** Height of a page as it lies, in mm. */
  public double pageHeightMm() {
    return turned ? paper.widthMm() : paper.heightMm();
  }

  /** How many pages a template would be spread over, empty ones included. */
  public static long pages(Template template, Paper paper) {
    Box box = template.box();
    return Math.min(
        Layout.pages(box, new Sheet(paper, false)), Layout.pages(box, new Sheet(paper, true)));
  }

  /** The joins at the sides of a page. */
  public List<Join> joinsOf(Tile tile) {
    return joins.stream()
        .filter(it -> it.first().equals(tile.letter()) || it.second().equals(tile.letter()))
        .toList();
  }

  /** The same with some of its pages alone: those that were spoiled, or are wanted again. */
  public Tiling only(List<String> letters) {
    return new Tiling(
        paper,
        turned,
        columns,
        rows,
        tiles.stream().filter(it -> letters.contains(it.letter())).toList(),
        joins);
  }

  /**
   * The pages that are meant by what is typed: 'A, C-E'; nothing for all.
   *
   * @throws IllegalArgumentException if a page is not there; the message says which
   */
  public List<String> letters(String typed) {
    List<String> all = tiles.stream().map(Tile::letter).toList();
    if (typed.isBlank()) {
      return all;
    }
    List<String> wanted = new ArrayList<>();
    for (String word : typed.toUpperCase(Locale.ROOT).split("[,;\\s]+", -1)) {
      String[] ends = word.split("[-–]", -1);
      int from = all.indexOf(ends[0]);
      int to = all.indexOf(ends[ends.length - 1]);
      if (word.isEmpty()) {
        continue;
      }
      if (ends.length > 2 || from < 0 || to < from) {
        throw new IllegalArgumentException(
            "Pages go from A to %s, as 'A, C-E'; found '%s'".formatted(all.getLast(), word));
      }
      wanted.addAll(all.subList(from, to + 1));
    }
    return all.stream().filter(wanted::contains).toList();
  }

  /** The letter of the page with an index: A to Z, then AA, AB and on. */
  public static String letter(int index) {
    String last = String.valueOf((char) ('A' + index % 26));
    return index < 26 ? last : letter(index / 26 - 1) + last;
  }

  /** The laying out of one template. */
  private static final class Layout {

    private final Sheet sheet;
    private final double width;
    private final double height;
    private final int columns;
    private final int rows;
    private final double left;
    private final double top;
    private final List<List<Point>> lines;

    Layout(Template template, Sheet sheet) {
      this.sheet = sheet;
      this.width = sheet.windowWidth();
      this.height = sheet.windowHeight();
      Box box = template.box().grown(AROUND_MM);
      this.columns = columns(box, sheet);
      this.rows = rows(box, sheet);
      if ((long) columns * rows > MOST_PAGES) {
        throw new IllegalArgumentException(
            "The template '"
                + template.title()
                + "' takes "
                + (long) columns * rows
                + " pages of "
                + sheet.paper().label()
                + "; at most "
                + MOST_PAGES
                + " are made. Check the scale.");
      }
      this.left = box.centre().x() - covered(columns, width) / 2;
      this.top = box.centre().y() + covered(rows, height) / 2;
      this.lines =
          Stream.concat(
                  template.strokes().stream().map(Stroke::path).map(Layout::line),
                  template.labels().stream().map(it -> it.box().corners()))
              .toList();
    }

    private static List<Point> line(Path path) {
      return path.flattened(FLATTENED_MM);
    }

    static long pages(Box box, Sheet sheet) {
      Box around = box.grown(AROUND_MM);
      return (long) columns(around, sheet) * rows(around, sheet);
    }

    private static int columns(Box box, Sheet sheet) {
      return count(box.width(), sheet.windowWidth());
    }

    private static int rows(Box box, Sheet sheet) {
      return count(box.height(), sheet.windowHeight());
    }

    private static int count(double needed, double window) {
      return Math.max(1, (int) Math.ceil((needed - OVERLAP_MM) / (window - OVERLAP_MM)));
    }

    private static double covered(int count, double window) {
      return count * (window - OVERLAP_MM) + OVERLAP_MM;
    }

    Tiling tiling() {
      List<Tile> tiles = new ArrayList<>();
      for (int row = 0; row < rows; row++) {
        for (int column = 0; column < columns; column++) {
          Box window = window(row, column);
          if (lines.stream().anyMatch(line -> runsThrough(line, window))) {
            tiles.add(new Tile(letter(tiles.size()), row, column, window));
          }
        }
      }
      return new Tiling(
          sheet.paper(), sheet.turned(), columns, rows, List.copyOf(tiles), joins(tiles));
    }

    private Box window(int row, int column) {
      double x = left + column * (width - OVERLAP_MM);
      double y = top - row * (height - OVERLAP_MM);
      return new Box(x, y - height, x + width, y);
    }

    private static boolean runsThrough(List<Point> line, Box window) {
      for (int i = 1; i < line.size(); i++) {
        if (Clip.touches(line.get(i - 1), line.get(i), window)) {
          return true;
        }
      }
      return false;
    }

    private static List<Join> joins(List<Tile> tiles) {
      List<Join> joins = new ArrayList<>();
      for (Tile tile : tiles) {
        for (Tile other : tiles) {
          if (other.row == tile.row && other.column == tile.column + 1) {
            double x = (tile.window.maxX() + other.window.minX()) / 2;
            joins.add(
                new Join(
                    tile.letter,
                    other.letter,
                    new Point(x, tile.window.maxY()),
                    new Point(x, tile.window.minY())));
          }
          if (other.column == tile.column && other.row == tile.row + 1) {
            double y = (tile.window.minY() + other.window.maxY()) / 2;
            joins.add(
                new Join(
                    tile.letter,
                    other.letter,
                    new Point(tile.window.minX(), y),
                    new Point(tile.window.maxX(), y)));
          }
        }
      }
      return List.copyOf(joins);
    }
  }
}

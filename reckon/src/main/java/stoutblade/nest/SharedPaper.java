package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.template.Label;
import stoutblade.template.Paper;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Templates that share pages: what is larger than a page gets a spread of as few as it can, and
 * what is smaller lies in what is left of those, and on as few pages more as it can. Every line
 * keeps its length; pieces are turned, never over.
 *
 * @param template all of them, where they lie
 * @param tiling the pages
 * @param alone how many pages they take one by one
 * @param left templates that are too large for a spread, and are printed by themselves
 */
public record SharedPaper(Template template, Tiling tiling, long alone, List<Template> left) {

  private static final double BETWEEN_MM = 5;
  private static final double TOUCHING_MM = 1;
  private static final double AROUND_MM = 3;
  private static final double SEEN_MM = 0.5;
  private static final int MOST_PAGES = 12;

  /** Spreads lie this many pages apart on the one large drawing. */
  private static final int APART = 2;

  private static final String PAGE = "page";
  private static final String PAGE_OF = ", page ";

  /** Copies the list. */
  public SharedPaper {
    left = List.copyOf(left);
  }

  /** What hangs together on a template: a piece with its lines and words. */
  private record Loose(
      String id, Template of, List<Stroke> strokes, List<Label> labels, Region shape) {

    Box box() {
      return shape.box();
    }
  }

  /** A spread of pages; in mm what may be drawn on. */
  private record Spread(int columns, int rows, Box box) {

    int pages() {
      return columns * rows;
    }
  }

  /**
   * Lays templates on pages.
   *
   * @param stop asked often; true to take the best that was found
   * @throws IllegalArgumentException if there is nothing to lay
   */
  public static SharedPaper of(List<Template> templates, Paper paper, BooleanSupplier stop) {
    return new Sharing(paper).shared(templates, stop);
  }

  // == WHAT HANGS TOGETHER

  /** The pieces of a template, each with what is drawn on it or written beside it. */
  private static List<Loose> loose(Template template) {
    List<Box> boxes = new ArrayList<>();
    template.strokes().forEach(it -> boxes.add(Box.around(it.path().extremes())));
    template.labels().forEach(it -> boxes.add(it.box()));
    int[] group = new int[boxes.size()];
    for (int i = 0; i < group.length; i++) {
      group[i] = i;
    }
    for (int i = 0; i < group.length; i++) {
      for (int k = 0; k < i; k++) {
        if (touch(boxes.get(i), boxes.get(k))) {
          int from = root(group, i);
          group[from] = root(group, k);
        }
      }
    }
    Map<Integer, List<Integer>> together = new HashMap<>();
    for (int i = 0; i < group.length; i++) {
      together.computeIfAbsent(root(group, i), it -> new ArrayList<>()).add(i);
    }
    List<Loose> all = new ArrayList<>();
    int strokes = template.strokes().size();
    for (List<Integer> own : together.values()) {
      List<Stroke> lines =
          own.stream().filter(it -> it < strokes).map(it -> template.strokes().get(it)).toList();
      List<Label> labels =
          own.stream()
              .filter(it -> it >= strokes)
              .map(it -> template.labels().get(it - strokes))
              .toList();
      String id = template.id() + " " + (all.size() + 1);
      all.add(new Loose(id, template, lines, labels, shape(lines, labels)));
    }
    return all;
  }

  private static int root(int[] group, int of) {
    int at = of;
    while (group[at] != at) {
      at = group[at];
    }
    return at;
  }

  private static boolean touch(Box one, Box other) {
    return one.minX() - TOUCHING_MM < other.maxX()
        && other.minX() - TOUCHING_MM < one.maxX()
        && one.minY() - TOUCHING_MM < other.maxY()
        && other.minY() - TOUCHING_MM < one.maxY();
  }

  /** What is taken up: what its closed lines enclose, and the boxes of all else. */
  private static Region shape(List<Stroke> strokes, List<Label> labels) {
    Region sum = Region.evenOdd(List.of());
    for (Stroke it : strokes) {
      Region own =
          it.path().closed()
              ? Region.inside(it.path(), SEEN_MM)
              : Region.of(Box.around(it.path().extremes()).grown(TOUCHING_MM));
      sum = sum.contains(own) ? sum : sum.unionWith(own);
    }
    for (Label it : labels) {
      sum = sum.unionWith(Region.of(it.box()));
    }
    Region filled = sum.simplified(SEEN_MM).offset(SEEN_MM);
    return filled.partCount() == 1 ? filled : Region.of(filled.box());
  }

  // == LAID ON PAGES

  /** The laying of templates on one paper. */
  private static final class Sharing {

    private final Paper paper;
    private final double wide;
    private final double high;
    private final List<Template> left = new ArrayList<>();
    private final Map<String, Loose> byId = new HashMap<>();
    private final List<Nesting.Used> sheets = new ArrayList<>();
    private final Map<String, Spread> spreads = new HashMap<>();

    Sharing(Paper paper) {
      this.paper = paper;
      this.wide = paper.widthMm() - 2 * Tiling.MARGIN_MM;
      this.high = paper.heightMm() - 2 * Tiling.MARGIN_MM - Tiling.FOOT_MM;
    }

    SharedPaper shared(List<Template> templates, BooleanSupplier stop) {
      long alone = 0;
      List<Loose> small = new ArrayList<>();
      List<Nesting.Placed> large = new ArrayList<>();
      for (Template it : templates) {
        alone += Tiling.pages(it, paper);
        List<Loose> own = loose(it);
        if (own.stream().anyMatch(piece -> best(piece).pages() > MOST_PAGES)) {
          left.add(it);
          continue;
        }
        for (Loose piece : own) {
          byId.put(piece.id, piece);
          Spread spread = best(piece);
          if (spread.pages() == 1) {
            small.add(piece);
          } else {
            large.add(placed(piece, spread));
            spreads.put("spread " + large.size(), spread);
          }
        }
      }
      lay(small, large, stop);
      if (sheets.isEmpty()) {
        throw new IllegalArgumentException("There is no template that fits on pages together");
      }
      return drawn(alone);
    }

    /** What is drawn on c × r pages, less a rim: joins run outside of it. */
    private Spread spread(int columns, int rows) {
      double x = columns * (wide - Tiling.OVERLAP_MM) + Tiling.OVERLAP_MM;
      double y = rows * (high - Tiling.OVERLAP_MM) + Tiling.OVERLAP_MM;
      return new Spread(columns, rows, new Box(AROUND_MM, AROUND_MM, x - AROUND_MM, y - AROUND_MM));
    }

    private int count(double needed, double window) {
      double room = needed + 2 * AROUND_MM - Tiling.OVERLAP_MM;
      return Math.max(1, (int) Math.ceil(room / (window - Tiling.OVERLAP_MM) - 1e-9));
    }

    private Spread best(Loose piece) {
      Box box = piece.box();
      Spread upright = spread(count(box.width(), wide), count(box.height(), high));
      Spread turned = spread(count(box.height(), wide), count(box.width(), high));
      return turned.pages() < upright.pages() ? turned : upright;
    }

    /** A piece at the lower left corner of its spread. */
    private Nesting.Placed placed(Loose piece, Spread spread) {
      Box box = piece.box();
      boolean fits =
          box.width() <= spread.box.width() + 1e-6 && box.height() <= spread.box.height() + 1e-6;
      double angle = fits ? 0 : Math.PI / 2;
      Point corner = fits ? new Point(box.minX(), box.minY()) : new Point(box.minX(), box.maxY());
      Point to = new Point(spread.box.minX(), spread.box.minY());
      return new Nesting.Placed(shape(piece), 0, Lay.of(corner, to, angle, false));
    }

    private static NestShape shape(Loose piece) {
      return NestShape.of(piece.id, piece.shape, 1, Turning.QUARTER, false);
    }

    /** The room beside a large piece, page by page: what lies there is crossed by no join. */
    private List<NestSheet> rooms(String id, Spread spread, Nesting.Placed large) {
      List<NestSheet> all = new ArrayList<>();
      for (int row = 0; row < spread.rows; row++) {
        for (int column = 0; column < spread.columns; column++) {
          double x = column * (wide - Tiling.OVERLAP_MM);
          double y = row * (high - Tiling.OVERLAP_MM);
          Box own =
              new Box(
                  x + rim(column == 0),
                  y + rim(row == 0),
                  x + wide - rim(column + 1 == spread.columns),
                  y + high - rim(row + 1 == spread.rows));
          String page = id + PAGE_OF + (all.size() + 1);
          all.add(new NestSheet(page, Region.of(own), 1, 0, 0, List.of(large.region())));
        }
      }
      return all;
    }

    /** What just fits a page, and no page with room round it. */
    private Nesting.Used alone(Loose piece) {
      Spread page = spread(1, 1);
      NestSheet sheet = new NestSheet(PAGE, Region.of(page.box), 1, 1);
      return new Nesting.Used(sheet, List.of(placed(piece, page)), 0, 0);
    }

    /** At a join up to its line; at the edge of the paper a little less than is printed. */
    private static double rim(boolean edge) {
      return edge ? AROUND_MM : (Tiling.OVERLAP_MM + BETWEEN_MM) / 2;
    }

    private void lay(List<Loose> small, List<Nesting.Placed> large, BooleanSupplier stop) {
      spreads.put(PAGE, spread(1, 1));
      Map<String, List<Nesting.Placed>> on = new TreeMap<>();
      List<NestSheet> rooms = new ArrayList<>();
      for (int i = 0; i < large.size(); i++) {
        String id = "spread " + (i + 1);
        on.put(id, new ArrayList<>(List.of(large.get(i))));
        rooms.addAll(rooms(id, spreads.get(id), large.get(i)));
      }
      List<Nesting.Used> pages = new ArrayList<>();
      if (!small.isEmpty()) {
        rooms.add(new NestSheet(PAGE, Region.of(spread(1, 1).box), NestSheet.UNLIMITED, 1));
        NestJob job =
            new NestJob(small.stream().map(Sharing::shape).toList(), rooms, BETWEEN_MM, 0);
        Nesting found = new Nester(job, 1, it -> {}, stop).run();
        for (String id : found.left()) {
          pages.add(alone(byId.get(id)));
        }
        for (Nesting.Used it : found.sheets()) {
          String id = it.sheet().id();
          int end = id.indexOf(PAGE_OF);
          if (end > 0) {
            on.get(id.substring(0, end)).addAll(it.pieces());
          } else {
            pages.add(it);
          }
        }
      }
      on.forEach(
          (id, pieces) -> {
            Region edge = Region.of(spreads.get(id).box);
            sheets.add(new Nesting.Used(new NestSheet(id, edge, 1, 0), pieces, 0, 0));
          });
      sheets.addAll(pages);
      sheets.sort(Comparator.comparing(it -> -spreads.get(it.sheet().id()).pages()));
    }

    // == DRAWN

    /** All spreads on one large drawing, in a row, with room between them. */
    private SharedPaper drawn(long alone) {
      List<Stroke> strokes = new ArrayList<>();
      List<Label> labels = new ArrayList<>();
      List<Template.Copy> copies = new ArrayList<>();
      List<Tiling.Tile> tiles = new ArrayList<>();
      List<Tiling.Join> joins = new ArrayList<>();
      int column = 0;
      int rows = 1;
      for (Nesting.Used sheet : sheets) {
        Spread spread = spreads.get(sheet.sheet().id());
        Point by = new Point(column * wide, 0);
        for (Nesting.Placed it : sheet.pieces()) {
          Loose piece = byId.get(it.shape().id());
          piece.strokes.forEach(
              own -> strokes.add(new Stroke(own.kind(), moved(own.path(), it.lay(), by))));
          piece.labels.forEach(own -> labels.add(moved(own, it.lay(), by)));
        }
        tile(spread, column, by, tiles, joins);
        column += spread.columns + APART;
        rows = Math.max(rows, spread.rows);
      }
      for (Template it : byId.values().stream().map(Loose::of).distinct().toList()) {
        copies.addAll(it.copies());
      }
      Template all = new Template("shared-pages", "All on shared pages", copies, strokes, labels);
      return new SharedPaper(
          all, new Tiling(paper, false, column, rows, tiles, joins), alone, left);
    }

    private static Path moved(Path path, Lay lay, Point by) {
      return path.moved(it -> lay.place(it).plus(by));
    }

    /** Words that are turned by a right angle run the other way. */
    private static Label moved(Label label, Lay lay, Point by) {
      boolean across = Math.abs(Math.sin(lay.angle())) > 0.5;
      return new Label(
          label.text(), lay.place(label.at()).plus(by), label.sizeMm(), across != label.upright());
    }

    private void tile(
        Spread spread, int column, Point by, List<Tiling.Tile> tiles, List<Tiling.Join> joins) {
      String[][] letters = new String[spread.rows][spread.columns];
      for (int row = spread.rows - 1; row >= 0; row--) {
        for (int i = 0; i < spread.columns; i++) {
          double x = by.x() + i * (wide - Tiling.OVERLAP_MM);
          double y = by.y() + row * (high - Tiling.OVERLAP_MM);
          letters[row][i] = Tiling.letter(tiles.size());
          tiles.add(
              new Tiling.Tile(
                  letters[row][i],
                  spread.rows - 1 - row,
                  column + i,
                  new Box(x, y, x + wide, y + high)));
        }
      }
      for (int row = 0; row < spread.rows; row++) {
        for (int i = 0; i < spread.columns; i++) {
          double x = by.x() + (i + 1) * (wide - Tiling.OVERLAP_MM) + Tiling.OVERLAP_MM / 2;
          double y = by.y() + row * (high - Tiling.OVERLAP_MM);
          if (i + 1 < spread.columns) {
            joins.add(
                new Tiling.Join(
                    letters[row][i], letters[row][i + 1], new Point(x, y + high), new Point(x, y)));
          }
          if (row + 1 < spread.rows) {
            double up = y + high - Tiling.OVERLAP_MM / 2;
            double from = by.x() + i * (wide - Tiling.OVERLAP_MM);
            joins.add(
                new Tiling.Join(
                    letters[row + 1][i],
                    letters[row][i],
                    new Point(from, up),
                    new Point(from + wide, up)));
          }
        }
      }
    }
  }
}

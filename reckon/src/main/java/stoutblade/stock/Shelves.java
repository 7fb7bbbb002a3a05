package stoutblade.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import stoutblade.shape.Box;

/**
 * How many sheets pieces take when they are laid in rows: the tallest first, each in the first row
 * that has room ('first fit decreasing height'; Coffman, Garey, Johnson and Tarjan, SIAM Journal on
 * Computing 9, 1980; from memory). A hand that turns pieces into each other's hollows needs fewer.
 */
final class Shelves {

  private final double width;
  private final double length;
  private final List<Row> rows = new ArrayList<>();
  private final List<Double> free = new ArrayList<>();

  private static final class Row {
    private final double height;
    private double left;

    Row(double height, double left) {
      this.height = height;
      this.left = left;
    }
  }

  private Shelves(double width, double length, double room) {
    this.width = width + room;
    this.length = length + room;
  }

  /**
   * The sheets.
   *
   * @param boxes the pieces' boxes, in mm; each may be turned by a right angle
   * @param room kept between pieces, in mm
   * @return their number, or −1 where a piece is larger than a sheet
   */
  static int sheets(List<Box> boxes, double width, double length, double room) {
    Shelves shelves = new Shelves(width, length, room);
    List<double[]> sizes = new ArrayList<>();
    for (Box box : boxes) {
      double small = Math.min(box.width(), box.height()) + room;
      double large = Math.max(box.width(), box.height()) + room;
      sizes.add(new double[] {small, large});
    }
    sizes.sort(Comparator.comparing(it -> -it[0]));
    for (double[] size : sizes) {
      if (!shelves.lay(size[0], size[1])) {
        return -1;
      }
    }
    return shelves.free.size();
  }

  private boolean lay(double high, double wide) {
    double across = wide <= width ? wide : high;
    double along = wide <= width ? high : wide;
    if (across > width || along > length) {
      return false;
    }
    for (Row row : rows) {
      if (along <= row.height && across <= row.left) {
        row.left -= across;
        return true;
      }
    }
    for (int i = 0; i < free.size(); i++) {
      if (along <= free.get(i)) {
        free.set(i, free.get(i) - along);
        rows.add(new Row(along, width - across));
        return true;
      }
    }
    free.add(length - along);
    rows.add(new Row(along, width - across));
    return true;
  }
}

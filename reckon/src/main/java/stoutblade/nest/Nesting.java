package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import stoutblade.shape.Box;
import stoutblade.shape.Region;

/**
 * Pieces laid on sheets.
 *
 * @param sheets those that are used, in order
 * @param left shapes that found no place, once for each piece
 * @param price of all sheets; of a roll, of the length that is cut off
 * @param leastPrice less than that cannot do, by area and by what each piece fits on
 */
public record Nesting(List<Used> sheets, List<String> left, double price, double leastPrice) {

  /**
   * A sheet with what lies on it.
   *
   * @param sheet its kind
   * @param pieces what lies on it
   * @param usedMm how far along x it is used
   * @param share how much of its area, or of a roll of what is cut off, are pieces
   */
  public record Used(NestSheet sheet, List<Placed> pieces, double usedMm, double share) {

    /** Copies the list. */
    public Used {
      pieces = List.copyOf(pieces);
    }

    /** The sheet; of a roll, the length that is cut off it. */
    public NestSheet cutOff() {
      return sheet.roll() ? sheet.cutOff(usedMm) : sheet;
    }
  }

  /**
   * A piece where it lies.
   *
   * @param shape what it is
   * @param copy which of them, counted from 0
   * @param lay where it lies
   */
  public record Placed(NestShape shape, int copy, Lay lay) {

    /** What it covers of the sheet. */
    public Region region() {
      return shape.outline().moved(lay::place);
    }

    /** The box round it, on the sheet. */
    public Box box() {
      return Box.around(
          shape.outline().rings().stream().flatMap(List::stream).map(lay::place).toList());
    }

    /** The same somewhere else. */
    public Placed at(Lay other) {
      return new Placed(shape, copy, other);
    }
  }

  /** What lies on a sheet, before it is known what that comes to. */
  record Laid(NestSheet sheet, List<Placed> pieces) {}

  /**
   * What pieces on sheets come to.
   *
   * @param left shapes that found no place, once for each piece
   */
  static Nesting of(NestJob job, List<Laid> laid, List<String> left) {
    List<Used> sheets = new ArrayList<>();
    double price = 0;
    for (Laid it : laid) {
      NestSheet sheet = it.sheet;
      Box box = sheet.outline().box();
      double end = box.minX();
      double area = 0;
      for (Placed piece : it.pieces) {
        end = Math.max(end, piece.box().maxX() + job.rimMm());
        area += piece.shape().outline().area();
      }
      double used = Math.min(box.maxX(), end) - box.minX();
      double share = sheet.roll() ? used / box.width() : 1;
      price += sheet.price() * share;
      sheets.add(new Used(sheet, it.pieces, used, area / (sheet.outline().area() * share)));
    }
    return new Nesting(sheets, left, price, job.leastPrice());
  }

  /** Copies the lists. */
  public Nesting {
    sheets = List.copyOf(sheets);
    left = List.copyOf(left);
  }

  /** True where all pieces have a place. */
  public boolean complete() {
    return left.isEmpty();
  }

  /** True where nothing cheaper can be. */
  public boolean proven() {
    return complete() && price <= leastPrice + 1e-9;
  }

  /** How much of the area that is used are pieces. */
  public double density() {
    double pieces = 0;
    double all = 0;
    for (Used it : sheets) {
      double own = it.pieces().stream().mapToDouble(piece -> piece.shape().outline().area()).sum();
      pieces += own;
      all += own / it.share();
    }
    return all > 0 ? pieces / all : 0;
  }

  /** How far the last sheet is used, in mm. */
  public double lastUsedMm() {
    return sheets.isEmpty() ? 0 : sheets.getLast().usedMm();
  }

  /** One that takes everything before one that does not; then the cheaper, then the shorter. */
  public boolean betterThan(Nesting other) {
    if (left.size() != other.left.size()) {
      return left.size() < other.left.size();
    }
    if (Math.abs(price - other.price) > 1e-9) {
      return price < other.price;
    }
    if (sheets.size() != other.sheets.size()) {
      return sheets.size() < other.sheets.size();
    }
    return lastUsedMm() < other.lastUsedMm() - 1e-6;
  }

  /** Each kind of sheet with how many are used of it, in words. */
  public String bought() {
    return sheets.stream()
        .collect(Collectors.groupingBy(it -> it.sheet().id(), TreeMap::new, Collectors.counting()))
        .entrySet()
        .stream()
        .map(it -> it.getValue() + " × " + it.getKey())
        .collect(Collectors.joining(", "));
  }
}

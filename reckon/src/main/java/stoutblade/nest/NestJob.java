package stoutblade.nest;

import java.util.List;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;

/**
 * What is to be laid on which sheets.
 *
 * @param shapes the pieces
 * @param sheets what they can be cut from
 * @param gapMm kept between pieces: what the tool takes, and room for it
 * @param rimMm kept free along the edges of sheets
 */
public record NestJob(List<NestShape> shapes, List<NestSheet> sheets, double gapMm, double rimMm) {

  /** The most pieces of one job. */
  public static final int MOST_PIECES = 20_000;

  /**
   * Checks it.
   *
   * @throws IllegalArgumentException if there is nothing to lay or nowhere to lay it, too much, or
   *     no room is left within the rim of any sheet
   */
  public NestJob {
    shapes = List.copyOf(shapes);
    sheets = List.copyOf(sheets);
    if (shapes.isEmpty() || sheets.isEmpty()) {
      throw new IllegalArgumentException("There is nothing to lay, or no sheet to lay it on");
    }
    long pieces = shapes.stream().mapToLong(NestShape::count).sum();
    if (pieces > MOST_PIECES) {
      throw new IllegalArgumentException(
          "At most %,d pieces are laid at once; found %,d".formatted(MOST_PIECES, pieces));
    }
    if (!(gapMm >= 0) || !(rimMm >= 0)) {
      throw new IllegalArgumentException(
          "The gap and the rim are 0 or more; found %s and %s".formatted(gapMm, rimMm));
    }
    double widest = 0;
    for (NestSheet it : sheets) {
      Box box = it.outline().box();
      widest = Math.max(widest, Math.min(box.width(), box.height()));
    }
    if (gapMm >= widest || 2 * rimMm >= widest) {
      throw new IllegalArgumentException(
          "A gap of %s and a rim of %s leave nothing of a sheet that is %s wide"
              .formatted(shown(gapMm), shown(rimMm), shown(widest)));
    }
  }

  private static String shown(double mm) {
    return Display.length(mm, Units.METRIC);
  }

  /** How many pieces there are. */
  public int pieces() {
    return shapes.stream().mapToInt(NestShape::count).sum();
  }

  /** The least that sheets of such areas can cost. */
  double leastPrice() {
    double area = piecesMm2();
    for (NestSheet it : sheets) {
      if (it.price() == 0 && it.count() < NestSheet.UNLIMITED) {
        area -= it.outline().area() * it.count();
      }
    }
    List<NestSheet> bought = sheets.stream().filter(it -> it.price() > 0).toList();
    if (area <= 0 || bought.isEmpty()) {
      return 0;
    }
    if (bought.size() == 1 && !bought.getFirst().roll()) {
      return Math.ceil(area / bought.getFirst().outline().area() - 1e-9)
          * bought.getFirst().price();
    }
    double perArea =
        bought.stream().mapToDouble(it -> it.price() / it.outline().area()).min().getAsDouble();
    return area * perArea;
  }

  /** The area of all pieces, in mm². */
  public double piecesMm2() {
    return shapes.stream().mapToDouble(NestShape::allMm2).sum();
  }
}

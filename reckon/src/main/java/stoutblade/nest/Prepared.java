package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A job made ready for the search.
 *
 * @param job the job
 * @param pieces each piece by itself
 * @param faces the exact edges of each, with the gap round it
 * @param beds for each kind of sheet, where pieces may lie
 */
record Prepared(
    NestJob job, List<Layout.Piece> pieces, List<CornerFilling.Face> faces, List<Bed> beds) {

  /** The search leaves so much more between pieces than the gap, and takes as much less as none. */
  private static final double HAIR_MM = 0.004;

  /** Sheets are not filled further than this, as it is hoped. */
  private static final double FULLEST = 0.999;

  /** So many goals are kept of those that are cheaper. */
  private static final int MOST_GOALS = 24;

  static Prepared of(NestJob job) {
    List<Layout.Piece> pieces = new ArrayList<>();
    List<CornerFilling.Face> faces = new ArrayList<>();
    double more = job.gapMm() > 0 ? HAIR_MM : 0;
    for (NestShape shape : job.shapes()) {
      Region grown = shape.outline().offset(job.gapMm() / 2 + more);
      Point middle = grown.box().centre();
      Region face = moved(grown, middle, false);
      CornerFilling.Face own =
          new CornerFilling.Face(face, moved(grown, middle, true), grown.perimeter());
      Region shrunk = grown.offset(-HAIR_MM);
      Form form = Form.of(shrunk.isEmpty() ? grown : shrunk, middle);
      Form over = shape.mirrors() ? form.mirrored() : form;
      for (int i = 0; i < shape.count(); i++) {
        pieces.add(new Layout.Piece(shape, i, middle, form, over));
        faces.add(own);
      }
    }
    List<Bed> beds =
        job.sheets().stream()
            .map(it -> new Bed(it, it.outline().offset(job.gapMm() / 2 + more - job.rimMm())))
            .toList();
    return new Prepared(job, List.copyOf(pieces), List.copyOf(faces), beds);
  }

  private static Region moved(Region region, Point middle, boolean mirrored) {
    return Region.evenOdd(
        region.rings().stream()
            .map(
                ring ->
                    ring.stream()
                        .map(it -> it.minus(middle))
                        .map(it -> mirrored ? it.mirrored() : it)
                        .toList())
            .toList());
  }

  // == SHEETS

  /** What is there already, and as much as can be needed of the cheapest by area. */
  List<Bed> plenty() {
    List<Bed> all = new ArrayList<>();
    for (Bed bed : beds) {
      if (bed.sheet.price() == 0 && bed.sheet.count() < NestSheet.UNLIMITED) {
        for (int i = 0; i < bed.sheet.count() && all.size() < pieces.size(); i++) {
          all.add(bed);
        }
      }
    }
    List<Bed> bought = new ArrayList<>(beds);
    bought.removeAll(all);
    bought.sort(Comparator.comparing(it -> it.sheet.price() / it.area));
    for (Bed bed : bought) {
      // Each piece of the largest could need one of its own.
      int count = Math.min(bed.sheet.count(), pieces.size());
      for (int i = 0; i < count; i++) {
        all.add(bed);
      }
    }
    return all;
  }

  /**
   * Sheets that would be less than what is used, to be tried next: one fewer, one that costs less
   * in its place, or the last one less far.
   */
  List<List<Bed>> goals(Layout now, List<Integer> left, double shorter, int round) {
    List<Integer> used = used(now, left);
    if (used.isEmpty() || !left.isEmpty()) {
      return List.of();
    }
    double area = pieces.stream().mapToDouble(it -> it.form().area).sum();
    List<List<Bed>> fewer = new ArrayList<>();
    for (int i = 0; i < used.size(); i++) {
      List<Bed> all = beds(now, used);
      Bed out = all.remove(i);
      if (!all.isEmpty() && fits(all, area) && out.sheet.price() > 0) {
        fewer.add(all);
      }
      for (Bed other : beds) {
        if (other.sheet.price() < out.sheet.price() && other.sheet.count() == NestSheet.UNLIMITED) {
          List<Bed> cheaper = beds(now, used);
          cheaper.set(i, other);
          if (fits(cheaper, area)) {
            fewer.add(cheaper);
          }
        }
      }
    }
    fewer.sort(Comparator.comparing(Prepared::price));
    List<List<Bed>> goals = new ArrayList<>();
    if (!fewer.isEmpty()) {
      goals.add(fewer.get(round % Math.min(MOST_GOALS, fewer.size())));
    }
    for (int k = 1; k <= 2; k++) {
      List<Bed> all = beds(now, used);
      int last = used.size() - 1;
      Bed bed = all.get(last);
      double length = now.used(used.get(last)) - bed.minX;
      double to = bed.minX + length * (1 - shorter / k);
      all.set(last, bed.upTo(to));
      if (fits(all, area)) {
        goals.add(all);
      }
    }
    return goals;
  }

  private static double price(List<Bed> all) {
    return all.stream().mapToDouble(it -> it.sheet.price()).sum();
  }

  private boolean fits(List<Bed> all, double area) {
    double there = 0;
    for (Bed it : all) {
      there += it.area * (it.maxX - it.minX) / (it.region.box().width());
    }
    return area <= there * FULLEST;
  }

  private static List<Bed> beds(Layout now, List<Integer> used) {
    List<Bed> all = new ArrayList<>();
    used.forEach(it -> all.add(now.beds.get(it)));
    return all;
  }

  /** The beds that something lies on; the one that is used least far, last. */
  private static List<Integer> used(Layout layout, List<Integer> left) {
    double[] areas = new double[layout.beds.size()];
    for (int i = 0; i < layout.pieces.size(); i++) {
      if (!left.contains(i)) {
        areas[layout.bedOf[i]] += layout.pieces.get(i).form().area;
      }
    }
    List<Integer> used = new ArrayList<>();
    for (int bed = 0; bed < areas.length; bed++) {
      if (areas[bed] > 0) {
        used.add(bed);
      }
    }
    used.sort(Comparator.comparing(it -> -areas[it] / layout.beds.get(it).area));
    return used;
  }

  // == WHAT IT COMES TO

  /** The answer, in the words of the job. */
  Nesting nesting(Layout layout, List<Integer> left) {
    Map<Integer, List<Nesting.Placed>> on = new HashMap<>();
    for (int i = 0; i < pieces.size(); i++) {
      if (!left.contains(i)) {
        on.computeIfAbsent(layout.bedOf[i], it -> new ArrayList<>())
            .add(new Nesting.Placed(pieces.get(i).shape(), pieces.get(i).copy(), lay(layout, i)));
      }
    }
    List<Nesting.Used> sheets = new ArrayList<>();
    double price = 0;
    for (int bed : used(layout, left)) {
      NestSheet sheet = layout.beds.get(bed).sheet;
      List<Nesting.Placed> own = on.get(bed);
      double start = sheet.outline().box().minX();
      double end =
          Math.min(sheet.outline().box().maxX(), layout.used(bed) - job.gapMm() / 2 + job.rimMm());
      double share = sheet.roll() ? (end - start) / sheet.outline().box().width() : 1;
      double pieceArea = own.stream().mapToDouble(it -> it.shape().outline().area()).sum();
      price += sheet.price() * share;
      sheets.add(
          new Nesting.Used(sheet, own, end - start, pieceArea / (sheet.outline().area() * share)));
    }
    return new Nesting(
        sheets, left.stream().map(it -> pieces.get(it).shape().id()).toList(), price, leastPrice());
  }

  /** The middle of the box is where the search has it; the job has its own origin. */
  private Lay lay(Layout layout, int piece) {
    Posed it = layout.posed[piece];
    Point middle = pieces.get(piece).middle();
    boolean over = layout.mirrored[piece];
    Point off = (over ? middle.mirrored() : middle).turned(it.angle);
    return new Lay(it.x - off.x(), it.y - off.y(), it.angle, over);
  }

  /** The least that sheets of such areas can cost. */
  private double leastPrice() {
    double area = job.piecesMm2();
    double perArea = Double.POSITIVE_INFINITY;
    for (NestSheet it : job.sheets()) {
      if (it.price() == 0 && it.count() < NestSheet.UNLIMITED) {
        area -= it.outline().area() * it.count();
      }
    }
    List<NestSheet> bought = job.sheets().stream().filter(it -> it.price() > 0).toList();
    if (area <= 0 || bought.isEmpty()) {
      return 0;
    }
    if (bought.size() == 1 && !bought.getFirst().roll()) {
      return Math.ceil(area / bought.getFirst().outline().area() - 1e-9)
          * bought.getFirst().price();
    }
    for (NestSheet it : bought) {
      perArea = Math.min(perArea, it.price() / it.outline().area());
    }
    return area * perArea;
  }
}

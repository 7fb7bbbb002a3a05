package stoutblade.nest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    for (NestShape shape : job.shapes()) {
      Region grown = grown(shape, job.gapMm());
      Point middle = grown.box().centre();
      Region face = moved(grown, middle, false);
      CornerFilling.Face own =
          new CornerFilling.Face(face, moved(grown, middle, true), grown.perimeter());
      Form form = form(grown);
      Form over = shape.mirrors() ? form.mirrored() : form;
      for (int i = 0; i < shape.count(); i++) {
        pieces.add(new Layout.Piece(shape, i, middle, form, over));
        faces.add(own);
      }
    }
    List<Bed> beds = new ArrayList<>();
    for (NestSheet it : job.sheets()) {
      bed(it, job).ifPresent(beds::add);
    }
    return new Prepared(job, List.copyOf(pieces), List.copyOf(faces), beds);
  }

  private static double more(double gapMm) {
    return gapMm > 0 ? HAIR_MM : 0;
  }

  /** A shape with half the gap round it. */
  static Region grown(NestShape shape, double gapMm) {
    return shape.outline().offset(gapMm / 2 + more(gapMm));
  }

  /** Such a shape as the search sees it, about the middle of its box. */
  static Form form(Region grown) {
    Region shrunk = grown.offset(-HAIR_MM);
    return Form.of(shrunk.isEmpty() ? grown : shrunk, grown.box().centre());
  }

  /** Where pieces, grown by half the gap, may lie; empty where nothing is left of a sheet. */
  static Optional<Bed> bed(NestSheet sheet, NestJob job) {
    double more = more(job.gapMm());
    Region room = sheet.outline().offset(job.gapMm() / 2 + more - job.rimMm());
    Region free = room;
    List<Posed> taken = new ArrayList<>();
    for (Region it : sheet.taken()) {
      Region grown = it.offset(job.gapMm() / 2 + more);
      free = free.difference(grown);
      Point middle = grown.box().centre();
      Posed there = new Posed();
      there.put(form(grown), middle.x(), middle.y(), 0);
      taken.add(there);
    }
    return room.isEmpty() || free.isEmpty()
        ? Optional.empty()
        : Optional.of(new Bed(sheet, room, free, taken));
  }

  private static Region moved(Region region, Point middle, boolean mirrored) {
    return region.moved(it -> mirrored ? it.minus(middle).mirrored() : it.minus(middle));
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
    List<Nesting.Laid> laid = new ArrayList<>();
    for (int bed : used(layout, left)) {
      laid.add(new Nesting.Laid(layout.beds.get(bed).sheet, on.get(bed)));
    }
    return Nesting.of(job, laid, left.stream().map(it -> pieces.get(it).shape().id()).toList());
  }

  /** The middle of the box is where the search has it; the job has its own origin. */
  private Lay lay(Layout layout, int piece) {
    Posed it = layout.posed[piece];
    return Lay.of(
        pieces.get(piece).middle(), new Point(it.x, it.y), it.angle, layout.mirrored[piece]);
  }
}

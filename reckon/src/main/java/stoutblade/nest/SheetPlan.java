package stoutblade.nest;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import stoutblade.shape.Path;
import stoutblade.shape.PathMark;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Sheets with what lies on them, as it was decided: kept for as long as the same pieces are asked
 * for.
 *
 * @param sheets in order
 */
public record SheetPlan(List<Sheet> sheets) {

  /** Nothing is decided. */
  public static final SheetPlan NONE = new SheetPlan(List.of());

  /** The most sheets of one plan. */
  public static final int MOST_SHEETS = 2000;

  private static final double FURTHEST_MM = 1e6;

  /**
   * A sheet.
   *
   * @param id its kind, as the job calls it
   * @param rings its edge and those of holes in it, in mm
   * @param cut true once it is cut: what lies on it stays
   * @param pieces what lies on it
   */
  public record Sheet(String id, List<List<Point>> rings, boolean cut, List<Piece> pieces) {

    /** Copies the lists. */
    public Sheet {
      rings = rings.stream().map(List::copyOf).toList();
      pieces = List.copyOf(pieces);
    }

    private String mark() {
      PathMark mark = new PathMark();
      rings.forEach(it -> mark.with(Path.through(it, true)));
      return id + mark.digits();
    }
  }

  /**
   * A piece on a sheet.
   *
   * @param shape what it is, as the job calls it
   * @param mark of its lines, when it was laid
   * @param lay where it lies
   * @param pinned true where it stays there whatever else is laid anew
   */
  public record Piece(String shape, String mark, Lay lay, boolean pinned) {}

  /**
   * Copies the sheets.
   *
   * @throws IllegalArgumentException if there are too many, or something lies nowhere
   */
  public SheetPlan {
    sheets = List.copyOf(sheets);
    if (sheets.size() > MOST_SHEETS
        || sheets.stream().mapToInt(it -> it.pieces.size()).sum() > NestJob.MOST_PIECES) {
      throw new IllegalArgumentException(
          "At most %,d sheets with %,d pieces are kept"
              .formatted(MOST_SHEETS, NestJob.MOST_PIECES));
    }
    for (Sheet sheet : sheets) {
      for (Piece it : sheet.pieces) {
        Lay lay = it.lay;
        if (!(Math.abs(lay.x()) <= FURTHEST_MM)
            || !(Math.abs(lay.y()) <= FURTHEST_MM)
            || !Double.isFinite(lay.angle())) {
          throw new IllegalArgumentException(it.shape + " lies nowhere on its sheet");
        }
      }
    }
  }

  // == MADE

  /** An answer as a decision; what lies as it is pinned stays pinned, and what is cut is cut. */
  public static SheetPlan of(Nesting nesting, SheetPlan pins) {
    Map<String, List<Lay>> pinned = new HashMap<>();
    List<String> cut = new ArrayList<>();
    for (Sheet sheet : pins.sheets) {
      for (Piece it : sheet.pieces) {
        if (it.pinned) {
          pinned.computeIfAbsent(it.shape, id -> new ArrayList<>()).add(it.lay);
        }
        if (sheet.cut) {
          cut.add(it.shape + it.lay);
        }
      }
    }
    List<Sheet> sheets = new ArrayList<>();
    for (Nesting.Used used : nesting.sheets()) {
      List<Piece> pieces = new ArrayList<>();
      boolean isCut = false;
      for (Nesting.Placed it : used.pieces()) {
        String id = it.shape().id();
        boolean stays = pinned.getOrDefault(id, List.of()).contains(it.lay());
        isCut |= cut.contains(id + it.lay());
        pieces.add(new Piece(id, it.shape().mark(), it.lay(), stays));
      }
      sheets.add(new Sheet(used.sheet().id(), used.cutOff().outline().rings(), isCut, pieces));
    }
    return new SheetPlan(sheets);
  }

  /** What stays when all else is laid anew: what is pinned, and sheets that are cut. */
  public SheetPlan staying() {
    List<Sheet> stay = new ArrayList<>();
    for (Sheet it : sheets) {
      List<Piece> own = it.cut ? it.pieces : it.pieces.stream().filter(Piece::pinned).toList();
      if (!own.isEmpty()) {
        stay.add(new Sheet(it.id, it.rings, it.cut, own));
      }
    }
    return new SheetPlan(stay);
  }

  /** The same with another sheet in the place of one. */
  public SheetPlan with(int number, Sheet changed) {
    List<Sheet> all = new ArrayList<>(sheets);
    all.set(number, changed);
    return new SheetPlan(all);
  }

  /** The same without sheets on which nothing lies. */
  public SheetPlan withoutEmpty() {
    return new SheetPlan(sheets.stream().filter(it -> !it.pieces.isEmpty()).toList());
  }

  // == HELD AGAINST A JOB

  /**
   * A sheet of the plan that is still there.
   *
   * @param number which of the plan's it is
   * @param sheet the job's sheet
   * @param pieces those of its pieces that are still asked for, with which of the sheet's they are
   */
  public record Held(int number, NestSheet sheet, List<HeldPiece> pieces) {}

  /**
   * A piece that is still asked for.
   *
   * @param number which of the sheet's it is
   * @param placed where it lies
   */
  public record HeldPiece(int number, Nesting.Placed placed) {}

  /**
   * What is left of the plan.
   *
   * @param sheets what is still there
   * @param gone what lies on a sheet but is no longer asked for
   * @param changed what has other lines than when it was laid
   * @param fresh what is asked for and lies nowhere; those that changed among them
   * @param nesting what is held, as an answer
   */
  public record Fitted(
      List<Held> sheets,
      List<String> gone,
      List<String> changed,
      List<String> fresh,
      Nesting nesting) {

    /** True where all that is asked for lies where it was laid. */
    public boolean whole() {
      return gone.isEmpty() && changed.isEmpty() && fresh.isEmpty();
    }
  }

  /** Holds the plan against what is asked for now. */
  public Fitted on(NestJob job) {
    return new Holding(job).fitted(this);
  }

  /** The holding of a plan against a job. */
  private static final class Holding {

    private final NestJob job;
    private final Map<String, NestShape> shapes = new HashMap<>();
    private final Map<String, Integer> copies = new HashMap<>();
    private final Map<String, Integer> usedSheets = new HashMap<>();
    private final List<String> gone = new ArrayList<>();
    private final List<String> changed = new ArrayList<>();

    Holding(NestJob job) {
      this.job = job;
      job.shapes().forEach(it -> shapes.put(it.id(), it));
    }

    Fitted fitted(SheetPlan plan) {
      List<Held> held = new ArrayList<>();
      for (int i = 0; i < plan.sheets.size(); i++) {
        Sheet it = plan.sheets.get(i);
        NestSheet sheet = sheet(it);
        if (sheet != null) {
          held.add(new Held(i, sheet, pieces(it)));
        }
      }
      List<String> fresh = new ArrayList<>();
      for (NestShape it : job.shapes()) {
        int missing = it.count() - copies.getOrDefault(it.id(), 0);
        fresh.addAll(Collections.nCopies(Math.max(0, missing), it.id()));
      }
      List<Nesting.Laid> laid =
          held.stream()
              .filter(it -> !it.pieces.isEmpty())
              .map(it -> new Nesting.Laid(it.sheet, placed(it)))
              .toList();
      return new Fitted(held, gone, changed, fresh, Nesting.of(job, laid, fresh));
    }

    private static List<Nesting.Placed> placed(Held held) {
      return held.pieces.stream().map(HeldPiece::placed).toList();
    }

    /** One that is cut is there whatever can be had; another one, where there are enough. */
    private NestSheet sheet(Sheet it) {
      if (it.cut) {
        return new NestSheet(it.id, Region.evenOdd(it.rings), 1, 0);
      }
      String mark = it.mark();
      for (NestSheet own : job.sheets()) {
        if (own.roll() && own.id().equals(it.id)) {
          Region there = Region.evenOdd(it.rings);
          return there.isEmpty() ? null : own.cutOff(there.box().width());
        }
        Sheet like = new Sheet(own.id(), own.outline().rings(), false, List.of());
        if (like.mark().equals(mark) && usedSheets.merge(mark, 1, Integer::sum) <= own.count()) {
          return own;
        }
      }
      return null;
    }

    private List<HeldPiece> pieces(Sheet sheet) {
      List<HeldPiece> all = new ArrayList<>();
      for (int i = 0; i < sheet.pieces.size(); i++) {
        Piece it = sheet.pieces.get(i);
        NestShape shape = shapes.get(it.shape);
        int copy = copies.getOrDefault(it.shape, 0);
        if (shape == null || copy >= shape.count()) {
          gone.add(it.shape);
        } else if (!shape.mark().equals(it.mark) || (it.lay.mirrored() && !shape.mirrors())) {
          changed.add(it.shape);
        } else {
          copies.put(it.shape, copy + 1);
          all.add(new HeldPiece(i, new Nesting.Placed(shape, copy, it.lay)));
        }
      }
      return all;
    }
  }

  /** The words of what is no longer as it was laid; empty where nothing is. */
  public static String changes(Fitted fitted) {
    long fresh = (long) fitted.fresh.size() - fitted.changed.size();
    return Stream.of(
            counted(fresh, "new"),
            counted(fitted.changed.size(), "cut along other lines"),
            counted(fitted.gone.size(), "no longer wanted"))
        .filter(it -> !it.isEmpty())
        .reduce((a, b) -> a + ", " + b)
        .orElse("");
  }

  private static String counted(long count, String what) {
    return count <= 0 ? "" : count + " " + what;
  }
}

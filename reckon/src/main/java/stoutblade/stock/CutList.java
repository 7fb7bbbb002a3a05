package stoutblade.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.measure.Display;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Turning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Wish;

/**
 * Every piece of every part that is cut from a sheet.
 *
 * @param kinds by what they are cut from
 */
public record CutList(List<Kind> kinds) {

  private static final double SAME_MM = 1e-6;

  /** What a square metre has of square millimetres. */
  private static final double MM2_IN_M2 = 1e6;

  /**
   * What is cut from one kind of sheet.
   *
   * @param foam the sheet
   * @param thicknessMm how thick
   * @param entries the pieces
   */
  public record Kind(SheetMaterial foam, double thicknessMm, List<Entry> entries) {

    /** Copies the list. */
    public Kind {
      entries = List.copyOf(entries);
    }

    /** What it is, in words. */
    public String words() {
      return foam.shortName() + ", " + Display.decimal(thicknessMm, 1) + " mm";
    }

    /** How many pieces. */
    public int count() {
      return entries.stream().mapToInt(Entry::count).sum();
    }

    /**
     * What is to be laid on which sheets: what is left over, taken for a square, then what can be
     * bought. A sheet with one textured face is not turned over.
     *
     * @param leftovers foam that is there already
     * @throws IllegalArgumentException if the gap or the rim leave nothing of a sheet
     */
    public NestJob job(List<Wish.Leftover> leftovers, double gapMm, double rimMm) {
      List<NestShape> shapes = new ArrayList<>();
      for (Entry it : entries) {
        shapes.addAll(it.shapes(foam.textured()));
      }
      List<NestSheet> sheets = new ArrayList<>();
      for (Wish.Leftover it : leftovers) {
        if (it.materialId().equals(foam.id())
            && Math.abs(it.thicknessMm() - thicknessMm) < SAME_MM
            && it.areaMm2() > 0) {
          double side = Math.sqrt(it.areaMm2());
          sheets.add(new NestSheet("left over", Region.of(new Box(0, 0, side, side)), 1, 0, false));
        }
      }
      double price =
          foam.pricePerM2Mm()
              * thicknessMm
              * foam.sheetWidthMm()
              * foam.sheetLengthMm()
              / MM2_IN_M2;
      sheets.add(
          NestSheet.bought(
              "sheet", foam.sheetLengthMm(), foam.sheetWidthMm(), price > 0 ? price : 1));
      return new NestJob(shapes, sheets, gapMm, rimMm);
    }
  }

  /**
   * A piece.
   *
   * @param number counted through all kinds, from 1
   * @param part what it belongs to
   * @param name what it is called
   * @param lines its edges, and those of what is cut out of it
   * @param areaMm2 its area
   * @param box the box round it
   * @param count how many are cut
   * @param mirrored how many of them are mirrored
   */
  public record Entry(
      int number,
      String part,
      String name,
      List<Path> lines,
      double areaMm2,
      Box box,
      int count,
      int mirrored) {

    /** Copies the lines. */
    public Entry {
      lines = List.copyOf(lines);
    }

    /** What it is called with what it belongs to. */
    public String words() {
      return name.equals(part) || name.isEmpty() ? part : part + ", " + name;
    }

    private List<NestShape> shapes(boolean oneFace) {
      String id = number + "  " + words();
      if (!oneFace || mirrored == 0) {
        return List.of(NestShape.of(id, lines, count, Turning.ANY, !oneFace));
      }
      List<NestShape> both = new ArrayList<>();
      if (count > mirrored) {
        both.add(NestShape.of(id, lines, count - mirrored, Turning.ANY, false));
      }
      List<Path> over = lines.stream().map(it -> it.moved(Point::mirrored)).toList();
      both.add(NestShape.of(id + ", mirrored", over, mirrored, Turning.ANY, false));
      return both;
    }
  }

  /** Copies the list. */
  public CutList {
    kinds = List.copyOf(kinds);
  }

  /** The list of what parts are cut from sheets. */
  static CutList of(List<Shopping.Cut> cuts) {
    Map<String, List<Shopping.Cut>> together = new LinkedHashMap<>();
    for (Shopping.Cut it : cuts) {
      String key = it.foam().id() + " " + Display.decimal(it.thicknessMm(), 2);
      together.computeIfAbsent(key, own -> new ArrayList<>()).add(it);
    }
    List<Kind> kinds = new ArrayList<>();
    int number = 0;
    for (List<Shopping.Cut> own : together.values()) {
      List<Entry> entries = new ArrayList<>();
      for (Shopping.Cut cut : own) {
        for (Shopping.Cut.Piece it : cut.pieces()) {
          number++;
          entries.add(
              new Entry(
                  number,
                  cut.name(),
                  it.name(),
                  it.lines(),
                  it.areaMm2(),
                  it.box(),
                  it.count() * cut.made(),
                  it.count() * cut.mirrored()));
        }
      }
      kinds.add(new Kind(own.getFirst().foam(), own.getFirst().thicknessMm(), entries));
    }
    return new CutList(kinds);
  }
}

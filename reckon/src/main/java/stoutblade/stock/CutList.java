package stoutblade.stock;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetFamily;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.machine.MachineSheet;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.measure.Units;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.Turning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.PathMark;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Wish;

/**
 * Every piece of every part that is cut from a sheet.
 *
 * @param kinds by what they are cut from
 */
public record CutList(List<Kind> kinds) {

  /** What a sheet of the usual size is called in a job; others have their size in the name. */
  public static final String BOUGHT = "sheet";

  /** How the name of a length off a roll begins; its width follows. */
  static final String OFF_THE_ROLL = BOUGHT + " off the roll, ";

  private static final double CUT_MM = 0.1;
  private static final String LEFT_OVER = "left over ";
  private static final String MIRRORED = ", mirrored";

  /** What a square metre has of square millimetres. */
  private static final double MM2_IN_M2 = 1e6;

  /**
   * What is cut from one kind of sheet.
   *
   * @param foam the sheet
   * @param grained true where a grain, a weave or a print runs along it
   * @param sawn true where it is cut with a saw, false for a knife
   * @param thicknessMm how thick
   * @param entries the pieces
   */
  public record Kind(
      SheetMaterial foam, boolean grained, boolean sawn, double thicknessMm, List<Entry> entries) {

    /** Copies the list. */
    public Kind {
      entries = List.copyOf(entries);
    }

    String key() {
      return CutList.key(foam, thicknessMm);
    }

    /** What it is, in words. */
    public String words() {
      return foam.shortName() + ", " + Display.decimal(thicknessMm, 1) + " mm";
    }

    /** How far is cut for all of them, in mm. */
    public double cutMm() {
      return entries.stream()
          .mapToDouble(
              it -> it.count() * it.lines().stream().mapToDouble(own -> own.length(CUT_MM)).sum())
          .sum();
    }

    /** How many pieces. */
    public int count() {
      return entries.stream().mapToInt(Entry::count).sum();
    }

    /**
     * What is to be laid on which sheets: what is left over, then what can be bought. A sheet with
     * one textured face is not turned over; where a grain runs along it, pieces lie along it.
     *
     * @param leftovers foam that is there already
     * @throws IllegalArgumentException if the gap or the rim leave nothing of a sheet
     */
    public NestJob job(List<Wish.Leftover> leftovers, double gapMm, double rimMm) {
      Turning turning = grained ? Turning.HALF : Turning.ANY;
      List<NestShape> shapes = new ArrayList<>();
      for (Entry it : entries) {
        shapes.addAll(it.shapes(foam.textured(), turning));
      }
      List<NestSheet> sheets = new ArrayList<>();
      for (Wish.Leftover it : own(leftovers)) {
        sheets.add(new NestSheet(LEFT_OVER + (sheets.size() + 1), it.shape(), 1, 0));
      }
      sheets.addAll(sold());
      return new NestJob(shapes, sheets, gapMm, rimMm);
    }

    /** Each size in which it is sold, at what one costs where it costs the least. */
    private List<NestSheet> sold() {
      List<SheetOffer> sizes = new ArrayList<>();
      for (SheetOffer it : foam.offers()) {
        if (sizes.stream().noneMatch(it::sameSize)) {
          sizes.add(it);
        }
      }
      // Where nobody said what one of them costs, all count by their area.
      boolean priced = foam.offers().stream().allMatch(it -> it.pricePerM2Mm() > 0);
      List<NestSheet> sheets = new ArrayList<>();
      for (SheetOffer size : sizes) {
        double least =
            foam.offers().stream()
                .filter(size::sameSize)
                .mapToDouble(it -> it.price(thicknessMm) / it.pack())
                .min()
                .orElseThrow();
        double price = priced ? least : size.areaMm2() / MM2_IN_M2;
        String id =
            sheets.isEmpty()
                ? BOUGHT
                : (size.roll() ? OFF_THE_ROLL + "%s wide" : BOUGHT + " %s × %s")
                    .formatted(
                        Display.decimal(size.widthMm(), 1), Display.decimal(size.lengthMm(), 1));
        // It lies with its length along x.
        Region edge = Region.of(new Box(0, 0, size.lengthMm(), size.widthMm()));
        sheets.add(new NestSheet(id, edge, NestSheet.UNLIMITED, price, size.stepMm(), List.of()));
      }
      return sheets;
    }

    /** What is left over of it. */
    private List<Wish.Leftover> own(List<Wish.Leftover> leftovers) {
      return leftovers.stream()
          .filter(it -> it.isOf(foam.id(), thicknessMm) && it.areaMm2() > 0)
          .toList();
    }

    /** What is left over, without that of which a plan uses a sheet. */
    public List<Wish.Leftover> without(List<Wish.Leftover> leftovers, List<String> sheetIds) {
      List<Wish.Leftover> all = new ArrayList<>(leftovers);
      List<Wish.Leftover> own = own(leftovers);
      for (int i = 0; i < own.size(); i++) {
        if (sheetIds.contains(LEFT_OVER + (i + 1))) {
          all.remove(own.get(i));
        }
      }
      return all;
    }

    /** The piece that a shape of the job is. */
    public Entry entry(String shapeId) {
      String id =
          shapeId.endsWith(MIRRORED)
              ? shapeId.substring(0, shapeId.length() - MIRRORED.length())
              : shapeId;
      return entries.stream()
          .filter(it -> it.id().equals(id))
          .findFirst()
          .orElseThrow(() -> new IllegalArgumentException("There is no piece '" + id + "'"));
    }

    /**
     * A sheet as it lies on a machine, its corner at the bed's.
     *
     * @param held the sheet with what lies on it
     */
    public MachineSheet onMachine(SheetPlan.Held held) {
      Box box = held.sheet().outline().box();
      Point by = new Point(-box.minX(), -box.minY());
      List<MachineSheet.Piece> pieces = new ArrayList<>();
      for (SheetPlan.HeldPiece it : held.pieces()) {
        String id = it.placed().shape().id();
        UnaryOperator<Point> lies = at -> it.placed().lay().place(at).plus(by);
        UnaryOperator<Point> own = id.endsWith(MIRRORED) ? at -> lies.apply(at.mirrored()) : lies;
        Shopping.Cut.Piece piece = entry(id).piece;
        pieces.add(
            new MachineSheet.Piece(
                moved(piece.lines(), own),
                moved(piece.engraved(), own),
                moved(piece.drawn(), own)));
      }
      return new MachineSheet(held.sheet().outline().moved(by::plus), pieces);
    }

    private static List<Path> moved(List<Path> lines, UnaryOperator<Point> to) {
      return lines.stream().map(it -> it.moved(to)).toList();
    }

    /** How many sheets a plan buys, and what they cost. */
    public List<Figure> figures(SheetPlan plan) {
      Buying buying = Buying.of(foam, thicknessMm, plan);
      String lots = buying.words(foam, Units.METRIC);
      Figure count =
          Figure.found(
              "sheets.bought",
              "Sheets to buy for " + words(),
              (double) Buying.sheets(plan).size(),
              Quantity.COUNT,
              "as the pieces lie" + (lots.isEmpty() ? "" : ": " + lots),
              Source.GEOMETRY,
              Uncertainty.NONE);
      Figure cost =
          Figure.found(
              "sheets.cost",
              "They cost",
              buying.price(thicknessMm),
              Quantity.MONEY,
              "each sheet or pack of {sheets.bought} at its size, thickness and price",
              Source.catalogue(foam.source()),
              Uncertainty.NONE,
              count);
      return foam.pricePerM2Mm() > 0 ? List.of(count, cost) : List.of(count);
    }

    /** The same as long as the same pieces are cut from it: by what they are laid. */
    public String mark() {
      PathMark mark = new PathMark();
      for (Entry it : entries) {
        mark.with(it.id).with(it.count + " " + it.mirrored);
        it.lines().forEach(mark::with);
      }
      return mark.digits();
    }

    /** How the pieces are laid, where that was decided and they are still the same. */
    public Optional<Laying> held(List<Laying> laid) {
      return laid.stream()
          .filter(it -> it.isOf(this) && it.listMark().equals(mark()) && it.laid() == count())
          .findFirst();
    }
  }

  /**
   * A piece.
   *
   * @param number counted through all kinds, from 1
   * @param id unique within its kind
   * @param path the part's place in the project, as 'prop/part'
   * @param part what it belongs to
   * @param piece what one of them is
   * @param count how many are cut
   * @param mirrored how many of them are mirrored
   */
  public record Entry(
      int number,
      String id,
      String path,
      String part,
      Shopping.Cut.Piece piece,
      int count,
      int mirrored) {

    /** What it is called. */
    public String name() {
      return piece.name();
    }

    /** Its edges, and those of what is cut out of it. */
    public List<Path> lines() {
      return piece.lines();
    }

    /** What it is called with what it belongs to. */
    public String words() {
      return words(part, name());
    }

    private static String words(String part, String name) {
      return name.equals(part) || name.isEmpty() ? part : part + ", " + name;
    }

    private List<NestShape> shapes(boolean oneFace, Turning turning) {
      if (!oneFace || mirrored == 0) {
        return List.of(NestShape.of(id, lines(), count, turning, !oneFace));
      }
      List<NestShape> both = new ArrayList<>();
      if (count > mirrored) {
        both.add(NestShape.of(id, lines(), count - mirrored, turning, false));
      }
      List<Path> over = lines().stream().map(it -> it.moved(Point::mirrored)).toList();
      both.add(NestShape.of(id + MIRRORED, over, mirrored, turning, false));
      return both;
    }
  }

  /** Copies the list. */
  public CutList {
    kinds = List.copyOf(kinds);
  }

  /** The same for what is cut from the same sheets. */
  static String key(SheetMaterial foam, double thicknessMm) {
    return foam.id() + "-" + Display.decimal(thicknessMm, 2);
  }

  /** The list of what parts are cut from sheets. */
  static CutList of(List<Shopping.Cut> cuts, Catalogue catalogue) {
    Map<String, List<Shopping.Cut>> together = new LinkedHashMap<>();
    for (Shopping.Cut it : cuts) {
      together.computeIfAbsent(it.kind(), own -> new ArrayList<>()).add(it);
    }
    List<Kind> kinds = new ArrayList<>();
    int number = 0;
    for (List<Shopping.Cut> own : together.values()) {
      Map<String, Integer> called = new HashMap<>();
      List<Entry> entries = new ArrayList<>();
      for (Shopping.Cut cut : own) {
        for (Shopping.Cut.Piece it : cut.pieces()) {
          number++;
          String words = Entry.words(cut.name(), it.name());
          int alike = called.merge(words, 1, Integer::sum);
          entries.add(
              new Entry(
                  number,
                  alike == 1 ? words : words + " (" + alike + ")",
                  cut.path(),
                  cut.name(),
                  it,
                  it.count() * cut.made(),
                  it.count() * cut.mirrored()));
        }
      }
      SheetMaterial foam = own.getFirst().foam();
      SheetFamily family = catalogue.family(foam);
      double thick = own.getFirst().thicknessMm();
      kinds.add(new Kind(foam, family.grain(), family.sawn(), thick, entries));
    }
    return new CutList(kinds);
  }
}

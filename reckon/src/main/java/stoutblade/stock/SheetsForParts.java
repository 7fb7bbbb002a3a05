package stoutblade.stock;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.measure.Units;
import stoutblade.nest.SheetPlan;
import stoutblade.shape.Box;
import stoutblade.stack.Wish;

/** The sheets that parts are cut from: a line for each foam and thickness. */
final class SheetsForParts {

  /** More pieces than this of one foam are not laid out one by one. */
  private static final int MOST_LAID = 2000;

  /** What is lost between pieces, as a share (our assumption). */
  private static final double LOST = 0.3;

  private SheetsForParts() {}

  static List<Shopping.Line> lines(Shopping.Needs needs, CutList pieces) {
    Map<String, List<Shopping.Cut>> kinds = new LinkedHashMap<>();
    for (Shopping.Cut part : needs.sheets()) {
      kinds.computeIfAbsent(part.kind(), it -> new ArrayList<>()).add(part);
    }
    List<Shopping.Line> lines = new ArrayList<>();
    kinds.forEach(
        (kind, cuts) -> {
          Optional<Laying> laid =
              pieces.kinds().stream()
                  .filter(it -> it.key().equals(kind))
                  .findFirst()
                  .flatMap(it -> it.held(needs.laid()));
          double left = there(cuts.getFirst(), needs.leftovers());
          lines.add(line("stock.parts." + kind, cuts, left, laid));
        });
    return lines;
  }

  /** What is left over of a foam, in mm². */
  private static double there(Shopping.Cut first, List<Wish.Leftover> leftovers) {
    return leftovers.stream()
        .filter(it -> it.isOf(first.foam().id(), first.thicknessMm()))
        .mapToDouble(Wish.Leftover::areaMm2)
        .sum();
  }

  /**
   * What still has to be cut from sheets: small pieces come from what is left over, which is taken
   * for a square of which three tenths are lost.
   */
  private static List<Box> bought(List<Box> boxes, double leftMm2) {
    double side = Math.sqrt(leftMm2);
    double left = (1 - LOST) * leftMm2;
    List<Box> still = new ArrayList<>();
    List<Box> smallFirst = new ArrayList<>(boxes);
    smallFirst.sort(Comparator.comparing(it -> it.width() * it.height()));
    for (Box box : smallFirst) {
      double area = box.width() * box.height();
      if (Math.max(box.width(), box.height()) <= side && area <= left) {
        left -= area;
      } else {
        still.add(box);
      }
    }
    return still;
  }

  private static Shopping.Line line(
      String id, List<Shopping.Cut> cuts, double leftMm2, Optional<Laying> decided) {
    Shopping.Cut first = cuts.getFirst();
    double area = 0;
    List<Box> boxes = new ArrayList<>();
    for (Shopping.Cut cut : cuts) {
      for (Shopping.Cut.Piece piece : cut.pieces()) {
        int count = piece.count() * cut.made();
        area += piece.areaMm2() * count;
        // One more than are laid says that there are more.
        for (int i = 0; i < count && boxes.size() <= MOST_LAID; i++) {
          List<Box> lengths = lengths(piece.box(), first.foam());
          boxes.addAll(lengths.subList(0, Math.min(lengths.size(), MOST_LAID + 1 - boxes.size())));
        }
      }
    }
    Figure need =
        Figure.found(
            id + ".area",
            "Foam for " + names(cuts),
            area,
            Quantity.AREA,
            "area of all pieces, by Green's theorem",
            Source.GEOMETRY,
            Uncertainty.NONE);
    Figure buy =
        decided
            .map(it -> asLaid(id, cuts, it, need))
            .orElseGet(() -> inRows(id, cuts, boxes, leftMm2, need));
    Buying bought =
        decided
            .map(it -> Buying.of(first.foam(), first.thicknessMm(), it.plan()))
            .orElseGet(() -> estimated(first, boxes, buy));
    String lots = bought.words(first.foam(), Units.METRIC);
    String name =
        first.foam().name()
            + ", "
            + Display.decimal(first.thicknessMm(), 1)
            + " mm, for "
            + names(cuts)
            + (lots.isEmpty() ? "" : ": " + lots);
    return new Shopping.Line(name, need, buy);
  }

  private static Buying estimated(Shopping.Cut first, List<Box> boxes, Figure sheets) {
    SheetOffer size = rows(first.foam(), boxes);
    return Buying.of(first.foam(), first.thicknessMm(), size, (int) sheets.value());
  }

  /**
   * In what the rows lie: usual sheets, or lengths off a roll where a piece is larger than those.
   */
  private static SheetOffer rows(SheetMaterial foam, List<Box> boxes) {
    SheetOffer usual = foam.offers().getFirst();
    double longest = longest(boxes);
    double widest =
        boxes.stream().mapToDouble(it -> Math.min(it.width(), it.height())).max().orElse(0);
    if (longest + Shopping.ROOM_MM <= usual.longMm()
        && widest + Shopping.ROOM_MM <= usual.shortMm()) {
      return usual;
    }
    return foam.offers().stream()
        .filter(SheetOffer::roll)
        .filter(it -> widest + Shopping.ROOM_MM <= it.widthMm())
        .map(it -> it.cutOff(longest + Shopping.ROOM_MM))
        .filter(it -> it.lengthMm() >= longest)
        .findFirst()
        .orElse(usual);
  }

  private static double longest(List<Box> boxes) {
    return boxes.stream().mapToDouble(it -> Math.max(it.width(), it.height())).max().orElse(0);
  }

  /** As many as the pieces take where they were laid. */
  private static Figure asLaid(String id, List<Shopping.Cut> cuts, Laying laid, Figure need) {
    long cut = laid.plan().sheets().stream().filter(SheetPlan.Sheet::cut).count();
    return Figure.found(
        id + ".sheets",
        "Sheets for " + names(cuts),
        (double) laid.toBuy(),
        Quantity.COUNT,
        "as the pieces are laid on sheets at Cut, %s mm apart"
                .formatted(Display.decimal(laid.gapMm(), 1))
            + (cut > 0 ? "; %d of the sheets are cut already".formatted(cut) : ""),
        Source.GEOMETRY,
        Uncertainty.NONE,
        need);
  }

  private static Figure inRows(
      String id, List<Shopping.Cut> cuts, List<Box> boxes, double leftMm2, Figure need) {
    SheetMaterial foam = cuts.getFirst().foam();
    SheetOffer size = rows(foam, boxes);
    double width = size.widthMm();
    double length = size.lengthMm();
    List<Box> still = bought(boxes, leftMm2);
    boolean tooMany = boxes.size() > MOST_LAID;
    int laid = tooMany ? -1 : Shelves.sheets(still, width, length, Shopping.ROOM_MM);
    double sheets =
        laid < 0 ? Math.max(1, Math.ceil(need.value() / ((1 - LOST) * width * length))) : laid;
    return Figure.found(
        id + ".sheets",
        "Sheets for " + names(cuts),
        sheets,
        Quantity.COUNT,
        laid < 0
            ? (tooMany
                    ? "there are more than %d pieces: {".formatted(MOST_LAID)
                    : "a piece is larger than a sheet and has to be joined: {")
                + need.id()
                + "} over seven tenths of a sheet"
            : "boxes of "
                + (still.size() < boxes.size()
                    ? "the pieces that do not come from what is left over"
                    : "all pieces")
                + " with 5 mm between them, laid in rows, the tallest first;"
                + " laid at Cut, turned into each other's hollows, they can take fewer",
        laid < 0
            ? Source.assumption("about three tenths of a sheet are lost between pieces")
            : Source.GEOMETRY,
        Uncertainty.NONE,
        need);
  }

  /** A piece longer than a sheet is joined from equal lengths. */
  private static List<Box> lengths(Box box, SheetMaterial foam) {
    double sheet = foam.largest().longMm();
    double large = Math.max(box.width(), box.height());
    double small = Math.min(box.width(), box.height());
    int count = (int) Math.max(1, Math.ceil(large / sheet));
    return Collections.nCopies(count, new Box(0, 0, large / count, small));
  }

  private static String names(List<Shopping.Cut> cuts) {
    List<String> names = cuts.stream().map(Shopping.Cut::name).distinct().toList();
    return names.size() <= 3
        ? String.join(", ", names)
        : String.join(", ", names.subList(0, 2)) + " and " + (names.size() - 2) + " more";
  }
}

package stoutblade.formats;

import java.awt.Color;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stock.CutList;
import stoutblade.stock.HandCut;
import stoutblade.template.Paper;

/**
 * Pages of the cut book for who cuts by hand: each piece with its cuts numbered in order, the angle
 * of edges that are not square, and the places to prick through the template.
 *
 * @param pdf what the pages go into
 * @param faces the letters
 * @param paper the paper
 * @param units how lengths are written
 */
record HandPages(PDDocument pdf, PdfSheet.Faces faces, Paper paper, Units units) {

  private static final double MARGIN_MM = 14;
  private static final double HEAD_MM = 14;
  private static final int ACROSS = 2;
  private static final int DOWN = 4;
  private static final double NUMBER_MM = 3.2;

  /** A cut that is shorter on the page has no room for its number. */
  private static final double SHORTEST_MM = 3;

  private static final double DOT_MM = 0.6;
  private static final Color PRICK = new Color(0xb3261e);

  /** The pages of one kind of sheet. */
  void write(CutList.Kind kind) throws IOException {
    double wide = (paper.widthMm() - 2 * MARGIN_MM) / ACROSS;
    double high = (paper.heightMm() - 2 * MARGIN_MM - HEAD_MM) / DOWN;
    List<CutList.Entry> all = kind.entries();
    int each = ACROSS * DOWN;
    for (int from = 0; from < all.size(); from += each) {
      try (PdfSheet page = new PdfSheet(pdf, faces, paper.widthMm(), paper.heightMm())) {
        double top = paper.heightMm() - MARGIN_MM;
        page.text(true, 5, MARGIN_MM, top - 5, PdfSheet.INK, "By hand · " + kind.words());
        page.text(
            false,
            3.4,
            MARGIN_MM,
            top - 10,
            PdfSheet.INK,
            "Cut in the order of the numbers; one number is one line of the ruler."
                + " Prick through the template at the dots.");
        for (int i = from; i < Math.min(all.size(), from + each); i++) {
          int place = i - from;
          double left = MARGIN_MM + wide * (place % ACROSS);
          int row = place / ACROSS;
          double up = top - HEAD_MM - high * row;
          piece(page, all.get(i), new Box(left, up - high, left + wide, up));
        }
      }
    }
  }

  private void piece(PdfSheet page, CutList.Entry it, Box cell) throws IOException {
    HandCut cut = HandCut.of(it.piece());
    String name = it.number() + "  " + it.words();
    double wide = cell.width() - 6;
    page.text(true, 3.8, wide, cell.minX(), cell.maxY() - 5, name);
    page.text(false, 3.2, wide, cell.minX(), cell.minY() + 3, words(cut));
    Box own = it.piece().box();
    boolean turned = own.height() > own.width();
    Box room = new Box(cell.minX() + 4, cell.minY() + 9, cell.maxX() - 8, cell.maxY() - 9);
    PdfSheet.Frame frame = CutBookPdf.fitted(CutBookPdf.turned(own, turned), room);
    page.thin(PdfSheet.PALE);
    for (Path line : it.piece().drawn()) {
      page.line(frame, CutBookPdf.turned(line, turned));
    }
    for (Path line : it.piece().engraved()) {
      page.line(frame, CutBookPdf.turned(line, turned));
    }
    page.thin(PdfSheet.INK);
    for (HandCut.Run run : cut.runs()) {
      page.line(frame, CutBookPdf.turned(Path.through(run.line(), false), turned));
    }
    for (Point at : cut.pricks()) {
      Path dot = WholeOutline.circle(CutBookPdf.turned(at, turned), DOT_MM / frame.factor()).path();
      page.fill(frame, dot, PRICK);
    }
    numbers(page, frame, cut, turned);
  }

  /** Each number once: at the longest of what it stands for. */
  private void numbers(PdfSheet page, PdfSheet.Frame frame, HandCut cut, boolean turned)
      throws IOException {
    Set<Integer> said = new HashSet<>();
    List<HandCut.Run> longFirst =
        cut.runs().stream().sorted((a, b) -> Double.compare(b.lengthMm(), a.lengthMm())).toList();
    for (HandCut.Run run : longFirst) {
      boolean room = run.window() || run.lengthMm() * frame.factor() >= SHORTEST_MM;
      if (room && said.add(run.number())) {
        String words =
            run.lean() == 0
                ? Integer.toString(run.number())
                : run.number() + ": " + Display.show(Math.abs(run.lean()), Quantity.ANGLE, units);
        Point at = frame.at(CutBookPdf.turned(middle(run), turned));
        double wide = page.width(NUMBER_MM, words);
        Box plate =
            new Box(at.x() - wide / 2 - 0.6, at.y() - 2, at.x() + wide / 2 + 0.6, at.y() + 2);
        page.fill(PdfSheet.Frame.PAGE, Path.through(plate.corners(), true), Color.WHITE);
        page.text(true, NUMBER_MM, at.x() - wide / 2, at.y() - 1.1, PdfSheet.INK, words);
      }
    }
  }

  /** Half way along. */
  private static Point middle(HandCut.Run run) {
    double left = run.lengthMm() / 2;
    for (int i = 1; i < run.line().size(); i++) {
      Point from = run.line().get(i - 1);
      Point to = run.line().get(i);
      double own = from.distance(to);
      if (own >= left && own > 0) {
        return from.towards(to, left / own);
      }
      left -= own;
    }
    return run.line().getLast();
  }

  private String words(HandCut cut) {
    String count = cut.cuts() == 1 ? "1 cut" : cut.cuts() + " cuts";
    return cut.fence().map(it -> count + ". Band saw: " + it.words(units)).orElse(count);
  }
}

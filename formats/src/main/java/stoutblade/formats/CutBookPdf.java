package stoutblade.formats;

import java.awt.Color;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import stoutblade.derive.Derived;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.SheetTemplates;
import stoutblade.project.PartRef;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.stock.CutList;
import stoutblade.stock.Laying;
import stoutblade.template.Paper;

/**
 * The cut book: for each kind of sheet a list to tick off, with each piece and where it goes on its
 * prop; how each is cut by hand; each sheet with its pieces; and labels to stick on them.
 */
public final class CutBookPdf {

  private static final double MARGIN_MM = 14;
  private static final double ROW_MM = 17;
  private static final double DRAWN_MM = 14;
  private static final int ACROSS = 3;

  /** A blade is sharp for about so much foam (our assumption). */
  private static final double BLADE_MM = 5_000;

  private static final double LABEL_HIGH_MM = 34;
  private static final Color FOAM = new Color(0xd9d3c7);

  private final Derived derived;
  private final Units units;
  private final Paper paper;
  private final PDDocument pdf;
  private final PdfSheet.Faces faces;

  private CutBookPdf(Derived derived, Units units, PDDocument pdf) throws IOException {
    this.derived = derived;
    this.units = units;
    this.paper = derived.project().paper();
    this.pdf = pdf;
    this.faces = PdfSheet.Faces.of(pdf);
  }

  /**
   * Writes the book.
   *
   * @throws FormatException if nothing is cut from sheets
   */
  public static void write(java.nio.file.Path file, Derived derived, Units units)
      throws IOException {
    List<CutList.Kind> kinds = derived.shopping().map(it -> it.pieces().kinds()).orElse(List.of());
    if (kinds.isEmpty()) {
      throw new FormatException(derived.project().name(), "nothing is cut from sheets yet");
    }
    try (PDDocument pdf = new PDDocument()) {
      CutBookPdf book = new CutBookPdf(derived, units, pdf);
      for (CutList.Kind kind : kinds) {
        book.kind(kind);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }

  private PdfSheet page() throws IOException {
    return new PdfSheet(pdf, faces, paper.widthMm(), paper.heightMm());
  }

  private void kind(CutList.Kind kind) throws IOException {
    Optional<Laying> laid = kind.held(derived.project().cutting().laid());
    List<SheetPlan.Held> sheets =
        laid.map(
                it ->
                    it.on(kind.job(derived.project().leftovers(), it.gapMm(), it.rimMm())).sheets())
            .orElse(List.of());
    list(kind, sheets);
    new HandPages(pdf, faces, paper, units).write(kind);
    for (int i = 0; i < sheets.size(); i++) {
      sheet(kind, sheets.get(i), i + 1, sheets.size());
    }
    labels(kind);
  }

  // == LIST

  private void list(CutList.Kind kind, List<SheetPlan.Held> sheets) throws IOException {
    Map<Integer, List<Integer>> on = on(kind, sheets);
    double room = paper.heightMm() - 2 * MARGIN_MM - 26;
    int rows = (int) (room / ROW_MM);
    List<CutList.Entry> all = kind.entries();
    for (int from = 0; from < all.size(); from += rows) {
      try (PdfSheet page = page()) {
        double top = paper.heightMm() - MARGIN_MM;
        page.text(true, 6, MARGIN_MM, top - 6, PdfSheet.INK, kind.words());
        page.text(false, 3.6, MARGIN_MM, top - 13, PdfSheet.INK, about(kind, sheets));
        page.text(false, 3.6, MARGIN_MM, top - 18, PdfSheet.INK, byHand(kind));
        double y = top - 26;
        for (CutList.Entry it : all.subList(from, Math.min(all.size(), from + rows))) {
          row(page, it, on.getOrDefault(it.number(), List.of()), y);
          y -= ROW_MM;
        }
      }
    }
  }

  private String about(CutList.Kind kind, List<SheetPlan.Held> sheets) {
    String pieces = kind.count() == 1 ? "1 piece" : kind.count() + " pieces";
    return derived.project().name()
        + " · "
        + pieces
        + (sheets.isEmpty()
            ? " · not laid on sheets yet"
            : " on " + sheets.size() + (sheets.size() == 1 ? " sheet" : " sheets"));
  }

  /** How far is cut, and with a knife how often it needs a fresh blade. */
  private String byHand(CutList.Kind kind) {
    double mm = kind.cutMm();
    int blades = (int) Math.ceil(mm / BLADE_MM);
    boolean sawn = kind.sawn();
    return Display.way(mm, units)
        + " to cut"
        + (sawn
            ? ""
            : "; a fresh blade about every %s: %d in all"
                .formatted(Display.way(BLADE_MM, units), blades));
  }

  /** The sheets that each piece lies on, by its number. */
  private static Map<Integer, List<Integer>> on(CutList.Kind kind, List<SheetPlan.Held> sheets) {
    Map<Integer, List<Integer>> on = new TreeMap<>();
    for (int i = 0; i < sheets.size(); i++) {
      for (SheetPlan.HeldPiece it : sheets.get(i).pieces()) {
        List<Integer> own =
            on.computeIfAbsent(
                kind.entry(it.placed().shape().id()).number(), number -> new ArrayList<>());
        if (!own.contains(i + 1)) {
          own.add(i + 1);
        }
      }
    }
    return on;
  }

  /** A box to tick, the piece, the part on its prop, and what is to be known of it. */
  private void row(PdfSheet page, CutList.Entry it, List<Integer> sheets, double top)
      throws IOException {
    double low = top - ROW_MM + 3;
    page.thin(PdfSheet.INK);
    page.line(Path.through(new Box(MARGIN_MM, low + 4, MARGIN_MM + 5, low + 9).corners(), true));
    page.text(true, 5, MARGIN_MM + 8, low + 4.6, PdfSheet.INK, Integer.toString(it.number()));
    drawn(
        page, it.lines(), new Box(MARGIN_MM + 20, low, MARGIN_MM + 20 + DRAWN_MM, low + DRAWN_MM));
    becomes(page, it, new Box(MARGIN_MM + 38, low, MARGIN_MM + 38 + DRAWN_MM, low + DRAWN_MM));
    double left = MARGIN_MM + 57;
    page.text(true, 3.8, left, low + 8.5, PdfSheet.INK, it.words());
    page.text(false, 3.4, left, low + 3, PdfSheet.INK, facts(it, sheets));
    page.thin(PdfSheet.PALE);
    page.line(
        Path.line(
            new Point(MARGIN_MM, low - 1.5), new Point(paper.widthMm() - MARGIN_MM, low - 1.5)));
  }

  private String facts(CutList.Entry it, List<Integer> sheets) {
    Box box = it.piece().box();
    String hands =
        it.mirrored() == 0
            ? ""
            : it.mirrored() == it.count()
                ? ", mirrored"
                : ", " + it.mirrored() + " of them mirrored";
    String where =
        sheets.isEmpty()
            ? ""
            : " · sheet " + sheets.stream().map(String::valueOf).collect(Collectors.joining(", "));
    int windows = it.lines().size() - 1;
    String first =
        windows > 0
            ? windows == 1 ? " · its window first" : " · its " + windows + " windows first"
            : "";
    return "%d × · %s × %s%s%s%s"
        .formatted(
            it.count(),
            Display.length(box.width(), units),
            Display.length(box.height(), units),
            hands,
            first,
            where);
  }

  /** Fits lines into a box. */
  static PdfSheet.Frame fitted(Box all, Box room) {
    double factor =
        Math.min(
            room.width() / Math.max(1e-3, all.width()),
            room.height() / Math.max(1e-3, all.height()));
    return new PdfSheet.Frame(
        factor,
        room.centre().x() - all.centre().x() * factor,
        room.centre().y() - all.centre().y() * factor);
  }

  private static Box around(List<Path> lines) {
    return Box.around(lines.stream().flatMap(it -> it.extremes().stream()).toList());
  }

  private static void drawn(PdfSheet page, List<Path> lines, Box room) throws IOException {
    PdfSheet.Frame frame = fitted(around(lines), room);
    page.thin(PdfSheet.INK);
    for (Path it : lines) {
      page.line(frame, it);
    }
  }

  /** The prop in pale lines, with the part filled. */
  private void becomes(PdfSheet page, CutList.Entry it, Box room) throws IOException {
    PartRef ref = PartRef.of(it.path());
    Optional<PropReckoning> prop =
        derived.props().stream().filter(own -> own.id().equals(ref.propId())).findFirst();
    if (prop.isEmpty()) {
      return;
    }
    List<Path> all = new ArrayList<>();
    List<Path> own = new ArrayList<>();
    for (PartReckoning part : prop.get().parts()) {
      for (var spot : prop.get().assembly().spots().get(part.id())) {
        for (Path line : part.seen()) {
          Path there = line.moved(spot::place);
          all.add(there);
          if (part.id().equals(ref.partId())) {
            own.add(there);
          }
        }
      }
    }
    if (all.isEmpty()) {
      return;
    }
    PdfSheet.Frame frame = fitted(around(all), room);
    for (Path line : own) {
      page.fill(frame, line, FOAM);
    }
    page.thin(PdfSheet.PALE);
    for (Path line : all) {
      page.line(frame, line);
    }
    page.thin(PdfSheet.INK);
    for (Path line : own) {
      page.line(frame, line);
    }
  }

  // == SHEETS

  private void sheet(CutList.Kind kind, SheetPlan.Held held, int number, int of)
      throws IOException {
    try (PdfSheet page = page()) {
      double top = paper.heightMm() - MARGIN_MM;
      Box edge = held.sheet().outline().box();
      String size =
          Display.length(edge.width(), units) + " × " + Display.length(edge.height(), units);
      page.text(true, 5, MARGIN_MM, top - 5, PdfSheet.INK, "Sheet %d of %d".formatted(number, of));
      page.text(
          false,
          3.6,
          MARGIN_MM,
          top - 11,
          PdfSheet.INK,
          kind.words() + " · " + held.sheet().id() + ", " + size);
      Box room = new Box(MARGIN_MM, MARGIN_MM, paper.widthMm() - MARGIN_MM, top - 16);
      boolean turned = edge.width() > edge.height() != room.width() > room.height();
      PdfSheet.Frame frame = fitted(turned(edge, turned), room);
      for (List<Point> ring : held.sheet().outline().rings()) {
        page.thin(PdfSheet.INK);
        page.line(frame, turned(Path.through(ring, true), turned));
      }
      for (SheetPlan.HeldPiece it : held.pieces()) {
        piece(page, frame, kind, it.placed(), turned);
      }
    }
  }

  /** A sheet that is wider than the paper is shown on its side. */
  static Path turned(Path path, boolean turned) {
    return turned ? path.moved(it -> turned(it, true)) : path;
  }

  static Point turned(Point at, boolean turned) {
    return turned ? new Point(at.y(), -at.x()) : at;
  }

  static Box turned(Box box, boolean turned) {
    return turned ? new Box(box.minY(), -box.maxX(), box.maxY(), -box.minX()) : box;
  }

  private static void piece(
      PdfSheet page, PdfSheet.Frame frame, CutList.Kind kind, Nesting.Placed it, boolean turned)
      throws IOException {
    List<Path> lines =
        it.shape().lines().stream().map(own -> turned(own.moved(it.lay()::place), turned)).toList();
    page.thin(PdfSheet.INK);
    for (Path line : lines) {
      page.line(frame, line);
    }
    SheetTemplates.Room room = SheetTemplates.Room.of(it);
    Point at = it.lay().place(room.middle());
    Point there = frame.at(turned(at, turned));
    String number = Integer.toString(kind.entry(it.shape().id()).number());
    double size = Math.clamp(room.radius() * frame.factor() * 0.9, 1.6, 5);
    double wide = page.width(size, number);
    page.text(true, size, there.x() - wide / 2, there.y() - size / 3, PdfSheet.INK, number);
  }

  // == LABELS

  /** One for each piece, in rows to be cut apart. */
  private void labels(CutList.Kind kind) throws IOException {
    List<String[]> all = new ArrayList<>();
    for (CutList.Entry it : kind.entries()) {
      for (int copy = 1; copy <= it.count(); copy++) {
        String hand = copy > it.count() - it.mirrored() ? "mirrored" : "as drawn";
        all.add(
            new String[] {
              Integer.toString(it.number()),
              it.words(),
              kind.words(),
              "%d of %d, %s".formatted(copy, it.count(), hand)
            });
      }
    }
    int down = (int) ((paper.heightMm() - 2 * MARGIN_MM) / LABEL_HIGH_MM);
    double wide = (paper.widthMm() - 2 * MARGIN_MM) / ACROSS;
    int each = down * ACROSS;
    for (int from = 0; from < all.size(); from += each) {
      try (PdfSheet page = page()) {
        for (int i = from; i < Math.min(all.size(), from + each); i++) {
          int place = i - from;
          double left = MARGIN_MM + wide * (place % ACROSS);
          int row = place / ACROSS;
          double top = paper.heightMm() - MARGIN_MM - LABEL_HIGH_MM * row;
          label(page, all.get(i), new Box(left, top - LABEL_HIGH_MM, left + wide, top));
        }
      }
    }
  }

  private static void label(PdfSheet page, String[] words, Box box) throws IOException {
    page.thin(PdfSheet.PALE);
    page.line(Path.through(box.corners(), true));
    page.text(true, 10, box.minX() + 3, box.maxY() - 12, PdfSheet.INK, words[0]);
    double y = box.maxY() - 18;
    for (int i = 1; i < words.length; i++) {
      page.text(i == 1, 3.2, box.width() - 6, box.minX() + 3, y, words[i]);
      y -= 5;
    }
  }
}

package stoutblade.formats;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * A template as a PDF at true size: a page map, then one page for each window of the tiling, with
 * join marks, a check length, the scale and the project on each.
 */
public final class TemplatePdf {

  /** The check length on every page, in mm. */
  public static final double CHECK_MM = 100;

  private static final int MOST_KINDS = 14;
  private static final double BEYOND_MM = 3;
  private static final double SMALL_MM = 2.3;

  private final Template template;
  private final Tiling tiling;
  private final String project;
  private final String scale;
  private final PDDocument pdf;
  private final PdfSheet.Faces faces;
  private final IdentityHashMap<Stroke, Box> boxes = new IdentityHashMap<>();
  private final Map<Stroke.Kind, PDOptionalContentGroup> purposes =
      new EnumMap<>(Stroke.Kind.class);
  private final PDOptionalContentGroup words = new PDOptionalContentGroup("Words");

  private TemplatePdf(
      Template template, Tiling tiling, String project, String scale, PDDocument pdf)
      throws IOException {
    this.template = template;
    this.tiling = tiling;
    this.project = project;
    this.scale = scale;
    this.pdf = pdf;
    this.faces = PdfSheet.Faces.of(pdf);
    template.strokes().forEach(it -> boxes.put(it, Box.around(it.path().extremes())));
  }

  /**
   * Writes the PDF.
   *
   * @param project the project's name, for every page
   * @param scale what the scale is, in words, for every page
   */
  public static void write(
      Path file, Template template, Tiling tiling, String project, String scale)
      throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      new TemplatePdf(template, tiling, project, scale, pdf).pages();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      SafeWrite.write(file, bytes.toByteArray());
    }
  }

  private void pages() throws IOException {
    PDDocumentInformation about = new PDDocumentInformation();
    about.setTitle(project + ": " + template.title());
    about.setCreator("Stout Blade");
    pdf.setDocumentInformation(about);
    PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
    preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
    pdf.getDocumentCatalog().setViewerPreferences(preferences);
    PDOptionalContentProperties contents = new PDOptionalContentProperties();
    for (Stroke.Kind kind : template.kinds()) {
      PDOptionalContentGroup group = new PDOptionalContentGroup(kind.words());
      contents.addGroup(group);
      purposes.put(kind, group);
    }
    contents.addGroup(words);
    pdf.getDocumentCatalog().setOCProperties(contents);
    if (tiling.tiles().size() > 1) {
      mapPage();
    }
    for (Tiling.Tile tile : tiling.tiles()) {
      tilePage(tile);
    }
  }

  private PdfSheet sheet() throws IOException {
    return new PdfSheet(pdf, faces, tiling.pageWidthMm(), tiling.pageHeightMm());
  }

  // == PAGE MAP

  private void mapPage() throws IOException {
    try (PdfSheet sheet = sheet()) {
      double left = Tiling.MARGIN_MM;
      double top = tiling.pageHeightMm() - Tiling.MARGIN_MM;
      sheet.text(true, 7, left, top - 7, PdfSheet.INK, project);
      sheet.text(false, 4.2, left, top - 15, PdfSheet.INK, template.title() + " · page map");
      double y = top - 24;
      for (String line : cuts()) {
        sheet.text(false, 3.8, left, y, PdfSheet.INK, line);
        y -= 5.5;
      }
      y = legend(sheet, left, y - 2);
      overview(
          sheet,
          new Box(
              left,
              Tiling.MARGIN_MM + Tiling.FOOT_MM + 6,
              tiling.pageWidthMm() - Tiling.MARGIN_MM,
              y - 4));
      foot(sheet, "page map");
    }
  }

  /** What is cut: pieces of one kind and hand on one line. */
  private List<String> cuts() {
    Map<Template.Copy, Integer> kinds = new LinkedHashMap<>();
    for (Template.Copy copy : template.copies()) {
      String kind = copy.name().replaceAll(" [0-9]+$", "");
      kinds.merge(new Template.Copy(kind, copy.mirrored()), 1, Integer::sum);
    }
    List<String> lines = new ArrayList<>();
    kinds.forEach((kind, count) -> lines.add("Cut " + count + " " + kind.words()));
    int more = lines.size() - MOST_KINDS;
    if (more > 0) {
      lines.subList(MOST_KINDS, lines.size()).clear();
      lines.add("and " + more + " more kinds, named on the pieces");
    }
    return lines;
  }

  private double legend(PdfSheet sheet, double left, double top) throws IOException {
    double y = top;
    for (Stroke.Kind kind : template.kinds()) {
      sheet.pen(kind);
      sheet.line(new Point(left, y + 1.2), new Point(left + 18, y + 1.2));
      sheet.text(false, 3.4, left + 22, y, PdfSheet.INK, kind.words());
      y -= 5.5;
    }
    sheet.text(
        false,
        3.4,
        left,
        y,
        PdfSheet.INK,
        "Join pages on the pale lines: put mark on mark, the letters side by side.");
    sheet.text(
        false,
        3.4,
        left,
        y - 5,
        PdfSheet.INK,
        "Print at 100 %, without fitting to the page. Measure the check length first.");
    return y - 8;
  }

  private void overview(PdfSheet sheet, Box room) throws IOException {
    Box all = tiling.tiles().getFirst().window();
    for (Tiling.Tile tile : tiling.tiles()) {
      all = all.with(tile.window());
    }
    double factor = Math.min(room.width() / all.width(), room.height() / all.height());
    PdfSheet.Frame frame =
        new PdfSheet.Frame(
            factor,
            room.centre().x() - all.centre().x() * factor,
            room.centre().y() - all.centre().y() * factor);
    for (Tiling.Tile tile : tiling.tiles()) {
      sheet.thin(PdfSheet.PALE);
      sheet.box(frame, tile.window());
    }
    for (Stroke stroke : template.strokes()) {
      sheet.pen(stroke.kind());
      sheet.path(frame, stroke);
    }
    for (Tiling.Tile tile : tiling.tiles()) {
      Point corner = frame.at(new Point(tile.window().minX(), tile.window().maxY()));
      sheet.text(true, 7, corner.x() + 2.5, corner.y() - 11, PdfSheet.INK, tile.letter());
    }
  }

  // == TILES

  /** True where something in a box can be seen in a window, however wide its line. */
  private static boolean shows(Box window, Box box) {
    return box.minX() < window.maxX() + BEYOND_MM
        && box.maxX() > window.minX() - BEYOND_MM
        && box.minY() < window.maxY() + BEYOND_MM
        && box.maxY() > window.minY() - BEYOND_MM;
  }

  private void tilePage(Tiling.Tile tile) throws IOException {
    try (PdfSheet sheet = sheet()) {
      Box window = tile.window();
      PdfSheet.Frame frame =
          new PdfSheet.Frame(
              1,
              Tiling.MARGIN_MM - window.minX(),
              Tiling.MARGIN_MM + Tiling.FOOT_MM - window.minY());
      sheet.clipTo(frame, window);
      for (Stroke.Kind kind : template.kinds()) {
        sheet.begin(purposes.get(kind));
        sheet.pen(kind);
        for (Stroke stroke : template.strokes()) {
          if (stroke.kind() == kind && shows(window, boxes.get(stroke))) {
            sheet.path(frame, stroke);
          }
        }
        sheet.end();
      }
      sheet.begin(words);
      for (Label label : template.labels()) {
        if (shows(window, label.box())) {
          sheet.label(frame, label);
        }
      }
      sheet.end();
      for (Tiling.Join join : tiling.joinsOf(tile)) {
        sheet.join(frame, join);
      }
      sheet.endClip();
      sheet.text(
          true,
          9,
          Tiling.MARGIN_MM + 2,
          tiling.pageHeightMm() - Tiling.MARGIN_MM - 22,
          PdfSheet.PALE,
          tile.letter());
      if (tiling.tiles().size() == 1) {
        shortLegend(sheet);
      }
      foot(sheet, "page " + tile.letter() + " of " + tiling.tiles().size());
    }
  }

  /** A single page has no map: what its lines mean stands in a row over its foot. */
  private void shortLegend(PdfSheet sheet) throws IOException {
    double x = Tiling.MARGIN_MM;
    double y = Tiling.MARGIN_MM + Tiling.FOOT_MM - 3;
    for (Stroke.Kind kind : template.kinds()) {
      double wide = 12 + sheet.width(SMALL_MM, kind.words()) + 4;
      if (x + wide > tiling.pageWidthMm() - Tiling.MARGIN_MM) {
        return;
      }
      sheet.pen(kind);
      sheet.line(new Point(x, y + 0.8), new Point(x + 10, y + 0.8));
      sheet.text(false, SMALL_MM, x + 12, y, PdfSheet.INK, kind.words());
      x += wide;
    }
  }

  /** The strip at the foot: check lengths in both units, project, template, page and scale. */
  private void foot(PdfSheet sheet, String page) throws IOException {
    double left = Tiling.MARGIN_MM;
    double base = Tiling.MARGIN_MM;
    sheet.bar(left, base + 9, CHECK_MM, 10, "100 mm: measure it before you cut");
    sheet.bar(left, base + 1, 4 * 25.4, 25.4, "4 in");
    double right = left + 4 * 25.4 + 5;
    sheet.text(true, 3.2, right, base + 11, PdfSheet.INK, project);
    sheet.text(false, 2.9, right, base + 6.5, PdfSheet.INK, template.title() + " · " + page);
    sheet.text(false, 2.9, right, base + 2.2, PdfSheet.INK, scale);
  }
}

package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import stoutblade.formats.Exports;
import stoutblade.formats.MarkerSheetPdf;
import stoutblade.template.Paper;
import stoutblade.template.Template;

/** Stands in for a printer: what would be printed is written as a PDF to a folder. */
public final class SimulatedPrinter implements Printer {

  private final Path folder;

  /** A printer whose paper tray is a folder. */
  public SimulatedPrinter(Path folder) {
    this.folder = folder;
  }

  @Override
  public Path print(Template template, Paper paper, String prop, String scale) throws IOException {
    Files.createDirectories(folder);
    return Exports.writeTemplate(new Exports.Sheets(folder, prop, scale), template, paper);
  }

  @Override
  public Path printMarkerSheet(Paper paper) throws IOException {
    Files.createDirectories(folder);
    Path file =
        folder.resolve(
            "marker-sheet-" + paper.label().toLowerCase(Locale.ROOT).replace(' ', '-') + ".pdf");
    MarkerSheetPdf.write(file, paper);
    return file;
  }
}

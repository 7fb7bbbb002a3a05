package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import stoutblade.formats.Exports;
import stoutblade.measure.Units;
import stoutblade.project.Derived;

/** Stands in for a printer: what would be printed is written as a PDF to a folder. */
public final class SimulatedPrinter implements Printer {

  private final Path folder;

  /** A printer whose paper tray is a folder. */
  public SimulatedPrinter(Path folder) {
    this.folder = folder;
  }

  @Override
  public Path print(Derived derived, Units units) throws IOException {
    Files.createDirectories(folder);
    return Exports.writeTemplates(folder, derived, units);
  }
}

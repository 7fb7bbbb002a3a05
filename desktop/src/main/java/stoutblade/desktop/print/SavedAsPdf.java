package stoutblade.desktop.print;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import stoutblade.desktop.texts.Texts;
import stoutblade.template.Paper;

/** Stands in for a printer: what would be printed is kept as a PDF in a folder. */
public final class SavedAsPdf implements Printer {

  private final Path folder;

  /** A printer whose paper tray is a folder. */
  public SavedAsPdf(Path folder) {
    this.folder = folder;
  }

  @Override
  public String name() {
    return Texts.WINDOW.of("save-as-pdf-simulated-printer");
  }

  @Override
  public boolean takes(Paper paper) {
    return true;
  }

  @Override
  public String print(Path pdf, Paper paper, int copies) throws IOException {
    Files.createDirectories(folder);
    Path kept = folder.resolve(pdf.getFileName());
    Files.copy(pdf, kept, StandardCopyOption.REPLACE_EXISTING);
    return Texts.WINDOW.of("saved-as", kept);
  }
}

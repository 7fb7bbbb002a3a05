package stoutblade.desktop.print;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import stoutblade.template.Paper;
import stoutblade.template.Template;

/**
 * Something to print.
 *
 * @param title what it is called
 * @param template the template whose pages are shown before, where it is one
 * @param paper the paper that is in use
 * @param pages writes its pages as a PDF
 */
public record Printing(String title, Optional<Template> template, Paper paper, Pages pages) {

  /** Writes pages of a paper to a folder, and returns the file. */
  @FunctionalInterface
  public interface Pages {

    /** Writes them. */
    Path write(Path folder, Paper paper) throws IOException;
  }

  /**
   * How it is printed.
   *
   * @param copies of each page
   */
  public record Order(Printer printer, Paper paper, int copies) {}
}

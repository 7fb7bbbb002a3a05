package stoutblade.desktop.print;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Something to print.
 *
 * @param title what it is called
 * @param template the template whose pages are shown before, where it is one
 * @param laid how it lies on its pages, where that is settled; else it is spread over the paper
 * @param paper the paper that is in use
 * @param pages writes its pages as a PDF
 */
public record Printing(
    String title, Optional<Template> template, Optional<Tiling> laid, Paper paper, Pages pages) {

  /** Something that is spread over whatever paper is chosen. */
  public Printing(String title, Optional<Template> template, Paper paper, Pages pages) {
    this(title, template, Optional.empty(), paper, pages);
  }

  /** Writes pages of a paper to a folder, and returns the file; no letters are all pages. */
  @FunctionalInterface
  public interface Pages {

    /** Writes them. */
    Path write(Path folder, Paper paper, List<String> letters) throws IOException;
  }

  /**
   * How it is printed.
   *
   * @param copies of each page
   * @param letters the pages that are wanted; none for all
   */
  public record Order(Printer printer, Paper paper, int copies, List<String> letters) {

    /** Copies the letters. */
    public Order {
      letters = List.copyOf(letters);
    }
  }
}

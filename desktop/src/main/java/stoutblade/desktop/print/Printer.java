package stoutblade.desktop.print;

import java.io.IOException;
import java.nio.file.Path;
import stoutblade.template.Paper;

/** What pages can be sent to. */
public interface Printer {

  /** What it is called. */
  String name();

  /** True where it has the paper; a printer without it would shrink the pages to what it has. */
  boolean takes(Paper paper);

  /**
   * Prints all pages of a PDF at their true size.
   *
   * @return what became of them, for a person to read
   */
  String print(Path pdf, Paper paper, int copies) throws IOException;
}

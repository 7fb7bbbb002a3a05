package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import stoutblade.template.Paper;
import stoutblade.template.Template;

/** A printer, so that a real one can take the simulated one's place. */
public interface Printer {

  /**
   * Prints a single template at full size.
   *
   * @param prop what the prop is called
   * @param scale what the scale is, in words, for every page
   * @return where the print lies
   */
  Path print(Template template, Paper paper, String prop, String scale) throws IOException;

  /**
   * Prints the marker sheet of a paper.
   *
   * @return where the print lies
   */
  Path printMarkerSheet(Paper paper) throws IOException;
}

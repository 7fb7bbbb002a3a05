package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import stoutblade.measure.Units;
import stoutblade.project.Derived;

/** A printer, so that a real one can take the simulated one's place. */
public interface Printer {

  /**
   * Prints the templates of a project.
   *
   * @return where the print lies
   */
  Path print(Derived derived, Units units) throws IOException;
}

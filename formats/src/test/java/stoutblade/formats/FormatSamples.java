package stoutblade.formats;

import java.io.IOException;
import java.time.LocalDateTime;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.measure.Units;

/** The demo as of one day, for tests of files. */
final class FormatSamples {

  static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  private static Document demo;
  private static Derived derived;

  private FormatSamples() {}

  /** Read once: it does not change, and its pictures take a while. */
  static synchronized Document demo() throws IOException {
    if (demo == null) {
      demo = Demo.open(NOW);
    }
    return demo;
  }

  static synchronized Derived derived() throws IOException {
    if (derived == null) {
      derived = new Reckoner(CatalogueFile.shipped()).derive(demo().project(), NOW, Units.METRIC);
    }
    return derived;
  }
}

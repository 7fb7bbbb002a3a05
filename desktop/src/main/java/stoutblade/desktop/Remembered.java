package stoutblade.desktop;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Properties;
import stoutblade.measure.Units;

/**
 * How the window was when it was closed: its size and place, light or dark, and the units. What
 * cannot be read is as if it were not there; what cannot be written is not missed.
 *
 * @param wide its width in pixels
 * @param high its height in pixels
 * @param left where its left edge was
 * @param top where its top edge was
 * @param dark true where it was dark
 * @param units the units in use
 * @param guided true while the first way through the window is shown for an empty project
 */
record Remembered(
    double wide, double high, double left, double top, boolean dark, Units units, boolean guided) {

  private static final String FILE = "window.properties";
  private static final int FINEST = 64;

  /** How it was, where that was written. */
  static Optional<Remembered> read(Path home) {
    Properties kept = new Properties();
    try (Reader in = Files.newBufferedReader(home.resolve(FILE))) {
      kept.load(in);
      int denominator = Integer.parseInt(kept.getProperty("denominator"));
      if (denominator < 1 || denominator > FINEST) {
        return Optional.empty();
      }
      return Optional.of(
          new Remembered(
              number(kept, "wide"),
              number(kept, "high"),
              number(kept, "left"),
              number(kept, "top"),
              Boolean.parseBoolean(kept.getProperty("dark")),
              new Units(Units.Family.valueOf(kept.getProperty("units")), denominator),
              Boolean.parseBoolean(kept.getProperty("guided", "true"))));
    } catch (IOException | RuntimeException e) {
      return Optional.empty();
    }
  }

  private static double number(Properties kept, String key) {
    double number = Double.parseDouble(kept.getProperty(key));
    if (!Double.isFinite(number)) {
      throw new IllegalArgumentException(key + " is no number");
    }
    return number;
  }

  /** Writes how it is. */
  void write(Path home) {
    Properties kept = new Properties();
    kept.setProperty("wide", Double.toString(wide));
    kept.setProperty("high", Double.toString(high));
    kept.setProperty("left", Double.toString(left));
    kept.setProperty("top", Double.toString(top));
    kept.setProperty("dark", Boolean.toString(dark));
    kept.setProperty("guided", Boolean.toString(guided));
    kept.setProperty("units", units.family().name());
    kept.setProperty("denominator", Integer.toString(units.denominator()));
    try {
      Files.createDirectories(home);
      try (Writer out = Files.newBufferedWriter(home.resolve(FILE))) {
        kept.store(out, null);
      }
    } catch (IOException e) {
      // The next window opens as the first did.
      return;
    }
  }
}

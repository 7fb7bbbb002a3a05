package stoutblade.trace;

import java.util.List;

/**
 * What a unit of the file is that outlines came from.
 *
 * @param mm how long it is taken to be, in mm
 * @param said true where the file or somebody says so
 */
public record FileUnit(double mm, boolean said) {

  /**
   * A unit that files are drawn in.
   *
   * @param name what it is called
   * @param mm how long it is
   */
  public record Usual(String name, double mm) {}

  /** What files are usually drawn in; CSS Values 3: an inch is 96 px. */
  public static final List<Usual> USUAL =
      List.of(
          new Usual("mm", 1),
          new Usual("cm", 10),
          new Usual("in", 25.4),
          new Usual("px", 25.4 / 96));

  /**
   * Checks the length.
   *
   * @throws IllegalArgumentException if it is none
   */
  public FileUnit {
    if (!(mm > 1e-9 && mm < 1e7)) {
      throw new IllegalArgumentException(
          "A unit of a file is above 0 and below 10 km; found " + mm);
    }
  }

  FileUnit times(double factor) {
    return new FileUnit(mm * factor, said);
  }
}

package stoutblade.nest;

import stoutblade.shape.Region;

/**
 * A shape that is cut so many times.
 *
 * @param id unique within the job
 * @param outline its edges, holes in it; in mm
 * @param count how many
 * @param turning how it may be turned
 * @param mirrors true where it may be turned over
 */
public record NestShape(String id, Region outline, int count, Turning turning, boolean mirrors) {

  /**
   * Checks it.
   *
   * @throws IllegalArgumentException if it is nothing, or is cut no time
   */
  public NestShape {
    if (outline.isEmpty() || !(outline.area() > 0)) {
      throw new IllegalArgumentException(id + ": there is nothing to cut in this outline");
    }
    if (count < 1) {
      throw new IllegalArgumentException(id + ": a piece is cut at least once; found " + count);
    }
  }

  /** The area of all of them, in mm². */
  double allMm2() {
    return outline.area() * count;
  }
}

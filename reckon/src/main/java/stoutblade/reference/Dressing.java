package stoutblade.reference;

import java.util.Optional;
import stoutblade.shape.Box;

/**
 * How a picture is laid on the mat; it changes how it looks, not what is marked on it.
 *
 * @param quarterTurns turned clockwise by so many quarters, 0 to 3
 * @param levelRad turned further clockwise, in radians, so that what should be level is
 * @param crop what of it is shown, in pixels; empty for all
 * @param brightness from -1, dark, over 0, as it is, to 1, bright
 */
public record Dressing(int quarterTurns, double levelRad, Optional<Box> crop, double brightness) {

  /** As it comes. */
  public static final Dressing PLAIN = new Dressing(0, 0, Optional.empty(), 0);

  private static final double MOST_LEVELLING = Math.PI / 4;

  /**
   * Checks the ranges.
   *
   * @throws IllegalArgumentException if one is out of range
   */
  public Dressing {
    if (quarterTurns < 0 || quarterTurns > 3) {
      throw new IllegalArgumentException("Turned by 0 to 3 quarters; found " + quarterTurns);
    }
    if (!(Math.abs(levelRad) <= MOST_LEVELLING)) {
      throw new IllegalArgumentException(
          "A picture is levelled by at most 45°; turn it by a quarter first");
    }
    if (!(Math.abs(brightness) <= 1)) {
      throw new IllegalArgumentException("Brightness lies between -1 and 1; found " + brightness);
    }
    crop.ifPresent(
        box -> {
          if (box.width() < 8 || box.height() < 8) {
            throw new IllegalArgumentException("What is shown is at least 8 pixels wide and high");
          }
        });
  }

  /** Turned by a quarter more, clockwise. */
  public Dressing turned() {
    return new Dressing((quarterTurns + 1) % 4, levelRad, crop, brightness);
  }

  public Dressing withLevel(double radians) {
    return new Dressing(quarterTurns, radians, crop, brightness);
  }

  public Dressing withCrop(Optional<Box> box) {
    return new Dressing(quarterTurns, levelRad, box, brightness);
  }

  public Dressing withBrightness(double changed) {
    return new Dressing(quarterTurns, levelRad, crop, changed);
  }

  /** How far it is turned in all, clockwise, in radians. */
  public double turnRad() {
    return quarterTurns * Math.PI / 2 + levelRad;
  }
}

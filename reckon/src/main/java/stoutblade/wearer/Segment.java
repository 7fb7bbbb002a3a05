package stoutblade.wearer;

import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Lengths of the body as fractions of stature.
 *
 * <p>Drillis and Contini 1966, as tabulated in Winter, Biomechanics and Motor Control of Human
 * Movement; from memory.
 */
public enum Segment {
  EYE_HEIGHT("Eye height", 0.936),
  CHIN_HEIGHT("Chin height", 0.870),
  SHOULDER_HEIGHT("Shoulder height", 0.818),
  HIP_HEIGHT("Hip height", 0.530),
  KNEE_HEIGHT("Knee height", 0.285),
  ANKLE_HEIGHT("Ankle height", 0.039),
  UPPER_ARM("Upper arm", 0.186),
  FOREARM("Forearm", 0.146),
  HAND("Hand", 0.108),
  FOOT("Foot", 0.152),
  SHOULDER_WIDTH("Shoulder width", 0.259),
  HIP_WIDTH("Hip width", 0.191);

  private static final Source SOURCE =
      Source.handbook(
          "Drillis and Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement"
              + " (from memory)");

  private final String label;
  private final double fraction;

  Segment(String label, double fraction) {
    this.label = label;
    this.fraction = fraction;
  }

  /** The fraction of stature. */
  public double fraction() {
    return fraction;
  }

  /** The length for a stature, in the unit of the stature. */
  public double of(double stature) {
    return fraction * stature;
  }

  /** The length as a figure, from the figure of the wearer's height. */
  public Figure of(Figure height) {
    String id = "wearer." + name().toLowerCase(java.util.Locale.ROOT);
    Figure share =
        Figure.given(id + ".share", label + ", share of height", fraction, Quantity.RATIO, SOURCE);
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{" + height.id() + "} * {" + share.id() + "}",
        SOURCE,
        height,
        share);
  }
}

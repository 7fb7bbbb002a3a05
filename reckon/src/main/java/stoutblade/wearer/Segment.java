package stoutblade.wearer;

import java.util.Locale;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Lengths of the body as fractions of stature.
 *
 * <p>Drillis and Contini 1966, as tabulated in Winter, Biomechanics and Motor Control of Human
 * Movement; from memory. The table states no spread; how far people differ from it is our
 * assumption: heights above the ground differ little, short pieces more.
 */
public enum Segment {
  EYE_HEIGHT("Eye height", 0.936, 0.006),
  CHIN_HEIGHT("Chin height", 0.870, 0.008),
  SHOULDER_HEIGHT("Shoulder height", 0.818, 0.012),
  HIP_HEIGHT("Hip height", 0.530, 0.025),
  KNEE_HEIGHT("Knee height", 0.285, 0.035),
  ANKLE_HEIGHT("Ankle height", 0.039, 0.10),
  UPPER_ARM("Upper arm", 0.186, 0.05),
  FOREARM("Forearm", 0.146, 0.045),
  HAND("Hand", 0.108, 0.045),
  FOOT("Foot", 0.152, 0.04),
  SHOULDER_WIDTH("Shoulder width", 0.259, 0.05),
  HIP_WIDTH("Hip width", 0.191, 0.06);

  static final Source SOURCE =
      Source.handbook(
          "Drillis and Contini 1966, in Winter, Biomechanics and Motor Control of Human Movement"
              + " (from memory); the spread is our assumption");

  private final String label;
  private final double fraction;
  private final double spread;

  Segment(String label, double fraction, double spread) {
    this.label = label;
    this.fraction = fraction;
    this.spread = spread;
  }

  /** The trade's word for it. */
  public String label() {
    return label;
  }

  /** The fraction of stature. */
  public double fraction() {
    return fraction;
  }

  /** One standard deviation of the fraction, as a share of it. */
  public double spread() {
    return spread;
  }

  /** The length for a stature, in the unit of the stature. */
  public double of(double stature) {
    return fraction * stature;
  }

  /**
   * The length as a figure, from the figure of a height.
   *
   * @param whose begins the figure's id: whose body it is
   */
  public Figure of(Figure height, String whose) {
    String id = whose + "." + name().toLowerCase(Locale.ROOT).replace('_', '-');
    Figure share =
        Figure.given(
            id + ".share",
            label + ", share of height",
            fraction,
            Quantity.RATIO,
            SOURCE,
            fraction * spread);
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

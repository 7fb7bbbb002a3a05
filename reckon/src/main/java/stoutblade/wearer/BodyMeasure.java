package stoutblade.wearer;

import java.util.List;
import java.util.Locale;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** What can be measured of a wearer besides the height; each is estimated until it is. */
public enum BodyMeasure {
  HAND_LENGTH("Hand length", Segment.HAND.fraction(), Segment.HAND.spread(), Segment.SOURCE),
  HAND_BREADTH(
      "Hand breadth",
      0.050,
      0.06,
      Source.assumption("about a twentieth of stature across the knuckles, without the thumb")),
  GRIP(
      "Grip: handle that thumb and finger just close round",
      0.027,
      0.10,
      Source.assumption("about a quarter of the hand's length")),
  FOREARM("Forearm", Segment.FOREARM.fraction(), Segment.FOREARM.spread(), Segment.SOURCE),
  REACH(
      "Reach: shoulder to the middle of the grip",
      Segment.UPPER_ARM.fraction() + Segment.FOREARM.fraction() + Segment.HAND.fraction() / 2,
      0.035,
      Segment.SOURCE),
  SHOULDER_HEIGHT(
      "Shoulder height",
      Segment.SHOULDER_HEIGHT.fraction(),
      Segment.SHOULDER_HEIGHT.spread(),
      Segment.SOURCE),
  ELBOW_TO_GRIP("Elbow to the middle of the grip", 0.199, 0.035, Girths.SOURCE),
  HAND_ROUND("Hand, round: across the knuckles, without the thumb", 0.118, 0.07, Girths.SOURCE),
  FOREARM_ROUND("Forearm, round: where it is thickest", 0.165, 0.10, Girths.SOURCE),
  HEAD_ROUND("Head, round: above the ears", 0.329, 0.04, Girths.SOURCE);

  /** Where girths come from. */
  private static final class Girths {

    private static final Source SOURCE =
        Source.handbook(
            "Gordon and others 1989, 1988 Anthropometric Survey of U.S. Army Personnel (from"
                + " memory): means of women and men over their stature; the spread is our"
                + " assumption");
  }

  private final String label;
  private final double fraction;
  private final double spread;

  @SuppressWarnings("ImmutableEnumChecker") // a record of an enum and a text
  private final Source source;

  BodyMeasure(String label, double fraction, double spread, Source source) {
    this.label = label;
    this.fraction = fraction;
    this.spread = spread;
    this.source = source;
  }

  /** The trade's word for it, without the explanation after the colon. */
  public String label() {
    return label.split(":", 2)[0];
  }

  /** One word that names its figure: {@code wearer.hand-length}. */
  public String id() {
    return "wearer." + name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The measure as a figure: as it was measured, give or take 3 mm, or as the height lets expect.
   */
  public Figure of(Wearer wearer, Figure height) {
    Double measured = wearer.measured().get(this);
    if (measured != null) {
      return Figure.given(
          id(),
          label,
          measured,
          Quantity.LENGTH,
          Source.measured("on the wearer, give or take 3 mm"),
          MEASURED_STD_MM);
    }
    Figure share =
        Figure.given(
            id() + ".share",
            label() + ", share of height",
            fraction,
            Quantity.RATIO,
            source,
            fraction * spread);
    return Figure.computed(
        id(),
        label + " (estimate)",
        Quantity.LENGTH,
        "{" + height.id() + "} * {" + share.id() + "}",
        source,
        height,
        share);
  }

  private static final double MEASURED_STD_MM = 3;

  /** All measures of a wearer, measured or estimated. */
  public static List<Figure> all(Wearer wearer, Figure height) {
    return List.of(values()).stream().map(it -> it.of(wearer, height)).toList();
  }
}

package stoutblade.wearer;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;

/**
 * The person who carries the prop.
 *
 * @param name what the person or the character is called
 * @param heightMm standing height (stature) in mm
 * @param measured what else was measured on the person, in mm
 * @param weightLimitG the most the person wants to carry, in g; empty where it was not said
 */
public record Wearer(
    String name,
    double heightMm,
    Map<BodyMeasure, Double> measured,
    Optional<Double> weightLimitG) {

  /** The least height taken, in mm. */
  public static final double SHORTEST_MM = 500;

  /** The greatest height taken, in mm. */
  public static final double TALLEST_MM = 2500;

  /** The figure of the height. */
  public static final String HEIGHT_ID = "wearer.height";

  private static final double LEAST_MEASURE_MM = 5;

  /** Stature changes by about this much in a day and with the way of standing, in mm. */
  private static final double STATURE_STD_MM = 5;

  /**
   * Checks height and measures.
   *
   * @throws IllegalArgumentException if it is no person's height, or a measure or limit is not
   *     possible; the message can be shown
   */
  public Wearer {
    checkHeight("A wearer", heightMm);
    EnumMap<BodyMeasure, Double> sorted = new EnumMap<>(BodyMeasure.class);
    sorted.putAll(measured);
    measured = Collections.unmodifiableMap(sorted);
    for (Map.Entry<BodyMeasure, Double> entry : measured.entrySet()) {
      if (!(entry.getValue() >= LEAST_MEASURE_MM && entry.getValue() <= heightMm)) {
        throw new IllegalArgumentException(
            entry.getKey().label()
                + " lies between 5 mm and the wearer's height; found "
                + Display.length(entry.getValue(), Units.METRIC));
      }
    }
    weightLimitG.ifPresent(
        g -> {
          if (!(g > 0 && g <= 100_000)) {
            throw new IllegalArgumentException(
                "The most to carry lies between 0 and 100 kg; found " + g + " g");
          }
        });
  }

  /** A wearer of whom only the height is known. */
  public Wearer(String name, double heightMm) {
    this(name, heightMm, Map.of(), Optional.empty());
  }

  static void checkHeight(String who, double heightMm) {
    if (!(heightMm >= SHORTEST_MM && heightMm <= TALLEST_MM)) {
      throw new IllegalArgumentException(
          who
              + "'s height lies between 50 cm and 250 cm; found "
              + Display.length(heightMm, Units.METRIC));
    }
  }

  public Wearer withName(String changed) {
    return new Wearer(changed, heightMm, measured, weightLimitG);
  }

  public Wearer withHeight(double mm) {
    return new Wearer(name, mm, measured, weightLimitG);
  }

  /** The wearer with a measure; without a value it is estimated again. */
  public Wearer with(BodyMeasure measure, Optional<Double> mm) {
    EnumMap<BodyMeasure, Double> changed = new EnumMap<>(BodyMeasure.class);
    changed.putAll(measured);
    changed.remove(measure);
    mm.ifPresent(value -> changed.put(measure, value));
    return new Wearer(name, heightMm, changed, weightLimitG);
  }

  public Wearer withWeightLimit(Optional<Double> g) {
    return new Wearer(name, heightMm, measured, g);
  }

  /** The height as a figure. */
  public Figure height() {
    return Figure.given(
        HEIGHT_ID,
        "Wearer's height",
        heightMm,
        Quantity.LENGTH,
        Source.measured("stated; standing height varies by about 5 mm over a day"),
        STATURE_STD_MM);
  }
}

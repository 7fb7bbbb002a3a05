package stoutblade.measure;

/** What kind of thing a value measures, and the unit it is kept in. */
public enum Quantity {
  LENGTH("mm"),
  AREA("mm²"),
  /** Of what is solid: foam, wood. */
  VOLUME("mm³"),
  /** Of what is poured or spread: paint, glue, resin. */
  FLUID("mm³"),
  MASS("g"),
  ANGLE("rad"),
  DURATION("min"),
  COUNT(""),
  RATIO(""),
  PIXELS("px"),
  MM_PER_PIXEL("mm/px"),
  FREQUENCY("Hz"),
  MODULUS("N/mm²"),
  DENSITY("g/mm³"),
  /** A force spread over an area, and what a material bears of it. */
  STRESS("N/mm²"),
  /** How much a weight far off resists being swung. */
  INERTIA("g·mm²"),
  BENDING_STIFFNESS("N·mm²"),
  SECOND_MOMENT("mm⁴"),
  SPREAD("mm³/mm²"),
  MONEY("");

  private final String unit;

  Quantity(String unit) {
    this.unit = unit;
  }

  /** The unit that values are kept in inside the computing core. */
  public String unit() {
    return unit;
  }
}

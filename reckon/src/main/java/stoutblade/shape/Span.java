package stoutblade.shape;

/** A stretch from one place to another along a line, in mm. */
public record Span(double from, double to) {

  public double length() {
    return to - from;
  }

  public double middle() {
    return (from + to) / 2;
  }

  /** How long it runs together with another. */
  public double common(Span other) {
    return Math.max(0, Math.min(to, other.to) - Math.max(from, other.from));
  }

  public boolean holds(double place) {
    return from <= place && place <= to;
  }
}

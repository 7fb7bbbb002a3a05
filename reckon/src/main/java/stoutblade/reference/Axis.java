package stoutblade.reference;

/** A direction along an axis of a model's own frame. */
public enum Axis {
  X_UP(0, 1, "+x"),
  X_DOWN(0, -1, "−x"),
  Y_UP(1, 1, "+y"),
  Y_DOWN(1, -1, "−y"),
  Z_UP(2, 1, "+z"),
  Z_DOWN(2, -1, "−z");

  private final int index;
  private final int sign;
  private final String words;

  Axis(int index, int sign, String words) {
    this.index = index;
    this.sign = sign;
    this.words = words;
  }

  /** 0 for x, 1 for y, 2 for z. */
  public int index() {
    return index;
  }

  /** 1 or -1. */
  public int sign() {
    return sign;
  }

  /** What is shown. */
  public String words() {
    return words;
  }
}

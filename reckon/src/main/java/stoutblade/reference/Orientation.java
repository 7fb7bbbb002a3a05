package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Point;

/**
 * How a model stands: which of its directions is up, and which faces us.
 *
 * <p>Turned so, a model has x to our right, y up and z towards us.
 *
 * @param up the direction that is up
 * @param front the direction that faces us
 */
public record Orientation(Axis up, Axis front) {

  /** y up, z towards us: usual of models for looking at. */
  public static final Orientation Y_UP = new Orientation(Axis.Y_UP, Axis.Z_UP);

  /** z up, -y towards us: usual of models for building. */
  public static final Orientation Z_UP = new Orientation(Axis.Z_UP, Axis.Y_DOWN);

  /**
   * Checks that the two stand square to each other.
   *
   * @throws IllegalArgumentException if they lie along one axis
   */
  public Orientation {
    if (up.index() == front.index()) {
      throw new IllegalArgumentException(
          "Up and front stand square to each other; found " + up.words() + " and " + front.words());
    }
  }

  /** A side to look from. */
  public enum View {
    FRONT("Front"),
    SIDE("Side"),
    TOP("Top");

    private final String words;

    View(String words) {
      this.words = words;
    }

    /** What it is called. */
    public String words() {
      return words;
    }
  }

  /** The axis to our right, by the right-hand rule: up × front. */
  private int rightIndex() {
    return 3 - up.index() - front.index();
  }

  private int rightSign() {
    boolean cyclic = (up.index() + 1) % 3 == front.index();
    return up.sign() * front.sign() * (cyclic ? 1 : -1);
  }

  /** Across in a view, from the model's own coordinates. */
  public double across(View view, double x, double y, double z) {
    return switch (view) {
      case FRONT, TOP -> rightSign() * pick(rightIndex(), x, y, z);
      case SIDE -> -front.sign() * pick(front.index(), x, y, z);
    };
  }

  /** Up in a view, from the model's own coordinates. */
  public double along(View view, double x, double y, double z) {
    return switch (view) {
      case FRONT, SIDE -> up.sign() * pick(up.index(), x, y, z);
      case TOP -> -front.sign() * pick(front.index(), x, y, z);
    };
  }

  /** Towards the one who looks, from the model's own coordinates. */
  public double towards(View view, double x, double y, double z) {
    return switch (view) {
      case FRONT -> front.sign() * pick(front.index(), x, y, z);
      case SIDE -> rightSign() * pick(rightIndex(), x, y, z);
      case TOP -> up.sign() * pick(up.index(), x, y, z);
    };
  }

  private static double pick(int index, double x, double y, double z) {
    return index == 0 ? x : index == 1 ? y : z;
  }

  /** A place in a view, from the model's own coordinates. */
  public Point in(View view, double x, double y, double z) {
    return new Point(across(view, x, y, z), along(view, x, y, z));
  }

  /** All fronts that go with an up. */
  public static List<Axis> frontsFor(Axis up) {
    List<Axis> fronts = new ArrayList<>();
    for (Axis axis : Axis.values()) {
      if (axis.index() != up.index()) {
        fronts.add(axis);
      }
    }
    return fronts;
  }
}

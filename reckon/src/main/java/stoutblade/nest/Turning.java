package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;

/** How a piece may be turned on its sheet. */
public enum Turning {
  /** Not at all: a grain or a print runs one way. */
  NONE(1),
  /** The other way round: the grain runs both ways. */
  HALF(2),
  /** By right angles. */
  QUARTER(4),
  /** To any angle. */
  ANY(0);

  private final int steps;

  Turning(int steps) {
    this.steps = steps;
  }

  /** True where any angle is allowed. */
  boolean free() {
    return steps == 0;
  }

  /** The angles that are allowed, in radians; of any angle, the right ones. */
  List<Double> angles() {
    int count = free() ? 4 : steps;
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(2 * Math.PI * i / count);
    }
    return List.copyOf(all);
  }

  /** The angle that is allowed and nearest to one. */
  double nearest(double radians) {
    if (free()) {
      return radians;
    }
    double step = 2 * Math.PI / steps;
    return Math.rint(radians / step) * step;
  }
}

package stoutblade.desktop.mat;

import java.util.Optional;
import javafx.scene.input.KeyEvent;
import stoutblade.shape.Point;

/** Arrow keys that move something: by a millimetre, with shift by ten, with alt by a tenth. */
public final class Arrows {

  private static final double LARGE_MM = 10;
  private static final double SMALL_MM = 0.1;

  private Arrows() {}

  /** By how much a key moves, to the right and up, in mm; empty for any other key. */
  public static Optional<Point> by(KeyEvent event) {
    double step = event.isShiftDown() ? LARGE_MM : event.isAltDown() ? SMALL_MM : 1;
    return switch (event.getCode()) {
      case LEFT -> Optional.of(new Point(-step, 0));
      case RIGHT -> Optional.of(new Point(step, 0));
      case UP -> Optional.of(new Point(0, step));
      case DOWN -> Optional.of(new Point(0, -step));
      default -> Optional.empty();
    };
  }
}

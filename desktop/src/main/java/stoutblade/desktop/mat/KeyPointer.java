package stoutblade.desktop.mat;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import stoutblade.desktop.Key;
import stoutblade.shape.Point;

/**
 * A pointer on a mat that the keys move: whoever has no mouse draws, marks and drags with it. It
 * makes the same presses, drags and releases as a mouse, so that a hand cannot tell them apart.
 */
final class KeyPointer {

  private static final double STEP_PX = 8;
  private static final double COARSE = 10;
  private static final double FINE_PX = 1;
  private static final double ARM_PX = 13;
  private static final double GAP_PX = 4;

  private final Node surface;
  private final Consumer<MouseEvent> pressed;
  private final Consumer<MouseEvent> dragged;
  private final Consumer<MouseEvent> released;
  private Optional<Point> at = Optional.empty();
  private boolean down;

  /**
   * A pointer that is not out yet.
   *
   * @param surface what is pressed
   */
  KeyPointer(
      Node surface,
      Consumer<MouseEvent> pressed,
      Consumer<MouseEvent> dragged,
      Consumer<MouseEvent> released) {
    this.surface = surface;
    this.pressed = pressed;
    this.dragged = dragged;
    this.released = released;
  }

  /** Where it is, in pixels from the top left corner; none while it is not out. */
  Optional<Point> at() {
    return at;
  }

  /**
   * Takes a key: Space brings it out, presses and lets go; arrows move it; Escape puts it away.
   *
   * @param placing true while something is to be placed: arrows bring it out then
   * @return true where the key was for it
   */
  boolean key(KeyEvent event, boolean placing, double wide, double high) {
    Optional<Point> by = arrow(event.getCode());
    if (at.isEmpty()) {
      if (!Key.POINTER.is(event) && (by.isEmpty() || !placing)) {
        return false;
      }
      at = Optional.of(new Point(wide / 2, high / 2));
      return true;
    }
    if (Key.POINTER.is(event)) {
      down = !down;
      (down ? pressed : released)
          .accept(mouse(down ? MouseEvent.MOUSE_PRESSED : MouseEvent.MOUSE_RELEASED, event));
    } else if (by.isPresent()) {
      double step = event.isShiftDown() ? STEP_PX * COARSE : event.isAltDown() ? FINE_PX : STEP_PX;
      Point now = at.get().plus(by.get().times(step));
      at = Optional.of(new Point(Math.clamp(now.x(), 0, wide), Math.clamp(now.y(), 0, high)));
      if (down) {
        dragged.accept(mouse(MouseEvent.MOUSE_DRAGGED, event));
      }
    } else if (event.getCode() == KeyCode.ESCAPE && !down) {
      at = Optional.empty();
      return !placing;
    } else {
      return false;
    }
    return true;
  }

  private static Optional<Point> arrow(KeyCode code) {
    return switch (code) {
      case LEFT -> Optional.of(new Point(-1, 0));
      case RIGHT -> Optional.of(new Point(1, 0));
      case UP -> Optional.of(new Point(0, -1));
      case DOWN -> Optional.of(new Point(0, 1));
      default -> Optional.empty();
    };
  }

  private MouseEvent mouse(EventType<MouseEvent> type, KeyEvent key) {
    return MatPointer.event(
        type,
        surface,
        at.orElseThrow(),
        down,
        new MatPointer.Held(
            key.isShiftDown(), key.isControlDown(), key.isAltDown(), key.isMetaDown()));
  }

  /** Draws it: a cross with an open middle, heavier while it is pressed. */
  void draw(GraphicsContext out, Color colour, Color round) {
    at.ifPresent(
        it -> {
          cross(out, it, round, 5);
          cross(out, it, colour, down ? 3 : 1.6);
        });
  }

  private static void cross(GraphicsContext out, Point at, Color colour, double width) {
    out.setStroke(colour);
    out.setLineWidth(width);
    out.strokeLine(at.x() - ARM_PX, at.y(), at.x() - GAP_PX, at.y());
    out.strokeLine(at.x() + GAP_PX, at.y(), at.x() + ARM_PX, at.y());
    out.strokeLine(at.x(), at.y() - ARM_PX, at.x(), at.y() - GAP_PX);
    out.strokeLine(at.x(), at.y() + GAP_PX, at.x(), at.y() + ARM_PX);
  }
}

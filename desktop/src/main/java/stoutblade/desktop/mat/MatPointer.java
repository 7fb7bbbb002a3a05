package stoutblade.desktop.mat;

import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import stoutblade.shape.Point;

/**
 * A pointer that no hand holds: for walking through the application, for benchmarks, and for the
 * keys.
 */
public final class MatPointer {

  private MatPointer() {}

  /** Fires an event of the main button at a place of what lies on a mat. */
  public static void fire(MatView mat, EventType<MouseEvent> type, Point place) {
    Point own = mat.toScreen(place);
    Point2D at = mat.localToScene(own.x(), own.y());
    Node drawing = mat.getChildrenUnmodifiable().getFirst();
    boolean down = type != MouseEvent.MOUSE_RELEASED;
    Held nothing = new Held(false, false, false, false);
    Event.fireEvent(drawing, event(type, drawing, new Point(at.getX(), at.getY()), down, nothing));
  }

  /** The keys that are held with a press. */
  record Held(boolean shift, boolean control, boolean alt, boolean meta) {}

  /**
   * An event of the main button.
   *
   * @param down true while the button is pressed
   */
  static MouseEvent event(
      EventType<MouseEvent> type, Node drawing, Point at, boolean down, Held held) {
    return new MouseEvent(
        type,
        at.x(),
        at.y(),
        at.x(),
        at.y(),
        MouseButton.PRIMARY,
        1,
        held.shift(),
        held.control(),
        held.alt(),
        held.meta(),
        down,
        false,
        false,
        false,
        false,
        true,
        new PickResult(drawing, at.x(), at.y()));
  }
}

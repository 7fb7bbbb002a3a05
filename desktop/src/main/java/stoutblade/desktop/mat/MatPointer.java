package stoutblade.desktop.mat;

import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import stoutblade.shape.Point;

/** A pointer that no hand holds: for walking through the application and for benchmarks. */
public final class MatPointer {

  private MatPointer() {}

  /** Fires an event of the main button at a place of what lies on a mat. */
  public static void fire(MatView mat, EventType<MouseEvent> type, Point place) {
    Point own = mat.toScreen(place);
    Point2D at = mat.localToScene(own.x(), own.y());
    boolean down = type != MouseEvent.MOUSE_RELEASED;
    Node drawing = mat.getChildrenUnmodifiable().getFirst();
    MouseEvent event =
        new MouseEvent(
            type,
            at.getX(),
            at.getY(),
            0,
            0,
            MouseButton.PRIMARY,
            1,
            false,
            false,
            false,
            false,
            down,
            false,
            false,
            false,
            false,
            true,
            new PickResult(drawing, at.getX(), at.getY()));
    Event.fireEvent(drawing, event);
  }
}

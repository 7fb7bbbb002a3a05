package stoutblade.desktop.mat;

import javafx.scene.paint.Color;
import stoutblade.part.BladeForm;

/** The blade seen on its face, with what is worked into it. */
public final class BladeDrawing {

  private BladeDrawing() {}

  /** Fills its face, without what is cut out of it. */
  public static void face(Pen pen, BladeForm form, Color colour) {
    pen.fill(form.face().rings(), colour);
  }

  /** Its edge, and round what is cut out of it. */
  public static void edge(Pen pen, BladeForm form, Color colour, double widthPx) {
    form.worked().outer().forEach(it -> pen.stroke(it, colour, widthPx));
    form.worked().windows().forEach(it -> pen.stroke(it, colour, widthPx));
  }

  /** What is drawn on it and laid on it. */
  public static void markings(Pen pen, BladeForm form, Color colour) {
    form.worked().markings().forEach(it -> pen.stroke(it.path(), colour, 1));
  }
}

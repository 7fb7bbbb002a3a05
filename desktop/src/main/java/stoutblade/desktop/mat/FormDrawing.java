package stoutblade.desktop.mat;

import javafx.scene.paint.Color;
import stoutblade.feature.PlateForm;

/** Draws what is cut along an outline. */
public final class FormDrawing {

  private FormDrawing() {}

  /** Fills its face, without what is cut out of it. */
  public static void face(Pen pen, PlateForm form, Color colour) {
    pen.fill(form.face().rings(), colour);
  }

  /** Its edge, and round what is cut out of it. */
  public static void edge(Pen pen, PlateForm form, Color colour, double widthPx) {
    form.outer().forEach(it -> pen.stroke(it, colour, widthPx));
    form.windows().forEach(it -> pen.stroke(it, colour, widthPx));
  }

  /** What is drawn on it and laid on it. */
  public static void markings(Pen pen, PlateForm form, Color colour) {
    form.markings().forEach(it -> pen.stroke(it.path(), colour, 1));
  }
}

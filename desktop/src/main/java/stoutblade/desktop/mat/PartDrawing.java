package stoutblade.desktop.mat;

import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import stoutblade.feature.PlateForm;
import stoutblade.part.Cut;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draws a part in its own frame, whatever its shape. */
public final class PartDrawing {

  private static final double LINE_MM = 0.1;

  private PartDrawing() {}

  /** A blade lies with its tip to the right; anything else stands as it does on the prop. */
  public static Lie lie(PartReckoning part) {
    boolean lies = part.part().cut().filter(Cut::lies).isPresent();
    return lies ? Lie.LYING : Lie.UPRIGHT;
  }

  /** The box round it; none where nothing of it is drawn. */
  public static Optional<Box> box(PartReckoning part) {
    List<Point> all = part.seen().stream().flatMap(it -> it.flattened(LINE_MM).stream()).toList();
    return all.isEmpty() ? Optional.empty() : Optional.of(Box.around(all));
  }

  /** Its outer lines: those that close it, as rings. */
  public static List<List<Point>> rings(PartReckoning part) {
    Optional<PlateForm> form = part.form().filter(it -> !it.face().isEmpty());
    return form.map(it -> it.face().rings())
        .orElseGet(() -> part.seen().stream().limit(1).map(it -> it.flattened(LINE_MM)).toList());
  }

  /** Fills it. */
  public static void face(Pen pen, PartReckoning part, Color colour) {
    pen.fill(rings(part), colour);
  }

  /** Its edges, and all other lines that are seen of it. */
  public static void edge(Pen pen, PartReckoning part, Color colour, double widthPx) {
    Optional<PlateForm> form = part.form().filter(it -> !it.face().isEmpty());
    if (form.isPresent()) {
      FormDrawing.edge(pen, form.get(), colour, widthPx);
      return;
    }
    for (Path line : part.seen()) {
      pen.stroke(line, colour, widthPx);
    }
  }
}

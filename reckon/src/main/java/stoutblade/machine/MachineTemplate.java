package stoutblade.machine;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** A machine's way as a template: one kind of line for each purpose, in the machine's order. */
public final class MachineTemplate {

  private MachineTemplate() {}

  /**
   * The template.
   *
   * @param labels what is written on pieces
   */
  public static Template of(
      String id, String title, MachineSheet sheet, ToolPath path, List<Label> labels) {
    List<Stroke> strokes = new ArrayList<>();
    for (ToolPath.Stretch it : path.stretches()) {
      strokes.add(new Stroke(kind(it.purpose()), line(it)));
    }
    for (List<Point> ring : sheet.edge().rings()) {
      strokes.add(new Stroke(Stroke.Kind.SHEET, Path.through(ring, true)));
    }
    return new Template(id, title, List.of(), strokes, labels);
  }

  private static Path line(ToolPath.Stretch it) {
    List<Point> points = it.points();
    return it.closed()
        ? Path.through(points.subList(0, points.size() - 1), true)
        : Path.through(points, false);
  }

  private static Stroke.Kind kind(ToolPath.Purpose purpose) {
    return switch (purpose) {
      case ENGRAVE -> Stroke.Kind.ENGRAVE;
      case DRAW -> Stroke.Kind.BEND;
      case INSIDE -> Stroke.Kind.INSIDE;
      case OUTSIDE -> Stroke.Kind.CUT;
    };
  }
}

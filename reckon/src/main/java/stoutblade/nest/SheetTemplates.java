package stoutblade.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.template.Label;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** Sheets with what is laid on them, at true size, for every file that a template can become. */
public final class SheetTemplates {

  private static final double BETWEEN_MM = 60;
  private static final double LARGEST_MM = 14;
  private static final double SMALLEST_MM = 3;

  private SheetTemplates() {}

  /** All sheets of an answer side by side; each piece bears its number, counted through. */
  public static Template of(String id, String title, Nesting nesting) {
    Map<String, Integer> numbers = numbers(nesting);
    return of(id, title, nesting, it -> Integer.toString(numbers.get(it)));
  }

  /**
   * The same with other numbers.
   *
   * @param number what a piece bears, by its shape's id
   */
  public static Template of(
      String id, String title, Nesting nesting, UnaryOperator<String> number) {
    List<Stroke> strokes = new ArrayList<>();
    List<Label> labels = new ArrayList<>();
    List<Template.Copy> copies = new ArrayList<>();
    double from = 0;
    int sheet = 1;
    for (Nesting.Used used : nesting.sheets()) {
      Box box = used.sheet().outline().box();
      Point by = new Point(from - box.minX(), -box.minY());
      for (List<Point> ring : used.cutOff().outline().rings()) {
        strokes.add(new Stroke(Stroke.Kind.SHEET, Path.through(ring, true).moved(by::plus)));
      }
      labels.add(
          new Label(
              "Sheet " + sheet + ": " + used.sheet().id(),
              new Point(from + box.width() / 2, box.height() + LARGEST_MM),
              LARGEST_MM * 0.8,
              false));
      for (Nesting.Placed it : used.pieces()) {
        for (Path line : it.shape().lines()) {
          Path there = line.moved(at -> it.lay().place(at)).moved(by::plus);
          strokes.add(new Stroke(Stroke.Kind.CUT, there));
        }
        labels.add(label(it, by, number.apply(it.shape().id())));
        copies.add(new Template.Copy(it.shape().id(), it.lay().mirrored()));
      }
      from += box.width() + BETWEEN_MM;
      sheet++;
    }
    return new Template(id, title, copies, strokes, labels);
  }

  /** The number of each shape, in the order in which they are met. */
  public static Map<String, Integer> numbers(Nesting nesting) {
    Map<String, Integer> numbers = new HashMap<>();
    for (Nesting.Used used : nesting.sheets()) {
      for (Nesting.Placed it : used.pieces()) {
        numbers.putIfAbsent(it.shape().id(), numbers.size() + 1);
      }
    }
    return numbers;
  }

  /** Its number where there is most room in it. */
  private static Label label(Nesting.Placed it, Point by, String number) {
    Room room = Room.of(it);
    double size = Math.clamp(room.radius() * 0.9, SMALLEST_MM, LARGEST_MM);
    return new Label(number, it.lay().place(room.middle()).plus(by), size, false);
  }

  /**
   * The largest circle in a piece, by the search's own circles: where there is room for its number.
   *
   * @param middle in the piece's own frame
   * @param radius in mm
   */
  public record Room(Point middle, double radius) {

    /** That of a piece. */
    public static Room of(Nesting.Placed it) {
      Point centre = it.shape().outline().box().centre();
      Form form = Form.of(it.shape().outline(), centre);
      return new Room(new Point(form.circleX[0], form.circleY[0]).plus(centre), form.circleR[0]);
    }
  }
}

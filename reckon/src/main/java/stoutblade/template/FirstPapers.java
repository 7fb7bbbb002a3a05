package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import stoutblade.feature.Measures;
import stoutblade.feature.PlateForm;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * What is printed before any template, to be held in the hand: a strip as long as the prop, and its
 * outline alone. Paper is cheap; foam cut at the wrong size is not.
 */
public final class FirstPapers {

  private static final double STRIP_MM = 60;
  private static final double TICK_MM = 8;
  private static final double LABEL_MM = 6;

  private FirstPapers() {}

  /**
   * A strip as long as the whole prop, with a tick at every 10 cm or 3 in and the grip marked.
   *
   * @param length of the whole prop, in mm
   * @param gripAt the middle of the grip from the butt, in mm; 0 for none
   */
  public static Template strip(String prop, double length, double gripAt, Units units) {
    double half = STRIP_MM / 2;
    List<Stroke> strokes = new ArrayList<>();
    List<Label> labels = new ArrayList<>();
    strokes.add(
        new Stroke(
            Stroke.Kind.CUT,
            Path.through(
                List.of(
                    new Point(-half, 0),
                    new Point(-half, length),
                    new Point(half, length),
                    new Point(half, 0)),
                true)));
    double step = units.metric() ? 100 : 3 * Units.MM_PER_INCH;
    for (double y = step; y < length; y += step) {
      strokes.add(
          new Stroke(
              Stroke.Kind.CENTRE, Path.line(new Point(-half, y), new Point(-half + TICK_MM, y))));
      labels.add(
          new Label(Display.length(y, units), new Point(-half + TICK_MM + LABEL_MM, y), LABEL_MM));
    }
    if (gripAt > 0 && gripAt < length) {
      strokes.add(
          new Stroke(
              Stroke.Kind.CENTRE, Path.line(new Point(-half, gripAt), new Point(half, gripAt))));
      labels.add(new Label("middle of the grip", new Point(half - LABEL_MM, gripAt), LABEL_MM));
    }
    labels.add(
        new Label(
            prop + ", " + Display.length(length, units) + ": hold it up before you cut foam",
            new Point(0, Math.min(length / 2, 140)),
            LABEL_MM));
    return new Template(
        "test-strip",
        prop + ", test strip",
        List.of(new Template.Copy("strip of paper, to hold up", false)),
        strokes,
        labels);
  }

  /**
   * The outline of a part alone.
   *
   * @throws IllegalArgumentException if it cannot be cut
   */
  public static Template outline(String prop, PlateForm form) {
    Measures sizes =
        form.measures()
            .orElseThrow(() -> new IllegalArgumentException("There is no outline to cut yet"));
    Path outline = form.blank().outline().outline();
    Box box = Box.around(outline.extremes());
    Point middle = box.centre();
    return new Template(
        "outline",
        prop + ", outline to hold up",
        List.of(new Template.Copy("outline of paper, to hold up", false)),
        List.of(
            new Stroke(Stroke.Kind.CUT, outline),
            new Stroke(
                Stroke.Kind.CENTRE,
                Path.line(new Point(middle.x(), box.minY()), new Point(middle.x(), box.maxY())))),
        List.of(
            new Label(
                prop + ": hold it up before you cut foam",
                new Point(middle.x(), box.minY() + sizes.length().value() * 0.4),
                Math.clamp(sizes.width().value() / 12, 2, LABEL_MM))));
  }
}

package stoutblade.machine;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Point;

/**
 * What a machine does on a sheet, in its order.
 *
 * @param stretches each cut without lifting the tool
 */
public record ToolPath(List<Stretch> stretches) {

  /** What a line is for, in the order in which they are done. */
  public enum Purpose {
    ENGRAVE("Engrave"),
    DRAW("Draw"),
    INSIDE("Cut inside"),
    OUTSIDE("Cut outside");

    private final String words;

    Purpose(String words) {
      this.words = words;
    }

    /** Its words on the screen. */
    public String words() {
      return words;
    }

    /** True for what goes through the sheet. */
    public boolean cuts() {
      return this == INSIDE || this == OUTSIDE;
    }
  }

  /**
   * A line that is gone along without lifting the tool.
   *
   * @param purpose what it is for
   * @param points its corners, in mm on the bed
   */
  public record Stretch(Purpose purpose, List<Point> points) {

    /** Copies the corners. */
    public Stretch {
      points = List.copyOf(points);
    }

    /** How long it is, in mm. */
    public double lengthMm() {
      double sum = 0;
      for (int i = 1; i < points.size(); i++) {
        sum += points.get(i - 1).distance(points.get(i));
      }
      return sum;
    }

    /** Where the tool goes down. */
    public Point start() {
      return points.getFirst();
    }

    /** Where it is lifted. */
    public Point end() {
      return points.getLast();
    }

    /** True where it ends where it began. */
    public boolean closed() {
      return points.size() > 3 && start().distance(end()) < 1e-9;
    }
  }

  /** Copies the stretches. */
  public ToolPath {
    stretches = List.copyOf(stretches);
  }

  /** How long all lines are, each once, in mm. */
  public double lengthMm() {
    return stretches.stream().mapToDouble(Stretch::lengthMm).sum();
  }

  /** How long all that is cut through, or all that is not, is, each line once, in mm. */
  public double lengthMm(boolean cut) {
    return stretches.stream()
        .filter(it -> it.purpose().cuts() == cut)
        .mapToDouble(Stretch::lengthMm)
        .sum();
  }

  /**
   * How far the tool goes lifted, from the corner of the bed on, in mm.
   *
   * @param pace how often it goes along each line, from its start each time
   */
  public double travelMm(Cutter.Pace pace) {
    double sum = 0;
    Point at = new Point(0, 0);
    for (Stretch it : stretches) {
      sum += at.distance(it.start());
      sum += (pace.passes(it.purpose()) - 1) * it.end().distance(it.start());
      at = it.end();
    }
    return sum;
  }

  /** Its first part, so long in mm of lines. */
  public ToolPath upTo(double mm) {
    List<Stretch> done = new ArrayList<>();
    double left = mm;
    for (Stretch it : stretches) {
      double length = it.lengthMm();
      if (length <= left) {
        done.add(it);
        left -= length;
      } else {
        List<Point> begun = begun(it, left);
        if (begun.size() > 1) {
          done.add(new Stretch(it.purpose, begun));
        }
        break;
      }
    }
    return new ToolPath(done);
  }

  private static List<Point> begun(Stretch stretch, double mm) {
    List<Point> begun = new ArrayList<>(List.of(stretch.start()));
    double left = mm;
    for (int i = 1; i < stretch.points.size() && left > 0; i++) {
      Point from = stretch.points.get(i - 1);
      Point to = stretch.points.get(i);
      double length = from.distance(to);
      begun.add(length <= left ? to : from.towards(to, left / length));
      left -= length;
    }
    return begun;
  }
}

package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import stoutblade.desktop.Key;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.texts.Texts;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * A free curve from the edge, on the left, to the ridge: places are dragged, pressed into the line
 * where none is, and taken out.
 */
final class CurvePad {

  private static final double WIDE_PX = 210;
  private static final double HIGH_PX = 80;
  private static final double LONG = 100;
  private static final double HIGH = 40;
  private static final double NEAR_PX = 14;
  private static final double LEAST = 0.01;
  private static final double STEP = 0.01;

  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final Predicate<List<Point>> change;
  private List<Point> shown = List.of();
  private List<Point> places = List.of();
  private int held = -1;

  /**
   * The pad.
   *
   * @param change takes the places of a changed curve; false where it refuses them
   */
  CurvePad(Predicate<List<Point>> change) {
    this.change = change;
    mat.setCalled(Texts.LAYERS.of("curve-of-the-section"));
    mat.setId("curve-pad");
    mat.setRuled(false);
    mat.setMinSize(WIDE_PX, HIGH_PX);
    mat.setPrefSize(WIDE_PX, HIGH_PX);
    mat.setMaxSize(WIDE_PX, HIGH_PX);
    mat.setDrawing(this::draw);
    mat.setHand(new Bending());
  }

  MatView node() {
    return mat;
  }

  void show(List<Point> curve) {
    shown = curve;
    places = curve;
    held = Math.min(held, curve.size() - 1);
    mat.fit(new Box(0, 0, LONG, HIGH), 12);
    mat.redraw();
  }

  private void take(List<Point> changed) {
    if (!change.test(changed)) {
      show(shown);
    }
  }

  private static Point seen(Point place) {
    return new Point(place.x() * LONG, place.y() * HIGH);
  }

  private List<Point> line() {
    List<Point> all = new ArrayList<>(List.of(new Point(0, 0)));
    places.forEach(it -> all.add(seen(it)));
    all.add(new Point(LONG, HIGH));
    return all;
  }

  private void draw(Pen pen) {
    List<Point> line = line();
    List<Point> under = new ArrayList<>(line);
    under.add(new Point(LONG, 0));
    under.add(new Point(0, 0));
    pen.fill(List.of(under), pen.colour(Ink.FOAM));
    pen.stroke(List.of(line), pen.colour(Ink.INK), 2);
    for (int i = 0; i < places.size(); i++) {
      pen.handle(seen(places.get(i)), true, i == held);
    }
  }

  /**
   * As near to a place as its neighbours let it be: further in than one, no higher than the other.
   */
  private List<Point> with(int index, Point wanted) {
    Point before = index > 0 ? places.get(index - 1) : new Point(0, 0);
    Point after = index < places.size() - 1 ? places.get(index + 1) : new Point(1, 1);
    double left = before.x() + LEAST;
    double right = Math.max(left, after.x() - LEAST);
    List<Point> all = new ArrayList<>(places);
    all.set(
        index,
        new Point(
            Math.clamp(wanted.x(), left, right), Math.clamp(wanted.y(), before.y(), after.y())));
    return all;
  }

  private void add(Point wanted) {
    int index = (int) places.stream().filter(it -> it.x() < wanted.x()).count();
    List<Point> all = new ArrayList<>(places);
    all.add(index, wanted);
    places = all;
    held = index;
    places = with(index, wanted);
  }

  /** Dragging, adding and taking out. */
  private final class Bending implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      held = -1;
      double near = NEAR_PX / mat.zoom();
      for (int i = 0; i < places.size(); i++) {
        held = seen(places.get(i)).distance(place) < near ? i : held;
      }
      if (held < 0) {
        add(new Point(place.x() / LONG, place.y() / HIGH));
      }
      mat.redraw();
      return true;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      places = with(held, new Point(place.x() / LONG, place.y() / HIGH));
      mat.redraw();
    }

    @Override
    public void release(Point place, MouseEvent event) {
      take(places);
    }

    @Override
    public boolean key(KeyEvent event) {
      if (held < 0) {
        return false;
      }
      Point at = places.get(held);
      switch (event.getCode()) {
        case LEFT -> take(with(held, at.plus(new Point(-STEP, 0))));
        case RIGHT -> take(with(held, at.plus(new Point(STEP, 0))));
        case UP -> take(with(held, at.plus(new Point(0, STEP))));
        case DOWN -> take(with(held, at.plus(new Point(0, -STEP))));
        default -> {
          if (!Key.REMOVE.is(event)) {
            return false;
          }
          takeOut();
        }
      }
      return true;
    }

    private void takeOut() {
      List<Point> all = new ArrayList<>(places);
      all.remove(held);
      held = -1;
      take(all);
    }
  }
}

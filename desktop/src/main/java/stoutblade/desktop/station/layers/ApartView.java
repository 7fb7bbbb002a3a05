package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntSupplier;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.texts.Texts;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * The layers taken apart, at true proportion, turned with the pointer or the arrow keys. Drawn
 * without 3D: the layers lie in parallel planes, so they are drawn from the far one to the near
 * one.
 */
final class ApartView {

  private static final double LEAST_TILT = 0.15;
  private static final double MOST_TILT = 1.35;
  private static final double STEP = Math.toRadians(5);
  private static final double PER_PIXEL = 0.008;
  private static final double SEEN = 0.45;
  private static final double MANY = 5;
  private static final double LINE_PIXELS = 17;

  private final IntSupplier selected;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private Optional<Pile> shown = Optional.empty();
  private double yaw = Math.toRadians(-76);
  private double tilt = Math.toRadians(60);
  private double apart = 1;

  /**
   * The view.
   *
   * @param selected which layer is selected, from 0; below 0 for none
   */
  ApartView(String id, IntSupplier selected) {
    this.selected = selected;
    mat.setCalled(Texts.LAYERS.of("layers-taken-apart"));
    mat.setId(id);
    mat.setRuled(false);
    mat.setDrawing(this::draw);
    mat.setHand(new Turning());
  }

  MatView node() {
    return mat;
  }

  /** How far the layers are pulled apart: 0 together, 1 as usual. */
  void setApart(double changed) {
    apart = changed;
    show(shown);
  }

  void show(Optional<Pile> pile) {
    // Where nothing of any layer is left, there is nothing to take apart.
    shown = pile.filter(it -> it.leaves().stream().anyMatch(leaf -> !leaf.rings().isEmpty()));
    shown.ifPresent(it -> mat.fit(around(it), 46));
    mat.redraw();
  }

  // == WHERE THINGS ARE ON THE SCREEN

  private Point seen(Point place, double height) {
    Point turned = place.turned(yaw);
    return new Point(turned.x(), turned.y() * Math.cos(tilt) + height * Math.sin(tilt));
  }

  /**
   * How much a layer is lifted over where it is when all are together: so much that about half of
   * each face is seen, or less where there are many.
   */
  private double lift(Pile pile, int index) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    Box box = pile.box();
    for (Point corner : box.corners()) {
      double y = corner.turned(yaw).y() * Math.cos(tilt);
      low = Math.min(low, y);
      high = Math.max(high, y);
    }
    double many = Math.max(1, pile.leaves().size() / MANY);
    return index * apart * SEEN * (high - low) / Math.sin(tilt) / many;
  }

  /** The box of what is drawn, with room for the words beside it. */
  private Box around(Pile pile) {
    List<Point> all = new ArrayList<>();
    for (int i = 0; i < pile.leaves().size(); i++) {
      Pile.Leaf leaf = pile.leaves().get(i);
      double lift = lift(pile, i);
      for (List<Point> ring : leaf.rings()) {
        ring.forEach(
            place -> {
              all.add(seen(place, leaf.low() + lift));
              all.add(seen(place, leaf.high() + lift));
            });
      }
    }
    pile.rod().ifPresent(it -> all.add(seen(it.line().getFirst(), 0)));
    Box box = Box.around(all);
    double words = box.width() * 0.3;
    return new Box(box.minX(), box.minY(), box.maxX() + words, box.maxY());
  }

  // == DRAWING

  private void draw(Pen pen) {
    shown.ifPresent(it -> stack(pen, it));
  }

  private void stack(Pen pen, Pile pile) {
    boolean rodDrawn = pile.rod().isEmpty();
    for (int i = 0; i < pile.leaves().size(); i++) {
      if (!rodDrawn && pile.leaves().get(i).low() >= pile.rod().get().height() - 1e-9) {
        rod(pen, pile, i);
        rodDrawn = true;
      }
      leaf(pen, pile, i);
    }
  }

  private void leaf(Pen pen, Pile pile, int index) {
    Pile.Leaf leaf = pile.leaves().get(index);
    double lift = lift(pile, index);
    double height = leaf.high() + lift;
    boolean chosen = selected.getAsInt() == index;
    walls(pen, leaf.rings(), leaf.low() + lift, height);
    List<List<Point>> top = leaf.rings().stream().map(it -> raised(it, height)).toList();
    pen.fill(top, pen.colour(Ink.FOAM));
    leaf.dashed()
        .forEach(it -> pen.stroke(List.of(raised(it, height)), pen.colour(Ink.SOFT), 1, 6, 4));
    for (List<Point> pocket : leaf.pockets()) {
      pen.fill(List.of(raised(pocket, height)), pen.colour(Ink.FOAM_DEEP));
      pen.stroke(List.of(raised(pocket, height)), pen.colour(Ink.INK), 1.2);
    }
    pen.stroke(top, pen.colour(chosen ? Ink.SELECTED : Ink.INK), chosen ? 3 : 1.6);
    if (!leaf.words().isEmpty()) {
      words(pen, leaf.words(), top, chosen);
    }
  }

  private List<Point> raised(List<Point> ring, double height) {
    return ring.stream().map(it -> seen(it, height)).toList();
  }

  /** The sides that look this way, the far ones first. */
  private void walls(Pen pen, List<List<Point>> rings, double low, double high) {
    record Wall(Point from, Point to, double depth, double light) {}
    List<Wall> walls = new ArrayList<>();
    for (List<Point> ring : rings) {
      for (int i = 1; i < ring.size(); i++) {
        Point from = ring.get(i - 1);
        Point to = ring.get(i);
        Point way = to.minus(from);
        // Shells run clockwise and holes the other way: the foam is to the right.
        Point out = new Point(-way.y(), way.x()).turned(yaw);
        if (out.y() < 0 && way.length() > 0) {
          double away = from.towards(to, 0.5).turned(yaw).y();
          walls.add(new Wall(from, to, away, Math.abs(out.x()) / out.length()));
        }
      }
    }
    walls.sort(Comparator.comparingDouble(it -> -it.depth()));
    Color lit = pen.colour(Ink.FOAM_DEEP);
    for (Wall wall : walls) {
      Color shade = lit.deriveColor(0, 1, 0.72 + 0.28 * wall.light(), 1);
      List<Point> quad =
          List.of(
              seen(wall.from(), low),
              seen(wall.to(), low),
              seen(wall.to(), high),
              seen(wall.from(), high),
              seen(wall.from(), low));
      pen.fill(List.of(quad), shade);
      // A hair of the same colour closes the seams between quads.
      pen.stroke(List.of(quad), shade, 0.8);
      pen.line(seen(wall.from(), low), seen(wall.to(), low), pen.colour(Ink.INK), 1.2);
    }
    rings.forEach(it -> ends(pen, it, low, high));
  }

  /** Upright lines where the side turns away. */
  private void ends(Pen pen, List<Point> ring, double low, double high) {
    for (int i = 1; i < ring.size(); i++) {
      Point at = ring.get(i);
      Point after = i + 1 < ring.size() ? ring.get(i + 1) : ring.get(1);
      if (faces(ring.get(i - 1), at) != faces(at, after)) {
        pen.line(seen(at, low), seen(at, high), pen.colour(Ink.INK), 1.2);
      }
    }
  }

  private boolean faces(Point from, Point to) {
    Point way = to.minus(from);
    return new Point(-way.y(), way.x()).turned(yaw).y() < 0;
  }

  /** The core half way between the layers that it lies between. */
  private void rod(Pen pen, Pile pile, int above) {
    Pile.Rod core = pile.rod().orElseThrow();
    double lift = (lift(pile, above) + lift(pile, Math.max(0, above - 1))) / 2;
    List<Point> line = core.line().stream().map(it -> seen(it, core.height() + lift)).toList();
    List<Point> rod = new ArrayList<>();
    List<Point> back = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      Point way = line.get(Math.min(i + 1, line.size() - 1)).minus(line.get(Math.max(i - 1, 0)));
      Point aside = new Point(-way.y(), way.x()).times(core.half() / Math.max(1e-9, way.length()));
      rod.add(line.get(i).plus(aside));
      back.addFirst(line.get(i).minus(aside));
    }
    rod.addAll(back);
    rod.add(rod.getFirst());
    pen.fill(List.of(rod), pen.colour(Ink.CORE));
    pen.stroke(List.of(rod), pen.colour(Ink.INK), 1.2);
  }

  private static void words(Pen pen, String words, List<List<Point>> top, boolean chosen) {
    Point right =
        top.stream()
            .flatMap(List::stream)
            .max(Comparator.comparingDouble(Point::x))
            .orElse(new Point(0, 0));
    Point at = right.plus(new Point(14 / pen.zoom(), 0));
    pen.line(right, at, pen.colour(chosen ? Ink.SELECTED : Ink.SOFT), 1.2);
    double down = 5;
    for (String line : words.split("\n", -1)) {
      pen.wordsFrom(line, at, 6, down, 14, pen.colour(chosen ? Ink.SELECTED : Ink.INK));
      down += LINE_PIXELS;
    }
  }

  /** Turning with the pointer and the keys. */
  private final class Turning implements MatView.Hand {

    private Point last = new Point(0, 0);

    @Override
    public boolean press(Point place, MouseEvent event) {
      last = new Point(event.getX(), event.getY());
      return true;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      Point now = new Point(event.getX(), event.getY());
      turn((now.x() - last.x()) * PER_PIXEL, (last.y() - now.y()) * PER_PIXEL);
      last = now;
    }

    @Override
    public boolean key(KeyEvent event) {
      switch (event.getCode()) {
        case LEFT -> turn(-STEP, 0);
        case RIGHT -> turn(STEP, 0);
        case UP -> turn(0, STEP);
        case DOWN -> turn(0, -STEP);
        default -> {
          return false;
        }
      }
      return true;
    }
  }

  private void turn(double round, double over) {
    yaw += round;
    tilt = Math.clamp(tilt + over, LEAST_TILT, MOST_TILT);
    show(shown);
  }
}

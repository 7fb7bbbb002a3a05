package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Layered;
import stoutblade.layer.Layer;
import stoutblade.measure.Display;
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
  private static final double COARSE_MM = 0.3;
  private static final double APART = 0.085;

  private final Desk desk;
  private final LayersModel model;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private Optional<Layered> shown = Optional.empty();
  private double yaw = Math.toRadians(-76);
  private double tilt = Math.toRadians(60);
  private double apart = 1;

  ApartView(Desk desk, LayersModel model) {
    this.desk = desk;
    this.model = model;
    mat.setId("apart-mat");
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

  void show(Optional<Layered> layered) {
    shown = layered;
    layered.ifPresent(it -> mat.fit(around(it), 46));
    mat.redraw();
  }

  // == WHERE THINGS ARE ON THE SCREEN

  private Point seen(Point place, double height) {
    Point turned = place.turned(yaw);
    return new Point(turned.x(), turned.y() * Math.cos(tilt) + height * Math.sin(tilt));
  }

  /** How much a layer is lifted over where it is when all are together. */
  private double lift(Layered it, int number) {
    Box box = it.box();
    return (number - 1) * apart * APART * Math.hypot(box.width(), box.height());
  }

  /** The box of what is drawn, with room for the words beside it. */
  private Box around(Layered it) {
    List<Point> all = new ArrayList<>();
    for (Layer layer : it.layers().each()) {
      double lift = lift(it, layer.number());
      for (List<Point> ring : layer.cut().rings()) {
        ring.forEach(
            place -> {
              all.add(seen(place, layer.from() + lift));
              all.add(seen(place, layer.to() + lift));
            });
      }
    }
    it.core().ifPresent(core -> all.add(seen(new Point(0, core.choice().startMm()), 0)));
    Box box = Box.around(all);
    double words = box.width() * 0.3;
    return new Box(box.minX(), box.minY(), box.maxX() + words, box.maxY());
  }

  // == DRAWING

  private void draw(Pen pen) {
    shown.ifPresent(it -> stack(pen, it));
  }

  private void stack(Pen pen, Layered it) {
    double middle = it.layers().thickness().value() / 2;
    boolean rodDrawn = false;
    for (Layer layer : it.layers().each()) {
      if (!rodDrawn && layer.from() >= middle) {
        rod(pen, it, layer.number());
        rodDrawn = true;
      }
      layer(pen, it, layer);
    }
  }

  private void layer(Pen pen, Layered it, Layer layer) {
    double lift = lift(it, layer.number());
    boolean chosen = model.selected().filter(own -> own == layer.number() - 1).isPresent();
    List<List<Point>> rings = layer.cut().coarse(COARSE_MM).rings();
    walls(pen, rings, layer.from() + lift, layer.to() + lift);
    List<List<Point>> top =
        rings.stream()
            .map(ring -> ring.stream().map(p -> seen(p, layer.to() + lift)).toList())
            .toList();
    pen.fill(top, pen.colour(Ink.FOAM));
    double height = layer.to() + lift;
    if (layer.worked()) {
      for (List<Point> ring : layer.filled().coarse(COARSE_MM).rings()) {
        pen.stroke(
            List.of(ring.stream().map(p -> seen(p, height)).toList()),
            pen.colour(Ink.INK),
            1,
            6,
            4);
      }
    }
    channel(pen, it, layer, height);
    if (layer.number() == it.layers().each().size()) {
      it.form()
          .markings()
          .forEach(
              own -> pen.stroke(own.path().moved(p -> seen(p, height)), pen.colour(Ink.SOFT), 1));
    }
    pen.stroke(top, pen.colour(chosen ? Ink.SELECTED : Ink.INK), chosen ? 3 : 1.6);
    words(pen, layer, top, chosen);
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
  }

  private void channel(Pen pen, Layered it, Layer layer, double height) {
    if (it.core().isEmpty()) {
      return;
    }
    CoreReckoning core = it.core().get();
    boolean behind = layer.to() <= it.layers().thickness().value() / 2 + 1e-9;
    for (Channel own : Channel.of(it.layers(), core.diameter().value() / 2)) {
      if (own.layer().number() == layer.number() && (behind || own.through())) {
        List<Point> ring = strip(core, own.widthMm() / 2, height);
        pen.fill(List.of(ring), pen.colour(own.through() ? Ink.MAT : Ink.FOAM_DEEP));
        pen.stroke(List.of(ring), pen.colour(Ink.INK), 1.2);
      }
    }
  }

  private List<Point> strip(CoreReckoning core, double half, double height) {
    double from = Math.max(0, core.choice().startMm());
    double to = core.choice().endMm();
    return List.of(
        seen(new Point(-half, from), height),
        seen(new Point(-half, to), height),
        seen(new Point(half, to), height),
        seen(new Point(half, from), height),
        seen(new Point(-half, from), height));
  }

  /** The core half way between the layers that it lies between. */
  private void rod(Pen pen, Layered it, int above) {
    it.core()
        .ifPresent(
            core -> {
              double half = core.diameter().value() / 2;
              double lift = (lift(it, above) + lift(it, Math.max(1, above - 1))) / 2;
              double height = it.layers().thickness().value() / 2 + lift;
              Point from = new Point(0, core.choice().startMm());
              Point to = new Point(0, core.choice().endMm());
              Point a = seen(from, height);
              Point b = seen(to, height);
              Point way = b.minus(a);
              Point aside = new Point(-way.y(), way.x()).times(half / Math.max(1e-9, way.length()));
              List<Point> rod =
                  List.of(
                      a.plus(aside), b.plus(aside), b.minus(aside), a.minus(aside), a.plus(aside));
              pen.fill(List.of(rod), pen.colour(Ink.CORE));
              pen.stroke(List.of(rod), pen.colour(Ink.INK), 1.2);
            });
  }

  private void words(Pen pen, Layer layer, List<List<Point>> top, boolean chosen) {
    Point right =
        top.stream()
            .flatMap(List::stream)
            .max(Comparator.comparingDouble(Point::x))
            .orElse(new Point(0, 0));
    Point at = right.plus(new Point(14 / pen.zoom(), 0));
    pen.line(right, at, pen.colour(chosen ? Ink.SELECTED : Ink.SOFT), 1.2);
    String words =
        layer.number()
            + "  "
            + Display.length(layer.sheet().thicknessMm(), desk.units())
            + "  "
            + layer.foam().shortName();
    pen.wordsFrom(words, at, 6, 5, 14, pen.colour(chosen ? Ink.SELECTED : Ink.INK));
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

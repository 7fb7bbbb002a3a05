package stoutblade.desktop.station.layers;

import java.util.Optional;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Layered;
import stoutblade.desktop.texts.Texts;
import stoutblade.layer.HeightGrid;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** The front of a part finished, as light falls on it; or how much is worked off, as colour. */
final class FinishedView {

  private static final int MOST_PLACES = 60_000;
  private static final double AMBIENT = 0.42;
  private static final int LEGEND_STEPS = 24;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final LayersModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private Optional<Layered> shown = Optional.empty();
  private Optional<Layers> sampledOf = Optional.empty();
  private Optional<HeightGrid> map = Optional.empty();
  private Optional<WritableImage> image = Optional.empty();

  FinishedView(Desk desk, BackgroundTasks tasks, LayersModel model) {
    this.desk = desk;
    this.tasks = tasks;
    this.model = model;
    mat.setCalled(Texts.LAYERS.of("the-finished-part"));
    mat.setId("finished-mat");
    mat.setDrawing(this::draw);
  }

  MatView node() {
    return mat;
  }

  void show(Optional<Layered> layered) {
    shown = layered;
    mat.setUnits(desk.units());
    layered.ifPresent(
        it -> {
          mat.setLie(it.lie());
          mat.fitAnew(it.box(), 52);
          sample(it.layers());
        });
    paint();
    mat.redraw();
  }

  private void sample(Layers layers) {
    if (sampledOf.filter(layers::equals).isPresent()) {
      return;
    }
    sampledOf = Optional.of(layers);
    tasks.start(
        Texts.LAYERS.of("looking-at-the-finished-part"),
        progress -> HeightGrid.of(layers, MOST_PLACES, progress),
        found -> {
          if (sampledOf.filter(layers::equals).isPresent()) {
            map = Optional.of(found);
            paint();
            mat.redraw();
          }
        });
  }

  // == COLOURS

  private void paint() {
    image = map.map(this::painted);
  }

  private WritableImage painted(HeightGrid own) {
    int[] pixels = new int[own.columns() * own.rows()];
    boolean off = model.view() == LayersModel.View.OFF;
    double most = Math.max(0.1, own.mostOff());
    for (int row = 0; row < own.rows(); row++) {
      for (int column = 0; column < own.columns(); column++) {
        int at = row * own.columns() + column;
        // Pictures run from the top down.
        int to = (own.rows() - 1 - row) * own.columns() + column;
        pixels[to] = off ? removed(own, at, most) : lit(own, row, column);
      }
    }
    WritableImage made = new WritableImage(own.columns(), own.rows());
    made.getPixelWriter()
        .setPixels(
            0,
            0,
            own.columns(),
            own.rows(),
            PixelFormat.getIntArgbInstance(),
            pixels,
            0,
            own.columns());
    return made;
  }

  private int removed(HeightGrid own, int at, double most) {
    double off = own.off(at);
    return Double.isNaN(off) ? 0 : argb(ramp(Math.clamp(off / most, 0, 1)), 1);
  }

  /** From the colour of bare foam to that of what is wrong: what is to be sanded stands out. */
  private Color ramp(double share) {
    return mat.colour(Ink.FOAM).interpolate(mat.colour(Ink.WRONG), share);
  }

  private int lit(HeightGrid own, int row, int column) {
    int at = row * own.columns() + column;
    double height = own.finished()[at];
    if (Double.isNaN(height)) {
      return 0;
    }
    double dx = slope(own, at, column > 0 ? -1 : 0, column + 1 < own.columns() ? 1 : 0);
    double dy =
        slope(own, at, row > 0 ? -own.columns() : 0, row + 1 < own.rows() ? own.columns() : 0);
    double steep = Math.sqrt(1 + dx * dx + dy * dy);
    // Light from the upper left of the screen.
    Point light =
        shown.map(Layered::lies).orElse(false) ? new Point(-0.5, -0.5) : new Point(-0.5, 0.5);
    double facing = (-dx * light.x() - dy * light.y() + 0.7) / steep;
    return argb(mat.colour(Ink.FOAM), AMBIENT + (1 - AMBIENT) * Math.clamp(facing, 0, 1.1));
  }

  private static double slope(HeightGrid own, int at, int before, int after) {
    double low = own.finished()[at + before];
    double high = own.finished()[at + after];
    double from = Double.isNaN(low) ? own.finished()[at] : low;
    double to = Double.isNaN(high) ? own.finished()[at] : high;
    boolean both = before != 0 && after != 0 && !Double.isNaN(low) && !Double.isNaN(high);
    return (to - from) / (own.stepMm() * (both ? 2 : 1));
  }

  private static int argb(Color colour, double light) {
    int red = (int) Math.round(255 * Math.min(1, colour.getRed() * light));
    int green = (int) Math.round(255 * Math.min(1, colour.getGreen() * light));
    int blue = (int) Math.round(255 * Math.min(1, colour.getBlue() * light));
    return 0xff000000 | red << 16 | green << 8 | blue;
  }

  // == DRAWING

  private void draw(Pen pen) {
    shown.ifPresent(
        it -> {
          image.ifPresent(own -> lay(pen, own, map.orElseThrow()));
          it.form().outer().forEach(own -> pen.stroke(own, pen.colour(Ink.INK), 2));
          it.form().windows().forEach(own -> pen.stroke(own, pen.colour(Ink.INK), 2));
          it.form().markings().forEach(own -> pen.stroke(own.path(), pen.colour(Ink.INK), 1));
          if (model.view() == LayersModel.View.OFF) {
            map.ifPresent(own -> legend(pen, it, own));
          }
        });
  }

  private static void lay(Pen pen, WritableImage own, HeightGrid map) {
    Point topLeft = new Point(map.box().minX(), map.box().minY() + map.rows() * map.stepMm());
    pen.picture(
        own,
        topLeft,
        new Point(map.stepMm(), 0),
        new Point(0, -map.stepMm()),
        new Box(0, 0, map.columns(), map.rows()),
        1);
  }

  /** From nothing to the most, under the part. */
  private void legend(Pen pen, Layered it, HeightGrid own) {
    Box box = it.box();
    double long_ = it.lies() ? box.height() : box.width();
    double beside = 26 / pen.zoom();
    for (int i = 0; i < LEGEND_STEPS; i++) {
      double from = long_ * 0.4 * i / LEGEND_STEPS;
      double to = long_ * 0.4 * (i + 1) / LEGEND_STEPS;
      Point a =
          it.lies()
              ? new Point(box.maxX() + beside, box.minY() + from)
              : new Point(box.minX() + from, box.minY() - beside);
      Point b =
          it.lies()
              ? new Point(box.maxX() + beside, box.minY() + to)
              : new Point(box.minX() + to, box.minY() - beside);
      pen.line(a, b, ramp((i + 0.5) / LEGEND_STEPS), 12);
    }
    Point end =
        it.lies()
            ? new Point(box.maxX() + beside, box.minY() + long_ * 0.4)
            : new Point(box.minX() + long_ * 0.4, box.minY() - beside);
    pen.wordsFrom(
        Texts.LAYERS.of("nothing-to-off-the-front", Display.length(own.mostOff(), desk.units())),
        end,
        8,
        5,
        13,
        pen.colour(Ink.INK));
  }
}

package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Pen;
import stoutblade.reference.Flat;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Box;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * How a picture lies on a mat: flattened, turned, at the size of the prop, standing on the ground
 * at y = 0.
 */
final class PictureLay {

  private static final double UNSCALED_MM = 1;

  private final Reference reference;
  private final Flat flat;
  private final Homography back;
  private final double mm;
  private final double cos;
  private final double sin;
  private final Point origin;

  PictureLay(PictureSize size) {
    this.reference = size.scale().reference();
    this.flat = size.scale().flat();
    this.back = flat.map().inverse();
    this.mm = size.perPixel().orElse(UNSCALED_MM);
    double turn = reference.dressing().turnRad();
    this.cos = Math.cos(turn);
    this.sin = Math.sin(turn);
    this.origin = ground();
  }

  /** mm for a flat pixel, or 1 where there is no scale. */
  double mmPerPixel() {
    return mm;
  }

  Flat flat() {
    return flat;
  }

  /** The figure's heel where one is marked, else the foot of what is shown. */
  private Point ground() {
    Optional<Point> heel =
        reference.rulers().stream()
            .map(Ruler::by)
            .filter(Ruler.FigureHeight.class::isInstance)
            .map(it -> lowest(it.points()))
            .findFirst();
    return heel.orElseGet(
        () -> {
          List<Point> corners = corners(shown()).stream().map(this::turned).toList();
          Box box = Box.around(corners);
          return new Point(box.centre().x(), box.maxY());
        });
  }

  private Point lowest(List<Point> points) {
    Point first = turned(points.getFirst());
    Point last = turned(points.getLast());
    return first.y() > last.y() ? first : last;
  }

  /** What of the picture is shown, in its pixels. */
  Box shown() {
    return reference
        .dressing()
        .crop()
        .orElse(new Box(0, 0, reference.picture().widthPx(), reference.picture().heightPx()));
  }

  private static List<Point> corners(Box box) {
    return List.of(
        new Point(box.minX(), box.minY()),
        new Point(box.maxX(), box.minY()),
        new Point(box.maxX(), box.maxY()),
        new Point(box.minX(), box.maxY()));
  }

  private Point turned(Point px) {
    return turnedFlat(flat.map().apply(px));
  }

  private Point turnedFlat(Point px) {
    return new Point(px.x() * cos - px.y() * sin, px.x() * sin + px.y() * cos);
  }

  /** The place on the mat, in mm, of a place on the picture. */
  Point toMat(Point px) {
    return flatToMat(flat.map().apply(px));
  }

  private Point flatToMat(Point px) {
    Point it = turnedFlat(px).minus(origin);
    return new Point(it.x() * mm, -it.y() * mm);
  }

  /** The place on the picture of a place on the mat. */
  Point toPicture(Point place) {
    return back.apply(toFlat(place));
  }

  /** The place in the flattened frame of a place on the mat. */
  Point toFlat(Point place) {
    Point it = new Point(place.x() / mm, -place.y() / mm).plus(origin);
    return new Point(it.x() * cos + it.y() * sin, -it.x() * sin + it.y() * cos);
  }

  /** The box on the mat of what is shown. */
  Box extent() {
    return flat.flattened()
        ? Box.around(corners(flatFrame()).stream().map(this::flatToMat).toList())
        : Box.around(corners(shown()).stream().map(this::toMat).toList());
  }

  /** What of a flattened picture is shown: near the horizon it has no end. */
  private Box flatFrame() {
    Box marked =
        Box.around(
            Marked.on(reference).stream()
                .flatMap(it -> it.points().stream())
                .map(flat.map()::apply)
                .toList());
    return marked.grown(0.3 * Math.max(marked.width(), marked.height()));
  }

  /** Draws the picture. */
  void draw(Pen pen, Pictures pictures, double opacity) {
    pictures.of(reference, flat, mm * pen.zoom()).ifPresent(it -> draw(pen, it, part(it), opacity));
  }

  private void draw(Pen pen, Pictures.Shown shown, Box part, double opacity) {
    Point corner =
        new Point(
            shown.frame().minX() + part.minX() * shown.step(),
            shown.frame().minY() + part.minY() * shown.step());
    Point at = flatToMat(corner);
    Point right = flatToMat(corner.plus(new Point(shown.step(), 0))).minus(at);
    Point down = flatToMat(corner.plus(new Point(0, shown.step()))).minus(at);
    pen.picture(shown.image(), at, right, down, part, opacity);
  }

  /** The part of an image to draw, in its pixels. */
  private Box part(Pictures.Shown shown) {
    Box all = new Box(0, 0, shown.image().getWidth(), shown.image().getHeight());
    Optional<Box> wanted =
        flat.flattened() ? Optional.of(flatFrame()) : reference.dressing().crop();
    return wanted.map(it -> cut(it, shown, all)).orElse(all);
  }

  private static Box cut(Box wanted, Pictures.Shown shown, Box all) {
    double x = shown.frame().minX();
    double y = shown.frame().minY();
    double step = shown.step();
    return new Box(
        Math.clamp((wanted.minX() - x) / step, 0, all.maxX() - 1),
        Math.clamp((wanted.minY() - y) / step, 0, all.maxY() - 1),
        Math.clamp((wanted.maxX() - x) / step, 1, all.maxX()),
        Math.clamp((wanted.maxY() - y) / step, 1, all.maxY()));
  }
}

package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.station.size.Marked.OfLine;
import stoutblade.desktop.station.size.Marked.OfMeasure;
import stoutblade.desktop.station.size.Marked.OfRuler;
import stoutblade.desktop.station.size.Marked.OfWhole;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Measured;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Ruler;
import stoutblade.reference.Scale;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** A picture with its marks and what is being marked, and beside it the wearer with the prop. */
final class PictureDrawing {

  private final Desk desk;
  private final Pictures pictures;
  private final PictureModel model;

  PictureDrawing(Desk desk, Pictures pictures, PictureModel model) {
    this.desk = desk;
    this.pictures = pictures;
    this.model = model;
  }

  /** Draws it. */
  void draw(Pen pen, PictureSize size) {
    PictureLay lay = new PictureLay(size);
    lay.draw(pen, pictures, 1);
    if (size.perPixel().isPresent()) {
      drawWearer(pen, lay.extent());
    }
    model.reference().ifPresent(it -> drawCamera(pen, lay, it.camera()));
    for (Marked mark : model.marks()) {
      drawMark(pen, size, lay, mark);
    }
    drawPlacing(pen, lay);
  }

  /** The horizon and what is upright: what tells how the camera was held. */
  private static void drawCamera(Pen pen, PictureLay lay, Camera camera) {
    camera.horizon().ifPresent(it -> drawEdge(pen, lay, it, Texts.SIZE.of("horizon")));
    camera.uprights().forEach(it -> drawEdge(pen, lay, it, Texts.SIZE.of("upright")));
  }

  private static void drawEdge(Pen pen, PictureLay lay, Mark mark, String words) {
    Point from = lay.toMat(mark.from());
    Point to = lay.toMat(mark.to());
    pen.line(from, to, pen.colour(Ink.DONE), 1.5);
    pen.plate(words, from.towards(to, 0.5), pen.colour(Ink.DONE));
  }

  private void drawWearer(Pen pen, Box picture) {
    double tall = desk.wearer().heightMm();
    double x = picture.maxX() + tall * 0.33;
    pen.line(new Point(x - tall * 0.27, 0), new Point(x + tall * 0.4, 0), pen.colour(Ink.INK), 2);
    Figures.body(pen, desk.wearer(), new Point(x, 0));
    Figures.held(pen, desk.reckoned(), new Point(x + tall * 0.19, 0));
    double whole = Figures.wholeLength(desk.reckoned());
    if (whole > 0) {
      Point side = new Point(x + tall * 0.30, 0);
      pen.measure(
          side,
          side.plus(new Point(0, whole)),
          Figures.wholeLengthWords(desk.reckoned(), desk.units()),
          pen.colour(Ink.MEASURE));
    }
    pen.measure(
        new Point(x - tall * 0.22, 0),
        new Point(x - tall * 0.22, tall),
        Display.length(tall, desk.units()),
        pen.colour(Ink.INK));
  }

  private void drawMark(Pen pen, PictureSize size, PictureLay lay, Marked mark) {
    boolean chosen = mark.what().equals(model.selectedProperty().get());
    List<Point> at = mark.points().stream().map(lay::toMat).toList();
    Ink ink = chosen ? Ink.SELECTED : ink(size, mark);
    drawLines(pen, mark, at, ink);
    for (int i = 0; i < at.size(); i++) {
      if (chosen && i == model.selectedPlace()) {
        pen.dot(at.get(i), 4, pen.colour(ink));
      }
      pen.sight(at.get(i), pen.colour(ink));
    }
    Point middle = mark.what() instanceof OfWhole ? at.get(0).towards(at.get(1), 0.32) : middle(at);
    pen.plate(words(size, mark), middle, pen.colour(ink));
  }

  private static Ink ink(PictureSize size, Marked mark) {
    return switch (mark.what()) {
      case OfRuler it ->
          size.scale().reference().ruler(it.id()).filter(Ruler::trusted).isPresent()
              ? Ink.DONE
              : Ink.SOFT;
      case OfWhole it -> Ink.MEASURE;
      case OfLine it -> Ink.MEASURE;
      case OfMeasure it -> Ink.INK;
    };
  }

  private static Point middle(List<Point> at) {
    if (at.size() == 2) {
      return at.get(0).towards(at.get(1), 0.5);
    }
    return new Point(
        at.stream().mapToDouble(Point::x).average().orElseThrow(),
        at.stream().mapToDouble(Point::y).average().orElseThrow());
  }

  private static void drawLines(Pen pen, Marked mark, List<Point> at, Ink ink) {
    boolean round = mark.points().size() == 4 && mark.what() instanceof OfRuler;
    Path path = Path.through(at, round);
    pen.stroke(path, pen.faint(Ink.PAPER, 0.8), 5);
    if (mark.what() instanceof OfLine) {
      pen.stroke(path, pen.colour(ink), 2, 12, 5, 2, 5);
    } else {
      pen.stroke(path, pen.colour(ink), 2);
    }
  }

  private void drawPlacing(Pen pen, PictureLay lay) {
    List<Point> at = model.placing().stream().map(lay::toMat).toList();
    if (at.isEmpty()) {
      return;
    }
    Tool tool = model.toolProperty().get();
    boolean box = tool == Tool.CROP || tool == Tool.TRACE;
    if (at.size() > 1) {
      List<Point> line =
          box
              ? List.of(
                  at.get(0),
                  new Point(at.get(1).x(), at.get(0).y()),
                  at.get(1),
                  new Point(at.get(0).x(), at.get(1).y()))
              : at;
      pen.stroke(Path.through(line, box), pen.colour(Ink.SELECTED), 2, 6, 4);
    }
    at.forEach(it -> pen.sight(it, pen.colour(Ink.SELECTED)));
  }

  private String words(PictureSize size, Marked mark) {
    boolean moving = model.moving(mark.what());
    return switch (mark.what()) {
      case OfRuler it -> rulerWords(size.scale(), it.id());
      case OfWhole it -> Texts.SIZE.of("overall", length(size.whole(), moving, mark));
      case OfLine it -> Texts.SIZE.of("centre-line", length(size.centreLine(), moving, mark));
      case OfMeasure it -> measureWords(size.measures().get(it.id()));
    };
  }

  private String rulerWords(Scale scale, String rulerId) {
    return scale.readings().stream()
        .filter(it -> it.ruler().id().equals(rulerId))
        .map(
            it -> {
              String words =
                  it.ruler().name()
                      + it.real().map(real -> " " + real.show(desk.units())).orElse("");
              return it.ruler().trusted() ? words : Texts.SIZE.of("ruler-aside", words);
            })
        .findFirst()
        .orElse("");
  }

  private String measureWords(Measured measured) {
    if (measured == null) {
      return "";
    }
    String name = measured.measure().name();
    if (measured.figures().isEmpty()) {
      return Texts.SIZE.of("no-scale-yet", name);
    }
    String count =
        measured.measure().kind() == Measure.Kind.COUNT
            ? measured.measure().points().size() + " × "
            : "";
    return name + " " + count + measured.figures().getLast().showRounded(desk.units());
  }

  /** The length as it is reckoned; while it is being moved, or without a scale, in pixels. */
  private String length(Optional<Figure> figure, boolean moving, Marked mark) {
    return figure
        .filter(it -> !moving)
        .map(it -> it.showRounded(desk.units()))
        .orElseGet(
            () -> Display.decimal(mark.points().get(0).distance(mark.points().get(1)), 0) + " px");
  }
}

package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import stoutblade.body.Body;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.develop.Panel;
import stoutblade.feature.Spot;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.reference.Placement;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Span;
import stoutblade.shape.WholeOutline;
import stoutblade.wearer.BodyOutline;
import stoutblade.wearer.Wearer;

/** Drawings that several surfaces share: the wearer, and the prop held upright beside her. */
public final class Figures {

  private static final double HAFT_MM = 33;

  private Figures() {}

  /** The wearer's outline standing at a place. */
  public static void body(Pen pen, Wearer wearer, Point foot) {
    for (Path path : BodyOutline.of(wearer.heightMm())) {
      Path moved = moved(path, foot);
      pen.fill(moved, pen.faint(Ink.BODY, 0.55));
      pen.stroke(moved, pen.colour(Ink.BODY), 1.2);
    }
  }

  /** The length of the whole prop in mm, as made; 0 where nothing tells it. */
  public static double wholeLength(PropReckoning prop) {
    return prop.fit().map(it -> it.length().value()).orElseGet(() -> tracedLength(prop));
  }

  /** Panels of a shape that was laid out flat, as a small picture. */
  public static void flat(Pen pen, List<Panel> panels) {
    for (Panel panel : panels) {
      pen.fill(panel.outline(), pen.colour(Ink.FOAM));
      pen.stroke(panel.outline(), pen.colour(Ink.INK), 1.2);
    }
  }

  /** That length in words, to the figures that its uncertainty leaves it. */
  public static String wholeLengthWords(PropReckoning prop, Units units) {
    return prop.fit()
        .map(it -> it.length().showRounded(units))
        .orElseGet(() -> Display.length(tracedLength(prop), units));
  }

  private static double tracedLength(PropReckoning prop) {
    return prop.prop().size().tracings().stream()
        .findFirst()
        .map(it -> Box.around(it.outlines().getFirst().path().flattened(1)).height())
        .orElse(0.0);
  }

  /**
   * A piece of the prop as it is drawn.
   *
   * @param path its outline in mm, from the butt upwards
   * @param ink its colour
   */
  public record Piece(Path path, Ink ink) {}

  /**
   * The prop from its butt upwards: all its parts where they are, else the first outline that was
   * traced. What of it is marked and not drafted yet is a haft below.
   *
   * @param side true for how thin it is, seen from the side
   */
  public static List<Piece> prop(PropReckoning prop, boolean side) {
    double whole = wholeLength(prop);
    if (whole <= 0) {
      return List.of();
    }
    double thick =
        prop.prop()
            .size()
            .carry()
            .thicknessMm()
            .orElse(
                prop.parts().stream()
                    .mapToDouble(it -> it.part().thicknessMm())
                    .filter(it -> it > 0)
                    .findFirst()
                    .orElse(HAFT_MM));
    List<Piece> drafted = drafted(prop);
    if (drafted.isEmpty()) {
      return traced(prop, side, thick);
    }
    Box box = Box.around(drafted.stream().flatMap(it -> it.path().flattened(1).stream()).toList());
    double base = Math.max(0, whole - box.height());
    List<Piece> pieces = new ArrayList<>();
    if (base > 1) {
      double half = prop.prop().size().carry().gripDiameterMm().orElse(HAFT_MM) / 2;
      pieces.add(new Piece(bar(half, 0, base), Ink.CORE));
    }
    if (side) {
      pieces.add(new Piece(bar(thick / 2, base, base + box.height()), Ink.FOAM));
    } else {
      Point up = new Point(0, base - box.minY());
      drafted.forEach(it -> pieces.add(new Piece(moved(it.path(), up), it.ink())));
    }
    return pieces;
  }

  /** All parts with their cores, each where it is on the prop; carriers first. */
  private static List<Piece> drafted(PropReckoning prop) {
    List<Piece> pieces = new ArrayList<>();
    List<Part> order = new ArrayList<>(prop.assembly().order());
    // What does not show in front lies behind.
    order.sort(Comparator.comparing(it -> it.placing().shows().front()));
    for (Part part : order) {
      PartReckoning own = prop.part(part.id()).orElseThrow();
      for (Spot spot : prop.assembly().spots().get(part.id())) {
        own.core()
            .ifPresent(
                core -> {
                  Body body = own.body().orElseThrow();
                  double half = core.width().value() / 2;
                  Path rod =
                      Path.through(
                          body.course()
                              .strip(
                                  new Span(-half, half),
                                  body.nearMm() + core.choice().startMm(),
                                  body.nearMm() + core.choice().endMm()),
                          true);
                  pieces.add(new Piece(spot.place(rod), Ink.CORE));
                });
        own.seen().stream().limit(1).forEach(it -> pieces.add(new Piece(spot.place(it), Ink.FOAM)));
      }
    }
    return pieces;
  }

  private static List<Piece> traced(PropReckoning prop, boolean side, double thick) {
    return prop.prop().size().tracings().stream()
        .findFirst()
        .map(it -> it.outlines().getFirst().path())
        .map(
            path -> {
              Box box = Box.around(path.flattened(1));
              Path stood = moved(path, new Point(-box.centre().x(), -box.minY()));
              return List.of(new Piece(side ? bar(thick / 2, 0, box.height()) : stood, Ink.FOAM));
            })
        .orElse(List.of());
  }

  private static Path bar(double half, double from, double to) {
    return Path.through(
        List.of(
            new Point(-half, from),
            new Point(-half, to),
            new Point(half, to),
            new Point(half, from)),
        true);
  }

  /** The prop held upright with its butt at a place. */
  public static void held(Pen pen, PropReckoning prop, Point butt) {
    for (Piece piece : prop(prop, false)) {
      Path moved = moved(piece.path(), butt);
      pen.fill(moved, pen.colour(piece.ink()));
      pen.stroke(moved, pen.colour(Ink.INK), 1.5);
    }
  }

  /** Outlines as they were traced, with their nodes. */
  public static void tracing(Pen pen, List<WholeOutline> outlines, Ink ink) {
    for (WholeOutline outline : outlines) {
      Path path = outline.path();
      pen.stroke(path, pen.faint(Ink.PAPER, 0.8), 4);
      pen.stroke(path, pen.colour(ink), 1.8);
      if (outline.nodes().size() < 200) {
        outline.nodes().forEach(it -> pen.dot(it.at(), 3, pen.colour(ink)));
      }
    }
  }

  /** The picture that the blade is traced on, at its scale. */
  public static void picture(Pen pen, Placement placement, Pictures pictures, double dim) {
    picture(pen, placement, pictures, dim, it -> it);
  }

  /**
   * The same under something that is not in the blade's frame.
   *
   * @param from brings a place of the blade's frame into that of what is drawn
   */
  public static void picture(
      Pen pen, Placement placement, Pictures pictures, double dim, UnaryOperator<Point> from) {
    pictures
        .of(placement.reference(), placement.flat(), placement.mmPerPixel() * pen.zoom())
        .ifPresent(it -> picture(pen, placement, it, dim, from));
  }

  private static void picture(
      Pen pen, Placement placement, Pictures.Shown shown, double dim, UnaryOperator<Point> into) {
    Point from = new Point(shown.frame().minX(), shown.frame().minY());
    Point corner = into.apply(placement.flatToBlade(from));
    double step = shown.step();
    pen.picture(
        shown.image(),
        corner,
        into.apply(placement.flatToBlade(from.plus(new Point(step, 0)))).minus(corner),
        into.apply(placement.flatToBlade(from.plus(new Point(0, step)))).minus(corner),
        new Box(0, 0, shown.image().getWidth(), shown.image().getHeight()),
        dim);
  }

  /** A path moved by a displacement. */
  public static Path moved(Path path, Point by) {
    return new Path(
        path.cubics().stream()
            .map(
                it ->
                    new Cubic(
                        it.start().plus(by),
                        it.control1().plus(by),
                        it.control2().plus(by),
                        it.end().plus(by)))
            .toList(),
        path.closed());
  }
}

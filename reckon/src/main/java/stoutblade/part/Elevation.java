package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.develop.Cone;
import stoutblade.develop.Cope;
import stoutblade.develop.Cover;
import stoutblade.develop.Dish;
import stoutblade.develop.DoubleWall;
import stoutblade.develop.Elbow;
import stoutblade.develop.Form;
import stoutblade.develop.Helix;
import stoutblade.develop.Insert;
import stoutblade.develop.Lidded;
import stoutblade.develop.Moulding;
import stoutblade.develop.OverEdge;
import stoutblade.develop.Prism;
import stoutblade.develop.Pyramid;
import stoutblade.develop.RimBand;
import stoutblade.develop.Ring;
import stoutblade.develop.Rings;
import stoutblade.develop.Swelling;
import stoutblade.develop.Turned;
import stoutblade.develop.Wraps;
import stoutblade.section.Oval;
import stoutblade.shape.Box;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** What a shape looks like from the front of the prop, closed up: lines about its own middle. */
public final class Elevation {

  private static final double TOLERANCE_MM = 0.05;

  private Elevation() {}

  /**
   * A band round a plate's edge: the plate's outline, and that grown by the band's thickness.
   *
   * @param carrier the outline that it goes round
   */
  public static Optional<List<Path>> round(RimBand band, Outline carrier) {
    if (!carrier.drawn() || Region.crossing(carrier.outline(), TOLERANCE_MM).isPresent()) {
      return Optional.empty();
    }
    Region inside = Region.inside(carrier.outline(), TOLERANCE_MM);
    List<Path> lines = new ArrayList<>();
    inside
        .offsetRounded(band.foamMm(), TOLERANCE_MM)
        .rings()
        .forEach(it -> lines.add(Path.through(it, true)));
    inside.rings().forEach(it -> lines.add(Path.through(it, true)));
    return Optional.of(lines);
  }

  /**
   * The lines, the outermost first, in mm.
   *
   * @param facing true along its axis; false from the side, its axis upwards
   */
  static List<Path> of(Form form, boolean facing) {
    return switch (form) {
      case Ring it -> tube(it.outsideMm(), it.outsideMm() - 2 * it.foamMm(), it.widthMm(), facing);
      case Rings it ->
          facing ? circles(it.outsideMm(), it.outsideMm() - 2 * it.foamMm()) : rings(it);
      case DoubleWall it ->
          facing
              ? circles(
                  it.outsideMm(),
                  it.outsideMm() - 2 * it.foamMm(),
                  it.innerMm(),
                  it.innerMm() - 2 * it.foamMm())
              : List.of(bar(it.outsideMm(), it.heightMm()));
      case Lidded it -> lidded(it, facing);
      case Wraps it -> wraps(it, facing);
      case Swelling it -> swelling(it, facing);
      case Helix it -> {
        double outside = it.formerMm() + 2 * it.foamMm();
        yield tube(outside, it.formerMm(), it.coveredMm(), facing);
      }
      case RimBand it -> {
        double inside = it.roundMm() / Math.PI;
        yield tube(inside + 2 * it.foamMm(), inside, it.widthMm(), facing);
      }
      case Cone it -> facing ? circles(it.footMm(), it.topMm()) : cone(it);
      case Dish it -> facing ? circles(it.rimMm(), 0) : List.of(cap(it.depthMm(), it.outside()));
      case Turned it -> facing ? circles(it.rimMm(), 0) : List.of(cap(it.depthMm(), it.outside()));
      case Elbow it -> elbow(it, facing);
      case Cope it ->
          facing ? circles(it.outsideMm(), it.outsideMm() - 2 * it.foamMm()) : List.of(cope(it));
      case Prism it -> {
        List<Point> foot = foot(it.sides(), it.sideMm(), it.secondMm());
        yield facing ? List.of(closed(foot)) : List.of(bar(across(foot), it.heightMm()));
      }
      case Pyramid it -> pyramid(it, facing);
      case OverEdge it -> List.of(bar(it.lengthMm(), it.halfMm()));
      case Cover it -> List.of(bar(it.lengthMm(), facing ? it.widthMm() : it.heightMm()));
      case Moulding it -> moulding(it);
      case Insert it -> facing ? circles(it.discMm()) : List.of(bar(it.discMm(), it.foamMm()));
    };
  }

  private static List<Path> rings(Rings rings) {
    double start = -rings.alongMm() / 2;
    List<Path> lines = new ArrayList<>();
    for (int i = 0; i < rings.count(); i++) {
      double half = rings.outsideMm() / 2;
      double from = start + rings.fromMm(i);
      double to = from + rings.widthMm(i);
      lines.add(
          closed(
              List.of(
                  new Point(-half, from),
                  new Point(half, from),
                  new Point(half, to),
                  new Point(-half, to))));
    }
    return lines;
  }

  /** The box with its lid on: what is outside of both. */
  private static List<Path> lidded(Lidded it, boolean facing) {
    Prism outer = it.over() ? it.lid() : it.box();
    if (facing) {
      return List.of(closed(foot(4, outer.sideMm(), outer.secondMm())));
    }
    Path box = bar(across(foot(4, it.wideMm(), it.narrowMm())), it.heightMm());
    if (!it.over()) {
      return List.of(box);
    }
    double half = across(foot(4, outer.sideMm(), outer.secondMm())) / 2;
    double top = it.heightMm() / 2 + it.foamMm();
    Path lid =
        closed(
            List.of(
                new Point(-half, top - it.lidMm()),
                new Point(half, top - it.lidMm()),
                new Point(half, top),
                new Point(-half, top)));
    return List.of(box, lid);
  }

  private static List<Path> tube(double outside, double inside, double width, boolean facing) {
    return facing ? circles(outside, inside) : List.of(bar(outside, width));
  }

  private static List<Path> circles(double... diameters) {
    List<Path> lines = new ArrayList<>();
    for (double diameter : diameters) {
      if (diameter > 0) {
        lines.add(WholeOutline.circle(new Point(0, 0), diameter / 2).path());
      }
    }
    return lines;
  }

  private static List<Path> wraps(Wraps wraps, boolean facing) {
    List<Path> lines = new ArrayList<>();
    double across = wraps.formerMm();
    double width = wraps.widthMm();
    for (double foam : wraps.foamMm()) {
      across += 2 * foam;
      lines.addFirst(facing ? circles(across).getFirst() : bar(across, width));
      width -= 2 * wraps.stepMm();
    }
    // The undermost turn is the longest: its line comes first where it is seen from the side.
    return facing ? lines : lines.reversed();
  }

  /** Its drawn outline; along its axis the widest section, and what is inside. */
  private static List<Path> swelling(Swelling grip, boolean facing) {
    if (facing) {
      Path widest = Oval.outline(grip.deeperMm() / 2, grip.acrossMm() / 2);
      return List.of(
          widest.moved(it -> it.turned(Math.PI / 2)), circles(grip.formerMm()).getFirst());
    }
    List<Double> radii = grip.profile().radii();
    double length = grip.profile().lengthMm();
    List<Point> right = new ArrayList<>();
    List<Point> left = new ArrayList<>();
    for (int i = 0; i < radii.size(); i++) {
      double up = length * i / (radii.size() - 1) - length / 2;
      double out = Math.max(radii.get(i), grip.formerMm() / 2);
      right.add(new Point(out, up));
      left.addFirst(new Point(-out, up));
    }
    right.addAll(left);
    return List.of(Path.through(Region.simplified(right, TOLERANCE_MM), true));
  }

  private static List<Path> cone(Cone cone) {
    double low = -cone.heightMm() / 2;
    double rise = cone.topMm() / 2 * Math.tan(cone.slant());
    double foot = cone.footMm() / 2;
    double top = Math.max(cone.topMm() / 2, 1e-3);
    return List.of(
        closed(
            List.of(
                new Point(-foot, low),
                new Point(foot, low),
                new Point(top, -low + rise),
                new Point(-top, -low - rise))));
  }

  /** The curve of a dish from the side, its rim level and its middle upwards. */
  private static Path cap(double depth, List<Point> right) {
    List<Point> points = new ArrayList<>();
    double low = -depth / 2;
    right.reversed().forEach(it -> points.add(new Point(it.x(), low + it.y())));
    right.stream().skip(1).forEach(it -> points.add(new Point(-it.x(), low + it.y())));
    return closed(points);
  }

  private static List<Path> elbow(Elbow elbow, boolean facing) {
    if (facing) {
      return circles(elbow.outsideMm(), elbow.outsideMm() - 2 * elbow.foamMm());
    }
    double half = elbow.outsideMm() / 2;
    List<Point> points = new ArrayList<>();
    List<Point> back = new ArrayList<>();
    for (int i = 0; i <= 24; i++) {
      double turn = elbow.bend() * i / 24;
      Point out = new Point(Math.cos(turn), Math.sin(turn));
      points.add(out.times(elbow.bendMm() + half));
      back.addFirst(out.times(Math.max(0, elbow.bendMm() - half)));
    }
    Point way = new Point(-Math.sin(elbow.bend()), Math.cos(elbow.bend())).times(elbow.legMm());
    points.addFirst(points.getFirst().minus(new Point(0, elbow.legMm())));
    points.add(points.getLast().plus(way));
    back.addFirst(back.getFirst().plus(way));
    back.add(back.getLast().minus(new Point(0, elbow.legMm())));
    points.addAll(back);
    Point middle = Box.around(points).centre();
    return List.of(closed(points.stream().map(it -> it.minus(middle)).toList()));
  }

  /** From the side on which both axes are seen to cross, the far end up. */
  private static Path cope(Cope cope) {
    List<Point> points = new ArrayList<>();
    double half = cope.outsideMm() / 2;
    points.add(new Point(half, cope.lengthMm()));
    points.add(new Point(-half, cope.lengthMm()));
    for (int i = 24; i >= 0; i--) {
      double round = Math.PI * i / 24;
      points.add(new Point(half * Math.cos(round), cope.outerEnd(round)));
    }
    Point middle = Box.around(points).centre();
    return closed(points.stream().map(it -> it.minus(middle)).toList());
  }

  private static List<Path> pyramid(Pyramid pyramid, boolean facing) {
    List<Point> foot = foot(pyramid.sides(), pyramid.footMm(), pyramid.footMm());
    List<Point> top = foot(pyramid.sides(), pyramid.topMm(), pyramid.topMm());
    if (facing) {
      return pyramid.topMm() > 0 ? List.of(closed(foot), closed(top)) : List.of(closed(foot));
    }
    double high = pyramid.heightMm() / 2;
    double wide = across(foot) / 2;
    double narrow = Math.max(across(top) / 2, 1e-3);
    return List.of(
        closed(
            List.of(
                new Point(-wide, -high),
                new Point(wide, -high),
                new Point(narrow, high),
                new Point(-narrow, high))));
  }

  private static List<Path> moulding(Moulding moulding) {
    List<Point> inner = foot(moulding.sides(), moulding.sideMm(), moulding.otherMm());
    double out = moulding.widthMm();
    List<Point> outer =
        foot(
            moulding.sides(),
            moulding.sideMm() + moulding.grows(out),
            moulding.otherMm() + moulding.grows(out));
    return List.of(closed(outer), closed(inner));
  }

  /** The corners of a rectangle or of a polygon with equal sides, about the middle. */
  private static List<Point> foot(int sides, double wide, double narrow) {
    if (sides == 4) {
      double x = wide / 2;
      double y = narrow / 2;
      return List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y));
    }
    double radius = wide / 2 / Math.sin(Math.PI / sides);
    List<Point> corners = new ArrayList<>();
    for (int i = 0; i < sides; i++) {
      double turn = -Math.PI / 2 + Math.PI / sides * (2 * i + 1);
      corners.add(new Point(radius * Math.cos(turn), radius * Math.sin(turn)));
    }
    return corners;
  }

  private static double across(List<Point> corners) {
    return Box.around(corners).width();
  }

  private static Path bar(double across, double along) {
    double x = across / 2;
    double y = along / 2;
    return closed(List.of(new Point(-x, -y), new Point(x, -y), new Point(x, y), new Point(-x, y)));
  }

  private static Path closed(List<Point> points) {
    return Path.through(points, true);
  }
}

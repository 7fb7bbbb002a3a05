package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Panel;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.stack.Band;

/**
 * The strip round the edge of a stack, laid flat.
 *
 * @param band what was decided
 * @param foam its foam
 * @param start where its two ends meet, on the edge; for half an outline where it begins
 * @param corners places along it, in mm from its start, where it goes round a corner
 * @param length of the strip
 * @param width of the strip, before it is trimmed
 * @param glued faces to spread with glue: its own and the edges of the layers
 * @param mass its weight as cut
 * @param joints places along it where it is joined, because no sheet is as long
 */
public record EdgeBand(
    Band band,
    SheetMaterial foam,
    Point start,
    List<Double> corners,
    Figure length,
    Figure width,
    Figure glued,
    Figure mass,
    List<Double> joints) {

  private static final double CORNER = Math.toRadians(25);
  private static final double CLEAR_MM = 20;
  private static final double STEP_MM = 5;
  private static final double TOLERANCE_MM = 0.01;
  private static final double TRIM_MM = 1;

  /** Copies the lists. */
  public EdgeBand {
    corners = List.copyOf(corners);
    joints = List.copyOf(joints);
  }

  /**
   * Lays the band of a solid flat.
   *
   * @param id what its figures are called, before '.band'
   */
  static EdgeBand of(String id, Solid solid, Outline outline, Band band, SheetMaterial foam) {
    boolean open = outline instanceof HalfOutline;
    List<Point> edge = solid.edge();
    List<Point> started = open ? edge : startedAtHidden(edge);
    double turned = open ? turned(started) : 2 * Math.PI;
    String own = id + ".band";
    Figure along =
        length(own + ".edge", "Edge that the band goes round", measured(started), "the drawn line");
    Figure turn =
        Figure.found(
            own + ".turn",
            "Turned in all along the edge",
            turned,
            Quantity.ANGLE,
            open ? "all turns of the line from end to end" : "once round",
            Source.GEOMETRY,
            Uncertainty.NONE);
    Figure thick =
        Figure.given(
            own + ".thick",
            "Thickness of the band",
            band.thicknessMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure length =
        Figure.computed(
            own + ".length",
            "Edge band, length",
            Quantity.LENGTH,
            "{%s} - {%s} * {%s} / 2".formatted(along.id(), turn.id(), thick.id()),
            Source.practice("bent foam keeps its length in the middle of its thickness"),
            along,
            turn,
            thick);
    Figure tall =
        length(
            own + ".tall",
            "Edge of the layers, at most",
            solid.bandHeight(),
            "the finished thickness where the layers end; on a slant more than at the edge");
    Figure trim =
        Figure.given(
            own + ".trim",
            "Left over on each side, to be trimmed",
            TRIM_MM,
            Quantity.LENGTH,
            Source.assumption("a millimetre is trimmed off when the glue holds"));
    Figure width =
        Figure.computed(
            own + ".width",
            "Edge band, width",
            Quantity.LENGTH,
            "{%s} + 2 * {%s}".formatted(tall.id(), trim.id()),
            Source.GEOMETRY,
            tall,
            trim);
    Figure glued =
        Figure.computed(
            own + ".glued",
            "Edge and band, to spread with glue",
            Quantity.AREA,
            "2 * {%s} * {%s}".formatted(length.id(), tall.id()),
            Source.GEOMETRY,
            length,
            tall);
    Figure density = foam.density(own + ".density");
    Figure mass =
        Figure.computed(
            own + ".mass",
            "Edge band, weight as cut",
            Quantity.MASS,
            "{%s} * {%s} * {%s} * {%s}"
                .formatted(length.id(), width.id(), thick.id(), density.id()),
            Source.GEOMETRY,
            length,
            width,
            thick,
            density);
    List<Double> corners = corners(started, length.value() / along.value(), !open);
    return new EdgeBand(
        band,
        foam,
        started.getFirst(),
        corners,
        length,
        width,
        glued,
        mass,
        joints(length.value(), foam.largest().longMm(), corners));
  }

  private static Figure length(String id, String label, double mm, String words) {
    return Figure.found(id, label, mm, Quantity.LENGTH, words, Source.GEOMETRY, Uncertainty.NONE);
  }

  /** All figures that a person is shown, in order. */
  List<Figure> figures() {
    return List.of(length, width, mass);
  }

  // == ALONG THE EDGE

  /** All turns of an open line, taken positive where it bends round the part. */
  private static double turned(List<Point> line) {
    double sum = 0;
    for (int i = 1; i < line.size() - 1; i++) {
      sum += line.get(i).turn(line.get(i - 1), line.get(i + 1));
    }
    return Math.abs(sum);
  }

  private static double measured(List<Point> line) {
    return Polyline.of(Path.through(line, false), TOLERANCE_MM).length();
  }

  /** Turned so that it begins where the ends of the band show least: low, and off any corner. */
  private static List<Point> startedAtHidden(List<Point> ring) {
    double all = measured(ring);
    List<Double> corners = corners(ring, 1, true);
    double best = 0;
    double least = Double.POSITIVE_INFINITY;
    for (double at = 0; at < all; at += STEP_MM) {
      Point place = at(ring, at);
      double clear = clear(at, corners, all);
      // A millimetre lower counts more than a millimetre nearer to the middle.
      double seen = place.y() + Math.abs(place.x()) * 0.01 + 10 * Math.max(0, CLEAR_MM - clear);
      if (seen < least) {
        least = seen;
        best = at;
      }
    }
    return startedAt(ring, best);
  }

  private static double clear(double at, List<Double> corners, double all) {
    return corners.stream()
        .mapToDouble(it -> Math.abs(it - at))
        .map(it -> Math.min(it, all - it))
        .min()
        .orElse(Double.POSITIVE_INFINITY);
  }

  private static Point at(List<Point> line, double along) {
    double left = along;
    for (int i = 1; i < line.size(); i++) {
      double step = line.get(i - 1).distance(line.get(i));
      if (left <= step && step > 0) {
        return line.get(i - 1).towards(line.get(i), left / step);
      }
      left -= step;
    }
    return line.getLast();
  }

  private static List<Point> startedAt(List<Point> ring, double along) {
    Point start = at(ring, along);
    List<Point> turned = new ArrayList<>(List.of(start));
    List<Point> before = new ArrayList<>();
    double sum = 0;
    for (int i = 0; i < ring.size(); i++) {
      sum += i > 0 ? ring.get(i - 1).distance(ring.get(i)) : 0;
      if (sum > along) {
        turned.add(ring.get(i));
      } else if (i > 0) {
        before.add(ring.get(i));
      }
    }
    turned.addAll(before);
    turned.add(start);
    return turned;
  }

  /**
   * Where a line turns at once.
   *
   * @param scale of the places that are told
   * @param closed true where it ends where it began
   */
  private static List<Double> corners(List<Point> line, double scale, boolean closed) {
    List<Double> all = new ArrayList<>();
    double along = 0;
    for (int i = 1; i < line.size(); i++) {
      along += line.get(i - 1).distance(line.get(i));
      boolean last = i == line.size() - 1;
      if (!last || closed) {
        Point after = last ? line.get(1) : line.get(i + 1);
        if (Math.abs(line.get(i).turn(line.get(i - 1), after)) > CORNER) {
          all.add(along * scale);
        }
      }
    }
    return all;
  }

  /** Even pieces no longer than a sheet; a joint moves off a corner. */
  private static List<Double> joints(double length, double sheet, List<Double> corners) {
    // Two neighbours may move apart, each by the clearance.
    int pieces = (int) Math.ceil(length / (sheet - 2 * CLEAR_MM));
    List<Double> all = new ArrayList<>();
    for (int i = 1; i < pieces; i++) {
      double even = length * i / pieces;
      all.add(
          Stream.of(even, even - CLEAR_MM, even + CLEAR_MM)
              .max(
                  (a, b) ->
                      Double.compare(
                          Math.min(CLEAR_MM / 2, clear(a, corners, length)),
                          Math.min(CLEAR_MM / 2, clear(b, corners, length))))
              .orElse(even));
    }
    return all;
  }

  // == CUTTING

  /** The strips to cut, one after the other. */
  public List<Panel> panels(String name) {
    List<Panel> panels = new ArrayList<>();
    double from = 0;
    for (double to : Stream.concat(joints.stream(), Stream.of(length.value())).toList()) {
      String which = joints.isEmpty() ? "" : " " + (char) ('A' + panels.size() % 26);
      panels.add(Panel.strip(name + which, 1, to - from, width.value(), "seam"));
      from = to;
    }
    return panels;
  }
}

package stoutblade.reference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.reference.Ruler.BodySegment;
import stoutblade.reference.Ruler.FigureHeight;
import stoutblade.reference.Ruler.KnownLength;
import stoutblade.reference.Ruler.PrintRatio;
import stoutblade.reference.Ruler.SeenRectangle;
import stoutblade.shape.Point;

/**
 * What a pixel of a picture stands for in the world that it shows, at the distance of the prop.
 *
 * <p>Every ruler gives a reading of its own; the readings are weighed against each other. Lengths
 * are in the size of the picture's own world: the choice between true size and in proportion comes
 * after.
 */
public final class Scale {

  /**
   * The camera is seldom held quite square to the thing from side to side: this many radians, one
   * standard deviation, are taken for usual (about 3°, our assumption).
   */
  private static final double USUAL_PAN_RAD = 0.05;

  /**
   * What is held up leans to or from the lens by about 3.5°, one standard deviation (our
   * assumption).
   */
  private static final double USUAL_LEAN_RAD = 0.06;

  /** Lenses bend straight lines by about this share (our assumption). */
  private static final double USUAL_LENS = 0.003;

  /** Each bend in a figure's line leaves its length unsure by this share (our assumption). */
  private static final double PER_BEND = 0.012;

  /** Standing, shoes and hair leave a figure's height unsure by this share (our assumption). */
  private static final double STANDING = 0.004;

  private static final Source MARKED =
      Source.measured("marked on the picture; all places are unsure by the marking precision");

  private static final Source SQUARE =
      Source.assumption(
          "a camera is held square to the thing from side to side to about 3°: what lies apart on the"
              + " picture differs in scale; lenses bend lines by about 0.3 %");

  private static final Source NEARER =
      Source.practice("a thing nearer the lens than the ruler reads too big by D ÷ (D − d)");

  private final Reference reference;
  private final Figure stature;
  private final View view;
  private final Flat flat;
  private final List<Reading> readings;
  private final Optional<Weighed> weighed;

  /**
   * What one ruler says.
   *
   * @param ruler the ruler
   * @param apparent its length on the picture, flattened, in pixels
   * @param real its length in its world; empty where the rectangle itself makes the frame
   * @param scale mm for a pixel
   */
  public record Reading(Ruler ruler, Figure apparent, Optional<Figure> real, Figure scale) {}

  private Scale(Reference reference, Figure stature) {
    this.reference = reference;
    this.stature = stature;
    this.view = View.of(reference, known());
    this.flat = Flat.of(reference, view);
    this.readings = reference.rulers().stream().map(this::reading).toList();
    this.weighed = weigh();
  }

  /**
   * Works out the scale of a picture.
   *
   * @param stature the height of the figure that the picture shows
   */
  public static Scale of(Reference reference, Figure stature) {
    return new Scale(reference, stature);
  }

  /** What tells how the camera was held: trusted lengths at the distance of the prop. */
  private List<View.Known> known() {
    return reference.rulers().stream()
        .filter(it -> it.trusted() && it.behind().value() == 0)
        .filter(it -> !(it.by() instanceof SeenRectangle))
        .map(it -> new View.Known(line(it), real(it, id(it.id())), it.by() instanceof FigureHeight))
        .toList();
  }

  private Optional<Weighed> weigh() {
    List<Figure> trusted = scales(true);
    if (trusted.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        Weighed.of(
            id("scale"), "Scale of the picture", Quantity.MM_PER_PIXEL, trusted, scales(false)));
  }

  private List<Figure> scales(boolean trusted) {
    return readings.stream()
        .filter(it -> it.ruler().trusted() == trusted)
        .map(Reading::scale)
        .toList();
  }

  private String id(String rest) {
    return "size." + reference.id() + "." + rest;
  }

  // == READINGS

  private Reading reading(Ruler ruler) {
    String id = id(ruler.id());
    boolean frame = reference.flattening().map(Ruler::id).filter(ruler.id()::equals).isPresent();
    return frame ? frameReading(ruler, id) : lengthReading(ruler, id);
  }

  /** The rectangle that flattens the picture: its scale is that of the flat frame itself. */
  private Reading frameReading(Ruler ruler, String id) {
    List<Point> line = propLine().orElseGet(flat::usualLine);
    double length = flat.length(line);
    double share = flat.flatteningStd(reference.markingPx(), line) / length;
    Figure perPixel =
        Figure.given(
            id + ".flat",
            ruler.name() + ", flattened",
            flat.mmPerPixel(),
            Quantity.MM_PER_PIXEL,
            Source.handbook(
                "perspective removed by the rectangle's four corners (direct linear transform,"
                    + " Hartley and Zisserman, from memory)"),
            flat.mmPerPixel() * Math.hypot(share, USUAL_LENS));
    return new Reading(
        ruler, perPixel, Optional.empty(), scale(ruler, id, "{" + perPixel.id() + "}", perPixel));
  }

  private Reading lengthReading(Ruler ruler, String id) {
    Figure apparent = apparent(id + ".px", ruler.name() + " on the picture", line(ruler));
    Figure real = real(ruler, id);
    Figure square = square(ruler, id);
    return new Reading(
        ruler,
        apparent,
        Optional.of(real),
        scale(
            ruler,
            id,
            "{" + real.id() + "} / {" + apparent.id() + "} * {" + square.id() + "}",
            real,
            apparent,
            square));
  }

  private static List<Point> line(Ruler ruler) {
    // A rectangle that does not flatten is read by its first side.
    return ruler.by() instanceof SeenRectangle rectangle
        ? rectangle.corners().subList(0, 2)
        : ruler.by().points();
  }

  private Figure scale(Ruler ruler, String id, String formula, Figure... inputs) {
    String label = "Scale by " + ruler.name();
    if (ruler.behind().value() == 0 && ruler.behind().std() == 0) {
      return Figure.computed(id, label, Quantity.MM_PER_PIXEL, formula, Source.GEOMETRY, inputs);
    }
    Figure distance = distance();
    Figure behind =
        ruler
            .behind()
            .figure(
                id + ".behind",
                ruler.name() + ": stands behind the prop by",
                Quantity.LENGTH,
                Source.measured("stated"));
    List<Figure> all = new ArrayList<>(List.of(inputs));
    all.add(distance);
    all.add(behind);
    return Figure.computed(
        id,
        label,
        Quantity.MM_PER_PIXEL,
        formula + " * {" + distance.id() + "} / ({" + distance.id() + "} + {" + behind.id() + "})",
        NEARER,
        all.toArray(Figure[]::new));
  }

  /** The distance as it was stated; else a usual one with a wide range. */
  private Figure distance() {
    return reference
        .distance()
        .map(
            it ->
                it.figure(
                    id("distance"), "Camera distance", Quantity.LENGTH, Source.measured("stated")))
        .orElseGet(
            () ->
                Figure.given(
                    id("distance"),
                    "Camera distance",
                    3000,
                    Quantity.LENGTH,
                    Source.assumption("nobody said: about 3 m is usual for a standing figure"),
                    1000));
  }

  private Figure real(Ruler ruler, String id) {
    Figure known =
        switch (ruler.by()) {
          case KnownLength it ->
              it.length()
                  .figure(
                      id + ".known",
                      ruler.name() + ", known",
                      Quantity.LENGTH,
                      it.thing()
                          .map(thing -> Source.catalogue("things of known size: " + thing))
                          .orElse(Source.measured("stated length of the thing on the picture")));
          case SeenRectangle it ->
              it.width()
                  .figure(
                      id + ".known",
                      ruler.name() + ", width",
                      Quantity.LENGTH,
                      Source.measured("stated"));
          case BodySegment it -> it.segment().of(stature, id);
          case PrintRatio it -> printed(ruler, it, id);
          case FigureHeight it -> standing(ruler, it, id);
        };
    return known;
  }

  private static Figure printed(Ruler ruler, PrintRatio print, String id) {
    Figure paper =
        print
            .paper()
            .figure(
                id + ".paper",
                ruler.name() + ", on paper",
                Quantity.LENGTH,
                Source.measured("measured on the print"));
    Figure ratio =
        Figure.given(
            id + ".ratio",
            "On the prop for 1 on paper",
            print.ratio(),
            Quantity.RATIO,
            Source.practice("every length on the print stands for so many on the prop"));
    return Figure.computed(
        id + ".known",
        ruler.name() + ", on the prop",
        Quantity.LENGTH,
        "{" + paper.id() + "} * {" + ratio.id() + "}",
        Source.GEOMETRY,
        paper,
        ratio);
  }

  private Figure standing(Ruler ruler, FigureHeight height, String id) {
    int bends = height.line().size() - 2;
    Figure pose =
        Figure.given(
            id + ".pose",
            bends == 0 ? "Standing straight" : "Bent line through the body",
            1,
            Quantity.RATIO,
            Source.assumption(
                "shoes, hair and standing leave 0.4 % open, each bend in the line 1.2 %"),
            Math.hypot(STANDING, PER_BEND * bends));
    return Figure.computed(
        id + ".known",
        ruler.name() + ", by the figure's height",
        Quantity.LENGTH,
        "{" + stature.id() + "} * {" + pose.id() + "}",
        Source.practice("the person who plays the character scales the picture"),
        stature,
        pose);
  }

  // == LENGTHS

  /**
   * A length on the picture, flattened, with the uncertainty of its marks and of the flattening.
   */
  private Figure apparent(String id, String label, List<Point> px) {
    double marks = Flat.markingStd(px, reference.markingPx(), flat::length);
    double flattening = flat.flatteningStd(reference.markingPx(), px);
    return Figure.given(
            id, label, flat.length(px), Quantity.PIXELS, MARKED, Math.hypot(marks, flattening))
        .also(flat.tiltDoubt(causes(), px));
  }

  /**
   * A factor of 1 that carries what a camera not quite square does between a ruler and the prop:
   * the scale changes with the way between them, and a tilted length is shortened.
   */
  private Figure square(Ruler ruler, String id) {
    double share = USUAL_LENS;
    if (!flat.byRectangle()) {
      share = Math.hypot(share, panShare(middle(line(ruler)), propMiddle()));
    }
    return Figure.given(
        id + ".square", ruler.name() + ": seen square on", 1, Quantity.RATIO, SQUARE, share);
  }

  /** What a camera not quite square from side to side does between two places. */
  private double panShare(Point here, Point there) {
    if (view.flat()) {
      return 0;
    }
    Point apart = there.minus(here).turned(view.turn());
    double across = USUAL_PAN_RAD * Math.abs(apart.x()) / view.focalPx();
    return Math.hypot(across, USUAL_PAN_RAD * USUAL_PAN_RAD);
  }

  /**
   * What a lens bends a line more than one in the middle: up to four times with the square of the
   * way.
   */
  private double lensShare(List<Point> px) {
    double half = Math.max(reference.picture().widthPx(), reference.picture().heightPx()) / 2.0;
    double out = middle(px).distance(view.centre()) / half;
    return flat.byRectangle() || view.flat() ? 0 : 4 * USUAL_LENS * out * out;
  }

  /** What leaning to or from the lens does to a line: its far end is nearer, or further off. */
  private double leanShare(double length, double mmPerPixel) {
    if (flat.byRectangle() || view.flat()) {
      return 0;
    }
    double away = view.focalPx() * Math.cos(view.tilt()) * mmPerPixel;
    return USUAL_LEAN_RAD / 2 * Math.min(1, length / away);
  }

  private Optional<List<Point>> propLine() {
    return reference.whole().or(reference::centreLine).map(Mark::points);
  }

  private Point propMiddle() {
    return propLine()
        .map(Scale::middle)
        .orElseGet(
            () ->
                new Point(
                    reference.picture().widthPx() / 2.0, reference.picture().heightPx() / 2.0));
  }

  private static Point middle(List<Point> points) {
    return new Point(
        points.stream().mapToDouble(Point::x).average().orElseThrow(),
        points.stream().mapToDouble(Point::y).average().orElseThrow());
  }

  /**
   * The length of a line on the picture in its own world.
   *
   * @param rest the end of the figure's id
   * @throws IllegalStateException if there is no scale
   */
  public Figure length(String rest, String label, List<Point> px) {
    Figure scale = mmPerPixel().orElseThrow(() -> new IllegalStateException("There is no scale"));
    Figure length = apparent(id(rest + ".px"), label + ", on the picture", px);
    Figure figure =
        Figure.computed(
            id(rest),
            label,
            Quantity.LENGTH,
            "{" + length.id() + "} * {" + scale.id() + "}",
            Source.GEOMETRY,
            length,
            scale);
    // The scale holds where the prop is; a line that lies elsewhere is a little less sure.
    double away =
        flat.byRectangle()
            ? 0
            : panShare(middle(px), propMiddle()) - panShare(propMiddle(), propMiddle());
    double apart =
        Math.hypot(Math.hypot(away, lensShare(px)), leanShare(figure.value(), scale.value()));
    return apart > 0
        ? figure.also(Uncertainty.of(id(rest + ".square"), apart * figure.value()))
        : figure;
  }

  // == RESULTS

  /** The picture that it is the scale of. */
  public Reference reference() {
    return reference;
  }

  /** How the causes of uncertainty begin that come from how the camera was held. */
  String causes() {
    return id("camera.");
  }

  /** How the camera was held. */
  View view() {
    return view;
  }

  /** The flattened frame. */
  public Flat flat() {
    return flat;
  }

  /** What each ruler says. */
  public List<Reading> readings() {
    return readings;
  }

  /** How the readings weigh; empty without a trusted ruler. */
  public Optional<Weighed> weighed() {
    return weighed;
  }

  /** Millimetres of the picture's own world for a flat pixel; empty without a trusted ruler. */
  public Optional<Figure> mmPerPixel() {
    return weighed.map(Weighed::combined);
  }
}

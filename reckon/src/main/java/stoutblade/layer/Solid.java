package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.stack.Band;
import stoutblade.stack.Layering;

/**
 * The solid that a part's layers are worked to. Heights are measured from its back, in mm.
 *
 * <p>It lies between two faces over the same outline. Each rises from a plane: both from the plane
 * in the middle, or, where the back stays flat, the front alone from the back. What limits a face
 * (a bevel, the taper, a trough) limits it by itself, so where several meet the lowest counts: two
 * bevels meet in a mitre.
 *
 * <p>What is cut out of it is cut through it; what stands out of its outline is as thick as its
 * edge. Troughs are on its front, or on both its faces where it is worked alike on both.
 */
public final class Solid {

  private static final double LINE_MM = 0.01;
  private static final double COARSE_LINE_MM = 0.05;
  private static final double RIDGE = 0.005;
  private static final double RIM_STEP_MM = 1;
  private static final int ACROSS_STEPS = 160;

  private final Layering layering;
  private final Region face;
  private final Course course;
  private final double middle;
  private final HeightField front;
  private final HeightField back;
  private final List<Fuller> raised;
  private final Region flat;
  private final boolean bothFaces;
  private final double near;
  private final double rim;
  private final List<Point> edge;
  private final Region within;
  private final Portion laidOn;
  private final List<Pocketed> pocketed;
  private final LayerAreas layers;
  private final Portion all;

  /**
   * The solid of an outline with the layering that was decided.
   *
   * @param form what is drafted
   * @param drawn the area inside its outline; the form's own face where nothing changes that
   */
  public static Solid of(PlateForm form, Region drawn, Layering layering) {
    return new SolidMaking(form, drawn, layering).solid();
  }

  /** The solid of a plate. */
  public static Solid of(PlateForm form, Layering layering) {
    Region drawn =
        form.reshaped()
            ? Region.inside(form.blank().outline().outline(), PlateForm.TOLERANCE_MM)
            : form.face();
    return of(form, drawn, layering);
  }

  Solid(SolidMaking making, double middle, HeightField front, HeightField back, List<Point> edge) {
    this.layering = making.layering();
    this.face = making.face();
    this.course = making.course();
    this.middle = middle;
    this.front = front;
    this.back = back;
    Region full = front.reaching(front.high());
    // Along a ridge nothing is flat.
    this.flat = full.area() < face.area() * RIDGE ? Region.evenOdd(List.of()) : full;
    this.bothFaces = making.form().blank().bothFaces();
    this.raised = Fuller.of(making.form().blank()).stream().filter(Fuller::raised).toList();
    this.laidOn = laidOn(making.form());
    this.pocketed =
        Recess.of(making.form().blank().features(), making.form().blank().outline()).stream()
            .map(it -> Pocketed.of(course, it))
            .toList();
    this.edge = edge;
    this.near = making.near();
    this.rim = rim(edge);
    this.within =
        layering
            .band()
            .map(it -> face.furtherThan(edge, it.thicknessMm(), HeightField.TOLERANCE_MM))
            .orElse(face);
    this.layers = new LayerAreas(this, making.drawn(), making.form().partial(), layering);
    this.all = whole();
  }

  private Portion whole() {
    Portion inside = layers.alike() ? between(0, thickness(), within) : layers.kept();
    if (within == face) {
      return inside.plus(laidOn);
    }
    Portion band = between(0, thickness(), face).less(between(0, thickness(), within));
    return inside.plus(band).plus(laidOn);
  }

  /** True where all its layers are cut to the part, and none is hollowed out. */
  public boolean alike() {
    return layers.alike();
  }

  /** Its layers, each by itself. */
  LayerAreas layers() {
    return layers;
  }

  /** All that is cut of it: the face, and what stands out of it in some layer. */
  public Region outermost() {
    return layers.outermost();
  }

  /** The area of the edge along a line. */
  private double rim(List<Point> line) {
    double sum = 0;
    for (int i = 1; i < line.size(); i++) {
      Point one = line.get(i - 1);
      Point two = line.get(i);
      double length = one.distance(two);
      int steps = layering.changes().isEmpty() ? 1 : (int) Math.ceil(length / RIM_STEP_MM);
      for (int k = 0; k < steps; k++) {
        double along = course.along(one.towards(two, (k + 0.5) / steps)) - near;
        sum += length / steps * layering.edgeAt(along);
      }
    }
    return sum;
  }

  /** All pieces that are laid on a face or in a step. */
  private Portion laidOn(PlateForm form) {
    double volume = 0;
    Point moment = new Point(0, 0);
    for (PlateForm.Piece it : form.pieces()) {
      double own = it.count() * it.area() * it.thicknessMm();
      volume += own;
      moment = moment.plus(it.middle().times(own));
    }
    return new Portion(volume, moment, y -> laidOnAcross(y) * (bothFaces ? 2 : 1));
  }

  /** What a recess takes out, in places: the areas of all its places, and its heights. */
  private record Pocketed(
      Course course, List<Region> areas, double from, double to, double areaMm2) {

    static Pocketed of(Course course, Recess it) {
      return new Pocketed(
          course,
          it.spots().stream()
              .map(spot -> Region.inside(spot.place(it.outline()), COARSE_LINE_MM))
              .toList(),
          it.over(),
          it.top(),
          it.areaMm2());
    }

    /** What it takes out between two heights. */
    Portion between(double bottom, double top) {
      double high = Math.min(top, to) - Math.max(bottom, from);
      if (high <= 0) {
        return Portion.NONE;
      }
      // A step round a deeper pocket is a ring: its share of its whole outline.
      double share = areas.isEmpty() ? 0 : high * areaMm2 / areas.getFirst().area();
      return new Portion(
          high * areaMm2 * areas.size(),
          areas.stream()
              .map(Region::centre)
              .reduce(new Point(0, 0), Point::plus)
              .times(high * areaMm2),
          y -> share * areas.stream().mapToDouble(it -> course.widthAt(it, y)).sum());
    }
  }

  /** Thickness of all layers together. */
  public double thickness() {
    return layering.thicknessMm();
  }

  /** The way that it runs. */
  public Course course() {
    return course;
  }

  /**
   * Its near end, from which places along are measured: where that of the outline as drawn lies
   * along its course, in mm.
   */
  public double near() {
    return near;
  }

  /** The line along the edge that is worked. */
  List<Point> edge() {
    return edge;
  }

  /**
   * How much of the worked edge lies further along than a place, in mm.
   *
   * @param along from the near end
   */
  public double edgeBeyond(double along) {
    double length = 0;
    for (int i = 1; i < edge.size(); i++) {
      Point one = edge.get(i - 1);
      Point two = edge.get(i);
      double from = course.along(one) - near;
      double to = course.along(two) - near;
      double low = Math.min(from, to);
      double high = Math.max(from, to);
      double share = high - along <= 0 ? 0 : low >= along ? 1 : (high - along) / (high - low);
      length += share * one.distance(two);
    }
    return length;
  }

  /** What is left of the face inside the band; the face itself where there is none. */
  public Region within() {
    return within;
  }

  /** The whole face. */
  public Region face() {
    return face;
  }

  /** What is left at full height on the front: its boundary is where the profile stops. */
  public Region flat() {
    return flat;
  }

  /** How high the front is over the back plane at a place, without what is laid on. */
  public double frontAt(Point place) {
    return middle + front.at(place);
  }

  /**
   * How high the finished front is over the back plane at a place, with what layers have an outline
   * of their own; NaN beside the part.
   */
  public double finishedAt(Point place) {
    if (!layers.alike()) {
      return layers.frontAt(place);
    }
    return face.contains(place) ? frontAt(place) : Double.NaN;
  }

  /** How high the back lies at a place. */
  public double backAt(Point place) {
    return middle - back.at(place);
  }

  /**
   * What is between the middle of all layers and the nearer face at a place, with what is laid on.
   */
  public double halfThicknessAt(Point place) {
    double half = thickness() / 2;
    double on = raised.stream().mapToDouble(it -> it.heightAt(place)).sum();
    double before = frontAt(place) - half + on;
    if (!layers.alike()) {
      before = Math.min(before, layers.unbroken(place));
    }
    if (front == back && bothFaces) {
      return Math.max(0, before);
    }
    double behind = half - backAt(place) + (bothFaces ? on : 0);
    return Math.max(0, Math.min(before, behind));
  }

  /** True where the full thickness reaches at least so far round a place. */
  public boolean fullWithin(Point place, double radius) {
    Region full = flatWithin();
    return full.across(place.y()).stream().anyMatch(it -> it.holds(place.x()))
        && rim().stream().allMatch(it -> it.distance(place.x(), place.y()) >= radius);
  }

  private Region known;

  private List<Polyline> rims;

  /** The boundary of the full area, for the many distances that a core asks for. */
  private List<Polyline> rim() {
    if (rims == null) {
      rims =
          flatWithin().rings().stream()
              .map(it -> Polyline.of(Path.through(it, false), LINE_MM))
              .toList();
    }
    return rims;
  }

  /** The full area on both sides, worked out when it is first asked for. */
  private Region flatWithin() {
    if (known == null) {
      Region behind = front == back ? flat() : back.reaching(back.high());
      known = layers.inAll(front == back ? behind : both(flat(), behind));
    }
    return known;
  }

  /**
   * The area of the solid, without a band, somewhere between two heights from the back: where it is
   * widest.
   */
  public Region widest(double from, double to) {
    return inBand(both(upTo(from), downTo(to)));
  }

  /** The area that the solid fills all the way between two heights from the back. */
  public Region filled(double from, double to) {
    return inBand(both(upTo(to), downTo(from)));
  }

  private Region inBand(Region area) {
    return both(area, within);
  }

  /** What lies in both; the face itself where neither takes anything away. */
  private Region both(Region one, Region other) {
    return one == face ? other : other == face ? one : one.intersection(other);
  }

  /** Where the front reaches a height. */
  private Region upTo(double height) {
    return height <= middle ? face : front.reaching(height - middle);
  }

  /** Where the back reaches down to a height. */
  private Region downTo(double height) {
    return height >= middle ? face : back.reaching(middle - height);
  }

  // == AMOUNTS

  /** Volume of foam before channels are cut, with what is laid on, in mm³. */
  public double volume() {
    return all.volume();
  }

  /** All of it, with what is laid on. */
  Portion all() {
    return all;
  }

  /** What is laid on its faces, or into steps of them. */
  Portion laidOn() {
    return laidOn;
  }

  /** What of the foam inside a band lies between two heights from the back; without laid on. */
  Portion between(double from, double to) {
    return between(from, to, within);
  }

  /** The same of a part of the face. */
  Portion between(double from, double to, Region part) {
    Portion above = front.between(from - middle, to - middle, part);
    boolean alike = front == back && middle - to == from - middle;
    Portion found = above.plus(alike ? above : back.between(middle - to, middle - from, part));
    for (Pocketed it : pocketed) {
      found = found.less(it.between(from, to));
    }
    return found;
  }

  /** The finished thickness where the layers end inside a band, at most, in mm. */
  double bandHeight() {
    Polyline line = Polyline.of(Path.through(edge, false), LINE_MM);
    double wide = layering.band().map(Band::thicknessMm).orElse(0.0) + LINE_MM * 10;
    return within.rings().stream()
        .flatMap(List::stream)
        .filter(it -> line.distance(it.x(), it.y()) < wide)
        .mapToDouble(it -> frontAt(it) - backAt(it))
        .max()
        .orElse(thickness());
  }

  /** What is worked off the layers to the profile, without troughs, in mm³. */
  public double sanded() {
    double kept = front.volume() + (front == back ? front.volume() : back.volume());
    double banded = face.area() - within.area();
    double glued = within.area() * thickness() + (banded > 0 ? banded * bandHeight() : 0);
    double sanded = glued - kept;
    return Math.max(0, sanded - layers.unsanded());
  }

  /** First moments of volume about the origin, across and along, in mm⁴. */
  public Point moment() {
    return all.moment();
  }

  /** Area of the cross-section at a place along, in mm². */
  public double sectionArea(double y) {
    return all.across().applyAsDouble(y);
  }

  private double laidOnAcross(double y) {
    double sum = 0;
    for (Fuller fuller : raised) {
      Optional<Span> own = fuller.across(y);
      if (own.isPresent()) {
        for (Span span : course.straight(face).across(y)) {
          sum += fuller.deep() * span.common(own.get());
        }
      }
    }
    return sum;
  }

  /**
   * Area of the outside to be finished: both faces on the slant and the edge; the base is not
   * counted. In mm².
   */
  public double surface() {
    double slanted = front.surface();
    double plain = slanted + (front == back ? slanted : back.surface()) + rim;
    return plain + layers.bare();
  }

  /** True where fullers are worked into it or laid on it. */
  public boolean fullered() {
    return !raised.isEmpty() || front.troughed() || back.troughed();
  }

  /** Half the widest section across, in mm. */
  public double widestHalf() {
    Region whole = course.straight(outermost());
    Box box = whole.box();
    double most = 0;
    for (int i = 0; i < ACROSS_STEPS; i++) {
      double y = box.minY() + box.height() * (i + 0.5) / ACROSS_STEPS;
      most = Math.max(most, whole.across(y).stream().mapToDouble(Span::length).max().orElse(0));
    }
    return most / 2;
  }

  /** Where its far end is, along, in mm. */
  public double length() {
    return face.box().maxY();
  }

  /**
   * One stretch of foam of a cross-section, from left to right.
   *
   * @param front places of its front: x across, y over the middle of all layers
   * @param back places of its back, below the same places of the front
   */
  public record Cut(List<Point> front, List<Point> back) {}

  /**
   * The cross-section at a place along, with what is laid on.
   *
   * @param stepMm the greatest distance of its points across
   */
  public List<Cut> sectionAt(double y, double stepMm) {
    if (!layers.alike()) {
      return layers.sectionAt(y, stepMm);
    }
    List<Cut> cuts = new ArrayList<>();
    double half = thickness() / 2;
    for (Span span : course.straight(face).across(y)) {
      int steps = Math.max(2, (int) Math.ceil(span.length() / stepMm));
      List<Point> above = new ArrayList<>();
      List<Point> below = new ArrayList<>();
      for (int i = 0; i <= steps; i++) {
        double aside = span.from() + span.length() * i / steps;
        Point place = course.at(aside, y);
        double on = raised.stream().mapToDouble(it -> it.heightAt(place)).sum();
        above.add(new Point(aside, frontAt(place) - half + on));
        below.add(new Point(aside, backAt(place) - half - (bothFaces ? on : 0)));
      }
      cuts.add(new Cut(above, below));
    }
    return cuts;
  }
}

package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import stoutblade.feature.PlateForm;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.stack.Layering;
import stoutblade.stack.Sheet;

/**
 * The layers of a solid, counted from 0 at the back, those with an outline of their own among them.
 *
 * <p>Within the part a layer is worked as the part is, as far as its own outline reaches; what
 * stands out of the part stays as it is cut.
 */
final class LayerAreas {

  private static final double LINE_MM = 0.01;

  /** What is no further from the part's edge lies on it. */
  private static final double EDGE_MM = 0.05;

  private final Solid solid;
  private final Region face;
  private final Region within;
  private final List<Sheet> sheets;
  private final List<Double> joints;
  private final List<Optional<Region>> own;
  private final List<Region> pockets;
  private final Map<Integer, Boolean> closedIn = new ConcurrentHashMap<>();
  private final Map<Integer, Region> beyond = new ConcurrentHashMap<>();
  private final Map<Integer, Region> there = new ConcurrentHashMap<>();
  private final Map<Integer, Region> joined = new ConcurrentHashMap<>();

  /** The areas before anything is hollowed out; empty where a layer is cut to the part. */
  private final List<Optional<Region>> drawn;

  /**
   * The layers.
   *
   * @param drawn the area inside the part's outline, before anything is cut out of it
   * @param partial what is cut into some of them only
   */
  LayerAreas(Solid solid, Region drawn, List<PlateForm.Partial> partial, Layering layering) {
    this.solid = solid;
    this.face = solid.face();
    this.within = solid.within();
    this.sheets = layering.sheets();
    this.joints = layering.joints();
    List<Optional<Region>> cut = new ArrayList<>();
    List<Region> out = new ArrayList<>();
    List<Optional<Region>> plain = new ArrayList<>();
    for (int i = 0; i < sheets.size(); i++) {
      Sheet sheet = sheets.get(i);
      Optional<Region> outline = partly(i, own(sheet, drawn), partial);
      Region pockets =
          sheet
              .frame()
              .map(it -> it.pockets(outline.orElse(face)))
              .orElse(Region.evenOdd(List.of()));
      out.add(pockets);
      plain.add(outline);
      cut.add(pockets.isEmpty() ? outline : Optional.of(outline.orElse(face).difference(pockets)));
    }
    this.own = List.copyOf(cut);
    this.pockets = List.copyOf(out);
    this.drawn = List.copyOf(plain);
  }

  /** A layer's outline with what is cut into it and not into all. */
  private Optional<Region> partly(
      int layer, Optional<Region> outline, List<PlateForm.Partial> partial) {
    Optional<Region> all = outline;
    for (PlateForm.Partial it : partial) {
      if (it.into().holds(layer, sheets.size())) {
        all = Optional.of(it.of(all.orElse(face)));
      }
    }
    return all;
  }

  /** What a layer is hollowed out by. */
  Region pockets(int layer) {
    return pockets.get(layer);
  }

  /** The area inside a layer's own outline, less what is cut out of the part. */
  private Optional<Region> own(Sheet sheet, Region drawn) {
    return sheet
        .own()
        .filter(LayerAreas::sound)
        .map(it -> Region.inside(it.outline(), LINE_MM))
        .map(it -> face == drawn ? it : it.difference(drawn.difference(face)));
  }

  /** True where an outline can be cut: drawn, and not over itself. */
  static boolean sound(Outline outline) {
    return outline.drawn() && Region.crossing(outline.outline(), LINE_MM).isEmpty();
  }

  /** True where all layers are cut to the part. */
  boolean alike() {
    return own.stream().allMatch(Optional::isEmpty);
  }

  private double high(int layer) {
    return joints.get(layer + 1) - joints.get(layer);
  }

  /** The area of a layer where it is widest. */
  Region widest(int layer) {
    return cut(layer, solid.widest(joints.get(layer), joints.get(layer + 1)));
  }

  /** What a layer fills from face to face. */
  Region filled(int layer) {
    return cut(layer, solid.filled(joints.get(layer), joints.get(layer + 1)));
  }

  private Region cut(int layer, Region worked) {
    if (own.get(layer).isEmpty()) {
      return worked;
    }
    // What is only hollowed out stands out of the part nowhere.
    if (drawn.get(layer).isEmpty()) {
      return worked.difference(pockets.get(layer));
    }
    Region outline = own.get(layer).get();
    if (worked == face) {
      return outline;
    }
    Region beyond = beyond(layer);
    Region common = worked == within ? there(layer) : worked.intersection(outline);
    return beyond.isEmpty() ? common : common.unionWith(beyond);
  }

  /** What of a layer stands out of the part. */
  private Region beyond(int layer) {
    return beyond.computeIfAbsent(layer, it -> area(it).difference(face));
  }

  /** What of a layer is worked as the part is. */
  private Region there(int layer) {
    return there.computeIfAbsent(
        layer,
        it -> within == face && beyond(it).isEmpty() ? area(it) : within.intersection(area(it)));
  }

  /** Where a layer meets the one before it. */
  Region joined(int layer) {
    Region worked = solid.widest(joints.get(layer), joints.get(layer));
    if (own.get(layer).isEmpty() && own.get(layer - 1).isEmpty()) {
      return worked;
    }
    return worked == face
        ? joinedAsCut(layer)
        : cut(layer, worked).intersection(cut(layer - 1, worked));
  }

  /** What a layer, as it is cut, has in common with the one before it. */
  private Region joinedAsCut(int layer) {
    return joined.computeIfAbsent(
        layer,
        it -> {
          Region one = area(it);
          Region other = area(it - 1);
          if (one == other || (other == face && beyond(it).isEmpty())) {
            return one;
          }
          return one == face && beyond(it - 1).isEmpty() ? other : one.intersection(other);
        });
  }

  /** All that is cut of it: the face, and what stands out of it in some layer. */
  Region outermost() {
    Region all = face;
    for (Optional<Region> it : own) {
      all = it.map(all::unionWith).orElse(all);
    }
    return all;
  }

  /** What of an area is in every layer. */
  Region inAll(Region area) {
    Region all = area;
    for (Optional<Region> it : own) {
      all = it.map(all::intersection).orElse(all);
    }
    return all;
  }

  /** How far from the middle of all layers foam reaches at a place, at most, in mm. */
  double unbroken(Point place) {
    double half = solid.thickness() / 2;
    double reach = half;
    for (int i = 0; i < own.size(); i++) {
      if (own.get(i).filter(it -> !it.contains(place)).isPresent()) {
        double below = joints.get(i) - half;
        double above = half - joints.get(i + 1);
        reach = Math.min(reach, Math.max(0, Math.max(below, above)));
      }
    }
    return reach;
  }

  /** How high the front layer that is there reaches over the back plane; NaN where none is. */
  double frontAt(Point place) {
    double worked = face.contains(place) ? solid.frontAt(place) : solid.thickness();
    for (int i = own.size() - 1; i >= 0; i--) {
      if (worked > joints.get(i) && area(i).contains(place)) {
        return Math.min(worked, joints.get(i + 1));
      }
    }
    return Double.NaN;
  }

  // == AMOUNTS

  /** What a layer keeps; without what is laid on. */
  Portion kept(int layer) {
    double from = joints.get(layer);
    double to = joints.get(layer + 1);
    if (closedIn(layer)) {
      return solid.between(from, to).plus(prism(pockets.get(layer), from - to));
    }
    return own.get(layer).isPresent()
        ? solid.between(from, to, there(layer)).plus(prism(beyond(layer), to - from))
        : solid.between(from, to);
  }

  /** True where all that is hollowed out of a layer lies where it is as thick as its sheet. */
  private boolean closedIn(int layer) {
    return closedIn.computeIfAbsent(
        layer,
        it ->
            drawn.get(it).isEmpty()
                && !pockets.get(it).isEmpty()
                && solid.filled(joints.get(it), joints.get(it + 1)).contains(pockets.get(it)));
  }

  private Portion prism(Region area, double high) {
    return new Portion(
        high * area.area(),
        area.firstMoment().times(high),
        y -> high * solid.course().widthAt(area, y));
  }

  /** What all layers keep together. */
  Portion kept() {
    Portion sum = Portion.NONE;
    for (int i = 0; i < own.size(); i++) {
      sum = sum.plus(kept(i));
    }
    return sum;
  }

  /** What is not worked off layers because they are not there, in mm³. */
  double unsanded() {
    double sum = 0;
    for (int i = 0; i < own.size(); i++) {
      // What is cut out of a full thickness is not there to be sanded, whatever its height.
      if (own.get(i).isPresent() && !closedIn(i)) {
        Region there = there(i);
        double from = joints.get(i);
        double to = joints.get(i + 1);
        double less = solid.between(from, to).volume() - solid.between(from, to, there).volume();
        sum += (within.area() - there.area()) * high(i) - less;
      }
    }
    return sum;
  }

  /** The faces and edges that are bare because layers differ, over those of the part, in mm². */
  double bare() {
    double sum = outside(0).area() + outside(own.size() - 1).area() - 2 * face.area();
    for (int i = 0; i < own.size(); i++) {
      Region above = outside(i);
      if (i > 0 && above != outside(i - 1)) {
        Region below = outside(i - 1);
        boolean asCut = above == area(i) && below == area(i - 1);
        Region both = asCut ? joinedAsCut(i) : above.intersection(below);
        sum += above.area() + below.area() - 2 * both.area();
      }
      if (above != face) {
        sum += (above.perimeter() - face.perimeter()) * high(i);
      }
    }
    return sum;
  }

  private Region area(int layer) {
    return own.get(layer).orElse(face);
  }

  /** The area of a layer with what is hollowed out of it: that is closed in between two faces. */
  private Region outside(int layer) {
    return drawn.get(layer).orElse(face);
  }

  // == SECTIONS

  /** The cross-section at a place along, layer by layer. */
  List<Solid.Cut> sectionAt(double y, double stepMm) {
    List<Solid.Cut> cuts = new ArrayList<>();
    for (int i = 0; i < own.size(); i++) {
      for (Span span : solid.course().straight(widest(i)).across(y)) {
        cuts.add(section(i, span, y, stepMm));
      }
    }
    return cuts;
  }

  private Solid.Cut section(int layer, Span span, double y, double stepMm) {
    double half = solid.thickness() / 2;
    double from = joints.get(layer);
    double to = joints.get(layer + 1);
    int steps = Math.max(2, (int) Math.ceil(span.length() / stepMm));
    List<Point> above = new ArrayList<>();
    List<Point> below = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      double aside = span.from() + span.length() * i / steps;
      Point place = solid.course().at(aside, y);
      boolean worked =
          solid.course().straight(face).across(y).stream()
              .anyMatch(it -> aside > it.from() - EDGE_MM && aside < it.to() + EDGE_MM);
      double top = worked ? Math.clamp(solid.frontAt(place), from, to) : to;
      double bottom = worked ? Math.clamp(solid.backAt(place), from, top) : from;
      above.add(new Point(aside, top - half));
      below.add(new Point(aside, bottom - half));
    }
    return new Solid.Cut(above, below);
  }
}

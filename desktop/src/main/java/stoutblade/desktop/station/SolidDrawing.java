package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.paint.Color;
import stoutblade.body.Body;
import stoutblade.core.BesideReckoning;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.core.RodSection;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.feature.Blank;
import stoutblade.feature.Recess;
import stoutblade.feature.Spot;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Solid;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;
import stoutblade.stack.ProfileChange;

/** The layered blade from above and in section. */
public final class SolidDrawing {

  /** How far a circle of four cubics has its controls, for a radius of 1. */
  private static final double BEYOND_MM = 1000;

  private static final double STEP_MM = 0.5;
  private static final double MOST_STEPS = 500;

  private SolidDrawing() {}

  /** The plan: outline, bevel, centre line. */
  static void plan(Pen pen, Layered it) {
    Solid solid = it.layers().solid();
    pen.fill(solid.outermost().rings(), pen.colour(Ink.FOAM_DEEP));
    for (Layer layer : it.layers().each()) {
      if (layer.sheet().own().isPresent() || !solid.face().contains(layer.widest())) {
        pen.stroke(layer.widest().rings(), pen.colour(Ink.INK), 1.4);
        continue;
      }
      // Lines of layers that lie in front: the steps that are sanded away.
      if (layer.from() > 0 && layer.widest() != solid.face()) {
        pen.stroke(layer.widest().rings(), pen.colour(Ink.SOFT), 1, 2, 3);
      }
    }
    pen.fill(solid.flat().rings(), pen.colour(Ink.FOAM));
    pen.stroke(solid.flat().rings(), pen.colour(Ink.INK), 1.4, 9, 4);
    for (ProfileChange change : it.layers().layering().changes()) {
      for (double along : List.of(change.fromMm(), change.toMm())) {
        double at = solid.near() + along;
        solid
            .course()
            .straight(solid.face())
            .across(at)
            .forEach(
                own ->
                    pen.line(
                        solid.course().at(own.from(), at),
                        solid.course().at(own.to(), at),
                        pen.colour(Ink.MEASURE),
                        1,
                        4,
                        3));
      }
    }
    for (Layer layer : it.layers().each()) {
      pen.stroke(layer.joints().lines(layer.cut()), pen.colour(Ink.CORE), 1.4, 12, 3, 2, 3);
    }
    it.form().markings().forEach(own -> pen.stroke(own.path(), pen.colour(Ink.INK), 1));
    it.form().outer().forEach(own -> pen.stroke(own, pen.colour(Ink.INK), 2.2));
    it.form().windows().forEach(own -> pen.stroke(own, pen.colour(Ink.INK), 2.2));
    if (solid.course().bends()) {
      List<Point> line = solid.course().line(0, 0, solid.course().length().orElseThrow());
      pen.stroke(List.of(line), pen.colour(Ink.SOFT), 1, 14, 5, 2, 5);
    } else if (it.form().blank().outline() instanceof HalfOutline) {
      double end = it.box().maxY();
      pen.line(new Point(0, 0), new Point(0, end), pen.colour(Ink.SOFT), 1, 14, 5, 2, 5);
    }
  }

  /** The core in the plan, with the rods beside it and the joint where it comes apart. */
  public static void corePlan(Pen pen, CoreReckoning core, Body body) {
    rodPlan(pen, body, 0, core.width().value(), core.choice().startMm(), core.choice().endMm());
    for (BesideReckoning it : core.beside()) {
      for (double aside : it.asides()) {
        rodPlan(
            pen, body, aside, it.section().widthMm(), it.choice().startMm(), it.choice().endMm());
      }
    }
    core.parting()
        .ifPresent(
            it -> {
              double half = core.width().value() / 2 + 6 / pen.zoom();
              double at = body.nearMm() + it.choice().atMm();
              pen.line(
                  body.course().at(-half, at),
                  body.course().at(half, at),
                  pen.colour(Ink.SELECTED),
                  3);
            });
  }

  private static void rodPlan(
      Pen pen, Body body, double aside, double wide, double start, double end) {
    Span across = new Span(aside - wide / 2, aside + wide / 2);
    List<Point> around = body.course().strip(across, body.nearMm() + start, body.nearMm() + end);
    List<Point> rod = closed(around, around.subList(0, 1));
    pen.fill(List.of(rod), pen.faint(Ink.CORE, 0.85));
    pen.stroke(List.of(rod), pen.colour(Ink.INK), 1.2);
  }

  /** The line at which the section is taken. */
  static void station(Pen pen, Layered it, double y, String words) {
    double beyond = 16 / pen.zoom();
    Course course = it.layers().solid().course();
    Box straight = course.bends() ? course.straight(it.form().face()).box() : it.box();
    Point from = course.at(straight.minX() - beyond, y);
    Point to = course.at(straight.maxX() + beyond, y);
    pen.line(from, to, pen.colour(Ink.SELECTED), 2);
    Point beside =
        it.lies()
            ? from.minus(new Point(12 / pen.zoom(), 0))
            : from.plus(new Point(46 / pen.zoom(), 14 / pen.zoom()));
    pen.plate(words, beside, pen.colour(Ink.SELECTED));
  }

  /**
   * The section: two layers of foam, the joint between them and the core; x across, y the
   * thickness.
   */
  static void section(Pen pen, Layered it, double y) {
    Layers layers = it.layers();
    double half = layers.thickness().value() / 2;
    double step = Math.max(STEP_MM, 2 * layers.solid().widestHalf() / MOST_STEPS);
    for (Solid.Cut cut : layers.solid().sectionAt(y, step)) {
      List<Layer> each = layers.each();
      for (Layer layer : each) {
        double from = layer.number() == 1 ? -BEYOND_MM : layer.from() - half;
        double to = layer.number() == each.size() ? BEYOND_MM : layer.to() - half;
        Color colour = pen.colour(layer.number() % 2 == 0 ? Ink.FOAM : Ink.FOAM_DEEP);
        List<Point> top = cut.front().stream().map(own -> within(own, from, to)).toList();
        List<Point> under = cut.back().stream().map(own -> within(own, from, to)).toList();
        pen.fill(List.of(closed(top, under.reversed())), colour);
        if (layer.number() > 1) {
          joint(pen, cut, from);
        }
      }
      band(pen, layers, cut, y);
      pockets(pen, it, cut, y, half);
      List<Point> around = closed(cut.front(), cut.back().reversed());
      pen.stroke(List.of(closed(around, cut.front().subList(0, 1))), pen.colour(Ink.INK), 2);
    }
    it.core().ifPresent(own -> rods(pen, own, y - layers.solid().near()));
  }

  /** What of the section is foam of the band: outside of the layers. */
  private static void band(Pen pen, Layers layers, Solid.Cut cut, double y) {
    if (layers.band().isEmpty()) {
      return;
    }
    Course course = layers.solid().course();
    List<Span> inside = course.straight(layers.solid().within()).across(y);
    List<Point> front = new ArrayList<>();
    List<Point> back = new ArrayList<>();
    for (int i = 0; i < cut.front().size(); i++) {
      double x = cut.front().get(i).x();
      boolean within = inside.stream().anyMatch(own -> own.holds(x));
      if (!within) {
        front.add(cut.front().get(i));
        back.add(cut.back().get(i));
      }
      if ((within || i == cut.front().size() - 1) && front.size() > 1) {
        List<Point> ring = closed(front, back.reversed());
        pen.fill(List.of(ring), pen.colour(Ink.MAT));
        pen.stroke(List.of(closed(ring, ring.subList(0, 1))), pen.colour(Ink.INK), 1.2);
      }
      if (within) {
        front.clear();
        back.clear();
      }
    }
  }

  /** What is laid in, where the section cuts it, as far as there is foam. */
  private static void pockets(Pen pen, Layered it, Solid.Cut cut, double y, double half) {
    Course course = it.layers().solid().course();
    Blank blank = it.form().blank();
    double left = cut.front().getFirst().x();
    double right = cut.front().getLast().x();
    for (Recess recess : Recess.of(blank.features(), blank.outline())) {
      for (Spot spot : recess.spots()) {
        Region area = course.straight(Region.inside(spot.place(recess.outline()), 0.05));
        for (Span span : area.across(y)) {
          double from = Math.max(left, span.from());
          double to = Math.min(right, span.to());
          if (to > from) {
            List<Point> box = box(from, recess.over() - half, to, recess.top() - half);
            pen.fill(List.of(box), pen.colour(Ink.MAT));
            pen.stroke(List.of(box), pen.colour(Ink.SELECTED), 1.4);
          }
        }
      }
    }
  }

  private static List<Point> box(double left, double low, double right, double high) {
    return List.of(
        new Point(left, low),
        new Point(right, low),
        new Point(right, high),
        new Point(left, high),
        new Point(left, low));
  }

  private static Point within(Point place, double from, double to) {
    return new Point(place.x(), Math.clamp(place.y(), from, to));
  }

  /** The joint at a height, as far as foam reaches on both its sides. */
  private static void joint(Pen pen, Solid.Cut cut, double height) {
    double left = Double.NaN;
    double right = Double.NaN;
    for (int i = 0; i < cut.front().size(); i++) {
      if (cut.front().get(i).y() >= height && cut.back().get(i).y() <= height) {
        left = Double.isNaN(left) ? cut.front().get(i).x() : left;
        right = cut.front().get(i).x();
      }
    }
    if (!Double.isNaN(left)) {
      pen.line(new Point(left, height), new Point(right, height), pen.colour(Ink.INK), 1.2);
    }
  }

  /** The rods that run through the section at a place from the near end. */
  private static void rods(Pen pen, CoreReckoning core, double along) {
    if (core.choice().startMm() <= along && along <= core.choice().endMm()) {
      rod(pen, core.section(), core.groove(), 0);
    }
    for (BesideReckoning it : core.beside()) {
      if (it.choice().startMm() <= along && along <= it.choice().endMm()) {
        Groove groove = core.choice().groove().of(it.section());
        it.asides().forEach(aside -> rod(pen, it.section(), groove, aside));
      }
    }
  }

  private static void rod(Pen pen, RodSection section, Groove groove, double aside) {
    double reach = groove.reach(section);
    double wide = groove.half(section, 0);
    double flat = section.flat();
    List<Point> channel =
        switch (groove) {
          case ROUND -> List.of();
          case SQUARE -> box(-wide, -reach, wide, reach);
          case VEE ->
              List.of(
                  new Point(-wide, 0),
                  new Point(-flat, reach),
                  new Point(flat, reach),
                  new Point(wide, 0),
                  new Point(flat, -reach),
                  new Point(-flat, -reach),
                  new Point(-wide, 0));
        };
    Point by = new Point(aside, 0);
    if (!channel.isEmpty()) {
      List<Point> placed = channel.stream().map(by::plus).toList();
      pen.fill(List.of(placed), pen.colour(Ink.MAT));
      pen.stroke(List.of(placed), pen.colour(Ink.INK), 1.2);
    }
    List<Path> outlines = section.outlines().stream().map(it -> it.moved(by::plus)).toList();
    pen.fill(outlines.getFirst(), pen.colour(Ink.CORE));
    pen.stroke(outlines.getFirst(), pen.colour(Ink.INK), 1.6);
    for (Path bore : outlines.subList(1, outlines.size())) {
      pen.fill(bore, pen.colour(Ink.MAT));
      pen.stroke(bore, pen.colour(Ink.INK), 1.2);
    }
  }

  private static List<Point> closed(List<Point> one, List<Point> other) {
    List<Point> ring = new ArrayList<>(one);
    ring.addAll(other);
    return ring;
  }
}

package stoutblade.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.part.Cut;
import stoutblade.part.Defaults;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.shape.Exact;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Stretched;
import stoutblade.shape.Teeth;

/**
 * The edits of an outline.
 *
 * <p>Each takes the id of the part; or what {@link #layer} makes of it for the outline of one of
 * its layers, or {@link #opening} for that of a cut-out; or nothing, for a part that is drawn
 * before there is any.
 */
public final class OutlineEdits {

  /** How many times as long as wide a blade is of which one of both is known. */
  private static final double LONG = 9;

  /** How long its point is, in widths. */
  private static final double POINT = 1.4;

  private static final double SHORTEST_SIDE = 0.4;
  private static final double ROUND_MM = 5;
  private static final char LAYER = '#';
  private static final char OPENING = '@';

  private OutlineEdits() {}

  /** What stands for the outline of one layer, counted from 0 at the back. */
  public static String layer(String id, int index) {
    return id + LAYER + index;
  }

  /** What stands for the outline of a cut-out, where it is cut first. */
  public static String opening(String id, String featureId) {
    return id + OPENING + featureId;
  }

  private static Feature cutOut(Cut cut, String featureId) {
    return cut.feature(featureId)
        .filter(it -> it.outline().isPresent())
        .orElseThrow(() -> new IllegalArgumentException("There is no cut-out '" + featureId + "'"));
  }

  /** The outline of a part, of a cut-out, or of one of its layers: its own where it has one. */
  public static Outline of(Prop prop, String id) {
    int mark = id.lastIndexOf(LAYER);
    if (mark >= 0) {
      String part = id.substring(0, mark);
      return LayerEdits.sheet(prop, part, index(id)).own().orElseGet(() -> of(prop, part));
    }
    int open = id.lastIndexOf(OPENING);
    if (open >= 0) {
      Cut cut = prop.needed(id.substring(0, open)).neededCut();
      return cutOut(cut, id.substring(open + 1)).cutFirst(cut.outline()).orElseThrow();
    }
    if (begins(prop, id)) {
      return HalfOutline.EMPTY;
    }
    return named(prop, id).neededCut().outline();
  }

  private static int index(String id) {
    String number = id.substring(id.lastIndexOf(LAYER) + 1);
    if (!number.matches("\\d{1,6}")) {
      throw new IllegalArgumentException("There is no layer '" + number + "'");
    }
    return Integer.parseInt(number);
  }

  /** True where nothing is there yet, and what is drawn makes the first part. */
  private static boolean begins(Prop prop, String id) {
    return id.isEmpty() && prop.parts().isEmpty();
  }

  /** Without an id the first part: what is drawn quickly goes on before the first node is there. */
  private static Part named(Prop prop, String id) {
    return id.isEmpty() ? prop.parts().getFirst() : prop.needed(id);
  }

  /** Any change of an outline. */
  public static PropEdit on(String id, String name, UnaryOperator<Outline> change) {
    int mark = id.lastIndexOf(LAYER);
    if (mark >= 0) {
      String partId = id.substring(0, mark);
      return new PropEdit(
          name,
          (prop, wearer) -> {
            Outline changed = change.apply(of(prop, id));
            return LayerEdits.sheet(partId, index(id), name, it -> it.withOwn(Optional.of(changed)))
                .applyTo(prop, wearer);
          });
    }
    int open = id.lastIndexOf(OPENING);
    if (open >= 0) {
      String featureId = id.substring(open + 1);
      return PropEdit.of(
          name,
          prop -> {
            Part part = prop.needed(id.substring(0, open));
            Cut cut = part.neededCut();
            Outline changed = change.apply(of(prop, id));
            cutOut(cut, featureId);
            Cut now = cut.with(featureId, it -> it.cutAs(cut.outline(), changed));
            refuseFollowing(prop, part, now.features());
            return prop.with(part.withShape(now));
          });
    }
    return PropEdit.of(
        name,
        prop -> {
          Outline changed = change.apply(of(prop, id));
          if (begins(prop, id)) {
            return prop.withParts(
                List.of(prop.defaults().layered("d1", Defaults.FIRST, changed, "")));
          }
          Part part = named(prop, id);
          refuseFollower(prop, part);
          return prop.with(part.withShape(part.neededCut().withOutline(changed)));
        });
  }

  /** A change that stretches all of it, its centre line as well. */
  private static PropEdit stretched(String id, String name, UnaryOperator<Outline> change) {
    PropEdit plain = on(id, name, change);
    return new PropEdit(
        name,
        (prop, wearer) -> {
          Prop after = plain.applyTo(prop, wearer);
          Optional<Cut> before =
              prop.part(id).flatMap(Part::cut).filter(it -> it.axis().isPresent());
          return before.isEmpty()
              ? after
              : after.with(
                  after.needed(id).withShape(AxisEdits.stretched(before.get(), of(after, id))));
        });
  }

  /** Refuses to draw what follows another part: it would be drawn back. */
  static void refuseFollower(Prop prop, Part part) {
    part.neededCut().follow().ifPresent(it -> refuse(prop, part, part.name(), it));
  }

  /**
   * Refuses to change cut-outs that follow another part.
   *
   * @param changed the features that the part would have
   */
  static void refuseFollowing(Prop prop, Part part, List<Feature> changed) {
    Cut cut = part.neededCut();
    boolean same =
        cut.features().stream()
            .filter(Follow::follows)
            .toList()
            .equals(changed.stream().filter(Follow::follows).toList());
    if (!same) {
      cut.follow().ifPresent(it -> refuse(prop, part, "This cut-out of " + part.name(), it));
    }
  }

  private static void refuse(Prop prop, Part part, String what, Follow follow) {
    String leader = prop.part(follow.leaderId()).map(Part::name).orElse("another part");
    throw new IllegalArgumentException(
        what
            + " follows "
            + leader
            + ": change that one, or let "
            + (what.equals(part.name()) ? "this one" : part.name())
            + " go to draw it by itself");
  }

  // == NODES

  /** Adds a node after all that are there. */
  public static PropEdit append(String id, Node node) {
    return on(id, "Add a node", it -> it.inserted(it.nodes().size(), node));
  }

  /** Adds a node before the given place. */
  public static PropEdit addNode(String id, int index, Node node) {
    return on(id, "Add a node", it -> it.inserted(index, node));
  }

  public static PropEdit moveNode(String id, int index, Point to) {
    return node(id, index, "Move node " + (index + 1), it -> it.movedTo(to));
  }

  /** Makes a corner of a curve or a curve of a corner. */
  public static PropEdit turnNode(String id, int index) {
    return node(id, index, "Corner or curve", Node::turned);
  }

  /** Changes one node. */
  public static PropEdit node(String id, int index, String name, UnaryOperator<Node> change) {
    return on(id, name, it -> it.with(index, change.apply(it.node(index))));
  }

  /** Takes a node out; the first of half an outline leaves its place on the base to the next. */
  public static PropEdit removeNode(String id, int index) {
    return on(
        id,
        "Remove node " + (index + 1),
        outline -> {
          if (index == 0 && outline instanceof HalfOutline && outline.nodes().size() > 1) {
            Node second = outline.nodes().get(1);
            return outline.with(1, second.movedTo(new Point(second.at().x(), 0))).without(0);
          }
          return outline.without(index);
        });
  }

  /** Taking out one node often undoes a crossing: the first whose absence does. */
  public static Optional<PropEdit> uncrossed(String id, Outline outline) {
    boolean half = outline instanceof HalfOutline;
    int least = half ? 2 : 3;
    for (int i = half ? 1 : 0; i < outline.nodes().size() && outline.nodes().size() > least; i++) {
      Outline without = outline.without(i);
      if (without.drawn() && Region.crossing(without.outline(), PlateForm.TOLERANCE_MM).isEmpty()) {
        return Optional.of(removeNode(id, i));
      }
    }
    return Optional.empty();
  }

  // == THE WHOLE

  /** Replaces the whole outline. */
  public static PropEdit outline(String id, Outline outline) {
    return on(id, "Draw the outline", it -> outline);
  }

  /**
   * Stretches the outline along so that it gets a length; its widths stay, and what its arcs round
   * off stays as it is. A circle grows all round.
   */
  public static PropEdit length(String id, double mm) {
    return stretched(
        id,
        "Set the length",
        it -> it.nodes().isEmpty() ? blade(mm, rounded(mm / LONG)) : Stretched.along(it, mm));
  }

  /** Stretches the outline across so that it gets a greatest width; its length stays. */
  public static PropEdit width(String id, double mm) {
    return stretched(
        id,
        "Set the width",
        it -> it.nodes().isEmpty() ? blade(rounded(mm * LONG), mm) : Stretched.across(it, mm));
  }

  /** What was not said is a round number. */
  private static double rounded(double mm) {
    return mm > ROUND_MM ? ROUND_MM * Math.round(mm / ROUND_MM) : mm;
  }

  /**
   * A blade by its numbers, before anything is drawn: sides that run along, and a point.
   *
   * @throws IllegalArgumentException unless both are more than nothing
   */
  private static Outline blade(double lengthMm, double widthMm) {
    if (!(lengthMm > 0) || !(widthMm > 0)) {
      throw new IllegalArgumentException("A blade is longer and wider than nothing");
    }
    double shoulder = Math.max(lengthMm * SHORTEST_SIDE, lengthMm - widthMm * POINT);
    return HalfOutline.EMPTY
        .inserted(0, new Node(new Point(widthMm / 2, 0), Node.Kind.CORNER))
        .inserted(1, new Node(new Point(widthMm / 2, shoulder), Node.Kind.CORNER))
        .inserted(2, new Node(new Point(0, lengthMm), Node.Kind.CORNER));
  }

  /**
   * Cuts teeth along one side: pointed ones, as many as are wanted, all alike.
   *
   * @param deepMm how far they stand out
   */
  public static PropEdit teeth(String id, int side, int count, double deepMm) {
    return on(id, "Teeth", it -> Teeth.along(it, side, count, deepMm));
  }

  // == EXACTLY

  public static PropEdit sideLength(String id, int side, double mm) {
    return on(id, "Length of a side", it -> Exact.withLength(it, side, mm));
  }

  public static PropEdit sideRadius(String id, int side, double mm) {
    return on(id, "Radius of a side", it -> Exact.withRadius(it, side, mm));
  }

  public static PropEdit angle(String id, int index, double radians) {
    return on(id, "Angle of a corner", it -> Exact.withAngle(it, index, radians));
  }

  public static PropEdit parallel(String id, int side, int as) {
    return on(id, "Make a side parallel", it -> Exact.parallel(it, side, as));
  }

  public static PropEdit offset(String id, double mm) {
    return on(id, "Offset the outline", it -> Exact.offset(it, mm));
  }

  /** Sets the width of half an outline at a station. */
  public static PropEdit widthAt(String id, double station, double mm) {
    return on(
        id,
        "Width at a station",
        it -> {
          if (it instanceof HalfOutline half) {
            return Exact.withWidth(half, station, mm);
          }
          throw new IllegalArgumentException(
              "A width at a station is set where half the outline is drawn about its axis");
        });
  }

  public static PropEdit align(String id, List<Integer> nodes, Exact.Line line) {
    return on(id, "Bring nodes in line", it -> Exact.aligned(it, nodes, line));
  }

  public static PropEdit space(String id, List<Integer> nodes) {
    return on(id, "Space nodes evenly", it -> Exact.spaced(it, nodes));
  }

  /** Draws a half outline whole from now on. */
  public static PropEdit whole(String id) {
    return on(id, "Draw it whole", Exact::whole);
  }
}

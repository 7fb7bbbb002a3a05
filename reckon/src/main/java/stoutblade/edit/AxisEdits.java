package stoutblade.edit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Exact;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;

/** The edits of the centre line of what is cut along an outline. */
public final class AxisEdits {

  private static final double NEAR_MM = 0.05;

  private AxisEdits() {}

  /** Finds it midway between the edges of the outline. */
  public static PropEdit midway(String id) {
    return on(id, "Centre line midway", cut -> Optional.of(CurvedAxis.midway(cut.outline())));
  }

  /** Begins one up the middle, to be bent by hand. */
  public static PropEdit upright(String id) {
    return on(id, "Draw a centre line", cut -> Optional.of(CurvedAxis.upright(cut.outline())));
  }

  /** Makes the part run straight up its frame again. */
  public static PropEdit straight(String id) {
    return on(id, "Straight centre line", cut -> Optional.empty());
  }

  /**
   * Puts a node of it in another place, and bends the part along: its outline, and what is worked
   * in at places of its own.
   */
  public static PropEdit bend(String id, int index, Point at) {
    return changed(
        id,
        "Bend the part",
        part -> {
          Cut cut = whole(part);
          CurvedAxis before = axis(cut);
          CurvedAxis after = before.with(index, at);
          return part.withShape(
              new Bending(Course.along(before), Course.along(after)).bent(cut, after));
        });
  }

  /** Puts a node of it in another place. */
  public static PropEdit moveNode(String id, int index, Point at) {
    return change(id, "Move the centre line", it -> it.with(index, at));
  }

  /** Puts a node before another, or after the last. */
  public static PropEdit addNode(String id, int index, Point at) {
    return change(id, "Add to the centre line", it -> it.inserted(index, at));
  }

  /** Takes a node out. */
  public static PropEdit removeNode(String id, int index) {
    return change(id, "Take out of the centre line", it -> it.without(index));
  }

  private static PropEdit change(String id, String name, UnaryOperator<CurvedAxis> change) {
    return on(id, name, cut -> Optional.of(change.apply(axis(cut))));
  }

  private static CurvedAxis axis(Cut cut) {
    return cut.axis()
        .orElseThrow(() -> new IllegalArgumentException("There is no centre line yet"));
  }

  private static PropEdit on(String id, String name, Function<Cut, Optional<CurvedAxis>> change) {
    return changed(
        id,
        name,
        part -> {
          Cut cut = whole(part);
          Optional<CurvedAxis> changed = change.apply(cut);
          Cut now = cut.withAxis(changed);
          return part.withShape(
              cut.axis().isPresent() == changed.isPresent()
                  ? now
                  : now.withFeatures(
                      laid(now.features(), Course.of(cut.axis()), Course.of(changed))));
        });
  }

  /** Any change of a part whose centre line is its own, not that of what it follows. */
  private static PropEdit changed(String id, String name, UnaryOperator<Part> change) {
    return PropEdit.of(
        name,
        prop -> {
          Part part = prop.needed(id);
          part.neededCut();
          OutlineEdits.refuseFollower(prop, part);
          return prop.with(change.apply(part));
        });
  }

  /** What is said along the centre line stays where it is when there is another. */
  private static List<Feature> laid(List<Feature> features, Course before, Course after) {
    return features.stream()
        .map(
            it ->
                it.kind() == Feature.Kind.FULLER && it.where() instanceof Where.Row row
                    ? it.at(
                        new Where.Row(
                            after.straight(before.at(row.from().x(), row.from().y())),
                            after.straight(before.at(row.to().x(), row.to().y())),
                            row.count()))
                    : it)
        .toList();
  }

  /** What bends is drawn whole: half of it has no image. */
  private static Cut whole(Part part) {
    Outline outline = part.neededOutline();
    Cut cut = part.neededCut();
    return cut.half() ? cut.withOutline(Exact.whole(outline)) : cut;
  }

  /** The centre line of an outline that was stretched from one box into another. */
  static Cut stretched(Cut cut, Outline changed) {
    if (cut.axis().isEmpty()) {
      return cut.withOutline(changed);
    }
    Box before = box(cut.outline());
    Box after = box(changed);
    double across = after.width() / before.width();
    double along = after.height() / before.height();
    UnaryOperator<Point> moved =
        it ->
            new Point(
                after.minX() + (it.x() - before.minX()) * across,
                after.minY() + (it.y() - before.minY()) * along);
    return cut.withOutline(changed)
        .withAxis(
            cut.axis()
                .map(
                    it ->
                        new CurvedAxis(
                            it.nodes().stream()
                                .map(node -> node.movedTo(moved.apply(node.at())))
                                .toList())));
  }

  private static Box box(Outline outline) {
    return Box.around(outline.outline().flattened(NEAR_MM));
  }
}

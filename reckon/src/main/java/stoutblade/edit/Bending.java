package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.shape.Course;
import stoutblade.shape.Cubic;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A part bent from one centre line to another: what lay so far aside lies so far aside again, and
 * at the same share of its length.
 *
 * <p>A side between two corners that was straight gets nodes of its own, for only nodes bend.
 */
record Bending(Course before, Course after) {

  /** A side that stays as straight as this needs no nodes, in mm. */
  private static final double STRAIGHT_MM = 0.1;

  private static final int PIECES = 4;
  private static final double STEP_MM = 1;

  /** An outline of so many straight sides bends as it is. */
  private static final int MOST_MORE = 400;

  /** The part with its new centre line. */
  Cut bent(Cut cut, CurvedAxis axis) {
    return cut.withOutline(cut.outline().through(nodes(cut.outline())))
        .withFeatures(cut.features().stream().map(this::bent).toList())
        .withAxis(Optional.of(axis));
  }

  private Point moved(Point place) {
    return laid(before.straight(place));
  }

  /** Where a place of the line before lies along the new one, which may be longer. */
  private Point laid(Point straight) {
    return after.at(straight.x(), longer(straight.y()));
  }

  private double longer(double along) {
    return along * after.length().orElse(1.0) / before.length().orElse(1.0);
  }

  private List<Node> nodes(Outline outline) {
    List<Node> all = new ArrayList<>();
    List<List<Cubic>> sides = outline.eachSide();
    for (int i = 0; i < sides.size(); i++) {
      Node node = outline.nodes().get(i);
      all.add(node.movedTo(moved(node.at())));
      all.addAll(between(node, outline.nodes().get(outline.after(i)), sides.get(i)));
    }
    return all.size() > outline.nodes().size() + MOST_MORE ? plain(outline) : all;
  }

  private List<Node> plain(Outline outline) {
    return outline.nodes().stream().map(it -> it.movedTo(moved(it.at()))).toList();
  }

  /** The nodes that a side between two corners needs to be bent. */
  private List<Node> between(Node from, Node to, List<Cubic> side) {
    boolean corners = from.kind() != Node.Kind.CURVE && to.kind() != Node.Kind.CURVE;
    if (!corners || from.bulge() != 0) {
      return List.of();
    }
    Path path = new Path(side, false);
    Point one = moved(path.start());
    Point two = moved(path.end());
    List<Node> more = new ArrayList<>();
    double off = 0;
    for (int i = 1; i < PIECES; i++) {
      Point place = moved(path.start().towards(path.end(), i / (double) PIECES));
      off = Math.max(off, place.distanceToSegment(one, two));
      more.add(Node.curve(place.x(), place.y()));
    }
    return off > STRAIGHT_MM ? more : List.of();
  }

  /** What has a place of its own goes along, and turns as the line does there. */
  private Feature bent(Feature feature) {
    return switch (feature.where()) {
      case Where.At it -> feature.at(new Where.At(moved(it.spot())));
      case Where.Ring it -> {
        Spot spot = moved(new Spot(it.centre(), it.from()));
        yield feature.at(new Where.Ring(spot.at(), it.radiusMm(), it.count(), spot.turn()));
      }
      case Where.Row it ->
          feature.kind() == Feature.Kind.FULLER
              ? feature.at(new Where.Row(stretched(it.from()), stretched(it.to()), it.count()))
              : feature.at(new Where.Row(moved(it.from()), moved(it.to()), it.count()));
      case Where.Along it -> feature;
    };
  }

  private Point stretched(Point straight) {
    return new Point(straight.x(), longer(straight.y()));
  }

  private Spot moved(Spot spot) {
    Point straight = before.straight(spot.at());
    return new Spot(
        laid(straight),
        spot.turn() + direction(after, stretched(straight)) - direction(before, straight));
  }

  private static double direction(Course course, Point straight) {
    Point way =
        course
            .at(straight.x(), straight.y() + STEP_MM)
            .minus(course.at(straight.x(), straight.y() - STEP_MM));
    return Math.atan2(way.y(), way.x());
  }
}

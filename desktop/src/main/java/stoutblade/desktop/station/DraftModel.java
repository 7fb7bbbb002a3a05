package stoutblade.desktop.station;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import stoutblade.desktop.Desk;
import stoutblade.project.Edits;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/** The outline being drawn: which node is selected, what is being moved, where new nodes go. */
final class DraftModel {

  private final Desk desk;
  private final BooleanProperty tracing = new SimpleBooleanProperty();
  private int selected = -1;
  private Optional<HalfOutline> moving = Optional.empty();

  DraftModel(Desk desk) {
    this.desk = desk;
  }

  /** True while a press adds a node. */
  BooleanProperty tracingProperty() {
    return tracing;
  }

  /** The outline as it is to be drawn: with the node being moved where it is now. */
  HalfOutline outline() {
    return moving.orElse(desk.project().blade().half());
  }

  /** The index of the selected node, if there is one. */
  Optional<Integer> selected() {
    return selected >= 0 && selected < outline().nodes().size()
        ? Optional.of(selected)
        : Optional.empty();
  }

  Optional<Node> selectedNode() {
    return selected().map(index -> outline().nodes().get(index));
  }

  void select(int index) {
    selected = index;
  }

  /** Selects the node after, or before, the selected one. */
  void step(int by) {
    int count = outline().nodes().size();
    if (count > 0) {
      selected = Math.floorMod(selected + by, count);
    }
  }

  /**
   * Takes hold of a node near a place; while tracing, or on the edge, adds one and takes hold of
   * it.
   *
   * @param reach how near, in mm
   * @param corner true where a new node is a corner
   */
  boolean press(Point place, double reach, boolean corner) {
    Optional<Integer> near = nearest(place, reach);
    if (near.isPresent()) {
      selected = near.get();
      moving = Optional.of(outline());
      return true;
    }
    Optional<Integer> onEdge = edgeNear(place, reach);
    if (!tracing.get() && onEdge.isEmpty()) {
      selected = -1;
      return false;
    }
    int index = tracing.get() ? outline().nodes().size() : onEdge.orElseThrow();
    Point at = fitted(index, place, reach);
    Node node = new Node(at, corner || index == 0 ? Node.Kind.CORNER : Node.Kind.CURVE);
    if (desk.perform(Edits.addNode(index, node))) {
      selected = index;
      moving = Optional.of(outline());
      return true;
    }
    return false;
  }

  private Optional<Integer> nearest(Point place, double reach) {
    Integer best = null;
    double least = reach;
    for (int i = 0; i < outline().nodes().size(); i++) {
      Point at = outline().nodes().get(i).at();
      double away = Math.min(at.distance(place), at.mirrored().distance(place));
      if (away <= least) {
        least = away;
        best = i;
      }
    }
    return Optional.ofNullable(best);
  }

  /** The place in the order of nodes for a new one on the edge near a place. */
  private Optional<Integer> edgeNear(Point place, double reach) {
    if (!outline().drawn()) {
      return Optional.empty();
    }
    Point side = new Point(Math.abs(place.x()), place.y());
    var cubics = outline().edge().cubics();
    Integer best = null;
    double least = reach;
    for (int i = 0; i + 1 < outline().nodes().size(); i++) {
      for (int part = 0; part < 24; part++) {
        double away =
            side.distanceToSegment(
                cubics.get(i).at(part / 24.0), cubics.get(i).at((part + 1) / 24.0));
        if (away <= least) {
          least = away;
          best = i + 1;
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** A place that a node may take: on its side of the centre line, the first one on the base. */
  private static Point fitted(int index, Point place, double reach) {
    double across = Math.abs(place.x()) < reach * 0.6 ? 0 : Math.abs(place.x());
    return new Point(across, index == 0 ? 0 : Math.max(0, place.y()));
  }

  /** Moves what is held; it snaps to the centre line within the reach. */
  void drag(Point place, double reach) {
    moving =
        moving.map(
            half ->
                half.with(
                    selected, half.nodes().get(selected).movedTo(fitted(selected, place, reach))));
  }

  /** Lets go: the move becomes an edit. */
  void release() {
    Optional<Point> to = moving.flatMap(half -> selectedNode()).map(Node::at);
    moving = Optional.empty();
    to.filter(at -> !at.equals(outline().nodes().get(selected).at()))
        .ifPresent(at -> desk.perform(Edits.moveNode(selected, at)));
    endAtTip();
  }

  /** A node on the centre line is the tip: the tracing is done. */
  private void endAtTip() {
    int count = outline().nodes().size();
    if (tracing.get() && count > 1 && outline().nodes().getLast().at().x() == 0) {
      tracing.set(false);
    }
  }

  /** Moves the selected node to typed places, in mm. */
  boolean moveTo(double across, double along) {
    if (selected().isEmpty()) {
      desk.say("Select a node first: press it, or N for the next");
      return false;
    }
    try {
      return desk.perform(Edits.moveNode(selected, new Point(across, along)));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
  }

  /** Moves the selected node by mm. */
  void nudge(double across, double along) {
    selectedNode()
        .ifPresent(
            node -> {
              Point to = node.at().plus(new Point(across, along));
              moveTo(Math.max(0, to.x()), selected == 0 ? 0 : Math.max(0, to.y()));
            });
  }

  void turn() {
    selected().ifPresent(index -> desk.perform(Edits.turnNode(index)));
  }

  void remove() {
    selected()
        .ifPresent(
            index -> {
              desk.perform(Edits.removeNode(index));
              selected = Math.min(index, outline().nodes().size() - 1);
            });
  }
}

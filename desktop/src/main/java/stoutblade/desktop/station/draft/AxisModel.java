package stoutblade.desktop.station.draft;

import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.AxisEdits;
import stoutblade.measure.Display;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;

/** The centre line of a curved part: which of its nodes is selected, and what is being moved. */
final class AxisModel {

  private final Desk desk;
  private final OutlineModel outline;
  private final BooleanProperty bends = new SimpleBooleanProperty(true);
  private int selected = -1;
  private Optional<CurvedAxis> moving = Optional.empty();

  AxisModel(Desk desk, OutlineModel outline) {
    this.desk = desk;
    this.outline = outline;
  }

  /** The line as it is to be drawn; none where the part runs straight, or a layer is drawn. */
  Optional<CurvedAxis> shown() {
    return outline.layer().isPresent() ? Optional.empty() : moving.or(this::kept);
  }

  private Optional<CurvedAxis> kept() {
    return outline.part().flatMap(Part::cut).flatMap(Cut::axis);
  }

  /** True where the outline bends along when a node of the line is moved. */
  BooleanProperty bendsProperty() {
    return bends;
  }

  /** True while a node of it is held. */
  boolean held() {
    return moving.isPresent();
  }

  /** The selected node, where it is one of these. */
  Optional<Integer> selected() {
    return shown().filter(it -> selected >= 0 && selected < it.nodes().size()).map(it -> selected);
  }

  Optional<Point> place() {
    return selected().map(it -> shown().orElseThrow().nodes().get(it).at());
  }

  void select(int index) {
    selected = index;
  }

  /** What is selected, as it is read aloud. */
  String said() {
    return place()
        .map(
            it ->
                Texts.DRAFT.of(
                    "node-of-of-the-centre",
                    selected + 1,
                    shown().orElseThrow().nodes().size(),
                    Display.length(it.x(), desk.units()),
                    Display.length(it.y(), desk.units())))
        .orElse("");
  }

  /** Takes hold of the node near a place. */
  boolean press(Point place, double reach) {
    Optional<CurvedAxis> axis = shown();
    int best = -1;
    double least = reach;
    for (int i = 0; axis.isPresent() && i < axis.get().nodes().size(); i++) {
      double away = axis.get().nodes().get(i).at().distance(place);
      if (away <= least) {
        least = away;
        best = i;
      }
    }
    if (best < 0) {
      return false;
    }
    outline.select(-1);
    selected = best;
    moving = axis;
    return true;
  }

  /** Moves what is held; where it cannot be, on its neighbour, it stays where it was. */
  void drag(Point place) {
    try {
      moving = moving.map(it -> it.with(selected, place));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  /** Lets go: the move becomes an edit. */
  void release() {
    Optional<Point> to = moving.map(it -> it.nodes().get(selected).at());
    moving = Optional.empty();
    to.filter(it -> !it.equals(place().orElse(null))).ifPresent(this::moveTo);
  }

  /** Moves the selected node to a place. */
  boolean moveTo(Point place) {
    return selected()
        .map(
            it ->
                desk.perform(
                    bends.get()
                        ? AxisEdits.bend(outline.id(), it, place)
                        : AxisEdits.moveNode(outline.id(), it, place)))
        .orElse(false);
  }

  /** Moves the selected node, where one is. */
  boolean nudge(Point by) {
    return place().map(it -> moveTo(it.plus(by))).orElse(false);
  }

  /** Takes the selected node out, where one is. */
  boolean remove() {
    Optional<Integer> gone = selected();
    gone.ifPresent(
        it -> {
          desk.perform(AxisEdits.removeNode(outline.id(), it));
          selected = Math.min(it, shown().map(now -> now.nodes().size() - 1).orElse(-1));
        });
    return gone.isPresent();
  }

  /** Adds a node on the line near a place, and selects it. */
  boolean add(Point place, double reach) {
    Optional<Integer> side = shown().flatMap(it -> Outline.nearest(it.eachSide(), place, reach));
    if (side.isEmpty()) {
      return false;
    }
    int index = side.get() + 1;
    return desk.perform(
        AxisEdits.addNode(outline.id(), index, place),
        () -> {
          outline.select(-1);
          selected = index;
        });
  }
}

package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.measure.Display;
import stoutblade.part.Cut;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Course;
import stoutblade.shape.Cubic;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.stack.Sheet;

/**
 * The outline being drawn, of the blade or of a plate: what is selected, what is being moved, where
 * new nodes go.
 */
final class OutlineModel {

  /** In place of a layer's number: the outline of the part. */
  private static final int PART = -1;

  private static final String NOTHING = Integer.toString(PART);

  private final Desk desk;
  private final BooleanProperty tracing = new SimpleBooleanProperty();
  private String lookedAt = NOTHING;
  private final TreeSet<Integer> nodes = new TreeSet<>();
  private int selected = -1;
  private int side = -1;
  private String feature = "";
  private String opening = "";
  private boolean wantsParallel;
  private Optional<Holding> holding = Optional.empty();
  private Optional<Outline> moving = Optional.empty();
  private Optional<Feature> shifting = Optional.empty();
  private Grip grip = new Grip("", 0);
  private final AxisModel axis;

  /** A handle of a feature: 0 moves it, 1 and 2 are the ends of its place. */
  private record Grip(String featureId, int handle) {}

  OutlineModel(Desk desk) {
    this.desk = desk;
    this.axis = new AxisModel(desk, this);
  }

  // == WHAT IS DRAWN

  /** True while a press adds a node. */
  BooleanProperty tracingProperty() {
    return tracing;
  }

  /** The part that is looked at, where it is cut along an outline. */
  Optional<Part> part() {
    Optional<Part> part = desk.looked().map(PartReckoning::part).filter(it -> it.cut().isPresent());
    String now = part.map(Part::id).orElse("") + desk.layerProperty().get();
    if (!now.equals(lookedAt)) {
      // What is being traced becomes a part with its first node: the hand goes on.
      boolean begun =
          lookedAt.equals(NOTHING)
              && part.filter(it -> it.cut().orElseThrow().outline().nodes().size() == 1)
                  .isPresent();
      lookedAt = now;
      if (!begun) {
        tracing.set(false);
        opening = "";
        select(-1);
      }
    }
    return part.flatMap(it -> desk.prop().part(it.id()));
  }

  /** True where it lies with its far end to the right, as a blade does; so does a first part. */
  boolean lies() {
    return part().map(it -> it.cut().filter(Cut::lies).isPresent()).orElse(true);
  }

  /** What is looked at, with what is worked into it. */
  Blank blank() {
    return part()
        .flatMap(Part::blank)
        .orElseGet(
            () ->
                desk.prop()
                    .defaults()
                    .layered("d1", Defaults.FIRST, HalfOutline.EMPTY, "")
                    .blank()
                    .orElseThrow());
  }

  /** The layers of what is looked at; none before there is a part. */
  List<Sheet> sheets() {
    return part().map(it -> it.layering().sheets()).orElse(List.of());
  }

  /** The layer whose outline is drawn, counted from 0 at the back; none for that of the part. */
  Optional<Integer> layer() {
    int index = desk.layerProperty().get();
    return index >= 0 && index < sheets().size() ? Optional.of(index) : Optional.empty();
  }

  /** The same as it is to be drawn: with what is being moved where it is now. */
  Blank moved() {
    Blank blank = blank();
    if (layer().isPresent()) {
      return new Blank(
          blank.id(), blank.name(), outline(), List.of(), blank.thicknessMm(), blank.bothFaces());
    }
    List<Feature> features = new ArrayList<>(blank.features());
    shifting.ifPresent(now -> features.replaceAll(it -> it.id().equals(now.id()) ? now : it));
    boolean opened = opening().isPresent();
    if (opened && moving.isPresent()) {
      features.replaceAll(
          it -> it.id().equals(opening) ? it.cutAs(blank.outline(), moving.get()) : it);
    }
    return new Blank(
        blank.id(),
        blank.name(),
        opened ? blank.outline() : moving.orElse(blank.outline()),
        features,
        blank.thicknessMm(),
        blank.bothFaces(),
        blank.scale(),
        axis.shown(),
        desk.reckoned()
            .part(blank.id())
            .flatMap(PartReckoning::form)
            .flatMap(it -> it.blank().core()));
  }

  /** The centre line that is drawn, where the part has one. */
  AxisModel axis() {
    return axis;
  }

  /** The way that what is looked at runs. */
  private Course course() {
    return Course.of(axis.shown());
  }

  /** The id of what is looked at, as edits call it; empty before there is anything. */
  String id() {
    return part().map(Part::id).orElse("");
  }

  /** What the edits of outlines call the one that is drawn. */
  String outlineId() {
    if (opening().isPresent()) {
      return OutlineEdits.opening(id(), opening);
    }
    return layer().map(it -> OutlineEdits.layer(id(), it)).orElseGet(this::id);
  }

  /** The cut-out whose outline is drawn; none for that of the part or of a layer. */
  Optional<Feature> opening() {
    return layer().isPresent()
        ? Optional.empty()
        : blank().feature(opening).filter(it -> it.outline().isPresent());
  }

  /** Draws the outline of a cut-out from now on; with an empty id that of the part again. */
  void open(String featureId) {
    select(-1);
    opening = featureId;
  }

  /** The outline as it is to be drawn: with the node being moved where it is now. */
  Outline outline() {
    return moving.orElseGet(() -> OutlineEdits.of(desk.prop(), outlineId()));
  }

  boolean half() {
    return outline() instanceof HalfOutline;
  }

  /** True while something is held. */
  boolean holding() {
    return moving.isPresent() || shifting.isPresent() || axis.held();
  }

  // == WHAT IS SELECTED

  /** The index of the selected node, if there is one. */
  Optional<Integer> selected() {
    return selected >= 0 && selected < outline().nodes().size()
        ? Optional.of(selected)
        : Optional.empty();
  }

  Optional<Node> selectedNode() {
    return selected().map(index -> outline().nodes().get(index));
  }

  /** The nodes that are selected together, in order. */
  List<Integer> several() {
    int count = outline().nodes().size();
    return nodes.stream().filter(it -> it < count).toList();
  }

  /** The selected side, if there is one. */
  Optional<Integer> side() {
    return side >= 0 && side < outline().sides() ? Optional.of(side) : Optional.empty();
  }

  Optional<Feature> feature() {
    return moved().feature(feature);
  }

  void select(int index) {
    selected = index;
    nodes.clear();
    axis.select(-1);
    if (index >= 0) {
      nodes.add(index);
    }
    side = -1;
    feature = "";
    wantsParallel = false;
  }

  void selectSide(int index) {
    select(-1);
    side = index;
  }

  void selectFeature(String featureId) {
    select(-1);
    feature = featureId;
  }

  /**
   * Selects the node after, or before, the selected one: first of the outline, then of the line.
   */
  void step(int by) {
    int count = outline().nodes().size();
    int more = axis.shown().map(it -> it.nodes().size()).orElse(0);
    if (more > 0) {
      int now = axis.selected().map(it -> count + it).orElse(selected);
      int next = Math.floorMod(now + by, count + more);
      select(next < count ? next : -1);
      axis.select(next - count);
    } else if (count > 0) {
      select(Math.floorMod(selected + by, count));
    }
  }

  /** The next side that is pressed is what the selected one becomes parallel to. */
  void askParallel() {
    if (side().isPresent()) {
      wantsParallel = true;
      desk.say(Texts.DRAFT.of("click-the-side-that-it"));
    }
  }

  // == POINTER

  /**
   * Takes hold of a node near a place; while tracing adds one and takes hold of it; else selects
   * the side or the feature there.
   *
   * @param reach how near, in mm
   * @param corner true where a new node is a corner
   * @param more true where a node is selected together with those that are
   */
  boolean press(Point place, double reach, boolean corner, boolean more) {
    Optional<Grip> held = tracing.get() ? Optional.empty() : grip(place, reach);
    if (held.isPresent()) {
      grip = held.get();
      selectFeature(grip.featureId());
      shifting = feature();
      return true;
    }
    Optional<Integer> near = nearest(place, reach);
    if (near.isEmpty() && !tracing.get() && axis.press(place, reach)) {
      return true;
    }
    if (near.isPresent()) {
      take(near.get(), more);
      moving = Optional.of(outline());
      return true;
    }
    if (tracing.get()) {
      return append(place, reach, corner);
    }
    Optional<Integer> onSide = sideNear(place, reach);
    if (onSide.isEmpty()) {
      select(-1);
      return false;
    }
    if (wantsParallel && side().isPresent()) {
      int turned = side;
      selectSide(turned);
      desk.perform(OutlineEdits.parallel(outlineId(), turned, onSide.get()));
    } else {
      selectSide(onSide.get());
    }
    return true;
  }

  private void take(int index, boolean more) {
    if (more) {
      selected = index;
      side = -1;
      feature = "";
      nodes.add(index);
    } else {
      select(index);
    }
  }

  /** Adds a node half way along the side after the selected node, or along the selected side. */
  void addAfterSelected() {
    if (!outline().drawn()) {
      return;
    }
    List<List<Cubic>> sides = outline().eachSide();
    side()
        .or(this::selected)
        .filter(it -> it < sides.size())
        .map(sides::get)
        .ifPresent(
            it -> {
              Point middle = it.get(it.size() / 2).at(it.size() % 2 == 0 ? 0 : 0.5);
              addOnSide(middle, 1);
              release();
            });
  }

  /** What is selected, as it is read aloud. */
  String said() {
    if (feature().isPresent()) {
      return Texts.DRAFT.of("selected", feature().get().kind().title());
    }
    if (axis.selected().isPresent()) {
      return axis.said();
    }
    if (side().isPresent()) {
      return Texts.DRAFT.of("side-of", side + 1, outline().sides());
    }
    return selectedNode()
        .map(
            it ->
                Texts.DRAFT.of(
                    "node-of-sideways-along",
                    selected + 1,
                    outline().nodes().size(),
                    it.kind() == Node.Kind.CORNER
                        ? Texts.DRAFT.of("a-corner")
                        : Texts.DRAFT.of("a-curve"),
                    Display.length(it.at().x(), desk.units()),
                    Display.length(it.at().y(), desk.units())))
        .orElse("");
  }

  /** Adds a node on the edge near a place and takes hold of it. */
  boolean addOnSide(Point place, double reach) {
    Optional<Integer> onSide = sideNear(place, reach);
    if (onSide.isEmpty() && axis.add(place, reach)) {
      return true;
    }
    return onSide.isPresent() && add(onSide.get() + 1, place, reach, false);
  }

  private boolean add(int index, Point place, double reach, boolean corner) {
    Point at = fitted(index, place, reach);
    Node node = new Node(at, corner || index == 0 ? Node.Kind.CORNER : Node.Kind.CURVE);
    holding = Optional.of(new Holding(place, reach, true, false));
    return desk.perform(OutlineEdits.addNode(outlineId(), index, node), () -> hold(index));
  }

  /** Adds a node after those that are there, and after any that are still being worked out. */
  private boolean append(Point place, double reach, boolean corner) {
    int index = outline().nodes().size();
    Node.Kind kind = corner || index == 0 ? Node.Kind.CORNER : Node.Kind.CURVE;
    holding = Optional.of(new Holding(place, reach, true, false));
    return desk.perform(
        OutlineEdits.append(outlineId(), new Node(fitted(index, place, reach), kind)),
        () -> hold(outline().nodes().size() - 1));
  }

  /**
   * What the pointer does with a node that may still be worked out.
   *
   * @param place where it is
   * @param reach how near counts, in mm
   * @param held false once it let go
   * @param moved true once it moved
   */
  private record Holding(Point place, double reach, boolean held, boolean moved) {}

  /** A node is there now: it follows the pointer, which may have moved or let go since. */
  private void hold(int index) {
    select(index);
    Optional<Holding> now = holding;
    if (now.filter(Holding::moved).isPresent()) {
      moving = Optional.of(outline());
      drag(now.get().place(), now.get().reach());
    } else if (now.filter(Holding::held).isPresent()) {
      moving = Optional.of(outline());
    }
    if (now.filter(Holding::held).isEmpty()) {
      release();
    }
  }

  private Optional<Integer> nearest(Point place, double reach) {
    Integer best = null;
    double least = reach;
    for (int i = 0; i < outline().nodes().size(); i++) {
      Point at = outline().nodes().get(i).at();
      double away = at.distance(place);
      if (half()) {
        away = Math.min(away, at.mirrored().distance(place));
      }
      if (away <= least) {
        least = away;
        best = i;
      }
    }
    return Optional.ofNullable(best);
  }

  /** The side near a place. */
  private Optional<Integer> sideNear(Point place, double reach) {
    if (!outline().drawn()) {
      return Optional.empty();
    }
    Point at = half() ? new Point(Math.abs(place.x()), place.y()) : place;
    return Outline.nearest(outline().eachSide(), at, reach);
  }

  private Optional<Grip> grip(Point place, double reach) {
    Grip best = null;
    double least = reach;
    Course course = course();
    for (Feature it : moved().features()) {
      List<Point> handles = Handles.of(it, course);
      for (int i = 0; i < handles.size(); i++) {
        double away = handles.get(i).distance(place);
        if (away <= least) {
          least = away;
          best = new Grip(it.id(), i);
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /**
   * A place that a node may take: half an outline stays on its side, its first node on the base.
   */
  private Point fitted(int index, Point place, double reach) {
    if (!half()) {
      return place;
    }
    double across = Math.abs(place.x()) < reach * 0.6 ? 0 : Math.abs(place.x());
    return new Point(across, index == 0 ? 0 : Math.max(0, place.y()));
  }

  /** Moves what is held; a node of half an outline snaps to the centre line within the reach. */
  void drag(Point place, double reach) {
    holding = holding.map(it -> new Holding(place, reach, it.held(), true));
    if (axis.held()) {
      axis.drag(place);
      return;
    }
    if (shifting.isPresent()) {
      shifting = shifting.map(it -> Handles.moved(it, course(), grip.handle(), place));
      return;
    }
    moving =
        moving.map(
            outline ->
                outline.with(
                    selected,
                    outline.nodes().get(selected).movedTo(fitted(selected, place, reach))));
  }

  /** Lets go: the move becomes an edit. */
  void release() {
    if (axis.held()) {
      axis.release();
      return;
    }
    if (shifting.isPresent()) {
      Feature now = shifting.get();
      shifting = Optional.empty();
      if (!feature().equals(Optional.of(now))) {
        perform(now, Texts.DRAFT.of("move-the", now.kind().plain()), it -> it.at(now.where()));
      }
      return;
    }
    if (moving.isEmpty() && holding.filter(Holding::held).isPresent()) {
      // The node is still being worked out: it is put where it was let go once it is there.
      holding = holding.map(it -> new Holding(it.place(), it.reach(), false, it.moved()));
      return;
    }
    holding = Optional.empty();
    Optional<Point> to = moving.flatMap(outline -> selectedNode()).map(Node::at);
    moving = Optional.empty();
    to.filter(at -> !at.equals(outline().nodes().get(selected).at()))
        .ifPresentOrElse(
            at -> desk.perform(OutlineEdits.moveNode(outlineId(), selected, at), this::endAtTip),
            this::endAtTip);
  }

  /** A node on the centre line is the tip of half an outline: the tracing is done. */
  private void endAtTip() {
    int count = outline().nodes().size();
    if (tracing.get() && half() && count > 1 && outline().nodes().getLast().at().x() == 0) {
      tracing.set(false);
    }
  }

  // == EDITS

  private boolean perform(Feature feature, String what, UnaryOperator<Feature> change) {
    return desk.perform(PartEdits.feature(id(), feature.id(), what, change));
  }

  /** Changes the selected feature. */
  boolean change(String what, UnaryOperator<Feature> change) {
    return feature().map(it -> perform(it, what, change)).orElse(false);
  }

  /** Changes the selected node. */
  boolean node(String what, UnaryOperator<Node> change) {
    return selected()
        .map(index -> desk.perform(OutlineEdits.node(outlineId(), index, what, change)))
        .orElse(false);
  }

  /** Moves the selected node to typed places, in mm. */
  boolean moveTo(double across, double along) {
    if (selected().isEmpty()) {
      desk.say(Texts.DRAFT.of("select-a-node-first-click"));
      return false;
    }
    return desk.attempt(
        () -> OutlineEdits.moveNode(outlineId(), selected, new Point(across, along)));
  }

  /** Moves the selected node, or the selected feature, by mm. */
  void nudge(double across, double along) {
    Point by = new Point(across, along);
    if (feature().isPresent()) {
      change(
          Texts.DRAFT.of("move-the", feature().get().kind().plain()),
          it -> it.at(it.where().moved(by)));
      return;
    }
    if (axis.nudge(by)) {
      return;
    }
    selectedNode()
        .ifPresent(
            node -> {
              Point to = node.at().plus(by);
              if (half()) {
                moveTo(Math.max(0, to.x()), selected == 0 ? 0 : Math.max(0, to.y()));
              } else {
                moveTo(to.x(), to.y());
              }
            });
  }

  void turn() {
    selected().ifPresent(index -> desk.perform(OutlineEdits.turnNode(outlineId(), index)));
  }

  /** Takes out what is selected. */
  void remove() {
    if (feature().isPresent()) {
      desk.perform(PartEdits.removeFeature(id(), feature));
      select(-1);
      return;
    }
    if (axis.remove()) {
      return;
    }
    List<Integer> gone = new ArrayList<>(several());
    for (int index : gone.reversed()) {
      desk.perform(OutlineEdits.removeNode(outlineId(), index));
    }
    if (!gone.isEmpty()) {
      select(Math.min(gone.getFirst(), outline().nodes().size() - 1));
    }
  }
}

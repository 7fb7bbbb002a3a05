package stoutblade.desktop.station.draft;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.Marking;
import stoutblade.feature.Measures;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Spot;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Cubic;
import stoutblade.shape.Exact;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draws an outline with its nodes, what is worked into it, and its measures. */
final class OutlineDrawing {

  private static final int MANY_NODES = 120;

  private final Desk desk;
  private final Pictures pictures;
  private final OutlineModel model;

  OutlineDrawing(Desk desk, Pictures pictures, OutlineModel model) {
    this.desk = desk;
    this.pictures = pictures;
    this.model = model;
  }

  /** The reference picture at scale, under the first place of the part. */
  void picture(Pen pen, double dim) {
    Spot spot =
        model
            .part()
            .flatMap(
                it ->
                    desk.reckoned().assembly().spots().getOrDefault(it.id(), List.of()).stream()
                        .findFirst())
            .orElse(Spot.ORIGIN);
    desk.reckoned().placement().ifPresent(it -> Figures.picture(pen, it, pictures, dim, spot::own));
  }

  void centreLine(Pen pen, double end) {
    pen.line(new Point(0, -20), new Point(0, end), pen.colour(Ink.MEASURE), 1.2, 14, 5, 2, 5);
  }

  /** The centre line of what is curved, with its nodes. */
  void axis(Pen pen) {
    AxisModel axis = model.axis();
    axis.shown()
        .ifPresent(
            it -> {
              pen.stroke(it.path(), pen.colour(Ink.MEASURE), 1.6, 14, 5, 2, 5);
              for (int i = 0; i < it.nodes().size(); i++) {
                boolean chosen = axis.selected().filter(Integer.valueOf(i)::equals).isPresent();
                pen.grip(it.nodes().get(i).at(), chosen);
              }
              axis.place()
                  .ifPresent(
                      at ->
                          pen.plate(
                              Texts.DRAFT.of(
                                  "across-along",
                                  Display.length(at.x(), desk.units()),
                                  Display.length(at.y(), desk.units())),
                              at.plus(aside(pen)),
                              pen.colour(Ink.SELECTED)));
            });
  }

  private void outline(Pen pen, Outline outline) {
    if (outline.drawn()) {
      Path path = outline.outline();
      pen.fill(path, pen.faint(Ink.FOAM, 0.45));
      pen.stroke(path, pen.faint(Ink.PAPER, 0.9), 5);
      pen.stroke(path, pen.colour(Ink.INK), 2.5);
    } else if (outline.nodes().size() > 1) {
      pen.stroke(
          Path.through(outline.nodes().stream().map(Node::at).toList(), false),
          pen.colour(Ink.INK),
          2.5);
    }
  }

  /** The blade or a plate, with what is worked into it. */
  void blank(Pen pen, Blank blank) {
    if (model.layer().isPresent()) {
      outline(pen, blank.outline());
      Outline part = model.blank().outline();
      if (part.drawn()) {
        pen.stroke(part.outline(), pen.colour(Ink.MEASURE), 1.4, 7, 4);
      }
      return;
    }
    if (model.lies() && blank.features().isEmpty()) {
      outline(pen, blank.outline());
      return;
    }
    Optional<PlateForm> known = desk.reckoned().part(blank.id()).flatMap(it -> it.form());
    PlateForm form =
        known
            .filter(it -> !model.holding())
            .orElseGet(() -> PlateForm.roughly(blank, desk.typeface()));
    if (!blank.outline().drawn() || form.crossing().isPresent()) {
      outline(pen, blank.outline());
      return;
    }
    form(pen, form, model.feature().map(Feature::id).orElse(""));
    Course course = Course.of(blank.axis());
    for (Feature feature : blank.features()) {
      boolean chosen = model.feature().filter(it -> it.id().equals(feature.id())).isPresent();
      List<Point> handles = Handles.of(feature, course);
      if (chosen && handles.size() > 1) {
        pen.line(handles.get(0), handles.get(1), pen.colour(Ink.SELECTED), 1.2, 4, 4);
      }
      for (int i = 0; i < handles.size(); i++) {
        if (chosen || i == 0) {
          pen.grip(handles.get(i), chosen);
        }
      }
    }
  }

  /** The form of a plate, one of its features in the colour of what is selected. */
  static void form(Pen pen, PlateForm form, String chosen) {
    pen.fill(form.face().rings(), pen.faint(Ink.FOAM, 0.75));
    form.outer().forEach(it -> pen.stroke(it, pen.colour(Ink.INK), 2.2));
    form.windows().forEach(it -> pen.stroke(it, pen.colour(Ink.INK), 1.8));
    for (Marking marking : form.markings()) {
      boolean selected = marking.featureId().equals(chosen);
      var colour = pen.colour(selected ? Ink.SELECTED : Ink.INK);
      switch (marking.kind()) {
        case BEVEL -> pen.stroke(marking.path(), colour, 1.4, 10, 4);
        case ENGRAVE -> pen.stroke(marking.path(), colour, 1.5);
        case SCORE -> pen.stroke(marking.path(), colour, 1.1);
        case FULLER -> {
          pen.fill(marking.path(), pen.faint(Ink.FOAM_DEEP, 0.7));
          pen.stroke(marking.path(), colour, 1.4);
        }
        case HIDDEN -> pen.stroke(marking.path(), colour, 1.4, 3, 3);
        case LAID -> {
          pen.fill(marking.path(), pen.faint(Ink.FOAM_DEEP, 0.5));
          pen.stroke(marking.path(), colour, 1.4);
        }
      }
    }
  }

  void nodes(Pen pen, Outline outline) {
    model.side().ifPresent(it -> side(pen, outline, it));
    List<Node> nodes = outline.nodes();
    List<Integer> several = model.several();
    for (int i = 0; i < nodes.size(); i++) {
      Node it = nodes.get(i);
      boolean chosen = several.contains(i);
      if (outline instanceof HalfOutline) {
        pen.dot(it.at().mirrored(), 2.5, pen.colour(Ink.SOFT));
      }
      if (chosen || nodes.size() <= MANY_NODES) {
        pen.handle(it.at(), it.kind() != Node.Kind.CORNER, chosen);
      } else {
        pen.dot(it.at(), 3, pen.colour(Ink.INK));
      }
    }
    model.selectedNode().ifPresent(it -> node(pen, outline, it));
  }

  private void node(Pen pen, Outline outline, Node it) {
    if (outline instanceof HalfOutline) {
      pen.line(new Point(0, it.at().y()), it.at(), pen.colour(Ink.SELECTED), 1.5);
    }
    pen.plate(
        Texts.DRAFT.of(
            "across-along",
            Display.length(it.at().x(), desk.units()),
            Display.length(it.at().y(), desk.units())),
        it.at().plus(aside(pen)),
        pen.colour(Ink.SELECTED));
  }

  /** The selected side with its length, and its radius or direction. */
  private void side(Pen pen, Outline outline, int side) {
    List<Cubic> curves = outline.side(side);
    pen.stroke(new Path(curves, false), pen.colour(Ink.SELECTED), 4.5);
    double radius = Math.abs(Exact.radius(outline, side));
    Point from = outline.nodes().get(side).at();
    Point to = outline.nodes().get(outline.after(side)).at();
    double direction = Math.atan2(to.x() - from.x(), to.y() - from.y());
    String length = Display.length(Exact.length(outline, side), desk.units());
    String words =
        radius > 0
            ? Texts.DRAFT.of("radius", length, Display.length(radius, desk.units()))
            : Texts.DRAFT.of(
                "from-the-axis", length, Display.show(direction, Quantity.ANGLE, desk.units()));
    Point middle = curves.get(curves.size() / 2).at(0.5);
    pen.plate(words, middle.plus(aside(pen)), pen.colour(Ink.SELECTED));
  }

  /** A step from a place to where its words do not cover it: up or down on the screen. */
  private Point aside(Pen pen) {
    double step = 26 / pen.zoom();
    return model.lies() ? new Point(step, 0) : new Point(0, step);
  }

  // == MEASURES

  void measures(Pen pen, Measures form) {
    double half = form.width().value() / 2;
    double beside = -half - 30 / pen.zoom();
    pen.measure(
        new Point(beside, 0),
        new Point(beside, form.length().value()),
        form.length().showWithRange(desk.units()),
        pen.colour(Ink.MEASURE));
    double at = form.widestAt().value();
    pen.measure(
        new Point(-half, at),
        new Point(half, at),
        form.width().show(desk.units()),
        pen.colour(Ink.MEASURE));
  }

  void measures(Pen pen, Blank blank) {
    Box box = Box.around(blank.outline().outline().flattened(0.1));
    double beside = box.minX() - 30 / pen.zoom();
    pen.measure(
        new Point(beside, box.minY()),
        new Point(beside, box.maxY()),
        Display.length(box.height(), desk.units()),
        pen.colour(Ink.MEASURE));
    double before = box.minY() - 30 / pen.zoom();
    pen.measure(
        new Point(box.minX(), before),
        new Point(box.maxX(), before),
        Display.length(box.width(), desk.units()),
        pen.colour(Ink.MEASURE));
  }
}

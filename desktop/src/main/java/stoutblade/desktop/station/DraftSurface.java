package stoutblade.desktop.station;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.Tray;
import stoutblade.measure.Display;
import stoutblade.part.BladeForm;
import stoutblade.project.Derived;
import stoutblade.project.Edits;
import stoutblade.project.Place;
import stoutblade.project.Station;
import stoutblade.reference.Flat;
import stoutblade.reference.Placement;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draft: half the blade's outline traced over the picture; the other half follows. */
public final class DraftSurface implements Surface {

  private static final double REACH_PX = 13;
  private static final double FIRST_LENGTH_MM = 600;

  private final Desk desk;
  private final Pictures pictures;
  private final DraftModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final ToggleButton trace = new ToggleButton("Trace  T");
  private final Button turn = new Button("Corner or curve  C");
  private final Button remove = new Button("Remove  Del");
  private final EntryField across;
  private final EntryField along;
  private final EntryField length;
  private final EntryField width;
  private final Slider dim = new Slider(0, 1, 0.85);
  private boolean fitted;

  /** The surface. */
  public DraftSurface(Desk desk, Pictures pictures) {
    this.desk = desk;
    this.pictures = pictures;
    this.model = new DraftModel(desk);
    this.tape = new MaskingTape(desk, mat, this::where);
    mat.setId("draft-mat");
    mat.setDrawing(this::draw);
    mat.setHand(new Drafting());
    across = EntryField.length(desk, mm -> model.moveTo(mm, at().y()));
    along = EntryField.length(desk, mm -> model.moveTo(at().x(), mm));
    length = EntryField.length(desk, mm -> desk.perform(Edits.length(mm)));
    width = EntryField.length(desk, mm -> desk.perform(Edits.width(mm)));
    across.setId("node-across");
    along.setId("node-along");
    length.setId("blade-length");
    width.setId("blade-width");
    trace.setId("trace");
    turn.setId("turn-node");
    remove.setId("remove-node");
    trace.selectedProperty().bindBidirectional(model.tracingProperty());
    turn.setOnAction(event -> after(model::turn));
    remove.setOnAction(event -> after(model::remove));
    dim.valueProperty().addListener(it -> mat.redraw());
    dim.setPrefWidth(90);
    node.setBottom(
        new Tray()
            .with("Base to tip, one edge", trace)
            .with("Node across", across)
            .with("Node along", along)
            .with("Selected node", turn)
            .with(" ", remove)
            .with("Length", length)
            .with("Greatest width", width)
            .with("Picture", dim));
  }

  private Point at() {
    return model.selectedNode().map(Node::at).orElse(new Point(0, 0));
  }

  private void after(Runnable action) {
    action.run();
    showNode();
    mat.redraw();
    mat.requestFocus();
  }

  @Override
  public javafx.scene.Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    mat.setUnits(desk.units());
    derived
        .form()
        .ifPresentOrElse(
            form -> {
              length.show(form.length().value());
              width.show(form.width().value());
            },
            () -> {
              length.showNothing();
              width.showNothing();
            });
    showNode();
    place(derived);
    tape.show(derived.findingsOf(Station.DRAFT));
    mat.redraw();
  }

  /** Fits the mat: to what is expected before anything is drawn, to the blade once it is there. */
  private void place(Derived derived) {
    if (model.outline().nodes().isEmpty()) {
      fitted = false;
      mat.fit(firstView(derived), 30);
      model.tracingProperty().set(true);
    } else if (!fitted && !model.tracingProperty().get() && model.outline().drawn()) {
      fitted = true;
      mat.fit(bounds(derived), 46);
    }
  }

  private Box firstView(Derived derived) {
    double reach =
        derived
            .placement()
            .flatMap(
                placement ->
                    placement
                        .reference()
                        .centreLine()
                        .map(line -> placement.toBlade(line.to()).y()))
            .orElse(FIRST_LENGTH_MM);
    return new Box(-reach * 0.3, -reach * 0.05, reach * 0.3, reach * 1.05);
  }

  private static Box bounds(Derived derived) {
    return Box.around(derived.project().blade().half().outline().flattened(1));
  }

  private void showNode() {
    Optional<Node> selected = model.selectedNode();
    selected.ifPresentOrElse(
        it -> {
          across.show(it.at().x());
          along.show(it.at().y());
        },
        () -> {
          across.showNothing();
          along.showNothing();
        });
    turn.setDisable(selected.isEmpty());
    remove.setDisable(selected.isEmpty());
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnBlade at ? Optional.of(at.mm()) : Optional.empty();
  }

  // == DRAWING

  private void draw(Pen pen) {
    Derived derived = desk.derived();
    derived.placement().ifPresent(it -> drawPicture(pen, it));
    HalfOutline half = model.outline();
    double end = half.nodes().isEmpty() ? firstView(derived).maxY() : farthest(half) * 1.04;
    pen.line(new Point(0, -20), new Point(0, end), pen.colour(Ink.MEASURE), 1.2, 14, 5, 2, 5);
    if (half.drawn()) {
      drawOutline(pen, half);
    } else if (half.nodes().size() > 1) {
      pen.stroke(
          Path.through(half.nodes().stream().map(Node::at).toList(), false),
          pen.colour(Ink.INK),
          2.5);
    }
    drawNodes(pen, half.nodes());
    derived.form().ifPresent(form -> drawMeasures(pen, form));
    tape.mark(pen);
  }

  private static double farthest(HalfOutline half) {
    return half.nodes().stream().mapToDouble(it -> it.at().y()).max().orElse(0);
  }

  private void drawPicture(Pen pen, Placement placement) {
    pictures
        .of(
            placement.reference(),
            Flat.of(placement.reference()),
            placement.mmPerPixel() * pen.zoom())
        .ifPresent(it -> drawPicture(pen, placement, it));
  }

  private void drawPicture(Pen pen, Placement placement, Pictures.Shown shown) {
    Point from = new Point(shown.frame().minX(), shown.frame().minY());
    Point corner = placement.flatToBlade(from);
    double step = shown.step();
    pen.picture(
        shown.image(),
        corner,
        placement.flatToBlade(from.plus(new Point(step, 0))).minus(corner),
        placement.flatToBlade(from.plus(new Point(0, step))).minus(corner),
        new Box(0, 0, shown.image().getWidth(), shown.image().getHeight()),
        dim.getValue());
  }

  private void drawOutline(Pen pen, HalfOutline half) {
    Path outline = half.outline();
    pen.fill(outline, pen.faint(Ink.FOAM, 0.45));
    pen.stroke(outline, pen.faint(Ink.PAPER, 0.9), 5);
    pen.stroke(outline, pen.colour(Ink.INK), 2.5);
  }

  private void drawNodes(Pen pen, List<Node> nodes) {
    for (int i = 0; i < nodes.size(); i++) {
      Node it = nodes.get(i);
      pen.dot(it.at().mirrored(), 2.5, pen.colour(Ink.SOFT));
      pen.handle(
          it.at(), it.kind() == Node.Kind.CURVE, model.selected().filter(index(i)).isPresent());
    }
    model
        .selectedNode()
        .ifPresent(
            it -> {
              pen.line(new Point(0, it.at().y()), it.at(), pen.colour(Ink.SELECTED), 1.5);
              pen.plate(
                  Display.length(it.at().x(), desk.units())
                      + " across, "
                      + Display.length(it.at().y(), desk.units())
                      + " along",
                  it.at().plus(new Point(26 / pen.zoom(), 0)),
                  pen.colour(Ink.SELECTED));
            });
  }

  private static java.util.function.Predicate<Integer> index(int wanted) {
    return it -> it == wanted;
  }

  private void drawMeasures(Pen pen, BladeForm form) {
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

  // == HAND

  /** Drafting with the pointer and the keys. */
  private final class Drafting implements MatView.Hand {

    private double reach() {
      return REACH_PX / mat.zoom();
    }

    @Override
    public boolean press(Point place, MouseEvent event) {
      boolean held = model.press(place, reach(), event.isShiftDown());
      showNode();
      return held;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      model.drag(place, reach());
      showNode();
    }

    @Override
    public void release(Point place, MouseEvent event) {
      model.release();
      showNode();
    }

    @Override
    public boolean key(KeyEvent event) {
      double step = event.isShiftDown() ? 10 : event.isAltDown() ? 0.1 : 1;
      switch (event.getCode()) {
        case LEFT -> model.nudge(0, -step);
        case RIGHT -> model.nudge(0, step);
        case UP -> model.nudge(-step, 0);
        case DOWN -> model.nudge(step, 0);
        case N -> model.step(event.isShiftDown() ? -1 : 1);
        case DELETE, BACK_SPACE -> model.remove();
        case ESCAPE -> {
          model.tracingProperty().set(false);
          model.select(-1);
        }
        default -> {
          return false;
        }
      }
      showNode();
      return true;
    }
  }

  @Override
  public boolean key(KeyEvent event) {
    switch (event.getCode()) {
      case T -> model.tracingProperty().set(!model.tracingProperty().get());
      case C -> after(model::turn);
      default -> {
        return false;
      }
    }
    mat.requestFocus();
    return true;
  }
}

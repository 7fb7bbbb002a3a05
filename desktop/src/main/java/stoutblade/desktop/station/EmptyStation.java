package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.Panes;
import stoutblade.desktop.texts.Texts;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * A station of a prop without parts: what it is for, in a line, over a pale example at true scale,
 * and the first thing to do. Once there is a part it shows that.
 */
public final class EmptyStation implements Surface {

  private static final Box EXAMPLE = new Box(-90, 0, 90, 520);
  private static final double MARGIN_PX = 90;
  private static final double BELOW_PX = 70;
  private static final double PALE = 0.28;

  /** Half of a leaf-shaped blade, in mm. */
  private static final List<Point> EDGE =
      List.of(
          new Point(16, 0),
          new Point(18, 60),
          new Point(62, 130),
          new Point(70, 190),
          new Point(58, 300),
          new Point(34, 420),
          new Point(0, 520));

  private final Desk desk;
  private final Station station;
  private final Surface filled;
  private final MatView mat = new MatView(Lie.LYING);
  private final StackPane empty = new StackPane(mat);
  private final StackPane later = later();
  private final StackPane node = new StackPane();

  /** The station, with what it shows once there are parts. */
  public EmptyStation(Desk desk, Station station, Surface filled) {
    this.desk = desk;
    this.station = station;
    this.filled = filled;
    mat.setId("empty-mat-" + station.number());
    mat.setFocusTraversable(false);
    mat.setDrawing(this::draw);
    Label purpose = new Label(purpose());
    purpose.getStyleClass().add(Style.HEADING);
    Label first = new Label(Texts.WINDOW.of("it-follows-from-a-part"));
    first.getStyleClass().add(Style.SOFT);
    Button start = new Button(Texts.WINDOW.of("draft-the-first-part"));
    start.setId("first-part-" + station.number());
    start.getStyleClass().add(Style.PRIMARY);
    start.setOnAction(event -> desk.goTo(Station.DRAFT));
    VBox words = new VBox(10, purpose, first, start);
    words.setAlignment(Pos.CENTER);
    words.setMaxSize(VBox.USE_PREF_SIZE, VBox.USE_PREF_SIZE);
    words.getStyleClass().add(Style.CARD);
    StackPane.setAlignment(words, Pos.BOTTOM_CENTER);
    StackPane.setMargin(words, new Insets(0, 0, BELOW_PX, 0));
    empty.getChildren().add(words);
    turn();
  }

  private static StackPane later() {
    Label all = new Label(Texts.WINDOW.of("the-other-props-are-being-worked"));
    all.getStyleClass().add(Style.HEADING);
    Label why = new Label(Texts.WINDOW.of("what-is-bought-mixed-and"));
    why.getStyleClass().add(Style.SOFT);
    VBox words = new VBox(10, all, why);
    words.setAlignment(Pos.CENTER);
    return new StackPane(words);
  }

  private String purpose() {
    return switch (station) {
      case LAYERS -> Texts.WINDOW.of("here-a-part-gets-its");
      case CORE -> Texts.WINDOW.of("here-a-part-gets-the");
      case FINISH -> Texts.WINDOW.of("here-a-part-gets-its-seal");
      case LOG -> Texts.WINDOW.of("here-you-note-how-long");
      case CUT -> Texts.WINDOW.of("here-the-templates-are-printed");
      case BUILD -> Texts.WINDOW.of("here-the-steps-of-all");
      case SIZE, DRAFT -> station.title();
    };
  }

  private boolean nothing() {
    return switch (station) {
      // These are about all props of the event.
      case CUT, BUILD -> desk.project().props().stream().allMatch(it -> it.parts().isEmpty());
      case SIZE, DRAFT, LAYERS, CORE, FINISH, LOG ->
          desk.prop().parts().isEmpty() && !desk.partProperty().get().startsWith(Desk.SLICE);
    };
  }

  /** True while only the prop that is looked at is worked out, and this is about all of them. */
  private boolean waiting() {
    return !desk.derived().complete()
        && (station == Station.CUT || station == Station.BUILD || station == Station.FINISH);
  }

  private void turn() {
    Panes.put(node, nothing() ? empty : waiting() ? later : filled.node());
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    turn();
    if (waiting()) {
      desk.showNothingBeside();
    } else if (nothing()) {
      desk.showNothingBeside();
      mat.setUnits(desk.units());
      mat.fitAnew(EXAMPLE, MARGIN_PX);
      mat.redraw();
    } else {
      filled.show(derived);
    }
  }

  @Override
  public boolean shortcut(KeyEvent event) {
    return shown() && filled.shortcut(event);
  }

  @Override
  public boolean key(KeyEvent event) {
    return shown() && filled.key(event);
  }

  private boolean shown() {
    return !nothing() && !waiting();
  }

  // == THE EXAMPLE

  private void draw(Pen pen) {
    List<Point> outline = new ArrayList<>(EDGE);
    EDGE.reversed().stream().skip(1).map(Point::mirrored).forEach(outline::add);
    outline.add(EDGE.getFirst());
    pen.fill(List.of(outline), pen.faint(Ink.FOAM, PALE));
    pen.stroke(List.of(outline), pen.faint(Ink.INK, PALE), 1.5);
    Point near = new Point(0, 0);
    Point tip = EDGE.getLast();
    switch (station) {
      case CORE ->
          pen.line(
              new Point(0, -40), new Point(0, 400), pen.faint(Ink.CORE, PALE), 10 * pen.zoom());
      case FINISH -> {
        for (double share : new double[] {0.3, 0.55, 0.8}) {
          double at = tip.y() * share;
          pen.line(new Point(-80, at), new Point(80, at), pen.faint(Ink.INK, PALE), 1, 3, 3);
        }
      }
      case LOG ->
          pen.line(new Point(95, 0), new Point(95, tip.y()), pen.faint(Ink.MEASURE, PALE), 2);
      case CUT -> {
        for (double along : new double[] {180, 360}) {
          pen.line(new Point(-110, along), new Point(110, along), pen.faint(Ink.MEASURE, PALE), 2);
        }
      }
      case BUILD -> {
        for (int day = 0; day < 4; day++) {
          double across = 95 + 16 * day;
          pen.line(
              new Point(across, 130 * day),
              new Point(across, 130 * day + 110),
              pen.faint(Ink.MEASURE, PALE),
              10 * pen.zoom());
        }
      }
      case LAYERS, SIZE, DRAFT -> pen.line(near, tip, pen.faint(Ink.INK, PALE), 1.2, 8, 5);
    }
  }
}

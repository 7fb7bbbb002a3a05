package stoutblade.desktop.station.size;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * The prop on the screen at its real size, once a bank card held to the screen has told how large a
 * pixel is.
 */
final class HoldUp {

  /** ISO/IEC 7810 ID-1, from memory. */
  private static final double BESIDE_MM = 8;

  private static final double CARD_LONG_MM = 85.60;

  private static final double CARD_SHORT_MM = 53.98;
  private static final double USUAL_PX_PER_MM = 96 / 25.4;
  private static final String FILE = "screen.txt";

  private final Desk desk;
  private final Path home;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final BorderPane node = new BorderPane(mat);
  private final Slider size = new Slider(1.5, 14, USUAL_PX_PER_MM);
  private final Runnable done;

  /**
   * A screen to hold things up on.
   *
   * @param home the folder in which the screen's measure is kept
   */
  HoldUp(Desk desk, Path home, Runnable done) {
    this.desk = desk;
    this.home = home;
    this.done = done;
    mat.setCalled(Texts.SIZE.of("the-prop-at-real-size"));
    mat.setId("hold-mat");
    mat.setDrawing(this::draw);
    mat.widthProperty().addListener(it -> fit());
    size.setId("screen-size");
    size.setPrefWidth(360);
    size.setValue(kept());
    size.valueProperty().addListener(it -> fit());
    size.valueChangingProperty()
        .addListener(
            (it, was, is) -> {
              if (was && !is) {
                keep();
              }
            });
    Button back = new Button(Texts.SIZE.of("back-esc"));
    back.setOnAction(event -> leave());
    node.setBottom(new Tray().with(Texts.SIZE.of("hold-a-bank-card-to"), size).with(" ", back));
  }

  Node node() {
    return node;
  }

  private double kept() {
    try {
      Path file = home.resolve(FILE);
      if (!Files.isRegularFile(file)) {
        return USUAL_PX_PER_MM;
      }
      double value = Double.parseDouble(Files.readString(file).strip());
      return value >= size.getMin() && value <= size.getMax() ? value : USUAL_PX_PER_MM;
    } catch (IOException | NumberFormatException e) {
      // A screen that was never measured, or no more readable, is measured anew.
      return USUAL_PX_PER_MM;
    }
  }

  private void keep() {
    try {
      Files.createDirectories(home);
      Files.writeString(home.resolve(FILE), Double.toString(size.getValue()));
    } catch (IOException e) {
      desk.say(Texts.SIZE.of("the-screens-measure-could-not", e.getMessage()));
    }
  }

  private void leave() {
    keep();
    done.run();
  }

  void show() {
    mat.setUnits(desk.units());
    fit();
  }

  /** Shows the place where the hand is, at the real size. */
  private void fit() {
    double whole = Figures.wholeLength(desk.reckoned());
    double grip = desk.prop().size().carry().gripAtMm().orElse(whole * 0.9);
    double half = 1e-3;
    mat.fit(new Box(-half, grip - half, half, grip + half), 0);
    mat.zoomTo(size.getValue());
  }

  private void draw(Pen pen) {
    Figures.prop(desk.reckoned(), false)
        .forEach(
            piece -> {
              pen.fill(piece.path(), pen.colour(piece.ink()));
              pen.stroke(piece.path(), pen.colour(Ink.INK), 1.5);
            });
    double beside =
        Figures.prop(desk.reckoned(), false).stream()
            .flatMap(it -> it.path().flattened(1).stream())
            .mapToDouble(Point::x)
            .min()
            .orElse(0);
    double top = mat.toThing(new Point(0, 24)).y();
    Point corner = new Point(beside - BESIDE_MM - CARD_LONG_MM, top);
    java.util.List<Point> card =
        java.util.List.of(
            corner,
            corner.plus(new Point(CARD_LONG_MM, 0)),
            corner.plus(new Point(CARD_LONG_MM, -CARD_SHORT_MM)),
            corner.plus(new Point(0, -CARD_SHORT_MM)),
            corner);
    pen.fill(java.util.List.of(card), pen.faint(Ink.PAPER, 0.85));
    pen.stroke(java.util.List.of(card), pen.colour(Ink.SELECTED), 2);
    pen.words(
        Texts.SIZE.of("bank-card"),
        corner.plus(new Point(CARD_LONG_MM / 2, -CARD_SHORT_MM / 2)),
        0,
        0,
        14,
        pen.colour(Ink.INK));
  }

  boolean key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      leave();
      return true;
    }
    return false;
  }
}

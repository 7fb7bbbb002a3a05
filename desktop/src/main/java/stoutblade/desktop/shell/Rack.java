package stoutblade.desktop.shell;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.measure.Display;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** The rack at the left: the wearer with the whole prop, and its parts, as small true drawings. */
public final class Rack extends VBox {

  private static final double WIDTH = 148;

  private final Desk desk;
  private final MatView whole = small(Lie.UPRIGHT);
  private final MatView blade = small(Lie.UPRIGHT);
  private final Button wholeCard;
  private final Button bladeCard;

  /** A rack that follows the desk. */
  public Rack(Desk desk) {
    super(10);
    this.desk = desk;
    getStyleClass().add(Style.RACK);
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    whole.setDrawing(this::drawWhole);
    blade.setDrawing(this::drawBlade);
    wholeCard = card(whole, 210, Station.SIZE);
    bladeCard = card(blade, 210, Station.DRAFT);
    getChildren().addAll(wholeCard, bladeCard);
    desk.derivedProperty().addListener(it -> show());
    show();
  }

  private static MatView small(Lie lie) {
    MatView view = new MatView(lie);
    view.setRuled(false);
    view.setMouseTransparent(true);
    view.setFocusTraversable(false);
    return view;
  }

  private Button card(MatView view, double height, Station station) {
    view.setPrefSize(WIDTH - 36, height - 62);
    view.setMinHeight(height - 62);
    view.setMaxHeight(height - 62);
    Button card = new Button();
    card.setGraphic(view);
    card.setContentDisplay(ContentDisplay.TOP);
    card.setWrapText(true);
    card.setPrefSize(WIDTH - 20, height);
    card.setMinHeight(height);
    card.getStyleClass().add(Style.RACK_CARD);
    card.setOnAction(event -> desk.goTo(station));
    return card;
  }

  private void show() {
    double height = desk.project().wearer().heightMm();
    double top = Math.max(height, Figures.wholeLength(desk.derived()));
    wholeCard.setText(desk.project().wearer().name() + "\n" + Display.length(height, desk.units()));
    whole.fit(new Box(-height * 0.2, 0, height * 0.36, top), 6);
    bladeCard.setText(
        desk.project().blade().name()
            + desk.derived().form().map(it -> "\n" + it.length().show(desk.units())).orElse(""));
    desk.derived()
        .form()
        .ifPresent(
            it ->
                blade.fit(
                    Box.around(it.face().rings().stream().flatMap(List::stream).toList()), 6));
    blade.redraw();
  }

  private void drawWhole(Pen pen) {
    Figures.body(pen, desk.project().wearer(), new Point(0, 0));
    Figures.held(pen, desk.derived(), new Point(desk.project().wearer().heightMm() * 0.27, 0));
  }

  private void drawBlade(Pen pen) {
    desk.derived()
        .form()
        .ifPresent(
            form -> {
              pen.fill(form.outline(), pen.colour(Ink.FOAM));
              desk.derived()
                  .layers()
                  .ifPresent(it -> pen.stroke(it.solid().flat().rings(), pen.colour(Ink.SOFT), 1));
              pen.stroke(form.outline(), pen.colour(Ink.INK), 1.5);
            });
  }
}

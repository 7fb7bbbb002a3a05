package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.measure.Display;
import stoutblade.part.Part;
import stoutblade.project.PartReckoning;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** The rack at the left: the wearer with the whole prop, and its parts, as small true drawings. */
public final class Rack extends VBox {

  private static final double WIDTH = 148;
  private static final double PART_HIGH = 34;
  private static final double TALL_HIGH = 96;

  /** What is this many times as high as wide gets a higher card. */
  private static final double TALL = 2;

  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  private final Desk desk;
  private final MatView whole = small(Lie.UPRIGHT);
  private final Button wholeCard;
  private final VBox partCards = new VBox(6);
  private final ScrollPane partList = new ScrollPane(partCards);
  private IdentityHashMap<PartReckoning, Button> cards = new IdentityHashMap<>();

  /** A rack that follows the desk. */
  public Rack(Desk desk) {
    super(10);
    this.desk = desk;
    getStyleClass().add(Style.RACK);
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    whole.setDrawing(this::drawWhole);
    wholeCard = card(whole, 210, Station.SIZE);
    partList.getStyleClass().add(Style.RACK_PARTS);
    partList.setFitToWidth(true);
    partList.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    partList.setMinHeight(0);
    partList.setPrefHeight(PART_HIGH);
    VBox.setVgrow(partList, Priority.ALWAYS);
    getChildren().addAll(wholeCard, partList);
    desk.partProperty().addListener(it -> mark());
    desk.sumsProperty().addListener(it -> mark());
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
    showParts();
  }

  private void showParts() {
    // A card is made anew only where its part is another than before: compared by identity.
    IdentityHashMap<PartReckoning, Button> now = new IdentityHashMap<>();
    List<Button> order = new ArrayList<>();
    for (PartReckoning part : desk.derived().parts()) {
      Button card = Optional.ofNullable(cards.get(part)).orElseGet(() -> partCard(part));
      now.put(part, card);
      order.add(card);
    }
    if (!order.equals(partCards.getChildren())) {
      partCards.getChildren().setAll(order);
    }
    cards = now;
    mark();
  }

  private Button partCard(PartReckoning reckoned) {
    Part part = reckoned.part();
    Optional<Box> box = PartDrawing.box(reckoned);
    double high =
        box.filter(it -> it.height() > TALL * it.width()).isPresent() ? TALL_HIGH : PART_HIGH;
    MatView picture = small(Lie.UPRIGHT);
    picture.setPrefSize(WIDTH - 78, high);
    picture.setMaxWidth(WIDTH - 78);
    picture.setMinHeight(high);
    picture.setMaxHeight(high);
    picture.setDrawing(
        pen -> {
          PartDrawing.face(pen, reckoned, pen.colour(Ink.FOAM));
          PartDrawing.edge(pen, reckoned, pen.colour(Ink.INK), 1.2);
        });
    box.ifPresent(it -> picture.fit(it, 4));
    Button card =
        new Button(part.name() + (reckoned.made() > 1 ? " × " + reckoned.made() : ""), picture);
    card.setId("part-" + part.id());
    card.setContentDisplay(ContentDisplay.TOP);
    card.setMinWidth(0);
    card.setMaxWidth(Double.MAX_VALUE);
    card.setWrapText(true);
    card.getStyleClass().add(Style.RACK_CARD);
    card.setOnAction(event -> desk.goToPart(part.id()));
    card.setContextMenu(new PartMenu(desk, part));
    return card;
  }

  /** Marks the part that is looked at. */
  private void mark() {
    String chosen = desk.partProperty().get();
    String looked = chosen.isEmpty() ? desk.lookedId() : chosen;
    for (Node card : partCards.getChildren()) {
      card.pseudoClassStateChanged(CURRENT, ("part-" + looked).equals(card.getId()));
    }
  }

  private void drawWhole(Pen pen) {
    Figures.body(pen, desk.project().wearer(), new Point(0, 0));
    Figures.held(pen, desk.derived(), new Point(desk.project().wearer().heightMm() * 0.27, 0));
  }
}

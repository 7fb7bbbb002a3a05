package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Supplier;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edit;
import stoutblade.edit.PropEdits;
import stoutblade.measure.Display;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * The rack at the left: the wearer with the prop that is looked at, the props of the event and that
 * one's parts, as small true drawings.
 */
public final class Rack extends VBox {

  private static final double WIDTH = 132;
  private static final double PART_HIGH = 34;
  private static final double TALL_HIGH = 96;
  private static final double PROP_WIDE = 26;
  private static final double PROP_HIGH = 34;
  private static final double PROP_ROW = 45;

  /** So many props are in sight at once; the rest is scrolled to. */
  private static final double MOST_PROPS = 4.5;

  /** What is this many times as high as wide gets a higher card. */
  private static final double TALL = 2;

  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  private final Desk desk;
  private final TemplateFiles files;
  private final MatView whole = small(Lie.UPRIGHT);
  private final Button wholeCard;
  private final MenuButton more;
  private final VBox propCards = new VBox();
  private final ScrollPane propList = new ScrollPane(propCards);
  private final VBox partCards = new VBox(6);
  private final ScrollPane partList = new ScrollPane(partCards);
  private static final String MENU = "stoutblade.rack.menu";

  private final Map<String, Card<PropReckoning>> propRows = new HashMap<>();
  private final Map<String, Card<PartReckoning>> partRows = new HashMap<>();

  /**
   * A rack that follows the desk.
   *
   * @param takeIn asks for another project and takes a prop of it in
   * @param files templates that are dragged out or copied
   */
  public Rack(Desk desk, Runnable takeIn, TemplateFiles files) {
    super(8);
    this.desk = desk;
    this.files = files;
    more = more(takeIn);
    getStyleClass().add(Style.RACK);
    setPrefWidth(WIDTH);
    setMinWidth(WIDTH);
    whole.setDrawing(this::drawWhole);
    wholeCard = card(whole, 158, Station.SIZE);
    list(propList);
    list(partList);
    partList.setMinHeight(0);
    partList.setPrefHeight(PART_HIGH);
    VBox.setVgrow(partList, Priority.ALWAYS);
    getChildren().addAll(wholeCard, propList, more, partList);
    desk.propProperty().addListener(it -> show());
    desk.partProperty().addListener(it -> mark());
    desk.sumsProperty().addListener(it -> mark());
    desk.derivedProperty().addListener(it -> show());
    show();
  }

  private static void list(ScrollPane list) {
    list.getStyleClass().add(Style.RACK_PARTS);
    list.setFitToWidth(true);
    list.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
  }

  private static MatView small(Lie lie) {
    MatView view = new MatView(lie);
    view.setRuled(false);
    view.setMinSize(0, 0);
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
    WrappedText.in(card);
    card.setPrefSize(WIDTH - 20, height);
    card.setMinHeight(height);
    card.getStyleClass().add(Style.RACK_CARD);
    card.setOnAction(event -> desk.goTo(station));
    return card;
  }

  private void show() {
    double height = desk.wearer().heightMm();
    double top = Math.max(height, Figures.wholeLength(desk.reckoned()));
    wholeCard.setText(desk.wearer().name() + "\n" + Display.length(height, desk.units()));
    whole.fit(new Box(-height * 0.2, 0, height * 0.36, top), 6);
    showProps();
  }

  private void showProps() {
    List<Button> props = new ArrayList<>();
    for (PropReckoning prop : desk.derived().props()) {
      Button card = propRows.computeIfAbsent(prop.id(), id -> propCard(prop)).show(prop);
      menu(card, List.of(prop.prop().name()), () -> new PropMenu(desk, files, prop.prop()));
      props.add(card);
    }
    desk.project().props().stream()
        .filter(it -> !desk.derived().has(it.id()))
        .forEach(it -> props.add(later(it)));
    List<Button> parts = new ArrayList<>();
    for (PartReckoning part : desk.reckoned().parts()) {
      Button card = partRows.computeIfAbsent(part.path(), id -> partCard(part)).show(part);
      menu(card, says(part.part()), () -> new PartMenu(desk, files, part.part()));
      parts.add(card);
    }
    propRows.keySet().retainAll(desk.project().props().stream().map(Prop::id).toList());
    partRows.keySet().retainAll(desk.derived().parts().stream().map(PartReckoning::path).toList());
    Panes.put(propCards, props);
    Panes.put(partCards, parts);
    propList.setPrefHeight(Math.min(props.size(), MOST_PROPS) * PROP_ROW);
    propList.setMinHeight(propList.getPrefHeight());
    mark();
  }

  /** A card that is there as long as what it is of; drawn anew only where that is another. */
  private static final class Card<T> {

    private final Button button;
    private final BiConsumer<Button, T> write;
    private Optional<T> shown = Optional.empty();

    private Card(Button button, BiConsumer<Button, T> write) {
      this.button = button;
      this.write = write;
    }

    @SuppressWarnings("ReferenceEquality") // what did not change stays the same object
    private Button show(T now) {
      if (shown.isEmpty() || shown.get() != now) {
        shown = Optional.of(now);
        write.accept(button, now);
      }
      return button;
    }
  }

  /** A prop: all of it, small. */
  private Card<PropReckoning> propCard(PropReckoning first) {
    MatView picture = small(Lie.UPRIGHT);
    picture.setPrefSize(PROP_WIDE, PROP_HIGH);
    picture.setMinSize(PROP_WIDE, PROP_HIGH);
    picture.setMaxSize(PROP_WIDE, PROP_HIGH);
    Button card = new Button("", picture);
    card.setId("prop-" + first.id());
    card.setContentDisplay(ContentDisplay.LEFT);
    WrappedText.in(card);
    propRow(card);
    card.setOnAction(event -> desk.goToWhole(first.id()));
    files.drags(card, TemplateFiles.Meant.prop(first.id()));
    return new Card<>(
        card,
        (button, prop) -> {
          List<Figures.Piece> pieces = Figures.prop(prop, false);
          picture.setDrawing(
              pen -> pieces.forEach(it -> pen.stroke(it.path(), pen.colour(Ink.INK), 1)));
          if (!pieces.isEmpty()) {
            picture.fit(
                Box.around(pieces.stream().flatMap(it -> it.path().flattened(1).stream()).toList()),
                3);
          } else {
            picture.redraw();
          }
          button.setText(prop.prop().name());
        });
  }

  /** A prop that is not worked out yet: its name alone. */
  private static Button later(Prop prop) {
    Button card = new Button(prop.name());
    card.setDisable(true);
    WrappedText.in(card);
    propRow(card);
    return card;
  }

  private static void propRow(Button card) {
    card.setAlignment(Pos.CENTER_LEFT);
    card.setMinWidth(0);
    card.setMaxWidth(Double.MAX_VALUE);
    card.setPrefHeight(PROP_ROW);
    card.setMinHeight(PROP_ROW);
    card.getStyleClass().addAll(Style.RACK_CARD, Style.RACK_PROP);
  }

  /** What the menu of a part follows from. */
  private List<Object> says(Part part) {
    return List.of(
        part.name(),
        part.held(),
        part.placing().copies(),
        part.placing().mirrored(),
        desk.project().props().stream().map(Prop::name).toList());
  }

  /** A menu with a field and ticks is made anew only where it would say something else. */
  private static void menu(Button button, List<Object> says, Supplier<ContextMenu> made) {
    if (!says.equals(button.getProperties().get(MENU))) {
      button.getProperties().put(MENU, says);
      button.setContextMenu(made.get());
    }
  }

  private MenuButton more(Runnable takeIn) {
    MenuButton add =
        new MenuButton(
            Texts.WINDOW.of("add-a-prop"),
            null,
            RackMenu.item(
                "add-prop-new", Texts.WINDOW.of("a-new-one"), () -> desk.addProp(blank())),
            RackMenu.item(
                "add-prop-like",
                Texts.WINDOW.of("another-like-this-one"),
                () -> desk.addProp(PropEdits.again(desk.prop().id()))),
            RackMenu.item("add-prop-other", Texts.WINDOW.of("one-from-another-project"), takeIn));
    add.setId("add-prop");
    add.setMaxWidth(Double.MAX_VALUE);
    return add;
  }

  private Edit blank() {
    return PropEdits.add(
        Texts.WINDOW.of("prop-number", desk.project().props().size() + 1), desk.prop().wearerId());
  }

  private Card<PartReckoning> partCard(PartReckoning first) {
    MatView picture = small(Lie.UPRIGHT);
    picture.setPrefWidth(WIDTH - 78);
    picture.setMaxWidth(WIDTH - 78);
    Button card = new Button("", picture);
    card.setId("part-" + first.id());
    card.setContentDisplay(ContentDisplay.TOP);
    card.setMinWidth(0);
    card.setMaxWidth(Double.MAX_VALUE);
    WrappedText.in(card);
    card.getStyleClass().add(Style.RACK_CARD);
    card.setOnAction(event -> desk.goToPart(first.id()));
    files.drags(card, TemplateFiles.Meant.part(first.propId(), first.id()));
    return new Card<>(
        card,
        (button, part) -> {
          Optional<Box> box = PartDrawing.box(part);
          double high =
              box.filter(it -> it.height() > TALL * it.width()).isPresent() ? TALL_HIGH : PART_HIGH;
          picture.setPrefHeight(high);
          picture.setMinHeight(high);
          picture.setMaxHeight(high);
          picture.setDrawing(
              pen -> {
                PartDrawing.face(pen, part, pen.colour(Ink.FOAM));
                PartDrawing.edge(pen, part, pen.colour(Ink.INK), 1.2);
              });
          box.ifPresentOrElse(it -> picture.fit(it, 4), picture::redraw);
          button.setText(part.part().name() + (part.made() > 1 ? " × " + part.made() : ""));
        });
  }

  /** Marks the part and the prop that are looked at. */
  private void mark() {
    String chosen = desk.partProperty().get();
    String looked = chosen.isEmpty() ? desk.lookedId() : chosen;
    mark(partCards, "part-" + looked);
    mark(propCards, "prop-" + desk.prop().id());
  }

  private static void mark(VBox cards, String id) {
    for (Node card : cards.getChildren()) {
      card.pseudoClassStateChanged(CURRENT, id.equals(card.getId()));
    }
  }

  private void drawWhole(Pen pen) {
    Figures.body(pen, desk.wearer(), new Point(0, 0));
    Figures.held(pen, desk.reckoned(), new Point(desk.wearer().heightMm() * 0.27, 0));
  }
}

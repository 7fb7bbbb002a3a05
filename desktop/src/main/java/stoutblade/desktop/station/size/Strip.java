package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.reference.Flat;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation.View;
import stoutblade.reference.Reference;
import stoutblade.trace.Tracing;

/** The contact strip: the wearer, the pictures, the models and the outlines, to move between. */
final class Strip extends BorderPane {

  /** The wearer's card. */
  static final String WEARER = "wearer";

  private static final double HIGH = 42;
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");

  private final Desk desk;
  private final Pictures pictures;
  private final Meshes meshes;
  private final Consumer<String> chosen;
  private final HBox cards = new HBox(4);
  private final ScrollPane row = new ScrollPane();
  private final MenuButton more = new MenuButton(Texts.SIZE.of("add"));
  private List<String> shown = List.of();

  Strip(Desk desk, Pictures pictures, Meshes meshes, Consumer<String> chosen) {
    this.desk = desk;
    this.pictures = pictures;
    this.meshes = meshes;
    this.chosen = chosen;
    getStyleClass().add(Style.STRIP);
    row.setContent(cards);
    row.setFitToHeight(true);
    row.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    row.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    row.setPannable(true);
    setCenter(row);
    setRight(more);
    BorderPane.setMargin(more, new Insets(2, 0, 0, 8));
    cards.setAlignment(Pos.CENTER_LEFT);
    more.setId("strip-add");
    more.setMinHeight(HIGH);
  }

  /** Adds something to add. */
  void offer(String words, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(event -> action.run());
    more.getItems().add(item);
  }

  /** All cards, in order. */
  List<String> ids() {
    List<String> ids = new ArrayList<>(List.of(WEARER));
    desk.prop().size().references().forEach(it -> ids.add(it.id()));
    desk.prop().size().models().forEach(it -> ids.add(it.id()));
    desk.prop().size().tracings().forEach(it -> ids.add(it.id()));
    return ids;
  }

  /** Shows the cards. */
  void show(String current) {
    List<String> now =
        ids().stream().map(it -> it + "|" + title(it) + "|" + image(it).isPresent()).toList();
    if (!now.equals(shown)) {
      shown = now;
      cards.getChildren().setAll(ids().stream().map(this::card).toList());
    }
    for (Node card : cards.getChildren()) {
      card.pseudoClassStateChanged(CURRENT, ("card-" + current).equals(card.getId()));
    }
    bring(ids().indexOf(current));
  }

  /** Brings a card into sight where the strip is longer than its place. */
  private void bring(int index) {
    int last = ids().size() - 1;
    row.setHvalue(last > 0 ? index / (double) last : 0);
  }

  private String title(String id) {
    return desk.prop()
        .size()
        .reference(id)
        .map(Reference::name)
        .or(() -> desk.prop().size().model(id).map(Model::name))
        .or(() -> desk.prop().size().tracing(id).map(Tracing::name))
        .orElse(desk.wearer().name());
  }

  private Optional<Image> image(String id) {
    Optional<Image> picture =
        desk.prop()
            .size()
            .reference(id)
            .flatMap(it -> pictures.of(plain(it), Flat.NONE, 0.05))
            .map(Pictures.Shown::image);
    return picture.or(
        () ->
            desk.prop()
                .size()
                .model(id)
                .filter(it -> !pictures.reading())
                .flatMap(it -> meshes.seen(it, View.FRONT))
                .map(Meshes.Seen::image));
  }

  private static Reference plain(Reference reference) {
    return reference.withDressing(stoutblade.reference.Dressing.PLAIN);
  }

  private Button card(String id) {
    Button card = new Button(title(id));
    card.setId("card-" + id);
    card.getStyleClass().add(Style.STRIP_CARD);
    card.setContentDisplay(ContentDisplay.LEFT);
    card.setMinHeight(HIGH);
    card.setMaxWidth(112);
    card.setTooltip(new Tooltip(title(id)));
    image(id)
        .ifPresent(
            it -> {
              ImageView view = new ImageView(it);
              view.setFitHeight(HIGH - 10);
              view.setFitWidth(26);
              view.setPreserveRatio(true);
              view.setSmooth(true);
              card.setGraphic(view);
            });
    card.setOnAction(event -> chosen.accept(id));
    return card;
  }
}

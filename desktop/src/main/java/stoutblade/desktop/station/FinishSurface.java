package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import stoutblade.catalogue.Coating;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.Tray;
import stoutblade.edit.Edits;
import stoutblade.finding.Place;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.CoatStock;
import stoutblade.finish.Coats;
import stoutblade.measure.Display;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * Finish: the coats in their order, each with what it uses up against the shelf; the part shows
 * them one over the other, as on a stepped sample.
 */
public final class FinishSurface implements Surface {

  private final Desk desk;
  private final MatView mat = new MatView(Lie.LYING);
  private final BorderPane node = new BorderPane();
  private final VBox rows = new VBox(8);
  private final ComboBox<Coating> more = new ComboBox<>();
  private final Button forAll = new Button("On every part");
  private boolean showing;

  /** The surface. */
  public FinishSurface(Desk desk) {
    this.desk = desk;
    mat.setId("finish-mat");
    mat.setDrawing(this::draw);
    mat.setPrefHeight(200);
    mat.setMaxHeight(220);
    rows.getStyleClass().add(Style.LIST);
    ScrollPane list = new ScrollPane(rows);
    list.setFitToWidth(true);
    list.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    node.setTop(mat);
    node.setCenter(list);
    more.setConverter(Choices.named(it -> it.role().verb() + ": " + it.name()));
    more.setPromptText("Choose a coating");
    more.setId("more-coating");
    more.setPrefWidth(270);
    more.setOnAction(event -> addCoating());
    forAll.setId("coats-for-all");
    forAll.setOnAction(event -> desk.perform(Edits.coatsForAll(desk.lookedId())));
    node.setBottom(new Tray().with("Add a coating", more).with("These coats", forAll));
  }

  private void addCoating() {
    Coating chosen = more.getValue();
    if (showing || chosen == null) {
      return;
    }
    List<Coats> coats = new ArrayList<>(coats());
    int at = 0;
    for (int i = 0; i < coats.size(); i++) {
      boolean before =
          desk.catalogue()
              .coating(coats.get(i).coatingId())
              .filter(it -> it.role().compareTo(chosen.role()) <= 0)
              .isPresent();
      at = before ? i + 1 : at;
    }
    coats.add(at, new Coats(chosen.id(), chosen.usualCoats()));
    desk.perform(Edits.allCoats(desk.lookedId(), coats));
  }

  /** The coats of the part that is looked at. */
  private List<Coats> coats() {
    return desk.looked().map(it -> it.part().coats()).orElse(List.of());
  }

  /** True for a finding of another part. */
  private boolean elsewhere(Place.OnCoating place) {
    boolean planned = coats().stream().anyMatch(it -> it.coatingId().equals(place.coatingId()));
    return place.partId().isEmpty() ? !planned : !place.partId().equals(desk.lookedId());
  }

  /** True for a finding of a coating of this part, or of what there is of it. */
  private boolean on(Place.OnCoating place, String coatingId) {
    return place.coatingId().equals(coatingId)
        && (place.partId().isEmpty() || place.partId().equals(desk.lookedId()));
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    mat.setUnits(desk.units());
    desk.looked()
        .ifPresent(
            part -> {
              mat.setLie(PartDrawing.lie(part));
              PartDrawing.box(part).ifPresent(it -> mat.fitAnew(it, 22));
            });
    showing = true;
    more.setDisable(desk.looked().isEmpty());
    forAll.setDisable(coats().isEmpty() || desk.prop().parts().size() < 2);
    List<String> planned = coats().stream().map(Coats::coatingId).toList();
    more.getItems()
        .setAll(
            desk.catalogue().coatings().stream().filter(it -> !planned.contains(it.id())).toList());
    more.setValue(null);
    showing = false;
    List<Node> lines = new ArrayList<>();
    desk.findingsOf(Station.FINISH).stream()
        .filter(it -> !(it.place() instanceof Place.OnCoating own) || elsewhere(own))
        .forEach(it -> lines.add(MaskingTape.strip(desk, it)));
    for (int i = 0; i < coats().size(); i++) {
      lines.add(row(derived, i));
    }
    rows.getChildren().setAll(lines);
    mat.redraw();
  }

  private Node row(Derived derived, int index) {
    Coats coats = coats().get(index);
    Optional<Coating> coating = desk.catalogue().coating(coats.coatingId());
    VBox card = new VBox(6);
    card.getStyleClass().add(Style.CARD);
    card.setId("coating-" + coats.coatingId());
    Label name =
        new Label(
            (index + 1)
                + "  "
                + coating.map(it -> it.role().verb() + ": " + it.name()).orElse(coats.coatingId()));
    name.getStyleClass().add(Style.CARD_TITLE);
    name.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(name, Priority.ALWAYS);
    Rectangle swatch = new Rectangle(26, 26, coating.map(FinishSurface::colour).orElse(Color.GRAY));
    swatch.setArcWidth(6);
    swatch.setArcHeight(6);
    swatch.getStyleClass().add("swatch");
    Button up = small("Earlier", () -> swap(index, index - 1));
    up.setDisable(index == 0);
    HBox head = new HBox(10, swatch, name, counter(coats), up);
    head.setAlignment(Pos.CENTER_LEFT);
    card.getChildren().add(head);
    derived
        .coat(coats.coatingId())
        .filter(it -> it.coating().spread() > 0)
        .ifPresent(it -> card.getChildren().add(stock(coats, it)));
    coating.ifPresent(it -> card.getChildren().add(drying(it, coats.count())));
    desk.findingsOf(Station.FINISH).stream()
        .filter(it -> it.place() instanceof Place.OnCoating own && on(own, coats.coatingId()))
        .forEach(it -> card.getChildren().add(MaskingTape.strip(desk, it)));
    return card;
  }

  private Node counter(Coats coats) {
    Button fewer =
        small(
            "−",
            () -> desk.perform(Edits.coats(desk.lookedId(), coats.coatingId(), coats.count() - 1)));
    fewer.setAccessibleText("One coat less");
    fewer.setId("fewer-" + coats.coatingId());
    Button another =
        small(
            "+",
            () -> desk.perform(Edits.coats(desk.lookedId(), coats.coatingId(), coats.count() + 1)));
    another.setAccessibleText("One coat more");
    another.setDisable(coats.count() >= Coats.MOST);
    another.setId("another-" + coats.coatingId());
    Label count = new Label(coats.count() == 1 ? "1 coat" : coats.count() + " coats");
    count.setMinWidth(56);
    count.setAlignment(Pos.CENTER);
    count.getStyleClass().add(Style.FIGURE_VALUE);
    HBox counter = new HBox(4, fewer, count, another);
    counter.setAlignment(Pos.CENTER);
    return counter;
  }

  private static Button small(String words, Runnable action) {
    Button button = new Button(words);
    button.setOnAction(event -> action.run());
    return button;
  }

  private void swap(int one, int other) {
    List<Coats> coats = new ArrayList<>(coats());
    Collections.swap(coats, one, other);
    desk.perform(Edits.allCoats(desk.lookedId(), coats));
  }

  /** What this part takes, what all take, and what is there. */
  private Node stock(Coats planned, CoatStock coats) {
    double share =
        coats.onShelf().value() == 0
            ? 1
            : Math.min(1, coats.need().value() / coats.onShelf().value());
    ProgressBar bar = new ProgressBar(share);
    bar.setPrefWidth(120);
    bar.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("short"), coats.runsOut());
    Optional<CoatReckoning> own =
        desk.looked().stream()
            .flatMap(it -> it.coats().stream())
            .filter(it -> it.coating().id().equals(planned.coatingId()))
            .findFirst();
    String all = coats.need().show(desk.units());
    String here = own.map(it -> it.need().show(desk.units())).orElse(all);
    Label need =
        new Label(
            here.equals(all)
                ? "takes " + all + " of"
                : "takes " + here + ", all parts " + all + " of");
    need.setMinWidth(Region.USE_PREF_SIZE);
    EntryField shelf =
        EntryField.number(
            desk,
            "ml",
            () -> "what is on the shelf is a number of millilitres",
            ml -> desk.perform(Edits.onShelf(coats.coating().id(), ml * 1000)));
    shelf.setId("shelf-" + coats.coating().id());
    shelf.show(coats.onShelf().value() / 1000);
    HBox row = new HBox(8, bar, need, shelf, new Label("on the shelf"));
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Node drying(Coating coating, int count) {
    String between =
        count > 1 ? Display.duration(coating.betweenMinutes()) + " between coats, " : "";
    Label label =
        new Label(
            between
                + Display.duration(coating.cureMinutes())
                + " before what comes next. "
                + coating.caution());
    label.setWrapText(true);
    label.getStyleClass().add(Style.SOFT);
    return label;
  }

  private static Color colour(Coating coating) {
    return Color.web(coating.colour());
  }

  // == DRAWING

  private void draw(Pen pen) {
    desk.looked()
        .ifPresent(part -> PartDrawing.box(part).ifPresent(box -> drawCoats(pen, part, box)));
  }

  private void drawCoats(Pen pen, PartReckoning part, Box box) {
    PartDrawing.face(pen, part, pen.colour(Ink.FOAM));
    List<Coating> coats =
        coats().stream().flatMap(it -> desk.catalogue().coating(it.coatingId()).stream()).toList();
    for (int i = 0; i < coats.size(); i++) {
      double share = (double) (coats.size() - i) / (coats.size() + 1);
      drawCoat(pen, PartDrawing.rings(part), box, coats.get(i), share, i);
    }
    PartDrawing.edge(pen, part, pen.colour(Ink.INK), 2);
    pen.words(
        "bare foam",
        new Point(box.minX(), box.minY() + box.height() * 0.97),
        0,
        -6,
        13,
        pen.colour(Ink.SOFT));
  }

  /**
   * A coat covers the part from its near end up to a share of its length, over the coats before it.
   */
  private static void drawCoat(
      Pen pen, List<List<Point>> rings, Box box, Coating coating, double share, int index) {
    double to = box.minY() + box.height() * share;
    List<List<Point>> below =
        rings.stream()
            .map(ring -> ring.stream().map(it -> new Point(it.x(), Math.min(it.y(), to))).toList())
            .toList();
    double opacity =
        switch (coating.role()) {
          case SEAL -> 0.18;
          case CLEAR -> 0.16;
          case PRIMER, PAINT, WASH -> coating.spread() < 0.05 ? 0.45 : 0.96;
        };
    Color paint = colour(coating).deriveColor(0, 1, 1, opacity);
    pen.paint(below, paint, paint.deriveColor(0, 0.95, 1.14, 1));
    pen.line(
        new Point(box.minX(), to), new Point(box.maxX(), to), pen.faint(Ink.INK, 0.5), 1, 3, 3);
    pen.words(
        Integer.toString(index + 1), new Point(box.maxX(), to), -12, 8, 14, pen.colour(Ink.INK));
  }
}

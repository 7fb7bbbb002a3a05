package stoutblade.desktop.station.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
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
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.OverList;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.finish.CoatStock;
import stoutblade.finish.Coats;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * Finish: the coats in their order, each with what it uses up against the shelf; the part shows
 * them one over the other, as on a stepped sample.
 */
public final class FinishSurface implements Surface {

  private final Desk desk;
  private final FinishModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private final VBox rows = new VBox(8);
  private final BorderPane node = new OverList(mat, 200, rows);
  private final ComboBox<Coating> more = new ComboBox<>();
  private final Button forAll = new Button(Texts.FINISH.of("on-every-part"));
  private boolean showing;

  /** The surface. */
  public FinishSurface(Desk desk) {
    this.desk = desk;
    this.model = new FinishModel(desk);
    mat.setCalled(Texts.FINISH.of("the-part-with-its-coats"));
    mat.setId("finish-mat");
    mat.setDrawing(this::draw);
    more.setConverter(Choices.named(it -> it.role().verb() + ": " + it.name()));
    more.setPromptText(Texts.FINISH.of("choose-a-coating"));
    more.setId("more-coating");
    more.setPrefWidth(270);
    more.setOnAction(
        event -> {
          if (!showing && more.getValue() != null) {
            model.add(more.getValue());
          }
        });
    forAll.setId("coats-for-all");
    forAll.setOnAction(event -> model.forAll());
    node.setBottom(
        new Tray()
            .with(Texts.FINISH.of("add-a-coating"), more)
            .with(Texts.FINISH.of("these-coats"), forAll));
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    OverList.fit(mat, desk, 22);
    showing = true;
    more.setDisable(desk.looked().isEmpty());
    forAll.setDisable(!model.forOthers());
    more.getItems().setAll(model.others());
    more.setValue(null);
    showing = false;
    List<Node> lines = new ArrayList<>();
    model.otherFindings().forEach(it -> lines.add(MaskingTape.strip(desk, it)));
    for (int i = 0; i < model.coats().size(); i++) {
      lines.add(row(derived, i));
    }
    rows.getChildren().setAll(lines);
    mat.redraw();
  }

  private Node row(Derived derived, int index) {
    Coats coats = model.coats().get(index);
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
    Button up = small(Texts.FINISH.of("move-up"), () -> model.up(index));
    up.setDisable(index == 0);
    up.setMinWidth(Region.USE_PREF_SIZE);
    HBox head = new HBox(10, swatch, name, counter(coats), up);
    head.setAlignment(Pos.CENTER_LEFT);
    card.getChildren().add(head);
    derived
        .coat(coats.coatingId())
        .filter(it -> it.coating().spread() > 0)
        .ifPresent(it -> card.getChildren().add(stock(it)));
    coating.ifPresent(it -> card.getChildren().add(drying(it, coats.count())));
    model
        .findings(coats.coatingId())
        .forEach(it -> card.getChildren().add(MaskingTape.strip(desk, it)));
    return card;
  }

  private Node counter(Coats coats) {
    Button fewer = small("−", () -> model.more(coats, -1));
    fewer.setAccessibleText(Texts.FINISH.of("one-coat-less"));
    fewer.setId("fewer-" + coats.coatingId());
    Button another = small("+", () -> model.more(coats, 1));
    another.setAccessibleText(Texts.FINISH.of("one-coat-more"));
    another.setDisable(coats.count() >= Coats.MOST);
    another.setId("another-" + coats.coatingId());
    Label count =
        new Label(
            coats.count() == 1
                ? Texts.FINISH.of("1-coat")
                : Texts.FINISH.of("coats", coats.count()));
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

  /** What this part takes, what all take, and what is there. */
  private Node stock(CoatStock coats) {
    double share =
        coats.onShelf().value() == 0
            ? 1
            : Math.min(1, coats.need().value() / coats.onShelf().value());
    ProgressBar bar = new ProgressBar(share);
    bar.setPrefWidth(120);
    bar.pseudoClassStateChanged(javafx.css.PseudoClass.getPseudoClass("short"), coats.runsOut());
    Label need = new Label(model.need(coats));
    need.setMinWidth(Region.USE_PREF_SIZE);
    EntryField shelf = EntryField.amount(desk, Quantity.FLUID, mm3 -> model.onShelf(coats, mm3));
    shelf.setId("shelf-" + coats.coating().id());
    shelf.setAccessibleText(Texts.FINISH.of("on-the-shelf", coats.coating().name()));
    shelf.show(coats.onShelf().value());
    HBox row = new HBox(8, bar, need, shelf, new Label(Texts.FINISH.of("on-the-shelf-label")));
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Node drying(Coating coating, int count) {
    String cure = Display.duration(coating.cureMinutes());
    String dries =
        count > 1
            ? Texts.FINISH.of("between-coats", Display.duration(coating.betweenMinutes()), cure)
            : Texts.FINISH.of("before-what-comes-next", cure);
    Label label = new Label(dries + " " + coating.caution());
    WrappedText.in(label);
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
    List<Coating> coats = model.coatings();
    for (int i = 0; i < coats.size(); i++) {
      double share = (double) (coats.size() - i) / (coats.size() + 1);
      drawCoat(pen, PartDrawing.rings(part), box, coats.get(i), share, i);
    }
    PartDrawing.edge(pen, part, pen.colour(Ink.INK), 2);
    pen.words(
        Texts.FINISH.of("bare-foam"),
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

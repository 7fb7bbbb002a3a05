package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.measure.Display;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.stack.Choice;
import stoutblade.stack.Sheet;
import stoutblade.stack.Wish;

/** What stack is wished for, and those that come near it, drawn to scale with each other. */
final class FindPane {

  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
  private static final double PICTURE_WIDE = 110;
  private static final double PICTURE_HIGH = 54;

  private final Desk desk;
  private final LayersModel model;
  private final VBox rows = new VBox(8);
  private final BorderPane node = new BorderPane();
  private final EntryField wanted;
  private final EntryField within;
  private final ComboBox<Integer> most = new ComboBox<>();
  private final ComboBox<Wish.Outside> outside = new ComboBox<>();
  private final ComboBox<Wish.Criterion> first = new ComboBox<>();
  private final CheckBox skinned = new CheckBox(Texts.LAYERS.of("skinned"));
  private final Button take = new Button(Texts.LAYERS.of("use-this-stack"));
  private final HBox left = new HBox(6);
  private final ComboBox<SheetMaterial> leftFoam = new ComboBox<>();
  private final ComboBox<Double> leftThick = new ComboBox<>();
  private final EntryField leftWide;
  private final EntryField leftLong;
  private double leftWideMm = 300;
  private double leftLongMm = 400;
  private final BackgroundTasks tasks;
  private boolean showing;
  private Optional<Wish> asked = Optional.empty();
  private List<Choice> found = List.of();

  FindPane(Desk desk, BackgroundTasks tasks, LayersModel model) {
    this.desk = desk;
    this.tasks = tasks;
    this.model = model;
    wanted = EntryField.length(desk, mm -> asked(() -> model.setWanted(mm)));
    within = EntryField.length(desk, mm -> asked(() -> model.setWithin(mm)));
    wanted.setPrefColumnCount(5);
    within.setPrefColumnCount(4);
    wanted.setId("wanted");
    within.setId("within");
    most.setId("most-layers");
    most.getItems().setAll(1, 2, 3, 4, 5, 6);
    most.setOnAction(event -> chosen(() -> model.setMost(most.getValue())));
    outside.setId("outside");
    outside.getItems().setAll(Wish.Outside.values());
    outside.setConverter(Choices.named(Wish.Outside::words));
    outside.setOnAction(event -> chosen(() -> model.setOutside(outside.getValue())));
    first.setId("first");
    first.setPrefWidth(168);
    first.getItems().setAll(Wish.Criterion.values());
    first.setConverter(Choices.named(Wish.Criterion::words));
    first.setOnAction(event -> chosen(() -> model.setFirst(first.getValue())));
    skinned.setId("skinned");
    skinned.setOnAction(event -> chosen(() -> model.setSkinned(skinned.isSelected())));
    take.setId("take-stack");
    take.getStyleClass().add(Style.PRIMARY);
    take.setOnAction(
        event -> {
          if (model.take()) {
            show();
          }
        });
    leftFoam.setId("left-foam");
    leftFoam.getItems().setAll(desk.catalogue().sheets());
    leftFoam.setConverter(Choices.named(SheetMaterial::shortName));
    leftFoam.setPrefWidth(170);
    leftFoam.setOnAction(event -> leftThick.getItems().setAll(leftFoam.getValue().thicknessesMm()));
    leftThick.setId("left-thickness");
    leftThick.setConverter(Choices.named(mm -> Display.length(mm, desk.units())));
    leftWide = side("left-wide", mm -> leftWideMm = mm);
    leftLong = side("left-long", mm -> leftLongMm = mm);
    Button keep = new Button(Texts.LAYERS.of("count-it-in"));
    keep.setId("left-add");
    keep.setOnAction(event -> addLeftover());
    rows.getStyleClass().add(Style.LIST);
    ScrollPane scroll = new ScrollPane(rows);
    scroll.setFitToWidth(true);
    node.setTop(
        new Tray()
            .with(Texts.LAYERS.of("thickness-wanted"), wanted)
            .with(Texts.LAYERS.of("give-or-take"), within)
            .with(" ", take)
            .with(Texts.LAYERS.of("layers-at-most"), most)
            .with(Texts.LAYERS.of("foam"), outside)
            .with(Texts.LAYERS.of("sort-by"), first)
            .with(" ", skinned));
    node.setCenter(scroll);
    node.setBottom(
        new Tray()
            .with(Texts.LAYERS.of("offcuts-sheet"), leftFoam)
            .with(Texts.LAYERS.of("thickness"), leftThick)
            .with(Texts.LAYERS.of("piece"), leftWide)
            .with(Texts.LAYERS.of("by"), leftLong)
            .with(" ", keep)
            .with(" ", left));
  }

  BorderPane node() {
    return node;
  }

  private EntryField side(String id, DoubleConsumer take) {
    EntryField field =
        EntryField.length(
            desk,
            mm -> {
              take.accept(mm);
              return mm > 0;
            });
    field.setId(id);
    field.setPrefColumnCount(4);
    return field;
  }

  private void addLeftover() {
    if (leftFoam.getValue() == null || leftThick.getValue() == null) {
      desk.say(Texts.LAYERS.of("say-first-which-foam-is"));
      return;
    }
    desk.perform(
        Edits.leftover(
            new Wish.Leftover(
                leftFoam.getValue().id(), leftThick.getValue(), leftWideMm * leftLongMm)));
  }

  /** What is left over: pressed, it is used up. */
  private void showLeftovers() {
    left.getChildren().clear();
    for (Wish.Leftover it : desk.project().leftovers()) {
      String size =
          it.hasShape()
              ? "  "
                  + Display.length(it.shape().box().width(), desk.units())
                  + " × "
                  + Display.length(it.shape().box().height(), desk.units())
              : "";
      Button chip =
          new Button(
              Display.length(it.thicknessMm(), desk.units())
                  + "  "
                  + desk.catalogue()
                      .sheet(it.materialId())
                      .map(SheetMaterial::shortName)
                      .orElse(it.materialId())
                  + size
                  + "  ×");
      chip.getStyleClass().add(Style.STRIP_CARD);
      chip.setOnAction(
          event ->
              desk.perform(
                  it.hasShape()
                      ? Edits.usedUp(it)
                      : Edits.leftover(new Wish.Leftover(it.materialId(), it.thicknessMm(), 0))));
      left.getChildren().add(chip);
    }
  }

  private boolean asked(Runnable change) {
    try {
      change.run();
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
    show();
    return true;
  }

  private void chosen(Runnable change) {
    if (!showing) {
      change.run();
      show();
    }
  }

  void show() {
    showing = true;
    wanted.show(model.wantedMm());
    within.show(model.withinMm());
    most.setValue(model.most());
    outside.setValue(model.outside());
    first.setValue(model.first());
    skinned.setSelected(model.skinned());
    showing = false;
    leftWide.show(leftWideMm);
    leftLong.show(leftLongMm);
    showLeftovers();
    try {
      find(model.wished());
    } catch (IllegalArgumentException e) {
      asked = Optional.empty();
      found = List.of();
      desk.say(e.getMessage());
    }
    showFound();
  }

  /** Looks for stacks beside the window; until they are found, those before stay, dimmed. */
  private void find(Wish wish) {
    if (asked.equals(Optional.of(wish))) {
      return;
    }
    asked = Optional.of(wish);
    rows.setDisable(true);
    tasks.start(
        Texts.LAYERS.of("looking-for-layers"),
        () -> LayersModel.choices(wish),
        choices -> {
          if (asked.equals(Optional.of(wish))) {
            found = choices;
            rows.setDisable(false);
            showFound();
          }
        });
  }

  private void showFound() {
    rows.getChildren().clear();
    if (found.isEmpty() && !rows.isDisable()) {
      Label none = new Label(Texts.LAYERS.of("no-stack-of-the-foams"));
      WrappedText.in(none);
      rows.getChildren().add(none);
    }
    double thick = found.stream().mapToDouble(Choice::thicknessMm).max().orElse(model.wantedMm());
    found.forEach(it -> rows.getChildren().add(row(it, thick)));
    take.setDisable(model.chosen().filter(found::contains).isEmpty());
    desk.besideProperty()
        .set(model.chosen().filter(found::contains).isPresent() ? model.figures() : List.of());
  }

  private Button row(Choice choice, double thick) {
    Label title = new Label(sheets(choice));
    title.getStyleClass().add(Style.CARD_TITLE);
    Label details = new Label(details(choice));
    details.getStyleClass().add(Style.SOFT);
    HBox content = new HBox(14, picture(choice, thick), new VBox(2, title, details));
    content.setAlignment(Pos.CENTER_LEFT);
    Button row = new Button();
    row.setGraphic(content);
    row.setMaxWidth(Double.MAX_VALUE);
    row.setAlignment(Pos.CENTER_LEFT);
    row.getStyleClass().add(Style.STRIP_CARD);
    row.setId("choice-" + rows.getChildren().size());
    row.pseudoClassStateChanged(CURRENT, model.chosen().filter(choice::equals).isPresent());
    row.setOnAction(
        event -> {
          model.choose(choice);
          show();
        });
    return row;
  }

  private MatView picture(Choice choice, double thick) {
    MatView view = new MatView(Lie.UPRIGHT);
    view.setRuled(false);
    view.setMouseTransparent(true);
    view.setFocusTraversable(false);
    view.setMinSize(PICTURE_WIDE, PICTURE_HIGH);
    view.setPrefSize(PICTURE_WIDE, PICTURE_HIGH);
    view.setMaxSize(PICTURE_WIDE, PICTURE_HIGH);
    double wide = thick * 1.9;
    view.setDrawing(
        pen -> {
          double low = 0;
          for (int i = 0; i < choice.sheets().size(); i++) {
            double high = low + choice.sheets().get(i).thicknessMm();
            List<Point> bar =
                List.of(
                    new Point(0, low),
                    new Point(wide, low),
                    new Point(wide, high),
                    new Point(0, high),
                    new Point(0, low));
            pen.fill(List.of(bar), pen.colour(i % 2 == 0 ? Ink.FOAM_DEEP : Ink.FOAM));
            pen.stroke(List.of(bar), pen.colour(Ink.INK), 1.2);
            low = high;
          }
          double mm = model.wantedMm();
          pen.line(
              new Point(-wide * 0.06, mm),
              new Point(wide * 1.06, mm),
              pen.colour(Ink.SELECTED),
              1.4,
              4,
              3);
        });
    view.fit(new Box(0, 0, wide, thick), 6);
    return view;
  }

  private String sheets(Choice choice) {
    String sizes =
        choice.sheets().stream()
            .map(it -> Display.length(it.thicknessMm(), desk.units()))
            .collect(Collectors.joining(" + "));
    String foams =
        choice.sheets().stream()
            .map(Sheet::materialId)
            .distinct()
            .map(it -> desk.catalogue().sheet(it).orElseThrow().shortName())
            .reduce((out, in) -> Texts.LAYERS.of("inside", out, in))
            .orElse("");
    return sizes + "   " + foams;
  }

  private String details(Choice choice) {
    double off = choice.deviationMm();
    List<String> words = new ArrayList<>();
    String by = Display.length(Math.abs(off), desk.units());
    if (Math.abs(off) < 0.05) {
      words.add(Texts.LAYERS.of("as-thick-as-wanted"));
    } else {
      words.add(off > 0 ? Texts.LAYERS.of("too-thick", by) : Texts.LAYERS.of("too-thin", by));
    }
    words.add(times(choice.glueUps()));
    if (choice.symmetric()) {
      words.add(Texts.LAYERS.of("the-same-both-ways"));
    }
    if (choice.bought() < choice.sheets().size()) {
      words.add(Texts.LAYERS.of("left-over-here", choice.sheets().size() - choice.bought()));
    }
    return String.join(", ", words);
  }

  private static String times(int count) {
    return switch (count) {
      case 0 -> Texts.LAYERS.of("no-glue");
      case 1 -> Texts.LAYERS.of("glued-once");
      case 2 -> Texts.LAYERS.of("glued-twice");
      default -> Texts.LAYERS.of("glued-times", count);
    };
  }
}

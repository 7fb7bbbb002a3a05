package stoutblade.desktop.station.core;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.SplitPane;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import stoutblade.core.CoreOption;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;

/** Every rod of the catalogue in the place of the core: two figures as dots, all in a table. */
final class Comparison {

  private static final double FIGURE_WIDE = 90;
  private static final double NAME_WIDE = 190;

  private final Desk desk;
  private final CoreModel model;
  private final BackgroundTasks tasks;
  private final SplitPane node = new SplitPane();
  private final TableView<CoreOption> table = new TableView<>();
  private final DotPlot plot;
  private final ComboBox<Measure> across = new ComboBox<>();
  private final ComboBox<Measure> up = new ComboBox<>();
  private final TextField there = PlainText.field();
  private Optional<CoreModel.Compared> shown = Optional.empty();
  private Units units = Units.METRIC;

  Comparison(Desk desk, CoreModel model, BackgroundTasks tasks) {
    this.desk = desk;
    this.model = model;
    this.tasks = tasks;
    this.plot = new DotPlot(model::choose);
    measure(across, "compare-across", Measure.WEIGHT);
    measure(up, "compare-up", Measure.DROOP);
    BorderPane dots = new BorderPane(plot);
    there.setId("compare-there");
    there.setPromptText(Texts.CORE.of("none"));
    there.setOnAction(event -> state());
    there.setDisable(true);
    dots.setTop(
        new Tray()
            .with(Texts.CORE.of("dots-lie-higher-by"), up)
            .with(Texts.CORE.of("and-further-right-by"), across)
            .with(Texts.CORE.of("on-the-shelf-of-the"), there));
    table.getSelectionModel().selectedItemProperty().addListener((it, before, now) -> showThere());
    table.setId("compare-table");
    table.setAccessibleText(Texts.CORE.of("all-rods-and-tubes-in"));
    table.getColumns().add(names());
    table.getColumns().add(fits());
    table.getColumns().add(allowed());
    table.getColumns().add(shelf());
    for (Measure measure : Measure.values()) {
      table.getColumns().add(figures(measure));
    }
    table.setRowFactory(it -> row());
    table.setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ENTER) {
            Optional.ofNullable(table.getSelectionModel().getSelectedItem())
                .ifPresent(model::choose);
            event.consume();
          }
        });
    node.setOrientation(Orientation.VERTICAL);
    node.getItems().addAll(dots, table);
    node.setDividerPositions(0.5);
  }

  Node node() {
    return node;
  }

  private void measure(ComboBox<Measure> box, String id, Measure first) {
    box.setId(id);
    box.getItems().setAll(Measure.values());
    box.setConverter(Choices.named(Measure::title));
    box.setValue(first);
    box.setOnAction(event -> dots());
  }

  // == THE TABLE

  private static String name(CoreOption option, Units units) {
    int count = option.core().section().count();
    String name = (count > 1 ? count + " × " : "") + option.rod().name();
    return option
        .choice()
        .work()
        .squeezedMm()
        .filter(it -> option.core().section().squeezed())
        .map(it -> Texts.CORE.of("squeezed-to", name, Display.length(it, units)))
        .orElse(name);
  }

  private TableColumn<CoreOption, String> names() {
    TableColumn<CoreOption, String> column = new TableColumn<>(Texts.CORE.of("rod-or-tube"));
    column.setCellValueFactory(
        it -> new ReadOnlyObjectWrapper<>(name(it.getValue(), desk.units())));
    column.setPrefWidth(NAME_WIDE);
    return column;
  }

  private static TableColumn<CoreOption, CoreOption.Fits> fits() {
    TableColumn<CoreOption, CoreOption.Fits> column = new TableColumn<>(Texts.CORE.of("fits"));
    column.setCellValueFactory(it -> new ReadOnlyObjectWrapper<>(it.getValue().fits()));
    column.setCellFactory(it -> new Words<>(CoreOption.Fits::words));
    column.setPrefWidth(NAME_WIDE * 0.8);
    return column;
  }

  /** Whether the rules of the event, as they were noted, allow it. */
  private TableColumn<CoreOption, Boolean> allowed() {
    TableColumn<CoreOption, Boolean> column = new TableColumn<>(Texts.CORE.of("at-the-event"));
    column.setCellValueFactory(
        it ->
            new ReadOnlyObjectWrapper<>(
                desk.project().event().cores().allows(it.getValue().rod())));
    column.setCellFactory(
        it -> new Words<>(may -> may ? Texts.CORE.of("allowed") : Texts.CORE.of("not-allowed")));
    column.setPrefWidth(FIGURE_WIDE);
    return column;
  }

  /** What is there of it already. */
  private TableColumn<CoreOption, String> shelf() {
    TableColumn<CoreOption, String> column = new TableColumn<>(Texts.CORE.of("on-the-shelf"));
    column.setCellValueFactory(it -> new ReadOnlyObjectWrapper<>(model.there(it.getValue().rod())));
    column.setPrefWidth(1.4 * FIGURE_WIDE);
    return column;
  }

  private void showThere() {
    Optional<CoreOption> chosen = Optional.ofNullable(table.getSelectionModel().getSelectedItem());
    there.setDisable(chosen.isEmpty());
    there.setText(chosen.map(it -> model.there(it.rod())).orElse(""));
  }

  private void state() {
    Optional.ofNullable(table.getSelectionModel().getSelectedItem())
        .ifPresent(it -> model.there(it.rod(), there.getText()));
    showThere();
  }

  private TableColumn<CoreOption, Figure> figures(Measure measure) {
    TableColumn<CoreOption, Figure> column = new TableColumn<>(measure.title());
    column.setCellValueFactory(
        it -> new ReadOnlyObjectWrapper<>(measure.of(it.getValue()).orElse(null)));
    column.setCellFactory(it -> new Words<>(figure -> figure.show(desk.units())));
    column.setComparator(Comparator.nullsLast(Comparator.comparingDouble(Figure::value)));
    column.setPrefWidth(FIGURE_WIDE);
    return column;
  }

  /** A cell that says its value in words. */
  private static final class Words<T> extends TableCell<CoreOption, T> {

    private final Function<T, String> words;

    Words(Function<T, String> words) {
      this.words = words;
    }

    @Override
    protected void updateItem(T item, boolean empty) {
      super.updateItem(item, empty);
      setText(empty || item == null ? "" : words.apply(item));
    }
  }

  private TableRow<CoreOption> row() {
    TableRow<CoreOption> row = new TableRow<>();
    row.setOnMouseClicked(
        event -> {
          if (event.getClickCount() == 2 && !row.isEmpty()) {
            model.choose(row.getItem());
          }
        });
    return row;
  }

  // == SHOWING

  /** Shows what is compared now; it is worked out beside the window where it has changed. */
  void show() {
    Optional<CoreModel.Compared> now = model.compared();
    if (now.equals(shown) && units.equals(desk.units())) {
      table.refresh();
      showThere();
      return;
    }
    shown = now;
    units = desk.units();
    plot.setDisable(true);
    now.ifPresent(
        it ->
            tasks.start(
                Texts.CORE.of("comparing-cores"),
                () -> CoreOption.all(it.part(), it.like(), it.now(), desk.catalogue().rods()),
                options -> {
                  // What was asked for since is shown when it is there.
                  if (now.equals(shown)) {
                    show(options);
                  }
                }));
  }

  private void show(List<CoreOption> options) {
    List<TableColumn<CoreOption, ?>> sorted = new ArrayList<>(table.getSortOrder());
    table.getItems().setAll(options);
    table.getSortOrder().setAll(sorted);
    Optional<CoreOption> own = own(options);
    own.ifPresentOrElse(
        it -> {
          table.getSelectionModel().select(it);
          table.scrollTo(it);
        },
        () -> table.getSelectionModel().clearSelection());
    plot.setDisable(false);
    dots();
  }

  private Optional<CoreOption> own(List<CoreOption> options) {
    return options.stream()
        .filter(it -> model.core().filter(it.choice()::equals).isPresent())
        .findFirst();
  }

  private void dots() {
    List<CoreOption> options = List.copyOf(table.getItems());
    plot.show(
        options, own(options), across.getValue(), up.getValue(), it -> name(it, units), units);
  }
}

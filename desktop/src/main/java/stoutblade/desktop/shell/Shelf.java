package stoutblade.desktop.shell;

import java.time.Duration;
import java.util.List;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.collections.ListChangeListener;
import javafx.concurrent.Task;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import stoutblade.build.GlueClock;
import stoutblade.build.Step;
import stoutblade.catalogue.Glue;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.project.Station;

/** The shelf along the bottom: the last edit with its undo, running clocks, long work, the view. */
public final class Shelf extends HBox {

  private static final double ROOMY = 1200;

  private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

  private final Desk desk;
  private final Button undo = new Button();
  private final Button redo = new Button();
  private final HBox clocks = new HBox(8);
  private final HBox tasks = new HBox(8);
  private final Label saved = new Label();
  private final ToggleButton sums = new ToggleButton(Key.SUMS.on(Texts.WINDOW.of("sums")));
  private final Button units = new Button();
  private final Button fraction = new Button();
  private final Timeline seconds =
      new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), event -> showClocks()));

  /**
   * A shelf that follows the desk.
   *
   * @param switchTheme switches between light and dark
   * @param commands shows every command with its key
   */
  public Shelf(Desk desk, BackgroundTasks work, Runnable switchTheme, Runnable commands) {
    super(10);
    this.desk = desk;
    getStyleClass().add(Style.SHELF);
    setAlignment(Pos.CENTER_LEFT);
    undo.setId("undo");
    redo.setId("redo");
    undo.setOnAction(event -> desk.undo());
    redo.setOnAction(event -> desk.redo());
    units.setId("units");
    units.setOnAction(event -> desk.unitsProperty().set(desk.units().switched()));
    fraction.setId("fraction");
    fraction.setOnAction(event -> desk.unitsProperty().set(desk.units().finer()));
    sums.setId("sums");
    sums.setOnAction(event -> desk.sumsProperty().set(sums.isSelected()));
    desk.sumsProperty().addListener(it -> sums.setSelected(desk.sumsProperty().get()));
    Button theme = new Button(Key.THEME.on(Texts.WINDOW.of("light-or-dark-button")));
    theme.setId("theme");
    theme.setOnAction(event -> switchTheme.run());
    Button keys = new Button(Key.COMMANDS.on(Texts.WINDOW.of("find")));
    keys.setId("commands");
    keys.setOnAction(event -> commands.run());
    saved.getStyleClass().add(Style.SOFT);
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    getChildren().addAll(undo, redo, clocks, tasks, gap, saved, keys, sums, fraction, units, theme);
    List<Region> whole = List.of(saved, keys, sums, fraction, units, theme);
    widthProperty().addListener(it -> keepWhole(whole));
    work.running().addListener((ListChangeListener<Task<?>>) change -> showChores(work));
    desk.workingProperty().addListener(it -> showChores(work));
    desk.unkeptProperty().addListener(it -> show());
    desk.derivedProperty().addListener(it -> show());
    desk.changedProperty().addListener(it -> show());
    desk.fileProperty().addListener(it -> show());
    seconds.setCycleCount(Timeline.INDEFINITE);
    seconds.play();
    show();
  }

  /** Where there is room names of edits give way first: a key that is cut is no help. */
  private void keepWhole(List<Region> fixed) {
    double least = getWidth() < ROOMY ? Region.USE_COMPUTED_SIZE : Region.USE_PREF_SIZE;
    fixed.forEach(it -> it.setMinWidth(least));
  }

  private void show() {
    var undoable = desk.history().undoable();
    undo.setText(
        undoable.map(it -> Texts.WINDOW.of("undo-what", it)).orElse(Texts.WINDOW.of("undo")));
    undo.setDisable(undoable.isEmpty());
    var redoable = desk.history().redoable();
    redo.setText(
        redoable.map(it -> Texts.WINDOW.of("redo-what", it)).orElse(Texts.WINDOW.of("redo")));
    redo.setDisable(redoable.isEmpty());
    saved.setText(
        desk.changedProperty().get()
            ? desk.unkeptProperty()
                .get()
                .map(it -> Texts.WINDOW.of("not-autosaved"))
                .orElse(Texts.WINDOW.of("autosaved"))
            : desk.fileProperty()
                .get()
                .map(it -> Texts.WINDOW.of("saved"))
                .orElse(Texts.WINDOW.of("nothing-to-save")));
    saved.setTooltip(desk.unkeptProperty().get().map(Tooltip::new).orElse(null));
    saved.pseudoClassStateChanged(WRONG, desk.unkeptProperty().get().isPresent());
    units.setText(
        Key.UNITS.on(desk.units().metric() ? Texts.WINDOW.of("cm-in") : Texts.WINDOW.of("in-cm")));
    fraction.setText(Texts.WINDOW.of("to-1-shift-u", desk.units().denominator(), Key.BEFORE));
    fraction.setVisible(!desk.units().metric());
    fraction.setManaged(!desk.units().metric());
    showClocks();
  }

  private void showClocks() {
    clocks.getChildren().clear();
    desk.project()
        .journal()
        .clocks()
        .forEach(
            (stepId, spreadAt) ->
                desk.derived()
                    .plan()
                    .flatMap(plan -> plan.step(stepId))
                    .filter(step -> !step.glueId().isEmpty())
                    .ifPresent(step -> clocks.getChildren().add(clock(step, spreadAt))));
  }

  private Button clock(Step step, java.time.Instant spreadAt) {
    Glue glue = desk.catalogue().glue(step.glueId());
    GlueClock.Reading reading = GlueClock.read(glue, spreadAt, desk.clock().instant());
    Button chip = new Button();
    ProgressBar bar = new ProgressBar(reading.share());
    bar.setPrefWidth(70);
    chip.setGraphic(bar);
    chip.setText(glue.name() + ": " + words(reading));
    chip.getStyleClass().add(Style.CHIP);
    chip.pseudoClassStateChanged(
        PseudoClass.getPseudoClass(
            reading.stage().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-')),
        true);
    chip.setId("clock-" + Style.nodeId(step.id()));
    chip.setOnAction(event -> desk.goTo(Station.BUILD));
    return chip;
  }

  /** The reading of a clock in words. */
  public static String words(GlueClock.Reading reading) {
    if (reading.stage() == GlueClock.Stage.TOO_LATE) {
      return reading.stage().words();
    }
    Duration left = reading.left();
    String time = "%d:%02d".formatted(left.toMinutes(), left.toSecondsPart());
    return Texts.WINDOW.of("left", reading.stage().words(), time);
  }

  private void showChores(BackgroundTasks work) {
    tasks.getChildren().clear();
    for (Task<?> task : work.running()) {
      ProgressBar bar = new ProgressBar();
      bar.progressProperty().bind(task.progressProperty());
      Label title = new Label();
      title.textProperty().bind(task.titleProperty());
      tasks.getChildren().add(chip(title, bar, task::cancel));
    }
    if (!desk.workingProperty().get().isEmpty()) {
      Label title = new Label(desk.workingProperty().get());
      HBox chip = chip(title, new ProgressBar(), desk::stopWorking);
      chip.setId("working");
      tasks.getChildren().add(chip);
    }
  }

  private static HBox chip(Label title, ProgressBar bar, Runnable stop) {
    bar.setPrefWidth(90);
    Button cancel = new Button(Texts.WINDOW.of("stop"));
    cancel.setOnAction(event -> stop.run());
    HBox chip = new HBox(6, title, bar, cancel);
    chip.setAlignment(Pos.CENTER_LEFT);
    chip.getStyleClass().add(Style.CHIP);
    return chip;
  }

  /** Stops the clock of the shelf. */
  public void stop() {
    seconds.stop();
  }
}

package stoutblade.desktop;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.print.Printers;
import stoutblade.desktop.shell.CommandList;
import stoutblade.desktop.shell.CutText;
import stoutblade.desktop.shell.FirstPath;
import stoutblade.desktop.shell.Fold;
import stoutblade.desktop.shell.NamesItem;
import stoutblade.desktop.shell.Notices;
import stoutblade.desktop.shell.Panes;
import stoutblade.desktop.shell.Rack;
import stoutblade.desktop.shell.Shelf;
import stoutblade.desktop.shell.Slip;
import stoutblade.desktop.shell.TapeView;
import stoutblade.desktop.shell.TemplateFiles;
import stoutblade.desktop.shell.WhatIsThis;
import stoutblade.desktop.station.EmptyStation;
import stoutblade.desktop.station.PartOrWhole;
import stoutblade.desktop.station.PropOverview;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.station.build.BuildSurface;
import stoutblade.desktop.station.core.CoreSurface;
import stoutblade.desktop.station.core.WholeCore;
import stoutblade.desktop.station.cut.CutSurface;
import stoutblade.desktop.station.draft.DraftSurface;
import stoutblade.desktop.station.finish.FinishSurface;
import stoutblade.desktop.station.finish.WholeFinish;
import stoutblade.desktop.station.layers.LayersSurface;
import stoutblade.desktop.station.layers.WholeLayers;
import stoutblade.desktop.station.log.LogSurface;
import stoutblade.desktop.station.log.WholeLog;
import stoutblade.desktop.station.size.SizeSurface;
import stoutblade.desktop.sums.SumsSurface;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.formats.Autosave;
import stoutblade.formats.Exports;
import stoutblade.formats.OpenFiles;
import stoutblade.journal.Journal;
import stoutblade.project.Station;

/** The window's content: tape, rack, mat, slip and shelf. */
public final class Workbench {

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Pictures pictures;
  private final Meshes meshes;
  private final Opener opener;
  private final StationRequests requests;
  private final BorderPane root = new BorderPane();
  private final StackPane middle = new StackPane();
  private final CommandList commands;
  private Fold rack;
  private Fold figures;
  private final Notices notices;
  private final WhatIsThis what = new WhatIsThis(root);
  private Optional<SumsSurface> sums = Optional.empty();
  private final Map<Station, Surface> surfaces = new EnumMap<>(Station.class);
  private final Map<Station, Supplier<Surface>> makers = new EnumMap<>(Station.class);
  private final Timeline minutes;
  private final Shelf shelf;
  private final Runnable switchTheme;
  private final ProjectFiles files;
  private final TemplateFiles templates;
  private final Consumer<Autosave.Left> restore;

  /**
   * Where a window keeps things on this machine.
   *
   * @param folder of what is kept about this machine
   * @param files which project files are open
   */
  public record Home(Path folder, OpenFiles files) {

    /** A home in a folder. */
    public static Home in(Path folder) {
      return new Home(folder, new OpenFiles(folder.resolve("open")));
    }
  }

  /**
   * A workbench.
   *
   * @param restore opens what was autosaved beside what is open
   * @param switchTheme switches between light and dark
   */
  public Workbench(
      Desk desk,
      Dialogs dialogs,
      Printers printers,
      Home home,
      Consumer<Autosave.Left> restore,
      Runnable switchTheme) {
    this.desk = desk;
    this.restore = restore;
    this.switchTheme = switchTheme;
    this.commands = new CommandList(desk, root);
    this.tasks = new BackgroundTasks(desk::say);
    this.pictures = new Pictures(tasks);
    this.meshes = new Meshes(desk, tasks);
    this.opener = new Opener(desk, tasks, pictures, this::sizeSurface);
    this.requests = new StationRequests(desk, dialogs, printers, opener, tasks, this::export);
    this.notices = new Notices(desk);
    this.templates = new TemplateFiles(desk, tasks);
    this.files = new ProjectFiles(desk, dialogs, tasks, notices, home, this::showPictures);
    this.shelf = new Shelf(desk, tasks, switchTheme, commands::show);
    this.minutes = new Timeline(new KeyFrame(Duration.minutes(1), event -> desk.derive()));
    makers.put(
        Station.SIZE,
        () -> new SizeSurface(desk, pictures, meshes, tasks, home.folder(), requests));
    makers.put(Station.DRAFT, () -> new DraftSurface(desk, pictures, meshes, tasks));
    makers.put(
        Station.LAYERS,
        () -> whole(Station.LAYERS, new LayersSurface(desk, tasks, meshes), new WholeLayers(desk)));
    makers.put(
        Station.CORE, () -> whole(Station.CORE, new CoreSurface(desk, tasks), new WholeCore(desk)));
    makers.put(
        Station.CUT,
        () -> new EmptyStation(desk, Station.CUT, new CutSurface(desk, tasks, requests)));
    makers.put(Station.BUILD, () -> new EmptyStation(desk, Station.BUILD, new BuildSurface(desk)));
    makers.put(
        Station.FINISH,
        () -> whole(Station.FINISH, new FinishSurface(desk), new WholeFinish(desk)));
    makers.put(Station.LOG, () -> whole(Station.LOG, new LogSurface(desk), new WholeLog(desk)));
    assemble();
  }

  private void assemble() {
    root.getStyleClass().add(Style.BENCH);
    CutText.tips(root);
    root.setTop(new TapeView(desk, bench()));
    rack =
        new Fold(
            new Rack(desk, files::takeIn, templates),
            Fold.Side.LEFT,
            Texts.WINDOW.of("props-and-parts"),
            Key.RACK.label());
    root.setLeft(rack);
    root.setBottom(shelf);
    // What is said takes its room from the list of figures: it never lies over what is worked on.
    BorderPane beside = new BorderPane(new Slip(desk));
    beside.setTop(new FirstPath(desk, notices.waiting()));
    beside.setBottom(new VBox(what, notices));
    figures = new Fold(beside, Fold.Side.RIGHT, Texts.WINDOW.of("figures"), Key.FIGURES.label());
    root.setRight(figures);
    root.setCenter(middle);
    desk.stationProperty().addListener(it -> showSurface());
    desk.sumsProperty().addListener(it -> showSurface());
    desk.partProperty().addListener(it -> surface().show(desk.derived()));
    desk.propProperty().addListener(it -> showAnotherProp());
    desk.derivedProperty().addListener(it -> surface().show(desk.derived()));
    root.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    root.addEventHandler(
        KeyEvent.KEY_TYPED,
        event -> {
          if (event.getCharacter().equals("?")
              && !(event.getTarget() instanceof TextInputControl)) {
            commands.show();
          }
        });
    minutes.setCycleCount(Timeline.INDEFINITE);
    minutes.play();
    showSurface();
  }

  /** Gives the keys to the station, not to a button. */
  public void focusMat() {
    middle.setFocusTraversable(true);
    middle.setAccessibleText(desk.stationProperty().get().title());
    middle.requestFocus();
  }

  /** Gives the keys to the drawing of the station, where it has one. */
  private void focusDrawing() {
    // What is new in the window has nothing in it before it is dressed.
    middle.applyCss();
    drawing().ifPresentOrElse(MatView::requestFocus, this::focusMat);
  }

  /** The drawing of the station; the first where there are several. */
  private Optional<MatView> drawing() {
    return middle.lookupAll("." + Style.MAT).stream()
        .filter(MatView.class::isInstance)
        .map(MatView.class::cast)
        .filter(it -> it.isVisible() && it.getScene() != null)
        .findFirst();
  }

  /** The root of the window. */
  public BorderPane root() {
    return root;
  }

  public Desk desk() {
    return desk;
  }

  public BackgroundTasks tasks() {
    return tasks;
  }

  /** The project's files. */
  public ProjectFiles files() {
    return files;
  }

  Notices notices() {
    return notices;
  }

  // == STATIONS

  /** A station that shows a part, all of the prop, or what it is for where there is no part. */
  private Surface whole(Station station, Surface part, PropOverview.Content content) {
    return new EmptyStation(
        desk, station, new PartOrWhole(desk, part, new PropOverview(desk, content)));
  }

  private Surface surface() {
    if (desk.sumsProperty().get()) {
      if (sums.isEmpty()) {
        sums = Optional.of(new SumsSurface(desk, tasks, requests::printAlone));
      }
      return sums.get();
    }
    return surfaces.computeIfAbsent(
        desk.stationProperty().get(), station -> makers.get(station).get());
  }

  /** Parts of two props may have one id: what was selected of the one is nothing of the other. */
  private void showAnotherProp() {
    surfaces.clear();
    showSurface();
  }

  private void showSurface() {
    desk.showNothingBeside();
    Surface surface = surface();
    Panes.put(middle, surface.node());
    surface.show(desk.derived());
  }

  // == THE CASE OF THE TAPE: THE PROJECT AND ITS FILES

  private Node bench() {
    MenuButton bench = new MenuButton();
    Menu again = new Menu(Texts.WINDOW.of("open-again"));
    again.setId("open-again");
    again.setDisable(true);
    bench.setId("bench");
    bench.getStyleClass().add("case");
    bench.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
    bench
        .getItems()
        .setAll(
            item(Texts.WINDOW.of("new-project"), KeyCode.N, this::startNew),
            item(Texts.WINDOW.of("open-a-project-item"), KeyCode.O, files::openProject),
            again,
            item(Texts.WINDOW.of("save"), KeyCode.S, () -> files.save(() -> {})),
            item(Texts.WINDOW.of("save-as"), null, () -> files.saveAs(() -> {})),
            new SeparatorMenuItem(),
            item(Texts.WINDOW.of("demo-the-lantern-walk"), null, () -> files.demo(() -> {})),
            new SeparatorMenuItem(),
            new NamesItem(desk));
    bench.setOnShowing(event -> files.lookForRecent(found -> showRecent(again, found)));
    desk.derivedProperty().addListener(it -> bench.setText(desk.project().name()));
    bench.setText(desk.project().name());
    return bench;
  }

  private void showRecent(Menu again, List<Path> found) {
    again.getItems().setAll(found.stream().map(this::again).toList());
    again.setDisable(found.isEmpty());
  }

  private MenuItem again(Path file) {
    MenuItem item =
        item(
            file.getFileName() + " in " + file.getParent(),
            null,
            () -> files.leaving(() -> files.open(file)));
    item.setMnemonicParsing(false);
    return item;
  }

  private void startNew() {
    files.startNew(() -> desk.goTo(Station.SIZE));
  }

  private static MenuItem item(String words, KeyCode key, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(event -> action.run());
    if (key != null) {
      item.setAccelerator(new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN));
    }
    return item;
  }

  /** Decodes the pictures of what is on the desk. */
  public void showPictures() {
    pictures.read(desk.document(), () -> surface().show(desk.derived()));
  }

  private SizeSurface sizeSurface() {
    desk.goTo(Station.SIZE);
    return (SizeSurface) surface();
  }

  /** Opens a picture file into the prop. */
  public void openPicture(Path file) {
    opener.picture(file);
  }

  /** Opens a model file into the prop. */
  public void openModel(Path file) {
    opener.model(file);
  }

  /** Opens the outlines of an SVG or DXF file. */
  public void openLines(Path file) {
    opener.lines(file);
  }

  /** Opens a photograph of a paper on a marker sheet, to trace it. */
  public void openPaper(Path file) {
    opener.paper(file);
  }

  /** Opens the photograph of a paper that ships with the application. */
  public void openSamplePaper() {
    opener.samplePaper();
  }

  // == EXPORTS

  /** Exports everything to a folder. */
  public void export(Path folder) {
    if (!desk.complete()) {
      return;
    }
    var derived = desk.derived();
    var units = desk.units();
    LocalDateTime now = desk.now();
    tasks.start(
        Texts.WINDOW.of("exporting"),
        (BackgroundTasks.Work<Exports.Written>)
            progress -> Exports.write(folder, derived, units, now, progress),
        written -> {
          Map<String, Journal.Printed> marks = new TreeMap<>();
          derived.props().forEach(it -> marks.putAll(it.printed(it.templates(), now)));
          desk.perform(Edits.printed(marks), () -> desk.say(written.words(folder)));
        });
  }

  /** Offers what programs that did not end well had open. */
  public void offer(List<Autosave.Left> left) {
    notices.offer(left, restore, this::discard);
  }

  private void discard(Autosave.Left left) {
    tasks.start(
        Texts.WINDOW.of("clearing-up"),
        () -> {
          Autosave.discard(left.folder());
          return left;
        },
        done -> {});
  }

  // == KEYS

  private void key(KeyEvent event) {
    if (event.isShortcutDown()) {
      shortcut(event);
      if (!event.isConsumed()
          && !(event.getTarget() instanceof TextInputControl)
          && surface().shortcut(event)) {
        event.consume();
      }
      return;
    }
    if (event.getTarget() instanceof TextInputControl || event.isAltDown()) {
      return;
    }
    Optional<Station> station = station(event);
    if (station.isPresent()) {
      desk.goTo(station.get());
      focusDrawing();
    } else if (!ofWindow(event)
        && !surface().key(event)
        && drawing().filter(it -> it.zoomed(event)).isEmpty()) {
      return;
    }
    event.consume();
  }

  /** Keys that mean the same whatever is shown. */
  private boolean ofWindow(KeyEvent event) {
    if (Key.COMMANDS.is(event)) {
      commands.show();
    } else if (Key.WHAT.is(event)) {
      what.turn();
    } else if (Key.RACK.is(event)) {
      rack.turn();
    } else if (Key.FIGURES.is(event)) {
      figures.turn();
    } else if (Key.FIT.is(event)) {
      drawing().ifPresent(MatView::refit);
    } else if (Key.SUMS.is(event)) {
      desk.sumsProperty().set(!desk.sumsProperty().get());
      focusDrawing();
    } else if (Key.UNITS.is(event)) {
      desk.unitsProperty()
          .set(event.isShiftDown() ? desk.units().finer() : desk.units().switched());
    } else if (Key.THEME.is(event)) {
      switchTheme.run();
    } else {
      return false;
    }
    return true;
  }

  private void shortcut(KeyEvent event) {
    if ((event.getCode() == KeyCode.Z && event.isShiftDown()) || event.getCode() == KeyCode.Y) {
      desk.redo();
      event.consume();
    } else if (event.getCode() == KeyCode.Z) {
      desk.undo();
      event.consume();
    }
  }

  private static Optional<Station> station(KeyEvent event) {
    for (Station station : Station.values()) {
      if (event.getText().equals(Integer.toString(station.number()))) {
        return Optional.of(station);
      }
    }
    return Optional.empty();
  }

  /** Stops what ticks, and gives up what is held. */
  public void stop() {
    minutes.stop();
    shelf.stop();
    files.close();
    templates.clear();
    desk.close();
  }
}

package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
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
import javafx.util.Duration;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.CommandList;
import stoutblade.desktop.shell.Fold;
import stoutblade.desktop.shell.NamesItem;
import stoutblade.desktop.shell.Notices;
import stoutblade.desktop.shell.Panes;
import stoutblade.desktop.shell.Rack;
import stoutblade.desktop.shell.Shelf;
import stoutblade.desktop.shell.Slip;
import stoutblade.desktop.shell.TapeView;
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
import stoutblade.edit.Edits;
import stoutblade.edit.PropEdits;
import stoutblade.edit.Repair;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.Exports;
import stoutblade.formats.OpenFiles;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.Saving;
import stoutblade.formats.Stamp;
import stoutblade.journal.Journal;
import stoutblade.measure.Units;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** The window's content: tape, rack, mat, slip and shelf, and what the files do. */
public final class Workbench {

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Pictures pictures;
  private final Meshes meshes;
  private final Dialogs dialogs;
  private final Opener opener;
  private final StationRequests requests;
  private final BorderPane root = new BorderPane();
  private final StackPane middle = new StackPane();
  private final CommandList commands;
  private Fold rack;
  private Fold figures;
  private final Notices notices;
  private Optional<SumsSurface> sums = Optional.empty();
  private final Map<Station, Surface> surfaces = new EnumMap<>(Station.class);
  private final Map<Station, Supplier<Surface>> makers = new EnumMap<>(Station.class);
  private final Timeline minutes;
  private final Shelf shelf;
  private final Runnable switchTheme;
  private final OpenFiles files;
  private final Consumer<Autosave.Left> restore;
  private Optional<OpenFiles.Claim> claim = Optional.empty();
  private Optional<Stamp> stamp = Optional.empty();

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
      Printer printer,
      Home home,
      Consumer<Autosave.Left> restore,
      Runnable switchTheme) {
    this.desk = desk;
    this.files = home.files();
    this.restore = restore;
    this.dialogs = dialogs;
    this.switchTheme = switchTheme;
    this.commands = new CommandList(desk, root);
    this.tasks = new BackgroundTasks(desk::say);
    this.pictures = new Pictures(tasks);
    this.meshes = new Meshes(desk, tasks);
    this.opener = new Opener(desk, tasks, pictures, this::sizeSurface);
    this.requests = new StationRequests(desk, dialogs, printer, opener, tasks, this::export);
    this.notices = new Notices(desk);
    this.shelf = new Shelf(desk, tasks, switchTheme, commands::show);
    this.minutes = new Timeline(new KeyFrame(Duration.minutes(1), event -> desk.derive()));
    makers.put(
        Station.SIZE,
        () -> new SizeSurface(desk, pictures, meshes, tasks, home.folder(), requests));
    makers.put(Station.DRAFT, () -> new DraftSurface(desk, pictures, meshes, tasks));
    makers.put(
        Station.LAYERS,
        () -> whole(Station.LAYERS, new LayersSurface(desk, tasks, meshes), new WholeLayers(desk)));
    makers.put(Station.CORE, () -> whole(Station.CORE, new CoreSurface(desk), new WholeCore(desk)));
    makers.put(Station.CUT, () -> new CutSurface(desk, requests));
    makers.put(Station.BUILD, () -> new BuildSurface(desk));
    makers.put(
        Station.FINISH,
        () -> whole(Station.FINISH, new FinishSurface(desk), new WholeFinish(desk)));
    makers.put(Station.LOG, () -> whole(Station.LOG, new LogSurface(desk), new WholeLog(desk)));
    assemble();
  }

  private void assemble() {
    root.getStyleClass().add(Style.BENCH);
    root.setTop(new TapeView(desk, bench()));
    rack = new Fold(new Rack(desk, this::takeIn), Fold.Side.LEFT, "Props and parts", "F2");
    root.setLeft(rack);
    root.setBottom(shelf);
    // What is said takes its room from the list of figures: it never lies over what is worked on.
    BorderPane beside = new BorderPane(new Slip(desk));
    beside.setBottom(notices);
    figures = new Fold(beside, Fold.Side.RIGHT, "Figures", "F3");
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
    middle.requestFocus();
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
    desk.besideProperty().set(List.of());
    Surface surface = surface();
    Panes.put(middle, surface.node());
    surface.show(desk.derived());
  }

  // == THE CASE OF THE TAPE: THE PROJECT AND ITS FILES

  private Node bench() {
    MenuButton bench = new MenuButton();
    bench.setId("bench");
    bench.getStyleClass().add("case");
    bench.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
    bench
        .getItems()
        .setAll(
            item("New project", KeyCode.N, this::startNew),
            item("Open a project…", KeyCode.O, this::openProject),
            item("Save", KeyCode.S, () -> save(() -> {})),
            item("Save as…", null, () -> saveAs(() -> {})),
            new SeparatorMenuItem(),
            item("The lantern walk", null, () -> demo(() -> {})),
            new SeparatorMenuItem(),
            new NamesItem(desk));
    desk.derivedProperty().addListener(it -> bench.setText(desk.project().name()));
    bench.setText(desk.project().name());
    return bench;
  }

  private static MenuItem item(String words, KeyCode key, Runnable action) {
    MenuItem item = new MenuItem(words);
    item.setOnAction(event -> action.run());
    if (key != null) {
      item.setAccelerator(new KeyCodeCombination(key, KeyCombination.SHORTCUT_DOWN));
    }
    return item;
  }

  /** Starts a new project, with the wearer, event and shelf of the one that is open. */
  public void startNew() {
    leaving(
        () -> {
          stand(new Document(NewProject.after(desk.project(), desk.now()), Map.of()), () -> {});
          desk.goTo(Station.SIZE);
        });
  }

  /** Asks for a project file and opens it. */
  public void openProject() {
    leaving(() -> dialogs.openProject().ifPresent(this::open));
  }

  /** Opens the demo, and then does something else. */
  public void demo(Runnable then) {
    LocalDateTime now = desk.now();
    leaving(
        () ->
            tasks.start(
                "Opening the demo", () -> Demo.open(now), document -> stand(document, then)));
  }

  /** Puts a document on the desk that lies in no file. */
  private void stand(Document document, Runnable then) {
    desk.open(
        document,
        Optional.empty(),
        () -> {
          claim(Optional.empty());
          stamp = Optional.empty();
          showPictures();
          then.run();
        },
        e -> repair("It", document, e));
  }

  /** A document as it was read, with what its file was like before. */
  private record Opened(Document document, Optional<Stamp> stamp) {}

  /** Opens a project file; until it is read whole and worked out, what is open stays. */
  public void open(Path file) {
    tasks.start(
        "Opening " + file.getFileName(),
        () -> {
          // First: what changes while it is read is noticed when it is saved.
          Optional<Stamp> before = Stamp.of(file);
          return new Opened(ProjectFile.read(file), before);
        },
        opened ->
            desk.open(
                opened.document,
                Optional.of(file),
                () -> {
                  stamp = opened.stamp;
                  claim(Optional.of(file));
                  showPictures();
                },
                e -> repair("'" + file.getFileName() + "'", opened.document, e)));
  }

  /** Asks for another project's file and takes one of its props in. */
  private void takeIn() {
    dialogs
        .openProject()
        .ifPresent(
            file ->
                tasks.start(
                    "Reading " + file.getFileName(),
                    () -> ProjectFile.read(file),
                    document -> {
                      List<Prop> props = document.project().props();
                      chosen(props).ifPresent(it -> takeIn(document, it));
                    }));
  }

  private Optional<Prop> chosen(List<Prop> props) {
    return props.size() == 1
        ? Optional.of(props.getFirst())
        : dialogs.choose("Which prop?", props.stream().map(Prop::name).toList()).map(props::get);
  }

  private void takeIn(Document from, Prop prop) {
    prop.size().digests().forEach(it -> desk.addFile(it, from.files().get(it)));
    desk.addProp(PropEdits.takeIn(from.project(), prop.id()), this::showPictures);
  }

  /** Says which file is open here, and tells where it is open in another window, too. */
  private void claim(Optional<Path> file) {
    claim.ifPresent(OpenFiles.Claim::close);
    claim = Optional.empty();
    if (file.isEmpty()) {
      return;
    }
    try {
      claim = files.claim(file.get());
      if (claim.isEmpty()) {
        desk.say(
            "'"
                + file.get().getFileName()
                + "' is open in another window, too. Before one writes over what the other has"
                + " saved, you will be asked.");
      }
    } catch (IOException e) {
      // Nothing can be written down on this machine: other windows cannot be known of.
      claim = Optional.empty();
    }
  }

  /** Puts on the desk what was autosaved; it counts as not saved. */
  void restored(Document document, Optional<Path> origin) {
    desk.open(
        document,
        origin,
        () -> {
          claim(origin);
          desk.unsaved();
          showPictures();
        },
        e -> repair("What was autosaved", document, e));
  }

  /** True where nothing was begun in this window. */
  boolean untouched() {
    return desk.fileProperty().get().isEmpty()
        && !desk.changedProperty().get()
        && desk.history().undoable().isEmpty();
  }

  /** Finds what must be taken out of a project that cannot be worked out, and offers that. */
  private void repair(String what, Document broken, RuntimeException why) {
    Reckoner own = new Reckoner(desk.catalogue(), desk.typeface());
    LocalDateTime now = desk.now();
    Units units = desk.units();
    tasks.start(
        "Looking for what is wrong",
        (BackgroundTasks.Work<Repair>)
            progress -> Repair.of(broken.project(), it -> own.derive(it, now, units), progress),
        repair ->
            notices.repair(
                what + " cannot be worked out as it is: " + why.getMessage(),
                repair,
                () -> stand(broken.with(repair.mended()), desk::unsaved)));
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

  /** Saves to the file that is known, or asks for one. */
  public void save(Runnable then) {
    Document document = desk.document();
    desk.fileProperty()
        .get()
        .ifPresentOrElse(
            file -> save(file, document, () -> Saving.again(file, document, stamp), then),
            () -> saveAs(then));
  }

  private void saveAs(Runnable then) {
    Document document = desk.document();
    dialogs.saveAs(desk.project().name()).ifPresent(chosen -> saveAs(chosen, document, then));
  }

  /** The dialog has asked about the name that was typed, but not about the one with its ending. */
  private void saveAs(Path chosen, Document document, Runnable then) {
    Path file = Saving.ended(chosen);
    boolean asked = file.equals(chosen);
    save(
        file,
        document,
        () -> asked ? Saving.asked(file, document) : Saving.anew(file, document),
        then);
  }

  private void save(Path file, Document document, Callable<Saving.Outcome> saving, Runnable then) {
    tasks.start(
        "Saving " + file.getFileName(),
        saving,
        outcome -> {
          switch (outcome) {
            case Saving.Written it -> written(it, document, then);
            case Saving.Refused it -> refused(it, document, then);
          }
        });
  }

  private void written(Saving.Written it, Document document, Runnable then) {
    stamp = it.stamp();
    boolean another = !desk.fileProperty().get().equals(Optional.of(it.file()));
    desk.saved(document.project(), it.file());
    if (another || claim.isEmpty()) {
      claim(Optional.of(it.file()));
    }
    then.run();
  }

  private void refused(Saving.Refused it, Document document, Runnable then) {
    String name = String.valueOf(it.file().getFileName());
    switch (dialogs.over(name, it.why())) {
      case WRITE_OVER -> save(it.file(), document, () -> Saving.anyway(it.file(), document), then);
      case KEEP_BOTH -> {
        Path beside = Saving.beside(it.file());
        save(beside, document, () -> Saving.anew(beside, document), then);
      }
      case CANCEL -> desk.say("Not saved.");
    }
  }

  /** Does something that would lose unsaved edits, after asking what to do with them. */
  public void leaving(Runnable then) {
    if (!desk.changedProperty().get()) {
      then.run();
      return;
    }
    switch (dialogs.leave()) {
      case SAVE -> save(then);
      case DISCARD -> then.run();
      case STAY -> {}
    }
  }

  // == EXPORTS

  /** Exports everything to a folder. */
  public void export(Path folder) {
    var derived = desk.derived();
    var units = desk.units();
    LocalDateTime now = desk.now();
    tasks.start(
        "Exporting",
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
        "Clearing up",
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
    if (event.getCode() == KeyCode.F1) {
      commands.show();
    } else if (event.getCode() == KeyCode.F2) {
      rack.turn();
    } else if (event.getCode() == KeyCode.F3) {
      figures.turn();
    } else if (event.getCode() == KeyCode.DIGIT0 || event.getCode() == KeyCode.NUMPAD0) {
      drawing().ifPresent(MatView::refit);
    } else if (station.isPresent()) {
      desk.goTo(station.get());
    } else if (event.getCode() == KeyCode.S) {
      desk.sumsProperty().set(!desk.sumsProperty().get());
      focusMat();
    } else if (event.getCode() == KeyCode.U) {
      desk.unitsProperty()
          .set(event.isShiftDown() ? desk.units().finer() : desk.units().switched());
    } else if (event.getCode() == KeyCode.L) {
      switchTheme.run();
    } else if (event.getCode() == KeyCode.E
        && !desk.sumsProperty().get()
        && desk.stationProperty().get() == Station.CUT
        && desk.derived().cuttable()) {
      requests.export();
    } else if (!surface().key(event) && drawing().filter(it -> it.zoomed(event)).isEmpty()) {
      return;
    }
    event.consume();
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
    claim(Optional.empty());
    desk.close();
  }
}

package stoutblade.desktop.station.size;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.shell.RunsUnder;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.formats.LinesFile;
import stoutblade.formats.ModelFile;
import stoutblade.project.Size;
import stoutblade.reference.Model;
import stoutblade.reference.Reference;
import stoutblade.trace.Flattened;

/** Size: a contact strip of the wearer, pictures and models, and below it what was chosen. */
public final class SizeSurface implements Surface {

  private final Desk desk;
  private final Requests requests;
  private final Meshes meshes;
  private final Strip strip;
  private final RunsUnder node;
  private final PictureDesk pictureDesk;
  private final ModelDesk modelDesk;
  private final FitDesk fitDesk;
  private final OutlineDesk outlineDesk;
  private final TraceDesk traceDesk;
  private final HoldUp holdUp;
  private String chosen = "";
  private boolean asked;
  private boolean holding;

  /** What the station asks of the workbench. */
  public interface Requests {

    /** Asks for a picture file and opens it. */
    void openPicture();

    /** Opens a picture file. */
    void openPicture(Path file);

    /** Opens a picture from the clipboard. */
    void pastePicture();

    /** Asks for a model file and opens it. */
    void openModel();

    /** Opens a model file. */
    void openModel(Path file);

    /** Asks for an SVG or DXF and opens it. */
    void openLines();

    /** Opens an SVG or DXF. */
    void openLines(Path file);

    /** Asks for a photograph of a paper on a marker sheet. */
    void openPaper();

    /** Opens the photograph of a paper that ships with the application. */
    void openSamplePaper();

    /** Prints the marker sheet. */
    void printMarkerSheet();

    /** Prints a strip as long as the prop. */
    void printStrip();

    /** Prints the outline alone. */
    void printOutline();
  }

  /**
   * The surface.
   *
   * @param home the folder in which this machine's screen measure is kept
   */
  public SizeSurface(
      Desk desk,
      Pictures pictures,
      Meshes meshes,
      BackgroundTasks tasks,
      Path home,
      Requests requests) {
    this.desk = desk;
    this.requests = requests;
    this.meshes = meshes;
    this.traceDesk = new TraceDesk(desk, pictures, tasks, this::lay, this::lay);
    this.pictureDesk = new PictureDesk(desk, pictures, traceDesk);
    this.modelDesk = new ModelDesk(desk, meshes);
    this.outlineDesk = new OutlineDesk(desk);
    this.holdUp = new HoldUp(desk, home, () -> hold(false));
    this.fitDesk = new FitDesk(desk, papers(), () -> hold(true));
    this.strip = new Strip(desk, pictures, meshes, this::choose);
    this.node = new RunsUnder(strip);
    meshes.whenChanged(
        () -> {
          if (node().getScene() != null) {
            show(desk.derived());
          }
        });
    pictures.setChanged(() -> show(desk.derived()));
    strip.offer(Key.PICTURE.on(Texts.SIZE.of("add-picture")), requests::openPicture);
    strip.offer(Texts.SIZE.of("picture-from-the-clipboard-ctrl"), requests::pastePicture);
    strip.offer(Texts.SIZE.of("add-model"), requests::openModel);
    strip.offer(Texts.SIZE.of("outline-svg-or-dxf"), requests::openLines);
    strip.offer(Texts.SIZE.of("paper-on-a-marker-sheet"), requests::openPaper);
    strip.offer(Texts.SIZE.of("print-a-marker-sheet"), requests::printMarkerSheet);
    strip.offer(Texts.SIZE.of("try-it-a-sample-paper"), requests::openSamplePaper);
    node.setFocusTraversable(true);
    node.setOnDragOver(this::over);
    node.setOnDragDropped(this::dropped);
  }

  private FitDesk.Papers papers() {
    return new FitDesk.Papers() {
      @Override
      public void strip() {
        requests.printStrip();
      }

      @Override
      public void outline() {
        requests.printOutline();
      }
    };
  }

  @Override
  public Node node() {
    return node;
  }

  private void choose(String id) {
    chosen = id;
    asked = true;
    holding = false;
    lay();
  }

  private void hold(boolean up) {
    holding = up;
    lay();
  }

  private void lay() {
    show(desk.derived());
  }

  /** Chooses the picture that was just added. */
  public void chooseLatestPicture() {
    List<Reference> all = desk.prop().size().references();
    if (!all.isEmpty()) {
      choose(all.getLast().id());
    }
  }

  /** Takes a model that was just read. */
  public void take(ModelFile file) {
    meshes.add(file);
    Size size = desk.prop().size();
    String id = Reference.next("s", size.models().stream().map(Model::id).toList());
    desk.addFile(file.digest(), file.file());
    desk.perform(SizeEdits.addModel(file.model(id)), () -> choose(id));
  }

  /** Takes outlines that were just read. */
  public void take(LinesFile file) {
    desk.perform(
        SizeEdits.addFile(file.name(), file.outlines(), file.toleranceMm(), file.work().scale()),
        () -> {
          desk.say(file.words());
          choose(desk.prop().size().tracings().getLast().id());
        });
  }

  /**
   * Takes a flattened paper to trace it.
   *
   * @param note how well it was flattened, in words
   */
  public void take(Flattened sheet, String name, String note) {
    traceDesk.paper(sheet, name, note);
  }

  @Override
  public void show(Derived derived) {
    settle(desk.prop().size());
    strip.show(chosen);
    Node wanted = wanted();
    if (node.shown() != wanted) {
      node.show(wanted);
      // The keys go to what is looked at now.
      node.requestFocus();
    }
  }

  /** Until something is chosen, or when it is gone, the first picture is looked at. */
  private void settle(Size size) {
    boolean there =
        chosen.equals(Strip.WEARER)
            || size.reference(chosen).isPresent()
            || size.model(chosen).isPresent()
            || size.tracing(chosen).isPresent();
    if (!there || !asked) {
      asked = false;
      chosen = size.references().stream().map(Reference::id).findFirst().orElse(Strip.WEARER);
    }
  }

  private Node wanted() {
    if (traceDesk.open() || holding || desk.prop().size().tracing(chosen).isPresent()) {
      desk.placelessProperty().set(List.of());
    }
    if (traceDesk.open()) {
      return traceDesk.node();
    }
    if (holding) {
      holdUp.show();
      return holdUp.node();
    }
    if (desk.prop().size().reference(chosen).isPresent()) {
      pictureDesk.show(chosen);
      return pictureDesk.node();
    }
    if (desk.prop().size().model(chosen).isPresent()) {
      modelDesk.show(chosen);
      return modelDesk.node();
    }
    if (desk.prop().size().tracing(chosen).isPresent()) {
      outlineDesk.show(chosen);
      return outlineDesk.node();
    }
    fitDesk.show();
    return fitDesk.node();
  }

  // == DRAGGING IN

  private void over(DragEvent event) {
    // Not what is dragged out of this window.
    if (event.getDragboard().hasFiles() && event.getGestureSource() == null) {
      event.acceptTransferModes(TransferMode.COPY);
    }
    event.consume();
  }

  private void dropped(DragEvent event) {
    for (File file : event.getDragboard().getFiles()) {
      drop(file.toPath());
    }
    event.setDropCompleted(true);
    event.consume();
  }

  /** Opens a file by its ending: a model, an outline, else a picture. */
  public void drop(Path file) {
    String name = file.toString().toLowerCase(Locale.ROOT);
    if (ModelFile.ENDINGS.stream().anyMatch(name::endsWith)) {
      requests.openModel(file);
    } else if (LinesFile.ENDINGS.stream().anyMatch(name::endsWith)) {
      requests.openLines(file);
    } else {
      requests.openPicture(file);
    }
  }

  // == KEYS

  @Override
  public boolean key(KeyEvent event) {
    if (traceDesk.open()) {
      return traceDesk.key(event);
    }
    if (holding) {
      return holdUp.key(event);
    }
    if (Key.PICTURE.is(event)) {
      requests.openPicture();
    } else if (Key.PREVIOUS.is(event)) {
      step(-1);
    } else if (Key.NEXT.is(event)) {
      step(1);
    } else {
      return chosenKey(event);
    }
    return true;
  }

  private boolean chosenKey(KeyEvent event) {
    Optional<Reference> picture = desk.prop().size().reference(chosen);
    return picture.isPresent()
        ? pictureDesk.key(event)
        : desk.prop().size().model(chosen).isPresent() && modelDesk.key(event);
  }

  /** Moves along the strip. */
  private void step(int by) {
    List<String> ids = strip.ids();
    choose(ids.get(Math.floorMod(ids.indexOf(chosen) + by, ids.size())));
  }

  @Override
  public boolean shortcut(KeyEvent event) {
    if (event.getCode() == KeyCode.V) {
      requests.pastePicture();
      return true;
    }
    return false;
  }
}

package stoutblade.desktop;

import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceDialog;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import stoutblade.desktop.print.PrintDialog;
import stoutblade.desktop.print.Printer;
import stoutblade.desktop.print.Printing;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.Saving;

/** The dialogs of the system that the application runs on. */
final class SystemDialogs implements Dialogs {

  private final Window window;

  SystemDialogs(Window window) {
    this.window = window;
  }

  @Override
  public Optional<Path> openPicture() {
    return open(
        Texts.WINDOW.of("open-a-picture"),
        Texts.WINDOW.of("pictures"),
        List.of("png", "jpg", "jpeg", "webp", "tif", "tiff", "gif", "bmp"));
  }

  @Override
  public Optional<Path> openModel() {
    return open(
        Texts.WINDOW.of("open-a-model"),
        Texts.WINDOW.of("3d-models"),
        List.of("obj", "stl", "3mf", "ply", "gltf", "glb"));
  }

  @Override
  public Optional<Path> openLines() {
    return open(
        Texts.WINDOW.of("open-an-outline"), Texts.WINDOW.of("outlines"), List.of("svg", "dxf"));
  }

  private Optional<Path> open(String title, String kind, List<String> endings) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    List<String> patterns = new ArrayList<>();
    for (String ending : endings) {
      patterns.add("*." + ending);
      patterns.add("*." + ending.toUpperCase(Locale.ROOT));
    }
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, patterns));
    return path(chooser.showOpenDialog(window));
  }

  @Override
  public Optional<Path> openProject() {
    return path(projects(Texts.WINDOW.of("open-a-project")).showOpenDialog(window));
  }

  @Override
  public Optional<Path> saveAs(String proposed) {
    FileChooser chooser = projects(Texts.WINDOW.of("save-the-project"));
    chooser.setInitialFileName(proposed + ProjectFile.ENDING);
    return path(chooser.showSaveDialog(window));
  }

  private static FileChooser projects(String title) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle(title);
    chooser
        .getExtensionFilters()
        .add(
            new FileChooser.ExtensionFilter(
                Texts.WINDOW.of("stout-blade-projects"), "*" + ProjectFile.ENDING));
    return chooser;
  }

  @Override
  public Optional<Integer> choose(String question, List<String> among) {
    ChoiceDialog<String> dialog = new ChoiceDialog<>(among.getFirst(), among);
    dialog.initOwner(window);
    dialog.setHeaderText(WrappedText.safe(question));
    dialog.setGraphic(null);
    return dialog.showAndWait().map(among::indexOf);
  }

  @Override
  public Optional<Printing.Order> print(Printing what, List<Printer> printers) {
    return new PrintDialog(window, what, printers).showAndWait();
  }

  @Override
  public Optional<Path> exportFolder() {
    DirectoryChooser chooser = new DirectoryChooser();
    chooser.setTitle(Texts.WINDOW.of("export-to-a-folder"));
    return path(chooser.showDialog(window));
  }

  private static Optional<Path> path(File chosen) {
    return Optional.ofNullable(chosen).map(File::toPath);
  }

  @Override
  public Leave leave() {
    ButtonType save = new ButtonType(Texts.WINDOW.of("save"));
    ButtonType discard = new ButtonType(Texts.WINDOW.of("dont-save"));
    ButtonType stay = new ButtonType(Texts.WINDOW.of("cancel"));
    ButtonType answer =
        ask(
            Texts.WINDOW.of("save-first"),
            Texts.WINDOW.of("there-are-edits-that-are"),
            stay,
            save,
            discard,
            stay);
    return answer == save ? Leave.SAVE : answer == discard ? Leave.DISCARD : Leave.STAY;
  }

  @Override
  public Over over(String file, Saving.Objection why) {
    ButtonType over = new ButtonType(Texts.WINDOW.of("write-over-it"));
    ButtonType both = new ButtonType(Texts.WINDOW.of("keep-both"));
    ButtonType cancel = new ButtonType(Texts.WINDOW.of("cancel"));
    ButtonType answer =
        ask(
            "'" + file + "' " + why.words(),
            Texts.WINDOW.of("write-over-it-or-keep"),
            cancel,
            both,
            over,
            cancel);
    return answer == over ? Over.WRITE_OVER : answer == both ? Over.KEEP_BOTH : Over.CANCEL;
  }

  private ButtonType ask(String title, String words, ButtonType none, ButtonType... answers) {
    Alert alert = new Alert(Alert.AlertType.CONFIRMATION, WrappedText.safe(words), answers);
    alert.initOwner(window);
    alert.setHeaderText(WrappedText.safe(title));
    return alert.showAndWait().orElse(none);
  }
}

package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.SizeEdits;
import stoutblade.measure.Stated;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.reference.Reference;

/** What is said of how a picture was taken. */
final class CameraTray {

  /** How well people tell how high a lens was, in mm: about a hand's width. */
  private static final double HEIGHT_STD_MM = 50;

  /** How well a focal length is known that is read off a lens or a file. */
  private static final double FOCAL_SHARE = 0.02;

  private final Desk desk;
  private final PictureModel model;
  private final ComboBox<Camera.Kind> kind = new ComboBox<>();
  private final EntryField height;
  private final EntryField focal;
  private final Button forget = new Button(Texts.SIZE.of("forget-both"));
  private final Tray tray = new Tray();
  private boolean showing;

  /**
   * A tray.
   *
   * @param closed told when it is put away
   */
  CameraTray(Desk desk, PictureModel model, Runnable closed) {
    this.desk = desk;
    this.model = model;
    kind.setId("camera-kind");
    kind.setPrefWidth(140);
    tray.setHgap(6);
    kind.getItems().setAll(Camera.Kind.values());
    kind.setConverter(Choices.named(CameraTray::words));
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            Camera.Kind chosen = kind.getValue();
            change(Texts.SIZE.of("how-the-picture-was-taken"), it -> it.with(chosen));
          }
        });
    height =
        EntryField.length(
            desk,
            mm ->
                change(
                    Texts.SIZE.of("how-high-the-lens-was"),
                    it -> it.withHeight(Optional.of(new Stated(mm, HEIGHT_STD_MM)))));
    focal =
        EntryField.number(
            desk,
            "mm",
            () -> Texts.SIZE.of("a-focal-length-as-on"),
            mm ->
                change(
                    Texts.SIZE.of("focal-length"),
                    it -> it.withFocal(Optional.of(new Stated(mm, mm * FOCAL_SHARE)))));
    height.setPrefColumnCount(6);
    focal.setPrefColumnCount(6);
    height.setId("camera-height");
    focal.setId("camera-focal");
    forget.setId("camera-forget");
    forget.setOnAction(
        event ->
            change(
                Texts.SIZE.of("forget-horizon-and-uprights"),
                it -> it.withHorizon(Optional.empty()).withUprights(List.of())));
    Button line = new Button(Texts.SIZE.of("horizon"));
    line.setId("camera-horizon");
    line.setOnAction(event -> model.toolProperty().set(Tool.HORIZON));
    Button edge = new Button(Texts.SIZE.of("upright-edge"));
    edge.setId("camera-upright");
    edge.setOnAction(event -> model.toolProperty().set(Tool.UPRIGHT));
    Button close = new Button(Texts.SIZE.of("done"));
    close.setOnAction(event -> closed.run());
    tray.with(Texts.SIZE.of("it-is"), kind)
        .with(Texts.SIZE.of("lens-over-the-feet"), height)
        .with(Texts.SIZE.of("focal-length-on-film"), focal)
        .with(Texts.SIZE.of("mark-on-the-picture"), line)
        .with(" ", edge)
        .with(" ", forget)
        .with(" ", close);
  }

  Tray node() {
    return tray;
  }

  private static String words(Camera.Kind kind) {
    return switch (kind) {
      case UNKNOWN -> Texts.SIZE.of("not-said");
      case PHOTO -> Texts.SIZE.of("a-photo");
      case FLAT -> Texts.SIZE.of("drawn-or-scanned");
    };
  }

  private boolean change(String name, UnaryOperator<Camera> change) {
    return model
        .reference()
        .map(Reference::id)
        .map(id -> desk.attempt(() -> SizeEdits.camera(id, name, change)))
        .orElse(false);
  }

  /** The edit that a line marked on the picture makes. */
  Change marked(Tool tool, Mark mark) {
    String id = model.reference().map(Reference::id).orElse("");
    return tool == Tool.HORIZON
        ? SizeEdits.camera(
            id, Texts.SIZE.of("mark-the-horizon"), it -> it.withHorizon(Optional.of(mark)))
        : SizeEdits.camera(
            id, Texts.SIZE.of("mark-an-upright-edge"), it -> it.withUprights(and(it, mark)));
  }

  private static List<Mark> and(Camera camera, Mark mark) {
    List<Mark> all = new ArrayList<>(camera.uprights());
    all.add(mark);
    return all;
  }

  void show(Camera camera) {
    showing = true;
    kind.setValue(camera.kind());
    camera.height().ifPresentOrElse(it -> height.show(it.value()), height::showNothing);
    camera.focal().ifPresentOrElse(it -> focal.show(it.value()), focal::showNothing);
    boolean flat = camera.kind() == Camera.Kind.FLAT;
    height.setDisable(flat);
    focal.setDisable(flat);
    forget.setDisable(camera.horizon().isEmpty() && camera.uprights().isEmpty());
    showing = false;
  }
}

package stoutblade.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseEvent;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import stoutblade.demo.Demo;
import stoutblade.derive.Derived;
import stoutblade.desktop.mat.MatPointer;
import stoutblade.desktop.mat.MatView;
import stoutblade.edit.Edits;
import stoutblade.formats.Exports;
import stoutblade.measure.Units;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/**
 * Visits every station, writes a picture of each, of a finding with a working and of the dark look,
 * and the exports to a folder, and ends.
 */
final class Walk {

  private static final Duration SETTLE = Duration.millis(500);

  private final Workbench bench;
  private final Scene scene;
  private final Path folder;
  private final Deque<Shot> ahead = new ArrayDeque<>();

  /** A picture to take: its name, empty for a step on the way, and what leads to it. */
  private record Shot(String name, Runnable lead) {}

  Walk(Workbench bench, Scene scene, Path folder) {
    this.bench = bench;
    this.scene = scene;
    this.folder = folder;
    for (Station station : Station.values()) {
      ahead.add(
          new Shot(
              station.number() + "-" + station.title().toLowerCase(Locale.ROOT),
              () -> bench.desk().goTo(station)));
    }
    ahead.add(new Shot("1-size-aslant", () -> card("p2")));
    ahead.add(new Shot("1-size-wearer", () -> card("wearer")));
    ahead.add(new Shot("1-size-paper", bench::openSamplePaper));
    ahead.add(new Shot("9-sums", () -> sum("dish")));
    ahead.add(new Shot("2-draft-together", () -> draft(Demo.TIDEGATE, Desk.PROP)));
    ahead.add(new Shot("2-draft-plate", () -> draft(Demo.TIDEGATE, "d1")));
    ahead.add(new Shot("", () -> layers(Demo.BELL, "d9")));
    ahead.add(new Shot("3-layers-apart", () -> toggle("view-apart")));
    ahead.add(new Shot("", () -> draft(Prop.FIRST, Desk.MODEL + "s2")));
    ahead.add(new Shot("", () -> pressOn("#patch-mat", new Point(0, 100))));
    for (String press : List.of("patch-propose", "patch-flat")) {
      ahead.add(new Shot("", () -> press(press)));
    }
    ahead.add(new Shot("2-draft-faces", () -> {}));
    ahead.add(new Shot("", () -> bench.desk().goTo(Station.CUT)));
    ahead.add(new Shot("5-cut-sheets", () -> toggle("view-sheets")));
    ahead.add(new Shot("5-cut-machine", () -> toggle("view-machine")));
    ahead.add(new Shot("9-working", this::tooFat));
    ahead.add(new Shot("", this::slices));
    ahead.add(new Shot("", () -> press("slice-it")));
    ahead.add(new Shot("10-dark", this::inchesInTheDark));
  }

  /** What lies on the contact strip of the Size station. */
  private void card(String id) {
    bench.desk().goTo(Station.SIZE);
    scene.getRoot().applyCss();
    if (scene.lookup("#card-" + id) instanceof Button card) {
      card.fire();
    }
  }

  /** Something at Draft of one of the demo's props. */
  private void draft(String propId, String looked) {
    bench
        .files()
        .demo(
            () -> {
              bench.desk().goToProp(propId);
              bench.desk().goTo(Station.DRAFT);
              bench.desk().partProperty().set(looked);
            });
  }

  /** Something at Layers of one of the demo's props. */
  private void layers(String propId, String looked) {
    bench
        .files()
        .demo(
            () -> {
              bench.desk().goToProp(propId);
              bench.desk().goTo(Station.LAYERS);
              bench.desk().goToPart(looked);
            });
  }

  private void toggle(String id) {
    scene.getRoot().applyCss();
    if (scene.lookup("#" + id) instanceof ToggleButton button) {
      button.fire();
    }
  }

  private void pressOn(String mat, Point place) {
    if (scene.lookup(mat) instanceof MatView view) {
      MatPointer.fire(view, MouseEvent.MOUSE_PRESSED, place);
    }
  }

  private void press(String id) {
    scene.getRoot().applyCss();
    if (scene.lookup("#" + id) instanceof Button button) {
      button.fire();
    }
  }

  /** A bench sum. */
  private void sum(String key) {
    bench.desk().sumsProperty().set(true);
    scene.getRoot().applyCss();
    if (scene.lookup("#sum-" + key) instanceof Button tile) {
      tile.fire();
    }
  }

  /** A pipe too fat for the layers: what is wrong, and the working of a figure. */
  private void tooFat() {
    Desk desk = bench.desk();
    desk.goTo(Station.CORE);
    desk.goToPart(Demo.LEAF);
    desk.looked()
        .ifPresent(
            it ->
                it.part()
                    .core()
                    .ifPresent(core -> desk.perform(Edits.rod(it.id(), "pvc-1-2", core))));
    press("figure-" + Style.nodeId(Prop.FIRST + "/" + Demo.LEAF + "/core.mass"));
  }

  private void slices() {
    bench.desk().undo();
    bench.desk().goToSlices("s2");
  }

  private void inchesInTheDark() {
    Desk desk = bench.desk();
    desk.unitsProperty().set(desk.units().switched());
    Theme.dress(scene, true);
  }

  void start() {
    next();
  }

  private void next() {
    if (ahead.isEmpty()) {
      finish();
      return;
    }
    Shot shot = ahead.removeFirst();
    shot.lead.run();
    settled(
        () -> {
          try {
            if (!shot.name.isEmpty()) {
              write(shot.name);
            }
          } catch (IOException e) {
            fail(e);
            return;
          }
          Platform.runLater(this::next);
        });
  }

  /** Waits until long work is done, all is worked out, and the window has been laid out. */
  private void settled(Runnable then) {
    PauseTransition pause = new PauseTransition(SETTLE);
    pause.setOnFinished(
        event -> {
          if (bench.tasks().running().isEmpty() && !bench.desk().busy()) {
            then.run();
          } else {
            settled(then);
          }
        });
    pause.play();
  }

  private void write(String name) throws IOException {
    Files.createDirectories(folder);
    WritableImage shot = scene.snapshot(null);
    int width = (int) shot.getWidth();
    int height = (int) shot.getHeight();
    int[] pixels = new int[width * height];
    shot.getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, width, height, pixels, 0, width);
    Path file = folder.resolve(name + ".png");
    ImageIO.write(image, "png", file.toFile());
    System.out.println(file);
  }

  private void finish() {
    try {
      Desk desk = bench.desk();
      desk.unitsProperty().set(Units.METRIC);
      export("exports", desk.derived());
    } catch (IOException e) {
      fail(e);
      return;
    }
    Platform.exit();
  }

  private void export(String to, Derived derived) throws IOException {
    Desk desk = bench.desk();
    Exports.Written written =
        Exports.write(folder.resolve(to), derived, desk.units(), desk.now(), it -> {});
    written.files().forEach(System.out::println);
    written.leftOut().forEach(System.err::println);
  }

  private static void fail(IOException e) {
    System.err.println("The walk ended early: " + e.getMessage());
    System.exit(1);
  }
}

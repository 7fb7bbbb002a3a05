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
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import stoutblade.formats.Exports;
import stoutblade.project.Station;

/** Visits every station, writes a picture of each and the exports to a folder, and ends. */
final class Walk {

  private static final Duration SETTLE = Duration.millis(500);

  private final Workbench bench;
  private final Scene scene;
  private final Path folder;
  private final Deque<Station> ahead = new ArrayDeque<>(List.of(Station.values()));

  Walk(Workbench bench, Scene scene, Path folder) {
    this.bench = bench;
    this.scene = scene;
    this.folder = folder;
  }

  void start() {
    next();
  }

  private void next() {
    if (ahead.isEmpty()) {
      finish();
      return;
    }
    Station station = ahead.removeFirst();
    bench.desk().stationProperty().set(station);
    settled(
        () -> {
          try {
            write(station);
          } catch (IOException e) {
            fail(e);
            return;
          }
          Platform.runLater(this::next);
        });
  }

  /** Waits until long work is done and the window has been laid out. */
  private void settled(Runnable then) {
    PauseTransition pause = new PauseTransition(SETTLE);
    pause.setOnFinished(
        event -> {
          if (bench.chores().running().isEmpty()) {
            then.run();
          } else {
            settled(then);
          }
        });
    pause.play();
  }

  private void write(Station station) throws IOException {
    Files.createDirectories(folder);
    WritableImage shot = scene.snapshot(null);
    int width = (int) shot.getWidth();
    int height = (int) shot.getHeight();
    int[] pixels = new int[width * height];
    shot.getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, width, height, pixels, 0, width);
    Path file =
        folder.resolve(station.number() + "-" + station.title().toLowerCase(Locale.ROOT) + ".png");
    ImageIO.write(image, "png", file.toFile());
    System.out.println(file);
  }

  private void finish() {
    try {
      Desk desk = bench.desk();
      Exports.write(folder.resolve("exports"), desk.derived(), desk.units(), desk.now(), it -> {})
          .forEach(System.out::println);
    } catch (IOException e) {
      fail(e);
      return;
    }
    Platform.exit();
  }

  private static void fail(IOException e) {
    System.err.println("The walk ended early: " + e.getMessage());
    System.exit(1);
  }
}

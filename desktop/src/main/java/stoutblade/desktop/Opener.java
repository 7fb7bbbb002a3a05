package stoutblade.desktop;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.Clipboard;
import javax.imageio.ImageIO;
import stoutblade.demo.Demo;
import stoutblade.desktop.station.size.SizeSurface;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.SizeEdits;
import stoutblade.formats.LinesFile;
import stoutblade.formats.ModelFile;
import stoutblade.formats.PictureFile;
import stoutblade.formats.SheetReader;
import stoutblade.reference.Reference;
import stoutblade.trace.Flattened;
import stoutblade.trace.Pixels;

/** Brings pictures, models and papers from outside into the project, off the window's thread. */
final class Opener {

  private static final int LONGEST_NAME = 40;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Pictures pictures;
  private final Supplier<SizeSurface> size;

  /**
   * An opener.
   *
   * @param size the surface that shows what was opened
   */
  Opener(Desk desk, BackgroundTasks tasks, Pictures pictures, Supplier<SizeSurface> size) {
    this.desk = desk;
    this.tasks = tasks;
    this.pictures = pictures;
    this.size = size;
  }

  /** A picture file with its pixels for the screen. */
  private record Opened(PictureFile file, Pictures.Levels levels) {

    static Opened of(PictureFile read) {
      return new Opened(read, Pictures.levels(Pictures.pixels(read.image())));
    }
  }

  void picture(Path file) {
    tasks.start(
        Texts.WINDOW.of("opening-file", file.getFileName()),
        () -> Opened.of(PictureFile.read(file)),
        opened -> add(opened, named(file)));
  }

  private static String named(Path file) {
    String name = String.valueOf(file.getFileName()).replaceAll("\\.[A-Za-z0-9]+$", "").strip();
    return name.isEmpty()
        ? Texts.WINDOW.of("picture")
        : name.substring(0, Math.min(LONGEST_NAME, name.length()));
  }

  private void add(Opened opened, String name) {
    String digest = opened.file.picture().digest();
    pictures.add(digest, opened.levels);
    desk.addFile(digest, opened.file.file());
    List<String> taken = desk.prop().size().references().stream().map(Reference::id).toList();
    String id = Reference.next("p", taken);
    desk.perform(
        SizeEdits.addPicture(
            Reference.of(id, name, opened.file.picture()).with(opened.file.camera())),
        () -> size.get().chooseLatestPicture());
  }

  /** A picture from the clipboard, kept as PNG. */
  void paste() {
    Clipboard clipboard = Clipboard.getSystemClipboard();
    if (clipboard.hasFiles() && !clipboard.getFiles().isEmpty()) {
      size.get().drop(clipboard.getFiles().getFirst().toPath());
      return;
    }
    Image image = clipboard.getImage();
    if (image == null) {
      desk.say(Texts.WINDOW.of("there-is-no-picture-on"));
      return;
    }
    take(image);
  }

  /** Takes a picture that is on no disk. */
  void take(Image image) {
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    int[] argb = new int[width * height];
    image
        .getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), argb, 0, width);
    tasks.start(
        Texts.WINDOW.of("taking-the-picture"),
        () -> Opened.of(PictureFile.read("clipboard.png", png(width, height, argb))),
        opened -> add(opened, Texts.WINDOW.of("from-the-clipboard")));
  }

  private static byte[] png(int width, int height, int[] argb) throws IOException {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(0, 0, width, height, argb, 0, width);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(image, "png", out);
    return out.toByteArray();
  }

  void model(Path file) {
    tasks.start(
        Texts.WINDOW.of("reading-file", file.getFileName()),
        progress -> ModelFile.read(file, progress),
        read -> size.get().take(read));
  }

  void lines(Path file) {
    tasks.start(
        Texts.WINDOW.of("reading-file", file.getFileName()),
        () -> LinesFile.read(file),
        read -> size.get().take(read));
  }

  void paper(Path file) {
    paper(named(file), () -> PictureFile.read(file));
  }

  /** The photograph of a paper that ships with the application. */
  void samplePaper() {
    paper(
        Texts.WINDOW.of("sample-leaf"),
        () -> {
          try (InputStream in = Demo.class.getResourceAsStream(Demo.PATTERN)) {
            return PictureFile.read(Demo.PATTERN, in.readAllBytes());
          }
        });
  }

  private void paper(String name, Callable<PictureFile> reading) {
    tasks.start(
        Texts.WINDOW.of("finding-the-markers"),
        progress -> {
          PictureFile read = reading.call();
          progress.accept(0.2);
          Pixels pixels = Pictures.pixels(read.image());
          SheetReader sheet = SheetReader.read(read.picture().name(), pixels);
          return new Sheet(sheet, sheet.field(pixels, progress));
        },
        sheet ->
            size.get()
                .take(
                    sheet.field,
                    name,
                    ". "
                        + Texts.WINDOW.of(
                            "markers-miss-their-places-by",
                            sheet.reader.found(),
                            stoutblade.measure.Display.decimal(sheet.reader.missMm(), 2))));
  }

  private record Sheet(SheetReader reader, Flattened field) {}
}

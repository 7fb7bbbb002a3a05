package stoutblade.formats;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import stoutblade.measure.Stated;
import stoutblade.reference.Camera;
import stoutblade.reference.Picture;

/**
 * A reference picture: PNG, JPEG, WebP, TIFF, GIF or BMP, turned upright by its EXIF orientation.
 *
 * @param picture digest, name and upright size
 * @param file the bytes of the file
 * @param image the upright pixels
 */
@SuppressWarnings("ArrayRecordComponent") // megabytes: passed on, never compared or changed
public record PictureFile(Picture picture, byte[] file, BufferedImage image) {

  /** The most bytes of a picture file. */
  public static final int LARGEST_FILE = 64 * 1024 * 1024;

  /** The most pixels of a picture. */
  public static final long MOST_PIXELS = 60_000_000;

  private static final double FOCAL_SHARE = 0.03;

  private static final Set<String> KINDS =
      Set.of("png", "jpeg", "webp", "tiff", "tif", "gif", "bmp");

  /**
   * Reads a picture file.
   *
   * @throws FormatException if it is not a picture of a size that is taken
   */
  public static PictureFile read(Path file) throws IOException {
    String name = String.valueOf(file.getFileName());
    return read(name, Inside.bytes(name, file, LARGEST_FILE));
  }

  /**
   * How it was taken, as far as the file says: a camera writes its focal length, which is taken to
   * be right to 3 % (our assumption: it is rounded to a whole millimetre).
   */
  public Camera camera() {
    return Exif.focalMm(file)
        .map(mm -> Camera.UNKNOWN.withFocal(Optional.of(new Stated(mm, mm * FOCAL_SHARE))))
        .orElse(Camera.UNKNOWN);
  }

  /**
   * Reads a picture from the bytes of its file.
   *
   * @throws FormatException if they are not a picture of a size that is taken
   */
  public static PictureFile read(String name, byte[] file) throws IOException {
    BufferedImage upright = upright(decode(name, file), Exif.orientation(file));
    Picture picture = new Picture(digest(file), name, upright.getWidth(), upright.getHeight());
    return new PictureFile(picture, file, upright);
  }

  /**
   * What a picture is, without decoding its pixels.
   *
   * @throws FormatException if the bytes are not a picture of a size that is taken
   */
  public static Picture look(String name, byte[] file) throws IOException {
    int[] size = reading(name, file, reader -> new int[] {reader.getWidth(0), reader.getHeight(0)});
    boolean sideways = Exif.orientation(file) >= 5;
    return new Picture(digest(file), name, size[sideways ? 1 : 0], size[sideways ? 0 : 1]);
  }

  private static BufferedImage decode(String name, byte[] file) throws IOException {
    return reading(name, file, reader -> whole(name, reader));
  }

  /** What is done with a reader that is set on a file of a kind and size that is taken. */
  private interface Reading<T> {
    T of(ImageReader reader) throws IOException;
  }

  private static <T> T reading(String name, byte[] file, Reading<T> reading) throws IOException {
    WebpFrame.check(name, file);
    try (ImageInputStream in = new BoundedInput(file)) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new FormatException(
            name,
            FileKind.of(file)
                .map(FileKind::words)
                .orElse("not a picture: PNG, JPEG, WebP, TIFF, GIF or BMP was expected"));
      }
      ImageReader reader = readers.next();
      try {
        String kind = reader.getFormatName().toLowerCase(Locale.ROOT);
        if (!KINDS.contains(kind)) {
          throw new FormatException(
              name, "PNG, JPEG, WebP, TIFF, GIF or BMP was expected; found " + kind);
        }
        reader.setInput(in, true, true);
        checkSize(name, reader.getWidth(0), reader.getHeight(0));
        return reading.of(reader);
      } finally {
        reader.dispose();
      }
    } catch (FormatException e) {
      throw e;
    } catch (InterruptedIOException e) {
      throw new CancellationException("The reading of " + name + " was stopped");
    } catch (IOException | RuntimeException e) {
      // Damaged pictures make the decoder throw all kinds of exceptions.
      throw new FormatException(name, "damaged: the picture ends early or is broken", e);
    }
  }

  /** The decoder fills up a JPEG that ends early and only warns of it: that is no whole picture. */
  private static BufferedImage whole(String name, ImageReader reader) throws IOException {
    List<String> warnings = new ArrayList<>();
    reader.addIIOReadWarningListener((source, warning) -> warnings.add(warning));
    BufferedImage image = reader.read(0);
    if (warnings.stream().anyMatch(it -> it.contains("EOI"))) {
      throw new FormatException(name, "damaged: the picture ends early");
    }
    return image;
  }

  /**
   * Refuses sizes that no picture has.
   *
   * @throws FormatException if there are too many pixels, or none
   */
  static void checkSize(String name, long width, long height) throws FormatException {
    if (width < 1 || height < 1) {
      throw new FormatException(name, "damaged: it says that it has no pixels");
    }
    if (width * height > MOST_PIXELS) {
      throw new FormatException(
          name,
          width
              + " × "
              + height
              + " pixels are more than the 60 million that are taken; make it"
              + " smaller first");
    }
  }

  /** Turns a picture by its EXIF orientation, 1 to 8 (CIPA DC-008, from memory). */
  static BufferedImage upright(BufferedImage image, int orientation) {
    int w = image.getWidth();
    int h = image.getHeight();
    AffineTransform turn =
        switch (orientation) {
          case 2 -> new AffineTransform(-1, 0, 0, 1, w, 0);
          case 3 -> new AffineTransform(-1, 0, 0, -1, w, h);
          case 4 -> new AffineTransform(1, 0, 0, -1, 0, h);
          case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
          case 6 -> new AffineTransform(0, 1, -1, 0, h, 0);
          case 7 -> new AffineTransform(0, -1, -1, 0, h, w);
          case 8 -> new AffineTransform(0, -1, 1, 0, 0, w);
          default -> new AffineTransform();
        };
    boolean sideways = orientation >= 5 && orientation <= 8;
    BufferedImage upright =
        new BufferedImage(sideways ? h : w, sideways ? w : h, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = upright.createGraphics();
    // What is clear lies on white, as on paper.
    graphics.setColor(Color.WHITE);
    graphics.fillRect(0, 0, upright.getWidth(), upright.getHeight());
    graphics.drawImage(image, turn, null);
    graphics.dispose();
    return upright;
  }

  /** SHA-256 as lower-case hexadecimal digits. */
  static String digest(byte[] bytes) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}

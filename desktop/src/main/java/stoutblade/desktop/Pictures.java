package stoutblade.desktop;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import stoutblade.formats.Document;
import stoutblade.formats.PictureFile;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;

/**
 * The decoded pictures of what is open, by digest, each also at a half and a quarter of its size: a
 * picture shown small is drawn from a small one, which is quicker and does not flicker.
 */
public final class Pictures {

  private static final int SMALLEST = 4;

  private final Map<String, Levels> pictures = new HashMap<>();

  /**
   * A picture at several sizes.
   *
   * @param images the picture at its own size, half of it, and so on
   */
  public record Levels(List<Image> images) {}

  /**
   * An image to draw.
   *
   * @param image the pixels
   * @param pixels how many pixels of the picture one of its own stands for
   */
  public record Shown(Image image, double pixels) {}

  /**
   * The image to draw for a picture, once it is decoded.
   *
   * @param zoom screen pixels for a pixel of the picture
   */
  public Optional<Shown> of(Picture picture, double zoom) {
    return Optional.ofNullable(pictures.get(picture.digest())).map(it -> level(it, zoom));
  }

  private static Shown level(Levels levels, double zoom) {
    int index = 0;
    double pixels = 1;
    while (index + 1 < levels.images.size() && zoom * pixels * 2 <= 1) {
      index++;
      pixels *= 2;
    }
    return new Shown(levels.images.get(index), pixels);
  }

  /** Adds decoded pixels. */
  public void add(String digest, Levels levels) {
    pictures.put(digest, levels);
  }

  /** Decodes the pictures that a document refers to; may be called on any thread. */
  public static Map<String, Levels> decode(Document document) throws IOException {
    Map<String, Levels> decoded = new HashMap<>();
    Optional<Picture> picture = document.project().reference().map(Reference::picture);
    if (picture.isPresent()) {
      byte[] file = document.pictures().get(picture.get().digest());
      PictureFile read = PictureFile.read(picture.get().name(), file);
      decoded.put(picture.get().digest(), levels(read.image()));
    }
    return decoded;
  }

  /** The pixels for the screen at several sizes; may be called on any thread. */
  public static Levels levels(BufferedImage from) {
    List<Image> images = new ArrayList<>();
    BufferedImage level = from;
    for (int size = 1; size <= SMALLEST; size *= 2) {
      images.add(image(level));
      level = half(level);
    }
    return new Levels(List.copyOf(images));
  }

  private static BufferedImage half(BufferedImage from) {
    int width = Math.max(1, (from.getWidth() + 1) / 2);
    int height = Math.max(1, (from.getHeight() + 1) / 2);
    BufferedImage half = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = half.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.scale(0.5, 0.5);
    graphics.drawImage(from, 0, 0, null);
    graphics.dispose();
    return half;
  }

  private static Image image(BufferedImage from) {
    int width = from.getWidth();
    int height = from.getHeight();
    WritableImage image = new WritableImage(width, height);
    int[] pixels = from.getRGB(0, 0, width, height, null, 0, width);
    image
        .getPixelWriter()
        .setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    return image;
  }
}

package stoutblade.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import stoutblade.formats.Document;
import stoutblade.formats.PictureFile;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;

/** The decoded pictures of what is open, by digest. */
public final class Pictures {

  private final Map<String, Image> images = new HashMap<>();

  /** The pixels of a picture, once they are decoded. */
  public Optional<Image> of(Picture picture) {
    return Optional.ofNullable(images.get(picture.digest()));
  }

  /** Adds decoded pixels. */
  public void add(String digest, Image image) {
    images.put(digest, image);
  }

  /** Decodes the pictures that a document refers to; may be called on any thread. */
  public static Map<String, Image> decode(Document document) throws IOException {
    Map<String, Image> decoded = new HashMap<>();
    Optional<Picture> picture = document.project().reference().map(Reference::picture);
    if (picture.isPresent()) {
      byte[] file = document.pictures().get(picture.get().digest());
      PictureFile read = PictureFile.read(picture.get().name(), file);
      decoded.put(picture.get().digest(), image(read.image()));
    }
    return decoded;
  }

  /** The pixels for the screen; may be called on any thread. */
  public static Image image(BufferedImage from) {
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

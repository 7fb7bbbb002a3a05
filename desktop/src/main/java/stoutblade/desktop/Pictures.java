package stoutblade.desktop;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.Document;
import stoutblade.formats.PictureFile;
import stoutblade.reference.Dressing;
import stoutblade.reference.Flat;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.trace.Flattened;
import stoutblade.trace.Pixels;

/**
 * The decoded pictures of what is open, by digest, each also at a half and a quarter of its size: a
 * picture shown small is drawn from a small one, which is quicker and does not flicker. Brightened
 * and flattened pictures are made off the window's thread when they are first asked for.
 */
public final class Pictures {

  private static final int SMALLEST = 8;

  /** More made ones than this are seldom wanted again. */
  private static final int MOST_MADE = 12;

  private final BackgroundTasks tasks;
  private final Map<String, Levels> pictures = new HashMap<>();
  private final Map<Made, Flattened> flattened = new HashMap<>();
  private final Map<Made, Levels> made = new LinkedHashMap<>();
  private final Set<Made> making = new HashSet<>();
  private Runnable changed = () -> {};
  private boolean reading;

  /** What is made of a picture. */
  private record Made(String digest, double brightness, Flat flat, Optional<Box> crop) {}

  /**
   * A picture at several sizes.
   *
   * @param pixels at its own size
   * @param images the picture at its own size, half of it, and so on
   */
  public record Levels(Pixels pixels, List<Image> images) {}

  /**
   * An image to draw.
   *
   * @param image the pixels
   * @param frame where it lies in the picture's flattened frame
   * @param step how long one pixel of the image is in that frame
   */
  public record Shown(Image image, Box frame, double step) {}

  /**
   * The pictures.
   *
   * @param tasks does what takes long
   */
  public Pictures(BackgroundTasks tasks) {
    this.tasks = tasks;
  }

  /** Called when a picture that was asked for has been made. */
  public void setChanged(Runnable changed) {
    this.changed = changed;
  }

  /** The pixels of a picture, once it is decoded. */
  public Optional<Pixels> pixels(Picture picture) {
    return Optional.ofNullable(pictures.get(picture.digest())).map(Levels::pixels);
  }

  /**
   * The image to draw for a reference picture: flattened and brightened, once that is done.
   *
   * @param flat its flattened frame
   * @param zoom screen pixels for a flat pixel
   */
  public Optional<Shown> of(Reference reference, Flat flat, double zoom) {
    Levels plain = pictures.get(reference.picture().digest());
    if (plain == null) {
      return Optional.empty();
    }
    Dressing dressing = reference.dressing();
    if (!flat.flattened() && dressing.brightness() == 0) {
      return Optional.of(level(plain, whole(reference), 1, zoom));
    }
    Made wanted =
        new Made(
            reference.picture().digest(),
            dressing.brightness(),
            flat,
            flat.flattened() ? dressing.crop() : Optional.empty());
    Levels ready = made.get(wanted);
    if (ready == null) {
      make(wanted, plain, reference);
      return flat.flattened()
          ? Optional.empty()
          : Optional.of(level(plain, whole(reference), 1, zoom));
    }
    Flattened frame = flattened.get(wanted);
    return Optional.of(
        frame == null
            ? level(ready, whole(reference), 1, zoom)
            : level(ready, frame.frame(), frame.step(), zoom));
  }

  private static Box whole(Reference reference) {
    return new Box(0, 0, reference.picture().widthPx(), reference.picture().heightPx());
  }

  private void make(Made wanted, Levels plain, Reference reference) {
    if (!making.add(wanted)) {
      return;
    }
    tasks.start(
        wanted.flat.flattened()
            ? Texts.WINDOW.of("flattening", reference.name())
            : Texts.WINDOW.of("brightening"),
        () -> {
          Pixels bright = plain.pixels.brightened(wanted.brightness);
          if (!wanted.flat.flattened()) {
            return new Done(Optional.empty(), levels(bright));
          }
          Flattened result =
              Flattened.of(
                  bright,
                  wanted.flat.map(),
                  wanted.crop.orElse(whole(reference)),
                  focus(wanted.flat, reference));
          return new Done(Optional.of(result), levels(result.pixels()));
        },
        done -> {
          making.remove(wanted);
          keep(wanted, done);
          changed.run();
        });
  }

  private record Done(Optional<Flattened> frame, Levels levels) {}

  private void keep(Made wanted, Done done) {
    made.put(wanted, done.levels);
    done.frame.ifPresent(it -> flattened.put(wanted, it));
    if (made.size() > MOST_MADE) {
      Made oldest = made.keySet().iterator().next();
      made.remove(oldest);
      flattened.remove(oldest);
    }
  }

  /** The box in the flattened frame round everything that is marked. */
  private static Box focus(Flat flat, Reference reference) {
    List<Point> marked = new ArrayList<>();
    reference.rulers().forEach(it -> marked.addAll(it.by().points()));
    reference.whole().ifPresent(it -> marked.addAll(it.points()));
    reference.centreLine().ifPresent(it -> marked.addAll(it.points()));
    reference.measures().forEach(it -> marked.addAll(it.points()));
    return Box.around(marked.stream().map(flat.map()::apply).toList());
  }

  private static Shown level(Levels levels, Box frame, double step, double zoom) {
    int index = 0;
    double pixels = step;
    while (index + 1 < levels.images.size() && zoom * pixels * 2 <= 1) {
      index++;
      pixels *= 2;
    }
    return new Shown(levels.images.get(index), frame, pixels);
  }

  /** Adds decoded pixels. */
  public void add(String digest, Levels levels) {
    pictures.put(digest, levels);
  }

  /**
   * Decodes the pictures of a document one after the other, off the window's thread.
   *
   * @param each run after each, on the window's thread
   */
  public void read(Document document, Runnable each) {
    Map<String, Picture> wanted = new LinkedHashMap<>();
    document.project().props().stream()
        .flatMap(it -> it.size().references().stream())
        .map(Reference::picture)
        .filter(it -> !pictures.containsKey(it.digest()))
        .forEach(it -> wanted.putIfAbsent(it.digest(), it));
    List<Picture> unread = List.copyOf(wanted.values());
    reading = !unread.isEmpty();
    if (reading) {
      read(unread, document, each);
    }
  }

  private void read(List<Picture> unread, Document document, Runnable each) {
    Picture first = unread.getFirst();
    tasks.start(
        Texts.WINDOW.of("reading-picture", first.name()),
        progress -> {
          byte[] file = document.files().get(first.digest());
          return levels(pixels(PictureFile.read(first.name(), file).image()));
        },
        levels -> add(first.digest(), levels),
        () -> {
          List<Picture> left = unread.subList(1, unread.size());
          reading = !left.isEmpty();
          if (reading) {
            read(left, document, each);
          }
          each.run();
        });
  }

  /** True while pictures of what was opened are still to come: what can wait, waits. */
  public boolean reading() {
    return reading;
  }

  /** The pixels of an image. */
  public static Pixels pixels(BufferedImage image) {
    int width = image.getWidth();
    int height = image.getHeight();
    return new Pixels(width, height, image.getRGB(0, 0, width, height, null, 0, width));
  }

  /** The pixels for the screen at several sizes; may be called on any thread. */
  public static Levels levels(Pixels pixels) {
    List<Image> images = new ArrayList<>();
    BufferedImage level =
        new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_INT_ARGB);
    level.setRGB(0, 0, pixels.width(), pixels.height(), pixels.array(), 0, pixels.width());
    images.add(image(pixels));
    for (int size = 2; size <= SMALLEST; size *= 2) {
      level = half(level);
      images.add(image(pixels(level)));
    }
    return new Levels(pixels, List.copyOf(images));
  }

  private static BufferedImage half(BufferedImage from) {
    int width = Math.max(1, (from.getWidth() + 1) / 2);
    int height = Math.max(1, (from.getHeight() + 1) / 2);
    BufferedImage half = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    Graphics2D graphics = half.createGraphics();
    graphics.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    graphics.scale(0.5, 0.5);
    graphics.drawImage(from, 0, 0, null);
    graphics.dispose();
    return half;
  }

  private static Image image(Pixels from) {
    WritableImage image = new WritableImage(from.width(), from.height());
    image
        .getPixelWriter()
        .setPixels(
            0,
            0,
            from.width(),
            from.height(),
            PixelFormat.getIntArgbInstance(),
            from.array(),
            0,
            from.width());
    return image;
  }
}

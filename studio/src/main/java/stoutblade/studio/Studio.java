package stoutblade.studio;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Makes the demo's pictures and models, and says where known places fall on the pictures. */
public final class Studio {

  private static final float JPEG_QUALITY = 0.86f;

  /** In front of the figure, a little to one side: the whole of her. */
  static final Camera CAMERA =
      new Camera(
          new Vec(0.35, 1.30, 6.4), new Vec(0.04, 0.94, 0), Math.toRadians(0.5), 4050, 1080, 1520);

  /** From the side and from above: the crate's front is a rectangle seen at an angle. */
  static final Camera ASLANT =
      new Camera(
          new Vec(2.5, 2.0, 4.1), new Vec(0.06, 0.9, 0), Math.toRadians(-0.8), 1750, 1100, 1300);

  /** Close by: her legs are out of the picture. */
  static final Camera CLOSE =
      new Camera(
          new Vec(0.1, 1.45, 3.6), new Vec(0.14, 1.33, 0), Math.toRadians(1.8), 2700, 1100, 1100);

  private Studio() {}

  /** Takes the folder to write to, and the name of one thing to make, or nothing for all. */
  public static void main(String[] arguments) throws IOException {
    Path folder = Files.createDirectories(Path.of(arguments[0]));
    String only = arguments.length > 1 ? arguments[1] : "";
    make(only, "ferrywarden", () -> render(CAMERA, folder.resolve("ferrywarden.jpg")));
    make(only, "aslant", () -> render(ASLANT, folder.resolve("ferrywarden-aslant.jpg")));
    make(only, "close", () -> render(CLOSE, folder.resolve("ferrywarden-close.jpg")));
    make(only, "sheet", () -> FigureSheet.write(folder.resolve("figure-sheet.png")));
    make(only, "pattern", () -> PaperPattern.write(folder.resolve("leaf-pattern.jpg")));
    make(only, "models", () -> Solids.write(folder));
  }

  /** Something to make. */
  private interface Making {
    void make() throws IOException;
  }

  private static void make(String only, String name, Making making) throws IOException {
    if (only.isEmpty() || only.equals(name)) {
      making.make();
    }
  }

  private static void render(Camera camera, Path file) throws IOException {
    Light light = new Light(new Quay());
    Vec[] pixels = new Vec[camera.width() * camera.height()];
    IntStream.range(0, camera.height()).parallel().forEach(y -> row(camera, light, pixels, y));
    writeJpeg(file, developed(camera, pixels), JPEG_QUALITY);
    System.out.println(file);
    say(camera, "head", Quay.HEAD);
    say(camera, "heel", Quay.HEEL);
    say(camera, "butt", Quay.BUTT);
    say(camera, "tip", Quay.TIP);
    say(camera, "leaf base", Quay.LEAF_BASE);
    for (Vec corner : Quay.CRATE_FRONT) {
      say(camera, "crate", corner);
    }
  }

  private static void say(Camera camera, String name, Vec place) {
    Vec px = camera.project(place);
    System.out.printf("%s %.1f %.1f%n", name, px.x(), px.y());
  }

  /** Two by two rays for each pixel. */
  private static void row(Camera camera, Light light, Vec[] pixels, int y) {
    for (int x = 0; x < camera.width(); x++) {
      Vec sum = new Vec(0, 0, 0);
      for (int s = 0; s < 4; s++) {
        double px = x + 0.25 + 0.5 * (s & 1);
        double py = y + 0.25 + 0.5 * (s >> 1);
        sum = sum.plus(light.along(camera.eye(), camera.ray(px, py)));
      }
      pixels[y * camera.width() + x] = sum.times(0.25);
    }
  }

  /** Lens blur, vignette, sensor noise and the tone curve of a film. */
  private static BufferedImage developed(Camera camera, Vec[] pixels) {
    int width = camera.width();
    int height = camera.height();
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Random noise = new Random(7);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        Vec soft = soft(camera, pixels, x, y);
        double off = Math.hypot((x - width / 2.0) / height, (y - height / 2.0) / height);
        Vec seen = soft.times(1.12 * (1 - 0.55 * off * off));
        int rgb = 0;
        for (double channel : new double[] {seen.x(), seen.y(), seen.z()}) {
          double tone = Math.pow(filmic(channel), 1 / 2.2);
          double value = tone * 255 + noise.nextGaussian() * 3.2;
          rgb = rgb << 8 | Math.clamp(Math.round(value), 0, 255);
        }
        image.setRGB(x, y, rgb);
      }
    }
    return image;
  }

  private static double filmic(double v) {
    return Math.clamp(v * (2.51 * v + 0.03) / (v * (2.43 * v + 0.59) + 0.14), 0, 1);
  }

  private static Vec soft(Camera camera, Vec[] pixels, int x, int y) {
    Vec sum = new Vec(0, 0, 0);
    double weights = 0;
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        int px = Math.clamp(x + dx, 0, camera.width() - 1);
        int py = Math.clamp(y + dy, 0, camera.height() - 1);
        double weight = (dx == 0 ? 1 : 0.35) * (dy == 0 ? 1 : 0.35);
        sum = sum.plus(pixels[py * camera.width() + px].times(weight));
        weights += weight;
      }
    }
    return sum.times(1 / weights);
  }

  static void writeJpeg(Path file, BufferedImage image, float quality) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(quality);
    Files.deleteIfExists(file);
    try (ImageOutputStream out = ImageIO.createImageOutputStream(file.toFile())) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    }
    writer.dispose();
  }
}

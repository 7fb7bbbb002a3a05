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

/** Renders the demo's picture to the file that is named, and says where known places fall on it. */
public final class Studio {

  private static final int WIDTH = 1080;
  private static final int HEIGHT = 1520;
  private static final float JPEG_QUALITY = 0.86f;
  static final Camera CAMERA =
      new Camera(
          new Vec(0.35, 1.30, 6.4),
          new Vec(0.04, 0.94, 0),
          Math.toRadians(0.5),
          4050,
          WIDTH,
          HEIGHT);

  private Studio() {}

  /** Takes the name of the JPEG to write. */
  public static void main(String[] arguments) throws IOException {
    Path file = Path.of(arguments[0]);
    Files.createDirectories(file.toAbsolutePath().getParent());
    Light light = new Light(new Quay());
    Vec[] pixels = new Vec[WIDTH * HEIGHT];
    IntStream.range(0, HEIGHT).parallel().forEach(y -> row(light, pixels, y));
    write(file, developed(pixels));
    say("head", Quay.HEAD);
    say("heel", Quay.HEEL);
    say("butt", Quay.BUTT);
    say("tip", Quay.TIP);
    say("leaf base", Quay.TIP.minus(Quay.TIP.minus(Quay.BUTT).unit().times(Quay.LEAF)));
    say("crate top", Quay.CRATE_TOP);
    say("crate foot", Quay.CRATE_FOOT);
  }

  private static void say(String name, Vec place) {
    Vec px = CAMERA.project(place);
    System.out.printf("%s %.1f %.1f%n", name, px.x(), px.y());
  }

  /** Two by two rays for each pixel. */
  private static void row(Light light, Vec[] pixels, int y) {
    for (int x = 0; x < WIDTH; x++) {
      Vec sum = new Vec(0, 0, 0);
      for (int s = 0; s < 4; s++) {
        double px = x + 0.25 + 0.5 * (s & 1);
        double py = y + 0.25 + 0.5 * (s >> 1);
        sum = sum.plus(light.along(CAMERA.eye(), CAMERA.ray(px, py)));
      }
      pixels[y * WIDTH + x] = sum.times(0.25);
    }
  }

  /** Lens blur, vignette, sensor noise and the tone curve of a film. */
  private static BufferedImage developed(Vec[] pixels) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Random noise = new Random(7);
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        Vec soft = soft(pixels, x, y);
        double off = Math.hypot((x - WIDTH / 2.0) / HEIGHT, (y - HEIGHT / 2.0) / HEIGHT);
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

  private static Vec soft(Vec[] pixels, int x, int y) {
    Vec sum = new Vec(0, 0, 0);
    double weights = 0;
    for (int dy = -1; dy <= 1; dy++) {
      for (int dx = -1; dx <= 1; dx++) {
        int px = Math.clamp(x + dx, 0, WIDTH - 1);
        int py = Math.clamp(y + dy, 0, HEIGHT - 1);
        double weight = (dx == 0 ? 1 : 0.35) * (dy == 0 ? 1 : 0.35);
        sum = sum.plus(pixels[py * WIDTH + px].times(weight));
        weights += weight;
      }
    }
    return sum.times(1 / weights);
  }

  private static void write(Path file, BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    how.setCompressionQuality(JPEG_QUALITY);
    Files.deleteIfExists(file);
    try (ImageOutputStream out = ImageIO.createImageOutputStream(file.toFile())) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    }
    writer.dispose();
  }
}

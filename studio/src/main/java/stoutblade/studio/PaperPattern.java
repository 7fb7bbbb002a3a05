package stoutblade.studio;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import stoutblade.demo.Demo;
import stoutblade.formats.MarkerSheetPdf;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;
import stoutblade.template.Paper;

/**
 * A paper pattern photographed on a printed marker sheet: a smaller leaf drawn with a pen, on A3,
 * held at an angle under a lamp.
 */
final class PaperPattern {

  /** How long the drawn leaf is, in mm. */
  static final double LENGTH_MM = 300;

  private static final float DPI = 254;
  private static final double PX_PER_MM = DPI / 25.4;
  private static final int WIDTH = 1900;
  private static final int HEIGHT = 2500;
  private static final double PEN_MM = 0.9;

  private PaperPattern() {}

  static void write(Path file) throws IOException {
    Path pdf = Files.createTempFile("sheet", ".pdf");
    MarkerSheetPdf.write(pdf, Paper.A3);
    BufferedImage sheet;
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      sheet = new PDFRenderer(document).renderImageWithDPI(0, DPI, ImageType.RGB);
    }
    Files.delete(pdf);
    draw(sheet);
    Studio.writeJpeg(file, photographed(sheet), 0.9f);
    System.out.println(file);
  }

  /** The leaf drawn with a pen in the middle of the sheet. */
  private static void draw(BufferedImage sheet) {
    HalfOutline leaf = Demo.leaf().times(LENGTH_MM / 560);
    Path2D line = new Path2D.Double();
    for (Point p : leaf.outline().flattened(0.05)) {
      double x = (148.5 + p.x()) * PX_PER_MM;
      double y = (360 - p.y()) * PX_PER_MM;
      if (line.getCurrentPoint() == null) {
        line.moveTo(x, y);
      } else {
        line.lineTo(x, y);
      }
    }
    line.closePath();
    Graphics2D out = sheet.createGraphics();
    out.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    out.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    out.setColor(new Color(0x20283a));
    out.setStroke(
        new BasicStroke(
            (float) (PEN_MM * PX_PER_MM), BasicStroke.CAP_ROUND, BasicStroke.JOIN_MITER));
    out.draw(line);
    out.dispose();
  }

  private static BufferedImage photographed(BufferedImage sheet) {
    double w = sheet.getWidth();
    double h = sheet.getHeight();
    Homography toSheet =
        Homography.taking(
            List.of(
                new Point(330, 180),
                new Point(1690, 250),
                new Point(1800, 2390),
                new Point(90, 2300)),
            List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)));
    double[][] light = new double[3][WIDTH * HEIGHT];
    for (int y = 0; y < HEIGHT; y++) {
      for (int x = 0; x < WIDTH; x++) {
        double[] sum = new double[3];
        for (int s = 0; s < 9; s++) {
          int down = s / 3;
          add(
              sum,
              sheet,
              toSheet.apply(new Point(x + (s % 3 + 0.5) / 3, y + (down + 0.5) / 3)),
              x,
              y);
        }
        double lamp = 1.06 - 0.26 * x / WIDTH - 0.14 * y / HEIGHT;
        for (int c = 0; c < 3; c++) {
          light[c][y * WIDTH + x] = sum[c] / 9 * lamp * (c == 2 ? 0.93 : 1);
        }
      }
    }
    return developed(light);
  }

  private static void add(double[] sum, BufferedImage sheet, Point at, int x, int y) {
    int px = (int) Math.floor(at.x());
    int py = (int) Math.floor(at.y());
    boolean on = px >= 0 && py >= 0 && px < sheet.getWidth() && py < sheet.getHeight();
    if (on) {
      int rgb = sheet.getRGB(px, py);
      for (int c = 0; c < 3; c++) {
        double code = (rgb >> (16 - 8 * c) & 255) / 255.0;
        sum[c] += 0.05 + 0.8 * Math.pow(code, 2.2);
      }
      return;
    }
    // The bench below the sheet: boards.
    double grain = 0.5 + 0.5 * Noise.smooth(x * 0.004, y * 0.06, 3);
    sum[0] += 0.20 * grain;
    sum[1] += 0.13 * grain;
    sum[2] += 0.08 * grain;
  }

  private static BufferedImage developed(double[][] light) {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Random noise = new Random(11);
    double[][] soft = {blurred(light[0]), blurred(light[1]), blurred(light[2])};
    for (int i = 0; i < WIDTH * HEIGHT; i++) {
      int rgb = 0;
      for (int c = 0; c < 3; c++) {
        double code = Math.pow(Math.clamp(soft[c][i], 0, 1), 1 / 2.2);
        rgb = rgb << 8 | Math.clamp(Math.round(255 * code + 2.5 * noise.nextGaussian()), 0, 255);
      }
      image.setRGB(i % WIDTH, i / WIDTH, rgb);
    }
    return image;
  }

  /** A lens a little out of focus. */
  private static double[] blurred(double[] from) {
    double[] kernel = {0.06, 0.24, 0.4, 0.24, 0.06};
    double[] across = new double[from.length];
    double[] both = new double[from.length];
    for (int i = 0; i < from.length; i++) {
      int x = i % WIDTH;
      for (int k = -2; k <= 2; k++) {
        across[i] += kernel[k + 2] * from[i - x + Math.clamp(x + k, 0, WIDTH - 1)];
      }
    }
    for (int i = 0; i < from.length; i++) {
      int y = i / WIDTH;
      for (int k = -2; k <= 2; k++) {
        both[i] += kernel[k + 2] * across[Math.clamp(y + k, 0, HEIGHT - 1) * WIDTH + i % WIDTH];
      }
    }
    return both;
  }
}

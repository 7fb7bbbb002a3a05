package stoutblade.studio;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import stoutblade.demo.Demo;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyOutline;

/**
 * The pageant's figure sheet: the Ferrywarden turned from front over side to back with the
 * Reedcutter beside her, printed at a stated ratio, as a scan.
 */
final class FigureSheet {

  /** The ratio that is printed on it: 1 on paper is so many on the figure. */
  static final double RATIO = 10;

  /** Pixels of the scan for a mm of the paper. */
  static final double PX_PER_MM = 5.2;

  private static final int WIDTH = (int) (297 * PX_PER_MM);
  private static final int HEIGHT = (int) (236 * PX_PER_MM);
  private static final double GROUND_MM = 216;
  private static final double STATURE = 1740;
  private static final double TOTAL = 1900;
  private static final Color PAPER = new Color(0xf3ecdc);
  private static final Color INK = new Color(0x2c2a2e);
  private static final Color WASH = new Color(0xb9c2bd);
  private static final Color STEEL = new Color(0xa9b4c0);
  private static final Color WOOD = new Color(0xa5825a);

  private final Graphics2D out;

  private FigureSheet(Graphics2D out) {
    this.out = out;
  }

  static void write(Path file) throws IOException {
    BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
    Graphics2D out = image.createGraphics();
    out.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    out.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    new FigureSheet(out).draw();
    out.dispose();
    ImageIO.write(image, "png", file.toFile());
    System.out.println(file);
    System.out.printf("butt %s%ntip %s%n", at(PROP_MM, 0), at(PROP_MM, TOTAL));
    System.out.printf("bar %s %s%n", px(24, 226), px(74, 226));
    System.out.printf("head %s heel %s%n", at(FRONT_MM, STATURE), at(FRONT_MM, 0));
  }

  private static final double FRONT_MM = 52;
  private static final double SIDE_MM = 122;
  private static final double BACK_MM = 190;
  private static final double PROP_MM = 262;

  private static Point px(double x, double y) {
    return new Point(x * PX_PER_MM, y * PX_PER_MM);
  }

  /** Where a height in mm of the figure is, above the ground at a place across the paper. */
  private static Point at(double acrossMm, double height) {
    return px(acrossMm, GROUND_MM - height / RATIO);
  }

  private void draw() throws IOException {
    out.setColor(PAPER);
    out.fillRect(0, 0, WIDTH, HEIGHT);
    out.setFont(font("Asap-Regular.ttf", 4));
    grid();
    figure(FRONT_MM, false, "front");
    figure(SIDE_MM, true, "side");
    figure(BACK_MM, false, "back");
    cord(BACK_MM);
    prop();
    words();
  }

  private static Font font(String name, double mm) throws IOException {
    try (InputStream in = FigureSheet.class.getResourceAsStream("/stoutblade/fonts/" + name)) {
      return Font.createFont(Font.TRUETYPE_FONT, in).deriveFont((float) (mm * PX_PER_MM));
    } catch (FontFormatException e) {
      throw new IOException(e);
    }
  }

  private void grid() {
    out.setColor(new Color(0xd8cdb6));
    out.setStroke(new BasicStroke(1.2f));
    for (int height = 0; height <= 1900; height += 100) {
      Point from = at(14, height);
      Point to = at(284, height);
      out.drawLine((int) from.x(), (int) from.y(), (int) to.x(), (int) to.y());
    }
  }

  private void figure(double across, boolean side, String name) {
    List<stoutblade.shape.Path> body = side ? BodyOutline.side(STATURE) : BodyOutline.of(STATURE);
    for (stoutblade.shape.Path path : body) {
      Path2D shape = shape(path, across);
      out.setColor(WASH);
      out.fill(shape);
      out.setColor(INK);
      out.setStroke(new BasicStroke(2f));
      out.draw(shape);
    }
    Point foot = at(across, 0);
    out.drawString(name, (float) foot.x() - 24, (float) foot.y() + 30);
  }

  private void cord(double across) {
    Point top = at(across, 1400);
    Point low = at(across, 980);
    out.setStroke(new BasicStroke(5f));
    out.drawLine((int) top.x() - 40, (int) top.y(), (int) low.x() + 40, (int) low.y());
  }

  private static Path2D shape(stoutblade.shape.Path path, double across) {
    Path2D shape = new Path2D.Double();
    Point start = place(path.cubics().getFirst().start(), across);
    shape.moveTo(start.x(), start.y());
    for (Cubic cubic : path.cubics()) {
      Point a = place(cubic.control1(), across);
      Point b = place(cubic.control2(), across);
      Point c = place(cubic.end(), across);
      shape.curveTo(a.x(), a.y(), b.x(), b.y(), c.x(), c.y());
    }
    shape.closePath();
    return shape;
  }

  private static Point place(Point mm, double across) {
    return at(across, mm.y()).plus(new Point(mm.x() / RATIO * PX_PER_MM, 0));
  }

  private void prop() {
    Point butt = at(PROP_MM, 0);
    Point neck = at(PROP_MM, TOTAL - 560);
    out.setColor(WOOD);
    out.setStroke(
        new BasicStroke((float) (3.3 * PX_PER_MM), BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
    out.drawLine((int) butt.x(), (int) butt.y(), (int) neck.x(), (int) neck.y());
    stoutblade.shape.Path leaf = Demo.leaf().outline();
    Path2D shape = new Path2D.Double();
    for (Point p : leaf.flattened(0.5)) {
      Point at = place(p.plus(new Point(0, TOTAL - 560)), PROP_MM);
      if (shape.getCurrentPoint() == null) {
        shape.moveTo(at.x(), at.y());
      } else {
        shape.lineTo(at.x(), at.y());
      }
    }
    shape.closePath();
    out.setColor(STEEL);
    out.fill(shape);
    out.setColor(INK);
    out.setStroke(new BasicStroke(2f));
    out.draw(shape);
  }

  private void words() throws IOException {
    out.setColor(INK);
    out.setFont(font("Asap-SemiBold.ttf", 6));
    Point title = px(14, 14);
    out.drawString("The Ferrywarden and the Reedcutter", (float) title.x(), (float) title.y());
    out.setFont(font("Asap-Regular.ttf", 3.6));
    Point from = px(24, 226);
    Point to = px(74, 226);
    out.setStroke(new BasicStroke(3f));
    out.drawLine((int) from.x(), (int) from.y(), (int) to.x(), (int) to.y());
    for (Point end : List.of(from, to)) {
      out.drawLine((int) end.x(), (int) end.y() - 9, (int) end.x(), (int) end.y() + 9);
    }
    Point beside = px(78, 227.4);
    out.drawString(
        "5 cm on paper.  1 cm stands for 10 cm on the figure.",
        (float) beside.x(),
        (float) beside.y());
  }
}

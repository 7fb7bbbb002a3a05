package stoutblade.template;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.CRC32;
import stoutblade.shape.Box;
import stoutblade.shape.Cubic;
import stoutblade.shape.Point;

/**
 * A template at full size.
 *
 * @param id short name without spaces, for file names
 * @param title what is cut by it
 * @param copies the pieces that are cut by it
 * @param strokes its lines
 * @param labels its words
 */
public record Template(
    String id, String title, List<Copy> copies, List<Stroke> strokes, List<Label> labels) {

  private static final double OFF = 0.3719;

  /**
   * A piece that is cut by a template.
   *
   * @param name what the piece is
   * @param mirrored true where the template is turned over first
   */
  public record Copy(String name, boolean mirrored) {

    /** The name with its hand, for a person to read. */
    public String words() {
      return name + (mirrored ? ": turn the paper over" : ": printed side up");
    }
  }

  /** Copies the lists. */
  public Template {
    copies = List.copyOf(copies);
    strokes = List.copyOf(strokes);
    labels = List.copyOf(labels);
  }

  /** The box around all lines and words, in mm. */
  public Box box() {
    Box box = Box.around(strokes.stream().flatMap(it -> it.path().extremes().stream()).toList());
    for (Label label : labels) {
      box = box.with(label.box());
    }
    return box;
  }

  /**
   * A mark that is the same as long as its lines run within a tenth of a millimetre where they did
   * and it cuts as many pieces: what was printed before that still holds.
   *
   * @return eight hexadecimal digits
   */
  public String mark() {
    CRC32 mark = new CRC32();
    mark.update(copies.size());
    mark.update((int) mirroredCopies());
    for (Stroke stroke : strokes) {
      mark.update(stroke.kind().name().getBytes(StandardCharsets.US_ASCII));
      for (Cubic cubic : stroke.path().cubics()) {
        for (Point point :
            List.of(cubic.start(), cubic.control1(), cubic.control2(), cubic.end())) {
          mark.update(tenths(point.x()));
          mark.update(tenths(point.y()));
        }
      }
    }
    return String.format("%08x", mark.getValue());
  }

  /** Rounded away from where lengths like to lie, so that the last bit decides nothing. */
  private static byte[] tenths(double mm) {
    return ByteBuffer.allocate(Integer.BYTES).putInt((int) Math.floor(10 * mm + OFF)).array();
  }

  /** How many pieces are cut mirrored. */
  public long mirroredCopies() {
    return copies.stream().filter(Copy::mirrored).count();
  }

  /** The kinds of line on it, in the order of their drawing. */
  public List<Stroke.Kind> kinds() {
    return strokes.stream().map(Stroke::kind).distinct().toList();
  }
}

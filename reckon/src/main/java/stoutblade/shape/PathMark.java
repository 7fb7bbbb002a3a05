package stoutblade.shape;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.CRC32;

/**
 * A mark of lines that is the same as long as they run within a tenth of a millimetre as before.
 */
public final class PathMark {

  private static final double OFF = 0.3719;

  private final CRC32 crc = new CRC32();

  /** Adds a small number. */
  public PathMark with(int number) {
    crc.update(number);
    return this;
  }

  /** Adds a word. */
  public PathMark with(String word) {
    crc.update(word.getBytes(StandardCharsets.UTF_8));
    return this;
  }

  /** Adds a line. */
  public PathMark with(Path path) {
    for (Cubic cubic : path.cubics()) {
      for (Point point : List.of(cubic.start(), cubic.control1(), cubic.control2(), cubic.end())) {
        crc.update(tenths(point.x()));
        crc.update(tenths(point.y()));
      }
    }
    return this;
  }

  /** Rounded away from where lengths like to lie, so that the last bit decides nothing. */
  private static byte[] tenths(double mm) {
    return ByteBuffer.allocate(Integer.BYTES).putInt((int) Math.floor(10 * mm + OFF)).array();
  }

  /** The mark: eight hexadecimal digits. */
  public String digits() {
    return String.format("%08x", crc.getValue());
  }
}

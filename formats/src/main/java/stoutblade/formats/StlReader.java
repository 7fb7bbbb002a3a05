package stoutblade.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.MeshBuilder;
import stoutblade.reference.Orientation;

/** Reads STL files: binary where the length fits the stated count, else text. */
final class StlReader implements ModelFile.Reader {

  private static final int HEADER = 80;
  private static final int PER_TRIANGLE = 50;
  private static final int LONGEST_WORD = 64;

  /** True where the bytes look like one of the two kinds. */
  static boolean isStl(byte[] file) {
    return startsWithSolid(file) || fits(file);
  }

  private static boolean startsWithSolid(byte[] file) {
    return file.length > 5
        && new String(file, 0, 5, StandardCharsets.US_ASCII).equalsIgnoreCase("solid");
  }

  private static long stated(byte[] file) {
    return file.length < HEADER + 4
        ? -1
        : Integer.toUnsignedLong(
            ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN).getInt(HEADER));
  }

  private static boolean fits(byte[] file) {
    return file.length >= HEADER + 4 && file.length == HEADER + 4 + PER_TRIANGLE * stated(file);
  }

  /** Some programs write something of their own after the triangles. */
  private static boolean more(byte[] file) {
    return stated(file) > 0 && file.length > HEADER + 4 + PER_TRIANGLE * stated(file);
  }

  @Override
  public Orientation orientation() {
    return Orientation.Z_UP;
  }

  @Override
  public void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress) {
    if (fits(file) || (more(file) && !text(file))) {
      binary(file, into, progress);
    } else if (startsWithSolid(file)) {
      new Text(file, into, progress).read();
    } else {
      throw new IllegalArgumentException(wrongLength(file));
    }
  }

  /** Words all through its beginning: a binary file may begin with 'solid', too. */
  private static boolean text(byte[] file) {
    boolean plain = startsWithSolid(file);
    for (int i = 0; plain && i < Math.min(file.length, HEADER + 12); i++) {
      plain =
          file[i] < 0 || file[i] >= ' ' || file[i] == '\t' || file[i] == '\n' || file[i] == '\r';
    }
    return plain;
  }

  private static String wrongLength(byte[] file) {
    long count = stated(file);
    if (count < 0) {
      return "an STL file has at least 84 bytes, or begins with 'solid'; found "
          + file.length
          + " bytes";
    }
    return "it states "
        + count
        + " triangles, which take "
        + (HEADER + 4 + PER_TRIANGLE * count)
        + " bytes; it has "
        + file.length;
  }

  private static void binary(byte[] file, MeshBuilder into, DoubleConsumer progress) {
    ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
    long count = stated(file);
    for (int t = 0; t < count; t++) {
      int at = HEADER + 4 + PER_TRIANGLE * t + 12;
      int first = into.vertices();
      for (int corner = 0; corner < 3; corner++) {
        into.vertex(
            in.getFloat(at + 12 * corner),
            in.getFloat(at + 12 * corner + 4),
            in.getFloat(at + 12 * corner + 8));
      }
      into.face(first, first + 1, first + 2);
      if ((t & 0xffff) == 0) {
        progress.accept(t / (double) count);
      }
    }
  }

  /** The kind that is text: words between white space. */
  private static final class Text {

    private final byte[] file;
    private final MeshBuilder into;
    private final DoubleConsumer progress;
    private int at;
    private int line = 1;

    Text(byte[] file, MeshBuilder into, DoubleConsumer progress) {
      this.file = file;
      this.into = into;
      this.progress = progress;
    }

    void read() {
      boolean ended = false;
      String word = word();
      while (!word.isEmpty()) {
        switch (word.toLowerCase(Locale.ROOT)) {
          case "facet" -> facet();
          case "endsolid" -> {
            ended = true;
            skipLine();
          }
          case "solid" -> {
            ended = false;
            skipLine();
          }
          default -> throw expected("'facet' or 'endsolid'", word);
        }
        word = word();
      }
      if (!ended) {
        throw new IllegalArgumentException("it ends early, without 'endsolid'");
      }
    }

    private void facet() {
      take("normal");
      for (int i = 0; i < 3; i++) {
        word();
      }
      take("outer");
      take("loop");
      int first = into.vertices();
      for (int corner = 0; corner < 3; corner++) {
        take("vertex");
        into.vertex(number(), number(), number());
      }
      take("endloop");
      take("endfacet");
      into.face(first, first + 1, first + 2);
      if ((into.triangles() & 0x3fff) == 0) {
        progress.accept(at / (double) file.length);
      }
    }

    private void take(String wanted) {
      String found = word();
      if (!found.equalsIgnoreCase(wanted)) {
        throw expected("'" + wanted + "'", found);
      }
    }

    private double number() {
      String word = word();
      try {
        return Double.parseDouble(word);
      } catch (NumberFormatException e) {
        throw expected("a number", word);
      }
    }

    private IllegalArgumentException expected(String wanted, String found) {
      return new IllegalArgumentException(
          "line "
              + line
              + ": expected "
              + wanted
              + ", found "
              + (found.isEmpty() ? "the end of the file" : "'" + found + "'"));
    }

    private String word() {
      while (at < file.length && file[at] <= ' ' && file[at] >= 0) {
        line += file[at] == '\n' ? 1 : 0;
        at++;
      }
      int from = at;
      while (at < file.length && (file[at] > ' ' || file[at] < 0)) {
        at++;
      }
      return new String(file, from, Math.min(LONGEST_WORD, at - from), StandardCharsets.ISO_8859_1);
    }

    private void skipLine() {
      while (at < file.length && file[at] != '\n') {
        at++;
      }
    }
  }
}

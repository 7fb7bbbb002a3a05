package stoutblade.formats;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.MeshBuilder;

/**
 * Reads the corners and faces of OBJ files, line by line:
 *
 * <pre>
 * v x y z ...
 * f corner corner corner ...      where a corner is a number, or number/texture/normal
 * </pre>
 *
 * <p>Corners are counted from 1, or with a minus back from the last. A backslash at the end of a
 * line goes on in the next. All other lines say nothing about the shape.
 */
final class ObjReader implements ModelFile.Reader {

  private static final int LOOKED_AT = 4096;
  private static final int LONGEST_WORD = 64;

  /** No face that was drawn has more corners. */
  private static final int MOST_CORNERS = 1_000_000;

  @Override
  public void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress) {
    for (int i = 0; i < Math.min(LOOKED_AT, file.length); i++) {
      if (file[i] == 0) {
        throw new IllegalArgumentException("it is not text, as an OBJ file is");
      }
    }
    new Lines(file, into, progress).read();
  }

  /** The lines of a file. */
  private static final class Lines {

    private static final int EVERY = 0x3fff;

    private final byte[] file;
    private final MeshBuilder into;
    private final DoubleConsumer progress;
    private int at;
    private int line = 1;
    private int[] corners = new int[16];

    Lines(byte[] file, MeshBuilder into, DoubleConsumer progress) {
      this.file = file;
      this.into = into;
      this.progress = progress;
    }

    void read() {
      while (at < file.length) {
        switch (word()) {
          case "v" -> into(number(), number(), number());
          case "f" -> face();
          default -> {}
        }
        endLine();
        if ((line & EVERY) == 0) {
          progress.accept(at / (double) file.length);
        }
      }
    }

    private void into(double x, double y, double z) {
      try {
        into.vertex(x, y, z);
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException("line " + line + ": " + e.getMessage(), e);
      }
    }

    private void face() {
      int count = 0;
      for (String word = word(); !word.isEmpty(); word = word()) {
        if (count == MOST_CORNERS) {
          throw new IllegalArgumentException(
              "line " + line + ": a face has more than " + MOST_CORNERS + " corners");
        }
        if (count == corners.length) {
          corners = Arrays.copyOf(corners, 2 * count);
        }
        corners[count++] = corner(word);
      }
      try {
        into.face(Arrays.copyOf(corners, count));
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException("line " + line + ": " + e.getMessage(), e);
      }
    }

    private int corner(String word) {
      int slash = word.indexOf('/');
      String number = slash < 0 ? word : word.substring(0, slash);
      try {
        int stated = Integer.parseInt(number);
        if (stated != 0) {
          return stated < 0 ? into.vertices() + stated : stated - 1;
        }
      } catch (NumberFormatException e) {
        throw expected("the number of a corner", word, e);
      }
      throw expected("the number of a corner, from 1", word, null);
    }

    private double number() {
      String word = word();
      try {
        return Double.parseDouble(word);
      } catch (NumberFormatException e) {
        throw expected("a number", word, e);
      }
    }

    private IllegalArgumentException expected(String wanted, String found, Exception cause) {
      return new IllegalArgumentException(
          "line "
              + line
              + ": expected "
              + wanted
              + ", found "
              + (found.isEmpty() ? "the end of the line" : "'" + found + "'"),
          cause);
    }

    /** The next word of the line; empty at its end. */
    private String word() {
      while (at < file.length && (blank() || goesOn())) {
        at++;
      }
      int from = at;
      while (at < file.length && !blank() && !ended() && continued() < 0) {
        at++;
      }
      return new String(file, from, Math.min(LONGEST_WORD, at - from), StandardCharsets.ISO_8859_1);
    }

    private boolean blank() {
      return file[at] == ' ' || file[at] == '\t' || file[at] == '\r';
    }

    private boolean ended() {
      return file[at] == '\n';
    }

    /** At a backslash before the end of a line: where that end is; else below 0. */
    private int continued() {
      if (file[at] != '\\') {
        return -1;
      }
      int next = at + 1;
      while (next < file.length && file[next] == '\r') {
        next++;
      }
      return next < file.length && file[next] == '\n' ? next : -1;
    }

    /** Goes to the end of a line that is continued, and counts it. */
    private boolean goesOn() {
      int end = continued();
      if (end < 0) {
        return false;
      }
      at = end;
      line++;
      return true;
    }

    private void endLine() {
      while (at < file.length && !ended()) {
        // What is not looked at may go on in the next line, too.
        goesOn();
        at++;
      }
      at++;
      line++;
    }
  }
}

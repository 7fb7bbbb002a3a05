package stoutblade.formats;

import java.nio.BufferUnderflowException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.MeshBuilder;

/** Reads PLY files, as text and binary both ways round (Turk 1994, from memory). */
final class PlyReader implements ModelFile.Reader {

  private static final int LONGEST_HEADER = 64 * 1024;
  private static final int MOST_CORNERS = 1000;

  /** Bytes of each type of number. */
  private static final Map<String, Integer> SIZES =
      Map.ofEntries(
          Map.entry("char", 1),
          Map.entry("int8", 1),
          Map.entry("uchar", 1),
          Map.entry("uint8", 1),
          Map.entry("short", 2),
          Map.entry("int16", 2),
          Map.entry("ushort", 2),
          Map.entry("uint16", 2),
          Map.entry("int", 4),
          Map.entry("int32", 4),
          Map.entry("uint", 4),
          Map.entry("uint32", 4),
          Map.entry("float", 4),
          Map.entry("float32", 4),
          Map.entry("double", 8),
          Map.entry("float64", 8));

  /**
   * A number, or a list of them, of each entry of an element.
   *
   * @param counted the type of a list's count; empty for a single number
   */
  private record Property(String name, String type, String counted) {}

  private record Element(String name, long count, List<Property> properties) {}

  /** Numbers one after another. */
  private interface Numbers {
    double next(String type);
  }

  static boolean isPly(byte[] file) {
    return file.length > 4
        && file[0] == 'p'
        && file[1] == 'l'
        && file[2] == 'y'
        && (file[3] == '\n' || file[3] == '\r');
  }

  @Override
  public void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress) {
    String start =
        new String(file, 0, Math.min(file.length, LONGEST_HEADER), StandardCharsets.ISO_8859_1);
    int end = start.indexOf("end_header");
    int body = end < 0 ? -1 : start.indexOf('\n', end) + 1;
    if (body <= 0) {
      throw new IllegalArgumentException("its header does not end with 'end_header'");
    }
    List<Element> elements = new ArrayList<>();
    String format = "";
    for (String line : start.substring(0, end).split("\\R", -1)) {
      String[] words = line.strip().split("\\s+", -1);
      switch (words[0]) {
        case "format" -> format = word(words, 1);
        case "element" -> elements.add(element(words));
        case "property" -> {
          if (elements.isEmpty()) {
            throw new IllegalArgumentException("a property stands before any element");
          }
          elements.getLast().properties().add(property(words));
        }
        default -> {}
      }
    }
    Numbers numbers =
        switch (format) {
          case "ascii" -> new Words(file, body);
          case "binary_little_endian" -> new Bytes(file, body, ByteOrder.LITTLE_ENDIAN);
          case "binary_big_endian" -> new Bytes(file, body, ByteOrder.BIG_ENDIAN);
          default ->
              throw new IllegalArgumentException(
                  "expected 'format ascii', 'binary_little_endian' or 'binary_big_endian'; found '"
                      + format
                      + "'");
        };
    try {
      elements.forEach(it -> element(it, numbers, into, progress));
    } catch (BufferUnderflowException e) {
      throw new IllegalArgumentException("it ends early", e);
    }
  }

  private static String word(String[] words, int index) {
    return index < words.length ? words[index] : "";
  }

  private static Element element(String[] words) {
    try {
      long count = Long.parseLong(word(words, 2));
      if (count >= 0 && count <= 3L * MeshBuilder.MOST_TRIANGLES) {
        return new Element(word(words, 1), count, new ArrayList<>());
      }
    } catch (NumberFormatException e) {
      // Said below.
    }
    throw new IllegalArgumentException(
        "element '" + word(words, 1) + "' states '" + word(words, 2) + "' entries");
  }

  private static Property property(String[] words) {
    boolean list = word(words, 1).equals("list");
    Property property =
        list
            ? new Property(word(words, 4), word(words, 3), word(words, 2))
            : new Property(word(words, 2), word(words, 1), "");
    if (!SIZES.containsKey(property.type()) || (list && !SIZES.containsKey(property.counted()))) {
      throw new IllegalArgumentException(
          "property '" + property.name() + "' is of no type that is known");
    }
    return property;
  }

  private static void element(
      Element element, Numbers numbers, MeshBuilder into, DoubleConsumer progress) {
    for (long i = 0; i < element.count(); i++) {
      double[] at = new double[3];
      int[] face = {};
      for (Property property : element.properties()) {
        if (property.counted().isEmpty()) {
          double value = numbers.next(property.type());
          int axis = "xyz".indexOf(property.name());
          if (axis >= 0 && property.name().length() == 1) {
            at[axis] = value;
          }
        } else {
          int[] list = list(property, numbers);
          face = property.name().startsWith("vertex_ind") ? list : face;
        }
      }
      if (element.name().equals("vertex")) {
        into.vertex(at[0], at[1], at[2]);
      } else if (element.name().equals("face")) {
        into.face(face);
      }
      if ((i & 0xffff) == 0) {
        progress.accept(i / (double) element.count());
      }
    }
  }

  private static int[] list(Property property, Numbers numbers) {
    double count = numbers.next(property.counted());
    if (!(count >= 0 && count <= MOST_CORNERS)) {
      throw new IllegalArgumentException("a face of " + count + " corners");
    }
    int[] all = new int[(int) count];
    for (int i = 0; i < all.length; i++) {
      all[i] = (int) numbers.next(property.type());
    }
    return all;
  }

  private static final class Bytes implements Numbers {

    private final ByteBuffer in;

    Bytes(byte[] file, int from, ByteOrder order) {
      this.in = ByteBuffer.wrap(file, from, file.length - from).order(order);
    }

    @Override
    public double next(String type) {
      return switch (type) {
        case "char", "int8" -> in.get();
        case "uchar", "uint8" -> in.get() & 0xff;
        case "short", "int16" -> in.getShort();
        case "ushort", "uint16" -> in.getShort() & 0xffff;
        case "int", "int32" -> in.getInt();
        case "uint", "uint32" -> Integer.toUnsignedLong(in.getInt());
        case "float", "float32" -> in.getFloat();
        default -> in.getDouble();
      };
    }
  }

  private static final class Words implements Numbers {

    private final byte[] file;
    private int at;

    Words(byte[] file, int from) {
      this.file = file;
      this.at = from;
    }

    @Override
    public double next(String type) {
      while (at < file.length && file[at] <= ' ') {
        at++;
      }
      int from = at;
      while (at < file.length && file[at] > ' ') {
        at++;
      }
      if (from == at) {
        throw new BufferUnderflowException();
      }
      String word =
          new String(file, from, Math.min(64, at - from), StandardCharsets.ISO_8859_1)
              .toLowerCase(Locale.ROOT);
      try {
        return Double.parseDouble(word);
      } catch (NumberFormatException e) {
        throw new IllegalArgumentException("expected a number; found '" + word + "'", e);
      }
    }
  }
}

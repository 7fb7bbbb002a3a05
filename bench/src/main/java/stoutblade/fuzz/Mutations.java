package stoutblade.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Damages files as transfers, other programs and hostile people do. */
final class Mutations {

  private static final int LARGEST = 256 * 1024;
  private static final Pattern NUMBER =
      Pattern.compile("-?[0-9]+(?:\\.[0-9]+)?(?:[eE][+-]?[0-9]+)?");
  private static final String[] ODD = {
    "0",
    "-1",
    "1e308",
    "-1e308",
    "1e-308",
    "NaN",
    "Infinity",
    "2147483648",
    "-2147483649",
    "99999999999999999999",
    "1e5",
    "0.0000001",
    "65536",
    "3.999999999",
    "",
    "null",
    "[]",
    "{}",
    "\""
  };
  private static final int[] WORDS = {
    0, 1, -1, 0x7fffffff, 0x80000000, 0xffff, 0x10000, 0x7fff, 0x00ffffff, 0x3fffffff
  };

  private final Random random;

  Mutations(Random random) {
    this.random = random;
  }

  /** A damaged file, from one that is whole and others of its kind. */
  byte[] of(byte[] whole, List<byte[]> others) {
    byte[] file = whole;
    for (int i = 1 + random.nextInt(random.nextInt(4) == 0 ? 12 : 3); i > 0; i--) {
      file = once(file, others);
    }
    return file.length > LARGEST ? Arrays.copyOf(file, LARGEST) : file;
  }

  private byte[] once(byte[] file, List<byte[]> others) {
    if (file.length == 0) {
      return new byte[] {(byte) random.nextInt(256)};
    }
    return switch (random.nextInt(12)) {
      case 0, 1 -> flipped(file);
      case 2 -> with(file, place(file), new byte[] {(byte) random.nextInt(256)});
      case 3 -> Arrays.copyOf(file, random.nextInt(file.length));
      case 4 -> cut(file);
      case 5 -> repeated(file);
      case 6 -> spliced(file, others.get(random.nextInt(others.size())));
      case 7 -> word(file);
      default -> number(file);
    };
  }

  private int place(byte[] file) {
    // Heads are where most is decided.
    return random.nextInt(3) == 0
        ? random.nextInt(Math.min(64, file.length))
        : random.nextInt(file.length);
  }

  private byte[] flipped(byte[] file) {
    byte[] out = file.clone();
    for (int i = 1 + random.nextInt(4); i > 0; i--) {
      out[place(out)] ^= (byte) (1 << random.nextInt(8));
    }
    return out;
  }

  private static byte[] with(byte[] file, int at, byte[] bytes) {
    byte[] out = file.clone();
    System.arraycopy(bytes, 0, out, at, Math.min(bytes.length, out.length - at));
    return out;
  }

  private byte[] word(byte[] file) {
    int value = WORDS[random.nextInt(WORDS.length)];
    byte[] bytes = {(byte) value, (byte) (value >> 8), (byte) (value >> 16), (byte) (value >> 24)};
    return with(file, place(file), random.nextBoolean() ? bytes : Arrays.copyOf(bytes, 2));
  }

  private byte[] cut(byte[] file) {
    int from = random.nextInt(file.length);
    int to = Math.min(file.length, from + 1 + random.nextInt(64));
    return joined(Arrays.copyOf(file, from), Arrays.copyOfRange(file, to, file.length));
  }

  private byte[] repeated(byte[] file) {
    int from = random.nextInt(file.length);
    int to = Math.min(file.length, from + 1 + random.nextInt(128));
    byte[] piece = Arrays.copyOfRange(file, from, to);
    int times = random.nextInt(4) == 0 ? 1 + random.nextInt(2000) : 1 + random.nextInt(8);
    byte[] many = new byte[Math.min(LARGEST, piece.length * times)];
    for (int i = 0; i < many.length; i++) {
      many[i] = piece[i % piece.length];
    }
    return joined(joined(Arrays.copyOf(file, to), many), Arrays.copyOfRange(file, to, file.length));
  }

  private byte[] spliced(byte[] file, byte[] other) {
    int from = random.nextInt(file.length);
    int other1 = other.length == 0 ? 0 : random.nextInt(other.length);
    return joined(Arrays.copyOf(file, from), Arrays.copyOfRange(other, other1, other.length));
  }

  /** Another number, or something that is none, in the place of one that is written out. */
  private byte[] number(byte[] file) {
    // A window of the file: going through all of it for each would take most of the time.
    int from = random.nextInt(file.length);
    int to = Math.min(file.length, from + 512);
    String text = new String(file, from, to - from, StandardCharsets.ISO_8859_1);
    List<MatchResult> all = NUMBER.matcher(text).results().toList();
    if (all.isEmpty()) {
      return flipped(file);
    }
    MatchResult one = all.get(random.nextInt(all.size()));
    String by =
        random.nextInt(3) == 0 ? one.group() + random.nextInt(10) : ODD[random.nextInt(ODD.length)];
    return joined(
        joined(Arrays.copyOf(file, from + one.start()), by.getBytes(StandardCharsets.ISO_8859_1)),
        Arrays.copyOfRange(file, from + one.end(), file.length));
  }

  private static byte[] joined(byte[] a, byte[] b) {
    byte[] both = Arrays.copyOf(a, a.length + b.length);
    System.arraycopy(b, 0, both, a.length, b.length);
    return both;
  }
}

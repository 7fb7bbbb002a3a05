package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.LineWork;
import stoutblade.trace.Tracing;

/**
 * Lines drawn elsewhere: an SVG or a DXF.
 *
 * @param name the file's name without its ending
 * @param work its lines
 * @param outlines its closed outlines, the largest first
 * @param toleranceMm how far they may lie from the lines
 */
public record LinesFile(
    String name, LineWork work, List<WholeOutline> outlines, double toleranceMm) {

  /** The endings of the files that are read. */
  public static final List<String> ENDINGS = List.of(".svg", ".dxf");

  /** The most bytes of a file. */
  public static final int LARGEST_FILE = 50 * 1024 * 1024;

  /** From fine to coarse: the finest whose nodes are few enough is taken. */
  private static final double[] TOLERANCES_MM = {0.05, 0.1, 0.2, 0.5};

  /** Copies the outlines. */
  public LinesFile {
    outlines = List.copyOf(outlines);
  }

  /**
   * Reads a file.
   *
   * @throws FormatException if it is neither, damaged, or holds no closed outline
   */
  public static LinesFile read(Path file) throws IOException {
    String name = String.valueOf(file.getFileName());
    if (!Files.isRegularFile(file)) {
      throw new FormatException(name, "there is no such file");
    }
    if (Files.size(file) > LARGEST_FILE) {
      throw new FormatException(name, "larger than 50 MB");
    }
    return read(name, Files.readAllBytes(file));
  }

  /** Reads it from its bytes; an SVG begins with a bracket. */
  static LinesFile read(String name, byte[] bytes) throws IOException {
    LineWork work = svg(bytes) ? SvgReader.read(name, bytes) : DxfReader.read(name, bytes);
    if (work.rings().isEmpty()) {
      throw new FormatException(
          name,
          "no closed outline in it: "
              + work.loose()
              + " open lines"
              + (work.unread().isEmpty() ? "" : ". Not read: " + unread(work)));
    }
    for (double tolerance : TOLERANCES_MM) {
      Optional<List<WholeOutline>> outlines = followed(name, work, tolerance);
      if (outlines.isPresent()) {
        return new LinesFile(bare(name), work, outlines.get(), tolerance);
      }
    }
    throw new FormatException(
        name,
        "its outlines need more nodes than are kept, however coarse: at most "
            + NodeFitting.MOST_NODES
            + " for one and "
            + Tracing.MOST_NODES
            + " in all");
  }

  /** The outlines within a tolerance; empty where that takes too many nodes. */
  private static Optional<List<WholeOutline>> followed(String name, LineWork work, double tolerance)
      throws FormatException {
    List<WholeOutline> outlines;
    try {
      outlines = work.outlines(tolerance);
    } catch (IllegalArgumentException e) {
      // An outline of more nodes than any may have.
      return Optional.empty();
    }
    if (outlines.isEmpty()) {
      throw new FormatException(name, "only specks in it, smaller than half a millimetre");
    }
    boolean few =
        outlines.stream().allMatch(it -> it.nodes().size() < NodeFitting.MOST_NODES)
            && outlines.stream().mapToInt(it -> it.nodes().size()).sum() <= Tracing.MOST_NODES;
    return few ? Optional.of(outlines) : Optional.empty();
  }

  private static boolean svg(byte[] bytes) {
    for (byte letter : bytes) {
      if (letter == '<') {
        return true;
      }
      // A mark of the encoding and blanks may come first.
      if (letter > ' ') {
        return false;
      }
    }
    return false;
  }

  private static String bare(String name) {
    String bare = name.replaceAll("\\.[A-Za-z]+$", "").strip();
    return bare.isEmpty() ? "Outline" : bare.substring(0, Math.min(60, bare.length()));
  }

  private static String unread(LineWork work) {
    return String.join("; ", work.unread());
  }

  /** What was read and what was not, in words. */
  public String words() {
    List<String> said = new ArrayList<>();
    said.add(
        outlines.size()
            + (outlines.size() == 1 ? " outline" : " outlines")
            + ", units: "
            + work.unit());
    if (work.loose() > 0) {
      said.add(work.loose() + " open lines are left out");
    }
    if (!work.unread().isEmpty()) {
      said.add("not read: " + unread(work));
    }
    return String.join(". ", said);
  }
}

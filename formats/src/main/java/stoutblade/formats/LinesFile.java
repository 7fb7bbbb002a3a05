package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Display;
import stoutblade.shape.NodeFitting;
import stoutblade.shape.Point;
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
 * @param leftOut how many more closed outlines there are, smaller than those that are kept
 * @param framed true where a frame round the page stands last
 */
public record LinesFile(
    String name,
    LineWork work,
    List<WholeOutline> outlines,
    double toleranceMm,
    int leftOut,
    boolean framed) {

  /** The endings of the files that are read. */
  public static final List<String> ENDINGS = List.of(".svg", ".dxf");

  /** The most bytes of a file. */
  public static final int LARGEST_FILE = 50 * 1024 * 1024;

  /** What all outlines together may take to be followed closely, in points. */
  private static final int MOST_POINTS = 500_000;

  /** From fine to coarse: the finest with which all outlines can be kept is taken. */
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
    return read(name, Inside.bytes(name, file, LARGEST_FILE));
  }

  /**
   * Reads it from its bytes; an SVG begins with a bracket.
   *
   * @throws FormatException as above
   */
  public static LinesFile read(String name, byte[] bytes) throws IOException {
    try {
      return new Following(name, work(name, bytes)).file();
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
    }
  }

  private static LineWork work(String name, byte[] bytes) throws IOException {
    Optional<FileKind> kind = FileKind.of(bytes);
    if (kind.filter(it -> it != FileKind.SVG && it != FileKind.DXF).isPresent()) {
      throw new FormatException(name, "no outlines: " + kind.get().words());
    }
    return svg(bytes) ? SvgReader.read(name, bytes) : DxfReader.read(name, bytes);
  }

  /**
   * The closed lines of a file as they are drawn, the largest first, without frames round them.
   *
   * @throws FormatException if it is neither, damaged, or holds no closed outline
   */
  public static List<stoutblade.shape.Path> rings(Path file) throws IOException {
    String name = String.valueOf(file.getFileName());
    try {
      LineWork work = work(name, Inside.bytes(name, file, LARGEST_FILE));
      List<stoutblade.shape.Path> rings =
          work.largest().stream().filter(it -> !it.frame()).map(LineWork.Ring::path).toList();
      if (rings.isEmpty()) {
        throw new FormatException(name, "no closed outline in it: there is nothing to lay");
      }
      return rings;
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
    }
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

  /** The following of its lines by nodes. */
  private record Following(String name, LineWork work) {

    LinesFile file() throws FormatException {
      List<LineWork.Ring> rings = work.largest();
      boolean framed = rings.stream().anyMatch(LineWork.Ring::frame);
      if (rings.isEmpty()) {
        throw new FormatException(name, nothing());
      }
      double coarsest = TOLERANCES_MM[TOLERANCES_MM.length - 1];
      List<WholeOutline> some = followed(rings, coarsest);
      if (some.isEmpty()) {
        throw new FormatException(
            name,
            "its largest outline needs more nodes than are kept, however coarse: at most "
                + NodeFitting.MOST_NODES);
      }
      // What does not fit at the coarsest fits at none: the others need not be tried.
      for (double tolerance : some.size() < rings.size() ? new double[0] : TOLERANCES_MM) {
        List<WholeOutline> outlines = followed(rings, tolerance);
        if (outlines.size() == rings.size()) {
          return of(outlines, tolerance, 0, framed);
        }
      }
      return of(some, coarsest, rings.size() - some.size(), framed);
    }

    private LinesFile of(
        List<WholeOutline> outlines, double tolerance, int leftOut, boolean framed) {
      return new LinesFile(bare(name), work, outlines, tolerance, leftOut, framed);
    }

    private String nothing() {
      if (!work.rings().isEmpty()) {
        return "only specks in it, smaller than half a millimetre";
      }
      return "no closed outline in it: "
          + work.loose()
          + " open lines"
          + (work.unread().isEmpty() ? "" : ". Not read: " + unread(work));
    }

    /** The largest outlines within a tolerance, as many of them as a tracing keeps. */
    private static List<WholeOutline> followed(List<LineWork.Ring> rings, double tolerance) {
      List<WholeOutline> all = new ArrayList<>();
      int nodes = 0;
      Budget points = new Budget(MOST_POINTS);
      for (LineWork.Ring ring : rings) {
        Inside.goOn();
        Optional<WholeOutline> outline = followed(ring, tolerance, points);
        nodes += outline.map(it -> it.nodes().size()).orElse(0);
        if (outline.isEmpty()
            || nodes > Tracing.MOST_NODES
            || all.size() == Tracing.MOST_OUTLINES) {
          break;
        }
        all.add(outline.get());
      }
      return all;
    }

    /** Empty where it takes too many points or nodes. */
    private static Optional<WholeOutline> followed(
        LineWork.Ring ring, double tolerance, Budget budget) {
      try {
        List<Point> points = budget.spent(ring.points(tolerance, budget.left));
        return Optional.of(LineWork.Ring.outline(points, tolerance))
            .filter(it -> it.nodes().size() < NodeFitting.MOST_NODES);
      } catch (IllegalArgumentException e) {
        // An outline of more nodes than any may have.
        return Optional.empty();
      }
    }
  }

  /** The points that all outlines of one tolerance may take together. */
  private static final class Budget {

    private int left;

    Budget(int most) {
      left = most;
    }

    List<Point> spent(List<Point> points) {
      left -= points.size();
      return points;
    }
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
    if (framed) {
      said.add("a frame as large as the page stands last");
    }
    if (outlines.size() > 1) {
      said.add("press the one that you want");
    }
    if (leftOut > 0) {
      said.add(
          leftOut
              + " smaller outlines are left out: at most "
              + Tracing.MOST_OUTLINES
              + " with "
              + Tracing.MOST_NODES
              + " nodes are kept");
    }
    List<Double> bridged = work.bridged();
    if (!bridged.isEmpty()) {
      double widest = bridged.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
      said.add(
          bridged.size()
              + (bridged.size() == 1 ? " line was" : " lines were")
              + " not quite closed: gaps of up to "
              + Display.decimal(Math.ceil(widest * 100 - 1e-3) / 100, 2)
              + " mm are closed");
    }
    if (work.loose() > 0) {
      said.add(work.loose() + " open lines are left out");
    }
    if (!work.unread().isEmpty()) {
      said.add("not read: " + unread(work));
    }
    return String.join(". ", said);
  }
}

package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.shape.WholeOutline;

/**
 * Outlines taken from a picture or a model, at the size in which the prop is made.
 *
 * @param id unique among the project's tracings, such as {@code t1}
 * @param name what it is
 * @param from the id of the picture or model that it was taken from
 * @param outlines closed outlines in mm, y up; the one that is taken first
 * @param toleranceMm how far they may lie from what was traced
 * @param unit what a unit of the file is, where they came from one
 */
public record Tracing(
    String id,
    String name,
    String from,
    List<WholeOutline> outlines,
    double toleranceMm,
    Optional<FileUnit> unit) {

  /** The most outlines of one tracing. */
  public static final int MOST_OUTLINES = 200;

  /** The most nodes of all its outlines. */
  public static final int MOST_NODES = 2000;

  /**
   * Checks id, name and outlines.
   *
   * @throws IllegalArgumentException if one is not right
   */
  public Tracing {
    if (!id.matches("t[1-9][0-9]{0,3}")) {
      throw new IllegalArgumentException("A tracing's id is t and a number; found '" + id + "'");
    }
    if (name.isBlank() || name.length() > 60) {
      throw new IllegalArgumentException("A tracing has a name; found '" + name + "'");
    }
    outlines = List.copyOf(outlines);
    if (outlines.isEmpty() || outlines.size() > MOST_OUTLINES) {
      throw new IllegalArgumentException(
          "A tracing has 1 to " + MOST_OUTLINES + " outlines; found " + outlines.size());
    }
    int nodes = outlines.stream().mapToInt(it -> it.nodes().size()).sum();
    if (nodes > MOST_NODES) {
      throw new IllegalArgumentException(
          "A tracing takes at most "
              + MOST_NODES
              + " nodes; found "
              + nodes
              + ". A wider tolerance makes fewer.");
    }
    if (!(toleranceMm > 0 && toleranceMm <= 100)) {
      throw new IllegalArgumentException(
          "A tracing follows within 0 to 100 mm; found " + toleranceMm);
    }
  }

  /** Outlines that came from no file. */
  public Tracing(
      String id, String name, String from, List<WholeOutline> outlines, double toleranceMm) {
    this(id, name, from, outlines, toleranceMm, Optional.empty());
  }

  /** The same enlarged. */
  public Tracing times(double factor) {
    return new Tracing(
        id,
        name,
        from,
        outlines.stream().map(it -> it.times(factor)).toList(),
        Math.min(100, toleranceMm * factor),
        unit);
  }

  /** The same from a file whose unit is another: larger or smaller by as much. */
  public Tracing with(FileUnit changed) {
    double factor = unit.map(it -> changed.mm() / it.mm()).orElse(1.0);
    Tracing sized = times(factor);
    return new Tracing(id, name, from, sized.outlines, sized.toleranceMm, Optional.of(changed));
  }

  /**
   * The same with another of its outlines taken first; the others follow in their order.
   *
   * @throws IllegalArgumentException if there is none such
   */
  public Tracing taking(int index) {
    if (index < 0 || index >= outlines.size()) {
      throw new IllegalArgumentException("There is no such outline in '" + name + "'");
    }
    List<WholeOutline> order = new ArrayList<>(outlines);
    order.addFirst(order.remove(index));
    return new Tracing(id, name, from, order, toleranceMm, unit);
  }

  public Tracing withName(String changed) {
    return new Tracing(id, changed, from, outlines, toleranceMm, unit);
  }

  /** How many nodes it has in all. */
  public int nodes() {
    return outlines.stream().mapToInt(it -> it.nodes().size()).sum();
  }
}

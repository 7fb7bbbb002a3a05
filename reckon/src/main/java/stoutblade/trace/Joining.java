package stoutblade.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * Lines put end to end to rings: a drawing of a closed thing is often made of single lines.
 *
 * @param rings closed paths
 * @param loose how many lines belong to no ring
 * @param bridged how wide the gaps are over which rings were closed by a straight line, in mm
 */
record Joining(List<Path> rings, int loose, List<Double> bridged) {

  /** Ends closer than this are one place, in mm. */
  static final double JOINED_MM = 0.02;

  /** A ring that ends as near to its start is closed by a straight line, in mm; it is said. */
  static final double NEARLY_MM = 0.5;

  private record Cell(long x, long y) {

    static Cell of(Point at) {
      return new Cell((long) Math.floor(at.x() / JOINED_MM), (long) Math.floor(at.y() / JOINED_MM));
    }
  }

  static Joining of(List<Path> lines) {
    List<Path> rings = new ArrayList<>();
    List<Path> open = new ArrayList<>();
    for (Path line : lines) {
      if (line.closed() || meets(line.start(), line.end())) {
        rings.add(new Path(line.cubics(), true));
      } else {
        open.add(line);
      }
    }
    Worker worker = new Worker(open);
    int loose = worker.into(rings);
    return new Joining(List.copyOf(rings), loose, List.copyOf(worker.bridged));
  }

  private static boolean meets(Point a, Point b) {
    return a.distance(b) <= JOINED_MM;
  }

  /** A line hardly longer than its gap is a tick, and no ring. */
  private static final double MANY_GAPS = 8;

  private static final class Worker {

    private final List<Path> open;
    private final boolean[] used;
    private final Map<Cell, List<Integer>> ends = new HashMap<>();
    private final List<Double> bridged = new ArrayList<>();

    Worker(List<Path> open) {
      this.open = open;
      this.used = new boolean[open.size()];
      for (int i = 0; i < open.size(); i++) {
        put(open.get(i).start(), i);
        put(open.get(i).end(), i);
      }
    }

    private void put(Point at, int line) {
      ends.computeIfAbsent(Cell.of(at), it -> new ArrayList<>()).add(line);
    }

    int into(List<Path> rings) {
      int loose = 0;
      for (int i = 0; i < open.size(); i++) {
        if (used[i]) {
          continue;
        }
        used[i] = true;
        List<Integer> chain = new ArrayList<>(List.of(i));
        List<Cubic> curves = new ArrayList<>(open.get(i).cubics());
        follow(open.get(i).start(), chain, curves);
        Point last = curves.getLast().end();
        double gap = last.distance(open.get(i).start());
        if (gap <= JOINED_MM) {
          rings.add(new Path(curves, true));
        } else if (gap <= NEARLY_MM && length(curves) > MANY_GAPS * gap) {
          curves.add(Cubic.line(last, open.get(i).start()));
          rings.add(new Path(curves, true));
          bridged.add(gap);
        } else {
          loose += chain.size();
        }
      }
      return loose;
    }

    /** Roughly, by where its pieces end. */
    private static double length(List<Cubic> curves) {
      return curves.stream().mapToDouble(it -> it.start().distance(it.end())).sum();
    }

    /** Goes on from the end of a chain until it is back at its start or no line goes on. */
    private void follow(Point start, List<Integer> chain, List<Cubic> curves) {
      Point end = curves.getLast().end();
      Optional<Integer> next = next(end);
      while (!meets(end, start) && next.isPresent()) {
        used[next.get()] = true;
        chain.add(next.get());
        Path line = open.get(next.get());
        Path way = meets(line.start(), end) ? line : line.reversed();
        curves.addAll(way.cubics());
        end = way.end();
        next = next(end);
      }
    }

    private Optional<Integer> next(Point end) {
      Cell at = Cell.of(end);
      for (long x = at.x - 1; x <= at.x + 1; x++) {
        for (long y = at.y - 1; y <= at.y + 1; y++) {
          List<Integer> here = ends.getOrDefault(new Cell(x, y), List.of());
          // Used up from the end, so that a star of many lines is not gone through for each.
          while (!here.isEmpty() && used[here.getLast()]) {
            here.removeLast();
          }
          for (int i = here.size() - 1; i >= 0; i--) {
            int line = here.get(i);
            if (used[line]) {
              here.remove(i);
            } else if (meets(open.get(line).start(), end) || meets(open.get(line).end(), end)) {
              return Optional.of(line);
            }
          }
        }
      }
      return Optional.empty();
    }
  }
}

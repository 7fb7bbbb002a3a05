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
 */
record Joining(List<Path> rings, int loose) {

  /** Ends closer than this are one place, in mm. */
  static final double JOINED_MM = 0.02;

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
    int loose = new Worker(open).into(rings);
    return new Joining(List.copyOf(rings), loose);
  }

  private static boolean meets(Point a, Point b) {
    return a.distance(b) <= JOINED_MM;
  }

  private static final class Worker {

    private final List<Path> open;
    private final boolean[] used;
    private final Map<Cell, List<Integer>> ends = new HashMap<>();

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
        if (meets(curves.getLast().end(), open.get(i).start())) {
          rings.add(new Path(curves, true));
        } else {
          loose += chain.size();
        }
      }
      return loose;
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

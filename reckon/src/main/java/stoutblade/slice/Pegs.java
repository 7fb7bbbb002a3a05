package stoutblade.slice;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Where pegs go through the layers: two in each run of layers that have room for them in common, as
 * far apart as may be, so that no layer can turn on the one below.
 */
final class Pegs {

  private static final double FOAM_MM = 4;
  private static final int ALONG = 24;

  private Pegs() {}

  static List<List<Point>> of(List<Region> outers, List<Region> hollows, double across) {
    List<List<Point>> pegs = new ArrayList<>();
    for (int i = 0; i < outers.size(); i++) {
      pegs.add(new ArrayList<>());
    }
    int first = 0;
    while (across > 0 && first < outers.size() - 1) {
      Region common = room(outers.get(first), hollows.get(first), across);
      int last = first;
      while (last + 1 < outers.size()) {
        Region next = common.common(room(outers.get(last + 1), hollows.get(last + 1), across));
        if (next.empty()) {
          break;
        }
        common = next;
        last++;
      }
      if (last > first) {
        List<Point> pair = apart(common);
        for (int i = first; i <= last; i++) {
          pegs.get(i).addAll(pair);
        }
      }
      // Runs overlap by a layer, so that every joint has its pegs.
      first = Math.max(last, first + 1);
    }
    return pegs;
  }

  private static Region room(Region outer, Region hollow, double across) {
    Region left = outer.without(hollow);
    return left.empty() ? left : left.rounded(-(across / 2 + FOAM_MM), 0.1);
  }

  /** Two places of an area that lie far apart. */
  private static List<Point> apart(Region area) {
    List<Point> places = new ArrayList<>();
    Box box = area.box();
    for (int i = 0; i < ALONG; i++) {
      double y = box.minY() + box.height() * (i + 0.5) / ALONG;
      area.across(y)
          .forEach(
              it -> {
                places.add(new Point(it.from(), y));
                places.add(new Point(it.to(), y));
              });
    }
    if (places.isEmpty()) {
      return List.of(area.centre());
    }
    Point one = places.getFirst();
    Point two = places.getFirst();
    for (Point a : places) {
      for (Point b : places) {
        if (a.distance(b) > one.distance(two)) {
          one = a;
          two = b;
        }
      }
    }
    return one.distance(two) < 1 ? List.of(one) : List.of(one, two);
  }
}

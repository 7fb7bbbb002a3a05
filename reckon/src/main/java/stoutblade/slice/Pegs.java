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

  /** SheetMaterial between a peg and the finished surface, at least, in mm. */
  private static final double FOAM_MM = 3.2;

  private static final int ALONG = 24;

  private Pegs() {}

  /**
   * What the finished surface leaves of a layer.
   *
   * @param lower over its lower half: as far as a peg from below reaches in
   * @param whole over all of it
   * @param upper over its upper half
   */
  record Finished(Region lower, Region whole, Region upper) {}

  /**
   * Places for each layer; a peg ends halfway in the first and in the last layer of its run.
   *
   * @param finished what the finished surface leaves of each layer
   * @param hollows what is hollow
   * @param across a peg's diameter, in mm; 0 for none
   */
  static List<List<Point>> of(List<Finished> finished, List<Region> hollows, double across) {
    List<List<Point>> pegs = new ArrayList<>();
    for (int i = 0; i < finished.size(); i++) {
      pegs.add(new ArrayList<>());
    }
    int first = 0;
    while (across > 0 && first < finished.size() - 1) {
      Region through = room(finished.get(first).upper(), hollows.get(first), across);
      Region common = through;
      int last = first;
      while (last + 1 < finished.size() && !through.isEmpty()) {
        Finished next = finished.get(last + 1);
        Region ending = through.intersection(room(next.lower(), hollows.get(last + 1), across));
        if (ending.isEmpty()) {
          break;
        }
        common = ending;
        through = through.intersection(room(next.whole(), hollows.get(last + 1), across));
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
    Region left = outer.difference(hollow);
    return left.isEmpty() ? left : left.offsetRounded(-(across / 2 + FOAM_MM), 0.1);
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

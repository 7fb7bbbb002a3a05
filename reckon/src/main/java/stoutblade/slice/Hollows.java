package stoutblade.slice;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import stoutblade.shape.Region;

/**
 * What is cut out of each layer to hollow the whole: what all layers within a wall's thickness have
 * in common, less the wall. What runs of layers have in common is worked out for runs of 1, 2, 4, 8
 * and so on, so that any run is two of them.
 */
final class Hollows {

  private static final double TOLERANCE_MM = 0.05;
  private static final double SPECK_MM2 = 1;
  private static final double SAME_MM = 1e-6;
  private static final Region NOTHING = Region.evenOdd(List.of());

  private final List<double[]> layers;
  private final double wall;
  private final List<List<Region>> runs = new ArrayList<>();

  private Hollows(List<double[]> layers, List<Region> inners, double wall) {
    this.layers = layers;
    this.wall = wall;
    runs.add(inners.stream().map(it -> it.simplified(TOLERANCE_MM)).toList());
  }

  static List<Region> of(List<double[]> layers, List<Region> inners, double wall) {
    if (wall == 0) {
      return layers.stream().map(it -> NOTHING).toList();
    }
    Hollows hollows = new Hollows(layers, inners, wall);
    hollows.prepare();
    return IntStream.range(0, layers.size()).parallel().mapToObj(hollows::at).toList();
  }

  private void prepare() {
    int longest = 0;
    for (int i = 0; i < layers.size(); i++) {
      longest = Math.max(longest, last(i) - first(i) + 1);
    }
    for (int run = 2; run <= longest; run *= 2) {
      List<Region> shorter = runs.getLast();
      int half = run / 2;
      runs.add(
          IntStream.range(0, layers.size() - run + 1)
              .parallel()
              .mapToObj(i -> shorter.get(i).intersection(shorter.get(i + half)))
              .toList());
    }
  }

  private int first(int at) {
    int first = at;
    while (first > 0 && layers.get(first - 1)[1] > layers.get(at)[0] - wall + SAME_MM) {
      first--;
    }
    return first;
  }

  private int last(int at) {
    int last = at;
    while (last + 1 < layers.size()
        && layers.get(last + 1)[0] < layers.get(at)[1] + wall - SAME_MM) {
      last++;
    }
    return last;
  }

  private Region at(int index) {
    boolean inside =
        layers.get(index)[0] - wall >= -SAME_MM
            && layers.get(index)[1] + wall <= layers.getLast()[1] + SAME_MM;
    if (!inside) {
      return NOTHING;
    }
    int first = first(index);
    int last = last(index);
    int level = 31 - Integer.numberOfLeadingZeros(last - first + 1);
    List<Region> run = runs.get(level);
    Region common = run.get(first).intersection(run.get(last - (1 << level) + 1));
    Region hollow = common.isEmpty() ? common : common.offsetRounded(-wall, TOLERANCE_MM);
    return hollow.area() < SPECK_MM2 ? NOTHING : hollow;
  }
}

package stoutblade.nest;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Path;
import stoutblade.shape.PathMark;
import stoutblade.shape.Region;

/**
 * A shape that is cut so many times.
 *
 * @param id unique within the job
 * @param lines its edges as they are drawn, those of holes among them; in mm
 * @param outline what lies inside them
 * @param count how many
 * @param turning how it may be turned
 * @param mirrors true where it may be turned over
 */
public record NestShape(
    String id, List<Path> lines, Region outline, int count, Turning turning, boolean mirrors) {

  /** Straight pieces lie this near to curves, in mm. */
  private static final double FINE_MM = 0.02;

  /**
   * Checks it.
   *
   * @throws IllegalArgumentException if it is nothing, or is cut no time
   */
  public NestShape {
    lines = List.copyOf(lines);
    if (outline.isEmpty() || !(outline.area() > 0)) {
      throw new IllegalArgumentException(id + ": there is nothing to cut in this outline");
    }
    if (count < 1) {
      throw new IllegalArgumentException(id + ": a piece is cut at least once; found " + count);
    }
  }

  /** What closed lines enclose; a line inside another one bounds a hole. */
  public static NestShape of(
      String id, List<Path> lines, int count, Turning turning, boolean mirrors) {
    Region outline = Region.evenOdd(lines.stream().map(it -> it.flattened(FINE_MM)).toList());
    return new NestShape(id, lines, outline, count, turning, mirrors);
  }

  /** What has straight edges alone. */
  public static NestShape of(
      String id, Region outline, int count, Turning turning, boolean mirrors) {
    List<Path> lines = outline.rings().stream().map(it -> Path.through(it, true)).toList();
    return new NestShape(id, lines, outline, count, turning, mirrors);
  }

  /**
   * The pieces that closed lines enclose, each with its holes; what lies in a hole is a piece of
   * its own.
   *
   * @param name the pieces are called so, with a number
   */
  public static List<NestShape> each(
      String name, List<Path> lines, int count, Turning turning, boolean mirrors) {
    List<Region> insides = lines.stream().map(it -> Region.inside(it, FINE_MM)).toList();
    int[] depth = new int[lines.size()];
    int[] within = new int[lines.size()];
    for (int i = 0; i < depth.length; i++) {
      within[i] = -1;
      for (int k = 0; k < depth.length; k++) {
        if (i != k && around(insides.get(k), insides.get(i))) {
          depth[i]++;
          boolean nearer = within[i] < 0 || insides.get(k).area() < insides.get(within[i]).area();
          within[i] = nearer ? k : within[i];
        }
      }
    }
    List<NestShape> all = new ArrayList<>();
    for (int i = 0; i < depth.length; i++) {
      if (depth[i] % 2 == 0) {
        List<Path> own = new ArrayList<>(List.of(lines.get(i)));
        for (int k = 0; k < depth.length; k++) {
          if (within[k] == i) {
            own.add(lines.get(k));
          }
        }
        all.add(of(name + " " + (all.size() + 1), own, count, turning, mirrors));
      }
    }
    return all;
  }

  private static boolean around(Region outer, Region inner) {
    return outer.area() > inner.area() && outer.contains(inner.rings().getFirst().getFirst());
  }

  /** The same as long as it is cut along the same lines, to a tenth of a millimetre. */
  public String mark() {
    PathMark mark = new PathMark();
    lines.forEach(mark::with);
    return mark.digits();
  }

  /** The same shape, cut so many times. */
  NestShape times(int other) {
    return new NestShape(id, lines, outline, other, turning, mirrors);
  }

  /** The area of all of them, in mm². */
  double allMm2() {
    return outline.area() * count;
  }
}

package stoutblade.slice;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleConsumer;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshSection;
import stoutblade.reference.Orientation;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Slices a model into layers. */
public final class Slicer {

  private static final double NUDGE = 1e-4;
  private static final double COARSE_MM = 0.02;
  private static final double WITHIN_MM = 5;
  private static final double SPECK_MM2 = 1;

  private final Mesh mesh;
  private final Orientation orientation;
  private final double perUnit;
  private final Slicing slicing;
  private final DoubleConsumer progress;
  private final MeshSection.Cutter cutter;

  private Slicer(
      Mesh mesh,
      Orientation orientation,
      double perUnit,
      Slicing slicing,
      DoubleConsumer progress) {
    this.mesh = mesh;
    this.orientation = orientation;
    this.perUnit = perUnit;
    this.slicing = slicing;
    this.progress = progress;
    progress.accept(0);
    this.cutter = new MeshSection.Cutter(mesh);
  }

  /**
   * Slices a model.
   *
   * @param perUnit mm of the prop for a unit of the model
   * @param progress takes the share that is done; may throw to cancel
   * @throws IllegalArgumentException if the layers would be too many
   */
  public static Sliced of(
      Mesh mesh,
      Orientation orientation,
      double perUnit,
      Slicing slicing,
      DoubleConsumer progress) {
    return new Slicer(mesh, orientation, perUnit, slicing, progress).sliced();
  }

  private Sliced sliced() {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (int t = 0; t < mesh.triangles(); t++) {
      for (int k = 0; k < 3; k++) {
        int v = mesh.corner(t, k);
        double at = orientation.towards(slicing.view(), mesh.x(v), mesh.y(v), mesh.z(v));
        least = Math.min(least, at);
        most = Math.max(most, at);
      }
    }
    double high = (most - least) * perUnit;
    List<double[]> layers = slicing.layers(high);
    List<Region> outers = new ArrayList<>();
    List<Region> inners = new ArrayList<>();
    for (int i = 0; i < layers.size(); i++) {
      double from = layers.get(i)[0];
      double to = Math.min(layers.get(i)[1], high);
      Region outer = null;
      Region inner = null;
      for (double depth : depths(from, to)) {
        Region section = section(least + depth / perUnit);
        outer = outer == null ? section : outer.with(section);
        inner = inner == null ? section : inner.common(section);
        progress.accept(0.85 * (i + (depth - from) / (to - from)) / layers.size());
      }
      outers.add(outer);
      // A layer that the model does not fill to its top is nowhere full.
      inners.add(layers.get(i)[1] > high + 1e-6 ? Region.evenOdd(List.of()) : inner);
    }
    return new Sliced(slices(layers, outers, inners), perUnit);
  }

  /** Sections just inside both faces of a layer, and between them where it is thick. */
  private static List<Double> depths(double from, double to) {
    double nudge = NUDGE * (to - from);
    int between = (int) Math.floor((to - from) / WITHIN_MM);
    List<Double> all = new ArrayList<>();
    for (int i = 0; i <= between + 1; i++) {
      double share = (double) i / (between + 1);
      all.add(from + nudge + (to - from - 2 * nudge) * share);
    }
    return all;
  }

  private Region section(double depth) {
    MeshSection section = cutter.across(orientation, slicing.view(), depth);
    List<List<Point>> rings =
        section.loops().stream()
            .map(loop -> loop.stream().map(it -> it.times(perUnit)).toList())
            .toList();
    return Region.evenOdd(rings).coarse(COARSE_MM);
  }

  private List<Sliced.Slice> slices(
      List<double[]> layers, List<Region> outers, List<Region> inners) {
    List<Region> hollows = new ArrayList<>();
    for (int i = 0; i < layers.size(); i++) {
      hollows.add(hollow(layers, inners, i));
      progress.accept(0.85 + 0.1 * i / layers.size());
    }
    List<List<Point>> pegs = Pegs.of(outers, hollows, slicing.pegMm());
    List<Sliced.Slice> all = new ArrayList<>();
    for (int i = 0; i < layers.size(); i++) {
      Region left = outers.get(i).without(hollows.get(i));
      all.add(
          new Sliced.Slice(
              i + 1,
              layers.get(i)[0],
              layers.get(i)[1],
              outers.get(i),
              inners.get(i),
              hollows.get(i),
              pegs.get(i),
              Pieces.of(left, slicing, i)));
      progress.accept(0.95 + 0.05 * i / layers.size());
    }
    return all;
  }

  /** What all layers within a wall's thickness have in common, less the wall. */
  private Region hollow(List<double[]> layers, List<Region> inners, int at) {
    if (slicing.wallMm() == 0) {
      return Region.evenOdd(List.of());
    }
    double from = layers.get(at)[0] - slicing.wallMm();
    double to = layers.get(at)[1] + slicing.wallMm();
    boolean inside = from >= -1e-6 && to <= layers.getLast()[1] + 1e-6;
    Region common = inside ? inners.get(at) : Region.evenOdd(List.of());
    for (int i = 0; i < layers.size() && !common.empty(); i++) {
      boolean near = layers.get(i)[1] > from + 1e-6 && layers.get(i)[0] < to - 1e-6;
      common = near ? common.common(inners.get(i)) : common;
    }
    Region hollow = common.empty() ? common : common.rounded(-slicing.wallMm(), 0.05);
    return hollow.area() < SPECK_MM2 ? Region.evenOdd(List.of()) : hollow;
  }
}

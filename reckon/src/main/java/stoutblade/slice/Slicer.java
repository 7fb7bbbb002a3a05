package stoutblade.slice;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import stoutblade.layer.Joints;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshSection;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

/** Slices a model into layers. */
public final class Slicer {

  private static final double NUDGE = 1e-4;
  private static final double COARSE_MM = 0.02;
  private static final double WITHIN_MM = 5;

  private final Mesh mesh;
  private final Orientation orientation;
  private final View view;
  private final double perUnit;
  private final Slicing slicing;
  private final DoubleConsumer progress;

  private Slicer(
      Mesh mesh,
      Orientation orientation,
      double perUnit,
      Slicing slicing,
      DoubleConsumer progress) {
    boolean tilted = slicing.tilted();
    this.mesh = tilted ? SlicingFrame.of(mesh, orientation, slicing) : mesh;
    this.orientation = tilted ? Orientation.Y_UP : orientation;
    this.view = tilted ? View.FRONT : slicing.view();
    this.perUnit = perUnit;
    this.slicing = slicing;
    this.progress = progress;
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

  /**
   * How high a model is through its layers, in mm.
   *
   * @param perUnit mm of the prop for a unit of the model
   */
  public static double high(Mesh mesh, Orientation orientation, double perUnit, Slicing slicing) {
    Slicer slicer = new Slicer(mesh, orientation, perUnit, slicing, share -> {});
    return slicer.depths().length() * perUnit;
  }

  /** From the furthest place to the nearest. */
  private Span depths() {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    for (int t = 0; t < mesh.triangles(); t++) {
      for (int k = 0; k < 3; k++) {
        int v = mesh.corner(t, k);
        double at = orientation.towards(view, mesh.x(v), mesh.y(v), mesh.z(v));
        least = Math.min(least, at);
        most = Math.max(most, at);
      }
    }
    return new Span(least, most);
  }

  private Sliced sliced() {
    progress.accept(0);
    MeshSection.Cutter cutter = new MeshSection.Cutter(mesh);
    Span depths = depths();
    double high = depths.length() * perUnit;
    List<double[]> layers = slicing.layers(high);
    double bottom = depths.from();
    AtomicInteger done = new AtomicInteger();
    List<Both> both =
        IntStream.range(0, layers.size())
            .parallel()
            .mapToObj(
                i -> {
                  Both found = both(cutter, layers.get(i), bottom, high);
                  progress.accept(0.7 * done.incrementAndGet() / layers.size());
                  return found;
                })
            .toList();
    return new Sliced(
        slices(
            layers,
            both.stream().map(Both::outer).toList(),
            both.stream().map(Both::inner).toList(),
            both.stream().map(Both::finished).toList()),
        perUnit);
  }

  /** What any section within a layer covers, and what all of them cover. */
  private record Both(Region outer, Region inner, Pegs.Finished finished) {}

  private Both both(MeshSection.Cutter cutter, double[] layer, double least, double high) {
    double from = layer[0];
    double to = Math.min(layer[1], high);
    Region outer = null;
    Region lower = null;
    Region upper = null;
    // Half of the sheet, which the model may not fill to its top.
    double middle = (layer[0] + layer[1]) / 2;
    for (double depth : depths(from, to, middle)) {
      Region section = section(cutter, least + depth / perUnit);
      outer = outer == null ? section : outer.unionWith(section);
      boolean half = depth == middle;
      if (depth < middle || half) {
        lower = lower == null ? section : lower.intersection(section);
      }
      if (depth > middle || half) {
        upper = upper == null ? section : upper.intersection(section);
      }
    }
    Region none = Region.evenOdd(List.of());
    boolean low = upper == null;
    Region inner = low ? none : lower.intersection(upper);
    // A layer that the model does not fill to its top is nowhere full.
    boolean unfilled = layer[1] > high + 1e-6;
    return new Both(
        outer,
        unfilled ? none : inner,
        new Pegs.Finished(low ? none : lower, unfilled ? none : inner, unfilled ? none : upper));
  }

  /** Sections just inside both faces of a layer, in its middle, and between where it is thick. */
  private static List<Double> depths(double from, double to, double middle) {
    double nudge = NUDGE * (to - from);
    int between = (int) Math.floor((to - from) / WITHIN_MM);
    List<Double> all = new ArrayList<>();
    if (middle > from && middle < to) {
      all.add(middle);
    }
    for (int i = 0; i <= between + 1; i++) {
      double share = (double) i / (between + 1);
      all.add(from + nudge + (to - from - 2 * nudge) * share);
    }
    return all;
  }

  private Region section(MeshSection.Cutter cutter, double depth) {
    MeshSection section = cutter.across(orientation, view, depth);
    List<List<Point>> rings =
        section.loops().stream()
            .map(loop -> loop.stream().map(it -> it.times(perUnit)).toList())
            .toList();
    return Region.evenOdd(rings).simplified(COARSE_MM);
  }

  private List<Sliced.Slice> slices(
      List<double[]> layers,
      List<Region> outers,
      List<Region> inners,
      List<Pegs.Finished> finished) {
    List<Region> hollows = Hollows.of(layers, inners, slicing.wallMm());
    progress.accept(0.85);
    List<List<Point>> pegs = Pegs.of(finished, hollows, slicing.pegMm());
    progress.accept(0.9);
    return IntStream.range(0, layers.size())
        .parallel()
        .mapToObj(
            i -> {
              Region left = outers.get(i).difference(hollows.get(i));
              return new Sliced.Slice(
                  i + 1,
                  layers.get(i)[0],
                  layers.get(i)[1],
                  outers.get(i),
                  inners.get(i),
                  hollows.get(i),
                  pegs.get(i),
                  Joints.even(left, slicing.sheetWideMm(), slicing.sheetLongMm(), i).pieces(left));
            })
        .toList();
  }
}

package stoutblade.mesh;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.function.DoubleConsumer;
import org.locationtech.jts.algorithm.InteriorPointArea;
import org.locationtech.jts.coverage.CoverageUnion;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.noding.snapround.SnapRoundingNoder;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Region;

/**
 * The outline of a mesh from a side, exact but for rounding to a ten-millionth of its size.
 *
 * <p>Only edges where the surface folds, as seen from the side, or ends can be part of the outline.
 * Those edges cut the picture into faces; a face belongs to the silhouette where any triangle
 * covers a place inside it. No closed or well-turned surface is asked for.
 *
 * @param region what the mesh covers, in its own units, as seen in the view
 * @param tolerance how far the outline may lie from the true one, in the mesh's units
 */
public record Silhouette(Region region, double tolerance) {

  private static final GeometryFactory FACTORY = new GeometryFactory();

  /** The grid to which folds are rounded, in parts of the extent. */
  private static final double GRID = 1e7;

  /** With more folds than this the surface is rough: it is followed on a fine raster instead. */
  private static final int MOST_FOLDS = 120_000;

  /**
   * The silhouette of a mesh.
   *
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   */
  public static Silhouette of(
      Mesh mesh, Orientation orientation, View view, DoubleConsumer progress) {
    Work work = new Work(mesh, orientation, view, progress);
    return work.silhouette();
  }

  /** The silhouette without telling how far it is. */
  public static Silhouette of(Mesh mesh, Orientation orientation, View view) {
    return of(mesh, orientation, view, share -> {});
  }

  private static final class Work {

    private final Mesh mesh;
    private final DoubleConsumer progress;
    private final double[] px;
    private final double[] py;
    private final double size;

    Work(Mesh mesh, Orientation orientation, View view, DoubleConsumer progress) {
      this.mesh = mesh;
      this.progress = progress;
      this.px = new double[mesh.vertices()];
      this.py = new double[mesh.vertices()];
      this.size = mesh.extent().longest();
      for (int v = 0; v < px.length; v++) {
        px[v] = orientation.across(view, mesh.x(v), mesh.y(v), mesh.z(v));
        py[v] = orientation.along(view, mesh.x(v), mesh.y(v), mesh.z(v));
      }
    }

    Silhouette silhouette() {
      progress.accept(0.05);
      long[][] folds = folds(Edges.of(mesh));
      progress.accept(0.35);
      if (folds.length > MOST_FOLDS) {
        return new RasterSilhouette(mesh, px, py, size, progress).silhouette();
      }
      List<org.locationtech.jts.geom.Polygon> faces = faces(folds);
      progress.accept(0.6);
      boolean[] covered = covered(faces);
      progress.accept(0.9);
      List<Geometry> kept = new ArrayList<>();
      for (int i = 0; i < covered.length; i++) {
        if (covered[i]) {
          kept.add(faces.get(i));
        }
      }
      if (kept.isEmpty()) {
        throw new IllegalArgumentException("Seen from this side the model is a line: no outline");
      }
      return new Silhouette(
          Region.of(CoverageUnion.union(kept.toArray(Geometry[]::new))), size / GRID);
    }

    private double side(int a, int b, int c) {
      return (px[b] - px[a]) * (py[c] - py[a]) - (py[b] - py[a]) * (px[c] - px[a]);
    }

    /** Folds and rims as pairs of rounded places; each once. */
    private long[][] folds(Edges edges) {
      long[][] found = new long[1024][];
      int count = 0;
      for (int h = 0; h < 3 * mesh.triangles(); h++) {
        int other = edges.other(h);
        if (other >= 0 && (other < h || !folds(h, other))) {
          continue;
        }
        long[] fold = rounded(mesh.from(h), mesh.to(h));
        if (fold[0] == fold[2] && fold[1] == fold[3]) {
          continue;
        }
        if (count == found.length) {
          found = Arrays.copyOf(found, 2 * count);
        }
        found[count++] = fold;
      }
      return distinct(Arrays.copyOf(found, count));
    }

    /** Both triangles lie on one side of the edge, or one of them is seen edge on. */
    private boolean folds(int h, int other) {
      double here = side(mesh.from(h), mesh.to(h), mesh.apex(h));
      double there = side(mesh.from(h), mesh.to(h), mesh.apex(other));
      return here * there >= 0 && (here != 0 || there != 0);
    }

    private long[] rounded(int a, int b) {
      long[] one = {Math.round(px[a] / size * GRID), Math.round(py[a] / size * GRID)};
      long[] two = {Math.round(px[b] / size * GRID), Math.round(py[b] / size * GRID)};
      boolean order = one[0] < two[0] || (one[0] == two[0] && one[1] < two[1]);
      return order
          ? new long[] {one[0], one[1], two[0], two[1]}
          : new long[] {two[0], two[1], one[0], one[1]};
    }

    private static long[][] distinct(long[][] folds) {
      Arrays.sort(folds, Arrays::compare);
      int count = 0;
      for (int i = 0; i < folds.length; i++) {
        if (i == 0 || !Arrays.equals(folds[i], folds[i - 1])) {
          folds[count++] = folds[i];
        }
      }
      return Arrays.copyOf(folds, count);
    }

    private List<org.locationtech.jts.geom.Polygon> faces(long[][] folds) {
      List<SegmentString> lines = new ArrayList<>(folds.length);
      for (long[] fold : folds) {
        lines.add(
            new NodedSegmentString(
                new Coordinate[] {
                  new Coordinate(fold[0], fold[1]), new Coordinate(fold[2], fold[3])
                },
                null));
      }
      SnapRoundingNoder noder = new SnapRoundingNoder(new PrecisionModel(1));
      noder.computeNodes(lines);
      Polygonizer polygonizer = new Polygonizer();
      List<long[]> pieces = new ArrayList<>();
      for (Object noded : noder.getNodedSubstrings()) {
        Coordinate[] at = ((SegmentString) noded).getCoordinates();
        for (int i = 1; i < at.length; i++) {
          pieces.add(piece(at[i - 1], at[i]));
        }
      }
      for (long[] piece : distinct(pieces.toArray(long[][]::new))) {
        polygonizer.add(
            FACTORY.createLineString(
                new Coordinate[] {at(piece[0], piece[1]), at(piece[2], piece[3])}));
      }
      Collection<?> polygons = polygonizer.getPolygons();
      return polygons.stream().map(it -> (org.locationtech.jts.geom.Polygon) it).toList();
    }

    private static long[] piece(Coordinate a, Coordinate b) {
      long[] ends = {Math.round(a.x), Math.round(a.y), Math.round(b.x), Math.round(b.y)};
      return ends[0] < ends[2] || (ends[0] == ends[2] && ends[1] <= ends[3])
          ? ends
          : new long[] {ends[2], ends[3], ends[0], ends[1]};
    }

    private Coordinate at(long x, long y) {
      return new Coordinate(x * size / GRID, y * size / GRID);
    }

    /** Which faces have a place inside that a triangle covers: all places are asked in one go. */
    private boolean[] covered(List<org.locationtech.jts.geom.Polygon> faces) {
      Places places = new Places(faces.size());
      for (int i = 0; i < faces.size(); i++) {
        Coordinate inside = InteriorPointArea.getInteriorPoint(faces.get(i));
        places.add(i, inside.x, inside.y);
      }
      places.sort();
      boolean[] covered = new boolean[faces.size()];
      for (int t = 0; t < mesh.triangles(); t++) {
        places.under(mesh.corner(t, 0), mesh.corner(t, 1), mesh.corner(t, 2), px, py, covered);
        if ((t & 0xffff) == 0) {
          progress.accept(0.6 + 0.3 * t / mesh.triangles());
        }
      }
      return covered;
    }
  }

  /** Places in a grid of cells, to be found by the box of a triangle. */
  private static final class Places {

    private final double[] x;
    private final double[] y;
    private int[] start = {};
    private int[] order = {};
    private int cells;
    private double minX;
    private double minY;
    private double cell;

    Places(int count) {
      x = new double[count];
      y = new double[count];
    }

    void add(int index, double atX, double atY) {
      x[index] = atX;
      y[index] = atY;
    }

    void sort() {
      minX = Arrays.stream(x).min().orElse(0);
      minY = Arrays.stream(y).min().orElse(0);
      double extent =
          Math.max(
              Arrays.stream(x).max().orElse(1) - minX, Arrays.stream(y).max().orElse(1) - minY);
      cells = Math.clamp((long) Math.ceil(Math.sqrt(x.length) * 2), 1, 2048);
      cell = Math.max(extent / cells * (1 + 1e-9), Double.MIN_NORMAL);
      start = new int[cells * cells + 1];
      for (int i = 0; i < x.length; i++) {
        start[cellOf(i) + 1]++;
      }
      for (int c = 0; c < cells * cells; c++) {
        start[c + 1] += start[c];
      }
      order = new int[x.length];
      int[] filled = start.clone();
      for (int i = 0; i < x.length; i++) {
        order[filled[cellOf(i)]++] = i;
      }
    }

    private int cellOf(int i) {
      return column(y[i] - minY) * cells + column(x[i] - minX);
    }

    private int column(double from) {
      return Math.clamp((long) Math.floor(from / cell), 0, cells - 1);
    }

    /** Marks the places that lie in a triangle. */
    void under(int a, int b, int c, double[] px, double[] py, boolean[] covered) {
      double left = Math.min(px[a], Math.min(px[b], px[c])) - minX;
      double right = Math.max(px[a], Math.max(px[b], px[c])) - minX;
      double low = Math.min(py[a], Math.min(py[b], py[c])) - minY;
      double high = Math.max(py[a], Math.max(py[b], py[c])) - minY;
      for (int row = column(low); row <= column(high); row++) {
        int from = start[row * cells + column(left)];
        int to = start[row * cells + column(right) + 1];
        for (int k = from; k < to; k++) {
          int i = order[k];
          if (!covered[i] && holds(a, b, c, px, py, x[i], y[i])) {
            covered[i] = true;
          }
        }
      }
    }

    private static boolean holds(
        int a, int b, int c, double[] px, double[] py, double x, double y) {
      double ab = (px[b] - px[a]) * (y - py[a]) - (py[b] - py[a]) * (x - px[a]);
      double bc = (px[c] - px[b]) * (y - py[b]) - (py[c] - py[b]) * (x - px[b]);
      double ca = (px[a] - px[c]) * (y - py[c]) - (py[a] - py[c]) * (x - px[c]);
      return (ab >= 0 && bc >= 0 && ca >= 0) || (ab <= 0 && bc <= 0 && ca <= 0);
    }
  }
}

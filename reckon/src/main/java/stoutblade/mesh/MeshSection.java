package stoutblade.mesh;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

/**
 * A section through a mesh.
 *
 * @param loops the lines of the cut, as seen along the plane's normal, in the mesh's units
 * @param closed false where a line ends at a hole in the mesh
 */
public record MeshSection(List<List<Point>> loops, boolean closed) {

  /** Makes sections through one mesh: what all of them need is worked out once. */
  public static final class Cutter {

    private final Mesh mesh;
    private final Edges edges;

    public Cutter(Mesh mesh) {
      this.mesh = mesh;
      this.edges = Edges.of(mesh);
    }

    /**
     * The section by a plane square to the line of sight of a view.
     *
     * @param depth how far the plane lies towards the one who looks, in the mesh's units
     */
    public MeshSection across(Orientation orientation, View view, double depth) {
      double[] away = new double[mesh.vertices()];
      for (int v = 0; v < away.length; v++) {
        away[v] = orientation.towards(view, mesh.x(v), mesh.y(v), mesh.z(v)) - depth;
      }
      return new Work(mesh, edges, away, (x, y, z) -> orientation.in(view, x, y, z)).section();
    }

    /**
     * The section by the plane through a line in a view and the line of sight: across runs along
     * the line from its first place, up runs towards the one who looks.
     *
     * @param from one place of the line, in the mesh's units as seen in the view
     * @param to another
     */
    public MeshSection along(Orientation orientation, View view, Point from, Point to) {
      Point line = to.minus(from);
      if (!(line.length() > 0)) {
        throw new IllegalArgumentException("A line to cut along has two places");
      }
      Point unit = line.times(1 / line.length());
      Point square = new Point(-unit.y(), unit.x());
      double[] away = new double[mesh.vertices()];
      for (int v = 0; v < away.length; v++) {
        away[v] = orientation.in(view, mesh.x(v), mesh.y(v), mesh.z(v)).minus(from).dot(square);
      }
      return new Work(
              mesh,
              edges,
              away,
              (x, y, z) ->
                  new Point(
                      orientation.in(view, x, y, z).minus(from).dot(unit),
                      orientation.towards(view, x, y, z)))
          .section();
    }

    /**
     * The section by any plane.
     *
     * @param normal square to the plane; need not be of length 1
     * @param through a place on the plane
     */
    public MeshSection by(double[] normal, double[] through) {
      double length = Math.sqrt(dot(normal, normal));
      if (!(length > 0)) {
        throw new IllegalArgumentException("A plane has a direction");
      }
      double[] n = {normal[0] / length, normal[1] / length, normal[2] / length};
      double[] u = across(n);
      double[] w = {
        n[1] * u[2] - n[2] * u[1], n[2] * u[0] - n[0] * u[2], n[0] * u[1] - n[1] * u[0]
      };
      double d = dot(n, through);
      double[] away = new double[mesh.vertices()];
      for (int v = 0; v < away.length; v++) {
        away[v] = n[0] * mesh.x(v) + n[1] * mesh.y(v) + n[2] * mesh.z(v) - d;
      }
      return new Work(
              mesh,
              edges,
              away,
              (x, y, z) ->
                  new Point(u[0] * x + u[1] * y + u[2] * z, w[0] * x + w[1] * y + w[2] * z))
          .section();
    }

    private static double[] across(double[] n) {
      double[] u =
          Math.abs(n[0]) < 0.9 ? new double[] {0, n[2], -n[1]} : new double[] {-n[2], 0, n[0]};
      double length = Math.sqrt(dot(u, u));
      return new double[] {u[0] / length, u[1] / length, u[2] / length};
    }

    private static double dot(double[] a, double[] b) {
      return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
    }
  }

  private interface Lay {
    Point at(double x, double y, double z);
  }

  /** The area inside, in square units: rings inside rings are holes. */
  public double area() {
    double area = 0;
    for (int i = 0; i < loops.size(); i++) {
      int around = 0;
      for (int j = 0; j < loops.size(); j++) {
        around += j != i && inside(loops.get(i).getFirst(), loops.get(j)) ? 1 : 0;
      }
      area += (around % 2 == 0 ? 1 : -1) * Math.abs(signedArea(loops.get(i)));
    }
    return area;
  }

  private static double signedArea(List<Point> ring) {
    double twice = 0;
    for (int i = 0; i < ring.size(); i++) {
      Point a = ring.get(i);
      Point b = ring.get((i + 1) % ring.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  private static boolean inside(Point p, List<Point> ring) {
    boolean inside = false;
    for (int i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
      Point a = ring.get(i);
      Point b = ring.get(j);
      if (a.y() > p.y() != b.y() > p.y()
          && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
        inside = !inside;
      }
    }
    return inside;
  }

  /** Follows the cut from triangle to triangle; a vertex on the plane counts as above it. */
  @SuppressWarnings("ArrayRecordComponent") // of one section, passed on once
  private record Work(Mesh mesh, Edges edges, double[] away, Lay lay) {

    MeshSection section() {
      boolean[] visited = new boolean[mesh.triangles()];
      List<List<Point>> loops = new ArrayList<>();
      boolean closed = true;
      for (int t = 0; t < mesh.triangles(); t++) {
        if (!visited[t] && crossed(t)) {
          List<Point> line = new ArrayList<>();
          boolean round = follow(3 * t + leaving(t), visited, line);
          if (!round) {
            List<Point> back = new ArrayList<>();
            visited[t] = false;
            follow(3 * t + entering(t), visited, back);
            Collections.reverse(back);
            back.addAll(line);
            line = back;
            closed = false;
          }
          if (line.size() > 2) {
            loops.add(List.copyOf(line));
          }
        }
      }
      return new MeshSection(List.copyOf(loops), closed);
    }

    private boolean above(int vertex) {
      return away[vertex] >= 0;
    }

    private boolean crossed(int t) {
      boolean first = above(mesh.corner(t, 0));
      return first != above(mesh.corner(t, 1)) || first != above(mesh.corner(t, 2));
    }

    /** The edge of a triangle that the cut leaves by: the one that runs from above to below. */
    private int leaving(int t) {
      for (int k = 0; k < 3; k++) {
        if (above(mesh.from(3 * t + k)) && !above(mesh.to(3 * t + k))) {
          return k;
        }
      }
      throw new IllegalStateException("A crossed triangle has such an edge");
    }

    private int entering(int t) {
      for (int k = 0; k < 3; k++) {
        if (!above(mesh.from(3 * t + k)) && above(mesh.to(3 * t + k))) {
          return k;
        }
      }
      throw new IllegalStateException("A crossed triangle has such an edge");
    }

    /**
     * Adds the place where the cut crosses each edge, from this one on.
     *
     * @return true where it comes back to where it began
     */
    private boolean follow(int halfEdge, boolean[] visited, List<Point> line) {
      int h = halfEdge;
      while (true) {
        int t = h / 3;
        if (visited[t]) {
          return true;
        }
        visited[t] = true;
        line.add(crossing(h));
        int other = edges.other(h);
        if (other < 0) {
          return false;
        }
        int next = other / 3;
        // Out by the edge that it did not come in by.
        int out = 3 * next + leaving(next);
        h = out == other ? 3 * next + entering(next) : out;
      }
    }

    private Point crossing(int h) {
      int a = mesh.from(h);
      int b = mesh.to(h);
      double share = away[a] / (away[a] - away[b]);
      return lay.at(
          mesh.x(a) + share * (mesh.x(b) - mesh.x(a)),
          mesh.y(a) + share * (mesh.y(b) - mesh.y(a)),
          mesh.z(a) + share * (mesh.z(b) - mesh.z(a)));
    }
  }
}

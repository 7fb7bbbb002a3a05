package stoutblade.mesh;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import stoutblade.mesh.MeshSamples.Turn;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

class SilhouetteTest {

  private static final GeometryFactory FACTORY = new GeometryFactory();
  private static final Orientation UP = Orientation.Z_UP;

  private static Geometry outline(Mesh mesh, View view) {
    List<List<Point>> rings = Silhouette.of(mesh, UP, view).region().rings();
    Geometry all = FACTORY.createPolygon();
    for (List<Point> ring : rings) {
      all = all.symDifference(polygon(ring));
    }
    return all;
  }

  private static Geometry polygon(List<Point> ring) {
    return FACTORY.createPolygon(
        ring.stream().map(it -> new Coordinate(it.x(), it.y())).toArray(Coordinate[]::new));
  }

  private static Geometry hull(Mesh mesh, View view) {
    Coordinate[] all =
        IntStream.range(0, mesh.vertices())
            .mapToObj(v -> UP.in(view, mesh.x(v), mesh.y(v), mesh.z(v)))
            .map(it -> new Coordinate(it.x(), it.y()))
            .toArray(Coordinate[]::new);
    return new ConvexHull(all, FACTORY).getConvexHull();
  }

  private static double farthest(Geometry a, Geometry b) {
    return DiscreteHausdorffDistance.distance(a.getBoundary(), b.getBoundary(), 0.2);
  }

  /** What is convex is seen as the hull of its corners (JTS's convex hull), from any side. */
  @Property(tries = 25)
  void a_sphere_and_a_cone_are_seen_as_the_hull_of_their_corners(
      @ForAll @DoubleRange(min = 0, max = 3) double aboutX,
      @ForAll @DoubleRange(min = 0, max = 3) double aboutZ) {
    Turn turn = new Turn(aboutX, aboutZ);
    for (Mesh mesh :
        List.of(MeshSamples.sphere(100, 48, turn), MeshSamples.cone(40, 90, 60, turn))) {
      for (View view : View.values()) {
        assertThat(farthest(outline(mesh, view), hull(mesh, view))).isLessThan(1e-4);
      }
    }
  }

  /** Seen from the side a cone is the triangle of its diameter and height; a sphere is a circle. */
  @Test
  void a_cone_and_a_sphere_have_the_areas_of_geometry() {
    Mesh cone = MeshSamples.cone(40, 90, 360, Turn.NONE);
    Mesh sphere = MeshSamples.sphere(100, 360, Turn.NONE);

    assertThat(outline(cone, View.FRONT).getArea()).isCloseTo(40 * 90, within(0.3));
    assertThat(outline(cone, View.TOP).getArea()).isCloseTo(Math.PI * 40 * 40, within(1.0));
    assertThat(outline(sphere, View.SIDE).getArea()).isCloseTo(Math.PI * 1e4, within(4.0));
  }

  /**
   * A torus seen from any side is a disc rolled along the ellipse that its ring is seen as (JTS's
   * buffer of that ellipse), with its hole where one shows.
   */
  @Property(tries = 15)
  void a_torus_is_a_disc_rolled_along_an_ellipse(
      @ForAll @DoubleRange(min = 0, max = 1.45) double tilt) {
    Mesh torus = MeshSamples.torus(100, 20, 240, new Turn(tilt, 0.4));
    Coordinate[] ring = new Coordinate[721];
    for (int i = 0; i <= 720; i++) {
      double a = 2 * Math.PI * (i % 720) / 720;
      double[] at = new Turn(tilt, 0.4).of(100 * Math.cos(a), 100 * Math.sin(a), 0);
      Point seen = UP.in(View.TOP, at[0], at[1], at[2]);
      ring[i] = new Coordinate(seen.x(), seen.y());
    }
    Geometry expected = FACTORY.createLineString(ring).buffer(20, 90);

    Geometry found = outline(torus, View.TOP);

    assertThat(found.symDifference(expected).getArea() / expected.getArea()).isLessThan(1e-3);
    assertThat(found.getNumGeometries()).isEqualTo(expected.getNumGeometries());
  }

  /** Triangles at random, with no surface at all, cover what JTS's union of them covers. */
  @Test
  void loose_triangles_cover_their_union() {
    Random random = new Random(2);
    for (int run = 0; run < 12; run++) {
      List<Geometry> parts = new ArrayList<>();
      Mesh soup =
          MeshSamples.mesh(
              it -> {
                for (int t = 0; t < 60; t++) {
                  for (int k = 0; k < 3; k++) {
                    it.vertex(random.nextInt(1000), random.nextInt(1000), random.nextInt(1000));
                  }
                  it.face(3 * t, 3 * t + 1, 3 * t + 2);
                }
              });
      for (int t = 0; t < soup.triangles(); t++) {
        List<Point> ring = new ArrayList<>();
        for (int k : new int[] {0, 1, 2, 0}) {
          int v = soup.corner(t, k);
          ring.add(UP.in(View.FRONT, soup.x(v), soup.y(v), soup.z(v)));
        }
        parts.add(polygon(ring));
      }
      Geometry union = OverlayNGRobust.union(FACTORY.buildGeometry(parts));

      Geometry found = outline(soup, View.FRONT);

      // Rounding to a ten-millionth of the size, along all edges.
      assertThat(found.symDifference(union).getArea()).isLessThan(1);
    }
  }

  @Test
  void holes_in_the_surface_and_faces_turned_over_change_no_outline() {
    Mesh whole = MeshSamples.cube();
    Mesh broken =
        MeshSamples.mesh(
            it -> {
              for (int i = 0; i < 8; i++) {
                it.vertex(i & 1, i >> 1 & 1, i >> 2);
              }
              it.face(0, 1, 3, 2);
              it.face(4, 5, 7, 6);
              it.face(0, 4, 5, 1);
              it.face(2, 6, 7, 3);
            });
    MeshCheck check = MeshCheck.of(broken, 0);

    assertThat(outline(broken, View.FRONT).equalsTopo(outline(whole, View.FRONT))).isTrue();
    assertThat(outline(broken, View.FRONT).getArea()).isCloseTo(1, within(1e-6));
    assertThat(check.holes()).isEqualTo(2);
    assertThat(check.flippedEdges()).isPositive();
    assertThat(check.sound()).isFalse();
    assertThat(check.words()).anyMatch(it -> it.startsWith("2 holes"));
    assertThat(MeshCheck.of(whole, 0).sound()).isTrue();
    assertThat(MeshCheck.of(whole, 0).words()).isEmpty();
  }

  @Test
  void bits_that_do_not_hang_together_are_counted_and_all_seen() {
    Mesh two =
        MeshSamples.mesh(
            it -> {
              for (int bit = 0; bit < 2; bit++) {
                it.vertex(5 * bit, 0, 0);
                it.vertex(5 * bit + 2, 0, 0);
                it.vertex(5 * bit, 0, 2);
                it.face(3 * bit, 3 * bit + 1, 3 * bit + 2);
              }
              it.face(0, 1, 1);
            });

    assertThat(MeshCheck.of(two, 1).words())
        .contains("2 pieces that do not hang together", "1 face without an area, left out");
    assertThat(outline(two, View.FRONT).getNumGeometries()).isEqualTo(2);
    assertThat(outline(two, View.FRONT).getArea()).isCloseTo(4, within(1e-5));
  }

  @Test
  void a_sheet_seen_edge_on_has_no_outline_and_says_so() {
    Mesh sheet =
        MeshSamples.mesh(
            it -> {
              it.vertex(0, 0, 0);
              it.vertex(1, 0, 0);
              it.vertex(0, 0, 1);
              it.face(0, 1, 2);
            });

    assertThatThrownBy(() -> Silhouette.of(sheet, UP, View.SIDE)).hasMessageContaining("a line");
  }

  /** A surface rough as a rasp has too many folds to cut by; a fine raster follows it. */
  @Test
  void a_rough_surface_is_followed_within_its_stated_tolerance() {
    Random random = new Random(8);
    int n = 420;
    Mesh rough =
        MeshSamples.mesh(
            it -> {
              for (int y = 0; y <= n; y++) {
                for (int x = 0; x <= n; x++) {
                  boolean rim = x == 0 || y == 0 || x == n || y == n;
                  it.vertex(
                      x + (rim ? 0 : 2 * random.nextDouble()),
                      random.nextDouble(),
                      y + (rim ? 0 : 2 * random.nextDouble()));
                }
              }
              for (int y = 0; y < n; y++) {
                for (int x = 0; x < n; x++) {
                  int at = y * (n + 1) + x;
                  it.face(at, at + 1, at + n + 2, at + n + 1);
                }
              }
            });

    Silhouette found = Silhouette.of(rough, UP, View.FRONT);

    assertThat(found.tolerance()).isBetween(0.1, 0.2);
    assertThat(found.region().area()).isBetween(n * n - n * 0.6, n * n + n * 1.6);
  }

  @Test
  void it_can_be_stopped() {
    assertThatThrownBy(
            () ->
                Silhouette.of(
                    MeshSamples.cube(),
                    UP,
                    View.TOP,
                    share -> {
                      throw new CancellationException("stop");
                    }))
        .isInstanceOf(CancellationException.class);
  }
}

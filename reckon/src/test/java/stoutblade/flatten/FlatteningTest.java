package stoutblade.flatten;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.BiFunction;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import stoutblade.mesh.Mesh;
import stoutblade.mesh.MeshBuilder;
import stoutblade.shape.Point;

/** Patches laid flat, where geometry or another library knows how they lie. */
class FlatteningTest {

  /** A grid of faces over 0..1 × 0..1. */
  private static Mesh grid(int across, int along, BiFunction<Double, Double, double[]> place) {
    MeshBuilder builder = new MeshBuilder();
    for (int j = 0; j <= along; j++) {
      for (int i = 0; i <= across; i++) {
        double[] at = place.apply(i / (double) across, j / (double) along);
        builder.vertex(at[0], at[1], at[2]);
      }
    }
    for (int j = 0; j < along; j++) {
      for (int i = 0; i < across; i++) {
        int a = j * (across + 1) + i;
        int d = a + across + 1;
        if ((i + j) % 2 == 0) {
          builder.face(a, a + 1, d + 1);
          builder.face(a, d + 1, d);
        } else {
          builder.face(a, a + 1, d);
          builder.face(a + 1, d + 1, d);
        }
      }
    }
    return builder.build();
  }

  private static Flattening flat(Mesh mesh) {
    return Flattening.of(Patch.of(mesh, 1), share -> {});
  }

  private static double round(List<Point> outline) {
    double sum = 0;
    for (int i = 0; i < outline.size(); i++) {
      sum += outline.get(i).distance(outline.get((i + 1) % outline.size()));
    }
    return sum;
  }

  private static double area(List<Point> outline) {
    double twice = 0;
    for (int i = 0; i < outline.size(); i++) {
      Point a = outline.get(i);
      Point b = outline.get((i + 1) % outline.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  private static double worst(Flattening flat, Patch patch) {
    double worst = 0;
    for (int t = 0; t < patch.triangles(); t++) {
      worst = Math.max(worst, Math.max(flat.stretched(t) - 1, 1 - flat.squeezed(t)));
    }
    return worst;
  }

  /** Half a tube of radius 50 is a rectangle; as many flats it is one exactly. */
  @Test
  void half_a_tube_comes_out_as_a_rectangle() {
    Mesh tube =
        grid(
            40,
            20,
            (s, t) ->
                new double[] {50 * Math.cos(Math.PI * s), 50 * Math.sin(Math.PI * s), 120 * t});
    Patch patch = Patch.of(tube, 1);
    Flattening flat = Flattening.of(patch, share -> {});

    double flats = 40 * 2 * 50 * Math.sin(Math.PI / 80);
    assertThat(worst(flat, patch)).isLessThan(1e-4);
    assertThat(round(flat.outline())).isCloseTo(2 * (flats + 120), within(0.01));
    assertThat(area(flat.outline())).isCloseTo(flats * 120, within(0.5));
    assertThat(flat.turnedOver()).isZero();
  }

  /** A cone's side is a sector of its slope (5-12-13): radius 130, opening 360° · 50/130. */
  @Test
  void a_cone_cut_along_a_seam_comes_out_as_the_sector_of_its_slope() {
    Mesh cone =
        grid(
            96,
            16,
            (s, t) -> {
              double rho = 40 + 90 * t;
              // All but a hair of the way round, so that the seam is open.
              double angle = 2 * Math.PI * 0.9999 * s;
              return new double[] {
                rho * 5 / 13 * Math.cos(angle), rho * 5 / 13 * Math.sin(angle), rho * 12 / 13
              };
            });
    Patch patch = Patch.of(cone, 1);
    Flattening flat = Flattening.of(patch, share -> {});

    assertThat(worst(flat, patch)).isLessThan(2e-4);
    double opening = 2 * Math.PI * 0.9999 * 5 / 13;
    double sector = opening / 2 * (130 * 130 - 40 * 40);
    assertThat(area(flat.outline())).isCloseTo(sector, within(sector * 2e-3));
    // Every place of the long edge is as far from the sector's centre.
    Point[] placed = new Point[cone.vertices()];
    for (int i = 0; i < patch.vertices(); i++) {
      placed[patch.source(i)] = flat.at(i);
    }
    Point a = placed[96 / 2 + 16 * 97];
    Point b = placed[96 / 2];
    Point centre = b.plus(b.minus(a).times(40 / a.distance(b)));
    for (int i = 0; i <= 96; i++) {
      assertThat(placed[i + 16 * 97].distance(centre)).isCloseTo(130, within(0.1));
    }
  }

  /** A cap of a sphere of radius 1 in rings, finer near the middle. */
  private static Mesh cap(double opening, int rings) {
    MeshBuilder builder = new MeshBuilder();
    builder.vertex(0, 0, 1);
    List<Integer> starts = new ArrayList<>();
    int around = 6 * rings;
    for (int r = 1; r <= rings; r++) {
      starts.add(builder.vertices());
      double s = opening * r / rings;
      for (int i = 0; i < around; i++) {
        double angle = 2 * Math.PI * (i + 0.5 * (r % 2)) / around;
        builder.vertex(Math.sin(s) * Math.cos(angle), Math.sin(s) * Math.sin(angle), Math.cos(s));
      }
    }
    for (int i = 0; i < around; i++) {
      builder.face(0, starts.get(0) + i, starts.get(0) + (i + 1) % around);
    }
    for (int r = 1; r < rings; r++) {
      int low = starts.get(r - 1);
      int high = starts.get(r);
      int shift = r % 2;
      for (int i = 0; i < around; i++) {
        int next = (i + 1) % around;
        if (shift == 1) {
          builder.face(low + i, high + next, low + next);
          builder.face(low + i, high + i, high + next);
        } else {
          builder.face(low + i, high + i, low + next);
          builder.face(high + i, high + next, low + next);
        }
      }
    }
    return builder.build();
  }

  /**
   * The theory: a map of the hemisphere that turns with it takes the way s to φ(s) with (sin s (φ'
   * − 1))' = φ / sin s − 1 and φ' = 1 at the rim (the least of the same energy, Euler and
   * Lagrange). Solved by Hipparchus; 1/a is the stretch at the middle, sin S / φ(S) at the rim.
   */
  @Test
  void a_hemisphere_stretches_as_the_theory_says() {
    double rim = Math.PI / 2;
    double[] none = shot(rim, 0);
    double[] one = shot(rim, 1);
    double a = (1 - none[1]) / (one[1] - none[1]);
    double radius = none[0] + a * (one[0] - none[0]);

    Mesh mesh = cap(rim, 28);
    Patch patch = Patch.of(mesh, 1);
    Flattening flat = Flattening.of(patch, share -> {});

    double flatRound = round(flat.outline());
    assertThat(flatRound / (2 * Math.PI)).isCloseTo(radius, within(0.01 * radius));
    assertThat(flat.stretched(0)).isCloseTo(1 / a, within(0.02 / a));
    assertThat(flat.turnedOver()).isZero();
  }

  /** The way and its growth at the rim, where it starts from the middle with a slope. */
  private static double[] shot(double rim, double slope) {
    double start = 1e-3;
    OrdinaryDifferentialEquation equation =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 2;
          }

          @Override
          public double[] computeDerivatives(double s, double[] y) {
            double sin = Math.sin(s);
            return new double[] {y[1], (y[0] / sin - 1 - Math.cos(s) * (y[1] - 1)) / sin};
          }
        };
    return new DormandPrince853Integrator(1e-8, 0.05, 1e-10, 1e-10)
        .integrate(equation, new ODEState(start, new double[] {slope * start, slope}), rim)
        .getPrimaryState();
  }

  @Test
  void what_lies_flat_already_stays_as_it_is_and_units_are_honoured() {
    Mesh sheet = grid(8, 6, (s, t) -> new double[] {4 * s, 3 * t, 0.5 * s});
    Patch patch = Patch.of(sheet, 25.4);
    Flattening flat = Flattening.of(patch, share -> {});
    assertThat(flat.energy()).isLessThan(1e-6);
    assertThat(round(flat.outline())).isCloseTo(2 * 25.4 * (Math.hypot(4, 0.5) + 3), within(1e-3));
  }

  @Test
  void faces_that_cannot_be_laid_flat_are_refused_with_what_would_mend_it() {
    MeshBuilder closed = new MeshBuilder();
    closed.vertex(0, 0, 0);
    closed.vertex(1, 0, 0);
    closed.vertex(0, 1, 0);
    closed.vertex(0, 0, 1);
    closed.face(0, 2, 1);
    closed.face(0, 1, 3);
    closed.face(1, 2, 3);
    closed.face(2, 0, 3);
    Mesh tetrahedron = closed.build();
    assertThatThrownBy(() -> Patch.of(tetrahedron, 1)).hasMessageContaining("Cut a seam");
    assertThat(Patch.of(tetrahedron, new int[] {0, 1, 2}, 1).triangles()).isEqualTo(3);
    assertThatThrownBy(() -> Patch.of(tetrahedron, new int[0], 1)).hasMessageContaining("No face");

    Mesh tube =
        grid(
            12,
            4,
            (s, t) -> new double[] {Math.cos(2 * Math.PI * s), Math.sin(2 * Math.PI * s), 3 * t});
    assertThatThrownBy(() -> Patch.of(tube, 1)).hasMessageContaining("seam");
    Mesh sheet = grid(6, 1, (s, t) -> new double[] {6 * s, t, 0});
    assertThatThrownBy(() -> Patch.of(sheet, new int[] {0, 1, 6, 7}, 1))
        .hasMessageContaining("pieces");
  }

  @Test
  void it_tells_how_far_it_is_and_can_be_stopped() {
    List<Double> shares = new ArrayList<>();
    Flattening.of(Patch.of(cap(1, 6), 1), shares::add);
    assertThat(shares).isSorted().last().isEqualTo(1.0);
    assertThatThrownBy(
            () ->
                Flattening.of(
                    Patch.of(cap(1, 6), 1),
                    share -> {
                      throw new CancellationException("stop");
                    }))
        .isInstanceOf(CancellationException.class);
    assertThat(flat(cap(0.3, 4)).turnedOver()).isZero();
  }
}

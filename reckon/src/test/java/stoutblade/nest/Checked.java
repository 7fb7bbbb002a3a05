package stoutblade.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.BooleanSupplier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Answers checked by another library's geometry (JTS). */
final class Checked {

  private static final GeometryFactory SHAPES = new GeometryFactory();

  private Checked() {}

  /** Each answer asks once in a while: so many times, whatever the machine. */
  static BooleanSupplier after(int asked) {
    int[] left = {asked};
    return () -> {
      synchronized (left) {
        return left[0]-- <= 0;
      }
    };
  }

  /** As it lies, moved by the library's own matrices. */
  static Geometry placed(Nesting.Placed it) {
    Geometry whole = geometry(it.shape().outline());
    AffineTransformation lie = new AffineTransformation();
    if (it.lay().mirrored()) {
      lie.scale(-1, 1);
    }
    lie.rotate(it.lay().angle());
    lie.translate(it.lay().x(), it.lay().y());
    return lie.transform(whole);
  }

  static Geometry geometry(Region region) {
    Geometry sum = SHAPES.createPolygon();
    for (List<Point> ring : region.rings()) {
      sum =
          sum.symDifference(
              SHAPES.createPolygon(
                  ring.stream()
                      .map(at -> new Coordinate(at.x(), at.y()))
                      .toArray(Coordinate[]::new)));
    }
    return sum;
  }

  /** No overlap, the gap kept, everything on its sheet, each piece once, turned as it may be. */
  static void holds(NestJob job, Nesting nesting) {
    Map<String, Integer> laid = new HashMap<>();
    for (Nesting.Used used : nesting.sheets()) {
      Geometry sheet = geometry(used.sheet().outline()).buffer(0.01 - job.rimMm());
      List<Geometry> there = new ArrayList<>();
      for (Nesting.Placed it : used.pieces()) {
        laid.merge(it.shape().id(), 1, Integer::sum);
        Geometry own = placed(it);
        assertThat(own.difference(sheet).getArea())
            .as("%s off %s", it.shape().id(), used.sheet().id())
            .isLessThan(1e-3);
        for (Geometry other : there) {
          if (job.gapMm() > 0) {
            assertThat(own.distance(other)).isGreaterThan(job.gapMm() - 0.01);
          } else {
            assertThat(own.intersection(other).getArea())
                .isLessThan(0.01 * Math.min(own.getLength(), other.getLength()));
          }
        }
        there.add(own);
        assertThat(it.lay().mirrored() && !it.shape().mirrors()).isFalse();
        double quarters = it.lay().angle() / (Math.PI / 2);
        switch (it.shape().turning()) {
          case NONE -> assertThat(it.lay().angle()).isZero();
          case HALF -> assertThat(quarters / 2).isCloseTo(Math.rint(quarters / 2), within(1e-9));
          case QUARTER -> assertThat(quarters).isCloseTo(Math.rint(quarters), within(1e-9));
          case ANY -> assertThat(it.lay().angle()).isFinite();
        }
      }
    }
    nesting.left().forEach(it -> laid.merge(it, 1, Integer::sum));
    Map<String, Integer> wanted = new HashMap<>();
    job.shapes().forEach(it -> wanted.put(it.id(), it.count()));
    assertThat(laid).isEqualTo(wanted);
  }

  static Region blob(Random random, double radius) {
    int corners = 3 + random.nextInt(14);
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      double r = radius * (0.4 + 0.6 * random.nextDouble());
      ring.add(new Point(r, 0).turned(2 * Math.PI * i / corners));
    }
    Region whole = Region.inside(Path.through(ring, true), 0.1);
    Region hole = Region.inside(WholeOutline.circle(new Point(0, 0), radius / 8).path(), 0.1);
    return random.nextBoolean() ? whole : whole.difference(hole);
  }
}

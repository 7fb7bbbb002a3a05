package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** What an area is asked by the thousand, against the geometry library asked one by one. */
class RowsTest {

  private static final GeometryFactory JTS = new GeometryFactory();

  /** A comb: few, tall edges beside many short ones, one of them level. */
  private static Polygon comb(int teeth, long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Coordinate> ring = new ArrayList<>(List.of(new Coordinate(0, -10)));
    for (int i = 0; i < teeth; i++) {
      double tall = random.nextDouble() < 0.5 ? 400 : 3 * random.nextDouble();
      ring.add(new Coordinate(2 * i, 0));
      ring.add(new Coordinate(2 * i + random.nextDouble(), tall));
      ring.add(new Coordinate(2 * i + 1.5, tall));
    }
    ring.add(new Coordinate(2 * teeth, -10));
    ring.add(ring.getFirst());
    return JTS.createPolygon(ring.toArray(Coordinate[]::new));
  }

  @Property(tries = 60)
  void lines_across_are_as_long_as_the_librarys(
      @ForAll @IntRange(min = 1, max = 900) int teeth, @ForAll @LongRange(min = 0) long seed) {
    Polygon comb = comb(teeth, seed);
    Region region = Region.of(comb);
    SplittableRandom random = new SplittableRandom(seed + 1);

    for (int i = 0; i < 20; i++) {
      double y = -12 + 420 * Math.pow(random.nextDouble(), 3);
      Geometry line =
          JTS.createLineString(
              new Coordinate[] {new Coordinate(-5, y), new Coordinate(2 * teeth + 5, y)});
      double library = comb.intersection(line).getLength();
      assertThat(region.widthAt(y)).isCloseTo(library, within(1e-6 * (1 + library)));
      double spans = region.across(y).stream().mapToDouble(it -> it.to() - it.from()).sum();
      assertThat(spans).isCloseTo(library, within(1e-6 * (1 + library)));
    }
  }

  /** Boxes strewn at random, many by themselves and some over one another. */
  @Property(tries = 60)
  void paths_together_take_the_area_of_the_librarys_union(
      @ForAll @IntRange(min = 1, max = 80) int count, @ForAll @LongRange(min = 0) long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Geometry> boxes =
        IntStream.range(0, count)
            .<Geometry>mapToObj(
                it -> {
                  double x = 300 * random.nextDouble();
                  double y = 300 * random.nextDouble();
                  Envelope box =
                      new Envelope(
                          x, x + 1 + 40 * random.nextDouble(), y, y + 1 + 40 * random.nextDouble());
                  return JTS.toGeometry(box);
                })
            .toList();
    List<Path> paths =
        boxes.stream()
            .map(
                it ->
                    Path.through(
                        IntStream.range(0, 4)
                            .mapToObj(i -> it.getCoordinates()[i])
                            .map(at -> new Point(at.x, at.y))
                            .toList(),
                        true))
            .toList();
    Geometry library = JTS.buildGeometry(boxes).buffer(0);

    Region region = Region.union(paths, 0.01);

    assertThat(region.area()).isCloseTo(library.getArea(), within(1e-6 * library.getArea()));
    assertThat(region.partCount()).isEqualTo(library.getNumGeometries());
    for (int i = 0; i < 20; i++) {
      Point at = new Point(340 * random.nextDouble(), 340 * random.nextDouble());
      Geometry place = JTS.createPoint(new Coordinate(at.x(), at.y()));
      assertThat(region.contains(at)).isEqualTo(library.contains(place));
      assertThat(region.distanceToBoundary(at))
          .isCloseTo(library.getBoundary().distance(place), within(1e-9));
    }
  }
}

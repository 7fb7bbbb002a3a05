package stoutblade.feature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Fields of lightening holes: every distance is measured again by JTS. */
class LighteningTest {

  private static final GeometryFactory JTS = new GeometryFactory();
  private static final double HALF_WIDE = 300;
  private static final double HALF_HIGH = 200;
  private static final double CORE_HALF = 10;

  private static final WholeOutline BOARD =
      new WholeOutline(
          List.of(
              Node.corner(-HALF_WIDE, -HALF_HIGH),
              Node.corner(HALF_WIDE, -HALF_HIGH),
              Node.corner(HALF_WIDE, HALF_HIGH),
              Node.corner(-HALF_WIDE, HALF_HIGH)));

  private static Geometry polygon(Path path) {
    List<Coordinate> ring = new ArrayList<>();
    path.flattened(0.01).forEach(it -> ring.add(new Coordinate(it.x(), it.y())));
    ring.add(ring.getFirst());
    return JTS.createPolygon(ring.toArray(Coordinate[]::new));
  }

  private static Geometry disc(double x, double y, double across) {
    return JTS.createPoint(new Coordinate(x, y)).buffer(across / 2, 64);
  }

  private static Feature field(Map<String, Double> sizes, double turn) {
    return new Feature(
        "f9", Feature.Kind.LIGHTENING, sizes, "", new Where.At(new Spot(new Point(11, -7), turn)));
  }

  private static Lightening lightened(Optional<Blank.CoreWay> core, Feature... features) {
    Blank blank = new Blank("d1", "Board", BOARD, List.of(features), 12).cored(core);
    return PlateForm.of(blank, Typeface.NONE).lightened().getFirst();
  }

  /** Distances to the edge, a screw, a pocket, a window, the core and between any two holes. */
  @Property(tries = 25)
  void every_hole_is_whole_and_keeps_clear_of_all_there_is(
      @ForAll @DoubleRange(min = 14, max = 60) double across,
      @ForAll @DoubleRange(min = 3, max = 25) double web,
      @ForAll @DoubleRange(min = 0, max = 50) double rim,
      @ForAll @DoubleRange(min = 0, max = 30) double clear,
      @ForAll @DoubleRange(min = -3, max = 3) double turn) {
    Feature field = field(Map.of("across", across, "web", web, "rim", rim, "clear", clear), turn);
    Feature screws =
        new Feature(
            "f1",
            Feature.Kind.FIXING,
            Map.of("across", 6.0, "head", 24.0),
            "",
            new Where.Row(new Point(-200, 120), new Point(200, 120), 4));
    Feature pocket =
        new Feature(
            "f2",
            Feature.Kind.RECESS,
            Map.of("long", 70.0, "wide", 30.0),
            "",
            Where.At.of(90, -90));
    Feature window =
        new Feature(
            "f3",
            Feature.Kind.WINDOW,
            Map.of("corner", 0.0, "frame", 0.0),
            "",
            Where.At.of(-120, -80));
    Lightening made =
        lightened(Optional.of(new Blank.CoreWay(CORE_HALF, 0, 350)), screws, pocket, window, field);

    List<Geometry> holes = made.holes().stream().map(LighteningTest::polygon).toList();
    List<Geometry> kept = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      kept.add(disc(-200 + 400.0 * i / 3, 120, 24));
    }
    Geometry box = JTS.toGeometry(new org.locationtech.jts.geom.Envelope(-35, 35, -15, 15));
    kept.add(AffineTransformation.translationInstance(90, -90).transform(box));
    kept.add(JTS.toGeometry(new org.locationtech.jts.geom.Envelope(-150, -90, -100, -60)));
    kept.add(
        JTS.toGeometry(
            new org.locationtech.jts.geom.Envelope(
                -CORE_HALF, CORE_HALF, -HALF_HIGH, -HALF_HIGH + 350)));
    for (Geometry hole : holes) {
      assertThat(hole.getEnvelopeInternal().getMaxX()).isLessThanOrEqualTo(HALF_WIDE - rim + 1e-6);
      assertThat(hole.getEnvelopeInternal().getMinX())
          .isGreaterThanOrEqualTo(rim - HALF_WIDE - 1e-6);
      assertThat(hole.getEnvelopeInternal().getMaxY()).isLessThanOrEqualTo(HALF_HIGH - rim + 1e-6);
      assertThat(hole.getEnvelopeInternal().getMinY())
          .isGreaterThanOrEqualTo(rim - HALF_HIGH - 1e-6);
      kept.forEach(it -> assertThat(hole.distance(it)).isGreaterThanOrEqualTo(clear - 0.03));
      kept.forEach(it -> assertThat(hole.intersection(it).getArea()).isLessThan(0.5));
    }
    for (int i = 0; i < holes.size(); i++) {
      for (int k = 0; k < i; k++) {
        assertThat(holes.get(i).distance(holes.get(k))).isGreaterThanOrEqualTo(web - 1e-6);
      }
    }
    double area = Math.sqrt(3) / 2 * across * across;
    assertThat(made.areaMm2()).isCloseTo(holes.size() * area, within(1e-6 * area * 1500));
  }

  /**
   * Of a wide honeycomb the share (a / (a + w))² is taken out: cells of a + w across flats fill the
   * plane, each with a hole of a in it.
   */
  @Test
  void a_wide_field_takes_out_the_share_of_a_honeycomb() {
    Lightening made =
        lightened(
            Optional.empty(),
            field(Map.of("across", 14.0, "web", 4.0, "rim", 0.0, "clear", 0.0), 0));

    double whole = 4 * HALF_WIDE * HALF_HIGH;
    double share = 14.0 * 14 / (18.0 * 18);
    assertThat(made.areaMm2() / whole).isBetween(share * 0.88, share);
    // As many more fit as a hole is smaller than its cell, and none more than that.
    assertThat(made.holes()).hasSizeBetween(700, 856);
  }

  @Test
  void rounds_take_their_circles_off() {
    Lightening made = lightened(Optional.empty(), field(Map.of("shape", 1.0), 0));

    assertThat(made.holes()).isNotEmpty();
    assertThat(made.areaMm2())
        .isCloseTo(made.holes().size() * Math.PI * 15 * 15, within(1e-3 * made.holes().size()));
  }

  @Test
  void a_second_field_keeps_clear_of_the_first() {
    Feature first = field(Map.of("rim", 120.0), 0);
    Feature second =
        new Feature(
            "f10",
            Feature.Kind.LIGHTENING,
            Map.of("across", 16.0, "web", 6.0, "clear", 8.0),
            "",
            Where.At.of(0, 0));
    List<Lightening> both =
        PlateForm.of(new Blank("d1", "Board", BOARD, List.of(first, second), 12), Typeface.NONE)
            .lightened();

    List<Geometry> large = both.get(0).holes().stream().map(LighteningTest::polygon).toList();
    List<Geometry> small = both.get(1).holes().stream().map(LighteningTest::polygon).toList();
    assertThat(large).isNotEmpty();
    assertThat(small).isNotEmpty();
    for (Geometry it : small) {
      large.forEach(other -> assertThat(it.distance(other)).isGreaterThanOrEqualTo(7.97));
    }
  }

  @Test
  void a_sieve_is_refused_at_once_wherever_its_field_starts() {
    Feature sieve =
        new Feature(
            "f9",
            Feature.Kind.LIGHTENING,
            Map.of("across", 0.5, "web", 0.1),
            "",
            Where.At.of(19_000, -19_000));

    Lightening made = lightened(Optional.empty(), sieve);
    assertThat(made.tooMany()).isTrue();
    assertThat(made.holes()).isEmpty();
    assertThat(lightened(Optional.empty(), field(Map.of("across", 900.0), 0)).tooMany()).isFalse();
  }

  @Test
  void fixings_keep_their_size_where_a_board_is_made_larger() {
    Feature screw = new Feature("f1", Feature.Kind.FIXING, Map.of(), "", Where.At.of(10, 0));

    assertThat(screw.times(3).size("across")).isEqualTo(screw.size("across"));
    assertThat(screw.times(3).where()).isEqualTo(Where.At.of(30, 0));
    assertThat(field(Map.of(), 0).times(2).size("web")).isEqualTo(20);
  }
}

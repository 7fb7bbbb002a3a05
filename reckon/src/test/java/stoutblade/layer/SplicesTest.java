package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.develop.Ring;
import stoutblade.develop.Wraps;
import stoutblade.measure.Units;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.stack.Splits;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/** What is larger than a sheet is put together from several. */
class SplicesTest {

  private static final Splices SHEET = new Splices(new SheetOffer(600, 1200, 1, 0), 10, Map.of());

  /** A drum of 70 cm: π·71 cm round is 223.1 cm, two lengths of a sheet, spliced once. */
  @Test
  void a_wrap_longer_than_a_sheet_has_a_splice_and_its_cover() {
    Developed flat = new Ring(700, Ring.Known.FORMER, 10, 150).develop("x");
    Panel ring = flat.panels().getFirst();

    assertThat(SHEET.count(ring)).isEqualTo(2);
    assertThat(SHEET.lines(ring)).hasSize(1);
    assertThat(SHEET.lines(ring).getFirst().getFirst().x())
        .isCloseTo(Math.PI * 710 / 2, within(0.1));
    Panel cover = SHEET.strips(flat.panels()).getFirst();
    assertThat(cover.count()).isEqualTo(1);
    assertThat(cover.box().width()).isCloseTo(150, within(0.05));
    assertThat(cover.box().height()).isEqualTo(60);

    Template template =
        FlatTemplate.of(
            Making.once("drum", "Drum"), flat, Stroke.Kind.BEND, Optional.of(SHEET), Units.METRIC);
    assertThat(template.strokes().stream().filter(it -> it.kind() == Stroke.Kind.JOINT)).hasSize(1);
    assertThat(template.labels())
        .anyMatch(
            it -> it.text().equals("Larger than a sheet: 2 pieces, a cover strip on each splice"));
    assertThat(template.copies()).hasSize(1);
  }

  @Test
  void what_fits_a_sheet_stays_as_it_is() {
    Developed handle = new Wraps(27, List.of(6.0, 6.0), 140, 0).develop("x");

    assertThat(SHEET.strips(handle.panels())).isEmpty();
  }

  /** A kept piece may be jagged, or lie over itself: it is spliced all the same. */
  @Property(tries = 200)
  void jagged_pieces_and_those_over_themselves_are_spliced(
      @ForAll @Size(min = 3, max = 12) List<@DoubleRange(min = 0, max = 3000) Double> places) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      ring.add(new Point(places.get(i), places.get((i * 7 + 3) % places.size()) + i));
    }
    Panel panel = Panel.of("Patch", 1, List.of(Edge.free(Path.through(ring, true))));

    assertThat(SHEET.strips(List.of(panel))).allMatch(it -> it.area() > 0);
  }

  /** Every piece fits a sheet, and the strips are as long as all splices together. */
  @Property(tries = 200)
  void every_piece_fits_and_every_splice_is_covered(
      @ForAll @DoubleRange(min = 50, max = 5000) double length,
      @ForAll @DoubleRange(min = 20, max = 1500) double width) {
    Panel strip = Panel.strip("Turn 1", 2, length, width, "A");
    List<Panel> covers = SHEET.strips(List.of(strip));
    long along = (long) Math.ceil(Math.max(length, width) / 1200);
    long across = (long) Math.ceil(Math.min(length, width) / 600);
    double splices = (along - 1) * Math.min(length, width) + (across - 1) * Math.max(length, width);

    assertThat(SHEET.count(strip)).isEqualTo((int) (along * across));
    double strips = covers.stream().mapToDouble(it -> it.count() * it.box().width()).sum();
    assertThat(strips).isCloseTo(2 * splices, within(0.1 * (along + across) * 4));
    assertThat(covers).allMatch(it -> it.box().width() <= 1200.1);
  }

  /** Where it was decided, wherever the panel lies: its pieces make it again (JTS). */
  @Property(tries = 100)
  void a_panel_is_cut_apart_where_it_was_decided(
      @ForAll @DoubleRange(min = 300, max = 1500) double length,
      @ForAll @DoubleRange(min = 100, max = 500) double width,
      @ForAll @DoubleRange(min = 0.2, max = 0.8) double share,
      @ForAll @DoubleRange(min = -900, max = 900) double aside) {
    Path outline =
        Panel.strip("Band", 1, length, width, "A")
            .outline()
            .moved(it -> it.plus(new Point(aside, 7)));
    Panel strip = Panel.of("Band", 1, List.of(Edge.free(outline)));
    double at = share * length;
    Splices decided =
        new Splices(
            SHEET.sheet(), 10, Map.of("Band", Splits.PROPOSED.at(List.of(at), List.of(width / 2))));

    List<Panel> pieces = decided.split(strip);

    assertThat(pieces).hasSize(4);
    assertThat(pieces)
        .allMatch(
            it ->
                Math.abs(it.box().width() - at) < 0.01
                    || Math.abs(it.box().width() - (length - at)) < 0.01);
    Geometry whole =
        new GeometryFactory()
            .buildGeometry(pieces.stream().map(SplicesTest::polygon).toList())
            .buffer(0);
    assertThat(whole.getArea()).isCloseTo(length * width, within(0.1));
    assertThat(whole.getNumGeometries()).isEqualTo(1);
    double sum = pieces.stream().mapToDouble(it -> polygon(it).getArea()).sum();
    assertThat(sum).as("none over another").isCloseTo(length * width, within(0.1));
    assertThat(decided.tooLarge(strip).isPresent()).isEqualTo(Math.max(at, length - at) > 1200.1);
    Panel other = Panel.strip("Other", 1, length, width, "A");
    assertThat(decided.count(other)).isEqualTo(SHEET.count(other));
  }

  private static Geometry polygon(Panel panel) {
    List<Coordinate> ring = new ArrayList<>();
    panel.outline().flattened(0.01).forEach(it -> ring.add(new Coordinate(it.x(), it.y())));
    ring.set(ring.size() - 1, ring.getFirst());
    return new GeometryFactory().createPolygon(ring.toArray(Coordinate[]::new));
  }

  /** Common practice: seams are covered with a thin strip. */
  @Test
  void strips_are_of_thin_foam_whatever_the_part_is_of() {
    List<Panel> ring = new Ring(700, Ring.Known.FORMER, 10, 150).develop("x").panels();
    SheetMaterial thin = foam("thin", 2.0, 4.0);
    SheetMaterial thick = foam("mat", 12.5);

    assertThat(CoverStrips.of(SHEET, ring, thick, List.of(thick, thin)).orElseThrow())
        .satisfies(
            it -> {
              assertThat(it.foam()).isEqualTo(thin);
              assertThat(it.thicknessMm()).isEqualTo(2);
              assertThat(it.areaMm2()).isCloseTo(150 * 60, within(10.0));
            });
    SheetMaterial own = foam("own", 3.0, 10.0);
    assertThat(CoverStrips.of(SHEET, ring, own, List.of(own, thin)).orElseThrow().foam())
        .isEqualTo(own);
  }

  private static SheetMaterial foam(String id, Double... thicknesses) {
    return new SheetMaterial(id, id, List.of(thicknesses), 1e-4, 600, 1200, false, 3, 2, "test");
  }
}

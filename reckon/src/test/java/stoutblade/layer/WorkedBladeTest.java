package stoutblade.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Feature;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** A blade with something worked into it. */
class WorkedBladeTest {

  private static final HalfOutline BOX =
      new HalfOutline(List.of(Node.corner(50, 0), Node.corner(50, 400)));
  private static final Layering SLAB = Layering.of(2, "foam", 10, Profile.bevel(0, 20));
  private static final Layering BEVELLED = Layering.of(2, "foam", 10, Profile.bevel(16, 4));

  private static Feature feature(Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature("f1", kind, sizes, "", where);
  }

  private static Feature fuller(double wide, double deep, int way, double from, double to) {
    return feature(
        Feature.Kind.FULLER,
        Map.of("wide", wide, "deep", deep, "way", (double) way),
        new Where.Row(new Point(0, from), new Point(0, to), 1));
  }

  private static PlateForm form(Feature... features) {
    return Samples.form(BOX, features);
  }

  private static Solid solid(Layering layering, Feature... features) {
    PlateForm form = form(features);
    return Solid.of(form, layering);
  }

  /** Added up over small squares: an independent way to the volume over a face. */
  private static double addedUp(Solid solid, double step) {
    double sum = 0;
    for (double x = -55 + step / 2; x < 55; x += step) {
      for (double y = step / 2; y < 405; y += step) {
        Point place = new Point(x, y);
        if (solid.face().contains(place)) {
          sum += 2 * solid.halfThicknessAt(place) * step * step;
        }
      }
    }
    return sum;
  }

  @Test
  void a_hole_takes_its_prism_out_of_the_whole_blade() {
    Feature hole = feature(Feature.Kind.HOLE, Map.of("across", 30.0), Where.At.of(0, 200));

    double without = solid(SLAB).volume();

    assertThat(without - solid(SLAB, hole).volume())
        .isCloseTo(Math.PI * 225 * 20, within(Math.PI * 225 * 20 * 1e-3));
    assertThat(form(hole).measures().orElseThrow().area().value())
        .isCloseTo(100 * 400 - Math.PI * 225, within(0.5));
    assertThat(form(hole).outer()).isEqualTo(form().outer());
  }

  /** Half an ellipse 12 wide and 3 deep is 9π; 88 mm of it straight, and half an ellipsoid. */
  @Test
  void a_routed_fuller_takes_a_trough_out_of_both_faces() {
    Feature fuller = fuller(12, 3, 0, 100, 200);

    double trough = Math.PI * 12 * 3 / 4 * 88 + Math.PI * 12 * 12 * 3 / 6;

    assertThat(solid(SLAB).volume() - solid(SLAB, fuller).volume())
        .isCloseTo(2 * trough, within(1e-6));
    assertThat(addedUp(solid(SLAB), 0.5) - addedUp(solid(SLAB, fuller), 0.5))
        .isCloseTo(2 * trough, within(2 * trough * 0.01));
    assertThat(solid(SLAB).sectionArea(150) - solid(SLAB, fuller).sectionArea(150))
        .isCloseTo(2 * Math.PI * 9, within(0.1));
    assertThat(solid(SLAB, fuller).halfThicknessAt(new Point(0, 150))).isEqualTo(7);
    assertThat(solid(SLAB, fuller).halfThicknessAt(new Point(6.1, 150))).isEqualTo(10);
  }

  @Test
  void a_raised_fuller_stands_on_both_faces_and_is_cut_twice() {
    Feature fuller = fuller(12, 2, 1, 100, 200);
    double strip = 88 * 12 + Math.PI * 36;

    assertThat(solid(SLAB, fuller).volume() - solid(SLAB).volume())
        .isCloseTo(2 * 2 * strip, within(strip * 1e-3));
    assertThat(solid(SLAB, fuller).halfThicknessAt(new Point(0, 150))).isEqualTo(12);
    assertThat(form(fuller).piecePanels())
        .singleElement()
        .satisfies(
            it -> {
              assertThat(it.area()).isCloseTo(strip, within(0.5));
              assertThat(it.count()).isEqualTo(2);
            });
  }

  @Test
  void the_middle_of_mass_moves_away_from_where_a_fuller_is() {
    Solid plain = solid(BEVELLED);
    Solid hollowed = solid(BEVELLED, fuller(12, 3, 0, 20, 120));

    assertThat(hollowed.moment().y() / hollowed.volume())
        .isGreaterThan(plain.moment().y() / plain.volume());
    assertThat(plain.moment().y() - hollowed.moment().y())
        .isCloseTo((plain.volume() - hollowed.volume()) * 70, within(1e-3));
  }

  @Test
  void notches_and_holes_of_a_bevelled_blade_agree_with_adding_up_small_squares() {
    Feature notches =
        feature(Feature.Kind.NOTCH, Map.of("wide", 12.0, "deep", 9.0), new Where.Along(0, 1, 0, 5));
    Feature hole =
        new Feature("f2", Feature.Kind.HOLE, Map.of("across", 24.0), "", Where.At.of(0, 90));
    Solid solid = solid(BEVELLED, notches, hole);

    assertThat(solid.volume()).isCloseTo(addedUp(solid, 0.5), within(solid.volume() * 2e-3));
  }

  @Test
  void what_stands_out_of_the_outline_is_as_thick_as_the_edge() {
    Feature teeth =
        feature(
            Feature.Kind.TEETH,
            Map.of("shape", 2.0, "wide", 10.0, "deep", 6.0),
            new Where.Along(0, 1, 0, 4));
    Solid plain = solid(BEVELLED);
    Solid toothed = solid(BEVELLED, teeth);

    double added = toothed.face().area() - plain.face().area();

    assertThat(added).isCloseTo(8 * 10 * 6, within(1.0));
    assertThat(toothed.volume() - plain.volume()).isCloseTo(added * 4, within(added * 0.05));
    assertThat(toothed.halfThicknessAt(new Point(53, 50))).isEqualTo(2);
  }

  @Test
  void figures_of_the_layers_still_belong_together() {
    PlateForm form = form(fuller(12, 3, 0, 100, 200));
    Layers layers = Samples.layers(form, BEVELLED);
    double routed =
        form.figures().stream()
            .filter(it -> it.id().equals("part.f1.volume"))
            .findFirst()
            .orElseThrow()
            .value();

    assertThat(layers.volume().value() + layers.sanded().value() + 2 * routed)
        .isCloseTo(form.measures().orElseThrow().area().value() * 20, within(1e-6));
    assertThat(layers.volume().formula()).contains("fullers");
  }

  @Test
  void a_fuller_over_the_edge_counts_only_inside() {
    Fuller over = new Fuller(new Point(50, 100), new Point(50, 300), 20, 4, false);
    Region face = form().face();

    double whole = -4 * (200 * Math.PI * 5 + Math.PI * 400 / 6);
    assertThat(over.volume(face)).isCloseTo(whole / 2, within(Math.abs(whole) * 0.01));
  }

  @Test
  void a_blade_has_its_bevel_from_its_layers() {
    Feature bevel = feature(Feature.Kind.BEVEL, Map.of(), new Where.Along(0, 1, 0, 1));

    assertThatThrownBy(() -> Cut.blade(BOX, bevel)).hasMessageContaining("set at Layers");
  }

  @Test
  void a_blade_is_made_larger_with_what_is_worked_into_it() {
    Cut blade = Cut.blade(BOX, fuller(12, 3, 0, 100, 200));

    Fuller twice = Fuller.of(blade.times(2).blank("d1", "Any", 10)).getFirst();

    assertThat(twice.wide()).isEqualTo(24);
    assertThat(twice.deep()).as("depth goes with the sheet").isEqualTo(3);
    assertThat(twice.middle()).isEqualTo(new Point(0, 300));
  }

  @Test
  void what_is_laid_in_moves_the_balance() {
    Feature recess =
        feature(
            Feature.Kind.RECESS,
            Map.of("long", 40.0, "wide", 30.0, "deep", 8.0, "over", 6.0),
            Where.At.of(0, 80));

    assertThat(solid(SLAB).moment().y() - solid(SLAB, recess).moment().y())
        .isCloseTo(40 * 30 * 8 * 80, within(1.0));
  }
}

package stoutblade.feature;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import stoutblade.develop.Developed;
import stoutblade.develop.Panel;
import stoutblade.edit.PanelEdits;
import stoutblade.edit.PartEdits;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** What is worked into patterns, rolled up again and measured on the round thing. */
class PanelWorkTest {

  private static final Typeface SQUARES =
      (words, high) ->
          List.of(
              Path.through(
                  List.of(
                      new Point(-high / 2, -high / 2),
                      new Point(high / 2, -high / 2),
                      new Point(high / 2, high / 2),
                      new Point(-high / 2, high / 2)),
                  true));

  private static Feature feature(Feature.Kind kind, Map<String, Double> sizes, Where where) {
    return new Feature(
        "f1", kind, sizes, kind == Feature.Kind.LETTERS ? "TIDE" : "", where, Optional.empty());
  }

  private static Formed barrel(Feature... features) {
    List<PanelFeature> worked =
        IntStream.range(0, features.length)
            .mapToObj(it -> new PanelFeature(0, features[it].again("f" + (it + 1))))
            .toList();
    return new Formed("ring", Map.of("across", 200.0, "width", 300.0), worked);
  }

  /** A row of vents once round a barrel stands at equal angles and one height on it. */
  @Property(tries = 40)
  void vents_once_round_a_barrel_stand_at_equal_angles(
      @ForAll @IntRange(min = 2, max = 16) int count,
      @ForAll @DoubleRange(min = 40, max = 260) double height) {
    Developed plain = barrel().developed("", 5);
    double round = plain.panels().getFirst().box().width();
    Where row =
        new Where.Row(
            new Point(round / count / 2, height),
            new Point(round - round / count / 2, height),
            count);
    Formed vented = barrel(feature(Feature.Kind.HOLE, Map.of("across", 8.0), row));

    Panel panel = PanelWork.into(plain, vented.worked(), 5, Typeface.NONE).panels().getFirst();

    double radius = round / 2 / Math.PI;
    List<Vector3D> places =
        panel.windows().stream()
            .map(it -> Box.around(it.flattened(0.01)).centre())
            .map(
                it ->
                    new Vector3D(
                        radius * Math.cos(it.x() / radius),
                        radius * Math.sin(it.x() / radius),
                        it.y()))
            .toList();
    assertThat(places).hasSize(count);
    for (int i = 0; i < count; i++) {
      Vector3D next = places.get((i + 1) % count);
      assertThat(places.get(i).distance(next))
          .isCloseTo(2 * radius * Math.sin(Math.PI / count), within(0.01));
      assertThat(next.getZ()).isCloseTo(height, within(0.01));
    }
    double left = plain.panels().getFirst().area() - panel.area();
    assertThat(left).isCloseTo(count * Math.PI * 16, within(0.05 * count));
  }

  @Test
  void two_of_sixteen_vents_are_left_out() {
    Developed plain = barrel().developed("", 5);
    Where row = new Where.Row(new Point(20, 150), new Point(620, 150), 16);
    Feature vents = feature(Feature.Kind.HOLE, Map.of("across", 8.0), row);
    Formed some = barrel(vents.leavingOut(Set.of(3, 7)));

    List<Path> left =
        PanelWork.into(plain, some.worked(), 5, Typeface.NONE).panels().getFirst().windows();

    assertThat(left).hasSize(14);
    assertThat(left.stream().map(it -> Math.round(Box.around(it.flattened(0.1)).centre().x())))
        .doesNotContain(100L, 260L)
        .contains(60L, 140L, 220L, 300L);
    assertThatThrownBy(() -> vents.leavingOut(Set.of(0)))
        .hasMessageContaining("counted from 1; found 0");
  }

  @Test
  void letters_are_engraved_cut_out_or_laid_on() {
    Developed plain = barrel().developed("", 5);
    for (int way = 0; way < 3; way++) {
      Feature letters =
          feature(
              Feature.Kind.LETTERS,
              Map.of("way", (double) way, "high", 20.0, "bridge", 0.0),
              Where.At.of(100, 150));
      Developed done = PanelWork.into(plain, barrel(letters).worked(), 5, SQUARES);
      Panel panel = done.panels().getFirst();
      assertThat(panel.windows()).hasSize(way == 1 ? 1 : 0);
      assertThat(panel.marks()).hasSize(way == 1 ? 0 : 1);
      assertThat(done.panels()).hasSize(way == 2 ? 2 : 1);
      assertThat(panel.area())
          .isCloseTo(plain.panels().getFirst().area() - (way == 1 ? 400 : 0), within(0.1));
    }
  }

  /** A vent a twelfth of the way round from the front is seen half the radius aside: sin 30°. */
  @Test
  void what_is_on_the_front_half_is_seen_where_it_lies_on_the_round() {
    double round = barrel().developed("", 5).panels().getFirst().box().width();
    Where row = new Where.Row(new Point(0.5 * round, 200), new Point(round * 7 / 12, 200), 2);
    Formed vented =
        barrel(
            feature(Feature.Kind.HOLE, Map.of("across", 4.0), row),
            feature(Feature.Kind.HOLE, Map.of("across", 4.0), Where.At.of(30, 100)));
    Part part = Part.of("d1", "Barrel", vented, "eva-stiff", 5);
    Developed flat = PanelWork.into(part.developed(), vented.worked(), 5, Typeface.NONE);

    List<Point> seen =
        part.seenDetails(flat).stream().map(it -> Box.around(it.flattened(0.1)).centre()).toList();

    // The ring is 200 mm inside, 210 outside; its middle height is 150.
    assertThat(seen).hasSize(2);
    assertThat(seen.get(0).x()).isCloseTo(0, within(0.1));
    assertThat(seen.get(1).x()).isCloseTo(105 / 2.0, within(0.3));
    assertThat(seen.get(1).y()).isCloseTo(50, within(0.1));
  }

  private static List<Point> seen(Formed worked, boolean facing) {
    Part part =
        Part.of("d1", "Round", worked, "eva-stiff", 5).withPlacing(Placing.USUAL.facing(facing));
    Developed flat = PanelWork.into(part.developed(), worked.worked(), 5, Typeface.NONE);
    return part.seenDetails(flat).stream()
        .map(it -> Box.around(it.flattened(0.05)).centre())
        .toList();
  }

  private static Formed with(String sum, Map<String, Double> sizes, int panel, Where where) {
    return new Formed(sum, sizes)
        .withWorked(
            List.of(
                new PanelFeature(panel, feature(Feature.Kind.HOLE, Map.of("across", 2.0), where))));
  }

  /**
   * 200 mm across the foot, 40 mm the top, 150 mm high: half way up it is 120 mm across, so a hole
   * 30° from the front is seen 30 mm aside.
   */
  @Test
  void on_a_cone_it_is_seen_at_its_angle_and_height() {
    Map<String, Double> sizes =
        Map.of("foot", 200.0, "top", 40.0, "height", 150.0, "foam", 5.0, "pieces", 1.0);
    double lean = Math.atan(80.0 / 150);
    // The middle of the foam at half height, from the tip along the wall.
    double far = (60 - 2.5 / Math.cos(lean)) / Math.sin(lean);
    double turn = Math.PI / 6 * Math.sin(lean);
    Where hole = Where.At.of(far * Math.sin(turn), -far * Math.cos(turn));

    Point seen = seen(with("cone", sizes, 0, hole), false).getFirst();

    assertThat(seen.x()).isCloseTo(30, within(0.1));
    assertThat(seen.y()).isCloseTo(0, within(0.1));
    assertThat(seen(with("cone", sizes, 0, hole), true)).as("along its axis").isEmpty();
  }

  /** On a petal's middle line the way along the foam is an arc: its sine is seen. */
  @Test
  void on_a_dish_it_is_seen_nearer_to_the_middle_than_it_lies_on_the_disc() {
    Map<String, Double> sizes = Map.of("rim", 400.0, "depth", 80.0, "darts", 16.0, "segments", 1.0);
    double sphere = (200.0 * 200 + 80 * 80) / 160;
    double along = 120;

    Point seen = seen(with("dish", sizes, 0, Where.At.of(along, 0)), true).getFirst();

    double angle = along / (sphere - 2.5);
    double opening = Math.asin(200 / sphere);
    assertThat(seen.x()).isCloseTo(200 * Math.sin(angle) / Math.sin(opening), within(0.2));
    assertThat(seen.y()).isCloseTo(0, within(0.1));
  }

  @Test
  void on_a_box_it_is_seen_on_the_front_or_the_end_that_it_is_on() {
    Map<String, Double> sizes =
        Map.of("wide", 200.0, "narrow", 120.0, "height", 90.0, "foam", 5.0, "ends", 2.0);

    assertThat(seen(with("box", sizes, 0, Where.At.of(150, 30)), false).getFirst())
        .satisfies(it -> assertThat(it.distance(new Point(50, -15))).isLessThan(0.1));
    assertThat(seen(with("box", sizes, 2, Where.At.of(150, 30)), true).getFirst())
        .satisfies(it -> assertThat(it.distance(new Point(50, -30))).isLessThan(0.1));
    assertThat(seen(with("box", sizes, 1, Where.At.of(50, 30)), false))
        .as("on a narrow side it is not seen from the front")
        .isEmpty();
  }

  @Test
  void what_a_seam_or_a_dart_would_cut_through_is_found() {
    Formed whole =
        barrel(feature(Feature.Kind.HOLE, Map.of("across", 30.0), Where.At.of(100, 150)));
    Formed seam = barrel(feature(Feature.Kind.HOLE, Map.of("across", 30.0), Where.At.of(5, 150)));
    assertThat(PanelWork.broken(whole.developed("", 5), whole.worked(), 5, Typeface.NONE))
        .isEmpty();
    assertThat(PanelWork.broken(seam.developed("", 5), seam.worked(), 5, Typeface.NONE)).hasSize(1);

    Formed dish = new Formed("dish", Map.of());
    Box box = dish.developed("", 10).panels().getFirst().box();
    List<PanelFeature> ring =
        List.of(
            new PanelFeature(
                0,
                feature(
                    Feature.Kind.HOLE,
                    Map.of("across", 4.0),
                    new Where.Ring(box.centre(), box.width() / 2 - 6, 97, 0))));
    assertThat(PanelWork.broken(dish.developed("", 10), ring, 10, Typeface.NONE)).hasSize(1);
    List<PanelFeature> gone = List.of(new PanelFeature(7, whole.worked().getFirst().feature()));
    assertThat(PanelWork.broken(whole.developed("", 5), gone, 5, Typeface.NONE)).hasSize(1);
  }

  @Test
  void it_is_edited_grows_with_the_prop_and_only_what_fits_is_taken() {
    Project project =
        PartEdits.addShape("Barrel", "ring", Map.of("across", 200.0, "width", 300.0))
            .then(
                PanelEdits.add(
                    "d1", 0, Feature.Kind.SLOT, "", Where.At.of(100, 150), Optional.empty()))
            .then(PanelEdits.change("d1", "f1", "Longer", it -> it.with("long", 60)))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Part barrel = project.first().needed("d1");
    assertThat(barrel.shape().worked().getFirst().feature().size("long")).isEqualTo(60);
    assertThat(barrel.shape().times(2).worked().getFirst().feature().size("long")).isEqualTo(120);
    assertThat(PanelEdits.remove("d1", "f1").in(Prop.FIRST).applyTo(project).first().needed("d1"))
        .satisfies(it -> assertThat(it.shape().worked()).isEmpty());
    assertThatThrownBy(
            () ->
                PanelEdits.add(
                        "d1",
                        0,
                        Feature.Kind.BEVEL,
                        "",
                        new Where.Along(0, 1, 0, 1),
                        Optional.empty())
                    .in(Prop.FIRST)
                    .applyTo(project))
        .hasMessageContaining("A pattern has no bevel");
  }
}

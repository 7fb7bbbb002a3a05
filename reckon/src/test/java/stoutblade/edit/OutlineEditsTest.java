package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Assembly;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** Edits of plates: their outlines, and what is worked into them. */
class OutlineEditsTest {

  private static final WholeOutline SQUARE =
      new WholeOutline(
          List.of(
              Node.corner(0, 0), Node.corner(100, 0), Node.corner(100, 80), Node.corner(0, 80)));

  private static final HalfOutline GUARD =
      new HalfOutline(
          List.of(Node.corner(0, 0), Node.corner(60, 0), Node.curve(80, 30), Node.corner(0, 50)));

  private static Project with(stoutblade.shape.Outline outline) {
    return PartEdits.addPlate("Guard", outline, 10).in(Prop.FIRST).applyTo(Samples.bare());
  }

  private static Cut plate(Project project) {
    return project.first().parts().getFirst().cut().orElseThrow();
  }

  private static Box box(Project project) {
    return Box.around(plate(project).outline().outline().flattened(0.001));
  }

  @Test
  void an_outline_is_edited_and_other_parts_stay() {
    Project project =
        PartEdits.addShape("Collar", "ring", Map.of("across", 50.0))
            .in(Prop.FIRST)
            .applyTo(with(SQUARE));
    Project moved =
        OutlineEdits.moveNode("d1", 2, new Point(130, 90)).in(Prop.FIRST).applyTo(project);

    assertThat(plate(moved).outline().nodes().get(2).at()).isEqualTo(new Point(130, 90));
    assertThat(moved.first().parts().getLast()).isSameAs(project.first().parts().getLast());
    assertThat(
            plate(OutlineEdits.removeNode("d1", 3).in(Prop.FIRST).applyTo(project))
                .outline()
                .nodes())
        .hasSize(3);
    assertThat(
            plate(
                    OutlineEdits.addNode("d1", 1, Node.curve(50, -20))
                        .in(Prop.FIRST)
                        .applyTo(project))
                .outline()
                .nodes())
        .hasSize(5);
  }

  @Test
  void length_and_width_of_a_plate_are_met_and_leave_each_other_alone() {
    for (stoutblade.shape.Outline outline : List.of(SQUARE, GUARD)) {
      Project project = with(outline);
      Project longer = OutlineEdits.length("d1", 240).in(Prop.FIRST).applyTo(project);
      assertThat(box(longer).height()).isCloseTo(240, within(0.02));
      for (int i = 0; i < outline.nodes().size(); i++) {
        assertThat(plate(longer).outline().nodes().get(i).at().x())
            .isEqualTo(outline.nodes().get(i).at().x());
      }
      assertThat(box(OutlineEdits.width("d1", 33).in(Prop.FIRST).applyTo(project)).width())
          .isCloseTo(33, within(0.02));
    }
    assertThatThrownBy(() -> OutlineEdits.length("d1", 0).in(Prop.FIRST).applyTo(with(SQUARE)))
        .hasMessageContaining("above 0");
  }

  @Test
  void typed_lengths_angles_and_radii_are_edits_with_a_name() {
    Project project = with(SQUARE);
    Change edit = OutlineEdits.sideLength("d1", 1, 95);
    assertThat(edit.name()).isEqualTo("Length of a side");
    assertThat(Exact.length(plate(edit.in(Prop.FIRST).applyTo(project)).outline(), 1))
        .isCloseTo(95, within(1e-6));
    assertThat(
            Exact.angle(
                plate(
                        OutlineEdits.angle("d1", 1, Math.toRadians(120))
                            .in(Prop.FIRST)
                            .applyTo(project))
                    .outline(),
                1))
        .isCloseTo(Math.toRadians(120), within(1e-9));
    assertThat(
            Exact.radius(
                plate(OutlineEdits.sideRadius("d1", 0, 70).in(Prop.FIRST).applyTo(project))
                    .outline(),
                0))
        .isCloseTo(70, within(1e-9));
    assertThat(
            plate(OutlineEdits.parallel("d1", 1, 0).in(Prop.FIRST).applyTo(project))
                .outline()
                .nodes()
                .get(2)
                .at()
                .y())
        .isCloseTo(0, within(1e-9));
  }

  @Test
  void a_width_at_a_station_wants_an_axis() {
    assertThat(
            plate(OutlineEdits.widthAt("d1", 20, 90).in(Prop.FIRST).applyTo(with(GUARD)))
                .outline()
                .nodes())
        .hasSize(5);
    assertThatThrownBy(
            () -> OutlineEdits.widthAt("d1", 20, 90).in(Prop.FIRST).applyTo(with(SQUARE)))
        .hasMessageContaining("about its axis");
    assertThatThrownBy(() -> OutlineEdits.turnNode("d7", 0).in(Prop.FIRST).applyTo(Samples.whole()))
        .hasMessageContaining("no part 'd7'");
  }

  @Test
  void an_offset_plate_grows_all_round() {
    Box grown = box(OutlineEdits.offset("d1", 7).in(Prop.FIRST).applyTo(with(SQUARE)));
    assertThat(grown.width()).isCloseTo(114, within(0.03));
    assertThat(grown.height()).isCloseTo(94, within(0.03));
  }

  // == PARTS

  @Test
  void features_are_added_changed_mirrored_and_removed() {
    Project one =
        PartEdits.addFeature("d1", Feature.Kind.HOLE, "", Where.At.of(30, 20))
            .in(Prop.FIRST)
            .applyTo(with(GUARD));
    Project two =
        PartEdits.addFeature("d1", Feature.Kind.LETTERS, "TIDE", Where.At.of(0, 20))
            .in(Prop.FIRST)
            .applyTo(one);
    assertThat(plate(two).features()).extracting(Feature::id).containsExactly("f1", "f2");

    Project larger =
        PartEdits.feature("d1", "f1", "Across", it -> it.with("across", 14))
            .in(Prop.FIRST)
            .applyTo(two);
    assertThat(plate(larger).feature("f1").orElseThrow().size("across")).isEqualTo(14);
    assertThat(plate(larger).feature("f2")).isEqualTo(plate(two).feature("f2"));

    Where.At at = (Where.At) plate(larger).feature("f1").orElseThrow().where();
    Project both = PartEdits.mirrored("d1", "f1", at).in(Prop.FIRST).applyTo(larger);
    Where.At image = (Where.At) plate(both).features().getLast().where();
    assertThat(image.spot().at()).isEqualTo(new Point(-30, 20));
    assertThat(plate(both).features().getLast().size("across")).isEqualTo(14);

    assertThat(plate(PartEdits.removeFeature("d1", "f1").in(Prop.FIRST).applyTo(both)).features())
        .extracting(Feature::id)
        .containsExactly("f2", "f3");
  }

  @Test
  void features_are_for_plates_only() {
    Project ring =
        PartEdits.addShape("Collar", "ring", Map.of()).in(Prop.FIRST).applyTo(Samples.bare());
    assertThatThrownBy(
            () ->
                PartEdits.addFeature("d1", Feature.Kind.HOLE, "", Where.At.of(0, 0))
                    .in(Prop.FIRST)
                    .applyTo(ring))
        .hasMessageContaining("Collar is not cut along an outline");
  }

  @Test
  void another_like_it_has_an_id_of_its_own_and_stands_beside() {
    Project project = with(GUARD);
    project =
        PartEdits.addShape("Collar", "ring", Map.of("across", 50.0))
            .in(Prop.FIRST)
            .applyTo(project);
    project =
        PartEdits.addFlat("Patch", "12 faces", project.first().parts().get(1).developed().panels())
            .in(Prop.FIRST)
            .applyTo(project);
    for (String id : List.of("d1", "d2", "d3")) {
      project = PartEdits.again(id).in(Prop.FIRST).applyTo(project);
    }

    assertThat(project.first().parts()).extracting(Part::id).doesNotHaveDuplicates().hasSize(6);
    assertThat(project.first().parts().get(3).shape()).isInstanceOf(Cut.class);
    assertThat(project.first().parts().get(4).shape()).isInstanceOf(Formed.class);
    assertThat(project.first().parts().get(5).shape()).isInstanceOf(FlatPieces.class);
    Where.At beside = (Where.At) project.first().parts().get(3).placing().where();
    assertThat(beside.spot().at()).isEqualTo(new Point(20, 0));
  }

  @Test
  void flat_pieces_keep_their_seams_and_grow_with_the_prop() {
    Project ring =
        PartEdits.addShape("Collar", "ring", Map.of("across", 50.0))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Project project =
        PartEdits.addFlat(
                "Patch",
                "12 faces of a model",
                ring.first().parts().getFirst().developed().panels())
            .in(Prop.FIRST)
            .applyTo(ring);
    Part flat = project.first().parts().get(1);

    assertThat(flat.developed().panels().getFirst().edges())
        .extracting(stoutblade.develop.Edge::seam)
        .containsExactly("", "A", "", "A");
    assertThat(flat.developed().words()).containsExactly("Made from 12 faces of a model.");
    double area = flat.developed().panels().getFirst().area();
    assertThat(flat.times(2).developed().panels().getFirst().area())
        .isCloseTo(4 * area, within(1e-6));
    assertThat(flat.times(2).thicknessMm()).isEqualTo(flat.thicknessMm());
    assertThat(flat.seen()).hasSize(1);
    assertThat(Box.around(flat.seen().getFirst().flattened(0.1)).centre().length())
        .isLessThan(1e-6);
    assertThatThrownBy(() -> new FlatPieces.Side("A", List.of(new Point(0, 0))))
        .hasMessageContaining("two places");
  }

  @Test
  void a_new_shape_lies_beside_what_is_there() {
    Project one =
        PartEdits.addShape("Collar", "ring", Map.of("across", 50.0))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());
    Project two = PartEdits.addShape("Cone", "cone", Map.of()).in(Prop.FIRST).applyTo(one);
    List<Double> left = new ArrayList<>();
    List<Double> right = new ArrayList<>();
    for (var part : two.first().parts()) {
      Spot spot = Assembly.of(two.first().parts()).spots().get(part.id()).getFirst();
      Box box =
          Box.around(
              part.seen().stream()
                  .flatMap(it -> it.flattened(0.1).stream())
                  .map(spot::place)
                  .toList());
      left.add(box.minX());
      right.add(box.maxX());
    }

    assertThat(left.get(1)).as("right of the blade").isGreaterThan(50);
    assertThat(left.get(2)).as("right of the collar").isGreaterThan(right.get(1));
  }

  @Test
  void the_outline_of_a_layer_is_its_own_from_the_first_edit_on() {
    Project whole = Samples.whole();
    String layer = OutlineEdits.layer(First.ID, 1);
    assertThat(OutlineEdits.of(whole.first(), layer)).isEqualTo(First.half(whole));

    Project edited = OutlineEdits.width(layer, 90).in(Prop.FIRST).applyTo(whole);
    assertThat(First.half(edited)).isEqualTo(First.half(whole));
    assertThat(First.layering(edited).sheets().get(0).own()).isEmpty();
    assertThat(Box.around(OutlineEdits.of(edited.first(), layer).outline().flattened(0.01)).width())
        .isCloseTo(90, within(0.05));
    assertThat(LayerEdits.asThePart(First.ID, 1).in(Prop.FIRST).applyTo(edited)).isEqualTo(whole);
    assertThatThrownBy(() -> OutlineEdits.width("d1#x", 90).in(Prop.FIRST).applyTo(whole))
        .hasMessage("There is no layer 'x'");
    assertThatThrownBy(
            () ->
                OutlineEdits.width(OutlineEdits.layer("d1", 99), 90).in(Prop.FIRST).applyTo(whole))
        .hasMessageContaining("layers; found number 100");
  }

  /** Before anything is drawn, a length or a width begins a blade; the other then changes it. */
  @Test
  void a_blade_is_begun_by_numbers() {
    Project begun = OutlineEdits.length("", 720).in(Prop.FIRST).applyTo(Samples.bare());
    assertThat(box(begun).maxY()).isEqualTo(720);
    assertThat(box(begun).width()).isEqualTo(80);
    String id = begun.first().parts().getFirst().id();
    Project both = OutlineEdits.width(id, 60).in(Prop.FIRST).applyTo(begun);
    assertThat(box(both).width()).isCloseTo(60, within(1e-9));
    assertThat(box(both).maxY()).isEqualTo(720);
    Project wide = OutlineEdits.width("", 50).in(Prop.FIRST).applyTo(Samples.bare());
    assertThat(box(wide).maxY()).isEqualTo(450);
    assertThatThrownBy(() -> OutlineEdits.length("", 0).in(Prop.FIRST).applyTo(Samples.bare()))
        .isInstanceOf(IllegalArgumentException.class);
  }
}

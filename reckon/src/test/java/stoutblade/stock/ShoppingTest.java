package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Sheet;

class ShoppingTest {

  private static Shopping shopping(Project project) {
    return Samples.derive(project).shopping().orElseThrow();
  }

  private static Shopping.Line line(Project project, String name) {
    return shopping(project).lines().stream()
        .filter(it -> it.name().startsWith(name))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void both_layers_of_a_small_blade_come_from_one_sheet() {
    assertThat(line(Samples.whole(), "Foam").buy().value()).isEqualTo(1);
    assertThat(line(Samples.whole(), "Foam").need().value())
        .isCloseTo(2 * (100 * 350 + 100 * 150 / 2.0), within(1e-6));
  }

  @Test
  void a_wide_blade_takes_a_sheet_for_each_layer() {
    Project wide =
        OutlineEdits.width(First.ID, 520)
            .in(Prop.FIRST)
            .applyTo(OutlineEdits.length(First.ID, 900).in(Prop.FIRST).applyTo(Samples.whole()));

    assertThat(line(wide, "Foam").buy().value()).isEqualTo(2);
  }

  @Test
  void a_rod_is_bought_in_whole_lengths() {
    assertThat(line(Samples.whole(), "Dowel").buy().value()).isEqualTo(1);
    assertThat(line(Samples.whole(), "Dowel").need().value()).isEqualTo(600);
  }

  /** Common practice: foaming glue fills the gap three times over, so a third is put in. */
  @Test
  void bedding_glue_is_a_third_of_the_gap() {
    double gap = Math.PI * (9 + 0.5) * 0.5 * 399.99;

    assertThat(line(Samples.whole(), "Polyurethane").need().value())
        .isCloseTo(gap / 3, within(1.0));
  }

  @Test
  void what_is_on_the_shelf_is_not_bought() {
    assertThat(line(Samples.whole(), "Paint").missing()).isFalse();
    Project bare = Samples.whole().withShelf(Map.of());
    assertThat(line(bare, "Paint").buy().value()).isEqualTo(1);
    assertThat(shopping(bare).missing()).isEqualTo(shopping(Samples.whole()).missing() + 2);
  }

  /**
   * By hand: half a disc of 15 mm is 88.36 mm²; round 300 x 200 mm outside its middle runs 4 x 15
   * mm further, its far side 4 x 30 mm.
   */
  @Test
  void a_profile_weighs_and_is_bought_as_a_profile() {
    Project project =
        PartEdits.addShape("Rim strip", "moulding", Map.of("foam", 15.0))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());

    Shopping.Line strip = line(project, "Half-round profile");
    assertThat(strip.need().value()).isCloseTo(1000 + 120, within(1e-9));
    // 330 + 330 + 230 from one, 230 from another: as long together as 1.12 of them.
    assertThat(strip.buy().value()).isEqualTo(2);
    assertThat(strip.sawn().orElseThrow().bars().getFirst().cuts())
        .extracting(LengthPlan.Cut::mm)
        .containsExactlyInAnyOrder(330.0, 330.0, 230.0);
    // Four of 630 mm are 2.52 m together, but no two come from one length.
    Project large =
        PartEdits.shape("d1", "Large", it -> it.with("side", 600).with("other", 600))
            .in(Prop.FIRST)
            .applyTo(project);
    assertThat(line(large, "Half-round profile").buy().value()).isEqualTo(4);
    assertThat(shopping(project).lines())
        .noneMatch(it -> it.name().contains("for Rim strip") && it.buy().id().contains("sheets"));
    double mass = Math.PI * 225 / 8 * (1000 + 60) * 150e-6;
    assertThat(Samples.derive(project).parts().getFirst().mass().orElseThrow().value())
        .isCloseTo(mass, within(1e-9));
    Project round =
        PartEdits.shape("d1", "Round", it -> it.with("shape", 2)).in(Prop.FIRST).applyTo(project);
    assertThat(Samples.derive(round).parts().getFirst().mass().orElseThrow().value())
        .isCloseTo(2 * mass, within(1e-9));
  }

  /** Areas by hand, drawn both ways round, in one sheet and in layers, half and whole. */
  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  void foam_for_parts_is_an_area_above_nothing_whichever_way_they_are_drawn(boolean reversed) {
    double bulge = reversed ? -1 : 1;
    WholeOutline disc =
        new WholeOutline(
            List.of(
                new Node(new Point(60, 0), Node.Kind.CORNER, 0, bulge),
                new Node(new Point(-60, 0), Node.Kind.CORNER, 0, bulge)));
    HalfOutline half = new HalfOutline(List.of(Node.corner(30, 0), Node.corner(30, 80)));
    Project flat = PartEdits.addPlate("Disc", disc, 8).in(Prop.FIRST).applyTo(Samples.bare());
    Project both =
        reversed ? flat : PartEdits.addPlate("Guard", half, 8).in(Prop.FIRST).applyTo(flat);
    Project layered =
        LayerEdits.on(
                "d1",
                "Layers",
                it -> it.withSheets(List.of(Sheet.of("foam", 8), Sheet.of("foam", 8))))
            .in(Prop.FIRST)
            .applyTo(flat);

    double circle = Math.PI * 3600;
    assertThat(need(both, "Foam, 8 mm, for"))
        .isCloseTo(circle + (reversed ? 0 : 60 * 80), within(2.0));
    assertThat(need(layered, "Foam, 8 mm, for")).isCloseTo(2 * circle, within(4.0));
  }

  private static double need(Project project, String name) {
    return line(project, name).need().value();
  }

  @Test
  void the_catalogue_says_what_it_lacks() {
    assertThatThrownBy(() -> Samples.CATALOGUE.glue("moon")).hasMessageContaining("'moon'");
    assertThatThrownBy(() -> Samples.CATALOGUE.pace("moon")).hasMessageContaining("'moon'");
    assertThat(Samples.CATALOGUE.sheet("moon")).isEmpty();
  }
}

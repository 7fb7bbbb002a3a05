package stoutblade.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import stoutblade.edit.PartEdits;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

class ShapedPartTest {

  private static final Part COLLAR =
      Part.formed("d1", "Collar", "ring", Map.of("across", 60.0), "eva-stiff", Placing.USUAL);

  private static Part sized(String key, double value) {
    return COLLAR.withShape(COLLAR.formed().orElseThrow().with(key, value));
  }

  @Test
  void a_part_made_smaller_keeps_the_thickness_of_its_foam() {
    Part half = COLLAR.times(0.5);

    assertThat(half.formed().orElseThrow().sizes())
        .containsEntry("across", 30.0)
        .containsEntry("width", 20.0);
    assertThat(half.formed().orElseThrow().sizes()).doesNotContainKey("foam");
    // π(30 + 10)
    assertThat(half.developed().figures().getFirst().value()).isCloseTo(Math.PI * 40, within(1e-9));
  }

  @Test
  void parts_are_added_changed_and_removed_as_edits() {
    Project one =
        PartEdits.addShape("Collar", "ring", Map.of("across", 60.0))
            .in(Prop.FIRST)
            .applyTo(Samples.bare());
    Project two = PartEdits.addShape("Cone", "cone", Map.of()).in(Prop.FIRST).applyTo(one);
    assertThat(two.first().parts()).extracting(Part::id).containsExactly("d1", "d2");

    Project changed =
        PartEdits.shape("d2", "Higher", it -> it.with("height", 300)).in(Prop.FIRST).applyTo(two);
    assertThat(changed.first().parts().get(1))
        .extracting(it -> it.formed().orElseThrow().sizes().get("height"))
        .isEqualTo(300.0);
    assertThat(changed.first().parts().get(0)).isEqualTo(two.first().parts().get(0));
    assertThat(PartEdits.remove("d1").in(Prop.FIRST).applyTo(changed).first().parts())
        .extracting(Part::id)
        .containsExactly("d2");
  }

  @Test
  void what_makes_no_part_is_refused() {
    assertThatThrownBy(() -> sized("across", -4)).hasMessageContaining("Across: from");
    assertThatThrownBy(() -> sized("colour", 4)).hasMessageContaining("asks for");
    assertThatThrownBy(() -> COLLAR.withName(" ")).hasMessageContaining("name");
    assertThatThrownBy(() -> Placing.USUAL.made(0, 0)).hasMessageContaining("1 to 200");
    assertThatThrownBy(
            () -> Part.formed("d1", "Soup", "soup", Map.of(), "eva-stiff", Placing.USUAL))
        .hasMessageContaining("no sum");
    assertThatThrownBy(
            () -> Part.formed("d1", "Glue", "glue", Map.of(), "eva-stiff", Placing.USUAL))
        .hasMessageContaining("no foam to cut");
    assertThatThrownBy(() -> First.withParts(Samples.bare(), List.of(COLLAR, COLLAR)))
        .hasMessageContaining("an id of its own");
  }
}

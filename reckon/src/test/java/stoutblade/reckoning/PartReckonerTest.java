package stoutblade.reckoning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.core.CoreChoice;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.wearer.Wearers;

/** An edit costs what it touches, and nothing else. */
class PartReckonerTest {

  private final Reckoner reckoner = new Reckoner(Samples.CATALOGUE);
  private final Project project =
      First.withParts(
          Samples.bare(),
          List.of(
              Samples.blade(),
              Part.formed("d2", "Collar", "ring", Map.of("across", 60.0), "foam", Placing.USUAL)));
  private final Derived before = derive(project);

  private Derived derive(Project changed) {
    return reckoner.derive(changed, Samples.NOW, Units.METRIC);
  }

  private static PartReckoning blade(Derived derived) {
    return derived.first().part("d1").orElseThrow();
  }

  @Test
  void coats_cost_no_outline_no_layers_and_no_core() {
    Derived after = derive(Edits.coats("d1", "paint", 5).in(Prop.FIRST).applyTo(project));

    assertThat(blade(after).coats()).isNotEqualTo(blade(before).coats());
    assertThat(blade(after).form()).isSameAs(blade(before).form());
    assertThat(blade(after).layers()).isSameAs(blade(before).layers());
    assertThat(blade(after).body()).isSameAs(blade(before).body());
    assertThat(blade(after).core()).isSameAs(blade(before).core());
    assertThat(after.first().part("d2")).hasValueSatisfying(it -> isSame(it, "d2"));
  }

  @Test
  void a_core_costs_no_layers_and_no_other_part() {
    CoreChoice tube = new CoreChoice("tube-10", -100, 300, -50);
    Derived after = derive(Edits.rod("d1", "tube-10", tube).in(Prop.FIRST).applyTo(project));

    assertThat(blade(after).core()).isNotEqualTo(blade(before).core());
    assertThat(blade(after).layers()).isSameAs(blade(before).layers());
    assertThat(blade(after).body()).isSameAs(blade(before).body());
    assertThat(after.first().part("d2")).hasValueSatisfying(it -> isSame(it, "d2"));
  }

  @Test
  void a_limit_of_the_wearer_costs_no_part_no_list_and_no_plan() {
    Derived after =
        derive(
            WearerEdits.weightLimit(Wearers.FIRST, Optional.of(900.0))
                .in(Prop.FIRST)
                .applyTo(project));

    before.parts().forEach(it -> isSame(after.first().part(it.id()).orElseThrow(), it.id()));
    assertThat(after.first().papers()).isSameAs(before.first().papers());
    assertThat(after.shopping()).isSameAs(before.shopping());
    assertThat(after.plan()).isSameAs(before.plan());
  }

  @Test
  void a_place_on_the_prop_costs_no_shape() {
    Derived after = derive(PartEdits.move("d2", new Point(5, 5)).in(Prop.FIRST).applyTo(project));

    assertThat(after.first().part("d2").orElseThrow().flat())
        .isSameAs(before.first().part("d2").orElseThrow().flat());
    assertThat(after.first().part("d2").orElseThrow().body())
        .isSameAs(before.first().part("d2").orElseThrow().body());
    // It hangs elsewhere on the core of the blade, which is all that changes there.
    assertThat(blade(after).body()).isSameAs(blade(before).body());
    assertThat(blade(after).core()).isNotEqualTo(blade(before).core());
  }

  @Test
  void what_hangs_on_no_core_costs_no_core() {
    Derived aside = derive(PartEdits.move("d2", new Point(500, 5)).in(Prop.FIRST).applyTo(project));
    Derived further =
        reckoner.derive(
            PartEdits.move("d2", new Point(600, 90)).in(Prop.FIRST).applyTo(aside.project()),
            Samples.NOW,
            Units.METRIC);

    assertThat(blade(aside).attached()).isEmpty();
    assertThat(blade(further)).isSameAs(blade(aside));
  }

  private void isSame(PartReckoning now, String id) {
    assertThat(now).isSameAs(before.first().part(id).orElseThrow());
  }
}

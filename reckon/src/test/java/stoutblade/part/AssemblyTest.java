package stoutblade.part;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

class AssemblyTest {

  private static Part disc(String id, Placing placing) {
    return Samples.plate(
        id,
        "Disc " + id,
        WholeOutline.circle(new Point(0, 0), 20),
        List.of(),
        "eva-stiff",
        10,
        placing);
  }

  private static Placing on(String carrier, Where where) {
    return Placing.USUAL.on(carrier).at(where);
  }

  private static Project with(Part... parts) {
    return First.withParts(Samples.whole(), List.of(parts));
  }

  private static Spot first(Project project, String id) {
    return Assembly.of(project.first().parts()).spots().get(id).getFirst();
  }

  private static Where at(double x, double y, double turn) {
    return new Where.At(new Spot(new Point(x, y), turn));
  }

  @Test
  void sixteen_rays_are_made_on_every_place_of_what_carries_them() {
    Project project =
        with(
            disc("d1", on("", new Where.Row(new Point(-50, 0), new Point(50, 0), 2))),
            disc("d2", on("d1", new Where.Ring(new Point(0, 0), 30, 16, 0)).made(2, 1)));
    Assembly assembly = Assembly.of(project.first().parts());

    assertThat(assembly.spots().get("d2")).hasSize(32);
    assertThat(assembly.made(project.first().parts().get(1))).isEqualTo(64);
    assertThat(assembly.mirrored(project.first().parts().get(1))).isEqualTo(32);
  }

  @Property
  void moving_a_part_moves_what_is_fixed_to_it_and_nothing_else(
      @ForAll @DoubleRange(min = -300, max = 300) double x,
      @ForAll @DoubleRange(min = -300, max = 300) double y,
      @ForAll @DoubleRange(min = -3, max = 3) double turn) {
    Project project =
        with(
            disc("d1", on("", at(10, 20, turn))),
            disc("d2", on("d1", at(5, -8, 1))),
            disc("d3", on("d2", at(1, 2, -turn))),
            disc("d4", on("", at(7, 7, 0))));
    Point by = new Point(x, y);

    Project moved = PartEdits.move("d2", by).in(Prop.FIRST).applyTo(project);

    for (String id : List.of("d2", "d3")) {
      assertThat(first(moved, id).at().distance(first(project, id).at().plus(by))).isLessThan(1e-9);
    }
    assertThat(first(moved, "d1")).isEqualTo(first(project, "d1"));
    assertThat(first(moved, "d4")).isEqualTo(first(project, "d4"));
  }

  @Property
  void fixing_a_part_to_another_leaves_it_where_it_is(
      @ForAll @DoubleRange(min = -3, max = 3) double turn) {
    Project project =
        with(
            disc("d1", on("", at(110, 20, turn))),
            disc("d2", on("", at(5, -8, 0.5))),
            disc("d3", on("", new Where.Ring(new Point(3, 4), 9, 5, 0.2))));

    for (String id : List.of("d2", "d3")) {
      Project fixed = PartEdits.fix(id, "d1").in(Prop.FIRST).applyTo(project);
      assertThat(first(fixed, id).at().distance(first(project, id).at())).isLessThan(1e-9);
      assertThat(Math.IEEEremainder(first(fixed, id).turn() - first(project, id).turn(), Math.TAU))
          .isCloseTo(0, within(1e-9));
    }
  }

  @Test
  void what_was_fixed_to_a_part_that_goes_stays_where_it_is() {
    Project project =
        with(
            disc("d1", on("", at(10, 20, 1))),
            disc("d2", on("d1", at(5, -8, 1))),
            disc("d3", on("d2", at(1, 2, 0))));

    Project left = PartEdits.remove("d2").in(Prop.FIRST).applyTo(project);

    assertThat(left.first().parts()).extracting(Part::id).containsExactly("d1", "d3");
    assertThat(left.first().parts().get(1).placing().on()).isEqualTo("d1");
    assertThat(first(left, "d3").at().distance(first(project, "d3").at())).isLessThan(1e-9);
  }

  @Test
  void what_cannot_carry_is_refused() {
    assertThatThrownBy(() -> with(disc("d1", on("d9", at(0, 0, 0)))))
        .hasMessageContaining("which is not there");
    Project chain = with(disc("d1", Placing.USUAL), disc("d2", on("d1", at(0, 0, 0))));
    assertThatThrownBy(() -> PartEdits.fix("d1", "d2").in(Prop.FIRST).applyTo(chain))
        .hasMessageContaining("carries itself");
    assertThatThrownBy(() -> with(disc("d1", on("", new Where.Along(0, 1, 0, 4)))))
        .hasMessageContaining("fixed to a part that is cut along an outline");
    assertThatThrownBy(() -> Placing.USUAL.made(2, 3).made(0, 0)).hasMessageContaining("1 to 200");
  }

  @Test
  void a_band_round_a_plate_is_seen_round_its_outline() {
    Project project =
        with(
            disc("d1", Placing.USUAL),
            Part.formed(
                "d2",
                "Rim",
                "band",
                Map.of("round", 125.7, "foam", 5.0, "width", 12.0),
                "eva-stiff",
                on("d1", at(0, 0, 0))));

    var seen = Samples.derive(project).first().part("d2").orElseThrow().seen();

    assertThat(stoutblade.shape.Box.around(seen.getFirst().flattened(0.1)).width())
        .isCloseTo(50, within(0.2));
  }
}

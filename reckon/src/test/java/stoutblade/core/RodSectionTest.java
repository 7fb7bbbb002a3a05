package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static stoutblade.core.Polygons.ring;
import static stoutblade.core.Polygons.secondMoment;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import stoutblade.catalogue.Rod;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.finding.Finding;
import stoutblade.measure.Figure;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;

/** Pipes that are squeezed flat: their sections by other code, and what they come to in foam. */
class RodSectionTest {

  /** ASTM D1785, half an inch, Schedule 40, from memory. */
  private static final Rod HALF_INCH =
      new Rod("half", "Half inch", 21.336, 15.7988, 3250, 425, 1380e-6, 3048, true, "test");

  private static RodSection squeezed(Rod rod, double high) {
    CoreChoice choice = new CoreChoice(rod.id(), 0, 300, 0).withSqueezed(Optional.of(high));
    return RodSection.of(choice, rod);
  }

  /** Published for 21.336 mm at 10.67 mm: 27.43 mm wide, 161.5 mm², 2 109, 10 610, 7 114 mm⁴. */
  @Test
  void half_inch_pipe_squeezed_to_half_is_what_the_trade_knows() {
    RodSection section = squeezed(HALF_INCH, 10.67);
    Geometry outer = ring(section.outlines().get(0));
    Geometry inner = ring(section.outlines().get(1));

    assertThat(section.widthMm()).isCloseTo(27.43, within(0.01));
    assertThat(outer.getArea() - inner.getArea()).isCloseTo(161.5, within(0.1));
    assertThat(secondMoment(outer, it -> it.y) - secondMoment(inner, it -> it.y))
        .isCloseTo(2109, within(2.0));
    assertThat(secondMoment(outer, it -> it.x) - secondMoment(inner, it -> it.x))
        .isCloseTo(10_610, within(10.0));
    RodSection round = RodSection.of(new CoreChoice("half", 0, 300, 0), HALF_INCH);
    assertThat(
            secondMoment(ring(round.outlines().get(0)), it -> it.y)
                - secondMoment(ring(round.outlines().get(1)), it -> it.y))
        .isCloseTo(7114, within(3.0));
  }

  /** The wall keeps its length; the channel that is cut for it is as large as its outline. */
  @Property(tries = 200)
  void the_wall_keeps_its_length_and_the_channel_holds_it(
      @ForAll @DoubleRange(min = 15, max = 60) double across,
      @ForAll @DoubleRange(min = 0.5, max = 0.98) double share) {
    Rod rod = new Rod("r", "R", across, across * 0.8, 3000, 0, 1e-3, 3000, true, "test");
    RodSection section = squeezed(rod, across * share);
    Geometry outline = ring(section.outlines().getFirst());

    assertThat(outline.getLength()).isCloseTo(Math.PI * across, within(0.02));
    assertThat(Groove.ROUND.area(section)).isCloseTo(outline.getArea(), within(0.1));
    double box = section.widthMm() * 2 * section.radius();
    assertThat(Groove.SQUARE.area(section)).isCloseTo(box, within(1e-9));
    for (Groove groove : Groove.values()) {
      for (Coordinate at : outline.getCoordinates()) {
        assertThat(groove.half(section, at.y)).isGreaterThanOrEqualTo(Math.abs(at.x) - 0.01);
      }
    }
  }

  @Test
  void what_cannot_be_squeezed_is_round() {
    Rod carbon = Samples.CATALOGUE.rod("tube-10").orElseThrow();
    assertThat(squeezed(carbon, 9).squeezed()).isFalse();
    assertThat(squeezed(HALF_INCH, 5).squeezed()).as("less than both walls").isFalse();
    assertThat(squeezed(HALF_INCH, 25).squeezed()).isFalse();
    assertThatThrownBy(() -> new CoreChoice("r", 0, 9, 0).withSqueezed(Optional.of(Double.NaN)))
        .hasMessageContaining("squeezed to between");
  }

  // == IN A PART

  private static Project then(Project project, Change edit) {
    return edit.in(Prop.FIRST).applyTo(project);
  }

  private static CoreReckoning core(Project project) {
    return Samples.derive(project).first().parts().getFirst().core().orElseThrow();
  }

  private static Optional<Finding> finding(Project project, String id) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith(id))
        .findFirst();
  }

  private static Project piped() {
    Project blade = Samples.whole();
    String id = blade.first().parts().getFirst().id();
    // Three layers: the middle one is slotted through, half of each other one may be cut.
    Project bare = then(then(blade, LayerEdits.add(id, 1)), Edits.withoutCore(id));
    return then(bare, Edits.rod(id, "pipe", new CoreChoice("pipe", -150, 200, 0)));
  }

  /** A pipe that is too fat for its layers is squeezed from its finding, and fits. */
  @Test
  void a_pipe_too_fat_for_a_blade_is_squeezed_from_its_finding() {
    Project project = piped();
    Change mend =
        finding(project, ".deep")
            .or(() -> finding(project, ".shows"))
            .orElseThrow()
            .mends()
            .stream()
            .filter(it -> it.name().startsWith("Squeeze it to"))
            .findFirst()
            .orElseThrow();

    Project mended = then(project, mend);

    CoreReckoning before = core(project);
    CoreReckoning after = core(mended);
    assertThat(after.tooDeep()).isFalse();
    assertThat(after.shows()).isFalse();
    assertThat(after.length()).isEqualTo(before.length());
    assertThat(figure(after, "core.rod-mass")).isEqualTo(figure(before, "core.rod-mass"));
    assertThat(figure(after, "core.stiffness")).isLessThan(figure(before, "core.stiffness"));
    Geometry outer = ring(after.section().outlines().get(0));
    Geometry inner = ring(after.section().outlines().get(1));
    double moment = secondMoment(outer, it -> it.y) - secondMoment(inner, it -> it.y);
    assertThat(figure(after, "core.stiffness") / after.rod().modulus())
        .isCloseTo(moment, within(moment * 1e-3));
    assertThat(Samples.derive(mended).plan().orElseThrow().steps())
        .anyMatch(it -> it.id().endsWith("core-squeeze"));
    assertThat(Samples.derive(project).plan().orElseThrow().steps())
        .noneMatch(it -> it.id().endsWith("core-squeeze"));
  }

  private static double figure(CoreReckoning core, String id) {
    for (Figure figure : core.figures()) {
      if (figure.id().equals(id)) {
        return figure.value();
      }
    }
    throw new AssertionError("There is no figure " + id);
  }

  @Test
  void squeezed_too_far_or_not_at_all_is_found_with_its_mend() {
    Project project = piped();
    String id = project.first().parts().getFirst().id();

    Project flat = then(project, Edits.squeezed(id, Optional.of(8.0)));
    Finding far = finding(flat, ".squeezed").orElseThrow();
    assertThat(finding(then(flat, far.mends().getFirst()), ".squeezed")).isEmpty();

    Project none = then(project, Edits.squeezed(id, Optional.of(4.0)));
    Finding never = finding(none, ".unsqueezed").orElseThrow();
    assertThat(core(none).section().squeezed()).isFalse();
    assertThat(finding(then(none, never.mends().getFirst()), ".unsqueezed")).isEmpty();
    Project other = then(flat, Edits.rod(id, "dowel-9", new CoreChoice("dowel-9", 0, 100, 0)));
    assertThat(other.first().parts().getFirst().core().orElseThrow().work().squeezedMm())
        .as("another rod is round again")
        .isEmpty();
  }
}

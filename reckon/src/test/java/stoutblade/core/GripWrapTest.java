package stoutblade.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import stoutblade.edit.Edits;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.First;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.project.Station;

class GripWrapTest {

  private static List<Figure> round(double diameter) {
    return GripWrap.round(
        Figure.given("core.diameter", "Core", diameter, Quantity.LENGTH, Source.GEOMETRY));
  }

  /**
   * Worked by hand, rings through the middle of 2 mm foam: round 10 mm the first is π·12 = 37.70
   * mm; six turns make 34 mm, and the sixth is π·32 = 100.53 mm. Round the tube itself the first
   * would come out π·2 = 6.28 mm short.
   */
  @ParameterizedTest
  @CsvSource({
    "10, 6, 37.6991, 100.5310",
    "9, 6, 34.5575, 97.3894",
    "20, 3, 69.1150, 94.2478",
    "40, 1, 131.9469, 131.9469",
  })
  void rings_are_as_worked_by_hand(double diameter, double turns, double first, double last) {
    List<Figure> wrap = round(diameter);

    assertThat(wrap.get(0).value()).isEqualTo(turns);
    assertThat(wrap.get(1).value()).isCloseTo(first, within(1e-4));
    assertThat(wrap.get(2).value()).isCloseTo(last, within(1e-4));
    assertThat(first - Math.PI * diameter).isCloseTo(2 * Math.PI, within(1e-4));
  }

  /**
   * SheetMaterial keeps its volume: a ring's length times its thickness is the area between its
   * circles.
   */
  @Property
  void the_area_of_a_turn_is_that_between_its_circles(
      @ForAll @DoubleRange(min = 5, max = 60) double diameter) {
    double ring = round(diameter).get(1).value() * 2;

    double between = Math.PI / 4 * (Math.pow(diameter + 4, 2) - diameter * diameter);

    assertThat(ring).isCloseTo(between, within(1e-9));
  }

  @Test
  void only_a_core_that_is_held_below_the_blade_is_wrapped() {
    assertThat(Samples.derive(Samples.whole()).figuresOf(Station.CORE, Prop.FIRST, First.ID))
        .anyMatch(it -> it.id().equals("p1/d1/grip.turns"));
    assertThat(
            Samples.derive(
                    Edits.coreHeldAt(First.ID, 50)
                        .in(Prop.FIRST)
                        .applyTo(
                            Edits.coreStart(First.ID, 0).in(Prop.FIRST).applyTo(Samples.whole())))
                .figuresOf(Station.CORE, Prop.FIRST, First.ID))
        .noneMatch(it -> it.id().equals("p1/d1/grip.turns"));
  }
}

package stoutblade.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.Coating;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Samples;

class CoatReckoningTest {

  private static final Figure ONE =
      Figure.given("part.made", "Made", 1, Quantity.COUNT, Source.DECIDED);

  private static Figure surface(double mm2) {
    return Figure.given("layers.surface", "Surface", mm2, Quantity.AREA, Source.GEOMETRY);
  }

  private static CoatStock paint(int coats, double mm2, double shelfMm3) {
    return CoatStock.of(
        Samples.PAINT,
        List.of(CoatReckoning.of(new Coats("paint", coats), Samples.PAINT, surface(mm2), ONE)),
        shelfMm3);
  }

  /** Worked by hand: 2 coats × 0.1 m² × 90 ml/m² ÷ (1 − 0.1) = 20 ml. */
  @Test
  void paint_needed_is_as_worked_by_hand() {
    CoatStock coats = paint(2, 100_000, 15_000);

    assertThat(coats.need().value()).isCloseTo(20_000, within(1e-6));
    assertThat(coats.missing().value()).isCloseTo(5_000, within(1e-6));
    assertThat(coats.lastWhole().value()).isEqualTo(1);
    assertThat(coats.runsOut()).isTrue();
  }

  @Property
  void enough_is_enough_exactly_when_the_whole_coats_reach(
      @ForAll @IntRange(min = 1, max = 8) int count,
      @ForAll @DoubleRange(min = 1000, max = 1_000_000) double area,
      @ForAll @DoubleRange(min = 0, max = 500_000) double shelf) {
    CoatStock coats = paint(count, area, shelf);

    assertThat(coats.need().value())
        .isCloseTo(count * paint(1, area, 0).need().value(), within(1e-6));
    if (Math.abs(coats.need().value() - shelf) > 1) {
      assertThat(coats.runsOut()).isEqualTo(coats.lastWhole().value() < count);
    }
  }

  @Test
  void heat_uses_nothing_up() {
    CoatReckoning seal =
        CoatReckoning.of(new Coats("seal", 1), Samples.SEAL, surface(100_000), ONE);

    assertThat(seal.need().value()).isZero();
    assertThat(CoatStock.of(Samples.SEAL, List.of(seal), 0).runsOut()).isFalse();
    assertThat(seal.figures()).hasSize(1);
  }

  @Test
  void coatings_and_coats_are_checked() {
    assertThatThrownBy(() -> new Coats("x", 0)).hasMessageContaining("Between 1 and 20");
    assertThatThrownBy(
            () -> new Coating("x", "x", Coating.Role.PAINT, "red", 0, 0, 0, 0, 0, 1, 0, "", ""))
        .hasMessageContaining("#rrggbb");
    assertThatThrownBy(
            () -> new Coating("x", "x", Coating.Role.PAINT, "#000000", 1, 1, 0, 0, 0, 1, 0, "", ""))
        .hasMessageContaining("below 1");
  }
}

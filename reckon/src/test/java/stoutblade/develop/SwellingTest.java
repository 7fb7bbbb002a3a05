package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Box;

/** Grips wound up to a drawn profile, against the solid of revolution that is drawn. */
class SwellingTest {

  private static final double LENGTH = 180;
  private static final List<Double> SWELLING = List.of(30.0, 37.0, 40.0, 35.0, 28.0);
  private static final List<Double> WASP = List.of(40.0, 32.0, 28.0, 32.0, 40.0);

  private static Swelling grip(List<Double> across, double foam, double deeper, Swelling.Way way) {
    return new Swelling(18, foam, new GripProfile(LENGTH, across), deeper, way);
  }

  private static double volume(Swelling grip) {
    return grip.foamMm()
        * grip.develop("x").panels().stream().mapToDouble(it -> it.count() * it.area()).sum();
  }

  /** By Gauss and Legendre: the area between the drawn radius and the former, along the grip. */
  private static double drawn(List<Double> across) {
    List<Double> radii = new GripProfile(LENGTH, across).radii();
    double[] at = new double[radii.size()];
    for (int i = 0; i < at.length; i++) {
      at[i] = LENGTH * i / (at.length - 1);
    }
    PolynomialSplineFunction curve =
        new LinearInterpolator().interpolate(at, radii.stream().mapToDouble(it -> it).toArray());
    return new IterativeLegendreGaussIntegrator(20, 1e-9, 1e-9)
        .integrate(
            200_000, z -> Math.PI * (Math.pow(Math.max(9, curve.value(z)), 2) - 81), 0, LENGTH);
  }

  /** The strip's area times its thickness is the foam between the former and the drawn line. */
  @Property(tries = 30)
  void one_strip_holds_the_foam_of_the_solid_that_was_drawn(
      @ForAll @DoubleRange(min = 0.5, max = 3) double foam) {
    double strip = volume(grip(SWELLING, foam, 0, Swelling.Way.STRIP));

    assertThat(strip / drawn(SWELLING)).isCloseTo(1, within(0.01));
  }

  /** Turns that reach half their thickness further come to as much; those to sand off to more. */
  @Test
  void turns_come_to_the_solid_and_turns_to_sand_cover_it() {
    for (List<Double> across : List.of(SWELLING, WASP)) {
      double solid = drawn(across);
      assertThat(volume(grip(across, 0.5, 0, Swelling.Way.TURNS)) / solid)
          .isCloseTo(1, within(0.01));
      assertThat(volume(grip(across, 2, 0, Swelling.Way.TURNS)) / solid).isCloseTo(1, within(0.06));
      assertThat(volume(grip(across, 2, 0, Swelling.Way.TURNS_TO_SAND))).isGreaterThan(solid);
    }
  }

  /** Each turn by hand: once round through the middle of its foam. */
  @Test
  void a_turn_is_as_long_as_the_way_through_its_middle() {
    Developed round = grip(SWELLING, 2, 0, Swelling.Way.TURNS).develop("x");
    Developed oval = grip(SWELLING, 2, 10, Swelling.Way.TURNS).develop("x");

    assertThat(round.panels().getFirst().box().width()).isCloseTo(Math.PI * 20, within(1e-9));
    assertThat(round.panels().get(4).box().width()).isCloseTo(Math.PI * 36, within(1e-9));
    // A stadium: two half rounds and two flats of what it is deeper.
    assertThat(oval.panels().get(1).box().width()).isCloseTo(Math.PI * 20 + 20, within(1e-9));
    assertThat(oval.panels().getFirst().count()).isEqualTo(6);
  }

  /** It passes its diameters, and is nowhere thicker or thinner than its neighbours. */
  @Property
  void the_drawn_line_passes_its_diameters_and_never_swings_out(
      @ForAll @Size(5) List<@DoubleRange(min = 20, max = 60) Double> across) {
    List<Double> radii = new GripProfile(LENGTH, across).radii();

    for (int i = 0; i < radii.size(); i++) {
      double place = 4.0 * i / (radii.size() - 1);
      int below = Math.min(3, (int) place);
      double one = across.get(below) / 2;
      double other = across.get(below + 1) / 2;
      assertThat(radii.get(i)).isBetween(Math.min(one, other) - 1e-9, Math.max(one, other) + 1e-9);
    }
    assertThat(radii.get((radii.size() - 1) / 2)).isCloseTo(across.get(2) / 2, within(1e-9));
  }

  @Test
  void a_wasp_waist_has_its_outer_turns_in_two_pieces_and_is_no_single_strip() {
    Developed flat = grip(WASP, 2, 0, Swelling.Way.TURNS).develop("x");

    assertThat(flat.panels().getLast().name()).contains("piece 2");
    List<Box> outer =
        flat.panels().stream().skip(flat.panels().size() - 2L).map(Panel::box).toList();
    assertThat(outer.get(0).height()).isCloseTo(outer.get(1).height(), within(0.01));
    assertThatThrownBy(() -> grip(WASP, 2, 0, Swelling.Way.STRIP))
        .hasMessageContaining("turn by turn");
    assertThatThrownBy(() -> grip(List.of(12.0, 12.0, 12.0, 12.0, 12.0), 2, 0, Swelling.Way.TURNS))
        .hasMessageContaining("less what is inside");
    assertThatThrownBy(() -> grip(SWELLING, 0.1, 0, Swelling.Way.TURNS))
        .hasMessageContaining("at most 40 turns");
  }
}

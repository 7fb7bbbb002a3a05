package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.geometry.euclidean.threed.Line;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import stoutblade.shape.Point;

/** A coped tube, rolled up again in space by another library and held to the round it lies on. */
class CopeTest {

  private static final double LIES_MM = 0.1;

  /** The axis of what it lies on. */
  private static final Line ROUND = new Line(Vector3D.ZERO, Vector3D.PLUS_I, 1e-9);

  /** A place of the sheet on the rolled tube: around it and along its axis. */
  private static Vector3D rolled(Cope cope, double radius, double round, double along) {
    Rotation lean =
        new Rotation(Vector3D.PLUS_J, -cope.angle(), RotationConvention.VECTOR_OPERATOR);
    Vector3D axis = lean.applyTo(Vector3D.PLUS_I);
    Vector3D out =
        new Rotation(axis, round, RotationConvention.VECTOR_OPERATOR)
            .applyTo(Vector3D.PLUS_J.crossProduct(axis));
    return new Vector3D(0, cope.asideMm(), 0)
        .add(axis.scalarMultiply(along))
        .add(out.scalarMultiply(radius));
  }

  @Property(tries = 300)
  void its_end_lies_on_the_round_all_the_way(
      @ForAll @DoubleRange(min = 30, max = 400) double on,
      @ForAll @DoubleRange(min = 0.1, max = 0.97) double share,
      @ForAll @DoubleRange(min = -1, max = 1) double aside,
      @ForAll @DoubleRange(min = 20.5, max = 159.5) double degrees) {
    double outside = share * on;
    double foam = outside / 8;
    double free = 0.975 * on / 2 - outside / 2;
    Cope cope =
        new Cope(outside, foam, on, Math.toRadians(degrees), aside * Math.max(0, free), 4 * on);
    Panel panel = cope.develop("x").panels().getFirst();
    double radius = (outside - foam) / 2;
    Edge wave =
        panel.edges().stream().filter(it -> !it.leans().isEmpty()).findFirst().orElseThrow();
    for (Point it : wave.path().flattened(0.002)) {
      Vector3D place = rolled(cope, radius, it.x() / radius, 4 * on - it.y());
      assertThat(ROUND.distance(place)).isCloseTo(on / 2, within(LIES_MM));
    }
    for (int i = 0; i < 12; i++) {
      double round = Math.PI * i / 6;
      assertThat(ROUND.distance(rolled(cope, outside / 2, round, cope.outerEnd(round))))
          .isCloseTo(on / 2, within(1e-6));
    }
  }

  /**
   * Square on the middle of a round of 100 mm, a tube of 60 mm and 5 mm of foam: at its sides the
   * middle of the foam ends √(50² − 27.5²) = 41.76 mm from the round's axis, in front 50 mm. By
   * hand.
   */
  @Test
  void square_on_the_middle_it_is_what_is_worked_by_hand() {
    Developed cope = new Cope(60, 5, 100, Math.PI / 2, 0, 120).develop("x");

    assertThat(figure(cope, "x.round")).isCloseTo(172.788, within(0.001));
    assertThat(figure(cope, "x.first")).isCloseTo(120 - 41.758, within(0.001));
    assertThat(figure(cope, "x.third")).isCloseTo(120 - 41.758, within(0.001));
    assertThat(figure(cope, "x.seam")).isCloseTo(70, within(0.001));
    assertThat(figure(cope, "x.half")).isCloseTo(70, within(0.001));
    Edge wave =
        cope.panels().getFirst().edges().stream()
            .filter(it -> !it.leans().isEmpty())
            .findFirst()
            .orElseThrow();
    assertThat(wave.leans()).allSatisfy(it -> assertThat(it.radians()).isNotNegative());
  }

  private static double figure(Developed developed, String id) {
    return developed.figures().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow()
        .value();
  }

  @Test
  void a_tube_that_reaches_past_the_round_is_refused_with_what_it_lacks() {
    assertThatThrownBy(() -> new Cope(90, 5, 80, Math.PI / 2, 0, 200))
        .hasMessageContaining("45.0 mm aside, beyond what it lies on, which is 40.0 mm");
    assertThatThrownBy(() -> new Cope(40, 5, 80, Math.PI / 2, 25, 200))
        .hasMessageContaining("one less aside");
    assertThatThrownBy(() -> new Cope(40, 5, 80, Math.toRadians(10), 0, 200))
        .hasMessageContaining("20° to 160°");
    assertThatThrownBy(() -> new Cope(40, 5, 80, Math.PI / 2, 0, 39))
        .hasMessageContaining("What is left of the tube");
  }
}

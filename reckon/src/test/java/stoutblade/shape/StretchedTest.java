package stoutblade.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class StretchedTest {

  /** A strap with round ends: two sides and two half circles. */
  private static WholeOutline strap(double length, double width, double turned) {
    double half = width / 2;
    double straight = length / 2 - half;
    return new WholeOutline(
        List.of(
            node(half, -straight, 0, turned),
            node(half, straight, 1, turned),
            node(-half, straight, 0, turned),
            node(-half, -straight, 1, turned)));
  }

  private static Node node(double x, double y, double bulge, double turned) {
    return new Node(new Point(x, y).turned(turned), Node.Kind.CORNER, 0, bulge);
  }

  private static Box box(Outline outline) {
    return Box.around(outline.outline().flattened(1e-4));
  }

  @Test
  void a_disc_becomes_a_disc_of_the_length() {
    Outline disc = WholeOutline.circle(new Point(30, 40), 60);
    for (Outline sized : List.of(Stretched.along(disc, 250), Stretched.across(disc, 250))) {
      assertThat(box(sized).width()).isCloseTo(250, within(1e-3));
      assertThat(box(sized).height()).isCloseTo(250, within(1e-3));
      assertThat(Region.inside(sized.outline(), 1e-3).area())
          .isCloseTo(Math.PI * 125 * 125, within(1.0));
      assertThat(box(sized).centre().distance(new Point(30, 40))).isLessThan(1e-3);
    }
  }

  /** A strip of straight sides between two half circles: w(L − w) + πw²/4. */
  @Property(tries = 60)
  void a_round_ended_strap_keeps_its_width_and_its_round_ends(
      @ForAll @DoubleRange(min = 60, max = 400) double length,
      @ForAll @DoubleRange(min = 10, max = 50) double width,
      @ForAll @DoubleRange(min = 70, max = 900) double wanted) {
    Outline longer = Stretched.along(strap(length, width, 0), wanted);

    assertThat(box(longer).height()).isCloseTo(wanted, within(1e-3));
    assertThat(box(longer).width()).isCloseTo(width, within(1e-3));
    assertThat(Region.inside(longer.outline(), 1e-3).area())
        .isCloseTo(width * (wanted - width) + Math.PI * width * width / 4, within(1.0));
  }

  @Property(tries = 60)
  void a_strap_made_wider_keeps_its_length(
      @ForAll @DoubleRange(min = 200, max = 400) double length,
      @ForAll @DoubleRange(min = 10, max = 120) double wanted) {
    Outline wider = Stretched.across(strap(length, 40, 0), wanted);

    assertThat(box(wider).width()).isCloseTo(wanted, within(1e-3));
    assertThat(box(wider).height()).isCloseTo(length, within(1e-3));
    assertThat(Region.inside(wider.outline(), 1e-3).area())
        .isCloseTo(wanted * (length - wanted) + Math.PI * wanted * wanted / 4, within(1.0));
  }

  @Test
  void a_strap_that_lies_across_is_lengthened_across() {
    Outline across = Stretched.across(strap(200, 40, Math.PI / 2), 300);

    assertThat(box(across).width()).isCloseTo(300, within(1e-3));
    assertThat(box(across).height()).isCloseTo(40, within(1e-3));
  }

  @Property(tries = 60)
  void any_outline_with_arcs_meets_what_is_asked(
      @ForAll @DoubleRange(min = -1.2, max = 1.2) double one,
      @ForAll @DoubleRange(min = -1.2, max = 1.2) double two,
      @ForAll @DoubleRange(min = 80, max = 400) double wanted) {
    Outline outline =
        new WholeOutline(
            List.of(
                node(60, 0, one, 0),
                node(50, 150, two, 0),
                node(-40, 160, 0, 0),
                node(-55, 5, 0, 0)));

    assertThat(box(Stretched.along(outline, wanted)).height()).isCloseTo(wanted, within(5e-3));
    assertThat(box(Stretched.across(outline, wanted)).width()).isCloseTo(wanted, within(5e-3));
  }

  @Test
  void half_an_outline_keeps_its_base_and_its_middle() {
    HalfOutline half =
        new HalfOutline(
            List.of(
                Node.corner(30, 0),
                new Node(new Point(30, 100), Node.Kind.CORNER, 0, 0.4142135623730951),
                Node.corner(0, 130)));

    Outline longer = Stretched.along(half, 260);

    assertThat(box(longer).height()).isCloseTo(260, within(1e-3));
    assertThat(box(longer).minY()).isZero();
    assertThat(box(longer).centre().x()).isCloseTo(0, within(1e-9));
  }

  @Test
  void no_length_and_nothing_drawn_are_refused() {
    assertThatThrownBy(() -> Stretched.along(strap(200, 40, 0), 0)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> Stretched.along(HalfOutline.EMPTY, 10))
        .hasMessageContaining("above 0");
  }
}

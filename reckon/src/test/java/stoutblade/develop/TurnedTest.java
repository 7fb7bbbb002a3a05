package stoutblade.develop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import stoutblade.measure.Figure;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/** Drawn profiles, skins over stacks and profile strips. */
class TurnedTest {

  /** A spherical cap as a drawn curve: its depths at thirds of the way out. */
  private static Turned drawnCap(double rim, double depth, double foam) {
    double sphere = (rim * rim / 4 + depth * depth) / (2 * depth);
    Node[] nodes = new Node[7];
    for (int i = 0; i < 7; i++) {
      double r = rim / 2 * i / 6;
      double y = depth - sphere + Math.sqrt(sphere * sphere - r * r);
      nodes[i] = i == 6 ? Node.corner(r, 0) : Node.curve(r, y);
    }
    return new Turned(List.of(nodes), foam, 16, Dish.Way.DARTS, 4, 0, 0);
  }

  private static double figure(Developed flat, String id) {
    return flat.figures().stream()
        .filter(it -> it.id().equals(id))
        .mapToDouble(Figure::value)
        .findFirst()
        .orElseThrow();
  }

  /** The same dish by the closed form of the spherical cap. */
  @Property(tries = 40)
  void a_cap_that_is_drawn_comes_out_as_the_closed_form_says(
      @ForAll @DoubleRange(min = 0.08, max = 0.3) double flatness,
      @ForAll @DoubleRange(min = 2, max = 14) double foam) {
    double rim = 600;
    double depth = flatness * rim;
    Developed drawn = drawnCap(rim, depth, foam).develop("x");
    Developed closed = new Dish(rim, depth, foam, 16, Dish.Way.DARTS, 4).develop("x");

    assertThat(figure(drawn, "x.disc")).isCloseTo(figure(closed, "x.disc"), within(0.6));
    assertThat(figure(drawn, "x.dart")).isCloseTo(figure(closed, "x.dart"), within(0.25));
  }

  @Property(tries = 60)
  void the_edges_of_every_seam_of_a_drawn_dish_match(
      @ForAll @DoubleRange(min = 20, max = 140) double middle,
      @ForAll @DoubleRange(min = 0.55, max = 1) double inner,
      @ForAll @DoubleRange(min = 0.2, max = 0.6) double outer,
      @ForAll @IntRange(min = 1, max = 4) int segments) {
    Turned turned =
        new Turned(
            List.of(
                Node.curve(0, middle),
                Node.curve(80, middle * inner),
                Node.curve(160, middle * outer),
                Node.corner(240, 0)),
            6,
            segments * 4,
            Dish.Way.DARTS,
            segments,
            20,
            15);
    Developed flat = turned.develop("x");

    for (Map.Entry<String, List<Edge>> seam : flat.seams().entrySet()) {
      double first = seam.getValue().getFirst().length();
      assertThat(seam.getValue())
          .as("seam " + seam.getKey())
          .allSatisfy(it -> assertThat(it.length()).isCloseTo(first, within(0.01)));
    }
    // The flat ring: π(R² − r²), in four pieces.
    Panel ring =
        flat.panels().stream()
            .filter(it -> it.name().startsWith("Rim ring"))
            .findFirst()
            .orElseThrow();
    assertThat(4 * ring.area()).isCloseTo(Math.PI * (240 * 240 - 220 * 220), within(0.05));
    // The ring inside: through the middle of its foam.
    assertThat(figure(flat, "x.stiffener")).isCloseTo(Math.PI * (480 - 12 - 6), within(1e-9));
  }

  @Test
  void a_profile_that_bends_more_tightly_than_its_foam_is_refused() {
    List<Node> knob =
        List.of(
            Node.curve(0, 40),
            Node.curve(22, 34),
            Node.curve(30, 20),
            Node.curve(34, 2),
            Node.corner(60, 0));

    assertThat(new Turned(knob, 4, 8, Dish.Way.GORES, 1, 0, 0).develop("x").panels()).hasSize(1);
    assertThatThrownBy(() -> new Turned(knob, 60, 8, Dish.Way.GORES, 1, 0, 0))
        .hasMessageContaining("bends more tightly than foam of 60.0 mm");
  }

  @Test
  void a_profile_that_foam_cannot_bend_to_is_refused() {
    assertThatThrownBy(
            () ->
                new Turned(
                    List.of(Node.curve(0, 30), Node.corner(40, 0)), 6, 16, Dish.Way.DARTS, 3, 0, 0))
        .hasMessageContaining("16 darts do not make 3 segments");
    assertThatThrownBy(
            () ->
                new Turned(
                    List.of(Node.curve(0, 30), Node.corner(40, 0)),
                    6,
                    16,
                    Dish.Way.DARTS,
                    4,
                    50,
                    0))
        .hasMessageContaining("narrower than the rim's radius");
  }

  /** Over a stack: length, twice its height, and two quarter circles through the skin's middle. */
  @Test
  void a_skin_goes_over_its_stack() {
    Developed skin = new Cover(160, 60, 40, 2).develop("x");

    assertThat(figure(skin, "x.along")).isCloseTo(160 + 80 + Math.PI, within(1e-9));
    assertThat(figure(skin, "x.across")).isCloseTo(60 + 80 + Math.PI, within(1e-9));
    assertThat(skin.seams().values())
        .hasSize(4)
        .allSatisfy(
            it -> {
              assertThat(it).hasSize(2);
              assertThat(it.get(0).length()).isCloseTo(it.get(1).length(), within(1e-9));
            });
    Panel net = skin.panels().getFirst();
    assertThat(net.lines()).hasSize(4);
    // Outside, sides that are folded down reach a thickness past the stack before they are mitred.
    double cutOut = 40 + Math.PI / 2 - 2;
    double whole = (160 + 80 + Math.PI) * (60 + 80 + Math.PI);
    assertThat(net.area()).isCloseTo(whole - 4 * cutOut * cutOut, within(1e-6));
  }

  /** Common practice: a mitre of 180° over n; outside, the far sides make the larger polygon. */
  @Property
  void a_moulding_closes_with_mitres(
      @ForAll @IntRange(min = 3, max = 24) int sides,
      @ForAll @DoubleRange(min = 5, max = 20) double width) {
    Moulding moulding = new Moulding(sides, 200, 200, width, Moulding.Shape.HALF_ROUND, true);
    Developed flat = moulding.develop("x");

    assertThat(figure(flat, "x.mitre")).isCloseTo(Math.PI / sides, within(1e-12));
    // The inradius grows by the width.
    double inradius = 100 / Math.tan(Math.PI / sides);
    assertThat(figure(flat, "x.far"))
        .isCloseTo(2 * (inradius + width) * Math.tan(Math.PI / sides), within(1e-9));
    assertThat(flat.panels().getFirst().count()).isEqualTo(sides);
  }

  @Test
  void an_oblique_cone_has_its_seam_where_it_is_wanted() {
    double slant = Math.toRadians(20);
    Developed high = new Cone(200, 120, 150, 6, slant, 1, 0).develop("x");
    Developed low = new Cone(200, 120, 150, 6, slant, 1, Math.PI).develop("x");

    double longSeam = high.seams().get("A").getFirst().length();
    double shortSeam = low.seams().get("A").getFirst().length();
    assertThat(longSeam).isGreaterThan(shortSeam + 20);
    assertThat(high.panels().getFirst().area())
        .isCloseTo(low.panels().getFirst().area(), within(0.5));
  }

  /**
   * Each section drawn as a line from foot to foot and added up: its length, and what it encloses.
   */
  @ParameterizedTest
  @EnumSource(Moulding.Shape.class)
  void a_profile_is_as_large_as_its_drawn_section(Moulding.Shape shape) {
    List<Point> line = new ArrayList<>();
    switch (shape) {
      case HALF_ROUND -> line.addAll(arc(0, 0, 5, 0, Math.PI));
      case ROUND -> line.addAll(arc(0, 5, 5, -Math.PI / 2, 3 * Math.PI / 2));
      case TRIANGULAR -> line.addAll(List.of(new Point(5, 0), new Point(0, 5), new Point(-5, 0)));
      case SQUARE ->
          line.addAll(
              List.of(new Point(5, 0), new Point(5, 10), new Point(-5, 10), new Point(-5, 0)));
    }
    double length = 0;
    double area = 0;
    for (int i = 1; i < line.size(); i++) {
      Point a = line.get(i - 1);
      Point b = line.get(i);
      length += a.distance(b);
      area += (a.x() * b.y() - b.x() * a.y()) / 2;
    }
    assertThat(shape.free(10)).isCloseTo(length, within(0.01));
    assertThat(shape.area(10)).isCloseTo(area, within(0.02));
  }

  private static List<Point> arc(double x, double y, double radius, double from, double to) {
    return IntStream.rangeClosed(0, 2000)
        .mapToDouble(i -> from + (to - from) * i / 2000)
        .mapToObj(it -> new Point(x + radius * Math.cos(it), y + radius * Math.sin(it)))
        .toList();
  }
}

package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import stoutblade.develop.Developed;
import stoutblade.develop.DoubleWall;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.project.Samples;

/** What folds, what hangs, and walls with room between them. */
class MotionSumsTest {

  private static final GeometryFactory SHAPES = new GeometryFactory();

  private static Answer answer(String sum, Object... typed) {
    Map<String, Double> values = new HashMap<>();
    for (int i = 0; i < typed.length; i += 2) {
      values.put((String) typed[i], ((Number) typed[i + 1]).doubleValue());
    }
    return Sum.named(sum).orElseThrow().answer(values, Samples.CATALOGUE);
  }

  private static double figure(Answer answer, String id) {
    return answer.figures().stream()
        .filter(it -> it.id().equals(id))
        .findFirst()
        .orElseThrow()
        .value();
  }

  // == FOLDING

  /** Both pieces as rectangles, one turned by JTS: its box is the folded length. */
  @Property(tries = 300)
  void a_folded_prop_is_as_long_as_its_pieces_turned_by_other_code(
      @ForAll @DoubleRange(min = 100, max = 900) double fixed,
      @ForAll @DoubleRange(min = 100, max = 900) double moving,
      @ForAll @DoubleRange(min = 0, max = 90) double tail,
      @ForAll @DoubleRange(min = 5, max = 90) double wide,
      @ForAll @DoubleRange(min = 0.02, max = 3.14) double turns) {
    Answer answer =
        answer(
            "fold", "fixed", fixed, "moving", moving, "tail", tail, "wide", wide, "turns", turns);

    Geometry piece =
        SHAPES.toGeometry(
            new Envelope(new Coordinate(-tail, -wide / 2), new Coordinate(moving, wide / 2)));
    Geometry turned = AffineTransformation.rotationInstance(turns).transform(piece);
    Envelope both = turned.getEnvelopeInternal();
    both.expandToInclude(-fixed, 0);
    both.expandToInclude(0, 0);
    assertThat(figure(answer, "fold.closed")).isCloseTo(both.getWidth(), within(1e-6));
    double swing = 0;
    double room = 0;
    for (Coordinate corner : turned.getCoordinates()) {
      swing = Math.max(swing, corner.distance(new Coordinate(0, 0)));
    }
    for (double side : new double[] {-wide / 2, wide / 2}) {
      room = Math.max(room, Math.hypot(tail, side));
    }
    assertThat(figure(answer, "fold.reach")).isLessThanOrEqualTo(swing + 1e-9);
    assertThat(Math.max(figure(answer, "fold.reach"), room)).isCloseTo(swing, within(1e-9));
  }

  @Test
  void what_stands_in_the_way_is_said_with_how_much_it_is_too_long() {
    Answer free = answer("fold", "moving", 400, "wide", 60, "guard", 450);
    Answer hit = answer("fold", "moving", 480, "wide", 60, "guard", 450);

    assertThat(free.words().getFirst()).contains("passes");
    assertThat(hit.words().getFirst()).contains("shorter by 30.9 mm");
    assertThat(answer("fold", "moving", 480, "guard", 450, "turns", 1).words().getFirst())
        .as("it only turns away")
        .contains("passes");
    assertThat(figure(hit, "fold.thickness")).isCloseTo(20 + 20 + 1.5 + 1.2, within(1e-9));
    assertThat(figure(hit, "fold.open")).isEqualTo(1080);
  }

  // == CARRYING

  /** Both hooks together carry it, and about any place the moments are nothing. */
  @Property(tries = 200)
  void two_hooks_hold_a_prop_still(
      @ForAll @DoubleRange(min = 50, max = 3000) double weight,
      @ForAll @DoubleRange(min = 10, max = 390) double upper,
      @ForAll @DoubleRange(min = 10, max = 390) double lower,
      @ForAll @DoubleRange(min = -500, max = 500) double about) {
    Answer answer =
        answer(
            "carry", "weight", weight, "length", 900, "balance", 400, "upper", upper, "lower",
            lower);
    double high = figure(answer, "carry.on-upper");
    double low = figure(answer, "carry.on-lower");

    assertThat(high + low).isCloseTo(weight, within(1e-9));
    double moments =
        high * (400 + upper - about) + low * (400 - lower - about) - weight * (400 - about);
    assertThat(moments).isCloseTo(0, within(1e-6 * weight));
  }

  /** From one hook the balance hangs straight below it: 40 beside, 300 below. */
  @Test
  void from_one_hook_the_balance_hangs_below_it() {
    Answer answer =
        answer("carry", "lower", 0, "upper", 300, "balance", 400, "aside", 40, "high", 800);

    double lean = figure(answer, "carry.hung");
    assertThat(Math.tan(lean)).isCloseTo(40.0 / 300, within(1e-12));
    assertThat(figure(answer, "carry.ground")).isCloseTo(800 - 700 * Math.cos(lean), within(1e-9));
    assertThat(figure(answer, "carry.behind")).isCloseTo(700 * Math.sin(lean), within(1e-9));
    assertThat(answer("carry", "lower", 0, "upper", 20).words().getFirst()).contains("tips");
    assertThat(answer("carry", "lower", 0, "high", 300).words().getLast()).contains("drags");
    assertThatThrownBy(() -> answer("carry", "balance", 900)).hasMessageContaining("its end");
    assertThatThrownBy(() -> answer("carry", "lower", 700)).hasMessageContaining("its end");
  }

  @Test
  void what_is_known_of_the_prop_is_taken_until_something_is_typed() {
    Figure mass = Figure.given("prop.mass", "Whole prop", 640, Quantity.MASS, Source.DECIDED);
    Sum carry = Sum.named("carry").orElseThrow();
    assertThat(carry.ofProp()).containsEntry("weight", "prop.mass");

    Answer known = carry.answer(Map.of(), Samples.CATALOGUE, Map.of("weight", mass));
    assertThat(figure(known, "carry.on-upper") + figure(known, "carry.on-lower"))
        .isCloseTo(640, within(1e-9));
    Answer typed = carry.answer(Map.of("weight", 100.0), Samples.CATALOGUE, Map.of("weight", mass));
    assertThat(figure(typed, "carry.on-upper") + figure(typed, "carry.on-lower"))
        .isCloseTo(100, within(1e-9));
  }

  // == BALANCE, AND COMING APART

  /** With what is needed put in, moments about where it is to balance are nothing. */
  @Property(tries = 200)
  void a_prop_with_the_weight_put_in_balances_where_it_is_to(
      @ForAll @DoubleRange(min = 100, max = 3000) double weight,
      @ForAll @DoubleRange(min = 500, max = 1500) double balance,
      @ForAll @DoubleRange(min = 0.05, max = 0.95) double share,
      @ForAll @DoubleRange(min = 0, max = 400) double place) {
    double wanted = place + share * (balance - place);
    Answer answer =
        answer("poise", "weight", weight, "balance", balance, "wanted", wanted, "place", place);

    double needed = figure(answer, "poise.needed");
    assertThat(needed * (place - wanted) + weight * (balance - wanted))
        .isCloseTo(0, within(1e-6 * weight));
    assertThat(figure(answer, "poise.all")).isCloseTo(weight + needed, within(1e-9));
    Answer tried =
        answer(
            "poise",
            "weight",
            weight,
            "balance",
            balance,
            "wanted",
            wanted,
            "place",
            place,
            "try",
            Math.max(needed, 0.1));
    if (needed >= 0.1) {
      assertThat(figure(tried, "poise.tried")).isCloseTo(wanted, within(1e-6));
    }
  }

  @Test
  void a_weight_never_pulls_the_balance_away_or_past_itself() {
    assertThatThrownBy(() -> answer("poise", "wanted", 700)).hasMessageContaining("far side");
    assertThatThrownBy(() -> answer("poise", "wanted", 30)).hasMessageContaining("far side");
    assertThat(answer("poise", "wanted", 300).words().getFirst()).contains("more than a quarter");
  }

  /** Pieces put end to end, each on the spigot of the one before, are the prop again. */
  @Property(tries = 200)
  void pieces_on_their_spigots_are_the_prop_again(
      @ForAll @DoubleRange(min = 900, max = 2500) double length,
      @ForAll @IntRange(min = 2, max = 4) int pieces,
      @ForAll @DoubleRange(min = 8, max = 26) double tube) {
    Answer answer = answer("parted", "length", length, "pieces", pieces, "tube", tube);

    double end = 0;
    for (int i = 0; i < pieces; i++) {
      double spigot = i == pieces - 1 ? 0 : figure(answer, "parted.inside");
      double far = end + figure(answer, "parted.piece") + spigot;
      end = far - spigot;
    }
    assertThat(end).isCloseTo(length, within(1e-6));
    assertThat(figure(answer, "parted.cut"))
        .isCloseTo(2 * figure(answer, "parted.inside"), within(1e-9));
    assertThat(figure(answer, "parted.longest") + figure(answer, "parted.free"))
        .isCloseTo(1050, within(1e-9));
  }

  @Test
  void pieces_that_stay_too_long_or_spigots_that_meet_are_said() {
    assertThat(answer("parted", "length", 2200).words().getFirst()).contains("does not go");
    assertThat(answer("parted", "widths", 2).words().get(1)).contains("work loose");
    assertThatThrownBy(() -> answer("parted", "length", 400, "pieces", 4))
        .hasMessageContaining("spigots meet");
    assertThatThrownBy(() -> answer("parted", "play", 9)).hasMessageContaining("fills the tube");
  }

  // == TWO WALLS

  /** Rolled up, the walls stand as far apart as asked; the saving from areas of rings. */
  @Property(tries = 200)
  void two_walls_stand_apart_and_weigh_what_their_rings_weigh(
      @ForAll @DoubleRange(min = 100, max = 900) double outside,
      @ForAll @DoubleRange(min = 2, max = 10) double foam,
      @ForAll @DoubleRange(min = 4, max = 20) double gap,
      @ForAll @IntRange(min = 3, max = 12) int ribs) {
    DoubleWall form = new DoubleWall(outside, foam, gap, 200, ribs);
    Developed flat = form.develop("walls");
    double outer = flat.panels().get(0).box().width() / Math.PI;
    double inner = flat.panels().get(1).box().width() / Math.PI;

    // Middle lines, half a thickness from each face.
    assertThat(outer + foam).isCloseTo(outside, within(1e-9));
    assertThat((outer - foam) / 2 - (inner + foam) / 2).isCloseTo(gap, within(1e-9));
    assertThat(flat.panels().get(2).count()).isEqualTo(ribs);
    assertThat(flat.panels().get(1).lines()).hasSize(ribs);
    double solid = ring(outside, outside - 4 * foam - 2 * gap);
    double hollow =
        ring(outside, outside - 2 * foam)
            + ring(outside - 2 * foam - 2 * gap, outside - 4 * foam - 2 * gap)
            + ribs * gap * foam;
    assertThat(flat.figures().getLast().value()).isCloseTo(1 - hollow / solid, within(1e-9));
  }

  private static double ring(double across, double inside) {
    return Math.PI / 4 * (across * across - inside * inside);
  }

  @Test
  void walls_that_fill_their_tube_are_refused() {
    assertThatThrownBy(() -> answer("walls", "outside", 60, "gap", 25))
        .hasMessageContaining("has to be wider");
    assertThatThrownBy(() -> answer("walls", "outside", 120, "gap", 25, "ribs", 40))
        .hasMessageContaining("no room between");
    for (String sum : new String[] {"walls", "fold", "carry", "poise", "parted"}) {
      assertThat(answer(sum).words()).isNotEmpty();
      assertThat(answer(sum).drawing().box().width()).isPositive();
    }
  }
}

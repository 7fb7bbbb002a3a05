package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static stoutblade.sum.Answers.answer;
import static stoutblade.sum.Answers.figure;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.geometry.euclidean.twod.Line;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import stoutblade.develop.Developed;
import stoutblade.develop.DoubleWall;
import stoutblade.develop.Edge;
import stoutblade.develop.Lidded;
import stoutblade.develop.Panel;
import stoutblade.develop.Rings;

/** Tubes, boxes and frames, put together again by coordinates or worked by hand. */
class BarrelSumsTest {

  @Property(tries = 100)
  void rings_lie_end_to_end_along_their_barrel(
      @ForAll @IntRange(min = 1, max = 30) int count,
      @ForAll @DoubleRange(min = 5, max = 60) double first,
      @ForAll @DoubleRange(min = 5, max = 60) double last,
      @ForAll @DoubleRange(min = 0, max = 20) double gap) {
    Rings rings = new Rings(60, 5, count, first, last, gap);
    Developed flat = rings.develop("rings");

    double along = 0;
    int cut = 0;
    for (Panel panel : flat.panels()) {
      assertThat(panel.box().width())
          .as("about the middle of the foam")
          .isCloseTo(Math.PI * 65, within(1e-9));
      along += panel.count() * panel.box().height();
      cut += panel.count();
    }
    assertThat(cut).isEqualTo(count);
    assertThat(along + (count - 1) * gap).isCloseTo(rings.alongMm(), within(1e-6));
    assertThat(flat.figures().get(1).value()).isCloseTo(rings.alongMm(), within(1e-6));
  }

  /** Each piece set on its two edges: where those and its highest place are, by coordinates. */
  @Property(tries = 100)
  void a_split_tube_lies_as_wide_and_high_as_its_arc(
      @ForAll @IntRange(min = 2, max = 12) int pieces,
      @ForAll @DoubleRange(min = 20, max = 200) double across,
      @ForAll @DoubleRange(min = 0, max = 2) double kerf) {
    Answer answer = answer("halves", "outside", across, "wall", 2, "pieces", pieces, "kerf", kerf);

    double half = (Math.PI * across / pieces - kerf) / across;
    Vector2D edge = new Vector2D(Math.sin(half), Math.cos(half)).scalarMultiply(across / 2);
    assertThat(figure(answer, "halves.chord")).isCloseTo(2 * edge.getX(), within(1e-9));
    assertThat(figure(answer, "halves.high")).isCloseTo(across / 2 - edge.getY(), within(1e-9));
    assertThat(pieces * (figure(answer, "halves.arc") + kerf))
        .isCloseTo(Math.PI * across, within(1e-6));
  }

  @Test
  void halves_of_a_tube_without_a_kerf_are_half_as_high_as_it_is_wide() {
    Answer answer = answer("halves", "outside", 60, "wall", 3, "pieces", 2, "kerf", 0);

    assertThat(figure(answer, "halves.chord")).isCloseTo(60, within(1e-9));
    assertThat(figure(answer, "halves.high")).isCloseTo(30, within(1e-9));
    assertThat(figure(answer, "halves.inside")).isCloseTo(54, within(1e-9));
    assertThatThrownBy(() -> answer("halves", "outside", 5, "wall", 3))
        .hasMessageContaining("walls fill the tube");
  }

  @Test
  void a_socket_has_its_wall_and_says_how_deep_it_is() {
    Answer answer = answer("socket", "rod", 20, "play", 0.5, "part", 45, "depth", 50);

    assertThat(figure(answer, "socket.bore")).isEqualTo(21);
    assertThat(figure(answer, "socket.wall")).isEqualTo(12);
    assertThat(figure(answer, "socket.widths")).isEqualTo(2.5);
    assertThat(answer.words().getFirst()).contains("shallow");
    assertThatThrownBy(() -> answer("socket", "rod", 50, "part", 45))
        .hasMessageContaining("as wide as the part");
  }

  /** 500 and 480 mm that keep 90 mm inside: 890 pulled out, 500 pushed in. */
  @Test
  void what_slides_is_as_long_as_both_less_what_stays_inside() {
    Answer answer = answer("slide");

    assertThat(figure(answer, "slide.open")).isEqualTo(890);
    assertThat(figure(answer, "slide.closed")).isEqualTo(500);
    assertThat(figure(answer, "slide.travel")).isEqualTo(390);
    assertThat(figure(answer, "slide.bore")).isCloseTo(40 + 4 * 0.3 + 2 * 0.5, within(1e-9));
    assertThat(answer("slide", "length", 600).words().getFirst()).contains("stands out");
    assertThatThrownBy(() -> answer("slide", "overlap", 500)).hasMessageContaining("stays inside");
  }

  @Property(tries = 60)
  void a_lid_goes_over_its_box_with_its_play(
      @ForAll @DoubleRange(min = 60, max = 400) double wide,
      @ForAll @DoubleRange(min = 60, max = 300) double narrow,
      @ForAll @DoubleRange(min = 2, max = 10) double foam,
      @ForAll @DoubleRange(min = 0, max = 3) double play) {
    Lidded over = new Lidded(wide, narrow, 90, foam, 30, play, true);
    Lidded inside = new Lidded(wide, narrow, 90, foam, 30, play, false);

    // What is free inside the lid, less the box; what is free inside the box, less the lid.
    assertThat(over.lid().sideMm() - 2 * foam - wide).isCloseTo(2 * play, within(1e-9));
    assertThat(over.lid().secondMm() - 2 * foam - narrow).isCloseTo(2 * play, within(1e-9));
    assertThat(wide - 2 * foam - inside.lid().sideMm()).isCloseTo(2 * play, within(1e-9));
    Developed flat = over.develop("lid");
    assertThat(flat.seams().values())
        .allSatisfy(
            edges -> {
              assertThat(edges.size() % 2).isZero();
              double length = edges.getFirst().length();
              assertThat(edges)
                  .extracting(Edge::length)
                  .allMatch(it -> Math.abs(it - length) < 0.01);
            });
    assertThat(flat.panels()).extracting(Panel::name).contains("Box: end", "Lid: end");
    assertThatThrownBy(() -> new Lidded(wide, narrow, 90, foam, foam / 2, play, true))
        .hasMessageContaining("lid reaches");
  }

  /** The bar's lower edge from the inner edge of one leg to that of the other, by their lines. */
  @Property(tries = 60)
  void the_bar_of_a_frame_fits_between_its_legs(
      @ForAll @DoubleRange(min = 400, max = 2000) double height,
      @ForAll @DoubleRange(min = 300, max = 1200) double spread,
      @ForAll @DoubleRange(min = 0.05, max = 0.5) double share) {
    Answer answer =
        answer("stand", "height", height, "spread", spread, "strip", 40, "bar", share * height);

    Vector2D foot = new Vector2D(spread / 2, 0);
    Vector2D top = new Vector2D(0, height);
    Vector2D square = new Vector2D(-(height), -(spread / 2)).normalize().scalarMultiply(40);
    Line inner = new Line(foot.add(square), top.add(square), 1e-10);
    Line level = new Line(new Vector2D(0, share * height), new Vector2D(1, share * height), 1e-10);
    assertThat(figure(answer, "stand.cross"))
        .isCloseTo(2 * inner.intersection(level).getX(), within(1e-6));
    assertThat(figure(answer, "stand.leg")).isCloseTo(foot.distance(top), within(1e-9));
    assertThatThrownBy(() -> answer("stand", "height", 300, "bar", 400))
        .hasMessageContaining("below the top");
  }

  /** Two hands of 88 mm in gloves of 3 mm, 10 mm apart, 8 mm at each end. */
  @Test
  void hands_on_a_grip_are_added_up() {
    Answer answer = answer("grip", "hands", 2);

    assertThat(figure(answer, "grip.length")).isEqualTo(2 * 94 + 10 + 16);
    assertThat(figure(answer, "grip.finger")).isEqualTo(22 + 6);
    assertThat(figure(answer, "grip.knuckles")).isEqualTo(17 + 28 + 8);
    assertThat(figure(answer, "grip.opening")).isEqualTo(36);
  }

  @Test
  void a_strap_that_lets_go_is_once_round_its_overlap_and_its_tail() {
    Answer answer = answer("release", "handle", 40, "thick", 2, "overlap", 80, "tail", 50);

    assertThat(figure(answer, "release.length")).isCloseTo(Math.PI * 42 + 130, within(1e-9));
    assertThat(figure(answer, "release.held")).isEqualTo(80 * 25);
    assertThatThrownBy(() -> answer("release", "handle", 10, "overlap", 80))
        .hasMessageContaining("shorter than the loop");
  }

  /**
   * Every groove folded shut by other code: the skin's middle line closes to the arc that was
   * asked.
   */
  @Property(tries = 60)
  void grooves_fold_a_sheet_to_their_bend(
      @ForAll @DoubleRange(min = 30, max = 180) double degrees,
      @ForAll @DoubleRange(min = 60, max = 200) double radius,
      @ForAll @DoubleRange(min = 2, max = 4) double wide) {
    double bend = Math.toRadians(degrees);
    Answer answer =
        answer("score", "bend", bend, "radius", radius, "foam", 10, "deep", 7, "wide", wide);
    double each = figure(answer, "score.each");
    int count = (int) figure(answer, "score.count");
    double every = figure(answer, "score.every");

    // A chain of straight pieces, turned at each groove by what it closes.
    Vector2D at = Vector2D.ZERO;
    double turned = 0;
    for (int i = 0; i < count; i++) {
      at = at.add(new Vector2D(Math.cos(turned), Math.sin(turned)).scalarMultiply(every / 2));
      turned += each;
      at = at.add(new Vector2D(Math.cos(turned), Math.sin(turned)).scalarMultiply(every / 2));
    }
    assertThat(turned).as("as far as whole grooves go").isCloseTo(bend, within(each / 2 + 1e-9));
    // The pieces of a chain touch a circle: its radius from their length and turn.
    double circle = every / 2 / Math.tan(each / 2);
    double skin = radius + 7 + 1.5;
    assertThat(circle).isCloseTo(skin * bend / turned, within(skin * each * each / 6));
    assertThatThrownBy(() -> answer("score", "foam", 5, "deep", 6))
        .hasMessageContaining("shallower");
    assertThatThrownBy(() -> answer("score", "wide", 100, "deep", 6, "radius", 5, "bend", Math.PI))
        .hasMessageContaining("run into each other");
  }

  @Test
  void a_profile_round_a_curve_is_as_long_as_its_middle() {
    Answer outside = answer("run");
    Answer inside = answer("run", "lies", 1);

    double half = Math.PI / 2;
    assertThat(figure(outside, "run.far")).isCloseTo(half * 315, within(1e-9));
    assertThat(figure(inside, "run.far")).isCloseTo(half * 285, within(1e-9));
    assertThat(figure(outside, "run.stretch")).isCloseTo(7.5 / 307.5, within(1e-9));
    assertThat(outside.words().getFirst()).contains("bends cold");
    assertThat(answer("run", "radius", 60).words().getFirst()).contains("Warm it");
    assertThatThrownBy(() -> answer("run", "radius", 10, "lies", 1))
        .hasMessageContaining("narrower than the radius");
  }

  @Test
  void each_of_them_has_a_drawing_and_words() {
    for (String sum :
        List.of(
            "rings", "walls", "halves", "socket", "slide", "lid", "stand", "grip", "release",
            "score", "run")) {
      Answer answer = answer(sum);
      assertThat(answer.words()).as(sum).isNotEmpty();
      assertThat(answer.drawing().box().width()).as(sum).isPositive();
    }
  }

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
  }
}

package stoutblade.sum;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;
import static stoutblade.sum.Answers.figure;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.Cone;
import stoutblade.measure.Figure;
import stoutblade.project.Samples;

/** Bench sums, against facts of the trade and sums done by hand. */
class SumTest {

  private static final double INCH = 25.4;

  private static final Catalogue CATALOGUE =
      new Catalogue(
          List.of(Samples.EVA),
          List.of(
              new SheetMaterial(
                  "a", "A", List.of(2.0, 5.0, 10.0), 1e-4, 600, 600, false, 3, 2, "-"),
              new SheetMaterial(
                  "b", "B", List.of(3.0, 6.0, 12.7), 1e-4, 600, 600, true, 3, 2, "-")),
          List.of(
              new Rod(
                  "pvc-1-2", "Half inch", 21.336, 15.7988, 3250, 425, 1380e-6, 3048, true, "-")),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(
              new PipeFitting("pvc-1-2", PipeFitting.Kind.ELBOW_90, 12.7, 17.475, "-"),
              new PipeFitting("pvc-1-2", PipeFitting.Kind.TEE, 12.7, 17.475, "-")));

  private static Answer answer(String sum, Object... pairs) {
    return Answers.answer(CATALOGUE, sum, pairs);
  }

  static List<Sum> all() {
    return Sum.ALL;
  }

  @ParameterizedTest
  @MethodSource("all")
  void every_sum_answers_its_usual_values_with_a_drawing_and_its_working(Sum sum) {
    Answer answer = sum.answer(Map.of(), CATALOGUE);

    assertThat(answer.figures())
        .isNotEmpty()
        .allSatisfy(
            it -> {
              assertThat(it.value()).isFinite();
              assertThat(it.formula()).isNotBlank();
            });
    assertThat(answer.figures().stream().map(Figure::id)).doesNotHaveDuplicates();
    assertThat(answer.drawing().box().width()).isPositive();
    assertThat(answer.drawing().box().height()).isPositive();
  }

  /**
   * The first figure of every sum at its usual values, worked by hand; lengths in mm, angles in
   * radians, volumes in mm³.
   */
  @ParameterizedTest
  @CsvSource({
    "ring, ring.length, 345.5752", // pi * 110
    "wraps, wraps.turn4.length, 106.8142", // pi * (20 + 2 * 6 + 2)
    "swell, swell.turn2.length, 75.3982", // pi * (18 + 3 * 2)
    "swell, swell.girth, 125.6637", // pi * 40
    "strip, strip.round, 106.8142", // pi * 34
    "strip, strip.angle, 0.226624", // the sine is 24 over once round
    "band, band.length, 1415.7080", // 1400 + pi * 5
    "insert, insert.disc, 77", // 90 - 12 - 1
    "cone, cone.outer, 308.6099", // middle radius at the foot over the sine of the lean
    "cone, cone.inner, 93.2033",
    "dish, dish.dart, 4.810937", // 2 pi (arc - chord) / 16
    "darts, darts.dart, 4.7625", // three sixteenths of an inch back again
    "dome, dome.reach, 230.9071", // 147 * pi / 2
    "profile, profile.disc, 627.387", // the length of the curve, by a library (TurnedTest)
    "elbow, elbow.wave, 22.507732", // 2 * 42 * tan 15°
    "cope, cope.first, 185.628034", // 250 - √(70² - 27.5²)
    "cope, cope.seam, 180", // 250 - 70
    "elbow, elbow.middle, 64.307806", // 2 * 120 * tan 15°
    "score, score.length, 106.814150", // pi / 2 * (60 + 6 + 2)
    "score, score.count, 2", // 90° / (2 atan(2 / 6)) = 2.44
    "run, run.along, 483.019868", // pi / 2 * 307.5
    "run, run.over, 2.5", // 15 on 12.5: sanded flush, common practice
    "rings, rings.length, 204.203522", // pi * 65
    "halves, halves.chord, 59.981251", // 60 cos(1.5 / 60)
    "socket, socket.wall, 9.7", // (40 - 20 - 2 * 0.3) / 2
    "slide, slide.open, 890",
    "lid, lid.lid-wide, 212.2", // 200 + 2 * (5 + 0.5 + 2 * 0.3)
    "stand, stand.leg, 1250", // hypot(1200, 350)
    "grip, grip.length, 110", // 88 + 6 + 16
    "walls, walls.outer, 926.769833", // pi * 295
    "fold, fold.closed, 630", // 600 and the tail of 30
    "carry, carry.on-upper, 388.571429", // 800 * 170 / (180 + 170)
    "release, release.length, 263.517688", // pi * 42.5 + 130
    "opening, opening.across, 94.057686", // (260 + 2 pi 8) / 1.05 / pi
    "opening, opening.high, 77.839908", // by Ramanujan's formula; an ellipse added up in WornTest
    "straps, straps.aside, 115.911099", // 120 * cos 15°
    "straps, straps.length, 366.364022", // 98.9437 * (1 + pi / 2) + 2 * 56
    "poise, poise.needed, 90.566038", // 800 * 60 / 530
    "poise, poise.tried, 585.294118", // (800 * 620 + 50 * 30) / 850
    "parted, parted.longest, 962.4", // 1800 / 2 + 4 * 15.6
    "frame, frame.cut1, 287.3", // 300 - 12.7
    "frame, frame.cut2, 374.6", // 400 - 2 * 12.7
    "plate, plate.glued, 210937.5", // 150 / 12 * 5 * 15³
    "plate, plate.times, 9", // three layers glued: 3³ / 3
    "plate, plate.sag, 24.213951", // 0.980665 N * 250³ / 3 / 210937.5
    "box, box.inside, 180",
    "prism, prism.inside, 68.452995", // 80 - 2 * 10 * tan 30°
    "pyramid, pyramid.slope, 98.488578", // hypot(90, 40)
    "over, over.width, 132.7", // 60 + 12.7 + 60
    "skin, skin.along, 243.141593", // 160 + 2 * 40 + pi
    "moulding, moulding.far, 330", // 300 + 2 * 15
    "mitre, mitre.back, 10",
    "bevel, bevel.slope, 23.4094",
    "spacing, spacing.every, 25",
    "round, round.dividers, 97.545161", // 500 * sin 11.25°
    "print, print.length, 270",
    "pipe, pipe.width, 26.608406", // 12 + pi * 9.3 / 2
    "stack, stack.choice1, 25.4",
    "glue, glue.gap, 52368.147", // (2 * 12 * 6 - pi * 25) * 800
    "glue, glue.needed, 17456.049",
    "mix, mix.one, 82.758621", // 120 * 100 / 145
  })
  void every_sum_is_what_it_is_by_hand(String sum, String figure, double expected) {
    assertThat(figure(answer(sum), figure)).isCloseTo(expected, withinPercentage(1e-3));
  }

  @Test
  void every_sum_is_checked_by_hand() throws NoSuchMethodException {
    List<String> checked =
        Arrays.stream(
                SumTest.class
                    .getDeclaredMethod(
                        "every_sum_is_what_it_is_by_hand", String.class, String.class, double.class)
                    .getAnnotation(CsvSource.class)
                    .value())
            .map(it -> it.substring(0, it.indexOf(',')))
            .toList();

    assertThat(checked).containsAll(Sum.ALL.stream().map(Sum::key).toList());
  }

  /** Two V of 12 x 6 hold 72 mm² together: less than a rod of 10 mm. */
  @Test
  void a_rod_that_does_not_fit_its_channel_is_said() {
    assertThatThrownBy(() -> answer("glue", "shape", 1)).hasMessageContaining("nothing is left");
    assertThat(answer("glue", "shape", 1, "rod", 9).words().getFirst())
        .contains("does not fit such a channel");
    // It touches both walls at 8.48 mm: 6 over the root of two, twice.
    assertThat(answer("glue", "shape", 1, "rod", 8.48).words().getFirst()).contains("close on it");
    assertThat(answer("glue", "shape", 1, "rod", 8.49).words().getFirst()).contains("does not fit");
    assertThat(figure(answer("glue", "shape", 2, "rod", 12, "wide", 14, "deep", 7), "glue.gap"))
        .isCloseTo((Math.PI * 49 - Math.PI * 36) * 800, within(1e-6));
  }

  /** Second moments of an oval of two flat sides, added up over small squares. */
  @Test
  void a_squeezed_pipe_is_as_stiff_as_its_squares_added_up() {
    Answer pipe = answer("pipe", "across", 21.3, "height", 12, "wall", 2.8);
    double width = figure(pipe, "pipe.width");
    double step = 0.01;
    double area = 0;
    double level = 0;
    double upright = 0;
    for (double x = step / 2; x < width / 2; x += step) {
      for (double y = step / 2; y < 6; y += step) {
        if (inOval(x, y, width - 12, 6) && !inOval(x, y, width - 12, 3.2)) {
          area += 4 * step * step;
          level += 4 * step * step * y * y;
          upright += 4 * step * step * x * x;
        }
      }
    }
    assertThat(figure(pipe, "pipe.area")).isCloseTo(area, withinPercentage(0.1));
    assertThat(figure(pipe, "pipe.through")).isCloseTo(level, withinPercentage(0.1));
    assertThat(figure(pipe, "pipe.sideways")).isCloseTo(upright, withinPercentage(0.1));
    Answer round = answer("pipe", "across", 20, "height", 20, "wall", 2);
    assertThat(figure(round, "pipe.through"))
        .isCloseTo(Math.PI / 64 * (160000 - 65536), within(1e-6));
    assertThat(figure(round, "pipe.sideways")).isCloseTo(figure(round, "pipe.round"), within(1e-6));
  }

  private static boolean inOval(double x, double y, double flat, double radius) {
    return Math.hypot(Math.max(0, x - flat / 2), y) < radius;
  }

  /** Common practice: a 1 in board is 1/2 + 1/4 + 1/4 in. */
  @Test
  void stacks_offer_thick_sheets_and_thin_ones_in_the_unit_they_are_sold_in() {
    Catalogue shop =
        new Catalogue(
            List.of(Samples.EVA),
            List.of(
                new SheetMaterial(
                    "i",
                    "I",
                    List.of(3.175, 6.35, 9.525, 12.7, 19.05, 25.4),
                    1e-4,
                    600,
                    600,
                    false,
                    3,
                    2,
                    "-"),
                new SheetMaterial(
                    "m",
                    "M",
                    List.of(2.0, 5.0, 10.0, 15.0, 20.0),
                    1e-4,
                    600,
                    600,
                    false,
                    3,
                    2,
                    "-")),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of());
    Sum stack = Sum.named("stack").orElseThrow();

    assertThat(labels(stack.answer(Map.of("wanted", INCH, "most", 3.0), shop)))
        .contains("1\"", "1/2\" + 1/4\" + 1/4\"");
    assertThat(labels(stack.answer(Map.of("wanted", 40.0, "most", 4.0), shop)))
        .contains("20 mm + 20 mm", "10 mm + 10 mm + 10 mm + 10 mm");
  }

  private static List<String> labels(Answer answer) {
    return answer.figures().stream().map(Figure::label).toList();
  }

  /** A cone over another: inside it the other fits, with the room, all the way up. */
  @Test
  void a_cone_that_slips_over_another_is_larger_by_its_foam_on_the_slant() {
    Answer over =
        answer("cone", "known", 1, "foot", 200, "top", 100, "height", 120, "foam", 6, "slip", 1);
    double lean = Math.atan(50 / 120.0);
    double foot = 200 + 2 * 7 / Math.cos(lean);

    assertThat(((Cone) over.form().orElseThrow()).footMm()).isCloseTo(foot, within(1e-9));
    // Its inner face: the outer one less the foam, square to the wall.
    double inside = foot - 2 * 6 / Math.cos(lean);
    assertThat((inside - 200) / 2 * Math.cos(lean)).isCloseTo(1, within(1e-9));
  }

  @Test
  void turns_may_grow_outwards_and_darts_come_in_segments() {
    Answer wraps = answer("wraps", "step", -15);
    assertThat(figure(wraps, "wraps.turn4.width")).isCloseTo(180 + 6 * 15, within(1e-9));
    assertThat(answer("darts", "segments", 4).form().orElseThrow().develop("x").panels())
        .anySatisfy(it -> assertThat(it.name()).contains("one of 4"));
    assertThat(figure(answer("spacing", "ends", 2, "length", 600, "pitch", 25), "spacing.marks"))
        .isEqualTo(24);
  }

  /** Whatever is typed within what is asked for, it is answered or refused in words. */
  @ParameterizedTest
  @MethodSource("all")
  void every_sum_answers_or_refuses_in_words_whatever_is_typed(Sum sum) {
    Random random = new Random(7);
    int answered = 0;
    for (int i = 0; i < 300; i++) {
      Map<String, Double> typed = new HashMap<>();
      for (Entry entry : sum.entries()) {
        double share = random.nextDouble();
        double spread = entry.least() + (entry.most() - entry.least()) * share * share * share;
        double near = Math.clamp(entry.usual() * (0.5 + share), entry.least(), entry.most());
        double value = random.nextBoolean() ? spread : near;
        boolean whole = entry.quantity() == stoutblade.measure.Quantity.COUNT;
        typed.put(entry.key(), whole ? Math.rint(value) : value);
      }
      try {
        assertThat(sum.answer(typed, CATALOGUE).figures())
            .as("%s of %s", sum.key(), typed)
            .allSatisfy(it -> assertThat(it.value()).isFinite());
        answered++;
      } catch (IllegalArgumentException e) {
        assertThat(e.getMessage()).as("%s of %s", sum.key(), typed).hasSizeGreaterThan(20);
      }
    }
    assertThat(answered).isGreaterThan(20);
  }

  /** Common practice: an inch on the print stands for 4.5 in on a two-handed hammer. */
  @Test
  void a_print_gives_the_real_length() {
    assertThat(figure(answer("print", "measured", 8 * INCH), "print.length"))
        .isCloseTo(36 * INCH, within(1e-9));
  }

  /** Common practice: W = H + π(D − H)/2; the wall keeps its length. */
  @Test
  void a_squeezed_pipe_keeps_its_wall() {
    Answer answer = answer("pipe", "across", 26.7, "height", 14);
    double width = figure(answer, "pipe.width");
    assertThat(2 * (width - 14) + Math.PI * 14).isCloseTo(Math.PI * 26.7, within(1e-9));
    assertThat(answer.words().getFirst()).contains("boards");
    assertThat(answer("pipe", "across", 26.7, "height", 12).words().getFirst())
        .contains("beyond it");
  }

  /** Worked by hand: (20 − 4) / (2 · 22) is the tangent of 19.983°. */
  @Test
  void a_bevel_is_sanded_at_the_angle_of_the_blade() {
    assertThat(Math.toDegrees(figure(answer("bevel"), "bevel.angle")))
        .isCloseTo(19.983, within(0.001));
  }

  /** Common practice: 180° over n; a box 45°, a hexagon 30°. */
  @Test
  void a_mitre_is_180_degrees_over_the_sides() {
    assertThat(Math.toDegrees(figure(answer("mitre"), "mitre.lean"))).isCloseTo(45, within(1e-9));
    Answer six = answer("mitre", "sides", 6);
    assertThat(Math.toDegrees(figure(six, "mitre.lean"))).isCloseTo(30, within(1e-9));
    assertThat(Math.toDegrees(figure(six, "mitre.corner"))).isCloseTo(120, within(1e-9));
  }

  @Test
  void spaces_along_an_edge_and_round_a_ring_close_exactly() {
    Answer edge = answer("spacing", "length", 610, "pitch", 25);
    assertThat(figure(edge, "spacing.spaces")).isEqualTo(24);
    assertThat(figure(edge, "spacing.every") * 24).isCloseTo(610, within(1e-9));
    assertThat(figure(edge, "spacing.marks")).isEqualTo(25);
    assertThat(figure(answer("spacing", "length", 610, "pitch", 25, "ends", 1), "spacing.marks"))
        .isEqualTo(24);
    // A hexagon's side is the radius.
    assertThat(figure(answer("round", "across", 500, "count", 6), "round.dividers"))
        .isCloseTo(250, within(1e-9));
  }

  /** Against every set of up to three sheets, tried one by one. */
  @Test
  void no_stack_comes_nearer_than_the_first() {
    double[] sheets = {0, 2, 3, 5, 6, 10, 12.7};
    for (double wanted : new double[] {7, 11.5, 17.9, 25.4, 31}) {
      double best = Double.POSITIVE_INFINITY;
      for (double a : sheets) {
        for (double b : sheets) {
          for (double c : sheets) {
            if (a + b + c > 0) {
              best = Math.min(best, Math.abs(a + b + c - wanted));
            }
          }
        }
      }
      double found = figure(answer("stack", "wanted", wanted), "stack.choice1");
      assertThat(Math.abs(found - wanted)).isCloseTo(best, within(1e-9));
    }
  }

  /** Common practice: glue that foams to three times its volume fills a third of the gap. */
  @Test
  void glue_fills_a_third_of_the_room_round_the_rod() {
    Answer answer = answer("glue", "wide", 12, "deep", 6, "rod", 8, "length", 1000);
    double room = (2 * 12 * 6 - Math.PI * 16) * 1000;
    assertThat(figure(answer, "glue.gap")).isCloseTo(room, within(1e-6));
    assertThat(figure(answer, "glue.needed")).isCloseTo(room / 3, within(1e-6));
  }

  @Test
  void a_mixture_adds_up() {
    Answer answer = answer("mix", "whole", 145, "first", 100, "second", 45);
    assertThat(figure(answer, "mix.one")).isCloseTo(100, within(1e-9));
    assertThat(figure(answer, "mix.two")).isCloseTo(45, within(1e-9));
  }

  @Test
  void darts_of_a_shield_give_its_depth() {
    assertThat(figure(answer("darts"), "darts.found") / INCH).isCloseTo(3, within(0.15));
  }

  @Test
  void what_makes_no_sense_is_refused_with_what_was_expected() {
    assertThatThrownBy(() -> answer("ring", "foam", -3))
        .hasMessageContaining("Foam: from 0.1 mm")
        .hasMessageContaining("found -3 mm");
    assertThatThrownBy(() -> answer("ring", "colour", 3))
        .hasMessageContaining("asks for across, foam, known, width");
    assertThatThrownBy(() -> answer("mitre", "sides", 4.5)).hasMessageContaining("whole");
    assertThatThrownBy(() -> answer("bevel", "edge", 40)).hasMessageContaining("thinner");
    assertThatThrownBy(() -> answer("pipe", "height", 40)).hasMessageContaining("less than");
    assertThat(Sum.named("soup")).isEmpty();
  }
}

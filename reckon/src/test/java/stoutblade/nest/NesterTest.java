package stoutblade.nest;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Pieces on sheets, checked by another library's geometry (JTS). */
class NesterTest {

  private static Nesting run(NestJob job, int asked) {
    return new Nester(job, 1, it -> {}, Checked.after(asked)).run();
  }

  // == LAWS

  @ParameterizedTest
  @ValueSource(doubles = {0, 0.5, 3, 12})
  void random_pieces_keep_their_gap_and_stay_on_sheets_of_any_shape(double gap) {
    Random random = new Random((long) (gap * 10));
    List<NestShape> shapes = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      shapes.add(
          NestShape.of(
              "p" + i,
              Checked.blob(random, 20 + 60 * random.nextDouble()),
              1 + random.nextInt(2),
              List.of(Turning.values()).get(random.nextInt(4)),
              random.nextBoolean()));
    }
    Region holed =
        Region.of(new Box(0, 0, 400, 300))
            .difference(Region.of(new Box(180, 120, 240, 200)))
            .difference(Region.of(new Box(320, 0, 400, 90)));
    NestJob job =
        new NestJob(
            shapes,
            List.of(new NestSheet("offcut", holed, 1, 0), NestSheet.bought("sheet", 500, 350, 10)),
            gap,
            gap / 2);
    List<Nesting> answers = Collections.synchronizedList(new ArrayList<>());
    Nesting last = new Nester(job, 3, answers::add, Checked.after(120)).run();
    assertThat(answers).isNotEmpty();
    assertThat(answers.getLast()).isEqualTo(last);
    for (int i = 0; i < answers.size(); i++) {
      Checked.holds(job, answers.get(i));
      assertThat(i == 0 || answers.get(i).betterThan(answers.get(i - 1))).isTrue();
    }
    assertThat(last.complete()).isTrue();
  }

  /** A disc in the hole of a ring, which alone is as large as the sheet. */
  @Test
  void pieces_lie_in_the_holes_of_others() {
    Path outer = WholeOutline.circle(new Point(0, 0), 98).path();
    Path inner = WholeOutline.circle(new Point(0, 0), 70).path();
    Path disc = WholeOutline.circle(new Point(500, 0), 60).path();
    List<NestShape> shapes =
        NestShape.each("p", List.of(outer, inner, disc), 1, Turning.ANY, false);
    assertThat(shapes).hasSize(2);
    assertThat(shapes.getFirst().outline().area())
        .isCloseTo(Math.PI * (98 * 98 - 70 * 70), within(20.0));
    NestJob job = new NestJob(shapes, List.of(NestSheet.bought("s", 200, 200, 1)), 2, 0);
    Nesting nesting = run(job, 4_000);
    Checked.holds(job, nesting);
    assertThat(nesting.sheets()).hasSize(1);
    assertThat(nesting.proven()).isTrue();
  }

  /** Small cases whose least is known by hand. */
  @Test
  void few_sheets_are_bought() {
    NestShape half =
        NestShape.of("half", Region.of(new Box(0, 0, 300, 600)), 4, Turning.QUARTER, false);
    NestJob two = new NestJob(List.of(half), List.of(NestSheet.bought("600", 600, 600, 5)), 0, 0);
    assertThat(run(two, 3_000).price()).isEqualTo(10);
    assertThat(run(two, 3_000).proven()).isTrue();

    // One large sheet is dearer than what is needed; a small one takes the small piece.
    NestShape small =
        NestShape.of("small", Region.of(new Box(0, 0, 190, 190)), 1, Turning.ANY, false);
    NestJob either =
        new NestJob(
            List.of(small),
            List.of(
                NestSheet.bought("large", 1000, 1000, 20), NestSheet.bought("small", 200, 200, 3)),
            0,
            0);
    assertThat(run(either, 3_000).price()).isEqualTo(3);

    // An offcut is there already.
    NestJob offcut =
        new NestJob(
            List.of(small),
            List.of(
                NestSheet.bought("small", 200, 200, 3),
                new NestSheet("offcut", Region.of(new Box(0, 0, 195, 400)), 1, 0)),
            0,
            0);
    Nesting there = run(offcut, 3_000);
    assertThat(there.price()).isZero();
    assertThat(there.sheets().getFirst().sheet().id()).isEqualTo("offcut");
  }

  @Test
  void the_same_seed_gives_the_same_answers() {
    Random random = new Random(5);
    List<NestShape> shapes = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      shapes.add(NestShape.of("p" + i, Checked.blob(random, 60), 1, Turning.ANY, false));
    }
    NestJob job = new NestJob(shapes, List.of(NestSheet.roll("r", 300, 9000, 1, 1)), 1, 0);
    List<Nesting> one = new ArrayList<>();
    List<Nesting> two = new ArrayList<>();
    new Nester(job, 7, one::add, () -> one.size() >= 4).run();
    new Nester(job, 7, two::add, () -> two.size() >= 4).run();
    int both = Math.min(one.size(), two.size());
    assertThat(both).isGreaterThanOrEqualTo(2);
    assertThat(one.subList(0, both)).isEqualTo(two.subList(0, both));
  }

  // == BAD INPUT

  @Test
  void a_piece_larger_than_any_sheet_is_said_and_the_rest_is_laid() {
    NestShape large =
        NestShape.of("large", Region.of(new Box(0, 0, 900, 900)), 1, Turning.ANY, false);
    NestShape small =
        NestShape.of("small", Region.of(new Box(0, 0, 90, 90)), 5, Turning.ANY, false);
    NestJob job =
        new NestJob(List.of(large, small), List.of(NestSheet.bought("s", 600, 600, 1)), 2, 0);
    Nesting nesting = run(job, 5_000);
    Checked.holds(job, nesting);
    assertThat(nesting.left()).containsExactly("large");
    assertThat(nesting.complete()).isFalse();
    assertThat(nesting.proven()).isFalse();
  }

  @Test
  void what_cannot_be_is_refused_with_the_reason() {
    NestShape one = NestShape.of("one", Region.of(new Box(0, 0, 9, 9)), 1, Turning.ANY, false);
    NestSheet sheet = NestSheet.bought("s", 600, 600, 1);
    assertThatThrownBy(() -> new NestJob(List.of(one), List.of(sheet), 700, 0))
        .hasMessageContaining("leave nothing of a sheet");
    assertThatThrownBy(() -> new NestJob(List.of(one), List.of(), 0, 0))
        .hasMessageContaining("no sheet");
    NestShape many = NestShape.of("many", one.outline(), 30_000, Turning.ANY, false);
    assertThatThrownBy(() -> new NestJob(List.of(many), List.of(sheet), 0, 0))
        .hasMessageContaining("At most 20,000 pieces");
    assertThatThrownBy(() -> NestShape.of("none", Region.evenOdd(List.of()), 1, Turning.ANY, false))
        .hasMessageContaining("nothing to cut");
  }

  /** Ten thousand of them are laid in rows, at once. */
  @Test
  void ten_thousand_pieces_are_laid() {
    NestShape one =
        NestShape.of("one", Region.of(new Box(0, 0, 28, 18)), 10_000, Turning.QUARTER, false);
    NestJob job = new NestJob(List.of(one), List.of(NestSheet.bought("s", 600, 600, 1)), 2, 1);
    Nesting nesting = run(job, Integer.MAX_VALUE);
    assertThat(nesting.complete()).isTrue();
    // 600 of 30 × 20 on one: 10 000 / 600 is 16.7.
    assertThat(nesting.sheets()).hasSizeBetween(17, 18);
  }
}

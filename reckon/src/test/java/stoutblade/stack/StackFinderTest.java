package stoutblade.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.stack.Wish.Criterion;
import stoutblade.stack.Wish.Leftover;
import stoutblade.stack.Wish.Outside;

/** The finder against every stack there is. */
class StackFinderTest {

  private static SheetMaterial foam(
      String id, double modulus, double price, Double... thicknesses) {
    return new SheetMaterial(
        id, id, List.of(thicknesses), 1e-4 * modulus, 600, 900, false, modulus, price, "test");
  }

  private static final List<SheetMaterial> SHOP =
      List.of(
          foam("soft", 1.5, 1.6, 2.0, 3.0, 5.0, 6.0),
          foam("stiff", 5, 2.4, 2.0, 5.0, 6.0, 10.0, 12.0),
          foam("inch", 5, 2.5, 3.175, 6.35, 12.7));

  private static Wish wish(double mm, double within, int most, Criterion first) {
    return new Wish(mm, within, most, SHOP, List.of(), 40_000, Outside.HARD, false, first);
  }

  @Test
  void two_sheets_that_fit_exactly_come_before_three() {
    Choice best = StackFinder.best(wish(20, 1, 6, Criterion.DEVIATION), 1).getFirst();

    assertThat(best.sheets()).containsExactly(Sheet.of("stiff", 10), Sheet.of("stiff", 10));
    assertThat(best.deviationMm()).isZero();
    assertThat(best.glueUps()).isEqualTo(1);
    assertThat(best.massG()).isCloseTo(20 * 40_000 * 5e-4, within(1e-9));
    assertThat(best.cost()).isCloseTo(20 * 0.04 * 2.4, within(1e-9));
  }

  /** Common practice: a 1 in board is 1/2 + 1/4 + 1/4 in; two of 1/2 in want a glue-up less. */
  @Test
  void an_inch_board_is_found_in_inch_sheets() {
    List<Choice> found = StackFinder.best(wish(25.4, 0.01, 3, Criterion.DEVIATION), 20);

    assertThat(found.getFirst().sheets())
        .containsExactly(Sheet.of("inch", 12.7), Sheet.of("inch", 12.7));
    assertThat(found)
        .anySatisfy(
            it ->
                assertThat(it.sheets().stream().map(Sheet::thicknessMm).sorted())
                    .containsExactly(6.35, 6.35, 12.7));
  }

  @Test
  void leftovers_are_used_first_where_they_reach() {
    Wish with =
        new Wish(
            12,
            0.5,
            4,
            SHOP,
            List.of(new Leftover("soft", 6, 85_000), new Leftover("stiff", 12, 10_000)),
            40_000,
            Outside.HARD,
            false,
            Criterion.BOUGHT);

    Choice best = StackFinder.best(with, 1).getFirst();

    assertThat(best.sheets()).containsExactly(Sheet.of("soft", 6), Sheet.of("soft", 6));
    assertThat(best.bought()).isZero();
    assertThat(best.cost()).isZero();
  }

  @Test
  void skins_are_thin_and_hard_or_soft_as_wished() {
    Wish skinned =
        new Wish(16, 1, 5, SHOP, List.of(), 40_000, Outside.SOFT, true, Criterion.SURFACE);

    Choice best = StackFinder.best(skinned, 1).getFirst();

    assertThat(best.sheets().getFirst().thicknessMm()).isLessThanOrEqualTo(Wish.SKIN_MM);
    assertThat(best.sheets().getLast().thicknessMm()).isLessThanOrEqualTo(Wish.SKIN_MM);
    assertThat(best.surfaceModulus()).isEqualTo(1.5);
  }

  /** 0.1 + 0.2 + 0.65 and 0.65 + 0.2 + 0.1 are not the same number; half a tenth is. */
  @Test
  void a_sum_in_another_order_counts_the_same() {
    for (int i = 0; i < 40; i++) {
      double half = 0.05 + 0.1 * i;
      assertThat(Choice.tenths(half - 1e-12)).isEqualTo(i + 1).isEqualTo(Choice.tenths(half));
      assertThat(Choice.tenths(half + 1e-12)).isEqualTo(i + 1).isEqualTo(Choice.tenths(-half));
      assertThat(Choice.tenths(half - 0.001)).isEqualTo(i);
    }
  }

  @Test
  void where_nothing_fits_nothing_is_found() {
    assertThat(StackFinder.best(wish(1, 0.4, 6, Criterion.DEVIATION), 5)).isEmpty();
    assertThatThrownBy(() -> wish(-1, 1, 6, Criterion.DEVIATION)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> wish(10, 1, 7, Criterion.DEVIATION)).hasMessageContaining("1 to 6");
  }

  /** Every order of up to six sheets, the outer two of one foam and the inner ones of one foam. */
  private static Choice byBruteForce(Wish wish) {
    List<Choice> all = new ArrayList<>();
    for (SheetMaterial outside : wish.foams()) {
      for (SheetMaterial inside : wish.foams()) {
        for (int count = 1; count <= wish.most(); count++) {
          order(wish, outside, inside, count, new ArrayList<>(), new ArrayList<>(), 0, all);
        }
      }
    }
    return all.stream().min(Choice.order(wish)).orElse(null);
  }

  private static void order(
      Wish wish,
      SheetMaterial outside,
      SheetMaterial inside,
      int count,
      List<Sheet> sheets,
      List<SheetMaterial> foams,
      double sum,
      List<Choice> all) {
    if (sum > wish.thicknessMm() + wish.withinMm() + 1e-9) {
      return;
    }
    if (sheets.size() == count) {
      boolean skins =
          count > 1
              && sheets.getFirst().thicknessMm() <= Wish.SKIN_MM
              && sheets.getLast().thicknessMm() <= Wish.SKIN_MM;
      if (sum >= wish.thicknessMm() - wish.withinMm() - 1e-9 && (skins || !wish.skinned())) {
        all.add(Choice.of(List.copyOf(sheets), List.copyOf(foams), wish));
      }
      return;
    }
    boolean outer = sheets.isEmpty() || sheets.size() == count - 1;
    SheetMaterial foam = outer ? outside : inside;
    for (double mm : foam.thicknessesMm()) {
      sheets.add(Sheet.of(foam.id(), mm));
      foams.add(foam);
      order(wish, outside, inside, count, sheets, foams, sum + mm, all);
      sheets.removeLast();
      foams.removeLast();
    }
  }

  @Property(tries = 120)
  void it_equals_brute_force(@ForAll long seed, @ForAll @IntRange(min = 1, max = 6) int most) {
    Random random = new Random(seed);
    List<SheetMaterial> foams = new ArrayList<>();
    int kinds = 1 + random.nextInt(most > 4 ? 2 : 3);
    for (int i = 0; i < kinds; i++) {
      List<Double> thick = new ArrayList<>();
      double mm = 0;
      for (int k = 0; k < 1 + random.nextInt(most > 4 ? 3 : 4); k++) {
        mm += 1 + random.nextInt(4) + (random.nextBoolean() ? 0.175 : 0);
        thick.add(mm);
      }
      foams.add(
          foam("f" + i, 1 + random.nextInt(5), random.nextInt(4), thick.toArray(Double[]::new)));
    }
    List<Leftover> leftovers =
        random.nextBoolean()
            ? List.of()
            : List.of(
                new Leftover(
                    foams.getFirst().id(), foams.getFirst().thicknessesMm().getFirst(), 90_000));
    Wish wish =
        new Wish(
            3 + random.nextInt(30),
            random.nextInt(3),
            most,
            foams,
            leftovers,
            40_000,
            List.of(Outside.values()).get(random.nextInt(3)),
            random.nextInt(4) == 0,
            List.of(Criterion.values()).get(random.nextInt(7)));

    Choice brute = byBruteForce(wish);
    List<Choice> found = StackFinder.best(wish, 3);

    if (brute == null) {
      assertThat(found).isEmpty();
      return;
    }
    Choice best = found.getFirst();
    // Sums of the same thicknesses in another order differ in the last digit.
    assertThat(Math.round(Math.abs(best.deviationMm()) * 10 - 1e-6))
        .isEqualTo(Math.round(Math.abs(brute.deviationMm()) * 10 - 1e-6));
    assertThat(best.glueUps()).isEqualTo(brute.glueUps());
    assertThat(best.bought()).isEqualTo(brute.bought());
    assertThat(best.symmetric()).isEqualTo(brute.symmetric());
    assertThat(best.surfaceModulus()).isEqualTo(brute.surfaceModulus());
    assertThat(best.massG()).isCloseTo(brute.massG(), within(0.06));
    assertThat(best.cost()).isCloseTo(brute.cost(), within(0.006));
  }
}

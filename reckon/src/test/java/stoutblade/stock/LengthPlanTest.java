package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Optimisation;
import org.ojalgo.optimisation.Variable;
import stoutblade.stock.LengthPlan.Bar;
import stoutblade.stock.LengthPlan.Cut;

/** Pieces from lengths, against an integer program solved by a library (ojAlgo). */
class LengthPlanTest {

  private static List<Cut> cuts(double... lengths) {
    List<Cut> cuts = new ArrayList<>();
    for (double it : lengths) {
      cuts.add(new Cut("piece " + (cuts.size() + 1), it));
    }
    return cuts;
  }

  private static List<Cut> some(Random random, int count) {
    return cuts(random.ints(count, 0, 500).mapToDouble(it -> 150.0 + it).toArray());
  }

  /** The least number of lengths by an integer program: which piece lies in which length. */
  private static int optimum(List<Cut> cuts, double sold, double kerf, int most) {
    return optimum(cuts, List.of(), sold, kerf, most);
  }

  /** The same where some lengths are there, and cost nothing. */
  private static int optimum(
      List<Cut> cuts, List<Double> there, double sold, double kerf, int most) {
    ExpressionsBasedModel model = new ExpressionsBasedModel();
    int all = most + there.size();
    Variable[] used = new Variable[most];
    Variable[][] lies = new Variable[cuts.size()][all];
    for (int k = 0; k < all; k++) {
      Expression room = model.addExpression("room" + k);
      if (k < most) {
        used[k] = model.addVariable("used" + k).binary().weight(1);
        room.upper(0).set(used[k], -(sold + kerf));
      } else {
        room.upper(there.get(k - most) + kerf);
      }
      for (int i = 0; i < cuts.size(); i++) {
        lies[i][k] = model.addVariable("lies" + i + "-" + k).binary();
        room.set(lies[i][k], cuts.get(i).mm() + kerf);
      }
      if (k > 0 && k < most) {
        Expression order = model.addExpression("order" + k).upper(0);
        order.set(used[k], 1);
        order.set(used[k - 1], -1);
      }
    }
    for (int i = 0; i < cuts.size(); i++) {
      Expression once = model.addExpression("once" + i).level(1);
      for (int k = 0; k < all; k++) {
        once.set(lies[i][k], 1);
      }
    }
    Optimisation.Result found = model.minimise();
    assertThat(found.getState().isOptimal()).isTrue();
    return (int) Math.round(found.getValue());
  }

  @Property(tries = 25)
  void as_few_lengths_are_bought_as_an_integer_program_says(@ForAll long seed) {
    Random random = new Random(seed);
    double sold = 1000;
    double kerf = random.nextInt(4);
    List<Cut> cuts = some(random, 4 + random.nextInt(5));

    LengthPlan plan = LengthPlan.of(cuts, sold, kerf);

    assertThat(plan.proven()).isTrue();
    assertThat(plan.bars()).hasSize(optimum(cuts, sold, kerf, plan.bars().size()));
    whole(plan, cuts, kerf);
  }

  /** Every piece once, and no length overfull. */
  private static void whole(LengthPlan plan, List<Cut> cuts, double kerf) {
    assertThat(plan.bars().stream().flatMap(it -> it.cuts().stream()).toList())
        .containsExactlyInAnyOrderElementsOf(cuts);
    for (Bar bar : plan.bars()) {
      double used = bar.cuts().stream().mapToDouble(Cut::mm).sum() + kerf * (bar.cuts().size() - 1);
      assertThat(used).isLessThanOrEqualTo(bar.longMm() + 0.02);
      assertThat(bar.leftMm()).isCloseTo(Math.max(0, bar.longMm() - used), within(1e-9));
    }
  }

  @Property(tries = 25)
  void with_what_is_there_as_few_are_bought_as_an_integer_program_says(@ForAll long seed) {
    Random random = new Random(seed);
    double sold = 1000;
    double kerf = random.nextInt(4);
    List<Cut> cuts = some(random, 4 + random.nextInt(4));
    List<Double> there = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      there.add(100.0 + random.nextInt(1200));
    }

    LengthPlan plan = LengthPlan.of(cuts, there, sold, kerf);

    assertThat(plan.proven()).isTrue();
    assertThat(plan.toBuy()).isEqualTo(optimum(cuts, there, sold, kerf, cuts.size()));
    whole(plan, cuts, kerf);
    List<Double> left = new ArrayList<>(there);
    plan.bars().stream()
        .filter(Bar::there)
        .forEach(it -> assertThat(left.remove(it.longMm())).isTrue());
  }

  /** A pole longer than it is sold comes from one that is there, whole; else it is joined. */
  @Test
  void what_is_there_may_be_longer_than_what_is_sold() {
    List<Cut> cuts = List.of(new Cut("pole", 1500), new Cut("peg", 90));
    LengthPlan plan = LengthPlan.of(cuts, List.of(1600.0, 100.0), 1000, 2);

    assertThat(plan.toBuy()).isZero();
    whole(plan, cuts, 2);
    assertThat(plan.bars()).extracting(Bar::longMm).containsExactlyInAnyOrder(1600.0, 100.0);
    assertThat(LengthPlan.of(cuts, List.of(1400.0), 1000, 2).toBuy()).isEqualTo(1);
  }

  /** Where the longest first takes three: 5+3+2 and 4+4+2 fill two of 10. */
  @Test
  void the_longest_first_is_not_always_the_fewest() {
    List<Cut> cuts = cuts(500, 400, 400, 300, 200, 200);

    assertThat(LengthPlan.of(cuts, 1000, 0).bars()).hasSize(2);
    whole(LengthPlan.of(cuts, 1000, 0), cuts, 0);
    // The saw takes its share: now it is three.
    assertThat(LengthPlan.of(cuts, 1000, 2).bars()).hasSize(3);
  }

  /** Sixty pieces cut at random from twenty full lengths go back into twenty. */
  @Test
  void many_pieces_go_back_into_the_lengths_that_they_were_cut_from() {
    Random random = new Random(7);
    List<Cut> cuts = new ArrayList<>();
    for (int i = 0; i < 20; i++) {
      double one = 200 + random.nextInt(300);
      double two = 150 + random.nextInt(250);
      cuts.add(new Cut("a" + i, one));
      cuts.add(new Cut("b" + i, two));
      cuts.add(new Cut("c" + i, 1000 - one - two));
    }
    LengthPlan plan = LengthPlan.of(cuts, 1000, 0);

    whole(plan, cuts, 0);
    assertThat(plan.bars()).hasSizeBetween(20, 21);
    assertThat(plan.proven() || plan.bars().size() == 21).isTrue();
  }

  @Test
  void what_is_longer_than_it_is_sold_is_joined_and_its_rest_sawn_like_any_other() {
    LengthPlan plan = LengthPlan.of(List.of(new Cut("pole", 2300), new Cut("peg", 600)), 1000, 2);

    assertThat(plan.bars()).hasSize(3);
    assertThat(plan.bars().get(0).cuts()).containsExactly(new Cut("pole, joined", 1000));
    assertThat(plan.bars().get(2).cuts())
        .extracting(Cut::name)
        .containsExactly("peg", "pole, joined");
    assertThat(LengthPlan.of(List.of(), 1000, 2).bars()).isEmpty();
    assertThatThrownBy(() -> LengthPlan.of(cuts(10), 0, 2)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> new Cut("none", 0)).hasMessageContaining("above 0");
  }
}

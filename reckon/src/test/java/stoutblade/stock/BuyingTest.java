package stoutblade.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.ojalgo.optimisation.Expression;
import org.ojalgo.optimisation.ExpressionsBasedModel;
import org.ojalgo.optimisation.Variable;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.catalogue.SheetOffer;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.nest.NestJob;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetPlan;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.WholeOutline;

/** Single sheets and packs, against an integer program solved by a library (ojAlgo). */
class BuyingTest {

  private static final SheetMaterial MAT =
      new SheetMaterial("m", "Mat", List.of(10.0), 1e-4, 600, 600, false, 3, 2, "test");

  private static double optimum(List<SheetOffer> offers, int needed) {
    ExpressionsBasedModel model = new ExpressionsBasedModel();
    Expression enough = model.addExpression("enough").lower(needed);
    for (int i = 0; i < offers.size(); i++) {
      Variable times =
          model.addVariable("offer" + i).integer(true).lower(0).weight(offers.get(i).price(10));
      enough.set(times, offers.get(i).pack());
    }
    return model.minimise().getValue();
  }

  @Property(tries = 60)
  void packs_are_bought_as_cheaply_as_an_integer_program_says(@ForAll long seed) {
    Random random = new Random(seed);
    List<SheetOffer> others = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(3); i++) {
      others.add(new SheetOffer(600, 600, 2 + random.nextInt(9), 0.8 + 1.3 * random.nextDouble()));
    }
    // Of another size: not what is asked for.
    others.add(new SheetOffer(300, 600, 50, 0.01));
    SheetMaterial mat = MAT.withOffers(others);
    int needed = 1 + random.nextInt(30);
    SheetOffer size = mat.offers().getFirst();
    Buying bought = Buying.of(mat, 10, size, needed);
    assertThat(bought.price(10))
        .isCloseTo(
            optimum(mat.offers().stream().filter(size::sameSize).toList(), needed), within(1e-6));
    assertThat(bought.lots().stream().mapToInt(it -> it.times() * it.offer().pack()).sum())
        .isGreaterThanOrEqualTo(needed);
  }

  /** A square metre of a millimetre costs 2, in fours 1.4. */
  @Test
  void by_hand() {
    SheetMaterial mat = MAT.withOffers(List.of(new SheetOffer(600, 600, 4, 1.4)));
    SheetOffer size = mat.offers().getFirst();
    assertThat(Buying.of(mat, 10, size, 2).price(10)).isCloseTo(2 * 7.2, within(1e-9));
    assertThat(Buying.of(mat, 10, size, 2).words(mat, Units.METRIC)).isEmpty();
    // Three single ones would cost 21.6, the pack 4 × 0.36 × 10 × 1.4.
    assertThat(Buying.of(mat, 10, size, 3).price(10)).isCloseTo(20.16, within(1e-9));
    assertThat(Buying.of(mat, 10, size, 5).words(mat, Units.METRIC))
        .isEqualTo("1 of 60 cm × 60 cm, 1 pack of 4, 60 cm × 60 cm");
  }

  /** A plate of 580 mm fits the small sheet, one of 900 mm the large one alone. */
  @Test
  void the_cheapest_sizes_that_take_everything_are_bought() {
    SheetMaterial foam = Samples.CATALOGUE.sheet("foam").orElseThrow();
    SheetMaterial sold = foam.withOffers(List.of(new SheetOffer(600, 600, 1, foam.pricePerM2Mm())));
    CutList.Kind kind = kind(sold, plate("d1", 580), plate("d2", 900));
    NestJob job = kind.job(List.of(), 2, 0);
    assertThat(job.sheets()).hasSize(2);
    AtomicInteger asked = new AtomicInteger();
    Nesting laid = new Nester(job, 1, it -> {}, () -> asked.incrementAndGet() > 400).run();
    SheetPlan plan = SheetPlan.of(laid, SheetPlan.NONE);
    Buying bought = Buying.of(sold, 10, plan);
    assertThat(bought.lots()).extracting(Buying.Lot::times).containsExactlyInAnyOrder(1, 1);
    assertThat(bought.price(10))
        .isCloseTo(foam.pricePerM2Mm() * 10 * (0.6 * 1.0 + 0.6 * 0.6), within(1e-9));
    assertThat(bought.words(sold, Units.METRIC)).contains("1 of 60 cm × 60 cm");
    assertThat(Laying.none(kind).with(plan, kind.mark()).toBuy()).isEqualTo(2);
    assertThat(kind.figures(plan)).extracting(Figure::value).containsExactly(2.0, bought.price(10));
  }

  /** Side by side on 1.2 m the longer of them, 900 mm, says how much is cut off: in steps, 1 m. */
  @Test
  void lengths_are_cut_off_a_roll_in_its_steps() {
    SheetMaterial foam = Samples.CATALOGUE.sheet("foam").orElseThrow();
    double price = 0.8 * foam.pricePerM2Mm();
    SheetMaterial sold = foam.withOffers(List.of(new SheetOffer(1200, 5000, 1, price, 250)));
    CutList.Kind kind = kind(sold, plate("d1", 580), plate("d2", 900));
    NestJob job = kind.job(List.of(), 2, 0);
    AtomicInteger asked = new AtomicInteger();
    Nesting laid = new Nester(job, 1, it -> {}, () -> asked.incrementAndGet() > 400).run();
    SheetPlan plan = SheetPlan.of(laid, SheetPlan.NONE);

    Buying bought = Buying.of(sold, 10, plan);
    assertThat(bought.price(10)).isCloseTo(price * 10 * 1.2 * 1.0, within(1e-9));
    assertThat(bought.words(sold, Units.METRIC)).isEqualTo("100 cm off the roll, 120 cm wide");
    // It is held as it was laid, and what it comes to is the length that is cut off.
    SheetPlan.Fitted held = plan.on(job);
    assertThat(held.whole()).isTrue();
    assertThat(held.nesting().price()).isCloseTo(bought.price(10), within(1e-6));
    assertThat(held.sheets().getFirst().sheet().outline().box().width()).isEqualTo(1000);
  }

  /** Before anything is laid: a piece of 1.3 m is larger than a sheet, not than the roll. */
  @Test
  void a_piece_too_large_for_a_sheet_comes_off_the_roll() {
    SheetMaterial foam = Samples.CATALOGUE.sheet("foam").orElseThrow();
    SheetMaterial sold =
        foam.withOffers(List.of(new SheetOffer(1200, 5000, 1, foam.pricePerM2Mm(), 100)));
    Catalogue all = Samples.CATALOGUE;
    Catalogue catalogue =
        new Catalogue(
            all.families(),
            all.sheets().stream().map(it -> it.id().equals("foam") ? sold : it).toList(),
            all.rods(),
            all.glues(),
            all.coatings(),
            all.paces(),
            all.things(),
            all.fittings());
    Project project =
        First.withParts(Samples.whole(), List.of(plate("d1", 1300), plate("d2", 1200)));
    Derived derived = new Reckoner(catalogue).derive(project, Samples.NOW, Units.METRIC);
    assertThat(derived.shopping().orElseThrow().lines())
        .extracting(Shopping.Line::name)
        .anyMatch(it -> it.endsWith(": 2 × 140 cm off the roll, 120 cm wide"));
  }

  private static Part plate(String id, double high) {
    WholeOutline outline =
        new WholeOutline(
            List.of(
                Node.corner(0, 0),
                Node.corner(550, 0),
                Node.corner(550, high),
                Node.corner(0, high)));
    return Samples.plate(id, "Plate " + id, outline, List.of(), "foam", 10, Placing.USUAL);
  }

  private static CutList.Kind kind(SheetMaterial sold, Part... parts) {
    CutList.Kind own =
        Samples.derive(First.withParts(Samples.whole(), List.of(parts)))
            .shopping()
            .orElseThrow()
            .pieces()
            .kinds()
            .getFirst();
    return new CutList.Kind(sold, false, false, own.thicknessMm(), own.entries());
  }
}

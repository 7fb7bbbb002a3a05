package stoutblade.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.derive.Derived;
import stoutblade.feature.Where;
import stoutblade.finish.Coats;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.project.First;
import stoutblade.project.Samples;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** Whatever a part is, the stages after it know the same of it, each against a sum by hand. */
class BodyTest {

  private static final double GRAMS = Samples.FOAM.densityGPerMm3();

  private static PartReckoning reckoned(Part part) {
    return Samples.derive(First.withParts(Samples.bare(), List.of(part))).parts().getFirst();
  }

  private static Body body(Part part) {
    return reckoned(part).body().orElseThrow();
  }

  /** A ring of 100 mm inside and 40 mm wide of 10 mm foam is a strip of π · 110 by 40. */
  @Test
  void a_ring_is_its_strip() {
    Body ring =
        body(
            Part.formed(
                "d1",
                "Collar",
                "ring",
                Map.of("across", 100.0, "width", 40.0, "foam", 10.0),
                "foam",
                Placing.USUAL));

    double strip = Math.PI * 110 * 40;
    assertThat(ring.surface().value()).isCloseTo(strip, within(1e-6));
    assertThat(ring.volume().value()).isCloseTo(strip * 10, within(1e-5));
    assertThat(ring.mass().orElseThrow().value()).isCloseTo(strip * 10 * GRAMS, within(1e-6));
    assertThat(ring.cut().value()).isCloseTo(2 * (Math.PI * 110 + 40), within(1e-6));
    assertThat(ring.glued().value()).as("both ends of the seam").isCloseTo(800, within(1e-6));
    assertThat(ring.width().value()).as("seen from its side").isCloseTo(120, within(0.01));
    assertThat(ring.length().value()).isCloseTo(40, within(0.01));
  }

  /** Three discs of 120 mm, 10 mm each: π · 60² · 30, four glue faces, and the rim once round. */
  @Test
  void a_layered_disc_is_a_cylinder() {
    Body disc =
        body(
            Part.of(
                "d1",
                "Head",
                new Cut(WholeOutline.circle(new Point(0, 0), 60)),
                Layering.of(3, "foam", 10, Profile.FLAT)));

    double face = Math.PI * 3600;
    assertThat(disc.volume().value()).isCloseTo(face * 30, within(60.0));
    assertThat(disc.surface().value()).isCloseTo(2 * face + 2 * Math.PI * 60 * 30, within(5.0));
    assertThat(disc.glued().value()).isCloseTo(4 * face, within(5.0));
    assertThat(disc.cut().value()).isCloseTo(3 * 2 * Math.PI * 60, within(0.2));
    assertThat(disc.pieces()).isEqualTo(3);
    assertThat(disc.nearMm()).isCloseTo(-60, within(0.01));
  }

  /** Squares of 100, 80 and 60 mm, 10 mm thick, one on the other: a stepped pyramid. */
  @Test
  void slices_show_their_steps_and_glue_where_they_meet() {
    List<Slices.SlicedLayer> layers = List.of(square(100), square(80), square(60));
    Body pyramid =
        body(
            Samples.sliced(
                "d1", "Steps", new Slices.Origin("", "", 0), layers, 0, "foam", Placing.USUAL));

    assertThat(pyramid.volume().value()).isCloseTo(10 * (10_000 + 6_400 + 3_600), within(1e-3));
    assertThat(pyramid.glued().value()).isCloseTo(2 * (6_400 + 3_600), within(1e-3));
    // Foot and all that is seen from above are a square of 100 each; 10 mm round every step.
    assertThat(pyramid.surface().value())
        .isCloseTo(2 * 10_000 + 10 * 4 * (100 + 80 + 60), within(1e-3));
    assertThat(pyramid.seams()).isEqualTo(2);
  }

  private static Slices.SlicedLayer square(double side) {
    double half = side / 2;
    return new Slices.SlicedLayer(
        10,
        List.of(
            List.of(
                List.of(
                    new Point(-half, -half),
                    new Point(half, -half),
                    new Point(half, half),
                    new Point(-half, half)))),
        List.of(),
        List.of());
  }

  /** A pipe of 21.3 × 15.8 mm: π/4 (D² − d²) · L · ρ. */
  @Test
  void a_bought_pipe_weighs_by_its_wall_and_is_bought_by_its_length() {
    Part pipe = Part.bought("d1", "Haft", new Bought("pipe", "pipe", 1185, 21.3, 0, 0));
    Derived derived = Samples.derive(First.withParts(Samples.bare(), List.of(pipe)));
    Body body = derived.parts().getFirst().body().orElseThrow();

    double wall = Math.PI / 4 * (21.3 * 21.3 - 15.8 * 15.8);
    assertThat(body.mass().orElseThrow().value()).isCloseTo(wall * 1185 * 1380e-6, within(1e-6));
    assertThat(derived.first().whole().mass().orElseThrow().value())
        .isCloseTo(wall * 1185 * 1380e-6, within(1e-6));
    assertThat(derived.shopping().orElseThrow().lines())
        .singleElement()
        .satisfies(it -> assertThat(it.need().value()).isEqualTo(1185));
    assertThat(derived.plan().orElseThrow().steps())
        .extracting(it -> it.id())
        .contains("p1/d1/have", "p1/d1/measure", "all/pack")
        .doesNotContain("p1/d1/cut", "all/print");
  }

  @Test
  void what_nobody_weighed_is_named_and_not_counted() {
    Part strap = Part.bought("d1", "Strap", new Bought("leather strap", "", 300, 30, 0, 4));
    Derived derived =
        Samples.derive(
            First.withParts(Samples.bare(), List.of(strap, Samples.blade().withId("d2"))));

    assertThat(derived.first().whole().unknown()).containsExactly("Strap");
    assertThat(derived.first().whole().mass().orElseThrow().label()).contains("without Strap");
  }

  /**
   * A pipe of even weight through a tube of even weight: both balance in their middles, so that the
   * balance is worked out by hand; no channel is cut.
   */
  @Property(tries = 40)
  void a_core_goes_through_any_part_and_balances_by_hand(
      @ForAll @DoubleRange(min = -400, max = -50) double start,
      @ForAll @DoubleRange(min = 60, max = 400) double end) {
    Part tube =
        Part.formed(
                "d1",
                "Head",
                "ring",
                Map.of("across", 100.0, "width", 200.0, "foam", 10.0),
                "foam",
                Placing.USUAL)
            .withCore(Optional.of(new CoreChoice("pipe", start, end, start)));
    PartReckoning reckoned = reckoned(tube);
    CoreReckoning core = reckoned.core().orElseThrow();

    double foam = Math.PI * 110 * 200 * 10 * GRAMS;
    double pipe = Math.PI / 4 * (21.3 * 21.3 - 15.8 * 15.8) * (end - start) * 1380e-6;
    assertThat(core.bed()).isEmpty();
    assertThat(core.mass().value()).isCloseTo(foam + pipe, within(1e-6));
    assertThat(core.balance().value())
        .isCloseTo((foam * 100 + pipe * (start + end) / 2) / (foam + pipe), within(0.5));
    assertThat(reckoned.mass().orElseThrow().value()).isCloseTo(foam + pipe, within(1e-6));
  }

  /** A disc whose frame lies in its middle has the core measured from its near end all the same. */
  @Test
  void a_core_in_a_disc_is_measured_from_its_near_end() {
    Part disc =
        Part.of(
                "d1",
                "Disc",
                new Cut(WholeOutline.circle(new Point(0, 0), 100)),
                Layering.of(2, "foam", 12, Profile.FLAT))
            .withCore(Optional.of(new CoreChoice("dowel-9", 0, 200, 0)));
    CoreReckoning core = reckoned(disc).core().orElseThrow();

    assertThat(core.balance().value()).as("alike to both sides").isCloseTo(100, within(0.1));
    assertThat(core.inFoam().value()).isCloseTo(200, within(0.1));
    assertThat(core.bed().orElseThrow().depth().value()).isEqualTo(4.5);
  }

  /** Two equal parts, 300 mm apart: the whole balances halfway. */
  @Test
  void the_whole_prop_balances_between_its_parts() {
    Part low = disc("d1", 0);
    Part high = disc("d2", 300);
    Derived derived = Samples.derive(First.withParts(Samples.bare(), List.of(low, high)));

    assertThat(derived.first().whole().length().orElseThrow().value()).isCloseTo(400, within(0.1));
    assertThat(derived.first().whole().balance().orElseThrow().value()).isCloseTo(200, within(0.1));
    assertThat(derived.first().whole().width().orElseThrow().value()).isCloseTo(100, within(0.1));
    assertThat(derived.first().fit().orElseThrow().length().value()).isCloseTo(400, within(0.1));
  }

  private static Part disc(String id, double y) {
    return Samples.plate(
        id,
        "Disc",
        WholeOutline.circle(new Point(0, 0), 50),
        List.of(),
        "foam",
        10,
        Placing.USUAL.at(Where.At.of(0, y)));
  }

  /** Every kind of part with the same coats takes paint by its surface, and all share one shelf. */
  @Test
  void every_kind_of_part_is_coated_and_the_shelf_is_subtracted_once() {
    List<Coats> paint = List.of(new Coats("paint", 2));
    Part ring =
        Part.formed(
                "d1",
                "Collar",
                "ring",
                Map.of("across", 100.0, "width", 40.0),
                "foam",
                Placing.USUAL)
            .withCoats(paint);
    Part disc = disc("d2", 0).withCoats(paint).withPlacing(Placing.USUAL.made(3, 0));
    Part pipe =
        Part.bought("d3", "Haft", new Bought("pipe", "pipe", 500, 21.3, 0, 0)).withCoats(paint);
    Derived derived =
        Samples.derive(
            First.withParts(
                Samples.bare().withShelf(Map.of("paint", 1000.0)), List.of(ring, disc, pipe)));

    double surface = 0;
    for (PartReckoning it : derived.parts()) {
      surface += it.made() * it.body().orElseThrow().surface().value();
    }
    double need = 2 * surface * 0.09 / 0.9;
    assertThat(derived.coats()).hasSize(1);
    assertThat(derived.coats().getFirst().need().value()).isCloseTo(need, within(1e-6));
    assertThat(derived.coats().getFirst().missing().value()).isCloseTo(need - 1000, within(1e-6));
    assertThat(derived.plan().orElseThrow().steps())
        .extracting(it -> it.id())
        .contains("p1/d1/coat-paint-2", "p1/d2/coat-paint-2", "p1/d3/coat-paint-2");
  }
}

package stoutblade.reckoning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.core.Attached;
import stoutblade.core.CoreChoice;
import stoutblade.derive.Derived;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Samples;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/** Which parts hang on which core; weights and places by hand. */
class BearingTest {

  private static final double DENSITY = 150e-6;
  private static final Map<String, String> IDS =
      Map.of(
          "pole", "d1", "guard", "d2", "gem", "d3", "far", "d4", "head", "d5", "stud", "d6",
          "other", "d7", "sleeve", "d8");

  private static WholeOutline box(double wide, double high) {
    return new WholeOutline(
        List.of(
            Node.corner(-wide / 2, 0),
            Node.corner(wide / 2, 0),
            Node.corner(wide / 2, high),
            Node.corner(-wide / 2, high)));
  }

  private static Part plate(String id, double wide, double high, Placing placing) {
    return Samples.plate(IDS.get(id), id, box(wide, high), List.of(), "foam", 10, placing);
  }

  private static Placing at(String on, double x, double y, double turn) {
    return Placing.USUAL
        .on(on.isEmpty() ? on : IDS.get(on))
        .at(new Where.At(new Spot(new Point(x, y), turn)));
  }

  /** A pole of 600 mm on whose core, from 300 below it, everything else stands. */
  private static Part pole() {
    return plate("pole", 60, 600, Placing.USUAL)
        .withLayering(Layering.of(2, "foam", 10, Profile.FLAT))
        .withCore(Optional.of(new CoreChoice("tube-10", -300, 550, -100)));
  }

  private static List<Attached> on(String id, Part... parts) {
    Derived derived = Samples.derive(First.withParts(Samples.whole(), List.of(parts)));
    return derived.first().part(IDS.get(id)).orElseThrow().attached();
  }

  @Test
  void what_the_core_goes_through_and_what_is_fixed_to_that_hangs_on_it() {
    Part guard = plate("guard", 180, 40, at("", 0, -50, 0));
    Part gem = plate("gem", 20, 20, at("guard", 60, 10, 0));
    Part far = plate("far", 40, 40, at("", 300, 200, 0));
    List<Attached> all = on("pole", pole(), guard, gem, far);

    assertThat(all).extracting(Attached::name).containsExactlyInAnyOrder("guard", "gem");
    Attached first = all.stream().filter(it -> it.name().equals("guard")).findFirst().orElseThrow();
    assertThat(first.mass().value()).isCloseTo(180 * 40 * 10 * DENSITY, within(1e-6));
    assertThat(first.fromMm()).isCloseTo(-50, within(1e-6));
    assertThat(first.toMm()).isCloseTo(-10, within(1e-6));
    assertThat(first.atMm()).isCloseTo(-30, within(1e-6));
    Attached second = all.stream().filter(it -> it.name().equals("gem")).findFirst().orElseThrow();
    assertThat(second.fromMm()).isCloseTo(-40, within(1e-6));
    assertThat(second.mass().value()).isCloseTo(20 * 20 * 10 * DENSITY, within(1e-6));
  }

  /** The pole lies on its side, 90° round: along its core is to the left of the prop. */
  @Test
  void places_are_along_the_core_however_the_part_is_turned() {
    Part turned = pole().withPlacing(at("", 0, 100, Math.PI / 2));
    Part head = plate("head", 80, 90, at("pole", 0, 600, 0));
    List<Attached> all = on("pole", turned, head);

    assertThat(all).hasSize(1);
    assertThat(all.getFirst().fromMm()).isCloseTo(600, within(1e-6));
    assertThat(all.getFirst().toMm()).isCloseTo(690, within(1e-6));
  }

  /** Four of them, two on each of the two poles, each turned along its row: a core bears two. */
  @Test
  void each_of_several_bears_its_own() {
    Part twice =
        pole()
            .withPlacing(Placing.USUAL.at(new Where.Row(new Point(-200, 0), new Point(200, 0), 2)));
    Part studs =
        plate(
            "stud",
            20,
            20,
            Placing.USUAL
                .on(IDS.get("pole"))
                .at(new Where.Row(new Point(0, 100), new Point(0, 300), 2)));
    List<Attached> all = on("pole", twice, studs);

    assertThat(all).hasSize(1);
    assertThat(all.getFirst().mass().value()).isCloseTo(2 * 20 * 20 * 10 * DENSITY, within(1e-6));
    assertThat(all.getFirst().atMm()).isCloseTo(200, within(1e-6));
  }

  /** A part between two cores hangs on the first; a core fixed to another part hangs on that. */
  @Test
  void nothing_hangs_on_two_cores_nor_on_itself() {
    Part other =
        plate("other", 60, 400, at("pole", 0, 700, 0))
            .withLayering(Layering.of(2, "foam", 10, Profile.FLAT))
            .withCore(Optional.of(new CoreChoice("tube-10", -150, 350, 0)));
    Part sleeve = plate("sleeve", 80, 300, at("", 0, 500, 0));
    Part[] all = {pole(), other, sleeve};

    assertThat(on("pole", all)).extracting(Attached::name).contains("other", "sleeve");
    assertThat(on("other", all)).isEmpty();
    assertThat(on("sleeve", all)).isEmpty();
    Attached carried =
        on("pole", all).stream().filter(it -> it.name().equals("other")).findFirst().orElseThrow();
    assertThat(carried.fromMm()).isCloseTo(700 - 150, within(1e-6));
  }

  @Test
  void a_part_without_a_core_knows_what_one_would_bear() {
    Part bare = pole().withCore(Optional.empty());
    Part head = plate("head", 80, 90, at("pole", 0, 600, 0));
    assertThat(on("pole", bare, head)).extracting(Attached::name).containsExactly("head");
    double droop = droop(pole(), head);
    assertThat(droop).isGreaterThan(1.05 * droop(pole()));
  }

  private static double droop(Part... parts) {
    return Samples.derive(First.withParts(Samples.whole(), List.of(parts)))
        .first()
        .part(IDS.get("pole"))
        .orElseThrow()
        .core()
        .orElseThrow()
        .droop()
        .value();
  }
}

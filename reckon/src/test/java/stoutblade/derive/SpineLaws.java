package stoutblade.derive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import stoutblade.build.Plan;
import stoutblade.build.Step;
import stoutblade.core.CoreChoice;
import stoutblade.edit.Edit;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdit;
import stoutblade.edit.PropEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.event.Event;
import stoutblade.feature.Where;
import stoutblade.finding.Finding;
import stoutblade.finish.Coats;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stock.Shopping;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** What holds for every project, whatever its parts are. */
class SpineLaws {

  private static final List<Coats> PAINT = List.of(new Coats("primer", 1), new Coats("paint", 2));

  /** One part of every kind, each with coats, some with cores. */
  private static List<Part> everyKind() {
    return List.of(
        Samples.blade(),
        Part.of(
                "d2",
                "Shield",
                new Cut(WholeOutline.circle(new Point(0, 0), 150)),
                Layering.of(3, "foam", 10, Profile.FLAT))
            .withCoats(PAINT),
        Part.formed(
                "d3",
                "Collar",
                "ring",
                Map.of("across", 90.0, "width", 60.0),
                "foam",
                Placing.USUAL.at(Where.At.of(40, 80)))
            .withCore(Optional.of(new CoreChoice("pipe", -100, 60, -50)))
            .withCoats(PAINT),
        Samples.plate(
                "d4",
                "Stud",
                WholeOutline.circle(new Point(0, 0), 12),
                List.of(),
                "foam",
                10,
                Placing.USUAL.on("d2").at(new Where.Ring(new Point(0, 0), 100, 8, 0)))
            .withCoats(PAINT),
        Part.bought("d5", "Haft", new Bought("pipe", "pipe", 700, 21.3, 0, 0)));
  }

  private static Map<String, String> bought(Derived derived) {
    Map<String, String> all = new TreeMap<>();
    for (Shopping.Line line : derived.shopping().orElseThrow().lines()) {
      all.put(line.buy().id(), "%.6f %.0f".formatted(line.need().value(), line.buy().value()));
    }
    return all;
  }

  @Property(tries = 12)
  void any_order_of_parts_comes_to_the_same(@ForAll long seed) {
    List<Part> shuffled = new ArrayList<>(everyKind());
    Collections.shuffle(shuffled, new Random(seed));
    Derived one = Samples.derive(First.withParts(Samples.bare(), everyKind()));
    Derived other = Samples.derive(First.withParts(Samples.bare(), shuffled));

    assertThat(bought(other)).isEqualTo(bought(one));
    assertThat(other.first().whole().mass().orElseThrow().value())
        .isCloseTo(one.first().whole().mass().orElseThrow().value(), within(1e-6));
    assertThat(other.first().whole().balance().orElseThrow().value())
        .isCloseTo(one.first().whole().balance().orElseThrow().value(), within(1e-6));
    assertThat(other.plan().orElseThrow().handsOn().value())
        .isCloseTo(one.plan().orElseThrow().handsOn().value(), within(1e-6));
    assertThat(other.plan().orElseThrow().unplaced()).isEmpty();
  }

  /** Twice of everything needs twice as much, and takes no more than twice the sheets. */
  @Example
  void twice_the_parts_need_twice_and_buy_no_more_than_twice() {
    List<Part> twice = new ArrayList<>(everyKind());
    for (Part part : everyKind()) {
      String on = part.placing().on().isEmpty() ? "" : "d1" + part.placing().on().substring(1);
      twice.add(part.withId("d1" + part.id().substring(1)).withPlacing(part.placing().on(on)));
    }
    Derived one = Samples.derive(First.withParts(Samples.bare(), everyKind()).withShelf(Map.of()));
    Derived two = Samples.derive(First.withParts(Samples.bare(), twice).withShelf(Map.of()));

    Map<String, Shopping.Line> once = new TreeMap<>();
    one.shopping().orElseThrow().lines().forEach(it -> once.put(it.buy().id(), it));
    for (Shopping.Line line : two.shopping().orElseThrow().lines()) {
      Shopping.Line half = once.get(line.buy().id());
      assertThat(line.need().value())
          .as(line.name())
          .isCloseTo(2 * half.need().value(), within(1e-6 * line.need().value()));
      assertThat(line.buy().value()).isLessThanOrEqualTo(2 * half.buy().value());
    }
    assertThat(sheets(two)).as("what is left of a sheet is used").isLessThan(2 * sheets(one));
  }

  /** A prop made twice needs twice as much, and what is left of a sheet of the one is used. */
  @Example
  void a_prop_copied_doubles_its_needs_and_buys_less_than_twice_the_sheets() {
    Project once = First.withParts(Samples.bare(), everyKind()).withShelf(Map.of());
    Derived one = Samples.derive(once);
    Derived two = Samples.derive(PropEdits.again(Prop.FIRST).applyTo(once));

    assertThat(needs(two).keySet()).isEqualTo(needs(one).keySet());
    needs(two)
        .forEach(
            (id, need) -> assertThat(need).as(id).isCloseTo(2 * needs(one).get(id), within(1e-6)));
    assertThat(sheets(two)).isLessThan(2 * sheets(one));
    assertThat(two.props().get(1).whole().mass().orElseThrow().value())
        .isCloseTo(one.first().whole().mass().orElseThrow().value(), within(1e-9));
  }

  /** Each step is there once for each prop, in one plan; no two of them at the same time. */
  @Example
  void all_props_are_in_one_plan_and_one_pair_of_hands_does_it() {
    Project once = First.withParts(Samples.bare(), everyKind());
    Project far =
        once.withEvent(new Event("Far", Samples.NOW.plusWeeks(40), Event.USUAL_READY_BEFORE));
    Derived two = Samples.derive(PropEdits.again(Prop.FIRST).applyTo(far));
    Plan plan = two.plan().orElseThrow();

    assertThat(plan.unplaced()).isEmpty();
    assertThat(plan.steps()).extracting(Step::id).doesNotHaveDuplicates();
    assertThat(plan.steps().stream().filter(it -> it.id().startsWith("p1/")).count())
        .isEqualTo(plan.steps().stream().filter(it -> it.id().startsWith("p2/")).count())
        .isPositive();
    List<Plan.Sitting> sittings =
        plan.placed().stream()
            .flatMap(it -> it.sittings().stream())
            .sorted(Comparator.comparing(Plan.Sitting::from))
            .toList();
    for (int i = 1; i < sittings.size(); i++) {
      assertThat(sittings.get(i).from()).isAfterOrEqualTo(sittings.get(i - 1).to());
    }
  }

  private static Map<String, Double> needs(Derived derived) {
    Map<String, Double> all = new TreeMap<>();
    derived
        .shopping()
        .orElseThrow()
        .lines()
        .forEach(it -> all.put(it.need().id(), it.need().value()));
    return all;
  }

  private static double sheets(Derived derived) {
    return derived.shopping().orElseThrow().lines().stream()
        .map(Shopping.Line::buy)
        .filter(it -> it.id().endsWith(".sheets"))
        .mapToDouble(Figure::value)
        .sum();
  }

  @Property(tries = 30)
  void made_smaller_and_larger_again_every_part_is_what_it_was(
      @ForAll @DoubleRange(min = 0.5, max = 2) double factor) {
    for (Part part : everyKind()) {
      Part back = part.times(factor).times(1 / factor);
      assertThat(back.thicknessMm()).isEqualTo(part.thicknessMm());
      assertThat(back.coats()).isEqualTo(part.coats());
      Derived was = Samples.derive(First.withParts(Samples.bare(), List.of(free(part))));
      Derived is = Samples.derive(First.withParts(Samples.bare(), List.of(free(back))));
      assertThat(is.parts().getFirst().body().orElseThrow().surface().value())
          .isCloseTo(was.parts().getFirst().body().orElseThrow().surface().value(), within(1e-3));
    }
  }

  /** Every figure of a prop made smaller and larger again is what it was. */
  @Property(tries = 8)
  void a_prop_resized_and_back_comes_to_the_same_figures(
      @ForAll @DoubleRange(min = 0.5, max = 2) double factor, @ForAll boolean held) {
    Project project = First.withParts(Samples.bare(), everyKind());
    Project kept = PartEdits.held("d3", held).in("p1").applyTo(project);

    Project back =
        PropEdits.resize(1 / factor)
            .in("p1")
            .applyTo(PropEdits.resize(factor).in("p1").applyTo(kept));

    Map<String, Double> was = values(Samples.derive(kept));
    Map<String, Double> is = values(Samples.derive(back));
    assertThat(is.keySet()).isEqualTo(was.keySet());
    was.forEach(
        (id, value) ->
            assertThat(is.get(id)).as(id).isCloseTo(value, within(1e-4 * (1 + Math.abs(value)))));
  }

  private static Part free(Part part) {
    return part.withPlacing(Placing.USUAL);
  }

  /**
   * A reckoner that has seen other projects before comes to what a fresh one does: coats, cores,
   * layers, places, names, wearers and props are changed at random, some of them back again.
   */
  @Property(tries = 6)
  void what_is_remembered_is_what_would_be_worked_out_anew(@ForAll long seed) {
    Random random = new Random(seed);
    Reckoner old = new Reckoner(Samples.CATALOGUE);
    Project project = First.withParts(Samples.bare(), everyKind());
    List<Project> seen = new ArrayList<>(List.of(project));
    for (int i = 0; i < 40; i++) {
      project =
          random.nextInt(5) == 0 ? seen.get(random.nextInt(seen.size())) : changed(project, random);
      seen.add(project);
      Derived remembered = old.derive(project, Samples.NOW, Units.METRIC);
      Derived fresh = new Reckoner(Samples.CATALOGUE).derive(project, Samples.NOW, Units.METRIC);
      assertThat(values(remembered)).isEqualTo(values(fresh));
      assertThat(remembered.findings().stream().map(Finding::id).toList())
          .isEqualTo(fresh.findings().stream().map(Finding::id).toList());
      assertThat(remembered.templates()).hasSameSizeAs(fresh.templates());
    }
  }

  private static Map<String, Double> values(Derived derived) {
    Map<String, Double> all = new TreeMap<>();
    derived.figures().values().forEach(list -> list.forEach(it -> all.put(it.id(), it.value())));
    return all;
  }

  private static Project changed(Project project, Random random) {
    Prop prop = project.props().get(random.nextInt(project.props().size()));
    try {
      return random.nextInt(4) == 0
          ? ofProps(project, prop.id(), random).applyTo(project)
          : ofPart(prop, random).in(prop.id()).applyTo(project);
    } catch (IllegalArgumentException e) {
      // Not every edit makes sense for every part: then nothing changes.
      return project;
    }
  }

  private static Edit ofProps(Project project, String id, Random random) {
    return switch (random.nextInt(8)) {
      case 0 -> PropEdits.again(id);
      case 1 -> PropEdits.remove(id);
      case 2 -> PropEdits.order(id, random.nextBoolean() ? 1 : -1);
      case 3 -> PropEdits.copyPart(id, "d" + (1 + random.nextInt(6)), project.first().id());
      case 4 -> PropEdits.name("Prop " + random.nextInt(4)).in(id);
      case 5 -> WearerEdits.add(id, new Wearer("W", 1500 + random.nextInt(300)));
      case 6 -> WearerEdits.remove("w" + (1 + random.nextInt(3)));
      default -> WearerEdits.height(Wearers.FIRST, 1600 + random.nextInt(200));
    };
  }

  private static PropEdit ofPart(Prop prop, Random random) {
    if (prop.parts().isEmpty()) {
      return PartEdits.addBlade("Blade");
    }
    Part part = prop.parts().get(random.nextInt(prop.parts().size()));
    return switch (random.nextInt(7)) {
      case 0 -> Edits.coats(part.id(), "paint", random.nextInt(4));
      case 1 -> Edits.rod(part.id(), "tube-10", new CoreChoice("tube-10", 0, 50, 0));
      case 2 -> Edits.withoutCore(part.id());
      case 3 -> PartEdits.place(part.id(), "How many", it -> it.made(1 + random.nextInt(3), 0));
      case 4 -> PartEdits.name(part.id(), "Part " + random.nextInt(3));
      case 5 -> LayerEdits.add(part.id(), 0);
      default -> PartEdits.material(part.id(), "foam", 5 + random.nextInt(6));
    };
  }
}

package stoutblade.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.derive.Derived;
import stoutblade.derive.Refit;
import stoutblade.feature.Where;
import stoutblade.finding.Finding;
import stoutblade.fit.Carry;
import stoutblade.journal.Journal;
import stoutblade.measure.Units;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** Props are added, copied, taken in and removed, and a wearer may carry several. */
class PropEditsTest {

  private static final Project ONE = Samples.whole();
  private static final Project TWO = PropEdits.again(Prop.FIRST).applyTo(ONE);

  @Test
  void another_prop_like_one_is_drafted_and_not_built() {
    Project built =
        Edits.done(new Journal.Done("p1/d1/trace", 20, Samples.NOW))
            .applyTo(Edits.built("p1/d1", it -> measured(500)).applyTo(ONE));

    Project two = PropEdits.again(Prop.FIRST).applyTo(built);

    assertThat(two.props()).extracting(Prop::name).containsExactly("Test prop", "Test prop 2");
    assertThat(two.props().get(1).parts()).isEqualTo(two.first().parts());
    assertThat(two.journal()).isEqualTo(built.journal());
    Derived derived = Samples.derive(two);
    assertThat(derived.plan().orElseThrow().place("p1/d1/trace")).isEmpty();
    assertThat(derived.plan().orElseThrow().place("p2/d1/trace")).isPresent();
    assertThat(derived.comparison().lines()).hasSize(1);
  }

  private static Journal.Built measured(double mm) {
    return Journal.Built.NOTHING.withLength(mm);
  }

  @Test
  void an_edit_of_one_prop_leaves_the_other_as_it_was() {
    Project changed = LayerEdits.bevel(First.ID, 12).in("p2").applyTo(TWO);

    assertThat(changed.first()).isSameAs(TWO.first());
    assertThat(changed.needed("p2").needed(First.ID).layering().profile().widthMm()).isEqualTo(12);
    assertThatThrownBy(() -> LayerEdits.bevel(First.ID, 12).in("p9").applyTo(TWO))
        .hasMessageContaining("no prop 'p9'");
  }

  @Test
  void what_is_removed_takes_its_log_along_and_its_id_is_free_again() {
    Project logged =
        Edits.startClock("p2/d1/spread", java.time.Instant.EPOCH)
            .applyTo(
                Edits.done(new Journal.Done("p2/d1/trace", 20, Samples.NOW))
                    .applyTo(Edits.built("p2/d1", it -> measured(400)).applyTo(TWO)));

    Project gone = PropEdits.remove("p2").applyTo(logged);

    assertThat(gone).isEqualTo(ONE);
    assertThat(PropEdits.again(Prop.FIRST).applyTo(gone)).isEqualTo(TWO);
    assertThatThrownBy(() -> PropEdits.remove(Prop.FIRST).applyTo(gone))
        .hasMessageContaining("last prop stays");
  }

  @Test
  void props_change_places() {
    Project turned = PropEdits.order("p2", -1).applyTo(TWO);

    assertThat(turned.props()).extracting(Prop::id).containsExactly("p2", "p1");
    assertThat(PropEdits.order("p2", 1).applyTo(turned)).isEqualTo(TWO);
    assertThat(PropEdits.order("p1", -1).applyTo(TWO)).isEqualTo(TWO);
  }

  /** Same name or not: the same person is one wearer, another is kept beside. */
  @Test
  void one_from_another_project_brings_who_carries_it() {
    Project same = PropEdits.takeIn(ONE, Prop.FIRST).applyTo(ONE);
    assertThat(same.wearers()).isEqualTo(ONE.wearers());
    assertThat(same.props()).extracting(Prop::id).containsExactly("p1", "p2");

    Project other =
        WearerEdits.height(Wearers.FIRST, 1600)
            .applyTo(PropEdits.name("Sword").in("p1").applyTo(ONE));
    Project taken = PropEdits.takeIn(other, Prop.FIRST).applyTo(ONE);

    Prop sword = taken.props().getLast();
    assertThat(sword.name()).isEqualTo("Sword");
    assertThat(taken.wearer(sword).heightMm()).isEqualTo(1600);
    assertThat(taken.wearer(taken.first()).heightMm()).isEqualTo(1740);
    assertThat(Samples.derive(taken).props().getLast().parts()).hasSize(1);
  }

  @Test
  void a_part_that_is_made_for_another_prop_too_hangs_on_nothing_there() {
    Part stud =
        Part.of("d2", "Stud", new Cut(WholeOutline.circle(new Point(0, 0), 12)), "foam", 10)
            .withPlacing(Placing.USUAL.on(First.ID));
    Project held = TWO.with(TWO.first().withParts(List.of(Samples.blade(), stud)));

    Project copied = PropEdits.copyPart("p1", "d2", "p2").applyTo(held);

    Part there = copied.needed("p2").needed("d2");
    assertThat(there.name()).isEqualTo("Stud");
    assertThat(there.placing().on()).isEmpty();
    assertThat(copied.first()).isEqualTo(held.first());
  }

  @Test
  void a_wearer_who_is_smaller_makes_every_prop_smaller_that_follows_and_no_other() {
    Project named = WearerEdits.add("p2", new Wearer("Other", 1740)).applyTo(TWO);
    Project follows =
        SizeEdits.carry("Grip", it -> it.with(Carry.Length.GRIP_AT, Optional.of(100.0)))
            .in("p1")
            .applyTo(named);
    Project inProportion =
        WearerEdits.height(Wearers.FIRST, 1740)
            .applyTo(
                SizeEdits.rule(
                        SizingRule.IN_PROPORTION, follows.first().size(), First.wearer(follows))
                    .in("p1")
                    .applyTo(
                        SizeEdits.character(
                                Optional.of(new stoutblade.wearer.ShownCharacter("B", 1740)))
                            .in("p1")
                            .applyTo(follows)));

    Project smaller = WearerEdits.height(Wearers.FIRST, 870).applyTo(inProportion);

    assertThat(smaller.first().size().carry().gripAtMm()).contains(50.0);
    assertThat(smaller.needed("p2")).isEqualTo(inProportion.needed("p2"));
    assertThat(WearerEdits.remove("w2").applyTo(smaller).needed("p2").wearerId())
        .isEqualTo(Wearers.FIRST);
  }

  @Test
  void the_same_person_may_carry_all_and_one_who_is_not_there_none() {
    Project other = WearerEdits.add("p2", new Wearer("Other", 1600)).applyTo(TWO);
    Project same = WearerEdits.carriedBy("p1", "w2").applyTo(other);

    assertThat(same.props()).allMatch(it -> same.wearer(it).name().equals("Other"));
    assertThatThrownBy(() -> WearerEdits.carriedBy("p1", "w7").applyTo(other))
        .hasMessageContaining("no wearer 'w7'");
  }

  @Test
  void a_project_has_a_prop_and_each_an_id_of_its_own() {
    assertThatThrownBy(() -> ONE.withProps(List.of())).hasMessageContaining("1 to 40 props");
    assertThatThrownBy(() -> ONE.and(ONE.first())).hasMessageContaining("an id of its own");
    assertThatThrownBy(() -> PropEdits.name(" ").in("p1").applyTo(ONE))
        .hasMessageContaining("1 to 120 characters");
  }

  /** 30 inches in form, reduced to 24: foam, coats and what is held stay, all else follows. */
  @Test
  void a_prop_is_reduced_from_thirty_to_twenty_four_inches() {
    Part strap =
        Part.of("d2", "Strap", new Cut(WholeOutline.circle(new Point(0, 0), 40)), "foam", 10)
            .withPlacing(Placing.USUAL.on(First.ID).at(Where.At.of(0, 250)))
            .withHeld(true);
    double whole = Samples.derive(ONE).first().whole().length().orElseThrow().value();
    Part blade = Samples.blade().times(30 * 25.4 / whole);
    Project thirty = First.withParts(ONE, List.of(blade, strap));

    Project reduced = PropEdits.resize(24 / 30.0).in(Prop.FIRST).applyTo(thirty);

    Derived derived = Samples.derive(reduced);
    assertThat(derived.first().whole().length().orElseThrow().value())
        .isCloseTo(24 * 25.4, within(1e-6));
    assertThat(derived.first().part("d1").orElseThrow().part().thicknessMm()).isEqualTo(20);
    Part still = reduced.first().needed("d2");
    assertThat(still.shape()).isEqualTo(strap.shape());
    assertThat(((Where.At) still.placing().where()).spot().at().y()).isCloseTo(200, within(1e-9));
    Refit said = Refit.between(Samples.derive(thirty), derived, Units.METRIC).orElseThrow();
    assertThat(said.words()).contains("0.8 times as large").contains("Strap keeps its size");
    assertThatThrownBy(() -> PropEdits.resize(0).in(Prop.FIRST).applyTo(thirty))
        .hasMessageContaining("at once");
  }

  /** A strap that stays sticks out below: the length is met all the same, to the tenth. */
  @Test
  void a_prop_is_as_long_as_was_said_though_not_all_of_it_follows() {
    Part strap =
        Part.of("d2", "Strap", new Cut(WholeOutline.circle(new Point(0, 0), 120)), "foam", 10)
            .withPlacing(Placing.USUAL.on(First.ID).at(Where.At.of(0, 20)))
            .withHeld(true);
    Project project =
        First.withParts(ONE, List.of(Samples.blade().withCore(Optional.empty()), strap));

    Project reduced = PropEdits.resizeTo(350).in(Prop.FIRST).applyTo(project);

    assertThat(Samples.derive(reduced).first().whole().length().orElseThrow().value())
        .isCloseTo(350, within(0.1));
    assertThatThrownBy(() -> PropEdits.resizeTo(100).in(Prop.FIRST).applyTo(project))
        .hasMessageContaining("cannot be made 10 cm long");
    assertThatThrownBy(() -> PropEdits.resizeTo(500).in(Prop.FIRST).applyTo(Samples.bare()))
        .hasMessageContaining("draft a part");
  }

  @Test
  void one_that_is_traced_is_resized_by_its_picture_alone() {
    Project traced =
        First.withSize(ONE, ONE.first().size().withReferences(List.of(Samples.picture())));

    assertThatThrownBy(() -> PropEdits.resize(0.8).in(Prop.FIRST).applyTo(traced))
        .hasMessageContaining("mark the whole prop");
  }

  /** What lies printed on the bench is wrong once the prop has another size, and not before. */
  @Test
  void a_template_that_was_printed_is_a_finding_until_it_is_printed_again() {
    Derived first = Samples.derive(ONE);
    Project printed = printed(first).applyTo(ONE);
    assertThat(old(printed)).isEmpty();
    assertThat(old(Edits.coats(First.ID, "paint", 1).in("p1").applyTo(printed))).isEmpty();

    Project reduced = PropEdits.resize(0.8).in("p1").applyTo(printed);
    assertThat(old(reduced)).hasSize(first.templates().size());
    assertThat(old(PropEdits.resize(1 / 0.8).in("p1").applyTo(reduced))).isEmpty();
    assertThat(old(printed(Samples.derive(reduced)).applyTo(reduced))).isEmpty();
    Project forgotten = old(reduced).getFirst().mends().getFirst().in("p1").applyTo(reduced);
    assertThat(old(forgotten)).hasSize(first.templates().size() - 1);
  }

  private static Edit printed(Derived derived) {
    return Edits.printed(derived.first().printed(derived.templates(), Samples.NOW));
  }

  private static List<Finding> old(Project project) {
    return Samples.derive(project).findings().stream()
        .filter(it -> it.id().endsWith(".old"))
        .toList();
  }

  /** What a figure is called says of which prop and part it is. */
  @Test
  void figures_of_two_props_have_two_ids() {
    List<String> ids =
        Samples.derive(TWO).figures().values().stream()
            .flatMap(List::stream)
            .map(it -> it.id())
            .toList();

    assertThat(ids).contains("p1/d1/core.droop", "p2/d1/core.droop", "p2/prop.mass");
  }
}

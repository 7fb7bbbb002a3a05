package stoutblade.derive;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import stoutblade.build.FreeHours;
import stoutblade.core.CoreChoice;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.SizeEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.event.Event;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.measure.Units;
import stoutblade.project.First;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Samples;
import stoutblade.project.Station;
import stoutblade.reference.Camera;
import stoutblade.reference.Mark;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Node;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.wearer.Wearers;

class FindingsTest {

  private static Optional<Finding> find(Project project, String id) {
    return Samples.derive(project).findings().stream().filter(it -> it.id().equals(id)).findFirst();
  }

  private static Finding found(Project project, String id) {
    return find(project, id)
        .orElseThrow(
            () -> new AssertionError("not found; there are " + Samples.derive(project).findings()));
  }

  /** Every mend that is offered really mends: the finding is gone after it. */
  private static void assertEachMends(Project project, String id) {
    Finding finding = found(project, id);
    assertThat(finding.mends()).isNotEmpty();
    for (Change mend : finding.mends()) {
      assertThat(find(mend.in(Prop.FIRST).applyTo(project), id)).as(mend.name()).isEmpty();
    }
  }

  @Test
  void a_sound_project_has_nothing_to_mend() {
    assertThat(Samples.derive(Samples.whole()).findings()).isEmpty();
  }

  @Test
  void an_empty_project_says_what_comes_next() {
    Project empty = Samples.bare();

    assertThat(found(empty, "size.next.open").severity()).isEqualTo(Finding.Severity.NEXT);
    assertThat(found(empty, "draft.next.trace").station()).isEqualTo(Station.DRAFT);
    Project opened =
        First.withSize(
            empty, Samples.pictured(Samples.picture().withRulers(List.of())).first().size());
    assertThat(found(opened, "size.next.ruler").why()).contains("head to heel");
    assertThat(Samples.derive(opened).plan()).isEmpty();
  }

  @Test
  void an_outline_that_crosses_itself_stops_everything_after_it_and_can_be_mended() {
    HalfOutline bow =
        new HalfOutline(
            List.of(
                Node.corner(50, 0),
                Node.corner(50, 300),
                Node.corner(20, 100),
                Node.corner(80, 200),
                Node.corner(0, 400)));
    Project crossed = First.with(Samples.whole(), bow);

    Derived derived = Samples.derive(crossed);

    assertThat(First.form(derived)).isEmpty();
    assertThat(First.template(derived)).isEmpty();
    assertThat(found(crossed, "draft.d1.crossing").place()).isInstanceOf(Place.OnPart.class);
    assertEachMends(crossed, "draft.d1.crossing");
  }

  @Test
  void a_ruler_that_disagrees_is_shown_where_it_lies_and_can_be_set_aside() {
    Project project = Samples.pictured(Samples.picture().with(Samples.crate(360)));

    Finding finding = found(project, "size.p1.disagree.r2");

    assertThat(finding.place()).isEqualTo(new Place.OnPicture("p1", new Point(100, 780)));
    assertThat(finding.why()).contains("16.7 % smaller");
    Project aside = finding.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(find(aside, "size.p1.disagree.r2")).isEmpty();
    assertThat(find(aside, "size.p1.disagree.r1")).isEmpty();
  }

  @Test
  void a_picture_of_which_nobody_says_how_it_was_taken_asks_what_to_say_or_mark() {
    Project project =
        Samples.pictured(
            Samples.picture()
                .with(Camera.UNKNOWN)
                .withWhole(Optional.of(new Mark(new Point(700, 60), new Point(700, 350)))));

    Finding finding = found(project, "size.p1.camera");

    assertThat(finding.why()).contains("upright edges", "horizon", "over the feet");
    Project drawn = finding.mends().getFirst().in(Prop.FIRST).applyTo(project);
    assertThat(find(drawn, "size.p1.camera")).isEmpty();
    Project photo = finding.mends().getLast().in(Prop.FIRST).applyTo(project);
    assertThat(photo.first().size().references().getFirst().camera().kind())
        .isEqualTo(Camera.Kind.PHOTO);
    assertThat(found(photo, "size.p1.camera").mends()).isEmpty();
  }

  /** Each mend is taken: it ends that finding. */
  @Test
  void coats_in_an_order_that_fails_are_found_and_mended() {
    Project late =
        First.withCoats(Samples.whole(), List.of(new Coats("paint", 2), new Coats("primer", 1)));

    assertThat(find(late, "finish.d1.unsealed.paint")).isPresent();
    assertThat(find(late, "finish.d1.primer-late.primer")).isPresent();
    assertEachMends(late, "finish.d1.unsealed.paint");
    assertEachMends(late, "finish.d1.primer-late.primer");
    Project seal =
        First.withCoats(
            Samples.whole(),
            List.of(new Coats("primer", 1), new Coats("paint", 2), new Coats("seal", 1)));
    assertEachMends(seal, "finish.d1.seal-late.seal");
  }

  @Test
  void a_mend_that_costs_much_of_the_blade_stands_last_and_says_so() {
    Project thin =
        First.withCore(
            First.with(Samples.whole(), Layering.of(2, "foam", 6, Profile.bevel(45, 2))),
            Optional.of(new CoreChoice("dowel-9", -200, 480, -50)));
    Finding shows =
        found(
            First.withCore(Samples.whole(), Optional.of(new CoreChoice("dowel-9", -200, 495, -50))),
            "core.d1.shows");

    assertThat(shows.mends().getFirst().name()).startsWith("End the core at");
    assertThat(shows.mends().getFirst().name()).doesNotContain("%");
    assertThat(find(thin, "core.d1.deep")).isPresent();
    Project long15 =
        First.withCore(
            First.with(Samples.whole(), Layering.of(2, "foam", 10, Profile.bevel(49, 2))),
            Optional.of(new CoreChoice("dowel-9", -200, 490, -50)));
    Finding costly = found(long15, "core.d1.shows");
    assertThat(costly.mends().getLast().name()).contains("% of the part is left without it");
  }

  @Test
  void a_ruler_set_aside_that_agrees_can_be_trusted_again() {
    Project project = Samples.pictured(Samples.picture().with(Samples.crate(301).withTrust(false)));

    assertEachMends(project, "size.p1.aside.r2");
  }

  @Test
  void a_core_too_deep_for_its_layers_offers_others() {
    Project thin = First.with(Samples.whole(), Layering.of(2, "foam", 6, Profile.bevel(20, 4)));
    Project fat =
        Edits.rod(First.ID, "pipe", First.core(thin).orElseThrow())
            .in(Prop.FIRST)
            .applyTo(Samples.whole());

    Finding finding = found(thin, "core.d1.deep");

    assertThat(finding.why()).isEqualTo("It takes 4.5 mm of each layer; half a layer is 3 mm.");
    assertEachMends(thin, "core.d1.deep");
    assertThat(found(fat, "core.d1.deep").mends()).isNotEmpty();
  }

  @Test
  void a_core_that_would_show_near_the_tip_is_ended_sooner() {
    Project far = Edits.coreEnd(First.ID, 495).in(Prop.FIRST).applyTo(Samples.whole());

    assertEachMends(far, "core.d1.shows");
  }

  @Test
  void a_limp_core_offers_a_stiffer_one() {
    Project limp =
        First.withCore(Samples.whole(), Optional.of(new CoreChoice("dowel-9", -400, 400, -300)));

    assertEachMends(limp, "core.d1.limp");
  }

  @Test
  void unknown_materials_are_named() {
    Project noFoam = First.with(Samples.whole(), Layering.of(2, "moon", 10, Profile.bevel(20, 4)));
    Project noRod =
        Edits.rod(First.ID, "moon", First.core(Samples.whole()).orElseThrow())
            .in(Prop.FIRST)
            .applyTo(Samples.whole());
    Project noPaint = First.withCoats(Samples.whole(), List.of(new Coats("moon", 1)));

    assertEachMends(noFoam, "layers.d1.foam");
    assertEachMends(noRod, "core.d1.unfound");
    assertEachMends(noPaint, "finish.d1.unfound.moon");
  }

  @Test
  void paint_that_runs_out_names_the_coat_and_both_ways_out() {
    Project little = Samples.whole().withShelf(Map.of("primer", 500_000.0, "paint", 15_000.0));

    Finding finding = found(little, "finish.short.paint");

    assertThat(finding.title()).isEqualTo("Runs out in coat 2");
    assertThat(finding.mends()).hasSize(2);
    assertEachMends(little, "finish.short.paint");
  }

  @Test
  void bevels_that_meet_and_edges_too_thin_are_found() {
    Project meeting = LayerEdits.bevel(First.ID, 80).in(Prop.FIRST).applyTo(Samples.whole());
    Project sharp = LayerEdits.edge(First.ID, 0).in(Prop.FIRST).applyTo(Samples.whole());

    assertEachMends(meeting, "layers.d1.bevel");
    assertEachMends(sharp, "layers.d1.edge");
  }

  @Test
  void what_is_too_large_to_cut_or_buy_is_found() {
    Project large = OutlineEdits.length(First.ID, 1500).in(Prop.FIRST).applyTo(Samples.whole());
    Project huge =
        OutlineEdits.width(First.ID, 9000)
            .in(Prop.FIRST)
            .applyTo(OutlineEdits.length(First.ID, 9000).in(Prop.FIRST).applyTo(Samples.whole()));

    assertThat(found(large, "draft.d1.sheet").why()).contains("150 cm by 10 cm");
    assertThat(found(huge, "cut.d1.pages").why()).contains("pages of A4");
    Project longCore =
        First.withCore(Samples.whole(), Optional.of(new CoreChoice("dowel-9", -900, 400, -50)));
    assertThat(found(longCore, "cut.d1.rod").why()).contains("130 cm");
  }

  @Test
  void an_event_too_near_says_how_much_work_is_late() {
    Project tomorrow =
        Edits.event(new Event("Soon", Samples.NOW.plusDays(1), 0))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());
    Project never =
        Edits.freeHours(new FreeHours(Map.of(), java.util.Set.of()))
            .in(Prop.FIRST)
            .applyTo(Samples.whole());

    assertThat(found(tomorrow, "build.late").why()).contains("latest time behind them");
    assertThat(found(never, "build.unplaced.all/print").why())
        .contains("free stretch of the week is 0 min");
  }

  @Test
  void done_steps_leave_the_plan_and_enter_the_comparison() {
    LocalDateTime at = Samples.NOW;
    Project begun =
        Edits.built("p1/d1", it -> Journal.Built.NOTHING.withLength(503).withMass(170))
            .in(Prop.FIRST)
            .applyTo(
                Edits.done(new Journal.Done("all/print", 40, at))
                    .in(Prop.FIRST)
                    .applyTo(Samples.whole()));

    Derived derived = Samples.derive(begun);

    assertThat(derived.plan().orElseThrow().place("all/print")).isEmpty();
    assertThat(derived.comparison().lines()).hasSize(2);
    assertThat(derived.comparison().lines().getFirst().difference().value()).isEqualTo(3);
    assertThat(derived.comparison().times().orElseThrow().real().value()).isEqualTo(40);
    assertThat(
            Samples.derive(Edits.notDone("all/print").in(Prop.FIRST).applyTo(begun))
                .plan()
                .orElseThrow()
                .place("all/print"))
        .isPresent();
  }

  @Test
  void figures_of_the_same_id_have_the_same_value() {
    Derived derived = Samples.derive(Samples.pictured(Samples.picture()));
    Map<String, Double> values = new java.util.HashMap<>();
    derived.figures().values().stream()
        .flatMap(List::stream)
        .forEach(
            figure -> {
              Double before = values.put(figure.id(), figure.value());
              assertThat(before).as(figure.id()).isIn(null, figure.value());
            });

    assertThat(values).hasSizeGreaterThan(40);
    assertThat(derived.findingsOf(Station.CORE, Prop.FIRST)).isEmpty();
  }

  /** Whatever is remembered: one reckoner fed edit after edit says what a fresh one says. */
  @Test
  void a_reckoner_that_remembers_says_what_a_fresh_one_says() {
    Reckoner remembering = new Reckoner(Samples.CATALOGUE);
    Project project = Samples.pictured(Samples.picture());
    for (Change edit :
        List.of(
            Edits.coreStart(First.ID, -300),
            WearerEdits.height(Wearers.FIRST, 1600),
            LayerEdits.bevel(First.ID, 12),
            Edits.withoutCore(First.ID),
            SizeEdits.carry("Apart", it -> it.withHands(2)),
            OutlineEdits.length(First.ID, 640),
            Edits.coats(First.ID, "paint", 1))) {
      project = edit.in(Prop.FIRST).applyTo(project);
      Derived now = remembering.derive(project, Samples.NOW, Units.METRIC);

      assertThat(values(now)).as(edit.name()).isEqualTo(values(Samples.derive(project)));
    }
  }

  private static Map<String, Double> values(Derived derived) {
    Map<String, Double> values = new java.util.TreeMap<>();
    derived.figures().values().stream()
        .flatMap(List::stream)
        .forEach(figure -> values.put(figure.id(), figure.value()));
    return values;
  }

  @Test
  void the_words_follow_the_units_in_use() {
    Project thin = First.with(Samples.whole(), Layering.of(2, "foam", 6, Profile.bevel(20, 4)));
    Derived inches = new Reckoner(Samples.CATALOGUE).derive(thin, Samples.NOW, Units.INCHES);

    assertThat(inches.findingsOf(Station.CORE, Prop.FIRST).getFirst().why()).contains("3/16\"");
  }

  @Test
  void an_edit_recomputes_only_what_it_touches() {
    Reckoner reckoner = new Reckoner(Samples.CATALOGUE);
    Derived before = reckoner.derive(Samples.whole(), Samples.NOW, Units.METRIC);

    Derived after =
        reckoner.derive(
            Edits.coats(First.ID, "paint", 1).in(Prop.FIRST).applyTo(before.project()),
            Samples.NOW,
            Units.METRIC);

    assertThat(First.form(after).orElseThrow()).isSameAs(First.form(before).orElseThrow());
    assertThat(First.core(after).orElseThrow()).isSameAs(First.core(before).orElseThrow());
    assertThat(after.coats()).isNotSameAs(before.coats());
  }
}

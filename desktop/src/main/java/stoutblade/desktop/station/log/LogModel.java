package stoutblade.desktop.station.log;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import stoutblade.build.Step;
import stoutblade.build.WorkSteps;
import stoutblade.desktop.Desk;
import stoutblade.edit.Edits;
import stoutblade.journal.Felt;
import stoutblade.journal.Journal;
import stoutblade.journal.Journal.Built;
import stoutblade.project.PartRef;
import stoutblade.reckoning.PartReckoning;

/** What was built of the part that is looked at, and how long each step of its prop took. */
final class LogModel {

  private final Desk desk;

  LogModel(Desk desk) {
    this.desk = desk;
  }

  // == WHAT WAS BUILT

  /** What was measured of the part that is looked at. */
  Built built() {
    return desk.project().journal().built(looked());
  }

  boolean length(double mm) {
    return measure(it -> it.withLength(mm));
  }

  boolean width(double mm) {
    return measure(it -> it.withWidth(mm));
  }

  boolean mass(double grams) {
    return measure(it -> it.withMass(grams));
  }

  /** True where it has a core, and so can be felt for being limp. */
  boolean feels() {
    return desk.looked().flatMap(PartReckoning::core).isPresent();
  }

  /** How it feels; empty for not said. */
  void felt(Optional<Boolean> limp) {
    Optional<Felt> felt =
        desk.looked()
            .flatMap(PartReckoning::core)
            .flatMap(
                core -> limp.map(it -> new Felt(it, core.droopShare(), core.frequency().value())));
    measure(it -> it.withFelt(felt));
  }

  private boolean measure(UnaryOperator<Built> change) {
    return desk.perform(Edits.built(looked(), change));
  }

  /** The id of the part that is looked at, within the project. */
  private String looked() {
    return new PartRef(desk.prop().id(), desk.lookedId()).path();
  }

  // == HOW LONG IT TOOK

  /** The steps that concern the prop. */
  List<Step> steps() {
    return desk.derived().plan().stream()
        .flatMap(it -> it.steps().stream())
        .filter(step -> WorkSteps.concerns(step, desk.prop().id()))
        .toList();
  }

  /** How long a step took, where it is done. */
  Optional<Journal.Done> done(Step step) {
    return desk.project().journal().of(step.id());
  }

  /** The longest time of all, planned or taken, in minutes. */
  double longest() {
    return Stream.concat(
            desk.derived().plan().stream().flatMap(it -> it.steps().stream()).map(Step::minutes),
            desk.project().journal().done().stream().map(Journal.Done::minutes))
        .mapToDouble(Double::doubleValue)
        .max()
        .orElse(1);
  }

  /** Notes that a step is done, and how long it took. */
  boolean mark(Step step, double minutes) {
    return desk.attempt(
        () ->
            Edits.done(new Journal.Done(step.id(), minutes, desk.now().withSecond(0).withNano(0))));
  }

  void notDone(Step step) {
    desk.perform(Edits.notDone(step.id()));
  }
}

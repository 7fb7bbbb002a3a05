package stoutblade.derive;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.edit.Change;
import stoutblade.edit.Edits;
import stoutblade.finding.CoatFindings;
import stoutblade.finding.Finding;
import stoutblade.finding.Finding.Severity;
import stoutblade.finding.Place;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;

/** Looks through what all props share, the plan and the coatings, for what is wrong or risky. */
final class Findings {

  private final Derived derived;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private Findings(Derived derived, Units units) {
    this.derived = derived;
    this.units = units;
  }

  /** What is wrong with the plan and with what is on the shelf. */
  static List<Finding> of(Derived derived, Catalogue catalogue, Units units) {
    Findings findings = new Findings(derived, units);
    findings.build();
    findings.found.addAll(CoatFindings.ofStock(derived.coats(), catalogue, units));
    return findings.found;
  }

  private void build() {
    derived
        .plan()
        .ifPresent(
            plan -> {
              plan.unplaced()
                  .forEach(
                      it ->
                          add(
                              "build.unplaced." + it.step().id(),
                              new Place.OnStep(it.step().id()),
                              Severity.WRONG,
                              "No time for this step",
                              it.step().title() + ": " + it.reason() + ".",
                              List.of()));
              if (!plan.reserved()) {
                add(
                    "build.reserve",
                    new Place.OnStation(),
                    Severity.WARNING,
                    "No time is left in reserve",
                    plan.reserve().show(units)
                        + " of free time were to be kept after the last step; now the work reaches"
                        + " up to the event. Add free hours, do with less, or keep less.",
                    List.of(Edits.reserve(Optional.of(0.0))));
              }
              if (plan.spare().value() < 0) {
                String first = plan.placed().getFirst().step().id();
                add(
                    "build.late",
                    new Place.OnStep(first),
                    Severity.WARNING,
                    "It should have begun",
                    Display.duration(-plan.spare().value())
                        + " of work have their latest time behind them. Add free hours, or do with"
                        + " less.",
                    List.of());
              }
            });
  }

  private void add(
      String id,
      Place place,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(new Finding(id, Station.BUILD, place, severity, title, why, mends));
  }
}

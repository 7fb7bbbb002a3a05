package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Finding.Severity;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Looks through what was derived for what is wrong or risky, and for what comes next. */
final class Findings {

  private final Derived derived;
  private final Project project;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  Findings(Derived derived, Catalogue catalogue, Units units) {
    this.units = units;
    this.derived = derived;
    this.project = derived.project();
    this.catalogue = catalogue;
  }

  List<Finding> all() {
    found.addAll(new SizeFindings(derived, units).all());
    draft();
    found.addAll(new PartFindings(derived, units).all());
    found.addAll(new LayerFindings(derived, catalogue, units).all());
    for (PartReckoning part : derived.parts()) {
      found.addAll(new SheetFindings(part, catalogue, project.leftovers(), units).all());
      found.addAll(new CoreFindings(part, catalogue, units).all());
    }
    cut();
    build();
    found.addAll(new CoatFindings(derived, catalogue, units).all());
    return List.copyOf(found);
  }

  // == DRAFT

  private void draft() {
    if (project.parts().isEmpty()) {
      next(
          Station.DRAFT,
          "trace",
          "Trace half the blade",
          "Click along one edge from the base to the tip; the other half follows. What is no blade"
              + " is added with New part.");
    }
  }

  // == CUT AND BUILD

  private void cut() {
    for (Papers papers : derived.papers()) {
      for (Template template : papers.templates()) {
        if (Tiling.pages(template, project.paper()) > Tiling.MOST_PAGES) {
          tooLarge(papers, template);
        }
      }
    }
    longRods();
  }

  private void tooLarge(Papers papers, Template template) {
    add(
        "cut." + papers.partId() + ".pages",
        Station.CUT,
        new Place.OnStation(),
        Severity.WRONG,
        "Too many pages",
        "At this size the template '"
            + template.title()
            + "' takes "
            + Tiling.pages(template, project.paper())
            + " pages of "
            + project.paper().label()
            + "; at most "
            + Tiling.MOST_PAGES
            + " are made. Is the scale right?",
        List.of());
  }

  /** A core or a pipe that is longer than it is sold. */
  private void longRods() {
    for (PartReckoning part : derived.parts()) {
      part.core()
          .filter(it -> it.length().value() > it.rod().lengthMm())
          .ifPresent(
              it ->
                  add(
                      "cut." + part.id() + ".rod",
                      Station.CUT,
                      new Place.OnStation(),
                      Severity.WARNING,
                      "The core is longer than it is sold",
                      it.rod().name()
                          + ": "
                          + it.length().show(units)
                          + " are needed in one piece.",
                      List.of()));
    }
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
                              Station.BUILD,
                              new Place.OnStep(it.step().id()),
                              Severity.WRONG,
                              "No time for this step",
                              it.step().title() + ": " + it.reason() + ".",
                              List.of()));
              if (!plan.reserved()) {
                add(
                    "build.reserve",
                    Station.BUILD,
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
                    Station.BUILD,
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

  // == SMALL THINGS

  private void next(Station station, String id, String title, String why) {
    add(
        station.title().toLowerCase(java.util.Locale.ROOT) + ".next." + id,
        station,
        new Place.OnStation(),
        Severity.NEXT,
        title,
        why,
        List.of());
  }

  private void add(
      String id,
      Station station,
      Place place,
      Severity severity,
      String title,
      String why,
      List<Edit> mends) {
    found.add(new Finding(id, station, place, severity, title, why, mends));
  }
}

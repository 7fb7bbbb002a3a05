package stoutblade.desktop.station.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.build.WorkSteps;
import stoutblade.desktop.Desk;
import stoutblade.desktop.station.PropOverview;
import stoutblade.desktop.texts.Texts;
import stoutblade.journal.Journal;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.reckoning.PartReckoning;

/** What was built of all parts of a prop, against the plan. */
public final class WholeLog implements PropOverview.Content {

  private final Desk desk;

  /** Of the prop that is looked at. */
  public WholeLog(Desk desk) {
    this.desk = desk;
  }

  @Override
  public String key() {
    return "log";
  }

  @Override
  public String ofAll() {
    Journal journal = desk.project().journal();
    List<String> own =
        desk.derived().plan().stream()
            .flatMap(it -> it.steps().stream())
            .filter(it -> WorkSteps.concerns(it, desk.prop().id()))
            .map(it -> it.id())
            .toList();
    long done = own.stream().filter(it -> journal.of(it).isPresent()).count();
    double minutes =
        journal.done().stream()
            .filter(it -> own.contains(it.stepId()))
            .mapToDouble(Journal.Done::minutes)
            .sum();
    String name = desk.prop().name();
    return done > 0
        ? Texts.LOG.of("of-steps-done-in-all", name, done, own.size(), Display.duration(minutes))
        : Texts.LOG.of("of-steps-done", name, done, own.size());
  }

  @Override
  public String of(PartReckoning part) {
    Journal.Built built = desk.project().journal().built(part.path());
    List<String> words = new ArrayList<>();
    part.body()
        .ifPresent(
            it -> {
              words.add(Texts.LOG.of("length", against(it.length(), built.lengthMm())));
              words.add(Texts.LOG.of("width", against(it.width(), built.widthMm())));
              part.core()
                  .map(core -> core.mass())
                  .or(it::mass)
                  .ifPresent(
                      mass -> words.add(Texts.LOG.of("weight", against(mass, built.massG()))));
            });
    return words.isEmpty() ? Texts.LOG.of("nothing-is-drafted-of-it") : String.join("; ", words);
  }

  private String against(Figure planned, Optional<Double> built) {
    String plan = planned.show(desk.units());
    return built
        .map(
            it ->
                Texts.LOG.of(
                    "built-planned", Display.show(it, planned.quantity(), desk.units()), plan))
        .orElse(Texts.LOG.of("planned", plan));
  }
}

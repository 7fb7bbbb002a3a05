package stoutblade.desktop.station.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.build.WorkSteps;
import stoutblade.desktop.Desk;
import stoutblade.desktop.station.PropOverview;
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
    return desk.prop().name()
        + ": "
        + done
        + " of "
        + own.size()
        + " steps done"
        + (done > 0 ? ", " + Display.duration(minutes) + " in all" : "");
  }

  @Override
  public String of(PartReckoning part) {
    Journal.Built built = desk.project().journal().built(part.path());
    List<String> words = new ArrayList<>();
    part.body()
        .ifPresent(
            it -> {
              words.add("length " + against(it.length(), built.lengthMm()));
              words.add("width " + against(it.width(), built.widthMm()));
              part.core()
                  .map(core -> core.mass())
                  .or(it::mass)
                  .ifPresent(mass -> words.add("weight " + against(mass, built.massG())));
            });
    return words.isEmpty() ? "nothing is drafted of it yet" : String.join("; ", words);
  }

  private String against(Figure planned, Optional<Double> built) {
    String plan = planned.show(desk.units());
    return built
        .map(
            it ->
                Display.show(it, planned.quantity(), desk.units()) + " built, " + plan + " planned")
        .orElse(plan + " planned");
  }
}

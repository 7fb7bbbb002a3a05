package stoutblade.project;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import stoutblade.build.FreeHours;
import stoutblade.core.CoreChoice;
import stoutblade.core.Groove;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.HalfOutline;
import stoutblade.template.Paper;

/**
 * The edits of all stations but Size, Draft and Layers, whose edits are {@link SizeEdits}, {@link
 * OutlineEdits}, {@link PartEdits} and {@link LayerEdits}.
 */
public final class Edits {

  private Edits() {}

  // == NAMES

  public static Edit name(String name) {
    return new Edit("Name the prop", project -> project.withName(name.strip()));
  }

  public static Edit bladeName(String name) {
    return new Edit(
        "Name the blade", project -> project.withBlade(project.blade().withName(name.strip())));
  }

  // == CORE

  /** Lays a core in the blade, or another rod in the same place. */
  public static Edit rod(String rodId, CoreChoice atFirst) {
    return new Edit(
        "Choose the core",
        project ->
            project.withCore(
                Optional.of(project.core().map(core -> core.withRod(rodId)).orElse(atFirst))));
  }

  public static Edit withoutCore() {
    return new Edit("No core", project -> project.withCore(Optional.empty()));
  }

  public static Edit coreStart(double mm) {
    return onCore("Core starts", core -> core.withStart(mm));
  }

  public static Edit coreEnd(double mm) {
    return onCore("Core ends", core -> core.withEnd(mm));
  }

  public static Edit groove(Groove groove) {
    return onCore("How the channel is cut", core -> core.with(groove));
  }

  public static Edit coreHeldAt(double mm) {
    return onCore("Held at", core -> core.withHeldAt(mm));
  }

  private static Edit onCore(String name, UnaryOperator<CoreChoice> change) {
    return new Edit(
        name,
        project ->
            project.withCore(
                Optional.of(
                    change.apply(
                        project
                            .core()
                            .orElseThrow(
                                () -> new IllegalArgumentException("Choose a core first"))))));
  }

  // == CUT AND BUILD

  public static Edit paper(Paper paper) {
    return new Edit("Paper", project -> project.withPaper(paper));
  }

  public static Edit event(Event event) {
    return new Edit("The event", project -> project.withEvent(event));
  }

  public static Edit freeHours(FreeHours hours) {
    return new Edit("Free hours", project -> project.withFreeHours(hours));
  }

  public static Edit startClock(String stepId, Instant spreadAt) {
    return onJournal("Start the glue clock", it -> it.withClock(stepId, spreadAt));
  }

  public static Edit stopClock(String stepId) {
    return onJournal("Stop the glue clock", it -> it.withoutClock(stepId));
  }

  // == FINISH

  /** Plans a number of coats of a coating; 0 takes it out of the plan. */
  public static Edit coats(String coatingId, int count) {
    return new Edit(
        "Coats",
        project -> {
          List<Coats> changed = new ArrayList<>(project.coats());
          int at = changed.stream().map(Coats::coatingId).toList().indexOf(coatingId);
          if (count == 0) {
            changed.removeIf(it -> it.coatingId().equals(coatingId));
          } else if (at >= 0) {
            changed.set(at, new Coats(coatingId, count));
          } else {
            changed.add(new Coats(coatingId, count));
          }
          return project.withCoats(changed);
        });
  }

  /** Plans all coats anew, in their order. */
  public static Edit allCoats(List<Coats> coats) {
    return new Edit("Order of coats", project -> project.withCoats(coats));
  }

  /** States what is on the shelf of a coating, in mm³. */
  public static Edit onShelf(String coatingId, double mm3) {
    return new Edit(
        "On the shelf",
        project -> {
          Map<String, Double> changed = new TreeMap<>(project.shelf());
          changed.put(coatingId, mm3);
          return project.withShelf(changed);
        });
  }

  // == LOG

  public static Edit done(Journal.Done done) {
    return onJournal("Step done", it -> it.with(done).withoutClock(done.stepId()));
  }

  public static Edit notDone(String stepId) {
    return onJournal("Step not done", it -> it.without(stepId));
  }

  /**
   * States what was measured of the built blade.
   *
   * @throws IllegalArgumentException when made, if it is longer or wider than a blade can be
   *     drafted
   */
  public static Edit built(UnaryOperator<Journal.Built> change) {
    return onJournal(
        "Measure the built blade",
        it -> {
          Journal.Built built = change.apply(it.built());
          built.lengthMm().ifPresent(mm -> checkBuilt("long", mm));
          built.widthMm().ifPresent(mm -> checkBuilt("wide", mm));
          return it.withBuilt(built);
        });
  }

  private static void checkBuilt(String what, double mm) {
    if (mm > HalfOutline.FURTHEST_MM) {
      throw new IllegalArgumentException(
          "A built blade is up to 10 m "
              + what
              + "; found "
              + Display.length(mm, Units.METRIC)
              + ". Is the unit right?");
    }
  }

  private static Edit onJournal(String name, UnaryOperator<Journal> change) {
    return new Edit(name, project -> project.withJournal(change.apply(project.journal())));
  }
}

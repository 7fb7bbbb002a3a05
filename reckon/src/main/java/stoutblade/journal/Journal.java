package stoutblade.journal;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import stoutblade.core.Limits;

/**
 * What really happened.
 *
 * @param done steps that are done, in the order in which they were marked
 * @param clocks when the glue of a step was spread, by step
 * @param built what was built of each part, as measured, by the part's id within the project
 * @param printed what each template looked like when it was last printed or exported, by its id
 */
public record Journal(
    List<Done> done,
    Map<String, Instant> clocks,
    Map<String, Built> built,
    Map<String, Printed> printed) {

  /** Nothing has happened yet. */
  public static final Journal EMPTY = new Journal(List.of(), Map.of(), Map.of(), Map.of());

  /**
   * A step that is done.
   *
   * @param stepId the step
   * @param minutes the time it took
   * @param at when it was marked, local time
   */
  public record Done(String stepId, double minutes, LocalDateTime at) {

    /**
     * Checks the time.
     *
     * @throws IllegalArgumentException if it is not between 0 and 1000 hours
     */
    public Done {
      if (!(minutes >= 0 && minutes <= 60_000)) {
        throw new IllegalArgumentException(
            "A step takes between 0 and 1000 hours; found " + minutes + " minutes");
      }
    }
  }

  /**
   * The built thing as measured; what is not measured yet is empty.
   *
   * @param lengthMm its length, in mm
   * @param widthMm greatest width, in mm
   * @param massG weight with the core, in g
   * @param felt how it feels in the hand
   */
  public record Built(
      Optional<Double> lengthMm,
      Optional<Double> widthMm,
      Optional<Double> massG,
      Optional<Felt> felt) {

    /** Nothing is measured yet. */
    public static final Built NOTHING =
        new Built(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    public Built withLength(double mm) {
      return new Built(Optional.of(mm), widthMm, massG, felt);
    }

    public Built withWidth(double mm) {
      return new Built(lengthMm, Optional.of(mm), massG, felt);
    }

    public Built withMass(double grams) {
      return new Built(lengthMm, widthMm, Optional.of(grams), felt);
    }

    public Built withFelt(Optional<Felt> changed) {
      return new Built(lengthMm, widthMm, massG, changed);
    }

    /**
     * Checks that measures are above nothing.
     *
     * @throws IllegalArgumentException if one is not
     */
    public Built {
      for (Optional<Double> measure : List.of(lengthMm, widthMm, massG)) {
        if (measure.isPresent() && !(measure.get() > 0 && measure.get() < 1e6)) {
          throw new IllegalArgumentException(
              "A built thing measures and weighs something; found " + measure.get());
        }
      }
    }
  }

  /**
   * A template that was printed or exported.
   *
   * @param lines what its lines were, as a mark that changes with them
   * @param at when, local time
   */
  public record Printed(String lines, LocalDateTime at) {}

  /** Copies the collections. */
  public Journal {
    done = List.copyOf(done);
    clocks = java.util.Collections.unmodifiableMap(new TreeMap<>(clocks));
    built = java.util.Collections.unmodifiableMap(new TreeMap<>(built));
    printed = java.util.Collections.unmodifiableMap(new TreeMap<>(printed));
  }

  /** What is noted of a step, if it is done. */
  public Optional<Done> of(String stepId) {
    return done.stream().filter(it -> it.stepId().equals(stepId)).findFirst();
  }

  /** The journal with a step done; a step already done is noted anew. */
  public Journal with(Done step) {
    List<Done> changed = new ArrayList<>(done);
    changed.removeIf(it -> it.stepId().equals(step.stepId()));
    changed.add(step);
    return new Journal(changed, clocks, built, printed);
  }

  /** The journal with a step not done after all. */
  public Journal without(String stepId) {
    return new Journal(
        done.stream().filter(it -> !it.stepId().equals(stepId)).toList(), clocks, built, printed);
  }

  /** The journal with the clock of a step started. */
  public Journal withClock(String stepId, Instant spreadAt) {
    Map<String, Instant> changed = new TreeMap<>(clocks);
    changed.put(stepId, spreadAt);
    return new Journal(done, changed, built, printed);
  }

  /** The journal with the clock of a step stopped. */
  public Journal withoutClock(String stepId) {
    Map<String, Instant> changed = new TreeMap<>(clocks);
    changed.remove(stepId);
    return new Journal(done, changed, built, printed);
  }

  /** The journal without all that is noted under some ids of steps and parts. */
  public Journal without(Predicate<String> ids) {
    Map<String, Instant> clocksLeft = new TreeMap<>(clocks);
    clocksLeft.keySet().removeIf(ids);
    Map<String, Built> builtLeft = new TreeMap<>(built);
    builtLeft.keySet().removeIf(ids);
    Map<String, Printed> printedLeft = new TreeMap<>(printed);
    printedLeft.keySet().removeIf(ids);
    return new Journal(
        done.stream().filter(it -> !ids.test(it.stepId())).toList(),
        clocksLeft,
        builtLeft,
        printedLeft);
  }

  /** The journal with templates printed. */
  public Journal withPrinted(Map<String, Printed> more) {
    Map<String, Printed> changed = new TreeMap<>(printed);
    changed.putAll(more);
    return new Journal(done, clocks, built, changed);
  }

  /** The journal without what is known of a printed template. */
  public Journal withoutPrinted(String id) {
    Map<String, Printed> changed = new TreeMap<>(printed);
    changed.remove(id);
    return new Journal(done, clocks, built, changed);
  }

  /** What was measured of a part. */
  public Built built(String partId) {
    return built.getOrDefault(partId, Built.NOTHING);
  }

  /** What does not feel limp, by all that was built and felt. */
  public Limits limits() {
    return Felt.learned(built.values().stream().flatMap(it -> it.felt().stream()).toList());
  }

  /** The journal with other measures of a part. */
  public Journal withBuilt(String partId, Built measured) {
    Map<String, Built> changed = new TreeMap<>(built);
    changed.put(partId, measured);
    return new Journal(done, clocks, changed, printed);
  }
}

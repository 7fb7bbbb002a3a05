package stoutblade.build;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;

/**
 * The work placed on a calendar.
 *
 * @param steps all steps, each after those it needs
 * @param placed the steps that are still to do and have a place, by time
 * @param unplaced steps that find no place, with the reason
 * @param handsOn hands-on time still to do
 * @param reserve free time that is kept after the last step
 * @param reserved false where there is no time left for that
 * @param spare free time between now and the first step; negative where it should have begun
 */
public record Plan(
    List<Step> steps,
    List<Placed> placed,
    List<Unplaced> unplaced,
    Figure handsOn,
    Figure reserve,
    boolean reserved,
    Figure spare) {

  /**
   * A step with its place.
   *
   * @param step the step
   * @param sittings its stretches of work, in order
   */
  public record Placed(Step step, List<Sitting> sittings) {

    public LocalDateTime start() {
      return sittings.getFirst().from();
    }

    public LocalDateTime end() {
      return sittings.getLast().to();
    }
  }

  /** A stretch of work. */
  public record Sitting(LocalDateTime from, LocalDateTime to) {

    public long minutes() {
      return java.time.Duration.between(from, to).toMinutes();
    }
  }

  /** A step without a place, and why. */
  public record Unplaced(Step step, String reason) {}

  /** Copies the lists. */
  public Plan {
    steps = List.copyOf(steps);
    placed = List.copyOf(placed);
    unplaced = List.copyOf(unplaced);
  }

  /** A step by its id. */
  public Optional<Step> step(String id) {
    return steps.stream().filter(step -> step.id().equals(id)).findFirst();
  }

  /** The place of a step, if it is still to do and has one. */
  public Optional<Placed> place(String stepId) {
    return placed.stream().filter(it -> it.step().id().equals(stepId)).findFirst();
  }

  /** When the first step must start; empty where nothing is left to do. */
  public Optional<LocalDateTime> startBy() {
    return placed.stream().map(Placed::start).min(LocalDateTime::compareTo);
  }
}

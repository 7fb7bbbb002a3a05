package stoutblade.build;

import java.time.Duration;
import java.time.Instant;
import stoutblade.catalogue.Glue;

/** Where a joint stands after its glue was spread. */
public final class GlueClock {

  /** What to do now. */
  public enum Stage {
    WAIT("Wait"),
    JOIN_NOW("Join now"),
    TOO_LATE("Too late: coat again");

    private final String words;

    Stage(String words) {
      this.words = words;
    }

    /** The words shown to a person. */
    public String words() {
      return words;
    }
  }

  /**
   * A reading of the clock.
   *
   * @param stage what to do now
   * @param left how long the stage lasts; zero when too late
   * @param share how much of the stage is over, 0 to 1
   */
  public record Reading(Stage stage, Duration left, double share) {}

  private GlueClock() {}

  /**
   * Reads the clock of a joint.
   *
   * @param spreadAt when the glue was spread
   * @param now the time of reading; before spreadAt it counts as just spread
   */
  public static Reading read(Glue glue, Instant spreadAt, Instant now) {
    double minutes = Math.max(0, Duration.between(spreadAt, now).toMillis() / 60_000.0);
    if (minutes < glue.waitMinutes()) {
      return reading(Stage.WAIT, 0, glue.waitMinutes(), minutes);
    }
    if (minutes <= glue.joinByMinutes()) {
      return reading(Stage.JOIN_NOW, glue.waitMinutes(), glue.joinByMinutes(), minutes);
    }
    return new Reading(Stage.TOO_LATE, Duration.ZERO, 1);
  }

  private static Reading reading(Stage stage, double from, double to, double minutes) {
    Duration left = Duration.ofMillis(Math.round((to - minutes) * 60_000));
    return new Reading(stage, left, (minutes - from) / (to - from));
  }
}

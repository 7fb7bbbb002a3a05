package stoutblade.feature;

import stoutblade.shape.Path;

/**
 * A line that a feature makes on a plate.
 *
 * @param featureId the feature
 * @param kind what it means
 * @param path where it runs, in mm
 */
public record Marking(String featureId, Kind kind, Path path) {

  /** What a line means. */
  public enum Kind {
    /** Where a bevel stops. */
    BEVEL,
    /** Engraved. */
    ENGRAVE,
    /** Scored, or grooved. */
    SCORE,
    /** The sides of a fuller. */
    FULLER,
    /** Where something is laid on. */
    LAID,
    /** Where something is laid in. */
    HIDDEN
  }
}

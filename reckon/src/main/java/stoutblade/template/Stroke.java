package stoutblade.template;

import stoutblade.shape.Path;

/**
 * A line on a template.
 *
 * @param kind what it means
 * @param path where it runs, in mm
 */
public record Stroke(Kind kind, Path path) {

  /** What a line means to the one who cuts. */
  public enum Kind {
    CUT("Cut line"),
    INSIDE("Cut first: inside of a piece"),
    BEVEL("Bevel stops here, outer face"),
    CENTRE("Centre line"),
    CHANNEL("Core channel, glue face"),
    BEND("Bend or lap here"),
    NOTCH("Notch: meets the notch across the seam"),
    ENGRAVE("Engraved line"),
    SCORE("Score or groove"),
    FULLER("Fuller: routed between the lines"),
    LAID("Laid on here"),
    POCKET("Pocket: as deep as is said"),
    FINISHED("Finished line: trim or sand to it"),
    JOINT("Joint: cut apart here"),
    SHEET("Edge of the sheet"),
    GRAIN("Grain: this way along the sheet"),
    LEADER("What the words are about");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    /** The words in the legend. */
    public String words() {
      return words;
    }
  }
}

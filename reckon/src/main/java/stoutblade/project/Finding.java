package stoutblade.project;

import java.util.List;

/**
 * Something that is wrong or risky.
 *
 * @param id unique among the findings of a project
 * @param station where it is shown
 * @param place what it is about
 * @param severity how much it matters
 * @param title what is wrong, in a few words
 * @param why the reason, with the numbers
 * @param mends edits that would mend it
 */
public record Finding(
    String id,
    Station station,
    Place place,
    Severity severity,
    String title,
    String why,
    List<Edit> mends) {

  /** How much a finding matters. */
  public enum Severity {
    /** What comes next. */
    NEXT,
    /** Worth a look. */
    WARNING,
    /** It cannot be built like this. */
    WRONG
  }

  /** Copies the mends. */
  public Finding {
    mends = List.copyOf(mends);
  }
}

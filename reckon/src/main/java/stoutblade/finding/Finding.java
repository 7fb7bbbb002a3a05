package stoutblade.finding;

import java.util.List;
import stoutblade.edit.Change;
import stoutblade.project.Station;

/**
 * Something that is wrong or risky.
 *
 * @param id unique among the findings of its prop
 * @param propId the prop that it is about; empty for all of them
 * @param station where it is shown
 * @param place what it is about
 * @param severity how much it matters
 * @param title what is wrong, in a few words
 * @param why the reason, with the numbers
 * @param mends edits that would mend it
 */
public record Finding(
    String id,
    String propId,
    Station station,
    Place place,
    Severity severity,
    String title,
    String why,
    List<Change> mends) {

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

  /** One of which it is not said yet which prop it is about, or that is about all of them. */
  public Finding(
      String id,
      Station station,
      Place place,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    this(id, "", station, place, severity, title, why, List.copyOf(mends));
  }

  /** The same about a prop. */
  Finding of(String prop) {
    return new Finding(id, prop, station, place, severity, title, why, mends);
  }
}

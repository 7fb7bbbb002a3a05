package stoutblade.finish;

import java.util.ArrayList;
import java.util.List;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Coating.Role;

/** Whether coats can go on in an order: what must be under what, as the trade has it. */
public final class CoatOrder {

  /** What fails, and why. All are common practice. */
  public enum Kind {
    SEAL_LATE(
        "seal-late",
        "Sealed after something is on",
        "foam is sealed by heat before any primer; heat over primer or paint blisters it and gives"
            + " off fumes."),
    PRIMER_LATE(
        "primer-late",
        "Primer over colour",
        "a primer goes under the colour: over it it hides it, and rubber coats can lift or crack"
            + " it."),
    UNSEALED(
        "unsealed",
        "Paint on bare foam",
        "on a face that is neither sealed nor primed paint soaks in and cracks when it is bent."),
    WASH_BARE(
        "wash-bare",
        "A wash with no clear coat over it",
        "a wash rubs off in the hand: a clear coat always goes over it.");

    private final String key;
    private final String title;
    private final String why;

    Kind(String key, String title, String why) {
      this.key = key;
      this.title = title;
      this.why = why;
    }

    /** Its part of a finding's id. */
    public String key() {
      return key;
    }

    /** What is wrong, in a few words. */
    public String title() {
      return title;
    }

    /** The reason. */
    public String why() {
      return why;
    }
  }

  /**
   * A coating that stands where it fails.
   *
   * @param kind what is wrong
   * @param coating which it is
   */
  public record Fault(Kind kind, Coating coating) {}

  private CoatOrder() {}

  /**
   * What fails in an order of coats.
   *
   * @param coats from the foam outwards
   */
  public static List<Fault> faults(List<Coating> coats) {
    List<Fault> faults = new ArrayList<>();
    boolean closed = false;
    boolean coloured = false;
    for (int i = 0; i < coats.size(); i++) {
      Coating coat = coats.get(i);
      switch (coat.role()) {
        case SEAL -> {
          if (i > 0 && coats.subList(0, i).stream().anyMatch(it -> it.role() != Role.SEAL)) {
            faults.add(new Fault(Kind.SEAL_LATE, coat));
          }
          closed = true;
        }
        case PRIMER -> {
          if (coloured) {
            faults.add(new Fault(Kind.PRIMER_LATE, coat));
          }
          closed = true;
        }
        case PAINT, WASH, CLEAR -> {
          if (!closed) {
            faults.add(new Fault(Kind.UNSEALED, coat));
            // One word for all of them is enough.
            closed = true;
          }
          coloured = true;
          if (coat.role() == Role.WASH && !clearAfter(coats, i)) {
            faults.add(new Fault(Kind.WASH_BARE, coat));
          }
        }
      }
    }
    return faults;
  }

  private static boolean clearAfter(List<Coating> coats, int from) {
    return coats.subList(from, coats.size()).stream().anyMatch(it -> it.role() == Role.CLEAR);
  }
}

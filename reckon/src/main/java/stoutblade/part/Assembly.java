package stoutblade.part;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;

/**
 * The parts of a prop put together: each follows what it is fixed to, on every place of that.
 *
 * @param order the parts, carriers before what they carry
 * @param spots the places of each part on the prop, by its id
 */
public record Assembly(List<Part> order, Map<String, List<Spot>> spots) {

  private static final int MOST_SPOTS = 2000;

  /** Copies both. */
  public Assembly {
    order = List.copyOf(order);
    spots = Map.copyOf(spots);
  }

  private static boolean prop(String on) {
    return on.isEmpty();
  }

  /**
   * Checks that every part is fixed to one that is there and that none carries itself.
   *
   * @throws IllegalArgumentException if not, or a part is repeated along an edge of something that
   *     has no outline
   */
  public static void check(List<Part> parts) {
    Map<String, Part> byId = byId(parts);
    for (Part part : parts) {
      String on = part.placing().on();
      if (!prop(on) && !byId.containsKey(on)) {
        throw new IllegalArgumentException(
            part.name() + " is fixed to the part '" + on + "', which is not there");
      }
      Set<String> passed = new HashSet<>();
      for (Part at = part; at != null; at = byId.get(at.placing().on())) {
        if (!passed.add(at.id())) {
          throw new IllegalArgumentException(
              part.name() + " cannot be fixed to what it carries itself");
        }
      }
      boolean outlined = !prop(on) && byId.get(on).cut().isPresent();
      if (part.placing().where() instanceof Where.Along && !outlined) {
        throw new IllegalArgumentException(
            part.name()
                + ": repeats along an edge are fixed to a part that is cut along an outline");
      }
    }
  }

  private static Map<String, Part> byId(List<Part> parts) {
    return parts.stream().collect(Collectors.toMap(Part::id, it -> it));
  }

  /** Puts parts together; those that the checks accept. */
  public static Assembly of(List<Part> parts) {
    Map<String, Part> byId = byId(parts);
    Map<String, List<Spot>> spots = new HashMap<>();
    List<Part> order = new ArrayList<>();
    List<Part> waiting = new ArrayList<>(parts);
    while (!waiting.isEmpty()) {
      Part next =
          waiting.stream()
              .filter(it -> prop(it.placing().on()) || spots.containsKey(it.placing().on()))
              .findFirst()
              .orElseThrow();
      waiting.remove(next);
      order.add(next);
      spots.put(next.id(), spots(next, byId, spots));
    }
    return new Assembly(order, spots);
  }

  private static List<Spot> spots(
      Part part, Map<String, Part> byId, Map<String, List<Spot>> spots) {
    String on = part.placing().on();
    Outline carrier =
        Optional.ofNullable(byId.get(on))
            .flatMap(Part::cut)
            .map(Cut::outline)
            .orElse(HalfOutline.EMPTY);
    List<Spot> own =
        part.placing().where() instanceof Where.Along && !carrier.drawn()
            ? List.of()
            : part.placing().spots(carrier);
    List<Spot> all = new ArrayList<>();
    for (Spot below : prop(on) ? List.of(Spot.ORIGIN) : spots.get(on)) {
      for (Spot spot : own) {
        if (all.size() < MOST_SPOTS) {
          all.add(below.place(spot));
        }
      }
    }
    return all;
  }

  /** The first place of what carries a part. */
  public Spot carrier(Part part) {
    String on = part.placing().on();
    List<Spot> below = prop(on) ? List.of(Spot.ORIGIN) : spots.get(on);
    return below.isEmpty() ? Spot.ORIGIN : below.getFirst();
  }

  /** How many of a part are made in all. */
  public int made(Part part) {
    return spots.get(part.id()).size() * part.placing().copies();
  }

  /** How many of those are cut mirrored. */
  public int mirrored(Part part) {
    return spots.get(part.id()).size() * part.placing().mirrored();
  }

  /** True where a part is fixed to another, directly or by what carries it. */
  public boolean carries(String carrier, Part part) {
    Map<String, Part> byId = byId(order);
    for (Part at = part; at != null; at = byId.get(at.placing().on())) {
      if (at.placing().on().equals(carrier)) {
        return true;
      }
    }
    return false;
  }
}

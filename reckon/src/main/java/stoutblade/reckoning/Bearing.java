package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import stoutblade.body.Body;
import stoutblade.core.Attached;
import stoutblade.feature.Spot;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.part.Assembly;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Which parts hang on which core: what it goes through, what is fixed to the part that it lies in,
 * and what is fixed to those. What two cores go through hangs on the first.
 */
final class Bearing {

  private static final double LINE_MM = 0.5;
  private static final double LEAST_MM = 2;

  private final Assembly assembly;
  private final Map<String, PartReckoning> byId = new HashMap<>();
  private final Map<String, String> bearer = new HashMap<>();
  private final Map<String, List<Point>> outlines = new HashMap<>();

  private Bearing(List<PartReckoning> parts, Assembly assembly) {
    this.assembly = assembly;
    parts.forEach(it -> byId.put(it.id(), it));
  }

  /**
   * What each part bears, by its id; a list that is as it was stays the same object.
   *
   * @param before what was found last
   */
  static Map<String, List<Attached>> of(
      List<PartReckoning> parts, Assembly assembly, Map<String, List<Attached>> before) {
    Bearing own = new Bearing(parts, assembly);
    parts.forEach(own::through);
    Map<String, List<Attached>> all = new HashMap<>();
    for (PartReckoning other : parts) {
      own.bearers(other)
          .forEach(
              id ->
                  own.attached(other, own.byId.get(id))
                      .ifPresent(it -> all.computeIfAbsent(id, key -> new ArrayList<>()).add(it)));
    }
    all.replaceAll((id, now) -> now.equals(before.get(id)) ? before.get(id) : List.copyOf(now));
    return all;
  }

  /** Notes what the core of a part goes through. */
  private void through(PartReckoning cored) {
    List<Spot> spots = spots(cored);
    if (spots.isEmpty() || cored.core().isEmpty()) {
      return;
    }
    List<Point> line = cored.coreLine().stream().map(spots.getFirst()::place).toList();
    for (PartReckoning other : byId.values()) {
      if (other.core().isEmpty() && !bearer.containsKey(other.id()) && crossed(other, line)) {
        bearer.put(other.id(), cored.id());
      }
    }
  }

  private List<Spot> spots(PartReckoning part) {
    return assembly.spots().getOrDefault(part.id(), List.of());
  }

  private boolean crossed(PartReckoning other, List<Point> line) {
    if (other.seen().isEmpty() || !other.seen().getFirst().closed()) {
      return false;
    }
    Box box = Box.around(other.seen().getFirst().flattened(LINE_MM));
    List<List<Point>> near =
        spots(other).stream()
            .map(spot -> line.stream().map(spot::own).toList())
            .filter(own -> Box.around(own).meets(box))
            .toList();
    if (near.isEmpty()) {
      return false;
    }
    Region seen = Region.inside(other.seen().getFirst(), LINE_MM);
    return near.stream()
        .flatMap(own -> seen.inside(own).stream())
        .anyMatch(it -> Path.through(it, false).length(LINE_MM) > LEAST_MM);
  }

  /**
   * What bears a part: the cored part that it hangs on by itself or by what it is fixed to; and,
   * for when they get a core, those without one that it is fixed to.
   */
  private Set<String> bearers(PartReckoning part) {
    Set<String> found = new HashSet<>();
    Set<String> passed = new HashSet<>(Set.of(part.id()));
    PartReckoning at = part;
    while (at != null) {
      String through = bearer.get(at.id());
      if (through != null && !passed.contains(through)) {
        found.add(through);
        return found;
      }
      at = byId.get(at.part().placing().on());
      if (at == null || !passed.add(at.id())) {
        return found;
      }
      found.add(at.id());
      if (at.core().isPresent()) {
        return found;
      }
    }
    return found;
  }

  /** What of a part's weight hangs on another, and where along that. */
  private Optional<Attached> attached(PartReckoning other, PartReckoning on) {
    List<Spot> under = spots(on);
    List<Spot> spots = spots(other);
    if (under.isEmpty() || spots.isEmpty() || on.body().isEmpty() || other.mass().isEmpty()) {
      return Optional.empty();
    }
    Body body = on.body().get();
    List<Spot> own = spots.subList(0, Math.max(1, spots.size() / under.size()));
    double from = Double.POSITIVE_INFINITY;
    double to = Double.NEGATIVE_INFINITY;
    double at = 0;
    for (Spot spot : own) {
      for (Point it : outlines.computeIfAbsent(other.id(), id -> Whole.outline(other))) {
        double along = along(body, under.getFirst(), spot.place(it));
        from = Math.min(from, along);
        to = Math.max(to, along);
      }
      at += along(body, under.getFirst(), spot.place(Whole.middle(other))) / own.size();
    }
    Figure mass = mass(other, own.size() / (double) spots.size());
    return mass.value() > 0 && from <= to
        ? Optional.of(
            Attached.of(other.part().name(), mass, Math.min(from, at), Math.max(to, at), at))
        : Optional.empty();
  }

  private static double along(Body body, Spot under, Point place) {
    return body.course().along(under.own(place)) - body.nearMm();
  }

  private static Figure mass(PartReckoning part, double share) {
    List<Figure> terms =
        Stream.of(part.mass(), part.dried())
            .flatMap(Optional::stream)
            .map(part.scope()::of)
            .toList();
    Figure sum =
        Figure.sum(
            "core.bears." + part.id() + ".all",
            "Weight of " + part.part().name(),
            Quantity.MASS,
            terms);
    return Figure.computed(
        "core.bears." + part.id(),
        "Weight of " + part.part().name() + " on it",
        Quantity.MASS,
        "{%s} * {core.bears.%s.share}".formatted(sum.id(), part.id()),
        Source.GEOMETRY,
        sum,
        Figure.given(
            "core.bears." + part.id() + ".share",
            "Share of it that hangs on this core",
            share,
            Quantity.RATIO,
            Source.GEOMETRY));
  }
}

package stoutblade.finding;

import java.util.List;
import java.util.Optional;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Finding.Severity;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Region;

/** Looks through parts that stand repeated on what carries them for some that share their room. */
final class PlacedFindings {

  /** Parts that touch share less than this share of their area. */
  private static final double TOUCH = 0.005;

  private static final double LINE_MM = 0.2;

  private final PropReckoning prop;

  private PlacedFindings(PropReckoning prop) {
    this.prop = prop;
  }

  static List<Finding> of(PropReckoning prop) {
    PlacedFindings own = new PlacedFindings(prop);
    return prop.parts().stream()
        .map(PartReckoning::part)
        .flatMap(it -> own.of(it).stream())
        .toList();
  }

  private Optional<Finding> of(Part part) {
    Placing placing = part.placing();
    List<Path> seen = placing.where().count() < 2 ? List.of() : part.seen();
    if (seen.isEmpty()) {
      return Optional.empty();
    }
    Repeated repeated = new Repeated(seen.getFirst(), placing, carrier(placing));
    Optional<Spot> shared = repeated.sharedAt(placing.where());
    return shared.map(
        spot ->
            new Finding(
                "size." + part.id() + ".shared",
                Station.SIZE,
                new Place.OnPart(part.id(), spot.at()),
                Severity.WARNING,
                part.name() + ": they stand in each other's room",
                "Two that stand side by side cover the same place. That is right for scales that"
                    + " lie over one another; anything else needs fewer of them, or more room.",
                mends(part, repeated)));
  }

  private Outline carrier(Placing placing) {
    return prop.part(placing.on())
        .map(PartReckoning::part)
        .flatMap(Part::cut)
        .map(Cut::outline)
        .orElse(HalfOutline.EMPTY);
  }

  /** As many as there is room for, where that is at least one. */
  private static List<Change> mends(Part part, Repeated repeated) {
    Where where = part.placing().where();
    if (!part.placing().between().isEmpty()) {
      return List.of();
    }
    int fit = 1;
    int crowded = where.count();
    while (crowded - fit > 1) {
      int middle = (fit + crowded) / 2;
      if (repeated.sharedAt(where.withCount(middle)).isEmpty()) {
        fit = middle;
      } else {
        crowded = middle;
      }
    }
    int enough = fit;
    return List.of(
        PartEdits.place(
            part.id(),
            enough == 1 ? "One of them" : enough + " of them",
            it -> it.at(it.where().withCount(enough))));
  }

  /** What is seen of a part, at every place of it on its carrier. */
  private record Repeated(Path seen, Placing placing, Outline carrier) {

    /** Where the two that stand closest share their room; empty where they do not. */
    Optional<Spot> sharedAt(Where where) {
      List<Spot> spots =
          where instanceof Where.Along && !carrier.drawn()
              ? List.of()
              : where.spots(carrier, placing.without());
      if (spots.size() < 2) {
        return Optional.empty();
      }
      Spot first = spots.getLast();
      Spot second = spots.getFirst();
      for (int i = 1; i < spots.size(); i++) {
        Spot before = spots.get(i - 1);
        if (apart(before, spots.get(i)) < apart(first, second)) {
          first = before;
          second = spots.get(i);
        }
      }
      Region one = Region.inside(first.place(seen), LINE_MM);
      double shared = one.intersection(Region.inside(second.place(seen), LINE_MM)).area();
      return shared > TOUCH * one.area() ? Optional.of(second) : Optional.empty();
    }

    private static double apart(Spot one, Spot other) {
      return one.at().distance(other.at());
    }
  }
}

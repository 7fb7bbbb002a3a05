package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.body.Body;
import stoutblade.feature.Spot;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.part.Assembly;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Piping;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * The whole prop, put together from all its parts.
 *
 * @param length from its lowest to its highest place; empty where nothing is drawn
 * @param width from its leftmost to its rightmost place
 * @param mass of all parts and cores, with glue and coats; empty where none is known
 * @param balance where it balances, from its lowest place
 * @param unknown what is not in the weight, in words
 * @param lowestMm where its lowest place lies, in the frame of the prop; 0 where nothing is drawn
 */
public record Whole(
    Optional<Figure> length,
    Optional<Figure> width,
    Optional<Figure> mass,
    Optional<Figure> balance,
    List<String> unknown,
    double lowestMm) {

  /** What stands for the id of a part where all of the prop is looked at. */
  public static final String ID = "prop";

  private static final double LINE_MM = 0.1;

  /** Copies the list. */
  public Whole {
    unknown = List.copyOf(unknown);
  }

  static Whole of(List<PartReckoning> parts, Assembly assembly) {
    List<Point> places = new ArrayList<>();
    List<Figure> masses = new ArrayList<>();
    List<String> unknown = new ArrayList<>();
    List<Arm> arms = new ArrayList<>();
    double sum = 0;
    double moment = 0;
    for (PartReckoning part : parts) {
      List<Spot> spots = assembly.spots().get(part.id());
      List<Point> own = outline(part);
      spots.forEach(spot -> own.forEach(it -> places.add(spot.place(it))));
      if (part.mass().isPresent()) {
        List<Figure> terms = new ArrayList<>(List.of(part.scope().of(part.mass().get())));
        part.dried().map(part.scope()::of).ifPresent(terms::add);
        masses.addAll(terms);
        double high =
            spots.stream().mapToDouble(spot -> spot.place(middle(part)).y()).average().orElse(0);
        terms.forEach(it -> arms.add(new Arm(it, high)));
        double all = part.mass().get().value() + part.dried().map(Figure::value).orElse(0.0);
        double each = all / Math.max(1, spots.size());
        for (Spot spot : spots) {
          sum += each;
          moment += each * spot.place(middle(part)).y();
        }
      } else if (part.made() > 0 && part.part().drawn()) {
        unknown.add(part.part().name());
      }
    }
    Optional<Box> box = places.isEmpty() ? Optional.empty() : Optional.of(Box.around(places));
    return new Whole(
        box.map(it -> size("prop.length", "Whole prop, length", it.height())),
        box.map(it -> size("prop.width", "Whole prop, width", it.width())),
        mass(masses, unknown),
        sum > 0 && box.isPresent()
            ? Optional.of(balance(moment / sum, sum, box.get().minY(), arms))
            : Optional.empty(),
        unknown,
        box.map(Box::minY).orElse(0.0));
  }

  /** What is seen of a part and of its core, in its own frame. */
  static List<Point> outline(PartReckoning part) {
    List<Point> own = new ArrayList<>();
    part.seen().forEach(it -> own.addAll(it.flattened(LINE_MM)));
    part.core()
        .ifPresent(
            core -> {
              Body body = part.body().orElseThrow();
              double near = body.nearMm();
              own.addAll(
                  body.course()
                      .line(0, near + core.choice().startMm(), near + core.choice().reachMm()));
            });
    return own;
  }

  /** Where a part balances, in its own frame. */
  static Point middle(PartReckoning part) {
    if (part.core().isPresent()) {
      return part.core().get().balancePoint();
    }
    double mass = 0;
    Point moment = new Point(0, 0);
    for (var share : part.body().map(it -> it.shares()).orElse(List.of())) {
      double density = share.foam().densityGPerMm3();
      mass += share.volume() * density;
      moment = moment.plus(share.moment().times(density));
    }
    if (mass > 0) {
      return moment.times(1 / mass);
    }
    Optional<Joint> piped = part.body().flatMap(Body::piping).map(Piping::balance);
    if (piped.isPresent()) {
      boolean facing = part.part().placing().facing();
      return new Point(piped.get().x(), facing ? -piped.get().z() : piped.get().y());
    }
    List<Point> own = part.seen().stream().flatMap(it -> it.flattened(LINE_MM).stream()).toList();
    return own.isEmpty() ? new Point(0, 0) : Box.around(own).centre();
  }

  private static Figure size(String id, String label, double mm) {
    return Figure.found(
        id,
        label,
        mm,
        Quantity.LENGTH,
        "farthest places of all parts and cores, put together",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  private static Optional<Figure> mass(List<Figure> masses, List<String> unknown) {
    return masses.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Figure.sum(
                "prop.mass",
                unknown.isEmpty()
                    ? "Whole prop, weight"
                    : "Whole prop, weight without " + String.join(", ", unknown),
                Quantity.MASS,
                masses));
  }

  /** A weight, and how high it acts. */
  private record Arm(Figure mass, double atMm) {}

  /** A weight that is unsure moves it by its arm over the whole weight. */
  private static Figure balance(double atMm, double all, double lowest, List<Arm> arms) {
    Uncertainty uncertainty = Uncertainty.NONE;
    for (Arm it : arms) {
      uncertainty = uncertainty.plus(it.mass.uncertainty().times((it.atMm - atMm) / all));
    }
    return Figure.found(
        "prop.balance",
        "Whole prop balances at, from its lower end",
        atMm - lowest,
        Quantity.LENGTH,
        "weights of all parts, each at its own balance point: "
            + arms.stream().map(it -> "{" + it.mass.id() + "}").collect(Collectors.joining(", ")),
        Source.GEOMETRY,
        uncertainty,
        arms.stream().map(Arm::mass).toArray(Figure[]::new));
  }

  /** All figures, in order. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>();
    length.ifPresent(all::add);
    width.ifPresent(all::add);
    mass.ifPresent(all::add);
    balance.ifPresent(all::add);
    return all;
  }
}

package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.core.CoreReckoning;
import stoutblade.core.PartingReckoning;
import stoutblade.develop.Form;
import stoutblade.develop.Helix;
import stoutblade.develop.Ring;
import stoutblade.develop.Swelling;
import stoutblade.develop.Wraps;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.edit.SizeEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Finding.Severity;
import stoutblade.fit.Carry;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Looks for parts that the core of another one goes through, such as a guard, a grip or a pommel:
 * what is layered wants a channel for it, and what is wound or turned has to be wide enough inside.
 */
final class CrossedFindings {

  /** A channel is cut so much wider and higher than what lies in it. */
  private static final double ROOM_MM = 0.5;

  private static final double LEAST_MM = 2;
  private static final double LINE_MM = 0.1;
  private static final double WITHIN_MM = 1;

  private final PropReckoning prop;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private CrossedFindings(PropReckoning prop, Units units) {
    this.prop = prop;
    this.units = units;
  }

  static List<Finding> of(PropReckoning prop, Units units) {
    CrossedFindings own = new CrossedFindings(prop, units);
    for (PartReckoning cored : prop.parts()) {
      cored
          .core()
          .ifPresent(
              core -> {
                own.core(cored, core);
                core.parting().ifPresent(it -> own.onTheWay(cored, it));
              });
    }
    return own.found;
  }

  /** A prop whose core comes apart is shorter on the way: Size looks at that once it is said. */
  private void onTheWay(PartReckoning cored, PartingReckoning joint) {
    Body body = cored.body().orElseThrow();
    double at =
        spots(cored).stream()
            .map(it -> it.place(body.course().at(body.nearMm() + joint.choice().atMm())).y())
            .findFirst()
            .orElse(0.0);
    double fromBelow = Math.rint(at - prop.whole().lowestMm());
    if (prop.prop().size().carry().apartAtMm().isEmpty() && fromBelow > 0) {
      found.add(
          new Finding(
              "core." + cored.id() + ".joint-way",
              Station.CORE,
              new Place.OnPart(cored.id(), new Point(0, 0)),
              Severity.NEXT,
              "It comes apart: say so for the way",
              "At Size doors, cars and cases are still looked at with it in one piece.",
              List.of(
                  SizeEdits.carry(
                      "Apart at " + show(fromBelow) + " from its lower end",
                      it -> it.with(Carry.Length.APART_AT, Optional.of(fromBelow))))));
    }
  }

  private void core(PartReckoning cored, CoreReckoning core) {
    List<Spot> from = spots(cored);
    if (from.isEmpty()) {
      return;
    }
    List<Point> line = cored.coreLine().stream().map(from.getFirst()::place).toList();
    for (PartReckoning other : prop.parts()) {
      if (!other.id().equals(cored.id()) && other.core().isEmpty()) {
        for (Spot spot : spots(other)) {
          List<Point> own = line.stream().map(spot::own).toList();
          if (crossed(cored, core, other, own)) {
            break;
          }
        }
      }
    }
  }

  private List<Spot> spots(PartReckoning part) {
    return prop.assembly().spots().getOrDefault(part.id(), List.of());
  }

  /** True where something was found of it. */
  private boolean crossed(
      PartReckoning cored, CoreReckoning core, PartReckoning other, List<Point> line) {
    Optional<PlateForm> form = other.form().filter(PlateForm::whole);
    if (form.isPresent() && !other.part().placing().facing() && other.layers().isPresent()) {
      return plate(cored, core, other, form.get(), line);
    }
    return other.part().formed().map(it -> hollow(cored, core, other, it, line)).orElse(false);
  }

  // == THROUGH LAYERS

  private boolean plate(
      PartReckoning cored,
      CoreReckoning core,
      PartReckoning other,
      PlateForm form,
      List<Point> line) {
    double thick = other.part().thicknessMm();
    double high = core.height().value() + ROOM_MM;
    double wide = core.width().value() + ROOM_MM;
    Optional<List<Point>> inside =
        form.face().inside(line).stream()
            .filter(it -> length(it) > LEAST_MM)
            .max((one, two) -> Double.compare(length(one), length(two)));
    if (inside.isEmpty() || hasRoom(other, form, inside.get(), core)) {
      return false;
    }
    Point from = inside.get().getFirst();
    Point to = inside.get().getLast();
    Point middle = from.towards(to, 0.5);
    List<Change> mends = new ArrayList<>();
    if (high < thick) {
      Point way = to.minus(from);
      Where where = new Where.At(new Spot(middle, Math.atan2(way.y(), way.x())));
      mends.add(
          PartEdits.addFeature(
              other.id(),
              "A channel for it in " + other.part().name(),
              Feature.Kind.RECESS,
              Map.of(
                  "what",
                  Recess.What.CORE.number(),
                  "long",
                  length(inside.get()) + 2 * ROOM_MM,
                  "wide",
                  wide,
                  "over",
                  (thick - high) / 2,
                  "deep",
                  high),
              "",
              where));
    }
    add(
        cored.part(),
        other,
        middle,
        "The core of %s goes through %s".formatted(cored.part().name(), other.part().name()),
        high < thick
            ? "Over %s it wants a channel, %s wide and %s high with its room, in the middle of the layers; %s of foam is left over it on each side."
                .formatted(
                    show(length(inside.get())), show(wide), show(high), show((thick - high) / 2))
            : "It is %s high with its room, and %s is %s thick: make it of thicker or of more layers."
                .formatted(show(high), other.part().name(), show(thick)),
        mends);
    return true;
  }

  private static double length(List<Point> line) {
    return Path.through(line, false).length(LINE_MM);
  }

  /** True where a recess that is large enough lies along the line. */
  private static boolean hasRoom(
      PartReckoning other, PlateForm form, List<Point> line, CoreReckoning core) {
    Point middle = line.getFirst().towards(line.getLast(), 0.5);
    return Recess.of(form.blank().features(), form.blank().outline()).stream()
        .filter(it -> it.what() == Recess.What.CORE)
        .filter(it -> it.deep() >= core.height().value() - WITHIN_MM)
        .filter(it -> it.top() <= other.part().thicknessMm() + WITHIN_MM)
        .anyMatch(
            it ->
                it.spots().stream()
                    .map(spot -> Region.inside(spot.place(it.outline()), LINE_MM))
                    .anyMatch(
                        room ->
                            room.contains(middle)
                                && room.inside(line).stream()
                                        .mapToDouble(CrossedFindings::length)
                                        .sum()
                                    >= length(line) - 2 * WITHIN_MM));
  }

  // == THROUGH WHAT IS HOLLOW

  private boolean hollow(
      PartReckoning cored,
      CoreReckoning core,
      PartReckoning other,
      Formed formed,
      List<Point> line) {
    Optional<Double> inside = inside(formed.form(other.part().thicknessMm()));
    double across = Math.max(core.height().value(), core.width().value());
    if (inside.isEmpty() || inside.get() >= across - LINE_MM || other.seen().isEmpty()) {
      return false;
    }
    Region seen = Region.inside(other.seen().getFirst(), LINE_MM);
    boolean through = seen.inside(line).stream().anyMatch(it -> length(it) > LEAST_MM);
    if (through) {
      add(
          cored.part(),
          other,
          new Point(0, 0),
          "The core of %s does not go through %s"
              .formatted(cored.part().name(), other.part().name()),
          "It is %s across, and %s is %s inside."
              .formatted(show(across), other.part().name(), show(inside.get())),
          formed.shape().entries().stream().anyMatch(it -> it.key().equals("former"))
              ? List.of(
                  PartEdits.size(other.id(), "Wind it round " + show(across), "former", across))
              : List.of());
    }
    return through;
  }

  /** How wide a shape is inside, where it is round and goes round something. */
  private static Optional<Double> inside(Form form) {
    return switch (form) {
      case Wraps it -> Optional.of(it.formerMm());
      case Swelling it -> Optional.of(it.formerMm());
      case Helix it -> Optional.of(it.formerMm());
      case Ring it -> Optional.of(it.outsideMm() - 2 * it.foamMm());
      default -> Optional.empty();
    };
  }

  private void add(
      Part cored, PartReckoning other, Point at, String title, String why, List<Change> mends) {
    found.add(
        new Finding(
            "core." + cored.id() + ".through-" + other.id(),
            Station.CORE,
            new Place.OnPart(other.id(), at),
            Severity.WARNING,
            title,
            why,
            mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}

package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import stoutblade.core.CoreReckoning;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Blank;
import stoutblade.feature.Fixing;
import stoutblade.feature.Motifs;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;
import stoutblade.feature.Spot;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Course;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Looks through the fixings of one part for those with too little foam round them. */
final class FixingFindings {

  private static final double LOOKED_AT_MM = 0.1;
  private static final int DIRECTIONS = 24;
  private static final int STEPS = 60;
  private static final double STEP_MM = 1;
  private static final double ENOUGH_MM = 0.05;

  private final PartReckoning part;
  private final Blank blank;
  private final Units units;
  private final List<Fixing> fixings;

  /** The face with the holes of the fixings filled: those are no edge to them. */
  private final Region face;

  private final List<Pocket> pockets;
  private final List<Finding> found = new ArrayList<>();

  private FixingFindings(PartReckoning part, PlateForm form, Units units) {
    this.part = part;
    this.blank = form.blank();
    this.units = units;
    this.fixings = Fixing.of(blank.features(), blank.outline());
    this.face = fixings.isEmpty() ? form.face() : form.face().unionWith(shanks());
    this.pockets = fixings.isEmpty() ? List.of() : pockets();
  }

  /** A pocket at one of its places. */
  private record Pocket(String words, Region area) {}

  private List<Pocket> pockets() {
    List<Pocket> all = new ArrayList<>();
    for (Recess recess : Recess.of(blank.features(), blank.outline())) {
      for (Spot it : recess.spots()) {
        Path placed = it.place(recess.outline());
        all.add(
            new Pocket(
                "the pocket for " + recess.what().words(), Region.inside(placed, LOOKED_AT_MM)));
      }
    }
    return all;
  }

  /** What is wrong with the fixings of a part. */
  static List<Finding> of(PartReckoning part, Units units) {
    Optional<PlateForm> whole = part.form().filter(PlateForm::whole);
    if (whole.isEmpty()) {
      return List.of();
    }
    FixingFindings own = new FixingFindings(part, whole.get(), units);
    own.fixings.forEach(own::fixing);
    return own.found;
  }

  /** What is nearest to a fixing, and how much foam is left between. */
  private record Nearest(String what, double mm, Spot spot) {}

  private void fixing(Fixing fixing) {
    Nearest nearest = nearest(fixing, new Point(0, 0));
    if (nearest.mm >= fixing.clear() - ENOUGH_MM) {
      return;
    }
    List<Change> mends = new ArrayList<>();
    moved(fixing).ifPresent(mends::add);
    if (nearest.mm > 1) {
      double left = Math.floor(nearest.mm);
      mends.add(
          PartEdits.feature(
              blank.id(),
              fixing.featureId(),
              show(left) + " round it is enough",
              it -> it.with("clear", left)));
    }
    found.add(
        new Finding(
            "draft." + blank.id() + "." + fixing.featureId() + ".clear",
            Station.DRAFT,
            new Place.OnPart(blank.id(), nearest.spot.at()),
            Severity.WARNING,
            "Too little foam between " + fixing.what().inWords() + " and " + nearest.what,
            nearest.mm <= 0
                ? "They run into one another."
                : show(nearest.mm)
                    + " is left; "
                    + show(fixing.clear())
                    + " is wanted round it, or it tears out (set with it; our assumption).",
            mends));
  }

  private Nearest nearest(Fixing fixing, Point by) {
    return fixing.spots().stream()
        .flatMap(it -> around(fixing, it, by).stream())
        .min(Comparator.comparingDouble(Nearest::mm))
        .orElse(new Nearest("", Double.POSITIVE_INFINITY, Spot.ORIGIN));
  }

  /** What is round a fixing where it is moved by so much. */
  private List<Nearest> around(Fixing fixing, Spot spot, Point by) {
    double half = fixing.head() / 2;
    Point at = spot.at().plus(by);
    List<Nearest> all = new ArrayList<>();
    double edge = face.distanceToBoundary(at);
    all.add(new Nearest("an edge", (face.contains(at) ? edge : -edge) - half, spot));
    for (Fixing other : fixings) {
      boolean own = other.featureId().equals(fixing.featureId());
      for (Spot it : other.spots()) {
        if (!it.equals(spot) || !own) {
          Point there = own ? it.at().plus(by) : it.at();
          all.add(
              new Nearest(
                  other.what().inWords(), at.distance(there) - half - other.head() / 2, spot));
        }
      }
    }
    for (Pocket it : pockets) {
      double away = it.area.distanceToBoundary(at);
      all.add(new Nearest(it.words, (it.area.contains(at) ? -away : away) - half, spot));
    }
    part.core().ifPresent(it -> all.add(new Nearest("the core", toCore(it, at) - half, spot)));
    return all;
  }

  /** The holes of the fixings themselves, which are no edge to them. */
  private Region shanks() {
    List<Path> all = new ArrayList<>();
    for (Fixing it : fixings) {
      Path hole = Motifs.disc(it.across() + 4 * LOOKED_AT_MM);
      it.spots().forEach(spot -> all.add(spot.place(hole)));
    }
    return Region.union(all, LOOKED_AT_MM);
  }

  /** From a place to the side of the core; below 0 on it. */
  private double toCore(CoreReckoning core, Point at) {
    Course course = part.body().orElseThrow().course();
    double near = part.body().orElseThrow().nearMm();
    Point straight = course.straight(at);
    double along = straight.y() - near;
    double beyond =
        Math.max(0, Math.max(core.choice().startMm() - along, along - core.choice().endMm()));
    double beside = Math.abs(straight.x()) - core.section().widthMm() / 2;
    return beyond > 0 ? Math.hypot(beyond, Math.max(0, beside)) : beside;
  }

  /** The shortest way to where all of it has the foam that it wants. */
  private Optional<Change> moved(Fixing fixing) {
    for (int step = 1; step <= STEPS; step++) {
      double by = step * STEP_MM;
      Optional<Point> way =
          IntStream.range(0, DIRECTIONS)
              .mapToObj(it -> new Point(by, 0).turned(2 * Math.PI * it / DIRECTIONS))
              .filter(it -> nearest(fixing, it).mm >= fixing.clear())
              .findFirst();
      if (way.isPresent()) {
        return Optional.of(
            PartEdits.feature(
                blank.id(),
                fixing.featureId(),
                "Move it by " + show(by),
                it -> it.at(it.where().moved(way.get()))));
      }
    }
    return Optional.empty();
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}

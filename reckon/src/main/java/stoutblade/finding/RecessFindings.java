package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import stoutblade.core.CoreReckoning;
import stoutblade.edit.Change;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdit;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.Recess;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Finding.Severity;
import stoutblade.layer.Layers;
import stoutblade.layer.Solid;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Looks through what is laid into the layers of one part for what is wrong or risky. */
final class RecessFindings {

  /** Less foam than this round something that is laid in lets it show or break out. */
  private static final double LEAST_FOAM_MM = 3;

  private static final double LOOKED_AT_MM = 0.2;
  private static final int DIRECTIONS = 24;
  private static final double CLEAR_MM = 0.5;

  private final Blank blank;
  private final Layers layers;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private RecessFindings(Blank blank, Layers layers, Units units) {
    this.blank = blank;
    this.layers = layers;
    this.units = units;
  }

  /** What is wrong with what is laid into a part of these layers, round its core if it has one. */
  static List<Finding> of(Blank blank, Layers layers, Optional<CoreReckoning> core, Units units) {
    RecessFindings findings = new RecessFindings(blank, layers, units);
    for (Recess recess : Recess.of(blank.features(), blank.outline())) {
      for (Spot spot : recess.spots()) {
        Solid solid = layers.solid();
        findings.recess(new Seat(solid, solid.face(), recess, spot), core);
      }
    }
    return findings.found;
  }

  /** A recess at one of its places. */
  private record Seat(Solid solid, Region face, Recess recess, Spot spot) {

    /** The same, where the hole that runs through it does not count as an edge. */
    Seat filled() {
      return new Seat(solid, face.unionWith(own()), recess, spot);
    }

    Region own() {
      return Region.inside(spot.place(recess.outline()), LOOKED_AT_MM);
    }

    List<Point> outline() {
      Path placed = spot.place(recess.outline());
      return placed.flattened(LOOKED_AT_MM);
    }

    /** How much foam is left beside it, moved by so much; below 0 where it runs out. */
    double beside(Point by) {
      double least = Double.POSITIVE_INFINITY;
      for (Point place : outline()) {
        Point moved = place.plus(by);
        double away = face.distanceToBoundary(moved);
        least = Math.min(least, face.contains(moved) ? away : -away);
      }
      return least;
    }

    /** The hole that runs through it where it is moved by so much, and leaves its edge whole. */
    Optional<Box> hole(Point by) {
      Region own = own();
      return face.rings().stream()
          .filter(it -> own.contains(it.getFirst().minus(by)))
          .findFirst()
          .map(Box::around);
    }

    double under() {
      return recess.over() - outline().stream().mapToDouble(solid::backAt).max().orElse(0);
    }

    double above() {
      return outline().stream().mapToDouble(solid::frontAt).min().orElse(0) - recess.top();
    }
  }

  private void recess(Seat seat, Optional<CoreReckoning> core) {
    if (seat.recess().what() == Recess.What.CORE) {
      // It goes through from edge to edge, where a bevel may bare it under what is next to it: how
      // much foam is over it in its middle is all there is to look at.
      Point at = seat.spot().at();
      double under = seat.recess().over() - seat.solid().backAt(at);
      double above = seat.solid().frontAt(at) - seat.recess().top();
      if (Math.min(under, above) < CoreReckoning.WANTED_COVER_MM) {
        tooThin(seat);
      }
      return;
    }
    Point here = new Point(0, 0);
    double beside = seat.beside(here);
    Optional<Box> hole = beside > 0 ? seat.hole(here) : Optional.empty();
    if (hole.isPresent() && staysIn(seat.recess())) {
      holed(seat, hole.get());
    } else if (hole.isPresent()) {
      tooNear(seat.filled());
    } else {
      tooNear(seat);
    }
    boolean open = seat.recess().what().open();
    if (!open && Math.min(seat.under(), seat.above()) < LEAST_FOAM_MM) {
      tooThin(seat);
    }
    core.ifPresent(it -> onTheCore(seat, it));
    if (seat.recess().what() == Recess.What.BATTERY && !reached(seat)) {
      shutIn(seat);
    }
  }

  /** A bolt goes through its nut, a wire comes out of its hole; these are to stay in. */
  private static boolean staysIn(Recess recess) {
    return recess.what() == Recess.What.MAGNET || recess.what() == Recess.What.BATTERY;
  }

  private void holed(Seat seat, Box hole) {
    double by = (across(Box.around(seat.outline())) + across(hole)) / 2 + LEAST_FOAM_MM + CLEAR_MM;
    add(
        seat,
        "hole",
        "A hole runs through the pocket for " + seat.recess().what().words(),
        "What is laid in shows, or falls out of it. Move one of the two.",
        moved(seat, by, "Move the pocket aside by "));
  }

  private static double across(Box box) {
    return Math.hypot(box.width(), box.height());
  }

  /** True where a battery lies open, or a hatch over or under it does. */
  private boolean reached(Seat seat) {
    Recess own = seat.recess();
    boolean open = Math.min(seat.under(), seat.above()) <= 0;
    return open
        || Recess.of(blank.features(), blank.outline()).stream()
            .filter(it -> it.what() == Recess.What.HATCH)
            .filter(it -> it.over() <= own.top() && it.top() >= own.over())
            .flatMap(it -> it.spots().stream().map(spot -> spot.place(it.outline())))
            .anyMatch(it -> Region.inside(it, LOOKED_AT_MM).contains(seat.spot().at()));
  }

  private void shutIn(Seat seat) {
    Recess own = seat.recess();
    double front = layers.solid().frontAt(seat.spot().at());
    Box box = Box.around(seat.outline());
    Change hatch =
        PartEdits.addFeature(
            blank.id(),
            "Put a hatch in front of it",
            Feature.Kind.RECESS,
            Map.of(
                "what", Recess.What.HATCH.number(),
                "long", box.width(),
                "wide", box.height(),
                "over", own.top(),
                "deep", front - own.top()),
            "",
            Where.At.of(seat.spot().at().x(), seat.spot().at().y()));
    add(
        seat,
        "shut",
        "The battery is shut in",
        "Glued up, nothing gets at it to change it or to take it out when it fails.",
        List.of(hatch));
  }

  private void tooNear(Seat seat) {
    double beside = seat.beside(new Point(0, 0));
    if (beside >= LEAST_FOAM_MM) {
      return;
    }
    add(
        seat,
        "edge",
        "Too near the edge for " + seat.recess().what().words(),
        show(Math.max(0, beside))
            + " of foam is left beside it; less than "
            + show(LEAST_FOAM_MM)
            + " breaks out (our assumption).",
        moved(seat, LEAST_FOAM_MM - beside + CLEAR_MM, "Move it in by "));
  }

  /** Moves it so far, the way that leaves it most foam beside it; nothing where none does. */
  private List<PropEdit> moved(Seat seat, double by, String words) {
    return IntStream.range(0, DIRECTIONS)
        .mapToObj(it -> new Point(by, 0).turned(2 * Math.PI * it / DIRECTIONS))
        .filter(it -> seat.hole(it).isEmpty())
        .max(Comparator.comparingDouble(it -> Math.round(seat.beside(it) * 1e9)))
        .filter(it -> seat.beside(it) >= LEAST_FOAM_MM - 1e-9)
        .map(
            way ->
                PartEdits.feature(
                    blank.id(),
                    seat.recess().featureId(),
                    words + show(by),
                    it -> it.at(it.where().moved(way))))
        .stream()
        .toList();
  }

  private void tooThin(Seat seat) {
    double room = seat.under() + seat.above() + seat.recess().deep();
    double deep = seat.recess().deep();
    List<Change> mends = new ArrayList<>();
    if (room - deep >= 2 * LEAST_FOAM_MM) {
      double over = seat.recess().over() - seat.under() + (room - deep) / 2;
      mends.add(
          sized(seat, "over", over, "Lay it in the middle, " + show(over) + " over the back"));
    } else if (room > 2 * LEAST_FOAM_MM + 1) {
      double less = room - 2 * LEAST_FOAM_MM;
      double over = seat.recess().over() - seat.under() + LEAST_FOAM_MM;
      mends.add(
          PartEdits.feature(
              blank.id(),
              seat.recess().featureId(),
              "Only " + show(less) + " deep",
              it -> it.with("deep", less).with("over", over)));
    }
    thicker(seat).ifPresent(mends::add);
    add(
        seat,
        "face",
        "Too little foam over " + seat.recess().what().words(),
        show(Math.max(0, seat.above()))
            + " in front of it and "
            + show(Math.max(0, seat.under()))
            + " behind; less than "
            + show(LEAST_FOAM_MM)
            + " shows or breaks (our assumption).",
        mends);
  }

  /** The next thicker sheet of which as many layers hold it in their middle. */
  private Optional<PropEdit> thicker(Seat seat) {
    double worked = layers.thickness().value() - seat.under() - seat.above() - seat.recess().deep();
    double wanted = seat.recess().deep() + 2 * LEAST_FOAM_MM + Math.max(0, worked);
    int count = layers.each().size();
    String materialId = layers.foam().id();
    if (!layers.layering().sheets().stream().allMatch(it -> it.materialId().equals(materialId))) {
      return Optional.empty();
    }
    return layers.foam().thicknessesMm().stream()
        .filter(mm -> mm * count >= wanted && mm * count > layers.thickness().value())
        .findFirst()
        .map(
            mm ->
                LayerEdits.material(blank.id(), materialId, mm)
                    .then(sized(seat, "over", (mm * count - seat.recess().deep()) / 2, "over"))
                    .named("Layers of " + show(mm) + ", and in the middle"));
  }

  private void onTheCore(Seat seat, CoreReckoning core) {
    double high = core.section().radius();
    double half = core.section().widthMm() / 2;
    double middle = layers.solid().thickness() / 2;
    boolean atHeight = seat.recess().over() < middle + high && seat.recess().top() > middle - high;
    Course course = layers.solid().course();
    List<Point> outline = seat.outline().stream().map(course::straight).toList();
    double low = outline.stream().mapToDouble(Point::y).min().orElse(0);
    double far = outline.stream().mapToDouble(Point::y).max().orElse(0);
    double near = layers.solid().near();
    boolean along = far - near > core.choice().startMm() && low - near < core.choice().endMm();
    double nearest =
        outline.stream().anyMatch(it -> it.x() > 0) && outline.stream().anyMatch(it -> it.x() < 0)
            ? 0
            : outline.stream().mapToDouble(it -> Math.abs(it.x())).min().orElse(0);
    if (atHeight && along && nearest < half + LEAST_FOAM_MM) {
      double by = half + LEAST_FOAM_MM + CLEAR_MM - (nearest > 0 ? nearest : -half(outline));
      Point spot = course.straight(seat.spot().at());
      double side = spot.x() < 0 ? -1 : 1;
      Point way = course.at(spot.x() + side * by, spot.y()).minus(seat.spot().at());
      boolean fits = seat.beside(way) >= LEAST_FOAM_MM;
      add(
          seat,
          "core",
          "In the way of the core",
          "The core runs through here, and wants "
              + show(LEAST_FOAM_MM)
              + " of foam beside it (our assumption).",
          fits
              ? List.of(
                  PartEdits.feature(
                      blank.id(),
                      seat.recess().featureId(),
                      "Move it aside by " + show(by),
                      it -> it.at(it.where().moved(way))))
              : List.of());
    }
  }

  /** Half the width of an outline that lies over the middle. */
  private static double half(List<Point> outline) {
    return Math.min(
        Math.abs(outline.stream().mapToDouble(Point::x).min().orElse(0)),
        outline.stream().mapToDouble(Point::x).max().orElse(0));
  }

  private PropEdit sized(Seat seat, String key, double mm, String words) {
    return PartEdits.feature(blank.id(), seat.recess().featureId(), words, it -> it.with(key, mm));
  }

  private void add(Seat seat, String id, String title, String why, List<? extends Change> mends) {
    int number = seat.recess().spots().indexOf(seat.spot());
    found.add(
        new Finding(
            "layers."
                + blank.id()
                + ".recess-"
                + seat.recess().featureId()
                + "-"
                + number
                + "."
                + id,
            Station.LAYERS,
            new Place.OnPart(blank.id(), seat.spot().at()),
            Severity.WARNING,
            title,
            why,
            mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}

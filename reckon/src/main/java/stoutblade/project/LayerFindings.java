package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import stoutblade.core.CoreReckoning;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Solid;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.Finding.Severity;
import stoutblade.prop.Feature;
import stoutblade.prop.PlateForm;
import stoutblade.prop.Recess;
import stoutblade.prop.Slab;
import stoutblade.prop.SlicedPart;
import stoutblade.prop.Spot;
import stoutblade.prop.Where;
import stoutblade.reference.ModelSize;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Choice;
import stoutblade.stack.Sheet;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** Looks through the layers of the blade and of plates for what is wrong or risky. */
final class LayerFindings {

  /** Less foam than this round something that is laid in lets it show or break out. */
  static final double LEAST_FOAM_MM = 3;

  private static final double FOLLOWS = 5e-4;
  private static final double OFF_MM = 1;
  private static final double LOOKED_AT_MM = 0.2;
  private static final int DIRECTIONS = 24;
  private static final double CLEAR_MM = 0.5;

  private final Derived derived;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  LayerFindings(Derived derived, Units units) {
    this.derived = derived;
    this.units = units;
  }

  List<Finding> all() {
    derived
        .layers()
        .ifPresent(it -> layers(derived.form().orElseThrow().worked(), it, derived.core()));
    for (PartReckoning part : derived.parts()) {
      part.layers().ifPresent(it -> layers(part.form().orElseThrow(), it, Optional.empty()));
      if (part.part() instanceof SlicedPart it) {
        sliced(it);
      }
    }
    return found;
  }

  private void layers(PlateForm form, Layers layers, Optional<CoreReckoning> core) {
    thickness(form.slab(), layers);
    eatenUp(form.slab(), layers);
    textures(form.slab(), layers);
    ownOutlines(form.slab(), layers);
    for (Recess recess : Recess.of(form.slab().features(), form.slab().outline())) {
      for (Spot spot : recess.spots()) {
        recess(new Seat(form.slab(), layers.solid(), recess, spot), layers, core);
      }
    }
  }

  // == A SLICED MODEL

  /** Its layers are as the model was when it was sliced. */
  private void sliced(SlicedPart part) {
    Optional<Double> now =
        Optional.ofNullable(derived.sizing().models().get(part.origin().modelId()))
            .flatMap(ModelSize::perUnit);
    OptionalDouble since =
        now.isPresent() ? part.origin().since(now.get()) : OptionalDouble.empty();
    if (since.isPresent() && Math.abs(since.getAsDouble() - 1) > FOLLOWS) {
      double larger = (since.getAsDouble() - 1) * 100;
      found.add(
          new Finding(
              "layers." + part.id() + ".size",
              Station.LAYERS,
              new Place.OnPart(part.id(), new Point(0, 0)),
              Severity.WARNING,
              part.name() + " was sliced at another size",
              "Its model is "
                  + Display.decimal(Math.abs(larger), 1)
                  + " % "
                  + (larger > 0 ? "larger" : "smaller")
                  + " now. Choose the model here at Layers, slice it again and keep it in place"
                  + " of this one.",
              List.of()));
    }
  }

  // == THE STACK

  private void thickness(Slab slab, Layers layers) {
    double wanted = layers.layering().wantedMm();
    double off = layers.thickness().value() - wanted;
    if (wanted > 0 && Math.abs(off) > OFF_MM) {
      add(
          slab,
          "thickness",
          layers.solid().face().centre(),
          Severity.WARNING,
          slab.name() + (off > 0 ? " comes out too thick" : " comes out too thin"),
          "Its layers are "
              + layers.thickness().show(units)
              + " together, wanted is "
              + show(wanted)
              + ".",
          nearer(slab, layers, wanted));
    }
  }

  /** A layer of which the section leaves nothing is glued on to be sanded off again. */
  private void eatenUp(Slab slab, Layers layers) {
    for (Layer layer : layers.each()) {
      if (layer.cut().empty()) {
        List<Edit> mends =
            layers.each().size() > 1
                ? List.of(
                    new Edit(
                        "Take layer " + layer.number() + " out",
                        project ->
                            LayerEdits.remove(slab.id(), layer.number() - 1).applyTo(project)))
                : List.of();
        add(
            slab,
            "eaten-up-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WRONG,
            "Nothing is left of layer " + layer.number(),
            "The section does not reach the height of this layer anywhere: all of it would be"
                + " sanded off. The part is too narrow for so many layers, or its edge too thin.",
            mends);
      }
    }
  }

  /** Layers with an outline of their own can be cut, and lie on those beside them. */
  private void ownOutlines(Slab slab, Layers layers) {
    for (Layer layer : layers.each()) {
      if (layer.sheet().own().isEmpty()) {
        continue;
      }
      int index = layer.number() - 1;
      List<Edit> mends = List.of(LayerEdits.asThePart(slab.id(), index));
      if (layer.own().isEmpty()) {
        add(
            slab,
            "own-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WRONG,
            "The outline of layer " + layer.number() + " cannot be cut",
            "It crosses itself, or does not close. Until it is mended the layer is reckoned as the"
                + " part.",
            mends);
      } else if (layers.each().size() > 1 && !held(layers.each(), index)) {
        add(
            slab,
            "loose-" + layer.number(),
            layer.cut().empty() ? layers.solid().face().centre() : layer.cut().centre(),
            Severity.WRONG,
            "Layer " + layer.number() + " has nothing to be glued to",
            "Its outline lies beside the layers next to it.",
            mends);
      } else {
        longer(slab, layers, layer);
      }
    }
  }

  /** Lengths that are checked are those of the part. */
  private void longer(Slab slab, Layers layers, Layer layer) {
    Box part = layers.solid().face().box();
    Box own = layer.widest().box();
    double past = Math.max(own.maxY() - part.maxY(), part.minY() - own.minY());
    if (past > OFF_MM) {
      add(
          slab,
          "longer-" + layer.number(),
          own.centre(),
          Severity.WARNING,
          "Layer " + layer.number() + " is longer than its part",
          "It reaches "
              + show(past)
              + " past it, and the length of the part counts for the event,"
              + " the case and the passages. Draw the part as long, too.",
          List.of(LayerEdits.asThePart(slab.id(), layer.number() - 1)));
    }
  }

  private static boolean held(List<Layer> each, int index) {
    return List.of(index - 1, index + 1).stream()
        .filter(it -> it >= 0 && it < each.size())
        .anyMatch(it -> !each.get(it).widest().common(each.get(index).widest()).empty());
  }

  private List<Edit> nearer(Slab slab, Layers layers, double wanted) {
    Wish wish =
        new Wish(
            wanted,
            Math.max(OFF_MM, wanted / 10),
            Wish.MOST_LAYERS,
            List.of(layers.foam()),
            derived.project().leftovers(),
            layers.solid().face().area(),
            Wish.Outside.ANY,
            false,
            Wish.Criterion.DEVIATION);
    List<Choice> best = StackFinder.best(wish, 1);
    return best.stream()
        .map(
            it ->
                new Edit(
                    "Use "
                        + String.join(
                            " + ",
                            it.sheets().stream().map(Sheet::thicknessMm).map(this::show).toList()),
                    project -> LayerEdits.take(slab.id(), it, wanted).applyTo(project)))
        .toList();
  }

  /** Glue does not hold on a texture until it is ground off; with two layers one joint has one. */
  private void textures(Slab slab, Layers layers) {
    List<Layer> each = layers.each();
    for (Layer layer : each) {
      boolean front = layer.texturedInFront();
      boolean back = layer.texturedBehind();
      boolean glued = (front && layer.number() < each.size()) || (back && layer.number() > 1);
      if (glued) {
        boolean turns = front ? layer.number() == 1 : layer.number() == each.size();
        add(
            slab,
            "texture-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WARNING,
            "The texture of layer " + layer.number() + " is glued",
            "Glue does not hold on it until it is ground off (common practice)."
                + (turns ? " Turned over, the texture would be outside." : ""),
            turns
                ? List.of(
                    LayerEdits.sheet(
                        slab.id(),
                        layer.number() - 1,
                        "Turn it over",
                        it -> it.withTurned(!it.turned())))
                : List.of());
      }
    }
  }

  // == WHAT IS LAID IN

  /** A recess at one of its places. */
  private record Seat(Slab slab, Solid solid, Recess recess, Spot spot) {

    List<Point> outline() {
      Path placed = spot.place(recess.outline());
      return placed.flattened(LOOKED_AT_MM);
    }

    /** How much foam is left beside it, moved by so much; below 0 where it runs out. */
    double beside(Point by) {
      double least = Double.POSITIVE_INFINITY;
      for (Point place : outline()) {
        Point moved = place.plus(by);
        double away = solid.face().toBoundary(moved);
        least = Math.min(least, solid.face().holds(moved) ? away : -away);
      }
      return least;
    }

    double under() {
      return recess.over() - outline().stream().mapToDouble(solid::backAt).max().orElse(0);
    }

    double above() {
      return outline().stream().mapToDouble(solid::frontAt).min().orElse(0) - recess.top();
    }
  }

  private void recess(Seat seat, Layers layers, Optional<CoreReckoning> core) {
    double beside = seat.beside(new Point(0, 0));
    if (beside < LEAST_FOAM_MM) {
      tooNear(seat, beside);
    }
    boolean open = seat.recess().what().open();
    if (!open && Math.min(seat.under(), seat.above()) < LEAST_FOAM_MM) {
      tooThin(seat, layers);
    }
    core.ifPresent(it -> onTheCore(seat, it));
    if (seat.recess().what() == Recess.What.BATTERY && !reached(seat)) {
      shutIn(seat);
    }
  }

  /** True where a battery lies open, or a hatch over or under it does. */
  private boolean reached(Seat seat) {
    Recess own = seat.recess();
    boolean open = Math.min(seat.under(), seat.above()) <= 0;
    return open
        || Recess.of(seat.slab().features(), seat.slab().outline()).stream()
            .filter(it -> it.what() == Recess.What.HATCH)
            .filter(it -> it.over() <= own.top() && it.top() >= own.over())
            .flatMap(it -> it.spots().stream().map(spot -> spot.place(it.outline())))
            .anyMatch(it -> Region.inside(it, LOOKED_AT_MM).holds(seat.spot().at()));
  }

  private void shutIn(Seat seat) {
    Recess own = seat.recess();
    double front = seat.solid().frontAt(seat.spot().at());
    Box box = Box.around(seat.outline());
    Edit hatch =
        PartEdits.addFeature(
            seat.slab().id(),
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
    addRecess(
        seat,
        "shut",
        "The battery is shut in",
        "Glued up, nothing gets at it to change it or to take it out when it fails.",
        List.of(hatch));
  }

  private void tooNear(Seat seat, double beside) {
    double by = LEAST_FOAM_MM - beside + CLEAR_MM;
    Point best = new Point(0, 0);
    double most = beside;
    for (int i = 0; i < DIRECTIONS; i++) {
      Point way = new Point(by, 0).turned(2 * Math.PI * i / DIRECTIONS);
      double clear = seat.beside(way);
      if (clear > most + 1e-9) {
        most = clear;
        best = way;
      }
    }
    Point way = best;
    boolean helps = most >= LEAST_FOAM_MM - 1e-9;
    addRecess(
        seat,
        "edge",
        "Too near the edge for " + seat.recess().what().words(),
        show(Math.max(0, beside))
            + " of foam is left beside it; less than "
            + show(LEAST_FOAM_MM)
            + " breaks out (our assumption).",
        helps
            ? List.of(
                PartEdits.feature(
                    seat.slab().id(),
                    seat.recess().featureId(),
                    "Move it in by " + show(by),
                    it -> it.at(it.where().moved(way))))
            : List.of());
  }

  private void tooThin(Seat seat, Layers layers) {
    double room = seat.under() + seat.above() + seat.recess().deep();
    double deep = seat.recess().deep();
    List<Edit> mends = new ArrayList<>();
    if (room - deep >= 2 * LEAST_FOAM_MM) {
      double over = seat.recess().over() - seat.under() + (room - deep) / 2;
      mends.add(
          sized(seat, "over", over, "Lay it in the middle, " + show(over) + " over the back"));
    } else if (room > 2 * LEAST_FOAM_MM + 1) {
      double less = room - 2 * LEAST_FOAM_MM;
      double over = seat.recess().over() - seat.under() + LEAST_FOAM_MM;
      mends.add(
          PartEdits.feature(
              seat.slab().id(),
              seat.recess().featureId(),
              "Only " + show(less) + " deep",
              it -> it.with("deep", less).with("over", over)));
    }
    thicker(seat, layers).ifPresent(mends::add);
    addRecess(
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
  private Optional<Edit> thicker(Seat seat, Layers layers) {
    double worked = layers.thickness().value() - seat.under() - seat.above() - seat.recess().deep();
    double wanted = seat.recess().deep() + 2 * LEAST_FOAM_MM + Math.max(0, worked);
    int count = layers.each().size();
    String foamId = layers.foam().id();
    if (!layers.layering().sheets().stream().allMatch(it -> it.foamId().equals(foamId))) {
      return Optional.empty();
    }
    return layers.foam().thicknessesMm().stream()
        .filter(mm -> mm * count >= wanted && mm * count > layers.thickness().value())
        .findFirst()
        .map(
            mm ->
                new Edit(
                    "Layers of " + show(mm) + ", and in the middle",
                    project -> {
                      Project thick =
                          LayerEdits.foam(seat.slab().id(), foamId, mm).applyTo(project);
                      double over = (mm * count - seat.recess().deep()) / 2;
                      return sized(seat, "over", over, "over").applyTo(thick);
                    }));
  }

  private void onTheCore(Seat seat, CoreReckoning core) {
    double radius = core.diameter().value() / 2;
    double middle = seat.solid().thickness() / 2;
    boolean atHeight =
        seat.recess().over() < middle + radius && seat.recess().top() > middle - radius;
    List<Point> outline = seat.outline();
    double low = outline.stream().mapToDouble(Point::y).min().orElse(0);
    double high = outline.stream().mapToDouble(Point::y).max().orElse(0);
    boolean along = high > core.choice().startMm() && low < core.choice().endMm();
    double nearest =
        outline.stream().anyMatch(it -> it.x() > 0) && outline.stream().anyMatch(it -> it.x() < 0)
            ? 0
            : outline.stream().mapToDouble(it -> Math.abs(it.x())).min().orElse(0);
    if (atHeight && along && nearest < radius + LEAST_FOAM_MM) {
      double by = radius + LEAST_FOAM_MM + CLEAR_MM - (nearest > 0 ? nearest : -half(outline));
      double side = seat.spot().at().x() < 0 ? -1 : 1;
      Point way = new Point(side * by, 0);
      boolean fits = seat.beside(way) >= LEAST_FOAM_MM;
      addRecess(
          seat,
          "core",
          "In the way of the core",
          "The core runs through here, and wants "
              + show(LEAST_FOAM_MM)
              + " of foam beside it (our assumption).",
          fits
              ? List.of(
                  PartEdits.feature(
                      seat.slab().id(),
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

  private Edit sized(Seat seat, String key, double mm, String words) {
    return PartEdits.feature(
        seat.slab().id(), seat.recess().featureId(), words, it -> it.with(key, mm));
  }

  private void addRecess(Seat seat, String id, String title, String why, List<Edit> mends) {
    int number = seat.recess().spots().indexOf(seat.spot());
    add(
        seat.slab(),
        "recess-" + seat.recess().featureId() + "-" + number + "." + id,
        seat.spot().at(),
        Severity.WARNING,
        title,
        why,
        mends);
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private void add(
      Slab slab,
      String id,
      Point at,
      Severity severity,
      String title,
      String why,
      List<Edit> mends) {
    found.add(
        new Finding(
            "layers." + slab.id() + "." + id,
            Station.LAYERS,
            Place.on(slab, at),
            severity,
            title,
            why,
            mends));
  }
}

package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import stoutblade.develop.Panel;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.part.Assembly;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Next;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.part.Workmanship;
import stoutblade.project.Prop;
import stoutblade.reference.Reference;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.slice.Sliced;

/** The edits of the prop's parts: what there is, where it is, and what is worked into it. */
public final class PartEdits {

  private static final double WITHIN_MM = 0.01;
  private static final double SLICED_MM = 0.05;
  private static final double ROUGHLY_MM = 1;
  private static final double BESIDE_MM = 20;

  private PartEdits() {}

  // == WHAT THERE IS

  static PropEdit add(String name, BiFunction<Prop, String, Part> maker) {
    return PropEdit.of("New part: " + name, prop -> added(prop, maker));
  }

  /** A prop with another part. */
  static Prop added(Prop prop, BiFunction<Prop, String, Part> maker) {
    List<Part> parts = new ArrayList<>(prop.parts());
    String id = Reference.next("d", parts.stream().map(Part::id).toList());
    parts.add(maker.apply(prop, id));
    return prop.withParts(parts);
  }

  /** Keeps a bench sum as a part. */
  public static PropEdit addShape(String name, String sum, Map<String, Double> sizes) {
    return add(
        name,
        (prop, id) ->
            beside(
                prop,
                prop.defaults()
                    .flat(id, name, new Formed(sum, sizes), Formed.thicknessMm(sum, sizes))));
  }

  /** Adds a part that is cut along an outline. */
  public static PropEdit addPlate(String name, Outline outline, double thicknessMm) {
    return addTraced(name, outline, thicknessMm, "");
  }

  /**
   * Adds a part that is cut along an outline taken from a picture or a model.
   *
   * @param from the id of that
   */
  public static PropEdit addTraced(String name, Outline outline, double thicknessMm, String from) {
    return add(
        name,
        (prop, id) ->
            prop.defaults().flat(id, name, new Cut(outline, List.of(), false, from), thicknessMm));
  }

  /** Adds a part whose flat pieces are there already. */
  public static PropEdit addFlat(String name, String origin, List<Panel> panels) {
    List<FlatPieces.Piece> pieces =
        panels.stream()
            .map(
                panel ->
                    new FlatPieces.Piece(
                        panel.name(),
                        panel.edges().stream()
                            .map(
                                it ->
                                    new FlatPieces.Side(it.seam(), it.path().flattened(WITHIN_MM)))
                            .toList()))
            .toList();
    return add(
        name,
        (prop, id) ->
            beside(
                prop,
                prop.defaults()
                    .flat(
                        id,
                        name,
                        new FlatPieces(origin, pieces),
                        prop.defaults().stack().middle().thicknessMm())));
  }

  /**
   * Keeps a sliced model as a part.
   *
   * @param origin what it was sliced from
   * @param materialId the foam of its layers
   * @param pegMm diameter of its pegs; 0 for none
   */
  public static PropEdit addSliced(
      String name, Slices.Origin origin, Sliced sliced, String materialId, double pegMm) {
    return add(
        name,
        (prop, id) ->
            beside(
                prop,
                sliced(id, name, origin, sliced, materialId, pegMm)
                    .withCoats(prop.defaults().coats())));
  }

  /** A sliced model as a part. */
  public static Part sliced(
      String id,
      String name,
      Slices.Origin origin,
      Sliced sliced,
      String materialId,
      double pegMm) {
    Slices slices = new Slices(origin, layers(sliced), pegMm);
    return Part.of(id, name, slices, materialId, slices.thicknessMm());
  }

  /** The same in place of one that was sliced before; it stays where it is. */
  public static PropEdit slicedAnew(
      String id, Slices.Origin origin, Sliced sliced, String materialId, double pegMm) {
    return change(
        id,
        "Slice it again",
        it -> {
          Slices slices = new Slices(origin, layers(sliced), pegMm);
          return new Part(
              id,
              it.name(),
              slices,
              Part.of(id, it.name(), slices, materialId, slices.thicknessMm()).stack(),
              it.core(),
              it.coats(),
              it.placing(),
              it.workmanship(),
              it.held());
        });
  }

  private static List<Slices.SlicedLayer> layers(Sliced sliced) {
    return sliced.slices().stream()
        .map(
            it ->
                new Slices.SlicedLayer(
                    it.thickness(),
                    it.pieces().stream().map(PartEdits::open).toList(),
                    open(it.inner().simplified(SLICED_MM)),
                    it.pegs()))
        .toList();
  }

  /** The rings of an area, each without its first point repeated. */
  private static List<List<Point>> open(Region area) {
    return area.simplified(SLICED_MM).rings().stream()
        .map(it -> it.subList(0, it.size() - 1))
        .filter(it -> it.size() > 2)
        .toList();
  }

  /** A new part lies right of what is there, not over it. */
  static Part beside(Prop prop, Part part) {
    OptionalDouble right = rightOf(prop);
    List<Point> own = points(part.seen(), Spot.ORIGIN);
    if (right.isEmpty() || own.isEmpty()) {
      return part;
    }
    double x = right.getAsDouble() + BESIDE_MM - Box.around(own).minX();
    return part.withPlacing(part.placing().moved(new Point(x, 0)));
  }

  /** The rightmost place of all parts. */
  private static OptionalDouble rightOf(Prop prop) {
    List<Point> there = new ArrayList<>();
    Assembly assembly = Assembly.of(prop.parts());
    for (Part part : prop.parts()) {
      List<Path> seen = part.seen();
      assembly.spots().get(part.id()).forEach(it -> there.addAll(points(seen, it)));
    }
    return there.stream().mapToDouble(Point::x).max();
  }

  private static List<Point> points(List<Path> paths, Spot spot) {
    return paths.stream()
        .flatMap(it -> it.flattened(ROUGHLY_MM).stream())
        .map(spot::place)
        .toList();
  }

  /** Changes a part. */
  public static PropEdit change(String id, String what, UnaryOperator<Part> change) {
    return PropEdit.of(what, prop -> prop.with(change.apply(prop.needed(id))));
  }

  /** Changes a shape. */
  public static PropEdit shape(String id, String what, UnaryOperator<Formed> change) {
    return change(
        id, what, it -> it.formed().map(own -> it.withShape(change.apply(own))).orElse(it));
  }

  /** Changes one size of a shape; the thickness of its sheet is one of them. */
  public static PropEdit size(String id, String what, String key, double value) {
    return key.equals(Formed.THICKNESS)
        ? change(id, what, it -> it.withMaterial(it.materialId(), value))
        : shape(id, what, it -> it.with(key, value));
  }

  /** Changes what is bought. */
  public static PropEdit thing(String id, String what, UnaryOperator<Bought> change) {
    return change(
        id, what, it -> it.shape() instanceof Bought own ? it.withShape(change.apply(own)) : it);
  }

  /** Works what is in it on both faces, or on the front alone. */
  public static PropEdit bothFaces(String id, boolean both) {
    return change(
        id,
        both ? "Worked on both faces" : "Worked on the front",
        it -> it.withCut(own -> own.withBothFaces(both)));
  }

  /** Changes the foam of all its sheets. */
  public static PropEdit material(String id, String materialId, double mm) {
    return change(id, "Sheet", it -> it.withMaterial(materialId, mm));
  }

  /** Calls a part something else. */
  public static PropEdit name(String id, String name) {
    return change(id, "Name the part", it -> it.withName(name.strip()));
  }

  /** Chooses the glue between its layers and pieces, or leaves it to what is proposed. */
  public static PropEdit glue(String id, Optional<String> glueId) {
    return change(id, "Glue", it -> it.withWorkmanship(it.workmanship().withGlue(glueId)));
  }

  /** Chooses the glue that its core is bedded in, or leaves it to what is proposed. */
  public static PropEdit coreGlue(String id, Optional<String> glueId) {
    return change(
        id, "Glue of the core", it -> it.withWorkmanship(it.workmanship().withCoreGlue(glueId)));
  }

  /** Chooses how it is made. */
  public static PropEdit workmanship(String id, String name, UnaryOperator<Workmanship> change) {
    return change(id, name, it -> it.withWorkmanship(change.apply(it.workmanship())));
  }

  /** Says whether a part keeps its size when the prop is made larger or smaller. */
  public static PropEdit held(String id, boolean held) {
    return change(
        id, held ? "It keeps its size" : "It follows the prop's size", it -> it.withHeld(held));
  }

  /** Puts a part one place further up or down in the order of parts. */
  public static PropEdit order(String id, int by) {
    return PropEdit.of(
        by < 0 ? "Move it up" : "Move it down",
        prop -> prop.withParts(Order.moved(prop.parts(), prop.needed(id), by)));
  }

  /** Adds a part that is drawn by half its outline and worked on both faces. */
  public static PropEdit addBlade(String name) {
    return add(name, (prop, id) -> prop.defaults().layered(id, name, HalfOutline.EMPTY, ""));
  }

  /** Adds a thing that is bought. */
  public static PropEdit addBought(String name, Bought thing) {
    return add(name, (prop, id) -> beside(prop, Part.bought(id, name, thing)));
  }

  /** Takes a part away; what was fixed to it is fixed to what carried it, in the same place. */
  public static PropEdit remove(String id) {
    return PropEdit.of(
        "Remove a part",
        prop -> {
          Part gone = prop.needed(id);
          Prop freed = prop;
          for (Part part : prop.parts()) {
            if (part.placing().on().equals(id)) {
              freed = fixed(freed, part.id(), gone.placing().on());
            }
          }
          return freed.withParts(freed.parts().stream().filter(it -> !it.id().equals(id)).toList());
        });
  }

  /** Makes another like it, beside it; the next bead, where it stands next to another. */
  public static PropEdit again(String id) {
    return PropEdit.of(
        "Another like it",
        prop -> {
          List<Part> parts = new ArrayList<>(prop.parts());
          Part like = prop.needed(id);
          String next = Reference.next("d", parts.stream().map(Part::id).toList());
          Placing own = like.placing();
          parts.add(
              like.withId(next)
                  .withPlacing(
                      own.next()
                          .map(it -> own.nextTo(new Next(id, it.below(), it.gapMm())))
                          .orElseGet(() -> own.moved(new Point(20, 0)))));
          return prop.withParts(parts);
        });
  }

  // == WHERE IT IS

  /** Changes how a part is placed. */
  public static PropEdit place(String id, String what, UnaryOperator<Placing> change) {
    return PropEdit.of(
        what,
        prop -> {
          Part part = prop.needed(id);
          Placing now = change.apply(part.placing());
          if (!now.where().equals(part.placing().where())) {
            refuseNext(prop, part);
          }
          return prop.with(part.withPlacing(now));
        });
  }

  /** Refuses to move what stands next to another part: it would be put back. */
  private static void refuseNext(Prop prop, Part part) {
    part.placing()
        .next()
        .flatMap(it -> prop.part(it.toId()))
        .ifPresent(
            it -> {
              throw new IllegalArgumentException(
                  part.name()
                      + " stands next to "
                      + it.name()
                      + ": change what is left free between them, or let it stand by itself");
            });
  }

  /** Moves a part by so much on the prop; what is fixed to it comes along. */
  public static PropEdit move(String id, Point by) {
    return PropEdit.of(
        "Move a part",
        prop -> {
          Part part = prop.needed(id);
          refuseNext(prop, part);
          Spot carrier = Assembly.of(prop.parts()).carrier(part);
          Point own = carrier.own(carrier.at().plus(by));
          return prop.with(part.withPlacing(part.placing().moved(own)));
        });
  }

  /** Fixes a part to another, or to the prop itself; it stays where it is. */
  public static PropEdit fix(String id, String on) {
    return PropEdit.of(
        "Fix a part",
        prop -> {
          refuseNext(prop, prop.needed(id));
          return fixed(prop, id, on);
        });
  }

  private static Prop fixed(Prop prop, String id, String on) {
    Part part = prop.needed(id);
    Assembly before = Assembly.of(prop.parts());
    Spot was = before.carrier(part);
    Prop moved = prop.with(part.withPlacing(part.placing().on(on)));
    Spot now = Assembly.of(moved.parts()).carrier(moved.needed(id));
    Where where =
        switch (part.placing().where()) {
          case Where.At it -> new Where.At(now.own(was.place(it.spot())));
          case Where.Ring it ->
              new Where.Ring(
                  now.own(was.place(it.centre())),
                  it.radiusMm(),
                  it.count(),
                  it.from() + was.turn() - now.turn());
          case Where.Row it ->
              new Where.Row(now.own(was.place(it.from())), now.own(was.place(it.to())), it.count());
          case Where.Along it -> it;
        };
    return moved.with(part.withPlacing(part.placing().on(on).at(where)));
  }

  // == WHAT IS WORKED INTO IT

  /** Adds a feature to a part that is cut along an outline. */
  public static PropEdit addFeature(String id, Feature.Kind kind, String words, Where where) {
    return addFeature(id, kind.title(), kind, Map.of(), words, where);
  }

  /** The same with sizes of its own. */
  public static PropEdit addFeature(
      String id,
      String name,
      Feature.Kind kind,
      Map<String, Double> sizes,
      String words,
      Where where) {
    return onFeatures(
        id,
        name,
        features -> {
          String next = next(features);
          features.add(new Feature(next, kind, sizes, words, where));
        });
  }

  /** Cuts an outline out of a part, about a place. */
  public static PropEdit addCutOut(String id, WholeOutline outline, Where where) {
    return onFeatures(
        id,
        Feature.Kind.CUTOUT.title(),
        features -> {
          String next = next(features);
          features.add(Feature.cutOut(next, outline, where));
        });
  }

  private static String next(List<Feature> features) {
    return Reference.next("f", features.stream().map(Feature::id).toList());
  }

  public static PropEdit feature(
      String id, String featureId, String what, UnaryOperator<Feature> change) {
    return onFeatures(
        id,
        what,
        features -> features.replaceAll(it -> it.id().equals(featureId) ? change.apply(it) : it));
  }

  /** The same feature on the other side of the axis. */
  public static PropEdit mirrored(String id, String featureId, Where.At at) {
    return onFeatures(
        id,
        "Mirror image",
        features -> {
          String next = next(features);
          Feature own =
              features.stream()
                  .filter(it -> it.id().equals(featureId))
                  .findFirst()
                  .orElseThrow(() -> new IllegalArgumentException("There is no such feature"));
          Spot image = new Spot(at.spot().at().mirrored(), -at.spot().turn());
          features.add(own.again(next).at(new Where.At(image)));
        });
  }

  public static PropEdit removeFeature(String id, String featureId) {
    return onFeatures(
        id, "Remove a feature", features -> features.removeIf(it -> it.id().equals(featureId)));
  }

  /** Changes what is worked into a part. */
  private static PropEdit onFeatures(String id, String what, Consumer<List<Feature>> change) {
    return PropEdit.of(
        what,
        prop -> {
          Part part = prop.needed(id);
          Cut cut =
              part.cut()
                  .orElseThrow(
                      () ->
                          new IllegalArgumentException(
                              part.name()
                                  + " is not cut along an outline: nothing is worked into it"));
          List<Feature> features = new ArrayList<>(cut.features());
          change.accept(features);
          OutlineEdits.refuseFollowing(prop, part, features);
          return prop.with(part.withShape(cut.withFeatures(features)));
        });
  }
}

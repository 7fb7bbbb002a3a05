package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import stoutblade.develop.Panel;
import stoutblade.part.Assembly;
import stoutblade.part.Part;
import stoutblade.prop.Bought;
import stoutblade.prop.Cut;
import stoutblade.prop.Feature;
import stoutblade.prop.FlatPieces;
import stoutblade.prop.Formed;
import stoutblade.prop.Placing;
import stoutblade.prop.Slices;
import stoutblade.prop.Spot;
import stoutblade.prop.Where;
import stoutblade.reference.Reference;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.slice.Sliced;

/** The edits of the prop's parts: what there is, where it is, and what is worked into it. */
public final class PartEdits {

  private static final double WITHIN_MM = 0.01;
  private static final double SLICED_MM = 0.05;
  private static final double ROUGHLY_MM = 1;
  private static final double BESIDE_MM = 20;

  private PartEdits() {}

  // == WHAT THERE IS

  private static Edit add(String name, BiFunction<Project, String, Part> maker) {
    return new Edit(
        "New part: " + name,
        project -> {
          List<Part> parts = new ArrayList<>(project.parts());
          String id = Reference.next("d", parts.stream().map(Part::id).toList());
          parts.add(maker.apply(project, id));
          return project.withParts(parts);
        });
  }

  /** Keeps a bench sum as a part. */
  public static Edit addShape(String name, String sum, Map<String, Double> sizes) {
    return add(
        name,
        (project, id) ->
            beside(
                project,
                project
                    .defaults()
                    .flat(id, name, new Formed(sum, sizes), Formed.thicknessMm(sum, sizes))));
  }

  /** Adds a part that is cut along an outline. */
  public static Edit addPlate(String name, Outline outline, double thicknessMm) {
    return addTraced(name, outline, thicknessMm, "");
  }

  /**
   * Adds a part that is cut along an outline taken from a picture or a model.
   *
   * @param from the id of that
   */
  public static Edit addTraced(String name, Outline outline, double thicknessMm, String from) {
    return add(
        name,
        (project, id) ->
            project
                .defaults()
                .flat(id, name, new Cut(outline, List.of(), false, from), thicknessMm));
  }

  /** Adds a part whose flat pieces are there already. */
  public static Edit addFlat(String name, String origin, List<Panel> panels) {
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
        (project, id) ->
            beside(
                project,
                project
                    .defaults()
                    .flat(
                        id,
                        name,
                        new FlatPieces(origin, pieces),
                        project.defaults().stack().middle().thicknessMm())));
  }

  /**
   * Keeps a sliced model as a part.
   *
   * @param origin what it was sliced from
   * @param foamId the foam of its layers
   * @param pegMm diameter of its pegs; 0 for none
   */
  public static Edit addSliced(
      String name, Slices.Origin origin, Sliced sliced, String foamId, double pegMm) {
    return add(
        name,
        (project, id) -> {
          Slices slices = new Slices(origin, layers(sliced), pegMm);
          return beside(
              project,
              Part.of(id, name, slices, foamId, slices.thicknessMm())
                  .withCoats(project.defaults().coats()));
        });
  }

  /** The same in place of one that was sliced before; it stays where it is. */
  public static Edit slicedAnew(
      String id, Slices.Origin origin, Sliced sliced, String foamId, double pegMm) {
    return change(
        id,
        "Slice it again",
        it -> {
          Slices slices = new Slices(origin, layers(sliced), pegMm);
          return new Part(
              id,
              it.name(),
              slices,
              Part.of(id, it.name(), slices, foamId, slices.thicknessMm()).stack(),
              it.core(),
              it.coats(),
              it.placing());
        });
  }

  private static List<Slices.SlicedLayer> layers(Sliced sliced) {
    return sliced.slices().stream()
        .map(
            it ->
                new Slices.SlicedLayer(
                    it.thickness(),
                    it.pieces().stream().map(PartEdits::open).toList(),
                    open(it.inner().coarse(SLICED_MM)),
                    it.pegs()))
        .toList();
  }

  /** The rings of an area, each without its first point repeated. */
  private static List<List<Point>> open(Region area) {
    return area.coarse(SLICED_MM).rings().stream()
        .map(it -> it.subList(0, it.size() - 1))
        .filter(it -> it.size() > 2)
        .toList();
  }

  /** A new part lies right of what is there, not over it. */
  private static Part beside(Project project, Part part) {
    OptionalDouble right = rightOf(project);
    List<Point> own = points(part.seen(), Spot.ORIGIN);
    if (right.isEmpty() || own.isEmpty()) {
      return part;
    }
    double x = right.getAsDouble() + BESIDE_MM - Box.around(own).minX();
    return part.withPlacing(part.placing().moved(new Point(x, 0)));
  }

  /** The rightmost place of all parts. */
  private static OptionalDouble rightOf(Project project) {
    List<Point> there = new ArrayList<>();
    Assembly assembly = Assembly.of(project.parts());
    for (Part part : project.parts()) {
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
  public static Edit change(String id, String what, UnaryOperator<Part> change) {
    return new Edit(what, project -> project.with(change.apply(project.needed(id))));
  }

  /** Changes a shape. */
  public static Edit shape(String id, String what, UnaryOperator<Formed> change) {
    return change(
        id, what, it -> it.formed().map(own -> it.withShape(change.apply(own))).orElse(it));
  }

  /** Changes one size of a shape; the thickness of its sheet is one of them. */
  public static Edit size(String id, String what, String key, double value) {
    return key.equals(Formed.THICKNESS)
        ? change(id, what, it -> it.withFoam(it.foamId(), value))
        : shape(id, what, it -> it.with(key, value));
  }

  /** Changes what is bought. */
  public static Edit thing(String id, String what, UnaryOperator<Bought> change) {
    return change(
        id, what, it -> it.shape() instanceof Bought own ? it.withShape(change.apply(own)) : it);
  }

  /** Works what is in it on both faces, or on the front alone. */
  public static Edit bothFaces(String id, boolean both) {
    return change(
        id,
        both ? "Worked on both faces" : "Worked on the front",
        it -> it.withCut(own -> own.withBothFaces(both)));
  }

  /** Changes the foam of all its sheets. */
  public static Edit foam(String id, String foamId, double mm) {
    return change(id, "Foam", it -> it.withFoam(foamId, mm));
  }

  /** Calls a part something else. */
  public static Edit name(String id, String name) {
    return change(id, "Name the part", it -> it.withName(name.strip()));
  }

  /** Puts a part one place further up or down in the order of parts. */
  public static Edit order(String id, int by) {
    return new Edit(
        by < 0 ? "Move it up" : "Move it down",
        project -> {
          List<Part> parts = new ArrayList<>(project.parts());
          int at = parts.indexOf(project.needed(id));
          Part moving = parts.remove(at);
          parts.add(Math.clamp(at + (long) by, 0, parts.size()), moving);
          return project.withParts(parts);
        });
  }

  /** Adds a part that is drawn by half its outline and worked on both faces. */
  public static Edit addBlade(String name) {
    return add(name, (project, id) -> project.defaults().layered(id, name, HalfOutline.EMPTY, ""));
  }

  /** Adds a thing that is bought. */
  public static Edit addBought(String name, Bought thing) {
    return add(name, (project, id) -> beside(project, Part.bought(id, name, thing)));
  }

  /** Takes a part away; what was fixed to it is fixed to what carried it, in the same place. */
  public static Edit remove(String id) {
    return new Edit(
        "Remove a part",
        project -> {
          Part gone = project.needed(id);
          Project freed = project;
          for (Part part : project.parts()) {
            if (part.placing().on().equals(id)) {
              freed = fixed(freed, part.id(), gone.placing().on());
            }
          }
          return freed.withParts(freed.parts().stream().filter(it -> !it.id().equals(id)).toList());
        });
  }

  /** Makes another like it, beside it. */
  public static Edit again(String id) {
    return new Edit(
        "Another like it",
        project -> {
          List<Part> parts = new ArrayList<>(project.parts());
          Part like = project.needed(id);
          String next = Reference.next("d", parts.stream().map(Part::id).toList());
          parts.add(like.withId(next).withPlacing(like.placing().moved(new Point(20, 0))));
          return project.withParts(parts);
        });
  }

  // == WHERE IT IS

  /** Changes how a part is placed. */
  public static Edit place(String id, String what, UnaryOperator<Placing> change) {
    return change(id, what, it -> it.withPlacing(change.apply(it.placing())));
  }

  /** Moves a part by so much on the prop; what is fixed to it comes along. */
  public static Edit move(String id, Point by) {
    return new Edit(
        "Move a part",
        project -> {
          Part part = project.needed(id);
          Spot carrier = Assembly.of(project.parts()).carrier(part);
          Point own = carrier.own(carrier.at().plus(by));
          return project.with(part.withPlacing(part.placing().moved(own)));
        });
  }

  /** Fixes a part to another, or to the prop itself; it stays where it is. */
  public static Edit fix(String id, String on) {
    return new Edit("Fix a part", project -> fixed(project, id, on));
  }

  private static Project fixed(Project project, String id, String on) {
    Part part = project.needed(id);
    Assembly before = Assembly.of(project.parts());
    Spot was = before.carrier(part);
    Project moved = project.with(part.withPlacing(part.placing().on(on)));
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
  public static Edit addFeature(String id, Feature.Kind kind, String words, Where where) {
    return addFeature(id, kind.title(), kind, Map.of(), words, where);
  }

  /** The same with sizes of its own. */
  static Edit addFeature(
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
          String next = Reference.next("f", features.stream().map(Feature::id).toList());
          features.add(new Feature(next, kind, sizes, words, where));
        });
  }

  public static Edit feature(
      String id, String featureId, String what, UnaryOperator<Feature> change) {
    return onFeatures(
        id,
        what,
        features -> features.replaceAll(it -> it.id().equals(featureId) ? change.apply(it) : it));
  }

  /** The same feature on the other side of the axis. */
  public static Edit mirrored(String id, String featureId, Where.At at) {
    return onFeatures(
        id,
        "Mirror image",
        features -> {
          String next = Reference.next("f", features.stream().map(Feature::id).toList());
          Feature own =
              features.stream()
                  .filter(it -> it.id().equals(featureId))
                  .findFirst()
                  .orElseThrow(() -> new IllegalArgumentException("There is no such feature"));
          Spot image = new Spot(at.spot().at().mirrored(), -at.spot().turn());
          features.add(
              new Feature(next, own.kind(), own.sizes(), own.words(), new Where.At(image)));
        });
  }

  public static Edit removeFeature(String id, String featureId) {
    return onFeatures(
        id, "Remove a feature", features -> features.removeIf(it -> it.id().equals(featureId)));
  }

  /** Changes what is worked into a part. */
  private static Edit onFeatures(String id, String what, Consumer<List<Feature>> change) {
    return new Edit(
        what,
        project -> {
          Part part = project.needed(id);
          Cut cut =
              part.cut()
                  .orElseThrow(
                      () ->
                          new IllegalArgumentException(
                              part.name()
                                  + " is not cut along an outline: nothing is worked into it"));
          List<Feature> features = new ArrayList<>(cut.features());
          change.accept(features);
          return project.with(part.withShape(cut.withFeatures(features)));
        });
  }
}

package stoutblade.desktop.station.draft;

import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Meshes;
import stoutblade.desktop.texts.Texts;
import stoutblade.develop.Panel;
import stoutblade.edit.PartEdits;
import stoutblade.flatten.Fault;
import stoutblade.flatten.LaidFlat;
import stoutblade.flatten.Seams;
import stoutblade.flatten.ShortestPaths;
import stoutblade.formats.ModelFile;
import stoutblade.mesh.Faces;
import stoutblade.mesh.Mesh;
import stoutblade.reference.Model;
import stoutblade.reference.ModelSize;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Point;

/** The faces of a model that are being laid flat: which are chosen, where they are cut. */
final class PatchModel {

  /** How much of its length foam forgives until something else is typed: our assumption. */
  static final double USUAL_FORGIVES = 0.08;

  private final Desk desk;
  private final Meshes meshes;
  private String modelId = "";
  private View view = View.FRONT;
  private double turn = Math.toRadians(30);
  private double forgives = USUAL_FORGIVES;
  private BitSet chosen = new BitSet();
  private Seams seams = Seams.NONE;
  private OptionalInt seamFrom = OptionalInt.empty();
  private Optional<LaidFlat> laid = Optional.empty();
  private Optional<Faces> faces = Optional.empty();
  private String digest = "";

  PatchModel(Desk desk, Meshes meshes) {
    this.desk = desk;
    this.meshes = meshes;
  }

  /**
   * Takes up a model; what was chosen on another, or on another project's with the same id, is
   * forgotten.
   */
  void take(String id) {
    modelId = id;
    String now = model().map(Model::digest).orElse("");
    if (!now.equals(digest)) {
      digest = now;
      faces = Optional.empty();
      clear();
    }
  }

  private void clear() {
    chosen = new BitSet();
    seams = Seams.NONE;
    seamFrom = OptionalInt.empty();
    laid = Optional.empty();
  }

  Optional<Model> model() {
    return desk.prop().size().model(modelId);
  }

  Optional<Mesh> mesh() {
    return model().flatMap(meshes::file).map(ModelFile::mesh);
  }

  /** mm of the prop for a unit of the model, once its size was said. */
  Optional<Double> mm() {
    return Optional.ofNullable(desk.reckoned().sizing().models().get(modelId))
        .flatMap(ModelSize::perUnit);
  }

  View view() {
    return view;
  }

  void look(View at) {
    view = at;
  }

  double turn() {
    return turn;
  }

  void setTurn(double radians) {
    turn = radians;
  }

  double forgives() {
    return forgives;
  }

  void setForgives(double share) {
    forgives = share;
  }

  BitSet chosen() {
    return chosen;
  }

  Seams seams() {
    return seams;
  }

  OptionalInt seamFrom() {
    return seamFrom;
  }

  Optional<LaidFlat> laid() {
    return laid;
  }

  void setLaid(LaidFlat now) {
    laid = Optional.of(now);
    seams = now.seams();
  }

  private Optional<Faces> faces() {
    if (faces.isEmpty()) {
      faces = mesh().map(Faces::of);
    }
    return faces;
  }

  /**
   * Chooses the faces that hang together at a place.
   *
   * @param place in the model's units as seen in the view
   * @param more true to choose them together with those that are; false in their place
   * @param fewer true to let them go
   * @return false where there is no face
   */
  boolean choose(Point place, boolean more, boolean fewer) {
    Optional<Faces> there = faces();
    if (there.isEmpty() || model().isEmpty()) {
      return false;
    }
    OptionalInt seed = there.get().at(model().get().orientation(), view, place);
    if (seed.isEmpty()) {
      return false;
    }
    BitSet found = new BitSet();
    for (int face : there.get().smooth(seed.getAsInt(), turn)) {
      found.set(face);
    }
    BitSet now = more || fewer ? (BitSet) chosen.clone() : new BitSet();
    if (fewer) {
      now.andNot(found);
    } else {
      now.or(found);
    }
    if (!more && !fewer) {
      seams = Seams.NONE;
    }
    chosen = now;
    laid = Optional.empty();
    seamFrom = OptionalInt.empty();
    return true;
  }

  /** Chooses every face. */
  void all() {
    mesh()
        .ifPresent(
            it -> {
              chosen = new BitSet();
              chosen.set(0, it.triangles());
              laid = Optional.empty();
            });
  }

  /** Cuts a seam from the corner pressed before to the one at a place, the shortest way. */
  boolean seam(Point place) {
    Optional<Faces> there = faces();
    if (there.isEmpty() || model().isEmpty() || chosen.isEmpty()) {
      desk.say(Texts.DRAFT.of("choose-faces-first"));
      return false;
    }
    OptionalInt corner = there.get().cornerAt(model().get().orientation(), view, place);
    ShortestPaths ways = ShortestPaths.over(mesh().orElseThrow(), triangles());
    if (corner.isEmpty() || !ways.holds(corner.getAsInt())) {
      return false;
    }
    if (seamFrom.isPresent()) {
      List<Integer> way = ways.shortest(seamFrom.getAsInt(), Set.of(corner.getAsInt()));
      seams = seams.with(way);
      laid = Optional.empty();
    }
    seamFrom = corner;
    return true;
  }

  /** Ends a seam: the next press begins another. */
  void endSeam() {
    seamFrom = OptionalInt.empty();
  }

  int[] triangles() {
    return chosen.stream().toArray();
  }

  /** Takes other seams; what was laid flat along those before is let go. */
  void setSeams(Seams now) {
    seams = now;
    laid = Optional.empty();
    endSeam();
  }

  /** Keeps what is laid flat as a part. */
  boolean keep(String name) {
    if (laid.isEmpty()) {
      desk.say(Texts.DRAFT.of("lay-the-faces-flat-first"));
      return false;
    }
    Optional<Fault> barring =
        Fault.of(laid.get(), forgives).stream().filter(it -> it.kind().barring()).findFirst();
    if (barring.isPresent()) {
      desk.say(Texts.DRAFT.of("piece-lies-over-itself-and", barring.get().piece() + 1));
      return false;
    }
    List<Panel> panels = laid.get().panels();
    String origin =
        Texts.DRAFT.of(
            "faces-of",
            chosen.cardinality(),
            model().map(Model::name).orElse(Texts.DRAFT.of("a-model")));
    return desk.perform(PartEdits.addFlat(name, origin, panels));
  }
}

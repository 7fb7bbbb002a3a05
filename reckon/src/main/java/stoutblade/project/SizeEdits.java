package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.fit.Carry;
import stoutblade.fit.Passage;
import stoutblade.measure.Display;
import stoutblade.measure.Stated;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.reference.Camera;
import stoutblade.reference.Dressing;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.School;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.FileUnit;
import stoutblade.trace.Tracing;
import stoutblade.wearer.Bearer;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/**
 * The edits of the Size station. Each that changes a scale or the school enlarges the whole prop
 * ({@link Resizing}).
 */
public final class SizeEdits {

  private static final double FINE_MM = 0.01;

  private SizeEdits() {}

  private static Edit on(String name, UnaryOperator<Size> change) {
    return new Edit(
        name, project -> Resizing.resized(project, project.withSize(change.apply(project.size()))));
  }

  // == PEOPLE AND SCHOOL

  /** States the wearer's height. */
  public static Edit height(double mm) {
    return onWearer("Wearer's height", it -> it.withHeight(mm));
  }

  public static Edit wearerName(String name) {
    return onWearer("Wearer's name", it -> it.withName(name.strip()));
  }

  /** States a measure of the wearer, or takes it back, so that it is estimated. */
  public static Edit bodyMeasure(BodyMeasure measure, Optional<Double> mm) {
    return onWearer(measure.label(), it -> it.with(measure, mm));
  }

  public static Edit weightLimit(Optional<Double> g) {
    return onWearer("Weight limit", it -> it.withWeightLimit(g));
  }

  private static Edit onWearer(String name, UnaryOperator<Wearer> change) {
    return onWearers(name, it -> it.with(change.apply(it.wearer())));
  }

  /** Keeps one more wearer, who carries the prop from now on. */
  public static Edit addWearer(Wearer wearer) {
    return onWearers("Another wearer", it -> it.and(wearer));
  }

  public static Edit carriedBy(int index) {
    return onWearers("Who carries it", it -> it.carriedBy(index));
  }

  public static Edit removeWearer() {
    return onWearers("Remove the wearer", Wearers::withoutCarrying);
  }

  private static Edit onWearers(String name, UnaryOperator<Wearers> change) {
    return on(name, size -> size.withWearers(change.apply(size.wearers())));
  }

  /** States the character whom the pictures show, or that it is the wearer. */
  public static Edit bearer(Optional<Bearer> bearer) {
    return on("The character", size -> size.withBearer(bearer));
  }

  /**
   * Chooses the size that the prop gets; the edit's name says by what the whole prop is enlarged.
   *
   * @param now the project as it stands
   */
  public static Edit school(School school, Project now) {
    double factor =
        now.size().withSchool(school).sizing().factor().value()
            / now.size().sizing().factor().value();
    return on("Size of the prop × " + Display.decimal(factor, 3), size -> size.withSchool(school));
  }

  // == PICTURES

  /** Adds a picture at the end of the strip. */
  public static Edit addPicture(Reference reference) {
    return on(
        "Open a picture",
        size -> {
          List<Reference> all = new ArrayList<>(size.references());
          all.add(reference);
          return size.withReferences(all);
        });
  }

  /** Removes a picture with what is marked on it; the drafted blade stays as it is. */
  public static Edit removePicture(String id) {
    return new Edit(
        "Remove the picture",
        project ->
            project.withSize(
                project
                    .size()
                    .withReferences(
                        project.size().references().stream()
                            .filter(it -> !it.id().equals(id))
                            .toList())));
  }

  public static Edit pictureName(String id, String name) {
    return onPicture("Name the picture", id, it -> it.withName(name.strip()));
  }

  public static Edit dressing(String id, String name, UnaryOperator<Dressing> change) {
    return onPicture(name, id, it -> it.withDressing(change.apply(it.dressing())));
  }

  /** Adds a ruler, or changes the one with its id. */
  public static Edit ruler(String id, Ruler ruler) {
    return onPicture("Ruler: " + ruler.name(), id, it -> it.with(ruler));
  }

  public static Edit removeRuler(String id, String rulerId) {
    return onPicture(
        "Remove the ruler",
        id,
        it ->
            it.withRulers(
                it.rulers().stream().filter(ruler -> !ruler.id().equals(rulerId)).toList()));
  }

  /** Sets a ruler aside, or trusts it again. */
  public static Edit trust(String id, String rulerId, boolean trusted) {
    return onPicture(
        trusted ? "Trust the ruler" : "Set the ruler aside",
        id,
        it ->
            it.with(
                it.ruler(rulerId)
                    .orElseThrow(() -> new IllegalArgumentException("There is no such ruler"))
                    .withTrust(trusted)));
  }

  /** Says how a picture was taken. */
  public static Edit camera(String id, String name, UnaryOperator<Camera> change) {
    return onPicture(name, id, it -> it.with(change.apply(it.camera())));
  }

  public static Edit distance(String id, Optional<Stated> mm) {
    return onPicture("From the lens to the prop", id, it -> it.withDistance(mm));
  }

  public static Edit markingPrecision(String id, double px) {
    return onPicture("Marking precision", id, it -> it.withMarkingPx(px));
  }

  /** Marks the whole prop from butt to tip. */
  public static Edit whole(String id, Mark mark) {
    return onPicture("Mark the whole prop", id, it -> it.withWhole(Optional.of(mark)));
  }

  /** Marks the blade's centre line from base to tip; it lies on one picture only. */
  public static Edit centreLine(String id, Mark mark) {
    return on(
        "Mark the centre line",
        size ->
            size.withReferences(
                size.references().stream()
                    .map(
                        it ->
                            it.withCentreLine(
                                it.id().equals(id) ? Optional.of(mark) : Optional.empty()))
                    .toList()));
  }

  /** Adds a measure that stays, or changes the one with its id. */
  public static Edit measure(String id, Measure measure) {
    return onPicture(measure.kind().words(), id, it -> it.with(measure));
  }

  public static Edit removeMeasure(String id, String measureId) {
    return onPicture(
        "Remove the measure",
        id,
        it ->
            it.withMeasures(
                it.measures().stream()
                    .filter(measure -> !measure.id().equals(measureId))
                    .toList()));
  }

  private static Edit onPicture(String name, String id, UnaryOperator<Reference> change) {
    return on(
        name,
        size ->
            size.with(
                change.apply(
                    size.reference(id)
                        .orElseThrow(() -> new IllegalArgumentException("Open a picture first")))));
  }

  // == MODELS

  public static Edit addModel(Model model) {
    return on(
        "Open a model",
        size -> {
          List<Model> all = new ArrayList<>(size.models());
          all.add(model);
          return size.withModels(all);
        });
  }

  public static Edit removeModel(String id) {
    return on(
        "Remove the model",
        size -> size.withModels(size.models().stream().filter(it -> !it.id().equals(id)).toList()));
  }

  public static Edit modelName(String id, String name) {
    return onModel("Name the model", id, it -> it.withName(name.strip()));
  }

  public static Edit modelRuler(String id, Model.ModelRuler ruler) {
    return onModel("Size of the model", id, it -> it.withRuler(ruler));
  }

  public static Edit orientation(String id, Orientation orientation) {
    return onModel("Up and front", id, it -> it.withOrientation(orientation));
  }

  public static Edit showsWhole(String id, boolean whole) {
    return onModel("The whole prop", id, it -> it.withShowsWhole(whole));
  }

  private static Edit onModel(String name, String id, UnaryOperator<Model> change) {
    return on(
        name,
        size ->
            size.with(
                change.apply(
                    size.model(id)
                        .orElseThrow(() -> new IllegalArgumentException("Open a model first")))));
  }

  // == TRACINGS

  /** Keeps outlines that were taken from a picture or a model. */
  public static Edit addTracing(
      String name, String from, List<WholeOutline> outlines, double tolerance) {
    return addTracing(name, from, outlines, tolerance, Optional.empty());
  }

  /** Keeps outlines that were read from a file. */
  public static Edit addFile(
      String name, List<WholeOutline> outlines, double tolerance, FileUnit unit) {
    return addTracing(name, "file", outlines, tolerance, Optional.of(unit));
  }

  private static Edit addTracing(
      String name,
      String from,
      List<WholeOutline> outlines,
      double tolerance,
      Optional<FileUnit> unit) {
    return new Edit(
        "Trace " + name,
        project -> {
          List<Tracing> all = new ArrayList<>(project.size().tracings());
          String id = Reference.next("t", all.stream().map(Tracing::id).toList());
          all.add(new Tracing(id, name, from, outlines, tolerance, unit));
          return project.withSize(project.size().withTracings(all));
        });
  }

  public static Edit tracingName(String id, String name) {
    return onTracing("Name the outline", id, it -> it.withName(name));
  }

  /** Says what a unit of an outline's file is: the outlines become larger or smaller by as much. */
  public static Edit tracingUnit(String id, double mm) {
    return onTracing("Units of the file", id, it -> it.with(new FileUnit(mm, true)));
  }

  /** Says how long the outline that is taken is along. */
  public static Edit tracingLength(String id, double mm) {
    return onTracing(
        "Length of the outline",
        id,
        it -> {
          double now = Box.around(it.outlines().getFirst().path().flattened(FINE_MM)).height();
          if (!(mm > 0) || now <= 0) {
            throw new IllegalArgumentException("An outline has a length above 0");
          }
          FileUnit unit = it.unit().orElse(new FileUnit(1, true));
          return new Tracing(
                  it.id(), it.name(), it.from(), it.outlines(), it.toleranceMm(), Optional.of(unit))
              .with(new FileUnit(unit.mm() * mm / now, true));
        });
  }

  /** Takes another of a file's outlines first. */
  public static Edit takeOutline(String id, int index) {
    return onTracing("Take this outline", id, it -> it.taking(index));
  }

  private static Edit onTracing(String name, String id, UnaryOperator<Tracing> change) {
    return new Edit(
        name,
        project ->
            project.withSize(
                project
                    .size()
                    .withTracings(
                        project.size().tracings().stream()
                            .map(it -> it.id().equals(id) ? change.apply(it) : it)
                            .toList())));
  }

  public static Edit removeTracing(String id) {
    return new Edit(
        "Remove the tracing",
        project ->
            project.withSize(
                project
                    .size()
                    .withTracings(
                        project.size().tracings().stream()
                            .filter(it -> !it.id().equals(id))
                            .toList())));
  }

  /**
   * Drafts a part from half of a traced outline.
   *
   * @param partId the part whose outline it becomes; empty for a new one
   */
  public static Edit draftFrom(String partId, String name, HalfOutline half, String from) {
    return new Edit(
        "Draft from " + name,
        project -> {
          if (partId.isEmpty()) {
            List<Part> parts = new ArrayList<>(project.parts());
            String id = Reference.next("d", parts.stream().map(Part::id).toList());
            String called = parts.isEmpty() ? Defaults.FIRST : name;
            parts.add(project.defaults().layered(id, called, half, from));
            return project.withParts(parts);
          }
          return project.with(
              project.needed(partId).withCut(it -> it.withOutline(half).withFrom(from)));
        });
  }

  // == CARRYING

  public static Edit carry(String name, UnaryOperator<Carry> change) {
    return on(name, size -> size.withCarry(change.apply(size.carry())));
  }

  public static Edit passages(List<Passage> passages) {
    return on("On the way", size -> size.withPassages(passages));
  }
}

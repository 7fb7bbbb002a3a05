package stoutblade.edit;

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
import stoutblade.project.Size;
import stoutblade.reference.Camera;
import stoutblade.reference.Dressing;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.FileUnit;
import stoutblade.trace.Tracing;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

/**
 * The edits of the Size station. Each that changes a scale or the sizing rule enlarges the whole
 * prop ({@link Resizing}).
 */
public final class SizeEdits {

  private static final double FINE_MM = 0.01;

  private SizeEdits() {}

  private static PropEdit on(String name, UnaryOperator<Size> change) {
    return new PropEdit(
        name,
        (prop, wearer) ->
            Resizing.resized(prop, prop.withSize(change.apply(prop.size())), wearer, wearer));
  }

  // == CHARACTER AND SCHOOL

  /** States the character whom the pictures show, or that it is the wearer. */
  public static PropEdit character(Optional<ShownCharacter> character) {
    return on("The character", size -> size.withCharacter(character));
  }

  /**
   * Chooses the size that the prop gets; the edit's name says by what the whole prop is enlarged.
   *
   * @param now the size as it stands
   * @param wearer who carries the prop
   */
  public static PropEdit rule(SizingRule rule, Size now, Wearer wearer) {
    double factor =
        now.withRule(rule).sizing(wearer).factor().value() / now.sizing(wearer).factor().value();
    return on("Size of the prop × " + Display.decimal(factor, 3), size -> size.withRule(rule));
  }

  // == PICTURES

  /** Adds a picture at the end of the strip. */
  public static PropEdit addPicture(Reference reference) {
    return on(
        "Open a picture",
        size -> {
          List<Reference> all = new ArrayList<>(size.references());
          all.add(reference);
          return size.withReferences(all);
        });
  }

  /** Removes a picture with what is marked on it; the drafted blade stays as it is. */
  public static PropEdit removePicture(String id) {
    return PropEdit.of(
        "Remove the picture",
        prop ->
            prop.withSize(
                prop.size()
                    .withReferences(
                        prop.size().references().stream()
                            .filter(it -> !it.id().equals(id))
                            .toList())));
  }

  public static PropEdit pictureName(String id, String name) {
    return onPicture("Name the picture", id, it -> it.withName(name.strip()));
  }

  public static PropEdit dressing(String id, String name, UnaryOperator<Dressing> change) {
    return onPicture(name, id, it -> it.withDressing(change.apply(it.dressing())));
  }

  /** Adds a ruler, or changes the one with its id. */
  public static PropEdit ruler(String id, Ruler ruler) {
    return onPicture("Ruler: " + ruler.name(), id, it -> it.with(ruler));
  }

  public static PropEdit removeRuler(String id, String rulerId) {
    return onPicture(
        "Remove the ruler",
        id,
        it ->
            it.withRulers(
                it.rulers().stream().filter(ruler -> !ruler.id().equals(rulerId)).toList()));
  }

  /** Sets a ruler aside, or trusts it again. */
  public static PropEdit trust(String id, String rulerId, boolean trusted) {
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
  public static PropEdit camera(String id, String name, UnaryOperator<Camera> change) {
    return onPicture(name, id, it -> it.with(change.apply(it.camera())));
  }

  public static PropEdit distance(String id, Optional<Stated> mm) {
    return onPicture("Camera distance", id, it -> it.withDistance(mm));
  }

  public static PropEdit markingPrecision(String id, double px) {
    return onPicture("Marking precision", id, it -> it.withMarkingPx(px));
  }

  /** Marks the whole prop from butt to tip. */
  public static PropEdit whole(String id, Mark mark) {
    return onPicture("Mark the whole prop", id, it -> it.withWhole(Optional.of(mark)));
  }

  /** Marks the blade's centre line from base to tip; it lies on one picture only. */
  public static PropEdit centreLine(String id, Mark mark) {
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
  public static PropEdit measure(String id, Measure measure) {
    return onPicture(measure.kind().words(), id, it -> it.with(measure));
  }

  public static PropEdit removeMeasure(String id, String measureId) {
    return onPicture(
        "Remove the measure",
        id,
        it ->
            it.withMeasures(
                it.measures().stream()
                    .filter(measure -> !measure.id().equals(measureId))
                    .toList()));
  }

  private static PropEdit onPicture(String name, String id, UnaryOperator<Reference> change) {
    return on(
        name,
        size ->
            size.with(
                change.apply(
                    size.reference(id)
                        .orElseThrow(() -> new IllegalArgumentException("Open a picture first")))));
  }

  // == MODELS

  public static PropEdit addModel(Model model) {
    return on(
        "Open a model",
        size -> {
          List<Model> all = new ArrayList<>(size.models());
          all.add(model);
          return size.withModels(all);
        });
  }

  public static PropEdit removeModel(String id) {
    return on(
        "Remove the model",
        size -> size.withModels(size.models().stream().filter(it -> !it.id().equals(id)).toList()));
  }

  public static PropEdit modelName(String id, String name) {
    return onModel("Name the model", id, it -> it.withName(name.strip()));
  }

  public static PropEdit modelRuler(String id, Model.ModelRuler ruler) {
    return onModel("Size of the model", id, it -> it.withRuler(ruler));
  }

  public static PropEdit orientation(String id, Orientation orientation) {
    return onModel("Up and front", id, it -> it.withOrientation(orientation));
  }

  public static PropEdit showsWhole(String id, boolean whole) {
    return onModel("The whole prop", id, it -> it.withShowsWhole(whole));
  }

  private static PropEdit onModel(String name, String id, UnaryOperator<Model> change) {
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
  public static PropEdit addTracing(
      String name, String from, List<WholeOutline> outlines, double tolerance) {
    return addTracing(name, from, outlines, tolerance, Optional.empty());
  }

  /** Keeps outlines that were read from a file. */
  public static PropEdit addFile(
      String name, List<WholeOutline> outlines, double tolerance, FileUnit unit) {
    return addTracing(name, "file", outlines, tolerance, Optional.of(unit));
  }

  private static PropEdit addTracing(
      String name,
      String from,
      List<WholeOutline> outlines,
      double tolerance,
      Optional<FileUnit> unit) {
    return PropEdit.of(
        "Trace " + name,
        prop -> {
          List<Tracing> all = new ArrayList<>(prop.size().tracings());
          String id = Reference.next("t", all.stream().map(Tracing::id).toList());
          all.add(new Tracing(id, name, from, outlines, tolerance, unit));
          return prop.withSize(prop.size().withTracings(all));
        });
  }

  public static PropEdit tracingName(String id, String name) {
    return onTracing("Name the outline", id, it -> it.withName(name));
  }

  /** Says what a unit of an outline's file is: the outlines become larger or smaller by as much. */
  public static PropEdit tracingUnit(String id, double mm) {
    return onTracing("Units of the file", id, it -> it.with(new FileUnit(mm, true)));
  }

  /** Says how long the outline that is taken is along. */
  public static PropEdit tracingLength(String id, double mm) {
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
  public static PropEdit takeOutline(String id, int index) {
    return onTracing("Take this outline", id, it -> it.taking(index));
  }

  private static PropEdit onTracing(String name, String id, UnaryOperator<Tracing> change) {
    return PropEdit.of(
        name,
        prop ->
            prop.withSize(
                prop.size()
                    .withTracings(
                        prop.size().tracings().stream()
                            .map(it -> it.id().equals(id) ? change.apply(it) : it)
                            .toList())));
  }

  public static PropEdit removeTracing(String id) {
    return PropEdit.of(
        "Remove the tracing",
        prop ->
            prop.withSize(
                prop.size()
                    .withTracings(
                        prop.size().tracings().stream()
                            .filter(it -> !it.id().equals(id))
                            .toList())));
  }

  /**
   * Drafts a part from half of a traced outline.
   *
   * @param partId the part whose outline it becomes; empty for a new one
   */
  public static PropEdit draftFrom(String partId, String name, HalfOutline half, String from) {
    return PropEdit.of(
        "Draft from " + name,
        prop -> {
          if (partId.isEmpty()) {
            List<Part> parts = new ArrayList<>(prop.parts());
            String id = Reference.next("d", parts.stream().map(Part::id).toList());
            String called = parts.isEmpty() ? Defaults.FIRST : name;
            parts.add(prop.defaults().layered(id, called, half, from));
            return prop.withParts(parts);
          }
          return prop.with(prop.needed(partId).withCut(it -> it.withOutline(half).withFrom(from)));
        });
  }

  // == CARRYING

  public static PropEdit carry(String name, UnaryOperator<Carry> change) {
    return on(name, size -> size.withCarry(change.apply(size.carry())));
  }

  public static PropEdit passages(List<Passage> passages) {
    return on("Transport", size -> size.withPassages(passages));
  }
}

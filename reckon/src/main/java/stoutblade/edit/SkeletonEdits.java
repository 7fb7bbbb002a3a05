package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.part.Placing;
import stoutblade.pipework.Joint;
import stoutblade.pipework.PipeCut;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.SkeletonChanges;
import stoutblade.project.Prop;
import stoutblade.reference.Reference;
import stoutblade.shape.Point;

/** Edits of skeletons of pipe. Lengths in mm, joints and pipes by their numbers from 0. */
public final class SkeletonEdits {

  private static final double LEAST_COVER_MM = 5;

  private SkeletonEdits() {}

  /** Adds a skeleton. */
  public static PropEdit add(String name, Piped skeleton) {
    return PartEdits.add(
        name, (prop, id) -> PartEdits.beside(prop, Part.piped(id, name, skeleton)));
  }

  private static PropEdit change(String id, String what, UnaryOperator<Skeleton> change) {
    return piped(id, what, it -> it.with(change.apply(it.skeleton())));
  }

  private static PropEdit piped(String id, String what, UnaryOperator<Piped> change) {
    return PartEdits.change(
        id, what, part -> part.piped().map(it -> part.withShape(change.apply(it))).orElse(part));
  }

  /** Takes another pipe for all of it. */
  public static PropEdit pipe(String id, String rodId, double acrossMm) {
    return piped(id, "Pipe", it -> it.of(rodId, acrossMm));
  }

  /** Another pipe from a joint; one that ends at a joint closes the chain. */
  public static PropEdit longer(String id, int joint, Joint by) {
    return change(id, "Add a pipe", it -> SkeletonChanges.longerBy(it, joint, by));
  }

  /** A pipe of another length from joint to joint. */
  public static PropEdit length(String id, int pipe, double mm) {
    return change(id, "Pipe, middle to middle", it -> SkeletonChanges.lengthened(it, pipe, mm));
  }

  /** A joint elsewhere; those in line with it go along. */
  public static PropEdit move(String id, int joint, Joint to) {
    return change(id, "Move a joint", it -> SkeletonChanges.moved(it, joint, to));
  }

  /** Removes a pipe, and what hangs on its far end alone. */
  public static PropEdit remove(String id, int pipe) {
    return change(id, "Remove a pipe", it -> SkeletonChanges.without(it, pipe));
  }

  /** A joint in the middle of a pipe. */
  public static PropEdit split(String id, int pipe) {
    return change(id, "Joint in the middle", it -> SkeletonChanges.split(it, pipe));
  }

  /** Bends one pipe at a joint, or puts a fitting there again. */
  public static PropEdit bend(String id, int joint, Optional<Double> radiusMm) {
    return change(
        id,
        radiusMm.isPresent() ? "Bend in heat" : "Fitting instead of a bend",
        it -> SkeletonChanges.bent(it, joint, radiusMm));
  }

  /** Caps on open ends, or none. */
  public static PropEdit capped(String id, boolean capped) {
    return change(
        id, capped ? "Caps on open ends" : "Open ends", it -> SkeletonChanges.capped(it, capped));
  }

  /**
   * Covers what is seen of each straight pipe with one turn of foam: a part for each, fixed to the
   * skeleton where its pipe is. What runs towards the viewer, and what is bent, is left free.
   *
   * @param materialId the foam
   */
  public static PropEdit cover(String id, Piping piping, String materialId, double thickMm) {
    return PropEdit.of(
        "Cover the pipes",
        prop -> {
          Prop now = prop;
          int number = 0;
          for (PipeCut cut : piping.cuts()) {
            Joint first = piping.skeleton().joints().get(cut.from());
            Joint last = piping.skeleton().joints().get(cut.to());
            if (Math.abs(first.z() - last.z()) < 1
                && cut.bends().isEmpty()
                && cut.seenMm() >= LEAST_COVER_MM) {
              number++;
              Map<String, Double> sizes = cover(piping, cut, thickMm);
              Spot spot = spot(piping.seenMiddle(cut), first, last);
              now = covered(now, id, number, sizes, materialId, spot);
            }
          }
          if (number == 0) {
            throw new IllegalArgumentException(
                "No straight pipe of it is seen between its fittings");
          }
          return now;
        });
  }

  private static Map<String, Double> cover(Piping piping, PipeCut cut, double thickMm) {
    return Map.of(
        "former",
        piping.rod().outerMm(),
        Formed.THICKNESS,
        thickMm,
        "turns",
        1.0,
        "width",
        cut.seenMm(),
        "step",
        0.0);
  }

  /** Where a pipe is, and which way it runs as it is seen from the front. */
  private static Spot spot(Joint middle, Joint from, Joint to) {
    double turn = Math.atan2(to.y() - from.y(), to.x() - from.x()) - Math.PI / 2;
    return new Spot(new Point(middle.x(), middle.y()), turn);
  }

  private static Prop covered(
      Prop prop, String id, int number, Map<String, Double> sizes, String materialId, Spot spot) {
    List<Part> parts = new ArrayList<>(prop.parts());
    String next = Reference.next("d", parts.stream().map(Part::id).toList());
    String name =
        "Cover %d, %s".formatted(number, Display.length(sizes.get("width"), Units.METRIC));
    Placing placing = Placing.USUAL.on(id).at(new Where.At(spot));
    parts.add(Part.formed(next, name, "wraps", sizes, materialId, placing));
    return prop.withParts(parts);
  }
}

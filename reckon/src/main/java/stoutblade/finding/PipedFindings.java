package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.edit.Change;
import stoutblade.edit.SkeletonEdits;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.pipework.Clash;
import stoutblade.pipework.Joint;
import stoutblade.pipework.PipeCut;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.TooShort;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/** Looks through a skeleton of pipe for what no fitting joins, does not fit or is not sold. */
final class PipedFindings {

  private final Part part;
  private final Piped piped;
  private final Skeleton skeleton;
  private final Catalogue catalogue;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  private PipedFindings(Part part, Piped piped, Catalogue catalogue, Units units) {
    this.part = part;
    this.piped = piped;
    this.skeleton = piped.skeleton();
    this.catalogue = catalogue;
    this.units = units;
  }

  /** What is wrong with a part, where it is a skeleton. */
  static List<Finding> of(Part part, Catalogue catalogue, Units units) {
    return part.piped()
        .map(it -> new PipedFindings(part, it, catalogue, units).all())
        .orElse(List.of());
  }

  private List<Finding> all() {
    Optional<Rod> rod = catalogue.rod(piped.rodId());
    if (rod.isEmpty() || !fitted(piped.rodId())) {
      noFittings(rod);
      return found;
    }
    for (int joint = 0; joint < skeleton.joints().size(); joint++) {
      joint(joint, rod.get());
    }
    if (found.isEmpty()) {
      cuts(rod.get());
    }
    Clash.of(skeleton, rod.get().outerMm())
        .ifPresent(
            it ->
                add(
                    "clash",
                    it.at(),
                    "Two pipes run into one another",
                    "Pipe %d and pipe %d cross without a joint. Move one of them, or join them there."
                        .formatted(it.one() + 1, it.other() + 1),
                    List.of()));
    return found;
  }

  private boolean fitted(String rodId) {
    return (skeleton.pipes().size() == 1 && !skeleton.capped())
        || catalogue.fittings().stream().anyMatch(it -> it.rodId().equals(rodId));
  }

  private void noFittings(Optional<Rod> rod) {
    List<Change> mends =
        catalogue.rods().stream()
            .filter(it -> fitted(it.id()))
            .limit(3)
            .map(
                it ->
                    (Change)
                        SkeletonEdits.pipe(part.id(), it.id(), it.outerMm())
                            .named("Use " + it.name()))
            .toList();
    add(
        "pipe",
        skeleton.joints().getFirst(),
        rod.isEmpty() ? "This pipe is not in the catalogue" : "No fittings for this pipe",
        rod.map(Rod::name).orElse("'" + piped.rodId() + "'")
            + ": the catalogue has no fittings that join it.",
        mends);
  }

  private void joint(int joint, Rod rod) {
    try {
      skeleton.kind(joint);
    } catch (IllegalArgumentException unjoined) {
      List<Change> mends = new ArrayList<>();
      if (skeleton.meets(joint) == 2 && rod.softens()) {
        double radius = Math.ceil(Piping.LEAST_BEND * rod.outerMm());
        mends.add(
            SkeletonEdits.bend(part.id(), joint, Optional.of(radius))
                .named("Bend it in heat, round " + show(radius)));
      }
      add(
          "joint-" + (joint + 1),
          skeleton.joints().get(joint),
          "No fitting joins these pipes",
          unjoined.getMessage() + ".",
          mends);
    }
  }

  private void cuts(Rod rod) {
    try {
      for (PipeCut cut : piped.piping(catalogue).cuts()) {
        cut.bends().forEach(it -> bend(it, rod));
        if (cut.lengthMm() > rod.lengthMm()) {
          tooLong(cut, rod);
        }
      }
    } catch (TooShort run) {
      int pipe = run.pipe(skeleton);
      double enough = Math.ceil(run.neededMm());
      add(
          "short",
          skeleton.joints().get(skeleton.pipes().get(pipe).from()),
          "No pipe is left between two fittings",
          run.getMessage() + ".",
          List.of(
              SkeletonEdits.length(part.id(), pipe, enough)
                  .named(show(enough) + " from middle to middle")));
    } catch (IllegalArgumentException other) {
      add(
          "made",
          skeleton.joints().getFirst(),
          "This skeleton cannot be cut",
          other.getMessage() + ".",
          List.of());
    }
  }

  private void bend(PipeCut.Bend bend, Rod rod) {
    double least = Math.ceil(Piping.LEAST_BEND * rod.outerMm());
    if (!rod.softens()) {
      add(
          "hard-" + (bend.joint() + 1),
          skeleton.joints().get(bend.joint()),
          "This pipe does not go soft with heat",
          rod.name() + " breaks or kinks when it is bent.",
          List.of(
              SkeletonEdits.bend(part.id(), bend.joint(), Optional.empty())
                  .named("A fitting there instead")));
    } else if (bend.radius() < least - 1) {
      add(
          "tight-" + (bend.joint() + 1),
          skeleton.joints().get(bend.joint()),
          "A bend that flattens the pipe",
          "Round %s; less than %.0f times its diameter, %s, kinks or flattens (common practice)."
              .formatted(show(bend.radius()), Piping.LEAST_BEND, show(least)),
          List.of(
              SkeletonEdits.bend(part.id(), bend.joint(), Optional.of(least))
                  .named("Round " + show(least))));
    }
  }

  private void tooLong(PipeCut cut, Rod rod) {
    List<Change> mends = new ArrayList<>();
    if (cut.joints().size() == 2) {
      int pipe =
          skeleton.pipes().stream()
              .filter(it -> it.from() == cut.from() && it.to() == cut.to())
              .findFirst()
              .map(skeleton.pipes()::indexOf)
              .orElse(-1);
      if (pipe >= 0) {
        mends.add(SkeletonEdits.split(part.id(), pipe).named("A coupling in its middle"));
      }
    }
    add(
        "long-" + (cut.from() + 1) + "-" + (cut.to() + 1),
        skeleton.joints().get(cut.from()),
        "A pipe longer than it is sold",
        "It is cut to %s, and %s is sold in %s."
            .formatted(show(cut.lengthMm()), rod.name(), show(rod.lengthMm())),
        mends);
  }

  private void add(String id, Joint at, String title, String why, List<Change> mends) {
    found.add(
        new Finding(
            "draft." + part.id() + ".pipe." + id,
            Station.DRAFT,
            new Place.OnPart(part.id(), new Point(at.x(), at.y())),
            Severity.WRONG,
            title,
            why,
            mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }
}

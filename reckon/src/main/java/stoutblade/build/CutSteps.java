package stoutblade.build;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import stoutblade.catalogue.Catalogue;
import stoutblade.core.Bed;
import stoutblade.core.BesideReckoning;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.feature.Fuller;
import stoutblade.layer.Layer;
import stoutblade.layer.Pocket;
import stoutblade.measure.Figure;
import stoutblade.part.Workmanship;
import stoutblade.stack.Splits;

/**
 * The steps of cutting a part: a channel and fullers while the sheet is still wide enough to guide
 * the tool, then its outlines, then what is cut into its faces.
 */
final class CutSteps extends StepMaker {

  CutSteps(Work work, Catalogue catalogue, List<Step> steps) {
    super(work, catalogue, steps);
  }

  /** Traces, grooves, cuts and pockets. */
  void make() {
    Figure all = times(work.made(), "trace", "Outlines to trace", work.body().cut());
    add(
        step("trace", traceTitle(), "Each template says which of its pieces are mirrored")
            .time("tracing", all)
            .after(WorkSteps.HOLD_UP)
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("pen that shows on the foam", "ruler"));
    Optional<Bed> bed = work.core().flatMap(CoreReckoning::bed);
    boolean first = work.choices().channel().taken() == Workmanship.ChannelTime.BEFORE_CUTTING;
    bed.filter(it -> first).ifPresent(it -> groove(work.core().orElseThrow(), it, "trace"));
    fullers();
    add(
        step(
                "cut",
                cutTitle(),
                has("groove")
                    ? "After the groove, which needs a wide sheet to guide it"
                    : "The outline of every piece, what is inside it first")
            .time("cutting", all)
            .after("trace")
            .afterIf(has("groove"), "groove")
            .afterIf(has("fullers"), "fullers")
            .tools(cutters())
            .cautions(Cautions.KNIFE, ofSheets()));
    bed.filter(it -> !first).ifPresent(it -> groove(work.core().orElseThrow(), it, "cut"));
    grind();
    pockets();
    butt();
  }

  private String[] cutters() {
    return sawn()
        ? new String[] {"fine saw, jigsaw or band saw", "clamps", "knife for what is thin"}
        : new String[] {"knife, fresh blades", "cutting mat"};
  }

  private String traceTitle() {
    if (!work.body().layered()) {
      return work.body().pieces() == 1 ? "Trace the piece" : "Trace its pieces";
    }
    return switch (layers()) {
      case 1 -> "Trace the layer";
      case 2 -> "Trace both layers, the back mirrored";
      default -> "Trace all " + layers() + " layers";
    };
  }

  private String cutTitle() {
    if (!work.body().layered()) {
      return work.body().pieces() == 1 ? "Cut the piece to the line" : "Cut its pieces to the line";
    }
    return switch (layers()) {
      case 1 -> "Cut the layer to the line";
      case 2 -> "Cut both layers to the line";
      default -> "Cut all " + layers() + " layers";
    };
  }

  private void groove(CoreReckoning core, Bed bed, String after) {
    add(
        step(
                "groove",
                "Groove the channel",
                bed.channel().show(work.units())
                    + " wide and "
                    + bed.depth().show(work.units())
                    + (after.equals("trace")
                        ? " deep, while the sheet is wide enough to guide the tool"
                        : " deep; clamp a straight board beside the line to guide the tool")
                    + (core.beside().stream().anyMatch(BesideReckoning::channelled)
                        ? "; those of the rods beside it as they are drawn"
                        : ""))
            .time(
                "grooving",
                times(
                    work.made() * Channel.of(layered(), core).size(),
                    "groove",
                    "Channel to groove",
                    core.inFoam()))
            .after(after)
            .tools(
                switch (core.groove()) {
                  case ROUND ->
                      new String[] {"straightedge", "knife", "rotary tool with ball-nosed bit"};
                  case VEE -> new String[] {"straightedge", "knife held at 45°"};
                  case SQUARE -> new String[] {"straightedge", "router or tool with straight bit"};
                })
            .cautions(Cautions.KNIFE, Cautions.DUST));
  }

  /** Fullers are routed while the sheet is still wide. */
  private void fullers() {
    List<Fuller> routed = fullers(false);
    if (!routed.isEmpty()) {
      add(
          step(
                  "fullers",
                  routed.size() == 1 ? "Rout the fuller" : "Rout the fullers",
                  "While the sheet is wide enough to guide the tool")
              .time("grooving", fullerLength("fullers", routed))
              .after("trace")
              .tools("straightedge", "rotary tool with ball-nosed bit")
              .cautions(Cautions.DUST));
    }
  }

  /** Glue does not hold on a texture: it comes off every face that is glued. */
  private void grind() {
    int faces =
        work.body().layers().stream()
            .flatMap(it -> it.each().stream())
            .mapToInt(it -> gluedTexture(it))
            .sum();
    if (faces == 0) {
      return;
    }
    add(
        step(
                "grind",
                faces == 2
                    ? "Grind the texture off both glue faces"
                    : "Grind the texture off the glue faces",
                "Glue does not hold on the texture")
            .time("grinding", times(faces * work.made(), "grind", "Faces to grind", face()))
            .after("cut")
            .tools("rotary tool with drum", "sanding block, 80 grit")
            .cautions(Cautions.DUST));
  }

  private int gluedTexture(Layer layer) {
    boolean front = layer.texturedInFront() && layer.number() < layers();
    boolean back = layer.texturedBehind() && layer.number() > 1;
    return front || back ? 1 : 0;
  }

  private Figure face() {
    return form().measures().orElseThrow().area();
  }

  /** Pockets are cut while their face is still open. */
  private void pockets() {
    List<Pocket> cut = work.body().layered() ? Pocket.of(form(), layered()) : List.<Pocket>of();
    if (!cut.isEmpty()) {
      add(
          step(
                  "pockets",
                  "Cut the pockets",
                  cut.stream()
                          .map(
                              it -> it.recess().what().words() + " in layer " + it.layer().number())
                          .distinct()
                          .collect(Collectors.joining("; "))
                      + "; depths are on the templates")
              .time("pocketing", count("pockets", "Pockets to cut", cut.size() * work.made()))
              .after("cut")
              .tools("knife", "rotary tool", "what goes in, to try")
              .cautions(Cautions.KNIFE, Cautions.DUST));
    }
  }

  /** Pieces are joined to whole layers. */
  private void butt() {
    int joints = work.body().layered() ? work.body().seams() : 0;
    if (joints > 0) {
      add(
          step(
                  "butt",
                  "Join the pieces of each layer",
                  "A layer is larger than its sheet: its joints are on the template" + ways())
              .time("joining", count("butt", "Edges to join", joints * work.made()))
              .after("cut")
              .tools("straight board", "brush or spreader")
              .cautions(cement().caution(), Cautions.SHEETS));
    }
  }

  /** What the joints ask for that are not just edge to edge. */
  private String ways() {
    Set<Splits.Joint> used =
        layered().each().stream()
            .filter(it -> !it.joints().none())
            .map(it -> it.joints().joint())
            .collect(Collectors.toSet());
    return (used.contains(Splits.Joint.SCARF)
            ? ". Bevel both pieces to the inner line, one on its front and one on its back"
            : "")
        + (used.contains(Splits.Joint.FINGER) ? ". Push fingers together dry before the glue" : "");
  }
}

package stoutblade.sum;

import java.util.List;
import java.util.stream.Collectors;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.pipework.Joint;
import stoutblade.pipework.PipeCut;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.Skeletons;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Frames of pipe and fittings: what every pipe is cut to. */
final class PipeSums {

  static final List<Entry> FRAME =
      List.of(
          Entry.choice("pipe", "Pipe, Schedule 40", "1/2 in", "3/4 in", "1 in"),
          Entry.choice(
              "shape", "Shape", "yoke, two elbows", "frame, four elbows", "frame with a bar", "T"),
          Entry.length("wide", "Middle to middle, across", 400),
          Entry.length("high", "Middle to middle or end, upwards", 300),
          Entry.length("bar", "Bar, over the lower pipe", 120));

  private static final List<String> PIPES = List.of("pvc-1-2", "pvc-3-4", "pvc-1");

  /** Fittings are drawn so many times as wide as their pipe. */
  private static final double FITTING = 1.3;

  private PipeSums() {}

  static Answer frame(Values in, Catalogue catalogue) {
    Piping piping = Piping.of(skeleton(in), catalogue, PIPES.get(in.count("pipe")));
    Skeleton skeleton = piping.skeleton();
    Rod rod = piping.rod();
    String bought =
        skeleton.fittings().entrySet().stream()
            .map(it -> it.getKey().counted(it.getValue()))
            .collect(Collectors.joining(", "));
    return Answer.of(
        piping.figures(),
        drawn(in, skeleton, piping.cuts(), rod),
        "It takes %s, and %s of pipe, sold in %s."
            .formatted(
                bought,
                Display.length(piping.all().value(), Units.METRIC),
                Display.length(rod.lengthMm(), Units.METRIC)),
        "Fittings differ: cut one pipe, push it together dry and measure before all are cut.",
        "Pipe cement gives off vapours that burn: moving air, no flame, gloves, and its label.");
  }

  private static Skeleton skeleton(Values in) {
    double wide = in.get("wide");
    double high = in.get("high");
    return switch (in.count("shape")) {
      case 0 -> Skeletons.yoke(wide, high);
      case 1 -> Skeletons.frame(wide, high);
      case 2 -> Skeletons.barred(wide, high, in.get("bar"));
      default -> Skeletons.tee(wide, high);
    };
  }

  private static Drawing.Maker drawn(Values in, Skeleton skeleton, List<PipeCut> cuts, Rod rod) {
    Drawing.Maker drawing = new Drawing.Maker();
    double half = rod.outerMm() / 2;
    for (PipeCut cut : cuts) {
      Point from = flat(skeleton, cut.from());
      Point to = flat(skeleton, cut.to());
      Point way = to.minus(from).times(1 / cut.centresMm());
      drawing.shape(
          Path.bar(from.plus(way.times(cut.fromMm())), to.minus(way.times(cut.toMm())), half));
      double socket = (cut.hiddenMm()) / Math.max(1, ends(cut));
      if (cut.fromMm() > 0) {
        Point back = from.minus(way.times(half * FITTING));
        drawing.shape(Path.bar(back, from.plus(way.times(cut.fromMm() + socket)), half * FITTING));
      }
      if (cut.toMm() > 0) {
        Point back = to.plus(way.times(half * FITTING));
        drawing.shape(Path.bar(back, to.minus(way.times(cut.toMm() + socket)), half * FITTING));
      }
    }
    double aside = -half * 4;
    double high = in.get("high");
    double wide = in.get("wide");
    return drawing
        .dimension(new Point(aside, 0), new Point(aside, high), in.figure("high"))
        .dimension(new Point(0, -half * 4), new Point(wide, -half * 4), in.figure("wide"));
  }

  private static int ends(PipeCut cut) {
    return (cut.fromMm() > 0 ? 1 : 0) + (cut.toMm() > 0 ? 1 : 0);
  }

  private static Point flat(Skeleton skeleton, int joint) {
    Joint at = skeleton.joints().get(joint);
    return new Point(at.x(), at.y());
  }
}

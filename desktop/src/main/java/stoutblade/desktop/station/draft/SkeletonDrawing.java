package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.PipeFitting;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.feature.Motifs;
import stoutblade.measure.Display;
import stoutblade.pipework.Joint;
import stoutblade.pipework.PipeCut;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.Skeleton.Run;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Draws a skeleton from the front: pipes as they are cut, fittings over them. */
final class SkeletonDrawing {

  /** Fittings are drawn so many times as thick as their pipe. */
  private static final double FITTING = 1.35;

  private static final double END_ON_MM = 0.5;
  private static final double LINE_MM = 0.2;

  private final Desk desk;
  private final SkeletonModel model;

  SkeletonDrawing(Desk desk, SkeletonModel model) {
    this.desk = desk;
    this.model = model;
  }

  void draw(Pen pen) {
    Skeleton shown = model.shown();
    double half = model.piped().orElseThrow().acrossMm() / 2;
    Optional<Piping> piping = model.piping().filter(it -> it.skeleton().equals(shown));
    if (piping.isPresent()) {
      made(pen, piping.get(), half);
    } else {
      rough(pen, shown, half);
    }
    selected(pen, shown, half);
    for (int i = 0; i < shown.joints().size(); i++) {
      boolean chosen = model.joint().isPresent() && model.joint().getAsInt() == i;
      pen.handle(SkeletonModel.flat(shown.joints().get(i)), true, chosen);
    }
    piping.ifPresent(it -> lengths(pen, it));
  }

  private static void made(Pen pen, Piping piping, double half) {
    for (PipeCut cut : piping.cuts()) {
      List<Joint> line = piping.trimmed(cut);
      for (int i = 1; i < line.size(); i++) {
        bar(pen, line.get(i - 1), line.get(i), half, Ink.PAPER);
      }
    }
    for (int joint = 0; joint < piping.skeleton().joints().size(); joint++) {
      fitting(pen, piping, joint, half);
    }
  }

  /** A fitting: its sockets in one, round where they meet. */
  private static void fitting(Pen pen, Piping piping, int joint, double half) {
    Optional<PipeFitting> kind = piping.skeleton().kind(joint).map(piping.fittings()::get);
    if (kind.isEmpty()) {
      return;
    }
    Point middle = SkeletonModel.flat(piping.skeleton().joints().get(joint));
    List<Path> arms = new ArrayList<>(List.of(Motifs.disc(2 * half * FITTING).moved(middle::plus)));
    for (Run run : piping.skeleton().pipes()) {
      if (run.from() == joint || run.to() == joint) {
        int other = run.from() == joint ? run.to() : run.from();
        Joint there = piping.skeleton().joints().get(other);
        double share =
            (kind.get().takeOffMm() + kind.get().socketMm())
                / piping.skeleton().joints().get(joint).distance(there);
        Point end = middle.towards(SkeletonModel.flat(there), share);
        if (end.distance(middle) > END_ON_MM) {
          arms.add(Path.bar(middle, end, half * FITTING));
        }
      }
    }
    Region all = Region.union(arms, LINE_MM);
    pen.fill(all.rings(), pen.colour(Ink.FOAM_DEEP));
    pen.stroke(all.rings(), pen.colour(Ink.INK), 1.4);
  }

  /** What cannot be made is drawn by its middle lines, in the colour of what is wrong. */
  private void rough(Pen pen, Skeleton skeleton, double half) {
    boolean moving = !skeleton.equals(model.skeleton());
    for (Run run : skeleton.pipes()) {
      Point from = SkeletonModel.flat(skeleton.joints().get(run.from()));
      Point to = SkeletonModel.flat(skeleton.joints().get(run.to()));
      bar(pen, from, to, half, Ink.PAPER);
      pen.line(from, to, pen.colour(moving ? Ink.SELECTED : Ink.WRONG), 2, 8, 5);
    }
  }

  private void selected(Pen pen, Skeleton skeleton, double half) {
    if (model.pipe().isPresent()) {
      Run run = skeleton.pipes().get(model.pipe().getAsInt());
      Point from = SkeletonModel.flat(skeleton.joints().get(run.from()));
      Point to = SkeletonModel.flat(skeleton.joints().get(run.to()));
      if (from.distance(to) > END_ON_MM) {
        pen.stroke(Path.bar(from, to, half * FITTING), pen.colour(Ink.SELECTED), 3);
      }
    }
  }

  /** What each pipe is cut to, beside it. */
  private void lengths(Pen pen, Piping piping) {
    for (PipeCut cut : piping.cuts()) {
      List<Joint> line = piping.trimmed(cut);
      Point middle =
          SkeletonModel.flat(line.get((line.size() - 1) / 2))
              .towards(SkeletonModel.flat(line.get(line.size() / 2)), 0.5);
      pen.plate(Display.length(cut.lengthMm(), desk.units()), middle, pen.colour(Ink.MEASURE));
    }
  }

  private static void bar(Pen pen, Joint from, Joint to, double half, Ink ink) {
    bar(pen, SkeletonModel.flat(from), SkeletonModel.flat(to), half, ink);
  }

  private static void bar(Pen pen, Point from, Point to, double half, Ink ink) {
    if (from.distance(to) < END_ON_MM) {
      return;
    }
    Path bar = Path.bar(from, to, half);
    pen.fill(bar, pen.colour(ink));
    pen.stroke(bar, pen.colour(Ink.INK), 1.4);
  }
}

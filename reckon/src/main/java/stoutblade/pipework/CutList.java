package stoutblade.pipework;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.PipeFitting;

/** Works out what every pipe of a skeleton is cut to. */
final class CutList {

  private final Skeleton skeleton;
  private final Catalogue catalogue;
  private final String rodId;

  private CutList(Skeleton skeleton, Catalogue catalogue, String rodId) {
    this.skeleton = skeleton;
    this.catalogue = catalogue;
    this.rodId = rodId;
  }

  static List<PipeCut> of(Skeleton skeleton, Catalogue catalogue, String rodId) {
    CutList list = new CutList(skeleton, catalogue, rodId);
    return skeleton.chains().stream().map(list::cut).toList();
  }

  private PipeCut cut(List<Integer> joints) {
    Optional<PipeFitting> from = fitting(joints.getFirst());
    Optional<PipeFitting> to = fitting(joints.getLast());
    double before = takeOff(from);
    double along = -before;
    double free = before + socket(from);
    List<PipeCut.Bend> bends = new ArrayList<>();
    for (int i = 1; i < joints.size(); i++) {
      double straight = place(joints.get(i - 1)).distance(place(joints.get(i)));
      boolean last = i == joints.size() - 1;
      double angle = last ? 0 : Math.PI - angle(joints, i);
      double radius = last ? 0 : skeleton.bends().get(joints.get(i));
      double tangent = PipeCut.Bend.tangent(angle, radius);
      double needed = last ? takeOff(to) + socket(to) : tangent;
      if (straight < free + needed) {
        throw new TooShort(joints.get(i - 1), joints.get(i), free + needed, straight);
      }
      along += straight;
      if (!last) {
        // The straight runs as far as the bend, and the bend instead of its two tangents.
        bends.add(new PipeCut.Bend(joints.get(i), angle, radius, along - tangent));
        along += radius * angle - 2 * tangent;
        free = tangent;
      }
    }
    return new PipeCut(
        joints, bends, along + before, before, takeOff(to), socket(from) + socket(to));
  }

  private double angle(List<Integer> joints, int i) {
    return place(joints.get(i)).angle(place(joints.get(i - 1)), place(joints.get(i + 1)));
  }

  private Joint place(int joint) {
    return skeleton.joints().get(joint);
  }

  private Optional<PipeFitting> fitting(int joint) {
    return skeleton.kind(joint).map(it -> catalogue.fitting(rodId, it));
  }

  private static double socket(Optional<PipeFitting> fitting) {
    return fitting.map(PipeFitting::socketMm).orElse(0.0);
  }

  private static double takeOff(Optional<PipeFitting> fitting) {
    return fitting.map(PipeFitting::takeOffMm).orElse(0.0);
  }
}

package stoutblade.slice;

import stoutblade.mesh.Mesh;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;

/** A model turned so that layers which are tipped lie square to the line of sight. */
final class SlicingFrame {

  private SlicingFrame() {}

  /** The model with x across, y along and z through the layers. */
  static Mesh of(Mesh mesh, Orientation orientation, Slicing slicing) {
    View view = slicing.view();
    double sinLean = Math.sin(slicing.lean());
    double cosLean = Math.cos(slicing.lean());
    double sinTurn = Math.sin(slicing.turn());
    double cosTurn = Math.cos(slicing.turn());
    float[] xyz = new float[3 * mesh.vertices()];
    for (int v = 0; v < mesh.vertices(); v++) {
      double across = orientation.across(view, mesh.x(v), mesh.y(v), mesh.z(v));
      double along = orientation.along(view, mesh.x(v), mesh.y(v), mesh.z(v));
      double towards = orientation.towards(view, mesh.x(v), mesh.y(v), mesh.z(v));
      double leaned = along * sinLean + towards * cosLean;
      xyz[3 * v] = (float) (across * cosTurn - leaned * sinTurn);
      xyz[3 * v + 1] = (float) (along * cosLean - towards * sinLean);
      xyz[3 * v + 2] = (float) (across * sinTurn + leaned * cosTurn);
    }
    int[] corners = new int[3 * mesh.triangles()];
    for (int i = 0; i < corners.length; i++) {
      corners[i] = mesh.corner(i / 3, i % 3);
    }
    return Mesh.asTheyAre(xyz, corners);
  }
}

package stoutblade.body;

import java.util.List;
import stoutblade.develop.Panel;
import stoutblade.part.Slices;

/** The faces of what is glued up from slices: those that are glued, and those that show. */
final class SlicedFaces {

  private static final double LINE_MM = 0.5;

  private SlicedFaces() {}

  /** What is glued between the layers, both faces of each joint, in mm². */
  static double glued(Slices slices, List<Panel> panels) {
    double[] areas = areas(slices, panels);
    double sum = 0;
    for (int i = 1; i < areas.length; i++) {
      sum += 2 * Math.min(areas[i - 1], areas[i]);
    }
    return sum;
  }

  /** What shows: first and last face, what each step leaves free, and the edges, in mm². */
  static double outside(Slices slices, List<Panel> panels) {
    double[] areas = areas(slices, panels);
    double sum = areas[0] + areas[areas.length - 1];
    for (int i = 1; i < areas.length; i++) {
      sum += Math.abs(areas[i] - areas[i - 1]);
    }
    int panel = 0;
    for (Slices.SlicedLayer layer : slices.layers()) {
      for (int k = 0; k < layer.pieces().size(); k++) {
        sum += layer.thicknessMm() * panels.get(panel++).outline().length(LINE_MM);
      }
    }
    return sum;
  }

  private static double[] areas(Slices slices, List<Panel> panels) {
    double[] areas = new double[slices.layers().size()];
    int panel = 0;
    for (int i = 0; i < areas.length; i++) {
      for (int k = 0; k < slices.layers().get(i).pieces().size(); k++) {
        areas[i] += panels.get(panel++).area();
      }
    }
    return areas;
  }
}

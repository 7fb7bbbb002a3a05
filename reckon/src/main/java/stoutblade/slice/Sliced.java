package stoutblade.slice;

import java.util.List;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A model in layers.
 *
 * @param slices the layers, from the furthest
 * @param perUnit mm for a unit of the model
 */
public record Sliced(List<Slice> slices, double perUnit) {

  /** Copies the slices. */
  public Sliced {
    slices = List.copyOf(slices);
  }

  /**
   * One layer.
   *
   * @param number from 1
   * @param from where it begins, in mm over the furthest place
   * @param to where it ends
   * @param outer all that any section within it covers: cut to this and sanded back
   * @param inner what every section within it covers: to be cut on the slant towards it
   * @param hollow what is cut out of it to hollow the whole
   * @param pegs where pegs go through it
   * @param pieces what it is cut in: one, or several where the sheet is too small
   */
  public record Slice(
      int number,
      double from,
      double to,
      Region outer,
      Region inner,
      Region hollow,
      List<Point> pegs,
      List<Region> pieces) {

    /** Copies the lists. */
    public Slice {
      pegs = List.copyOf(pegs);
      pieces = List.copyOf(pieces);
    }

    public double thickness() {
      return to - from;
    }
  }

  /** Volume of what the sections within each layer all cover, before hollowing, in mm³. */
  public double least() {
    return slices.stream().mapToDouble(it -> it.inner.area() * it.thickness()).sum();
  }

  /** Volume of what any of them covers, in mm³. */
  public double most() {
    return slices.stream().mapToDouble(it -> it.outer.area() * it.thickness()).sum();
  }

  /** Volume of the foam as cut, in mm³. */
  public double cut() {
    return slices.stream()
        .mapToDouble(it -> it.pieces.stream().mapToDouble(Region::area).sum() * it.thickness())
        .sum();
  }

  /** Area of both faces of all joints that are glued, in mm². */
  public double glued() {
    double sum = 0;
    for (int i = 1; i < slices.size(); i++) {
      Region below = slices.get(i - 1).outer.difference(slices.get(i - 1).hollow);
      Region above = slices.get(i).outer.difference(slices.get(i).hollow);
      sum += 2 * below.intersection(above).area();
    }
    return sum;
  }
}

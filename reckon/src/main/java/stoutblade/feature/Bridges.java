package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * Bridges that hold the inside of a letter where it is cut out, as in a stencil: an upright strip
 * over the middle of every inside, through the whole letter.
 */
final class Bridges {

  private Bridges() {}

  /**
   * What is cut out, with the bridges left standing.
   *
   * @param outlines of letters, outer ones and holes
   * @param wide how wide a bridge is, in mm
   * @param tolerance how far straight pieces may lie from the curves, in mm
   */
  static List<Path> across(List<Path> outlines, double wide, double tolerance) {
    Region all = Region.evenOdd(outlines.stream().map(it -> it.flattened(tolerance)).toList());
    List<Path> cut = new ArrayList<>();
    for (Region letter : all.parts()) {
      if (letter.rings().size() == 1) {
        cut.add(outlineOf(letter));
        continue;
      }
      Region left = letter.difference(Region.union(strips(letter, wide), tolerance));
      left.parts().forEach(it -> cut.add(outlineOf(it)));
    }
    return cut;
  }

  private static List<Path> strips(Region letter, double wide) {
    Box box = Box.around(letter.rings().getFirst());
    List<Path> strips = new ArrayList<>();
    for (List<Point> inside : letter.rings().subList(1, letter.rings().size())) {
      double middle = Box.around(inside).centre().x();
      strips.add(
          Path.through(
              List.of(
                  new Point(middle - wide / 2, box.minY() - wide),
                  new Point(middle + wide / 2, box.minY() - wide),
                  new Point(middle + wide / 2, box.maxY() + wide),
                  new Point(middle - wide / 2, box.maxY() + wide)),
              true));
    }
    return strips;
  }

  private static Path outlineOf(Region piece) {
    return Path.through(piece.rings().getFirst(), true);
  }
}

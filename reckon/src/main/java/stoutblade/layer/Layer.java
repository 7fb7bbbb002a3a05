package stoutblade.layer;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.shape.Outline;
import stoutblade.shape.Region;
import stoutblade.stack.Sheet;

/**
 * One layer of a stack with its own outlines.
 *
 * @param number from 1 at the back
 * @param sheet what was decided
 * @param foam its foam
 * @param from where it begins, from the back, in mm
 * @param to where it ends
 * @param widest where the finished part is in it at all: the least that must be cut
 * @param filled where the finished part fills it from face to face: what is left flat
 * @param cut what is cut: the widest with its allowance, or larger where it is trimmed later
 * @param joints where it is cut apart, if it is larger than its sheet
 */
public record Layer(
    int number,
    Sheet sheet,
    SheetMaterial foam,
    double from,
    double to,
    Region widest,
    Region filled,
    Region cut,
    Joints joints) {

  /** How far outside its line a layer is cut that is glued first and trimmed then, in mm. */
  static final double OVERSIZE_MM = 10;

  Layer with(Joints changed) {
    return new Layer(number, sheet, foam, from, to, widest, filled, cut, changed);
  }

  /** Its own outline, where it has one that can be cut. */
  public Optional<Outline> own() {
    return sheet.own().filter(LayerAreas::sound);
  }

  /** True where its front is textured: glue does not hold on it until it is ground off. */
  public boolean texturedInFront() {
    return foam.textured() && !sheet.turned();
  }

  /** The same of its back. */
  public boolean texturedBehind() {
    return foam.textured() && sheet.turned();
  }

  /** What it is cut in: one piece, or several where its sheet is too small. */
  public List<Region> pieces() {
    return joints.pieces(cut);
  }

  /** True where something of it is worked off to the profile. */
  public boolean worked() {
    return widest.area() - filled.area() > 0.5;
  }
}

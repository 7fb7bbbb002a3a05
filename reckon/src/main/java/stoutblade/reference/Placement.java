package stoutblade.reference;

import java.util.Optional;
import stoutblade.shape.Point;

/**
 * How the blade's frame lies on a picture: its base, the direction of its centre line and the size
 * of a pixel.
 *
 * @param basePx the base of the centre line, in pixels
 * @param along unit vector from base to tip, in picture coordinates (y downwards)
 * @param mmPerPixel the scale
 */
public record Placement(Point basePx, Point along, double mmPerPixel) {

  /** The placement, once a scale is known and the centre line is marked. */
  public static Optional<Placement> of(Reference reference, Optional<Scale> scale) {
    return scale.flatMap(
        known ->
            reference
                .centreLine()
                .map(
                    line ->
                        new Placement(
                            line.from(),
                            line.to().minus(line.from()).times(1 / line.lengthPx()),
                            known.mmPerPixel().value())));
  }

  /** The place on the blade, in mm, of a place on the picture. */
  public Point toBlade(Point px) {
    Point out = px.minus(basePx);
    return new Point(out.dot(across()) * mmPerPixel, out.dot(along) * mmPerPixel);
  }

  /** The place on the picture, in pixels, of a place on the blade. */
  public Point toPicture(Point mm) {
    return basePx.plus(across().times(mm.x() / mmPerPixel)).plus(along.times(mm.y() / mmPerPixel));
  }

  /** To the right of the centre line as seen with the tip up; on the picture y runs downwards. */
  private Point across() {
    return new Point(-along.y(), along.x());
  }
}

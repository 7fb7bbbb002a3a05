package stoutblade.reference;

import java.util.Optional;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;

/**
 * How the blade's frame lies on a picture: its base, the direction of its centre line and the size
 * of a pixel, all in the picture's flattened frame.
 *
 * @param reference the picture
 * @param flat its flattened frame
 * @param base the base of the centre line, in flat pixels
 * @param along unit vector from base to tip, in flat pixels (y downwards)
 * @param mmPerPixel mm of the blade for a flat pixel
 */
public record Placement(
    Reference reference, Flat flat, Point base, Point along, double mmPerPixel) {

  /** The placement, once a scale is known and the centre line is marked. */
  public static Optional<Placement> of(PictureSize size) {
    Reference reference = size.scale().reference();
    Flat flat = size.scale().flat();
    Homography map = flat.map();
    return size.perPixel()
        .flatMap(
            mm ->
                reference
                    .centreLine()
                    .map(
                        line -> {
                          Point from = map.apply(line.from());
                          Point by = map.apply(line.to()).minus(from);
                          return new Placement(
                              reference, flat, from, by.times(1 / by.length()), mm);
                        }));
  }

  /** The place on the blade, in mm, of a place on the flattened picture. */
  public Point flatToBlade(Point px) {
    Point out = px.minus(base);
    return new Point(out.dot(across()) * mmPerPixel, out.dot(along) * mmPerPixel);
  }

  /** The place on the blade, in mm, of a place on the picture. */
  public Point toBlade(Point px) {
    return flatToBlade(flat.map().apply(px));
  }

  /** The place on the picture, in pixels, of a place on the blade. */
  public Point toPicture(Point mm) {
    Point px =
        base.plus(across().times(mm.x() / mmPerPixel)).plus(along.times(mm.y() / mmPerPixel));
    return flat.map().inverse().apply(px);
  }

  /** To the right of the centre line as seen with the tip up; on the picture y runs downwards. */
  private Point across() {
    return new Point(-along.y(), along.x());
  }
}

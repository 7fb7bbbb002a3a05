package stoutblade.studio;

/**
 * A pinhole camera.
 *
 * @param eye where it stands
 * @param target what it looks at
 * @param rollRad turned about its axis, in radians
 * @param focalPx focal length in pixels
 * @param width of the picture in pixels
 * @param height of the picture in pixels
 */
record Camera(Vec eye, Vec target, double rollRad, double focalPx, int width, int height) {

  private Vec forward() {
    return target.minus(eye).unit();
  }

  private Vec right() {
    Vec level = forward().cross(new Vec(0, 1, 0)).unit();
    Vec up = level.cross(forward());
    return level.times(Math.cos(rollRad)).plus(up.times(Math.sin(rollRad)));
  }

  /** The direction of the ray through a place on the picture, in pixels. */
  Vec ray(double px, double py) {
    Vec right = right();
    Vec up = right.cross(forward());
    return forward()
        .times(focalPx)
        .plus(right.times(px - width / 2.0))
        .plus(up.times(height / 2.0 - py))
        .unit();
  }

  /** Where a place in the scene falls on the picture, in pixels; z is unused. */
  Vec project(Vec place) {
    Vec to = place.minus(eye);
    Vec right = right();
    Vec up = right.cross(forward());
    double depth = to.dot(forward());
    return new Vec(
        width / 2.0 + focalPx * to.dot(right) / depth,
        height / 2.0 - focalPx * to.dot(up) / depth,
        0);
  }
}

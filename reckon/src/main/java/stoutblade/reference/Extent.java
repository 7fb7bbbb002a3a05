package stoutblade.reference;

/**
 * The box around a model in its own units and axes.
 *
 * @param minX least x
 * @param minY least y
 * @param minZ least z
 * @param maxX greatest x
 * @param maxY greatest y
 * @param maxZ greatest z
 */
public record Extent(double minX, double minY, double minZ, double maxX, double maxY, double maxZ) {

  /**
   * Checks the order.
   *
   * @throws IllegalArgumentException if a maximum lies below its minimum or all are one place
   */
  public Extent {
    if (!(maxX >= minX && maxY >= minY && maxZ >= minZ)
        || !Double.isFinite(maxX - minX + maxY - minY + maxZ - minZ)
        || maxX - minX + maxY - minY + maxZ - minZ <= 0) {
      throw new IllegalArgumentException("A model has an extent in space");
    }
  }

  /** The extent along an axis, 0 to 2. */
  public double along(int axis) {
    return axis == 0 ? maxX - minX : axis == 1 ? maxY - minY : maxZ - minZ;
  }

  /** The longest of the three. */
  public double longest() {
    return Math.max(along(0), Math.max(along(1), along(2)));
  }
}

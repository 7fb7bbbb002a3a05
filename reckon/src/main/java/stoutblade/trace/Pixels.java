package stoutblade.trace;

/** A picture's pixels in memory, row by row from the top left, as 0xAARRGGBB. */
public final class Pixels {

  private final int width;
  private final int height;
  private final int[] argb;

  /**
   * Takes pixels; the array is not copied and not to be changed any more.
   *
   * @throws IllegalArgumentException if there are not width times height of them
   */
  public Pixels(int width, int height, int[] argb) {
    if (width < 1 || height < 1 || argb.length != width * height) {
      throw new IllegalArgumentException(
          width + " × " + height + " pixels were expected; found " + argb.length);
    }
    this.width = width;
    this.height = height;
    this.argb = argb;
  }

  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  public int argb(int x, int y) {
    return argb[y * width + x];
  }

  /** The array itself, for handing on to a screen. */
  public int[] array() {
    return argb;
  }

  /**
   * A channel at a place between pixels, by its four neighbours.
   *
   * @param shift 16 for red, 8 for green, 0 for blue
   */
  double channel(double x, double y, int shift) {
    int left = Math.clamp((long) Math.floor(x), 0, width - 1);
    int top = Math.clamp((long) Math.floor(y), 0, height - 1);
    int right = Math.min(left + 1, width - 1);
    int low = Math.min(top + 1, height - 1);
    double dx = Math.clamp(x - left, 0, 1);
    double dy = Math.clamp(y - top, 0, 1);
    double above = part(left, top, shift) * (1 - dx) + part(right, top, shift) * dx;
    double below = part(left, low, shift) * (1 - dx) + part(right, low, shift) * dx;
    return above * (1 - dy) + below * dy;
  }

  private int part(int x, int y, int shift) {
    return argb[y * width + x] >> shift & 0xff;
  }

  /**
   * The same picture made brighter or darker.
   *
   * @param brightness from -1 to 1; 0 changes nothing
   */
  public Pixels brightened(double brightness) {
    if (brightness == 0) {
      return this;
    }
    int[] table = new int[256];
    double gamma = Math.pow(2, -2 * brightness);
    for (int i = 0; i < 256; i++) {
      table[i] = (int) Math.round(255 * Math.pow(i / 255.0, gamma));
    }
    int[] out = new int[argb.length];
    for (int i = 0; i < out.length; i++) {
      int it = argb[i];
      out[i] =
          (it & 0xff000000)
              | table[it >> 16 & 0xff] << 16
              | table[it >> 8 & 0xff] << 8
              | table[it & 0xff];
    }
    return new Pixels(width, height, out);
  }
}

package stoutblade.trace;

import java.util.Arrays;

/** A value at each pixel of a picture: positive inside of what is traced, negative outside. */
public final class Field {

  private final int width;
  private final int height;
  private final float[] values;

  /** A field of zeros. */
  public Field(int width, int height) {
    if (width < 2 || height < 2) {
      throw new IllegalArgumentException("A field is at least 2 by 2");
    }
    this.width = width;
    this.height = height;
    this.values = new float[width * height];
  }

  public int width() {
    return width;
  }

  public int height() {
    return height;
  }

  public float get(int x, int y) {
    return values[y * width + x];
  }

  public void set(int x, int y, double value) {
    values[y * width + x] = (float) value;
  }

  /** Gives all pixels one value. */
  public void fill(double value) {
    Arrays.fill(values, (float) value);
  }

  /**
   * The field blurred by a normal distribution, so that noise moves no edge; at the rim the nearest
   * pixel is taken for what lies beyond.
   *
   * @param sigma in pixels
   */
  public Field blurred(double sigma) {
    if (sigma <= 0) {
      return this;
    }
    float[] kernel = kernel(sigma);
    Field across = new Field(width, height);
    Field both = new Field(width, height);
    int reach = kernel.length / 2;
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        float sum = 0;
        for (int k = -reach; k <= reach; k++) {
          sum += kernel[k + reach] * values[y * width + Math.clamp(x + k, 0, width - 1)];
        }
        across.values[y * width + x] = sum;
      }
    }
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        float sum = 0;
        for (int k = -reach; k <= reach; k++) {
          sum += kernel[k + reach] * across.values[Math.clamp(y + k, 0, height - 1) * width + x];
        }
        both.values[y * width + x] = sum;
      }
    }
    return both;
  }

  private static float[] kernel(double sigma) {
    int reach = (int) Math.ceil(3 * sigma);
    float[] kernel = new float[2 * reach + 1];
    double sum = 0;
    for (int k = -reach; k <= reach; k++) {
      double weight = Math.exp(-k * k / (2 * sigma * sigma));
      kernel[k + reach] = (float) weight;
      sum += weight;
    }
    for (int k = 0; k < kernel.length; k++) {
      kernel[k] = (float) (kernel[k] / sum);
    }
    return kernel;
  }
}

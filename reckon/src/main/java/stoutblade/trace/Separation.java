package stoutblade.trace;

import java.util.Arrays;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealVector;

/**
 * Tells apart what is traced from what is not: positive inside, zero on the edge.
 *
 * <p>Values are linear in light, for a lens blurs light and not its code: between two plain areas
 * the edge then lies where the value is half way. Light that falls off towards a side is evened out
 * first by a surface of second degree through the paper.
 */
final class Separation {

  private static final int BINS = 256;
  private static final int SAMPLES = 4000;
  private static final double FAR = 1;

  private static final double[] LINEAR = linear();

  private Separation() {}

  /** IEC 61966-2-1, sRGB (from memory). */
  private static double[] linear() {
    double[] table = new double[256];
    for (int i = 0; i < 256; i++) {
      double c = i / 255.0;
      table[i] = c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
    return table;
  }

  static Field of(Pixels picture, Tracer.Options options) {
    return switch (options.by()) {
      case DARK -> byLight(picture, options.bias(), 1);
      case LIGHT -> byLight(picture, -options.bias(), -1);
      case COLOUR -> byColour(picture, options.rgb(), options.bias());
    };
  }

  /** ITU-R BT.709 weights of the three colours (from memory). */
  private static double light(int argb) {
    return 0.2126 * LINEAR[argb >> 16 & 0xff]
        + 0.7152 * LINEAR[argb >> 8 & 0xff]
        + 0.0722 * LINEAR[argb & 0xff];
  }

  private static boolean clear(int argb) {
    return argb >>> 24 < 128;
  }

  private static Field byLight(Pixels picture, double bias, int sign) {
    double[] values = new double[picture.width() * picture.height()];
    for (int i = 0; i < values.length; i++) {
      int argb = picture.array()[i];
      values[i] = clear(argb) ? Double.NaN : light(argb);
    }
    evenOut(values, picture.width());
    Level level = Level.of(values);
    double at = level.middle + bias * (level.high - level.low) / 2;
    Field field = new Field(picture.width(), picture.height());
    for (int i = 0; i < values.length; i++) {
      double value = Double.isNaN(values[i]) ? -FAR : sign * (at - values[i]);
      field.set(i % picture.width(), i / picture.width(), value);
    }
    return field;
  }

  /** Divides by a surface of second degree through what is brighter than the middle. */
  private static void evenOut(double[] values, int width) {
    Level level = Level.of(values);
    if (level.high - level.low < 0.02) {
      return;
    }
    int height = values.length / width;
    int step = Math.max(1, values.length / SAMPLES);
    int count = 0;
    double[][] rows = new double[values.length / step + 1][];
    double[] right = new double[rows.length];
    for (int i = 0; i < values.length; i += step) {
      if (values[i] > level.middle) {
        rows[count] = terms(i % width, i / width, width, height);
        right[count++] = values[i];
      }
    }
    if (count < 60) {
      return;
    }
    RealVector surface =
        new QRDecomposition(new Array2DRowRealMatrix(Arrays.copyOf(rows, count)))
            .getSolver()
            .solve(new ArrayRealVector(Arrays.copyOf(right, count)));
    for (int i = 0; i < values.length; i++) {
      double[] terms = terms(i % width, i / width, width, height);
      double lit = 0;
      for (int k = 0; k < terms.length; k++) {
        lit += terms[k] * surface.getEntry(k);
      }
      values[i] = values[i] / Math.max(lit, level.high / 8);
    }
  }

  private static double[] terms(int x, int y, int width, int height) {
    double u = 2.0 * x / width - 1;
    double v = 2.0 * y / height - 1;
    return new double[] {1, u, v, u * u, u * v, v * v};
  }

  private static Field byColour(Pixels picture, int rgb, double bias) {
    double[] wanted = lab(rgb);
    double[] away = new double[picture.width() * picture.height()];
    for (int i = 0; i < away.length; i++) {
      int argb = picture.array()[i];
      double[] found = lab(argb);
      away[i] =
          clear(argb)
              ? Double.NaN
              : Math.sqrt(
                  Math.pow(found[0] - wanted[0], 2)
                      + Math.pow(found[1] - wanted[1], 2)
                      + Math.pow(found[2] - wanted[2], 2));
    }
    Level level = Level.of(away);
    double at = level.middle + bias * (level.high - level.low) / 2;
    Field field = new Field(picture.width(), picture.height());
    for (int i = 0; i < away.length; i++) {
      double value = Double.isNaN(away[i]) ? -FAR : (at - away[i]) / 100;
      field.set(i % picture.width(), i / picture.width(), value);
    }
    return field;
  }

  /** CIE 1976 L*a*b* under D65 (ISO/CIE 11664-4, from memory). */
  static double[] lab(int rgb) {
    double r = LINEAR[rgb >> 16 & 0xff];
    double g = LINEAR[rgb >> 8 & 0xff];
    double b = LINEAR[rgb & 0xff];
    double x = root((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
    double y = root(0.2126 * r + 0.7152 * g + 0.0722 * b);
    double z = root((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
    return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
  }

  private static double root(double t) {
    return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
  }

  /**
   * The level between two kinds of pixels.
   *
   * @param low the mean of the lower kind
   * @param high the mean of the higher kind
   * @param middle half way between the two
   */
  record Level(double low, double high, double middle) {

    /**
     * Parts values in two so that the two differ most (Otsu 1979, from memory); the level is half
     * way between the means of the two.
     */
    static Level of(double[] values) {
      double least = Double.POSITIVE_INFINITY;
      double most = Double.NEGATIVE_INFINITY;
      for (double value : values) {
        if (!Double.isNaN(value)) {
          least = Math.min(least, value);
          most = Math.max(most, value);
        }
      }
      if (!(most > least)) {
        return new Level(least, least, least);
      }
      long[] counts = new long[BINS];
      for (double value : values) {
        if (!Double.isNaN(value)) {
          counts[Math.min(BINS - 1, (int) ((value - least) / (most - least) * BINS))]++;
        }
      }
      return split(counts, least, (most - least) / BINS);
    }

    private static Level split(long[] counts, double least, double width) {
      double total = 0;
      double sum = 0;
      for (int i = 0; i < BINS; i++) {
        total += counts[i];
        sum += counts[i] * (double) i;
      }
      double below = 0;
      double sumBelow = 0;
      double best = -1;
      Level found = new Level(least, least, least);
      for (int i = 0; i < BINS; i++) {
        below += counts[i];
        sumBelow += counts[i] * (double) i;
        double above = total - below;
        if (below > 0 && above > 0) {
          double low = sumBelow / below;
          double high = (sum - sumBelow) / above;
          double between = below * above * (high - low) * (high - low);
          if (between > best) {
            best = between;
            found = level(low, high, least, width);
          }
        }
      }
      return found;
    }

    private static Level level(double low, double high, double least, double width) {
      double from = least + (low + 0.5) * width;
      double to = least + (high + 0.5) * width;
      return new Level(from, to, (from + to) / 2);
    }
  }
}

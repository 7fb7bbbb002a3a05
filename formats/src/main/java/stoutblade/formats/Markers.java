package stoutblade.formats;

import boofcv.alg.drawing.FiducialRenderEngine;
import boofcv.alg.fiducial.square.FiducialSquareHammingGenerator;
import boofcv.factory.fiducial.ConfigHammingMarker;
import boofcv.factory.fiducial.HammingDictionary;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_F64;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.trace.MarkerSheet;

/** The patterns of the markers: squares with a number that can be read from any side. */
final class Markers {

  private Markers() {}

  /** A grid of so many squares on a side inside the border. */
  private static final int GRID = 5;

  /** How many markers there are. */
  static final int COUNT = 80;

  /** Two markers, turned as may be, differ in so many squares at least. */
  private static final int APART = 5;

  private static final long[] CODES = codes();

  /** The markers as the library takes them; one unit wide. */
  static ConfigHammingMarker config() {
    ConfigHammingMarker config = new ConfigHammingMarker();
    config.dictionary = HammingDictionary.CUSTOM;
    config.gridWidth = GRID;
    config.minimumHamming = APART;
    config.targetWidth = 1;
    for (long code : CODES) {
      config.addMarker(code);
    }
    return config;
  }

  /**
   * Our own codes: the first of a fixed row of random ones that keep apart from all before in every
   * turn, and from their own turns. Printed sheets depend on them: they never change.
   */
  static long[] codes() {
    Random random = new Random(20_251_125);
    long[] codes = new long[COUNT];
    int count = 0;
    while (count < COUNT) {
      long code = random.nextLong() & ((1L << (GRID * GRID)) - 1);
      int black = Long.bitCount(code);
      if (black >= 8 && black <= 17 && apart(code, codes, count)) {
        codes[count++] = code;
      }
    }
    return codes;
  }

  private static boolean apart(long code, long[] codes, int count) {
    long turned = code;
    for (int turn = 0; turn < 4; turn++) {
      if (turn > 0 && Long.bitCount(turned ^ code) < APART) {
        return false;
      }
      for (int i = 0; i < count; i++) {
        if (Long.bitCount(turned ^ codes[i]) < APART) {
          return false;
        }
      }
      turned = turned(turned);
    }
    return true;
  }

  /** The code of a marker turned by a quarter. */
  static long turned(long code) {
    long out = 0;
    for (int row = 0; row < GRID; row++) {
      for (int column = 0; column < GRID; column++) {
        if ((code >> (row * GRID + column) & 1) != 0) {
          out |= 1L << (column * GRID + (GRID - 1 - row));
        }
      }
    }
    return out;
  }

  /** The black squares of a marker on its sheet, in mm from the top left corner, y downwards. */
  static List<Box> squares(MarkerSheet.Marker marker) {
    Collecting into = new Collecting();
    FiducialSquareHammingGenerator generator = new FiducialSquareHammingGenerator(config());
    generator.setMarkerWidth(MarkerSheet.SIDE_MM);
    generator.setRenderer(into);
    generator.generate(marker.number());
    Point corner = marker.corner();
    return into.squares.stream()
        .map(
            it ->
                new Box(
                    corner.x() + it.minX(),
                    corner.y() + it.minY(),
                    corner.x() + it.maxX(),
                    corner.y() + it.maxY()))
        .toList();
  }

  /** Takes down what would be drawn. */
  private static final class Collecting extends FiducialRenderEngine {

    private final List<Box> squares = new ArrayList<>();

    @Override
    public void init() {}

    @Override
    public void setGray(double value) {}

    @Override
    public void circle(double x, double y, double radius) {
      throw new IllegalStateException("A square marker has no circles");
    }

    @Override
    public void square(double x0, double y0, double width0, double thickness) {
      double t = thickness;
      squares.add(new Box(x0, y0, x0 + width0, y0 + t));
      squares.add(new Box(x0, y0 + width0 - t, x0 + width0, y0 + width0));
      squares.add(new Box(x0, y0 + t, x0 + t, y0 + width0 - t));
      squares.add(new Box(x0 + width0 - t, y0 + t, x0 + width0, y0 + width0 - t));
    }

    @Override
    public void rectangle(double x0, double y0, double x1, double y1) {
      squares.add(new Box(Math.min(x0, x1), Math.min(y0, y1), Math.max(x0, x1), Math.max(y0, y1)));
    }

    @Override
    public void draw(GrayU8 image, double x0, double y0, double x1, double y1) {
      throw new IllegalStateException("A square marker has no picture");
    }

    @Override
    public void inputToDocument(double x, double y, Point2D_F64 document) {
      document.setTo(x, y);
    }
  }
}

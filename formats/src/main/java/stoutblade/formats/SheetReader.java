package stoutblade.formats;

import boofcv.abst.fiducial.SquareHamming_to_FiducialDetector;
import boofcv.factory.fiducial.ConfigFiducialHammingDetector;
import boofcv.factory.fiducial.FactoryFiducial;
import boofcv.struct.image.GrayF32;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleConsumer;
import stoutblade.shape.Homography;
import stoutblade.shape.Point;
import stoutblade.trace.Flattened;
import stoutblade.trace.MarkerSheet;
import stoutblade.trace.Pixels;

/**
 * Reads a photograph of a paper on a marker sheet: the markers are found, the perspective is taken
 * out, and the field comes back flat and to scale.
 *
 * @param sheet the sheet that was found
 * @param found how many of its markers were found
 * @param toSheet from pixels of the photograph to mm on the sheet
 * @param missMm how far the markers' corners miss their places, root mean square, in mm
 */
public record SheetReader(MarkerSheet sheet, int found, Homography toSheet, double missMm) {

  /** A pixel of the flattened field, in mm. */
  public static final double STEP_MM = 0.2;

  private static final int LEAST_MARKERS = 4;
  private static final double MOST_MISS_MM = 2;

  /**
   * Finds the markers on a photograph.
   *
   * @param name the photograph's name, for messages
   * @throws FormatException if too few are seen or they do not lie flat; the message says so
   */
  public static SheetReader read(String name, Pixels photograph) throws FormatException {
    List<Point> seen = new ArrayList<>();
    List<Point> printed = new ArrayList<>();
    List<Found> all = detect(photograph);
    MarkerSheet sheet = sheet(name, all);
    Set<Integer> used = new HashSet<>();
    for (Found found : all) {
      sheet.markers().stream()
          .filter(it -> it.number() == found.number && used.add(found.number))
          .forEach(
              it -> {
                seen.addAll(found.corners);
                printed.addAll(it.corners());
              });
    }
    if (used.size() < LEAST_MARKERS) {
      throw new FormatException(name, tooFew(used.size(), sheet));
    }
    Homography toSheet = Homography.taking(seen, printed);
    double miss = miss(toSheet, seen, printed);
    if (miss > MOST_MISS_MM) {
      throw new FormatException(
          name,
          "the markers miss their places by "
              + Math.round(miss * 10) / 10.0
              + " mm: the sheet does not lie flat, or was printed at another size");
    }
    return new SheetReader(sheet, used.size(), toSheet, miss);
  }

  private static String tooFew(int found, MarkerSheet sheet) {
    return "only "
        + found
        + " of "
        + sheet.markers().size()
        + " markers are seen; at least "
        + LEAST_MARKERS
        + " are needed, from all sides of the sheet, sharp and lit";
  }

  private static MarkerSheet sheet(String name, List<Found> found) throws FormatException {
    if (found.isEmpty()) {
      throw new FormatException(
          name,
          "no marker is seen: lay the paper on a printed marker sheet, and have it all in the picture");
    }
    try {
      return MarkerSheet.with(found.stream().map(Found::number).distinct().toList());
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, e.getMessage(), e);
    }
  }

  private record Found(int number, List<Point> corners) {}

  private static List<Found> detect(Pixels photograph) {
    GrayF32 gray = new GrayF32(photograph.width(), photograph.height());
    int[] argb = photograph.array();
    for (int i = 0; i < argb.length; i++) {
      gray.data[i] =
          0.299f * (argb[i] >> 16 & 0xff)
              + 0.587f * (argb[i] >> 8 & 0xff)
              + 0.114f * (argb[i] & 0xff);
    }
    SquareHamming_to_FiducialDetector<GrayF32> detector =
        FactoryFiducial.squareHamming(
            Markers.config(), new ConfigFiducialHammingDetector(), GrayF32.class);
    detector.detect(gray);
    List<Found> found = new ArrayList<>();
    for (int i = 0; i < detector.totalFound(); i++) {
      List<Point> corners = new ArrayList<>();
      detector.getDetectedControl(i).stream()
          .sorted((a, b) -> Integer.compare(a.index, b.index))
          .forEach(it -> corners.add(new Point(it.p.x, it.p.y)));
      found.add(new Found((int) detector.getId(i), corners));
    }
    return found;
  }

  private static double miss(Homography toSheet, List<Point> seen, List<Point> printed) {
    double squares = 0;
    for (int i = 0; i < seen.size(); i++) {
      squares += Math.pow(toSheet.apply(seen.get(i)).distance(printed.get(i)), 2);
    }
    return Math.sqrt(squares / seen.size());
  }

  /** The field of the sheet, flat: its frame is in mm from the sheet's top left corner. */
  public Flattened field(Pixels photograph, DoubleConsumer progress) {
    progress.accept(0.6);
    Flattened flat = Flattened.at(photograph, toSheet, sheet.field(), STEP_MM);
    progress.accept(1);
    return flat;
  }
}

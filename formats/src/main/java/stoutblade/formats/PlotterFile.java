package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.stream.Collectors;
import stoutblade.machine.Cutter;
import stoutblade.machine.ToolPath;
import stoutblade.shape.Point;

/**
 * A machine's way in the plain language of plotters: pen up, pen down, a pen for each purpose. 40
 * units are a millimetre (HP-GL/2, Hewlett-Packard's reference guide; from memory).
 */
public final class PlotterFile {

  private static final double UNITS_IN_MM = 40;

  private PlotterFile() {}

  /** Writes it. */
  public static void write(Path file, ToolPath path, Cutter cutter) throws IOException {
    SafeWrite.write(file, text(path, cutter).getBytes(StandardCharsets.US_ASCII));
  }

  /** The file's text. */
  static String text(ToolPath path, Cutter cutter) {
    StringBuilder out = new StringBuilder("IN;\n");
    int pen = 0;
    for (ToolPath.Stretch it : path.stretches()) {
      int wanted = pen(it.purpose());
      if (wanted != pen) {
        pen = wanted;
        out.append("SP").append(pen).append(";\n");
      }
      for (int pass = 0; pass < cutter.pace().passes(it.purpose()); pass++) {
        out.append("PU").append(units(it.start())).append(";\nPD");
        out.append(
            it.points().stream().skip(1).map(PlotterFile::units).collect(Collectors.joining(",")));
        out.append(";\n");
      }
    }
    return out.append("PU;\nSP0;\n").toString();
  }

  private static int pen(ToolPath.Purpose purpose) {
    return switch (purpose) {
      case ENGRAVE -> 1;
      case DRAW -> 2;
      case INSIDE -> 3;
      case OUTSIDE -> 4;
    };
  }

  private static String units(Point mm) {
    return String.format(
        Locale.ROOT, "%d,%d", Math.round(mm.x() * UNITS_IN_MM), Math.round(mm.y() * UNITS_IN_MM));
  }
}

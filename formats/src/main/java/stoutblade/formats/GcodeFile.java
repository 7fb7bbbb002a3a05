package stoutblade.formats;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import stoutblade.machine.Cutter;
import stoutblade.machine.ToolPath;
import stoutblade.shape.Point;

/**
 * A machine's way in plain G-code: millimetres, absolute places, straight moves, feed and lift (RS
 * 274/NGC, NIST IR 6556; from memory). The zero is the sheet's corner, its upper face.
 */
public final class GcodeFile {

  private static final double LIFTED_MM = 5;
  private static final double THROUGH_MM = 0.3;
  private static final double ENGRAVED_MM = 0.5;
  private static final String END = "\n";

  private final StringBuilder out = new StringBuilder();
  private final Cutter cutter;
  private final double thicknessMm;

  private GcodeFile(Cutter cutter, double thicknessMm) {
    this.cutter = cutter;
    this.thicknessMm = thicknessMm;
  }

  /** Writes it, for a sheet of a thickness. */
  public static void write(Path file, ToolPath path, Cutter cutter, double thicknessMm)
      throws IOException {
    String text = text(path, cutter, thicknessMm);
    SafeWrite.write(file, text.getBytes(StandardCharsets.US_ASCII));
  }

  /** The file's text. */
  static String text(ToolPath path, Cutter cutter, double thicknessMm) {
    GcodeFile file = new GcodeFile(cutter, thicknessMm);
    file.out.append("G21").append(END).append("G90").append(END).append("G94").append(END);
    file.lift();
    for (ToolPath.Stretch it : path.stretches()) {
      file.stretch(it);
    }
    file.out.append("G0 X0 Y0").append(END).append("M2").append(END);
    return file.out.toString();
  }

  private boolean beam() {
    return cutter.kind() == Cutter.Kind.LASER;
  }

  private void lift() {
    out.append(beam() ? "M5" : "G0 Z" + number(LIFTED_MM)).append(END);
  }

  private void stretch(ToolPath.Stretch it) {
    out.append('(').append(it.purpose().name()).append(')').append(END);
    int passes = cutter.pace().passes(it.purpose());
    for (int pass = 1; pass <= passes; pass++) {
      out.append("G0 ").append(place(it.start())).append(END);
      if (beam()) {
        out.append("M3 S").append(it.purpose().cuts() ? "1000" : "200").append(END);
      } else {
        double deep = deep(it) * pass / passes;
        out.append("G1 Z").append(number(-deep)).append(feed(it)).append(END);
      }
      for (Point point : it.points().subList(1, it.points().size())) {
        out.append("G1 ").append(place(point)).append(feed(it)).append(END);
      }
      lift();
    }
  }

  private double deep(ToolPath.Stretch it) {
    if (cutter.kind() == Cutter.Kind.PEN) {
      return 0;
    }
    return it.purpose().cuts() ? thicknessMm + THROUGH_MM : Math.min(ENGRAVED_MM, thicknessMm / 2);
  }

  private String feed(ToolPath.Stretch it) {
    return " F" + number(cutter.pace().along(it.purpose()));
  }

  private static String place(Point mm) {
    return "X" + number(mm.x()) + " Y" + number(mm.y());
  }

  private static String number(double value) {
    BigDecimal rounded =
        BigDecimal.valueOf(value).setScale(4, RoundingMode.HALF_UP).stripTrailingZeros();
    return rounded.signum() == 0 ? "0" : rounded.toPlainString();
  }
}

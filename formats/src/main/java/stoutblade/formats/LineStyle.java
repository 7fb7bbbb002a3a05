package stoutblade.formats;

import java.util.List;
import stoutblade.template.Stroke;

/**
 * How a kind of line is drawn, the same in every file and on the screen: told apart without colour
 * by width and dashes, and with one colour for one purpose.
 *
 * @param widthMm of the line
 * @param dashesMm dashes and gaps in turn; none for a whole line
 * @param rgb its colour, for machines that are set up by it
 * @param number the same in the palette of DXF
 */
public record LineStyle(double widthMm, List<Double> dashesMm, int rgb, int number) {

  /** Copies the dashes. */
  public LineStyle {
    dashesMm = List.copyOf(dashesMm);
  }

  /** The style of a kind of line. */
  public static LineStyle of(Stroke.Kind kind) {
    return switch (kind) {
      case CUT -> of(0.45, 0xff0000, 1);
      case INSIDE -> of(0.4, 0xa00000, 14, 7, 0.7);
      case BEVEL -> of(0.25, 0x0000ff, 5, 4, 1.6);
      case CENTRE -> of(0.18, 0x808080, 8, 8, 1.5, 1, 1.5);
      case CHANNEL -> of(0.25, 0x00ffff, 4, 1.2, 1.2);
      case BEND -> of(0.25, 0x00ff00, 3, 12, 3);
      case NOTCH -> of(0.9, 0xff7f00, 30);
      case ENGRAVE -> of(0.3, 0x000000, 7, 5, 0.8, 0.6, 0.8, 0.6, 0.8);
      case SCORE -> of(0.3, 0xff00ff, 6, 2.2, 0.7);
      case FULLER -> of(0.3, 0x007fff, 150, 3, 1, 0.8, 1);
      case LAID -> of(0.5, 0x7f7f00, 52, 0.2, 2);
      case POCKET -> of(0.5, 0x7f00ff, 190, 2.4, 2.4);
      case JOINT -> of(0.5, 0xff007f, 230, 6, 1.5, 1, 1.5, 1, 1.5);
      case FINISHED -> of(0.18, 0x007f00, 94, 0.5, 0.9);
      case SHEET -> of(0.25, 0x406080, 140, 12, 2, 4, 2);
      case GRAIN -> of(0.18, 0xbfbf00, 2, 1.5, 4);
      case LEADER -> of(0.12, 0xc0c0c0, 9);
    };
  }

  private static LineStyle of(double widthMm, int rgb, int number, double... dashesMm) {
    return new LineStyle(widthMm, java.util.Arrays.stream(dashesMm).boxed().toList(), rgb, number);
  }

  /** Its colour as {@code #rrggbb}. */
  public String colour() {
    return "#%06x".formatted(rgb);
  }
}

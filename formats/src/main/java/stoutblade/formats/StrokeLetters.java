package stoutblade.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import stoutblade.shape.Point;
import stoutblade.template.Label;

/**
 * Letters of single strokes, for machines that engrave or draw: capitals and figures of our own, on
 * a grid of 4 by 6.
 */
final class StrokeLetters {

  /** From one letter to the next, and how high one is, in units of the grid. */
  private static final double PITCH = 5.4;

  private static final double HIGH = 6;

  /** The height of a capital as a share of the letters' em. */
  private static final double CAPITAL = 0.66;

  private static final Map<Character, String> GLYPHS =
      Map.ofEntries(
          Map.entry('A', "0,0 2,6 4,0|0.7,2 3.3,2"),
          Map.entry('B', "0,0 0,6 2.7,6 3.7,5.2 3.7,4 2.7,3.2 0,3.2|2.7,3.2 4,2.3 4,1 2.9,0 0,0"),
          Map.entry('C', "4,5 3,6 1,6 0,5 0,1 1,0 3,0 4,1"),
          Map.entry('D', "0,0 0,6 2.5,6 4,4.5 4,1.5 2.5,0 0,0"),
          Map.entry('E', "4,6 0,6 0,0 4,0|0,3.2 3,3.2"),
          Map.entry('F', "4,6 0,6 0,0|0,3.2 3,3.2"),
          Map.entry('G', "4,5 3,6 1,6 0,5 0,1 1,0 3,0 4,1 4,2.8 2.4,2.8"),
          Map.entry('H', "0,0 0,6|4,0 4,6|0,3.2 4,3.2"),
          Map.entry('I', "1,0 3,0|1,6 3,6|2,0 2,6"),
          Map.entry('J', "4,6 4,1.2 3,0 1.2,0 0,1.2"),
          Map.entry('K', "0,0 0,6|4,6 0,2.4|1.2,3.5 4,0"),
          Map.entry('L', "0,6 0,0 4,0"),
          Map.entry('M', "0,0 0,6 2,2.6 4,6 4,0"),
          Map.entry('N', "0,0 0,6 4,0 4,6"),
          Map.entry('O', "1,0 0,1 0,5 1,6 3,6 4,5 4,1 3,0 1,0"),
          Map.entry('P', "0,0 0,6 3,6 4,5.2 4,3.7 3,2.9 0,2.9"),
          Map.entry('Q', "1,0 0,1 0,5 1,6 3,6 4,5 4,1 3,0 1,0|2.4,1.6 4,-0.4"),
          Map.entry('R', "0,0 0,6 3,6 4,5.2 4,3.9 3,3.1 0,3.1|2.2,3.1 4,0"),
          Map.entry('S', "4,5.2 3.2,6 0.9,6 0,5.2 0,4 0.8,3.3 3.2,2.7 4,2 4,0.8 3.1,0 0.8,0 0,0.8"),
          Map.entry('T', "0,6 4,6|2,6 2,0"),
          Map.entry('U', "0,6 0,1 1,0 3,0 4,1 4,6"),
          Map.entry('V', "0,6 2,0 4,6"),
          Map.entry('W', "0,6 0.9,0 2,3.6 3.1,0 4,6"),
          Map.entry('X', "0,0 4,6|0,6 4,0"),
          Map.entry('Y', "0,6 2,3 4,6|2,3 2,0"),
          Map.entry('Z', "0,6 4,6 0,0 4,0"),
          Map.entry('0', "1,0 0,1.2 0,4.8 1,6 3,6 4,4.8 4,1.2 3,0 1,0|0.6,1 3.4,5"),
          Map.entry('1', "0.8,4.8 2,6 2,0|0.8,0 3.2,0"),
          Map.entry('2', "0,5 1,6 3,6 4,5 4,3.9 0,0 4,0"),
          Map.entry('3', "0,5.2 1,6 3,6 4,5.2 4,4 3,3.2 1.6,3.2|3,3.2 4,2.3 4,0.9 3,0 1,0 0,0.8"),
          Map.entry('4', "3,0 3,6 0,1.9 4,1.9"),
          Map.entry('5', "4,6 0.4,6 0,3.2 1,3.8 3,3.8 4,2.9 4,1 3,0 1,0 0,0.8"),
          Map.entry('6', "3.8,5.4 3,6 1.2,6 0,4.6 0,1.2 1,0 3,0 4,1 4,2.5 3,3.5 1,3.5 0,2.5"),
          Map.entry('7', "0,6 4,6 1.4,0"),
          Map.entry(
              '8',
              "1,3.2 0.2,4 0.2,5.2 1,6 3,6 3.8,5.2 3.8,4 3,3.2 1,3.2 0,2.2 0,1 1,0 3,0 4,1 4,2.2 3,3.2"),
          Map.entry('9', "0.2,0.6 1,0 2.8,0 4,1.4 4,4.8 3,6 1,6 0,5 0,3.5 1,2.5 3,2.5 4,3.5"),
          Map.entry('.', "1.9,0 2.1,0 2.1,0.2 1.9,0.2 1.9,0"),
          Map.entry(',', "2.2,0.4 2,-0.2 1.5,-0.9"),
          Map.entry(':', "2,1 2,1.2|2,3.4 2,3.6"),
          Map.entry(';', "2,3.4 2,3.6|2.2,1.2 2,0.6 1.6,0"),
          Map.entry('-', "0.8,2.8 3.2,2.8"),
          Map.entry('–', "0.4,2.8 3.6,2.8"),
          Map.entry('−', "0.6,2.8 3.4,2.8"),
          Map.entry('+', "0.6,2.8 3.4,2.8|2,1.4 2,4.2"),
          Map.entry('/', "0.4,-0.4 3.6,6.4"),
          Map.entry('(', "2.8,6.6 1.6,5 1.6,1 2.8,-0.6"),
          Map.entry(')', "1.2,6.6 2.4,5 2.4,1 1.2,-0.6"),
          Map.entry('\'', "2,6 2,4.8"),
          Map.entry('"', "1.3,6 1.3,4.8|2.7,6 2.7,4.8"),
          Map.entry('°', "1.4,5 1.4,5.6 1.9,6 2.4,5.6 2.4,5 1.9,4.6 1.4,5"),
          Map.entry('×', "0.8,1.6 3.2,4|0.8,4 3.2,1.6"),
          Map.entry('·', "1.9,2.7 2.1,2.7 2.1,2.9 1.9,2.9 1.9,2.7"),
          Map.entry('=', "0.6,2.2 3.4,2.2|0.6,3.6 3.4,3.6"),
          Map.entry(
              '%',
              "0.4,0 3.6,6|0.6,4.6 0.6,5.8 1.6,5.8 1.6,4.6 0.6,4.6|2.4,0.2 2.4,1.4 3.4,1.4 3.4,0.2 2.4,0.2"),
          Map.entry('?', "0.4,5 1.2,6 2.9,6 3.7,5.1 3.7,4.2 2,2.9 2,1.8|2,0 2,0.2"),
          Map.entry('!', "2,6 2,1.8|2,0 2,0.2"),
          Map.entry(
              '&', "4,0 0.8,4.6 0.8,5.4 1.4,6 2.2,6 2.8,5.4 2.8,4.6 0.2,2 0.2,0.8 1,0 2.2,0 4,2"),
          Map.entry('#', "1,0 1.6,6|2.6,0 3.2,6|0.2,2 3.8,2|0.4,4 4,4"),
          Map.entry('_', "0,-0.6 4,-0.6"),
          Map.entry('<', "3.4,5 0.6,2.8 3.4,0.6"),
          Map.entry('>', "0.6,5 3.4,2.8 0.6,0.6"),
          Map.entry('*', "2,1.4 2,4.6|0.6,2.2 3.4,3.8|0.6,3.8 3.4,2.2"),
          Map.entry(
              '½', "0.6,5.4 1.1,6 1.1,3.4|0.4,0 3.6,6|2.4,2.2 3,2.6 3.6,2.2 3.6,1.6 2.4,0 3.8,0"));

  private StrokeLetters() {}

  /** The lines of a label's words where they stand on the template, in mm. */
  static List<List<Point>> of(Label label) {
    String text = label.text().toUpperCase(Locale.ROOT);
    double length = Math.max(1, text.length()) * PITCH - (PITCH - 4);
    // As high as in print where that is not longer than there is room for.
    double room = label.upright() ? label.box().height() : label.box().width();
    double unit = Math.min(label.sizeMm() * CAPITAL / HIGH, room / length);
    List<List<Point>> all = new ArrayList<>();
    for (int i = 0; i < text.length(); i++) {
      String strokes = GLYPHS.getOrDefault(text.charAt(i), "");
      for (String stroke : strokes.isEmpty() ? new String[0] : strokes.split("\\|", -1)) {
        List<Point> line = new ArrayList<>();
        for (String place : stroke.split(" ", -1)) {
          int comma = place.indexOf(',');
          double x = Double.parseDouble(place.substring(0, comma));
          double y = Double.parseDouble(place.substring(comma + 1));
          Point own = new Point(i * PITCH + x - length / 2, y - HIGH / 2).times(unit);
          line.add(label.at().plus(label.upright() ? own.turned(Math.PI / 2) : own));
        }
        all.add(line);
      }
    }
    return all;
  }
}

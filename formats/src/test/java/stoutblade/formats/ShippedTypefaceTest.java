package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.InputStream;
import java.util.List;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.junit.jupiter.api.Test;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Where;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/** Letters as outlines, against another reader of the same font (PDFBox's FontBox). */
class ShippedTypefaceTest {

  private final ShippedTypeface typeface = new ShippedTypeface();

  private static Box box(List<Path> paths) {
    return Box.around(paths.stream().flatMap(it -> it.flattened(0.001).stream()).toList());
  }

  private static TrueTypeFont font() throws Exception {
    try (InputStream in =
        ShippedTypefaceTest.class.getResourceAsStream("/stoutblade/fonts/AsapCondensed-Bold.ttf")) {
      return new TTFParser().parse(new RandomAccessReadBuffer(in));
    }
  }

  @Test
  void capitals_are_as_high_as_was_asked_and_stand_about_the_middle() {
    List<Path> letters = typeface.outlines("H", 24);

    assertThat(box(letters).height()).isCloseTo(24, within(1e-3));
    assertThat(box(letters).centre().x()).isCloseTo(0, within(1e-3));
    assertThat(box(letters).centre().y()).isCloseTo(0, within(1e-3));
  }

  @Test
  void letters_with_hollows_have_an_outline_for_each() {
    assertThat(typeface.outlines("I", 20)).hasSize(1);
    assertThat(typeface.outlines("D", 20)).hasSize(2);
    assertThat(typeface.outlines("B", 20)).hasSize(3);
    assertThat(typeface.outlines("TIDE", 20)).hasSize(5);
    assertThat(typeface.outlines("  ", 20)).isEmpty();
    assertThat(typeface.outlines("", 20)).isEmpty();
  }

  /** The area of every capital as FontBox reads it, by the shoelace formula over its outline. */
  @Test
  void every_capital_has_the_area_that_another_reader_finds() throws Exception {
    TrueTypeFont font = font();
    double high = font.getPath("H").getBounds2D().getHeight();
    for (char letter = 'A'; letter <= 'Z'; letter++) {
      String name = Character.toString(letter);
      double theirs = area(font.getPath(name)) * (100 / high) * (100 / high);
      double ours =
          Region.evenOdd(
                  typeface.outlines(name, 100).stream().map(it -> it.flattened(0.01)).toList())
              .area();
      assertThat(ours).as(name).isCloseTo(theirs, within(theirs * 0.004));
    }
  }

  @Test
  void every_capital_that_is_cut_out_keeps_its_insides_on_bridges() {
    for (char letter = 'A'; letter <= 'Z'; letter++) {
      Feature cut =
          new Feature(
              "f1",
              Feature.Kind.LETTERS,
              Map.of("way", 1.0, "high", 60.0),
              Character.toString(letter),
              Where.At.of(0, 0));
      WholeOutline board =
          new WholeOutline(
              List.of(
                  Node.corner(-60, -60),
                  Node.corner(60, -60),
                  Node.corner(60, 60),
                  Node.corner(-60, 60)));
      Blank blank = new Blank("d1", "Board", board, List.of(cut), 6);

      PlateForm form = PlateForm.of(blank, typeface);

      assertThat(form.face().partCount()).as(cut.words()).isEqualTo(1);
      assertThat(form.windows()).as(cut.words()).isNotEmpty();
    }
  }

  private static double area(java.awt.geom.GeneralPath path) {
    var way = path.getPathIterator(null, 0.02);
    double[] at = new double[6];
    double twice = 0;
    double startX = 0;
    double startY = 0;
    double x = 0;
    double y = 0;
    for (; !way.isDone(); way.next()) {
      int kind = way.currentSegment(at);
      if (kind == java.awt.geom.PathIterator.SEG_MOVETO) {
        startX = at[0];
        startY = at[1];
      } else {
        double toX = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startX : at[0];
        double toY = kind == java.awt.geom.PathIterator.SEG_CLOSE ? startY : at[1];
        twice += x * toY - toX * y;
        at[0] = toX;
        at[1] = toY;
      }
      x = at[0];
      y = at[1];
    }
    return Math.abs(twice) / 2;
  }

  @Test
  void letters_the_font_lacks_do_no_harm() {
    assertThat(typeface.outlines("漢字 \uD83D\uDDE1", 20)).isNotNull();
  }
}

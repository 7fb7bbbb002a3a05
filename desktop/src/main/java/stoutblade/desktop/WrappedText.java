package stoutblade.desktop;

import java.text.Bidi;
import javafx.scene.control.Labeled;

/**
 * Text that goes on in the next line where it is too long for one.
 *
 * <p>The toolkit's layout of text fails where a line ends within words that run from right to left,
 * as Hebrew and Arabic names do: it looks for the end of the line as many letters before the words
 * as they are long, and so before the text. Marks that take no room are put before such a text, one
 * for each letter; they also make it begin at the left, like the sentences that names stand in.
 */
public final class WrappedText {

  private static final char LEFT_TO_RIGHT = '\u200e';

  private WrappedText() {}

  /** Lets what a thing says go on in the next line. */
  public static void in(Labeled thing) {
    thing.setWrapText(true);
    thing.textProperty().addListener((text, before, now) -> guard(thing, now));
    guard(thing, thing.getText());
  }

  private static void guard(Labeled thing, String text) {
    String safe = safe(text);
    if (!safe.equals(text)) {
      thing.setText(safe);
    }
  }

  /** A text as it can be laid out in lines; for things that wrap what they say by themselves. */
  public static String safe(String text) {
    int marks = 0;
    while (marks < text.length() && text.charAt(marks) == LEFT_TO_RIGHT) {
      marks++;
    }
    int letters = text.length() - marks;
    boolean plain = !Bidi.requiresBidi(text.toCharArray(), marks, text.length());
    return plain || marks >= letters
        ? text
        : String.valueOf(LEFT_TO_RIGHT).repeat(letters - marks) + text;
  }
}

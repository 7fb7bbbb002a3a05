package stoutblade.desktop;

import java.text.Bidi;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Labeled;
import javafx.scene.text.Text;

/**
 * Text that goes on in the next line where it is too long for one.
 *
 * <p>The toolkit cannot break a line within words that run from right to left, as Hebrew and Arabic
 * names do: it draws all of them in the first line, and fails where it looks for the end of that as
 * many letters before the words as they are long, and so before the text. Such a text is broken
 * here, between words. Marks that take no room stand before it, one for each letter, so that a word
 * wider than its place does no harm, and before each line, so that it begins at the left, like the
 * sentences that names stand in.
 */
public final class WrappedText {

  private static final String LEFT_TO_RIGHT = "\u200e";

  private final Labeled thing;
  private String whole;
  private boolean laying;

  private WrappedText(Labeled thing) {
    this.thing = thing;
    this.whole = thing.getText();
  }

  /** Lets what a thing says go on in the next line. */
  public static void in(Labeled thing) {
    WrappedText own = new WrappedText(thing);
    thing.setWrapText(true);
    thing.textProperty().addListener((text, before, now) -> own.say(now));
    thing.widthProperty().addListener(width -> own.lay());
    own.lay();
  }

  private void say(String now) {
    if (!laying) {
      whole = now;
      lay();
    }
  }

  private void lay() {
    if (plain(whole)) {
      return;
    }
    String laid = safe(room() > 0 ? lines(room()) : whole);
    if (!laid.equals(thing.getText())) {
      laying = true;
      thing.setText(laid);
      laying = false;
    }
  }

  private double room() {
    boolean aside =
        thing.getGraphic() != null
            && (thing.getContentDisplay() == ContentDisplay.LEFT
                || thing.getContentDisplay() == ContentDisplay.RIGHT);
    return thing.getWidth()
        - thing.snappedLeftInset()
        - thing.snappedRightInset()
        - thing.getLabelPadding().getLeft()
        - thing.getLabelPadding().getRight()
        - (aside ? thing.getGraphic().prefWidth(-1) + thing.getGraphicTextGap() : 0);
  }

  /** Its words, as many in each line as there is room for. */
  private String lines(double room) {
    Text ruler = new Text();
    ruler.setFont(thing.getFont());
    StringBuilder lines = new StringBuilder();
    String line = LEFT_TO_RIGHT;
    for (String word : whole.split(" ", -1)) {
      String longer = line.equals(LEFT_TO_RIGHT) ? line + word : line + " " + word;
      ruler.setText(longer);
      if (ruler.getLayoutBounds().getWidth() > room && !line.equals(LEFT_TO_RIGHT)) {
        lines.append(line).append('\n');
        line = LEFT_TO_RIGHT + word;
      } else {
        line = longer;
      }
    }
    return lines.append(line).toString();
  }

  private static boolean plain(String text) {
    return !Bidi.requiresBidi(text.toCharArray(), 0, text.length());
  }

  /** A text that does no harm in things that wrap what they say by themselves. */
  public static String safe(String text) {
    return plain(text) ? text : LEFT_TO_RIGHT.repeat(text.length()) + text;
  }
}

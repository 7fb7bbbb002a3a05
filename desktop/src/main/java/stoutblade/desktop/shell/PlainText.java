package stoutblade.desktop.shell;

import javafx.scene.control.TextField;
import javafx.scene.control.TextFormatter;
import stoutblade.measure.SeenText;

/** Fields for text that a person can see; what cannot be seen never gets into them. */
public final class PlainText {

  private static final int LONGEST = 400;

  private PlainText() {}

  /** An empty field. */
  public static TextField field() {
    return field("");
  }

  /** A field with a text. */
  public static TextField field(String text) {
    TextField field = new TextField();
    only(field);
    field.setText(text);
    return field;
  }

  /** Lets a field take plain text alone, and no more of it than can be read. */
  static void only(TextField field) {
    field.setTextFormatter(
        new TextFormatter<String>(
            change -> {
              String plain = SeenText.of(change.getText());
              int room = LONGEST - (change.getControlText().length() - removed(change));
              String fits = plain.substring(0, Math.clamp(room, 0, plain.length()));
              if (!fits.equals(change.getText())) {
                change.setText(fits);
                int end = change.getRangeStart() + fits.length();
                change.setCaretPosition(end);
                change.setAnchor(end);
              }
              return change;
            }));
  }

  private static int removed(TextFormatter.Change change) {
    return change.getRangeEnd() - change.getRangeStart();
  }
}

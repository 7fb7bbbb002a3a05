package stoutblade.desktop.shell;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;

/** Words that are cut for want of room have all of them in a tip: pointed at, or with the keys. */
public final class CutText {

  private static final String OURS = "stoutblade.cut-text";

  private CutText() {}

  /** Gives tips to whatever is in a window, now and later. */
  public static void tips(Parent root) {
    root.addEventFilter(
        MouseEvent.MOUSE_ENTERED_TARGET,
        event -> {
          for (Node at = event.getTarget() instanceof Node it ? it : null;
              at != null && at != root;
              at = at.getParent()) {
            if (at instanceof Labeled labeled) {
              dress(labeled);
            }
          }
        });
  }

  /** Gives it a tip where its words are cut, and takes it away where they no longer are. */
  static void dress(Labeled labeled) {
    boolean ours = labeled.getProperties().containsKey(OURS);
    if (labeled.getTooltip() != null && !ours) {
      return;
    }
    if (cut(labeled)) {
      labeled.setTooltip(new Tooltip(labeled.getText()));
      labeled.getProperties().put(OURS, true);
    } else if (ours) {
      labeled.setTooltip(null);
      labeled.getProperties().remove(OURS);
    }
  }

  /** True where fewer words are shown than there are. */
  public static boolean cut(Labeled labeled) {
    String words = labeled.getText();
    return words != null
        && !words.isBlank()
        && labeled.getWidth() > 0
        && labeled.getChildrenUnmodifiable().stream()
            .anyMatch(it -> it instanceof Text text && !text.getText().equals(words));
  }
}

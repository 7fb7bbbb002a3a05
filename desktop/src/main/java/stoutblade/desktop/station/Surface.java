package stoutblade.desktop.station;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import stoutblade.derive.Derived;

/** What a station looks like. */
public interface Surface {

  /** What is put in the middle of the window. */
  Node node();

  /** Shows what is derived from the project as it stands. */
  void show(Derived derived);

  /** A key with the shortcut key held that nobody nearer took; true where it meant something. */
  default boolean shortcut(KeyEvent event) {
    return false;
  }

  /** A key that nobody nearer took; true where it meant something here. */
  default boolean key(KeyEvent event) {
    return false;
  }
}

package stoutblade.desktop.shell;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.layout.Region;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.MatView;

/**
 * What a station shows, with a few controls over its top edge. A drawing runs under them and keeps
 * clear of them what is fitted into it; anything else begins below them.
 */
public final class RunsUnder extends Region {

  private final Region top;
  private Node content = new Region();

  /**
   * Nothing yet, below the controls.
   *
   * @param top the controls
   */
  public RunsUnder(Region top) {
    this.top = top;
    top.getStyleClass().add(Style.FLOATING);
    top.setPickOnBounds(false);
    getChildren().setAll(content, top);
  }

  /** What is shown. */
  public Node shown() {
    return content;
  }

  /** Shows something; the same again changes nothing. */
  public void show(Node node) {
    if (node != content) {
      content = node;
      getChildren().setAll(node, top);
    }
  }

  @Override
  protected void layoutChildren() {
    double high = top.isManaged() ? snapSizeY(top.prefHeight(getWidth())) : 0;
    top.resizeRelocate(0, 0, getWidth(), high);
    content.resizeRelocate(0, 0, getWidth(), getHeight());
    if (!drawn(high)) {
      content.resizeRelocate(0, high, getWidth(), getHeight() - high);
      drawn(0);
    }
  }

  /** Tells the drawings at the top how much of them is covered; false where there is none. */
  private boolean drawn(double high) {
    if (content instanceof Parent parent) {
      parent.layout();
    }
    double from = localToScene(0, 0).getY();
    boolean any = false;
    for (Node it : content.lookupAll("." + Style.MAT)) {
      if (it instanceof MatView mat && mat.isVisible()) {
        boolean under = mat.localToScene(0, 0).getY() - from < 1;
        mat.aboveProperty().set(under ? high : 0);
        any |= under;
      }
    }
    return any;
  }
}

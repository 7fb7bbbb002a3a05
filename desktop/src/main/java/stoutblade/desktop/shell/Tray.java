package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;

/**
 * The tray below a mat: the few things that are decided at a station, each under its name. In a low
 * window it shows its first row alone, so that the drawing keeps its room; a press shows the rest.
 */
public final class Tray extends FlowPane {

  private static final double LEAST = 300;
  private static final String NAMED = "stoutblade.tray.named";

  /** A control's name, and the box of both. */
  private record Named(Label label, VBox box) {}

  private static final PseudoClass FOLDED = PseudoClass.getPseudoClass("folded");

  /** Windows lower than this have no room for a second row. */
  private static final double LOW = 940;

  private final Button more = new Button();
  private final InvalidationListener resized = height -> requestLayout();
  private final WeakInvalidationListener heard = new WeakInvalidationListener(resized);
  private final BooleanProperty opened = new SimpleBooleanProperty();
  private boolean othersHidden;

  /** What is being laid out; empty where controls are put in at once. */
  private Optional<List<Node>> laying = Optional.empty();

  /** An empty tray. */
  public Tray() {
    super(10, 6);
    getStyleClass().add(Style.TRAY);
    setAlignment(Pos.TOP_LEFT);
    setRowValignment(VPos.BOTTOM);
    more.getStyleClass().add(Style.MORE);
    more.setManaged(false);
    more.setVisible(false);
    more.setOnAction(event -> opened.set(!opened.get()));
    opened.addListener(it -> requestLayout());
    getChildren().add(more);
    // Weak: a window outlives the trays of the props that were looked at.
    sceneProperty()
        .addListener(
            (of, before, now) -> {
              if (before != null) {
                before.heightProperty().removeListener(heard);
              }
              if (now != null) {
                now.heightProperty().addListener(heard);
              }
            });
  }

  // == ONE ROW, WHERE THERE IS NO ROOM FOR MORE

  private boolean low() {
    return low(this);
  }

  /** True for a window that has no room for a second row. */
  static boolean low(Node inside) {
    return inside.getScene() != null && inside.getScene().getHeight() < LOW;
  }

  /** Whether all rows are shown in a low window. */
  BooleanProperty opened() {
    return opened;
  }

  /** Whether a press would show another tray, too, which has no room beside this one. */
  void setOthersHidden(boolean hidden) {
    othersHidden = hidden;
  }

  /** How wide it is where all of it stands in one row. */
  double inOneRow() {
    double wide = getInsets().getLeft() + getInsets().getRight();
    int count = 0;
    for (Node it : getManagedChildren()) {
      wide += snapSizeX(it.prefWidth(-1));
      count++;
    }
    return wide + Math.max(0, count - 1) * getHgap();
  }

  private double inside(double width) {
    return width - getInsets().getLeft() - getInsets().getRight();
  }

  /** How high the first row is, and whether there is another. */
  private record Row(double height, boolean others) {}

  private Row first(double width) {
    double x = 0;
    double high = 0;
    for (Node it : getManagedChildren()) {
      double own = snapSizeX(it.prefWidth(-1));
      if (x > 0 && x + own > width) {
        return new Row(high, true);
      }
      x += own + getHgap();
      high = Math.max(high, snapSizeY(it.prefHeight(-1)));
    }
    return new Row(high, false);
  }

  @Override
  protected double computePrefHeight(double width) {
    double all = super.computePrefHeight(width);
    if (!low() || opened.get() || width <= 0) {
      return all;
    }
    Row row = first(inside(width));
    return row.others() ? getInsets().getTop() + row.height() + getInsets().getBottom() : all;
  }

  @Override
  protected void layoutChildren() {
    super.layoutChildren();
    Row row = first(inside(getWidth()));
    boolean foldable = low() && (row.others() || othersHidden);
    boolean folded = foldable && !opened.get();
    pseudoClassStateChanged(FOLDED, foldable);
    double below = getInsets().getTop() + row.height();
    for (Node it : getManagedChildren()) {
      it.setVisible(!folded || it.getLayoutY() < below);
    }
    more.setVisible(foldable);
    more.setText(folded ? Texts.WINDOW.of("more") : Texts.WINDOW.of("less"));
    if (foldable) {
      more.autosize();
      more.relocate(getWidth() - more.getWidth() - 10, below - more.getHeight());
    }
  }

  /** However wide what is in it would like to be, it never pushes the window wider. */
  @Override
  protected double computeMinWidth(double height) {
    return Math.min(LEAST, super.computeMinWidth(height));
  }

  /** Puts a control in the tray under a name. */
  public Tray with(String name, Node control) {
    return with(named(name, control));
  }

  /** Lays the tray out anew; what is in it already stays as it is. */
  public void lay(Runnable fill) {
    List<Node> laid = new ArrayList<>();
    laying = Optional.of(laid);
    fill.run();
    laying = Optional.empty();
    laid.add(more);
    Panes.put(this, laid);
  }

  /**
   * The control under its name: the same box again for the same control. The toolkit keeps every
   * label that was ever set on a control for as long as the control, and all that is round it, so
   * that trays laid out anew would fill the memory.
   */
  private static VBox named(String name, Node control) {
    if (control.getProperties().get(NAMED) instanceof Named before) {
      before.label.setText(name);
      return before.box;
    }
    Label label = new Label(name);
    label.getStyleClass().add(Style.TRAY_LABEL);
    if (!name.isBlank()) {
      label.setLabelFor(control);
    }
    Named made = new Named(label, new VBox(2, label, control));
    control.getProperties().put(NAMED, made);
    return made.box;
  }

  /**
   * A button for a tray.
   *
   * @param action what it does
   * @param after what follows whatever it did, such as showing it
   */
  public static Button button(String id, String words, Runnable action, Runnable after) {
    Button button = new Button(words);
    button.setId(id);
    button.setOnAction(
        event -> {
          action.run();
          after.run();
        });
    return button;
  }

  /**
   * What a control lies in that has no place while it is hidden: the tray hides what is folded, and
   * could not tell the one from the other.
   */
  private static Node holder(Node control) {
    if (control.getProperties().get(NAMED) instanceof VBox before) {
      return before;
    }
    VBox holder = new VBox(control);
    holder.managedProperty().bind(control.visibleProperty());
    control.getProperties().put(NAMED, holder);
    return holder;
  }

  /** True for what is hidden only because a low window has no room for it. */
  public static boolean folded(Node node) {
    return !node.isVisible()
        && node.isManaged()
        && (node.getParent() instanceof Tray || node.getParent() instanceof Trays);
  }

  /** Puts a control in the tray that says itself what it is. */
  public Tray with(Node control) {
    List<Node> to = laying.orElseGet(this::getChildren);
    to.remove(more);
    to.add(control.managedProperty().isBound() ? holder(control) : control);
    if (laying.isEmpty()) {
      to.add(more);
    }
    return this;
  }
}

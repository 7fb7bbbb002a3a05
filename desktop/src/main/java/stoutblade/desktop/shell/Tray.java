package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Style;

/** The tray below a mat: the few things that are decided at a station, each under its name. */
public final class Tray extends FlowPane {

  private static final double LEAST = 300;
  private static final String NAMED = "stoutblade.tray.named";

  /** A control's name, and the box of both. */
  private record Named(Label label, VBox box) {}

  /** What is being laid out; empty where controls are put in at once. */
  private Optional<List<Node>> laying = Optional.empty();

  /** An empty tray. */
  public Tray() {
    super(10, 6);
    getStyleClass().add(Style.TRAY);
    setAlignment(Pos.BOTTOM_LEFT);
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

  /** Puts a control in the tray that says itself what it is. */
  public Tray with(Node control) {
    laying.orElseGet(this::getChildren).add(control);
    return this;
  }
}

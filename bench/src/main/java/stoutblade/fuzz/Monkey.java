package stoutblade.fuzz;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicLong;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.scene.input.ScrollEvent;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Workbench;
import stoutblade.desktop.mat.MatView;
import stoutblade.edit.Edit;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Station;

/** Random hands on a window: presses, drags, typing, keys, menus, files. */
public final class Monkey {

  private static final String[] TYPED = {
    "0",
    "1",
    "12",
    "7.3 mm",
    "10 cm",
    "1 m",
    "5' 7\"",
    "3/16\"",
    "24\" - 2*3/8\"",
    "-4",
    "1e9",
    "NaN",
    "",
    "  ",
    "word",
    "99999",
    "0.001",
    "\u202e12",
    "\u05d7\u05e8\u05d1 \u05e7\u05e6\u05e3 \u05d0\u05e8\u05d5\u05db\u05d4",
    "17:30",
    "none",
    "9-12, 14-18",
    "250",
    "x".repeat(300),
    "450 mm",
    "90",
    "3"
  };
  private static final KeyCode[] KEYS = {
    KeyCode.DIGIT1,
    KeyCode.DIGIT2,
    KeyCode.DIGIT3,
    KeyCode.DIGIT4,
    KeyCode.DIGIT5,
    KeyCode.DIGIT6,
    KeyCode.DIGIT7,
    KeyCode.DIGIT8,
    KeyCode.A,
    KeyCode.C,
    KeyCode.D,
    KeyCode.E,
    KeyCode.I,
    KeyCode.J,
    KeyCode.K,
    KeyCode.L,
    KeyCode.M,
    KeyCode.N,
    KeyCode.P,
    KeyCode.R,
    KeyCode.S,
    KeyCode.T,
    KeyCode.U,
    KeyCode.V,
    KeyCode.X,
    KeyCode.Y,
    KeyCode.INSERT,
    KeyCode.OPEN_BRACKET,
    KeyCode.CLOSE_BRACKET,
    KeyCode.DELETE,
    KeyCode.TAB,
    KeyCode.ENTER,
    KeyCode.ESCAPE,
    KeyCode.LEFT,
    KeyCode.RIGHT,
    KeyCode.UP,
    KeyCode.DOWN,
    KeyCode.PLUS,
    KeyCode.MINUS,
    KeyCode.SPACE
  };
  private static final EventType<?>[] DRAG = {
    MouseEvent.MOUSE_PRESSED,
    MouseEvent.MOUSE_DRAGGED,
    MouseEvent.MOUSE_DRAGGED,
    MouseEvent.MOUSE_RELEASED
  };

  private final Workbench bench;
  private final Scene scene;
  private final Random random;
  private final List<Path> files;
  private final RandomEdits edits;
  private long refusedYetApplied;
  private final AtomicLong acted = new AtomicLong();
  private String last = "";

  /**
   * A monkey.
   *
   * @param files pictures, models, outlines and projects to open now and then
   */
  public Monkey(Workbench bench, Scene scene, Random random, List<Path> files) {
    this.bench = bench;
    this.scene = scene;
    this.random = random;
    this.files = files;
    this.edits = new RandomEdits(random.nextLong(), bench.desk().catalogue());
  }

  /** What was done last, in words. */
  public String last() {
    return last;
  }

  /** How much was done. */
  public long acted() {
    return acted.get();
  }

  /** Does one thing; on the window's thread. */
  public void act() {
    acted.incrementAndGet();
    switch (random.nextInt(100)) {
      case 0 -> open();
      case 1 -> demo();
      case 2, 3, 4, 5 -> station();
      case 6, 7, 8 -> undo();
      case 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20, 21 -> drag();
      case 22, 23, 24 -> scroll();
      case 25, 26, 27 -> edit();
      case 28, 29, 30, 31, 32, 33, 34 -> key();
      default -> control();
    }
  }

  private void open() {
    if (files.isEmpty()) {
      return;
    }
    Path file = files.get(random.nextInt(files.size()));
    last = "open " + file.getFileName();
    String name = file.getFileName().toString();
    if (name.endsWith(".stout")) {
      bench.files().open(file);
    } else if (name.matches(".*\\.(svg|dxf)")) {
      bench.openLines(file);
    } else if (name.matches(".*\\.(obj|stl|glb|gltf)")) {
      bench.openModel(file);
    } else {
      bench.openPicture(file);
    }
  }

  private void demo() {
    last = "open the demo";
    bench.files().demo(() -> {});
  }

  private void station() {
    List<Station> all = List.of(Station.values());
    Station to = all.get(random.nextInt(all.size()));
    last = "go to " + to;
    Desk desk = bench.desk();
    desk.goTo(to);
    List<Prop> props = desk.project().props();
    desk.goToProp(props.get(random.nextInt(props.size())).id());
    List<Part> parts = desk.prop().parts();
    if (random.nextInt(3) == 0 && !parts.isEmpty()) {
      String part = parts.get(random.nextInt(parts.size())).id();
      last = "look at " + part + " from " + to;
      desk.goToPart(part);
    }
  }

  /** An edit of any kind, with numbers that no field would take. */
  private void edit() {
    Desk desk = bench.desk();
    Project before = desk.project();
    try {
      Edit edit = edits.next(before);
      last = "edit " + edit.name();
      if (!desk.perform(edit) && !desk.project().equals(before)) {
        refusedYetApplied++;
      }
    } catch (IllegalArgumentException e) {
      last = "no edit";
    }
  }

  /** How often an edit was refused and made all the same. */
  public long refusedYetApplied() {
    return refusedYetApplied;
  }

  private void undo() {
    last = "undo and redo";
    for (int i = random.nextInt(8); i >= 0; i--) {
      if (random.nextInt(3) > 0) {
        bench.desk().undo();
      } else {
        bench.desk().redo();
      }
    }
  }

  // == NODES

  private <T extends Node> Optional<T> any(Class<T> kind) {
    List<T> found = new ArrayList<>();
    gather(scene.getRoot(), kind, found);
    return found.isEmpty()
        ? Optional.empty()
        : Optional.of(found.get(random.nextInt(found.size())));
  }

  private static <T extends Node> void gather(Parent parent, Class<T> kind, List<T> into) {
    for (Node node : parent.getChildrenUnmodifiable()) {
      if (!node.isVisible() || node.isDisabled()) {
        continue;
      }
      if (kind.isInstance(node)) {
        into.add(kind.cast(node));
      }
      if (node instanceof Parent inner) {
        gather(inner, kind, into);
      }
    }
  }

  private void control() {
    switch (random.nextInt(10)) {
      case 0, 1, 2 -> any(ButtonBase.class).ifPresent(this::press);
      case 3, 4, 5, 6 -> any(TextField.class).ifPresent(this::type);
      case 7 -> any(ComboBox.class).ifPresent(this::choose);
      case 8 -> any(MenuButton.class).ifPresent(this::menu);
      default -> {
        any(CheckBox.class).ifPresent(CheckBox::fire);
        any(Slider.class)
            .ifPresent(
                it -> it.setValue(it.getMin() + random.nextDouble() * (it.getMax() - it.getMin())));
      }
    }
  }

  private void press(ButtonBase button) {
    last = "press '" + button.getText() + "' " + button.getId();
    if (button instanceof MenuButton) {
      return;
    }
    if (button instanceof ToggleButton toggle) {
      toggle.fire();
    } else {
      button.fire();
    }
  }

  private void type(TextField field) {
    String text = TYPED[random.nextInt(TYPED.length)];
    last = "type '" + text + "' into " + field.getId();
    field.requestFocus();
    field.setText(text);
    if (random.nextBoolean()) {
      field.fireEvent(new javafx.event.ActionEvent());
    } else {
      bench.focusMat();
    }
  }

  @SuppressWarnings("unchecked") // any value of its own items is one that it takes
  private void choose(ComboBox<?> box) {
    if (!box.getItems().isEmpty()) {
      last = "choose in " + box.getId();
      Object value = box.getItems().get(random.nextInt(box.getItems().size()));
      ((ComboBox<Object>) box).setValue(value);
    }
    any(DatePicker.class)
        .ifPresent(
            it -> it.setValue(java.time.LocalDate.of(2031, 1, 1).plusDays(random.nextInt(400))));
  }

  private void menu(MenuButton button) {
    List<MenuItem> items = new ArrayList<>();
    flatten(button.getItems(), items);
    if (!items.isEmpty()) {
      MenuItem item = items.get(random.nextInt(items.size()));
      last = "menu '" + button.getText() + "': " + item.getText();
      item.fire();
    }
  }

  private static void flatten(List<MenuItem> items, List<MenuItem> into) {
    for (MenuItem item : items) {
      if (item instanceof Menu menu) {
        flatten(menu.getItems(), into);
      } else if (!item.isDisable() && item.getOnAction() != null) {
        into.add(item);
      }
    }
  }

  // == THE POINTER AND THE KEYS

  private void drag() {
    any(MatView.class)
        .ifPresent(
            mat -> {
              last = "drag on " + mat.getId();
              double x = random.nextDouble() * mat.getWidth();
              double y = random.nextDouble() * mat.getHeight();
              MouseButton button =
                  random.nextInt(6) == 0 ? MouseButton.SECONDARY : MouseButton.PRIMARY;
              boolean shift = random.nextInt(5) == 0;
              boolean control = random.nextInt(8) == 0;
              double far = random.nextInt(4) == 0 ? 900 : 40;
              for (EventType<?> type : DRAG) {
                fire(mat, type, x, y, button, shift, control);
                x += random.nextGaussian() * far;
                y += random.nextGaussian() * far;
              }
            });
  }

  @SuppressWarnings("unchecked") // all of them are of the pointer
  private static void fire(
      MatView mat,
      EventType<?> type,
      double x,
      double y,
      MouseButton button,
      boolean shift,
      boolean control) {
    Node drawing = mat.getChildrenUnmodifiable().getFirst();
    Point2D at = mat.localToScene(x, y);
    boolean primary = button == MouseButton.PRIMARY;
    Event.fireEvent(
        drawing,
        new MouseEvent(
            (EventType<MouseEvent>) type,
            at.getX(),
            at.getY(),
            at.getX(),
            at.getY(),
            button,
            1,
            shift,
            control,
            false,
            false,
            primary,
            false,
            !primary,
            false,
            false,
            true,
            new PickResult(drawing, at.getX(), at.getY())));
  }

  private void scroll() {
    any(MatView.class)
        .ifPresent(
            mat -> {
              last = "scroll on " + mat.getId();
              Point2D at =
                  mat.localToScene(
                      random.nextDouble() * mat.getWidth(), random.nextDouble() * mat.getHeight());
              Event.fireEvent(
                  mat,
                  new ScrollEvent(
                      ScrollEvent.SCROLL,
                      at.getX(),
                      at.getY(),
                      at.getX(),
                      at.getY(),
                      false,
                      false,
                      false,
                      false,
                      false,
                      false,
                      0,
                      40.0 * (random.nextInt(9) - 4),
                      0,
                      0,
                      ScrollEvent.HorizontalTextScrollUnits.NONE,
                      0,
                      ScrollEvent.VerticalTextScrollUnits.NONE,
                      0,
                      0,
                      new PickResult(mat, at.getX(), at.getY())));
            });
  }

  private void key() {
    KeyCode code = KEYS[random.nextInt(KEYS.length)];
    boolean control = random.nextInt(6) == 0 && code != KeyCode.O && code != KeyCode.S;
    boolean shift = random.nextInt(6) == 0;
    last = "key " + (control ? "control " : "") + (shift ? "shift " : "") + code;
    Node focused = scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
    String text =
        code.isDigitKey() || code.isLetterKey() ? code.getName().toLowerCase(Locale.ROOT) : "";
    for (EventType<KeyEvent> type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
      Event.fireEvent(focused, new KeyEvent(type, text, text, code, shift, control, false, false));
    }
  }
}

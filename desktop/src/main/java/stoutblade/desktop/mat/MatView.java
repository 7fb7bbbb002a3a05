package stoutblade.desktop.mat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * A ruled surface at a true scale.
 *
 * <p>The wheel zooms about the pointer, dragging with the right or middle button (or beside
 * everything) moves the mat; what a press, drag and release mean is up to the hand in use.
 */
public final class MatView extends Inks {

  private static final double MOST_ZOOM = 80;
  private static final double LEAST_ZOOM = 0.01;
  private static final double RIM_PX = 26;

  /** A press that moves less than this is no drag. */
  private static final double STILL_PX = 4;

  private static final double NOTE_X = 44;
  private static final double NOTE_Y = 10;

  private final Canvas canvas = new Canvas();
  private final Pane over = new Pane();
  private final Map<String, Font> fonts = new HashMap<>();
  private final Text ruler = new Text();
  private Lie lie;
  private Consumer<Pen> drawing = pen -> {};
  private Optional<Hand> hand = Optional.empty();
  private Runnable moved = () -> {};
  private BooleanSupplier pending = () -> false;
  private Units units = Units.METRIC;
  private boolean ruled = true;
  private double zoom = 1;
  private Point centre = new Point(0, 0);
  private Optional<Box> fitted = Optional.empty();
  private Optional<Box> last = Optional.empty();
  private Optional<Box> asked = Optional.empty();
  private double fitMargin = 40;
  private final DoubleProperty above = new SimpleDoubleProperty();
  private final KeyPointer pointer =
      new KeyPointer(canvas, this::pressed, this::dragged, this::released);
  private String called = Texts.WINDOW.of("drawing");
  private boolean holding;
  private boolean panning;
  private Point grabbed = new Point(0, 0);
  private Point begun = new Point(0, 0);
  private Supplier<ContextMenu> menu = ContextMenu::new;
  private Optional<ContextMenu> shown = Optional.empty();

  /** What the pointer does on the mat; places are in the thing's frame. */
  public interface Hand {

    /** True where it takes hold of something, or starts something. */
    boolean press(Point place, MouseEvent event);

    /** Called while something is held. */
    default void drag(Point place, MouseEvent event) {}

    /** Called when it is let go. */
    default void release(Point place, MouseEvent event) {}

    /** True where a key is for it. */
    default boolean key(KeyEvent event) {
      return false;
    }

    /** True while a press would place something. */
    default boolean placing() {
      return false;
    }

    /** What is selected, as it is read aloud; empty for nothing. */
    default String selected() {
      return "";
    }
  }

  /** A mat on which things lie in a given way. */
  public MatView(Lie lie) {
    this.lie = lie;
    getStyleClass().add(Style.MAT);
    over.setPickOnBounds(false);
    getChildren().addAll(canvas, over);
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setAccessibleRoleDescription(Texts.WINDOW.of("drawing-role"));
    setAccessibleText(called);
    setMinSize(120, 90);
    addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
    addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
    addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
    addEventHandler(ScrollEvent.SCROLL, this::scrolled);
    addEventHandler(KeyEvent.KEY_PRESSED, this::keyed);
    focusedProperty().addListener(it -> focus());
    above.addListener(it -> cover());
  }

  // == WHAT IT SHOWS

  /** What is drawn. */
  public void setDrawing(Consumer<Pen> drawing) {
    this.drawing = drawing;
  }

  /** What it is called where it is read aloud. */
  public void setCalled(String words) {
    called = words;
    sayAloud();
  }

  /** What it shows, what is selected on it, and where the keys' pointer is. */
  private void sayAloud() {
    List<String> all = new ArrayList<>();
    all.add(called);
    hand.map(Hand::selected).filter(it -> !it.isEmpty()).ifPresent(all::add);
    pointer
        .at()
        .map(this::toThing)
        .ifPresent(it -> all.add(Texts.WINDOW.of("pointer-at", place(it))));
    String words = String.join(". ", all);
    if (!words.equals(getAccessibleText())) {
      setAccessibleText(words);
    }
  }

  private String place(Point it) {
    return ruled
        ? Texts.WINDOW.of(
            "sideways-along", Display.length(it.x(), units), Display.length(it.y(), units))
        : Math.round(it.x()) + ", " + Math.round(it.y());
  }

  /** What the pointer and the keys do. */
  public void setHand(Hand hand) {
    this.hand = Optional.of(hand);
    setCursor(Cursor.CROSSHAIR);
  }

  /** Asked after a release whether what it did is still being worked out. */
  public void setPending(BooleanSupplier pending) {
    this.pending = pending;
  }

  /** Called whenever places on the mat may have moved on the screen. */
  public void setMoved(Runnable moved) {
    this.moved = moved;
  }

  /** How things lie from now on; what was fitted is fitted anew by the caller. */
  public void setLie(Lie lie) {
    this.lie = lie;
  }

  /** Nodes that lie over the drawing, such as masking tape. */
  public Pane over() {
    return over;
  }

  /**
   * A note at the top left, over the drawing.
   *
   * @param widest how wide it may become before it wraps, in pixels
   */
  public Label note(String id, double widest) {
    Label note = new Label();
    note.setId(id);
    note.getStyleClass().add(Style.MAT_NOTE);
    WrappedText.in(note);
    note.setMaxWidth(widest);
    over.getChildren().add(note);
    pin(note);
    return note;
  }

  /** Keeps a node at the top left, below what lies over the mat there. */
  public void pin(Node node) {
    node.setLayoutX(NOTE_X);
    node.layoutYProperty().bind(above.add(NOTE_Y));
  }

  /** How much of its top lies under something, in pixels: what is fitted keeps clear of it. */
  public DoubleProperty aboveProperty() {
    return above;
  }

  private void cover() {
    applyFit();
    redraw();
  }

  public void setUnits(Units units) {
    this.units = units;
  }

  /** Whether the rules of the mat mean millimetres; without, it is plain. */
  public void setRuled(boolean ruled) {
    this.ruled = ruled;
  }

  /** Shows a box of the thing whole, and keeps it so while the mat changes size. */
  public void fit(Box thing, double marginPx) {
    last = Optional.of(thing);
    fitted = Optional.of(lie.onMat(thing));
    fitMargin = marginPx;
    applyFit();
    redraw();
  }

  /** Shows whole what was last shown so: it was zoomed and moved since. */
  public void refit() {
    last.ifPresent(it -> fit(it, fitMargin));
  }

  /** Shows a box whole where it is another than the last that was asked for in this way. */
  public void fitAnew(Box thing, double marginPx) {
    if (!asked.equals(Optional.of(thing))) {
      asked = Optional.of(thing);
      fit(thing, marginPx);
    }
  }

  private void applyFit() {
    if (fitted.isEmpty() || getWidth() <= 0 || getHeight() <= 0) {
      return;
    }
    Box box = fitted.get();
    double wide = Math.max(20, getWidth() - rim() - 2 * fitMargin);
    double high = Math.max(20, getHeight() - rim() - above.get() - 2 * fitMargin);
    zoom =
        Math.clamp(
            Math.min(wide / Math.max(1e-6, box.width()), high / Math.max(1e-6, box.height())),
            LEAST_ZOOM,
            MOST_ZOOM);
    centre = box.centre();
  }

  private double rim() {
    return ruled ? RIM_PX : 0;
  }

  /** Screen pixels for a unit of the thing. */
  public double zoom() {
    return zoom;
  }

  /** Where a place of the thing is on the mat, in pixels from its top left corner. */
  public Point toScreen(Point place) {
    Point mat = lie.onMat(place);
    return new Point(screenX(mat.x()), screenY(mat.y()));
  }

  /** The place of the thing at a pixel of the mat. */
  public Point toThing(Point screen) {
    return lie.onThing(
        new Point(
            (screen.x() - rim() / 2 - getWidth() / 2) / zoom + centre.x(),
            (middle() - screen.y()) / zoom + centre.y()));
  }

  /** The middle of what is not covered, in pixels from the top. */
  private double middle() {
    return (above.get() - rim() + getHeight()) / 2;
  }

  Font font(double size, boolean bold) {
    return fonts.computeIfAbsent(
        size + (bold ? "b" : ""), key -> new Font(bold ? "Asap SemiBold" : "Asap Regular", size));
  }

  double widthOf(String words, Font font) {
    ruler.setFont(font);
    ruler.setText(words);
    return ruler.getLayoutBounds().getWidth();
  }

  // == DRAWING

  @Override
  protected void inksChanged() {
    redraw();
  }

  @Override
  protected void layoutChildren() {
    if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
      canvas.setWidth(getWidth());
      canvas.setHeight(getHeight());
      applyFit();
    }
    over.resizeRelocate(0, 0, getWidth(), getHeight());
    redraw();
  }

  /** One that has left the window loses the focus after: what it would draw may be gone. */
  private void focus() {
    if (getScene() != null) {
      redraw();
    }
  }

  /** Draws everything anew. */
  public void redraw() {
    if (canvas.getWidth() <= 0) {
      return;
    }
    GraphicsContext out = canvas.getGraphicsContext2D();
    out.setFill(colour(Ink.MAT));
    out.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
    if (ruled) {
      rules(out);
    }
    drawing.accept(new Pen(this, out));
    if (ruled) {
      printRim(out);
    }
    if (isFocused()) {
      out.setStroke(colour(Ink.MEASURE));
      out.setLineWidth(2);
      out.strokeRect(1, 1, getWidth() - 2, getHeight() - 2);
      pointer.draw(out, colour(Ink.SELECTED), colour(Ink.PAPER));
      sayAloud();
    }
    moved.run();
  }

  /** The distance of fine rules in mm: a step that is between about 7 and 40 pixels apart. */
  private double fineStep() {
    double[] steps =
        units.metric()
            ? new double[] {1, 5, 10, 50, 100, 500, 1000}
            : new double[] {
              Units.MM_PER_INCH / 8,
              Units.MM_PER_INCH / 4,
              Units.MM_PER_INCH,
              3 * Units.MM_PER_INCH,
              Units.MM_PER_FOOT,
              4 * Units.MM_PER_FOOT
            };
    for (double step : steps) {
      if (step * zoom >= 7) {
        return step;
      }
    }
    return steps[steps.length - 1];
  }

  private double strongStep(double fine) {
    if (units.metric()) {
      return fine == 5 || fine == 50 || fine == 500 ? fine * 2 : fine * 10;
    }
    if (fine < Units.MM_PER_INCH) {
      return Units.MM_PER_INCH;
    }
    return fine < Units.MM_PER_FOOT ? Units.MM_PER_FOOT : fine * 3;
  }

  private void rules(GraphicsContext out) {
    double fine = fineStep();
    rules(out, fine, colour(Ink.RULE));
    rules(out, strongStep(fine), colour(Ink.RULE_STRONG));
  }

  /** Filled a pixel wide: strokes go through the shape renderer, which is slow. */
  private void rules(GraphicsContext out, double step, javafx.scene.paint.Color colour) {
    out.setFill(colour);
    for (double x = first(left(), step); x <= right(); x += step) {
      out.fillRect(Math.rint(screenX(x)), 0, 1, getHeight());
    }
    for (double y = first(bottom(), step); y <= top(); y += step) {
      out.fillRect(0, Math.rint(screenY(y)), getWidth(), 1);
    }
  }

  private static double first(double from, double step) {
    return Math.ceil(from / step) * step;
  }

  private double screenX(double matX) {
    return rim() / 2 + getWidth() / 2 + (matX - centre.x()) * zoom;
  }

  private double screenY(double matY) {
    return middle() - (matY - centre.y()) * zoom;
  }

  private double left() {
    return (-rim() / 2 - getWidth() / 2) / zoom + centre.x();
  }

  private double right() {
    return (-rim() / 2 + getWidth() / 2) / zoom + centre.x();
  }

  private double bottom() {
    return (middle() - getHeight()) / zoom + centre.y();
  }

  private double top() {
    return middle() / zoom + centre.y();
  }

  /** The printed rim of the mat, with numbers in the unit in use. */
  private void printRim(GraphicsContext out) {
    double width = getWidth();
    double height = getHeight();
    out.setFill(colour(Ink.PAPER));
    out.fillRect(0, height - rim(), width, rim());
    out.fillRect(0, 0, rim() + 8, height);
    out.setFill(colour(Ink.SOFT));
    out.setFont(font(12, false));
    out.setTextAlign(TextAlignment.CENTER);
    out.setTextBaseline(VPos.CENTER);
    double step = labelStep();
    for (double x = first(left(), step); x <= right(); x += step) {
      double at = screenX(x);
      if (at > rim() + 30 && at < width - 24) {
        out.fillRect(Math.rint(at), height - rim(), 1, 5);
        out.fillText(label(x), at, height - rim() / 2 + 2);
      }
    }
    for (double y = first(bottom(), step); y <= top(); y += step) {
      double at = screenY(y);
      if (at < height - rim() - 14 && at > 14) {
        out.fillRect(rim() + 3, Math.rint(at), 5, 1);
        out.fillText(label(y), rim() / 2 + 1, at);
      }
    }
    out.fillText(units.metric() ? "cm" : "in", rim() / 2 + 3, height - rim() / 2 + 1);
  }

  private double labelStep() {
    double step = strongStep(fineStep());
    while (step * zoom < 46) {
      step *= 2;
    }
    return step;
  }

  private String label(double mm) {
    double value = units.metric() ? mm / 10 : mm / Units.MM_PER_INCH;
    return Display.decimal(value, 1);
  }

  // == POINTER AND KEYS

  private Point at(MouseEvent event) {
    return new Point(event.getX(), event.getY());
  }

  private void pressed(MouseEvent event) {
    if (event.getPickResult().getIntersectedNode() != canvas) {
      // A press on what lies over the drawing, such as tape, is not for the hand.
      return;
    }
    requestFocus();
    shown.ifPresent(ContextMenu::hide);
    begun = at(event);
    boolean main = event.getButton() == MouseButton.PRIMARY;
    holding = main && hand.map(it -> it.press(toThing(at(event)), event)).orElse(false);
    panning = !holding;
    grabbed = at(event);
    redraw();
  }

  private void dragged(MouseEvent event) {
    if (holding) {
      hand.ifPresent(it -> it.drag(toThing(at(event)), event));
    } else if (panning) {
      Point by = at(event).minus(grabbed);
      centre = new Point(centre.x() - by.x() / zoom, centre.y() + by.y() / zoom);
      grabbed = at(event);
      fitted = Optional.empty();
    }
    redraw();
  }

  private void released(MouseEvent event) {
    if (holding) {
      hand.ifPresent(it -> it.release(toThing(at(event)), event));
    }
    holding = false;
    panning = false;
    if (event.getButton() == MouseButton.SECONDARY && begun.distance(at(event)) < STILL_PX) {
      choose(at(event));
      showMenu(at(event));
    }
    // What was drawn last stays until what the hand did is worked out.
    if (!pending.getAsBoolean()) {
      redraw();
    }
  }

  /** Selects what is at a pixel as a press with the main button does; nothing is placed there. */
  private void choose(Point at) {
    if (hand.map(Hand::placing).orElse(true)) {
      return;
    }
    MatPointer.Held none = new MatPointer.Held(false, false, false, false);
    pressed(MatPointer.event(MouseEvent.MOUSE_PRESSED, canvas, at, true, none));
    released(MatPointer.event(MouseEvent.MOUSE_RELEASED, canvas, at, false, none));
  }

  private void showMenu(Point at) {
    ContextMenu now = menu.get();
    if (!now.getItems().isEmpty()) {
      Point2D on = localToScreen(at.x(), at.y());
      now.show(this, on.getX(), on.getY());
      shown = Optional.of(now);
    }
  }

  /** What can be done with what is selected: asked for when the other button is pressed. */
  public void setMenu(Supplier<ContextMenu> menu) {
    this.menu = menu;
  }

  private void scrolled(ScrollEvent event) {
    zoomAbout(new Point(event.getX(), event.getY()), Math.pow(1.0015, event.getDeltaY()));
    event.consume();
  }

  /** Zooms by a factor about a pixel of the mat. */
  public void zoomAbout(Point screen, double factor) {
    Point before = lie.onMat(toThing(screen));
    zoom = Math.clamp(zoom * factor, LEAST_ZOOM, MOST_ZOOM);
    Point after = lie.onMat(toThing(screen));
    centre = centre.plus(before.minus(after));
    fitted = Optional.empty();
    redraw();
  }

  /**
   * Zooms to so many screen pixels for a unit, about the middle; changes of the mat's size keep it.
   */
  public void zoomTo(double pixels) {
    fitted = Optional.empty();
    zoom = Math.clamp(pixels, LEAST_ZOOM, MOST_ZOOM);
    redraw();
  }

  /** Zooms by a key, about the middle; true where it is one that does. */
  public boolean zoomed(KeyEvent event) {
    Point middle = new Point(getWidth() / 2, middle());
    if (Key.CLOSER.is(event)) {
      zoomAbout(middle, 1.25);
    } else if (Key.FURTHER.is(event)) {
      zoomAbout(middle, 0.8);
    } else {
      return false;
    }
    return true;
  }

  private void keyed(KeyEvent event) {
    if (Key.MENU.is(event)) {
      showMenu(pointer.at().orElse(new Point(getWidth() / 2, middle())));
      event.consume();
      return;
    }
    boolean placing = hand.map(Hand::placing).orElse(false);
    if (!pointer.key(event, placing, getWidth(), getHeight())
        && !zoomed(event)
        && !hand.map(it -> it.key(event)).orElse(false)) {
      return;
    }
    event.consume();
    redraw();
  }
}

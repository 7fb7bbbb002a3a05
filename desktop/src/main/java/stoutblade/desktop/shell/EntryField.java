package stoutblade.desktop.shell;

import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.DoublePredicate;
import java.util.function.Supplier;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import stoutblade.desktop.Desk;
import stoutblade.measure.AmountEntry;
import stoutblade.measure.Display;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Quantity;

/**
 * A field for one number. Enter or leaving the field commits; Escape brings the old text back; text
 * that cannot be read stays visible, marked as faulty, with the reason in the notice and in a tip.
 */
public final class EntryField extends TextField {

  private static final Pattern NUMBER = Pattern.compile("[+-]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)");
  private static final PseudoClass FAULTY = PseudoClass.getPseudoClass("faulty");

  private static final double MINUTES_PER_HOUR = 60;

  private final Desk desk;
  private final ToDoubleFunction<String> reader;
  private final DoubleFunction<String> writer;
  private final DoublePredicate commit;
  private double value = Double.NaN;
  private boolean shown;

  /**
   * A field.
   *
   * @param reader reads what is typed; throws {@link IllegalArgumentException} with a message
   * @param writer writes the value
   * @param commit takes a new value; false where it was refused
   */
  public EntryField(
      Desk desk,
      ToDoubleFunction<String> reader,
      DoubleFunction<String> writer,
      DoublePredicate commit) {
    this.desk = desk;
    this.reader = reader;
    this.writer = writer;
    this.commit = commit;
    PlainText.only(this);
    setPrefColumnCount(7);
    setOnAction(
        event -> {
          // What follows from it may take the field away.
          Optional<Node> root = Optional.ofNullable(getScene()).map(Scene::getRoot);
          commitText();
          if (!getPseudoClassStates().contains(FAULTY)) {
            // The keys go back to the station: the next letter is a tool, not text.
            root.ifPresent(Node::requestFocus);
          }
        });
    focusedProperty()
        .addListener(
            (it, was, is) -> {
              if (!is) {
                commitText();
              }
            });
    setOnKeyPressed(
        event -> {
          if (event.getCode() == KeyCode.ESCAPE) {
            restore();
          }
        });
  }

  /**
   * A field for a length in mm, in the units in use. What is typed without a unit is in the one
   * that the field shows; where it shows nothing, in mm or inches, as its prompt says.
   */
  public static EntryField length(Desk desk, DoublePredicate commit) {
    EntryField[] own = {null};
    own[0] =
        new EntryField(
            desk,
            text -> LengthEntry.parse(text, own[0].unitMm()),
            mm -> Display.length(mm, desk.units()),
            commit);
    return own[0];
  }

  private double unitMm() {
    return Display.lengthUnitMm(seen(), desk.units());
  }

  /** What it shows; 0 where it shows nothing. */
  private double seen() {
    return shown ? value : 0;
  }

  /**
   * A field for a weight in g or a volume of what is poured in mm³, in the units in use. What is
   * typed without a unit is in the one that the field shows.
   */
  public static EntryField amount(Desk desk, Quantity quantity, DoublePredicate commit) {
    EntryField[] own = {null};
    own[0] =
        new EntryField(
            desk,
            text ->
                AmountEntry.parse(
                    text, quantity, Display.amountUnit(own[0].seen(), quantity, desk.units())),
            value -> Display.amount(value, quantity, desk.units()),
            commit);
    return own[0];
  }

  /** A field for a time in minutes, which are what a number without a unit is. */
  public static EntryField minutes(Desk desk, DoublePredicate commit) {
    return new EntryField(
        desk,
        text -> AmountEntry.parse(text, Quantity.DURATION, 1),
        minutes -> Display.decimal(minutes, 1) + " min",
        commit);
  }

  /** A field for a time in hours, which are what a number without a unit is. */
  public static EntryField hours(Desk desk, DoublePredicate commit) {
    return new EntryField(
        desk,
        text -> AmountEntry.parse(text, Quantity.DURATION, MINUTES_PER_HOUR) / MINUTES_PER_HOUR,
        hours -> Display.decimal(hours, 1) + " h",
        commit);
  }

  /** A field for a plain number. */
  public static EntryField number(
      Desk desk, String unit, Supplier<String> expected, DoublePredicate commit) {
    return new EntryField(
        desk,
        text -> number(text, unit, expected.get()),
        number -> Display.decimal(number, 1) + (unit.isEmpty() ? "" : " " + unit),
        commit);
  }

  private static double number(String text, String unit, String expected) {
    String bare = text.strip();
    if (!unit.isEmpty() && bare.endsWith(unit)) {
      bare = bare.substring(0, bare.length() - unit.length()).strip();
    }
    String plain = bare.replace(',', '.').replace("\u00a0", "");
    // A number as people write it: what a program takes for one besides, such as NaN, is none.
    if (!NUMBER.matcher(plain).matches()) {
      throw new IllegalArgumentException("'" + text + "': " + expected);
    }
    return Double.parseDouble(plain);
  }

  /** Shows a value; what is being typed is left alone. */
  public void show(double now) {
    value = now;
    shown = true;
    if (!isFocused()) {
      restore();
    }
  }

  /** Shows that there is no value. */
  public void showNothing() {
    value = Double.NaN;
    shown = false;
    if (!isFocused()) {
      restore();
    }
  }

  private void restore() {
    setText(shown ? writer.apply(value) : "");
    faulty(null);
  }

  private void commitText() {
    String text = getText();
    if ((text.isBlank() && !shown) || (shown && text.equals(writer.apply(value)))) {
      faulty(null);
      return;
    }
    try {
      double typed = reader.applyAsDouble(text);
      if (commit.test(typed)) {
        value = typed;
        shown = true;
        restore();
      } else {
        faulty(desk.noticeProperty().get());
      }
    } catch (IllegalArgumentException e) {
      faulty(e.getMessage());
      desk.say(e.getMessage());
    }
  }

  private void faulty(String reason) {
    pseudoClassStateChanged(FAULTY, reason != null);
    setTooltip(reason == null ? null : new Tooltip(reason));
  }
}

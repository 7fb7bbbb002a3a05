package stoutblade.desktop;

import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import stoutblade.desktop.texts.Texts;

/**
 * The keys that are no numbers of stations, each with what it means: one thing in the whole window.
 * A button that a key does has the key behind its words, so that the list of commands can show it.
 */
public enum Key {
  COMMANDS(Texts.WINDOW.of("every-command-by-name"), "F1", KeyCode.F1),
  WHAT(Texts.WINDOW.of("what-the-thing-is-that"), "F8", KeyCode.F8),
  MENU(
      Texts.WINDOW.of("what-can-be-done-with"),
      Texts.WINDOW.of("shift-f10"),
      KeyCode.F10,
      KeyCode.CONTEXT_MENU),
  RACK(Texts.WINDOW.of("fold-the-props-and-parts"), "F2", KeyCode.F2),
  FIGURES(Texts.WINDOW.of("fold-the-figures-away-or"), "F3", KeyCode.F3),
  FIT(Texts.WINDOW.of("fit-the-drawing"), "0", KeyCode.DIGIT0, KeyCode.NUMPAD0),
  CLOSER(Texts.WINDOW.of("zoom-in"), "+", KeyCode.PLUS, KeyCode.EQUALS, KeyCode.ADD),
  FURTHER(Texts.WINDOW.of("zoom-out"), "−", KeyCode.MINUS, KeyCode.SUBTRACT),
  PREVIOUS(Texts.WINDOW.of("the-picture-view-or-template"), "[", KeyCode.OPEN_BRACKET),
  NEXT(Texts.WINDOW.of("the-next-picture-view-or"), "]", KeyCode.CLOSE_BRACKET),
  PLACE(Texts.WINDOW.of("the-next-node-mark-layer"), "N", KeyCode.N),
  POINTER(Texts.WINDOW.of("a-pointer-on-the-drawing"), Texts.WINDOW.of("space"), KeyCode.SPACE),
  ADD(Texts.WINDOW.of("one-more-of-what-is"), Texts.WINDOW.of("insert"), KeyCode.INSERT),
  REMOVE(
      Texts.WINDOW.of("remove-what-is-selected"),
      Texts.WINDOW.of("del"),
      KeyCode.DELETE,
      KeyCode.BACK_SPACE),
  SUMS(Texts.WINDOW.of("bench-sums-and-back"), "S", KeyCode.S),
  UNITS(Texts.WINDOW.of("centimetres-or-inches"), "U", KeyCode.U),
  THEME(Texts.WINDOW.of("light-or-dark"), "L", KeyCode.L),
  EXPORT(Texts.WINDOW.of("export-everything"), "E", KeyCode.E),
  PRINT(Texts.WINDOW.of("print-what-is-shown"), "P", KeyCode.P),
  PART(Texts.WINDOW.of("make-a-new-part"), "M", KeyCode.M),
  ASSEMBLE(Texts.WINDOW.of("put-the-parts-together"), "J", KeyCode.J),
  DETAILS(Texts.WINDOW.of("add-details"), "D", KeyCode.D),
  DRAW(Texts.WINDOW.of("draw-along-a-line-trace"), "T", KeyCode.T),
  CORNER(Texts.WINDOW.of("corner-or-curve"), "V", KeyCode.V),
  CUT(Texts.WINDOW.of("cut-along-a-line"), "X", KeyCode.X),
  TURN(Texts.WINDOW.of("turn-what-is-selected"), "Q", KeyCode.Q),
  STAYS(Texts.WINDOW.of("what-is-selected-stays-where"), "F", KeyCode.F),
  FLAT(Texts.WINDOW.of("lay-faces-flat"), "Y", KeyCode.Y),
  PICTURE(Texts.WINDOW.of("add-a-picture"), "I", KeyCode.I),
  PERSON(Texts.WINDOW.of("mark-a-person"), "H", KeyCode.H),
  KNOWN(Texts.WINDOW.of("mark-a-length-that-you"), "K", KeyCode.K),
  BODY(Texts.WINDOW.of("mark-a-part-of-the"), "B", KeyCode.B),
  PAPER(Texts.WINDOW.of("mark-a-length-on-a"), "R", KeyCode.R),
  ANGLE(Texts.WINDOW.of("mark-a-rectangle-seen-at"), "A", KeyCode.A),
  WHOLE(Texts.WINDOW.of("mark-the-overall-length"), "W", KeyCode.W),
  CENTRE(Texts.WINDOW.of("mark-the-centre-line"), "C", KeyCode.C);

  /** Those that mean something on every drawing, and that no button does. */
  public static final List<Key> ON_DRAWINGS =
      List.of(FIT, CLOSER, FURTHER, POINTER, PLACE, MENU, WHAT);

  /** What a button does and its key stand this far apart in its words. */
  public static final String BEFORE = "  ";

  private final String meaning;
  private final String label;

  @SuppressWarnings("ImmutableEnumChecker") // It is a list that cannot be changed.
  private final List<KeyCode> codes;

  Key(String meaning, String label, KeyCode... codes) {
    this.meaning = meaning;
    this.label = label;
    this.codes = List.of(codes);
  }

  /** What it does, wherever it is pressed. */
  public String meaning() {
    return meaning;
  }

  /** What stands on it. */
  public String label() {
    return label;
  }

  /** True where an event is of this key, alone or with shift. */
  public boolean is(KeyEvent event) {
    return codes.contains(event.getCode()) && !event.isShortcutDown();
  }

  /** Presses it, for whoever found it by its name. */
  public void press(Node on) {
    Event.fireEvent(
        on,
        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", codes.getFirst(), false, false, false, false));
  }

  /** The words of a button that it does. */
  public String on(String words) {
    return words + BEFORE + label;
  }
}

package stoutblade.desktop;

import java.util.List;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The keys that are no numbers of stations, each with what it means: one thing in the whole window.
 * A button that a key does has the key behind its words, so that the list of commands can show it.
 */
public enum Key {
  COMMANDS("every command by name", "F1", KeyCode.F1),
  WHAT("what the thing is that you point at", "F8", KeyCode.F8),
  MENU("what can be done with what is selected", "Shift F10", KeyCode.F10, KeyCode.CONTEXT_MENU),
  RACK("fold the props and parts away, or back", "F2", KeyCode.F2),
  FIGURES("fold the figures away, or back", "F3", KeyCode.F3),
  FIT("fit the drawing", "0", KeyCode.DIGIT0, KeyCode.NUMPAD0),
  CLOSER("zoom in", "+", KeyCode.PLUS, KeyCode.EQUALS, KeyCode.ADD),
  FURTHER("zoom out", "−", KeyCode.MINUS, KeyCode.SUBTRACT),
  PREVIOUS("the picture, view or template before", "[", KeyCode.OPEN_BRACKET),
  NEXT("the next picture, view or template", "]", KeyCode.CLOSE_BRACKET),
  PLACE("the next node, mark, layer or part on the drawing", "N", KeyCode.N),
  POINTER(
      "a pointer on the drawing that arrows move; it presses, and lets go", "Space", KeyCode.SPACE),
  ADD("one more of what is selected: a node, a layer", "Insert", KeyCode.INSERT),
  REMOVE("remove what is selected", "Del", KeyCode.DELETE, KeyCode.BACK_SPACE),
  SUMS("bench sums, and back", "S", KeyCode.S),
  UNITS("centimetres or inches", "U", KeyCode.U),
  THEME("light or dark", "L", KeyCode.L),
  EXPORT("export everything", "E", KeyCode.E),
  PRINT("print what is shown", "P", KeyCode.P),
  PART("make a new part", "M", KeyCode.M),
  ASSEMBLE("put the parts together", "J", KeyCode.J),
  DETAILS("add details", "D", KeyCode.D),
  DRAW("draw along a line: trace it, add nodes", "T", KeyCode.T),
  CORNER("corner or curve", "V", KeyCode.V),
  CUT("cut along a line", "X", KeyCode.X),
  TURN("turn what is selected", "Q", KeyCode.Q),
  STAYS("what is selected stays where it is, or no longer", "F", KeyCode.F),
  FLAT("lay faces flat", "Y", KeyCode.Y),
  PICTURE("add a picture", "I", KeyCode.I),
  PERSON("mark a person", "H", KeyCode.H),
  KNOWN("mark a length that you know", "K", KeyCode.K),
  BODY("mark a part of the body", "B", KeyCode.B),
  PAPER("mark a length on a print", "R", KeyCode.R),
  ANGLE("mark a rectangle seen at an angle", "A", KeyCode.A),
  WHOLE("mark the overall length", "W", KeyCode.W),
  CENTRE("mark the centre line", "C", KeyCode.C);

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

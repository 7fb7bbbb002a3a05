package stoutblade.desktop.station;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.texts.Texts;
import stoutblade.feature.Feature;

/** Which of the repeats of a detail are left out, as numbers that are typed. */
public final class LeftOut {

  private static final int MOST_DIGITS = 4;
  private static final Pattern BETWEEN = Pattern.compile("[\\s,;]+");

  private final Desk desk;
  private final TextField field = PlainText.field();

  /**
   * A field.
   *
   * @param change makes the change; false where it was refused
   */
  public LeftOut(Desk desk, String id, Predicate<Set<Integer>> change) {
    this.desk = desk;
    field.setId(id);
    field.setPrefColumnCount(5);
    field.setPromptText(Texts.WINDOW.of("none"));
    field.setOnAction(
        event -> {
          if (read().filter(change).isEmpty()) {
            field.requestFocus();
          }
        });
  }

  /** The field, showing what a detail leaves out. */
  public TextField of(Feature feature) {
    return showing(feature.without());
  }

  /** The field, showing what is left out. */
  public TextField showing(Set<Integer> without) {
    if (!field.isFocused()) {
      field.setText(without.stream().map(String::valueOf).collect(Collectors.joining(", ")));
    }
    return field;
  }

  private Optional<Set<Integer>> read() {
    Set<Integer> numbers = new TreeSet<>();
    for (String word :
        BETWEEN.splitAsStream(field.getText()).filter(it -> !it.isEmpty()).toList()) {
      if (!word.matches("[0-9]{1," + MOST_DIGITS + "}")) {
        desk.say(Texts.WINDOW.of("left-out-numbers-from-1", word));
        return Optional.empty();
      }
      numbers.add(Integer.parseInt(word));
    }
    return Optional.of(numbers);
  }
}

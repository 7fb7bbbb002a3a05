package stoutblade.desktop.shell;

import java.util.Comparator;
import java.util.Optional;
import javafx.scene.Node;
import stoutblade.desktop.texts.Texts;

/** What the controls and the figures are, in a sentence each, from the texts of each station. */
public final class What {

  private static final String CONTROL = "what.";
  private static final String FIGURE = "figure.";
  private static final String FIGURE_ID = "figure-";

  private What() {}

  /** What a node is, or what the nearest is that it lies in; empty where nothing is known. */
  public static Optional<String> of(Node node) {
    for (Node it = node; it != null; it = it.getParent()) {
      Optional<String> words = Optional.ofNullable(it.getId()).flatMap(What::of);
      if (words.isPresent()) {
        return words;
      }
    }
    return Optional.empty();
  }

  /** What the node of an id is. */
  static Optional<String> of(String id) {
    return id.startsWith(FIGURE_ID) ? figure(id) : control(id);
  }

  /** By what the id begins with, up to a hyphen or all of it: the longest that is told. */
  private static Optional<String> control(String id) {
    for (int end = id.length(); end > 0; end--) {
      if (end == id.length() || id.charAt(end - 1) == '-') {
        Optional<String> words = Texts.find(CONTROL + id.substring(0, end));
        if (words.isPresent()) {
          return words;
        }
      }
    }
    return Optional.empty();
  }

  /** By what the id ends with: the longest that is told. */
  private static Optional<String> figure(String id) {
    return Texts.WINDOW.keys().stream()
        .filter(it -> it.startsWith(FIGURE))
        .filter(it -> id.endsWith(it.substring(FIGURE.length()).replace('.', '-')))
        .max(Comparator.comparingInt(String::length))
        .map(Texts.WINDOW::of);
  }
}

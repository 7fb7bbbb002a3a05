package stoutblade.desktop.shell;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;
import javafx.scene.Node;

/** What the controls and the figures are, in a sentence each, from the texts of each station. */
public final class What {

  private static final List<String> CONTROLS =
      List.of("window", "size", "draft", "layers", "bench");

  private static final String FIGURE = "figure-";

  private final Map<String, String> controls = new TreeMap<>();
  private final Map<String, String> figures = new TreeMap<>();

  /** The texts that ship with the application. */
  public What() {
    CONTROLS.forEach(it -> read(it, controls));
    read("figures", figures);
  }

  private static void read(String name, Map<String, String> into) {
    String file = "/stoutblade/desktop/what/" + name + ".properties";
    Properties texts = new Properties();
    try (InputStream in = What.class.getResourceAsStream(file)) {
      texts.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    texts.forEach((id, words) -> into.put((String) id, (String) words));
  }

  /** What a node is, or what the nearest is that it lies in; empty where nothing is known. */
  public Optional<String> of(Node node) {
    for (Node it = node; it != null; it = it.getParent()) {
      Optional<String> words = Optional.ofNullable(it.getId()).flatMap(this::of);
      if (words.isPresent()) {
        return words;
      }
    }
    return Optional.empty();
  }

  /** What the node of an id is. */
  Optional<String> of(String id) {
    if (id.startsWith(FIGURE)) {
      return figures.entrySet().stream()
          .filter(it -> id.endsWith(it.getKey().replace('.', '-')))
          .max((a, b) -> Integer.compare(a.getKey().length(), b.getKey().length()))
          .map(Map.Entry::getValue);
    }
    for (int end = id.length(); end > 0; end--) {
      String words = controls.get(id.substring(0, end));
      if (words != null && (end == id.length() || id.charAt(end - 1) == '-')) {
        return Optional.of(words);
      }
    }
    return Optional.empty();
  }
}

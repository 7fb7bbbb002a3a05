package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.texts.Texts;

/** Between the repeats of which other thing something stands, by ids; an empty one for none. */
public final class Between {

  private static final double WIDE = 130;

  private final ComboBox<String> box = new ComboBox<>();
  private final Map<String, String> names = new LinkedHashMap<>();
  private boolean showing;

  /**
   * A choice.
   *
   * @param chosen told the id of what is chosen
   */
  public Between(String id, Consumer<String> chosen) {
    box.setId(id);
    box.setPrefWidth(WIDE);
    box.setConverter(
        Choices.named(
            it -> it.isEmpty() ? Texts.WINDOW.of("nothing") : names.getOrDefault(it, it)));
    box.setOnAction(
        event -> {
          if (!showing && box.getValue() != null) {
            chosen.accept(box.getValue());
          }
        });
  }

  /** The choice, as a control. */
  public ComboBox<String> control() {
    return box;
  }

  /** True where there is anything that it could stand between. */
  public boolean any() {
    return !names.isEmpty();
  }

  /**
   * Shows what there is.
   *
   * @param others what is repeated, by its id: what it is called
   * @param now what is chosen
   */
  public void show(Map<String, String> others, String now) {
    showing = true;
    names.clear();
    names.putAll(others);
    List<String> ids = new ArrayList<>(List.of(""));
    ids.addAll(others.keySet());
    box.getItems().setAll(ids);
    box.setValue(now);
    showing = false;
  }
}

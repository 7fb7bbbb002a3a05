package stoutblade.desktop.station.size;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;
import stoutblade.part.Part;

/** Asks which parts keep their size, before a prop is made larger or smaller. */
final class KeptSizes {

  private KeptSizes() {}

  /**
   * Asks beside a field.
   *
   * @param parts what usually keeps its size; ticked at first
   * @param words what is done once that is said
   * @param then takes the ids of the parts that keep their size
   * @param leave called where nothing is done
   */
  static void ask(
      Node field, List<Part> parts, String words, Consumer<Set<String>> then, Runnable leave) {
    ContextMenu menu = new ContextMenu();
    Map<String, CheckBox> ticks = new LinkedHashMap<>();
    Label question = new Label(Texts.SIZE.of("these-usually-keep-their-size"));
    WrappedText.in(question);
    question.setMaxWidth(300);
    VBox box = new VBox(8, question);
    for (Part part : parts) {
      CheckBox tick = new CheckBox(part.name());
      tick.setId("kept-" + part.id());
      tick.setSelected(true);
      ticks.put(part.id(), tick);
      box.getChildren().add(tick);
    }
    Button make = new Button(words);
    make.setId("kept-make");
    make.getStyleClass().add(Style.PRIMARY);
    make.setOnAction(
        event -> {
          menu.setOnHidden(null);
          menu.hide();
          then.accept(
              ticks.entrySet().stream()
                  .filter(it -> it.getValue().isSelected())
                  .map(Map.Entry::getKey)
                  .collect(Collectors.toSet()));
        });
    Button no = new Button(Texts.SIZE.of("leave-it"));
    no.setId("kept-leave");
    no.setOnAction(event -> menu.hide());
    box.getChildren().add(new HBox(8, make, no));
    CustomMenuItem item = new CustomMenuItem(box, false);
    menu.getItems().add(item);
    menu.setOnHidden(event -> leave.run());
    menu.show(field, Side.TOP, 0, 0);
  }
}

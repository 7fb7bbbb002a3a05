package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.edit.Followers;
import stoutblade.part.Next;
import stoutblade.part.Part;

/** Which part another stands next to on its line, as beads do on a thread. */
final class NextFields {

  private static final String ABOVE = "above ";
  private static final String BELOW = "below ";

  private final Desk desk;
  private final Supplier<Optional<Part>> part;
  private final ComboBox<String> other = new ComboBox<>();
  private final EntryField gap;
  private boolean showing;

  NextFields(Desk desk, Supplier<Optional<Part>> part) {
    this.desk = desk;
    this.part = part;
    other.setId("place-next");
    other.setPrefWidth(150);
    other.setConverter(Choices.named(this::words));
    other.setOnAction(
        event -> {
          if (!showing && other.getValue() != null) {
            stand(next(other.getValue()));
          }
        });
    gap = EntryField.length(desk, mm -> stand(now().map(it -> it.withGap(mm))));
    gap.setId("place-gap");
    gap.setPrefColumnCount(5);
  }

  private Optional<Next> now() {
    return part.get().flatMap(it -> it.placing().next());
  }

  private boolean stand(Optional<Next> next) {
    return part.get().map(it -> desk.perform(Followers.next(it.id(), next))).orElse(false);
  }

  /** What is chosen, the end before the id; nothing for a part that stands by itself. */
  private static String chosen(Optional<Next> next) {
    return next.map(it -> (it.below() ? BELOW : ABOVE) + it.toId()).orElse("");
  }

  private Optional<Next> next(String chosen) {
    if (chosen.isEmpty()) {
      return Optional.empty();
    }
    boolean below = chosen.startsWith(BELOW);
    double mm = now().map(Next::gapMm).orElse(0.0);
    return Optional.of(new Next(chosen.substring(ABOVE.length()), below, mm));
  }

  private String words(String chosen) {
    if (chosen.isEmpty()) {
      return "no other: it stands by itself";
    }
    String id = chosen.substring(ABOVE.length());
    return chosen.substring(0, ABOVE.length())
        + desk.prop().part(id).map(Part::name).orElse("a part");
  }

  /** What the fields that are there depend on. */
  String key(Part it) {
    return desk.prop().parts().size() + (it.placing().next().isPresent() ? "gap" : "");
  }

  void into(Tray tray, Part it) {
    if (desk.prop().parts().size() < 2 || it.placing().where().count() > 1) {
      return;
    }
    tray.with("Stands next to", other);
    if (it.placing().next().isPresent()) {
      tray.with("Free between", gap);
    }
  }

  void show(Part it) {
    showing = true;
    List<String> ways = new ArrayList<>(List.of(""));
    for (Part own : desk.prop().parts()) {
      if (!own.id().equals(it.id()) && !own.placing().on().equals(it.id())) {
        ways.add(ABOVE + own.id());
        ways.add(BELOW + own.id());
      }
    }
    String is = chosen(it.placing().next());
    if (!ways.contains(is)) {
      ways.add(is);
    }
    other.getItems().setAll(ways);
    other.setValue(is);
    showing = false;
    it.placing().next().ifPresent(own -> gap.show(own.gapMm()));
  }
}

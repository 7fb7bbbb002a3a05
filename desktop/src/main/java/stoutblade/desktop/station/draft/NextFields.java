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
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Followers;
import stoutblade.part.Next;
import stoutblade.part.Part;

/** Which part another stands next to on its line, as beads do on a thread. */
final class NextFields {

  private final Desk desk;
  private final Supplier<Optional<Part>> part;
  private final ComboBox<Optional<Next>> other = new ComboBox<>();
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
            stand(other.getValue());
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

  private String words(Optional<Next> next) {
    return next.map(
            it -> {
              String part =
                  desk.prop().part(it.toId()).map(Part::name).orElse(Texts.DRAFT.of("a-part"));
              return it.below() ? Texts.DRAFT.of("below", part) : Texts.DRAFT.of("above", part);
            })
        .orElse(Texts.DRAFT.of("no-other-it-stands-by"));
  }

  /** What the fields that are there depend on. */
  String key(Part it) {
    return desk.prop().parts().size() + (it.placing().next().isPresent() ? "gap" : "");
  }

  void into(Tray tray, Part it) {
    if (desk.prop().parts().size() < 2 || it.placing().where().count() > 1) {
      return;
    }
    tray.with(Texts.DRAFT.of("stands-next-to"), other);
    if (it.placing().next().isPresent()) {
      tray.with(Texts.DRAFT.of("free-between"), gap);
    }
  }

  void show(Part it) {
    showing = true;
    Optional<Next> now = it.placing().next();
    double mm = now.map(Next::gapMm).orElse(0.0);
    List<Optional<Next>> ways = new ArrayList<>(List.of(Optional.empty()));
    for (Part own : desk.prop().parts()) {
      if (!own.id().equals(it.id()) && !own.placing().on().equals(it.id())) {
        ways.add(Optional.of(new Next(own.id(), false, mm)));
        ways.add(Optional.of(new Next(own.id(), true, mm)));
      }
    }
    other.getItems().setAll(ways);
    other.setValue(now);
    showing = false;
    gap.show(mm);
  }
}

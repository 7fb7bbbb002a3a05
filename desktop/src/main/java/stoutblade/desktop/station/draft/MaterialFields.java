package stoutblade.desktop.station.draft;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.ComboBox;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.part.Part;

/** Fields for what a part is cut from. */
final class MaterialFields {

  private final Supplier<Optional<Part>> part;
  private final ComboBox<SheetMaterial> foam = new ComboBox<>();
  private final EntryField thickness;
  private boolean showing;

  MaterialFields(Desk desk, String prefix, Supplier<Optional<Part>> part) {
    this.part = part;
    foam.setId(prefix + "foam");
    foam.getItems().setAll(desk.catalogue().sheets());
    foam.setConverter(Choices.named(SheetMaterial::name));
    foam.setPrefWidth(156);
    foam.setOnAction(
        event -> {
          if (!showing && foam.getValue() != null) {
            part.get()
                .ifPresent(
                    it ->
                        desk.perform(
                            PartEdits.change(
                                it.id(),
                                Texts.DRAFT.of("choose-the-sheet"),
                                own -> own.withMaterial(foam.getValue().id(), own.thicknessMm()))));
          }
        });
    thickness =
        EntryField.length(
            desk,
            mm ->
                part.get()
                    .map(
                        it ->
                            desk.perform(
                                PartEdits.change(
                                    it.id(),
                                    Texts.DRAFT.of("thickness"),
                                    own -> own.withMaterial(own.materialId(), mm))))
                    .orElse(false));
    thickness.setId(prefix + "thickness");
    thickness.setPrefColumnCount(5);
  }

  void into(Tray tray) {
    tray.with(Texts.DRAFT.of("sheet"), foam).with(Texts.DRAFT.of("thickness"), thickness);
  }

  void show() {
    showing = true;
    part.get()
        .ifPresent(
            it -> {
              foam.setValue(
                  foam.getItems().stream()
                      .filter(kind -> kind.id().equals(it.materialId()))
                      .findFirst()
                      .orElse(null));
              thickness.show(it.thicknessMm());
            });
    showing = false;
  }
}

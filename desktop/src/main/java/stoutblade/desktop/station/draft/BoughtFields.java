package stoutblade.desktop.station.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import stoutblade.catalogue.Rod;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PartEdits;
import stoutblade.measure.Quantity;
import stoutblade.part.Bought;
import stoutblade.part.Part;

/** Fields for a thing that is bought: a length of rod or tube, or anything else with its weight. */
final class BoughtFields {

  private final Desk desk;
  private final Supplier<Optional<Part>> part;
  private final TextField what = PlainText.field();
  private final ComboBox<Optional<Rod>> rod = new ComboBox<>();
  private final EntryField along;
  private final EntryField across;
  private final EntryField mass;
  private final EntryField price;
  private boolean showing;

  BoughtFields(Desk desk, Supplier<Optional<Part>> part) {
    this.desk = desk;
    this.part = part;
    what.setId("thing-what");
    what.setPrefColumnCount(12);
    what.setOnAction(
        event -> change(Texts.DRAFT.of("what-it-is"), it -> called(it, what.getText().strip())));
    List<Optional<Rod>> kinds = new ArrayList<>(List.of(Optional.empty()));
    desk.catalogue().rods().forEach(it -> kinds.add(Optional.of(it)));
    rod.setId("thing-rod");
    rod.getItems().setAll(kinds);
    rod.setConverter(
        Choices.named(it -> it.map(Rod::name).orElse(Texts.DRAFT.of("something-else"))));
    rod.setPrefWidth(190);
    rod.setOnAction(
        event -> {
          if (!showing && rod.getValue() != null) {
            change(Texts.DRAFT.of("of-what-it-is"), it -> of(it, rod.getValue()));
          }
        });
    along = EntryField.length(desk, mm -> change(Texts.DRAFT.of("length"), it -> it.along(mm)));
    across = EntryField.length(desk, mm -> change(Texts.DRAFT.of("width"), it -> it.across(mm)));
    mass =
        EntryField.amount(
            desk, Quantity.MASS, g -> change(Texts.DRAFT.of("weight"), it -> it.weighing(g)));
    price =
        EntryField.number(
            desk,
            "",
            () -> Texts.DRAFT.of("a-price-is-a-number"),
            each -> change(Texts.DRAFT.of("price"), it -> it.costing(each)));
    along.setId("thing-along");
    across.setId("thing-across");
    mass.setId("thing-mass");
    price.setId("thing-price");
    price.setPrefColumnCount(4);
  }

  private boolean change(String words, UnaryOperator<Bought> change) {
    return part.get()
        .map(it -> desk.perform(PartEdits.thing(it.id(), words, change)))
        .orElse(false);
  }

  private static Bought called(Bought thing, String name) {
    return new Bought(
        name, thing.rodId(), thing.alongMm(), thing.acrossMm(), thing.massG(), thing.price());
  }

  /** A length of rod is as wide as that, and weighs by the catalogue. */
  private static Bought of(Bought thing, Optional<Rod> chosen) {
    return new Bought(
        chosen.map(Rod::name).orElse(thing.what()),
        chosen.map(Rod::id).orElse(""),
        thing.alongMm(),
        chosen.map(Rod::outerMm).orElse(thing.acrossMm()),
        thing.massG(),
        thing.price());
  }

  private Optional<Bought> thing() {
    return part.get().filter(it -> it.shape() instanceof Bought).map(it -> (Bought) it.shape());
  }

  void into(Tray tray) {
    tray.with(Texts.DRAFT.of("a-length-of"), rod).with(Texts.DRAFT.of("length"), along);
    if (thing().filter(Bought::ofRod).isEmpty()) {
      tray.with(Texts.DRAFT.of("what-it-is"), what)
          .with(Texts.DRAFT.of("width"), across)
          .with(Texts.DRAFT.of("weight-of-one"), mass)
          .with(Texts.DRAFT.of("price-of-one"), price);
    }
  }

  void show() {
    showing = true;
    thing()
        .ifPresent(
            it -> {
              if (!what.isFocused()) {
                what.setText(it.what());
              }
              rod.setValue(desk.catalogue().rod(it.rodId()));
              along.show(it.alongMm());
              across.show(it.acrossMm());
              mass.show(it.massG());
              price.show(it.price());
            });
    showing = false;
  }
}

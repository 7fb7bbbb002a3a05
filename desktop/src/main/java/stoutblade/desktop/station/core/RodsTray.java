package stoutblade.desktop.station.core;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoublePredicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import stoutblade.catalogue.Rod;
import stoutblade.core.Beside;
import stoutblade.core.CoreChoice;
import stoutblade.core.Parting;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;

/** What goes with a core: rods beside it, and the joint where it comes apart. */
final class RodsTray {

  private final Desk desk;
  private final CoreModel model;
  private final Tray tray = new Tray();
  private final ComboBox<Integer> which = new ComboBox<>();
  private final ComboBox<Rod> rod = new ComboBox<>();
  private final EntryField from;
  private final EntryField to;
  private final EntryField aside;
  private final ToggleButton onEdge = new ToggleButton(Texts.CORE.of("on-edge"));
  private final ToggleButton parted = new ToggleButton(Texts.CORE.of("comes-apart"));
  private final ComboBox<Parting.Way> way = new ComboBox<>();
  private final ComboBox<Parting.Lock> lock = new ComboBox<>();
  private final ComboBox<Rod> join = new ComboBox<>();
  private final EntryField at;
  private final EntryField overlap;
  private int chosen;
  private String laidOut = "";
  private boolean showing;

  RodsTray(Desk desk, CoreModel model) {
    this.desk = desk;
    this.model = model;
    from = field("beside-from", mm -> beside(it -> it.from(mm)));
    to = field("beside-to", mm -> beside(it -> it.to(mm)));
    aside = field("beside-aside", mm -> beside(it -> it.aside(mm)));
    at = field("joint-at", mm -> part(it -> it.at(mm)));
    overlap = field("joint-overlap", mm -> part(it -> it.overlapping(mm)));
    rods(rod, "beside-rod", own -> beside(it -> it.withRod(own.id())));
    rods(join, "joint-rod", own -> part(it -> it.joinedBy(own.id())));
    which.setId("beside-which");
    which.setConverter(Choices.named(this::named));
    which.setPrefWidth(210);
    which.setOnAction(
        event -> {
          if (!showing && which.getValue() != null) {
            chosen = which.getValue();
            show();
          }
        });
    onEdge.setId("beside-edge");
    onEdge.setOnAction(event -> beside(it -> it.onEdge(onEdge.isSelected())));
    parted.setId("core-parted");
    parted.setOnAction(event -> model.parted(parted.isSelected()));
    way.setId("joint-way");
    way.getItems().setAll(Parting.Way.values());
    way.setConverter(Choices.named(Parting.Way::words));
    way.setPrefWidth(190);
    lock.setId("joint-lock");
    lock.getItems().setAll(Parting.Lock.values());
    lock.setConverter(Choices.named(Parting.Lock::words));
    lock.setPrefWidth(170);
    lock.setOnAction(
        event -> {
          if (!showing && lock.getValue() != null) {
            part(it -> it.kept(lock.getValue()));
          }
        });
    way.setOnAction(
        event -> {
          if (!showing && way.getValue() != null) {
            part(it -> it.with(way.getValue()));
          }
        });
  }

  Tray tray() {
    return tray;
  }

  private EntryField field(String id, DoublePredicate commit) {
    EntryField field = EntryField.length(desk, commit);
    field.setId(id);
    return field;
  }

  private void rods(ComboBox<Rod> box, String id, Consumer<Rod> take) {
    box.setId(id);
    box.getItems().setAll(desk.catalogue().rods());
    box.setConverter(Choices.named(Rod::name));
    box.setPrefWidth(210);
    box.setOnAction(
        event -> {
          if (!showing && box.getValue() != null) {
            take.accept(box.getValue());
          }
        });
  }

  private List<Beside> all() {
    return model.core().map(CoreChoice::beside).orElse(List.of());
  }

  private Optional<Beside> now() {
    return chosen < all().size() ? Optional.of(all().get(chosen)) : Optional.empty();
  }

  private String named(int number) {
    if (number >= all().size()) {
      // It was just taken out.
      return "";
    }
    return (number + 1)
        + "  "
        + desk.catalogue()
            .rod(all().get(number).rodId())
            .map(Rod::name)
            .orElse(all().get(number).rodId());
  }

  private boolean beside(UnaryOperator<Beside> change) {
    return model.beside(chosen, it -> Optional.of(change.apply(it)));
  }

  private boolean part(UnaryOperator<Parting> change) {
    return model.part(change);
  }

  private void add() {
    chosen = all().size();
    model.addBeside();
  }

  private Button button(String id, String words, Runnable action) {
    return Tray.button(id, words, action, this::show);
  }

  private void fill() {
    tray.with(" ", button("beside-add", Texts.CORE.of("add-a-rod-beside-it"), this::add));
    now()
        .ifPresent(
            it -> {
              tray.with(Texts.CORE.of("rods-beside-it"), which)
                  .with(Texts.CORE.of("this-one"), rod)
                  .with(Texts.CORE.of("from"), from)
                  .with(Texts.CORE.of("to"), to)
                  .with(Texts.CORE.of("aside-0-on-the-line"), aside);
              if (desk.catalogue().rod(it.rodId()).filter(Rod::square).isPresent()) {
                tray.with(" ", onEdge);
              }
              tray.with(
                  " ",
                  button(
                      "beside-remove",
                      Texts.CORE.of("take-it-out"),
                      () -> model.beside(chosen, own -> Optional.empty())));
            });
    tray.with(" ", parted);
    if (model.parting().isPresent()) {
      tray.with(Texts.CORE.of("apart-at-from-the-near"), at)
          .with(Texts.CORE.of("joined-by"), way)
          .with(Texts.CORE.of("of"), join)
          .with(Texts.CORE.of("in-each-piece"), overlap)
          .with(Texts.CORE.of("kept-together-by"), lock);
    }
  }

  void show() {
    chosen = Math.clamp(chosen, 0, Math.max(0, all().size() - 1));
    String key =
        all().size() + now().map(it -> it.rodId()).orElse("") + model.parting().isPresent();
    if (!key.equals(laidOut)) {
      laidOut = key;
      tray.lay(this::fill);
    }
    showing = true;
    which.getItems().setAll(IntStream.range(0, all().size()).boxed().toList());
    now()
        .ifPresent(
            it -> {
              which.setValue(chosen);
              rod.setValue(desk.catalogue().rod(it.rodId()).orElse(null));
              from.show(it.startMm());
              to.show(it.endMm());
              aside.show(it.asideMm());
              onEdge.setSelected(it.onEdge());
            });
    parted.setSelected(model.parting().isPresent());
    model
        .parting()
        .ifPresent(
            it -> {
              at.show(it.atMm());
              way.setValue(it.way());
              lock.setValue(it.lock());
              join.setValue(desk.catalogue().rod(it.joinId()).orElse(null));
              overlap.show(it.overlapMm());
            });
    showing = false;
    tray.setDisable(model.core().isEmpty());
  }
}

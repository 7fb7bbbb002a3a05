package stoutblade.desktop.sums;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.SizeFields;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.LeftOut;
import stoutblade.desktop.station.PlaceFields;
import stoutblade.desktop.texts.Texts;
import stoutblade.develop.Panel;
import stoutblade.edit.PanelEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.Where;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/** What is worked into the flat patterns of a part: added, chosen, sized, placed, taken out. */
final class PatternTray {

  private final Desk desk;
  private final Runnable after;
  private final Tray tray = new Tray();
  private final MenuButton add = new MenuButton(Key.DETAILS.on(Texts.SUMS.of("add-details")));
  private final ComboBox<String> which = new ComboBox<>();
  private final ComboBox<Integer> pattern = new ComboBox<>();
  private final PlaceFields places;
  private final LeftOut leftOut;
  private final RoundField round;
  private Optional<SizeFields> sizes = Optional.empty();
  private Optional<Part> part = Optional.empty();
  private String chosen = "";
  private String laidOut = "";
  private boolean showing;

  PatternTray(Desk desk, Runnable after) {
    this.desk = desk;
    this.after = after;
    this.places =
        new PlaceFields(
            desk,
            "detail-at-",
            List.of(PlaceFields.Way.ONE, PlaceFields.Way.RING, PlaceFields.Way.ROW),
            new Placed());
    round =
        new RoundField(
            desk,
            move -> {
              boolean done = change(Texts.SUMS.of("round-it"), it -> it.at(move.apply(it.where())));
              after.run();
              return done;
            });
    leftOut =
        new LeftOut(
            desk,
            "detail-left-out",
            without -> {
              boolean done = change(Texts.SUMS.of("leave-out"), it -> it.leavingOut(without));
              after.run();
              return done;
            });
    add.setId("pattern-details");
    add.setOnShowing(event -> offer());
    offer();
    which.setId("detail");
    which.setConverter(Choices.named(this::words));
    which.setOnAction(
        event -> {
          if (!showing && which.getValue() != null) {
            chosen = which.getValue();
            after.run();
          }
        });
    pattern.setId("detail-pattern");
    pattern.setConverter(Choices.named(this::patternName));
    pattern.setOnAction(
        event -> {
          if (!showing && pattern.getValue() != null) {
            part.ifPresent(
                it -> desk.perform(PanelEdits.panel(it.id(), chosen, pattern.getValue())));
            after.run();
          }
        });
  }

  Tray tray() {
    return tray;
  }

  /** Opens the list of what can be worked in. */
  void open() {
    add.show();
  }

  private void offer() {
    List<MenuItem> items = new ArrayList<>();
    for (Feature.Kind kind : Feature.Kind.values()) {
      if (kind == Feature.Kind.CUTOUT) {
        items.add(cutOuts());
      } else if (PanelFeature.KINDS.contains(kind)) {
        MenuItem item = new MenuItem(kind.title());
        item.setId("detail-" + kind.name().toLowerCase(Locale.ROOT));
        item.setOnAction(event -> add(kind, Optional.empty()));
        items.add(item);
      }
    }
    add.getItems().setAll(items);
  }

  private Menu cutOuts() {
    Menu menu = new Menu(Texts.SUMS.of("cut-out-along-an-outline"));
    desk.prop()
        .size()
        .tracings()
        .forEach(
            it -> {
              WholeOutline outline = it.outlines().getFirst();
              MenuItem item = new MenuItem(Texts.SUMS.of("as", it.name()));
              item.setMnemonicParsing(false);
              item.setOnAction(event -> add(Feature.Kind.CUTOUT, Optional.of(outline.centred())));
              menu.getItems().add(item);
            });
    menu.setDisable(menu.getItems().isEmpty());
    return menu;
  }

  /** It begins in the middle of the first pattern. */
  private void add(Feature.Kind kind, Optional<WholeOutline> outline) {
    List<Panel> panels = panels();
    if (part.isEmpty() || panels.isEmpty()) {
      return;
    }
    Box box = panels.getFirst().box();
    Point middle = box.centre();
    Where where =
        kind.reach() == Feature.Reach.LINE
            ? new Where.Row(
                new Point(box.minX() + box.width() * 0.2, middle.y()),
                new Point(box.maxX() - box.width() * 0.2, middle.y()),
                kind == Feature.Kind.SCORES ? 6 : 1)
            : Where.At.of(middle.x(), middle.y());
    String words = kind == Feature.Kind.LETTERS ? Texts.SUMS.of("lantern") : "";
    String id = part.get().id();
    desk.perform(
        PanelEdits.add(id, 0, kind, words, where, outline),
        () -> {
          chosen = desk.prop().needed(id).shape().worked().getLast().feature().id();
          after.run();
        });
  }

  private List<Panel> panels() {
    return part.map(it -> it.developed().panels()).orElse(List.of());
  }

  private Optional<PanelFeature> detail() {
    return part.stream()
        .flatMap(it -> it.shape().worked().stream())
        .filter(it -> it.feature().id().equals(chosen))
        .findFirst();
  }

  private boolean change(String what, UnaryOperator<Feature> change) {
    return part.map(it -> desk.perform(PanelEdits.change(it.id(), chosen, what, change)))
        .orElse(false);
  }

  private final class Placed implements PlaceFields.Placed {

    @Override
    public Optional<Where> where() {
      return detail().map(it -> it.feature().where());
    }

    @Override
    public Outline carrier() {
      return HalfOutline.EMPTY;
    }

    @Override
    public boolean put(String what, Function<Where, Where> change) {
      boolean done = change(what, it -> it.at(change.apply(it.where())));
      after.run();
      return done;
    }
  }

  private String words(String id) {
    return part.stream()
        .flatMap(it -> it.shape().worked().stream())
        .filter(it -> it.feature().id().equals(id))
        .findFirst()
        .map(
            it ->
                it.feature().kind().title()
                    + (it.feature().words().isEmpty() ? "" : " " + it.feature().words())
                    + (it.feature().where().count() > 1
                        ? " × " + it.feature().where().count()
                        : ""))
        .orElse(id);
  }

  private String patternName(int index) {
    List<Panel> panels = panels();
    return index < panels.size() ? panels.get(index).name() : Texts.SUMS.of("pattern", index + 1);
  }

  // == SHOWING

  /** Shows the details of a part. */
  void show(Optional<Part> now) {
    part = now;
    List<String> ids =
        now.stream()
            .flatMap(it -> it.shape().worked().stream())
            .map(it -> it.feature().id())
            .toList();
    if (!ids.contains(chosen)) {
      chosen = ids.isEmpty() ? "" : ids.getLast();
    }
    showing = true;
    which.getItems().setAll(ids);
    which.setValue(chosen.isEmpty() ? null : chosen);
    pattern.getItems().clear();
    for (int i = 0; i < panels().size(); i++) {
      pattern.getItems().add(i);
    }
    detail().ifPresent(it -> pattern.setValue(it.panel()));
    showing = false;
    String key =
        detail()
            .map(
                it ->
                    now.orElseThrow().id()
                        + it.feature().id()
                        + it.feature().kind()
                        + places.key()
                        + (it.feature().where().count() > 1)
                        + it.feature().without()
                        + (panels().size() > 1))
            .orElse("");
    if (!key.equals(laidOut) || tray.getChildren().size() < 2) {
      laidOut = key;
      layOut();
    }
    detail()
        .ifPresent(
            it -> {
              sizes.ifPresent(fields -> fields.show(entry -> it.feature().size(entry.key())));
              places.show();
              if (round.of(part)) {
                round.show(it.feature().where());
              }
            });
  }

  private void layOut() {
    tray.lay(
        () -> {
          tray.with(Texts.SUMS.of("details"), add);
          detail().ifPresent(it -> lay(it.feature()));
        });
  }

  private void lay(Feature feature) {
    SizeFields fields =
        new SizeFields(
            desk,
            "detail-",
            (entry, value) ->
                change(
                    feature.kind().title() + ": " + entry.label(),
                    it -> it.with(entry.key(), value)),
            after);
    sizes = Optional.of(fields);
    tray.with(Texts.SUMS.of("selected"), which);
    if (panels().size() > 1) {
      tray.with(Texts.SUMS.of("on-pattern"), pattern);
    }
    if (feature.kind() == Feature.Kind.LETTERS) {
      TextField words = PlainText.field(feature.words());
      words.setId("detail-words");
      words.setPrefColumnCount(12);
      words.setOnAction(
          event -> {
            change(Texts.SUMS.of("lettering"), it -> it.saying(words.getText().strip()));
            after.run();
          });
      tray.with(Texts.SUMS.of("it-says"), words);
    }
    feature.kind().entries().forEach(it -> tray.with(it.label(), fields.control(it)));
    places.into(tray);
    if (round.of(part)) {
      tray.with(Texts.SUMS.of("from-the-front-round-it"), round.control());
    }
    if (feature.where().count() > 1) {
      tray.with(Texts.SUMS.of("left-out"), leftOut.of(feature));
    }
    tray.with(
        " ",
        Tray.button(
            "detail-remove",
            Texts.SUMS.of("take-out"),
            () -> part.ifPresent(it -> desk.perform(PanelEdits.remove(it.id(), chosen))),
            after));
  }
}

package stoutblade.desktop.station.size;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.util.StringConverter;
import stoutblade.catalogue.Thing;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Stated;
import stoutblade.reference.Ruler;
import stoutblade.reference.Ruler.BodySegment;
import stoutblade.reference.Ruler.KnownLength;
import stoutblade.reference.Ruler.PrintRatio;
import stoutblade.reference.Ruler.SeenRectangle;
import stoutblade.wearer.Segment;

/** What is said of the selected ruler: what it is, how long, where it stands, whether trusted. */
final class RulerTray {

  private final Desk desk;
  private final PictureModel model;
  private final TextField name = PlainText.field();
  private final ComboBox<Thing> thing = new ComboBox<>();
  private final ComboBox<Segment> segment = new ComboBox<>();
  private final EntryField length;
  private final EntryField lengthStd;
  private final EntryField second;
  private final EntryField ratio;
  private final EntryField behind;
  private final EntryField behindStd;
  private final CheckBox trusted = new CheckBox(Texts.SIZE.of("trusted"));
  private final Button swap = new Button(Texts.SIZE.of("swap"));
  private final Button remove = new Button(Texts.SIZE.of("remove"));
  private final Tray tray = new Tray();
  private Class<?> shown = Object.class;
  private boolean showing;

  RulerTray(Desk desk, PictureModel model) {
    this.desk = desk;
    this.model = model;
    length = EntryField.length(desk, mm -> lengths(it -> new Stated(mm, it.std())));
    lengthStd = EntryField.length(desk, mm -> lengths(it -> new Stated(it.value(), mm)));
    second = EntryField.length(desk, this::height);
    ratio = EntryField.number(desk, "", () -> Texts.SIZE.of("so-many-times-as-long"), this::ratio);
    behind =
        EntryField.length(
            desk, mm -> model.change(it -> it.withBehind(new Stated(mm, it.behind().std()))));
    behindStd =
        EntryField.length(
            desk, mm -> model.change(it -> it.withBehind(new Stated(it.behind().value(), mm))));
    name.setId("ruler-name");
    thing.setId("ruler-thing");
    segment.setId("ruler-segment");
    length.setId("ruler-length");
    lengthStd.setId("ruler-length-std");
    second.setId("ruler-height");
    ratio.setId("ruler-ratio");
    behind.setId("ruler-behind");
    behindStd.setId("ruler-behind-std");
    trusted.setId("ruler-trusted");
    remove.setId("ruler-remove");
    length.setPrefColumnCount(5);
    second.setPrefColumnCount(5);
    behind.setPrefColumnCount(5);
    lengthStd.setPrefColumnCount(4);
    behindStd.setPrefColumnCount(4);
    tray.setHgap(6);
    ratio.setPrefColumnCount(5);
    name.setPrefColumnCount(7);
    name.setOnAction(event -> model.change(it -> it.withName(name.getText().strip())));
    name.focusedProperty()
        .addListener(
            (it, was, is) -> {
              if (was && !is && model.ruler().isPresent() && !name.getText().isBlank()) {
                model.change(ruler -> ruler.withName(name.getText().strip()));
              }
            });
    thing.setPrefWidth(150);
    thing.setPromptText(Texts.SIZE.of("none-of-these"));
    thing.setOnAction(event -> when(thing.getValue() != null, () -> take(thing.getValue())));
    segment.getItems().setAll(Segment.values());
    segment.setConverter(words());
    segment.setOnAction(event -> when(segment.getValue() != null, this::part));
    trusted.setOnAction(event -> model.change(it -> it.withTrust(trusted.isSelected())));
    swap.setOnAction(event -> swapSides());
    remove.setOnAction(event -> model.remove());
  }

  private static StringConverter<Segment> words() {
    return new StringConverter<>() {
      @Override
      public String toString(Segment it) {
        return it == null ? "" : it.label();
      }

      @Override
      public Segment fromString(String text) {
        throw new UnsupportedOperationException(Texts.SIZE.of("chosen-not-typed"));
      }
    };
  }

  /** Only what a person chose is an edit, not what is shown. */
  private void when(boolean chosen, Runnable then) {
    if (chosen && !showing) {
      then.run();
    }
  }

  Tray node() {
    return tray;
  }

  /** Shows a ruler. */
  void show(Ruler ruler) {
    showing = true;
    if (!name.isFocused()) {
      name.setText(ruler.name());
    }
    lay(ruler);
    switch (ruler.by()) {
      case KnownLength it -> {
        fill(it.length());
        thing.setValue(it.thing().flatMap(desk.catalogue()::thing).orElse(null));
      }
      case SeenRectangle it -> {
        fill(it.width());
        second.show(it.height().value());
        thing.setValue(sized(it).orElse(null));
      }
      case PrintRatio it -> {
        fill(it.paper());
        ratio.show(it.ratio());
      }
      case BodySegment it -> segment.setValue(it.segment());
      case Ruler.FigureHeight it -> {}
    }
    behind.show(ruler.behind().value());
    behindStd.show(ruler.behind().std());
    trusted.setSelected(ruler.trusted());
    showing = false;
  }

  private Optional<Thing> sized(SeenRectangle rectangle) {
    double longer = Math.max(rectangle.width().value(), rectangle.height().value());
    double shorter = Math.min(rectangle.width().value(), rectangle.height().value());
    return desk.catalogue().things().stream()
        .filter(it -> it.flat() && it.longMm() == longer && it.shortMm() == shorter)
        .findFirst();
  }

  private void fill(Stated stated) {
    length.show(stated.value());
    lengthStd.show(stated.std());
  }

  /** Lays out the fields of a kind of ruler. */
  private void lay(Ruler ruler) {
    if (shown.equals(ruler.by().getClass())) {
      return;
    }
    shown = ruler.by().getClass();
    tray.getChildren().clear();
    tray.with(Texts.SIZE.of("this-ruler-is"), name);
    switch (ruler.by()) {
      case KnownLength it -> {
        thing.getItems().setAll(desk.catalogue().things());
        tray.with(Texts.SIZE.of("one-of-these"), thing)
            .with(Texts.SIZE.of("length"), length)
            .with("±", lengthStd);
      }
      case SeenRectangle it -> {
        thing.getItems().setAll(desk.catalogue().things().stream().filter(Thing::flat).toList());
        tray.with(Texts.SIZE.of("one-of-these"), thing)
            .with(Texts.SIZE.of("first-side"), length)
            .with(Texts.SIZE.of("second-side"), second)
            .with("±", lengthStd)
            .with(" ", swap);
      }
      case PrintRatio it ->
          tray.with(Texts.SIZE.of("on-paper"), length)
              .with("±", lengthStd)
              .with(Texts.SIZE.of("on-the-prop"), ratio);
      case BodySegment it -> tray.with(Texts.SIZE.of("part-of-the-body"), segment);
      case Ruler.FigureHeight it -> {}
    }
    tray.with(Texts.SIZE.of("behind-the-prop"), behind)
        .with("±", behindStd)
        .with(" ", trusted)
        .with(" ", remove);
  }

  // == CHANGES

  private interface Change {
    Stated of(Stated before);
  }

  private boolean lengths(Change change) {
    return by(
        by ->
            switch (by) {
              case KnownLength it ->
                  new KnownLength(change.of(it.length()), Optional.empty(), it.mark());
              case PrintRatio it -> new PrintRatio(it.ratio(), change.of(it.paper()), it.mark());
              case SeenRectangle it -> {
                Stated width = change.of(it.width());
                yield new SeenRectangle(
                    width, new Stated(it.height().value(), width.std()), it.corners());
              }
              case BodySegment it -> it;
              case Ruler.FigureHeight it -> it;
            });
  }

  private boolean height(double mm) {
    return by(
        by ->
            by instanceof SeenRectangle it
                ? new SeenRectangle(it.width(), new Stated(mm, it.height().std()), it.corners())
                : by);
  }

  private boolean ratio(double value) {
    return by(
        by -> by instanceof PrintRatio it ? new PrintRatio(value, it.paper(), it.mark()) : by);
  }

  private boolean by(java.util.function.UnaryOperator<Ruler.By> change) {
    Supplier<Boolean> made = () -> model.change(it -> it.with(change.apply(it.by())));
    return made.get();
  }

  private void part() {
    model.change(
        it ->
            it.by() instanceof BodySegment body
                ? it.with(new BodySegment(segment.getValue(), body.mark()))
                    .withName(segment.getValue().label())
                : it);
  }

  private void take(Thing chosen) {
    model.change(
        it ->
            switch (it.by()) {
              case KnownLength known ->
                  it.with(
                          new KnownLength(
                              chosen.longSide(), Optional.of(chosen.id()), known.mark()))
                      .withName(chosen.name());
              case SeenRectangle rectangle ->
                  it.with(laid(rectangle, chosen)).withName(chosen.name());
              default -> it;
            });
  }

  /** A thing in the place of another rectangle, lying the same way. */
  private static SeenRectangle laid(SeenRectangle rectangle, Thing chosen) {
    boolean wide = rectangle.width().value() >= rectangle.height().value();
    List<Stated> sides = List.of(chosen.longSide(), chosen.shortSide());
    return new SeenRectangle(sides.get(wide ? 0 : 1), sides.get(wide ? 1 : 0), rectangle.corners());
  }

  private void swapSides() {
    by(
        by ->
            by instanceof SeenRectangle it
                ? new SeenRectangle(it.height(), it.width(), it.corners())
                : by);
  }
}

package stoutblade.desktop.station.size;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ComboBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdits;
import stoutblade.edit.SizeEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.fit.Carry;
import stoutblade.fit.Pose;
import stoutblade.fit.Posture;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.reference.SizingRule;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

/**
 * The prop with its wearer: who carries it, which size it gets, how it is held, what it must pass.
 */
final class FitDesk {

  private static final double BETWEEN = 1.05;

  private final Desk desk;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final ComboBox<String> wearers = new ComboBox<>();
  private final EntryField height;
  private final EntryField character;
  private final Map<BodyMeasure, EntryField> measures = new EnumMap<>(BodyMeasure.class);
  private final EntryField weight;
  private final ToggleButton trueSize = new ToggleButton(Texts.SIZE.of("true-size"));
  private final ToggleButton inProportion = new ToggleButton(Texts.SIZE.of("in-proportion"));
  private final Slider between = new Slider(0, 1, 0);
  private final EntryField target;
  private final MenuButton keep = new MenuButton();
  private final TextField name = PlainText.field();
  private final ComboBox<Carry.Kind> kind = new ComboBox<>();
  private final Map<Pose, ToggleButton> poses = new EnumMap<>(Pose.class);
  private final ToggleButton bothHands = new ToggleButton(Texts.SIZE.of("both-hands"));
  private final Map<Carry.Length, EntryField> lengths = new EnumMap<>(Carry.Length.class);
  private final PassageFields passages;
  private boolean showing;

  FitDesk(Desk desk, Papers papers, Runnable holdUp) {
    this.desk = desk;
    this.tape = new MaskingTape(desk, mat, this::where);
    this.passages = new PassageFields(desk);
    mat.setCalled(Texts.SIZE.of("the-prop-beside-its-wearer"));
    mat.setId("fit-mat");
    mat.setDrawing(this::draw);
    height =
        EntryField.length(
            desk, mm -> desk.attempt(() -> WearerEdits.height(desk.prop().wearerId(), mm)));
    height.setId("wearer-height");
    character =
        EntryField.length(
            desk,
            mm ->
                desk.attempt(
                    () ->
                        SizeEdits.character(Optional.of(new ShownCharacter(characterName(), mm)))));
    character.setId("character-height");
    character.setPromptText(Texts.SIZE.of("the-wearers"));
    weight =
        EntryField.amount(
            desk,
            Quantity.MASS,
            g ->
                desk.attempt(
                    () -> WearerEdits.weightLimit(desk.prop().wearerId(), Optional.of(g))));
    weight.setId("weight-limit");
    target = EntryField.length(desk, this::resize);
    target.setId("target-length");
    keep.setId("keep-size");
    wearers.setId("wearers");
    wearers.setPrefWidth(150);
    height.setPrefColumnCount(4);
    character.setPrefColumnCount(4);
    target.setPrefColumnCount(4);
    wearers.setOnAction(
        event -> {
          int index = wearers.getSelectionModel().getSelectedIndex();
          if (!showing && index >= 0) {
            String id = List.copyOf(desk.project().wearers().kept().keySet()).get(index);
            desk.attempt(() -> WearerEdits.carriedBy(desk.prop().id(), id));
          }
        });
    trueSize.setId("true-size");
    inProportion.setId("in-proportion");
    between.setId("between-rules");
    between.setPrefWidth(54);
    trueSize.setOnAction(event -> rule(() -> SizingRule.TRUE_SIZE));
    inProportion.setOnAction(event -> rule(() -> SizingRule.IN_PROPORTION));
    between
        .valueChangingProperty()
        .addListener(
            (it, was, is) -> {
              if (was && !is) {
                rule(() -> new SizingRule.Blend(between.getValue()));
              }
            });
    Trays trays = new Trays();
    trays.show(List.of(who(), how(papers, holdUp)));
    node.setBottom(trays);
  }

  /** What is printed before any template. */
  interface Papers {

    /** A narrow strip as long as the prop. */
    void strip();

    /** The outline alone. */
    void outline();
  }

  private String characterName() {
    return desk.prop()
        .size()
        .character()
        .map(ShownCharacter::name)
        .orElse(Texts.SIZE.of("the-character"));
  }

  /** A prop that is marked gets its length by its scale; one that is only drafted is resized. */
  private boolean resize(double mm) {
    return desk.reckoned().sizing().trueLength().isPresent()
        ? rule(() -> new SizingRule.Target(mm))
        : resizeDrafted(mm);
  }

  /** What usually keeps its size is asked about first. */
  private boolean resizeDrafted(double mm) {
    List<Part> usual = PropEdits.usuallyHeld(desk.prop());
    if (usual.isEmpty() || desk.reckoned().whole().length().isEmpty()) {
      return desk.attempt(() -> PropEdits.resizeTo(mm));
    }
    KeptSizes.ask(
        target,
        usual,
        Texts.SIZE.of("make-it", Display.length(mm, desk.units())),
        held -> desk.attempt(() -> PropEdits.resizeTo(mm, held)),
        this::show);
    return true;
  }

  /** The parts, each with a tick where it keeps its size. */
  private void showKept() {
    keep.getItems()
        .setAll(
            desk.prop().parts().stream()
                .map(
                    part -> {
                      CheckMenuItem item = new CheckMenuItem(part.name());
                      item.setId("keep-" + part.id());
                      item.setSelected(part.held());
                      item.setOnAction(
                          event ->
                              desk.attempt(() -> PartEdits.held(part.id(), item.isSelected())));
                      return item;
                    })
                .toList());
    long held = desk.prop().parts().stream().filter(Part::held).count();
    keep.setText(held == 0 ? Texts.SIZE.of("none") : Long.toString(held));
    keep.setDisable(desk.prop().parts().isEmpty());
  }

  private boolean rule(Supplier<SizingRule> rule) {
    return desk.attempt(() -> SizeEdits.rule(rule.get(), desk.prop().size(), desk.wearer()));
  }

  Node node() {
    return node;
  }

  // == TRAYS

  private Tray who() {
    Tray tray = new Tray();
    tray.setHgap(6);
    return tray.with(Texts.SIZE.of("who-carries-it"), wearers)
        .with(Texts.SIZE.of("height"), height)
        .with(Texts.SIZE.of("and-more"), measuresMenu())
        .with(Texts.SIZE.of("character"), character)
        .with(Texts.SIZE.of("which-size"), trueSize)
        .with(Texts.SIZE.of("or-between"), between)
        .with(" ", inProportion)
        .with(Texts.SIZE.of("or-a-length"), target);
  }

  private MenuButton measuresMenu() {
    GridPane grid = new GridPane(8, 6);
    name.setId("kept-wearer-name");
    name.setOnAction(
        event -> desk.attempt(() -> WearerEdits.name(desk.prop().wearerId(), name.getText())));
    grid.addRow(0, new Label(Texts.SIZE.of("called")), name);
    for (BodyMeasure measure : BodyMeasure.values()) {
      EntryField field =
          EntryField.length(
              desk,
              mm ->
                  desk.attempt(
                      () ->
                          WearerEdits.bodyMeasure(
                              desk.prop().wearerId(), measure, Optional.of(mm))));
      field.setId("measure-" + measure.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
      Button guess = new Button(Texts.SIZE.of("estimate"));
      guess.setOnAction(
          event ->
              desk.attempt(
                  () ->
                      WearerEdits.bodyMeasure(desk.prop().wearerId(), measure, Optional.empty())));
      measures.put(measure, field);
      grid.addRow(grid.getRowCount(), new Label(measure.label()), field, guess);
    }
    Button none = new Button(Texts.SIZE.of("no-limit"));
    none.setOnAction(
        event ->
            desk.attempt(() -> WearerEdits.weightLimit(desk.prop().wearerId(), Optional.empty())));
    grid.addRow(grid.getRowCount(), new Label(Texts.SIZE.of("carries-at-most")), weight, none);
    Button more = new Button(Texts.SIZE.of("add-another-wearer"));
    more.setId("add-wearer");
    more.setOnAction(event -> desk.attempt(this::someoneElse));
    grid.add(more, 0, grid.getRowCount(), 3, 1);
    Button gone = new Button(Texts.SIZE.of("remove-this-wearer"));
    gone.setOnAction(event -> desk.attempt(() -> WearerEdits.remove(desk.prop().wearerId())));
    grid.add(gone, 0, grid.getRowCount(), 3, 1);
    Button same = new Button(Texts.SIZE.of("the-character-is-as-tall"));
    same.setOnAction(event -> desk.attempt(() -> SizeEdits.character(Optional.empty())));
    grid.add(same, 0, grid.getRowCount(), 3, 1);
    return menu(Texts.SIZE.of("measures"), "wearer-measures", grid);
  }

  private Change someoneElse() {
    return WearerEdits.add(
        desk.prop().id(),
        new Wearer(
            Texts.SIZE.of("wearer", desk.project().wearers().kept().size() + 1),
            desk.wearer().heightMm()));
  }

  private static MenuButton menu(String words, String id, Node content) {
    CustomMenuItem item = new CustomMenuItem(content, false);
    MenuButton menu = new MenuButton(words, null, item);
    menu.setId(id);
    return menu;
  }

  private Tray how(Papers papers, Runnable holdUp) {
    kind.setId("carry-kind");
    kind.getItems().setAll(Carry.Kind.values());
    kind.setConverter(words());
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            desk.attempt(
                () ->
                    SizeEdits.carry(Texts.SIZE.of("carried"), it -> it.withKind(kind.getValue())));
          }
        });
    Tray tray = new Tray();
    tray.setHgap(6);
    ToggleGroup group = new ToggleGroup();
    String label = Texts.SIZE.of("held");
    for (Pose pose : Pose.values()) {
      ToggleButton button = new ToggleButton(pose.words());
      button.setId("pose-" + pose.name().toLowerCase(java.util.Locale.ROOT));
      button.setToggleGroup(group);
      button.setOnAction(
          event -> desk.attempt(() -> SizeEdits.carry(pose.words(), it -> it.withRest(pose))));
      poses.put(pose, button);
      tray.with(label, button);
      label = " ";
    }
    bothHands.setOnAction(
        event ->
            desk.attempt(
                () ->
                    SizeEdits.carry(
                        Texts.SIZE.of("hands"),
                        it -> it.withHands(bothHands.isSelected() ? 2 : 1))));
    Button hold = new Button(Texts.SIZE.of("hold-it-up"));
    hold.setId("hold-up");
    hold.setOnAction(event -> holdUp.run());
    MenuItem strip = new MenuItem(Texts.SIZE.of("test-strip-as-long-as"));
    strip.setOnAction(event -> papers.strip());
    MenuItem outline = new MenuItem(Texts.SIZE.of("outline-of-the-blade"));
    outline.setOnAction(event -> papers.outline());
    MenuButton paper = new MenuButton(Texts.SIZE.of("paper"), null, strip, outline);
    paper.setId("first-papers");
    return tray.with(Texts.SIZE.of("handle"), lengthsMenu())
        .with(Texts.SIZE.of("transport"), menu(Texts.SIZE.of("doors"), "passages", passages.node()))
        .with(Texts.SIZE.of("at-real-size"), hold)
        .with(Texts.SIZE.of("mock-up"), paper)
        .with(Texts.SIZE.of("keeps-its-size"), keep);
  }

  private static javafx.util.StringConverter<Carry.Kind> words() {
    return new javafx.util.StringConverter<>() {
      @Override
      public String toString(Carry.Kind it) {
        return it == null ? "" : it.words();
      }

      @Override
      public Carry.Kind fromString(String text) {
        throw new UnsupportedOperationException(Texts.SIZE.of("chosen-not-typed"));
      }
    };
  }

  private MenuButton lengthsMenu() {
    GridPane grid = new GridPane(8, 6);
    grid.addRow(0, new Label(Texts.SIZE.of("carried")), kind, bothHands);
    for (Carry.Length length : Carry.Length.values()) {
      EntryField field = EntryField.length(desk, mm -> carry(length, Optional.of(mm)));
      field.setId("carry-" + length.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
      lengths.put(length, field);
      Button unsaid = new Button(Texts.SIZE.of("clear"));
      unsaid.setOnAction(event -> carry(length, Optional.empty()));
      grid.addRow(grid.getRowCount(), new Label(length.words()), field, unsaid);
    }
    return menu(Texts.SIZE.of("grip"), "carry-lengths", grid);
  }

  private boolean carry(Carry.Length length, Optional<Double> mm) {
    return desk.attempt(() -> SizeEdits.carry(length.words(), it -> it.with(length, mm)));
  }

  // == SHOWING

  void show() {
    showing = true;
    mat.setUnits(desk.units());
    var size = desk.prop().size();
    Wearer wearer = desk.wearer();
    List<String> names = new ArrayList<>();
    SequencedMap<String, Wearer> kept = desk.project().wearers().kept();
    kept.values().forEach(it -> names.add(it.name()));
    if (!wearers.getItems().equals(names)) {
      wearers.getItems().setAll(names);
    }
    wearers.getSelectionModel().select(List.copyOf(kept.keySet()).indexOf(desk.prop().wearerId()));
    name.setText(wearer.name());
    height.show(wearer.heightMm());
    size.character().ifPresentOrElse(it -> character.show(it.heightMm()), character::showNothing);
    measures.forEach(
        (measure, field) -> show(field, Optional.ofNullable(wearer.measured().get(measure))));
    show(weight, wearer.weightLimitG());
    showRule(size.rule());
    showKept();
    kind.setValue(size.carry().kind());
    poses.forEach((pose, button) -> button.setSelected(pose == size.carry().rest()));
    bothHands.setSelected(size.carry().hands() == 2);
    lengths.forEach((length, field) -> show(field, size.carry().get(length)));
    passages.show(size.passages());
    mat.fitAnew(extent(), 14);
    tape.show(findings());
    desk.besideProperty().set(desk.reckoned().wearerFigures());
    showing = false;
    mat.redraw();
  }

  private static void show(EntryField field, Optional<Double> value) {
    value.ifPresentOrElse(field::show, field::showNothing);
  }

  private void showRule(SizingRule rule) {
    boolean same = desk.prop().size().character().isEmpty();
    trueSize.setSelected(rule.equals(SizingRule.TRUE_SIZE));
    inProportion.setSelected(rule.equals(SizingRule.IN_PROPORTION));
    between.setDisable(same);
    inProportion.setDisable(same);
    switch (rule) {
      case SizingRule.Blend it -> {
        between.setValue(it.share());
        drafted().ifPresentOrElse(target::show, target::showNothing);
      }
      case SizingRule.Target it -> target.show(it.lengthMm());
    }
  }

  /** How long a prop is that is drafted and nowhere marked. */
  private Optional<Double> drafted() {
    return desk.reckoned().sizing().trueLength().isPresent()
        ? Optional.empty()
        : desk.reckoned().whole().length().map(Figure::value);
  }

  private List<Finding> findings() {
    return desk.findingsOf(Station.SIZE).stream()
        .filter(
            it ->
                it.place() instanceof Place.OnFit
                    || (it.place() instanceof Place.OnStation && !it.id().endsWith(".unit")))
        .toList();
  }

  private Box extent() {
    double tall = desk.wearer().heightMm();
    double top = Math.max(tall, Figures.wholeLength(desk.reckoned())) * 1.04;
    return new Box(-tall * 0.55, -tall * 0.03, tall * (BETWEEN + 0.75), top);
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnFit ? Optional.of(posture(false).grip()) : Optional.empty();
  }

  // == DRAWING

  private Posture posture(boolean side) {
    double whole = Figures.wholeLength(desk.reckoned());
    Carry carry = desk.prop().size().carry();
    double gripAt = carry.gripAtMm().orElse(Math.min(whole / 2, desk.wearer().heightMm() * 0.6));
    return Posture.of(carry.rest(), side, desk.wearer().heightMm(), whole, gripAt);
  }

  private void draw(Pen pen) {
    double tall = desk.wearer().heightMm();
    pen.line(
        new Point(-tall * 0.5, 0), new Point(tall * (BETWEEN + 0.7), 0), pen.colour(Ink.INK), 2);
    draw(pen, posture(false), new Point(0, 0), false);
    draw(pen, posture(true), new Point(tall * BETWEEN, 0), true);
    pen.measure(
        new Point(-tall * 0.42, 0),
        new Point(-tall * 0.42, tall),
        Display.length(tall, desk.units()),
        pen.colour(Ink.INK));
    double whole = Figures.wholeLength(desk.reckoned());
    if (whole > 0) {
      Posture posture = posture(false);
      Point away = new Point(tall * 0.12, 0);
      pen.measure(
          posture.place(new Point(0, 0)).plus(away),
          posture.place(new Point(0, whole)).plus(away),
          Figures.wholeLengthWords(desk.reckoned(), desk.units()),
          pen.colour(Ink.MEASURE));
    }
    tape.mark(pen);
  }

  private void draw(Pen pen, Posture posture, Point foot, boolean side) {
    if (posture.propBehind()) {
      drawProp(pen, posture, foot, side);
    }
    List<Path> body = posture.body();
    for (int i = 0; i < body.size(); i++) {
      if (i + 1 == body.size() && !posture.propBehind()) {
        drawProp(pen, posture, foot, side);
      }
      Path moved = Figures.moved(body.get(i), foot);
      pen.fill(moved, pen.colour(Ink.MAT));
      pen.fill(moved, pen.faint(Ink.BODY, 0.55));
      pen.stroke(moved, pen.colour(Ink.BODY), 1.2);
    }
  }

  private void drawProp(Pen pen, Posture posture, Point foot, boolean side) {
    for (Figures.Piece piece : Figures.prop(desk.reckoned(), side)) {
      List<Point> placed =
          piece.path().flattened(1).stream().map(it -> posture.place(it).plus(foot)).toList();
      pen.fill(List.of(placed), pen.colour(piece.ink()));
      pen.stroke(List.of(placed), pen.colour(Ink.INK), 1.3);
    }
  }
}

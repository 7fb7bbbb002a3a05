package stoutblade.desktop.station.cut;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetTemplates;
import stoutblade.shape.Box;
import stoutblade.stock.CutList;
import stoutblade.template.Template;

/** Sheets on the mat at true scale, with the pieces of all props that are cut from them. */
final class SheetsDesk {

  private static final double MARGIN_PX = 40;

  private final Desk desk;
  private final SheetsModel model;
  private final SheetsDrawing drawing;
  private final SheetsHand hand;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final Tray tray;
  private final ComboBox<CutList.Kind> kind = new ComboBox<>();
  private final EntryField gap;
  private final EntryField rim;
  private final Button again = new Button(Texts.CUT.of("lay-them-again"));
  private final Button turn = new Button(Key.TURN.on(Texts.CUT.of("turn")));
  private final ToggleButton stays = new ToggleButton(Key.STAYS.on(Texts.CUT.of("stays")));
  private final Button cut = new Button(Texts.CUT.of("they-are-cut"));
  private final Button print = new Button(Texts.CUT.of("print"));
  private final Label said = new Label();
  private Optional<Box> fitted = Optional.empty();
  private boolean showing;

  /**
   * A desk.
   *
   * @param print prints a template of sheets
   */
  SheetsDesk(Desk desk, SheetsModel model, Consumer<Template> print) {
    this.desk = desk;
    this.model = model;
    mat.setCalled(Texts.CUT.of("sheets-with-what-is-cut"));
    mat.setId("sheets-mat");
    drawing = new SheetsDrawing(model);
    hand = new SheetsHand(desk, model, drawing, this::look);
    mat.setHand(hand);
    mat.setDrawing(pen -> drawing.draw(pen, hand.spot(), hand.inHand(), hand.path()));
    kind.setId("sheets-kind");
    kind.setPrefWidth(310);
    kind.setConverter(Choices.named(it -> Texts.CUT.of("kind-and-pieces", it.words(), it.count())));
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            model.look(kind.getValue());
          }
        });
    gap = EntryField.length(desk, model::gap);
    gap.setId("sheets-gap");
    rim = EntryField.length(desk, model::rim);
    rim.setId("sheets-rim");
    again.setId("sheets-again");
    again.setOnAction(event -> model.again());
    turn.setId("sheets-turn");
    turn.setOnAction(event -> hand.turn());
    stays.setId("sheets-stays");
    stays.setOnAction(
        event -> {
          hand.pin();
          look();
        });
    cut.setId("sheets-cut");
    cut.setOnAction(event -> model.cutNow());
    this.print.setId("sheets-print");
    this.print.setOnAction(event -> model.answer().map(this::template).ifPresent(print));
    said.setId("sheets-said");
    said.getStyleClass().add(Style.FIGURE_VALUE);
    said.setMaxHeight(Double.MAX_VALUE);
    WrappedText.in(said);
    tray =
        new Tray()
            .with(Texts.CUT.of("cut-from"), kind)
            .with(Texts.CUT.of("between-pieces"), gap)
            .with(Texts.CUT.of("free-along-edges"), rim)
            .with(Texts.CUT.of("all-that-does-not-stay"), again)
            .with(Texts.CUT.of("by-15"), turn)
            .with(Texts.CUT.of("whatever-is-laid-anew"), stays)
            .with(Texts.CUT.of("keeps-the-offcuts"), cut)
            .with(Texts.CUT.of("at-full-size"), this.print);
  }

  Node mat() {
    return mat;
  }

  Tray tray() {
    return tray;
  }

  /** What the answer comes to, in words. */
  Label said() {
    return said;
  }

  private Template template(Nesting nesting) {
    CutList.Kind of = model.kind().orElseThrow();
    return SheetTemplates.of(
        "sheets", of.words(), nesting, it -> Integer.toString(of.entry(it).number()));
  }

  /** Shows what there is; what is not known yet is looked for. */
  void show() {
    mat.setUnits(desk.units());
    showing = true;
    kind.getItems().setAll(model.kinds());
    kind.setValue(model.kind().orElse(null));
    showing = false;
    gap.show(model.gapMm());
    rim.show(model.rimMm());
    model.update();
    model.begin();
    drawing.update();
    again.setDisable(model.looking() || model.shown().isEmpty());
    print.setDisable(model.answer().isEmpty());
    cut.setDisable(!model.uncut());
    said.setText(model.words() + (model.looking() ? " …" : ""));
    desk.besideProperty().set(model.figures());
    Optional<Box> now = drawing.box();
    if (!now.equals(fitted)) {
      fitted = now;
      now.ifPresent(it -> mat.fitAnew(it, MARGIN_PX));
    }
    look();
  }

  /** Shows what is selected. */
  private void look() {
    boolean free = hand.spot().filter(it -> !model.cut(it.sheet())).isPresent() && !model.looking();
    turn.setDisable(!free);
    stays.setDisable(!free);
    stays.setSelected(hand.spot().filter(model::pinned).isPresent());
    mat.redraw();
  }
}

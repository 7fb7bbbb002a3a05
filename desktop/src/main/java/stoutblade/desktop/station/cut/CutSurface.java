package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Key;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.RunsUnder;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.finding.Place;
import stoutblade.formats.MachineFiles;
import stoutblade.measure.Display;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.stock.LengthPlan;
import stoutblade.stock.Shopping;
import stoutblade.template.Paper;
import stoutblade.template.PaperScale;
import stoutblade.template.Stroke;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Cut: the template on its pages of paper, what is cut by it, and what must be bought. */
public final class CutSurface implements Surface {

  private final Desk desk;
  private final CutModel model;
  private final MatView mat = new MatView(Lie.LYING);
  private final MaskingTape tape;
  private final BorderPane node = new BorderPane(mat);
  private final ComboBox<Paper> paper = new ComboBox<>();
  private final ComboBox<Template> which = new ComboBox<>();
  private final Button export = new Button(Key.EXPORT.on(Texts.CUT.of("export-all")));
  private final Button print = new Button(Key.PRINT.on(Texts.CUT.of("print")));
  private final Label pieces = new Label();
  private final Button shared = new Button(Texts.CUT.of("share-pages"));
  private final Button check = new Button(Texts.CUT.of("check-page"));
  private final EntryField across;
  private final EntryField along;
  private final VBox list = new VBox(4);
  private final ScrollPane toBuy = new ScrollPane(list);
  private final ToggleButton templates = new ToggleButton(Texts.CUT.of("templates"));
  private final ToggleButton buying = new ToggleButton(Texts.CUT.of("to-buy"));
  private final ToggleButton laid = new ToggleButton(Texts.CUT.of("sheets"));
  private final ToggleButton machine = new ToggleButton(Texts.CUT.of("machine"));
  private final HBox views = new HBox(8);
  private final RunsUnder middle = new RunsUnder(views);
  private final SheetsDesk sheets;
  private final MachineDesk machines;
  private final SpliceDesk splices;
  private final Tray tray = new Tray();
  private final Tray cutApart = new Tray();
  private final Trays below = new Trays();
  private static final double LETTER_PX = 6.5;
  private static final double CHECK_MM = 100;

  private boolean showing;

  /** What the surface asks the application for. */
  public interface Requests {

    /** Asks for a folder and exports everything there. */
    void export();

    /** Prints a template. */
    void print(Template template);

    /** Prints one that is none of the project's templates. */
    void printAlone(Template template);

    /** Prints templates on pages that they share. */
    void printShared(List<Template> templates);

    /** Prints a page whose lengths are measured. */
    void printCheckPage();

    /** Asks for a folder and writes a sheet for a machine there. */
    void writeForMachine(MachineFiles.Job job);
  }

  /**
   * The surface.
   *
   * @param tasks what lays pieces on sheets beside the window
   */
  public CutSurface(Desk desk, BackgroundTasks tasks, Requests requests) {
    SheetsModel sheetsModel = new SheetsModel(desk, tasks, this::showLaid);
    this.sheets = new SheetsDesk(desk, sheetsModel, requests::printAlone);
    this.machines = new MachineDesk(desk, sheetsModel, tasks, requests::writeForMachine);
    this.desk = desk;
    this.model = new CutModel(desk);
    this.tape = new MaskingTape(desk, mat, this::where);
    this.splices =
        new SpliceDesk(desk, mat, () -> model.all() ? Optional.empty() : model.template());
    mat.setHand(splices);
    splices.into(cutApart);
    mat.setCalled(Texts.CUT.of("template-on-its-pages"));
    mat.setId("cut-mat");
    mat.setDrawing(this::draw);
    paper.getItems().setAll(Paper.values());
    paper.setConverter(Choices.named(Paper::label));
    paper.setId("paper");
    paper.setOnAction(
        event -> {
          if (!showing && paper.getValue() != null) {
            model.paper(paper.getValue());
          }
        });
    export.setId("export");
    export.getStyleClass().add(Style.PRIMARY);
    export.setOnAction(event -> requests.export());
    print.setId("print");
    print.setOnAction(event -> model.template().ifPresent(requests::print));
    shared.setId("print-shared");
    shared.setOnAction(event -> requests.printShared(model.chosen()));
    check.setId("print-check");
    check.setOnAction(event -> requests.printCheckPage());
    across =
        EntryField.length(
            desk, mm -> measured(it -> PaperScale.measured(mm, CHECK_MM * it.along())));
    across.setId("check-across");
    along =
        EntryField.length(
            desk, mm -> measured(it -> PaperScale.measured(CHECK_MM * it.across(), mm)));
    along.setId("check-along");
    which.setId("template");
    which.setConverter(Choices.named(Template::title));
    which.setPromptText(Texts.CUT.of("all-of-them"));
    which.setPrefWidth(190);
    which.setOnAction(
        event -> {
          if (!showing) {
            model.look(which.getValue());
            look();
          }
        });
    tray.with(Texts.CUT.of("template"), which)
        .with(Texts.CUT.of("paper"), paper)
        .with(Texts.CUT.of("everything-at-true-size"), export)
        .with(Texts.CUT.of("this-one-on-paper"), print)
        .with(Texts.CUT.of("on-as-few-pages-as"), shared)
        .with(Texts.CUT.of("pieces"), pieces)
        .with(Texts.CUT.of("is-the-printer-true"), check)
        .with(Texts.CUT.of("its-100-mm-across-are"), across)
        .with(Texts.CUT.of("and-lengthwise"), along);
    toBuy.setFitToWidth(true);
    toBuy.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    list.getStyleClass().add(Style.LIST);
    list.setId("to-buy");
    templates.setId("view-templates");
    buying.setId("view-to-buy");
    laid.setId("view-sheets");
    laid.setOnAction(event -> turnOver());
    machine.setId("view-machine");
    machine.setOnAction(event -> turnOver());
    for (ToggleButton it : List.of(templates, laid, machine, buying)) {
      it.setMinWidth(Region.USE_PREF_SIZE);
    }
    ToggleGroup each = new ToggleGroup();
    each.getToggles().setAll(templates, laid, machine, buying);
    templates.setSelected(true);
    templates.setOnAction(event -> turnOver());
    buying.setOnAction(event -> turnOver());
    node.setCenter(middle);
    turn();
  }

  /** What stood beside the other view goes with it. */
  private void turnOver() {
    desk.besideProperty().set(List.of());
    turn();
  }

  /** Shows the templates, the sheets, a sheet on the machine, or the list of what is to buy. */
  private void turn() {
    if (!templates.isSelected()
        && !buying.isSelected()
        && !laid.isSelected()
        && !machine.isSelected()) {
      templates.setSelected(true);
    }
    if (!machine.isSelected()) {
      machines.leave();
    }
    views.getChildren().setAll(templates, laid, machine, buying);
    if (laid.isSelected()) {
      view(sheets.mat(), sheets.tray(), sheets.said());
    } else if (machine.isSelected()) {
      view(machines.mat(), machines.tray(), machines.said());
    } else {
      middle.show(buying.isSelected() ? toBuy : mat);
      node.setBottom(below);
      showTrays();
    }
    showLaid();
  }

  /** Where something is cut apart comes first, and only where something is. */
  private void showTrays() {
    below.show(
        splices.needed() && templates.isSelected() ? List.of(cutApart, tray) : List.of(tray));
  }

  private void view(Node shown, Tray under, Label said) {
    middle.show(shown);
    node.setBottom(under);
    views.getChildren().add(said);
  }

  /** Shows what lies on sheets, where that is looked at. */
  private void showLaid() {
    if (laid.isSelected()) {
      sheets.show();
    } else if (machine.isSelected()) {
      machines.show();
    }
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    mat.setUnits(desk.units());
    model.update();
    showing = true;
    paper.setValue(model.paper());
    which.getItems().setAll(model.templates());
    which.setValue(model.all() ? null : model.template().orElse(null));
    showing = false;
    export.setDisable(model.templates().isEmpty());
    shared.setDisable(model.templates().isEmpty());
    showList(derived);
    tape.show(desk.findingsOf(Station.CUT));
    showLaid();
    look();
  }

  /** Takes what a check length measures; the other stays as it was. */
  private boolean measured(UnaryOperator<PaperScale> change) {
    try {
      return desk.perform(Edits.paperScale(change.apply(desk.project().cutting().scale())));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
      return false;
    }
  }

  private void look() {
    PaperScale scale = desk.project().cutting().scale();
    across.show(CHECK_MM * scale.across());
    along.show(CHECK_MM * scale.along());
    print.setDisable(model.all() || model.tiling().isEmpty());
    pieces.setText(model.pieces());
    splices.show();
    showTrays();
    mat.setLie(model.all() || model.wide() ? Lie.UPRIGHT : Lie.LYING);
    if (model.all()) {
      model.laidOut().stream()
          .map(CutModel.Laid::box)
          .reduce(Box::with)
          .ifPresent(it -> mat.fitAnew(it, 40));
      mat.redraw();
      return;
    }
    model
        .tiling()
        .flatMap(it -> it.tiles().stream().map(Tiling.Tile::window).reduce(Box::with))
        .ifPresent(it -> mat.fitAnew(it, 40));
    mat.redraw();
  }

  private void showList(Derived derived) {
    List<Node> lines = new ArrayList<>();
    derived.shopping().ifPresent(it -> it.lines().forEach(line -> lines.add(line(line))));
    list.getChildren().setAll(lines);
  }

  private Node line(Shopping.Line line) {
    Label name = new Label(line.name());
    name.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(name, Priority.ALWAYS);
    Label need = new Label(line.need().show(desk.units()));
    need.setMinWidth(Region.USE_PREF_SIZE);
    need.getStyleClass().add(Style.SOFT);
    Label buy =
        new Label(
            line.missing()
                ? Texts.CUT.of("buy", line.buy().show(desk.units()))
                : Texts.CUT.of("on-the-shelf"));
    buy.setMinWidth(90);
    buy.getStyleClass().add(line.missing() ? Style.FIGURE_VALUE : Style.SOFT);
    HBox row = new HBox(14, name, need, buy);
    VBox card = new VBox(4, row);
    line.sawn().ifPresent(it -> card.getChildren().addAll(sawn(it)));
    card.getStyleClass().add(Style.CARD);
    return card;
  }

  /** What is sawn from each length, and what is left of it. */
  private List<Label> sawn(LengthPlan plan) {
    List<Label> rows = new ArrayList<>();
    for (LengthPlan.Bar bar : plan.bars()) {
      String pieces =
          bar.cuts().stream()
              .map(it -> Display.length(it.mm(), desk.units()) + " " + it.name())
              .collect(Collectors.joining(", "));
      int number = rows.size() + 1;
      String left = Display.length(bar.leftMm(), desk.units());
      String length = Display.length(bar.longMm(), desk.units());
      Label row =
          new Label(
              bar.there()
                  ? Texts.CUT.of("saw-from-there-left", number, length, pieces, left)
                  : Texts.CUT.of("saw-left", number, pieces, left));
      WrappedText.in(row);
      row.getStyleClass().add(Style.SOFT);
      rows.add(row);
    }
    return rows;
  }

  @Override
  public boolean key(KeyEvent event) {
    if (Key.PRINT.is(event)) {
      if (print.isDisabled() && !model.templates().isEmpty()) {
        desk.say(Texts.CUT.of("choose-the-template-that-is", Key.NEXT.label()));
      }
      print.fire();
    } else if (Key.EXPORT.is(event)) {
      export.fire();
    } else if (Key.NEXT.is(event) || Key.PREVIOUS.is(event)) {
      step(Key.NEXT.is(event) ? 1 : -1);
    } else {
      return false;
    }
    return true;
  }

  /** Looks at another template, round about. */
  private void step(int by) {
    List<Template> all = which.getItems();
    if (!all.isEmpty()) {
      int at = all.indexOf(which.getValue());
      which.setValue(all.get(Math.floorMod(at < 0 && by < 0 ? -1 : at + by, all.size())));
    }
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnPart it ? Optional.of(it.mm()) : Optional.empty();
  }

  private void draw(Pen pen) {
    if (model.all()) {
      model.laidOut().forEach(it -> drawLaid(pen, it));
      tape.mark(pen);
      return;
    }
    model.tiling().ifPresent(it -> TemplateDrawing.pages(pen, it));
    model.template().ifPresent(it -> TemplateDrawing.lines(pen, it));
    model.tiling().ifPresent(it -> letters(pen, it));
    splices.draw(pen);
    tape.mark(pen);
  }

  private void letters(Pen pen, Tiling tiling) {
    if (model.wide()) {
      TemplateDrawing.lettersOver(pen, tiling);
    } else {
      TemplateDrawing.letters(pen, tiling);
    }
  }

  /** One among all: with its name where there is room for it. */
  private static void drawLaid(Pen pen, CutModel.Laid laid) {
    for (Stroke stroke : laid.template().strokes()) {
      pen.stroke(
          laid.spot().place(stroke.path()), pen.colour(TemplateDrawing.ink(stroke.kind())), 1.1);
    }
    String title = laid.template().title();
    if (laid.box().width() * pen.zoom() > title.length() * LETTER_PX) {
      pen.words(
          title,
          new Point(laid.box().centre().x(), laid.box().minY()),
          0,
          9,
          12,
          pen.colour(Ink.SOFT));
    }
  }
}

package stoutblade.desktop.print;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.cut.TemplateDrawing;
import stoutblade.desktop.texts.Texts;
import stoutblade.shape.Box;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Asks how something is printed, with its pages in sight and what keeps them at true size. */
public final class PrintDialog extends Dialog<Printing.Order> {

  private static final int MOST_COPIES = 99;
  private static final double WIDE = 700;
  private static final double HIGH = 440;

  private final Printing what;
  private final ComboBox<Printer> printer = new ComboBox<>();
  private final ComboBox<Paper> paper = new ComboBox<>();
  private final Spinner<Integer> copies = new Spinner<>(1, MOST_COPIES, 1);
  private final TextField only = PlainText.field();
  private final Button before = new Button("‹");
  private final Button next = new Button("›");
  private final Label which = new Label();
  private final Label pages = new Label();
  private final Label guard = new Label();
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private List<String> letters = List.of();

  /** The page that is looked at, counted from 0; −1 for all of them. */
  private int at = -1;

  private final ButtonType print =
      new ButtonType(Texts.WINDOW.of("print"), ButtonBar.ButtonData.OK_DONE);

  /**
   * The dialog.
   *
   * @param printers at least one
   */
  public PrintDialog(Window owner, Printing what, List<Printer> printers) {
    this.what = what;
    initOwner(owner);
    setTitle(Texts.WINDOW.of("print-what", what.title()));
    setHeaderText(null);
    getDialogPane().getStylesheets().setAll(owner.getScene().getStylesheets());
    getDialogPane().getButtonTypes().setAll(print, ButtonType.CANCEL);
    getDialogPane().lookupButton(print).setId("print-now");
    getDialogPane().lookupButton(print).getStyleClass().add(Style.PRIMARY);
    printer.setId("printer");
    printer.getItems().setAll(printers);
    printer.setConverter(Choices.named(Printer::name));
    printer.setValue(printers.getFirst());
    printer.setOnAction(event -> update());
    paper.setId("print-paper");
    paper.getItems().setAll(Paper.values());
    paper.setConverter(Choices.named(Paper::label));
    paper.setValue(what.paper());
    paper.setOnAction(event -> update());
    // What was laid for a paper is laid for that one alone.
    paper.setDisable(what.laid().isPresent());
    copies.setId("copies");
    copies.setEditable(true);
    only.setId("print-only");
    only.setPromptText(Texts.WINDOW.of("all-or-a-c-e"));
    only.textProperty().addListener(it -> update());
    before.setId("print-before");
    before.setOnAction(event -> turn(-1));
    next.setId("print-next");
    next.setOnAction(event -> turn(1));
    which.setId("print-which");
    guard.setId("print-guard");
    WrappedText.in(guard);
    pages.setId("print-pages");
    WrappedText.in(pages);
    mat.setCalled(Texts.WINDOW.of("pages"));
    mat.setDrawing(
        pen ->
            shown()
                .ifPresent(
                    it -> {
                      TemplateDrawing.pages(pen, it);
                      what.template().ifPresent(own -> TemplateDrawing.lines(pen, own));
                      TemplateDrawing.lettersInside(pen, it);
                    }));
    getDialogPane().setContent(content());
    getDialogPane().setPrefSize(WIDE, HIGH);
    setResizable(true);
    setResultConverter(
        pressed ->
            pressed == print
                ? new Printing.Order(
                    printer.getValue(),
                    paper.getValue(),
                    copies.getValue(),
                    what.template().isPresent() ? letters : List.of())
                : null);
    update();
  }

  private Node content() {
    VBox asked =
        new VBox(
            12,
            labelled(Texts.WINDOW.of("printer"), printer),
            labelled(Texts.WINDOW.of("paper"), paper),
            labelled(Texts.WINDOW.of("copies"), copies),
            pages,
            guard);
    asked.setMinWidth(250);
    asked.setMaxWidth(250);
    HBox all = new HBox(16, asked);
    all.setPadding(new Insets(16));
    if (what.template().isPresent()) {
      asked.getChildren().add(3, labelled(Texts.WINDOW.of("pages"), only));
      HBox turning = new HBox(10, before, which, next);
      turning.setAlignment(Pos.CENTER);
      VBox seen = new VBox(8, mat, turning);
      VBox.setVgrow(mat, Priority.ALWAYS);
      HBox.setHgrow(seen, Priority.ALWAYS);
      all.getChildren().add(seen);
    }
    return all;
  }

  private static Node labelled(String words, javafx.scene.control.Control control) {
    Label label = new Label(words);
    label.setLabelFor(control);
    label.getStyleClass().add(Style.SOFT);
    control.setMaxWidth(Double.MAX_VALUE);
    VBox both = new VBox(3, label, control);
    both.setAlignment(Pos.CENTER_LEFT);
    return both;
  }

  private Optional<Tiling> tiling() {
    if (what.laid().isPresent()) {
      return what.laid();
    }
    return what.template().filter(this::fits).map(it -> Tiling.of(it, paper.getValue()));
  }

  /** The pages that are wanted, or the one of them that is looked at. */
  private Optional<Tiling> shown() {
    return tiling()
        .map(it -> it.only(at < 0 || at >= letters.size() ? letters : List.of(letters.get(at))));
  }

  /** Turns over, from all pages at once to the first and on. */
  private void turn(int by) {
    at = Math.floorMod(at + 1 + by, letters.size() + 1) - 1;
    update();
  }

  private boolean fits(Template template) {
    return what.laid().isPresent() || Tiling.pages(template, paper.getValue()) <= Tiling.MOST_PAGES;
  }

  /** Reads which pages are wanted; what is wrong with that, if something is. */
  private Optional<String> wanted(Optional<Tiling> tiling) {
    try {
      letters = tiling.map(it -> it.letters(only.getText())).orElse(List.of());
      return Optional.empty();
    } catch (IllegalArgumentException e) {
      letters = List.of();
      return Optional.of(e.getMessage());
    }
  }

  private String counted(Tiling it) {
    int all = it.tiles().size();
    if (letters.size() < all) {
      return Texts.WINDOW.of("of-pages-again", letters.size(), all);
    }
    return all == 1 ? Texts.WINDOW.of("1-page") : Texts.WINDOW.of("pages-and-a-page-that", all);
  }

  private void update() {
    boolean taken = printer.getValue().takes(paper.getValue());
    boolean printable = what.template().map(this::fits).orElse(true);
    Optional<Tiling> tiling = tiling();
    Optional<String> wrong = wanted(tiling);
    at = at >= letters.size() ? -1 : at;
    pages.setText(wrong.orElseGet(() -> tiling.map(this::counted).orElse("")));
    which.setText(
        at < 0
            ? Texts.WINDOW.of("all-pages-at-once")
            : Texts.WINDOW.of("page-of", letters.get(at), at + 1, letters.size()));
    before.setDisable(letters.isEmpty());
    next.setDisable(letters.isEmpty());
    guard.setText(
        !printable
            ? Texts.WINDOW.of("at-this-size-it-takes", Tiling.MOST_PAGES)
            : taken
                ? Texts.WINDOW.of("printed-at-100-nothing-is")
                : Texts.WINDOW.of("this-printer-has-no-it", paper.getValue().label()));
    getDialogPane().lookupButton(print).setDisable(!taken || !printable || wrong.isPresent());
    shown()
        .flatMap(it -> it.tiles().stream().map(Tiling.Tile::window).reduce(Box::with))
        .ifPresent(it -> mat.fitAnew(it, 20));
    mat.redraw();
  }
}

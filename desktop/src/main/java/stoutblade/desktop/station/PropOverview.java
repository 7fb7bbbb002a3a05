package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.texts.Texts;
import stoutblade.measure.Display;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.Whole;

/**
 * All of a prop at a station: put together on the mat, and below it a row for each part with what
 * that station knows of it. A press on a row looks at the part.
 */
public final class PropOverview implements Surface {

  private static final double TALL = 1.15;
  private static final double MARGIN_PX = 36;
  private static final double NAME_WIDE = 170;

  private final Desk desk;
  private final Content content;
  private final PropDrawing drawing;
  private final MatView mat = new MatView(Lie.LYING);
  private final VBox rows = new VBox(6);
  private final BorderPane node = new OverList(mat, 300, rows);

  /** What a station says of the parts of a prop. */
  public interface Content {

    /** What the station is called in the ids of its nodes. */
    String key();

    /** What it says of all of them, on a line. */
    String ofAll();

    /** What it says of one. */
    String of(PartReckoning part);

    /** What a part is filled with. */
    default PropDrawing.Look look() {
      return (pen, part, opacity) -> pen.faint(Ink.FOAM, opacity);
    }

    /** What is drawn over it. */
    default void over(Pen pen) {}
  }

  /** The overview of what a station says. */
  public PropOverview(Desk desk, Content content) {
    this.desk = desk;
    this.content = content;
    this.drawing = new PropDrawing(desk, content.look());
    mat.setCalled(Texts.WINDOW.of("the-whole-prop"));
    mat.setId(content.key() + "-whole-mat");
    mat.setDrawing(
        pen -> {
          drawing.draw(pen);
          content.over(pen);
        });
    rows.setId(content.key() + "-whole");
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    mat.setUnits(desk.units());
    drawing
        .box()
        .ifPresent(
            it -> {
              mat.setLie(it.height() > TALL * it.width() ? Lie.LYING : Lie.UPRIGHT);
              mat.fitAnew(it, MARGIN_PX);
            });
    List<Node> lines = new ArrayList<>();
    Label all = new Label(content.ofAll());
    all.setId(content.key() + "-all");
    WrappedText.in(all);
    all.getStyleClass().add(Style.HEADING);
    lines.add(all);
    desk.reckoned().parts().forEach(it -> lines.add(row(it)));
    rows.getChildren().setAll(lines);
    mat.redraw();
  }

  private Node row(PartReckoning part) {
    Label name = new Label(part.part().name() + (part.made() > 1 ? " × " + part.made() : ""));
    name.getStyleClass().add(Style.CARD_TITLE);
    WrappedText.in(name);
    name.setPrefWidth(NAME_WIDE);
    name.setMinWidth(NAME_WIDE);
    Button row = new Button(content.of(part), name);
    row.setAccessibleText(part.part().name() + ". " + row.getText());
    row.setGraphicTextGap(14);
    WrappedText.in(row);
    row.setMaxWidth(Double.MAX_VALUE);
    row.setId(content.key() + "-of-" + part.id());
    row.getStyleClass().addAll(Style.CARD, Style.ROW);
    row.setOnAction(event -> desk.partProperty().set(part.id()));
    return row;
  }

  /** How long, how wide and how heavy all of it is, as far as that is known. */
  public static String sizes(Desk desk) {
    Whole whole = desk.reckoned().whole();
    List<String> words = new ArrayList<>();
    whole
        .length()
        .ifPresent(
            it -> words.add(Texts.WINDOW.of("long", Display.length(it.value(), desk.units()))));
    whole
        .width()
        .ifPresent(
            it -> words.add(Texts.WINDOW.of("wide", Display.length(it.value(), desk.units()))));
    whole.mass().ifPresent(it -> words.add(it.show(desk.units())));
    String all =
        words.isEmpty() ? Texts.WINDOW.of("nothing-is-drafted-yet") : String.join(", ", words);
    String known = desk.prop().name() + ": " + all;
    return whole.unknown().isEmpty()
        ? known
        : Texts.WINDOW.of("without", known, String.join(", ", whole.unknown()));
  }
}

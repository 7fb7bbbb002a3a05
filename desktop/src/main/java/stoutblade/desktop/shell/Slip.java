package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.texts.Texts;
import stoutblade.finding.Finding;
import stoutblade.measure.Figure;
import stoutblade.project.Project;

/**
 * The slip: the figures of the station, the few that matter most large and first, the rest in
 * groups that unfold, each figure unfolding to its working.
 */
public final class Slip extends ScrollPane {

  /** How wide it is, in pixels. */
  public static final double WIDE = 222;

  private final Desk desk;
  private final VBox rows = new VBox();
  private final VBox placeless = new VBox(6);
  private final Map<String, FigureRow> shown = new LinkedHashMap<>();
  private final Set<String> unfolded = new HashSet<>();
  private Project project;

  /** A slip that follows the desk. */
  public Slip(Desk desk) {
    this.desk = desk;
    this.project = desk.project();
    getStyleClass().add(Style.SLIP);
    setContent(rows);
    setFitToWidth(true);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    setPrefWidth(WIDE);
    setMinWidth(WIDE);
    desk.derivedProperty().addListener(it -> show());
    desk.stationProperty().addListener(it -> show());
    desk.sumsProperty().addListener(it -> show());
    desk.propProperty().addListener(it -> show());
    desk.partProperty().addListener(it -> show());
    desk.besideProperty().addListener(it -> show());
    placeless.getStyleClass().add(Style.PLACELESS);
    desk.placelessProperty().addListener(it -> showPlaceless());
    show();
  }

  /** What was found of all that is looked at: above its figures, for it has no place of its own. */
  private void showPlaceless() {
    List<Finding> all = desk.placelessProperty().get();
    placeless.getChildren().setAll(all.stream().map(it -> MaskingTape.strip(desk, it)).toList());
  }

  private void show() {
    List<Figure> figures = new ArrayList<>();
    if (!desk.sumsProperty().get()) {
      figures.addAll(
          desk.derived().figuresOf(desk.stationProperty().get(), desk.prop().id(), lookedAt()));
    }
    figures.addAll(desk.besideProperty().get());
    boolean edited = !desk.project().equals(project);
    project = desk.project();
    if (sameRows(figures)) {
      figures.forEach(it -> shown.get(it.id()).show(it, edited));
      return;
    }
    Set<String> open = new HashSet<>();
    shown.values().stream().filter(FigureRow::open).map(FigureRow::figureId).forEach(open::add);
    shown.clear();
    List<Node> lines = new ArrayList<>(List.of(placeless, title()));
    if (figures.isEmpty()) {
      Label nothing = new Label(Texts.WINDOW.of("no-figures-here-yet"));
      nothing.getStyleClass().add(Style.SOFT);
      lines.add(nothing);
    }
    FigureGroups groups = FigureGroups.of(desk.stationProperty().get(), figures);
    groups.main().forEach(it -> lines.add(row(it, open, true)));
    groups.groups().forEach((name, own) -> group(name, own, open, lines));
    rows.getChildren().setAll(lines);
  }

  /** A group under its name, folded until it is opened; one without a name is always open. */
  private void group(String name, List<Figure> figures, Set<String> open, List<Node> lines) {
    List<FigureRow> own = figures.stream().map(it -> row(it, open, false)).toList();
    if (name.isEmpty()) {
      lines.addAll(own);
      return;
    }
    VBox box = new VBox();
    box.getChildren().addAll(own);
    box.managedProperty().bind(box.visibleProperty());
    box.setVisible(unfolded.contains(name));
    Button head = new Button(headed(name, own.size()));
    head.setId("figures-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'));
    head.setMaxWidth(Double.MAX_VALUE);
    head.getStyleClass().add(Style.FIGURE_GROUP);
    head.setOnAction(
        event -> {
          if (!unfolded.remove(name)) {
            unfolded.add(name);
          }
          box.setVisible(unfolded.contains(name));
          head.setText(headed(name, own.size()));
        });
    lines.add(head);
    lines.add(box);
  }

  private String headed(String name, int count) {
    return (unfolded.contains(name) ? "▾  " : "▸  ") + name + "  " + count;
  }

  /** What has its figures shown: the part, the whole prop, or the model that is in sight. */
  private String lookedAt() {
    String looked = desk.partProperty().get();
    boolean drawn =
        switch (desk.stationProperty().get()) {
          case DRAFT -> looked.startsWith(Desk.MODEL);
          case LAYERS -> looked.startsWith(Desk.SLICE);
          case SIZE, CORE, CUT, BUILD, FINISH, LOG -> false;
        };
    return desk.whole() || drawn ? looked : desk.lookedId();
  }

  /** True where the rows that are there only need other values: most edits change no row. */
  private boolean sameRows(List<Figure> figures) {
    if (figures.isEmpty() || figures.size() != shown.size()) {
      return false;
    }
    Iterator<FigureRow> rows = shown.values().iterator();
    FigureGroups groups = FigureGroups.of(desk.stationProperty().get(), figures);
    return Stream.concat(
            groups.main().stream(), groups.groups().values().stream().flatMap(List::stream))
        .allMatch(it -> rows.next().shows(it, desk.units()));
  }

  private FigureRow row(Figure figure, Set<String> open, boolean large) {
    FigureRow row = new FigureRow(figure, desk.units(), 0);
    if (large) {
      row.enlarge();
    }
    if (open.contains(figure.id())) {
      row.toggle();
    }
    shown.put(figure.id(), row);
    return row;
  }

  private static Label title() {
    Label title = new Label(Texts.WINDOW.of("figures"));
    title.getStyleClass().add(Style.SLIP_TITLE);
    return title;
  }
}

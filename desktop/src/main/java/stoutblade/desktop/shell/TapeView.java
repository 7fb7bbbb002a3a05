package stoutblade.desktop.shell;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Inks;
import stoutblade.desktop.texts.Texts;
import stoutblade.finding.Finding;
import stoutblade.project.Station;

/**
 * The tape along the top: eight marks for the stations, and the event at its far end. It is pulled
 * out as far as the work has come.
 */
public final class TapeView extends Inks {

  private static final double HEIGHT = 54;
  private static final double END_WIDTH = 240;
  private static final double CASE_WIDTH = 160;
  private static final PseudoClass CURRENT = PseudoClass.getPseudoClass("current");
  private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

  private final Desk desk;
  private final Canvas canvas = new Canvas();
  private final Map<Station, Button> marks = new EnumMap<>(Station.class);
  private final Map<Station, Label> flags = new EnumMap<>(Station.class);
  private final Label eventName = new Label();
  private final Label left = new Label();
  private final Label day = new Label();
  private final HBox when = new HBox(8, left, day);
  private final VBox end = new VBox(-2, when, eventName);
  private final javafx.scene.Node caseNode;

  /**
   * A tape that follows the desk.
   *
   * @param caseNode what stands at its case: the project and its files
   */
  public TapeView(Desk desk, javafx.scene.Node caseNode) {
    this.desk = desk;
    this.caseNode = caseNode;
    getStyleClass().add(Style.TAPE);
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    setMaxHeight(HEIGHT);
    getChildren().addAll(canvas, caseNode);
    for (Station station : Station.values()) {
      Button mark = mark(station);
      marks.put(station, mark);
      getChildren().add(mark);
    }
    end.getStyleClass().add(Style.TAPE_END);
    end.setAlignment(Pos.CENTER_LEFT);
    when.setAlignment(Pos.BASELINE_LEFT);
    left.getStyleClass().add("tape-left");
    eventName.getStyleClass().add("tape-event");
    day.getStyleClass().add("tape-day");
    getChildren().add(end);
    desk.derivedProperty().addListener(it -> show());
    desk.stationProperty().addListener(it -> show());
    desk.propProperty().addListener(it -> show());
    show();
  }

  private Button mark(Station station) {
    Label number = new Label(Integer.toString(station.number()));
    number.getStyleClass().add(Style.TAPE_NUMBER);
    Label name = new Label(station.title());
    name.getStyleClass().add(Style.TAPE_NAME);
    Label flag = new Label();
    flag.getStyleClass().add(Style.TAPE_FLAG);
    flags.put(station, flag);
    HBox top = new HBox(6, number, flag);
    top.setAlignment(Pos.CENTER_LEFT);
    Button mark = new Button();
    mark.setGraphic(new VBox(-5, top, name));
    mark.getStyleClass().add(Style.TAPE_MARK);
    mark.setId("station-" + station.number());
    mark.setAccessibleText(station.title());
    mark.setTooltip(new Tooltip(Texts.WINDOW.of("key", station.title(), station.number())));
    mark.setOnAction(event -> desk.goTo(station));
    return mark;
  }

  private void show() {
    for (Station station : Station.values()) {
      long wrong =
          desk.findingsOf(station).stream()
              .filter(it -> it.severity() != Finding.Severity.NEXT)
              .count();
      Button mark = marks.get(station);
      mark.pseudoClassStateChanged(CURRENT, desk.stationProperty().get() == station);
      mark.pseudoClassStateChanged(OUT, station.number() <= pulled());
      flags.get(station).setText(wrong == 0 ? "" : Long.toString(wrong));
      flags.get(station).setVisible(wrong > 0);
    }
    LocalDateTime starts = desk.project().event().starts();
    eventName.setText(desk.project().event().name());
    left.setText(countdown(desk.now(), starts));
    day.setText(DAY.format(starts));
    requestLayout();
  }

  /** How long it is to the event, in words. */
  static String countdown(LocalDateTime now, LocalDateTime starts) {
    Duration left = Duration.between(now, starts);
    if (left.isNegative()) {
      return Texts.WINDOW.of("the-day-has-passed");
    }
    if (left.toDays() >= 2) {
      return Texts.WINDOW.of("days-left", left.toDays());
    }
    return left.toHours() > 0
        ? Texts.WINDOW.of("h-left", left.toHours())
        : Texts.WINDOW.of("min-left", left.toMinutes());
  }

  /** How far the tape is pulled out: to the last station that has something to show. */
  private int pulled() {
    Derived derived = desk.derived();
    if (derived.plan().isEmpty()) {
      return derived.cuttable() ? 2 : 1;
    }
    boolean finished = derived.plan().get().placed().isEmpty();
    boolean begun = !derived.project().journal().done().isEmpty();
    return finished ? 8 : begun ? 6 : 5;
  }

  @Override
  protected void inksChanged() {
    draw();
  }

  @Override
  protected void layoutChildren() {
    double width = getWidth();
    canvas.setWidth(width);
    canvas.setHeight(HEIGHT);
    caseNode.resizeRelocate(0, 0, CASE_WIDTH, HEIGHT);
    double step = step();
    for (Station station : Station.values()) {
      marks
          .get(station)
          .resizeRelocate(CASE_WIDTH + (station.number() - 1) * step, 0, step, HEIGHT);
    }
    end.resizeRelocate(width - END_WIDTH, 0, END_WIDTH, HEIGHT);
    draw();
  }

  private double step() {
    return (getWidth() - CASE_WIDTH - END_WIDTH) / Station.values().length;
  }

  private void draw() {
    GraphicsContext out = canvas.getGraphicsContext2D();
    double width = getWidth();
    out.clearRect(0, 0, width, HEIGHT);
    double out1 = CASE_WIDTH + pulled() * step();
    out.setFill(colour(Ink.TAPE).deriveColor(0, 0.45, 1, 0.30));
    out.fillRect(CASE_WIDTH, 0, width - CASE_WIDTH, HEIGHT);
    out.setFill(colour(Ink.TAPE));
    out.fillRect(CASE_WIDTH, 0, out1 - CASE_WIDTH, HEIGHT);
    ticks(out, width, out1);
  }

  /** Ticks as on a tape measure: ten between marks, the fifth longer. */
  private void ticks(GraphicsContext out, double width, double pulledTo) {
    double step = step() / 10;
    int count = Station.values().length * 10;
    for (int i = 0; i <= count; i++) {
      double x = Math.rint(CASE_WIDTH + i * step);
      boolean on = x <= pulledTo + 1;
      out.setFill(on ? colour(Ink.TAPE_INK) : colour(Ink.SOFT).deriveColor(0, 1, 1, 0.6));
      double length = i % 10 == 0 ? HEIGHT : i % 5 == 0 ? 10 : 6;
      out.fillRect(x, HEIGHT - length, i % 10 == 0 ? 2 : 1, length);
    }
    out.setFill(colour(Ink.TAPE_INK));
    out.fillRect(width - END_WIDTH, 0, 5, HEIGHT);
  }
}

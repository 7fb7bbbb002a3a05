package stoutblade.desktop.station.build;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;
import stoutblade.build.FreeHours;
import stoutblade.build.Plan;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Inks;
import stoutblade.desktop.texts.Texts;

/**
 * The days from now to the event as rungs: free hours as hollow bars, the work in them; runs of
 * days without work are drawn together.
 */
final class DayLadder extends Inks {

  private static final double RUNG = 46;
  private static final double NAME = 88;
  private static final double PAD = 12;
  private static final double TOP = 28;
  private static final int FIRST_HOUR = 8;
  private static final int LAST_HOUR = 23;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");

  /** The latest days: more are on no screen, and no canvas is as high. */
  private static final int MOST_RUNGS = 200;

  private final Desk desk;
  private final Canvas canvas = new Canvas();
  private Derived derived;

  DayLadder(Desk desk) {
    this.desk = desk;
    this.derived = desk.derived();
    getStyleClass().add(Style.MAT);
    getChildren().add(canvas);
    setMinWidth(240);
  }

  void show(Derived now) {
    derived = now;
    double height = TOP + rungs().size() * RUNG + 24;
    setMinHeight(height);
    setPrefHeight(height);
    draw();
  }

  @Override
  protected void inksChanged() {
    draw();
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    draw();
  }

  /** A day with work, or a run of days without. */
  private record Rung(LocalDate from, LocalDate to, List<Plan.Placed> work) {}

  private List<Rung> rungs() {
    LocalDate[] days = BuildModel.days(derived, desk.now().toLocalDate());
    List<Rung> rungs = new ArrayList<>();
    LocalDate next = days[0];
    // From one day with work to the next: an event may be years away.
    for (Map.Entry<LocalDate, List<Plan.Placed>> day : work(days).entrySet()) {
      if (next.isBefore(day.getKey())) {
        rungs.add(new Rung(next, day.getKey().minusDays(1), List.of()));
      }
      rungs.add(new Rung(day.getKey(), day.getKey(), day.getValue()));
      next = day.getKey().plusDays(1);
    }
    if (rungs.size() > MOST_RUNGS) {
      rungs = new ArrayList<>(rungs.subList(rungs.size() - MOST_RUNGS, rungs.size()));
    }
    return rungs;
  }

  /** What is worked on each day with work, and on that of the event. */
  private SortedMap<LocalDate, List<Plan.Placed>> work(LocalDate[] days) {
    SortedMap<LocalDate, List<Plan.Placed>> work = new TreeMap<>();
    work.put(days[1], new ArrayList<>());
    for (Plan.Placed placed :
        derived.plan().stream().flatMap(it -> it.placed().stream()).toList()) {
      placed.sittings().stream()
          .map(it -> it.from().toLocalDate())
          .distinct()
          .filter(it -> !it.isBefore(days[0]) && !it.isAfter(days[1]))
          .forEach(it -> work.computeIfAbsent(it, day -> new ArrayList<>()).add(placed));
    }
    return work;
  }

  private double x(LocalTime time) {
    double hours = time.toSecondOfDay() / 3600.0;
    double share = (hours - FIRST_HOUR) / (LAST_HOUR - FIRST_HOUR);
    return NAME + PAD + Math.clamp(share, 0, 1) * (getWidth() - NAME - 2 * PAD);
  }

  private void draw() {
    if (canvas.getWidth() <= 0) {
      return;
    }
    GraphicsContext out = canvas.getGraphicsContext2D();
    out.setFill(colour(Ink.MAT));
    out.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
    out.setTextBaseline(VPos.CENTER);
    hours(out);
    double y = TOP;
    List<Rung> rungs = rungs();
    for (Rung rung : rungs) {
      draw(out, rung, y, rung.equals(rungs.getLast()));
      y += RUNG;
    }
  }

  private void hours(GraphicsContext out) {
    out.setFont(new Font("Asap Regular", 12));
    out.setTextAlign(TextAlignment.CENTER);
    for (int hour = FIRST_HOUR + 1; hour < LAST_HOUR; hour += 3) {
      double x = x(LocalTime.of(hour, 0));
      out.setFill(colour(Ink.RULE_STRONG));
      out.fillRect(Math.rint(x), TOP - 6, 1, canvas.getHeight() - TOP + 6);
      out.setFill(colour(Ink.SOFT));
      out.fillText(hour + ":00", x, TOP / 2 - 1);
    }
  }

  private void draw(GraphicsContext out, Rung rung, double y, boolean event) {
    if (event) {
      out.setFill(colour(Ink.TAPE));
      out.fillRect(0, y + 3, canvas.getWidth(), RUNG - 6);
    }
    out.setTextAlign(TextAlignment.LEFT);
    out.setFont(new Font(event ? "Asap SemiBold" : "Asap Regular", 13.5));
    out.setFill(event ? colour(Ink.TAPE_INK) : colour(Ink.INK));
    boolean run = !rung.from.equals(rung.to);
    out.fillText(DAY.format(rung.from), PAD, run ? y + RUNG / 2 - 8 : y + RUNG / 2);
    if (run) {
      out.fillText(Texts.BUILD.of("to", DAY.format(rung.to)), PAD, y + RUNG / 2 + 8);
      long days = ChronoUnit.DAYS.between(rung.from, rung.to) + 1;
      out.setFill(colour(Ink.SOFT));
      out.fillText(
          Texts.BUILD.of("days-with-nothing-that-must", days), NAME + 3 * PAD, y + RUNG / 2);
      return;
    }
    free(out, rung.from, y, event);
    for (Plan.Placed placed : rung.work) {
      work(out, placed, rung.from, y);
    }
    if (event) {
      LocalDateTime starts = derived.project().event().starts();
      out.setFill(colour(Ink.TAPE_INK));
      out.fillText(
          HOUR.format(starts) + "  " + derived.project().event().name(), NAME + PAD, y + RUNG / 2);
    }
  }

  private void free(GraphicsContext out, LocalDate day, double y, boolean event) {
    if (event) {
      return;
    }
    for (FreeHours.Stretch stretch : derived.project().freeHours().on(day)) {
      double from = x(stretch.from());
      double to = x(stretch.to());
      out.setFill(colour(Ink.PAPER));
      out.fillRoundRect(from, y + 8, to - from, RUNG - 16, 4, 4);
      out.setStroke(colour(Ink.RULE_STRONG));
      out.strokeRoundRect(from, y + 8, to - from, RUNG - 16, 4, 4);
    }
  }

  private void work(GraphicsContext out, Plan.Placed placed, LocalDate day, double y) {
    Color colour = placed.step().glueId().isEmpty() ? colour(Ink.MEASURE) : colour(Ink.SELECTED);
    for (Plan.Sitting sitting : placed.sittings()) {
      if (!sitting.from().toLocalDate().equals(day)) {
        continue;
      }
      double from = x(sitting.from().toLocalTime());
      double to = Math.max(from + 4, x(sitting.to().toLocalTime()));
      out.setFill(colour);
      out.fillRoundRect(from + 0.5, y + 10, to - from - 1, RUNG - 20, 4, 4);
      String title = placed.step().title();
      Text ruler = new Text(title);
      ruler.setFont(new Font("Asap Regular", 13));
      if (ruler.getLayoutBounds().getWidth() < to - from - 8) {
        out.setFill(colour(Ink.PAPER));
        out.setFont(ruler.getFont());
        out.fillText(title, from + 5, y + RUNG / 2);
      }
    }
  }
}

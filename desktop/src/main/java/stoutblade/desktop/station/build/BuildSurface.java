package stoutblade.desktop.station.build;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import stoutblade.build.FreeHours;
import stoutblade.build.Plan;
import stoutblade.build.Step;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.shell.PlainText;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.TrayMenu;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.event.CoreRule;
import stoutblade.event.Event;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.journal.Journal;
import stoutblade.measure.Display;
import stoutblade.measure.EntryException;
import stoutblade.project.Station;

/** Build: the steps in order at the left, their places on the calendar at the right. */
public final class BuildSurface implements Surface {

  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.ENGLISH);

  private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private final Desk desk;
  private final BuildModel model;
  private final BorderPane node = new BorderPane();
  private final VBox steps = new VBox(8);
  private final DayLadder ladder;
  private final TextField eventName = PlainText.field();
  private final DatePicker day = new DatePicker();
  private final TextField time = PlainText.field();
  private final MenuButton hours = new MenuButton(Texts.BUILD.of("free-hours"));
  private final EntryField reserve;
  private final Button usual = new Button(Texts.BUILD.of("reset"));
  private final ComboBox<CoreRule> cores = new ComboBox<>();
  private Optional<FreeHours> shownHours = Optional.empty();
  private boolean showing;

  /** The surface. */
  public BuildSurface(Desk desk) {
    this.desk = desk;
    this.model = new BuildModel(desk);
    this.ladder = new DayLadder(desk);
    steps.getStyleClass().add(Style.LIST);
    steps.setId("steps");
    ScrollPane list = new ScrollPane(steps);
    list.setFitToWidth(true);
    list.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    list.setPrefWidth(400);
    list.setMinWidth(340);
    node.setLeft(list);
    ScrollPane calendar = new ScrollPane(ladder);
    calendar.setFitToWidth(true);
    calendar.setFitToHeight(true);
    calendar.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    node.setCenter(calendar);
    eventName.setOnAction(event -> changeEvent());
    eventName.setPrefColumnCount(14);
    eventName.setId("event-name");
    day.setOnAction(event -> changeEvent());
    day.setPrefWidth(160);
    day.setConverter(new Days());
    day.setId("event-day");
    time.setOnAction(event -> changeEvent());
    time.setPrefColumnCount(5);
    time.setId("event-time");
    hours.setId("free-hours");
    reserve = EntryField.hours(desk, value -> model.reserve(Optional.of(value)));
    reserve.setId("reserve");
    reserve.setPrefColumnCount(5);
    usual.setId("reserve-usual");
    usual.setOnAction(event -> model.reserve(Optional.empty()));
    cores.setId("event-cores");
    cores.getItems().setAll(CoreRule.values());
    cores.setConverter(Choices.named(CoreRule::words));
    cores.setPrefWidth(190);
    cores.setOnAction(
        event -> {
          if (!showing && cores.getValue() != null) {
            model.cores(cores.getValue());
          }
        });
    node.setBottom(
        new Tray()
            .with(Texts.BUILD.of("the-event"), eventName)
            .with(Texts.BUILD.of("day"), day)
            .with(Texts.BUILD.of("starts-at"), time)
            .with(Texts.BUILD.of("when-you-can-work"), hours)
            .with(Texts.BUILD.of("kept-in-reserve"), reserve)
            .with(" ", usual)
            .with(Texts.BUILD.of("its-rules-allow"), cores));
  }

  /** A day as it is typed; what is none is refused with the reason, and the old one stays. */
  private final class Days extends StringConverter<LocalDate> {

    @Override
    public String toString(LocalDate shown) {
      return shown == null ? "" : DATE.format(shown);
    }

    @Override
    public LocalDate fromString(String typed) {
      if (typed == null || typed.isBlank()) {
        return null;
      }
      try {
        return model.day(typed);
      } catch (EntryException e) {
        desk.say(e.getMessage());
        return desk.project().event().starts().toLocalDate();
      }
    }
  }

  private void changeEvent() {
    if (showing) {
      return;
    }
    if (day.getValue() == null) {
      desk.say(Texts.BUILD.of("the-day-of-the-event"));
      return;
    }
    model.event(eventName.getText(), day.getValue(), time.getText());
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    showing = true;
    Event event = derived.project().event();
    if (!eventName.isFocused()) {
      eventName.setText(event.name());
    }
    day.setValue(event.starts().toLocalDate());
    if (!time.isFocused()) {
      time.setText(HOUR.format(event.starts()));
    }
    showHours(derived.project().freeHours());
    model.reserve().ifPresentOrElse(reserve::show, reserve::showNothing);
    usual.setDisable(!model.ownReserve());
    cores.setValue(model.cores());
    showing = false;
    showSteps(derived);
    ladder.show(derived);
  }

  // == FREE HOURS

  private void showHours(FreeHours free) {
    if (shownHours.filter(it -> it.equals(free)).isPresent()) {
      return;
    }
    shownHours = Optional.of(free);
    GridPane grid = new GridPane(8, 6);
    for (DayOfWeek weekday : DayOfWeek.values()) {
      TextField field = PlainText.field(model.hours(weekday));
      field.setPrefColumnCount(16);
      field.setPromptText(Texts.BUILD.of("none-or-19-00-21"));
      field.setOnAction(event -> model.hours(weekday, field.getText()));
      grid.add(
          new Label(weekday.getDisplayName(TextStyle.FULL, Locale.ENGLISH)), 0, weekday.getValue());
      grid.add(field, 1, weekday.getValue());
    }
    CustomMenuItem item = new CustomMenuItem(grid, false);
    hours.getItems().setAll(item);
  }

  // == STEPS

  private void showSteps(Derived derived) {
    List<Node> cards = new ArrayList<>();
    desk.findingsOf(Station.BUILD).stream()
        .filter(it -> !(it.place() instanceof Place.OnStep))
        .forEach(it -> cards.add(MaskingTape.strip(desk, it)));
    Optional<Plan> plan = derived.plan();
    if (plan.isEmpty()) {
      Label nothing = new Label(Texts.BUILD.of("the-steps-follow-from-the"));
      WrappedText.in(nothing);
      nothing.getStyleClass().add(Style.SOFT);
      cards.add(nothing);
    } else {
      Journal journal = derived.project().journal();
      BuildModel.Next next = model.next(plan.get());
      next.steps().forEach(step -> cards.add(card(plan.get(), step)));
      if (next.after() > 0) {
        cards.add(theRest(next.after()));
      }
      plan.get().steps().stream()
          .flatMap(step -> journal.of(step.id()).map(done -> doneRow(step, done)).stream())
          .forEach(cards::add);
    }
    steps.getChildren().setAll(cards);
  }

  private Button theRest(int count) {
    Button rest = new Button(Texts.BUILD.of("show-the-steps-after-these", count));
    rest.setId("all-steps");
    rest.setMaxWidth(Double.MAX_VALUE);
    rest.setOnAction(
        event -> {
          model.showEverything();
          showSteps(desk.derived());
        });
    return rest;
  }

  private Node card(Plan plan, Step step) {
    Label title = new Label(step.title());
    WrappedText.in(title);
    title.getStyleClass().add(Style.CARD_TITLE);
    Label when =
        new Label(
            plan.place(step.id())
                .map(it -> Texts.BUILD.of("by", TIME.format(it.start())))
                .orElse(Texts.BUILD.of("no-time-found")));
    when.setMinWidth(Region.USE_PREF_SIZE);
    when.getStyleClass().add(Style.FIGURE_VALUE);
    VBox card = new VBox(4, line(title, when));
    card.getStyleClass().add(Style.CARD);
    card.setId("step-" + Style.nodeId(step.id()));
    fill(card, plan, step);
    desk.findingsOf(Station.BUILD).stream()
        .filter(it -> it.place().equals(new Place.OnStep(step.id())))
        .forEach((Finding it) -> card.getChildren().add(MaskingTape.strip(desk, it)));
    card.getChildren().addAll(WorkMenus.of(desk, step));
    card.getChildren().add(buttons(step));
    TrayMenu.on(card);
    return card;
  }

  private static HBox line(Label title, Node... after) {
    HBox line = new HBox(8, title);
    line.getChildren().addAll(after);
    line.setAlignment(Pos.CENTER_LEFT);
    HBox.setHgrow(title, Priority.ALWAYS);
    title.setMaxWidth(Double.MAX_VALUE);
    return line;
  }

  private Node doneRow(Step step, Journal.Done done) {
    Label title = new Label("✓ " + step.title());
    WrappedText.in(title);
    title.getStyleClass().add(Style.SOFT);
    Label took = new Label(Display.duration(done.minutes()));
    took.setMinWidth(Region.USE_PREF_SIZE);
    took.getStyleClass().add(Style.SOFT);
    Button back = new Button(Texts.BUILD.of("not-done"));
    back.setMinWidth(Region.USE_PREF_SIZE);
    back.setId("undone-" + Style.nodeId(step.id()));
    back.setOnAction(event -> model.notDone(step));
    HBox row = line(title, took, back);
    row.getStyleClass().add(Style.CARD);
    row.setId("step-" + Style.nodeId(step.id()));
    return row;
  }

  private static void fill(VBox card, Plan plan, Step step) {
    add(card, step.why(), Style.SOFT);
    String before =
        String.join(
            ", ",
            step.needs().stream()
                .flatMap(need -> plan.step(need.stepId()).stream())
                .map(Step::title)
                .toList());
    if (!before.isEmpty()) {
      add(card, Texts.BUILD.of("first", before), Style.SOFT);
    }
    add(card, hands(step), "");
    if (!step.tools().isEmpty()) {
      add(card, Texts.BUILD.of("tools", String.join(", ", step.tools())), Style.SOFT);
    }
    step.cautions().forEach(it -> add(card, it, Style.CAUTION));
  }

  /** How long hands are at it, and what it waits for. */
  private static String hands(Step step) {
    List<String> words = new ArrayList<>();
    words.add(Texts.BUILD.of("hands-on", Display.duration(step.minutes())));
    for (Step.Need need : step.needs()) {
      if (need.notBefore() > 0) {
        String before = Display.duration(need.notBefore());
        words.add(
            need.notAfter().isPresent()
                ? Texts.BUILD.of(
                    "not-before-not-after",
                    before,
                    Display.duration(need.notAfter().getAsDouble()),
                    need.reason())
                : Texts.BUILD.of("not-before", before, need.reason()));
      }
    }
    return String.join("; ", words);
  }

  private static void add(VBox card, String words, String style) {
    Label label = new Label(words);
    WrappedText.in(label);
    label.setMinHeight(Region.USE_PREF_SIZE);
    if (!style.isEmpty()) {
      label.getStyleClass().add(style);
    }
    card.getChildren().add(label);
  }

  private Node buttons(Step step) {
    HBox row = new HBox(8);
    row.setAlignment(Pos.CENTER_LEFT);
    if (!step.glueId().isEmpty()) {
      boolean running = model.drying(step);
      Button clock =
          new Button(
              running
                  ? Texts.BUILD.of("spread-again-start-anew")
                  : Texts.BUILD.of("glue-is-spread-start-the"));
      clock.setId("start-clock-" + Style.nodeId(step.id()));
      clock.setOnAction(event -> model.startClock(step));
      row.getChildren().add(clock);
      if (running) {
        Button stop = new Button(Texts.BUILD.of("stop-it"));
        stop.setId("stop-clock-" + Style.nodeId(step.id()));
        stop.setOnAction(event -> model.stopClock(step));
        row.getChildren().add(stop);
      }
    }
    Button mark = new Button(Texts.BUILD.of("done"));
    mark.setId("done-" + Style.nodeId(step.id()));
    mark.setOnAction(event -> model.done(step));
    row.getChildren().add(mark);
    return row;
  }
}

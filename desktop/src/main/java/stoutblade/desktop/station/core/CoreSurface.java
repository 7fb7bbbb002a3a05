package stoutblade.desktop.station.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import stoutblade.body.Body;
import stoutblade.catalogue.Rod;
import stoutblade.core.Bundle;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.derive.Derived;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.shell.Trays;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.station.SectionDesk;
import stoutblade.desktop.station.SolidDrawing;
import stoutblade.desktop.station.Surface;
import stoutblade.desktop.texts.Texts;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Point;

/** Core: which rod, from where to where; does it fit, does it droop, where does it balance. */
public final class CoreSurface implements Surface {

  /** How large the droop is drawn. */
  private enum Drooping {
    NOT(Texts.CORE.of("not-at-all"), 0),
    TRUE(Texts.CORE.of("as-it-is"), 1),
    TEN(Texts.CORE.of("ten-times"), 10);

    private final String words;
    private final double times;

    Drooping(String words, double times) {
      this.words = words;
      this.times = times;
    }

    String words() {
      return words;
    }
  }

  private final Desk desk;
  private final CoreModel model;
  private final SectionDesk section;
  private final BorderPane node = new BorderPane();
  private final ComboBox<Rod> rod = new ComboBox<>();
  private final Button none = new Button(Texts.CORE.of("no-core-button"));
  private final ComboBox<Groove> groove = new ComboBox<>();
  private final EntryField start;
  private final EntryField end;
  private final EntryField held;
  private final EntryField squeezed;
  private final EntryField drilled;
  private final EntryField droopLimit;
  private final EntryField leastHz;
  private final ComboBox<Integer> bundle = new ComboBox<>();
  private final ToggleButton onEdge = new ToggleButton(Texts.CORE.of("on-edge"));
  private final Tray tray = new Tray();
  private final Trays below = new Trays();
  private final RodsTray rods;
  private final ComboBox<Drooping> drooping = new ComboBox<>();
  private final ToggleButton compare = new ToggleButton(Texts.CORE.of("compare-all"));
  private final Comparison comparison;
  private Optional<Double> moved = Optional.empty();
  private Optional<Double> weighted = Optional.empty();
  private String laidOut = "";
  private boolean showing;

  /**
   * The surface.
   *
   * @param tasks what works out other cores beside the window
   */
  public CoreSurface(Desk desk, BackgroundTasks tasks) {
    this.desk = desk;
    this.model = new CoreModel(desk);
    this.section = new SectionDesk(desk, Station.CORE, this::draw);
    this.comparison = new Comparison(desk, model, tasks);
    section.setGrip(new Along());
    compare.setId("core-compare");
    compare.setOnAction(event -> show(desk.derived()));
    rod.getItems().setAll(desk.catalogue().rods());
    rod.setConverter(Choices.named(Rod::name));
    rod.setPromptText(Texts.CORE.of("choose-a-rod-or-tube"));
    rod.setId("rod");
    rod.setPrefWidth(230);
    rod.setOnAction(
        event -> {
          if (!showing && rod.getValue() != null) {
            model.choose(rod.getValue());
          }
        });
    groove.getItems().setAll(Groove.values());
    groove.setConverter(Choices.named(Groove::title));
    groove.setId("groove");
    groove.setOnAction(
        event -> {
          if (!showing && groove.getValue() != null) {
            model.groove(groove.getValue());
          }
        });
    none.setId("no-core");
    none.setOnAction(event -> model.takeOut());
    start = EntryField.length(desk, model::start);
    end = EntryField.length(desk, model::end);
    held = EntryField.length(desk, model::heldAt);
    start.setId("core-start");
    end.setId("core-end");
    held.setId("core-held");
    squeezed = EntryField.length(desk, model::squeeze);
    squeezed.setId("core-squeezed");
    drilled = EntryField.length(desk, model::drill);
    drilled.setId("core-drilled");
    droopLimit =
        EntryField.number(
            desk,
            "%",
            () -> Texts.CORE.of("the-droop-allowed-is-a"),
            value -> model.limit(it -> it.withDroopShare(value / 100)));
    droopLimit.setId("core-droop-limit");
    leastHz =
        EntryField.number(
            desk,
            "Hz",
            () -> Texts.CORE.of("how-fast-it-swings-at"),
            value -> model.limit(it -> it.withLeastHz(value)));
    leastHz.setId("core-least-hz");
    bundle.setId("core-bundle");
    bundle.getItems().setAll(Bundle.counts());
    bundle.setConverter(
        Choices.named(it -> it == 1 ? Texts.CORE.of("one") : Texts.CORE.of("glued-together", it)));
    bundle.setOnAction(
        event -> {
          if (!showing && bundle.getValue() != null) {
            model.bundle(bundle.getValue());
          }
        });
    node.setCenter(section);
    onEdge.setId("core-edge");
    onEdge.setOnAction(event -> model.onEdge(onEdge.isSelected()));
    drooping.setId("core-droop");
    drooping.getItems().setAll(Drooping.values());
    drooping.setConverter(Choices.named(Drooping::words));
    drooping.setValue(Drooping.NOT);
    drooping.setOnAction(event -> show(desk.derived()));
    rods = new RodsTray(desk, model);
    node.setBottom(below);
  }

  private void fill() {
    tray.with(Texts.CORE.of("rod-or-tube"), rod).with(" ", compare).with(" ", none);
    if (model.squeezes()) {
      tray.with(Texts.CORE.of("squeezed-to-label"), squeezed);
    }
    if (model.stands()) {
      tray.with(" ", onEdge);
    }
    tray.with(Texts.CORE.of("channel"), groove)
        .with(Texts.CORE.of("starts-from-the-near-end"), start)
        .with(Texts.CORE.of("ends-from-the-near-end"), end)
        .with(Texts.CORE.of("held-at"), held)
        .with(Texts.CORE.of("droop-drawn"), drooping);
    tray.with(Texts.CORE.of("droop-allowed"), droopLimit)
        .with(Texts.CORE.of("swings-at-least-at"), leastHz);
    if (model.drills()) {
      tray.with(Texts.CORE.of("drilled-through-0-not"), drilled);
    }
    if (model.bundles()) {
      tray.with(Texts.CORE.of("rods-in-it"), bundle);
    }
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    Optional<PartReckoning> part = desk.looked();
    Optional<CoreChoice> core = model.core();
    showing = true;
    rod.setValue(model.rod().orElse(null));
    groove.setValue(core.map(CoreChoice::groove).orElse(null));
    bundle.setValue(core.map(it -> it.work().bundle()).orElse(null));
    showing = false;
    String key =
        List.of(model.squeezes(), model.stands(), model.drills(), model.bundles()).toString();
    if (!key.equals(laidOut)) {
      laidOut = key;
      tray.lay(this::fill);
    }
    onEdge.setSelected(core.filter(it -> it.work().onEdge()).isPresent());
    rods.show();
    below.show(core.isPresent() ? List.of(tray, rods.tray()) : List.of(tray));
    groove.setDisable(core.isEmpty());
    none.setDisable(core.isEmpty());
    core.ifPresentOrElse(
        it -> {
          start.show(it.startMm());
          end.show(it.endMm());
          held.show(it.heldAtMm());
          drilled.show(it.work().drilledMm());
          droopLimit.show(model.limits().droopShare() * 100);
          leastHz.show(model.limits().leastHz());
          squeezed.show(it.work().squeezedMm().or(() -> model.rod().map(Rod::outerMm)).orElse(0.0));
        },
        () -> {
          start.showNothing();
          end.showNothing();
          held.showNothing();
          droopLimit.showNothing();
          leastHz.showNothing();
        });
    compare.setDisable(model.compared().isEmpty());
    boolean all = compare.isSelected() && !compare.isDisabled();
    node.setCenter(all ? comparison.node() : section);
    if (all) {
      comparison.show();
    }
    section.show(derived, part);
  }

  private void draw(Pen pen) {
    desk.looked()
        .ifPresent(
            it ->
                it.core()
                    .ifPresent(
                        core -> {
                          drawCore(pen, it, core);
                          if (drooping.getValue() != Drooping.NOT) {
                            hanging(pen, it.body().orElseThrow(), core, drooping.getValue());
                          }
                        }));
  }

  /** The line of the core as it hangs where it is held level, from the hold to the far end. */
  private void hanging(Pen pen, Body body, CoreReckoning core, Drooping as) {
    List<Double> line = core.line();
    double held = core.choice().heldAtMm();
    double far = Math.max(body.along().value(), core.choice().reachMm());
    List<Point> hangs = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      double along = held + (far - held) * i / (line.size() - 1);
      hangs.add(body.course().at(line.get(i) * as.times, body.nearMm() + along));
    }
    pen.stroke(List.of(hangs), pen.colour(Ink.SELECTED), 3);
    String by = core.droop().show(desk.units());
    pen.plate(
        as == Drooping.TEN
            ? Texts.CORE.of("hangs-drawn-ten-times", by)
            : Texts.CORE.of("hangs", by),
        hangs.getLast().plus(new Point(20 / pen.zoom(), -20 / pen.zoom())),
        pen.colour(Ink.SELECTED));
  }

  /** The hold or the place where it balances, dragged along the core. */
  private final class Along implements SectionDesk.Grip {

    private boolean balance;

    @Override
    public boolean takes(Point place, double reachMm) {
      Optional<CoreReckoning> core = desk.looked().flatMap(PartReckoning::core);
      boolean hold =
          core.map(it -> hold(desk.looked().flatMap(PartReckoning::body).orElseThrow(), it))
              .filter(it -> it.distance(place) <= reachMm)
              .isPresent();
      balance =
          !hold
              && core.map(CoreReckoning::balancePoint)
                  .filter(it -> it.distance(place) <= reachMm)
                  .isPresent();
      return hold || balance;
    }

    @Override
    public void to(Point place) {
      desk.looked()
          .flatMap(PartReckoning::body)
          .map(body -> Math.rint(body.course().along(place) - body.nearMm()))
          .ifPresent(
              mm -> {
                if (balance) {
                  weighted = Optional.of(mm);
                } else {
                  moved = Optional.of(mm);
                }
              });
    }

    @Override
    public void drop() {
      Optional<Double> to = moved;
      Optional<Double> wanted = weighted;
      moved = Optional.empty();
      weighted = Optional.empty();
      to.ifPresent(model::heldAt);
      wanted.ifPresent(model::sayCounterweight);
    }
  }

  /** Where it is held, or is being moved to. */
  private Point hold(Body body, CoreReckoning core) {
    return body.course().at(body.nearMm() + moved.orElse(core.choice().heldAtMm()));
  }

  private static Point balanceWords(Pen pen, PartReckoning part, double side, Point balance) {
    return PartDrawing.lie(part) == Lie.LYING
        ? new Point(balance.x() + side * 0.42, balance.y())
        : new Point(balance.x() + 70 / pen.zoom(), balance.y());
  }

  private void drawCore(Pen pen, PartReckoning part, CoreReckoning core) {
    Body body = part.body().orElseThrow();
    SolidDrawing.corePlan(pen, core, body);
    double side = part.body().orElseThrow().width().value() / 2;
    Point balance =
        weighted.map(it -> body.course().at(body.nearMm() + it)).orElse(core.balancePoint());
    pen.dot(balance, 9, pen.colour(Ink.PAPER));
    pen.dot(balance, 6, pen.colour(Ink.MEASURE));
    pen.plate(
        weighted
            .map(it -> Texts.CORE.of("with", model.counterweight(core, it)))
            .orElse(Texts.CORE.of("balances-here")),
        balanceWords(pen, part, side, balance),
        pen.colour(Ink.MEASURE));
    Point hold = hold(body, core);
    pen.handle(hold, false, true);
    // Beside the rod, on the other side than the words of the balance.
    Point beside =
        PartDrawing.lie(part) == Lie.LYING
            ? new Point(22 / pen.zoom(), 0)
            : new Point(-64 / pen.zoom(), 0);
    pen.plate(Texts.CORE.of("held-here"), hold.plus(beside), pen.colour(Ink.SELECTED));
  }
}

package stoutblade.desktop.station.cut;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoublePredicate;
import java.util.function.IntPredicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.animation.AnimationTimer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.MachineFiles;
import stoutblade.machine.Cutter;
import stoutblade.machine.SimulatedCutter;
import stoutblade.machine.ToolPath;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** A sheet on a machine's bed, with the way of its tool, which can be watched. */
final class MachineDesk {

  private static final double MARGIN_PX = 46;
  private static final double WATCHED_SECONDS = 12;
  private static final double NANOS = 1e9;

  private static final int COLUMNS = 4;

  private final Desk desk;
  private final SheetsModel sheets;
  private final MachineModel model;
  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final Tray tray;
  private final ComboBox<Cutter.Kind> kind = new ComboBox<>();
  private final ComboBox<Integer> sheet = new ComboBox<>();
  private final EntryField bedX;
  private final EntryField bedY;
  private final EntryField kerf;
  private final EntryField overcut;
  private final EntryField bridges;
  private final EntryField passes;
  private final EntryField feed;
  private final EntryField draw;
  private final EntryField travel;
  private final EntryField clamp;
  private final ToggleButton run = new ToggleButton(Texts.CUT.of("run-it-here"));
  private final Button write = new Button(Texts.CUT.of("write-files"));
  private final Label said = new Label();
  private final Watch watch = new Watch();
  private Optional<Box> fitted = Optional.empty();
  private boolean showing;

  /** How far the tool has come, while one watches. */
  private final class Watch extends AnimationTimer {

    private long begun;
    private double doneMm;

    void begin() {
      begun = 0;
      doneMm = 0;
      start();
    }

    @Override
    public void handle(long now) {
      begun = begun == 0 ? now : begun;
      double all = model.worked().map(it -> it.path().lengthMm()).orElse(0.0);
      doneMm = all * (now - begun) / NANOS / WATCHED_SECONDS;
      if (doneMm >= all) {
        run.setSelected(false);
        stop();
      }
      mat.redraw();
    }
  }

  /**
   * A desk.
   *
   * @param writing writes what a machine reads
   */
  MachineDesk(
      Desk desk, SheetsModel sheets, BackgroundTasks tasks, Consumer<MachineFiles.Job> writing) {
    this.desk = desk;
    this.sheets = sheets;
    this.model = new MachineModel(desk, sheets, tasks, this::show);
    mat.setCalled(Texts.CUT.of("a-sheet-on-the-machine"));
    mat.setId("machine-mat");
    mat.setDrawing(this::draw);
    kind.setId("machine-kind");
    kind.getItems().setAll(Cutter.Kind.values());
    kind.setConverter(Choices.named(Cutter.Kind::words));
    kind.setOnAction(
        event -> {
          if (!showing && kind.getValue() != null) {
            model.set(it -> Cutter.usual(kind.getValue()).with(it.bed()));
          }
        });
    sheet.setId("machine-sheet");
    sheet.setConverter(Choices.named(it -> Texts.CUT.of("sheet", it + 1)));
    sheet.setOnAction(
        event -> {
          if (!showing && sheet.getValue() != null) {
            model.look(sheet.getValue());
          }
        });
    bedX = length("machine-bed-x", mm -> bed(it -> new Cutter.Bed(mm, it.yMm(), it.clampMm())));
    bedY = length("machine-bed-y", mm -> bed(it -> new Cutter.Bed(it.xMm(), mm, it.clampMm())));
    kerf = length("machine-kerf", mm -> model.set(it -> it.withKerf(mm)));
    overcut = length("machine-overcut", mm -> model.set(it -> it.withOvercut(mm)));
    clamp = length("machine-clamp", mm -> bed(it -> new Cutter.Bed(it.xMm(), it.yMm(), mm)));
    feed = length("machine-feed", mm -> pace(it -> it.withFeed(mm)));
    draw = length("machine-draw", mm -> pace(it -> it.withDraw(mm)));
    travel = length("machine-travel", mm -> pace(it -> it.withTravel(mm)));
    bridges =
        count(
            "machine-bridges",
            n -> model.set(it -> it.with(new Cutter.Bridges(n, it.bridges().mm()))));
    passes = count("machine-passes", n -> pace(it -> it.withPasses(n)));
    run.setId("machine-run");
    run.setOnAction(event -> watched());
    write.setId("machine-write");
    write.setOnAction(event -> model.files().ifPresent(writing));
    said.setId("machine-said");
    said.getStyleClass().add(Style.FIGURE_VALUE);
    said.setMaxHeight(Double.MAX_VALUE);
    WrappedText.in(said);
    tray =
        new Tray()
            .with(Texts.CUT.of("cut-with"), kind)
            .with(Texts.CUT.of("on-the-bed"), sheet)
            .with(Texts.CUT.of("the-tools-way"), run)
            .with(Texts.CUT.of("svg-dxf-hp-gl-g"), write)
            .with(Texts.CUT.of("bed-sideways"), bedX)
            .with(Texts.CUT.of("bed-lengthwise"), bedY)
            .with(Texts.CUT.of("width-of-the-cut"), kerf)
            .with(Texts.CUT.of("past-corners"), overcut)
            .with(Texts.CUT.of("cutting-per-minute"), feed)
            .with(Texts.CUT.of("engraving-per-minute"), draw)
            .with(Texts.CUT.of("between-cuts-per-minute"), travel)
            .with(Texts.CUT.of("passes"), passes)
            .with(Texts.CUT.of("bridges"), bridges)
            .with(Texts.CUT.of("held-down-at-the-left"), clamp);
  }

  private boolean bed(UnaryOperator<Cutter.Bed> change) {
    return model.set(it -> it.with(change.apply(it.bed())));
  }

  private boolean pace(UnaryOperator<Cutter.Pace> change) {
    return model.set(it -> it.with(change.apply(it.pace())));
  }

  private EntryField length(String id, DoublePredicate take) {
    EntryField field = EntryField.length(desk, take);
    field.setId(id);
    field.setPrefColumnCount(COLUMNS);
    return field;
  }

  private EntryField count(String id, IntPredicate take) {
    EntryField field =
        EntryField.number(
            desk,
            "",
            () -> Texts.CUT.of("a-whole-number-is-expected"),
            value -> value == Math.rint(value) && take.test((int) value));
    field.setId(id);
    field.setPrefColumnCount(COLUMNS);
    return field;
  }

  Node mat() {
    return mat;
  }

  Tray tray() {
    return tray;
  }

  /** What it comes to, in words. */
  Label said() {
    return said;
  }

  /** Runs the tool over the bed, or stops it. */
  private void watched() {
    if (run.isSelected() && model.worked().isPresent()) {
      watch.begin();
    } else {
      run.setSelected(false);
      watch.stop();
      mat.redraw();
    }
  }

  /** Leaves it: nothing runs unseen. */
  void leave() {
    run.setSelected(false);
    watch.stop();
    desk.showNothingBeside();
  }

  /** Shows what there is. */
  void show() {
    mat.setUnits(desk.units());
    sheets.update();
    sheets.begin();
    model.update();
    Cutter now = model.cutter();
    showing = true;
    kind.setValue(now.kind());
    sheet.getItems().setAll(IntStream.range(0, model.count()).boxed().toList());
    sheet.setValue(model.count() == 0 ? null : model.number());
    showing = false;
    bedX.show(now.bed().xMm());
    bedY.show(now.bed().yMm());
    kerf.show(now.kerfMm());
    overcut.show(now.overcutMm());
    clamp.show(now.bed().clampMm());
    feed.show(now.pace().feedMmPerMin());
    draw.show(now.pace().drawMmPerMin());
    travel.show(now.pace().travelMmPerMin());
    bridges.show(now.bridges().count());
    passes.show(now.pace().passes());
    run.setDisable(model.worked().isEmpty());
    write.setDisable(model.files().isEmpty());
    said.setText(model.words());
    model
        .worked()
        .map(MachineModel.Worked::run)
        .ifPresent(it -> desk.besideProperty().set(List.of(it.line(), it.travel(), it.time())));
    Optional<Box> box =
        Optional.of(new Box(0, 0, now.bed().xMm(), now.bed().yMm()))
            .map(it -> model.worked().map(own -> it.with(own.sheet().edge().box())).orElse(it));
    if (!box.equals(fitted)) {
      fitted = box;
      box.ifPresent(it -> mat.fitAnew(it, MARGIN_PX));
    }
    mat.redraw();
  }

  // == DRAWING

  private void draw(Pen pen) {
    Cutter cutter = model.cutter();
    Box bed = new Box(0, 0, cutter.bed().xMm(), cutter.bed().yMm());
    pen.stroke(closed(bed), pen.colour(Ink.RULE_STRONG), 2);
    pen.words(Texts.CUT.of("bed"), new Point(0, bed.maxY()), 16, -9, 12, pen.colour(Ink.SOFT));
    if (cutter.bed().clampMm() > 0) {
      Box held = new Box(0, 0, Math.min(cutter.bed().clampMm(), bed.maxX()), bed.maxY());
      pen.fill(closed(held), pen.faint(Ink.WRONG, 0.18));
      pen.stroke(closed(held), pen.colour(Ink.WRONG), 1, 5, 4);
    }
    model.worked().ifPresent(it -> draw(pen, it));
  }

  private static Path closed(Box box) {
    return Path.through(box.corners(), true);
  }

  private void draw(Pen pen, MachineModel.Worked worked) {
    pen.fill(worked.sheet().edge().rings(), pen.faint(Ink.FOAM, model.current() ? 0.5 : 0.2));
    pen.stroke(worked.sheet().edge().rings(), pen.colour(Ink.SOFT), 1.2);
    boolean watching = run.isSelected();
    lines(pen, worked.path(), watching ? 0.25 : 1);
    if (watching) {
      ToolPath done = worked.path().upTo(watch.doneMm);
      lines(pen, done, 1);
      if (!done.stretches().isEmpty()) {
        pen.dot(done.stretches().getLast().end(), 6, pen.colour(Ink.SELECTED));
      }
    } else {
      travel(pen, worked.path());
    }
    for (SimulatedCutter.Crash it : worked.run().crashes()) {
      it.at().ifPresent(at -> cross(pen, at));
    }
  }

  private static void lines(Pen pen, ToolPath path, double strength) {
    for (ToolPath.Stretch it : path.stretches()) {
      Path line = Path.through(it.points(), false);
      switch (it.purpose()) {
        case ENGRAVE -> pen.stroke(line, pen.faint(Ink.MEASURE, strength), 1);
        case DRAW -> pen.stroke(line, pen.faint(Ink.SOFT, strength), 1, 6, 3);
        case INSIDE -> pen.stroke(line, pen.faint(Ink.CORE, strength), 1.6);
        case OUTSIDE -> pen.stroke(line, pen.faint(Ink.INK, strength), 1.6);
      }
    }
  }

  /** The ways of the lifted tool. */
  private static void travel(Pen pen, ToolPath path) {
    Point at = new Point(0, 0);
    for (ToolPath.Stretch it : path.stretches()) {
      pen.line(at, it.start(), pen.faint(Ink.SELECTED, 0.5), 0.8, 2, 4);
      at = it.end();
    }
  }

  private static void cross(Pen pen, Point at) {
    double half = 8 / pen.zoom();
    pen.line(
        at.plus(new Point(-half, -half)), at.plus(new Point(half, half)), pen.colour(Ink.WRONG), 3);
    pen.line(
        at.plus(new Point(-half, half)), at.plus(new Point(half, -half)), pen.colour(Ink.WRONG), 3);
  }
}

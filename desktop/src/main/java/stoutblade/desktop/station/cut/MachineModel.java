package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.formats.MachineFiles;
import stoutblade.machine.Cutter;
import stoutblade.machine.MachineSheet;
import stoutblade.machine.SimulatedCutter;
import stoutblade.machine.ToolPath;
import stoutblade.machine.ToolPathMaker;
import stoutblade.measure.Display;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.SheetTemplates;
import stoutblade.project.Cutting;
import stoutblade.project.SheetCutter;
import stoutblade.shape.Point;
import stoutblade.stock.CutList;
import stoutblade.template.Label;

/** A sheet on a machine: the way of its tool, and what would go wrong. */
final class MachineModel {

  private static final double LETTERS_MM = 6;

  private final Desk desk;
  private final SheetsModel sheets;
  private final BackgroundTasks tasks;
  private final Runnable changed;
  private int number;
  private Optional<Asked> running = Optional.empty();
  private Optional<Worked> worked = Optional.empty();

  /** What could not be worked out, or was stopped: it is not tried again and again. */
  private Optional<Asked> givenUp = Optional.empty();

  /** What a way is worked out for. */
  private record Asked(CutList.Kind kind, SheetPlan plan, int sheet, double gapMm, Cutter cutter) {}

  /** A way, and what it comes to. */
  record Worked(Asked asked, MachineSheet sheet, ToolPath path, SimulatedCutter.Run run) {}

  /**
   * A model.
   *
   * @param changed called on the window's thread once a way is worked out
   */
  MachineModel(Desk desk, SheetsModel sheets, BackgroundTasks tasks, Runnable changed) {
    this.desk = desk;
    this.sheets = sheets;
    this.tasks = tasks;
    this.changed = changed;
  }

  /** The machine, as it is set up for the sheet that lies on it. */
  Cutter cutter() {
    Cutting cutting = desk.project().cutting();
    return sheets
        .shown()
        .map(it -> cutting.cutter(it.kind().foam().id(), it.kind().thicknessMm()))
        .orElse(cutting.cutter());
  }

  /**
   * Sets the machine up another way for the sheet that lies on it; refused with the reason where it
   * cannot be.
   */
  boolean set(UnaryOperator<Cutter> change) {
    Optional<CutList.Kind> kind = sheets.shown().map(SheetsModel.Shown::kind);
    if (kind.isEmpty()) {
      desk.say(Texts.CUT.of("nothing-is-cut-from-sheets"));
      return false;
    }
    return desk.attempt(
        () ->
            Edits.cutter(
                new SheetCutter(
                    kind.get().foam().id(), kind.get().thicknessMm(), change.apply(cutter()))));
  }

  /** How many sheets are laid of the kind that is looked at. */
  int count() {
    return sheets.shown().map(it -> it.fitted().sheets().size()).orElse(0);
  }

  /** Which of them lies on the machine, counted from 0. */
  int number() {
    return Math.clamp(number, 0, Math.max(0, count() - 1));
  }

  void look(int sheet) {
    number = sheet;
    changed.run();
  }

  private Optional<Asked> asked() {
    return sheets
        .shown()
        .filter(it -> !it.fitted().sheets().isEmpty())
        .map(it -> new Asked(it.kind(), it.plan(), number(), it.laying().gapMm(), cutter()));
  }

  /** The way that was worked out last; of what is there now, or of what was there before. */
  Optional<Worked> worked() {
    return asked().isEmpty() ? Optional.empty() : worked;
  }

  /** True where what is shown is of what is there now. */
  boolean current() {
    return worked.map(Worked::asked).equals(asked());
  }

  /** Works out the way, where it is not known yet. */
  void update() {
    Optional<Asked> now = asked();
    boolean ended = current() || givenUp.equals(now);
    if (now.isEmpty() || ended || running.isPresent() || sheets.looking()) {
      return;
    }
    Asked it = now.get();
    running = now;
    SheetPlan.Held held = sheets.shown().orElseThrow().fitted().sheets().get(it.sheet);
    var family = desk.catalogue().family(it.kind.foam());
    tasks.start(
        Texts.CUT.of("working-out-the-tools-way"),
        progress -> {
          MachineSheet sheet = it.kind.onMachine(held);
          ToolPath path = ToolPathMaker.of(sheet, it.cutter);
          return new Worked(
              it, sheet, path, SimulatedCutter.run(path, it.cutter, sheet, family, it.gapMm));
        },
        found -> worked = Optional.of(found),
        () -> {
          running = Optional.empty();
          givenUp =
              worked.map(Worked::asked).filter(it::equals).isPresent() ? Optional.empty() : now;
          changed.run();
        });
  }

  /** What can be written for the machine; empty while there is nothing, or something is wrong. */
  Optional<MachineFiles.Job> files() {
    return worked()
        .filter(it -> current() && it.run.crashes().isEmpty())
        .map(
            it ->
                new MachineFiles.Job(
                    Texts.CUT.of("kind-and-sheet", it.asked.kind.words(), it.asked.sheet + 1),
                    it.sheet,
                    it.path,
                    it.asked.cutter,
                    it.asked.kind.thicknessMm(),
                    labels(it)));
  }

  /** The number of each piece, where it lies. */
  private List<Label> labels(Worked it) {
    List<Label> all = new ArrayList<>();
    SheetPlan.Held held = sheets.shown().orElseThrow().fitted().sheets().get(it.asked.sheet);
    var box = held.sheet().outline().box();
    Point by = new Point(-box.minX(), -box.minY());
    for (SheetPlan.HeldPiece piece : held.pieces()) {
      var room = SheetTemplates.Room.of(piece.placed());
      int own = it.asked.kind.entry(piece.placed().shape().id()).number();
      double size = Math.min(LETTERS_MM, room.radius());
      all.add(
          new Label(
              Integer.toString(own),
              piece.placed().lay().place(room.middle()).plus(by),
              size,
              false));
    }
    return all;
  }

  // == IN WORDS

  /** What it comes to, or what is wrong first. */
  String words() {
    if (asked().isEmpty()) {
      return Texts.CUT.of("nothing-laid-yet-see-sheets");
    }
    if (worked.isEmpty() || !current()) {
      return givenUp.equals(asked()) ? Texts.CUT.of("the-way-was-not-worked") : "…";
    }
    SimulatedCutter.Run run = worked.get().run;
    return run.crashes().stream()
        .map(SimulatedCutter.Crash::words)
        .findFirst()
        .orElseGet(
            () ->
                Texts.CUT.of(
                    "of-lines-about-at-the",
                    worked.get().asked.kind.words(),
                    Display.way(run.line().value(), desk.units()),
                    run.time().show(desk.units())));
  }
}

package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.application.Platform;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Timed;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.nest.AroundPins;
import stoutblade.nest.NestJob;
import stoutblade.nest.Nesting;
import stoutblade.nest.Offcuts;
import stoutblade.nest.SheetPlan;
import stoutblade.nest.Slide;
import stoutblade.stack.Wish;
import stoutblade.stock.CutList;
import stoutblade.stock.Laying;

/**
 * Which pieces lie on which sheets: found beside the window, better and better, and then kept as a
 * decision that hands can change.
 */
final class SheetsModel {

  private static final double FIRST_SECONDS = 6;
  private static final double LONGER_SECONDS = 60;
  private static final long SEED = 1;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Runnable changed;
  private final Set<String> lookedAt = new HashSet<>();
  private Optional<CutList.Kind> kind = Optional.empty();
  private Optional<Search> running = Optional.empty();
  private Optional<Found> found = Optional.empty();
  private Optional<Shown> shown = Optional.empty();
  private Optional<Nesting> byItself = Optional.empty();
  private long seed = SEED;

  /** What is shown, and what it was made of. */
  record Shown(
      CutList.Kind kind,
      List<Wish.Leftover> leftovers,
      Laying laying,
      SheetPlan plan,
      NestJob job,
      SheetPlan.Fitted fitted) {}

  /** A search for one kind of sheet; its best answer comes in while it runs. */
  private static final class Search {
    private final CutList.Kind kind;
    private final Laying from;
    private Optional<Nesting> best = Optional.empty();

    Search(CutList.Kind kind, Laying from) {
      this.kind = kind;
      this.from = from;
    }
  }

  /** What a search ended with, until the project has it. */
  private record Found(Laying from, SheetPlan plan) {}

  /** A piece: on which sheet of those that are shown, and which of it. */
  record Spot(int sheet, int piece) {}

  /**
   * A model.
   *
   * @param changed called on the window's thread once there is a better answer
   */
  SheetsModel(Desk desk, BackgroundTasks tasks, Runnable changed) {
    this.desk = desk;
    this.tasks = tasks;
    this.changed = changed;
  }

  // == WHAT IS LOOKED AT

  /** What there is to cut from sheets, of all props. */
  List<CutList.Kind> kinds() {
    return desk.derived().shopping().map(it -> it.pieces().kinds()).orElse(List.of());
  }

  /** The kind that is looked at: as before, or what most pieces are cut from. */
  Optional<CutList.Kind> kind() {
    List<CutList.Kind> all = kinds();
    kind =
        kind.flatMap(was -> all.stream().filter(it -> it.words().equals(was.words())).findFirst())
            .or(() -> all.stream().max(Comparator.comparingInt(CutList.Kind::count)));
    return kind;
  }

  void look(CutList.Kind other) {
    kind = Optional.of(other);
    byItself = Optional.empty();
    changed.run();
  }

  private Laying laying(CutList.Kind of) {
    return desk.project().cutting().laid().stream()
        .filter(it -> it.isOf(of))
        .findFirst()
        .orElseGet(() -> Laying.none(of));
  }

  double gapMm() {
    return kind().map(it -> laying(it).gapMm()).orElse(Laying.USUAL_GAP_MM);
  }

  double rimMm() {
    return kind().map(it -> laying(it).rimMm()).orElse(0.0);
  }

  boolean gap(double mm) {
    return take(mm, rimMm());
  }

  boolean rim(double mm) {
    return take(gapMm(), mm);
  }

  /** Takes a gap and a rim, if they leave anything of the sheets; all is laid anew with them. */
  private boolean take(double gap, double rim) {
    return kind()
        .map(
            it -> {
              try {
                it.job(desk.project().leftovers(), gap, rim);
                Laying now = laying(it);
                Laying other = now.with(gap, rim).with(now.plan().staying(), "");
                lookedAt.remove(it.words());
                return desk.perform(Edits.laid(Texts.CUT.of("room-between-pieces"), other));
              } catch (IllegalArgumentException e) {
                desk.say(e.getMessage());
                return false;
              }
            })
        .orElse(false);
  }

  // == WHAT IS SHOWN

  /** The sheets as they are shown; empty where nothing is cut from sheets. */
  Optional<Shown> shown() {
    return shown;
  }

  /** Works out what is shown, where anything of it has changed. */
  void update() {
    Optional<CutList.Kind> now = kind();
    if (now.isEmpty()) {
      shown = Optional.empty();
      return;
    }
    CutList.Kind of = now.get();
    Laying laying = laying(of);
    if (found.filter(it -> !it.from.equals(laying)).isPresent()) {
      found = Optional.empty();
    }
    SheetPlan plan =
        running
            .filter(it -> it.from.equals(laying))
            .flatMap(it -> it.best)
            .map(it -> SheetPlan.of(it, laying.plan()))
            .or(() -> found.map(Found::plan))
            .orElse(laying.plan());
    List<Wish.Leftover> leftovers = desk.project().leftovers();
    boolean same =
        shown
            .filter(it -> it.kind.equals(of) && it.leftovers.equals(leftovers))
            .filter(it -> it.laying.equals(laying) && it.plan.equals(plan))
            .isPresent();
    if (!same) {
      NestJob job = of.job(leftovers, laying.gapMm(), laying.rimMm());
      shown = Optional.of(new Shown(of, leftovers, laying, plan, job, plan.on(job)));
    }
  }

  /** The answer that is shown. */
  Optional<Nesting> answer() {
    return shown.map(it -> it.fitted.nesting()).filter(it -> !it.sheets().isEmpty());
  }

  boolean looking() {
    return running.isPresent();
  }

  // == LOOKING FOR BETTER

  /** Begins to look, the first time that a list is looked at with nothing laid yet. */
  void begin() {
    boolean nothing = shown.filter(it -> it.plan.staying().equals(it.plan)).isPresent();
    if (running.isEmpty()
        && nothing
        && !shown.get().fitted.whole()
        && lookedAt.add(shown.get().kind.words())) {
      look(FIRST_SECONDS);
    }
  }

  /** Lays all that does not stay anew, another way. */
  void again() {
    if (running.isEmpty() && shown.isPresent()) {
      seed++;
      look(LONGER_SECONDS);
    }
  }

  private void look(double seconds) {
    Shown now = shown.orElseThrow();
    SheetPlan pins = now.laying.plan().staying();
    Search search = new Search(now.kind, now.laying);
    long way = seed;
    running = Optional.of(search);
    tasks.start(
        Texts.CUT.of("laying-pieces-on-sheets"),
        progress ->
            AroundPins.lay(
                now.job,
                pins,
                way,
                it -> Platform.runLater(() -> better(search, it)),
                Timed.until(seconds, progress)),
        last -> better(search, last),
        () -> ended(search, now));
  }

  private void better(Search search, Nesting nesting) {
    boolean still = running.filter(it -> it == search).isPresent();
    if (still && search.best.filter(it -> !nesting.betterThan(it)).isEmpty()) {
      search.best = Optional.of(nesting);
      changed.run();
    }
  }

  /** What was found is kept, unless what lies there already is as good. */
  private void ended(Search search, Shown began) {
    running = Optional.empty();
    SheetPlan.Fitted before = began.laying.plan().on(began.job);
    Optional<Nesting> best =
        search.best.filter(it -> !before.whole() || it.betterThan(before.nesting()));
    best.ifPresent(
        it -> {
          SheetPlan plan = SheetPlan.of(it, began.laying.plan());
          byItself = best;
          found = Optional.of(new Found(began.laying, plan));
          desk.perform(
              Edits.laid(
                  Texts.CUT.of("lay-pieces-on-sheets"),
                  began.laying.with(plan, search.kind.mark())));
        });
    if (best.isEmpty() && search.best.isPresent()) {
      desk.say(Texts.CUT.of("nothing-better-was-found-the"));
    }
    changed.run();
  }

  // == BY HAND

  /** Takes hold of a piece, to slide it on a sheet; empty where it is not to be moved. */
  Optional<Slide> take(Spot spot, int onSheet) {
    if (looking()) {
      desk.say(Texts.CUT.of("pieces-are-still-being-laid"));
      return Optional.empty();
    }
    Shown now = shown.orElseThrow();
    if (cut(spot.sheet) || cut(onSheet)) {
      desk.say(Texts.CUT.of("this-sheet-is-cut-already"));
      return Optional.empty();
    }
    SheetPlan.Held sheet = now.fitted.sheets().get(onSheet);
    List<Nesting.Placed> others = new ArrayList<>();
    for (int i = 0; i < sheet.pieces().size(); i++) {
      if (onSheet != spot.sheet || i != spot.piece) {
        others.add(sheet.pieces().get(i).placed());
      }
    }
    return Optional.of(new Slide(now.job, sheet.sheet(), others, placed(spot)));
  }

  Nesting.Placed placed(Spot spot) {
    return held(spot).placed();
  }

  private SheetPlan.HeldPiece held(Spot spot) {
    return shown.orElseThrow().fitted.sheets().get(spot.sheet).pieces().get(spot.piece);
  }

  private SheetPlan.Sheet planned(int sheet) {
    Shown now = shown.orElseThrow();
    return now.plan.sheets().get(now.fitted.sheets().get(sheet).number());
  }

  boolean cut(int sheet) {
    return planned(sheet).cut();
  }

  boolean pinned(Spot spot) {
    return planned(spot.sheet).pieces().get(held(spot).number()).pinned();
  }

  /** Puts a piece where a hand let it go: it stays there from now on. */
  void put(Spot spot, int onSheet, Nesting.Placed to) {
    Shown now = shown.orElseThrow();
    SheetPlan.Piece piece = new SheetPlan.Piece(to.shape().id(), to.shape().mark(), to.lay(), true);
    SheetPlan.Sheet from = planned(spot.sheet);
    List<SheetPlan.Piece> left = new ArrayList<>(from.pieces());
    int number = held(spot).number();
    if (onSheet == spot.sheet) {
      left.set(number, piece);
    } else {
      left.remove(number);
    }
    SheetPlan plan = now.plan.with(now.fitted.sheets().get(spot.sheet).number(), with(from, left));
    if (onSheet != spot.sheet) {
      SheetPlan.Sheet other = planned(onSheet);
      List<SheetPlan.Piece> more = new ArrayList<>(other.pieces());
      more.add(piece);
      plan = plan.with(now.fitted.sheets().get(onSheet).number(), with(other, more));
    }
    keep(Texts.CUT.of("move-a-piece-on-its"), now, plan.withoutEmpty());
  }

  private static SheetPlan.Sheet with(SheetPlan.Sheet sheet, List<SheetPlan.Piece> pieces) {
    return new SheetPlan.Sheet(sheet.id(), sheet.rings(), sheet.cut(), pieces);
  }

  /** A piece stays where it is whatever is laid anew, or no longer. */
  void pin(Spot spot) {
    Shown now = shown.orElseThrow();
    SheetPlan.Sheet sheet = planned(spot.sheet);
    List<SheetPlan.Piece> all = new ArrayList<>(sheet.pieces());
    int number = held(spot).number();
    SheetPlan.Piece it = all.get(number);
    all.set(number, new SheetPlan.Piece(it.shape(), it.mark(), it.lay(), !it.pinned()));
    keep(
        it.pinned() ? Texts.CUT.of("let-a-piece-lie-anywhere") : Texts.CUT.of("a-piece-stays"),
        now,
        now.plan.with(now.fitted.sheets().get(spot.sheet).number(), with(sheet, all)));
  }

  private void keep(String name, Shown now, SheetPlan plan) {
    desk.perform(Edits.laid(name, now.laying.with(plan, now.laying.listMark())));
  }

  // == CUT

  /** True where something is laid that is not cut yet. */
  boolean uncut() {
    return shown.filter(it -> it.fitted.whole() || it.fitted.gone().isEmpty()).isPresent()
        && !looking()
        && shown.get().plan.sheets().stream().anyMatch(it -> !it.cut());
  }

  /** The sheets are cut: what is left of them is kept as offcuts, and comes in again. */
  void cutNow() {
    Shown now = shown.orElseThrow();
    List<SheetPlan.Sheet> sheets = new ArrayList<>();
    List<String> used = new ArrayList<>();
    List<Wish.Leftover> offcuts = new ArrayList<>();
    for (SheetPlan.Held held : now.fitted.sheets()) {
      SheetPlan.Sheet it = now.plan.sheets().get(held.number());
      sheets.add(new SheetPlan.Sheet(it.id(), it.rings(), true, it.pieces()));
      if (!it.cut()) {
        used.add(it.id());
        List<Nesting.Placed> pieces =
            held.pieces().stream().map(SheetPlan.HeldPiece::placed).toList();
        Offcuts.of(held.sheet(), pieces, now.laying.gapMm())
            .forEach(
                own ->
                    offcuts.add(
                        Wish.Leftover.shaped(now.kind.foam().id(), now.kind.thicknessMm(), own)));
      }
    }
    desk.perform(
        Edits.sheetsCut(
            now.laying.with(new SheetPlan(sheets), now.laying.listMark()),
            now.kind.without(now.leftovers, used),
            offcuts));
    desk.say(
        offcuts.isEmpty()
            ? Texts.CUT.of("nothing-is-left-of-them")
            : Texts.CUT.of("offcuts-are-kept-and-are", offcuts.size()));
  }

  // == IN WORDS

  /** What the sheets that are shown come to. */
  List<Figure> figures() {
    return shown.map(it -> it.kind.figures(it.plan)).orElse(List.of());
  }

  /** What is shown comes to, and what has changed since it was laid. */
  String words() {
    return shown.map(this::words).orElse(Texts.CUT.of("nothing-to-cut-yet"));
  }

  private String words(Shown now) {
    Nesting it = now.fitted.nesting();
    if (it.sheets().isEmpty()) {
      return looking() ? "…" : Texts.CUT.of("not-laid-yet-lay-them");
    }
    long bought = it.sheets().stream().filter(own -> own.sheet().price() > 0).count();
    long cut = now.plan.sheets().stream().filter(SheetPlan.Sheet::cut).count();
    String sheets = Texts.CUT.of("sheets-in-all", bought);
    if (cut > 0) {
      sheets = Texts.CUT.of("and-cut-already", sheets, cut);
    } else if (bought < it.sheets().size()) {
      sheets = Texts.CUT.of("and-what-is-left-over", sheets);
    }
    List<String> words = new ArrayList<>();
    words.add(Texts.CUT.of("sheets-pieces", sheets, Display.decimal(it.density() * 100, 0)));
    missing(now).ifPresent(words::add);
    byHand(it).ifPresent(words::add);
    return String.join("; ", words);
  }

  private Optional<String> missing(Shown now) {
    Nesting it = now.fitted.nesting();
    boolean sameList = now.laying.listMark().equals(now.kind.mark());
    if (now.fitted.whole()) {
      return it.proven() ? Optional.of(Texts.CUT.of("no-fewer-will-do")) : Optional.empty();
    }
    return Optional.of(
        looking() || sameList || found.isPresent()
            ? Texts.CUT.of("larger-than-any-sheet-cut", it.left().size())
            : Texts.CUT.of("since-then", SheetPlan.changes(now.fitted)));
  }

  /** What it came to before hands moved anything, where it is known. */
  private Optional<String> byHand(Nesting now) {
    return byItself
        .filter(it -> !looking() && it.sheets().size() == now.sheets().size())
        .filter(it -> Math.abs(it.lastUsedMm() - now.lastUsedMm()) > 0.05)
        .map(
            it ->
                Texts.CUT.of(
                    "last-one-used-to-by",
                    Display.length(now.lastUsedMm(), desk.units()),
                    Display.length(it.lastUsedMm(), desk.units())));
  }
}

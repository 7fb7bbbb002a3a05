package stoutblade.edit;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import stoutblade.build.FreeHours;
import stoutblade.core.Beside;
import stoutblade.core.CoreChoice;
import stoutblade.core.Groove;
import stoutblade.core.Limits;
import stoutblade.core.Parting;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.project.SheetCutter;
import stoutblade.shape.HalfOutline;
import stoutblade.stack.Wish;
import stoutblade.stock.Laying;
import stoutblade.stock.LengthLeft;
import stoutblade.template.Paper;
import stoutblade.template.PaperScale;

/**
 * The edits of all stations but Size, Draft and Layers, whose edits are {@link SizeEdits}, {@link
 * OutlineEdits}, {@link PartEdits} and {@link LayerEdits}.
 */
public final class Edits {

  private Edits() {}

  // == NAMES

  public static Edit name(String name) {
    return new Edit("Name the work", project -> project.withName(name.strip()));
  }

  // == CORE

  /** Lays a core in a part, or another rod in the same place. */
  public static PropEdit rod(String id, String rodId, CoreChoice atFirst) {
    return PartEdits.change(
        id,
        "Choose the core",
        it -> it.withCore(Optional.of(it.core().map(core -> core.withRod(rodId)).orElse(atFirst))));
  }

  public static PropEdit withoutCore(String id) {
    return PartEdits.change(id, "No core", it -> it.withCore(Optional.empty()));
  }

  public static PropEdit coreStart(String id, double mm) {
    return onCore(id, "Core starts", core -> core.withStart(mm));
  }

  public static PropEdit coreEnd(String id, double mm) {
    return onCore(id, "Core ends", core -> core.withEnd(mm));
  }

  public static PropEdit groove(String id, Groove groove) {
    return onCore(id, "How the channel is cut", core -> core.with(groove));
  }

  /** Squeezes the core flat, up to a height; empty for round. */
  public static PropEdit squeezed(String id, Optional<Double> mm) {
    return onCore(
        id,
        mm.isPresent() ? "Squeeze the core" : "Leave the core round",
        core -> core.withSqueezed(mm));
  }

  /** Drills the core through; 0 for not at all. */
  public static PropEdit drilled(String id, double mm) {
    return onCore(
        id, mm > 0 ? "Drill the core through" : "A core that is not drilled", it -> it.drilled(mm));
  }

  /**
   * States what does not feel limp.
   *
   * @param now what holds where nothing is stated yet
   */
  public static PropEdit limits(String id, Limits now, UnaryOperator<Limits> change) {
    return onCore(
        id,
        "What feels limp",
        it -> it.withLimits(Optional.of(change.apply(it.limits().orElse(now)))));
  }

  /** Makes the core of so many rods glued together. */
  public static PropEdit bundled(String id, int count) {
    return onCore(
        id,
        count > 1 ? "Glue %d rods together".formatted(count) : "A single rod",
        it -> it.bundled(count));
  }

  /** Stands what is flat on its edge, or lays it flat. */
  public static PropEdit coreOnEdge(String id, boolean onEdge) {
    return onCore(
        id, onEdge ? "Stand the core on edge" : "Lay the core flat", it -> it.withOnEdge(onEdge));
  }

  /** Lays another rod beside the core. */
  public static PropEdit addBeside(String id, Beside rod) {
    return onCore(
        id,
        "A rod beside the core",
        core -> {
          List<Beside> all = new ArrayList<>(core.beside());
          all.add(rod);
          return core.withBeside(all);
        });
  }

  /** Changes a rod beside the core, counted from 0; empty to take it out. */
  public static PropEdit beside(String id, int number, Function<Beside, Optional<Beside>> change) {
    return onCore(
        id,
        "The rod beside the core",
        core -> {
          List<Beside> all = new ArrayList<>(core.beside());
          if (number < all.size()) {
            Optional<Beside> now = change.apply(all.get(number));
            now.ifPresentOrElse(it -> all.set(number, it), () -> all.remove(number));
          }
          return core.withBeside(all);
        });
  }

  /** Parts the core in two, or leaves it in one piece. */
  public static PropEdit parting(String id, Optional<Parting> parting) {
    return onCore(
        id,
        parting.isPresent() ? "The core comes apart" : "The core in one piece",
        it -> it.withParting(parting));
  }

  /** Changes the joint of a core that comes apart. */
  public static PropEdit joint(String id, UnaryOperator<Parting> change) {
    return onCore(id, "The joint of the core", it -> it.withParting(it.parting().map(change)));
  }

  public static PropEdit coreHeldAt(String id, double mm) {
    return onCore(id, "Held at", core -> core.withHeldAt(mm));
  }

  private static PropEdit onCore(String id, String name, UnaryOperator<CoreChoice> change) {
    return PartEdits.change(
        id,
        name,
        it ->
            it.withCore(
                Optional.of(
                    change.apply(
                        it.core()
                            .orElseThrow(
                                () -> new IllegalArgumentException("Choose a core first"))))));
  }

  // == CUT AND BUILD

  public static Edit paper(Paper paper) {
    return new Edit("Paper", project -> project.withPaper(paper));
  }

  public static Edit event(Event event) {
    return new Edit("The event", project -> project.withEvent(event));
  }

  /** Keeps so many minutes of free time after the last step; empty for what is usual. */
  public static Edit reserve(Optional<Double> minutes) {
    return new Edit(
        minutes.filter(it -> it == 0).isPresent() ? "Keep nothing in reserve" : "Kept in reserve",
        project -> project.withEvent(project.event().keeping(minutes)));
  }

  public static Edit freeHours(FreeHours hours) {
    return new Edit("Free hours", project -> project.withFreeHours(hours));
  }

  public static Edit startClock(String stepId, Instant spreadAt) {
    return onJournal("Start the glue clock", it -> it.withClock(stepId, spreadAt));
  }

  public static Edit stopClock(String stepId) {
    return onJournal("Stop the glue clock", it -> it.withoutClock(stepId));
  }

  // == FINISH

  /** Plans a number of coats of a coating on a part; 0 takes it out of the plan. */
  public static PropEdit coats(String id, String coatingId, int count) {
    return PartEdits.change(
        id,
        "Coats",
        part -> {
          List<Coats> changed = new ArrayList<>(part.coats());
          int at = changed.stream().map(Coats::coatingId).toList().indexOf(coatingId);
          if (count == 0) {
            changed.removeIf(it -> it.coatingId().equals(coatingId));
          } else if (at >= 0) {
            changed.set(at, new Coats(coatingId, count));
          } else {
            changed.add(new Coats(coatingId, count));
          }
          return part.withCoats(changed);
        });
  }

  /** Plans all coats of a part anew, in their order. */
  public static PropEdit allCoats(String id, List<Coats> coats) {
    return PartEdits.change(id, "Order of coats", it -> it.withCoats(coats));
  }

  /** Gives every part the coats that one has. */
  public static PropEdit coatsForAll(String id) {
    return PropEdit.of(
        "The same coats on every part",
        prop -> {
          List<Coats> coats = prop.needed(id).coats();
          return prop.withParts(prop.parts().stream().map(it -> it.withCoats(coats)).toList());
        });
  }

  /** States what is on the shelf of a coating, in mm³. */
  public static Edit onShelf(String coatingId, double mm3) {
    return new Edit(
        "On the shelf",
        project -> {
          Map<String, Double> changed = new TreeMap<>(project.shelf());
          changed.put(coatingId, mm3);
          return project.withShelf(changed);
        });
  }

  /**
   * Foam that is left over, of which only the area is known; the same sheet again replaces what was
   * said of it, 0 takes it away.
   */
  public static Edit leftover(Wish.Leftover leftover) {
    return new Edit(
        "Foam left over",
        project -> {
          List<Wish.Leftover> all = new ArrayList<>(project.leftovers());
          all.removeIf(
              it -> !it.hasShape() && it.isOf(leftover.materialId(), leftover.thicknessMm()));
          if (leftover.areaMm2() > 0) {
            all.add(leftover);
          }
          return project.withLeftovers(all);
        });
  }

  /** An offcut with its shape that is used up. */
  public static Edit usedUp(Wish.Leftover offcut) {
    return new Edit(
        "Offcut used up",
        project -> {
          List<Wish.Leftover> all = new ArrayList<>(project.leftovers());
          all.remove(offcut);
          return project.withLeftovers(all);
        });
  }

  // == CUT

  /** How the pieces of one kind of sheet are laid. */
  public static Edit laid(String name, Laying laying) {
    return new Edit(name, project -> project.withCutting(project.cutting().with(laying)));
  }

  /** The machine, set up another way for a kind of sheet. */
  public static Edit cutter(SheetCutter other) {
    return new Edit(
        "Set up the machine", project -> project.withCutting(project.cutting().with(other)));
  }

  /** States what is there of a rod, in place of what was. */
  public static Edit lengthsThere(String rodId, List<LengthLeft> there) {
    return new Edit(
        "Lengths that are there",
        project -> project.withCutting(project.cutting().with(rodId, there)));
  }

  /** By how much the printer is off. */
  public static Edit paperScale(PaperScale scale) {
    return new Edit(
        "Measure what the printer prints",
        project -> project.withCutting(project.cutting().with(scale)));
  }

  /**
   * Sheets are cut: what lies on them stays, what was left over is used up, and what is left of
   * them now is kept as offcuts.
   *
   * @param laying with the sheets as they were cut
   * @param used leftovers without those that were cut
   * @param offcuts what is left
   */
  public static Edit sheetsCut(
      Laying laying, List<Wish.Leftover> used, List<Wish.Leftover> offcuts) {
    return new Edit(
        "Sheets are cut",
        project -> {
          List<Wish.Leftover> all = new ArrayList<>(used);
          all.addAll(offcuts);
          return project.withCutting(project.cutting().with(laying)).withLeftovers(all);
        });
  }

  /** Notes what templates looked like when they were printed or exported. */
  public static Edit printed(Map<String, Journal.Printed> marks) {
    return onJournal("Templates printed", it -> it.withPrinted(marks));
  }

  /** Forgets a template that was printed: nobody cuts by it. */
  public static Edit forgetPrinted(String id) {
    return onJournal("Nobody cuts by it", it -> it.withoutPrinted(id));
  }

  // == LOG

  public static Edit done(Journal.Done done) {
    return onJournal("Step done", it -> it.with(done).withoutClock(done.stepId()));
  }

  public static Edit notDone(String stepId) {
    return onJournal("Step not done", it -> it.without(stepId));
  }

  /**
   * States what was measured of a built part.
   *
   * @param id the part's, within the project
   * @throws IllegalArgumentException when made, if it is longer or wider than one can be drafted
   */
  public static Edit built(String id, UnaryOperator<Journal.Built> change) {
    return onJournal(
        "Measure what was built",
        it -> {
          Journal.Built built = change.apply(it.built(id));
          built.lengthMm().ifPresent(mm -> checkBuilt("long", mm));
          built.widthMm().ifPresent(mm -> checkBuilt("wide", mm));
          return it.withBuilt(id, built);
        });
  }

  private static void checkBuilt(String what, double mm) {
    if (mm > HalfOutline.FURTHEST_MM) {
      throw new IllegalArgumentException(
          "A built part is up to 10 m "
              + what
              + "; found "
              + Display.length(mm, Units.METRIC)
              + ". Is the unit right?");
    }
  }

  private static Edit onJournal(String name, UnaryOperator<Journal> change) {
    return new Edit(name, project -> project.withJournal(change.apply(project.journal())));
  }
}

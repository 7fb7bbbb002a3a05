package stoutblade.nest;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Pieces that stay where they are, and the others laid round them. */
public final class AroundPins {

  private static final String MARK = " #";

  private final NestJob job;
  private final SheetPlan.Fitted pins;

  private AroundPins(NestJob job, SheetPlan.Fitted pins) {
    this.job = job;
    this.pins = pins;
  }

  /**
   * Lays all that does not stay, better and better until it is stopped.
   *
   * @param pins what stays
   * @param seed chooses among equal ways
   * @param better is given each answer that is better than the last, from the first on
   * @param stop asked often; true to end
   * @return the best answer, with what stays in it
   */
  public static Nesting lay(
      NestJob job, SheetPlan pins, long seed, Consumer<Nesting> better, BooleanSupplier stop) {
    AroundPins around = new AroundPins(job, pins.on(job));
    Optional<NestJob> rest = around.rest();
    if (rest.isEmpty()) {
      Nesting all = around.pins.nesting();
      better.accept(all);
      return all;
    }
    return around.with(
        new Nester(rest.get(), seed, it -> better.accept(around.with(it)), stop).run());
  }

  private static String id(SheetPlan.Held sheet) {
    return sheet.sheet().id() + MARK + sheet.number();
  }

  /** The job without what stays; sheets that it lies on are there already. Empty for nothing. */
  private Optional<NestJob> rest() {
    Map<String, Integer> staying = new HashMap<>();
    Map<String, Integer> taken = new HashMap<>();
    List<NestSheet> sheets = new ArrayList<>();
    for (SheetPlan.Held held : pins.sheets()) {
      NestSheet it = held.sheet();
      held.pieces().forEach(own -> staying.merge(own.placed().shape().id(), 1, Integer::sum));
      taken.merge(it.id(), 1, Integer::sum);
      sheets.add(
          new NestSheet(
              id(held),
              it.outline(),
              1,
              0,
              0,
              held.pieces().stream().map(own -> own.placed().region()).toList()));
    }
    for (NestSheet it : job.sheets()) {
      int left =
          it.count() == NestSheet.UNLIMITED
              ? it.count()
              : it.count() - taken.getOrDefault(it.id(), 0);
      if (left > 0) {
        sheets.add(new NestSheet(it.id(), it.outline(), left, it.price(), it.stepMm(), List.of()));
      }
    }
    List<NestShape> shapes = new ArrayList<>();
    for (NestShape it : job.shapes()) {
      int count = it.count() - staying.getOrDefault(it.id(), 0);
      if (count > 0) {
        shapes.add(it.times(count));
      }
    }
    return shapes.isEmpty() || sheets.isEmpty()
        ? Optional.empty()
        : Optional.of(new NestJob(shapes, sheets, job.gapMm(), job.rimMm()));
  }

  /** An answer for the rest, with what stays. */
  private Nesting with(Nesting rest) {
    Map<String, NestShape> shapes = new HashMap<>();
    job.shapes().forEach(it -> shapes.put(it.id(), it));
    Map<String, Integer> copies = new HashMap<>();
    Map<String, List<Nesting.Placed>> onPinned = new HashMap<>();
    List<Nesting.Laid> others = new ArrayList<>();
    List<Nesting.Laid> all = new ArrayList<>();
    for (SheetPlan.Held held : pins.sheets()) {
      List<Nesting.Placed> own = new ArrayList<>();
      held.pieces().forEach(it -> own.add(numbered(it.placed(), shapes, copies)));
      onPinned.put(id(held), own);
      all.add(new Nesting.Laid(held.sheet(), own));
    }
    for (Nesting.Used used : rest.sheets()) {
      List<Nesting.Placed> own =
          used.pieces().stream().map(it -> numbered(it, shapes, copies)).toList();
      List<Nesting.Placed> there = onPinned.get(used.sheet().id());
      if (there != null) {
        there.addAll(own);
      } else {
        others.add(new Nesting.Laid(used.sheet(), own));
      }
    }
    all.addAll(others);
    all.removeIf(it -> it.pieces().isEmpty());
    return Nesting.of(job, all, rest.left());
  }

  /** The piece as the job has it, counted anew. */
  private static Nesting.Placed numbered(
      Nesting.Placed it, Map<String, NestShape> shapes, Map<String, Integer> copies) {
    String id = it.shape().id();
    int copy = copies.merge(id, 1, Integer::sum) - 1;
    return new Nesting.Placed(shapes.get(id), copy, it.lay());
  }
}

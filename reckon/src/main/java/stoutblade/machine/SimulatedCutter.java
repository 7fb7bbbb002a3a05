package stoutblade.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import stoutblade.catalogue.SheetFamily;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** A machine that is not there: how long it would take, and where it would crash or burn. */
public final class SimulatedCutter {

  /**
   * What lies on the edge of a sheet may be a hair beyond it: pieces are laid to some 4 µm, and
   * straight pieces lie as near to curves.
   */
  private static final double HAIR_MM = 0.02;

  private SimulatedCutter() {}

  /** What would go wrong. */
  public enum Fault {
    /** The tool would leave the bed. */
    OFF_THE_BED,
    /** It would cut what holds the sheet down. */
    THROUGH_THE_CLAMP,
    /** It would cut beyond the sheet. */
    OFF_THE_SHEET,
    /** It would run on into a neighbour. */
    INTO_A_NEIGHBOUR,
    /** The material gives off what harms. */
    NOT_IN_A_LASER
  }

  /**
   * Something that would go wrong.
   *
   * @param at where first; empty for the material as a whole
   * @param words what it is and what helps, for a person to read
   */
  public record Crash(Fault fault, Optional<Point> at, String words) {}

  /**
   * What a run comes to.
   *
   * @param line how long all lines are
   * @param travel how far the tool goes lifted
   * @param time how long it takes, without starts and stops
   * @param crashes what would go wrong; nothing may be sent to a machine while there is any
   */
  public record Run(Figure line, Figure travel, Figure time, List<Crash> crashes) {

    /** Copies the crashes. */
    public Run {
      crashes = List.copyOf(crashes);
    }
  }

  /**
   * Runs a machine over a sheet.
   *
   * @param family what the sheet is of
   * @param gapMm what is kept between pieces
   */
  public static Run run(
      ToolPath path, Cutter cutter, MachineSheet sheet, SheetFamily family, double gapMm) {
    Figure line =
        Figure.found(
            "machine.line",
            "Length of all lines",
            path.lengthMm(),
            Quantity.LENGTH,
            "the straight pieces of all lines, each once",
            Source.GEOMETRY,
            Uncertainty.NONE);
    Figure travel =
        Figure.found(
            "machine.travel",
            "Way between them",
            path.travelMm(),
            Quantity.LENGTH,
            "from the end of each line to the start of the next, from the corner of the bed on",
            Source.GEOMETRY,
            Uncertainty.NONE);
    return new Run(
        line, travel, time(line, travel, cutter), crashes(path, cutter, sheet, family, gapMm));
  }

  private static Figure time(Figure line, Figure travel, Cutter cutter) {
    Source set = Source.assumption("as the machine was set up");
    Figure feed =
        Figure.given(
            "machine.feed", "Cut in a minute", cutter.pace().feedMmPerMin(), Quantity.LENGTH, set);
    Figure fast =
        Figure.given(
            "machine.fast",
            "Gone in a minute",
            cutter.pace().travelMmPerMin(),
            Quantity.LENGTH,
            set);
    Figure passes =
        Figure.given("machine.passes", "Passes", cutter.pace().passes(), Quantity.COUNT, set);
    return Figure.computed(
        "machine.time",
        "Time at the machine, without starts and stops",
        Quantity.DURATION,
        "{machine.passes} * ({machine.line} / {machine.feed} + {machine.travel} / {machine.fast})",
        Source.GEOMETRY,
        passes,
        line,
        feed,
        travel,
        fast);
  }

  private static List<Crash> crashes(
      ToolPath path, Cutter cutter, MachineSheet sheet, SheetFamily family, double gapMm) {
    List<Crash> all = new ArrayList<>();
    if (cutter.kind() == Cutter.Kind.LASER && !family.notInLaser().isEmpty()) {
      all.add(
          new Crash(
              Fault.NOT_IN_A_LASER,
              Optional.empty(),
              "Not in a laser: " + family.notInLaser() + ". Cut it with a knife."));
    }
    // A cut along the edge of the sheet runs half its width, and past corners, beyond it.
    double beside = cutter.besideMm();
    Box bed = new Box(0, 0, cutter.bed().xMm(), cutter.bed().yMm()).grown(beside);
    first(path, it -> !bed.grown(HAIR_MM).contains(it))
        .ifPresent(
            it ->
                all.add(
                    new Crash(
                        Fault.OFF_THE_BED,
                        Optional.of(it),
                        "The tool would leave the bed by %.1f mm: the sheet is larger than it. Cut"
                                .formatted(off(path, bed))
                            + " it apart, or turn to another machine.")));
    if (cutter.bed().clampMm() > 0) {
      first(path, it -> it.x() < cutter.bed().clampMm() - HAIR_MM)
          .ifPresent(
              it ->
                  all.add(
                      new Crash(
                          Fault.THROUGH_THE_CLAMP,
                          Optional.of(it),
                          "It would cut through what holds the sheet: keep %.1f mm free along its"
                                  .formatted(cutter.bed().clampMm() + beside)
                              + " edges, at Sheets.")));
    }
    Region edge = sheet.edge().offset(beside + HAIR_MM);
    first(path, it -> !edge.contains(it))
        .ifPresent(
            it ->
                all.add(
                    new Crash(
                        Fault.OFF_THE_SHEET,
                        Optional.of(it),
                        "A line runs off the sheet: lay the pieces again.")));
    double room = cutter.kerfMm() + cutter.overcutMm();
    if (sheet.pieces().size() > 1 && room > gapMm + HAIR_MM) {
      all.add(
          new Crash(
              Fault.INTO_A_NEIGHBOUR,
              Optional.empty(),
              "It takes %.1f mm beside a piece, and pieces are %.1f mm apart: lay them further"
                      .formatted(room, gapMm)
                  + " apart, at Sheets."));
    }
    return all;
  }

  private static Optional<Point> first(ToolPath path, Predicate<Point> where) {
    return path.stretches().stream().flatMap(it -> it.points().stream()).filter(where).findFirst();
  }

  private static double off(ToolPath path, Box bed) {
    return path.stretches().stream()
        .flatMap(it -> it.points().stream())
        .mapToDouble(
            it ->
                Math.max(
                    Math.max(bed.minX() - it.x(), it.x() - bed.maxX()),
                    Math.max(bed.minY() - it.y(), it.y() - bed.maxY())))
        .max()
        .orElse(0);
  }
}

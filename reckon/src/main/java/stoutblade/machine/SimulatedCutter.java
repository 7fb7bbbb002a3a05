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
    Figure cut = length("machine.cut", "Length of all cuts", path.lengthMm(true));
    Figure drawn =
        length("machine.drawn", "Length of what is engraved and drawn", path.lengthMm(false));
    Figure line =
        Figure.sum("machine.line", "Length of all lines", Quantity.LENGTH, List.of(cut, drawn));
    Figure travel =
        Figure.found(
            "machine.travel",
            "Way between them",
            path.travelMm(cutter.pace()),
            Quantity.LENGTH,
            "from the end of each line to the start of the next, from the corner of the bed on;"
                + " back to the start for each pass",
            Source.GEOMETRY,
            Uncertainty.NONE);
    return new Run(
        line,
        travel,
        time(cut, drawn, travel, cutter.pace()),
        crashes(path, cutter, sheet, family, gapMm));
  }

  private static Figure length(String id, String label, double mm) {
    return Figure.found(
        id,
        label,
        mm,
        Quantity.LENGTH,
        "the straight pieces of all lines, each once",
        Source.GEOMETRY,
        Uncertainty.NONE);
  }

  private static Figure time(Figure cut, Figure drawn, Figure travel, Cutter.Pace pace) {
    Figure feed = set("machine.feed", "Cutting, per minute", pace.feedMmPerMin(), Quantity.LENGTH);
    Figure draw =
        set("machine.draw", "Engraving, per minute", pace.drawMmPerMin(), Quantity.LENGTH);
    Figure fast =
        set("machine.fast", "Between cuts, per minute", pace.travelMmPerMin(), Quantity.LENGTH);
    Figure passes = set("machine.passes", "Passes", pace.passes(), Quantity.COUNT);
    return Figure.computed(
        "machine.time",
        "Time at the machine, without starts and stops",
        Quantity.DURATION,
        "{machine.passes} * {machine.cut} / {machine.feed} + {machine.drawn} / {machine.draw}"
            + " + {machine.travel} / {machine.fast}",
        Source.GEOMETRY,
        passes,
        cut,
        feed,
        drawn,
        draw,
        travel,
        fast);
  }

  private static Figure set(String id, String label, double value, Quantity quantity) {
    Source set = Source.assumption("as the machine was set up");
    return Figure.given(id, label, value, quantity, set);
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

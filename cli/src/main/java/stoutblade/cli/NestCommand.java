package stoutblade.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.LongSupplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import stoutblade.formats.LinesFile;
import stoutblade.formats.TemplateDxf;
import stoutblade.formats.TemplateSvg;
import stoutblade.measure.Display;
import stoutblade.measure.EntryException;
import stoutblade.measure.LengthEntry;
import stoutblade.measure.Units;
import stoutblade.nest.NestJob;
import stoutblade.nest.NestShape;
import stoutblade.nest.NestSheet;
import stoutblade.nest.Nester;
import stoutblade.nest.Nesting;
import stoutblade.nest.SheetTemplates;
import stoutblade.nest.Turning;
import stoutblade.template.Template;

/** Outlines laid on sheets: {@code nest outlines.svg --sheet 600x600 --gap 2 --seconds 30}. */
@Command(
    name = "nest",
    description = {
      "Lays the outlines of a file on as few sheets as it finds: a line inside another is a hole.",
      "It writes the sheets at true size, and prints them with what was proven."
    },
    mixinStandardHelpOptions = true)
final class NestCommand implements Callable<Integer> {

  private static final double LONGEST_ROLL_MM = 100_000;
  private static final double ROLL_STEP_MM = 1;
  private static final double NANOS = 1e9;

  private static final Map<String, Turning> TURNS =
      Map.of("any", Turning.ANY, "90", Turning.QUARTER, "180", Turning.HALF, "none", Turning.NONE);

  private final LongSupplier nanos;

  @Spec private CommandSpec spec;

  @Parameters(index = "0", paramLabel = "OUTLINES", description = "an .svg or .dxf file")
  private Path file;

  @Option(
      names = "--sheet",
      required = true,
      paramLabel = "WIDTHxLENGTH[xHOWMANY]",
      description = "a sheet that can be had, as 600x600 or 24inx36in; 'roll:600' for a roll")
  private List<String> sheets;

  @Option(names = "--count", defaultValue = "1", description = "how many of each outline")
  private int count;

  @Option(names = "--gap", defaultValue = "0", description = "kept between pieces")
  private String gap;

  @Option(names = "--rim", defaultValue = "0", description = "kept free along the edges of sheets")
  private String rim;

  @Option(names = "--seconds", defaultValue = "30", description = "how long it looks for better")
  private double seconds;

  @Option(
      names = "--turn",
      defaultValue = "any",
      paramLabel = "any|90|180|none",
      description = "how pieces may be turned")
  private String turn;

  @Option(names = "--mirror", description = "pieces may be turned over")
  private boolean mirror;

  @Option(names = "--seed", defaultValue = "1", description = "chooses among equal ways")
  private long seed;

  @Option(names = "--out", paramLabel = "FILE", description = "the sheets, as .svg or .dxf")
  private Path out;

  /**
   * The command.
   *
   * @param nanos a clock that runs on, in nanoseconds
   */
  NestCommand(LongSupplier nanos) {
    this.nanos = nanos;
  }

  @Override
  public Integer call() throws IOException {
    Turning turning = TURNS.get(turn.toLowerCase(Locale.ROOT));
    if (turning == null) {
      throw fault("--turn is any, 90, 180 or none; found '" + turn + "'");
    }
    if (!(seconds > 0 && seconds <= 86_400)) {
      throw fault("--seconds is above 0 and at most a day; found " + seconds);
    }
    String ending = out == null ? ".svg" : ending(out);
    List<NestSheet> kinds = new ArrayList<>();
    for (String sheet : sheets) {
      kinds.add(sheet(sheet));
    }
    List<NestShape> shapes = NestShape.each("piece", LinesFile.rings(file), count, turning, mirror);
    NestJob job = new NestJob(shapes, kinds, length("--gap", gap), length("--rim", rim));
    long start = nanos.getAsLong();
    Nesting found =
        new Nester(job, seed, it -> {}, () -> (nanos.getAsLong() - start) / NANOS >= seconds).run();
    print(job, found);
    if (out != null && !found.sheets().isEmpty()) {
      Template template = SheetTemplates.of("sheets", file.getFileName().toString(), found);
      if (ending.equals(".svg")) {
        TemplateSvg.write(out, template, "Sheets", "Scale 1 : 1");
      } else {
        TemplateDxf.write(out, template);
      }
    }
    return found.complete() ? CommandLine.ExitCode.OK : CommandLine.ExitCode.SOFTWARE;
  }

  private void print(NestJob job, Nesting found) {
    PrintWriter to = spec.commandLine().getOut();
    int number = 1;
    for (Nesting.Used it : found.sheets()) {
      to.println(
          "Sheet %d, %s: %d pieces, %s %% of it used, %s along"
              .formatted(
                  number++,
                  it.sheet().id(),
                  it.pieces().size(),
                  Display.decimal(it.share() * 100, 1),
                  Display.length(it.usedMm(), Units.METRIC)));
    }
    to.println(
        "%d of %d pieces on %s; %s %% of that is pieces."
            .formatted(
                job.pieces() - found.left().size(),
                job.pieces(),
                found.sheets().isEmpty() ? "no sheet" : found.bought(),
                Display.decimal(found.density() * 100, 1)));
    if (!found.complete()) {
      to.println("No place was found for: " + String.join(", ", found.left()));
    } else if (found.proven()) {
      to.println("Fewer sheets cannot do: the pieces' area alone takes as many.");
    } else {
      to.println("Not proven: by area alone fewer could do.");
    }
  }

  private NestSheet sheet(String typed) {
    String text = typed.toLowerCase(Locale.ROOT).strip();
    try {
      if (text.startsWith("roll:")) {
        double wide = LengthEntry.parse(text.substring(5), Units.METRIC);
        return NestSheet.roll(typed, wide, LONGEST_ROLL_MM, LONGEST_ROLL_MM * wide, ROLL_STEP_MM);
      }
      String[] sizes = text.split("[x×]", 4);
      if (sizes.length < 2 || sizes.length > 3) {
        throw fault(notSheet(typed));
      }
      double wide = LengthEntry.parse(sizes[0], Units.METRIC);
      double high = LengthEntry.parse(sizes[1], Units.METRIC);
      NestSheet all = NestSheet.bought(typed, wide, high, wide * high);
      return sizes.length == 2
          ? all
          : new NestSheet(typed, all.outline(), Integer.parseInt(sizes[2]), all.price());
    } catch (EntryException | NumberFormatException e) {
      throw fault(notSheet(typed) + ". " + e.getMessage());
    }
  }

  private static String notSheet(String typed) {
    return "--sheet is a width and a length, as 600x600 or 24inx36in, or roll:600; found '"
        + typed
        + "'";
  }

  private double length(String option, String typed) {
    try {
      return LengthEntry.parse(typed, Units.METRIC);
    } catch (EntryException e) {
      throw fault(option + ": " + e.getMessage());
    }
  }

  private String ending(Path to) {
    String name = to.toString().toLowerCase(Locale.ROOT);
    if (name.endsWith(".svg") || name.endsWith(".dxf")) {
      return name.substring(name.length() - 4);
    }
    throw fault("Sheets are written to .svg or .dxf; found '" + to + "'");
  }

  private CommandLine.ParameterException fault(String words) {
    return new CommandLine.ParameterException(spec.commandLine(), words);
  }
}

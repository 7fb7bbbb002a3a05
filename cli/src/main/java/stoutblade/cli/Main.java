package stoutblade.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import stoutblade.demo.ProjectSource;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edits;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.Exports;
import stoutblade.formats.FiguresJson;
import stoutblade.formats.Release;
import stoutblade.formats.ShippedTypeface;
import stoutblade.measure.Units;
import stoutblade.project.Project;
import stoutblade.template.Paper;

/** The commands that need no window. Exit codes: 0 done, 1 could not be done, 2 not understood. */
@Command(
    name = "./stoutblade",
    description = "Stout Blade without a window.",
    mixinStandardHelpOptions = true,
    versionProvider = Main.Version.class)
public final class Main {

  /** Which one this is. */
  static final class Version implements CommandLine.IVersionProvider {

    @Override
    public String[] getVersion() {
      return new String[] {Release.said()};
    }
  }

  @Spec private CommandSpec spec;

  private final LocalDateTime now;

  Main(LocalDateTime now) {
    this.now = now;
  }

  /** Runs one command. */
  public static void main(String[] arguments) {
    System.exit(commandLine(LocalDateTime.now(ZoneId.systemDefault())).execute(arguments));
  }

  /** The command line, as of a time. */
  static CommandLine commandLine(LocalDateTime now) {
    CommandLine line = new CommandLine(new Main(now));
    line.addSubcommand(new SumCommand());
    line.addSubcommand(new NestCommand(System::nanoTime));
    line.registerConverter(Paper.class, Main::paper);
    line.setExecutionExceptionHandler(
        (fault, at, parsed) -> {
          if (fault instanceof IOException || fault instanceof IllegalArgumentException) {
            at.getErr().println(fault.getMessage());
            return CommandLine.ExitCode.SOFTWARE;
          }
          throw fault;
        });
    return line;
  }

  private static Paper paper(String typed) {
    try {
      return Paper.named(typed);
    } catch (IllegalArgumentException e) {
      throw new CommandLine.TypeConversionException(e.getMessage());
    }
  }

  /** What every command takes. */
  static final class Input {

    @Parameters(
        index = "0",
        paramLabel = "FILE",
        description = "a project file (.stout), or the word demo")
    private String file;

    @Option(
        names = "--units",
        paramLabel = "metric|inch",
        description = "units of what is shown (default: metric)",
        converter = UnitsConverter.class,
        defaultValue = "metric")
    private Units units;

    Document open(LocalDateTime now) throws IOException {
      return ProjectSource.open(file, now);
    }
  }

  /** Reads the name of a family of units. */
  static final class UnitsConverter implements CommandLine.ITypeConverter<Units> {

    @Override
    public Units convert(String typed) {
      return switch (typed) {
        case "metric" -> Units.METRIC;
        case "inch" -> Units.INCHES;
        default ->
            throw new CommandLine.TypeConversionException(
                "units are metric or inch; found '" + typed + "'");
      };
    }
  }

  private Derived derived(Project project, Units units) throws IOException {
    return new Reckoner(CatalogueFile.withUsersOwn(CatalogueFile.usersOwn()), new ShippedTypeface())
        .derive(project, now, units);
  }

  private PrintWriter out() {
    return spec.commandLine().getOut();
  }

  private void say(List<Path> written) {
    written.forEach(path -> out().println(path.toAbsolutePath().normalize()));
  }

  @Command(
      name = "export",
      description = "Writes templates (PDF, SVG), plan, shopping list and figures to a folder.",
      mixinStandardHelpOptions = true)
  int export(
      @CommandLine.Mixin Input input,
      @Option(
              names = "--out",
              paramLabel = "DIR",
              required = true,
              description = "the folder; it is made if it is not there")
          Path folder,
      @Option(
              names = "--paper",
              paramLabel = "a4|letter|a3|tabloid",
              description = "the paper (default: as the project says)")
          Paper paper)
      throws IOException {
    Project project = input.open(now).project();
    Project onPaper = paper == null ? project : Edits.paper(paper).applyTo(project);
    Exports.Written written =
        Exports.write(folder, derived(onPaper, input.units), input.units, now, share -> {});
    say(written.files());
    written.leftOut().forEach(it -> spec.commandLine().getErr().println("Left out: " + it));
    return CommandLine.ExitCode.OK;
  }

  @Command(
      name = "figures",
      description = "Prints every computed figure as JSON, with its working.",
      mixinStandardHelpOptions = true)
  int figures(@CommandLine.Mixin Input input) throws IOException {
    Project project = input.open(now).project();
    out().println(FiguresJson.of(derived(project, input.units), input.units));
    return CommandLine.ExitCode.OK;
  }

  @Command(
      name = "plan",
      description = "Writes the schedule as CSV and iCalendar.",
      mixinStandardHelpOptions = true)
  int plan(
      @CommandLine.Mixin Input input,
      @Option(
              names = "--out",
              paramLabel = "DIR",
              defaultValue = ".",
              description = "the folder (default: this one)")
          Path folder)
      throws IOException {
    Project project = input.open(now).project();
    say(Exports.writePlan(folder, derived(project, input.units), now));
    return CommandLine.ExitCode.OK;
  }
}

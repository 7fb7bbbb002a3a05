package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleConsumer;
import stoutblade.derive.Derived;
import stoutblade.finding.Finding;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.nest.SharedPaper;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reckoning.PropReckoning;
import stoutblade.template.Making;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Everything that a project is exported to, in one folder. */
public final class Exports {

  private Exports() {}

  /**
   * What was exported.
   *
   * @param files in the order of their writing
   * @param leftOut what was not written and why, each in a sentence
   */
  public record Written(List<Path> files, List<String> leftOut) {

    /** Copies the lists. */
    public Written {
      files = List.copyOf(files);
      leftOut = List.copyOf(leftOut);
    }

    /** What was written and what was not, for a person to read. */
    public String words(Path folder) {
      return files.size()
          + " files written to "
          + folder
          + (leftOut.isEmpty() ? "" : ". Left out: " + String.join(" ", leftOut));
    }
  }

  /**
   * Writes templates (PDF and SVG), plan (CSV and iCalendar), shopping list (CSV) and figures
   * (JSON).
   *
   * @param progress takes the share that is done, 0 to 1; may throw to cancel
   * @return the files, and what was left out
   * @throws FormatException if there is nothing to cut yet; the message says what is wrong
   */
  public static Written write(
      Path folder, Derived derived, Units units, LocalDateTime now, DoubleConsumer progress)
      throws IOException {
    Project project = derived.project();
    int templates = derived.templates().size();
    if (templates == 0) {
      throw nothing(derived);
    }
    Files.createDirectories(folder);
    String stem = fileName(project.name());
    List<Path> written = new ArrayList<>();
    List<String> leftOut = new ArrayList<>();

    for (PropReckoning prop : derived.props()) {
      Sheets sheets = new Sheets(folder, called(project, prop.prop()), scale(prop, units));
      for (Template template : prop.templates()) {
        long pages = Tiling.pages(template, project.paper());
        if (pages <= Tiling.MOST_PAGES) {
          written.add(writeTemplate(sheets, template, project.paper()));
        } else {
          leftOut.add(
              "'"
                  + template.title()
                  + "' as PDF: it would take "
                  + pages
                  + " pages of "
                  + project.paper().label()
                  + "; take larger paper, or the SVG or DXF.");
        }
        written.addAll(lines(sheets, template));
        progress.accept(0.6 * written.size() / (3 * templates));
      }
    }
    if (derived.plan().isPresent()) {
      written.addAll(writePlan(folder, derived, now));
    }
    progress.accept(0.8);

    if (derived.shopping().isPresent()) {
      Path shopping = folder.resolve(stem + "-shopping.csv");
      PlanFiles.writeShopping(shopping, derived.shopping().get(), units);
      written.add(shopping);
      if (!derived.shopping().get().pieces().kinds().isEmpty()) {
        Path pieces = folder.resolve(stem + "-pieces.csv");
        PlanFiles.writePieces(pieces, derived.shopping().get().pieces());
        written.add(pieces);
        Path book = folder.resolve(stem + "-cut-book.pdf");
        CutBookPdf.write(book, derived, units);
        written.add(book);
      }
      if (derived.shopping().get().lines().stream().anyMatch(it -> it.sawn().isPresent())) {
        Path lengths = folder.resolve(stem + "-lengths.csv");
        PlanFiles.writeLengths(lengths, derived.shopping().get());
        written.add(lengths);
      }
    } else {
      leftOut.add("The list to buy: no foam of a part is in the catalogue.");
    }

    Path figures = folder.resolve(stem + "-figures.json");
    SafeWrite.write(figures, FiguresJson.of(derived, units).getBytes(StandardCharsets.UTF_8));
    written.add(figures);
    progress.accept(1);
    return new Written(written, leftOut);
  }

  /** A template as SVG and as DXF. */
  private static List<Path> lines(Sheets sheets, Template template) throws IOException {
    String stem = fileName(sheets.prop()) + "-" + template.id();
    Path svg = sheets.folder().resolve(stem + ".svg");
    TemplateSvg.write(svg, template, sheets.prop(), sheets.scale());
    Path dxf = sheets.folder().resolve(stem + ".dxf");
    TemplateDxf.write(dxf, template);
    return List.of(svg, dxf);
  }

  /**
   * Writes the plan as CSV and iCalendar.
   *
   * @throws FormatException if there is nothing to build yet
   */
  public static List<Path> writePlan(Path folder, Derived derived, LocalDateTime now)
      throws IOException {
    var plan = derived.plan().orElseThrow(() -> nothing(derived));
    Files.createDirectories(folder);
    String stem = fileName(derived.project().name());
    Path csv = folder.resolve(stem + "-plan.csv");
    Path calendar = folder.resolve(stem + "-plan.ics");
    PlanFiles.writeCsv(csv, plan);
    PlanFiles.writeCalendar(
        calendar, derived.project().name(), plan, derived.project().event(), now);
    return List.of(csv, calendar);
  }

  /**
   * Writes one template as PDF.
   *
   * @return the file
   * @throws FormatException if it takes too many pages
   */
  public static Path writeTemplate(Sheets sheets, Template template, Paper paper)
      throws IOException {
    return writeTemplate(sheets, template, paper, List.of());
  }

  /**
   * Writes some pages of a template as PDF.
   *
   * @param letters of the pages that are wanted; none for all
   * @return the file
   * @throws FormatException if it takes too many pages
   */
  public static Path writeTemplate(
      Sheets sheets, Template template, Paper paper, List<String> letters) throws IOException {
    if (Tiling.pages(template, paper) > Tiling.MOST_PAGES) {
      throw new FormatException(
          sheets.prop(),
          "at this size it takes "
              + Tiling.pages(template, paper)
              + " pages of "
              + paper.label()
              + ", more than the "
              + Tiling.MOST_PAGES
              + " that are printed");
    }
    Path pdf =
        sheets
            .folder()
            .resolve(
                fileName(sheets.prop())
                    + "-"
                    + template.id()
                    + "-"
                    + fileName(paper.name())
                    + ".pdf");
    Tiling all = Tiling.of(template, paper);
    Tiling wanted = letters.isEmpty() ? all : all.only(letters);
    TemplatePdf.write(pdf, template, wanted, sheets.prop(), sheets.scale());
    return pdf;
  }

  /**
   * Writes pages that templates share.
   *
   * @param letters of the pages that are wanted; none for all
   * @return the file
   */
  public static Path writeShared(
      Path file, String project, SharedPaper shared, List<String> letters) throws IOException {
    Tiling wanted = letters.isEmpty() ? shared.tiling() : shared.tiling().only(letters);
    TemplatePdf.write(file, shared.template(), wanted, project, "Scale 1 : 1");
    return file;
  }

  /**
   * Where templates go, and what is written on each.
   *
   * @param folder the folder
   * @param prop what the prop is called
   * @param scale what the scale is, in words
   */
  public record Sheets(Path folder, String prop, String scale) {}

  /** What a prop is called on paper: its name, with its id where another has the same. */
  public static String called(Project project, Prop prop) {
    long same =
        project.props().stream()
            .filter(it -> fileName(it.name()).equals(fileName(prop.name())))
            .count();
    return same > 1 ? prop.name() + " " + prop.id() : prop.name();
  }

  /** What the scale on a prop's templates is, in words. */
  public static String scale(PropReckoning prop, Units units) {
    double factor = prop.sizing().factor().value();
    return "Scale 1 : 1, for a wearer of "
        + Display.length(prop.wearer().heightMm(), units)
        + (Math.abs(factor - 1) < 5e-4
            ? ""
            : ", " + Display.decimal(factor, 3) + " of its own world's size");
  }

  private static FormatException nothing(Derived derived) {
    String why =
        derived.findings().stream()
            .filter(it -> it.severity() != Finding.Severity.WARNING)
            .map(it -> it.title() + ". " + it.why())
            .findFirst()
            .orElse("The outline is not drawn yet.");
    return new FormatException(derived.project().name(), "nothing to export yet. " + why);
  }

  /** A name for a file: lower-case letters, digits and hyphens. */
  public static String fileName(String name) {
    String plain = Making.plain(name);
    return plain.isEmpty() ? "prop" : plain.substring(0, Math.min(60, plain.length()));
  }
}

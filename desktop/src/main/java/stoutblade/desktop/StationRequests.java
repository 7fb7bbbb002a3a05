package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import stoutblade.desktop.print.Printers;
import stoutblade.desktop.print.Printing;
import stoutblade.desktop.station.Figures;
import stoutblade.desktop.station.cut.CutSurface;
import stoutblade.desktop.station.size.SizeSurface;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.feature.PlateForm;
import stoutblade.formats.CheckPagePdf;
import stoutblade.formats.Exports;
import stoutblade.formats.Folders;
import stoutblade.formats.MachineFiles;
import stoutblade.formats.MarkerSheetPdf;
import stoutblade.formats.PrinterCorrection;
import stoutblade.journal.Journal;
import stoutblade.nest.SharedPaper;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.template.FirstPapers;
import stoutblade.template.Paper;
import stoutblade.template.PaperScale;
import stoutblade.template.Template;

/** What stations ask the application for: files to open, and what is printed and exported. */
final class StationRequests implements SizeSurface.Requests, CutSurface.Requests {

  private static final double SHARED_SECONDS = 4;

  private final Desk desk;
  private final Dialogs dialogs;
  private final Printers printers;
  private final Opener opener;
  private final BackgroundTasks tasks;
  private final Consumer<Path> exporter;

  /**
   * The requests of a window.
   *
   * @param exporter exports everything to a folder
   */
  StationRequests(
      Desk desk,
      Dialogs dialogs,
      Printers printers,
      Opener opener,
      BackgroundTasks tasks,
      Consumer<Path> exporter) {
    this.desk = desk;
    this.dialogs = dialogs;
    this.printers = printers;
    this.opener = opener;
    this.tasks = tasks;
    this.exporter = exporter;
  }

  // == FILES TO OPEN

  @Override
  public void openPicture() {
    dialogs.openPicture().ifPresent(opener::picture);
  }

  @Override
  public void openPicture(Path file) {
    opener.picture(file);
  }

  @Override
  public void pastePicture() {
    opener.paste();
  }

  @Override
  public void openModel() {
    dialogs.openModel().ifPresent(opener::model);
  }

  @Override
  public void openModel(Path file) {
    opener.model(file);
  }

  @Override
  public void openLines() {
    dialogs.openLines().ifPresent(opener::lines);
  }

  @Override
  public void openLines(Path file) {
    opener.lines(file);
  }

  @Override
  public void openPaper() {
    dialogs.openPicture().ifPresent(opener::paper);
  }

  @Override
  public void openSamplePaper() {
    opener.samplePaper();
  }

  // == PAPER

  @Override
  public void export() {
    dialogs.exportFolder().ifPresent(exporter);
  }

  /** Prints a template of the project, and notes what it looked like. */
  @Override
  public void print(Template template) {
    Map<String, Journal.Printed> mark = desk.reckoned().printed(List.of(template), desk.now());
    print(template, () -> desk.perform(Edits.printed(mark)));
  }

  @Override
  public void printAlone(Template template) {
    print(template, () -> {});
  }

  @Override
  public void writeForMachine(MachineFiles.Job job) {
    dialogs
        .exportFolder()
        .ifPresent(
            folder ->
                tasks.start(
                    Texts.WINDOW.of("writing-for-the-machine"),
                    () -> MachineFiles.write(folder, job),
                    files -> desk.say(Texts.WINDOW.of("files-written-to", files.size(), folder))));
  }

  /** All of them share pages; that takes a moment, beside the window. */
  @Override
  public void printShared(List<Template> templates) {
    if (!desk.complete()) {
      return;
    }
    Paper paper = desk.project().paper();
    Map<String, Journal.Printed> marks = new TreeMap<>();
    for (PropReckoning prop : desk.derived().props()) {
      List<Template> own = prop.templates().stream().filter(templates::contains).toList();
      marks.putAll(prop.printed(own, desk.now()));
    }
    tasks.start(
        Texts.WINDOW.of("sharing-pages"),
        progress -> SharedPaper.of(templates, paper, Timed.until(SHARED_SECONDS, progress)),
        found -> {
          if (!found.left().isEmpty()) {
            desk.say(
                Texts.WINDOW.of(
                    "too-large-to-share-pages",
                    found.left().stream().map(Template::title).collect(Collectors.joining(", "))));
          }
          print(
              new Printing(
                  Texts.WINDOW.of(
                      "on-shared-pages-instead-of", found.tiling().tiles().size(), found.alone()),
                  Optional.of(found.template()),
                  Optional.of(found.tiling()),
                  paper,
                  (folder, same, letters) ->
                      Exports.writeShared(
                          folder.resolve("shared-pages.pdf"),
                          desk.project().name(),
                          found,
                          letters)),
              () -> desk.perform(Edits.printed(marks)));
        });
  }

  /** The page itself is printed as the printer does it: that is what is measured. */
  @Override
  public void printCheckPage() {
    print(
        new Printing(
            Texts.WINDOW.of("the-check-page"),
            Optional.empty(),
            desk.project().paper(),
            (folder, paper, letters) -> {
              Path file = folder.resolve(Exports.fileName("check-page-" + paper.label()) + ".pdf");
              CheckPagePdf.write(file, paper);
              return file;
            }),
        PaperScale.TRUE,
        () -> {});
  }

  @Override
  public void printMarkerSheet() {
    print(
        new Printing(
            Texts.WINDOW.of("the-marker-sheet"),
            Optional.empty(),
            desk.project().paper(),
            (folder, paper, letters) -> {
              Path file =
                  folder.resolve(Exports.fileName("marker-sheet-" + paper.label()) + ".pdf");
              MarkerSheetPdf.write(file, paper);
              return file;
            }),
        () -> {});
  }

  @Override
  public void printStrip() {
    double whole = Figures.wholeLength(desk.reckoned());
    if (whole <= 0) {
      desk.say(Texts.WINDOW.of("the-props-length-is-not"));
      return;
    }
    printAlone(
        FirstPapers.strip(
            desk.prop().name(),
            whole,
            desk.prop().size().carry().gripAtMm().orElse(0.0),
            desk.units()));
  }

  @Override
  public void printOutline() {
    desk.looked()
        .flatMap(PartReckoning::form)
        .filter(PlateForm::whole)
        .ifPresentOrElse(
            form -> printAlone(FirstPapers.outline(form.blank().name(), form)),
            () -> desk.say(Texts.WINDOW.of("draft-a-part-first-there")));
  }

  private void print(Template template, Runnable then) {
    String scale = Exports.scale(desk.reckoned(), desk.units());
    String prop = Exports.called(desk.project(), desk.prop());
    print(
        new Printing(
            template.title(),
            Optional.of(template),
            desk.project().paper(),
            (folder, paper, letters) ->
                Exports.writeTemplate(
                    new Exports.Sheets(folder, prop, scale), template, paper, letters)),
        then);
  }

  /** Looks for printers, asks how, prints, and then does something else. */
  private void print(Printing what, Runnable then) {
    print(what, desk.project().cutting().scale(), then);
  }

  private void print(Printing what, PaperScale scale, Runnable then) {
    tasks.start(
        Texts.WINDOW.of("looking-for-printers"),
        printers::all,
        found ->
            dialogs
                .print(what, found)
                .ifPresent(
                    order ->
                        tasks.start(
                            Texts.WINDOW.of("printing"),
                            () -> sent(what, order, scale),
                            said -> {
                              then.run();
                              desk.say(said);
                            })));
  }

  private static String sent(Printing what, Printing.Order order, PaperScale scale)
      throws IOException {
    Path folder = Files.createTempDirectory("stoutblade-print");
    try {
      Path pdf = what.pages().write(folder, order.paper(), order.letters());
      PrinterCorrection.apply(pdf, scale);
      return order.printer().print(pdf, order.paper(), order.copies());
    } finally {
      Folders.delete(folder);
    }
  }
}

package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.desktop.shell.Notices;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PropEdits;
import stoutblade.edit.Repair;
import stoutblade.formats.Document;
import stoutblade.formats.OpenFiles;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.Saving;
import stoutblade.formats.Stamp;
import stoutblade.measure.Units;
import stoutblade.project.Prop;

/** The project on the desk and its files: opened, begun, saved, restored. */
public final class ProjectFiles {

  private final Desk desk;
  private final Dialogs dialogs;
  private final BackgroundTasks tasks;
  private final Notices notices;
  private final OpenFiles files;
  private final Recent recent;
  private final Runnable showPictures;
  private Optional<OpenFiles.Claim> claim = Optional.empty();
  private Optional<Stamp> stamp = Optional.empty();

  /**
   * The files of a window.
   *
   * @param showPictures shows the pictures of what was opened
   */
  ProjectFiles(
      Desk desk,
      Dialogs dialogs,
      BackgroundTasks tasks,
      Notices notices,
      Workbench.Home home,
      Runnable showPictures) {
    this.desk = desk;
    this.dialogs = dialogs;
    this.tasks = tasks;
    this.notices = notices;
    this.files = home.files();
    this.recent = new Recent(home.folder());
    this.showPictures = showPictures;
  }

  /** Looks beside the window for projects that were open before and are still there. */
  void lookForRecent(Consumer<List<Path>> then) {
    tasks.start(Texts.WINDOW.of("looking-for-projects"), recent::files, then);
  }

  /** Starts a new project, with the wearer, event and shelf of the one that is open. */
  public void startNew(Runnable then) {
    leaving(
        () -> {
          stand(new Document(NewProject.after(desk.project(), desk.now()), Map.of()), () -> {});
          then.run();
        });
  }

  /** Asks for a project file and opens it. */
  public void openProject() {
    leaving(() -> dialogs.openProject().ifPresent(this::open));
  }

  /** Opens the demo, and then does something else. */
  public void demo(Runnable then) {
    LocalDateTime now = desk.now();
    leaving(
        () ->
            tasks.start(
                Texts.WINDOW.of("opening-the-demo"),
                () -> Demo.open(now),
                document -> stand(document, then)));
  }

  /** Puts a document on the desk that lies in no file. */
  private void stand(Document document, Runnable then) {
    stand(
        Read.of(document),
        () -> desk.whenComplete(then),
        e -> repair(Texts.WINDOW.of("it"), document, e));
  }

  /**
   * A document as it was read.
   *
   * @param from its file; empty where it lies in none
   * @param stamp what the file was like before
   */
  record Read(Document document, Optional<Path> from, Optional<Stamp> stamp) {

    /** What lies in no file. */
    static Read of(Document document) {
      return new Read(document, Optional.empty(), Optional.empty());
    }

    /** Reads a file. */
    static Read of(Path file) throws IOException {
      // First: what changes while it is read is noticed when it is saved.
      Optional<Stamp> before = Stamp.of(file);
      return new Read(ProjectFile.read(file), Optional.of(file), before);
    }

    private String called() {
      return from.map(it -> "'" + it.getFileName() + "'").orElse(Texts.WINDOW.of("it"));
    }
  }

  /** Puts what was read on the desk, and then does something else, also where it cannot be. */
  void opened(Read read, Runnable then) {
    stand(
        read,
        then,
        e -> {
          then.run();
          repair(read.called(), read.document, e);
        });
  }

  /**
   * Puts what was read on the desk.
   *
   * @param then done once what is looked at first is shown
   */
  private void stand(Read read, Runnable then, Consumer<RuntimeException> broken) {
    desk.open(
        read.document,
        read.from,
        () -> {
          stamp = read.stamp;
          claim(read.from);
          read.from.ifPresent(recent::add);
          then.run();
          showPictures.run();
        },
        broken);
  }

  /** Opens a project file; until it is read whole and can be shown, what is open stays. */
  public void open(Path file) {
    tasks.start(
        Texts.WINDOW.of("opening-file", file.getFileName()),
        () -> Read.of(file),
        read -> opened(read, () -> {}));
  }

  /** Asks for another project's file and takes one of its props in. */
  void takeIn() {
    dialogs
        .openProject()
        .ifPresent(
            file ->
                tasks.start(
                    Texts.WINDOW.of("reading-file", file.getFileName()),
                    () -> ProjectFile.read(file),
                    document -> {
                      List<Prop> props = document.project().props();
                      chosen(props).ifPresent(it -> takeIn(document, it));
                    }));
  }

  private Optional<Prop> chosen(List<Prop> props) {
    return props.size() == 1
        ? Optional.of(props.getFirst())
        : dialogs
            .choose(Texts.WINDOW.of("which-prop"), props.stream().map(Prop::name).toList())
            .map(props::get);
  }

  private void takeIn(Document from, Prop prop) {
    prop.size().digests().forEach(it -> desk.addFile(it, from.files().get(it)));
    desk.addProp(PropEdits.takeIn(from.project(), prop.id()), showPictures);
  }

  /** Says which file is open here, and tells where it is open in another window, too. */
  private void claim(Optional<Path> file) {
    claim.ifPresent(OpenFiles.Claim::close);
    claim = Optional.empty();
    if (file.isEmpty()) {
      return;
    }
    try {
      claim = files.claim(file.get());
      if (claim.isEmpty()) {
        desk.say(Texts.WINDOW.of("is-open-in-another-window", file.get().getFileName()));
      }
    } catch (IOException e) {
      // Nothing can be written down on this machine: other windows cannot be known of.
      claim = Optional.empty();
    }
  }

  /** Puts on the desk what was autosaved; it counts as not saved. */
  void restored(Document document, Optional<Path> origin) {
    desk.open(
        document,
        origin,
        () -> {
          claim(origin);
          desk.unsaved();
          showPictures.run();
        },
        e -> repair(Texts.WINDOW.of("what-was-autosaved"), document, e));
  }

  /** True where nothing was begun in this window. */
  boolean untouched() {
    return desk.fileProperty().get().isEmpty()
        && !desk.changedProperty().get()
        && desk.history().undoable().isEmpty();
  }

  /** Finds what must be taken out of a project that cannot be worked out, and offers that. */
  private void repair(String what, Document broken, RuntimeException why) {
    Reckoner own = new Reckoner(desk.catalogue(), desk.typeface());
    LocalDateTime now = desk.now();
    Units units = desk.units();
    tasks.start(
        Texts.WINDOW.of("looking-for-what-is-wrong"),
        (BackgroundTasks.Work<Repair>)
            progress -> Repair.of(broken.project(), it -> own.derive(it, now, units), progress),
        repair ->
            notices.repair(
                Texts.WINDOW.of("cannot-be-worked-out-as", what, why.getMessage()),
                repair,
                () -> stand(broken.with(repair.mended()), desk::unsaved)));
  }

  /** Saves to the file that is known, or asks for one. */
  public void save(Runnable then) {
    Document document = desk.document();
    desk.fileProperty()
        .get()
        .ifPresentOrElse(
            file -> save(file, document, () -> Saving.again(file, document, stamp), then),
            () -> saveAs(then));
  }

  void saveAs(Runnable then) {
    Document document = desk.document();
    dialogs.saveAs(desk.project().name()).ifPresent(chosen -> saveAs(chosen, document, then));
  }

  /** The dialog has asked about the name that was typed, but not about the one with its ending. */
  private void saveAs(Path chosen, Document document, Runnable then) {
    Path file = Saving.ended(chosen);
    boolean asked = file.equals(chosen);
    save(
        file,
        document,
        () -> asked ? Saving.asked(file, document) : Saving.anew(file, document),
        then);
  }

  private void save(Path file, Document document, Callable<Saving.Outcome> saving, Runnable then) {
    tasks.start(
        Texts.WINDOW.of("saving", file.getFileName()),
        saving,
        outcome -> {
          switch (outcome) {
            case Saving.Written it -> written(it, document, then);
            case Saving.Refused it -> refused(it, document, then);
          }
        });
  }

  private void written(Saving.Written it, Document document, Runnable then) {
    stamp = it.stamp();
    boolean another = !desk.fileProperty().get().equals(Optional.of(it.file()));
    desk.saved(document.project(), it.file());
    recent.add(it.file());
    if (another || claim.isEmpty()) {
      claim(Optional.of(it.file()));
    }
    then.run();
  }

  private void refused(Saving.Refused it, Document document, Runnable then) {
    String name = String.valueOf(it.file().getFileName());
    switch (dialogs.over(name, it.why())) {
      case WRITE_OVER -> save(it.file(), document, () -> Saving.anyway(it.file(), document), then);
      case KEEP_BOTH -> {
        Path beside = Saving.beside(it.file());
        save(beside, document, () -> Saving.anew(beside, document), then);
      }
      case CANCEL -> desk.say(Texts.WINDOW.of("not-saved"));
    }
  }

  /** Does something that would lose unsaved edits, after asking what to do with them. */
  public void leaving(Runnable then) {
    if (!desk.changedProperty().get()) {
      then.run();
      return;
    }
    switch (dialogs.leave()) {
      case SAVE -> save(then);
      case DISCARD -> then.run();
      case STAY -> {}
    }
  }

  /** Gives up what is held. */
  void close() {
    claim(Optional.empty());
  }
}

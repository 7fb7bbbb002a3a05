package stoutblade.desktop.shell;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.Dragboard;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.TransferMode;
import stoutblade.desktop.BackgroundTasks;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.formats.Exports;
import stoutblade.formats.Folders;
import stoutblade.journal.Journal;
import stoutblade.reckoning.PropReckoning;
import stoutblade.template.Paper;
import stoutblade.template.Template;

/**
 * Templates as files, PDF at true size on the paper in use: dragged out of the window on the card
 * of a part or prop, or copied from its menu.
 */
public final class TemplateFiles {

  /** A drag begins with its files or not at all: it waits so long for them. */
  private static final long WAIT_MS = 80;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final List<Path> folders = new CopyOnWriteArrayList<>();
  private Optional<Written> last = Optional.empty();

  /**
   * What is meant by a card.
   *
   * @param partId one part of the prop; empty for all
   */
  record Meant(String propId, Optional<String> partId) {

    static Meant prop(String propId) {
      return new Meant(propId, Optional.empty());
    }

    static Meant part(String propId, String partId) {
      return new Meant(propId, Optional.of(partId));
    }
  }

  /** Files that are there, or are being written, with what they were written from. */
  private record Written(Wanted wanted, CompletableFuture<List<File>> files) {}

  /**
   * All that files follow from.
   *
   * @param called what the prop is called on paper
   * @param scale what the scale is, in words
   */
  private record Wanted(List<Template> templates, Paper paper, String called, String scale) {}

  /**
   * Writes files for who wants them.
   *
   * @param tasks what writes them, beside the window
   */
  public TemplateFiles(Desk desk, BackgroundTasks tasks) {
    this.desk = desk;
    this.tasks = tasks;
  }

  /** Lets a card be dragged out of the window. */
  void drags(Button card, Meant meant) {
    card.setOnDragDetected(event -> drag(card, meant, event));
  }

  private void drag(Button card, Meant meant, MouseEvent event) {
    Optional<List<File>> files = written(meant).flatMap(this::soon);
    if (files.isEmpty()) {
      return;
    }
    Map<String, Journal.Printed> marks = marks(meant);
    Dragboard board = card.startDragAndDrop(TransferMode.COPY);
    board.setContent(content(files.get()));
    board.setDragView(card.snapshot(null, null));
    card.setOnDragDone(
        done -> {
          if (done.getTransferMode() != null) {
            desk.perform(Edits.printed(marks));
          }
        });
    card.disarm();
    event.consume();
  }

  /** Puts the files on the clipboard, to be pasted into a folder or a letter. */
  @SuppressWarnings("FutureReturnValueIgnored") // a fault is told by what writes them
  void copy(Meant meant) {
    Map<String, Journal.Printed> marks = marks(meant);
    written(meant)
        .ifPresent(it -> it.thenAcceptAsync(files -> copied(files, marks), Platform::runLater));
  }

  private void copied(List<File> files, Map<String, Journal.Printed> marks) {
    Clipboard.getSystemClipboard().setContent(content(files));
    desk.perform(
        Edits.printed(marks),
        () -> desk.say(Texts.WINDOW.of("copied-as-pdf-in-all", files.size())));
  }

  private static ClipboardContent content(List<File> files) {
    ClipboardContent content = new ClipboardContent();
    content.putFiles(files);
    return content;
  }

  private Map<String, Journal.Printed> marks(Meant meant) {
    return desk.derived().prop(meant.propId).printed(templates(meant), desk.now());
  }

  private List<Template> templates(Meant meant) {
    PropReckoning prop = desk.derived().prop(meant.propId);
    return meant.partId.map(prop::templates).orElseGet(prop::templates);
  }

  /** Files that are there in a moment; else it is told to drag again. */
  private Optional<List<File>> soon(CompletableFuture<List<File>> files) {
    try {
      return Optional.of(files.get(WAIT_MS, TimeUnit.MILLISECONDS));
    } catch (TimeoutException e) {
      desk.say(Texts.WINDOW.of("the-templates-are-being-written"));
    } catch (ExecutionException e) {
      // Told by what wrote them.
      return Optional.empty();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    return Optional.empty();
  }

  /** Writes them, where they are not what was written last; empty where nothing is cut. */
  private Optional<CompletableFuture<List<File>>> written(Meant meant) {
    PropReckoning prop = desk.derived().prop(meant.propId);
    Wanted wanted =
        new Wanted(
            templates(meant),
            desk.project().paper(),
            Exports.called(desk.project(), prop.prop()),
            Exports.scale(prop, desk.units()));
    if (wanted.templates.isEmpty()) {
      desk.say(Texts.WINDOW.of("nothing-of-it-is-cut"));
      return Optional.empty();
    }
    Optional<Written> there =
        last.filter(it -> it.wanted.equals(wanted) && !it.files.isCompletedExceptionally());
    if (there.isPresent()) {
      return there.map(Written::files);
    }
    CompletableFuture<List<File>> files = new CompletableFuture<>();
    last = Optional.of(new Written(wanted, files));
    tasks.start(
        Texts.WINDOW.of("writing-templates"),
        progress -> {
          try {
            Path folder = Files.createTempDirectory("stoutblade-templates");
            folders.add(folder);
            List<File> all = new ArrayList<>();
            for (Template it : wanted.templates) {
              Exports.Sheets sheets = new Exports.Sheets(folder, wanted.called, wanted.scale);
              all.add(Exports.writeTemplate(sheets, it, wanted.paper).toFile());
              progress.accept((double) all.size() / wanted.templates.size());
            }
            files.complete(all);
            return all;
          } catch (IOException | RuntimeException e) {
            files.completeExceptionally(e);
            throw e;
          }
        },
        all -> {});
    return Optional.of(files);
  }

  /** Takes the files away again; whoever they were given to has a copy. */
  public void clear() {
    for (Path folder : folders) {
      try {
        Folders.delete(folder);
      } catch (IOException e) {
        System.getLogger(TemplateFiles.class.getName())
            .log(System.Logger.Level.INFO, "Not cleared: " + folder, e);
      }
    }
    folders.clear();
  }
}

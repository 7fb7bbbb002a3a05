package stoutblade.desktop.shell;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Repair;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.project.Project;

/**
 * What is said, below the slip: the latest notice, what can be restored after a crash, and what
 * must be taken out of a project that cannot be worked out.
 */
public final class Notices extends VBox {

  private static final String NOTICE = "notice";
  private static final String REPAIR = "repair";
  private static final String RECOVERY = "recovery";
  private static final double MOST_HIGH = 330;
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEE d MMM yyyy, HH:mm", Locale.ENGLISH);

  private final Desk desk;

  /** Notices that follow the desk. */
  public Notices(Desk desk) {
    super(6);
    this.desk = desk;
    desk.noticeProperty().addListener(it -> show());
  }

  /** True while something waits for an answer here, and needs the room. */
  public BooleanBinding waiting() {
    return Bindings.createBooleanBinding(
        () ->
            getChildren().stream()
                .anyMatch(it -> RECOVERY.equals(it.getId()) || REPAIR.equals(it.getId())),
        getChildren());
  }

  private void show() {
    String words = desk.noticeProperty().get();
    take(NOTICE);
    if (!words.isBlank()) {
      Button seen = new Button(Texts.WINDOW.of("ok"));
      seen.setOnAction(event -> desk.say(""));
      getChildren().add(bar(NOTICE, words(words), seen));
    }
  }

  private void take(String id) {
    getChildren().removeIf(it -> id.equals(it.getId()));
  }

  // == WHAT CAN BE RESTORED

  /**
   * Offers what programs that did not end well had open, each by itself: when it was autosaved, how
   * large it is, what it looks like and where it was saved.
   *
   * @param restore opens one beside what is open
   * @param discard throws one away
   */
  public void offer(
      List<Autosave.Left> left, Consumer<Autosave.Left> restore, Consumer<Autosave.Left> discard) {
    take(RECOVERY);
    if (left.isEmpty()) {
      return;
    }
    VBox list = new VBox(12);
    for (Autosave.Left one : left) {
      VBox entry = entry(one);
      Button yes = button(Texts.WINDOW.of("restore"));
      Button no = button(Texts.WINDOW.of("discard"));
      yes.setOnAction(event -> answer(list, entry, () -> restore.accept(one)));
      no.setOnAction(event -> answer(list, entry, () -> discard.accept(one)));
      HBox buttons = one.document().isPresent() ? new HBox(8, yes, no) : new HBox(8, no);
      entry.getChildren().add(buttons);
      list.getChildren().add(entry);
    }
    ScrollPane scroll = new ScrollPane(list);
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setMaxHeight(MOST_HIGH);
    // Words that wrap make the list higher than it says before it knows its width.
    list.heightProperty()
        .addListener(it -> scroll.setPrefViewportHeight(Math.min(MOST_HIGH, list.getHeight())));
    scroll.getStyleClass().add(Style.NOTICE_LIST);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    Node title = title(Texts.WINDOW.of("these-were-open-when-the", left.size()));
    getChildren().add(framed(RECOVERY, title, scroll));
  }

  private void answer(VBox list, VBox entry, Runnable action) {
    list.getChildren().remove(entry);
    if (list.getChildren().isEmpty()) {
      take(RECOVERY);
    }
    action.run();
  }

  private static VBox entry(Autosave.Left left) {
    Optional<Project> project = left.document().map(Document::project);
    VBox about =
        new VBox(
            2,
            title(project.map(Project::name).orElse(Texts.WINDOW.of("cannot-be-read"))),
            words(WHEN.format(left.at().atZone(ZoneId.systemDefault()))),
            words(size(left.bytes()) + ", " + place(left)));
    HBox.setHgrow(about, Priority.ALWAYS);
    HBox row = new HBox(10);
    project.ifPresent(it -> row.getChildren().add(new Thumbnail(it)));
    row.getChildren().add(about);
    VBox entry = new VBox(6, row);
    entry.getStyleClass().add(Style.NOTICE_ENTRY);
    return entry;
  }

  private static String place(Autosave.Left left) {
    if (left.document().isEmpty()) {
      return Texts.WINDOW.of("it-lies-in", left.fault(), left.folder());
    }
    return left.origin()
        .map(it -> Texts.WINDOW.of("was-saved-as", it))
        .orElse(Texts.WINDOW.of("never-saved"));
  }

  private static String size(long bytes) {
    return bytes < 100_000
        ? Math.max(1, Math.round(bytes / 1e3)) + " kB"
        : Texts.WINDOW.of("mb", "%.1f".formatted(bytes / 1e6));
  }

  // == WHAT MUST BE TAKEN OUT

  /**
   * Offers to open a project without what is wrong in it.
   *
   * @param what which project, and what is wrong
   * @param without opens it
   */
  public void repair(String what, Repair repair, Runnable without) {
    take(REPAIR);
    List<Node> lines = new ArrayList<>(List.of(words(what)));
    for (Repair.Removed it : repair.removed()) {
      lines.add(words("• " + it.what() + ": " + it.why()));
    }
    lines.add(words(Texts.WINDOW.of("without-that-it-can-be")));
    Button open = button(Texts.WINDOW.of("open-without-it"));
    Button leave = button(Texts.WINDOW.of("cancel"));
    VBox bar = framed(REPAIR, lines.toArray(Node[]::new));
    bar.getChildren().add(new HBox(8, open, leave));
    open.setOnAction(
        event -> {
          take(REPAIR);
          without.run();
        });
    leave.setOnAction(event -> take(REPAIR));
    getChildren().add(bar);
  }

  // == HOW IT LOOKS

  private static VBox bar(String id, Label words, Button button) {
    button.setMinWidth(Region.USE_PREF_SIZE);
    return framed(id, words, button);
  }

  private static VBox framed(String id, Node... children) {
    VBox bar = new VBox(8, children);
    bar.setId(id);
    bar.setMaxWidth(Slip.WIDE);
    bar.getStyleClass().add(Style.NOTICE);
    return bar;
  }

  private static Button button(String words) {
    Button button = new Button(words);
    button.setMinWidth(Region.USE_PREF_SIZE);
    return button;
  }

  private static Label title(String words) {
    Label title = words(words);
    title.getStyleClass().add(Style.MASKING_TITLE);
    return title;
  }

  private static Label words(String words) {
    Label label = new Label(words);
    WrappedText.in(label);
    label.setMinHeight(Region.USE_PREF_SIZE);
    return label;
  }
}

package stoutblade.desktop;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import stoutblade.catalogue.Catalogue;
import stoutblade.derive.Derived;
import stoutblade.derive.Reckoner;
import stoutblade.derive.Refit;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Change;
import stoutblade.edit.Edit;
import stoutblade.edit.History;
import stoutblade.feature.Typeface;
import stoutblade.finding.Finding;
import stoutblade.formats.Document;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reckoning.PropReckoning;
import stoutblade.reckoning.Whole;
import stoutblade.wearer.Wearer;

/** What is open: the project with its history, what is derived from it, and how it is looked at. */
public final class Desk {

  /** What stands for the id of a part where the prop put together is looked at. */
  public static final String PROP = Whole.ID;

  /** What stands before the id of a model where its faces are laid flat. */
  public static final String MODEL = "model:";

  /** What the id of a model that is sliced at Layers starts with. */
  public static final String SLICE = "slice:";

  /** Of more parts than these the prop that is looked at is shown before all are worked out. */
  private static final int LARGE_PARTS = 20;

  private final Deriver deriver;
  private final Clock clock;
  private final Optional<Keeper> keeper;
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.SIZE);
  private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.METRIC);
  private final ReadOnlyObjectWrapper<Derived> derived = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
  private final ObjectProperty<List<Figure>> beside = new SimpleObjectProperty<>(List.of());
  private final ObjectProperty<List<Finding>> placeless = new SimpleObjectProperty<>(List.of());
  private final BooleanProperty sums = new SimpleBooleanProperty();
  private final BooleanProperty guided = new SimpleBooleanProperty(true);
  private final StringProperty prop = new SimpleStringProperty("");
  private final StringProperty part = new SimpleStringProperty("");
  private final IntegerProperty layer = new SimpleIntegerProperty(-1);
  private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
  private final ReadOnlyObjectWrapper<Optional<String>> unkept =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Reckoner reckoner;
  private History history;
  private Project savedAs;
  private Document document;
  private Optional<Walk> walk = Optional.empty();

  /** What stands after a change, with all that follows from it; empty where nothing changed. */
  private record Stood(History history, Optional<Derived> derived) {}

  /** Steps back and forth through the history that wait for their turn. */
  private record Walk(UnaryOperator<History> steps, Deriver.Turn<Stood> turn) {}

  /**
   * A desk with a document on it, which works everything out at once.
   *
   * @param reckoner derives; not used by anyone else from here on
   * @param keeper brings edits to the disk; empty where nothing is to be kept
   */
  public Desk(Reckoner reckoner, Clock clock, Optional<Keeper> keeper, Document document) {
    this(reckoner, clock, keeper, document, Deriver.atOnce());
  }

  /**
   * A desk with a document on it.
   *
   * @param reckoner derives; not used by anyone else from here on
   * @param keeper brings edits to the disk; empty where nothing is to be kept
   * @param deriver what works it out
   * @throws IllegalArgumentException if the document does not derive
   */
  public Desk(
      Reckoner reckoner, Clock clock, Optional<Keeper> keeper, Document document, Deriver deriver) {
    this.reckoner = reckoner;
    this.clock = clock;
    this.keeper = keeper;
    this.document = document;
    this.deriver = deriver;
    this.history = History.of(document.project());
    this.savedAs = document.project();
    prop.set(project().first().id());
    derived.set(reckoner.derive(project(), now(), units()));
    units.addListener(it -> refresh());
    part.addListener(it -> layer.set(-1));
  }

  // == WHAT IS OPEN

  /** The project as it stands. */
  public Project project() {
    return history.now();
  }

  /** The project as it stands, with its pictures. */
  public Document document() {
    return document.with(project());
  }

  public History history() {
    return history;
  }

  public Catalogue catalogue() {
    return reckoner.catalogue();
  }

  /** What lettering is written in. */
  public Typeface typeface() {
    return reckoner.typeface();
  }

  public Clock clock() {
    return clock;
  }

  /** The time on the wall. */
  public LocalDateTime now() {
    return LocalDateTime.now(clock);
  }

  public ReadOnlyObjectProperty<Derived> derivedProperty() {
    return derived.getReadOnlyProperty();
  }

  /** Everything derived from the project as it stands. */
  public Derived derived() {
    return derived.get();
  }

  /** The id of the prop that is looked at. */
  public ReadOnlyStringProperty propProperty() {
    return prop;
  }

  /** The prop that is looked at. */
  public Prop prop() {
    return project().prop(prop.get()).orElseGet(project()::first);
  }

  /** Who carries it. */
  public Wearer wearer() {
    return project().wearer(prop());
  }

  /** What is derived from it. */
  public PropReckoning reckoned() {
    return derived().prop(prop.get());
  }

  /** The findings of a station that are about it or about all props. */
  public List<Finding> findingsOf(Station of) {
    return derived().findingsOf(of, prop().id());
  }

  /** Looks at another prop, where one is and has been worked out. */
  public void goToProp(String id) {
    if (!prop.get().equals(id) && derived().has(id)) {
      part.set("");
      sums.set(false);
      layer.set(-1);
      prop.set(id);
    }
  }

  /** Looks at all of a prop, put together. */
  public void goToWhole(String propId) {
    goToProp(propId);
    sums.set(false);
    part.set(prop().parts().isEmpty() ? "" : PROP);
  }

  /** True where all of the prop is looked at, and not one of its parts. */
  public boolean whole() {
    return part.get().equals(PROP);
  }

  /** Whether the bench sums lie in the middle instead of a station. */
  public BooleanProperty sumsProperty() {
    return sums;
  }

  public ReadOnlyObjectProperty<Station> stationProperty() {
    return station;
  }

  /** The id of the part that is looked at; empty for the first, or for a sum of no part. */
  public StringProperty partProperty() {
    return part;
  }

  /** The layer whose outline Draft draws, counted from 0 at the back; -1 for the part's own. */
  public IntegerProperty layerProperty() {
    return layer;
  }

  /** Goes to Draft, to the outline of one layer of the part that is looked at. */
  public void goToLayer(int index) {
    layer.set(index);
    goTo(Station.DRAFT);
  }

  /**
   * Shows a part where one is: at Draft what is wrapped or folded among the bench sums, at the
   * others itself.
   */
  public void goToPart(String id) {
    boolean drafts = station.get() == Station.SIZE || station.get() == Station.DRAFT;
    station.set(drafts ? Station.DRAFT : station.get());
    part.set(id);
    sums.set(drafts && prop().part(id).flatMap(Part::formed).isPresent());
  }

  /** The part that is looked at: the one that was chosen, or the first of all. */
  public Optional<PartReckoning> looked() {
    return reckoned().lookedAt(part.get());
  }

  /** Its id; empty where there is no part. */
  public String lookedId() {
    return looked().map(PartReckoning::id).orElse("");
  }

  /** Shows a model to be sliced. */
  public void goToSlices(String modelId) {
    sums.set(false);
    station.set(Station.LAYERS);
    part.set(SLICE + modelId);
  }

  /** Goes to a station; the bench sums are put away. */
  public void goTo(Station to) {
    sums.set(false);
    station.set(to);
  }

  /** True while the first way through the window is shown for an empty project. */
  public BooleanProperty guidedProperty() {
    return guided;
  }

  public ObjectProperty<Units> unitsProperty() {
    return units;
  }

  public Units units() {
    return units.get();
  }

  public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
    return file.getReadOnlyProperty();
  }

  /** True where there is something that is not saved. */
  public ReadOnlyBooleanProperty changedProperty() {
    return changed.getReadOnlyProperty();
  }

  /** Figures of what is being looked at, such as a section; they follow those of the station. */
  public ObjectProperty<List<Figure>> besideProperty() {
    return beside;
  }

  /** Nothing of what was looked at before stands beside the drawing any longer. */
  public void showNothingBeside() {
    beside.set(List.of());
    placeless.set(List.of());
  }

  /** Findings about all that is looked at, which have no place on a drawing. */
  public ObjectProperty<List<Finding>> placelessProperty() {
    return placeless;
  }

  public ReadOnlyStringProperty noticeProperty() {
    return notice.getReadOnlyProperty();
  }

  /** Tells the user something that is not about a place on a drawing. */
  public void say(String words) {
    notice.set(words);
  }

  // == EDITS

  /**
   * Makes an edit, of the project or of the prop that is looked at: what follows from it is worked
   * out first, and only then is it taken. One that cannot be made, or from which nothing can be
   * worked out, changes nothing; its reason is told.
   *
   * @return false where it was refused; true where it was made, or is still being worked out
   */
  public boolean perform(Change change) {
    return perform(change, () -> {});
  }

  /**
   * Makes an edit whose values may be out of range where it is put together: the reason is said.
   */
  public boolean attempt(Supplier<Change> change) {
    try {
      return perform(change.get());
    } catch (IllegalArgumentException e) {
      say(e.getMessage());
      return false;
    }
  }

  /**
   * Makes an edit.
   *
   * @param then done once the edit is made
   */
  public boolean perform(Change change, Runnable then) {
    Edit edit = change.in(prop().id());
    boolean[] refused = {false};
    submit(
        edit.name(),
        it -> it.after(edit),
        stood -> {
          notice.set("");
          if (stood.derived.isPresent()) {
            Derived before = derived();
            stand(stood);
            Refit.between(before, derived(), units())
                .filter(Refit::worthSaying)
                .map(Refit::words)
                .ifPresent(notice::set);
          }
          then.run();
        },
        e -> {
          refused[0] = true;
          refuse(e);
        });
    return !refused[0];
  }

  /** Makes an edit that adds a prop after the others, and looks at it. */
  public void addProp(Edit edit) {
    addProp(edit, () -> {});
  }

  /**
   * The same.
   *
   * @param then done once it is there
   */
  public void addProp(Edit edit, Runnable then) {
    perform(
        edit,
        () -> {
          goToProp(project().props().getLast().id());
          then.run();
        });
  }

  /** Takes the last edit back. */
  public void undo() {
    walk(Texts.WINDOW.of("undo"), History::undo);
  }

  /** Brings an edit back that was taken back. */
  public void redo() {
    walk(Texts.WINDOW.of("redo"), History::redo);
  }

  /** Steps that wait together are worked out once, for where they lead. */
  private void walk(String name, UnaryOperator<History> step) {
    UnaryOperator<History> steps = walk.map(it -> then(it.steps, step)).orElse(step);
    Deriver.Turn<Stood> joined = turn(name, steps, this::stand, this::refuse);
    if (walk.isPresent() && deriver.replaceLast(walk.get().turn, joined)) {
      walk = Optional.of(new Walk(steps, joined));
      return;
    }
    Deriver.Turn<Stood> alone = turn(name, step, this::stand, this::refuse);
    walk = Optional.of(new Walk(step, alone));
    deriver.submit(alone);
  }

  private static UnaryOperator<History> then(
      UnaryOperator<History> first, UnaryOperator<History> second) {
    return it -> second.apply(first.apply(it));
  }

  @SuppressWarnings("ReferenceEquality") // a change without effect gives the very same history
  private Deriver.Turn<Stood> turn(
      String name,
      UnaryOperator<History> change,
      Consumer<Stood> done,
      Consumer<RuntimeException> refused) {
    LocalDateTime now = now();
    Units shown = units();
    Reckoner own = reckoner;
    return new Deriver.Turn<>(
        name,
        () -> {
          History after = change.apply(history);
          return new Stood(
              after,
              after == history
                  ? Optional.empty()
                  : Optional.of(own.derive(after.now(), now, shown)));
        },
        done,
        refused);
  }

  private void submit(
      String name,
      UnaryOperator<History> change,
      Consumer<Stood> done,
      Consumer<RuntimeException> refused) {
    deriver.submit(turn(name, change, done, refused));
  }

  /** Before anything else is told: who looks finds a project with what follows from it. */
  private void take(Stood stood) {
    history = stood.history;
    derived.set(stood.derived.orElseThrow());
  }

  private void stand(Stood stood) {
    if (stood.derived.isPresent()) {
      take(stood);
      changed.set(!project().equals(savedAs));
      if (project().prop(prop.get()).isEmpty()) {
        goToProp(project().first().id());
      }
      keeper.ifPresent(it -> it.keep(document(), file.get()));
    }
  }

  /** What is shown is shown again: a field may still hold what was refused. */
  private void refuse(RuntimeException reason) {
    notice.set(reason.getMessage());
    derived.set(derived().again());
  }

  /** Derives anew where nothing is being worked out: the time has changed. */
  public void derive() {
    if (!deriver.busy()) {
      refresh();
    }
  }

  private void refresh() {
    derive(Texts.WINDOW.of("bring-up-to-date"), e -> say(e.getMessage()));
  }

  /** Works out all props, where one alone is shown. */
  private void others(Consumer<RuntimeException> broken) {
    derive(Texts.WINDOW.of("work-out-the-other-props"), broken);
  }

  private void derive(String name, Consumer<RuntimeException> broken) {
    LocalDateTime now = now();
    Units shown = units();
    Reckoner own = reckoner;
    deriver.submit(
        new Deriver.Turn<>(
            name, () -> own.derive(history.now(), now, shown), derived::set, broken));
  }

  /** Does something once all props are worked out. */
  public void whenComplete(Runnable then) {
    if (derived().complete()) {
      then.run();
      return;
    }
    derived.addListener(
        new ChangeListener<>() {
          @Override
          public void changed(
              ObservableValue<? extends Derived> of, Derived before, Derived after) {
            if (after.complete()) {
              derived.removeListener(this);
              then.run();
            }
          }
        });
  }

  /** True where all props are worked out; else it is told that they will be. */
  public boolean complete() {
    if (!derived().complete()) {
      say(Texts.WINDOW.of("the-other-props-are-being"));
    }
    return derived().complete();
  }

  /** What is being worked out for longer than the hand notices; empty for nothing. */
  public ReadOnlyStringProperty workingProperty() {
    return deriver.workingProperty();
  }

  /** Gives up what is being worked out, and the edits that wait behind it. */
  public void stopWorking() {
    deriver.stop();
    // The old one may be at work still, on a thread that nobody waits for.
    reckoner = new Reckoner(catalogue(), typeface());
    derived.set(derived().again());
    say(Texts.WINDOW.of("stopped-what-you-see-is"));
  }

  /** Nothing can be worked out after that. */
  public void close() {
    deriver.close();
  }

  // == DOCUMENTS

  /** Adds the file of a picture or a model, so that an edit can refer to it. */
  public void addFile(String digest, byte[] bytes) {
    document = document.withFile(digest, bytes);
  }

  /** Puts a saved document on the desk instead of what is there. */
  public void open(Document opened, Optional<Path> from) {
    open(opened, from, () -> {}, e -> say(e.getMessage()));
  }

  /**
   * Puts a saved document on the desk once it is worked out; until then, and where it cannot be,
   * what is there stays. Of a large one the first prop is shown before the others are worked out.
   *
   * @param then done once it is there
   * @param broken takes the reason why it cannot be worked out
   */
  public void open(
      Document opened, Optional<Path> from, Runnable then, Consumer<RuntimeException> broken) {
    Project project = opened.project();
    boolean alone = deriver.beside() && large(project);
    Consumer<Stood> done =
        stood -> {
          document = opened;
          take(stood);
          savedAs = project;
          file.set(from);
          changed.set(false);
          notice.set("");
          part.set("");
          goToProp(project.first().id());
          keeper.ifPresent(Keeper::saved);
          then.run();
          if (alone) {
            others(broken);
          }
        };
    Units shown = units();
    Reckoner own = reckoner;
    deriver.submit(
        alone
            ? new Deriver.Turn<>(
                Texts.WINDOW.of("open"),
                () -> {
                  String first = project.first().id();
                  return new Stood(
                      History.of(project), Optional.of(own.deriveAlone(project, first, shown)));
                },
                done,
                broken)
            : turn(Texts.WINDOW.of("open"), it -> History.of(project), done, broken));
  }

  /** True where opening it takes longer than one waits for gladly. */
  private static boolean large(Project project) {
    int parts = project.props().stream().mapToInt(it -> it.parts().size()).sum();
    return project.props().size() > 1 && parts > LARGE_PARTS;
  }

  /** True while something is being worked out. */
  public boolean busy() {
    return deriver.busy();
  }

  /** Notes that what is open was never saved, so that it is kept from the start. */
  public void unsaved() {
    savedAs = null;
    changed.set(true);
    keeper.ifPresent(it -> it.keep(document(), file.get()));
  }

  /** Notes that a project has been saved to a file. */
  public void saved(Project project, Path to) {
    savedAs = project;
    file.set(Optional.of(to));
    changed.set(!project().equals(savedAs));
    if (!changed.get()) {
      keeper.ifPresent(Keeper::saved);
    }
  }

  /** Why the last edit is not on the disk; empty where it is. */
  public ReadOnlyObjectProperty<Optional<String>> unkeptProperty() {
    return unkept.getReadOnlyProperty();
  }

  /** Notes whether edits come to the disk. */
  public void kept(Optional<String> fault) {
    unkept.set(fault);
  }
}

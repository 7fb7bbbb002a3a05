package stoutblade.desktop;

import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import stoutblade.catalogue.Catalogue;
import stoutblade.formats.Document;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.project.Derived;
import stoutblade.project.Edit;
import stoutblade.project.History;
import stoutblade.project.Project;
import stoutblade.project.Reckoner;
import stoutblade.project.Refit;
import stoutblade.project.Station;
import stoutblade.prop.ShapedPart;
import stoutblade.prop.Typeface;

/** What is open: the project with its history, what is derived from it, and how it is looked at. */
public final class Desk {

  /** What stands for the id of a part where the prop put together is looked at. */
  public static final String PROP = "prop";

  /** What stands before the id of a model where its faces are laid flat. */
  public static final String MODEL = "model:";

  /** What the id of a model that is sliced at Layers starts with. */
  public static final String SLICE = "slice:";

  private final Reckoner reckoner;
  private final Clock clock;
  private final Optional<Keeper> keeper;
  private final ObjectProperty<Station> station = new SimpleObjectProperty<>(Station.SIZE);
  private final ObjectProperty<Units> units = new SimpleObjectProperty<>(Units.METRIC);
  private final ReadOnlyObjectWrapper<Derived> derived = new ReadOnlyObjectWrapper<>();
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyBooleanWrapper changed = new ReadOnlyBooleanWrapper();
  private final ObjectProperty<List<Figure>> beside = new SimpleObjectProperty<>(List.of());
  private final BooleanProperty sums = new SimpleBooleanProperty();
  private final StringProperty part = new SimpleStringProperty("");
  private final ReadOnlyStringWrapper notice = new ReadOnlyStringWrapper("");
  private History history;
  private Project savedAs;
  private Document document;

  /**
   * A desk with a document on it.
   *
   * @param reckoner derives; not used by anyone else from here on
   * @param keeper brings edits to the disk; empty where nothing is to be kept
   */
  public Desk(Reckoner reckoner, Clock clock, Optional<Keeper> keeper, Document document) {
    this.reckoner = reckoner;
    this.clock = clock;
    this.keeper = keeper;
    this.document = document;
    this.history = History.of(document.project());
    this.savedAs = document.project();
    units.addListener(it -> derive());
    derive();
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

  /** Whether the bench sums lie in the middle instead of a station. */
  public BooleanProperty sumsProperty() {
    return sums;
  }

  public ReadOnlyObjectProperty<Station> stationProperty() {
    return station;
  }

  /** The id of the part that is looked at; empty for the blade, or for a sum of no part. */
  public StringProperty partProperty() {
    return part;
  }

  /**
   * Shows a part: a shape among the bench sums, a plate at Layers or Draft, anything else on the
   * prop.
   */
  public void goToPart(String id) {
    boolean shape = project().part(id).filter(ShapedPart.class::isInstance).isPresent();
    boolean layered = project().plate(id).isPresent();
    boolean stays = shape || (layered && station.get() == Station.LAYERS);
    station.set(stays ? station.get() : Station.DRAFT);
    part.set(id);
    sums.set(shape);
  }

  /** Shows a model to be sliced. */
  public void goToSlices(String modelId) {
    sums.set(false);
    station.set(Station.LAYERS);
    part.set(SLICE + modelId);
  }

  /** Shows the blade: at Layers where that is what is looked at, else at Draft. */
  public void goToBlade() {
    sums.set(false);
    station.set(station.get() == Station.LAYERS ? station.get() : Station.DRAFT);
    part.set("");
  }

  /** Goes to a station; the bench sums are put away. */
  public void goTo(Station to) {
    sums.set(false);
    station.set(to);
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

  public ReadOnlyStringProperty noticeProperty() {
    return notice.getReadOnlyProperty();
  }

  /** Tells the user something that is not about a place on a drawing. */
  public void say(String words) {
    notice.set(words);
  }

  // == EDITS

  /**
   * Makes an edit. One that cannot be made changes nothing; its reason is told.
   *
   * @return true where it was made
   */
  public boolean perform(Edit edit) {
    try {
      History after = history.after(edit);
      notice.set("");
      if (!after.equals(history)) {
        Derived before = derived();
        stand(after);
        Refit.between(before, derived(), units())
            .filter(Refit::worthSaying)
            .map(Refit::words)
            .ifPresent(notice::set);
      }
      return true;
    } catch (IllegalArgumentException e) {
      notice.set(e.getMessage());
      return false;
    }
  }

  /** Takes the last edit back. */
  public void undo() {
    stand(history.undo());
  }

  /** Brings an edit back that was taken back. */
  public void redo() {
    stand(history.redo());
  }

  private void stand(History after) {
    history = after;
    changed.set(!project().equals(savedAs));
    derive();
    keeper.ifPresent(it -> it.keep(document(), file.get()));
  }

  /** Derives anew: the project, the units or the time have changed. */
  public void derive() {
    derived.set(reckoner.derive(project(), now(), units.get()));
  }

  // == DOCUMENTS

  /** Adds the file of a picture or a model, so that an edit can refer to it. */
  public void addFile(String digest, byte[] bytes) {
    document = document.withFile(digest, bytes);
  }

  /** Puts a saved document on the desk instead of what is there. */
  public void open(Document opened, Optional<Path> from) {
    document = opened;
    history = History.of(opened.project());
    savedAs = opened.project();
    file.set(from);
    changed.set(false);
    notice.set("");
    part.set("");
    derive();
    keeper.ifPresent(Keeper::saved);
  }

  /**
   * Puts a document on the desk that was never saved, so that it is kept from the start: when this
   * returns, the disk has it.
   */
  public void recover(Document left, Optional<Path> origin) {
    open(left, origin);
    savedAs = null;
    changed.set(true);
    keeper.ifPresent(
        it -> {
          it.keep(document(), file.get());
          // Only then may the copy that it came from be thrown away.
          it.await();
        });
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
}

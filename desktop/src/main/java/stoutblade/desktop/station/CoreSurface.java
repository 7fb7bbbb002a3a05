package stoutblade.desktop.station;

import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.BorderPane;
import stoutblade.catalogue.Rod;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.project.Derived;
import stoutblade.project.Edit;
import stoutblade.project.Edits;
import stoutblade.project.Station;
import stoutblade.shape.Point;

/** Core: which rod, from where to where; does it fit, does it droop, where does it balance. */
public final class CoreSurface implements Surface {

  private final Desk desk;
  private final SectionDesk section;
  private final BorderPane node = new BorderPane();
  private final ComboBox<Rod> rod = new ComboBox<>();
  private final Button none = new Button("No core");
  private final ComboBox<Groove> groove = new ComboBox<>();
  private final EntryField start;
  private final EntryField end;
  private final EntryField held;
  private boolean showing;

  /** The surface. */
  public CoreSurface(Desk desk) {
    this.desk = desk;
    this.section = new SectionDesk(desk, Station.CORE, this::draw);
    rod.getItems().setAll(desk.catalogue().rods());
    rod.setConverter(Choices.named(Rod::name));
    rod.setPromptText("Choose a rod or tube");
    rod.setId("rod");
    rod.setPrefWidth(230);
    rod.setOnAction(event -> choose());
    groove.getItems().setAll(Groove.values());
    groove.setConverter(Choices.named(Groove::title));
    groove.setId("groove");
    groove.setOnAction(
        event -> {
          if (!showing && groove.getValue() != null) {
            desk.perform(Edits.groove(groove.getValue()));
          }
        });
    none.setId("no-core");
    none.setOnAction(event -> desk.perform(Edits.withoutCore()));
    start = field(Edits::coreStart);
    end = field(Edits::coreEnd);
    held = field(Edits::coreHeldAt);
    start.setId("core-start");
    end.setId("core-end");
    held.setId("core-held");
    node.setCenter(section);
    node.setBottom(
        new Tray()
            .with("Rod or tube", rod)
            .with(" ", none)
            .with("Channel", groove)
            .with("Starts, from the base", start)
            .with("Ends, from the base", end)
            .with("Held at", held));
  }

  private EntryField field(DoubleFunction<Edit> edit) {
    return EntryField.length(desk, mm -> desk.perform(edit.apply(mm)));
  }

  private void choose() {
    Rod chosen = rod.getValue();
    if (showing || chosen == null || desk.derived().form().isEmpty()) {
      return;
    }
    double length = desk.derived().form().get().length().value();
    try {
      desk.perform(Edits.rod(chosen.id(), CoreChoice.inBlade(chosen.id(), length)));
    } catch (IllegalArgumentException e) {
      desk.say(e.getMessage());
    }
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    Optional<CoreChoice> core = derived.project().core();
    showing = true;
    rod.setValue(core.flatMap(it -> desk.catalogue().rod(it.rodId())).orElse(null));
    groove.setValue(core.map(CoreChoice::groove).orElse(null));
    showing = false;
    groove.setDisable(core.isEmpty());
    none.setDisable(core.isEmpty());
    core.ifPresentOrElse(
        it -> {
          start.show(it.startMm());
          end.show(it.endMm());
          held.show(it.heldAtMm());
        },
        () -> {
          start.showNothing();
          end.showNothing();
          held.showNothing();
        });
    section.show(derived, Layered.blade(derived));
  }

  private void draw(Pen pen) {
    desk.derived().core().ifPresent(core -> drawCore(pen, core));
  }

  private void drawCore(Pen pen, CoreReckoning core) {
    SolidDrawing.corePlan(pen, core);
    double low = desk.derived().form().orElseThrow().width().value() / 2;
    Point balance = new Point(0, core.balance().value());
    pen.dot(balance, 9, pen.colour(Ink.PAPER));
    pen.dot(balance, 6, pen.colour(Ink.MEASURE));
    pen.plate("balances here", new Point(low * 0.42, balance.y()), pen.colour(Ink.MEASURE));
    Point hold = new Point(0, core.choice().heldAtMm());
    pen.handle(hold, false, true);
    pen.plate("held here", hold.plus(new Point(22 / pen.zoom(), 0)), pen.colour(Ink.SELECTED));
  }
}

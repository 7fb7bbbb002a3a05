package stoutblade.desktop.station;

import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.BorderPane;
import stoutblade.catalogue.Foam;
import stoutblade.desktop.Desk;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.measure.Display;
import stoutblade.project.Derived;
import stoutblade.project.Edits;
import stoutblade.project.Station;
import stoutblade.stack.Layering;

/** Layers: which foam, how thick, and the bevel; the blade from above and in section. */
public final class LayersSurface implements Surface {

  private final Desk desk;
  private final SectionDesk section;
  private final BorderPane node = new BorderPane();
  private final ComboBox<Foam> foam = new ComboBox<>();
  private final ComboBox<Double> thickness = new ComboBox<>();
  private final EntryField bevel;
  private final EntryField edge;
  private final EntryField at;
  private boolean showing;

  /** The surface. */
  public LayersSurface(Desk desk) {
    this.desk = desk;
    this.section = new SectionDesk(desk, Station.LAYERS, pen -> {});
    foam.getItems().setAll(desk.catalogue().foams());
    foam.setConverter(Choices.named(Foam::name));
    foam.setId("foam");
    foam.setPrefWidth(230);
    foam.setOnAction(event -> chooseFoam());
    thickness.setConverter(Choices.named(mm -> Display.length(mm, desk.units())));
    thickness.setId("thickness");
    thickness.setOnAction(event -> chooseThickness());
    bevel = EntryField.length(desk, mm -> desk.perform(Edits.bevel(mm)));
    edge = EntryField.length(desk, mm -> desk.perform(Edits.edgeThickness(mm)));
    at =
        EntryField.length(
            desk,
            mm -> {
              section.moveStation(mm);
              return true;
            });
    bevel.setId("bevel");
    edge.setId("edge");
    node.setCenter(section);
    node.setBottom(
        new Tray()
            .with("Foam, both layers", foam)
            .with("Each layer", thickness)
            .with("Bevel width", bevel)
            .with("Edge thickness", edge)
            .with("Section at", at));
  }

  private void chooseFoam() {
    Foam chosen = foam.getValue();
    if (showing || chosen == null) {
      return;
    }
    double wanted = desk.project().layering().middle().thicknessMm();
    double nearest =
        chosen.thicknessesMm().stream()
            .min((a, b) -> Double.compare(Math.abs(a - wanted), Math.abs(b - wanted)))
            .orElseThrow();
    desk.perform(Edits.foam(chosen.id(), nearest));
  }

  private void chooseThickness() {
    if (!showing && thickness.getValue() != null) {
      desk.perform(Edits.foam(desk.project().layering().middle().foamId(), thickness.getValue()));
    }
  }

  @Override
  public Node node() {
    return node;
  }

  @Override
  public void show(Derived derived) {
    Layering layering = derived.project().layering();
    showing = true;
    foam.setValue(desk.catalogue().foam(layering.middle().foamId()).orElse(null));
    thickness
        .getItems()
        .setAll(
            desk.catalogue()
                .foam(layering.middle().foamId())
                .map(Foam::thicknessesMm)
                .orElse(java.util.List.of()));
    thickness.setValue(layering.middle().thicknessMm());
    showing = false;
    bevel.show(layering.profile().widthMm());
    edge.show(layering.profile().edgeMm());
    section.show(derived);
    if (!Double.isNaN(section.stationMm())) {
      at.show(section.stationMm());
    }
  }
}

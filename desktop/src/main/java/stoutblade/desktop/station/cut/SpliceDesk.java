package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.EntryField;
import stoutblade.desktop.shell.Tray;
import stoutblade.desktop.station.Choices;
import stoutblade.desktop.texts.Texts;
import stoutblade.develop.Panel;
import stoutblade.edit.PanelEdits;
import stoutblade.layer.Joints;
import stoutblade.layer.Splices;
import stoutblade.measure.Display;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Template;

/** Where flat patterns are cut apart that are larger than a sheet: dragged on the template. */
final class SpliceDesk implements MatView.Hand {

  private static final double REACH_PX = 10;

  private final Desk desk;
  private final MatView mat;
  private final Supplier<Optional<Template>> template;
  private final ComboBox<Held> which = new ComboBox<>();
  private final EntryField at;
  private final Button proposed;
  private final HBox places;
  private List<Held> all = List.of();
  private Optional<Held> held = Optional.empty();
  private Optional<Double> dragged = Optional.empty();
  private boolean showing;

  /**
   * One joint of a panel, as it lies on the template.
   *
   * @param partId the part that it is of
   * @param isAcross true where it is a place across
   * @param index which of those
   */
  private record Held(String partId, Panel panel, Joints joints, boolean isAcross, int index) {

    double mm() {
      return (isAcross ? joints.across() : joints.along()).get(index);
    }

    double edge() {
      return isAcross ? panel.box().minX() : panel.box().minY();
    }

    double from(Point place) {
      return isAcross ? place.x() : place.y();
    }

    String words() {
      return "%s, %s, %d"
          .formatted(
              panel.name(), isAcross ? Texts.CUT.of("across") : Texts.CUT.of("along"), index + 1);
    }

    Joints moved(double mm) {
      return joints.moved(isAcross, index, mm);
    }
  }

  /**
   * The controls.
   *
   * @param template the template that lies on the mat
   */
  SpliceDesk(Desk desk, MatView mat, Supplier<Optional<Template>> template) {
    this.desk = desk;
    this.mat = mat;
    this.template = template;
    which.setId("splice-which");
    which.setAccessibleText(Texts.CUT.of("which-joint"));
    which.setConverter(Choices.named(Held::words));
    which.setPrefWidth(150);
    which.setOnAction(
        event -> {
          if (!showing) {
            showPlace();
          }
        });
    at = EntryField.length(desk, this::typed);
    at.setId("splice-at");
    at.setAccessibleText(Texts.CUT.of("where-the-joint-lies-from"));
    at.setPrefColumnCount(5);
    proposed = Tray.button("splice-proposed", Texts.CUT.of("as-proposed"), this::again, () -> {});
    places = new HBox(6, which, at, proposed);
  }

  /** Puts the controls into a tray; they are there only where something is cut apart. */
  void into(Tray tray) {
    tray.with(Texts.CUT.of("larger-than-a-sheet-joint"), places);
  }

  // == WHAT THERE IS

  private static List<Held> joints(PartReckoning part, Splices splices) {
    List<Held> all = new ArrayList<>();
    for (Panel panel : FlatTemplate.laid(part.flat())) {
      Joints joints = splices.joints(panel);
      for (int i = 0; i < joints.across().size(); i++) {
        all.add(new Held(part.id(), panel, joints, true, i));
      }
      for (int i = 0; i < joints.along().size(); i++) {
        all.add(new Held(part.id(), panel, joints, false, i));
      }
    }
    return all;
  }

  /** The part whose patterns lie on the mat: they are on its first template. */
  private Optional<PartReckoning> part() {
    String id = template.get().map(Template::id).orElse("");
    return desk.reckoned().papers().stream()
        .filter(it -> it.templates().stream().limit(1).anyMatch(own -> own.id().equals(id)))
        .findFirst()
        .flatMap(it -> desk.reckoned().part(it.partId()));
  }

  /** Shows the joints of the template that lies on the mat. */
  void show() {
    all =
        part().stream()
            .flatMap(it -> it.splices().stream().flatMap(own -> joints(it, own).stream()))
            .toList();
    showing = true;
    String before = Optional.ofNullable(which.getValue()).map(Held::words).orElse("");
    which.getItems().setAll(all);
    which.setValue(
        all.stream()
            .filter(it -> it.words().equals(before))
            .findFirst()
            .or(() -> all.stream().findFirst())
            .orElse(null));
    showing = false;
    showPlace();
  }

  /** True where something on the template is cut apart. */
  boolean needed() {
    return !all.isEmpty();
  }

  private void showPlace() {
    Held chosen = which.getValue();
    if (chosen == null) {
      at.showNothing();
      return;
    }
    at.show(chosen.mm() - chosen.edge());
    proposed.setDisable(
        desk.prop()
            .part(chosen.partId())
            .filter(it -> it.workmanship().splices().containsKey(chosen.panel().name()))
            .isEmpty());
  }

  private boolean typed(double mm) {
    Held chosen = which.getValue();
    return chosen != null && take(chosen, chosen.edge() + mm);
  }

  private void again() {
    Held chosen = which.getValue();
    if (chosen != null) {
      desk.perform(PanelEdits.splicedAsProposed(chosen.partId(), chosen.panel().name()));
    }
  }

  private boolean take(Held of, double mm) {
    Joints moved = of.moved(mm);
    Box box = of.panel().box();
    return desk.perform(
        PanelEdits.spliced(
            of.partId(),
            of.panel().name(),
            moved.across().stream().map(it -> it - box.minX()).toList(),
            moved.along().stream().map(it -> it - box.minY()).toList()));
  }

  // == DRAGGED

  @Override
  public boolean press(Point place, MouseEvent event) {
    double reach = REACH_PX / mat.zoom();
    held =
        all.stream()
            .filter(it -> Math.abs(it.from(place) - it.mm()) <= reach)
            .filter(it -> it.panel().box().grown(reach).contains(place))
            .findFirst();
    held.ifPresent(which::setValue);
    return held.isPresent();
  }

  @Override
  public void drag(Point place, MouseEvent event) {
    dragged = held.map(it -> it.edge() + Math.rint(it.from(place) - it.edge()));
    mat.redraw();
  }

  @Override
  public void release(Point place, MouseEvent event) {
    Optional<Held> of = held;
    Optional<Double> to = dragged;
    held = Optional.empty();
    dragged = Optional.empty();
    of.ifPresent(it -> to.ifPresent(mm -> take(it, mm)));
    mat.redraw();
  }

  @Override
  public String selected() {
    return Optional.ofNullable(which.getValue()).map(Held::words).orElse("");
  }

  /** The joint that is being dragged, with how far it lies from the edge. */
  void draw(Pen pen) {
    if (held.isEmpty() || dragged.isEmpty()) {
      return;
    }
    Held it = held.get();
    Joints moved = it.moved(dragged.get());
    double mm = (it.isAcross() ? moved.across() : moved.along()).get(it.index());
    Splices.lines(it.panel(), moved)
        .forEach(line -> pen.stroke(List.of(line), pen.colour(Ink.SELECTED), 3));
    Point middle = it.panel().box().centre();
    pen.plate(
        Display.length(mm - it.edge(), desk.units()),
        it.isAcross() ? new Point(mm, middle.y()) : new Point(middle.x(), mm),
        pen.colour(Ink.SELECTED));
  }
}

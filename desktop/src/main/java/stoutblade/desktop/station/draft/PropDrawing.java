package stoutblade.desktop.station.draft;

import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.station.Figures;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Spot;
import stoutblade.layer.Layers;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draws the prop put together: hidden parts behind the blade, the others before it. */
final class PropDrawing {

  private static final double TOLERANCE_MM = 0.05;
  private static final double BEHIND = 0.35;

  private final Desk desk;
  private final Pictures pictures;

  PropDrawing(Desk desk, Pictures pictures) {
    this.desk = desk;
    this.pictures = pictures;
  }

  /** What does not show in front is drawn behind, in dashes. */
  static boolean hidden(Part part) {
    return !part.placing().shows().front();
  }

  /**
   * Draws it.
   *
   * @param chosen the part that is selected
   * @param by by how much it is being moved, with what it carries, in mm
   * @param dim how strongly the picture underneath shows
   */
  void draw(Pen pen, Optional<Part> chosen, Point by, double dim) {
    desk.reckoned().placement().ifPresent(it -> Figures.picture(pen, it, pictures, dim));
    List<Part> order = desk.reckoned().assembly().order();
    order.stream().filter(PropDrawing::hidden).forEach(it -> part(pen, it, chosen, by));
    order.stream().filter(it -> !hidden(it)).forEach(it -> part(pen, it, chosen, by));
    // What was chosen may be of a project that is not open any more.
    chosen
        .filter(order::contains)
        .ifPresent(
            it -> {
              Spot carrier = desk.reckoned().assembly().carrier(it);
              for (Point handle : Handles.of(it.placing().where())) {
                pen.handle(carrier.place(handle).plus(by), true, true);
              }
            });
  }

  private void part(Pen pen, Part part, Optional<Part> chosen, Point by) {
    boolean selected = chosen.filter(it -> it.id().equals(part.id())).isPresent();
    boolean moves =
        selected
            || chosen.filter(it -> desk.reckoned().assembly().carries(it.id(), part)).isPresent();
    Point shift = moves ? by : new Point(0, 0);
    PartReckoning reckoned = desk.reckoned().part(part.id()).orElseThrow();
    for (Spot spot : desk.reckoned().assembly().spots().get(part.id())) {
      Spot placed = new Spot(spot.at().plus(shift), spot.turn());
      Optional<PlateForm> form = reckoned.form().filter(it -> !it.face().isEmpty());
      if (form.isPresent()) {
        standingOut(pen, reckoned.layers(), placed);
        plate(pen, part, form.get(), reckoned.layers(), placed, selected);
      } else {
        shape(pen, reckoned, placed, selected);
      }
    }
  }

  /** What stands out of a part in layers with an outline of their own. */
  private static void standingOut(Pen pen, Optional<Layers> layers, Spot placed) {
    layers
        .filter(it -> it.layering().owned())
        .map(it -> it.solid().outermost().rings())
        .map(it -> it.stream().map(ring -> ring.stream().map(placed::place).toList()).toList())
        .ifPresent(
            rings -> {
              pen.fill(rings, pen.colour(Ink.FOAM_DEEP));
              pen.stroke(rings, pen.colour(Ink.INK), 1.5);
            });
  }

  private static void plate(
      Pen pen, Part part, PlateForm form, Optional<Layers> layers, Spot placed, boolean selected) {
    List<List<Point>> rings =
        form.face().rings().stream()
            .map(ring -> ring.stream().map(placed::place).toList())
            .toList();
    pen.fill(rings, pen.faint(Ink.FOAM, hidden(part) ? BEHIND : 1));
    stroke(pen, rings, part, selected);
    layers.ifPresent(
        it ->
            pen.stroke(
                it.solid().flat().rings().stream()
                    .map(ring -> ring.stream().map(placed::place).toList())
                    .toList(),
                pen.colour(Ink.SOFT),
                1));
    form.markings().forEach(it -> pen.stroke(placed.place(it.path()), pen.colour(Ink.SOFT), 0.9));
  }

  private static void shape(Pen pen, PartReckoning reckoned, Spot placed, boolean selected) {
    Part part = reckoned.part();
    boolean first = true;
    for (Path line : reckoned.seen()) {
      List<Point> ring = placed.place(line).flattened(TOLERANCE_MM);
      // What lies round its carrier does not cover it.
      if (first && !part.followsCarrier()) {
        pen.fill(List.of(ring), pen.faint(Ink.FOAM, hidden(part) ? BEHIND : 1));
      }
      stroke(pen, List.of(ring), part, selected);
      first = false;
    }
  }

  private static void stroke(Pen pen, List<List<Point>> rings, Part part, boolean selected) {
    if (hidden(part)) {
      pen.stroke(rings, pen.colour(selected ? Ink.SELECTED : Ink.SOFT), selected ? 2.4 : 1.2, 5, 4);
    } else {
      pen.stroke(rings, pen.colour(selected ? Ink.SELECTED : Ink.INK), selected ? 2.6 : 1.5);
    }
  }
}

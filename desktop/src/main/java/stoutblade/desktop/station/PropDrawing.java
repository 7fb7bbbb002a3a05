package stoutblade.desktop.station;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Pictures;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Spot;
import stoutblade.layer.Layers;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Draws the prop put together: hidden parts behind the blade, the others before it. */
public final class PropDrawing {

  private static final double TOLERANCE_MM = 0.05;
  private static final double BEHIND = 0.35;

  private final Desk desk;
  private final Optional<Pictures> pictures;
  private final Look look;

  /** What a part is filled with. */
  public interface Look {

    /** Its colour; faint where it lies behind another. */
    Color of(Pen pen, PartReckoning part, double opacity);
  }

  /** Of bare foam, over the picture that it was traced from. */
  public PropDrawing(Desk desk, Pictures pictures) {
    this(desk, Optional.of(pictures), (pen, part, opacity) -> pen.faint(Ink.FOAM, opacity));
  }

  /** By itself, each part in its own colour. */
  public PropDrawing(Desk desk, Look look) {
    this(desk, Optional.empty(), look);
  }

  private PropDrawing(Desk desk, Optional<Pictures> pictures, Look look) {
    this.desk = desk;
    this.pictures = pictures;
    this.look = look;
  }

  /** Draws it by itself, nothing of it selected. */
  public void draw(Pen pen) {
    draw(pen, Optional.empty(), new Point(0, 0), 0);
  }

  /** The box round all that is drawn of it. */
  public Optional<Box> box() {
    List<Point> all = new ArrayList<>();
    for (PartReckoning part : desk.reckoned().parts()) {
      for (Path path : part.seen()) {
        for (Spot spot : desk.reckoned().assembly().spots().get(part.id())) {
          all.addAll(spot.place(path).flattened(1));
        }
      }
    }
    return all.isEmpty() ? Optional.empty() : Optional.of(Box.around(all));
  }

  /** What does not show in front is drawn behind, in dashes. */
  public static boolean hidden(Part part) {
    return !part.placing().shows().front();
  }

  /**
   * Draws it.
   *
   * @param chosen the part that is selected
   * @param by by how much it is being moved, with what it carries, in mm
   * @param dim how strongly the picture underneath shows
   */
  public void draw(Pen pen, Optional<Part> chosen, Point by, double dim) {
    pictures.ifPresent(
        own -> desk.reckoned().placement().ifPresent(it -> Figures.picture(pen, it, own, dim)));
    List<Part> order = desk.reckoned().assembly().order();
    order.stream().filter(PropDrawing::hidden).forEach(it -> part(pen, it, chosen, by));
    order.stream().filter(it -> !hidden(it)).forEach(it -> part(pen, it, chosen, by));
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
        plate(pen, reckoned, form.get(), placed, selected);
      } else {
        shape(pen, reckoned, placed, selected);
      }
    }
  }

  /** What stands out of a part in layers with an outline of their own. */
  private static void standingOut(Pen pen, Optional<Layers> layers, Spot placed) {
    layers
        .filter(it -> !it.solid().alike())
        .map(it -> it.solid().outermost().rings())
        .map(it -> it.stream().map(ring -> ring.stream().map(placed::place).toList()).toList())
        .ifPresent(
            rings -> {
              pen.fill(rings, pen.colour(Ink.FOAM_DEEP));
              pen.stroke(rings, pen.colour(Ink.INK), 1.5);
            });
  }

  private void plate(
      Pen pen, PartReckoning reckoned, PlateForm form, Spot placed, boolean selected) {
    Part part = reckoned.part();
    List<List<Point>> rings =
        form.face().rings().stream()
            .map(ring -> ring.stream().map(placed::place).toList())
            .toList();
    pen.fill(rings, look.of(pen, reckoned, hidden(part) ? BEHIND : 1));
    stroke(pen, rings, part, selected);
    reckoned
        .layers()
        .ifPresent(
            it ->
                pen.stroke(
                    it.solid().flat().rings().stream()
                        .map(ring -> ring.stream().map(placed::place).toList())
                        .toList(),
                    pen.colour(Ink.SOFT),
                    1));
    form.markings().forEach(it -> pen.stroke(placed.place(it.path()), pen.colour(Ink.SOFT), 0.9));
  }

  private void shape(Pen pen, PartReckoning reckoned, Spot placed, boolean selected) {
    Part part = reckoned.part();
    boolean first = true;
    for (Path line : reckoned.seen()) {
      List<Point> ring = placed.place(line).flattened(TOLERANCE_MM);
      // What lies round its carrier does not cover it.
      if (first && !part.followsCarrier()) {
        pen.fill(List.of(ring), look.of(pen, reckoned, hidden(part) ? BEHIND : 1));
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

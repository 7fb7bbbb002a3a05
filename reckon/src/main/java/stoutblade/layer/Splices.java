package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.catalogue.SheetOffer;
import stoutblade.develop.Panel;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Splits;

/**
 * How panels that are larger than a sheet are put together from several: edge to edge, with a thin
 * strip over each splice, on the side that does not show (common practice).
 *
 * @param sheet the largest that is sold
 * @param foamMm its thickness
 * @param placed where panels are cut apart as decided, by their names; from their left and lower
 *     edges
 */
public record Splices(SheetOffer sheet, double foamMm, Map<String, Splits> placed) {

  /** How closely an outline is looked at, in mm. */
  private static final double TOLERANCE_MM = 0.05;

  /** A strip holds on to either side by so many times its thickness: our assumption. */
  private static final double HOLDS = 3;

  /** The narrowest strip that is worth cutting: our assumption. */
  private static final double NARROWEST_MM = 30;

  /** Splices that are shorter need no strip. */
  private static final double SHORTEST_MM = 1;

  /** Lengths of strips that differ by less are one. */
  private static final double ALIKE_MM = 0.1;

  /** Copies the places. */
  public Splices {
    placed = Map.copyOf(placed);
  }

  /** Where a panel is cut apart: as decided, else evenly; nowhere where it fits a sheet. */
  public Joints joints(Panel panel) {
    return joints(panel, face(panel));
  }

  /** The lines at which a panel is cut apart; none where it fits a sheet. */
  public List<List<Point>> lines(Panel panel) {
    return lines(panel, joints(panel));
  }

  /** The lines at which a panel would be cut apart by other joints. */
  public static List<List<Point>> lines(Panel panel, Joints joints) {
    return joints.lines(face(panel)).stream().filter(it -> length(it) >= SHORTEST_MM).toList();
  }

  /** The first piece of a panel that is larger than a sheet. */
  public Optional<Box> tooLarge(Panel panel) {
    return pieces(panel).stream()
        .map(Region::box)
        .filter(it -> !sheet.holds(it.width(), it.height()))
        .findFirst();
  }

  /** In how many pieces a panel is cut. */
  public int count(Panel panel) {
    return pieces(panel).size();
  }

  private List<Region> pieces(Panel panel) {
    Region face = face(panel);
    return joints(panel, face).pieces(face);
  }

  /** The pieces that a panel is cut in; itself where it fits a sheet. */
  public List<Panel> split(Panel panel) {
    Region face = face(panel);
    Joints joints = joints(panel, face);
    if (joints.none()) {
      return List.of(panel);
    }
    List<Region> pieces = joints.pieces(windowed(face, panel));
    List<Panel> all = new ArrayList<>();
    for (int i = 0; i < pieces.size(); i++) {
      String name = "%s, piece %d of %d".formatted(panel.name(), i + 1, pieces.size());
      all.add(Panel.within(name, panel.count(), pieces.get(i), panel.lines(), panel.marks()));
    }
    return all;
  }

  private static Region windowed(Region face, Panel panel) {
    return panel.windows().isEmpty()
        ? face
        : face.difference(Region.union(panel.windows(), TOLERANCE_MM));
  }

  /** A panel that lies over itself is found elsewhere: here what it covers will do. */
  private static Region face(Panel panel) {
    return Region.union(List.of(panel.outline()), TOLERANCE_MM);
  }

  private static double length(List<Point> line) {
    return line.getFirst().distance(line.getLast());
  }

  private Joints joints(Panel panel, Region face) {
    Splits own = placed.getOrDefault(panel.name(), Splits.PROPOSED);
    if (!own.placed() || face.isEmpty()) {
      return Joints.even(face, sheet.shortMm(), sheet.longMm(), 0);
    }
    Box box = face.box();
    return new Joints(
        own.across().stream().map(it -> box.minX() + it).toList(),
        own.along().stream().map(it -> box.minY() + it).toList(),
        Splits.Joint.BUTT,
        foamMm);
  }

  /** How wide a strip over a splice is, in mm. */
  public double coverMm() {
    return Math.max(NARROWEST_MM, 2 * HOLDS * foamMm);
  }

  /** The strips that cover the splices of panels; of no panel where all fit a sheet. */
  List<Panel> strips(List<Panel> panels) {
    Map<Long, Integer> strips = new TreeMap<>();
    for (Panel panel : panels) {
      for (List<Point> line : lines(panel)) {
        double length = length(line);
        int parts = (int) Math.ceil(length / sheet.longMm() - 1e-9);
        strips.merge(Math.round(length / parts / ALIKE_MM), parts * panel.count(), Integer::sum);
      }
    }
    List<Panel> found = new ArrayList<>();
    strips.forEach(
        (length, count) ->
            found.add(Panel.strip("Cover strip", count, length * ALIKE_MM, coverMm(), "")));
    return found;
  }
}

package stoutblade.part;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.feature.Motifs;
import stoutblade.feature.PlateForm;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Layering;
import stoutblade.stack.Sheet;

/**
 * A shape that is glued up from slices of a model.
 *
 * @param origin what it was sliced from
 * @param layers its layers, the first at the back
 * @param pegMm diameter of the pegs through them; 0 for none
 */
public record Slices(Origin origin, List<SlicedLayer> layers, double pegMm) implements Shape {

  private static final double TOLERANCE_MM = 0.05;
  private static final int MOST_LAYERS = 600;
  private static final int MOST_POINTS = 400_000;

  /**
   * What a part was sliced from.
   *
   * @param name for a person to read
   * @param modelId the model; empty where that is not known
   * @param perUnit mm of the prop for a unit of the model at that time; 0 where not known
   */
  public record Origin(String name, String modelId, double perUnit) {

    /** How much larger the model is now than it was, as a factor; empty where not known. */
    public OptionalDouble since(double perUnitNow) {
      return perUnit > 0 ? OptionalDouble.of(perUnitNow / perUnit) : OptionalDouble.empty();
    }
  }

  /** The same where its model is not at hand. */
  public Slices withoutModel() {
    return new Slices(new Origin(origin.name, "", 0), layers, pegMm);
  }

  /**
   * One layer.
   *
   * @param thicknessMm of its sheet
   * @param pieces what is cut: outer line and holes of each piece, each without its first point
   *     repeated
   * @param slant the lines to which its edge is cut on the slant, on the face that is smaller
   * @param pegs where pegs go through it
   */
  public record SlicedLayer(
      double thicknessMm,
      List<List<List<Point>>> pieces,
      List<List<Point>> slant,
      List<Point> pegs) {

    /** Copies the lists. */
    public SlicedLayer {
      if (!(thicknessMm > 0 && thicknessMm <= Sheet.THICKEST_MM)) {
        throw new IllegalArgumentException("A layer is up to 20 cm thick; found " + thicknessMm);
      }
      pieces = pieces.stream().map(it -> it.stream().map(List::copyOf).toList()).toList();
      slant = slant.stream().map(List::copyOf).toList();
      pegs = List.copyOf(pegs);
      boolean lines =
          pieces.stream().flatMap(List::stream).allMatch(it -> it.size() > 2)
              && slant.stream().allMatch(it -> it.size() > 2);
      if (!lines || pieces.stream().anyMatch(List::isEmpty)) {
        throw new IllegalArgumentException("A line of a slice has three places or more");
      }
    }

    private int points() {
      return pieces.stream().flatMap(List::stream).mapToInt(List::size).sum()
          + slant.stream().mapToInt(List::size).sum()
          + pegs.size();
    }

    private SlicedLayer times(double factor) {
      return new SlicedLayer(
          thicknessMm,
          pieces.stream().map(it -> scaled(it, factor)).toList(),
          scaled(slant, factor),
          pegs.stream().map(it -> it.times(factor)).toList());
    }

    private static List<List<Point>> scaled(List<List<Point>> rings, double factor) {
      return rings.stream()
          .map(ring -> ring.stream().map(it -> it.times(factor)).toList())
          .toList();
    }
  }

  /**
   * Copies the layers and checks them.
   *
   * @throws IllegalArgumentException if there are none or too many
   */
  public Slices {
    layers = List.copyOf(layers);
    int points = layers.stream().mapToInt(SlicedLayer::points).sum();
    if (layers.isEmpty() || layers.size() > MOST_LAYERS || points > MOST_POINTS) {
      throw new IllegalArgumentException(
          "A sliced part has 1 to "
              + MOST_LAYERS
              + " layers with "
              + MOST_POINTS
              + " places in all; found "
              + layers.size()
              + " and "
              + points);
    }
    if (!(pegMm >= 0 && pegMm <= 100)) {
      throw new IllegalArgumentException("Pegs are 0 to 100 mm across; found " + pegMm);
    }
  }

  /** Thickness of its first layer; others may be of other sheets. */
  public double thicknessMm() {
    return layers.getFirst().thicknessMm;
  }

  /** What is cut of each sheet, by its thickness in mm. */
  public Map<Double, List<Panel>> panelsByThickness() {
    Map<Double, List<Panel>> all = new LinkedHashMap<>();
    for (int i = 0; i < layers.size(); i++) {
      all.computeIfAbsent(layers.get(i).thicknessMm, it -> new ArrayList<>()).addAll(panels(i));
    }
    return all;
  }

  private List<Panel> panels(int i) {
    SlicedLayer layer = layers.get(i);
    List<Panel> panels = new ArrayList<>();
    for (int k = 0; k < layer.pieces().size(); k++) {
      String which = layer.pieces().size() > 1 ? ", piece " + (char) ('A' + k % 26) : "";
      panels.add(panel("Layer " + (i + 1) + " of " + layers.size() + which, layer, k));
    }
    return panels;
  }

  @Override
  public Developed developed(String name, double thicknessMm) {
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < layers.size(); i++) {
      panels.addAll(panels(i));
    }
    double area = panels.stream().mapToDouble(Panel::area).sum();
    return new Developed(
        panels,
        List.of(
            Figure.given("part.slices", "Layers", layers.size(), Quantity.COUNT, Source.DECIDED),
            Figure.found(
                "part.area",
                "Foam in all pieces",
                area,
                Quantity.AREA,
                "area inside the lines of the pieces, less holes and pegs, by Green's theorem",
                Source.GEOMETRY,
                Uncertainty.NONE)),
        List.of(
            "Sliced from " + origin.name() + ".",
            "Cut each layer to its outer line; on the slant to the dashed line, or stepped and"
                + " sanded down."));
  }

  private Panel panel(String called, SlicedLayer layer, int piece) {
    List<List<Point>> rings = layer.pieces().get(piece);
    Path outer = PlateForm.counterClockwise(Path.through(rings.getFirst(), true));
    Region area = Region.inside(outer, TOLERANCE_MM);
    List<Path> windows = new ArrayList<>();
    rings.subList(1, rings.size()).forEach(it -> windows.add(Path.through(it, true)));
    for (Point peg : layer.pegs()) {
      if (pegMm > 0 && area.contains(peg)) {
        windows.add(Motifs.disc(pegMm).moved(it -> it.plus(peg)));
      }
    }
    List<Path> slant =
        layer.slant().stream()
            .filter(it -> area.contains(it.getFirst()))
            .map(it -> Path.through(it, true))
            .toList();
    return new Panel(called, 1, List.of(Edge.free(outer)), windows, slant);
  }

  /** Its largest layer, about the middle of it. */
  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    List<Path> largest = List.of();
    double most = 0;
    for (SlicedLayer layer : layers) {
      List<Path> rings =
          layer.pieces().stream().flatMap(List::stream).map(it -> Path.through(it, true)).toList();
      double area = rings.stream().mapToDouble(it -> Math.abs(Panel.area(it))).max().orElse(0);
      if (area > most) {
        most = area;
        largest = rings;
      }
    }
    if (largest.isEmpty()) {
      return List.of();
    }
    Point middle =
        Box.around(largest.stream().flatMap(it -> it.flattened(1).stream()).toList()).centre();
    return largest.stream().map(it -> it.moved(p -> p.minus(middle))).toList();
  }

  /** Its lines made larger; its layers stay as thick, so that its height follows only roughly. */
  @Override
  public Slices times(double factor) {
    return new Slices(origin, layers.stream().map(it -> it.times(factor)).toList(), pegMm);
  }

  /** Its layers stay as thick as they were sliced. */
  @Override
  public void check(Optional<Layering> stack) {
    Shape.checkOneSheet(stack);
    if (stack.orElseThrow().thicknessMm() != thicknessMm()) {
      throw new IllegalArgumentException(
          "It was sliced for its thickness: slice the model anew for another");
    }
  }
}

package stoutblade.feature;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.measure.Figure;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The shape that a plate's outline makes with its features.
 *
 * @param blank what was drafted
 * @param outer what is cut round it: the drawn curves, or straight pieces where teeth or notches
 *     changed them
 * @param windows what is cut out of it, inside first
 * @param markings what is drawn on it
 * @param pieces further pieces that are cut for its features
 * @param face the area that is left
 * @param partial what is cut into some of its layers only
 * @param crossing where the outline crosses itself, if it does: then nothing else is worked out
 * @param lightened the fields of holes among that
 */
public record PlateForm(
    Blank blank,
    List<Path> outer,
    List<Path> windows,
    List<Marking> markings,
    List<Piece> pieces,
    Region face,
    List<Partial> partial,
    Optional<Point> crossing,
    List<Lightening> lightened) {

  /** How far straight pieces may lie from curves that are only looked at, in mm. */
  private static final double LOOKED_AT_MM = 0.15;

  /** How far straight pieces may lie from the drafted curves, in mm. */
  public static final double TOLERANCE_MM = 0.01;

  /**
   * A piece that is cut for a feature.
   *
   * @param name what it is
   * @param count how many
   * @param outlines outer ones and holes, in mm
   * @param thicknessMm how thick its foam is
   * @param middle where their middle lies on the blank, on average, in mm
   */
  public record Piece(
      String name, int count, List<Path> outlines, double thicknessMm, Point middle) {

    /** Copies the outlines. */
    public Piece {
      outlines = List.copyOf(outlines);
    }

    /** A piece whose outlines lie about its own place, laid at some spots. */
    static Piece at(
        List<Spot> spots, String name, int count, List<Path> outlines, double thicknessMm) {
      Region whole = region(outlines);
      Point middle = whole.isEmpty() ? Spot.ORIGIN.at() : whole.centre();
      Point all = spots.stream().map(it -> it.place(middle)).reduce(new Point(0, 0), Point::plus);
      return new Piece(
          name, count, outlines, thicknessMm, all.times(1.0 / Math.max(1, spots.size())));
    }

    /** The area of one, in mm². */
    public double area() {
      return region(outlines).area();
    }

    private static Region region(List<Path> outlines) {
      return Region.evenOdd(outlines.stream().map(it -> it.flattened(TOLERANCE_MM)).toList());
    }
  }

  /**
   * What is cut into some layers only.
   *
   * @param into which
   * @param added areas that stand out of the outline
   * @param cut areas that are cut away
   */
  public record Partial(Feature.Into into, Region added, Region cut) {

    /** A layer with it. */
    public Region of(Region layer) {
      return layer.unionWith(added).difference(cut);
    }
  }

  /** Copies the lists. */
  public PlateForm {
    partial = List.copyOf(partial);
    outer = List.copyOf(outer);
    windows = List.copyOf(windows);
    markings = List.copyOf(markings);
    pieces = List.copyOf(pieces);
    lightened = List.copyOf(lightened);
  }

  /** Works the form out. */
  public static PlateForm of(Blank blank, Typeface typeface) {
    return of(blank, typeface, TOLERANCE_MM);
  }

  /**
   * The same to be looked at while something is dragged: coarser, and what is cut and what stands
   * out laid over the face instead of taken from it and joined to it.
   */
  public static PlateForm roughly(Blank blank, Typeface typeface) {
    return of(blank, typeface, LOOKED_AT_MM);
  }

  private static PlateForm of(Blank blank, Typeface typeface, double tolerance) {
    if (!blank.outline().drawn()) {
      return empty(blank, List.of(), Optional.empty());
    }
    Path drawn = counterClockwise(blank.outline().outline());
    Optional<Point> crossing = Region.crossing(drawn, tolerance);
    if (crossing.isPresent()) {
      return empty(blank, List.of(drawn), crossing);
    }
    Region face = Region.inside(drawn, tolerance);
    Map<Feature, Worked> each = new LinkedHashMap<>();
    for (Feature feature : blank.features()) {
      each.put(feature, Worked.of(feature, blank, face, typeface, tolerance));
    }
    List<Lightening> lightened = Lightening.of(blank, face, each, tolerance);
    lightened.forEach(it -> each.put(it.feature(), it.worked()));
    List<Worked> worked = new ArrayList<>();
    List<Partial> partial = new ArrayList<>();
    each.forEach(
        (feature, own) -> {
          if (feature.into() == Feature.Into.ALL) {
            worked.add(own);
          } else {
            worked.add(own.hidden(feature.id()));
            partial.add(
                new Partial(
                    feature.into(),
                    Region.union(own.added(), tolerance),
                    Region.union(own.cut(), tolerance)));
          }
        });
    return new Cutting(blank, drawn, face, worked, partial, lightened, tolerance).form();
  }

  /** Where there is nothing to work into. */
  private static PlateForm empty(Blank blank, List<Path> outer, Optional<Point> crossing) {
    return new PlateForm(
        blank,
        outer,
        List.of(),
        List.of(),
        List.of(),
        Region.evenOdd(List.of()),
        List.of(),
        crossing,
        List.of());
  }

  public static Path counterClockwise(Path path) {
    return Panel.area(path) < 0 ? path.reversed() : path;
  }

  /** The cutting of all features. */
  private record Cutting(
      Blank blank,
      Path drawn,
      Region whole,
      List<Worked> worked,
      List<Partial> partial,
      List<Lightening> lightened,
      double tolerance) {

    PlateForm form() {
      List<Path> added = worked.stream().flatMap(it -> it.added().stream()).toList();
      List<Path> cut = worked.stream().flatMap(it -> it.cut().stream()).toList();
      if (tolerance > TOLERANCE_MM) {
        return laidOver(added, cut);
      }
      Region face = whole;
      if (!added.isEmpty()) {
        face = face.unionWith(Region.union(added, tolerance));
      }
      boolean inside = true;
      if (!cut.isEmpty()) {
        Region holes = Region.union(cut, tolerance);
        inside = face.contains(holes) && holes.partCount() == cut.size();
        face = face.difference(holes);
      }
      boolean asDrawn = added.isEmpty() && inside;
      return new PlateForm(
          blank,
          asDrawn ? List.of(drawn) : rings(face, true),
          asDrawn ? cut : rings(face, false),
          worked.stream().flatMap(it -> it.markings().stream()).toList(),
          worked.stream().flatMap(it -> it.pieces().stream()).toList(),
          face,
          partial,
          Optional.empty(),
          lightened);
    }

    private PlateForm laidOver(List<Path> added, List<Path> cut) {
      List<List<Point>> rings = new ArrayList<>();
      rings.add(drawn.flattened(tolerance));
      cut.forEach(it -> rings.add(it.flattened(tolerance)));
      List<Path> over = new ArrayList<>(cut);
      over.addAll(added);
      return new PlateForm(
          blank,
          List.of(drawn),
          over,
          worked.stream().flatMap(it -> it.markings().stream()).toList(),
          worked.stream().flatMap(it -> it.pieces().stream()).toList(),
          Region.evenOdd(rings),
          partial,
          Optional.empty(),
          lightened);
    }

    private static List<Path> rings(Region face, boolean outer) {
      List<Path> rings = new ArrayList<>();
      for (Region part : face.parts()) {
        for (int i = 0; i < part.rings().size(); i++) {
          if ((i == 0) == outer) {
            rings.add(counterClockwise(Path.through(part.rings().get(i), true)));
          }
        }
      }
      return rings;
    }
  }

  /** True where something is cut out of the outline or stands out of it. */
  public boolean reshaped() {
    return !windows.isEmpty()
        || outer.size() != 1
        || !outer.getFirst().equals(counterClockwise(blank.outline().outline()));
  }

  /** It as pieces to cut, with those of its features. */
  public Developed developed() {
    List<Panel> panels = new ArrayList<>(cutPanels());
    panels.addAll(piecePanels());
    return new Developed(panels, figures(), words());
  }

  /** What is cut along its outline. */
  public List<Panel> cutPanels() {
    List<Panel> panels = new ArrayList<>();
    for (int i = 0; i < outer.size(); i++) {
      Path ring = outer.get(i);
      Region area = Region.inside(ring, TOLERANCE_MM);
      List<Path> own = windows.stream().filter(it -> area.contains(it.start())).toList();
      String name = outer.size() == 1 ? blank.name() : blank.name() + ", part " + (i + 1);
      panels.add(new Panel(name, 1, List.of(Edge.free(ring)), own, List.of()));
    }
    return panels;
  }

  /** The pieces of its features, to cut. */
  public List<Panel> piecePanels() {
    return pieces.stream().flatMap(it -> panels(it).stream()).toList();
  }

  /** The same by how thick their foam is. */
  public Map<Double, List<Panel>> piecesByThickness() {
    Map<Double, List<Panel>> all = new TreeMap<>();
    for (Piece piece : pieces) {
      all.computeIfAbsent(piece.thicknessMm(), it -> new ArrayList<>()).addAll(panels(piece));
    }
    return all;
  }

  static List<Panel> panels(Piece piece) {
    List<Path> sorted =
        piece.outlines().stream()
            .map(PlateForm::counterClockwise)
            .sorted(Comparator.comparing(it -> -Panel.area(it)))
            .toList();
    List<Panel> panels = new ArrayList<>();
    List<Path> left = new ArrayList<>(sorted);
    while (!left.isEmpty()) {
      Path ring = left.removeFirst();
      Region area = Region.inside(ring, TOLERANCE_MM);
      List<Path> holes = left.stream().filter(it -> area.contains(it.start())).toList();
      left.removeAll(holes);
      panels.add(
          new Panel(piece.name(), piece.count(), List.of(Edge.free(ring)), holes, List.of()));
    }
    return panels;
  }

  private List<String> words() {
    return windows.isEmpty()
        ? List.of()
        : List.of("Cut windows and holes first, the outline last: the sheet holds still so.");
  }

  /** The figures of what is worked into it. */
  public List<Figure> featureFigures() {
    return PlateFigures.ofFeatures(this);
  }

  /** The sizes of its outline; none where nothing is drawn or it crosses itself. */
  public Optional<Measures> measures() {
    return PlateFigures.measures(this);
  }

  /** True where it can be cut: it is drawn, and does not cross itself. */
  public boolean whole() {
    return !outer.isEmpty() && crossing.isEmpty();
  }

  /** The figures of the plate. */
  public List<Figure> figures() {
    return PlateFigures.of(this);
  }

  /**
   * A place where less foam is left than it can hold.
   *
   * @param at where
   * @param tip true for a point that runs out, false for a bridge between two parts
   */
  public record Sliver(Point at, boolean tip) {}

  /**
   * Where the plate is narrower than a width: bridges, and points that run out over more than four
   * times the width.
   */
  public List<Sliver> slivers(double width) {
    return Slivers.of(face, width);
  }
}

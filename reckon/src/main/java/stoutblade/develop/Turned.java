package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Node;
import stoutblade.shape.Point;

/**
 * A dish, dome or bell whose profile was drawn: a curve turned about its axis, laid out as a disc
 * with darts, as segments of it, or as gores; with a flat ring for its rim and a ring that stiffens
 * it inside, where they are wanted.
 *
 * <p>Its pieces are those of {@link Dish}, along the drawn curve moved inwards by half the foam.
 *
 * @param profile the outside from the middle to the rim: x from the axis, y along it, in mm
 * @param foamMm the foam's thickness, in mm
 * @param parts how many darts, or gores
 * @param way how it is laid out
 * @param segments in how many equal segments the darted disc is cut; divides the number of darts
 * @param rimRingMm width of a flat ring glued on the rim, in mm; 0 for none
 * @param stiffenerMm height of a ring that stands inside at the rim, in mm; 0 for none
 */
public record Turned(
    List<Node> profile,
    double foamMm,
    int parts,
    Dish.Way way,
    int segments,
    double rimRingMm,
    double stiffenerMm)
    implements Form {

  /**
   * Copies and checks the profile.
   *
   * @throws IllegalArgumentException if it makes no dish, with the reason
   */
  public Turned {
    profile = List.copyOf(profile);
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Petals.check(parts, segments);
    double rim = profile.getLast().at().x();
    if (!(rimRingMm >= 0 && rimRingMm < rim)) {
      throw new IllegalArgumentException(
          "The rim's ring is narrower than the rim's radius, " + rim + " mm; found " + rimRingMm);
    }
    if (!(stiffenerMm >= 0)) {
      throw new IllegalArgumentException("A ring's height is not negative; found " + stiffenerMm);
    }
    middle(profile, foamMm);
  }

  /** The drawn curve moved inwards by half the foam. */
  private static TurnedProfile.Drawn middle(List<Node> profile, double foamMm) {
    List<Point> outside = TurnedProfile.Drawn.through(profile).points();
    List<Point> moved = new ArrayList<>();
    for (int i = 0; i < outside.size(); i++) {
      Point before = outside.get(Math.max(0, i - 1));
      Point after = outside.get(Math.min(outside.size() - 1, i + 1));
      Point way = after.minus(before);
      // From the middle outwards the inside lies on the right of the way.
      Point in = new Point(way.y(), -way.x()).times(foamMm / 2 / Math.max(1e-12, way.length()));
      Point at = outside.get(i).plus(in);
      moved.add(i == 0 ? new Point(0, outside.get(i).y() - foamMm / 2) : at);
    }
    for (int i = 1; i < moved.size(); i++) {
      Point drawn = outside.get(i).minus(outside.get(i - 1));
      // Where the foam bends more tightly than half its thickness its middle would run back.
      if (moved.get(i).minus(moved.get(i - 1)).dot(drawn) < 0) {
        throw new IllegalArgumentException(
            "The profile bends more tightly than foam of " + foamMm + " mm can");
      }
    }
    return new TurnedProfile.Drawn(moved);
  }

  /** The diameter of the rim outside, in mm. */
  public double rimMm() {
    return 2 * profile.getLast().at().x();
  }

  /** From the rim to the middle along the axis, in mm. */
  public double depthMm() {
    return Math.abs(profile.getFirst().at().y() - profile.getLast().at().y());
  }

  /** The outside from the middle to the rim: x from the axis, y above the rim, in mm. */
  public List<Point> outside() {
    double rim = profile.getLast().at().y();
    return TurnedProfile.Drawn.through(profile).points().stream()
        .map(it -> new Point(it.x(), it.y() - rim))
        .toList();
  }

  /** Where a place of the darted disc is seen along the axis; nothing for one in a dart. */
  public Optional<Point> facing(Point place) {
    return new Petals(middle(profile, foamMm), parts, way, segments)
        .facing(place, profile.getLast().at().x());
  }

  @Override
  public Developed develop(String id) {
    TurnedProfile.Drawn middle = middle(profile, foamMm);
    List<Panel> panels = new ArrayList<>(new Petals(middle, parts, way, segments).panels());
    List<Figure> figures = figures(id, middle);
    if (rimRingMm > 0) {
      panels.add(rimRing());
    }
    if (stiffenerMm > 0) {
      panels.add(stiffener(id, figures));
    }
    return new Developed(panels, figures, Dish.words(way));
  }

  private List<Figure> figures(String id, TurnedProfile.Drawn middle) {
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure count = Form.count(id + ".parts", way == Dish.Way.DARTS ? "Darts" : "Gores", parts);
    Figure reach =
        Figure.found(
            id + ".reach",
            "From the middle to the rim, along the foam",
            middle.length(),
            Quantity.LENGTH,
            "length of the drawn profile moved inwards by half of {" + foam.id() + "}",
            THROUGH_THE_MIDDLE,
            Uncertainty.NONE,
            foam);
    Figure rim =
        Figure.found(
            id + ".rim-middle",
            "Rim through the middle of the foam, across",
            2 * middle.rim(),
            Quantity.LENGTH,
            "twice the distance of the profile's end from the axis, at half of {" + foam.id() + "}",
            THROUGH_THE_MIDDLE,
            Uncertainty.NONE,
            foam);
    if (way == Dish.Way.GORES) {
      Figure wide =
          Figure.computed(
              id + ".wide",
              "A gore at the rim",
              Quantity.LENGTH,
              "pi * {%s} / {%s}".formatted(rim.id(), count.id()),
              THROUGH_THE_MIDDLE,
              rim,
              count);
      return new ArrayList<>(List.of(reach, wide, rim));
    }
    Figure disc = Petals.disc(id, reach);
    Figure dart =
        Figure.computed(
            id + ".dart",
            "Each dart at the rim",
            Quantity.LENGTH,
            "2 * pi * ({%s} - {%s} / 2) / {%s}".formatted(reach.id(), rim.id(), count.id()),
            Source.handbook("the girth of the disc less the girth of the dish, shared out"),
            reach,
            rim,
            count);
    return new ArrayList<>(List.of(disc, dart, reach, rim));
  }

  /** Four quarters, so that they come out of a sheet. */
  private Panel rimRing() {
    double outer = rimMm() / 2;
    return Panel.ringPiece("Rim ring, a quarter of it", 4, outer - rimRingMm, outer, 4, "R");
  }

  private Panel stiffener(String id, List<Figure> figures) {
    Figure inside =
        Figure.found(
            id + ".inside",
            "Rim inside, across",
            rimMm() - 2 * foamMm,
            Quantity.LENGTH,
            "rim less the foam on both sides",
            Source.GEOMETRY,
            Uncertainty.NONE);
    Figure foam = Form.length(id + ".stiffener.foam", "Foam of the ring", foamMm);
    Figure length =
        Figure.computed(
            id + ".stiffener",
            "Ring inside, length to cut",
            Quantity.LENGTH,
            "pi * ({%s} - {%s})".formatted(inside.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            inside,
            foam);
    figures.add(length);
    return Panel.strip("Ring inside the rim", 1, length.value(), stiffenerMm, "S");
  }
}

package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import stoutblade.develop.Panel;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * A field of holes in layers that nobody sees: rows that are set off by half, so that the foam
 * between any two neighbours is equally wide. Every hole is whole: one that would come too near the
 * edge, or to anything else that is worked in, is left out.
 *
 * @param feature the feature that it is
 * @param holes its holes
 * @param room how many would have room if nothing were in their way; more than are cut and there is
 *     none
 */
public record Lightening(Feature feature, List<Path> holes, double room) {

  /** More holes than this in one field are refused. */
  public static final int MOST_HOLES = 1500;

  /** Copies the holes. */
  public Lightening {
    holes = List.copyOf(holes);
  }

  /**
   * The fields of an outline.
   *
   * @param face the area inside it
   * @param each what all its features do to it
   * @param tolerance how far from curves the lines that stand for them may lie, in mm
   */
  static List<Lightening> of(
      Blank blank, Region face, Map<Feature, Worked> each, double tolerance) {
    List<Lightening> fields = new ArrayList<>();
    if (!blank.asksForCore()) {
      return fields;
    }
    List<Region> atEdge = new ArrayList<>();
    List<Region> others = new ArrayList<>(List.of(blank.coreBand(face)));
    laidIn(blank).forEach(it -> others.add(Region.inside(it, tolerance)));
    each.forEach(
        (feature, own) -> {
          List<Region> into = feature.kind().reach() == Feature.Reach.EDGE ? atEdge : others;
          own.cut().forEach(it -> into.add(Region.inside(it, tolerance)));
        });
    for (Feature feature : blank.features()) {
      if (feature.kind() == Feature.Kind.LIGHTENING) {
        Lightening own = Field.of(feature, blank, face, atEdge, others, tolerance).lightening();
        own.holes.forEach(it -> others.add(Region.inside(it, tolerance)));
        fields.add(own);
      }
    }
    return fields;
  }

  /** The heads of fixings, and pockets with the steps round them. */
  private static List<Path> laidIn(Blank blank) {
    List<Path> all = new ArrayList<>();
    for (Fixing it : Fixing.of(blank.features(), blank.outline())) {
      it.spots().forEach(spot -> all.add(spot.place(Motifs.disc(it.head()))));
    }
    for (Recess it : Recess.of(blank.features(), blank.outline())) {
      it.spots().forEach(spot -> all.add(spot.place(it.outline())));
    }
    return all;
  }

  /** True where there would be more than anybody cuts. */
  public boolean tooMany() {
    return room > MOST_HOLES;
  }

  /** How far its holes have to be from middle to middle so that half as many as allowed fit. */
  public double widerMm() {
    return (feature.size("across") + feature.size("web")) * Math.sqrt(room / (MOST_HOLES / 2.0));
  }

  /** What it does to the part. */
  Worked worked() {
    return new Worked(List.of(), holes, List.of(), List.of());
  }

  /** The area of all its holes, in mm². */
  public double areaMm2() {
    return holes.stream().mapToDouble(it -> Math.abs(Panel.area(it))).sum();
  }

  /**
   * One field.
   *
   * @param inside the face less the rim
   * @param atEdge what is cut into the edge: the rim goes round it
   * @param others what else there is to keep clear of
   */
  private record Field(
      Feature feature,
      Spot from,
      Region inside,
      List<Around> atEdge,
      List<Around> others,
      double tolerance) {

    /** Something to keep away from, and a box round it that is as far away. */
    private record Around(Region what, Box box, double away) {

      static List<Around> of(List<Region> all, double away) {
        return all.stream()
            .filter(it -> !it.isEmpty())
            .map(it -> new Around(it, it.box().grown(away), away))
            .toList();
      }

      boolean inTheWay(Region hole, Box holeBox) {
        if (!box.meets(holeBox)) {
          return false;
        }
        double apart = what.distance(hole);
        return apart == 0 || apart < away;
      }
    }

    static Field of(
        Feature feature,
        Blank blank,
        Region face,
        List<Region> atEdge,
        List<Region> others,
        double tolerance) {
      double rim = feature.size("rim");
      return new Field(
          feature,
          feature.where().spots(blank.outline()).getFirst(),
          face.offset(-rim, tolerance),
          Around.of(atEdge, rim),
          Around.of(others, feature.size("clear")),
          tolerance);
    }

    private double pitch() {
      return feature.size("across") + feature.size("web");
    }

    /** From one row to the next. */
    private double apart() {
      return pitch() * Math.sqrt(3) / 2;
    }

    Lightening lightening() {
      if (inside.isEmpty()) {
        return new Lightening(feature, List.of(), 0);
      }
      Box box = inside.box();
      double room = box.width() * box.height() / (pitch() * apart());
      return new Lightening(feature, room > MOST_HOLES ? List.of() : holes(box), room);
    }

    private List<Path> holes(Box box) {
      Point middle = from.own(box.centre());
      double reach = Math.hypot(box.width(), box.height()) / 2 + pitch();
      List<Path> holes = new ArrayList<>();
      int first = (int) Math.floor((middle.y() - reach) / apart());
      int last = (int) Math.ceil((middle.y() + reach) / apart());
      for (int row = first; row <= last; row++) {
        double aside = Math.floorMod(row, 2) * pitch() / 2;
        int from = (int) Math.floor((middle.x() - reach - aside) / pitch());
        int to = (int) Math.ceil((middle.x() + reach - aside) / pitch());
        for (int i = from; i <= to; i++) {
          hole(new Point(i * pitch() + aside, row * apart()), holes);
        }
      }
      return holes;
    }

    private void hole(Point at, List<Path> holes) {
      if (inside.contains(from.place(at))) {
        Path placed = motif().moved(it -> from.place(it.plus(at)));
        Region hole = Region.inside(placed, tolerance);
        Box box = hole.box();
        if (inside.contains(hole)
            && atEdge.stream().noneMatch(it -> it.inTheWay(hole, box))
            && others.stream().noneMatch(it -> it.inTheWay(hole, box))) {
          holes.add(placed);
        }
      }
    }

    /** A hexagon stands on a corner, so that it has a wall to each neighbour. */
    private Path motif() {
      double across = feature.size("across");
      if (feature.is("shape", 1)) {
        return Motifs.disc(across);
      }
      List<Point> corners = new ArrayList<>();
      for (int i = 0; i < 6; i++) {
        corners.add(new Point(0, across / Math.sqrt(3)).turned(i * Math.PI / 3));
      }
      return Path.through(corners, true);
    }
  }
}

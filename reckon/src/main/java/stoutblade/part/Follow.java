package stoutblade.part;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import stoutblade.feature.Feature;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.shape.Box;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Exact;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.shape.WholeOutline;

/**
 * How an outline follows that of another part of the prop: moved outwards or inwards, mirrored, and
 * with an opening that follows it, too, as a ring on a rim does.
 *
 * @param leaderId the part that is followed
 * @param offsetMm how far outside that part's edge it runs, in mm; inside where negative
 * @param mirrored true for its mirror image, left for right
 * @param insideMm how far outside that part's edge the opening runs, in mm; empty for none
 * @param openings true where what is cut through that part is cut through this one, too, as through
 *     a skin over it
 */
public record Follow(
    String leaderId,
    double offsetMm,
    boolean mirrored,
    Optional<Double> insideMm,
    boolean openings) {

  /** The furthest that it is moved. */
  public static final double MOST_MM = 1000;

  /** A ring is at least this wide, in mm. */
  public static final double LEAST_RING_MM = 1;

  /**
   * Checks the distances.
   *
   * @throws IllegalArgumentException if one is not finite or too far, or the opening leaves no ring
   */
  public Follow {
    check(offsetMm);
    insideMm.ifPresent(Follow::check);
    if (insideMm.filter(it -> it > offsetMm - LEAST_RING_MM).isPresent()) {
      throw new IllegalArgumentException(
          "The opening of a ring lies at least 1 mm inside its edge; found "
              + (offsetMm - insideMm.get())
              + " mm");
    }
  }

  private static void check(double mm) {
    if (!(Math.abs(mm) <= MOST_MM)) {
      throw new IllegalArgumentException(
          "An outline follows another within 1 m of it; found " + mm + " mm");
    }
  }

  /** The feature that is the opening of a ring. */
  private static final String OPENING = "f9999";

  /** What is cut through the leader has numbers from here on, up to that of the opening. */
  private static final int FIRST_THROUGH = 9000;

  /**
   * Kinds that are cut through a sheet; lines and lettering belong to the face that they are on.
   */
  private static final Set<Feature.Kind> THROUGH =
      EnumSet.of(Feature.Kind.HOLE, Feature.Kind.SLOT, Feature.Kind.WINDOW, Feature.Kind.CUTOUT);

  /** One that lies on its leader. */
  public static Follow on(String leaderId) {
    return new Follow(leaderId, 0, false, Optional.empty(), false);
  }

  /**
   * The outline that follows.
   *
   * @throws IllegalArgumentException if nothing of it is left
   */
  public WholeOutline outline(Outline leader) {
    return at(leader, offsetMm);
  }

  /**
   * The opening in it; empty where it has none.
   *
   * @throws IllegalArgumentException if nothing of it is left
   */
  public Optional<WholeOutline> opening(Outline leader) {
    return insideMm.map(it -> at(leader, it));
  }

  /** True for a feature that is drawn after the leader, not by itself. */
  public static boolean follows(Feature feature) {
    return Integer.parseInt(feature.id().substring(1)) >= FIRST_THROUGH;
  }

  /**
   * What is cut into it because of the leader: its own opening, and what is cut through that part.
   *
   * @throws IllegalArgumentException if nothing of the opening is left
   */
  List<Feature> features(Cut leader) {
    List<Feature> all = new ArrayList<>();
    if (openings) {
      leader.features().stream()
          .filter(it -> THROUGH.contains(it.kind()) && it.into() == Feature.Into.ALL)
          .flatMap(it -> through(it, leader.outline()))
          .limit(Feature.MOST)
          .forEach(it -> all.add(it.again("f" + (FIRST_THROUGH + all.size()))));
    }
    opening(leader.outline())
        .ifPresent(it -> all.add(Feature.cutOut(OPENING, it, Where.At.of(0, 0))));
    return all;
  }

  /** One for all repeats, or one for each: the follower's own edge lies elsewhere. */
  private Stream<Feature> through(Feature feature, Outline leader) {
    if (!mirrored && !(feature.where() instanceof Where.Along)) {
      return Stream.of(feature.among(""));
    }
    double twice = mirrored ? 2 * middle(leader) : 0;
    Feature own =
        mirrored
            ? feature.outline().map(it -> feature.along(flipped(it, 0))).orElse(feature)
            : feature;
    return feature.spots(leader).stream()
        .map(it -> mirrored ? new Spot(flipped(it.at(), twice), -it.turn()) : it)
        .map(it -> own.among("").leavingOut(Set.of()).at(new Where.At(it)));
  }

  private static Point flipped(Point at, double twice) {
    return new Point(twice - at.x(), at.y());
  }

  /** The centre line that goes with it: that of the leader, where it has one. */
  public Optional<CurvedAxis> axis(Cut leader) {
    double twice = mirrored ? 2 * middle(leader.outline()) : 0;
    return leader
        .axis()
        .map(
            it ->
                mirrored
                    ? new CurvedAxis(it.nodes().stream().map(own -> flipped(own, twice)).toList())
                    : it);
  }

  private static Node flipped(Node it, double twice) {
    Point at = flipped(it.at(), twice);
    return new Node(at, it.kind(), it.ease(), -it.bulge());
  }

  private WholeOutline at(Outline leader, double mm) {
    if (!leader.drawn()) {
      throw new IllegalArgumentException("There is no outline yet that could be followed");
    }
    WholeOutline moved = mm == 0 ? Exact.whole(leader) : Exact.offset(leader, mm);
    return mirrored ? flipped(moved, middle(leader)) : moved;
  }

  private static double middle(Outline leader) {
    return Box.around(leader.outline().flattened(0.02)).centre().x();
  }

  /** Left for right about a line along, in the same sense round it. */
  private static WholeOutline flipped(WholeOutline it, double middle) {
    List<Node> nodes = new ArrayList<>();
    int last = it.nodes().size() - 1;
    for (int i = last; i >= 0; i--) {
      Node own = it.nodes().get(i);
      // The side after a node is the one before it when gone round the other way.
      double bulge = it.nodes().get(i == 0 ? last : i - 1).bulge();
      Point at = flipped(own.at(), 2 * middle);
      nodes.add(new Node(at, own.kind(), own.ease(), bulge));
    }
    return new WholeOutline(nodes);
  }

  /** The same for a leader that is made larger or smaller. */
  public Follow times(double factor) {
    return new Follow(
        leaderId, offsetMm * factor, mirrored, insideMm.map(it -> it * factor), openings);
  }

  public Follow withOffset(double mm) {
    return new Follow(leaderId, mm, mirrored, insideMm, openings);
  }

  public Follow withInside(Optional<Double> mm) {
    return new Follow(leaderId, offsetMm, mirrored, mm, openings);
  }

  public Follow withMirrored(boolean changed) {
    return new Follow(leaderId, offsetMm, changed, insideMm, openings);
  }

  /** The same with what is cut through the leader, or without. */
  public Follow withOpenings(boolean changed) {
    return new Follow(leaderId, offsetMm, mirrored, insideMm, changed);
  }
}

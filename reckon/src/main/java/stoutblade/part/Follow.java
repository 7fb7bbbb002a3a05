package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
 */
public record Follow(
    String leaderId, double offsetMm, boolean mirrored, Optional<Double> insideMm) {

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
  static final String OPENING = "f9999";

  /** One that lies on its leader. */
  public static Follow on(String leaderId) {
    return new Follow(leaderId, 0, false, Optional.empty());
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
    Point at = new Point(twice - it.at().x(), it.at().y());
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
      Point at = new Point(2 * middle - own.at().x(), own.at().y());
      nodes.add(new Node(at, own.kind(), own.ease(), bulge));
    }
    return new WholeOutline(nodes);
  }

  /** The same for a leader that is made larger or smaller. */
  public Follow times(double factor) {
    return new Follow(leaderId, offsetMm * factor, mirrored, insideMm.map(it -> it * factor));
  }

  public Follow withOffset(double mm) {
    return new Follow(leaderId, mm, mirrored, insideMm);
  }

  public Follow withInside(Optional<Double> mm) {
    return new Follow(leaderId, offsetMm, mirrored, mm);
  }

  public Follow withMirrored(boolean changed) {
    return new Follow(leaderId, offsetMm, changed, insideMm);
  }
}

package stoutblade.shape;

import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * Outlines stretched to a length or a width. Lengths in mm.
 *
 * <p>Nodes are moved; arcs stay arcs of their angle, so they follow the sides that they round off.
 * Where both follow each other (a strap with round ends that is made wider grows longer, too), both
 * factors are looked for until both sizes are met. What has no side to stretch, such as a circle,
 * is made larger all round.
 */
public final class Stretched {

  private static final double MET_MM = 1e-7;
  private static final int ROUNDS = 60;
  private static final int STEPS = 40;
  private static final double FURTHER = 4;

  /** No outline is stretched to more than so many times. */
  private static final double MOST = 100;

  private Stretched() {}

  /**
   * An outline so long, as wide as before.
   *
   * @throws IllegalArgumentException if the length is not above 0, or nothing is drawn
   */
  public static Outline along(Outline outline, double mm) {
    Box now = box(outline);
    return sized(outline, now.width(), checked(mm, now), false);
  }

  /**
   * An outline so wide, as long as before.
   *
   * @throws IllegalArgumentException if the width is not above 0, or nothing is drawn
   */
  public static Outline across(Outline outline, double mm) {
    Box now = box(outline);
    return sized(outline, checked(mm, now), now.height(), true);
  }

  private static double checked(double mm, Box now) {
    if (!(mm > 0) || now.width() <= 0 || now.height() <= 0) {
      throw new IllegalArgumentException(
          "An outline has a length and a width above 0; found " + mm + " mm");
    }
    return mm;
  }

  private static Box box(Outline outline) {
    return outline.drawn()
        ? Box.around(outline.outline().extremes())
        : Box.around(List.of(new Point(0, 0)));
  }

  private static Outline sized(Outline outline, double width, double height, boolean across) {
    boolean arcs = outline.nodes().stream().anyMatch(it -> it.bulge() != 0);
    if (!arcs) {
      return across ? met(outline, width, true) : met(outline, height, false);
    }
    if (!round(outline)) {
      Outline changed = outline;
      for (int i = 0; i < ROUNDS && !runsAway(changed, outline); i++) {
        changed = met(met(changed, width, true), height, false);
        Box now = box(changed);
        if (Math.abs(now.width() - width) < MET_MM && Math.abs(now.height() - height) < MET_MM) {
          return changed;
        }
      }
    }
    return larger(outline, across ? width / box(outline).width() : height / box(outline).height());
  }

  private static boolean runsAway(Outline changed, Outline from) {
    Box now = box(changed);
    Box before = box(from);
    return Math.max(now.width(), now.height()) > MOST * Math.max(before.width(), before.height());
  }

  /** True where nodes have no extent one way, or two arcs make all of it. */
  private static boolean round(Outline outline) {
    if (outline.nodes().size() == 2 && outline instanceof WholeOutline) {
      return true;
    }
    Box nodes = Box.around(outline.allNodes().stream().map(Node::at).toList());
    return nodes.width() < MET_MM || nodes.height() < MET_MM;
  }

  private static double extent(Box box, boolean across) {
    return across ? box.width() : box.height();
  }

  /** Nodes moved one way until a size is met: curves do not follow quite evenly. */
  private static Outline met(Outline outline, double mm, boolean across) {
    double before = 1;
    double off = extent(box(outline), across) - mm;
    if (Math.abs(off) < MET_MM) {
      return outline;
    }
    double factor = mm / (mm + off);
    Outline best = stretched(outline, factor, across);
    for (int i = 0; i < STEPS; i++) {
      double now = extent(box(best), across) - mm;
      if (Math.abs(now) < MET_MM || now == off) {
        break;
      }
      // The secant, kept in bounds: an outline is never turned inside out, nor runs away.
      double next = factor - now * (factor - before) / (now - off);
      next = Math.clamp(next, factor / FURTHER, factor * FURTHER);
      if (next < 1 / MOST || next > MOST) {
        break;
      }
      before = factor;
      off = now;
      factor = next;
      best = stretched(outline, factor, across);
    }
    return best;
  }

  private static Outline stretched(Outline outline, double factor, boolean across) {
    Box box = box(outline);
    DoubleUnaryOperator x = across ? from(outline, box.centre().x(), factor) : it -> it;
    DoubleUnaryOperator y = across ? it -> it : from(outline, box.minY(), factor);
    return outline.through(
        outline.nodes().stream()
            .map(
                it ->
                    it.movedTo(
                        new Point(x.applyAsDouble(it.at().x()), y.applyAsDouble(it.at().y()))))
            .toList());
  }

  /** Half an outline keeps its centre line and its base. */
  private static DoubleUnaryOperator from(Outline outline, double fixed, double factor) {
    double still = outline instanceof HalfOutline ? 0 : fixed;
    return it -> still + (it - still) * factor;
  }

  /** Larger all round, about the middle of its near end. */
  private static Outline larger(Outline outline, double factor) {
    Box box = box(outline);
    DoubleUnaryOperator x = from(outline, box.centre().x(), factor);
    DoubleUnaryOperator y = from(outline, box.centre().y(), factor);
    return outline.through(
        outline.nodes().stream()
            .map(
                it ->
                    it.times(factor)
                        .movedTo(
                            new Point(x.applyAsDouble(it.at().x()), y.applyAsDouble(it.at().y()))))
            .toList());
  }
}

package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A tube of two walls with room between them, held apart by ribs that run along it.
 *
 * @param outsideMm across the outer wall outside, in mm
 * @param foamMm how thick each wall and each rib is
 * @param gapMm how far the walls stand apart
 * @param heightMm how long the tube is
 * @param ribs how many ribs there are
 */
public record DoubleWall(double outsideMm, double foamMm, double gapMm, double heightMm, int ribs)
    implements Form {

  /** Fewer would leave a wall that is not held. */
  public static final int FEWEST = 3;

  /** The most ribs. */
  public static final int MOST = 96;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if the walls meet in the middle, or the ribs fill the room
   */
  public DoubleWall {
    Form.above(foamMm, 0, "The foam's thickness in mm");
    Form.above(gapMm, 0, "The room between the walls in mm");
    Form.above(heightMm, 0, "The length in mm");
    if (ribs < FEWEST || ribs > MOST) {
      throw new IllegalArgumentException(
          "There are " + FEWEST + " to " + MOST + " ribs; found " + ribs);
    }
    if (!(outsideMm > 4 * foamMm + 2 * gapMm)) {
      throw new IllegalArgumentException(
          "Two walls of "
              + foamMm
              + " mm that stand "
              + gapMm
              + " mm apart fill a tube of "
              + outsideMm
              + " mm: it has to be wider");
    }
    if (ribs * foamMm >= Math.PI * (outsideMm - 2 * foamMm - 2 * gapMm)) {
      throw new IllegalArgumentException(
          ribs + " ribs of " + foamMm + " mm leave no room between them");
    }
  }

  /** Across the inner wall outside, in mm. */
  public double innerMm() {
    return outsideMm - 2 * foamMm - 2 * gapMm;
  }

  @Override
  public Developed develop(String id) {
    Figure outside = Form.length(id + ".outside", "Outside, across", outsideMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure gap = Form.length(id + ".gap", "Room between the walls", gapMm);
    Figure count = Form.count(id + ".ribs", "Ribs", ribs);
    Figure outer =
        Figure.computed(
            id + ".outer",
            "Outer wall, length to cut",
            Quantity.LENGTH,
            "pi * ({%s} - {%s})".formatted(outside.id(), foam.id()),
            THROUGH_THE_MIDDLE,
            outside,
            foam);
    Figure inner =
        Figure.computed(
            id + ".inner",
            "Inner wall, length to cut",
            Quantity.LENGTH,
            "pi * ({%1$s} - 3 * {%2$s} - 2 * {%3$s})".formatted(outside.id(), foam.id(), gap.id()),
            THROUGH_THE_MIDDLE,
            outside,
            foam,
            gap);
    Figure every =
        Figure.computed(
            id + ".every",
            "A rib every, on the inner wall",
            Quantity.LENGTH,
            "pi * ({%1$s} - 2 * {%2$s} - 2 * {%3$s}) / {%4$s}"
                .formatted(outside.id(), foam.id(), gap.id(), count.id()),
            Source.GEOMETRY,
            outside,
            foam,
            gap,
            count);
    Figure saves =
        Figure.computed(
            id + ".saves",
            "Saved, as a share of a solid wall",
            Quantity.RATIO,
            "1 - ({%1$s} * ({%2$s} + {%3$s}) + {%4$s} * {%5$s} * {%1$s})"
                    .formatted(foam.id(), outer.id(), inner.id(), count.id(), gap.id())
                + " / (pi * (2 * {%1$s} + {%3$s}) * ({%2$s} - 2 * {%1$s} - {%3$s}))"
                    .formatted(foam.id(), outside.id(), gap.id()),
            Source.GEOMETRY,
            foam,
            outer,
            inner,
            count,
            gap,
            outside);
    return new Developed(
        List.of(
            Panel.strip("Outer wall", 1, outer.value(), heightMm, "A"),
            ribbed(Panel.strip("Inner wall", 1, inner.value(), heightMm, "B")),
            Panel.strip("Rib", ribs, gapMm, heightMm, "C")),
        List.of(outer, inner, every, saves),
        List.of(
            "Close the inner wall first, glue the ribs on it where they are marked, and wrap the"
                + " outer wall round them with its seam on a rib.",
            "Leave a small hole in an end: air that is shut in pushes the walls apart in the sun."));
  }

  /** A wall with a line for the middle of each rib; the first lies half a space from the seam. */
  private Panel ribbed(Panel wall) {
    double every = wall.box().width() / ribs;
    List<Path> lines = new ArrayList<>();
    for (int i = 0; i < ribs; i++) {
      double at = (i + 0.5) * every;
      lines.add(Path.line(new Point(at, 0), new Point(at, heightMm)));
    }
    return new Panel(wall.name(), wall.count(), wall.edges(), List.of(), lines);
  }
}

package stoutblade.sum;

import java.util.ArrayList;
import java.util.List;
import stoutblade.develop.Panel;
import stoutblade.measure.Figure;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * What a sum draws, in mm.
 *
 * @param panels pieces to cut, placed
 * @param shapes other outlines: a pipe, a cross-section
 * @param help lines that only explain
 * @param dimensions lengths with their figures
 * @param grips points that can be moved by hand, each for a size
 */
public record Drawing(
    List<Panel> panels,
    List<Path> shapes,
    List<Path> help,
    List<Dimension> dimensions,
    List<Grip> grips) {

  /**
   * A point that can be moved by hand, up and down or across.
   *
   * @param key the entry whose size it is
   * @param at where it is
   * @param across true where it moves across, false up and down
   * @param origin where the size is 0
   * @param factor the size for a millimetre from there
   */
  public record Grip(String key, Point at, boolean across, double origin, double factor) {

    /** The size that it has at a place. */
    public double sizeAt(Point place) {
      return ((across ? place.x() : place.y()) - origin) * factor;
    }
  }

  /**
   * A length on the drawing.
   *
   * @param from one end
   * @param to the other
   * @param figure what is written beside it
   */
  public record Dimension(Point from, Point to, Figure figure) {}

  /** Copies the lists. */
  public Drawing {
    panels = List.copyOf(panels);
    shapes = List.copyOf(shapes);
    help = List.copyOf(help);
    dimensions = List.copyOf(dimensions);
    grips = List.copyOf(grips);
  }

  /** The same with other pieces. */
  public Drawing withPanels(List<Panel> changed) {
    return new Drawing(changed, shapes, help, dimensions, grips);
  }

  /** The smallest box round everything. */
  public Box box() {
    List<Point> all = new ArrayList<>();
    panels.forEach(it -> all.addAll(it.outline().flattened(0.1)));
    shapes.forEach(it -> all.addAll(it.flattened(0.1)));
    help.forEach(it -> all.addAll(it.flattened(0.1)));
    dimensions.forEach(
        it -> {
          all.add(it.from());
          all.add(it.to());
        });
    return Box.around(all);
  }

  /** Puts a drawing together. */
  static final class Maker {

    private final List<Panel> panels = new ArrayList<>();
    private final List<Path> shapes = new ArrayList<>();
    private final List<Path> help = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Grip> grips = new ArrayList<>();

    Maker panels(List<Panel> more) {
      panels.addAll(more);
      return this;
    }

    Maker shape(Path path) {
      shapes.add(path);
      return this;
    }

    Maker help(Path path) {
      help.add(path);
      return this;
    }

    Maker dimension(Point from, Point to, Figure figure) {
      dimensions.add(new Dimension(from, to, figure));
      return this;
    }

    Maker grip(Grip grip) {
      grips.add(grip);
      return this;
    }

    Drawing done() {
      return new Drawing(panels, shapes, help, dimensions, grips);
    }
  }
}

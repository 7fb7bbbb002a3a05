package stoutblade.desktop.station.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.build.Closing;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.desktop.station.Layered;
import stoutblade.desktop.texts.Texts;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Pocket;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.slice.Sliced;
import stoutblade.stack.Sheet;

/**
 * Layers to be drawn taken apart: of a part or of a sliced model.
 *
 * @param box round all of them
 * @param leaves the layers, the furthest first
 * @param rod a core between them
 */
record Pile(Box box, List<Leaf> leaves, Optional<Rod> rod) {

  private static final double PIECES = 4000;
  private static final int MOST_WORDS = 12;

  /**
   * A layer.
   *
   * @param low its lower height
   * @param high its upper height
   * @param rings what is cut
   * @param dashed lines drawn on its upper face
   * @param pockets areas cut into its upper face
   * @param words what is said beside it, in lines; empty for nothing
   */
  record Leaf(
      double low,
      double high,
      List<List<Point>> rings,
      List<List<Point>> dashed,
      List<List<Point>> pockets,
      String words) {}

  /**
   * A core.
   *
   * @param half its radius
   * @param line its middle, from its near end
   * @param height of its middle
   */
  record Rod(double half, List<Point> line, double height) {

    /** Copies the line. */
    Rod {
      line = List.copyOf(line);
    }
  }

  /** The layers of a part. */
  static Pile of(Layered it, Units units) {
    List<Leaf> leaves = new ArrayList<>();
    double coarse = coarse(it.box());
    double middle = it.layers().thickness().value() / 2;
    List<Pocket> pockets = Pocket.of(it.form(), it.layers());
    List<Closing> closings = Closing.of(it.form(), it.layers(), it.core());
    for (Layer layer : it.layers().each()) {
      List<List<Point>> dashed = new ArrayList<>();
      if (layer.worked()) {
        dashed.addAll(layer.filled().simplified(coarse).rings());
      }
      if (layer.number() == it.layers().each().size()) {
        it.form().markings().forEach(own -> dashed.add(own.path().flattened(coarse)));
      }
      List<List<Point>> cut = new ArrayList<>();
      it.core().ifPresent(core -> cut.addAll(channel(it, core, layer, middle)));
      pockets.stream()
          .filter(own -> own.layer().number() == layer.number() && (own.front() || own.through()))
          .forEach(
              own ->
                  own.recess()
                      .spots()
                      .forEach(
                          spot -> cut.add(spot.place(own.recess().outline()).flattened(coarse))));
      leaves.add(
          new Leaf(
              layer.from(),
              layer.to(),
              layer.cut().simplified(coarse).rings(),
              dashed,
              cut,
              words(layer.number(), layer.sheet(), layer.foam().shortName(), units)
                  + laidIn(closings, layer.number())));
    }
    it.layers().band().ifPresent(own -> leaves.add(band(it, own, coarse, units)));
    Optional<Rod> rod =
        it.core()
            .map(
                core ->
                    new Rod(
                        core.height().value() / 2,
                        it.layers()
                            .solid()
                            .course()
                            .line(
                                0,
                                it.layers().solid().near() + core.choice().startMm(),
                                it.layers().solid().near() + core.choice().endMm()),
                        middle));
    return new Pile(it.box(), leaves, rod);
  }

  /** The band stands round the edge as it will when it is on. */
  private static Leaf band(Layered it, EdgeBand band, double coarse, Units units) {
    double middle = it.layers().thickness().value() / 2;
    double half = band.width().value() / 2;
    Region ring = it.layers().solid().face().difference(it.layers().solid().within());
    return new Leaf(
        middle - half,
        middle + half,
        ring.simplified(coarse).rings(),
        List.of(),
        List.of(),
        Texts.LAYERS.of("band", band.length().show(units)));
  }

  /** What is laid in before the layer goes on. */
  private static String laidIn(List<Closing> closings, int number) {
    List<String> all =
        closings.stream()
            .filter(it -> it.number() == number)
            .flatMap(it -> it.tasks().stream())
            .filter(it -> it.kind() == Closing.Kind.LAY_IN)
            .map(Closing.Task::what)
            .toList();
    return all.isEmpty() ? "" : Texts.LAYERS.of("over", String.join(", ", all));
  }

  /** How much lines may be simplified where they are drawn small. */
  private static double coarse(Box box) {
    return Math.max(0.02, Math.hypot(box.width(), box.height()) / PIECES);
  }

  private static String words(int number, Sheet sheet, String foam, Units units) {
    return number + "  " + Display.length(sheet.thicknessMm(), units) + "  " + foam;
  }

  private static List<List<Point>> channel(
      Layered it, CoreReckoning core, Layer layer, double middle) {
    boolean behind = layer.to() <= middle + 1e-9;
    return Channel.of(it.layers(), core).stream()
        .filter(own -> own.layer().number() == layer.number() && (behind || own.through()))
        .map(own -> own.around(it.layers(), 0, core.choice().startMm(), core.choice().endMm()))
        .filter(own -> !own.isEmpty())
        .map(Pile::closed)
        .toList();
  }

  private static List<Point> closed(List<Point> around) {
    List<Point> ring = new ArrayList<>(around);
    ring.add(around.getFirst());
    return ring;
  }

  /** The slices of a model. */
  static Pile of(Sliced sliced, double pegMm, Units units) {
    List<Leaf> leaves = new ArrayList<>();
    List<Point> all = new ArrayList<>();
    double coarse =
        sliced.slices().isEmpty() ? 1 : coarse(sliced.slices().getFirst().outer().box());
    int every = Math.max(1, (int) Math.ceil(sliced.slices().size() / (double) MOST_WORDS));
    for (Sliced.Slice slice : sliced.slices()) {
      List<List<Point>> rings = new ArrayList<>();
      slice.pieces().forEach(it -> rings.addAll(it.simplified(coarse).rings()));
      rings.forEach(all::addAll);
      Region inner = slice.inner().simplified(coarse);
      boolean said = (slice.number() - 1) % every == 0;
      leaves.add(
          new Leaf(
              slice.from(),
              slice.to(),
              rings,
              inner.rings(),
              slice.pegs().stream().map(it -> round(it, pegMm)).toList(),
              said ? slice.number() + "  " + Display.length(slice.thickness(), units) : ""));
    }
    return new Pile(Box.around(all), leaves, Optional.empty());
  }

  /** A peg's hole: small enough that eight corners are round. */
  private static List<Point> round(Point at, double across) {
    List<Point> ring = new ArrayList<>();
    for (int i = 0; i <= 8; i++) {
      ring.add(at.plus(new Point(across / 2, 0).turned(Math.PI * i / 4)));
    }
    return ring;
  }
}

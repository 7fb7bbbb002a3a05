package stoutblade.part;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.Developed;
import stoutblade.feature.Motifs;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Piping;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.SkeletonChanges;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Layering;

/**
 * A skeleton of pipe and fittings.
 *
 * @param skeleton its joints and pipes, in the frame of the part
 * @param rodId the pipe of the catalogue that it is cut from
 * @param acrossMm how thick that is, for what is seen of it
 */
public record Piped(Skeleton skeleton, String rodId, double acrossMm) implements Shape {

  private static final double LINE_MM = 0.05;
  private static final double MOST_MM = 500;

  /**
   * Checks the pipe.
   *
   * @throws IllegalArgumentException if it is none; the message can be shown
   */
  public Piped {
    if (rodId.isBlank() || !(acrossMm > 0 && acrossMm <= MOST_MM)) {
      throw new IllegalArgumentException(
          "A skeleton is of a pipe of the catalogue, up to 500 mm thick; found '" + rodId + "'");
    }
  }

  /** The same changed. */
  public Piped with(Skeleton changed) {
    return new Piped(changed, rodId, acrossMm);
  }

  /** The same of another pipe. */
  public Piped of(String pipeId, double thickMm) {
    return new Piped(skeleton, pipeId, thickMm);
  }

  /**
   * What it comes to.
   *
   * @throws IllegalArgumentException if it cannot be made; the message can be shown
   */
  public Piping piping(Catalogue catalogue) {
    return Piping.of(skeleton, catalogue, rodId);
  }

  /** Nothing of it is cut from a sheet. */
  @Override
  public Developed developed(String name, double thicknessMm) {
    return new Developed(List.of(), List.of(), List.of());
  }

  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    List<Path> bars = new ArrayList<>();
    for (List<Integer> chain : chains()) {
      List<Joint> line = skeleton.middleLine(chain);
      for (int i = 1; i < line.size(); i++) {
        bars.add(bar(flat(line.get(i - 1), facing), flat(line.get(i), facing)));
      }
      for (int i = 1; i < line.size() - 1; i++) {
        bars.add(Motifs.disc(acrossMm).moved(at(flat(line.get(i), facing))));
      }
    }
    for (int i = 0; i < skeleton.joints().size(); i++) {
      if (skeleton.meets(i) > 1) {
        bars.add(Motifs.disc(acrossMm).moved(at(flat(skeleton.joints().get(i), facing))));
      }
    }
    return Region.union(bars, LINE_MM).rings().stream()
        .map(it -> Path.through(it, true))
        .sorted(Comparator.comparingDouble(Piped::smallness))
        .toList();
  }

  private static double smallness(Path path) {
    Box box = Box.around(path.flattened(1));
    return -box.width() * box.height();
  }

  /** Each pipe; where one closes on itself, each run of it. */
  private List<List<Integer>> chains() {
    try {
      return skeleton.chains();
    } catch (IllegalArgumentException closed) {
      return skeleton.pipes().stream().map(it -> List.of(it.from(), it.to())).toList();
    }
  }

  private static UnaryOperator<Point> at(Point place) {
    return it -> it.plus(place);
  }

  /** As it is seen from the front, or along its axis. */
  private static Point flat(Joint it, boolean facing) {
    return new Point(it.x(), facing ? -it.z() : it.y());
  }

  /** A pipe between two places; one that is seen from its end is a round. */
  private Path bar(Point from, Point to) {
    return from.distance(to) < LINE_MM
        ? Motifs.disc(acrossMm).moved(at(from))
        : Path.bar(from, to, acrossMm / 2);
  }

  /** Its pipes become longer; what they are made of stays as it is. */
  @Override
  public Piped times(double factor) {
    return with(SkeletonChanges.times(skeleton, factor));
  }

  @Override
  public void check(Optional<Layering> stack) {
    if (stack.isPresent()) {
      throw new IllegalArgumentException("A skeleton is of pipe: it has no sheets");
    }
  }
}

package stoutblade.formats;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import stoutblade.measure.Stated;
import stoutblade.reference.Axis;
import stoutblade.reference.Extent;
import stoutblade.reference.Mark;
import stoutblade.reference.Measure;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.shape.Point;
import stoutblade.wearer.Segment;

/** Random things of the Size station, of all kinds, for round trips. */
final class SizeSamples {

  private SizeSamples() {}

  private static Point point(Random random) {
    return new Point(random.nextDouble() * 1000, random.nextDouble() * 1500);
  }

  private static Mark mark(Random random) {
    return new Mark(point(random), point(random));
  }

  private static Stated stated(Random random) {
    return new Stated(1 + random.nextDouble() * 900, random.nextDouble());
  }

  private static <T> T any(Random random, T[] all) {
    return all[random.nextInt(all.length)];
  }

  static Ruler.By by(Random random) {
    return switch (random.nextInt(5)) {
      case 0 ->
          new Ruler.KnownLength(
              stated(random),
              random.nextBoolean() ? Optional.of("bank-card") : Optional.empty(),
              mark(random));
      case 1 ->
          new Ruler.FigureHeight(
              IntStream.range(0, 2 + random.nextInt(4)).mapToObj(i -> point(random)).toList());
      case 2 -> new Ruler.BodySegment(any(random, Segment.values()), mark(random));
      case 3 -> new Ruler.PrintRatio(0.5 + random.nextDouble() * 9, stated(random), mark(random));
      default ->
          new Ruler.SeenRectangle(
              stated(random),
              stated(random),
              List.of(
                  new Point(100 + 50 * random.nextDouble(), 100),
                  new Point(800, 120 * random.nextDouble()),
                  new Point(900, 700),
                  new Point(90, 650 + 90 * random.nextDouble())));
    };
  }

  static Measure measure(Random random) {
    Measure.Kind kind = any(random, Measure.Kind.values());
    List<Point> places = IntStream.range(0, kind.least()).mapToObj(i -> point(random)).toList();
    return new Measure("m" + (1 + random.nextInt(4)), "Measure", kind, places);
  }

  static Model model(Random random) {
    Model model =
        new Model(
            Reference.next("s", List.of("s" + random.nextInt(3))),
            "Model",
            "c".repeat(64),
            1 + random.nextInt(1000),
            new Extent(0, 0, 0, random.nextDouble(), 1, random.nextDouble()),
            new Orientation(Axis.Z_DOWN, Axis.X_UP),
            Optional.empty(),
            random.nextBoolean());
    return switch (random.nextInt(4)) {
      case 0 -> model.withRuler(new Model.OwnUnit(random.nextDouble() + 0.1));
      case 1 ->
          model.withRuler(
              new Model.KnownSpan(
                  stated(random), Orientation.View.SIDE, new Point(0, 0), point(random)));
      case 2 -> model.withRuler(new Model.AsTallAsCharacter());
      default -> model;
    };
  }
}

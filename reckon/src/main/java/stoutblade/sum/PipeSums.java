package stoutblade.sum;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.pipework.Joint;
import stoutblade.pipework.Skeleton;
import stoutblade.pipework.Skeleton.Run;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Frames of pipe and fittings: what every pipe is cut to. */
final class PipeSums {

  static final List<Entry> FRAME =
      List.of(
          Entry.choice("pipe", "Pipe, Schedule 40", "1/2 in", "3/4 in", "1 in"),
          Entry.choice(
              "shape", "Shape", "yoke, two elbows", "frame, four elbows", "frame with a bar", "T"),
          Entry.length("wide", "Middle to middle, across", 400),
          Entry.length("high", "Middle to middle or end, upwards", 300),
          Entry.length("bar", "Bar, over the lower pipe", 120));

  private static final List<String> PIPES = List.of("pvc-1-2", "pvc-3-4", "pvc-1");

  /** Pipes that differ by less are cut with one setting. */
  private static final double SAME_MM = 0.05;

  /** Fittings are drawn so many times as wide as their pipe. */
  private static final double FITTING = 1.3;

  private PipeSums() {}

  static Answer frame(Values in, Catalogue catalogue) {
    String rodId = PIPES.get(in.count("pipe"));
    Rod rod =
        catalogue
            .rod(rodId)
            .orElseThrow(
                () -> new IllegalArgumentException("The catalogue has no pipe '" + rodId + "'"));
    Skeleton skeleton = skeleton(in);
    List<Skeleton.Cut> cuts = skeleton.cuts(catalogue, rodId);
    List<Figure> each = new ArrayList<>();
    StringBuilder sum = new StringBuilder();
    for (List<Skeleton.Cut> same : alike(cuts)) {
      int number = each.size() + 1;
      Figure cut = cut(same.getFirst(), same.size(), number, rod);
      each.add(cut);
      sum.append(number == 1 ? "" : " + ")
          .append(same.size())
          .append(" * {")
          .append(cut.id())
          .append('}');
    }
    Figure all =
        Drafted.length(
            "frame.all",
            "Pipe in all",
            sum.toString(),
            Source.GEOMETRY,
            each.toArray(Figure[]::new));
    Figure weight =
        Figure.computed(
            "frame.weight",
            "Pipes, weight without fittings",
            Quantity.MASS,
            "{frame.all} * {frame.section} * {frame.density}",
            Source.GEOMETRY,
            all,
            section(rod),
            rod.density("frame.density"));
    List<Figure> figures = new ArrayList<>(each);
    figures.addAll(List.of(all, weight));
    String bought =
        skeleton.fittings().entrySet().stream()
            .map(it -> it.getKey().counted(it.getValue()))
            .collect(Collectors.joining(", "));
    return Answer.of(
        figures,
        drawn(in, skeleton, cuts, rod),
        "It takes %s, and %s of pipe, sold in %s."
            .formatted(
                bought,
                Display.length(all.value(), Units.METRIC),
                Display.length(rod.lengthMm(), Units.METRIC)),
        "Fittings differ: cut one pipe, push it together dry and measure before all are cut.",
        "Pipe cement gives off vapours that burn: moving air, no flame, gloves, and its label.");
  }

  private static Figure section(Rod rod) {
    double across = rod.outerMm();
    double inside = rod.innerMm();
    return Figure.given(
        "frame.section",
        "Wall, area of the section",
        Math.PI / 4 * (across * across - inside * inside),
        Quantity.AREA,
        Source.catalogue(rod.name() + ": " + rod.source()));
  }

  /** Pipes of one length together, in the order of the drawing. */
  private static List<List<Skeleton.Cut>> alike(List<Skeleton.Cut> cuts) {
    Map<Long, List<Skeleton.Cut>> groups = new LinkedHashMap<>();
    for (Skeleton.Cut cut : cuts) {
      groups
          .computeIfAbsent(Math.round(cut.lengthMm() / SAME_MM), it -> new ArrayList<>())
          .add(cut);
    }
    return List.copyOf(groups.values());
  }

  private static Figure cut(Skeleton.Cut cut, int count, int number, Rod rod) {
    String id = "frame.cut" + number;
    Figure centres =
        Figure.given(
            id + ".centres",
            "From middle to middle, or to its open end",
            cut.centresMm(),
            Quantity.LENGTH,
            Source.DECIDED);
    Figure off =
        Figure.given(
            id + ".off",
            "What its fittings take off",
            cut.fromMm() + cut.toMm(),
            Quantity.LENGTH,
            Source.catalogue(rod.name() + ": ASTM D2466 (from memory)"));
    return Drafted.length(
        id,
        count == 1 ? "One pipe, cut to" : count + " pipes, each cut to",
        "{%s} - {%s}".formatted(centres.id(), off.id()),
        Source.handbook("cut length = middle to middle less the take-off of both fittings"),
        centres,
        off);
  }

  private static Skeleton skeleton(Values in) {
    double wide = in.get("wide");
    double high = in.get("high");
    double bar = in.get("bar");
    Joint low = new Joint(0, 0, 0);
    Joint up = new Joint(0, high, 0);
    Joint upRight = new Joint(wide, high, 0);
    Joint right = new Joint(wide, 0, 0);
    return switch (in.count("shape")) {
      case 0 -> new Skeleton(List.of(low, up, upRight, right), around(4, false), false);
      case 1 -> new Skeleton(List.of(low, up, upRight, right), around(4, true), false);
      case 2 -> {
        if (bar >= high) {
          throw new IllegalArgumentException("The bar lies between the lower and the upper pipe");
        }
        List<Run> runs = new ArrayList<>(around(6, true));
        runs.add(new Run(1, 4));
        Joint left = new Joint(0, bar, 0);
        Joint across = new Joint(wide, bar, 0);
        yield new Skeleton(List.of(low, left, up, upRight, across, right), runs, false);
      }
      default ->
          new Skeleton(
              List.of(new Joint(wide / 2, 0, 0), new Joint(wide / 2, high, 0), up, upRight),
              List.of(new Run(0, 1), new Run(1, 2), new Run(1, 3)),
              false);
    };
  }

  private static List<Run> around(int joints, boolean closed) {
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i + 1 < joints; i++) {
      runs.add(new Run(i, i + 1));
    }
    if (closed) {
      runs.add(new Run(joints - 1, 0));
    }
    return runs;
  }

  private static Drawing.Maker drawn(
      Values in, Skeleton skeleton, List<Skeleton.Cut> cuts, Rod rod) {
    Drawing.Maker drawing = new Drawing.Maker();
    double half = rod.outerMm() / 2;
    for (Skeleton.Cut cut : cuts) {
      Point from = flat(skeleton, cut.run().from());
      Point to = flat(skeleton, cut.run().to());
      Point way = to.minus(from).times(1 / cut.centresMm());
      drawing.shape(bar(from.plus(way.times(cut.fromMm())), to.minus(way.times(cut.toMm())), half));
      double socket = (cut.hiddenMm()) / Math.max(1, ends(cut));
      if (cut.fromMm() > 0) {
        Point back = from.minus(way.times(half * FITTING));
        drawing.shape(bar(back, from.plus(way.times(cut.fromMm() + socket)), half * FITTING));
      }
      if (cut.toMm() > 0) {
        Point back = to.plus(way.times(half * FITTING));
        drawing.shape(bar(back, to.minus(way.times(cut.toMm() + socket)), half * FITTING));
      }
    }
    double aside = -half * 4;
    double high = in.get("high");
    double wide = in.get("wide");
    return drawing
        .dimension(new Point(aside, 0), new Point(aside, high), in.figure("high"))
        .dimension(new Point(0, -half * 4), new Point(wide, -half * 4), in.figure("wide"));
  }

  private static int ends(Skeleton.Cut cut) {
    return (cut.fromMm() > 0 ? 1 : 0) + (cut.toMm() > 0 ? 1 : 0);
  }

  private static Point flat(Skeleton skeleton, int joint) {
    Joint at = skeleton.joints().get(joint);
    return new Point(at.x(), at.y());
  }

  private static Path bar(Point from, Point to, double half) {
    Point way = to.minus(from);
    Point side = new Point(-way.y(), way.x()).times(half / way.distance(new Point(0, 0)));
    return Path.through(
        List.of(from.plus(side), to.plus(side), to.minus(side), from.minus(side)), true);
  }
}

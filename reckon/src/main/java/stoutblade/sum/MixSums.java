package stoutblade.sum;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.measure.Units;
import stoutblade.section.Oval;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what a prop is made up from: pipe, sheets, glue. */
final class MixSums {

  static final List<Entry> PIPE =
      List.of(
          Entry.length("across", "Pipe outside, across", 21.3),
          Entry.length("height", "Squeezed to", 12),
          Entry.lengthOrNone("wall", "Wall; 0 for the catalogue's", 2.8));

  static final List<Entry> STACK =
      List.of(
          Entry.length("wanted", "Thickness wanted", 25.4),
          Entry.count("most", "Sheets at most", 3, 1, 5));

  static final List<Entry> GLUE =
      List.of(
          Entry.choice("shape", "Channel in each half", "square", "V", "round"),
          Entry.length("wide", "Channel, width", 12),
          Entry.length("deep", "Channel in each half, depth", 6),
          Entry.lengthOrNone("rod", "Rod, across", 10),
          Entry.length("length", "Channel, length", 800),
          Entry.number("swells", "Glue swells to times", 3, 1, 40));

  static final List<Entry> MIX =
      List.of(
          Entry.mass("whole", "Mixed in all", 120),
          Entry.number("first", "Parts of the first", 100, 0.001, 1000),
          Entry.number("second", "Parts of the second", 45, 0.001, 1000));

  private static final double HALF = 0.5;

  /** A pipe in the catalogue is meant where it is as wide but for so much. */
  private static final double SAME_PIPE_MM = 0.5;

  private MixSums() {}

  static Answer pipe(Values in, Catalogue catalogue) {
    Figure across = in.figure("across");
    Figure height = in.figure("height");
    double d = across.value();
    double h = height.value();
    if (h > d) {
      throw new IllegalArgumentException("A pipe is squeezed to less than its diameter");
    }
    Figure width = Oval.width("pipe.width", "Width of the oval", across, height);
    Figure share =
        Figure.computed(
            "pipe.share",
            "Squeezed to times its diameter",
            Quantity.RATIO,
            "{pipe.height} / {pipe.across}",
            Source.GEOMETRY,
            across,
            height);
    List<Figure> figures = new ArrayList<>(List.of(width, share));
    Optional<Figure> wall = wall(in, catalogue);
    wall.ifPresent(it -> figures.addAll(PipeWall.figures(across, height, width, it)));
    double w = width.value();
    double flat = (w - h) / 2;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Oval.outline(flat, h / 2))
            .help(CutSums.closed(Path.arc(new Point(-w / 2 - d, 0), d / 2, 0, 2 * Math.PI)))
            .dimension(new Point(-w / 2, -h * 0.9), new Point(w / 2, -h * 0.9), width)
            .dimension(
                new Point(w / 2 + h * 0.3, -h / 2), new Point(w / 2 + h * 0.3, h / 2), height);
    return Answer.of(
        figures,
        drawing,
        h < d * HALF
            ? "Pipe is squeezed to about half its diameter, no further: this is beyond it."
            : "Warm it evenly, squeeze it between boards, and hold it until it is cold.",
        "Overheated plastic pipe gives off harmful fumes: moving air, the least heat that will"
            + " do, and the maker's data sheet.",
        wall.isEmpty()
            ? "The catalogue has no pipe so wide: type its wall for its section and stiffness."
            : "Squeezed it is stiffer one way and softer the other; its weight stays.");
  }

  /** The wall that was typed; else that of the pipe in the catalogue that is as wide. */
  private static Optional<Figure> wall(Values in, Catalogue catalogue) {
    if (in.get("wall") > 0) {
      if (2 * in.get("wall") >= in.get("height")) {
        throw new IllegalArgumentException(
            "A pipe is squeezed to no less than both its walls together");
      }
      return Optional.of(in.figure("wall"));
    }
    double across = in.get("across");
    return catalogue.rods().stream()
        .filter(it -> it.innerMm() > 0 && Math.abs(it.outerMm() - across) <= SAME_PIPE_MM)
        .min(Comparator.comparingDouble(it -> Math.abs(it.outerMm() - across)))
        .filter(it -> it.outerMm() - it.innerMm() < in.get("height"))
        .map(
            it ->
                Figure.given(
                    "pipe.wall",
                    "Wall of " + it.name(),
                    (it.outerMm() - it.innerMm()) / 2,
                    Quantity.LENGTH,
                    Source.catalogue(it.source())));
  }

  /** A stack of sheets that can be bought. */
  private record Sheets(List<Double> thick) {

    double sum() {
      return thick.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** Each in the unit that it is sold in. */
    String words() {
      return String.join(" + ", thick.reversed().stream().map(Sheets::sold).toList());
    }

    private static String sold(double mm) {
      double sixtyFourths = mm / Units.MM_PER_INCH * 64;
      boolean inches =
          Math.abs(sixtyFourths - Math.rint(sixtyFourths)) < 1e-6
              && Math.abs(mm * 2 - Math.rint(mm * 2)) > 1e-6;
      return Display.length(mm, inches ? Units.INCHES : Units.METRIC);
    }

    long kinds() {
      return thick.stream().distinct().count();
    }
  }

  private static final int MOST_STACKS = 8;
  private static final int FEWEST_STACKS = 5;

  /** Stacks that differ by less are as good as each other. */
  private static final double EQUAL_MM = 0.05;

  /**
   * What comes nearest: of stacks that come equally near the simplest of each number of sheets, so
   * that thick sheets and thin ones are both offered.
   */
  private static List<Sheets> offered(List<Sheets> all, double wanted, int most) {
    Comparator<Sheets> near =
        Comparator.comparingDouble(it -> Math.rint(Math.abs(it.sum() - wanted) * 1000));
    List<Sheets> sorted =
        all.stream()
            .sorted(
                near.thenComparingInt(it -> it.thick.size())
                    .thenComparingLong(Sheets::kinds)
                    .thenComparingDouble(it -> it.thick.getLast()))
            .toList();
    if (sorted.isEmpty()) {
      return List.of();
    }
    double nearest = Math.abs(sorted.getFirst().sum() - wanted) + EQUAL_MM;
    List<Sheets> equal =
        sorted.stream().filter(it -> Math.abs(it.sum() - wanted) <= nearest).toList();
    int each = Math.max(1, Math.min(3, MOST_STACKS / most));
    List<Sheets> offered = new ArrayList<>();
    for (int count = 1; count <= most; count++) {
      int sheets = count;
      equal.stream()
          .filter(it -> it.thick.size() == sheets)
          .sorted(Comparator.comparingLong(Sheets::kinds))
          .limit(each)
          .forEach(offered::add);
    }
    sorted.stream()
        .filter(it -> !offered.contains(it))
        .limit(Math.max(0, FEWEST_STACKS - offered.size()))
        .forEach(offered::add);
    offered.sort(near.thenComparingInt(it -> it.thick.size()));
    return offered;
  }

  static Answer stack(Values in, Catalogue catalogue) {
    Figure wanted = in.figure("wanted");
    TreeSet<Double> bought = new TreeSet<>();
    catalogue.foams().stream().map(SheetMaterial::thicknessesMm).forEach(bought::addAll);
    List<Sheets> all = new ArrayList<>();
    gather(List.copyOf(bought), 0, in.count("most"), new ArrayList<>(), all);
    List<Sheets> best = offered(all, wanted.value(), in.count("most"));
    List<Figure> figures = new ArrayList<>();
    for (int i = 0; i < best.size(); i++) {
      Sheets sheets = best.get(i);
      figures.add(
          Figure.found(
              "stack.choice" + (i + 1),
              sheets.words(),
              sheets.sum(),
              Quantity.LENGTH,
              "the sheets in the catalogue that come nearest to {stack.wanted}, fewest first",
              Source.catalogue("thicknesses that can be bought"),
              Uncertainty.NONE,
              wanted));
    }
    Drawing.Maker drawing = new Drawing.Maker();
    double wide = wanted.value() * 1.6;
    for (int i = 0; i < best.size(); i++) {
      double x = i * wide * 2.6;
      double y = 0;
      List<Double> outside = best.get(i).thick.reversed();
      for (double sheet : outside) {
        drawing.shape(CutSums.rectangle(x, y, x + wide, y + sheet));
        y += sheet;
      }
      drawing.dimension(
          new Point(x + wide * 1.08, 0), new Point(x + wide * 1.08, y), figures.get(i));
    }
    double end = (best.size() - 1) * wide * 2.6 + wide;
    drawing.help(Path.line(new Point(-wide * 0.1, wanted.value()), new Point(end, wanted.value())));
    return Answer.of(figures, drawing);
  }

  private static void gather(
      List<Double> bought, int from, int left, List<Double> taken, List<Sheets> into) {
    for (int i = from; i < bought.size() && left > 0; i++) {
      taken.add(bought.get(i));
      into.add(new Sheets(List.copyOf(taken)));
      gather(bought, i, left - 1, taken, into);
      taken.removeLast();
    }
  }

  static Answer glue(Values in, Catalogue catalogue) {
    Figure wide = in.figure("wide");
    Figure deep = in.figure("deep");
    Figure rod = in.figure("rod");
    Figure length = in.figure("length");
    Figure swells = in.figure("swells");
    Channel channel = List.of(Channel.values()).get(in.count("shape"));
    Figure gap =
        Figure.computed(
            "glue.gap",
            "Room round the rod",
            Quantity.VOLUME,
            "(%s - pi * {glue.rod}^2 / 4) * {glue.length}".formatted(channel.both),
            new Source(Source.Kind.GEOMETRY, "both channels face to face, less the rod"),
            wide,
            deep,
            rod,
            length);
    boolean fits = channel.holds(wide.value() / 2, deep.value(), rod.value() / 2);
    if (gap.value() <= 0) {
      throw new IllegalArgumentException(
          "The rod is larger than its channel: nothing is left to fill. A channel as wide as the rod"
              + " and half as deep in each half just takes it.");
    }
    Figure needed =
        Figure.computed(
            "glue.needed",
            "Glue to put in",
            Quantity.FLUID,
            "{glue.gap} / {glue.swells}",
            Source.practice("glue that foams to three times its volume fills a third of the gap"),
            gap,
            swells);
    double w = wide.value() / 2;
    double d = deep.value();
    double out = Math.max(w, d) * 2.4;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(half(channel, w, d, out, 1))
            .shape(half(channel, w, d, out, -1))
            .dimension(new Point(-w, d * 1.6), new Point(w, d * 1.6), wide)
            .dimension(new Point(-w * 1.3, 0), new Point(-w * 1.3, d), deep);
    if (rod.value() > 0) {
      drawing.help(CutSums.closed(Path.arc(new Point(0, 0), rod.value() / 2, 0, 2 * Math.PI)));
    }
    return Answer.of(
        List.of(needed, gap),
        drawing,
        fits
            ? "The rod lies in both channels, and the halves close on it."
            : "The rod does not fit such a channel: it stands off its walls and keeps the halves"
                + " apart. Cut it deeper or wider, or round it out with a ball-nosed bit.",
        "Damp the channel, clamp for hours, keep it off the show faces.",
        "Such glue gives off isocyanate and sticks to skin: gloves, moving air, the label.");
  }

  /** How a channel is cut into each half. */
  private enum Channel {
    SQUARE("2 * {glue.wide} * {glue.deep}") {
      @Override
      boolean holds(double half, double deep, double radius) {
        return radius <= half + TOUCHING && radius <= deep + TOUCHING;
      }

      @Override
      List<Point> bottom(double half, double deep) {
        return List.of(new Point(-half, deep), new Point(half, deep));
      }
    },
    VEE("{glue.wide} * {glue.deep}") {
      @Override
      boolean holds(double half, double deep, double radius) {
        return radius <= half * deep / Math.hypot(half, deep) + TOUCHING;
      }

      @Override
      List<Point> bottom(double half, double deep) {
        return List.of(new Point(0, deep));
      }
    },
    /** Half an ellipse. */
    ROUND("pi / 2 * {glue.wide} * {glue.deep}") {
      @Override
      boolean holds(double half, double deep, double radius) {
        return radius <= Math.min(half, deep) + TOUCHING;
      }

      @Override
      List<Point> bottom(double half, double deep) {
        List<Point> all = new ArrayList<>();
        for (int i = 1; i < 24; i++) {
          double angle = Math.PI * (1 - i / 24.0);
          all.add(new Point(half * Math.cos(angle), deep * Math.sin(angle)));
        }
        return all;
      }
    };

    private static final double TOUCHING = 1e-6;

    /** The area of both together, as a formula. */
    private final String both;

    Channel(String both) {
      this.both = both;
    }

    /** True where a rod in the plane between the halves touches both or neither. */
    abstract boolean holds(double half, double deep, double radius);

    /** Its ground from left to right. */
    abstract List<Point> bottom(double half, double deep);
  }

  private static Path half(Channel channel, double w, double d, double out, int side) {
    List<Point> corners = new ArrayList<>(List.of(new Point(-out, 0), new Point(-w, 0)));
    corners.addAll(channel.bottom(w, d));
    corners.addAll(
        List.of(
            new Point(w, 0), new Point(out, 0), new Point(out, d * 2.2), new Point(-out, d * 2.2)));
    List<Point> placed =
        new ArrayList<>(corners.stream().map(it -> new Point(it.x(), side * it.y())).toList());
    if (side < 0) {
      Collections.reverse(placed);
    }
    return Path.through(placed, true);
  }

  static Answer mix(Values in, Catalogue catalogue) {
    Figure whole = in.figure("whole");
    Figure first = in.figure("first");
    Figure second = in.figure("second");
    Figure one = part("mix.one", "Of the first", "mix.first", whole, first, second);
    Figure two = part("mix.two", "Of the second", "mix.second", whole, first, second);
    double share = one.value() / whole.value();
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(CutSums.rectangle(0, 0, 60, 100 * share))
            .shape(CutSums.rectangle(0, 100 * share, 60, 100))
            .dimension(new Point(70, 0), new Point(70, 100 * share), one)
            .dimension(new Point(70, 100 * share), new Point(70, 100), two);
    return Answer.of(
        List.of(one, two),
        drawing,
        "By weight. The label says whether its ratio is by weight or by volume; they differ.");
  }

  private static Figure part(
      String id, String label, String parts, Figure whole, Figure first, Figure second) {
    return Figure.computed(
        id,
        label,
        Quantity.MASS,
        "{mix.whole} * {%s} / ({mix.first} + {mix.second})".formatted(parts),
        Source.GEOMETRY,
        whole,
        first,
        second);
  }
}

package stoutblade.sum;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.measure.Display;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what a prop is made up from: pipe, sheets, glue. */
final class MixSums {

  static final List<Entry> PIPE =
      List.of(
          Entry.length("across", "Pipe outside, across", 21.3),
          Entry.length("height", "Squeezed to", 12));

  static final List<Entry> STACK =
      List.of(
          Entry.length("wanted", "Thickness wanted", 25.4),
          Entry.count("most", "Sheets at most", 3, 1, 5));

  static final List<Entry> GLUE =
      List.of(
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

  private MixSums() {}

  static Answer pipe(Values in, Catalogue catalogue) {
    Figure across = in.figure("across");
    Figure height = in.figure("height");
    double d = across.value();
    double h = height.value();
    if (h > d) {
      throw new IllegalArgumentException("A pipe is squeezed to less than its diameter");
    }
    Figure width =
        Figure.computed(
            "pipe.width",
            "Width of the oval",
            Quantity.LENGTH,
            "{pipe.height} + pi * ({pipe.across} - {pipe.height}) / 2",
            Source.practice("the wall keeps its length: W = H + π(D − H)/2"),
            across,
            height);
    Figure share =
        Figure.computed(
            "pipe.share",
            "Squeezed to times its diameter",
            Quantity.RATIO,
            "{pipe.height} / {pipe.across}",
            Source.GEOMETRY,
            across,
            height);
    double w = width.value();
    double flat = (w - h) / 2;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(oval(flat, h / 2))
            .help(CutSums.closed(Path.arc(new Point(-w / 2 - d, 0), d / 2, 0, 2 * Math.PI)))
            .dimension(new Point(-w / 2, -h * 0.9), new Point(w / 2, -h * 0.9), width)
            .dimension(
                new Point(w / 2 + h * 0.3, -h / 2), new Point(w / 2 + h * 0.3, h / 2), height);
    return Answer.of(
        List.of(width, share),
        drawing,
        h < d * HALF
            ? "Pipe is squeezed to about half its diameter, no further: this is beyond it."
            : "Warm it evenly, squeeze it between boards, and hold it until it is cold.",
        "Overheated plastic pipe gives off harmful fumes: moving air, the least heat that will"
            + " do, and the maker's data sheet.");
  }

  private static Path oval(double flat, double radius) {
    List<Cubic> all = new ArrayList<>();
    Path right = Path.arc(new Point(flat, 0), radius, -Math.PI / 2, Math.PI / 2);
    Path left = Path.arc(new Point(-flat, 0), radius, Math.PI / 2, 3 * Math.PI / 2);
    all.addAll(right.cubics());
    all.addAll(Path.line(right.end(), left.start()).cubics());
    all.addAll(left.cubics());
    all.addAll(Path.line(left.end(), right.start()).cubics());
    return new Path(all, true);
  }

  /** A stack of sheets that can be bought. */
  private record Sheets(List<Double> thick) {

    double sum() {
      return thick.stream().mapToDouble(Double::doubleValue).sum();
    }

    String words(Units units) {
      return String.join(" + ", thick.stream().map(it -> Display.length(it, units)).toList());
    }
  }

  static Answer stack(Values in, Catalogue catalogue) {
    Figure wanted = in.figure("wanted");
    TreeSet<Double> bought = new TreeSet<>();
    catalogue.foams().stream().map(Foam::thicknessesMm).forEach(bought::addAll);
    List<Sheets> all = new ArrayList<>();
    gather(List.copyOf(bought), 0, in.count("most"), new ArrayList<>(), all);
    List<Sheets> best =
        all.stream()
            .sorted(
                Comparator.comparingDouble(
                        (Sheets it) -> Math.rint(Math.abs(it.sum() - wanted.value()) * 1000))
                    .thenComparingInt(it -> it.thick.size())
                    .thenComparingDouble(it -> -it.thick.getLast()))
            .limit(5)
            .toList();
    List<Figure> figures = new ArrayList<>();
    for (int i = 0; i < best.size(); i++) {
      Sheets sheets = best.get(i);
      figures.add(
          Figure.found(
              "stack.choice" + (i + 1),
              sheets.words(Units.METRIC),
              sheets.sum(),
              Quantity.LENGTH,
              "the sheets in the catalogue that come nearest to {stack.wanted}, fewest first",
              Source.catalogue("thicknesses that can be bought"),
              Doubt.NONE,
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
    Figure gap =
        Figure.computed(
            "glue.gap",
            "Room round the rod",
            Quantity.VOLUME,
            "max(0, {glue.wide} * {glue.deep} - pi * {glue.rod}^2 / 4) * {glue.length}",
            new Source(Source.Kind.GEOMETRY, "two V channels face to face, less the rod"),
            wide,
            deep,
            rod,
            length);
    Figure needed =
        Figure.computed(
            "glue.needed",
            "Glue to put in",
            Quantity.VOLUME,
            "{glue.gap} / {glue.swells}",
            Source.practice("glue that foams to three times its volume fills a third of the gap"),
            gap,
            swells);
    double w = wide.value() / 2;
    double d = deep.value();
    double out = Math.max(w, d) * 2.4;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(half(w, d, out, 1))
            .shape(half(w, d, out, -1))
            .dimension(new Point(-w, d * 1.6), new Point(w, d * 1.6), wide)
            .dimension(new Point(-w * 1.3, 0), new Point(-w * 1.3, d), deep);
    if (rod.value() > 0) {
      drawing.help(CutSums.closed(Path.arc(new Point(0, 0), rod.value() / 2, 0, 2 * Math.PI)));
    }
    return Answer.of(
        List.of(needed, gap),
        drawing,
        "Damp the channel, clamp for hours, keep it off the show faces.",
        "Such glue gives off isocyanate and sticks to skin: gloves, moving air, the label.");
  }

  private static Path half(double w, double d, double out, int side) {
    List<Point> corners =
        List.of(
            new Point(-out, 0),
            new Point(-w, 0),
            new Point(0, d),
            new Point(w, 0),
            new Point(out, 0),
            new Point(out, d * 2.2),
            new Point(-out, d * 2.2));
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

package stoutblade.sum;

import java.util.ArrayList;
import java.util.List;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what is bent: a sheet over grooves, a profile along a curved edge. */
final class BendSums {

  static final List<Entry> SCORE =
      List.of(
          Entry.angle("bend", "Bend", 90, 1, 360),
          Entry.length("radius", "Radius inside", 60),
          Entry.length("foam", "Foam", 10),
          Entry.length("deep", "Grooves, depth", 6),
          Entry.length("wide", "Grooves, opening", 4));

  static final List<Entry> RUN =
      List.of(
          Entry.length("radius", "Edge, radius of its curve", 300),
          Entry.angle("turn", "It turns through", 90, 1, 360),
          Entry.length("foam", "Profile, width", 15),
          Entry.choice("lies", "Lies", "outside the curve", "inside the curve"),
          Entry.length("edge", "Edge that it covers, thickness", 12.5));

  /** A profile that is stretched more than so is warmed first. */
  private static final double WARM = 0.05;

  private static final int ARCS = 48;

  private BendSums() {}

  /**
   * V grooves on the inside that close when the sheet is bent: each closes by the angle of its V,
   * and the skin that is left keeps its length.
   */
  static Answer score(Values in, Catalogue catalogue) {
    Figure bend = in.figure("bend");
    Figure radius = in.figure("radius");
    Figure foam = in.figure("foam");
    Figure deep = in.figure("deep");
    Figure wide = in.figure("wide");
    if (deep.value() >= foam.value()) {
      throw new IllegalArgumentException(
          "A groove leaves something of the sheet: it is shallower than the foam is thick");
    }
    Figure each =
        Figure.computed(
            "score.each",
            "Each groove closes by",
            Quantity.ANGLE,
            "2 * atan({score.wide} / 2 / {score.deep})",
            Source.GEOMETRY,
            wide,
            deep);
    Figure count =
        Figure.computed(
            "score.count",
            "Grooves",
            Quantity.COUNT,
            "max(1, round({score.bend} / {score.each}))",
            Source.practice("a whole number, the spacing shares out what is left"),
            bend,
            each);
    Figure length =
        Figure.computed(
            "score.length",
            "Bent stretch of the sheet",
            Quantity.LENGTH,
            "{score.bend} * ({score.radius} + {score.deep} + ({score.foam} - {score.deep}) / 2)",
            Source.practice("what is left behind the grooves bends about its middle"),
            bend,
            radius,
            deep,
            foam);
    Figure every =
        Figure.computed(
            "score.every",
            "One every",
            Quantity.LENGTH,
            "{score.length} / {score.count}",
            Source.GEOMETRY,
            length,
            count);
    if (every.value() < wide.value()) {
      throw new IllegalArgumentException(
          "The grooves run into each other: make them narrower, deeper or the radius larger");
    }
    Figure left =
        Figure.computed(
            "score.closed",
            "All grooves together close by",
            Quantity.ANGLE,
            "{score.count} * {score.each}",
            Source.GEOMETRY,
            count,
            each);
    double total = length.value();
    double t = foam.value();
    double d = deep.value();
    double half = wide.value() / 2;
    List<Point> around = new ArrayList<>(List.of(new Point(0, 0)));
    for (int i = 0; i < count.value(); i++) {
      double middle = every.value() * (i + 0.5);
      around.add(new Point(middle - half, 0));
      around.add(new Point(middle, d));
      around.add(new Point(middle + half, 0));
    }
    around.addAll(List.of(new Point(total, 0), new Point(total, t), new Point(0, t)));
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Path.through(around, true))
            .dimension(new Point(0, t * 1.8), new Point(total, t * 1.8), length)
            .dimension(
                new Point(every.value() * 0.5, -t * 0.8),
                new Point(every.value() * 1.5, -t * 0.8),
                every);
    double off = left.value() - bend.value();
    return Answer.of(
        List.of(every, count, each, length, left),
        drawing,
        Math.abs(off) < each.value() / 4
            ? "The grooves close as the bend is reached."
            : off > 0
                ? "The bend is reached before the grooves close: they stay a little open, or cut them"
                    + " a little narrower."
                : "The grooves close before the bend is reached: press it on, or cut them a little"
                    + " wider.",
        "Open the grooves with heat before they are glued, glue them thin, and close them over a"
            + " former of the radius inside.");
  }

  /** A half-round or other profile laid along a curved edge. */
  static Answer run(Values in, Catalogue catalogue) {
    boolean outside = in.count("lies") == 0;
    Figure radius = in.figure("radius");
    Figure turn = in.figure("turn");
    Figure wide = in.figure("foam");
    Figure edge = in.figure("edge");
    if (!outside && wide.value() >= radius.value()) {
      throw new IllegalArgumentException(
          "Inside a curve a profile is narrower than the radius; found it as wide");
    }
    String way = outside ? "+" : "-";
    Figure along =
        Figure.computed(
            "run.along",
            "Profile, length to cut",
            Quantity.LENGTH,
            "{run.turn} * ({run.radius} %s {run.foam} / 2)".formatted(way),
            Source.practice("a profile bends about its middle"),
            turn,
            radius,
            wide);
    Figure far =
        Figure.computed(
            "run.far",
            outside ? "Its far side" : "Its far side, short",
            Quantity.LENGTH,
            "{run.turn} * ({run.radius} %s {run.foam})".formatted(way),
            Source.GEOMETRY,
            turn,
            radius,
            wide);
    Figure stretch =
        Figure.computed(
            "run.stretch",
            "Its sides are stretched and squeezed by",
            Quantity.RATIO,
            "{run.foam} / 2 / ({run.radius} %s {run.foam} / 2)".formatted(way),
            Source.handbook(
                "bending of a beam, strain = distance from the middle over radius (Gere, Mechanics"
                    + " of Materials; from memory)"),
            wide,
            radius);
    Figure over =
        Figure.computed(
            "run.over",
            "It stands over the edge by, to be sanded flush",
            Quantity.LENGTH,
            "max(0, {run.foam} - {run.edge})",
            Source.practice("a 15 mm profile on a 12.5 mm edge is sanded flush"),
            wide,
            edge);
    double inner = outside ? radius.value() : radius.value() - wide.value();
    double outer = inner + wide.value();
    double half = turn.value() / 2;
    List<Point> around = new ArrayList<>();
    for (int i = 0; i <= ARCS; i++) {
      double angle = Math.PI / 2 - half + turn.value() * i / ARCS;
      around.add(new Point(outer * Math.cos(angle), outer * Math.sin(angle)));
    }
    for (int i = ARCS; i >= 0; i--) {
      double angle = Math.PI / 2 - half + turn.value() * i / ARCS;
      around.add(new Point(inner * Math.cos(angle), inner * Math.sin(angle)));
    }
    Point top = new Point(0, radius.value());
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Path.through(around, true))
            .help(Path.line(new Point(0, 0), top))
            .dimension(new Point(0, 0), top, radius);
    return Answer.of(
        List.of(along, stretch, far, over),
        drawing,
        stretch.value() > WARM
            ? "Warm it evenly all along until it droops, lay it round a former a little tighter than"
                + " the edge and let it cool there (our guess: from 5 % on)."
            : "It bends cold; pin or tape it while the glue takes hold.",
        "Mitre its ends to the next run at half the angle between them, or run it past a corner and"
            + " trim.");
  }
}

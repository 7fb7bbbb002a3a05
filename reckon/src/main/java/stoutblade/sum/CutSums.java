package stoutblade.sum;

import java.util.List;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of angles, spaces and ratios. */
final class CutSums {

  static final List<Entry> MITRE =
      List.of(Entry.count("sides", "Sides", 4, 3, 48), Entry.length("foam", "Foam", 10));

  static final List<Entry> BEVEL =
      List.of(
          Entry.length("line", "Thickness at the line", 20),
          Entry.lengthOrNone("edge", "Thickness at the edge", 4),
          Entry.length("width", "From the line to the edge", 22));

  static final List<Entry> SPACING =
      List.of(
          Entry.length("length", "Edge, length", 600),
          Entry.length("pitch", "About every", 25.4),
          Entry.choice("ends", "At the ends", "a mark", "half a space", "closed round"));

  static final List<Entry> ROUND =
      List.of(
          Entry.length("across", "Ring, across", 500),
          Entry.count("count", "How many", 16, 2, 720));

  static final List<Entry> PRINT =
      List.of(
          Entry.length("printed", "On the print", 25.4),
          Entry.length("real", "stands for", 4.5 * 25.4),
          Entry.length("measured", "Measured on the print", 60));

  private CutSums() {}

  static Answer mitre(Values in, Catalogue catalogue) {
    Figure sides = in.figure("sides");
    Figure foam = in.figure("foam");
    Figure lean =
        Figure.computed(
            "mitre.lean",
            "Each edge leans from square by",
            Quantity.ANGLE,
            "pi / {mitre.sides}",
            Source.practice("mitre of a box of n sides: 180° over n"),
            sides);
    Figure corner =
        Figure.computed(
            "mitre.corner",
            "Corner inside",
            Quantity.ANGLE,
            "pi - 2 * {mitre.lean}",
            Source.GEOMETRY,
            lean);
    Figure back =
        Figure.computed(
            "mitre.back",
            "Cut runs back by",
            Quantity.LENGTH,
            "{mitre.foam} * tan({mitre.lean})",
            Source.GEOMETRY,
            foam,
            lean);
    double t = foam.value();
    double b = back.value();
    double wide = Math.max(6 * t, 3 * b);
    Path left =
        Path.through(
            List.of(new Point(-wide, 0), new Point(0, 0), new Point(-b, t), new Point(-wide, t)),
            true);
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(left)
            .shape(left.mirrored().moved(it -> it.plus(new Point(t, 0))))
            .dimension(new Point(-b, t * 1.35), new Point(0, t * 1.35), back);
    return Answer.of(List.of(lean, back, corner), drawing);
  }

  static Answer bevel(Values in, Catalogue catalogue) {
    Figure line = in.figure("line");
    Figure edge = in.figure("edge");
    Figure width = in.figure("width");
    if (edge.value() >= line.value()) {
      throw new IllegalArgumentException(
          "A bevelled edge is thinner than the line where the bevel starts");
    }
    Figure angle =
        Figure.computed(
            "bevel.angle",
            "Angle from the face",
            Quantity.ANGLE,
            "atan(({bevel.line} - {bevel.edge}) / (2 * {bevel.width}))",
            Source.practice("bevel of a two-sheet blade: atan((T − e) / 2b)"),
            line,
            edge,
            width);
    Figure slope =
        Figure.computed(
            "bevel.slope",
            "Sanded face, width",
            Quantity.LENGTH,
            "{bevel.width} / cos({bevel.angle})",
            Source.GEOMETRY,
            width,
            angle);
    double t = line.value() / 2;
    double e = edge.value() / 2;
    double b = width.value();
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(
                Path.through(
                    List.of(
                        new Point(-1.5 * b, -t),
                        new Point(0, -t),
                        new Point(b, -e),
                        new Point(b, e),
                        new Point(0, t),
                        new Point(-1.5 * b, t)),
                    true))
            .help(Path.line(new Point(-1.5 * b, 0), new Point(b, 0)))
            .help(Path.line(new Point(0, -t), new Point(0, t)))
            .dimension(new Point(0, -t * 1.5), new Point(b, -t * 1.5), width)
            .dimension(new Point(-1.7 * b, -t), new Point(-1.7 * b, t), line);
    return Answer.of(
        List.of(angle, slope), drawing, "Tape along the line and sand flat with a wide pad.");
  }

  static Answer spacing(Values in, Catalogue catalogue) {
    Figure length = in.figure("length");
    Figure wanted = in.figure("pitch");
    boolean marked = in.count("ends") == 0;
    double first = in.count("ends") == 1 ? 0.5 : 0;
    Figure spaces =
        Figure.computed(
            "spacing.spaces",
            "Spaces",
            Quantity.COUNT,
            "max(1, round({spacing.length} / {spacing.pitch}))",
            Source.practice("spaced from the whole length, so that none ends thin"),
            length,
            wanted);
    Figure pitch =
        Figure.computed(
            "spacing.every",
            "One every",
            Quantity.LENGTH,
            "{spacing.length} / {spacing.spaces}",
            Source.GEOMETRY,
            length,
            spaces);
    Figure marks =
        Figure.computed(
            "spacing.marks",
            "Marks",
            Quantity.COUNT,
            marked ? "{spacing.spaces} + 1" : "{spacing.spaces}",
            Source.GEOMETRY,
            spaces);
    double tall = length.value() * 0.04;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Path.line(new Point(0, 0), new Point(length.value(), 0)))
            .dimension(new Point(0, -2 * tall), new Point(length.value(), -2 * tall), length);
    for (int i = 0; i < Math.min(400, marks.value()); i++) {
      double x = (i + first) * pitch.value();
      drawing.help(Path.line(new Point(x, 0), new Point(x, tall)));
    }
    return Answer.of(List.of(pitch, marks, spaces), drawing);
  }

  static Answer round(Values in, Catalogue catalogue) {
    Figure across = in.figure("across");
    Figure count = in.figure("count");
    Figure along =
        Figure.computed(
            "round.along",
            "One every, along the ring",
            Quantity.LENGTH,
            "pi * {round.across} / {round.count}",
            Source.practice("spaced from the way round, so that none ends thin"),
            across,
            count);
    Figure dividers =
        Figure.computed(
            "round.dividers",
            "Dividers set to",
            Quantity.LENGTH,
            "{round.across} * sin(pi / {round.count})",
            Source.handbook("chord of a circle: d sin(180°/n)"),
            across,
            count);
    Figure angle =
        Figure.computed(
            "round.angle",
            "One every, seen from the middle",
            Quantity.ANGLE,
            "2 * pi / {round.count}",
            Source.GEOMETRY,
            count);
    double r = across.value() / 2;
    Drawing.Maker drawing =
        new Drawing.Maker().shape(closed(Path.arc(new Point(0, 0), r, 0, 2 * Math.PI)));
    for (int i = 0; i < in.count("count"); i++) {
      double a = Math.PI / 2 + 2 * Math.PI * i / in.count("count");
      Point out = new Point(Math.cos(a), Math.sin(a));
      drawing.help(Path.line(out.times(r * 0.94), out.times(r * 1.06)));
    }
    double half = Math.PI / in.count("count");
    drawing.dimension(
        new Point(-r * Math.sin(half), r * Math.cos(half)),
        new Point(r * Math.sin(half), r * Math.cos(half)),
        dividers);
    return Answer.of(List.of(along, dividers, angle), drawing);
  }

  static Path closed(Path open) {
    return new Path(open.cubics(), true);
  }

  static Answer print(Values in, Catalogue catalogue) {
    Figure printed = in.figure("printed");
    Figure real = in.figure("real");
    Figure measured = in.figure("measured");
    Figure ratio =
        Figure.computed(
            "print.ratio",
            "Scale",
            Quantity.RATIO,
            "{print.real} / {print.printed}",
            Source.GEOMETRY,
            real,
            printed);
    Figure length =
        Figure.computed(
            "print.length",
            "Real length",
            Quantity.LENGTH,
            "{print.measured} * {print.ratio}",
            Source.practice("every inch on the print stands for so many on the prop"),
            measured,
            ratio);
    double paper = measured.value();
    double prop = length.value();
    double gap = Math.max(paper, prop) * 0.08;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(bar(0, paper, gap))
            .shape(bar(-3 * gap, prop, gap))
            .dimension(new Point(0, gap * 1.6), new Point(paper, gap * 1.6), measured)
            .dimension(new Point(0, -3.6 * gap), new Point(prop, -3.6 * gap), length);
    return Answer.of(List.of(length, ratio), drawing);
  }

  private static Path bar(double y, double length, double tall) {
    return rectangle(0, y, length, y + tall);
  }

  static Path rectangle(double x1, double y1, double x2, double y2) {
    return Path.through(
        List.of(new Point(x1, y1), new Point(x2, y1), new Point(x2, y2), new Point(x1, y2)), true);
  }
}

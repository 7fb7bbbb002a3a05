package stoutblade.sum;

import java.util.List;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.DoubleWall;
import stoutblade.develop.Rings;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what lies on tubes, in them and along them. */
final class BarrelSums {

  private static final double FULL = 2 * Math.PI;

  static final List<Entry> RINGS =
      List.of(
          Entry.length("barrel", "Barrel, across", 60),
          Entry.length("foam", "Foam", 5),
          Entry.count("count", "Rings", 5, 1, Rings.MOST),
          Entry.length("first", "First ring, width", 30),
          Entry.length("last", "Last ring, width", 12),
          Entry.lengthOrNone("gap", "Between two", 8));

  static final List<Entry> HALVES =
      List.of(
          Entry.length("outside", "Tube outside, across", 60),
          Entry.length("wall", "Tube, wall", 3),
          Entry.count("pieces", "Cut lengthwise into", 2, 2, 12),
          Entry.lengthOrNone("kerf", "Saw takes away", 1.5));

  static final List<Entry> WALLS =
      List.of(
          Entry.length("outside", "Outside, across", 300),
          Entry.length("foam", "Foam of walls and ribs", 5),
          Entry.length("gap", "Room between the walls", 25),
          Entry.length("height", "Length", 400),
          Entry.count("ribs", "Ribs", 8, DoubleWall.FEWEST, DoubleWall.MOST));

  static final List<Entry> SOCKET =
      List.of(
          Entry.length("rod", "Rod or tube, across", 20),
          Entry.lengthOrNone("play", "Room all round for glue", 0.3),
          Entry.length("part", "Part where it is thinnest, across", 40),
          Entry.length("depth", "Bored so deep", 60));

  static final List<Entry> SLIDE =
      List.of(
          Entry.length("inner", "Inner piece, across", 40),
          Entry.lengthOrNone("coat", "Coats on each face, thickness", 0.3),
          Entry.lengthOrNone("play", "Room all round", 0.5),
          Entry.length("wall", "Outer piece, wall", 5),
          Entry.length("outer", "Outer piece, length", 500),
          Entry.length("length", "Inner piece, length", 480),
          Entry.length("overlap", "Stays inside at least", 90));

  /** A rod is held well from about so many of its widths on. */
  private static final double WIDTHS = 3;

  private BarrelSums() {}

  static Answer rings(Values in, Catalogue catalogue) {
    return ShapeSums.flat(
        "rings",
        new Rings(
            in.get("barrel"),
            in.get("foam"),
            in.count("count"),
            in.get("first"),
            in.get("last"),
            in.get("gap")));
  }

  static Answer walls(Values in, Catalogue catalogue) {
    return ShapeSums.flat(
        "walls",
        new DoubleWall(
            in.get("outside"), in.get("foam"), in.get("gap"), in.get("height"), in.count("ribs")));
  }

  static Answer halves(Values in, Catalogue catalogue) {
    Figure outside = in.figure("outside");
    Figure wall = in.figure("wall");
    Figure pieces = in.figure("pieces");
    Figure kerf = in.figure("kerf");
    double d = outside.value();
    if (2 * wall.value() >= d) {
      throw new IllegalArgumentException(
          "The walls fill the tube: it is thinner than half of its outside");
    }
    Figure marks =
        Drafted.length(
            "halves.marks",
            "Lines to cut along, apart round it",
            "pi * {halves.outside} / {halves.pieces}",
            Source.GEOMETRY,
            outside,
            pieces);
    if (kerf.value() >= marks.value()) {
      throw new IllegalArgumentException("The saw takes away all of it");
    }
    Figure arc =
        Drafted.length(
            "halves.arc",
            "Each piece, round its outside",
            "{halves.marks} - {halves.kerf}",
            Source.GEOMETRY,
            marks,
            kerf);
    Figure chord =
        Drafted.length(
            "halves.chord",
            "Each piece, straight across",
            "{halves.outside} * sin({halves.arc} / {halves.outside})",
            Source.handbook("chord of a circle: d sin(arc / d)"),
            outside,
            arc);
    Figure high =
        Drafted.length(
            "halves.high",
            "Each piece lies so high",
            "{halves.outside} / 2 * (1 - cos({halves.arc} / {halves.outside}))",
            Source.handbook("height of an arc: r (1 − cos(arc / d))"),
            outside,
            arc);
    Figure inside =
        Drafted.length(
            "halves.inside",
            "Each piece, across its inside",
            "({halves.outside} - 2 * {halves.wall}) * sin({halves.arc} / {halves.outside})",
            Source.GEOMETRY,
            outside,
            wall,
            arc);
    return Answer.of(
        List.of(marks, chord, high, arc, inside),
        split(d, wall.value(), in.count("pieces"), arc.value() / d, chord),
        "Wrap paper round the tube, fold it into as many parts, and carry the folds over; or let"
            + " the tube lie in a corner and draw along it with the pen held still.",
        "Edges of the cut are sharp: break them before a glove or a face comes near. Wear glasses"
            + " and a mask at the saw, and hold the tube in a cradle so that it cannot roll.");
  }

  private static Drawing.Maker split(double d, double wall, int pieces, double half, Figure chord) {
    double apart = d * 0.04;
    Drawing.Maker drawing = new Drawing.Maker();
    for (int i = 0; i < pieces; i++) {
      double middle = Math.PI / 2 + FULL * i / pieces;
      Point by = new Point(Math.cos(middle), Math.sin(middle)).times(apart);
      Path outer = Path.arc(by, d / 2, middle - half, middle + half);
      Path inner = Path.arc(by, d / 2 - wall, middle + half, middle - half);
      drawing.shape(outer).shape(inner);
      drawing.shape(Path.line(outer.end(), inner.start()));
      drawing.shape(Path.line(inner.end(), outer.start()));
    }
    double aside = chord.value() / 2;
    double over = d * 0.7;
    return drawing.dimension(new Point(-aside, over), new Point(aside, over), chord);
  }

  static Answer socket(Values in, Catalogue catalogue) {
    Figure rod = in.figure("rod");
    Figure play = in.figure("play");
    Figure part = in.figure("part");
    Figure depth = in.figure("depth");
    Figure bore =
        Drafted.length(
            "socket.bore",
            "Bore, across",
            "{socket.rod} + 2 * {socket.play}",
            Source.GEOMETRY,
            rod,
            play);
    Figure wall =
        Drafted.length(
            "socket.wall",
            "Foam left round it",
            "({socket.part} - {socket.bore}) / 2",
            Source.GEOMETRY,
            part,
            bore);
    if (wall.value() <= 0) {
      throw new IllegalArgumentException(
          "The bore is as wide as the part, or wider: take a thinner rod, or build the part up");
    }
    Figure widths =
        Figure.computed(
            "socket.widths",
            "Depth, in widths of the rod",
            Quantity.RATIO,
            "{socket.depth} / {socket.rod}",
            Source.GEOMETRY,
            depth,
            rod);
    double half = part.value() / 2;
    double deep = depth.value();
    double floor = deep * 1.35;
    double b = bore.value() / 2;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(
                Path.through(
                    List.of(
                        new Point(-half, 0),
                        new Point(-b, 0),
                        new Point(-b, -deep),
                        new Point(b, -deep),
                        new Point(b, 0),
                        new Point(half, 0),
                        new Point(half, -floor),
                        new Point(-half, -floor)),
                    true))
            .help(
                Path.through(
                    List.of(
                        new Point(-rod.value() / 2, deep * 0.5),
                        new Point(-rod.value() / 2, -deep),
                        new Point(rod.value() / 2, -deep),
                        new Point(rod.value() / 2, deep * 0.5)),
                    false))
            .dimension(new Point(half * 1.2, 0), new Point(half * 1.2, -deep), depth)
            .dimension(new Point(b, -floor * 1.1), new Point(half, -floor * 1.1), wall);
    return Answer.of(
        List.of(bore, wall, widths),
        drawing,
        widths.value() < WIDTHS
            ? "That is shallow: about three widths of the rod hold it upright (common practice)."
            : "That is deep enough to hold it upright (common practice: about three widths).",
        "Leave a little room below the rod, or a groove along it, so that glue and air can get"
            + " out.");
  }

  static Answer slide(Values in, Catalogue catalogue) {
    Figure inner = in.figure("inner");
    Figure coat = in.figure("coat");
    Figure play = in.figure("play");
    Figure wall = in.figure("wall");
    Figure outer = in.figure("outer");
    Figure length = in.figure("length");
    Figure overlap = in.figure("overlap");
    if (overlap.value() >= Math.min(outer.value(), length.value())) {
      throw new IllegalArgumentException(
          "What stays inside is shorter than either piece; found it as long as one of them");
    }
    Figure bore =
        Drafted.length(
            "slide.bore",
            "Outer piece inside, across, bare",
            "{slide.inner} + 4 * {slide.coat} + 2 * {slide.play}",
            Source.practice("coats lie on both faces that slide, on both sides"),
            inner,
            coat,
            play);
    Figure outside =
        Drafted.length(
            "slide.outside",
            "Outer piece outside, across",
            "{slide.bore} + 2 * {slide.wall}",
            Source.GEOMETRY,
            bore,
            wall);
    Figure open =
        Drafted.length(
            "slide.open",
            "Pulled out, length",
            "{slide.outer} + {slide.length} - {slide.overlap}",
            Source.GEOMETRY,
            outer,
            length,
            overlap);
    Figure closed =
        Drafted.length(
            "slide.closed",
            "Pushed in, length",
            "max({slide.outer}, {slide.length})",
            Source.GEOMETRY,
            outer,
            length);
    Figure travel =
        Drafted.length(
            "slide.travel",
            "It travels by",
            "{slide.open} - {slide.closed}",
            Source.GEOMETRY,
            open,
            closed);
    boolean longer = length.value() > outer.value();
    return Answer.of(
        List.of(open, closed, travel, bore, outside),
        both(in, open, closed, bore.value() / 2, outside.value() / 2),
        longer
            ? "Pushed in, the inner piece stands out at the far end: leave that end open, or make"
                + " it shorter."
            : "Pushed in, the inner piece is inside altogether: leave something to pull it by.",
        "Put a stop in a slot as long as the travel, so that it cannot be pulled out, and try both"
            + " positions with the coats on.");
  }

  /** Both positions, one over the other: pulled out below, pushed in above. */
  private static Drawing.Maker both(
      Values in, Figure open, Figure closed, double bore, double half) {
    double outer = in.get("outer");
    double length = in.get("length");
    double thin = in.get("inner") / 2;
    double up = half * 4;
    double from = outer - in.get("overlap");
    return new Drawing.Maker()
        .shape(Drafted.box(0, -half, outer, half))
        .help(Drafted.box(0, -bore, outer, bore))
        .shape(Drafted.box(from, -thin, from + length, thin))
        .shape(Drafted.box(0, up - half, outer, up + half))
        .help(Drafted.box(0, up - bore, outer, up + bore))
        .shape(Drafted.box(0, up - thin, length, up + thin))
        .dimension(new Point(0, -half * 1.8), new Point(open.value(), -half * 1.8), open)
        .dimension(
            new Point(0, up + half * 1.8), new Point(closed.value(), up + half * 1.8), closed);
  }
}

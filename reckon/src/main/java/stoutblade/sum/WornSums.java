package stoutblade.sum;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.Developed;
import stoutblade.develop.Ring;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what is worn: openings for an arm or a hand, and straps on the back of a shield. */
final class WornSums {

  static final List<Entry> OPENING =
      List.of(
          Entry.length("round", "Round what goes through", 260),
          Entry.lengthOrNone("padding", "Glove or padding, thickness", 4),
          Entry.lengthOrNone("play", "Room all round", 4),
          Entry.number("give", "Foam stretches by, of 1", 0.05, 0, 0.5),
          Entry.number("flat", "Wide to high", 1.4, 1, 4),
          Entry.length("foam", "Foam", 6),
          Entry.length("width", "Cuff, width", 80));

  static final List<Entry> STRAPS =
      List.of(
          Entry.length("arm", "Elbow to the middle of the fist", 330),
          Entry.lengthOrNone("inset", "Strap, from the elbow", 90),
          Entry.length("round", "Round the arm there", 270),
          Entry.lengthOrNone("padding", "Armguard, thickness", 5),
          Entry.length("across", "Shield, across", 600),
          Entry.angle("slant", "Arm leans from level", 15, 0, 90),
          Entry.length("board", "Shield, thickness", 16),
          Entry.length("thick", "Strap, thickness", 3),
          Entry.lengthOrNone("overlap", "Held behind the face, each end", 40));

  private static final Source OURS =
      Source.practice(
          "the arm is laid on the back of the shield, and the straps lie where it does");

  private WornSums() {}

  private static Figure length(
      String id, String label, String formula, Source source, Figure... of) {
    return Figure.computed(id, label, Quantity.LENGTH, formula, source, of);
  }

  static Answer opening(Values in, Catalogue catalogue) {
    Figure round = in.figure("round");
    Figure padding = in.figure("padding");
    Figure play = in.figure("play");
    Figure give = in.figure("give");
    Figure flat = in.figure("flat");
    Figure clear =
        length(
            "opening.clear",
            "Once round the opening, stretched",
            "{opening.round} + 2 * pi * ({opening.padding} + {opening.play})",
            Source.GEOMETRY,
            round,
            padding,
            play);
    Figure cut =
        length(
            "opening.cut",
            "Once round the opening, as it is cut",
            "{opening.clear} / (1 + {opening.give})",
            Source.GEOMETRY,
            clear,
            give);
    Figure across =
        length(
            "opening.across", "Round opening, across", "{opening.cut} / pi", Source.GEOMETRY, cut);
    Figure high =
        length(
            "opening.high",
            "Oval opening, high",
            "2 * {opening.cut} / (pi * (3 * ({opening.flat} + 1) - sqrt((3 * {opening.flat} + 1) *"
                + " ({opening.flat} + 3))))",
            Source.handbook("Ramanujan's first formula for once round an ellipse"),
            cut,
            flat);
    Figure wide =
        length(
            "opening.wide",
            "Oval opening, wide",
            "{opening.flat} * {opening.high}",
            Source.GEOMETRY,
            high,
            flat);
    Ring cuff = new Ring(across.value(), Ring.Known.FORMER, in.get("foam"), in.get("width"));
    Developed strip = cuff.develop("opening");
    double a = wide.value() / 2;
    double b = high.value() / 2;
    double beside = a + across.value() / 2 + in.get("foam") * 2 + 20;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(oval(a, b))
            .shape(
                CutSums.closed(Path.arc(new Point(beside, 0), across.value() / 2, 0, 2 * Math.PI)))
            .dimension(new Point(-a, -b * 1.25), new Point(a, -b * 1.25), wide)
            .dimension(new Point(-a * 1.15, -b), new Point(-a * 1.15, b), high)
            .dimension(
                new Point(beside - across.value() / 2, -b * 1.25),
                new Point(beside + across.value() / 2, -b * 1.25),
                across);
    return new Answer(
        Stream.concat(Stream.of(across, wide, high, cut, clear), strip.figures().stream()).toList(),
        List.of(
            "Measure round the widest that has to pass: a hand with its thumb laid in, a fist round"
                + " the grip in its glove, a head above the ears.",
            "Cut it in paper, and try it on with all that is worn under it. It must come off by"
                + " itself, and nothing may feel tight."),
        drawing.done(),
        Optional.of(cuff));
  }

  /** An ellipse, through enough places to look like one. */
  private static Path oval(double a, double b) {
    List<Point> points =
        IntStream.range(0, 72)
            .mapToObj(
                i ->
                    new Point(
                        a * Math.cos(2 * Math.PI * i / 72), b * Math.sin(2 * Math.PI * i / 72)))
            .toList();
    return Path.through(points, true);
  }

  static Answer straps(Values in, Catalogue catalogue) {
    Figure arm = in.figure("arm");
    Figure inset = in.figure("inset");
    Figure round = in.figure("round");
    Figure padding = in.figure("padding");
    Figure across = in.figure("across");
    Figure slant = in.figure("slant");
    Figure board = in.figure("board");
    Figure thick = in.figure("thick");
    Figure overlap = in.figure("overlap");
    if (inset.value() >= arm.value()) {
      throw new IllegalArgumentException(
          "The strap lies between the elbow and the fist; found it beyond the fist");
    }
    Figure apart =
        length("straps.apart", "Strap to grip", "{straps.arm} - {straps.inset}", OURS, arm, inset);
    Figure aside =
        length(
            "straps.aside",
            "Each from the middle, sideways",
            "{straps.apart} / 2 * cos({straps.slant})",
            OURS,
            apart,
            slant);
    Figure up =
        length(
            "straps.up",
            "Each from the middle, up or down",
            "{straps.apart} / 2 * sin({straps.slant})",
            OURS,
            apart,
            slant);
    Figure inside =
        length(
            "straps.inside",
            "Arm with its guard, across",
            "{straps.round} / pi + 2 * {straps.padding}",
            Source.GEOMETRY,
            round,
            padding);
    Figure slots =
        length(
            "straps.slots",
            "Slots of the arm strap, apart",
            "{straps.inside} + {straps.thick}",
            Source.GEOMETRY,
            inside,
            thick);
    Figure strap =
        length(
            "straps.length",
            "Arm strap, length",
            "{straps.slots} * (1 + pi / 2) + 2 * ({straps.board} + {straps.overlap})",
            Source.GEOMETRY,
            slots,
            board,
            overlap);
    Figure elbow =
        length(
            "straps.elbow",
            "Elbow to the rim",
            "{straps.across} / 2 - {straps.apart} / 2 - {straps.inset}",
            Source.GEOMETRY,
            across,
            apart,
            inset);
    return Answer.of(
        List.of(apart, aside, up, slots, strap, inside, elbow),
        strapsDrawn(apart.value() / 2, in.get("slant"), slots, across, inset.value(), aside),
        elbow.value() < 0
            ? "The elbow stands out past the rim: move the strap nearer to it, or bend the arm up"
                + " along the shield."
            : "The elbow lies inside the rim.",
        "The strap runs straight up from each slot to the middle of the arm and half round it.",
        "Bolt straps with large washers, or glue and sew them to a disc of their own behind the"
            + " face, and try the arm in them before that disc is glued in.");
  }

  private static Drawing.Maker strapsDrawn(
      double half, double slant, Figure slots, Figure across, double inset, Figure aside) {
    Point way = new Point(Math.cos(slant), Math.sin(slant));
    Point side = new Point(-way.y(), way.x()).times(slots.value() / 2);
    Point grip = way.times(half);
    Point strap = way.times(-half);
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(CutSums.closed(Path.arc(new Point(0, 0), across.value() / 2, 0, 2 * Math.PI)))
            .help(Path.line(strap.minus(way.times(inset)), grip));
    for (Point at : List.of(strap.plus(side), strap.minus(side))) {
      drawing.shape(Path.line(at.minus(way.times(20)), at.plus(way.times(20))));
    }
    Point hand = side.times(0.55);
    drawing.shape(Path.line(grip.minus(hand), grip.plus(hand)));
    double below = -across.value() / 2 * 1.1;
    return drawing
        .dimension(new Point(0, below), new Point(grip.x(), below), aside)
        .dimension(strap.plus(side), strap.minus(side), slots);
  }
}

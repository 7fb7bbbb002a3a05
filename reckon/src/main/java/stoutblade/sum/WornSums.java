package stoutblade.sum;

import java.util.List;
import java.util.Map;
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
import stoutblade.wearer.BodyMeasure;

/** Sums of what is worn: openings for an arm or a hand, and straps on the back of a shield. */
final class WornSums {

  static final List<Entry> OPENING =
      List.of(
          Entry.choice("of", "What goes through", "an arm", "a hand", "a head", "something else"),
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

  static final List<Entry> GRIP =
      List.of(
          Entry.length("hand", "Hand across the knuckles", 88),
          Entry.count("hands", "Hands on it", 1, 1, 4),
          Entry.lengthOrNone("glove", "Glove, thickness", 3),
          Entry.lengthOrNone("apart", "Between two hands", 10),
          Entry.lengthOrNone("ends", "Room at each end", 8),
          Entry.length("grip", "Grip, across", 34));

  static final List<Entry> RELEASE =
      List.of(
          Entry.length("handle", "What it holds, across", 40),
          Entry.length("thick", "Strap, thickness", 2.5),
          Entry.length("overlap", "Hook and loop, overlap", 80),
          Entry.lengthOrNone("tail", "Tail to pull", 50),
          Entry.length("width", "Strap, width", 25));

  /** Four fingers lie side by side in the hand's breadth. */
  private static final int FINGERS = 4;

  static final Map<String, BodyMeasure> STRAPS_OF =
      Map.of("arm", BodyMeasure.ELBOW_TO_GRIP, "round", BodyMeasure.FOREARM_ROUND);

  static final Map<String, BodyMeasure> GRIP_OF = Map.of("hand", BodyMeasure.HAND_BREADTH);

  private static final List<BodyMeasure> THROUGH =
      List.of(BodyMeasure.FOREARM_ROUND, BodyMeasure.HAND_ROUND, BodyMeasure.HEAD_ROUND);

  /** What goes through an opening, where that is some of the wearer. */
  static Map<String, BodyMeasure> openingOf(Map<String, Double> typed) {
    int of = (int) (double) typed.getOrDefault("of", 0.0);
    return of < THROUGH.size() ? Map.of("round", THROUGH.get(of)) : Map.of();
  }

  private WornSums() {}

  static Answer opening(Values in, Catalogue catalogue) {
    Figure round = in.figure("round");
    Figure padding = in.figure("padding");
    Figure play = in.figure("play");
    Figure give = in.figure("give");
    Figure flat = in.figure("flat");
    Figure clear =
        Drafted.length(
            "opening.clear",
            "Once round the opening, stretched",
            "{opening.round} + 2 * pi * ({opening.padding} + {opening.play})",
            Source.GEOMETRY,
            round,
            padding,
            play);
    Figure cut =
        Drafted.length(
            "opening.cut",
            "Once round the opening, as it is cut",
            "{opening.clear} / (1 + {opening.give})",
            Source.GEOMETRY,
            clear,
            give);
    Figure across =
        Drafted.length(
            "opening.across", "Round opening, across", "{opening.cut} / pi", Source.GEOMETRY, cut);
    Figure high =
        Drafted.length(
            "opening.high",
            "Oval opening, high",
            "2 * {opening.cut} / (pi * (3 * ({opening.flat} + 1) - sqrt((3 * {opening.flat} + 1) *"
                + " ({opening.flat} + 3))))",
            Source.handbook("Ramanujan's first formula for once round an ellipse"),
            cut,
            flat);
    Figure wide =
        Drafted.length(
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
        Drafted.length(
            "straps.apart", "Strap to grip", "{straps.arm} - {straps.inset}", OURS, arm, inset);
    Figure aside =
        Drafted.length(
            "straps.aside",
            "Each from the middle, sideways",
            "{straps.apart} / 2 * cos({straps.slant})",
            OURS,
            apart,
            slant);
    Figure up =
        Drafted.length(
            "straps.up",
            "Each from the middle, up or down",
            "{straps.apart} / 2 * sin({straps.slant})",
            OURS,
            apart,
            slant);
    Figure inside =
        Drafted.length(
            "straps.inside",
            "Arm with its guard, across",
            "{straps.round} / pi + 2 * {straps.padding}",
            Source.GEOMETRY,
            round,
            padding);
    Figure slots =
        Drafted.length(
            "straps.slots",
            "Slots of the arm strap, apart",
            "{straps.inside} + {straps.thick}",
            Source.GEOMETRY,
            inside,
            thick);
    Figure strap =
        Drafted.length(
            "straps.length",
            "Arm strap, length",
            "{straps.slots} * (1 + pi / 2) + 2 * ({straps.board} + {straps.overlap})",
            Source.GEOMETRY,
            slots,
            board,
            overlap);
    Figure elbow =
        Drafted.length(
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

  /** Room for hands on a grip, behind a guard, and for a finger in a trigger guard. */
  static Answer grip(Values in, Catalogue catalogue) {
    Figure hand = in.figure("hand");
    Figure hands = in.figure("hands");
    Figure glove = in.figure("glove");
    Figure apart = in.figure("apart");
    Figure ends = in.figure("ends");
    Figure grip = in.figure("grip");
    Figure each =
        Drafted.length(
            "grip.each",
            "A hand in its glove, across",
            "{grip.hand} + 2 * {grip.glove}",
            Source.GEOMETRY,
            hand,
            glove);
    Figure total =
        Drafted.length(
            "grip.length",
            "Grip, length",
            "{grip.hands} * {grip.each} + ({grip.hands} - 1) * {grip.apart} + 2 * {grip.ends}",
            Source.GEOMETRY,
            hands,
            each,
            apart,
            ends);
    Figure finger =
        Drafted.length(
            "grip.finger",
            "A finger in its glove, across",
            "{grip.hand} / %d + 2 * {grip.glove}".formatted(FINGERS),
            Source.assumption("four fingers side by side are as wide as the hand"),
            hand,
            glove);
    Figure opening =
        Drafted.length(
            "grip.opening",
            "Opening for one finger, across",
            "{grip.finger} + {grip.ends}",
            OURS,
            finger,
            ends);
    Figure knuckles =
        Drafted.length(
            "grip.knuckles",
            "Knuckle guard, from the middle of the grip",
            "{grip.grip} / 2 + {grip.finger} + {grip.ends}",
            OURS,
            grip,
            finger,
            ends);
    double across = grip.value() / 2;
    double high = total.value();
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Drafted.box(-across, 0, across, high))
            .dimension(new Point(-across * 2, 0), new Point(-across * 2, high), total)
            .help(Path.line(new Point(knuckles.value(), 0), new Point(knuckles.value(), high)))
            .dimension(
                new Point(0, -high * 0.08), new Point(knuckles.value(), -high * 0.08), knuckles);
    for (int i = 0; i < in.count("hands"); i++) {
      double from = ends.value() + i * (each.value() + apart.value());
      drawing.help(
          Drafted.box(
              -across - finger.value(), from, across + finger.value(), from + each.value()));
    }
    return Answer.of(
        List.of(total, knuckles, opening, each, finger),
        drawing,
        "Try it with the gloves that go with it: a hand shut round a grip is wider than one laid"
            + " flat.");
  }

  /** A strap that lets go when it is pulled at: once round, over itself, and a tail. */
  static Answer release(Values in, Catalogue catalogue) {
    Figure handle = in.figure("handle");
    Figure thick = in.figure("thick");
    Figure overlap = in.figure("overlap");
    Figure tail = in.figure("tail");
    Figure width = in.figure("width");
    Figure loop =
        Drafted.length(
            "release.loop",
            "Loop, once round",
            "pi * ({release.handle} + {release.thick})",
            Source.GEOMETRY,
            handle,
            thick);
    if (overlap.value() >= loop.value()) {
      throw new IllegalArgumentException(
          "The overlap is shorter than the loop, or it would go round twice");
    }
    Figure all =
        Drafted.length(
            "release.length",
            "Strap, length",
            "{release.loop} + {release.overlap} + {release.tail}",
            Source.GEOMETRY,
            loop,
            overlap,
            tail);
    Figure held =
        Figure.computed(
            "release.held",
            "Hook and loop that hold",
            Quantity.AREA,
            "{release.overlap} * {release.width}",
            Source.GEOMETRY,
            overlap,
            width);
    double wide = width.value();
    double from = loop.value();
    double to = from + overlap.value();
    double end = to + tail.value();
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Drafted.box(0, 0, end, wide))
            .help(Path.line(new Point(from, 0), new Point(from, wide)))
            .help(Path.line(new Point(to, 0), new Point(to, wide)))
            .dimension(new Point(0, -wide * 0.8), new Point(from, -wide * 0.8), loop)
            .dimension(new Point(from, wide * 1.8), new Point(to, wide * 1.8), overlap)
            .dimension(new Point(0, wide * 3), new Point(end, wide * 3), all);
    return Answer.of(
        List.of(all, loop, held),
        drawing,
        "It lets go when its tail is peeled, and must let go when somebody hangs on it: try that"
            + " with a helper before it is worn, and shorten the overlap until it does.",
        "Nothing round the neck: what holds there has to part by itself.");
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

package stoutblade.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what folds on a pin, and of what comes apart. */
final class MotionSums {

  static final List<Entry> FOLD =
      List.of(
          Entry.length("fixed", "Fixed piece, from the pin", 600),
          Entry.length("moving", "Moving piece, from the pin", 450),
          Entry.lengthOrNone("tail", "Moving piece, behind the pin", 30),
          Entry.length("wide", "Moving piece, width", 60),
          Entry.length("thick", "Fixed piece, thickness", 20),
          Entry.length("other", "Moving piece, thickness", 20),
          Entry.lengthOrNone("washer", "Washer between", 1.5),
          Entry.lengthOrNone("coat", "Coats on each face, thickness", 0.3),
          Entry.angle("turns", "It turns by", 180, 1, 180),
          Entry.lengthOrNone("guard", "Something stands on the fixed piece at", 500));

  static final List<Entry> PARTED =
      List.of(
          Entry.length("length", "Prop, length", 1800),
          Entry.count("pieces", "Pieces", 2, 2, 8),
          Entry.length("case", "Longest that goes into the case", 1050),
          Entry.length("tube", "Tube inside, across", 16),
          Entry.lengthOrNone("play", "Room all round the spigot", 0.2),
          Entry.number("widths", "Spigot in each tube, in its widths", 4, 1, 20));

  static final Map<String, String> PARTED_OF = Map.of("length", "prop.length");

  /** A spigot is held well from about so many of its widths on. */
  private static final double WELL = 3;

  private MotionSums() {}

  // == FOLDING

  static Answer fold(Values in, Catalogue catalogue) {
    Figure fixed = in.figure("fixed");
    Figure moving = in.figure("moving");
    Figure tail = in.figure("tail");
    Figure wide = in.figure("wide");
    Figure turns = in.figure("turns");
    Figure open =
        Drafted.length(
            "fold.open",
            "Open, length",
            "{fold.fixed} + {fold.moving}",
            Source.GEOMETRY,
            fixed,
            moving);
    Figure reach =
        Drafted.length(
            "fold.reach",
            "Its far corners swing round the pin at",
            "sqrt({fold.moving}^2 + ({fold.wide} / 2)^2)",
            Source.GEOMETRY,
            moving,
            wide);
    Figure room =
        Drafted.length(
            "fold.room",
            "Its tail needs room round the pin",
            "sqrt({fold.tail}^2 + ({fold.wide} / 2)^2)",
            Source.GEOMETRY,
            tail,
            wide);
    Figure back =
        Drafted.length(
            "fold.back",
            "Folded, from the pin back",
            "max({fold.fixed}, {fold.wide} / 2 * sin({fold.turns})"
                + " + max({fold.tail} * cos({fold.turns}), 0 - {fold.moving} * cos({fold.turns})))",
            Source.GEOMETRY,
            fixed,
            wide,
            turns,
            tail,
            moving);
    Figure front =
        Drafted.length(
            "fold.front",
            "Folded, from the pin forward",
            "max(0, {fold.wide} / 2 * sin({fold.turns})"
                + " + max({fold.moving} * cos({fold.turns}), 0 - {fold.tail} * cos({fold.turns})))",
            Source.GEOMETRY,
            wide,
            turns,
            moving,
            tail);
    Figure closed =
        Drafted.length(
            "fold.closed",
            "Folded, length",
            "{fold.back} + {fold.front}",
            Source.GEOMETRY,
            back,
            front);
    Figure thick =
        Drafted.length(
            "fold.thickness",
            "Folded, thickness at the pin",
            "{fold.thick} + {fold.other} + {fold.washer} + 4 * {fold.coat}",
            Source.practice("coats lie on both faces of both pieces"),
            in.figure("thick"),
            in.figure("other"),
            in.figure("washer"),
            in.figure("coat"));
    Optional<Figure> clear =
        in.get("guard") == 0
            ? Optional.empty()
            : Optional.of(
                Drafted.length(
                    "fold.clear",
                    "Clear of what stands there by",
                    "{fold.guard} - {fold.reach}",
                    Source.GEOMETRY,
                    in.figure("guard"),
                    reach));
    boolean over = Math.cos(turns.value()) < 0;
    boolean hits = over && clear.filter(it -> it.value() < 0).isPresent();
    List<Figure> figures = new ArrayList<>(List.of(open, closed, thick, reach, room));
    clear.ifPresent(figures::add);
    return Answer.of(
        figures,
        both(in, open, closed, back),
        hits
            ? "It runs into what stands on the fixed piece: make the moving piece shorter by "
                + Display.length(-clear.get().value(), Units.METRIC)
                + ", or lay them so that it passes over it."
            : "It passes what stands on the fixed piece, or turns away from it.",
        "Round the tail about the pin, or leave the room that it needs; put a stop at both ends of"
            + " its travel. Fingers get between such pieces: try it slowly, with gloves.");
  }

  /** Both positions: open below, folded above. */
  private static Drawing.Maker both(Values in, Figure open, Figure closed, Figure back) {
    double fixed = in.get("fixed");
    double half = in.get("wide") / 2;
    double up =
        Math.max(half * 5, (in.get("moving") + half) * Math.sin(in.get("turns")) + half * 3);
    double turned = in.get("turns");
    Path piece = Drafted.box(-in.get("tail"), -half, in.get("moving"), half);
    Point over = new Point(0, -up);
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Drafted.box(-fixed, -half, 0, half))
            .help(piece)
            .shape(Drafted.box(-fixed, -up - half, 0, -up + half))
            .help(piece.moved(it -> it.turned(turned).plus(over)))
            .dimension(new Point(-fixed, half * 2), new Point(in.get("moving"), half * 2), open);
    double left = -back.value();
    if (in.get("guard") > 0) {
      double at = -in.get("guard");
      for (double level : new double[] {0, -up}) {
        drawing.shape(
            Path.line(new Point(at, level - half * 1.6), new Point(at, level + half * 1.6)));
      }
    }
    double below = -up - half * 2;
    return drawing.dimension(
        new Point(left, below), new Point(left + closed.value(), below), closed);
  }

  // == APART

  /** Pieces of one length with spigots between them, against a case. */
  static Answer parted(Values in, Catalogue catalogue) {
    Figure length = in.figure("length");
    Figure pieces = in.figure("pieces");
    Figure box = in.figure("case");
    Figure tube = in.figure("tube");
    Figure play = in.figure("play");
    Figure widths = in.figure("widths");
    if (2 * play.value() >= tube.value()) {
      throw new IllegalArgumentException("The room round the spigot fills the tube");
    }
    Figure spigot =
        Drafted.length(
            "parted.spigot",
            "Spigot, across",
            "{parted.tube} - 2 * {parted.play}",
            Source.GEOMETRY,
            tube,
            play);
    Figure inside =
        Drafted.length(
            "parted.inside",
            "Spigot in each tube",
            "{parted.widths} * {parted.spigot}",
            Source.practice("a spigot goes in by about three of its widths or more"),
            widths,
            spigot);
    Figure piece =
        Drafted.length(
            "parted.piece",
            "Each piece, without its spigot",
            "{parted.length} / {parted.pieces}",
            Source.GEOMETRY,
            length,
            pieces);
    if (inside.value() * 2 > piece.value()) {
      throw new IllegalArgumentException(
          "The spigots meet inside a piece: fewer pieces, or shorter spigots");
    }
    Figure longest =
        Drafted.length(
            "parted.longest",
            "Longest piece, with its spigot",
            "{parted.piece} + {parted.inside}",
            Source.GEOMETRY,
            piece,
            inside);
    Figure free =
        Drafted.length(
            "parted.free",
            "Left over in the case",
            "{parted.case} - {parted.longest}",
            Source.GEOMETRY,
            box,
            longest);
    Figure cut =
        Drafted.length(
            "parted.cut", "Spigot, length to cut", "2 * {parted.inside}", Source.GEOMETRY, inside);
    List<String> words = new ArrayList<>();
    words.add(
        free.value() < 0
            ? "It does not go into the case: more pieces, or a longer case."
            : "It goes into the case.");
    if (widths.value() < WELL) {
      words.add("Spigots so short work loose: about three widths or more (common practice).");
    }
    words.add(
        "Part it neither in the hand nor just above it, where it is bent most. Glue the spigot into"
            + " one piece and pin it in the other, so that it cannot turn or fly off.");
    return Answer.of(
        List.of(longest, free, cut, spigot, piece, inside),
        apart(in, piece, inside, longest),
        words.toArray(String[]::new));
  }

  /** Two pieces drawn apart, the spigot glued into the lower one. */
  private static Drawing.Maker apart(Values in, Figure piece, Figure inside, Figure longest) {
    double half = in.get("tube");
    double thin = half - in.get("play");
    double end = piece.value();
    double gap = inside.value() * 1.4;
    return new Drawing.Maker()
        .shape(Drafted.box(0, -half, end, half))
        .help(Drafted.box(end - inside.value(), -thin, end, thin))
        .shape(Drafted.box(end, -thin, end + inside.value(), thin))
        .shape(Drafted.box(end + gap, -half, 2 * end + gap, half))
        .dimension(new Point(0, half * 4), new Point(longest.value(), half * 4), longest)
        .dimension(new Point(0, -half * 4), new Point(end, -half * 4), piece);
  }
}

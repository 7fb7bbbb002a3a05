package stoutblade.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of how a long prop balances, and of where it comes apart. */
final class CoreSums {

  static final List<Entry> POISE =
      List.of(
          Entry.mass("weight", "Prop, weight", 800),
          Entry.length("balance", "Balances at, from its lower end", 620),
          Entry.lengthOrNone("wanted", "To balance at, from its lower end", 560),
          Entry.lengthOrNone("place", "Weight put in at, from its lower end", 30),
          Entry.mass("try", "Or put in this much", 50));

  static final Map<String, String> POISE_OF =
      Map.of("weight", "prop.mass", "balance", "prop.balance");

  static final List<Entry> PARTED =
      List.of(
          Entry.length("length", "Prop, length", 1800),
          Entry.count("pieces", "Pieces", 2, 2, 8),
          Entry.length("case", "Longest that goes into the case", 1050),
          Entry.length("tube", "Tube inside, across", 16),
          Entry.lengthOrNone("play", "Room all round the spigot", 0.2),
          Entry.number("widths", "Spigot in each tube, in its widths", 4, 1, 20));

  static final Map<String, String> PARTED_OF = Map.of("length", "prop.length");

  private static final Source LEVER = Source.handbook("law of the lever: moments about a place");

  /** A spigot is held well from about so many of its widths on. */
  private static final double WELL = 3;

  private CoreSums() {}

  // == BALANCE

  /** What is put in at one place so that all of it balances at another. */
  static Answer poise(Values in, Catalogue catalogue) {
    Figure weight = in.figure("weight");
    Figure balance = in.figure("balance");
    Figure wanted = in.figure("wanted");
    Figure place = in.figure("place");
    Figure more = in.figure("try");
    double way = (balance.value() - wanted.value()) * (wanted.value() - place.value());
    if (wanted.value() == place.value() || way < 0) {
      throw new IllegalArgumentException(
          "A weight there pulls the balance towards it, and never up to it or away: put it on the"
              + " far side of where it is to balance");
    }
    Figure needed =
        Figure.computed(
            "poise.needed",
            "Weight to put in",
            Quantity.MASS,
            "{poise.weight} * ({poise.balance} - {poise.wanted}) / ({poise.wanted} - {poise.place})",
            LEVER,
            weight,
            balance,
            wanted,
            place);
    Figure all =
        Figure.computed(
            "poise.all",
            "Prop with it, weight",
            Quantity.MASS,
            "{poise.weight} + {poise.needed}",
            Source.GEOMETRY,
            weight,
            needed);
    Figure tried =
        Drafted.length(
            "poise.tried",
            "With the other weight it balances at",
            "({poise.weight} * {poise.balance} + {poise.try} * {poise.place})"
                + " / ({poise.weight} + {poise.try})",
            LEVER,
            weight,
            balance,
            more,
            place);
    Figure moved =
        Drafted.length(
            "poise.moved",
            "That moves the balance by",
            "{poise.balance} - {poise.tried}",
            Source.GEOMETRY,
            balance,
            tried);
    double high = Math.max(balance.value(), Math.max(wanted.value(), place.value())) * 1.25;
    double half = high * 0.02;
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(Drafted.box(0, -half, high, half))
            .shape(triangle(wanted.value(), -half, half * 3))
            .help(triangle(balance.value(), -half, half * 3))
            .shape(
                CutSums.closed(Path.arc(new Point(place.value(), 0), half * 1.5, 0, 2 * Math.PI)))
            .dimension(new Point(0, half * 4), new Point(balance.value(), half * 4), balance)
            .dimension(new Point(0, -half * 7), new Point(wanted.value(), -half * 7), wanted);
    return Answer.of(
        List.of(needed, all, tried, moved),
        drawing,
        needed.value() > weight.value() / 4
            ? "That is more than a quarter of the prop: take weight off its far end first."
            : "Put it in where it cannot come loose: in the core's end, plugged and glued.",
        "Nothing hard or heavy where a blow lands; the event's rules say what may be inside.");
  }

  private static Path triangle(double at, double top, double high) {
    return Path.through(
        List.of(
            new Point(at, top),
            new Point(at + high * 0.6, top - high),
            new Point(at - high * 0.6, top - high)),
        true);
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

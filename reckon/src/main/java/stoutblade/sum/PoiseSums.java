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

/** Sums of where a prop balances, and of how it hangs from the body. */
final class PoiseSums {

  static final List<Entry> POISE =
      List.of(
          Entry.mass("weight", "Prop, weight", 800),
          Entry.length("balance", "Balances at, from its lower end", 620),
          Entry.lengthOrNone("wanted", "To balance at, from its lower end", 560),
          Entry.lengthOrNone("place", "Weight put in at, from its lower end", 30),
          Entry.mass("try", "Or put in this much", 50));

  static final Map<String, String> POISE_OF =
      Map.of("weight", "prop.mass", "balance", "prop.balance");

  static final List<Entry> CARRY =
      List.of(
          Entry.mass("weight", "Prop, weight", 800),
          Entry.length("length", "Prop, length", 1000),
          Entry.length("balance", "Balances at, from its lower end", 620),
          Entry.length("upper", "Upper hook, above the balance", 180),
          Entry.lengthOrNone("lower", "Lower hook, below the balance, 0 for none", 170),
          Entry.lengthOrNone("aside", "Hook beside its middle line by", 20),
          Entry.angle("lean", "Leans from upright, with two hooks", 30, 0, 90),
          Entry.length("high", "Upper hook over the ground", 920));

  /** What is known of the prop that is looked at, by the entries' keys. */
  static final Map<String, String> CARRY_OF =
      Map.of("weight", "prop.mass", "length", "prop.length", "balance", "prop.balance");

  /** A prop whose balance lies less than this below its only hook tips when it is brushed. */
  private static final double TIPSY_MM = 40;

  private static final Source LEVER = Source.handbook("law of the lever: moments about a place");

  private PoiseSums() {}

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

  // == CARRYING

  static Answer carry(Values in, Catalogue catalogue) {
    Figure weight = in.figure("weight");
    Figure length = in.figure("length");
    Figure balance = in.figure("balance");
    Figure upper = in.figure("upper");
    Figure lower = in.figure("lower");
    Figure hook =
        Drafted.length(
            "carry.hook",
            "Upper hook, from its lower end",
            "{carry.balance} + {carry.upper}",
            Source.GEOMETRY,
            balance,
            upper);
    if (hook.value() > length.value() || lower.value() > balance.value()) {
      throw new IllegalArgumentException(
          "Both hooks lie on the prop: found one beyond its end, by its length and its balance");
    }
    return lower.value() == 0
        ? hung(in, length, upper, hook)
        : slung(in, weight, length, hook, upper, lower);
  }

  /** From one hook it swings until its balance is below that. */
  private static Answer hung(Values in, Figure length, Figure upper, Figure hook) {
    Figure aside = in.figure("aside");
    Figure lean =
        Figure.computed(
            "carry.hung",
            "Leans from upright",
            Quantity.ANGLE,
            "atan({carry.aside} / {carry.upper})",
            LEVER,
            aside,
            upper);
    return carried(
        in,
        lean,
        List.of(lean),
        length,
        hook,
        upper.value() < TIPSY_MM
            ? "Its balance is close below the hook: it tips when it is brushed. Hang it from"
                + " further up."
            : "It hangs with its balance below the hook, and swings as one walks.");
  }

  /** Two hooks share its weight, on both sides of its balance. */
  private static Answer slung(
      Values in, Figure weight, Figure length, Figure hook, Figure upper, Figure lower) {
    Figure high =
        Figure.computed(
            "carry.on-upper",
            "Upper hook carries",
            Quantity.MASS,
            "{carry.weight} * {carry.lower} / ({carry.upper} + {carry.lower})",
            LEVER,
            weight,
            lower,
            upper);
    Figure low =
        Figure.computed(
            "carry.on-lower",
            "Lower hook carries",
            Quantity.MASS,
            "{carry.weight} - {carry.on-upper}",
            LEVER,
            weight,
            high);
    return carried(
        in,
        in.figure("lean"),
        List.of(high, low),
        length,
        hook,
        "Each hook carries its share while one stands; running and jumping is several times that.");
  }

  private static Answer carried(
      Values in, Figure lean, List<Figure> first, Figure length, Figure hook, String words) {
    Figure high = in.figure("high");
    Figure ground =
        Drafted.length(
            "carry.ground",
            "Lower end over the ground",
            "{carry.high} - {carry.hook} * cos({%s})".formatted(lean.id()),
            Source.GEOMETRY,
            high,
            hook,
            lean);
    Figure behind =
        Drafted.length(
            "carry.behind",
            "Lower end stands out to the side by",
            "{carry.hook} * sin({%s})".formatted(lean.id()),
            Source.GEOMETRY,
            hook,
            lean);
    Figure top =
        Drafted.length(
            "carry.top",
            "Upper end over the ground",
            "{carry.high} + ({carry.length} - {carry.hook}) * cos({%s})".formatted(lean.id()),
            Source.GEOMETRY,
            high,
            length,
            hook,
            lean);
    List<Figure> figures = new ArrayList<>(first);
    figures.addAll(List.of(ground, behind, top));
    return Answer.of(
        figures,
        hanging(in, lean.value(), hook.value(), ground, behind),
        words,
        ground.value() < 0
            ? "Its lower end is below the ground: it drags. Hang it from further down or let it"
                + " lean more."
            : "Sit, climb a step and go through a door with a stick of that length first.");
  }

  private static Drawing.Maker hanging(
      Values in, double lean, double upper, Figure ground, Figure behind) {
    double high = in.get("high");
    double half = Math.max(6, in.get("length") * 0.012);
    Point hook = new Point(0, high);
    Path prop =
        Drafted.box(-half, -upper, half, in.get("length") - upper)
            .moved(it -> it.turned(lean).plus(hook));
    Point end = new Point(0, -upper).turned(lean).plus(hook);
    double aside = half * 4;
    Point balance = new Point(0, in.get("balance") - upper).turned(lean).plus(hook);
    Drawing.Maker drawing =
        new Drawing.Maker()
            .shape(prop)
            .shape(Path.line(new Point(-upper, 0), new Point(upper, 0)))
            .help(Path.line(balance, new Point(balance.x(), 0)));
    drawing.shape(CutSums.closed(Path.arc(hook, half * 1.6, 0, 2 * Math.PI)));
    if (in.get("lower") > 0) {
      Point at = new Point(0, -in.get("upper") - in.get("lower")).turned(lean).plus(hook);
      drawing.shape(CutSums.closed(Path.arc(at, half * 1.6, 0, 2 * Math.PI)));
    }
    return drawing
        .dimension(new Point(end.x() + aside, 0), new Point(end.x() + aside, end.y()), ground)
        .dimension(new Point(0, -half * 4), new Point(end.x(), -half * 4), behind);
  }
}

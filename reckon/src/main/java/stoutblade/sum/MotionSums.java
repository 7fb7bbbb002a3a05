package stoutblade.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of what turns on a pin, and of what hangs from the body. */
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

  private static final Source LEVER = Source.handbook("law of the lever: moments about a hook");

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

package stoutblade.sum;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.Cone;
import stoutblade.develop.Cope;
import stoutblade.develop.Cover;
import stoutblade.develop.Developed;
import stoutblade.develop.Dish;
import stoutblade.develop.Elbow;
import stoutblade.develop.Form;
import stoutblade.develop.Helix;
import stoutblade.develop.Insert;
import stoutblade.develop.Moulding;
import stoutblade.develop.OverEdge;
import stoutblade.develop.Panel;
import stoutblade.develop.Prism;
import stoutblade.develop.Pyramid;
import stoutblade.develop.RimBand;
import stoutblade.develop.Ring;
import stoutblade.develop.Turned;
import stoutblade.develop.Wraps;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums that lay a shape out flat. */
public final class ShapeSums {

  private static final double FOAM = 10;

  /** Pieces side by side that are together so many times as wide as high lie in rows. */
  private static final double THIN = 6;

  /** How much wider than high the rows are together. */
  private static final double ROW = 1.4;

  static final List<Entry> RING =
      List.of(
          Entry.choice("known", "Known is", "former", "outside"),
          Entry.length("across", "Across", 100),
          Entry.length("foam", "Foam", FOAM),
          Entry.length("width", "Ring, width", 40));

  static final List<Entry> WRAPS =
      List.of(
          Entry.length("former", "Former, across", 20),
          Entry.length("foam", "Foam of each turn", 2),
          Entry.count("turns", "Turns", 4, 1, 24),
          Entry.length("width", "First turn, width", 180),
          Entry.lengthEitherWay("step", "Shorter at each end", 15));

  static final List<Entry> STRIP =
      List.of(
          Entry.length("former", "Tube, across", 32),
          Entry.length("foam", "Strip, thickness", 2),
          Entry.length("wide", "Strip, width", 30),
          Entry.lengthOrNone("overlap", "Overlap", 6),
          Entry.length("covered", "Tube covered", 300));

  static final List<Entry> BAND =
      List.of(
          Entry.length("round", "Once round", 1400),
          Entry.length("foam", "Band, thickness", 5),
          Entry.length("width", "Band, width", 25));

  static final List<Entry> INSERT =
      List.of(
          Entry.choice("lies", "It lies", "inside the tube", "over its end"),
          Entry.length("across", "Tube outside, across", 90),
          Entry.length("wall", "Tube, wall", 6),
          Entry.lengthOrNone("glue", "Glue all round", 0.5),
          Entry.length("foam", "Foam of the insert", FOAM));

  static final List<Entry> CONE =
      List.of(
          Entry.choice("known", "Sizes are", "outside", "of what is inside"),
          Entry.length("foot", "Foot, across", 240),
          Entry.lengthOrNone("top", "Upper end, across", 80),
          Entry.length("height", "Height", 200),
          Entry.length("foam", "Foam", FOAM),
          Entry.lengthOrNone("slip", "Room to slip over it", 0),
          Entry.angle("slant", "Upper cut leans by", 0, -75, 75),
          Entry.count("pieces", "Pieces", 1, 1, 26),
          Entry.angle("seam", "Seam from the high side", 0, -180, 180));

  static final List<Entry> PROFILE =
      List.of(
          Entry.length("rim", "Rim, across", 600),
          Entry.length("middle", "Depth in the middle", 90),
          Entry.lengthOrNone("inner", "Depth a third out", 78),
          Entry.lengthOrNone("outer", "Depth two thirds out", 42),
          Entry.length("foam", "Foam", FOAM),
          Entry.choice("way", "Laid out as", "darts", "gores"),
          Entry.count("darts", "Darts or gores", 16, 3, 96),
          Entry.count("segments", "Segments", 4, 1, 12),
          Entry.lengthOrNone("ring", "Flat ring on the rim", 0),
          Entry.lengthOrNone("stiff", "Ring inside, height", 0));

  static final List<Entry> DISH =
      List.of(
          Entry.length("rim", "Rim, across", 600),
          Entry.length("depth", "Depth", 75),
          Entry.length("foam", "Foam", FOAM),
          Entry.count("darts", "Darts", 16, 3, 96),
          Entry.count("segments", "Segments", 1, 1, 12));

  static final List<Entry> DARTS =
      List.of(
          Entry.length("rim", "Rim, across", 24 * 25.4),
          Entry.length("foam", "Foam", FOAM),
          Entry.count("darts", "Darts", 16, 3, 96),
          Entry.length("dart", "Each dart at the rim", 3.0 / 16 * 25.4),
          Entry.count("segments", "Segments", 1, 1, 12));

  static final List<Entry> DOME =
      List.of(
          Entry.length("rim", "Rim, across", 300),
          Entry.length("depth", "Depth", 150),
          Entry.length("foam", "Foam", 6),
          Entry.count("gores", "Gores", 8, 3, 96));

  static final List<Entry> ELBOW =
      List.of(
          Entry.length("outside", "Tube outside, across", 90),
          Entry.length("foam", "Foam", 6),
          Entry.angle("bend", "Bend", 90, 1, 180),
          Entry.count("pieces", "Pieces", 4, 2, 16),
          Entry.lengthOrNone("radius", "Radius of the bend", 120),
          Entry.lengthOrNone("leg", "Straight at each end", 40));

  static final List<Entry> COPE =
      List.of(
          Entry.length("outside", "Tube outside, across", 60),
          Entry.length("foam", "Foam", 5),
          Entry.length("on", "Lies on a round, across", 140),
          Entry.angle("angle", "Between both axes", 90, 20, 160),
          Entry.lengthEitherWay("aside", "Axis aside by", 0),
          Entry.length("length", "From the round's axis to the far end", 250));

  static final List<Entry> BOX =
      List.of(
          Entry.length("wide", "Wide side outside", 200),
          Entry.length("narrow", "Narrow side outside", 120),
          Entry.length("height", "Height", 90),
          Entry.length("foam", "Foam", FOAM),
          Entry.count("ends", "Ends closed", 2, 0, 2));

  static final List<Entry> PRISM =
      List.of(
          Entry.count("sides", "Sides", 6, 3, 24),
          Entry.length("side", "A side outside", 80),
          Entry.length("height", "Height", 200),
          Entry.length("foam", "Foam", FOAM),
          Entry.count("ends", "Ends closed", 1, 0, 2));

  static final List<Entry> PYRAMID =
      List.of(
          Entry.count("sides", "Sides", 4, 3, 24),
          Entry.length("foot", "A side at the foot", 120),
          Entry.lengthOrNone("top", "A side at the upper end", 40),
          Entry.length("height", "Height", 90),
          Entry.length("foam", "Foam", 6));

  static final List<Entry> OVER =
      List.of(
          Entry.length("half", "On each face", 60),
          Entry.length("crossed", "Thickness crossed", 12.7),
          Entry.length("length", "Along the edge", 150),
          Entry.length("foam", "Plate, thickness", 5));

  static final List<Entry> SKIN =
      List.of(
          Entry.length("long", "Stack, length", 160),
          Entry.length("wide", "Stack, width", 60),
          Entry.length("high", "Stack, height", 40),
          Entry.length("foam", "Skin", 2));

  static final List<Entry> MOULDING =
      List.of(
          Entry.choice("shape", "Profile", "half-round", "triangular", "round", "square"),
          Entry.count("sides", "Sides of the edge", 4, 3, 24),
          Entry.length("side", "A side along the edge", 300),
          Entry.length("other", "Second side of four", 200),
          Entry.length("foam", "Profile, width", 15),
          Entry.choice("lies", "Lies", "outside the edge", "inside the edge"));

  private ShapeSums() {}

  static Answer ring(Values in, Catalogue catalogue) {
    Ring.Known known = in.count("known") == 0 ? Ring.Known.FORMER : Ring.Known.OUTSIDE;
    return strip("ring", new Ring(in.get("across"), known, in.get("foam"), in.get("width")));
  }

  static Answer wraps(Values in, Catalogue catalogue) {
    return flat(
        "wraps",
        new Wraps(
            in.get("former"),
            Collections.nCopies(in.count("turns"), in.get("foam")),
            in.get("width"),
            in.get("step")));
  }

  static Answer strip(Values in, Catalogue catalogue) {
    return flat(
        "strip",
        new Helix(
            in.get("former"),
            in.get("foam"),
            in.get("wide"),
            in.get("overlap"),
            in.get("covered")));
  }

  static Answer band(Values in, Catalogue catalogue) {
    return strip("band", new RimBand(in.get("round"), in.get("foam"), in.get("width")));
  }

  static Answer insert(Values in, Catalogue catalogue) {
    return flat(
        "insert",
        new Insert(
            in.get("across"),
            in.get("wall"),
            in.get("glue"),
            in.get("foam"),
            in.count("lies") == 0));
  }

  static Answer cone(Values in, Catalogue catalogue) {
    Cone cone =
        new Cone(
            in.get("foot"),
            in.get("top"),
            in.get("height"),
            in.get("foam"),
            in.get("slant"),
            in.count("pieces"),
            in.get("seam"));
    return in.count("known") == 0 ? flat("cone", cone) : slippedOver(in, cone);
  }

  /** A cone that goes over another: larger by its foam, and by the room that it needs. */
  private static Answer slippedOver(Values in, Cone bare) {
    Figure foot = in.figure("foot");
    Figure top = in.figure("top");
    Figure height = in.figure("height");
    Figure foam = in.figure("foam");
    Figure slip = in.figure("slip");
    Figure lean =
        Figure.computed(
            "cone.lean-inside",
            "The wall leans by",
            Quantity.ANGLE,
            "atan(({cone.foot} - {cone.top}) / 2 / {cone.height})",
            Source.GEOMETRY,
            foot,
            top,
            height);
    Figure more =
        Figure.computed(
            "cone.more",
            "Larger outside than what is inside by",
            Quantity.LENGTH,
            "2 * ({cone.foam} + {cone.slip}) / cos({cone.lean-inside})",
            Source.handbook(
                "a wall of even thickness on a slant, measured level: t over the cosine"),
            foam,
            slip,
            lean);
    Answer over =
        flat(
            "cone",
            new Cone(
                bare.footMm() + more.value(),
                bare.topMm() + more.value(),
                bare.heightMm(),
                bare.foamMm(),
                bare.slant(),
                bare.pieces(),
                bare.seam()));
    List<Figure> figures = new ArrayList<>(over.figures());
    figures.add(more);
    List<String> words = new ArrayList<>(over.words());
    words.add("Check it on the thing before the seam is glued: it must slip over it.");
    return new Answer(figures, words, over.drawing(), over.form());
  }

  static Answer dish(Values in, Catalogue catalogue) {
    return flat(
        "dish",
        new Dish(
            in.get("rim"),
            in.get("depth"),
            in.get("foam"),
            in.count("darts"),
            Dish.Way.DARTS,
            in.count("segments")));
  }

  static Answer darts(Values in, Catalogue catalogue) {
    double depth = Dish.depthOf(in.get("rim"), in.get("foam"), in.count("darts"), in.get("dart"));
    Figure found =
        Figure.found(
            "darts.found",
            "Depth that the darts give",
            depth,
            Quantity.LENGTH,
            "the depth at which a cap with the rim {darts.rim} in foam of {darts.foam}"
                + " takes {darts.darts} darts of {darts.dart}",
            Source.GEOMETRY,
            Uncertainty.NONE,
            in.figure("rim"),
            in.figure("foam"),
            in.figure("darts"),
            in.figure("dart"));
    Answer flat =
        flat(
            "darts",
            new Dish(
                in.get("rim"),
                depth,
                in.get("foam"),
                in.count("darts"),
                Dish.Way.DARTS,
                in.count("segments")));
    List<Figure> figures = new ArrayList<>(flat.figures());
    figures.addFirst(found);
    return new Answer(figures, flat.words(), flat.drawing(), flat.form());
  }

  static Answer dome(Values in, Catalogue catalogue) {
    return flat(
        "dome",
        new Dish(
            in.get("rim"), in.get("depth"), in.get("foam"), in.count("gores"), Dish.Way.GORES, 1));
  }

  static Answer elbow(Values in, Catalogue catalogue) {
    return flat(
        "elbow",
        new Elbow(
            in.get("outside"),
            in.get("foam"),
            in.get("bend"),
            in.count("pieces"),
            in.get("radius"),
            in.get("leg")));
  }

  static Answer cope(Values in, Catalogue catalogue) {
    return flat(
        "cope",
        new Cope(
            in.get("outside"),
            in.get("foam"),
            in.get("on"),
            in.get("angle"),
            in.get("aside"),
            in.get("length")));
  }

  static Answer box(Values in, Catalogue catalogue) {
    return flat(
        "box",
        new Prism(
            4,
            in.get("wide"),
            in.get("narrow"),
            in.get("height"),
            in.get("foam"),
            in.count("ends")));
  }

  static Answer prism(Values in, Catalogue catalogue) {
    return flat(
        "prism",
        new Prism(
            in.count("sides"),
            in.get("side"),
            in.get("side"),
            in.get("height"),
            in.get("foam"),
            in.count("ends")));
  }

  static Answer pyramid(Values in, Catalogue catalogue) {
    return withMaterial(
        "pyramid",
        in,
        new Pyramid(in.count("sides"), in.get("foot"), in.get("top"), in.get("height")));
  }

  static Answer over(Values in, Catalogue catalogue) {
    return withMaterial(
        "over", in, new OverEdge(in.get("half"), in.get("crossed"), in.get("length")));
  }

  static Answer profile(Values in, Catalogue catalogue) {
    double radius = in.get("rim") / 2;
    Dish.Way way = in.count("way") == 0 ? Dish.Way.DARTS : Dish.Way.GORES;
    List<Node> nodes =
        List.of(
            Node.curve(0, in.get("middle")),
            Node.curve(radius / 3, in.get("inner")),
            Node.curve(radius * 2 / 3, in.get("outer")),
            Node.corner(radius, 0));
    Turned turned =
        new Turned(
            nodes,
            in.get("foam"),
            in.count("darts"),
            way,
            way == Dish.Way.DARTS ? in.count("segments") : 1,
            in.get("ring"),
            in.get("stiff"));
    Developed flat = turned.develop("profile");
    List<Panel> placed = placed(flat);
    double high = placed.stream().mapToDouble(it -> it.box().maxY()).max().orElse(0);
    return answer(flat, turned, section(turned, nodes, high * 1.12, new Drawing.Maker(), placed));
  }

  /** The profile from the side over the pieces, with a grip at each of its places. */
  private static Drawing.Maker section(
      Turned turned, List<Node> nodes, double base, Drawing.Maker drawing, List<Panel> placed) {
    double radius = turned.rimMm() / 2;
    Point by = new Point(radius, base);
    List<Point> half = turned.outside();
    List<Point> whole = new ArrayList<>();
    half.reversed().forEach(it -> whole.add(it.mirrored().plus(by)));
    half.forEach(it -> whole.add(it.plus(by)));
    List<String> keys = List.of("middle", "inner", "outer");
    drawing.panels(placed).shape(Path.through(whole, true));
    for (int i = 0; i < keys.size(); i++) {
      drawing.grip(new Drawing.Grip(keys.get(i), nodes.get(i).at().plus(by), false, base, 1));
    }
    return drawing.grip(new Drawing.Grip("rim", nodes.getLast().at().plus(by), true, by.x(), 2));
  }

  static Answer skin(Values in, Catalogue catalogue) {
    return flat("skin", new Cover(in.get("long"), in.get("wide"), in.get("high"), in.get("foam")));
  }

  static Answer moulding(Values in, Catalogue catalogue) {
    int sides = in.count("sides");
    double side = in.get("side");
    return flat(
        "moulding",
        new Moulding(
            sides,
            side,
            sides == 4 ? in.get("other") : side,
            in.get("foam"),
            List.of(Moulding.Shape.values()).get(in.count("shape")),
            in.count("lies") == 0));
  }

  /** A shape whose lengths do not depend on its foam, with how much of it there is. */
  private static Answer withMaterial(String id, Values in, Form form) {
    Answer flat = flat(id, form);
    Figure foam = in.figure("foam");
    double area =
        form.develop(id).panels().stream().mapToDouble(it -> it.count() * it.area()).sum();
    Figure volume =
        Figure.found(
            id + ".volume",
            "Foam in it",
            area * foam.value(),
            Quantity.VOLUME,
            "area of all pieces times {" + foam.id() + "}",
            Source.GEOMETRY,
            Uncertainty.NONE,
            foam);
    List<Figure> figures = new ArrayList<>(flat.figures());
    figures.add(volume);
    return new Answer(figures, flat.words(), flat.drawing(), flat.form());
  }

  // == DRAWING

  static Answer flat(String id, Form form) {
    Developed flat = form.develop(id);
    List<Panel> placed = placed(flat);
    return answer(flat, form, new Drawing.Maker().panels(placed));
  }

  /** A single strip, with its length beside it. */
  private static Answer strip(String id, Form form) {
    Developed flat = form.develop(id);
    Box box = flat.panels().getFirst().box();
    double below = -box.width() * 0.06;
    return answer(
        flat,
        form,
        new Drawing.Maker()
            .panels(flat.panels())
            .dimension(
                new Point(0, below), new Point(box.width(), below), flat.figures().getFirst()));
  }

  private static Answer answer(Developed flat, Form form, Drawing.Maker drawing) {
    return new Answer(flat.figures(), flat.words(), drawing.done(), Optional.of(form));
  }

  /** Pieces side by side, as a sum draws them. */
  public static List<Panel> placed(Developed flat) {
    double apart = 0;
    double wide = 0;
    double high = 0;
    double beside = 0;
    for (Panel panel : flat.panels()) {
      Box box = panel.box();
      apart = Math.max(apart, 0.12 * Math.max(box.width(), box.height()));
      wide = Math.max(wide, box.width());
      high = Math.max(high, box.height());
      beside += box.width();
    }
    // What would make a thin line of pieces lies in rows.
    double row = Math.max(wide, Math.sqrt(beside * high) * ROW);
    return beside > THIN * high ? flat.inRows(apart / 2, row) : flat.sideBySide(apart);
  }
}

package stoutblade.sum;

import java.util.List;
import stoutblade.catalogue.Catalogue;
import stoutblade.develop.Lidded;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** Sums of boxes that open and of frames that stand. */
final class FrameSums {

  static final List<Entry> LID =
      List.of(
          Entry.length("wide", "Wide side outside", 200),
          Entry.length("narrow", "Narrow side outside", 120),
          Entry.length("height", "Box, height", 90),
          Entry.length("foam", "Foam", 5),
          Entry.choice("lies", "The lid", "slips over it", "hangs inside"),
          Entry.length("lid", "Lid, how deep", 30),
          Entry.lengthOrNone("play", "Room all round", 0.5),
          Entry.lengthOrNone("coat", "Coats on each face, thickness", 0.3));

  static final List<Entry> STAND =
      List.of(
          Entry.length("height", "Stands so high", 1200),
          Entry.length("spread", "Feet apart, outside", 700),
          Entry.length("strip", "Strip, width", 40),
          Entry.length("bar", "Crossbar, over the ground", 350),
          Entry.length("back", "Third leg, foot behind", 500));

  private FrameSums() {}

  static Answer lid(Values in, Catalogue catalogue) {
    return ShapeSums.flat(
        "lid",
        new Lidded(
            in.get("wide"),
            in.get("narrow"),
            in.get("height"),
            in.get("foam"),
            in.get("lid"),
            in.get("play") + 2 * in.get("coat"),
            in.count("lies") == 0));
  }

  /** Two legs that meet at the top, a bar between them, and a third behind. */
  static Answer stand(Values in, Catalogue catalogue) {
    Figure height = in.figure("height");
    Figure spread = in.figure("spread");
    Figure strip = in.figure("strip");
    Figure bar = in.figure("bar");
    Figure back = in.figure("back");
    if (bar.value() >= height.value()) {
      throw new IllegalArgumentException("The crossbar lies below the top of the frame");
    }
    if (2 * strip.value() >= spread.value()) {
      throw new IllegalArgumentException("The feet stand further apart than two strips are wide");
    }
    Figure lean =
        Figure.computed(
            "stand.lean",
            "Legs lean from upright, top and foot cut to it",
            Quantity.ANGLE,
            "atan({stand.spread} / 2 / {stand.height})",
            Source.GEOMETRY,
            spread,
            height);
    Figure leg =
        Drafted.length(
            "stand.leg",
            "Two legs, outer edge, length",
            "sqrt({stand.height}^2 + ({stand.spread} / 2)^2)",
            Source.GEOMETRY,
            height,
            spread);
    Figure across =
        Drafted.length(
            "stand.across",
            "A leg, level across",
            "{stand.strip} / cos({stand.lean})",
            Source.GEOMETRY,
            strip,
            lean);
    Figure cross =
        Drafted.length(
            "stand.cross",
            "Crossbar between the legs, lower edge",
            "{stand.spread} * (1 - {stand.bar} / {stand.height}) - 2 * {stand.across}",
            Source.GEOMETRY,
            spread,
            bar,
            height,
            across);
    if (cross.value() <= 0) {
      throw new IllegalArgumentException(
          "At that height the legs meet: put the crossbar further down");
    }
    Figure third =
        Drafted.length(
            "stand.third",
            "Third leg, length",
            "sqrt({stand.height}^2 + {stand.back}^2)",
            Source.GEOMETRY,
            height,
            back);
    Figure behind =
        Figure.computed(
            "stand.behind",
            "Third leg leans from upright",
            Quantity.ANGLE,
            "atan({stand.back} / {stand.height})",
            Source.GEOMETRY,
            back,
            height);
    double h = height.value();
    double s = spread.value() / 2;
    double w = across.value();
    double share = 1 - bar.value() / h;
    Drawing.Maker drawing = new Drawing.Maker();
    double met = h * (1 - w / s);
    for (int side = -1; side <= 1; side += 2) {
      drawing.shape(
          Path.through(
              List.of(
                  new Point(side * s, 0),
                  new Point(0, h),
                  new Point(0, met),
                  new Point(side * (s - w), 0)),
              true));
    }
    double half = s * share - w;
    drawing
        .shape(Path.line(new Point(-half, bar.value()), new Point(half, bar.value())))
        .dimension(new Point(-s, -h * 0.06), new Point(s, -h * 0.06), spread)
        .dimension(new Point(-s * 1.25, 0), new Point(-s * 1.25, h), height)
        .dimension(
            new Point(-half, bar.value() + h * 0.04),
            new Point(half, bar.value() + h * 0.04),
            cross);
    return Answer.of(
        List.of(leg, lean, cross, third, behind, across),
        drawing,
        "Cut both legs with one setting and turn one over. Hinge the third leg at the top and tie"
            + " it to the crossbar with a cord, so that it cannot slide out.");
  }
}

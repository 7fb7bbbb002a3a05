package stoutblade.sum;

import java.util.List;
import java.util.stream.IntStream;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/** How stiff a plate is that is glued up from layers. */
final class PlateSums {

  static final List<Entry> PLATE =
      List.of(
          Entry.count("layers", "Layers of foam", 3, 1, 12),
          Entry.length("each", "Each, thickness", 5),
          modulus("foam", "Stiffness of the foam", 5),
          Entry.lengthOrNone("inside", "Board in the middle, thickness", 0),
          modulus("board", "Stiffness of the board", 900),
          Entry.length("span", "From the hold to the rim", 250),
          Entry.length("wide", "Strip that bends, width", 150),
          Entry.mass("push", "Push at the rim, as a weight of", 100));

  private static final double GRAVITY = 0.00980665;

  private PlateSums() {}

  private static Entry modulus(String key, String label, double usual) {
    return new Entry(key, label, Quantity.MODULUS, usual, 0.01, 250_000, List.of());
  }

  static Answer plate(Values in, Catalogue catalogue) {
    Figure layers = in.figure("layers");
    Figure each = in.figure("each");
    Figure foam = in.figure("foam");
    Figure inside = in.figure("inside");
    Figure board = in.figure("board");
    Figure span = in.figure("span");
    Figure wide = in.figure("wide");
    Figure push = in.figure("push");
    if (inside.value() > 0 && in.count("layers") % 2 == 1) {
      throw new IllegalArgumentException(
          "A board lies in the middle between as many layers on either side: an even number of"
              + " layers; found "
              + in.count("layers"));
    }
    Figure thick =
        Figure.computed(
            "plate.thick",
            "Thickness in all",
            Quantity.LENGTH,
            "{plate.layers} * {plate.each} + {plate.inside}",
            Source.GEOMETRY,
            layers,
            each,
            inside);
    Figure glued =
        Figure.computed(
            "plate.glued",
            "Bending stiffness, glued",
            Quantity.BENDING_STIFFNESS,
            "{plate.wide} / 12 * ({plate.foam} * ({plate.thick}^3 - {plate.inside}^3) +"
                + " {plate.board} * {plate.inside}^3)",
            Source.handbook("laminate of even halves about its middle: Σ E b (z³ − z'³) / 3"),
            wide,
            foam,
            thick,
            inside,
            board);
    Figure loose =
        Figure.computed(
            "plate.loose",
            "Bending stiffness, laid loosely",
            Quantity.BENDING_STIFFNESS,
            "{plate.wide} / 12 * ({plate.layers} * {plate.foam} * {plate.each}^3 + {plate.board} *"
                + " {plate.inside}^3)",
            Source.handbook("each layer bends by itself: b t³ / 12"),
            wide,
            layers,
            foam,
            each,
            board,
            inside);
    Figure sag =
        Figure.computed(
            "plate.sag",
            "The rim gives way by",
            Quantity.LENGTH,
            "{plate.push} * " + GRAVITY + " * {plate.span}^3 / (3 * {plate.glued})",
            Source.handbook("end load on a cantilever: F L³ / 3 E I (Roark's Formulas)"),
            push,
            span,
            glued);
    Figure times =
        Figure.computed(
            "plate.times",
            "Glued it is stiffer than loose by",
            Quantity.RATIO,
            "{plate.glued} / {plate.loose}",
            Source.GEOMETRY,
            glued,
            loose);
    boolean far = sag.value() > span.value() / 5;
    return Answer.of(
        List.of(sag, times, glued, loose, thick),
        drawing(in, thick.value(), Math.min(sag.value(), span.value()), sag, span),
        far
            ? "So far a strip no longer follows this sum: it gives way by much, that is all that it"
                + " says."
            : "A whole plate is wider than the strip that bends, and gives way by less.",
        "What foam gives by being sheared and with time is left out; stiffness of foam is a guess"
            + " from its grade. Compare with it, and try the push on a scrap.");
  }

  private static Drawing.Maker drawing(
      Values in, double thick, double sag, Figure sagFigure, Figure span) {
    double length = span.value();
    double board = in.get("inside");
    Drawing.Maker drawing = new Drawing.Maker();
    double y = -thick / 2;
    int count = in.count("layers");
    for (int i = 0; i < count; i++) {
      if (board > 0 && i == count / 2) {
        drawing.shape(CutSums.rectangle(0, y, length, y + board));
        y += board;
      }
      drawing.shape(CutSums.rectangle(0, y, length, y + in.get("each")));
      y += in.get("each");
    }
    List<Point> bent =
        IntStream.rangeClosed(0, 24)
            .mapToObj(
                i -> {
                  double share = i / 24.0;
                  return new Point(
                      share * length, -sag * share * share * (3 - share) / 2 - thick / 2);
                })
            .toList();
    return drawing
        .help(Path.through(bent, false))
        .dimension(new Point(0, thick), new Point(length, thick), span)
        .dimension(
            new Point(length * 1.04, -thick / 2),
            new Point(length * 1.04, -thick / 2 - sag),
            sagFigure);
  }
}

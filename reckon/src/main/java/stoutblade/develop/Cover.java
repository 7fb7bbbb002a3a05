package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A skin over a stack of layers: one face with its four sides folded down, the corners cut out, and
 * the other face by itself.
 *
 * <p>At a fold the middle of the skin runs round a quarter circle of half its thickness, a quarter
 * of π times the thickness long. Where folded sides meet they are mitred: their outer faces reach a
 * thickness past the stack, and up to there from the fold's corner they stay joined.
 *
 * @param lengthMm the stack's length, in mm
 * @param widthMm its width, in mm
 * @param heightMm its height, in mm
 * @param foamMm the skin's thickness, in mm
 */
public record Cover(double lengthMm, double widthMm, double heightMm, double foamMm)
    implements Form {

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive
   */
  public Cover {
    Form.above(lengthMm, 0, "The stack's length in mm");
    Form.above(widthMm, 0, "The stack's width in mm");
    Form.above(heightMm, 0, "The stack's height in mm");
    Form.above(foamMm, 0, "The skin's thickness in mm");
    double mitred = heightMm - (1 - Math.PI / 4) * foamMm;
    Form.above(mitred, 0, "What is left of the stack's height below the fold in mm");
  }

  @Override
  public Developed develop(String id) {
    Figure length = Form.length(id + ".length", "Stack, length", lengthMm);
    Figure width = Form.length(id + ".width", "Stack, width", widthMm);
    Figure height = Form.length(id + ".height", "Stack, height", heightMm);
    Figure foam = Form.length(id + ".foam", "Skin", foamMm);
    Figure along = over(id + ".along", "Over the length", length, height, foam);
    Figure across = over(id + ".across", "Over the width", width, height, foam);
    return new Developed(
        List.of(net(along.value(), across.value()), back()),
        List.of(along, across),
        List.of(
            "Score the inside of the folds and warm them first; the seams at the corners are cut"
                + " at 45° and lie where they are not seen.",
            "The back is glued on last: its seam lies on the hidden side."));
  }

  private static Figure over(String id, String label, Figure flat, Figure height, Figure foam) {
    return Figure.computed(
        id,
        label,
        Quantity.LENGTH,
        "{%s} + 2 * ({%s} + pi / 4 * {%s})".formatted(flat.id(), height.id(), foam.id()),
        THROUGH_THE_MIDDLE,
        flat,
        height,
        foam);
  }

  private Panel net(double along, double across) {
    double fold = Math.PI / 4 * foamMm;
    double flap = heightMm + fold;
    double x = along / 2;
    double y = across / 2;
    double inX = x - flap;
    double inY = y - flap;
    double outX = inX + foamMm;
    double outY = inY + foamMm;
    double[][] corners = {
      {outX, -outY},
      {x, -outY},
      {x, outY},
      {outX, outY},
      {outX, y},
      {-outX, y},
      {-outX, outY},
      {-x, outY},
      {-x, -outY},
      {-outX, -outY},
      {-outX, -y},
      {outX, -y}
    };
    String[] seams = {"A", "", "B", "B", "", "C", "C", "", "D", "D", "", "A"};
    List<Edge> edges = new ArrayList<>();
    for (int i = 0; i < corners.length; i++) {
      double[] to = corners[(i + 1) % corners.length];
      Point from = new Point(corners[i][0], corners[i][1]);
      double lean = seams[i].isEmpty() ? 0 : Math.PI / 4;
      edges.add(Edge.straight(seams[i], from, new Point(to[0], to[1]), lean));
    }
    double foldX = inX + fold / 2;
    double foldY = inY + fold / 2;
    List<Path> folds =
        List.of(
            Path.line(new Point(foldX, -inY), new Point(foldX, inY)),
            Path.line(new Point(-foldX, -inY), new Point(-foldX, inY)),
            Path.line(new Point(-inX, foldY), new Point(inX, foldY)),
            Path.line(new Point(-inX, -foldY), new Point(inX, -foldY)));
    return new Panel("Cover", 1, edges, List.of(), folds);
  }

  private Panel back() {
    return Panel.strip("Back", 1, lengthMm, widthMm, "");
  }
}

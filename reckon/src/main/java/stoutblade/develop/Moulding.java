package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.shape.Point;

/**
 * Profile strip, half-round, triangular, round or square, laid round an edge and mitred at its
 * corners.
 *
 * @param sides how many sides the edge has; a rectangle's have two lengths
 * @param sideMm length of a side along the edge, in mm
 * @param otherMm length of every second side of a rectangle; the same for other numbers
 * @param widthMm width of the profile, in mm
 * @param shape its cross-section
 * @param outside true where it lies outside the edge, false inside
 */
public record Moulding(
    int sides, double sideMm, double otherMm, double widthMm, Shape shape, boolean outside)
    implements Form {

  /** The cross-section of a profile, on a flat side as wide as its width. */
  public enum Shape {
    HALF_ROUND("Half-round", Math.PI / 8, Math.PI / 2),
    /** A right angle over its flat side, half as high as wide. */
    TRIANGULAR("Triangular", 1 / 4.0, Math.sqrt(2)),
    ROUND("Round", Math.PI / 4, Math.PI),
    SQUARE("Square", 1, 3);

    private final String title;
    private final double share;
    private final double free;

    Shape(String title, double share, double free) {
      this.title = title;
      this.share = share;
      this.free = free;
    }

    /** How far it is round the section from foot to foot: what is seen of it, in mm. */
    public double free(double widthMm) {
      return free * widthMm;
    }

    /** Its name on the screen. */
    public String title() {
      return title;
    }

    /** The area of its section, in mm². */
    public double area(double widthMm) {
      return share * widthMm * widthMm;
    }
  }

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if it does not close, with the reason
   */
  public Moulding {
    Prism.checkSides(sides);
    Form.above(widthMm, 0, "The profile's width in mm");
    if (sides != 4 && sideMm != otherMm) {
      throw new IllegalArgumentException("Only a rectangle has two lengths of sides");
    }
    double lost = outside ? 0 : 2 * widthMm * Math.tan(Math.PI / sides);
    Form.above(Math.min(sideMm, otherMm) - lost, 0, "A side inside the profile in mm");
  }

  /** By how much a side is longer so far outside, in mm; shorter inside. */
  public double grows(double outMm) {
    return (outside ? 2 : -2) * outMm * Math.tan(Math.PI / sides);
  }

  /** The strip that its pieces are cut from. */
  public Strip strip() {
    double along = sides == 4 ? 2 * (sideMm + otherMm) : sides * sideMm;
    double mitres = outside ? grows(widthMm) : 0;
    List<Double> pieces = new ArrayList<>();
    for (int i = 0; i < sides; i++) {
      pieces.add((sides == 4 && i % 2 == 1 ? otherMm : sideMm) + mitres);
    }
    // A section that is the same on both sides of its middle weighs as if cut along it.
    double middle = along + sides * grows(widthMm / 2);
    return new Strip(
        shape.title(), widthMm, shape.area(widthMm), shape.free(widthMm), middle, pieces);
  }

  @Override
  public Developed develop(String id) {
    Figure count = Form.count(id + ".sides", "Sides", sides);
    Figure side = Form.length(id + ".side", "Side along the edge", sideMm);
    Figure width = Form.length(id + ".width", "Profile, width", widthMm);
    Figure mitre =
        Figure.computed(
            id + ".mitre",
            "Mitre at each end",
            Quantity.ANGLE,
            "pi / {%s}".formatted(count.id()),
            Source.practice("mitre of a box of n sides: 180° over n"),
            count);
    Figure other =
        Figure.computed(
            id + ".far",
            outside ? "Its far side, longest" : "Its far side, shortest",
            Quantity.LENGTH,
            "{%s} %s 2 * {%s} * tan({%s})"
                .formatted(side.id(), outside ? "+" : "-", width.id(), mitre.id()),
            Source.GEOMETRY,
            side,
            width,
            mitre);
    List<Panel> pieces =
        sides == 4 && sideMm != otherMm
            ? List.of(piece("Long piece", sideMm, 2), piece("Short piece", otherMm, 2))
            : List.of(piece("Piece", sideMm, sides));
    return new Developed(
        pieces,
        List.of(mitre, other),
        List.of(
            "Cut the mitres in a mitre box with the flat face down.",
            "A profile wider than the edge is sanded flush once it is glued."));
  }

  private Panel piece(String name, double length, int count) {
    double half = length / 2;
    double far = half + grows(widthMm) / 2;
    return Panel.polygon(
        name,
        count,
        List.of(
            new Point(-half, 0),
            new Point(-far, -widthMm),
            new Point(far, -widthMm),
            new Point(half, 0)),
        List.of("M", "", "M", ""));
  }
}

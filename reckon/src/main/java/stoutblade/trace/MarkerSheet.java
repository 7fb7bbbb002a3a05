package stoutblade.trace;

import java.util.ArrayList;
import java.util.List;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.Paper;

/**
 * The sheet on which a drawing is laid to be photographed: markers round an empty field, each with
 * a number of its own, so that the photograph can be flattened and measured.
 *
 * @param paper the paper that it is printed on
 * @param markers where they stand
 * @param field the empty field, in mm from the top left corner of the paper, y downwards
 */
public record MarkerSheet(Paper paper, List<Marker> markers, Box field) {

  /** The side of a marker, in mm. */
  public static final double SIDE_MM = 18;

  private static final double MARGIN_MM = 12;
  private static final double GAP_MM = 5;
  private static final int ACROSS = 4;
  private static final int DOWN = 5;

  /** Numbers of the markers of a paper begin here, so that the paper is known by them. */
  private static final int PER_PAPER = 20;

  /**
   * A marker.
   *
   * @param number which one it is
   * @param corner its top left corner, in mm from the top left corner of the paper, y downwards
   */
  public record Marker(int number, Point corner) {

    /** Its four corners: top left, top right, bottom right, bottom left. */
    public List<Point> corners() {
      return List.of(
          corner,
          corner.plus(new Point(SIDE_MM, 0)),
          corner.plus(new Point(SIDE_MM, SIDE_MM)),
          corner.plus(new Point(0, SIDE_MM)));
    }
  }

  /** The sheet of a paper: four markers along each short side, three more down each long one. */
  public static MarkerSheet of(Paper paper) {
    List<Marker> markers = new ArrayList<>();
    double right = paper.widthMm() - MARGIN_MM - SIDE_MM;
    double low = paper.heightMm() - MARGIN_MM - SIDE_MM;
    int number = paper.ordinalInSheets() * PER_PAPER;
    for (int row = 0; row < DOWN; row++) {
      for (int column = 0; column < ACROSS; column++) {
        boolean rim = row == 0 || row == DOWN - 1 || column == 0 || column == ACROSS - 1;
        if (rim) {
          double x = MARGIN_MM + (right - MARGIN_MM) * column / (ACROSS - 1);
          double y = MARGIN_MM + (low - MARGIN_MM) * row / (DOWN - 1);
          markers.add(new Marker(number++, new Point(x, y)));
        }
      }
    }
    double inset = MARGIN_MM + SIDE_MM + GAP_MM;
    return new MarkerSheet(
        paper,
        List.copyOf(markers),
        new Box(inset, inset, paper.widthMm() - inset, paper.heightMm() - inset));
  }

  /**
   * The sheet that markers of these numbers stand on.
   *
   * @throws IllegalArgumentException if they stand on none
   */
  public static MarkerSheet with(List<Integer> numbers) {
    for (Paper paper : Paper.values()) {
      MarkerSheet sheet = of(paper);
      long found = sheet.markers.stream().filter(it -> numbers.contains(it.number)).count();
      if (found * 2 > numbers.size()) {
        return sheet;
      }
    }
    throw new IllegalArgumentException("The markers are not those of one of our sheets");
  }
}

package stoutblade.reference;

import java.util.List;
import java.util.Optional;

/**
 * A reference picture with what is marked on it.
 *
 * @param picture the picture
 * @param markingPx how well a place is marked: one standard deviation, in pixels
 * @param figureHeight the figure from head to heel
 * @param check a thing of known length, for measuring twice
 * @param whole the whole prop from butt to tip
 * @param centreLine the blade's centre line from its base to its tip
 */
public record Reference(
    Picture picture,
    double markingPx,
    Optional<Mark> figureHeight,
    Optional<KnownLength> check,
    Optional<Mark> whole,
    Optional<Mark> centreLine) {

  /** How well a place is marked on a picture at first, in pixels. */
  public static final double USUAL_MARKING_PX = 2;

  /**
   * Checks the marking precision and that no mark is a single place.
   *
   * @throws IllegalArgumentException if the precision is not between 0.1 and 100 pixels
   */
  public Reference {
    if (!(markingPx >= 0.1 && markingPx <= 100)) {
      throw new IllegalArgumentException(
          "Places are marked to between 0.1 and 100 pixels; found " + markingPx);
    }
    for (Optional<Mark> mark : List.of(figureHeight, whole, centreLine)) {
      mark.ifPresent(Reference::checkLong);
    }
    check.map(KnownLength::mark).ifPresent(Reference::checkLong);
  }

  private static void checkLong(Mark mark) {
    if (mark.lengthPx() < 2) {
      throw new IllegalArgumentException(
          "The two places of a mark lie at least 2 pixels apart; found " + mark);
    }
  }

  /** A picture with nothing marked yet. */
  public static Reference of(Picture picture) {
    return new Reference(
        picture,
        USUAL_MARKING_PX,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  public Reference withMarkingPx(double px) {
    return new Reference(picture, px, figureHeight, check, whole, centreLine);
  }

  public Reference withFigureHeight(Mark mark) {
    return new Reference(picture, markingPx, Optional.of(mark), check, whole, centreLine);
  }

  public Reference withCheck(KnownLength known) {
    return new Reference(picture, markingPx, figureHeight, Optional.of(known), whole, centreLine);
  }

  public Reference withoutCheck() {
    return new Reference(picture, markingPx, figureHeight, Optional.empty(), whole, centreLine);
  }

  public Reference withWhole(Mark mark) {
    return new Reference(picture, markingPx, figureHeight, check, Optional.of(mark), centreLine);
  }

  public Reference withCentreLine(Mark mark) {
    return new Reference(picture, markingPx, figureHeight, check, whole, Optional.of(mark));
  }
}

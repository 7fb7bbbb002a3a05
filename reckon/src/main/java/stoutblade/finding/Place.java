package stoutblade.finding;

import stoutblade.shape.Point;

/** What a finding is about. */
public sealed interface Place {

  /**
   * A place on a picture.
   *
   * @param pictureId which picture
   * @param px where on it, in pixels
   */
  record OnPicture(String pictureId, Point px) implements Place {}

  /** The prop with its wearer. */
  record OnFit() implements Place {}

  /**
   * A place on a part.
   *
   * @param partId the part
   * @param mm in the part's own frame
   */
  record OnPart(String partId, Point mm) implements Place {}

  /** A step of the work. */
  record OnStep(String stepId) implements Place {}

  /**
   * A coating of a part; of the whole prop where the part's id is empty.
   *
   * @param partId the part
   * @param coatingId the coating
   */
  record OnCoating(String partId, String coatingId) implements Place {}

  /** The station as a whole. */
  record OnStation() implements Place {}
}

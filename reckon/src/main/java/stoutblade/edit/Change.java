package stoutblade.edit;

/** A named change: of the whole project, or of one of its props. */
public sealed interface Change permits Edit, PropEdit {

  /** What it does, as it stands beside undo. */
  String name();

  /**
   * The change as an edit of the project.
   *
   * @param propId the prop that it is made in, where it is a change of one
   */
  Edit in(String propId);
}

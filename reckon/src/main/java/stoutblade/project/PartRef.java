package stoutblade.project;

import java.util.Optional;

/**
 * Which part of which prop.
 *
 * @param propId the prop
 * @param partId the part within it
 */
public record PartRef(String propId, String partId) {

  /** The part that a step is about; empty for one that all props share. */
  public static Optional<PartRef> ofStep(String stepId) {
    String[] ids = stepId.split("/", -1);
    return ids.length == 3 ? Optional.of(new PartRef(ids[0], ids[1])) : Optional.empty();
  }

  /**
   * The part under a path.
   *
   * @throws IllegalArgumentException if it is none
   */
  public static PartRef of(String path) {
    String[] ids = path.split("/", -1);
    if (ids.length != 2) {
      throw new IllegalArgumentException("A part is found as 'prop/part'; found '" + path + "'");
    }
    return new PartRef(ids[0], ids[1]);
  }

  /** Its id within the project, as what was logged of it is kept under. */
  public String path() {
    return propId + "/" + partId;
  }
}

package stoutblade.project;

/**
 * Which part of which prop.
 *
 * @param propId the prop
 * @param partId the part within it
 */
public record PartRef(String propId, String partId) {

  /** Its id within the project, as what was logged of it is kept under. */
  public String path() {
    return propId + "/" + partId;
  }
}

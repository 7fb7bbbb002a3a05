package stoutblade.part;

import java.util.Optional;

/**
 * Which glues a part is made with, where the maker chose other ones than are proposed.
 *
 * @param facesId catalogue id of the glue between its layers and pieces; empty for what is proposed
 * @param coreId catalogue id of the glue that its core is bedded in; empty for what is proposed
 */
public record Gluing(Optional<String> facesId, Optional<String> coreId) {

  /** What is proposed. */
  public static final Gluing PROPOSED = new Gluing(Optional.empty(), Optional.empty());

  public Gluing withFaces(Optional<String> changed) {
    return new Gluing(changed, coreId);
  }

  public Gluing withCore(Optional<String> changed) {
    return new Gluing(facesId, changed);
  }
}

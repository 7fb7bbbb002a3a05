package stoutblade.reckoning;

import java.util.List;
import stoutblade.template.Template;

/**
 * The papers of a part.
 *
 * @param partId the part
 * @param templates its templates, as many as it takes
 * @param pages how many pages of the paper in use they take together
 */
public record Papers(String partId, List<Template> templates, long pages) {

  /** Copies the list. */
  public Papers {
    templates = List.copyOf(templates);
  }
}

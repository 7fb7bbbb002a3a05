package stoutblade.reckoning;

import java.util.List;
import stoutblade.template.Template;

/**
 * The papers of a part.
 *
 * @param partId the part
 * @param templates its templates, as many as it takes
 * @param each how many pages of the paper in use each of them takes
 */
public record Papers(String partId, List<Template> templates, List<Long> each) {

  /** Copies the lists. */
  public Papers {
    templates = List.copyOf(templates);
    each = List.copyOf(each);
  }

  /** How many pages they take together. */
  public long pages() {
    return each.stream().mapToLong(Long::longValue).sum();
  }
}

package stoutblade.edit;

import java.util.function.UnaryOperator;
import stoutblade.project.Project;

/**
 * A named change from one project to the next.
 *
 * @param name what it does, as it stands beside undo
 * @param change the change; throws {@link IllegalArgumentException} with a message for the user
 *     where it cannot be made
 */
public record Edit(String name, UnaryOperator<Project> change) implements Change {

  @Override
  public Edit in(String propId) {
    return this;
  }

  /** The same under another name. */
  public Edit named(String other) {
    return new Edit(other, change);
  }

  /** The project after the change. */
  public Project applyTo(Project project) {
    return change.apply(project);
  }
}

package stoutblade.edit;

import java.util.function.UnaryOperator;
import stoutblade.project.Prop;
import stoutblade.wearer.Wearer;

/**
 * A named change of one prop, whichever that is.
 *
 * @param name what it does, as it stands beside undo
 * @param change the change; throws {@link IllegalArgumentException} with a message for the user
 *     where it cannot be made
 */
public record PropEdit(String name, Step change) implements Change {

  /** From one prop to the next. */
  @FunctionalInterface
  public interface Step {

    /** The prop after the change, which may follow from who carries it. */
    Prop applyTo(Prop prop, Wearer wearer);
  }

  /** A change that asks nothing of the wearer. */
  public static PropEdit of(String name, UnaryOperator<Prop> change) {
    return new PropEdit(name, (prop, wearer) -> change.apply(prop));
  }

  /** The same under another name. */
  public PropEdit named(String other) {
    return new PropEdit(other, change);
  }

  /** This change, and then another, under this name. */
  public PropEdit then(PropEdit next) {
    return new PropEdit(name, (prop, wearer) -> next.applyTo(change.applyTo(prop, wearer), wearer));
  }

  /** The prop after the change. */
  Prop applyTo(Prop prop, Wearer wearer) {
    return Followers.settled(prop, change.applyTo(prop, wearer));
  }

  @Override
  public Edit in(String propId) {
    return new Edit(
        name,
        project -> {
          Prop prop = project.needed(propId);
          return project.with(applyTo(prop, project.wearer(prop)));
        });
  }
}

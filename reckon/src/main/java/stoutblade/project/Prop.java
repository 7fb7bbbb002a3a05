package stoutblade.project;

import java.util.List;
import java.util.Optional;
import stoutblade.part.Assembly;
import stoutblade.part.Defaults;
import stoutblade.part.Part;

/**
 * One of the props that are made for an event.
 *
 * @param id unique within the project
 * @param name what it is called
 * @param wearerId who carries it
 * @param size what is decided about its size
 * @param defaults what a new part of it starts with
 * @param parts its parts, each with an id of its own
 */
public record Prop(
    String id, String name, String wearerId, Size size, Defaults defaults, List<Part> parts) {

  /** The id of the first of all. */
  public static final String FIRST = "p1";

  private static final int LONGEST_NAME = 120;

  /**
   * Checks name and parts.
   *
   * @throws IllegalArgumentException if the name is blank or too long, there are too many parts, or
   *     two have one id
   */
  public Prop {
    checkName("prop", name);
    parts = List.copyOf(parts);
    if (parts.size() > Part.MOST_PARTS
        || parts.stream().map(Part::id).distinct().count() < parts.size()) {
      throw new IllegalArgumentException(
          "A prop has at most " + Part.MOST_PARTS + " parts, each with an id of its own");
    }
    Assembly.check(parts);
  }

  static void checkName(String what, String name) {
    if (name.isBlank() || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "The name of a "
              + what
              + " has 1 to "
              + LONGEST_NAME
              + " characters; found '"
              + name
              + "'");
    }
  }

  /** A part, where there is one with that id. */
  public Optional<Part> part(String partId) {
    return parts.stream().filter(it -> it.id().equals(partId)).findFirst();
  }

  /**
   * A part that is there.
   *
   * @throws IllegalArgumentException if it is not
   */
  public Part needed(String partId) {
    return part(partId)
        .orElseThrow(() -> new IllegalArgumentException("There is no part '" + partId + "'"));
  }

  /** The same prop with a part in the place of the one that has its id. */
  public Prop with(Part changed) {
    return withParts(
        parts.stream().map(it -> it.id().equals(changed.id()) ? changed : it).toList());
  }

  /** The same under another id. */
  public Prop withId(String changed) {
    return new Prop(changed, name, wearerId, size, defaults, parts);
  }

  public Prop withName(String changed) {
    return new Prop(id, changed, wearerId, size, defaults, parts);
  }

  public Prop withWearer(String changed) {
    return new Prop(id, name, changed, size, defaults, parts);
  }

  public Prop withSize(Size changed) {
    return new Prop(id, name, wearerId, changed, defaults, parts);
  }

  public Prop withDefaults(Defaults changed) {
    return new Prop(id, name, wearerId, size, changed, parts);
  }

  public Prop withParts(List<Part> changed) {
    return new Prop(id, name, wearerId, size, defaults, changed);
  }
}

package stoutblade.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.build.FreeHours;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.part.Assembly;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.stack.Wish;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearer;

/**
 * Everything the user decided, as one immutable tree.
 *
 * @param name what the prop is called
 * @param size what is decided about its size
 * @param event what it is made for
 * @param freeHours when the maker can work
 * @param shelf what is there of each coating, in mm³, by catalogue id
 * @param paper what templates are printed on
 * @param journal what really happened
 * @param defaults what a new part starts with
 * @param parts its parts
 * @param leftovers foam that is there already
 */
public record Project(
    String name,
    Size size,
    Event event,
    FreeHours freeHours,
    Map<String, Double> shelf,
    Paper paper,
    Journal journal,
    Defaults defaults,
    List<Part> parts,
    List<Wish.Leftover> leftovers) {

  private static final int LONGEST_NAME = 120;

  /**
   * Checks name and shelf.
   *
   * @throws IllegalArgumentException if the name is blank or too long, a coating is planned twice
   *     or the shelf holds less than nothing
   */
  public Project {
    checkName("prop", name);
    parts = List.copyOf(parts);
    leftovers = List.copyOf(leftovers);
    if (parts.size() > Part.MOST_PARTS
        || parts.stream().map(Part::id).distinct().count() < parts.size()) {
      throw new IllegalArgumentException(
          "A prop has at most " + Part.MOST_PARTS + " parts, each with an id of its own");
    }
    Assembly.check(parts);
    shelf = java.util.Collections.unmodifiableMap(new TreeMap<>(shelf));
    shelf.forEach(
        (id, mm3) -> {
          if (!(mm3 >= 0 && mm3 <= 1e9)) {
            throw new IllegalArgumentException(
                "On the shelf are between 0 and 1000 litres of " + id + "; found " + mm3 + " mm³");
          }
        });
  }

  private static void checkName(String what, String name) {
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
  public Optional<Part> part(String id) {
    return parts.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /**
   * A part that is there.
   *
   * @throws IllegalArgumentException if it is not
   */
  public Part needed(String id) {
    return part(id)
        .orElseThrow(() -> new IllegalArgumentException("There is no part '" + id + "'"));
  }

  /** The same project with a part in the place of the one that has its id. */
  public Project with(Part changed) {
    return withParts(
        parts.stream().map(it -> it.id().equals(changed.id()) ? changed : it).toList());
  }

  /** Who carries the prop. */
  public Wearer wearer() {
    return size.wearers().wearer();
  }

  public Project withName(String changed) {
    return new Project(
        changed, size, event, freeHours, shelf, paper, journal, defaults, parts, leftovers);
  }

  public Project withSize(Size changed) {
    return new Project(
        name, changed, event, freeHours, shelf, paper, journal, defaults, parts, leftovers);
  }

  public Project withEvent(Event changed) {
    return new Project(
        name, size, changed, freeHours, shelf, paper, journal, defaults, parts, leftovers);
  }

  public Project withFreeHours(FreeHours changed) {
    return new Project(
        name, size, event, changed, shelf, paper, journal, defaults, parts, leftovers);
  }

  public Project withShelf(Map<String, Double> changed) {
    return new Project(
        name, size, event, freeHours, changed, paper, journal, defaults, parts, leftovers);
  }

  public Project withPaper(Paper changed) {
    return new Project(
        name, size, event, freeHours, shelf, changed, journal, defaults, parts, leftovers);
  }

  public Project withJournal(Journal changed) {
    return new Project(
        name, size, event, freeHours, shelf, paper, changed, defaults, parts, leftovers);
  }

  public Project withParts(List<Part> changed) {
    return new Project(
        name, size, event, freeHours, shelf, paper, journal, defaults, changed, leftovers);
  }

  public Project withLeftovers(List<Wish.Leftover> changed) {
    return new Project(
        name, size, event, freeHours, shelf, paper, journal, defaults, parts, changed);
  }

  public Project withDefaults(Defaults changed) {
    return new Project(
        name, size, event, freeHours, shelf, paper, journal, changed, parts, leftovers);
  }
}

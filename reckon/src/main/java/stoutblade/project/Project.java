package stoutblade.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.build.FreeHours;
import stoutblade.core.CoreChoice;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.part.Blade;
import stoutblade.prop.Assembly;
import stoutblade.prop.Part;
import stoutblade.prop.Plate;
import stoutblade.stack.Layering;
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
 * @param blade the blade as drafted
 * @param layering its layers
 * @param core its core; empty for none
 * @param coats its coats, in the order in which they go on
 * @param shelf what is there of each coating, in mm³, by catalogue id
 * @param paper what templates are printed on
 * @param journal what really happened
 * @param parts parts beside the blade
 * @param leftovers foam that is there already
 */
public record Project(
    String name,
    Size size,
    Event event,
    FreeHours freeHours,
    Blade blade,
    Layering layering,
    Optional<CoreChoice> core,
    List<Coats> coats,
    Map<String, Double> shelf,
    Paper paper,
    Journal journal,
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
    checkName("blade", blade.name());
    coats = List.copyOf(coats);
    parts = List.copyOf(parts);
    leftovers = List.copyOf(leftovers);
    if (parts.size() > Part.MOST_PARTS
        || parts.stream().map(Part::id).distinct().count() < parts.size()) {
      throw new IllegalArgumentException(
          "A prop has at most " + Part.MOST_PARTS + " parts, each with an id of its own");
    }
    Assembly.check(parts);
    shelf = java.util.Collections.unmodifiableMap(new TreeMap<>(shelf));
    if (coats.stream().map(Coats::coatingId).distinct().count() < coats.size()) {
      throw new IllegalArgumentException("A coating is planned once, with its number of coats");
    }
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

  /** A plate, where there is one with that id. */
  public Optional<Plate> plate(String id) {
    return part(id).filter(Plate.class::isInstance).map(Plate.class::cast);
  }

  /** Who carries the prop. */
  public Wearer wearer() {
    return size.wearers().wearer();
  }

  public Project withName(String changed) {
    return new Project(
        changed, size, event, freeHours, blade, layering, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withSize(Size changed) {
    return new Project(
        name, changed, event, freeHours, blade, layering, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withEvent(Event changed) {
    return new Project(
        name, size, changed, freeHours, blade, layering, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withFreeHours(FreeHours changed) {
    return new Project(
        name, size, event, changed, blade, layering, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withBlade(Blade changed) {
    return new Project(
        name, size, event, freeHours, changed, layering, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withLayering(Layering changed) {
    return new Project(
        name, size, event, freeHours, blade, changed, core, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withCore(Optional<CoreChoice> changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, changed, coats, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withCoats(List<Coats> changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, changed, shelf, paper, journal, parts,
        leftovers);
  }

  public Project withShelf(Map<String, Double> changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, coats, changed, paper, journal, parts,
        leftovers);
  }

  public Project withPaper(Paper changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, coats, shelf, changed, journal, parts,
        leftovers);
  }

  public Project withJournal(Journal changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, coats, shelf, paper, changed, parts,
        leftovers);
  }

  public Project withParts(List<Part> changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, coats, shelf, paper, journal, changed,
        leftovers);
  }

  public Project withLeftovers(List<Wish.Leftover> changed) {
    return new Project(
        name, size, event, freeHours, blade, layering, core, coats, shelf, paper, journal, parts,
        changed);
  }
}

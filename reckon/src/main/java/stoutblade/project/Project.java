package stoutblade.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import stoutblade.build.FreeHours;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.reference.Reference;
import stoutblade.stack.Wish;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/**
 * Everything the user decided about the work for an event, as one immutable tree.
 *
 * @param name what the work is called
 * @param event what it is made for
 * @param freeHours when the maker can work
 * @param shelf what is there of each coating, in mm³, by catalogue id
 * @param leftovers foam that is there already
 * @param cutting how pieces are laid on sheets, and what they are cut with
 * @param paper what templates are printed on
 * @param journal what really happened
 * @param wearers the people who carry the props
 * @param props the props, at least one, each with an id of its own
 */
public record Project(
    String name,
    Event event,
    FreeHours freeHours,
    Map<String, Double> shelf,
    List<Wish.Leftover> leftovers,
    Cutting cutting,
    Paper paper,
    Journal journal,
    Wearers wearers,
    List<Prop> props) {

  /** The most props of a project. */
  public static final int MOST_PROPS = 40;

  /**
   * Checks name, shelf and props.
   *
   * @throws IllegalArgumentException if the name is blank or too long, the shelf holds less than
   *     nothing, there is no prop or too many, two have one id, or one is carried by nobody
   */
  public Project {
    Prop.checkName("project", name);
    leftovers = List.copyOf(leftovers);
    props = List.copyOf(props);
    if (props.isEmpty()
        || props.size() > MOST_PROPS
        || props.stream().map(Prop::id).distinct().count() < props.size()) {
      throw new IllegalArgumentException(
          "A project has 1 to " + MOST_PROPS + " props, each with an id of its own");
    }
    props.forEach(it -> wearers.get(it.wearerId()));
    shelf = Collections.unmodifiableMap(new TreeMap<>(shelf));
    shelf.forEach(
        (id, mm3) -> {
          if (!(mm3 >= 0 && mm3 <= 1e9)) {
            throw new IllegalArgumentException(
                "On the shelf are between 0 and 1000 litres of " + id + "; found " + mm3 + " mm³");
          }
        });
  }

  /** The first of its props. */
  public Prop first() {
    return props.getFirst();
  }

  /** A prop, where there is one with that id. */
  public Optional<Prop> prop(String id) {
    return props.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /**
   * A prop that is there.
   *
   * @throws IllegalArgumentException if it is not
   */
  public Prop needed(String id) {
    return prop(id)
        .orElseThrow(() -> new IllegalArgumentException("There is no prop '" + id + "'"));
  }

  /** Who carries a prop. */
  public Wearer wearer(Prop prop) {
    return wearers.get(prop.wearerId());
  }

  /** An id that no prop has. */
  public String nextId() {
    return Reference.next("p", props.stream().map(Prop::id).toList());
  }

  /** The same project with a prop in the place of the one that has its id. */
  public Project with(Prop changed) {
    return withProps(
        props.stream().map(it -> it.id().equals(changed.id()) ? changed : it).toList());
  }

  /** The same project with one prop more, under its own id. */
  public Project and(Prop more) {
    List<Prop> all = new ArrayList<>(props);
    all.add(more);
    return withProps(all);
  }

  public Project withName(String changed) {
    return new Project(
        changed, event, freeHours, shelf, leftovers, cutting, paper, journal, wearers, props);
  }

  public Project withEvent(Event changed) {
    return new Project(
        name, changed, freeHours, shelf, leftovers, cutting, paper, journal, wearers, props);
  }

  public Project withFreeHours(FreeHours changed) {
    return new Project(
        name, event, changed, shelf, leftovers, cutting, paper, journal, wearers, props);
  }

  public Project withShelf(Map<String, Double> changed) {
    return new Project(
        name, event, freeHours, changed, leftovers, cutting, paper, journal, wearers, props);
  }

  public Project withLeftovers(List<Wish.Leftover> changed) {
    return new Project(
        name, event, freeHours, shelf, changed, cutting, paper, journal, wearers, props);
  }

  public Project withCutting(Cutting changed) {
    return new Project(
        name, event, freeHours, shelf, leftovers, changed, paper, journal, wearers, props);
  }

  public Project withPaper(Paper changed) {
    return new Project(
        name, event, freeHours, shelf, leftovers, cutting, changed, journal, wearers, props);
  }

  public Project withJournal(Journal changed) {
    return new Project(
        name, event, freeHours, shelf, leftovers, cutting, paper, changed, wearers, props);
  }

  public Project withWearers(Wearers changed) {
    return new Project(
        name, event, freeHours, shelf, leftovers, cutting, paper, journal, changed, props);
  }

  public Project withProps(List<Prop> changed) {
    return new Project(
        name, event, freeHours, shelf, leftovers, cutting, paper, journal, wearers, changed);
  }
}

package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import stoutblade.develop.Form;
import stoutblade.develop.Helix;
import stoutblade.develop.Swelling;
import stoutblade.develop.Wraps;
import stoutblade.journal.Journal;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.Defaults;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.part.Slices;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Size;
import stoutblade.reference.Reference;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** The edits of the props of a project: which there are, and in which order. */
public final class PropEdits {

  private static final double LARGEST = 20;
  private static final double SMALLEST = 1 / LARGEST;

  private PropEdits() {}

  /** Calls a prop something else. */
  public static PropEdit name(String name) {
    return PropEdit.of("Name the prop", it -> it.withName(name.strip()));
  }

  /**
   * Makes all that was drafted larger or smaller; what keeps its size only moves.
   *
   * @param factor what lengths are multiplied by
   * @throws IllegalArgumentException when made, if the prop is traced on a picture, whose scale
   *     says how large it is
   */
  public static PropEdit resize(double factor) {
    return PropEdit.of(
        "The whole prop × " + Display.decimal(factor, 3),
        prop -> {
          if (!(factor >= SMALLEST && factor <= LARGEST)) {
            throw new IllegalArgumentException(
                "A prop is made up to 20 times larger or smaller at once; found × "
                    + Display.decimal(factor, 3));
          }
          if (prop.size().traced().isPresent()) {
            throw new IllegalArgumentException(
                "It is traced on a picture: mark the whole prop there first, from butt to tip");
          }
          return Resizing.times(prop, factor);
        });
  }

  /**
   * Makes a drafted prop as long as is said; what keeps its size only moves.
   *
   * @param mm from its lowest to its highest place, in mm
   * @throws IllegalArgumentException when made, as {@link #resize}, or if it cannot be that long
   */
  public static PropEdit resizeTo(double mm) {
    return new PropEdit(
        "The whole prop is " + Display.length(mm, Units.METRIC),
        (prop, wearer) -> resize(Reduction.factor(prop, mm)).applyTo(prop, wearer));
  }

  /**
   * The same, where some parts keep their size from now on.
   *
   * @param held the ids of these parts
   */
  public static PropEdit resizeTo(double mm, Set<String> held) {
    PropEdit keep =
        PropEdit.of(
            "Keep sizes",
            prop ->
                prop.withParts(
                    prop.parts().stream()
                        .map(it -> held.contains(it.id()) ? it.withHeld(true) : it)
                        .toList()));
    PropEdit resize = resizeTo(mm);
    return keep.then(resize).named(resize.name());
  }

  /**
   * The parts that usually keep their size and do not yet: what is bought, and what is wound round
   * a handle, which a hand has to fit.
   */
  public static List<Part> usuallyHeld(Prop prop) {
    return prop.parts().stream()
        .filter(it -> !it.held())
        .filter(it -> it.shape() instanceof Bought || wound(it))
        .toList();
  }

  private static boolean wound(Part part) {
    Optional<Form> form = part.formed().map(it -> it.form(part.thicknessMm()));
    return form.filter(it -> it instanceof Wraps || it instanceof Helix || it instanceof Swelling)
        .isPresent();
  }

  /** Adds a prop of which nothing is known but who carries it, and what it must pass on the way. */
  public static Edit add(String name, String wearerId) {
    return new Edit(
        "New prop: " + name,
        project -> {
          Prop more = blank(project.nextId(), name.strip(), wearerId);
          return project.and(
              more.withSize(more.size().withPassages(project.first().size().passages())));
        });
  }

  /** A prop of which nothing is known yet. */
  public static Prop blank(String id, String name, String wearerId) {
    return new Prop(id, name, wearerId, Size.unknown(), Defaults.USUAL, List.of());
  }

  /** Makes another prop like one: drafted, not built. */
  public static Edit again(String id) {
    return new Edit(
        "Another prop like it",
        project -> {
          Prop like = project.needed(id);
          return project.and(like.withId(project.nextId()).withName(free(project, like.name())));
        });
  }

  /** The name with a number that no other prop has. */
  private static String free(Project project, String name) {
    List<String> taken = project.props().stream().map(Prop::name).toList();
    int number = 2;
    while (taken.contains(name + " " + number)) {
      number++;
    }
    return name + " " + number;
  }

  /**
   * Takes a prop in from another project, with who carries it where nobody of that name and those
   * measures is here.
   *
   * @param from the other project
   * @param id the prop's id there
   */
  public static Edit takeIn(Project from, String id) {
    Prop prop = from.needed(id);
    Wearer wearer = from.wearer(prop);
    return new Edit(
        "Take in " + prop.name(),
        project -> {
          Wearers wearers = project.wearers();
          String known =
              wearers.kept().entrySet().stream()
                  .filter(it -> it.getValue().equals(wearer))
                  .map(Map.Entry::getKey)
                  .findFirst()
                  .orElseGet(() -> Reference.next("w", wearers.kept().keySet()));
          return project
              .withWearers(wearers.with(known, wearer))
              .and(prop.withId(project.nextId()).withWearer(known));
        });
  }

  /** Removes a prop with what was logged of it. */
  public static Edit remove(String id) {
    return new Edit(
        "Remove the prop",
        project -> {
          if (project.props().size() == 1) {
            throw new IllegalArgumentException("The last prop stays: empty it instead");
          }
          Journal journal = project.journal().without(it -> it.startsWith(id + "/"));
          return project
              .withProps(project.props().stream().filter(it -> !it.id().equals(id)).toList())
              .withJournal(journal);
        });
  }

  /** Puts a prop one place further up or down in their order. */
  public static Edit order(String id, int by) {
    return new Edit(
        by < 0 ? "Move the prop up" : "Move the prop down",
        project -> project.withProps(Order.moved(project.props(), project.needed(id), by)));
  }

  /**
   * Makes a part of one prop in another as well, fixed to nothing; its models and pictures stay
   * where they are.
   */
  public static Edit copyPart(String propId, String partId, String toId) {
    return new Edit(
        "Copy a part to another prop",
        project -> {
          Part part = alone(project.needed(propId).needed(partId));
          Prop to = project.needed(toId);
          List<Part> parts = new ArrayList<>(to.parts());
          String next = Reference.next("d", parts.stream().map(Part::id).toList());
          parts.add(part.withId(next));
          return project.with(to.withParts(parts));
        });
  }

  /** A part that hangs on nothing of its prop. */
  private static Part alone(Part part) {
    Part free = part.withPlacing(part.placing().freed().alone());
    return switch (part.shape()) {
      case Cut own -> free.withShape(own.withFrom("").withFollow(Optional.empty()));
      case Slices own -> free.withShape(own.withoutModel());
      case Formed it -> free;
      case FlatPieces it -> free;
      case Bought it -> free;
      case Piped it -> free;
    };
  }
}

package stoutblade.edit;

import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.shape.Outline;

/** Outlines that follow others: after each change of a prop they are drawn anew. */
public final class Followers {

  private Followers() {}

  /**
   * A prop after a change, with all that follows drawn after what it follows. Who follows a part
   * that is gone keeps its outline, and follows no longer; who keeps its size is left as it is.
   * What the change did not touch stays the same object, so that nothing is worked out anew for it.
   *
   * @param before the prop before the change, settled
   * @throws IllegalArgumentException if a chain of them comes back to where it began, or nothing is
   *     left of one; the message names the part
   */
  static Prop settled(Prop before, Prop after) {
    if (after.parts().stream().noneMatch(it -> follow(it).isPresent())) {
      return after;
    }
    Settling settling = new Settling(before, after);
    return after.withParts(
        after.parts().stream().map(it -> settling.settled(it, new HashSet<>())).toList());
  }

  private static Optional<Follow> follow(Part part) {
    return part.cut().flatMap(Cut::follow);
  }

  /** The followers of one prop, each drawn once. */
  private static final class Settling {

    private final Prop before;
    private final Prop after;
    private final Map<String, Part> done = new TreeMap<>();

    Settling(Prop before, Prop after) {
      this.before = before;
      this.after = after;
    }

    Part settled(Part part, Set<String> round) {
      Part known = done.get(part.id());
      if (known != null) {
        return known;
      }
      if (!round.add(part.id())) {
        throw new IllegalArgumentException(
            part.name() + " follows a part that follows it: the chain comes back");
      }
      Part now =
          follow(part).filter(it -> !part.held()).map(it -> drawn(part, it, round)).orElse(part);
      done.put(part.id(), now);
      return now;
    }

    private Part drawn(Part part, Follow follow, Set<String> round) {
      Cut cut = part.cut().orElseThrow();
      Optional<Part> leader = after.part(follow.leaderId()).map(it -> settled(it, round));
      Optional<Outline> outline = leader.flatMap(Part::cut).map(Cut::outline);
      if (outline.isEmpty()) {
        return part.withShape(cut.withFollow(Optional.empty()));
      }
      if (same(part) && same(leader.orElseThrow())) {
        return part;
      }
      try {
        return part.withShape(cut.following(follow, outline.get()));
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException(part.name() + ": " + e.getMessage(), e);
      }
    }

    /** True for a part whose shape the change did not touch. */
    @SuppressWarnings("ReferenceEquality") // what did not change stays the same object
    private boolean same(Part part) {
      return before
          .part(part.id())
          .filter(it -> it.shape() == part.shape() && it.held() == part.held())
          .isPresent();
    }
  }

  /** Adds a part whose outline follows that of another. */
  public static PropEdit add(String name, Follow follow, double thicknessMm) {
    return PartEdits.add(
        name,
        (prop, id) -> {
          Outline leader = leader(prop, follow);
          Cut cut = new Cut(leader).following(follow, leader);
          return prop.defaults().flat(id, name, cut, thicknessMm);
        });
  }

  private static Outline leader(Prop prop, Follow follow) {
    Part leader = prop.needed(follow.leaderId());
    return leader
        .cut()
        .map(Cut::outline)
        .orElseThrow(
            () -> new IllegalArgumentException(leader.name() + " is not cut along an outline"));
  }

  /** Changes how a part follows; empty to let it go, with the outline that it has. */
  public static PropEdit follow(String id, Optional<Follow> follow) {
    return PartEdits.change(
        id,
        follow.isPresent() ? "Follow an outline" : "Let an outline go",
        part -> {
          Cut cut =
              part.cut()
                  .orElseThrow(
                      () ->
                          new IllegalArgumentException(
                              part.name() + " is not cut along an outline"));
          return part.withShape(cut.withFollow(follow));
        });
  }
}

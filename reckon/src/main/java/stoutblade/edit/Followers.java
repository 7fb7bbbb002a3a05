package stoutblade.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Part;
import stoutblade.project.Prop;
import stoutblade.shape.Outline;

/** Outlines that follow others: after each change of a prop they are drawn anew. */
public final class Followers {

  /** The feature that is the opening of a ring. */
  public static final String OPENING = "f9999";

  private Followers() {}

  /**
   * The prop with all that follows drawn after what it follows. Who follows a part that is gone
   * keeps its outline, and follows no longer; who keeps its size is left as it is.
   *
   * @throws IllegalArgumentException if a chain of them comes back to where it began, or nothing is
   *     left of one; the message names the part
   */
  static Prop settled(Prop prop) {
    if (prop.parts().stream().noneMatch(it -> follow(it).isPresent())) {
      return prop;
    }
    Map<String, Part> done = new TreeMap<>();
    List<Part> parts = new ArrayList<>();
    for (Part part : prop.parts()) {
      parts.add(settled(part, prop, done, new HashSet<>()));
    }
    return prop.withParts(parts);
  }

  private static Optional<Follow> follow(Part part) {
    return part.cut().flatMap(Cut::follow);
  }

  private static Part settled(Part part, Prop prop, Map<String, Part> done, Set<String> round) {
    Part before = done.get(part.id());
    if (before != null) {
      return before;
    }
    if (!round.add(part.id())) {
      throw new IllegalArgumentException(
          part.name() + " follows a part that follows it: the chain comes back");
    }
    Part now =
        follow(part)
            .filter(it -> !part.held())
            .map(it -> drawn(part, it, prop, done, round))
            .orElse(part);
    done.put(part.id(), now);
    return now;
  }

  private static Part drawn(
      Part part, Follow follow, Prop prop, Map<String, Part> done, Set<String> round) {
    Cut cut = part.cut().orElseThrow();
    Optional<Outline> leader =
        prop.part(follow.leaderId())
            .map(it -> settled(it, prop, done, round))
            .flatMap(Part::cut)
            .map(Cut::outline);
    if (leader.isEmpty()) {
      return part.withShape(cut.withFollow(Optional.empty()));
    }
    try {
      List<Feature> features = new ArrayList<>(cut.features());
      features.removeIf(it -> it.id().equals(OPENING));
      follow
          .opening(leader.get())
          .ifPresent(it -> features.add(Feature.cutOut(OPENING, it, Where.At.of(0, 0))));
      return part.withShape(cut.withOutline(follow.outline(leader.get())).withFeatures(features));
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(part.name() + ": " + e.getMessage(), e);
    }
  }

  /** Adds a part whose outline follows that of another. */
  public static PropEdit add(String name, Follow follow, double thicknessMm) {
    return PartEdits.add(
        name,
        (prop, id) -> {
          Outline leader = leader(prop, follow);
          Cut cut = new Cut(follow.outline(leader)).withFollow(Optional.of(follow));
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

package stoutblade.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import stoutblade.feature.Spot;
import stoutblade.part.Cut;
import stoutblade.part.Follow;
import stoutblade.part.Next;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.project.Prop;
import stoutblade.shape.Box;
import stoutblade.shape.Exact;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Point;
import stoutblade.stack.Layering;
import stoutblade.stack.Sheet;

/**
 * What follows something else of its prop: outlines that follow that of a part, layers that follow
 * their part's, parts that stand between the repeats of another or next to one. After each change
 * of a prop they are drawn and placed anew.
 */
public final class Followers {

  /** How closely what is seen of a part is followed where others stand next to it. */
  private static final double SEEN_MM = 0.02;

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
    if (after.parts().stream().noneMatch(Followers::follows)) {
      return after;
    }
    Settling settling = new Settling(before, after);
    return after.withParts(
        after.parts().stream()
            .map(it -> settling.settled(it, new HashSet<>()))
            .map(settling::layered)
            .map(it -> settling.placed(it, new HashSet<>()))
            .map(settling::banded)
            .toList());
  }

  private static boolean follows(Part part) {
    return follow(part).isPresent()
        || !part.placing().between().isEmpty()
        || part.placing().next().isPresent()
        || part.stack().filter(Followers::offset).isPresent()
        || (part.formed().isPresent() && !part.placing().on().isEmpty());
  }

  private static boolean offset(Layering layering) {
    return layering.sheets().stream().anyMatch(it -> it.offset().isPresent());
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
      Optional<Cut> led = leader.flatMap(Part::cut);
      if (led.isEmpty()) {
        return part.withShape(cut.withFollow(Optional.empty()));
      }
      if (same(part) && same(leader.orElseThrow())) {
        return part;
      }
      try {
        return part.withShape(cut.following(follow, led.get()));
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException(part.name() + ": " + e.getMessage(), e);
      }
    }

    /** The same with layers that follow its outline drawn after that. */
    Part layered(Part part) {
      Optional<Outline> outline = part.cut().map(Cut::outline).filter(Outline::drawn);
      if (outline.isEmpty() || !offset(part.layering()) || settledBefore(part)) {
        return part;
      }
      List<Sheet> sheets = new ArrayList<>();
      for (Sheet sheet : part.layering().sheets()) {
        sheets.add(
            sheet.offset().isEmpty()
                ? sheet
                : sheet.following(
                    moved(part, outline.get(), sheet.offset().get()), sheet.offset().get()));
      }
      return part.withLayering(part.layering().withSheets(sheets));
    }

    private static Outline moved(Part part, Outline outline, double mm) {
      try {
        return mm == 0 ? Exact.whole(outline) : Exact.offset(outline, mm);
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException("A layer of " + part.name() + ": " + e.getMessage(), e);
      }
    }

    private boolean settledBefore(Part part) {
      return before
          .part(part.id())
          .filter(it -> it.shape().equals(part.shape()) && it.stack().equals(part.stack()))
          .isPresent();
    }

    /** The same where it stands between the repeats of another part, or next to one. */
    Part placed(Part part, Set<String> passed) {
      Optional<Next> next = part.placing().next();
      String other = next.map(Next::toId).orElse(part.placing().between());
      if (other.isEmpty()) {
        return part;
      }
      if (!passed.add(part.id())) {
        throw new IllegalArgumentException(
            part.name() + " cannot stand next to or between what stands so to it");
      }
      Optional<Part> leader =
          after.part(other).map(it -> placed(settled(it, new HashSet<>()), passed));
      if (leader.isEmpty()) {
        return part.withPlacing(part.placing().alone());
      }
      if (next.isPresent()) {
        return part.withPlacing(standing(part, leader.get()));
      }
      try {
        return part.withPlacing(part.placing().among(other, leader.get().placing()));
      } catch (IllegalArgumentException e) {
        throw new IllegalArgumentException(
            part.name() + ", between those of " + leader.get().name() + ": " + e.getMessage(), e);
      }
    }

    /** Where a part stands next to another: on what that is on, or on that one itself. */
    private Placing standing(Part part, Part other) {
      boolean carried = part.placing().on().equals(other.id());
      List<Point> places = seen(other);
      List<Point> own = seen(part);
      String carrier = other.placing().on();
      if (!carried) {
        Outline below =
            after.part(carrier).flatMap(Part::cut).map(Cut::outline).orElse(HalfOutline.EMPTY);
        Spot spot = other.placing().spots(below).stream().findFirst().orElse(Spot.ORIGIN);
        places = places.stream().map(spot::place).toList();
      }
      return own.isEmpty() || places.isEmpty()
          ? part.placing()
          : part.placing().standing(own, Box.around(places), carried ? other.id() : carrier);
    }

    private static List<Point> seen(Part part) {
      return part.seen().stream().flatMap(it -> it.flattened(SEEN_MM).stream()).toList();
    }

    /** The same where it is a band round the edge of what carries it. */
    Part banded(Part part) {
      String on = part.placing().on();
      return on.isEmpty()
          ? part
          : Skins.banded(
              part, before.part(on), after.part(on).map(it -> settled(it, new HashSet<>())));
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
          Cut leader = prop.needed(follow.leaderId()).neededCut();
          Cut cut = new Cut(leader.outline()).following(follow, leader);
          return prop.defaults().flat(id, name, cut, thicknessMm);
        });
  }

  /** Puts a part between the repeats of another; empty to let it stay where it is. */
  public static PropEdit between(String id, String otherId) {
    return PartEdits.change(
        id,
        otherId.isEmpty() ? "Place by itself" : "Place between",
        part ->
            part.withPlacing(
                otherId.isEmpty() ? part.placing().alone() : part.placing().betweenThose(otherId)));
  }

  /** Puts a part next to another on its line; empty to let it stay where it is. */
  public static PropEdit next(String id, Optional<Next> next) {
    return PartEdits.change(
        id,
        next.isEmpty() ? "Place by itself" : "Place next to",
        part ->
            part.withPlacing(next.map(part.placing()::nextTo).orElseGet(part.placing()::alone)));
  }

  /** A layer that follows its part's outline at a distance, counted from 0 at the back. */
  public static PropEdit layer(String id, int index, double mm) {
    return PropEdit.of(
        "Layer along the outline",
        prop -> {
          Part part = prop.needed(id);
          List<Sheet> sheets = new ArrayList<>(part.layering().sheets());
          Sheet now = LayerEdits.sheet(prop, id, index);
          Outline outline = part.neededOutline();
          sheets.set(index, now.following(Settling.moved(part, outline, mm), mm));
          return prop.with(part.withLayering(part.layering().withSheets(sheets)));
        });
  }

  /** Changes how a part follows; empty to let it go, with the outline that it has. */
  public static PropEdit follow(String id, Optional<Follow> follow) {
    return PartEdits.change(
        id,
        follow.isPresent() ? "Follow an outline" : "Let an outline go",
        part -> {
          return part.withShape(part.neededCut().withFollow(follow));
        });
  }
}

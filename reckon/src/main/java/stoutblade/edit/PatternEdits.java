package stoutblade.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.develop.Panel;
import stoutblade.feature.Feature;
import stoutblade.feature.Where;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;
import stoutblade.trace.Tracing;

/** Patterns that were drawn on tape or paper, taken off and photographed, as parts to cut. */
public final class PatternEdits {

  private static final double LOOKED_AT_MM = 0.1;

  private PatternEdits() {}

  /**
   * A piece of a tracing.
   *
   * @param outer its edge, where it lies in the tracing
   * @param holes what is cut out of it
   */
  public record Pattern(WholeOutline outer, List<WholeOutline> holes) {

    /** Copies the holes. */
    public Pattern {
      holes = List.copyOf(holes);
    }

    private Cut cut(String from) {
      Point middle = middle(outer);
      List<Feature> features = new ArrayList<>();
      for (WholeOutline it : holes) {
        Point at = middle(it).minus(middle);
        features.add(
            Feature.cutOut("f" + (features.size() + 1), it.centred(), Where.At.of(at.x(), at.y())));
      }
      return new Cut(outer.centred(), features, false, from);
    }
  }

  private static Point middle(WholeOutline outline) {
    return Box.around(outline.path().flattened(LOOKED_AT_MM)).centre();
  }

  private static Region inside(WholeOutline outline) {
    return Region.inside(outline.path(), LOOKED_AT_MM);
  }

  /** The pieces of a tracing, the largest first: what lies within an outline is cut out of it. */
  public static List<Pattern> patterns(Tracing tracing) {
    List<WholeOutline> largeFirst = new ArrayList<>(tracing.outlines());
    largeFirst.sort(Comparator.comparing(it -> -Math.abs(Panel.area(it.path()))));
    List<Region> regions = largeFirst.stream().map(PatternEdits::inside).toList();
    List<Integer> depths = new ArrayList<>();
    List<Optional<Integer>> around = new ArrayList<>();
    for (int i = 0; i < largeFirst.size(); i++) {
      Optional<Integer> nearest = Optional.empty();
      for (int k = 0; k < i; k++) {
        if (regions.get(k).contains(largeFirst.get(i).path().start())) {
          nearest = Optional.of(k);
        }
      }
      around.add(nearest);
      depths.add(nearest.map(it -> depths.get(it) + 1).orElse(0));
    }
    List<Pattern> all = new ArrayList<>();
    for (int i = 0; i < largeFirst.size(); i++) {
      if (depths.get(i) % 2 == 0) {
        List<WholeOutline> holes = new ArrayList<>();
        for (int k = 0; k < largeFirst.size(); k++) {
          if (around.get(k).equals(Optional.of(i)) && depths.get(k) % 2 == 1) {
            holes.add(largeFirst.get(k));
          }
        }
        all.add(new Pattern(largeFirst.get(i), holes));
      }
    }
    return all;
  }

  /** Each piece of a tracing becomes a part; they stand beside what is there. */
  public static PropEdit add(Tracing tracing, double thicknessMm) {
    List<Pattern> all = patterns(tracing);
    return PropEdit.of(
        "Pieces of " + tracing.name(),
        prop -> {
          var grown = prop;
          for (int i = 0; i < all.size(); i++) {
            String name = named(tracing.name(), all.size() == 1 ? "" : " " + (i + 1));
            Cut cut = all.get(i).cut(tracing.from());
            grown =
                PartEdits.added(
                    grown,
                    (own, id) ->
                        PartEdits.beside(own, own.defaults().flat(id, name, cut, thicknessMm)));
          }
          return grown;
        });
  }

  private static String named(String name, String number) {
    int room = Part.LONGEST_NAME - number.length();
    return name.substring(0, Math.min(name.length(), room)) + number;
  }
}

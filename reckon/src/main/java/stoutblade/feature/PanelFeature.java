package stoutblade.feature;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * Something that is worked into one flat pattern of a part that is wrapped, turned or folded.
 *
 * @param panel which of its patterns, counted from 0
 * @param feature what is worked in, its place in the pattern's own frame, in mm
 */
public record PanelFeature(int panel, Feature feature) {

  /** What a pattern can have: all that needs neither an edge of a plate nor its layers. */
  public static final Set<Feature.Kind> KINDS =
      Set.copyOf(
          EnumSet.of(
              Feature.Kind.HOLE,
              Feature.Kind.SLOT,
              Feature.Kind.WINDOW,
              Feature.Kind.CUTOUT,
              Feature.Kind.LINE,
              Feature.Kind.SCORES,
              Feature.Kind.RIVET,
              Feature.Kind.FIXING,
              Feature.Kind.LETTERS,
              Feature.Kind.ORNAMENT));

  private static final int MOST_PANELS = 200;

  /**
   * Checks that a pattern can have it.
   *
   * @throws IllegalArgumentException if it cannot; the message can be shown
   */
  public PanelFeature {
    if (panel < 0 || panel >= MOST_PANELS) {
      throw new IllegalArgumentException("There is no pattern " + (panel + 1));
    }
    if (!KINDS.contains(feature.kind()) || feature.where() instanceof Where.Along) {
      throw new IllegalArgumentException(
          "A pattern has no "
              + feature.kind().plain()
              + (feature.where() instanceof Where.Along ? " along an edge" : ""));
    }
  }

  /** What is worked into the patterns of one part, checked and copied. */
  public static List<PanelFeature> checked(List<PanelFeature> worked) {
    Feature.checked(worked.stream().map(PanelFeature::feature).toList());
    return List.copyOf(worked);
  }

  /** The same with what is worked in changed. */
  public PanelFeature with(Feature changed) {
    return new PanelFeature(panel, changed);
  }

  /** The same on a pattern that is made larger or smaller. */
  public PanelFeature times(double factor) {
    return with(feature.times(factor));
  }
}

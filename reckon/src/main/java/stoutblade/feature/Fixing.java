package stoutblade.feature;

import java.util.Arrays;
import java.util.List;
import stoutblade.shape.Outline;

/**
 * What holds a part to another one, or lets it come off again. Lengths in mm.
 *
 * @param featureId the feature that it is
 * @param what what it is
 * @param spots where
 * @param across its shank, which its hole is cut for
 * @param head how wide its head or its washer is
 * @param clear the foam that is wanted round that
 * @param massG what one weighs, in g
 */
public record Fixing(
    String featureId,
    What what,
    List<Spot> spots,
    double across,
    double head,
    double clear,
    double massG) {

  /** What it is. */
  public enum What {
    BOLT_IN_T_NUT("a bolt in a T-nut", "Bolt with T-nut and washer", true),
    BOLT_AND_NUT("a bolt and nut", "Bolt with nut and two washers", true),
    SCREW_POST("a screw post", "Screw post", true),
    RIVET("a rivet", "Rivet with washer", true),
    PADS("hook-and-loop pads", "Pair of hook-and-loop pads", false);

    private final String words;
    private final String bought;
    private final boolean through;

    What(String words, String bought, boolean through) {
      this.words = words;
      this.bought = bought;
      this.through = through;
    }

    /** Its words inside a sentence. */
    public String inWords() {
      return words;
    }

    /** What is bought for one. */
    public String bought() {
      return bought;
    }

    /** True where a hole is cut for it. */
    public boolean through() {
      return through;
    }

    static String[] words() {
      return Arrays.stream(values()).map(What::inWords).toArray(String[]::new);
    }
  }

  /** Copies the spots. */
  public Fixing {
    spots = List.copyOf(spots);
  }

  /** True for a feature that is one. */
  public static boolean is(Feature feature) {
    return feature.kind() == Feature.Kind.FIXING;
  }

  /** What a feature is, where it is one. */
  static What what(Feature feature) {
    return What.values()[(int) feature.size("what")];
  }

  /** The fixings among the features of an outline. */
  public static List<Fixing> of(List<Feature> features, Outline carrier) {
    return features.stream().filter(Fixing::is).map(it -> of(it, carrier)).toList();
  }

  private static Fixing of(Feature feature, Outline carrier) {
    return new Fixing(
        feature.id(),
        what(feature),
        feature.spots(carrier),
        feature.size("across"),
        Math.max(feature.size("across"), feature.size("head")),
        feature.size("clear"),
        feature.size("weight"));
  }
}

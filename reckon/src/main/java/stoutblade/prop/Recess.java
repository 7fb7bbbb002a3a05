package stoutblade.prop;

import java.util.List;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;

/**
 * A pocket inside a part, for something that is laid in. Lengths in mm.
 *
 * @param featureId the feature that it is
 * @param what for what
 * @param spots where
 * @param outline its outline about its own place
 * @param over how high its floor is over the back of all layers
 * @param deep from its floor up
 */
public record Recess(
    String featureId, What what, List<Spot> spots, Path outline, double over, double deep) {

  /** What is laid in. */
  public enum What {
    MAGNET("a magnet", false),
    NUT("a nut", false),
    BATTERY("a battery", false),
    LIGHT("a light", true),
    WIRE("a wire", false),
    WASHER("a washer", true),
    HATCH("a hatch", true);

    private final String words;
    private final boolean open;

    What(String words, boolean open) {
      this.words = words;
      this.open = open;
    }

    /** By its number among the choices. */
    static What of(int number) {
      return List.of(values()).get(number);
    }

    /** Its words inside a sentence. */
    public String words() {
      return words;
    }

    /** True where it may lie open to the outside. */
    public boolean open() {
      return open;
    }
  }

  /** Copies the spots. */
  public Recess {
    spots = List.copyOf(spots);
  }

  /** The recesses among the features of an outline. */
  public static List<Recess> of(List<Feature> features, Outline carrier) {
    return features.stream()
        .filter(it -> it.kind() == Feature.Kind.RECESS)
        .map(it -> of(it, carrier))
        .toList();
  }

  private static Recess of(Feature feature, Outline carrier) {
    return new Recess(
        feature.id(),
        what(feature),
        feature.where().spots(carrier),
        outline(feature),
        feature.size("over"),
        feature.size("deep"));
  }

  static What what(Feature feature) {
    return What.of((int) feature.size("what"));
  }

  static Path outline(Feature feature) {
    double wide = feature.size("wide");
    return wide > 0
        ? Motifs.window(feature.size("long"), wide, 0)
        : Motifs.disc(feature.size("long"));
  }

  /** The top of it, over the back of all layers. */
  public double top() {
    return over + deep;
  }
}

package stoutblade.feature;

import java.util.List;
import java.util.stream.Stream;
import stoutblade.develop.Panel;
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
 * @param areaMm2 what it takes away over its depth: a step, without what is cut deeper
 */
public record Recess(
    String featureId,
    What what,
    List<Spot> spots,
    Path outline,
    double over,
    double deep,
    double areaMm2) {

  /** What is laid in. */
  public enum What {
    MAGNET("a magnet", false),
    NUT("a nut", false),
    BATTERY("a battery", false),
    LIGHT("a light", true),
    WIRE("a wire", false),
    WASHER("a washer", true),
    HATCH("a hatch", true),
    /** A channel for the core of another part, which goes through from edge to edge. */
    CORE("the core", true),
    /** The step that a hatch's lid lies in; it comes with the hatch. */
    LID("the lid of a hatch", true);

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

    /** Its number among the choices. */
    public double number() {
      return List.of(values()).indexOf(this);
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
        .flatMap(it -> of(it, carrier))
        .toList();
  }

  private static Stream<Recess> of(Feature feature, Outline carrier) {
    List<Spot> spots = feature.spots(carrier);
    Path outline = outline(feature);
    double area = Math.abs(Panel.area(outline));
    double over = feature.size("over");
    double deep = feature.size("deep");
    Recess own = new Recess(feature.id(), what(feature), spots, outline, over, deep, area);
    double lid = Math.min(feature.size("lid"), deep);
    if (own.what != What.HATCH || feature.size("lip") == 0) {
      return Stream.of(own);
    }
    // A hatch opens on the back where its floor is the back, else on the front.
    Path step = lid(feature);
    double from = over == 0 ? 0 : over + deep - lid;
    double ring = Math.abs(Panel.area(step)) - area;
    return Stream.of(own, new Recess(feature.id(), What.LID, spots, step, from, lid, ring));
  }

  /** The lid of a hatch, larger by its lip all round. */
  static Path lid(Feature feature) {
    double more = 2 * feature.size("lip");
    double wide = feature.size("wide");
    return wide > 0
        ? Motifs.window(feature.size("long") + more, wide + more, 0)
        : Motifs.disc(feature.size("long") + more);
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

  /** What it takes away at each of its places, in mm³. */
  public double volume() {
    return areaMm2 * deep;
  }

  /** The top of it, over the back of all layers. */
  public double top() {
    return over + deep;
  }
}

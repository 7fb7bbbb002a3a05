package stoutblade.part;

import java.util.List;
import java.util.Optional;
import stoutblade.prop.Assembly;
import stoutblade.prop.Feature;
import stoutblade.prop.Slab;
import stoutblade.shape.HalfOutline;

/**
 * A blade as it is drafted.
 *
 * @param name what the maker calls it
 * @param half half its outline, in mm from the middle of its base
 * @param features what is worked into it: cut through it, or the same on both faces
 * @param from the id of the picture or model that its outline was traced on; empty where it is the
 *     picture with its centre line, or none
 */
public record Blade(String name, HalfOutline half, List<Feature> features, String from) {

  /**
   * Copies the features.
   *
   * @throws IllegalArgumentException if there are too many, two have one id, or one is a bevel,
   *     which a blade has from its layers
   */
  public Blade {
    features = Feature.checked(features);
    if (features.stream().anyMatch(it -> it.kind() == Feature.Kind.BEVEL)) {
      throw new IllegalArgumentException(
          "The blade's bevel is set at Layers: it runs round its whole edge");
    }
  }

  /** A blade that nothing is worked into. */
  public Blade(String name, HalfOutline half) {
    this(name, half, List.of());
  }

  /** A blade with what is worked into it. */
  public Blade(String name, HalfOutline half, List<Feature> features) {
    this(name, half, features, "");
  }

  /** The same with its outline traced on a picture or a model. */
  public Blade withFrom(String tracedOn) {
    return new Blade(name, half, features, tracedOn);
  }

  /** The same blade with another outline. */
  public Blade with(HalfOutline outline) {
    return new Blade(name, outline, features, from);
  }

  /** A feature, where it is there. */
  public Optional<Feature> feature(String featureId) {
    return features.stream().filter(it -> it.id().equals(featureId)).findFirst();
  }

  public Blade withName(String changed) {
    return new Blade(changed, half, features, from);
  }

  public Blade withFeatures(List<Feature> changed) {
    return new Blade(name, half, changed, from);
  }

  /** The same made larger or smaller, with what is worked into it. */
  public Blade times(double factor) {
    return new Blade(
        name, half.times(factor), features.stream().map(it -> it.times(factor)).toList(), from);
  }

  /**
   * What is worked.
   *
   * @param layerMm how thick each of its outer layers is
   */
  public Slab slab(double layerMm) {
    return new Slab(Assembly.BLADE, name, half, features, layerMm);
  }
}

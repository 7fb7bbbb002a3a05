package stoutblade.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.develop.Developed;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.stack.Layering;

/**
 * A shape that is cut from flat sheets along an outline: a blade, a disc, a guard.
 *
 * @param outline its outline, in mm
 * @param features what is cut into it, drawn on it and laid on it
 * @param bothFaces true where that is on both its faces
 * @param from the id of the picture or model that its outline was traced on; empty for none
 * @param follow how its outline follows that of another part; empty where it is drawn by itself
 * @param axis its centre line where it is curved; empty where it runs straight up its frame
 */
public record Cut(
    Outline outline,
    List<Feature> features,
    boolean bothFaces,
    String from,
    Optional<Follow> follow,
    Optional<CurvedAxis> axis)
    implements Shape {

  /**
   * Copies the features.
   *
   * @throws IllegalArgumentException if there are too many, two have one id, or a bevel is worked
   *     into both faces: that is what the layers are for
   */
  public Cut {
    features = Feature.checked(features);
    if (axis.isPresent() && outline instanceof HalfOutline) {
      throw new IllegalArgumentException(
          "Half an outline is mirrored about a straight line: draw it whole before its centre line"
              + " bends");
    }
    if (bothFaces && features.stream().anyMatch(it -> it.kind() == Feature.Kind.BEVEL)) {
      throw new IllegalArgumentException(
          "A bevel on both faces is set at Layers: it runs round the whole edge");
    }
  }

  /** One that is drawn by numbers, worked on its front. */
  public Cut(Outline outline, List<Feature> features) {
    this(outline, features, false, "", Optional.empty(), Optional.empty());
  }

  /** One that follows no other. */
  public Cut(Outline outline, List<Feature> features, boolean bothFaces, String from) {
    this(outline, features, bothFaces, from, Optional.empty(), Optional.empty());
  }

  /** One that nothing is worked into. */
  public Cut(Outline outline) {
    this(outline, List.of());
  }

  /** Half an outline that is worked on both faces, as a blade is. */
  public static Cut blade(HalfOutline half, Feature... features) {
    return new Cut(half, List.of(features), true, "");
  }

  /** A feature, where it is there. */
  public Optional<Feature> feature(String id) {
    return features.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /** True where half of it is drawn. */
  public boolean half() {
    return outline instanceof HalfOutline;
  }

  /** True for what is worked from end to end, as a blade is: on its side its far end is right. */
  public boolean lies() {
    return axis.isPresent() || (half() && bothFaces);
  }

  /** The same with its outline traced on a picture or a model. */
  public Cut withFrom(String tracedOn) {
    return new Cut(outline, features, bothFaces, tracedOn, follow, axis);
  }

  public Cut withFollow(Optional<Follow> changed) {
    return new Cut(outline, features, bothFaces, from, changed, axis);
  }

  /**
   * The same drawn after another part, with its opening, its cut-outs and its centre line.
   *
   * @throws IllegalArgumentException if nothing of it is left
   */
  public Cut following(Follow how, Cut leader) {
    List<Feature> all = new ArrayList<>(features);
    all.removeIf(Follow::follows);
    all.addAll(how.features(leader));
    return new Cut(
        how.outline(leader.outline()), all, bothFaces, from, Optional.of(how), how.axis(leader));
  }

  /** The same with a centre line, or straight again. */
  public Cut withAxis(Optional<CurvedAxis> changed) {
    return new Cut(outline, features, bothFaces, from, follow, changed);
  }

  public Cut withOutline(Outline changed) {
    return new Cut(changed, features, bothFaces, from, follow, axis);
  }

  public Cut withFeatures(List<Feature> changed) {
    return new Cut(outline, changed, bothFaces, from, follow, axis);
  }

  public Cut withBothFaces(boolean changed) {
    return new Cut(outline, features, changed, from, follow, axis);
  }

  /** The same with a feature changed. */
  public Cut with(String featureId, UnaryOperator<Feature> change) {
    return withFeatures(
        features.stream().map(it -> it.id().equals(featureId) ? change.apply(it) : it).toList());
  }

  @Override
  public Developed developed(String name, double thicknessMm) {
    return PlateForm.of(blank("", name, thicknessMm), Typeface.NONE).developed();
  }

  /**
   * What is worked.
   *
   * @param layerMm how thick each of its outer layers is
   */
  public Blank blank(String id, String name, double layerMm) {
    return new Blank(
        id, name, outline, features, layerMm, bothFaces, Optional.empty(), axis, Optional.empty());
  }

  @Override
  public List<Path> seen(double thicknessMm, boolean facing) {
    return outline.drawn() ? List.of(outline.outline()) : List.of();
  }

  @Override
  public Cut times(double factor) {
    return new Cut(
        outline.times(factor),
        features.stream().map(it -> it.times(factor)).toList(),
        bothFaces,
        from,
        follow.map(it -> it.times(factor)),
        axis.map(it -> it.times(factor)));
  }

  @Override
  public void check(Optional<Layering> stack) {
    if (stack.isEmpty()) {
      throw new IllegalArgumentException("What is cut along an outline is cut from sheets");
    }
  }
}

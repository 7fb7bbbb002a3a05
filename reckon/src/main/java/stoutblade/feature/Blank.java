package stoutblade.feature;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Outline;

/**
 * What is worked: an outline with what is cut into it, drawn on it and laid on it.
 *
 * @param id the id of the part
 * @param name what the maker calls it
 * @param outline its outline, in mm
 * @param features what is worked into it
 * @param thicknessMm how thick the sheet is that they are worked into
 * @param bothFaces true where its features are on both its faces
 * @param scale the scale of what its outline was traced on, which lends it its uncertainty
 * @param axis its centre line where it is curved
 */
public record Blank(
    String id,
    String name,
    Outline outline,
    List<Feature> features,
    double thicknessMm,
    boolean bothFaces,
    Optional<Figure> scale,
    Optional<CurvedAxis> axis) {

  /** One that is drawn by numbers. */
  public Blank(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      double thicknessMm,
      boolean bothFaces) {
    this(id, name, outline, features, thicknessMm, bothFaces, Optional.empty(), Optional.empty());
  }

  /** One that is worked on its front. */
  public Blank(
      String id, String name, Outline outline, List<Feature> features, double thicknessMm) {
    this(id, name, outline, features, thicknessMm, false);
  }

  /** The same, traced at a scale. */
  public Blank traced(Optional<Figure> at) {
    return new Blank(id, name, outline, features, thicknessMm, bothFaces, at, axis);
  }

  /** On how many faces what is drawn and laid on it is. */
  public int faces() {
    return bothFaces ? 2 : 1;
  }

  /** A feature, where it is there. */
  public Optional<Feature> feature(String featureId) {
    return features.stream().filter(it -> it.id().equals(featureId)).findFirst();
  }
}

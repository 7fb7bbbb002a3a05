package stoutblade.feature;

import java.util.List;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.shape.Course;
import stoutblade.shape.CurvedAxis;
import stoutblade.shape.Outline;
import stoutblade.shape.Region;
import stoutblade.shape.Span;

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
 * @param core what its core takes of it, where it has one and something keeps clear of it
 */
public record Blank(
    String id,
    String name,
    Outline outline,
    List<Feature> features,
    double thicknessMm,
    boolean bothFaces,
    Optional<Figure> scale,
    Optional<CurvedAxis> axis,
    Optional<CoreWay> core) {

  /**
   * Where a core runs.
   *
   * @param half half its width, in mm
   * @param from where it starts, from the near end along the course, in mm
   * @param to where it ends
   */
  public record CoreWay(double half, double from, double to) {}

  /** One that is drawn by numbers. */
  public Blank(
      String id,
      String name,
      Outline outline,
      List<Feature> features,
      double thicknessMm,
      boolean bothFaces) {
    this(
        id,
        name,
        outline,
        features,
        thicknessMm,
        bothFaces,
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** One that is worked on its front. */
  public Blank(
      String id, String name, Outline outline, List<Feature> features, double thicknessMm) {
    this(id, name, outline, features, thicknessMm, false);
  }

  /** The same, traced at a scale. */
  public Blank traced(Optional<Figure> at) {
    return new Blank(id, name, outline, features, thicknessMm, bothFaces, at, axis, core);
  }

  /** The same with a core in it. */
  public Blank cored(Optional<CoreWay> way) {
    return new Blank(id, name, outline, features, thicknessMm, bothFaces, scale, axis, way);
  }

  /** True where something in it keeps clear of its core. */
  public boolean asksForCore() {
    return features.stream().anyMatch(it -> it.kind() == Feature.Kind.LIGHTENING);
  }

  /** What its core takes of its face; nothing where there is none. */
  Region coreBand(Region face) {
    Course course = Course.of(axis);
    if (core.isEmpty() || face.isEmpty()) {
      return Region.evenOdd(List.of());
    }
    CoreWay way = core.get();
    double near = course.bends() ? 0 : face.box().minY();
    return Region.evenOdd(
        List.of(course.strip(new Span(-way.half, way.half), near + way.from, near + way.to)));
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

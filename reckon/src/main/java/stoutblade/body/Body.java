package stoutblade.body;

import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.Cored;
import stoutblade.develop.Developed;
import stoutblade.feature.PlateForm;
import stoutblade.layer.CoverStrips;
import stoutblade.layer.Layers;
import stoutblade.layer.MaterialShare;
import stoutblade.measure.Figure;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.part.Slices;
import stoutblade.pipework.Piping;
import stoutblade.shape.Course;

/**
 * All that later stages know of one part, whatever its shape; each figure is of one piece of it.
 *
 * @param name what the maker calls it
 * @param length how long it is, along its axis or as it stands
 * @param width how wide it is
 * @param cut how long the lines are that are cut for it; 0 for what is bought
 * @param surface what is coated of it
 * @param glued faces to spread with glue, both of each joint; 0 for none
 * @param volume what there is of its material
 * @param mass what it weighs without core, glue and coats; empty where that is not known
 * @param shares how its material lies along it, each foam by itself; empty where not known
 * @param nearMm where its near end lies along its frame, in mm
 * @param form its form with its features, where it is cut along an outline
 * @param layers its layers, where it is worked from some
 * @param covers strips over its splices, where it is larger than a sheet
 * @param pieces how many pieces are cut for one
 * @param seams how many edges are joined in one
 * @param further its other figures, in order
 * @param piping its pipes and fittings, where it is a skeleton of some
 */
public record Body(
    String name,
    Figure length,
    Figure width,
    Figure cut,
    Figure surface,
    Figure glued,
    Figure volume,
    Optional<Figure> mass,
    List<MaterialShare> shares,
    double nearMm,
    Optional<PlateForm> form,
    Optional<Layers> layers,
    Optional<CoverStrips> covers,
    int pieces,
    int seams,
    List<Figure> further,
    Optional<Piping> piping) {

  /** The id of its length along a centre line that is curved. */
  static final String ALONG = "part.along";

  /** Copies the lists. */
  public Body {
    shares = List.copyOf(shares);
    further = List.copyOf(further);
  }

  /** What a part's shape is worked out from. */
  public record Given(
      Part part,
      Developed flat,
      Optional<PlateForm> form,
      Optional<Layers> layers,
      Optional<SheetMaterial> foam,
      Optional<CoverStrips> covers) {}

  /** The body of a part; empty where there is too little of it to be one. */
  public static Optional<Body> of(Given given, Catalogue catalogue) {
    return switch (given.part().shape()) {
      case Cut it -> LayeredBody.of(given);
      case Bought it -> Optional.of(new BoughtBody(it, catalogue).body());
      case Piped it -> PipedBody.of(given.part(), it, catalogue);
      case Formed it ->
          given
              .part()
              .strip()
              .map(strip -> new StripBody(given, strip).body())
              .or(() -> PanelBody.of(given));
      case FlatPieces it -> PanelBody.of(given);
      case Slices it -> PanelBody.of(given);
    };
  }

  /** What a core in it lies in. */
  public Cored cored() {
    return new Cored(along(), mass, shares, nearMm, course(), layers, List.of());
  }

  /** The way that it runs. */
  public Course course() {
    return layers.map(it -> it.solid().course()).orElse(Course.STRAIGHT);
  }

  /** How long it is along its course. */
  public Figure along() {
    return further.stream().filter(it -> it.id().equals(ALONG)).findFirst().orElse(length);
  }

  /** True where its layers are closed over what lies in them. */
  public boolean layered() {
    return layers.isPresent();
  }

  /** True where something is cut for it. */
  public boolean isCut() {
    return pieces > 0;
  }
}

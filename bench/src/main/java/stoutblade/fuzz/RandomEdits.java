package stoutblade.fuzz;

import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.edit.Change;
import stoutblade.edit.Edit;
import stoutblade.edit.Edits;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PartEdits;
import stoutblade.edit.PropEdits;
import stoutblade.edit.SizeEdits;
import stoutblade.edit.WearerEdits;
import stoutblade.feature.Feature;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.Model;
import stoutblade.reference.Reference;
import stoutblade.sum.Sum;

/**
 * Random edits of every kind there is: all public factories of the classes of edits, with random
 * arguments. An edit that is added later is tried without being named here.
 */
public final class RandomEdits {

  private static final List<Class<?>> OF_PARTS =
      List.of(OutlineEdits.class, LayerEdits.class, PartEdits.class);

  private static final List<Class<?>> OF_PROPS = List.of(PropEdits.class);

  private static final List<Method> FACTORIES =
      Stream.of(
              Edits.class,
              LayerEdits.class,
              OutlineEdits.class,
              PartEdits.class,
              PropEdits.class,
              SizeEdits.class,
              WearerEdits.class)
          .flatMap(it -> Arrays.stream(it.getMethods()))
          .filter(
              it ->
                  Modifier.isStatic(it.getModifiers())
                      && Change.class.isAssignableFrom(it.getReturnType()))
          .sorted(Comparator.comparing(Method::toString))
          .toList();

  private final Random random;
  private final Catalogue catalogue;

  /** Edits with the materials that can be named. */
  public RandomEdits(long seed, Catalogue catalogue) {
    this.random = new Random(seed);
    this.catalogue = catalogue;
  }

  /**
   * An edit of a project.
   *
   * @throws IllegalArgumentException if its arguments are refused already
   */
  public Edit next(Project project) {
    int tried = 0;
    while (tried < 1000) {
      Method factory = FACTORIES.get(random.nextInt(FACTORIES.size()));
      RandomValues values = new RandomValues(random, name -> words(factory, name, project));
      try {
        Change change = (Change) values.call(factory, null, 0);
        Prop prop = project.props().get(random.nextInt(project.props().size()));
        Edit edit = change.in(prop.id());
        return new Edit(factory.getName() + ": " + edit.name(), edit::applyTo);
      } catch (RandomValues.NoValue e) {
        // Arguments that only a long piece of work makes, such as a sliced model: another one.
        tried++;
      }
    }
    throw new IllegalStateException("No edit could be made up");
  }

  /** The texts that make sense for a parameter. */
  private List<String> words(Method factory, String name, Project project) {
    List<String> parts =
        project.props().stream().flatMap(it -> it.parts().stream()).map(Part::id).toList();
    List<String> props = project.props().stream().map(Prop::id).toList();
    return switch (name) {
      case "id" ->
          OF_PARTS.contains(factory.getDeclaringClass())
              ? parts
              : OF_PROPS.contains(factory.getDeclaringClass()) ? props : references(project);
      case "propId", "toId" -> props;
      case "wearerId" -> List.copyOf(project.wearers().kept().keySet());
      case "on" -> with(parts, "");
      case "featureId" -> features(project).map(Feature::id).toList();
      case "materialId" -> catalogue.sheets().stream().map(SheetMaterial::id).toList();
      case "rodId" -> catalogue.rods().stream().map(Rod::id).toList();
      case "coatingId" -> catalogue.coatings().stream().map(Coating::id).toList();
      case "sum" -> Sum.ALL.stream().map(Sum::key).toList();
      case "rulerId", "measureId" -> List.of("r1", "r2", "m1", "m2");
      case "stepId" -> List.of("p1/d1/trace", "p1/d7/cut", "all/buy", "core", "no-such-step");
      case "partId" -> with(parts, "");
      case "digest" -> List.of("0".repeat(64), "a".repeat(64));
      case "sizes" -> List.of("wide", "deep", "long", "diameter", "height", "edge", "count");
      default -> List.of("Leaf", "", "  ", "A \u202eB", "x".repeat(130), "d1", "éÅ字", "0");
    };
  }

  private static List<String> references(Project project) {
    return with(
        Stream.concat(
                project.props().stream()
                    .flatMap(it -> it.size().references().stream())
                    .map(Reference::id),
                project.props().stream().flatMap(it -> it.size().models().stream()).map(Model::id))
            .toList(),
        "none");
  }

  private static Stream<Feature> features(Project project) {
    return project.props().stream()
        .flatMap(it -> it.parts().stream())
        .flatMap(it -> it.cut().stream())
        .flatMap(it -> it.features().stream());
  }

  private static List<String> with(List<String> some, String more) {
    List<String> all = new ArrayList<>(some);
    all.add(more);
    return all;
  }
}

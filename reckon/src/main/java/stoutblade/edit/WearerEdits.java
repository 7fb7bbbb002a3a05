package stoutblade.edit;

import java.util.Optional;
import java.util.function.UnaryOperator;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.Reference;
import stoutblade.wearer.BodyMeasure;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/**
 * The edits of the people who carry the props. A prop whose size follows from its wearer is resized
 * with it ({@link Resizing}).
 */
public final class WearerEdits {

  private WearerEdits() {}

  /** States a wearer's height. */
  public static Edit height(String id, double mm) {
    return on(id, "Wearer's height", it -> it.withHeight(mm));
  }

  public static Edit name(String id, String name) {
    return on(id, "Wearer's name", it -> it.withName(name.strip()));
  }

  /** States a measure of a wearer, or takes it back, so that it is estimated. */
  public static Edit bodyMeasure(String id, BodyMeasure measure, Optional<Double> mm) {
    return on(id, measure.label(), it -> it.with(measure, mm));
  }

  public static Edit weightLimit(String id, Optional<Double> g) {
    return on(id, "Weight limit", it -> it.withWeightLimit(g));
  }

  private static Edit on(String id, String name, UnaryOperator<Wearer> change) {
    return new Edit(
        name,
        project -> {
          Wearers wearers = project.wearers();
          return resized(
              project, project.withWearers(wearers.with(id, change.apply(wearers.get(id)))));
        });
  }

  /** Keeps one more wearer, who carries a prop from now on. */
  public static Edit add(String propId, Wearer wearer) {
    return new Edit(
        "Another wearer",
        project -> {
          String id = Reference.next("w", project.wearers().kept().keySet());
          Project more = project.withWearers(project.wearers().with(id, wearer));
          return resized(project, more.with(more.needed(propId).withWearer(id)));
        });
  }

  /** Says who carries a prop. */
  public static Edit carriedBy(String propId, String id) {
    return new Edit(
        "Who carries it",
        project -> resized(project, project.with(project.needed(propId).withWearer(id))));
  }

  /** Keeps a wearer no longer; what they carried is carried by the first of the others. */
  public static Edit remove(String id) {
    return new Edit(
        "Remove the wearer",
        project -> {
          Wearers left = project.wearers().without(id);
          String next = left.kept().firstEntry().getKey();
          Project handed =
              project.withProps(
                  project.props().stream()
                      .map(it -> it.wearerId().equals(id) ? it.withWearer(next) : it)
                      .toList());
          return resized(project, handed.withWearers(left));
        });
  }

  private static Project resized(Project before, Project after) {
    return after.withProps(
        after.props().stream()
            .map(
                it -> {
                  Prop was = before.needed(it.id());
                  return Resizing.resized(was, it, before.wearer(was), after.wearer(it));
                })
            .toList());
  }
}

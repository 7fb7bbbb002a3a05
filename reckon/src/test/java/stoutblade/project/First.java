package stoutblade.project;

import java.util.List;
import java.util.Optional;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.derive.Derived;
import stoutblade.edit.PropEdit;
import stoutblade.edit.SizeEdits;
import stoutblade.feature.Feature;
import stoutblade.feature.Measures;
import stoutblade.feature.PlateForm;
import stoutblade.finish.Coats;
import stoutblade.layer.Layers;
import stoutblade.part.Defaults;
import stoutblade.part.Part;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reference.SizingRule;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.stack.Layering;
import stoutblade.template.Template;
import stoutblade.wearer.Wearer;

/** The first prop of a project and its first part, which most of these tests are about. */
public final class First {

  /** Its id in the samples. */
  public static final String ID = "d1";

  private First() {}

  public static Part part(Project project) {
    return project.first().parts().getFirst();
  }

  public static HalfOutline half(Project project) {
    return project.first().parts().isEmpty()
        ? HalfOutline.EMPTY
        : (HalfOutline) part(project).cut().orElseThrow().outline();
  }

  public static List<Feature> features(Project project) {
    return part(project).cut().orElseThrow().features();
  }

  public static Layering layering(Project project) {
    return project.first().parts().isEmpty()
        ? project.first().defaults().stack()
        : part(project).layering();
  }

  public static Optional<CoreChoice> core(Project project) {
    return part(project).core();
  }

  public static List<Coats> coats(Project project) {
    return part(project).coats();
  }

  /** The project with its first prop alone. */
  public static Project alone(Project project) {
    return project.withProps(List.of(project.first()));
  }

  /** The project with a part in the place of the one that has its id. */
  public static Project with(Project project, Part changed) {
    return project.with(project.first().with(changed));
  }

  public static Project withParts(Project project, List<Part> changed) {
    return project.with(project.first().withParts(changed));
  }

  public static Project withSize(Project project, Size changed) {
    return project.with(project.first().withSize(changed));
  }

  public static Project withDefaults(Project project, Defaults changed) {
    return project.with(project.first().withDefaults(changed));
  }

  /** Gives the first prop another size. */
  public static PropEdit rule(SizingRule rule, Project project) {
    return SizeEdits.rule(rule, project.first().size(), wearer(project));
  }

  /** Who carries the first prop. */
  public static Wearer wearer(Project project) {
    return project.wearer(project.first());
  }

  public static Project with(Project project, Layering changed) {
    return with(project, part(project).withLayering(changed));
  }

  public static Project with(Project project, Outline changed) {
    return with(project, part(project).withCut(it -> it.withOutline(changed)));
  }

  public static Project withFeatures(Project project, List<Feature> changed) {
    return with(project, part(project).withCut(it -> it.withFeatures(changed)));
  }

  public static Project withCore(Project project, Optional<CoreChoice> changed) {
    return with(project, part(project).withCore(changed));
  }

  public static Project withCoats(Project project, List<Coats> changed) {
    return with(project, part(project).withCoats(changed));
  }

  public static PartReckoning of(Derived derived) {
    return derived.parts().getFirst();
  }

  public static Optional<PlateForm> form(Derived derived) {
    return derived.parts().stream()
        .findFirst()
        .flatMap(PartReckoning::form)
        .filter(PlateForm::whole);
  }

  public static Measures sizes(Derived derived) {
    return form(derived).flatMap(PlateForm::measures).orElseThrow();
  }

  public static Optional<Layers> layers(Derived derived) {
    return derived.parts().stream().findFirst().flatMap(PartReckoning::layers);
  }

  public static Optional<CoreReckoning> core(Derived derived) {
    return derived.parts().stream().findFirst().flatMap(PartReckoning::core);
  }

  public static List<Template> templates(Derived derived) {
    return derived.first().papers().isEmpty()
        ? List.of()
        : derived.first().papers().getFirst().templates();
  }

  public static Optional<Template> template(Derived derived) {
    return templates(derived).stream().findFirst();
  }
}

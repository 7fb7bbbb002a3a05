package stoutblade.project;

import java.util.List;
import java.util.Optional;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.Coats;
import stoutblade.layer.Layers;
import stoutblade.part.Part;
import stoutblade.prop.Feature;
import stoutblade.prop.Measures;
import stoutblade.prop.PlateForm;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.stack.Layering;
import stoutblade.template.Template;

/** The first part of a project, which most of these tests are about. */
public final class First {

  /** Its id in the samples. */
  public static final String ID = "d1";

  private First() {}

  public static Part part(Project project) {
    return project.parts().getFirst();
  }

  public static HalfOutline half(Project project) {
    return project.parts().isEmpty()
        ? HalfOutline.EMPTY
        : (HalfOutline) part(project).cut().orElseThrow().outline();
  }

  public static List<Feature> features(Project project) {
    return part(project).cut().orElseThrow().features();
  }

  public static Layering layering(Project project) {
    return project.parts().isEmpty() ? project.defaults().stack() : part(project).layering();
  }

  public static Optional<CoreChoice> core(Project project) {
    return part(project).core();
  }

  public static List<Coats> coats(Project project) {
    return part(project).coats();
  }

  public static Project with(Project project, Layering changed) {
    return project.with(part(project).withLayering(changed));
  }

  public static Project with(Project project, Outline changed) {
    return project.with(part(project).withCut(it -> it.withOutline(changed)));
  }

  public static Project withFeatures(Project project, List<Feature> changed) {
    return project.with(part(project).withCut(it -> it.withFeatures(changed)));
  }

  public static Project withCore(Project project, Optional<CoreChoice> changed) {
    return project.with(part(project).withCore(changed));
  }

  public static Project withCoats(Project project, List<Coats> changed) {
    return project.with(part(project).withCoats(changed));
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
    return derived.papers().isEmpty() ? List.of() : derived.papers().getFirst().templates();
  }

  public static Optional<Template> template(Derived derived) {
    return templates(derived).stream().findFirst();
  }
}

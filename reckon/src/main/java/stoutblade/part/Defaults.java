package stoutblade.part;

import java.util.List;
import stoutblade.finish.Coats;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/**
 * What a new part of a prop starts with.
 *
 * @param stack the sheets of what is cut from layers
 * @param coats what is sealed and painted
 */
public record Defaults(Layering stack, List<Coats> coats) {

  /** What a part is called that is drawn before anybody named it. */
  public static final String FIRST = "Blade";

  /** What a first prop starts with. */
  public static final Defaults USUAL =
      new Defaults(
          Layering.of(2, "eva-high-density", 10, Profile.bevel(20, 4)),
          List.of(new Coats("heat-seal", 1), new Coats("flexible-primer", 3)));

  /** Copies the coats. */
  public Defaults {
    coats = List.copyOf(coats);
  }

  /** The foam of one flat sheet. */
  public String materialId() {
    return stack.middle().materialId();
  }

  /** A part of one flat sheet, with the usual coats. */
  public Part flat(String id, String name, Shape shape, double thicknessMm) {
    return Part.of(id, name, shape, materialId(), thicknessMm).withCoats(coats);
  }

  /** A part of the usual layers, with the usual coats: half an outline is worked on both faces. */
  public Part layered(String id, String name, Outline outline, String from) {
    boolean half = outline instanceof HalfOutline;
    Cut cut = new Cut(outline, List.of(), half, from);
    Layering own = half ? stack : stack.with(Profile.FLAT).withChanges(List.of());
    return Part.of(id, name, cut, own).withCoats(coats);
  }

  public Defaults withStack(Layering changed) {
    return new Defaults(changed, coats);
  }

  public Defaults withCoats(List<Coats> changed) {
    return new Defaults(stack, changed);
  }
}

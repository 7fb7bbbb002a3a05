package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import stoutblade.fit.Carry;
import stoutblade.fit.Passage;
import stoutblade.reference.Model;
import stoutblade.reference.Reference;
import stoutblade.reference.Sizing;
import stoutblade.reference.SizingRule;
import stoutblade.trace.Tracing;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

/**
 * What is decided about the size of the prop.
 *
 * @param character who bears it in its own world; empty where the wearer plays nobody else's height
 * @param rule which size it gets
 * @param references the pictures, in the order of the contact strip
 * @param models the 3D models
 * @param tracings outlines taken from pictures and models
 * @param carry how it is carried
 * @param passages what it must pass on the way
 */
public record Size(
    Optional<ShownCharacter> character,
    SizingRule rule,
    List<Reference> references,
    List<Model> models,
    List<Tracing> tracings,
    Carry carry,
    List<Passage> passages) {

  /** The most pictures, and the most models and tracings. */
  public static final int MOST = 24;

  /**
   * Checks counts and ids.
   *
   * @throws IllegalArgumentException if there are too many, or two with one id
   */
  public Size {
    references = List.copyOf(references);
    models = List.copyOf(models);
    tracings = List.copyOf(tracings);
    passages = List.copyOf(passages);
    check("pictures", references.stream().map(Reference::id).toList());
    check("models", models.stream().map(Model::id).toList());
    check("tracings", tracings.stream().map(Tracing::id).toList());
    if (passages.size() > Passage.MOST) {
      throw new IllegalArgumentException("At most " + Passage.MOST + " passages are kept");
    }
  }

  private static void check(String what, List<String> ids) {
    if (ids.size() > MOST) {
      throw new IllegalArgumentException("At most " + MOST + " " + what + " belong to a prop");
    }
    if (ids.stream().distinct().count() < ids.size()) {
      throw new IllegalArgumentException("Two " + what + " have one id: " + ids);
    }
  }

  /** Nothing known yet. */
  public static Size unknown() {
    return new Size(
        Optional.empty(),
        SizingRule.TRUE_SIZE,
        List.of(),
        List.of(),
        List.of(),
        Carry.UNSAID,
        List.of(Passage.DOOR));
  }

  public Size withCharacter(Optional<ShownCharacter> changed) {
    return new Size(changed, rule, references, models, tracings, carry, passages);
  }

  public Size withRule(SizingRule changed) {
    return new Size(character, changed, references, models, tracings, carry, passages);
  }

  public Size withReferences(List<Reference> changed) {
    return new Size(character, rule, changed, models, tracings, carry, passages);
  }

  public Size withModels(List<Model> changed) {
    return new Size(character, rule, references, changed, tracings, carry, passages);
  }

  public Size withTracings(List<Tracing> changed) {
    return new Size(character, rule, references, models, changed, carry, passages);
  }

  public Size withCarry(Carry changed) {
    return new Size(character, rule, references, models, tracings, changed, passages);
  }

  public Size withPassages(List<Passage> changed) {
    return new Size(character, rule, references, models, tracings, carry, changed);
  }

  /** The digests of the files of its pictures and models, each once. */
  public List<String> digests() {
    return Stream.concat(
            references.stream().map(it -> it.picture().digest()),
            models.stream().map(Model::digest))
        .distinct()
        .toList();
  }

  /** The picture of an id. */
  public Optional<Reference> reference(String id) {
    return references.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /** The model of an id. */
  public Optional<Model> model(String id) {
    return models.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /** The tracing of an id. */
  public Optional<Tracing> tracing(String id) {
    return tracings.stream().filter(it -> it.id().equals(id)).findFirst();
  }

  /** The picture on which the blade's centre line is marked: the blade is traced on it. */
  public Optional<Reference> traced() {
    return references.stream().filter(it -> it.centreLine().isPresent()).findFirst();
  }

  /** The pictures with one put in the place of the one with its id. */
  public Size with(Reference changed) {
    List<Reference> all = new ArrayList<>(references);
    all.replaceAll(it -> it.id().equals(changed.id()) ? changed : it);
    return withReferences(all);
  }

  /** The models with one put in the place of the one with its id. */
  public Size with(Model changed) {
    List<Model> all = new ArrayList<>(models);
    all.replaceAll(it -> it.id().equals(changed.id()) ? changed : it);
    return withModels(all);
  }

  /** All sizes that follow for whom it is carried by. */
  public Sizing sizing(Wearer wearer) {
    return Sizing.of(wearer, character, rule, references, models);
  }
}

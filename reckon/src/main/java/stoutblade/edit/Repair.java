package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.UnaryOperator;
import stoutblade.build.FreeHours;
import stoutblade.journal.Journal;
import stoutblade.part.Part;
import stoutblade.project.PartRef;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.reference.Model;
import stoutblade.reference.Reference;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;

/**
 * What must be taken out of a project that cannot be worked out, so that the rest can.
 *
 * <p>All that can be taken out is; then one thing after another is put back, and stays where the
 * project can still be worked out with it.
 *
 * @param mended the project without what was wrong
 * @param removed what was taken out, and why
 */
public record Repair(Project mended, List<Removed> removed) {

  /**
   * Something that was taken out.
   *
   * @param what it, in words
   * @param why nothing can be worked out with it, in words
   */
  public record Removed(String what, String why) {}

  /** Something that a project can be without. */
  private record Piece(String what, UnaryOperator<Project> without) {}

  /** Copies the list. */
  public Repair {
    removed = List.copyOf(removed);
  }

  /**
   * Repairs a project.
   *
   * @param derives works a project out; throws where that cannot be done
   * @param progress takes the share that is done, 0 to 1; may throw to stop
   * @throws IllegalArgumentException if it cannot be worked out with all of it taken out
   */
  public static Repair of(Project broken, Consumer<Project> derives, DoubleConsumer progress) {
    List<Piece> out = new ArrayList<>(pieces(broken));
    Optional<String> hopeless = fault(without(broken, out), derives);
    if (hopeless.isPresent()) {
      throw new IllegalArgumentException(
          "It cannot be repaired: even what is left when all is taken out cannot be worked out. "
              + hopeless.get());
    }
    List<Removed> removed = new ArrayList<>();
    List<Piece> all = List.copyOf(out);
    for (int i = 0; i < all.size(); i++) {
      progress.accept(i / (double) all.size());
      Piece piece = all.get(i);
      out.remove(piece);
      Optional<String> fault = fault(without(broken, out), derives);
      if (fault.isPresent()) {
        out.add(piece);
        removed.add(new Removed(piece.what, fault.get()));
      }
    }
    return new Repair(without(broken, out), removed);
  }

  private static Project without(Project project, List<Piece> pieces) {
    Project left = project;
    for (Piece piece : pieces) {
      left = piece.without.apply(left);
    }
    return left;
  }

  private static Optional<String> fault(Project project, Consumer<Project> derives) {
    try {
      derives.accept(project);
      return Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.of(String.valueOf(e.getMessage()));
    } catch (java.util.concurrent.CancellationException e) {
      throw e;
    } catch (RuntimeException | StackOverflowError e) {
      // A fault of ours that the project sets off: what it is says nothing to a person.
      return Optional.of("nothing follows from it");
    }
  }

  /** In the order in which they are put back: what much hangs on first. */
  private static List<Piece> pieces(Project project) {
    List<Piece> all = new ArrayList<>();
    project.props().forEach(it -> all.addAll(pieces(it)));
    all.add(new Piece("what is on the shelf", it -> it.withShelf(Map.of())));
    all.add(new Piece("the free hours", it -> it.withFreeHours(FreeHours.EVENINGS_AND_WEEKENDS)));
    all.add(new Piece("the log", it -> it.withJournal(Journal.EMPTY)));
    return all;
  }

  private static List<Piece> pieces(Prop prop) {
    List<Piece> all = new ArrayList<>();
    for (Reference it : prop.size().references()) {
      all.add(
          new Piece(
              "the picture '" + it.name() + "'",
              own -> SizeEdits.removePicture(it.id()).in(prop.id()).applyTo(own)));
    }
    for (Model it : prop.size().models()) {
      all.add(
          new Piece(
              "the model '" + it.name() + "'",
              own -> SizeEdits.removeModel(it.id()).in(prop.id()).applyTo(own)));
    }
    for (Part part : prop.parts()) {
      String of = " of '" + part.name() + "'";
      PartRef ref = new PartRef(prop.id(), part.id());
      all.add(
          new Piece(
              "the part '" + part.name() + "'",
              it -> it.with(without(it.needed(prop.id()), part.id()))));
      if (part.cut().filter(it -> !it.features().isEmpty()).isPresent()) {
        all.add(
            onPart("the details" + of, ref, it -> it.withCut(own -> own.withFeatures(List.of()))));
      }
      if (part.cut().isPresent()) {
        all.add(onPart("the layers" + of, ref, Repair::plainLayers));
      }
      if (part.core().isPresent()) {
        all.add(onPart("the core" + of, ref, it -> it.withCore(Optional.empty())));
      }
      if (!part.coats().isEmpty()) {
        all.add(onPart("the coats" + of, ref, it -> it.withCoats(List.of())));
      }
    }
    return all;
  }

  /** A change of a part, where it is still there. */
  private static Piece onPart(String what, PartRef ref, UnaryOperator<Part> change) {
    return new Piece(
        what,
        it -> {
          Prop prop = it.needed(ref.propId());
          return prop.part(ref.partId())
              .map(part -> it.with(prop.with(change.apply(part))))
              .orElse(it);
        });
  }

  private static Part plainLayers(Part part) {
    return part.withLayering(Layering.of(2, part.materialId(), 10, Profile.FLAT));
  }

  /** What was fixed to it is fixed to the prop itself. */
  private static Prop without(Prop prop, String gone) {
    List<Part> left = new ArrayList<>();
    for (Part part : prop.parts()) {
      if (!part.id().equals(gone)) {
        boolean held = part.placing().on().equals(gone);
        left.add(held ? part.withPlacing(part.placing().freed()) : part);
      }
    }
    return prop.withParts(left);
  }
}

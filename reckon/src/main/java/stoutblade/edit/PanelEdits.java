package stoutblade.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import stoutblade.feature.Feature;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.Where;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Shape;
import stoutblade.reference.Reference;
import stoutblade.shape.WholeOutline;
import stoutblade.stack.Splits;

/** Edits of what is worked into the flat patterns of a part. */
public final class PanelEdits {

  private PanelEdits() {}

  /**
   * Works something in.
   *
   * @param panel which pattern, counted from 0
   * @param outline what a cut-out cuts; empty for anything else
   */
  public static PropEdit add(
      String id,
      int panel,
      Feature.Kind kind,
      String words,
      Where where,
      Optional<WholeOutline> outline) {
    return on(
        id,
        kind.title(),
        all -> {
          String next = Reference.next("f", all.stream().map(it -> it.feature().id()).toList());
          all.add(
              new PanelFeature(panel, new Feature(next, kind, Map.of(), words, where, outline)));
        });
  }

  /** Changes one. */
  public static PropEdit change(
      String id, String featureId, String what, UnaryOperator<Feature> change) {
    return on(
        id,
        what,
        all ->
            all.replaceAll(
                it ->
                    it.feature().id().equals(featureId)
                        ? it.with(change.apply(it.feature()))
                        : it));
  }

  /** Puts one on another pattern. */
  public static PropEdit panel(String id, String featureId, int panel) {
    return on(
        id,
        "Another pattern",
        all ->
            all.replaceAll(
                it ->
                    it.feature().id().equals(featureId)
                        ? new PanelFeature(panel, it.feature())
                        : it));
  }

  /** Takes one out. */
  public static PropEdit remove(String id, String featureId) {
    return on(
        id, "Take a detail out", all -> all.removeIf(it -> it.feature().id().equals(featureId)));
  }

  private static PropEdit on(String id, String what, Consumer<List<PanelFeature>> change) {
    return PartEdits.change(
        id,
        what,
        part -> {
          List<PanelFeature> all = new ArrayList<>(part.shape().worked());
          change.accept(all);
          return part.withShape(with(part, all));
        });
  }

  private static Shape with(Part part, List<PanelFeature> worked) {
    return switch (part.shape()) {
      case Formed it -> it.withWorked(worked);
      case FlatPieces it -> it.withWorked(worked);
      default -> throw new IllegalArgumentException(part.name() + " has no patterns to work on");
    };
  }

  /**
   * Where a flat pattern is cut apart that is larger than a sheet.
   *
   * @param pattern its name
   * @param across places across, from its left edge, in mm
   * @param along places along, from its lower edge
   */
  public static PropEdit spliced(
      String id, String pattern, List<Double> across, List<Double> along) {
    return PartEdits.workmanship(
        id,
        "Where it is cut apart",
        it -> it.withSplice(pattern, Splits.PROPOSED.at(across, along)));
  }

  /** A flat pattern is cut apart where it is proposed. */
  public static PropEdit splicedAsProposed(String id, String pattern) {
    return PartEdits.workmanship(
        id, "Cut apart as proposed", it -> it.withSplice(pattern, Splits.PROPOSED));
  }
}

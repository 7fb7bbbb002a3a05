package stoutblade.reference;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.wearer.ShownCharacter;
import stoutblade.wearer.Wearer;

/**
 * The size of the prop: the scale of each picture and model, the factor of the sizing rule, and the
 * length that comes of it.
 *
 * @param wearer the wearer's height
 * @param stature the height of the figure that the pictures show: the character's, else the
 *     wearer's
 * @param pictures the size of each picture, by its id, in order
 * @param models the size of each model, by its id, in order
 * @param trueLength the whole prop in its own world, from all marks of it; empty without one
 * @param factor what the whole prop is enlarged by against its own world
 * @param wholeLength the whole prop as it will be made
 */
public record Sizing(
    Figure wearer,
    Figure stature,
    Map<String, PictureSize> pictures,
    Map<String, ModelSize> models,
    Optional<Weighed> trueLength,
    Figure factor,
    Optional<Figure> wholeLength) {

  /** The factor's id. */
  public static final String FACTOR_ID = "size.factor";

  private static final String TRUE_ID = "size.true";

  /**
   * Works out all sizes.
   *
   * @param character who bears the prop in its own world; empty where the wearer does
   */
  public static Sizing of(
      Wearer wearer,
      Optional<ShownCharacter> character,
      SizingRule rule,
      List<Reference> references,
      List<Model> models) {
    Figure height = wearer.height();
    Figure stature = character.map(ShownCharacter::height).orElse(height);
    List<Scale> scales = references.stream().map(it -> Scale.of(it, stature)).toList();
    List<ModelScale> modelScales = models.stream().map(it -> ModelScale.of(it, stature)).toList();
    Optional<Weighed> trueLength = trueLength(scales, modelScales);
    Figure factor = factor(rule, height, stature, trueLength.map(Weighed::combined));
    return new Sizing(
        height,
        stature,
        pictures(scales, factor),
        models(modelScales, factor),
        trueLength,
        factor,
        trueLength.map(it -> sized("size.whole", "Whole prop, as made", it.combined(), factor)));
  }

  private static Map<String, PictureSize> pictures(List<Scale> scales, Figure factor) {
    Map<String, PictureSize> all = new LinkedHashMap<>();
    scales.forEach(it -> all.put(it.reference().id(), PictureSize.of(it, factor)));
    return all;
  }

  private static Map<String, ModelSize> models(List<ModelScale> scales, Figure factor) {
    Map<String, ModelSize> all = new LinkedHashMap<>();
    scales.forEach(it -> all.put(it.model().id(), ModelSize.of(it, factor)));
    return all;
  }

  private static Optional<Weighed> trueLength(List<Scale> scales, List<ModelScale> models) {
    List<Figure> lengths = new ArrayList<>();
    for (Scale scale : scales) {
      if (scale.mmPerPixel().isPresent() && scale.reference().whole().isPresent()) {
        lengths.add(
            scale.length(
                "whole",
                "Whole prop on '" + scale.reference().name() + "'",
                scale.reference().whole().get().points()));
      }
    }
    models.forEach(model -> model.whole().ifPresent(lengths::add));
    return lengths.isEmpty()
        ? Optional.empty()
        : Optional.of(
            Weighed.of(TRUE_ID, "Length in the original", Quantity.LENGTH, lengths, List.of()));
  }

  private static Figure factor(
      SizingRule rule, Figure wearer, Figure stature, Optional<Figure> trueLength) {
    return switch (rule) {
      case SizingRule.Blend it -> blended(it, wearer, stature);
      case SizingRule.Target it ->
          trueLength
              .map(length -> aimed(it, length))
              .orElseGet(
                  () ->
                      Figure.given(
                          FACTOR_ID,
                          "Scale",
                          1,
                          Quantity.RATIO,
                          Source.assumption(
                              "no whole prop is marked yet, so its length is not known")));
    };
  }

  private static Figure blended(SizingRule.Blend blend, Figure wearer, Figure stature) {
    if (stature.id().equals(wearer.id())) {
      return Figure.given(
          FACTOR_ID,
          "Scale",
          1,
          Quantity.RATIO,
          Source.practice("the wearer is the character: both rules give the same size"));
    }
    Figure share =
        Figure.given(
            "size.share",
            "From true size, 0, to in proportion, 1",
            blend.share(),
            Quantity.RATIO,
            Source.DECIDED);
    return Figure.computed(
        FACTOR_ID,
        "Scale",
        Quantity.RATIO,
        "1 + {size.share} * ({" + wearer.id() + "} / {" + stature.id() + "} - 1)",
        Source.practice(
            "a template is scaled by the ratio of statures; the other rule keeps the object at"
                + " its own size"),
        share,
        wearer,
        stature);
  }

  private static Figure aimed(SizingRule.Target target, Figure trueLength) {
    Figure aim =
        Figure.given(
            "size.target", "Length aimed at", target.lengthMm(), Quantity.LENGTH, Source.DECIDED);
    return Figure.computed(
        FACTOR_ID,
        "Scale",
        Quantity.RATIO,
        "{size.target} / {" + trueLength.id() + "}",
        Source.GEOMETRY,
        aim,
        trueLength);
  }

  /** A length or scale of the prop's own world as it will be made. */
  static Figure sized(String id, String label, Figure own, Figure factor) {
    return Figure.computed(
        id,
        label,
        own.quantity(),
        "{" + own.id() + "} * {" + factor.id() + "}",
        Source.GEOMETRY,
        own,
        factor);
  }

  /**
   * How large what is traced on a picture or a model is made: mm for a pixel, or for a unit.
   *
   * @param id the picture's or the model's; anything else has no scale
   */
  public Optional<Figure> scaleOf(String id) {
    return Optional.ofNullable(pictures.get(id))
        .flatMap(PictureSize::mmPerPixel)
        .or(() -> Optional.ofNullable(models.get(id)).flatMap(ModelSize::mmPerUnit));
  }

  /** The figures that hold for the prop as a whole. */
  public List<Figure> figures() {
    List<Figure> all = new ArrayList<>();
    wholeLength.ifPresent(all::add);
    trueLength.map(Weighed::combined).ifPresent(all::add);
    all.add(factor);
    return all;
  }

  /** The heights of the people. */
  public List<Figure> people() {
    return stature.id().equals(wearer.id()) ? List.of(wearer) : List.of(wearer, stature);
  }
}

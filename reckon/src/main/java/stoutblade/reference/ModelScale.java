package stoutblade.reference;

import java.util.Optional;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * What a model's unit stands for in the model's own world.
 *
 * @param model the model
 * @param mmPerUnit mm for a unit; empty until its size was said
 * @param whole the whole prop, where the model shows it
 */
public record ModelScale(Model model, Optional<Figure> mmPerUnit, Optional<Figure> whole) {

  /** Whoever built a model measured its thing to about this share (our assumption). */
  private static final double MODEL_STD = 0.01;

  private static final Source READ = Source.measured("read from the model's file");

  /** Works out a model's scale. */
  static ModelScale of(Model model, Figure stature) {
    Optional<Figure> scale = model.ruler().map(ruler -> scale(model, ruler, stature));
    return new ModelScale(
        model, scale, scale.filter(it -> model.showsWhole()).map(it -> whole(model, it)));
  }

  static String id(Model model, String rest) {
    return "size." + model.id() + "." + rest;
  }

  private static Figure scale(Model model, Model.ModelRuler ruler, Figure stature) {
    String id = id(model, "scale");
    String label = "A unit of the model";
    return switch (ruler) {
      case Model.OwnUnit it ->
          Figure.given(
              id,
              label,
              it.mm(),
              Quantity.LENGTH,
              Source.measured(
                  "the model's unit, as stated; models are built to about 1 % (our assumption)"),
              MODEL_STD * it.mm());
      case Model.KnownSpan it -> {
        Figure known =
            it.length()
                .figure(
                    id(model, "known"),
                    "Known length",
                    Quantity.LENGTH,
                    Source.measured("stated length between two places of the model"));
        Figure span =
            Figure.given(
                id(model, "span"),
                "The same in the model's units",
                it.from().distance(it.to()),
                Quantity.RATIO,
                READ);
        yield Figure.computed(
            id,
            label,
            Quantity.LENGTH,
            "{" + known.id() + "} / {" + span.id() + "}",
            Source.GEOMETRY,
            known,
            span);
      }
      case Model.AsTallAsCharacter it -> {
        Figure height =
            Figure.given(
                id(model, "tall"),
                "Height in the model's units",
                model.height(),
                Quantity.RATIO,
                READ);
        yield Figure.computed(
            id,
            label,
            Quantity.LENGTH,
            "{" + stature.id() + "} / {" + height.id() + "}",
            Source.practice("the model is as tall as the one whom it shows"),
            stature,
            height);
      }
    };
  }

  private static Figure whole(Model model, Figure scale) {
    return extent(
        model, "whole", "Whole prop of '" + model.name() + "'", model.extent().longest(), scale);
  }

  static Figure extent(Model model, String rest, String label, double units, Figure scale) {
    Figure own =
        Figure.given(id(model, rest + ".units"), label + ", units", units, Quantity.RATIO, READ);
    return Figure.computed(
        id(model, rest),
        label,
        Quantity.LENGTH,
        "{" + own.id() + "} * {" + scale.id() + "}",
        Source.GEOMETRY,
        own,
        scale);
  }
}

package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.develop.Developed;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.prop.Assembly;
import stoutblade.prop.Fuller;
import stoutblade.prop.Part;
import stoutblade.prop.Placing;
import stoutblade.prop.Plate;
import stoutblade.prop.PlateForm;
import stoutblade.prop.Seen;
import stoutblade.prop.Typeface;
import stoutblade.shape.Path;
import stoutblade.template.FlatTemplate;
import stoutblade.template.Making;
import stoutblade.template.PlateTemplate;
import stoutblade.template.Template;

/**
 * What is derived from a part.
 *
 * @param part what was decided
 * @param flat it, laid out flat
 * @param form its form, where it is a plate
 * @param foam its foam, where the catalogue has it
 * @param made how many are made in all
 * @param mirrored how many of them are mirrored
 * @param figures its figures, the most wanted first
 * @param seen what is seen of it from the front of the prop, in its own frame
 * @param slivers where a plate is narrower than its foam is thick
 */
public record PartReckoning(
    Part part,
    Developed flat,
    Optional<PlateForm> form,
    Optional<Foam> foam,
    int made,
    int mirrored,
    List<Figure> figures,
    List<Path> seen,
    List<PlateForm.Sliver> slivers) {

  /** Copies the lists. */
  public PartReckoning {
    figures = List.copyOf(figures);
    seen = List.copyOf(seen);
    slivers = List.copyOf(slivers);
  }

  /**
   * Works a part out.
   *
   * @param carrier the part that it is fixed to, where it is one
   */
  static PartReckoning of(
      Part part,
      Optional<Part> carrier,
      Assembly assembly,
      Catalogue catalogue,
      Typeface typeface) {
    Optional<PlateForm> form =
        part instanceof Plate plate
            ? Optional.of(PlateForm.of(plate.slab(), typeface))
            : Optional.empty();
    Developed flat = form.map(PlateForm::developed).orElseGet(part::developed);
    Optional<Foam> foam = catalogue.foam(part.foamId());
    int made = assembly.made(part);
    List<Figure> figures = new ArrayList<>(flat.figures());
    if (!flat.panels().isEmpty()) {
      figures.addAll(amounts(part, flat, foam, made, form.flatMap(PartReckoning::fullers)));
    }
    List<PlateForm.Sliver> slivers =
        form.map(it -> it.slivers(part.thicknessMm())).orElse(List.of());
    return new PartReckoning(
        part,
        flat,
        form,
        foam,
        made,
        assembly.mirrored(part),
        figures,
        Seen.of(part, carrier),
        slivers);
  }

  /** What fullers leave out of a plate that was reckoned as full sheet, in mm³. */
  private static Optional<Figure> fullers(PlateForm form) {
    double out = 0;
    for (Fuller fuller : Fuller.of(form.slab().features())) {
      double volume = fuller.volume(form.face());
      out +=
          fuller.raised() ? volume / fuller.deep() * form.slab().thicknessMm() - volume : -volume;
    }
    return Optional.of(out)
        .filter(it -> it != 0)
        .map(
            it ->
                Figure.found(
                    form.slab().figureId() + ".fullers",
                    "Fullers, less than full sheet by",
                    it,
                    Quantity.VOLUME,
                    "routed: what is taken off; raised: full thickness less the strip's height,"
                        + " over its area",
                    Source.GEOMETRY,
                    Doubt.NONE));
  }

  private static List<Figure> amounts(
      Part part, Developed flat, Optional<Foam> foam, int made, Optional<Figure> fullers) {
    String id = "part." + part.id();
    List<Figure> figures = new ArrayList<>();
    Figure count = Figure.given(id + ".made", "Made in all", made, Quantity.COUNT, Source.DECIDED);
    Figure one =
        Figure.found(
            id + ".foam-area",
            "Foam in one",
            flat.panels().stream().mapToDouble(it -> it.count() * it.area()).sum(),
            Quantity.AREA,
            "area of all its pieces, by Green's theorem",
            Source.GEOMETRY,
            Doubt.NONE);
    Figure thick =
        Figure.given(
            id + ".thick", "Thickness", part.thicknessMm(), Quantity.LENGTH, Source.DECIDED);
    figures.add(count);
    foam.ifPresent(
        it -> {
          Figure density =
              Figure.given(
                  id + ".density",
                  "Density of " + it.name(),
                  it.densityGPerMm3(),
                  Quantity.DENSITY,
                  Source.catalogue(it.source()));
          List<Figure> inputs = new ArrayList<>(List.of(one, thick, density, count));
          fullers.ifPresent(inputs::add);
          figures.add(
              Figure.computed(
                  id + ".mass",
                  made > 1 ? "Weight of all of them" : "Weight",
                  Quantity.MASS,
                  "({%s} * {%s}%s) * {%s} * {%s}"
                      .formatted(
                          one.id(),
                          thick.id(),
                          fullers.map(less -> " - {" + less.id() + "}").orElse(""),
                          density.id(),
                          count.id()),
                  Source.GEOMETRY,
                  inputs.toArray(Figure[]::new)));
        });
    figures.add(one);
    return figures;
  }

  /** What they weigh together, where their foam is known. */
  public Optional<Figure> mass() {
    return figures.stream().filter(it -> it.id().equals("part." + part.id() + ".mass")).findFirst();
  }

  /** Its template. */
  public Template template(Units units) {
    Making making =
        new Making(
            part.id(),
            part.name(),
            foam.map(Foam::name).orElse(part.foamId()),
            part.thicknessMm(),
            made,
            mirrored,
            !part.placing().shows().front(),
            part.placing().textured() != Placing.Faces.NONE);
    return form.map(it -> PlateTemplate.of(it, making, units))
        .orElseGet(() -> FlatTemplate.of(making, flat, units));
  }
}

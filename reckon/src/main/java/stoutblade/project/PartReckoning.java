package stoutblade.project;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Foam;
import stoutblade.develop.Developed;
import stoutblade.develop.Panel;
import stoutblade.develop.Strip;
import stoutblade.layer.CoverStrips;
import stoutblade.layer.Layers;
import stoutblade.layer.Pocket;
import stoutblade.layer.Splices;
import stoutblade.measure.Display;
import stoutblade.measure.Doubt;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.prop.Assembly;
import stoutblade.prop.Part;
import stoutblade.prop.Placing;
import stoutblade.prop.Plate;
import stoutblade.prop.PlateForm;
import stoutblade.prop.Seen;
import stoutblade.prop.SlicedPart;
import stoutblade.prop.Typeface;
import stoutblade.shape.Path;
import stoutblade.template.FlatTemplate;
import stoutblade.template.LayerTemplates;
import stoutblade.template.Making;
import stoutblade.template.PlateTemplate;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/**
 * What is derived from a part.
 *
 * @param part what was decided
 * @param flat it, laid out flat
 * @param form its form, where it is a plate
 * @param layers its layers, where it is a plate whose foams the catalogue has
 * @param foam its foam, where the catalogue has it
 * @param covers the strips over its splices, where it is larger than a sheet
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
    Optional<Layers> layers,
    Optional<Foam> foam,
    Optional<CoverStrips> covers,
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
   * @param scale the scale of what its outline was traced on
   */
  static PartReckoning of(
      Part part,
      Optional<Part> carrier,
      Optional<Figure> scale,
      Assembly assembly,
      Catalogue catalogue,
      Typeface typeface) {
    Optional<PlateForm> form =
        part instanceof Plate plate
            ? Optional.of(PlateForm.of(plate.slab().traced(scale), typeface))
            : Optional.empty();
    Optional<Foam> foam = catalogue.foam(part.foamId());
    Developed flat = form.map(PlateForm::developed).orElseGet(part::developed);
    Optional<CoverStrips> covers =
        splices(part, foam)
            .flatMap(
                it -> CoverStrips.of(it, flat.panels(), foam.orElseThrow(), catalogue.foams()));
    Optional<Layers> layers =
        part instanceof Plate plate
            ? Layers.of(form.orElseThrow(), plate.layering(), catalogue::foam)
            : Optional.empty();
    int made = assembly.made(part);
    List<Figure> figures = new ArrayList<>(flat.figures());
    if (!flat.panels().isEmpty()) {
      figures.addAll(
          layers
              .map(it -> weight(part, it, made))
              .orElseGet(() -> amounts(part, flat, foam, covers, made)));
    }
    List<PlateForm.Sliver> slivers =
        form.map(it -> it.slivers(it.slab().thicknessMm())).orElse(List.of());
    return new PartReckoning(
        part,
        flat,
        form,
        layers,
        foam,
        covers,
        made,
        assembly.mirrored(part),
        figures,
        Seen.of(part, carrier),
        slivers);
  }

  /** How its panels are put together from sheets; layers have their own joints, slices none. */
  private static Optional<Splices> splices(Part part, Optional<Foam> foam) {
    boolean fromSheets =
        !(part instanceof Plate) && !(part instanceof SlicedPart) && part.strip().isEmpty();
    return foam.filter(it -> fromSheets)
        .map(it -> new Splices(it.sheetWidthMm(), it.sheetLengthMm(), part.thicknessMm()));
  }

  /** The weight of a plate by what is left of its layers. */
  private static List<Figure> weight(Part part, Layers layers, int made) {
    String id = "part." + part.id();
    Figure count = Figure.given(id + ".made", "Made in all", made, Quantity.COUNT, Source.DECIDED);
    return List.of(
        count,
        Figure.computed(
            id + ".mass",
            made > 1 ? "Weight of all of them" : "Weight",
            Quantity.MASS,
            "{%s} * {%s}".formatted(layers.mass().id(), count.id()),
            Source.GEOMETRY,
            layers.mass(),
            count));
  }

  private static List<Figure> amounts(
      Part part, Developed flat, Optional<Foam> foam, Optional<CoverStrips> covers, int made) {
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
    figures.add(count);
    if (part.strip().isPresent()) {
      strip(id, part.strip().get(), foam, count, figures);
      return figures;
    }
    Figure thick = thickness(part, id, one);
    foam.ifPresent(
        it -> {
          Figure density = it.density(id + ".density");
          Figure sheets =
              weight(
                  id,
                  covers.isPresent() ? ".mass.panels" : ".mass",
                  made,
                  count,
                  one,
                  thick,
                  density);
          covers.ifPresentOrElse(
              own -> figures.add(covered(id, own, made, count, sheets)), () -> figures.add(sheets));
        });
    figures.add(one);
    return figures;
  }

  private static Figure weight(
      String id, String key, int made, Figure count, Figure area, Figure thick, Figure density) {
    return Figure.computed(
        id + key,
        made > 1 ? "Weight of all of them" : "Weight",
        Quantity.MASS,
        "{%s} * {%s} * {%s} * {%s}".formatted(area.id(), thick.id(), density.id(), count.id()),
        Source.GEOMETRY,
        area,
        thick,
        density,
        count);
  }

  /** With the strips over its splices. */
  private static Figure covered(
      String id, CoverStrips covers, int made, Figure count, Figure panels) {
    Figure area =
        Figure.found(
            id + ".covers",
            "Strips over splices, in one",
            covers.areaMm2(),
            Quantity.AREA,
            "length of the splices times the width of the strips",
            Source.GEOMETRY,
            Doubt.NONE);
    Figure thick =
        Figure.given(
            id + ".covers.thick",
            "Thickness of the strips",
            covers.thicknessMm(),
            Quantity.LENGTH,
            Source.catalogue(covers.foam().source()));
    Figure strips =
        weight(
            id,
            ".mass.covers",
            made,
            count,
            area,
            thick,
            covers.foam().density(id + ".covers.density"));
    return Figure.computed(
        id + ".mass",
        panels.label(),
        Quantity.MASS,
        "{%s} + {%s}".formatted(panels.id(), strips.id()),
        Source.GEOMETRY,
        panels,
        strips);
  }

  /** What is bought by the length weighs by its section. */
  private static void strip(
      String id, Strip strip, Optional<Foam> foam, Figure count, List<Figure> figures) {
    Figure section =
        Figure.found(
            id + ".section",
            strip.kind() + " profile, section",
            strip.sectionMm2(),
            Quantity.AREA,
            "area of the cross-section: " + Display.decimal(strip.widthMm(), 1) + " mm wide",
            Source.GEOMETRY,
            Doubt.NONE);
    Figure middle =
        Figure.found(
            id + ".middle",
            "Profile in one, along its middle",
            strip.middleMm(),
            Quantity.LENGTH,
            "sides of the edge, each with what its mitres add halfway across the profile",
            Source.GEOMETRY,
            Doubt.NONE);
    foam.ifPresent(
        it -> {
          Figure density = it.density(id + ".density");
          figures.add(
              Figure.computed(
                  id + ".mass",
                  count.value() > 1 ? "Weight of all of them" : "Weight",
                  Quantity.MASS,
                  "{%s} * {%s} * {%s} * {%s}"
                      .formatted(section.id(), middle.id(), density.id(), count.id()),
                  Source.GEOMETRY,
                  section,
                  middle,
                  density,
                  count));
        });
    figures.add(middle);
  }

  private static Figure thickness(Part part, String id, Figure area) {
    if (!(part instanceof SlicedPart sliced)) {
      return Figure.given(
          id + ".thick", "Thickness", part.thicknessMm(), Quantity.LENGTH, Source.DECIDED);
    }
    double volume =
        sliced.panelsByThickness().entrySet().stream()
            .mapToDouble(it -> it.getKey() * it.getValue().stream().mapToDouble(Panel::area).sum())
            .sum();
    return Figure.found(
        id + ".thick",
        "Thickness of the layers, on average",
        volume / area.value(),
        Quantity.LENGTH,
        "area times thickness of each layer, over {" + area.id() + "}",
        Source.GEOMETRY,
        Doubt.NONE,
        area);
  }

  /** What they weigh together, where their foam is known. */
  public Optional<Figure> mass() {
    return figures.stream().filter(it -> it.id().equals("part." + part.id() + ".mass")).findFirst();
  }

  /** Its templates: one, or one for each layer. */
  public List<Template> templates(Units units) {
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
    if (part instanceof SlicedPart sliced) {
      return sliced(sliced, making, units);
    }
    if (form.isEmpty()) {
      return spliced(making, units);
    }
    return layers
        .filter(
            it ->
                !it.onePiece()
                    || it.each().getFirst().worked()
                    || !Pocket.of(form.get(), it).isEmpty())
        .map(it -> LayerTemplates.ofPlate(form.get(), it, making, units))
        .orElseGet(() -> List.of(PlateTemplate.of(form.get(), making, units)));
  }

  /** The panels, and the strips that cover their splices. */
  private List<Template> spliced(Making making, Units units) {
    List<Template> all = new ArrayList<>();
    all.add(FlatTemplate.of(making, flat, Stroke.Kind.BEND, splices(part, foam), units));
    covers.ifPresent(
        it ->
            all.add(
                FlatTemplate.of(
                    making.covers(it.foam().name(), it.thicknessMm()),
                    new Developed(it.panels(), List.of(), List.of()),
                    units)));
    return all;
  }

  /** The slices of each sheet on a template of their own. */
  private static List<Template> sliced(SlicedPart part, Making making, Units units) {
    Map<Double, List<Panel>> sheets = part.panelsByThickness();
    return sheets.entrySet().stream()
        .map(
            it ->
                FlatTemplate.of(
                    sheets.size() == 1 ? making : making.of(it.getKey(), units),
                    new Developed(it.getValue(), List.of(), List.of()),
                    Stroke.Kind.BEVEL,
                    Optional.empty(),
                    units))
        .toList();
  }
}

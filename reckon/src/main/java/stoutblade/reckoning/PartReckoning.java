package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.build.WorkChoices;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.Attached;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Cored;
import stoutblade.develop.Developed;
import stoutblade.develop.Panel;
import stoutblade.develop.Strip;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.PlateForm;
import stoutblade.finish.CoatReckoning;
import stoutblade.layer.CoverStrips;
import stoutblade.layer.Layers;
import stoutblade.layer.Pocket;
import stoutblade.layer.Splices;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.pipework.BendBoards;
import stoutblade.project.PartRef;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.template.FlatTemplate;
import stoutblade.template.LayerTemplates;
import stoutblade.template.Making;
import stoutblade.template.PlateTemplate;
import stoutblade.template.Stroke;
import stoutblade.template.Template;

/**
 * What is derived from a part. Its figures have ids of its own; what leaves it is put under its
 * {@link #scope}.
 *
 * @param propId the prop that it is a part of
 * @param part what was decided
 * @param flat it, laid out flat
 * @param form its form, where it is cut along an outline
 * @param layers its layers, where it is cut from some and their foams are known
 * @param foam its foam, where the catalogue has it
 * @param strip the strip that it is cut from, where it is bought by the length
 * @param body what later stages know of it; empty where there is too little of it
 * @param core its core, where it has one that can be worked out
 * @param coats its coats, as far as the catalogue has them
 * @param choices the ways of working that are open for it, and those that are taken
 * @param made how many are made in all
 * @param mirrored how many of them are mirrored
 * @param mass what all of them weigh, with their cores; empty where that is not known
 * @param dried what glue and coats add to that; empty where there are none
 * @param figures its figures, the most wanted first
 * @param seen what is seen of it from the front of the prop, in its own frame
 * @param slivers where it is narrower than its foam is thick
 * @param broken what is worked into its patterns and would be cut through by their edges
 * @param attached other parts whose weight its core bears, or would
 */
public record PartReckoning(
    String propId,
    Part part,
    Developed flat,
    Optional<PlateForm> form,
    Optional<Layers> layers,
    Optional<SheetMaterial> foam,
    Optional<Strip> strip,
    Optional<Body> body,
    Optional<CoreReckoning> core,
    List<CoatReckoning> coats,
    WorkChoices choices,
    int made,
    int mirrored,
    Optional<Figure> mass,
    Optional<Figure> dried,
    List<Figure> figures,
    List<Path> seen,
    List<PlateForm.Sliver> slivers,
    List<PanelFeature> broken,
    List<Attached> attached) {

  /** Copies the lists. */
  public PartReckoning {
    coats = List.copyOf(coats);
    figures = List.copyOf(figures);
    seen = List.copyOf(seen);
    slivers = List.copyOf(slivers);
    broken = List.copyOf(broken);
    attached = List.copyOf(attached);
  }

  /** Makes ids of its own to ids of the project. */
  public Scope scope() {
    return new Scope(path());
  }

  /** Its id within the project. */
  public String path() {
    return new PartRef(propId, part.id()).path();
  }

  /** Its id within its prop. */
  public String id() {
    return part.id();
  }

  /** The line of its core, from end to end in its own frame; empty where it has none. */
  public List<Point> coreLine() {
    if (core.isEmpty() || body.isEmpty()) {
      return List.of();
    }
    double near = body.get().nearMm();
    CoreChoice choice = core.get().choice();
    return body.get().course().line(0, near + choice.startMm(), near + choice.endMm());
  }

  /** What a core in it lies in, and bears. */
  public Optional<Cored> cored() {
    return body.map(it -> it.cored().bearing(attached));
  }

  /** How many are made, as a figure. */
  Figure count() {
    return PartReckoner.count(made);
  }

  /** The strips over its splices, where it is larger than a sheet. */
  public Optional<CoverStrips> covers() {
    return body.flatMap(Body::covers);
  }

  /** How its panels are cut apart that are larger than a sheet. */
  public Optional<Splices> splices() {
    return PartReckoner.splices(part, foam);
  }

  /** True where it can be cut from foam. */
  public boolean isCut() {
    return form.map(PlateForm::whole).orElse(!flat.panels().isEmpty());
  }

  /** Its templates: one, or one for each layer. */
  public List<Template> templates(Units units) {
    Making making =
        new Making(
            part.id(),
            part.name(),
            foam.map(SheetMaterial::name).orElse(part.materialId()),
            part.thicknessMm(),
            made,
            mirrored,
            !part.placing().shows().front(),
            part.placing().textured() == glued(part.placing()));
    Developed boards =
        body.flatMap(Body::piping)
            .map(BendBoards::of)
            .orElse(new Developed(List.of(), List.of(), List.of()));
    if (!boards.panels().isEmpty()) {
      return List.of(
          FlatTemplate.of(
              Making.once(part.id(), part.name() + ", boards to bend along"), boards, units));
    }
    if (!isCut()) {
      return List.of();
    }
    if (part.slices().isPresent()) {
      return sliced(part.slices().get(), making, units);
    }
    if (form.isEmpty()) {
      return spliced(making, units);
    }
    return layers
        .filter(
            it ->
                !it.onePiece()
                    || core.flatMap(CoreReckoning::bed).isPresent()
                    || it.each().getFirst().worked()
                    || !Pocket.of(form.get(), it).isEmpty())
        .map(
            it ->
                LayerTemplates.of(
                    form.get(), it, core.filter(c -> c.bed().isPresent()), making, units))
        .orElseGet(() -> List.of(PlateTemplate.of(form.get(), making, units)));
  }

  /** The face that is glued: the one that does not show. A texture on the other one stays. */
  private static Placing.Faces glued(Placing placing) {
    return placing.shows() == Placing.Faces.BACK ? Placing.Faces.FRONT : Placing.Faces.BACK;
  }

  /** The panels, and the strips that cover their splices. */
  private List<Template> spliced(Making making, Units units) {
    List<Template> all = new ArrayList<>();
    all.add(FlatTemplate.of(making, flat, Stroke.Kind.BEND, splices(), units));
    covers()
        .ifPresent(
            it ->
                all.add(
                    FlatTemplate.of(
                        making.covers(it.foam().name(), it.thicknessMm()),
                        new Developed(it.panels(), List.of(), List.of()),
                        units)));
    return all;
  }

  /** The slices of each sheet on a template of their own. */
  private static List<Template> sliced(Slices part, Making making, Units units) {
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

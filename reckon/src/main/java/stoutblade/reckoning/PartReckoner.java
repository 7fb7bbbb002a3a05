package stoutblade.reckoning;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.body.Body;
import stoutblade.build.WorkChoices;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Rod;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.Attached;
import stoutblade.core.CoreReckoning;
import stoutblade.core.CoreRods;
import stoutblade.core.Limits;
import stoutblade.core.RodSection;
import stoutblade.develop.Developed;
import stoutblade.develop.Strip;
import stoutblade.feature.Blank;
import stoutblade.feature.Measures;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.PanelWork;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Typeface;
import stoutblade.finish.CoatReckoning;
import stoutblade.finish.Coats;
import stoutblade.layer.CoverStrips;
import stoutblade.layer.Layers;
import stoutblade.layer.Splices;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.shape.Path;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/**
 * Derives what follows from one part, and remembers each stage by exactly what it reads: coats cost
 * no outline, and a core no layers.
 */
final class PartReckoner {

  /**
   * What of the prop a part follows from.
   *
   * @param propId the prop
   * @param carrier the part that it is fixed to, where it is one
   * @param scale the scale of what its outline was traced on
   * @param limits what does not feel limp, by the log
   * @param made how many are made in all
   * @param mirrored how many of them are mirrored
   * @param attached other parts whose weight its core bears
   */
  record Around(
      String propId,
      Optional<Part> carrier,
      Optional<Figure> scale,
      Limits limits,
      int made,
      int mirrored,
      List<Attached> attached) {}

  private final Catalogue catalogue;
  private final Typeface typeface;
  private final Memo<Optional<PlateForm>> forms = new Memo<>();
  private final Memo<List<PlateForm.Sliver>> slivers = new Memo<>();
  private final Memo<List<PanelFeature>> broken = new Memo<>();
  private final Memo<Developed> flats = new Memo<>();
  private final Memo<Optional<Layers>> layers = new Memo<>();
  private final Memo<Optional<Strip>> strips = new Memo<>();
  private final Memo<Optional<Body>> bodies = new Memo<>();
  private final Memo<Optional<CoreReckoning>> cores = new Memo<>();
  private final Memo<WorkChoices> choices = new Memo<>();
  private final Memo<List<CoatReckoning>> coats = new Memo<>();
  private final Memo<List<Path>> seen = new Memo<>();
  private final Memo<PartReckoning> all = new Memo<>();
  private final Memo<Papers> papers = new Memo<>();

  PartReckoner(Catalogue catalogue, Typeface typeface) {
    this.catalogue = catalogue;
    this.typeface = typeface;
  }

  /** Works the part out; a stage whose inputs are the same as before is not worked out anew. */
  PartReckoning of(Part part, Around around) {
    Object scale = same(around.scale());
    Optional<Blank.CoreWay> way = coreWay(part);
    Optional<PlateForm> form =
        forms.of(
            () ->
                part.blank()
                    .map(it -> PlateForm.of(it.traced(around.scale()).cored(way), typeface)),
            part.shape(),
            part.name(),
            part.stack().map(it -> it.front().thicknessMm()).orElse(0.0),
            scale,
            way);
    Developed flat =
        flats.of(
            () ->
                form.map(PlateForm::developed)
                    .orElseGet(
                        () ->
                            PanelWork.into(
                                part.developed(),
                                part.shape().worked(),
                                part.thicknessMm(),
                                typeface)),
            form,
            part.shape(),
            part.name(),
            part.stack());
    Optional<Layers> layered =
        layers.of(
            () -> form.flatMap(it -> Layers.of(it, part.layering(), catalogue::sheet)),
            form,
            part.stack());
    Optional<SheetMaterial> foam = catalogue.sheet(part.materialId());
    Optional<Strip> strip = strips.of(part::strip, part.shape(), part.stack());
    Optional<Body> body =
        bodies.of(
            () -> body(part, flat, form, layered, foam),
            flat,
            layered,
            part.shape(),
            part.stack(),
            part.workmanship().splices(),
            part.placing().facing() ? 1 : 0);
    Optional<CoreReckoning> core =
        cores.of(
            () -> core(part, body, around.attached()).map(it -> it.within(around.limits())),
            body,
            part.core(),
            around.limits(),
            around.attached());
    List<CoatReckoning> planned =
        coats.of(() -> coats(part, body, around.made()), body, part.coats(), around.made());
    WorkChoices ways =
        choices.of(
            () -> WorkChoices.of(part, body, core, catalogue),
            body,
            core,
            part.stack(),
            part.workmanship(),
            part.shape());
    List<PlateForm.Sliver> thin =
        slivers.of(
            () -> form.map(it -> it.slivers(it.blank().thicknessMm())).orElse(List.of()), form);
    List<PanelFeature> torn =
        broken.of(
            () ->
                part.shape().worked().isEmpty()
                    ? List.of()
                    : PanelWork.broken(
                        part.developed(), part.shape().worked(), part.thicknessMm(), typeface),
            part.shape(),
            part.stack());
    Object follows =
        part.followsCarrier() && around.carrier().isPresent()
            ? around.carrier().get()
            : part.shape();
    List<Path> lines =
        seen.of(
            () -> {
              List<Path> all = new ArrayList<>(part.seen(around.carrier()));
              all.addAll(part.seenDetails(flat));
              return all;
            },
            flat,
            part.shape(),
            part.stack(),
            part.placing().facing() ? 1 : 0,
            follows);
    return all.of(
        () -> {
          Optional<Figure> mass = mass(part, body, core, around.made());
          Optional<Figure> dried =
              body.flatMap(it -> Dried.of(it, core, ways, planned, around.made()));
          return new PartReckoning(
              around.propId(),
              part,
              flat,
              form,
              layered,
              foam,
              strip,
              body,
              core,
              planned,
              ways,
              around.made(),
              around.mirrored(),
              mass,
              dried,
              figures(flat, form, body, mass, dried, around.made()),
              lines,
              thin,
              torn,
              around.attached());
        },
        part,
        flat,
        layered,
        body,
        core,
        planned,
        ways,
        lines,
        torn,
        around.made(),
        around.mirrored(),
        around.attached());
  }

  /** Where its core runs, where something cut into it keeps clear of that. */
  private Optional<Blank.CoreWay> coreWay(Part part) {
    return part.core()
        .filter(it -> part.blank().filter(Blank::asksForCore).isPresent())
        .flatMap(
            it ->
                catalogue
                    .rod(it.rodId())
                    .map(
                        rod ->
                            new Blank.CoreWay(
                                RodSection.of(it, rod).widthMm() / 2, it.startMm(), it.endMm())));
  }

  /** What stands for a scale: the same object as long as it is the same. */
  private static Object same(Optional<Figure> scale) {
    return scale.isPresent() ? scale.get() : Optional.empty();
  }

  /** Its templates, with how many pages of a paper they take. */
  Papers papers(PartReckoning reckoned, Paper paper, Units units) {
    return papers.of(
        () -> {
          List<Template> templates = reckoned.templates(units);
          return new Papers(
              reckoned.id(),
              templates,
              templates.stream().map(it -> Tiling.pages(it, paper)).toList());
        },
        reckoned,
        paper,
        units);
  }

  private Optional<Body> body(
      Part part,
      Developed flat,
      Optional<PlateForm> form,
      Optional<Layers> layered,
      Optional<SheetMaterial> foam) {
    Optional<CoverStrips> covers =
        splices(part, foam)
            .flatMap(
                it -> CoverStrips.of(it, flat.panels(), foam.orElseThrow(), catalogue.sheets()));
    return Body.of(new Body.Given(part, flat, form, layered, foam, covers), catalogue);
  }

  /** How its panels are put together from sheets; layers have their own joints, slices none. */
  static Optional<Splices> splices(Part part, Optional<SheetMaterial> foam) {
    boolean fromSheets =
        part.cut().isEmpty()
            && part.slices().isEmpty()
            && part.stack().isPresent()
            && part.strip().isEmpty();
    return foam.filter(it -> fromSheets)
        .map(it -> new Splices(it.largest(), part.thicknessMm(), part.workmanship().splices()));
  }

  private Optional<CoreReckoning> core(Part part, Optional<Body> body, List<Attached> attached) {
    return part.core()
        .flatMap(
            choice ->
                body.filter(it -> choice.heldAtMm() < it.length().value())
                    .flatMap(
                        it ->
                            catalogue
                                .rod(choice.rodId())
                                .map(
                                    (Rod rod) ->
                                        CoreReckoning.of(
                                            it.cored().bearing(attached),
                                            choice,
                                            rod,
                                            CoreRods.of(choice, catalogue.rods())))));
  }

  private List<CoatReckoning> coats(Part part, Optional<Body> body, int made) {
    List<CoatReckoning> planned = new ArrayList<>();
    if (body.isPresent()) {
      Figure count = count(made);
      for (Coats own : part.coats()) {
        catalogue
            .coating(own.coatingId())
            .map(it -> CoatReckoning.of(own, it, body.get().surface(), count))
            .ifPresent(planned::add);
      }
    }
    return planned;
  }

  /** How many are made, as a figure. */
  static Figure count(int made) {
    return Figure.given("part.made", "Made in all", made, Quantity.COUNT, Source.DECIDED);
  }

  private static Optional<Figure> mass(
      Part part, Optional<Body> body, Optional<CoreReckoning> core, int made) {
    Optional<Figure> one = core.map(CoreReckoning::mass).or(() -> body.flatMap(Body::mass));
    Figure count = count(made);
    List<Figure> each = new ArrayList<>();
    one.ifPresent(each::add);
    double fixings =
        part.fixings().stream().mapToDouble(it -> it.spots().size() * it.massG()).sum();
    if (one.isPresent() && fixings > 0) {
      each.add(
          Figure.given("part.fixings", "Fixings of one", fixings, Quantity.MASS, Source.DECIDED));
    }
    String sum = Figure.plus(each);
    each.add(count);
    return one.map(
        it ->
            Figure.computed(
                "part.mass",
                made > 1 ? "Weight of all of them" : "Weight",
                Quantity.MASS,
                "(%s) * {%s}".formatted(sum, count.id()),
                Source.GEOMETRY,
                each.toArray(Figure[]::new)));
  }

  private static List<Figure> figures(
      Developed flat,
      Optional<PlateForm> form,
      Optional<Body> body,
      Optional<Figure> mass,
      Optional<Figure> dried,
      int made) {
    List<Figure> figures = new ArrayList<>();
    if (form.isPresent()) {
      figures.addAll(form.flatMap(PlateForm::measures).map(Measures::figures).orElse(List.of()));
      figures.addAll(form.get().featureFigures());
    } else {
      figures.addAll(flat.figures());
    }
    body.ifPresent(
        it -> {
          figures.add(count(made));
          mass.ifPresent(figures::add);
          dried.ifPresent(figures::add);
          if (form.isEmpty()) {
            figures.addAll(it.further());
          }
        });
    return figures;
  }
}

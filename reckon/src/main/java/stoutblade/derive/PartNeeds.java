package stoutblade.derive;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import stoutblade.body.Body;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.CoreReckoning;
import stoutblade.develop.Panel;
import stoutblade.feature.Fixing;
import stoutblade.feature.PlateForm;
import stoutblade.finish.CoatStock;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Scope;
import stoutblade.measure.Source;
import stoutblade.part.Bought;
import stoutblade.part.Part;
import stoutblade.pipework.Piping;
import stoutblade.project.Cutting;
import stoutblade.reckoning.PartReckoning;
import stoutblade.stack.Wish;
import stoutblade.stock.Shopping;

/** What a part needs, before the needs of all are added up. */
final class PartNeeds {

  private final Catalogue catalogue;
  private final List<Shopping.Cut> sheets = new ArrayList<>();
  private final List<Shopping.Profiled> strips = new ArrayList<>();
  private final List<Shopping.Length> lengths = new ArrayList<>();
  private final List<Shopping.Whole> wholes = new ArrayList<>();
  private final List<Shopping.Glued> glued = new ArrayList<>();
  private final List<Shopping.Bedded> bedded = new ArrayList<>();

  private PartNeeds(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  /** What one part needs. */
  static PartNeeds of(PartReckoning part, Catalogue catalogue) {
    PartNeeds needs = new PartNeeds(catalogue);
    needs.add(part);
    return needs;
  }

  /** What all of them need together. */
  static Shopping.Needs sum(
      List<PartNeeds> all, List<CoatStock> coats, List<Wish.Leftover> leftovers, Cutting cutting) {
    return new Shopping.Needs(
        together(all, it -> it.sheets),
        together(all, it -> it.strips),
        together(all, it -> it.lengths),
        together(all, it -> it.wholes),
        together(all, it -> it.glued),
        together(all, it -> it.bedded),
        coats,
        leftovers,
        cutting.laid(),
        cutting.lengths());
  }

  private static <T> List<T> together(List<PartNeeds> all, Function<PartNeeds, List<T>> needs) {
    return all.stream().flatMap(it -> needs.apply(it).stream()).toList();
  }

  private void add(PartReckoning part) {
    Scope scope = part.scope();
    part.body().ifPresent(it -> glued(part, it, scope));
    part.core().ifPresent(it -> core(part, it, scope));
    fixings(part.part(), part.made());
    if (part.part().shape() instanceof Bought thing) {
      bought(part, thing, scope);
    } else if (part.body().flatMap(Body::piping).isPresent()) {
      piped(part, part.body().flatMap(Body::piping).get(), scope);
    } else if (part.foam().isPresent() && part.isCut()) {
      cut(part, part.foam().get());
    }
  }

  private void glued(PartReckoning part, Body body, Scope scope) {
    if (body.glued().value() > 0) {
      Figure own = scope.of(body.glued());
      Figure all =
          part.made() == 1
              ? own
              : Figure.computed(
                  scope.id("part.glued.all"),
                  part.part().name() + ", all faces to glue",
                  own.quantity(),
                  part.made() + " * {" + own.id() + "}",
                  Source.GEOMETRY,
                  own);
      glued.add(new Shopping.Glued(part.part().name(), all, part.choices().glue().taken()));
    }
  }

  private void core(PartReckoning part, CoreReckoning core, Scope scope) {
    String name = part.part().name();
    int rods = part.made() * core.choice().work().count(core.rod());
    core.parting()
        .ifPresentOrElse(
            it -> {
              lengths.add(new Shopping.Length(name, core.rod(), scope.of(it.lower()), rods));
              lengths.add(new Shopping.Length(name, core.rod(), scope.of(it.upper()), rods));
              String lock = it.choice().lock().bought();
              if (!lock.isEmpty()) {
                wholes.add(new Shopping.Whole(new Bought(lock, "", 10, 10, 0, 0), part.made()));
              }
              it.join()
                  .ifPresent(
                      join ->
                          lengths.add(
                              new Shopping.Length(
                                  name, join, scope.of(it.joinLength()), part.made())));
            },
            () ->
                lengths.add(new Shopping.Length(name, core.rod(), scope.of(core.length()), rods)));
    core.beside()
        .forEach(
            it ->
                lengths.add(
                    new Shopping.Length(
                        name, it.rod(), scope.of(it.length()), it.choice().count() * part.made())));
    if (core.bed().isPresent()) {
      bedded.add(
          new Shopping.Bedded(
              core,
              scope.of(core.height()),
              scope.of(core.width()),
              scope.of(core.inFoam()),
              part.made(),
              part.choices().coreGlue().taken()));
    }
  }

  private void bought(PartReckoning part, Bought thing, Scope scope) {
    if (!thing.ofRod()) {
      wholes.add(new Shopping.Whole(thing, part.made()));
      return;
    }
    catalogue
        .rod(thing.rodId())
        .ifPresent(
            rod ->
                lengths.add(
                    new Shopping.Length(
                        part.part().name(),
                        rod,
                        scope.of(part.body().orElseThrow().length()),
                        part.made())));
  }

  /** Pipes are cut from lengths; fittings of one kind are one line. */
  private void piped(PartReckoning part, Piping piping, Scope scope) {
    for (Piping.Alike it : piping.alike()) {
      lengths.add(
          new Shopping.Length(
              part.part().name(),
              piping.rod(),
              scope.of(it.length()),
              it.cuts().size() * part.made()));
    }
    piping
        .skeleton()
        .fittings()
        .forEach(
            (kind, count) -> {
              double wide = piping.rod().outerMm();
              String what = "Fitting for %s: %s".formatted(piping.rod().name(), kind.words());
              Bought thing = new Bought(what, "", wide, wide, 0, 0);
              wholes.add(new Shopping.Whole(thing, (int) (count * part.made())));
            });
  }

  /** Fixings of one kind and size are one line, whatever they hold. */
  private void fixings(Part part, int made) {
    for (Fixing it : part.fixings()) {
      String name =
          it.what().through()
              ? "%s, %s mm shank, through %s mm"
                  .formatted(
                      it.what().bought(),
                      Display.decimal(it.across(), 1),
                      Display.decimal(part.thicknessMm(), 1))
              : "%s, %s mm across".formatted(it.what().bought(), Display.decimal(it.head(), 1));
      Bought thing =
          new Bought(name, "", Math.max(1, part.thicknessMm()), it.head(), it.massG(), 0);
      wholes.add(new Shopping.Whole(thing, made * it.spots().size()));
    }
  }

  private void cut(PartReckoning part, SheetMaterial foam) {
    String name = part.part().name();
    if (part.strip().isPresent()) {
      strips.add(new Shopping.Profiled(name, foam, part.made(), part.strip().get()));
      return;
    }
    Optional<Layers> stacked = part.layers().filter(own -> !own.onePiece());
    if (stacked.isPresent()) {
      LayerPieces pieces = new LayerPieces(part.form().orElseThrow(), stacked.get(), part.core());
      stacked.get().each().forEach(own -> sheets.add(layer(part, own, pieces)));
      stacked.get().band().ifPresent(own -> sheets.add(band(part, own)));
    } else if (part.part().slices().isPresent()) {
      part.part()
          .slices()
          .get()
          .panelsByThickness()
          .forEach(
              (mm, panels) ->
                  sheets.add(
                      Shopping.Cut.of(
                          part.path(), name, foam, mm, part.made(), part.mirrored(), panels)));
    } else {
      List<Panel> panels = part.form().map(LayerPieces::of).orElseGet(() -> split(part));
      sheets.add(
          Shopping.Cut.of(
              part.path(),
              name,
              foam,
              part.part().thicknessMm(),
              part.made(),
              part.mirrored(),
              panels));
    }
    part.form().ifPresent(it -> sheets.addAll(laidOn(part, it, foam)));
    part.covers()
        .ifPresent(
            own ->
                sheets.add(
                    Shopping.Cut.of(
                        part.path(),
                        name,
                        own.foam(),
                        own.thicknessMm(),
                        part.made(),
                        part.mirrored(),
                        own.panels())));
  }

  /** Its panels, in pieces where they are larger than a sheet. */
  private static List<Panel> split(PartReckoning part) {
    List<Panel> panels = part.flat().panels();
    return part.splices()
        .map(it -> panels.stream().flatMap(own -> it.split(own).stream()).toList())
        .orElse(panels);
  }

  private static Shopping.Cut band(PartReckoning part, EdgeBand band) {
    return Shopping.Cut.of(
        part.path(),
        part.part().name(),
        band.foam(),
        band.band().thicknessMm(),
        part.made(),
        part.mirrored(),
        band.panels("Edge band"));
  }

  /** One layer, in the pieces that it is cut apart in. */
  private static Shopping.Cut layer(PartReckoning part, Layer layer, LayerPieces pieces) {
    return Shopping.Cut.of(
        part.path(),
        part.part().name(),
        layer.foam(),
        layer.sheet().thicknessMm(),
        part.made(),
        part.mirrored(),
        pieces.of(layer));
  }

  /** The pieces that are laid on something, each of its own thickness. */
  private static List<Shopping.Cut> laidOn(PartReckoning part, PlateForm form, SheetMaterial foam) {
    List<Shopping.Cut> all = new ArrayList<>();
    for (Map.Entry<Double, List<Panel>> it : form.piecesByThickness().entrySet()) {
      all.add(
          Shopping.Cut.of(
              part.path(),
              form.blank().name(),
              foam,
              it.getKey(),
              part.made(),
              part.mirrored(),
              it.getValue()));
    }
    return all;
  }
}

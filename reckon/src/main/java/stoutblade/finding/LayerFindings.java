package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.core.CoreReckoning;
import stoutblade.edit.AxisEdits;
import stoutblade.edit.Change;
import stoutblade.edit.LayerEdits;
import stoutblade.edit.PropEdit;
import stoutblade.feature.Blank;
import stoutblade.feature.Measures;
import stoutblade.feature.PlateForm;
import stoutblade.finding.Finding.Severity;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.part.Slices;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.reference.ModelSize;
import stoutblade.reference.Sizing;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Choice;
import stoutblade.stack.Frame;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.Sheet;
import stoutblade.stack.StackFinder;
import stoutblade.stack.Wish;

/** Looks through the layers of a part for what is wrong or risky. */
final class LayerFindings {

  private static final double FOLLOWS = 5e-4;
  private static final double OFF_MM = 1;

  private static final double LEAST_EDGE_MM = 2;

  private final PartReckoning part;
  private final Sizing sizing;
  private final Catalogue catalogue;
  private final List<Wish.Leftover> leftovers;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  LayerFindings(
      PartReckoning part,
      Sizing sizing,
      Catalogue catalogue,
      List<Wish.Leftover> leftovers,
      Units units) {
    this.leftovers = leftovers;
    this.catalogue = catalogue;
    this.part = part;
    this.sizing = sizing;
    this.units = units;
  }

  List<Finding> all() {
    if (part.form().isPresent() && part.form().get().whole()) {
      part.layers()
          .ifPresentOrElse(it -> layers(part.form().get(), it, part.core()), () -> noFoam(part));
    }
    part.part().slices().ifPresent(it -> sliced(part.part(), it));
    return found;
  }

  private void layers(PlateForm form, Layers layers, Optional<CoreReckoning> core) {
    thickness(form.blank(), layers);
    eatenUp(form.blank(), layers);
    textures(form.blank(), layers);
    ownOutlines(form.blank(), layers);
    crowded(form, layers);
    bevels(form, layers);
    thinEdge(form, layers);
    hollow(form.blank(), layers);
    found.addAll(SplitFindings.of(form.blank().id(), layers, units));
    found.addAll(RecessFindings.of(form.blank(), layers, core, units));
  }

  // == A SLICED MODEL

  /** Its layers are as the model was when it was sliced. */
  private void sliced(Part part, Slices slices) {
    Optional<Double> now =
        Optional.ofNullable(sizing.models().get(slices.origin().modelId()))
            .flatMap(ModelSize::perUnit);
    OptionalDouble since =
        now.isPresent() ? slices.origin().since(now.get()) : OptionalDouble.empty();
    if (since.isPresent() && Math.abs(since.getAsDouble() - 1) > FOLLOWS) {
      double larger = (since.getAsDouble() - 1) * 100;
      found.add(
          new Finding(
              "layers." + part.id() + ".size",
              Station.LAYERS,
              new Place.OnPart(part.id(), new Point(0, 0)),
              Severity.WARNING,
              part.name() + " was sliced at another size",
              "Its model is "
                  + Display.decimal(Math.abs(larger), 1)
                  + " % "
                  + (larger > 0 ? "larger" : "smaller")
                  + " now. Choose the model here at Layers, slice it again and keep it in place"
                  + " of this one.",
              List.of()));
    }
  }

  // == THE STACK

  /** A part cannot be worked out of a foam that nobody knows. */
  private void noFoam(PartReckoning part) {
    String unknown =
        part.part().layering().sheets().stream()
            .map(Sheet::materialId)
            .filter(it -> catalogue.sheet(it).isEmpty())
            .findFirst()
            .orElse("");
    if (unknown.isEmpty()) {
      return;
    }
    found.add(
        new Finding(
            "layers." + part.id() + ".foam",
            Station.LAYERS,
            new Place.OnPart(part.id(), part.form().orElseThrow().face().centre()),
            Severity.WRONG,
            "This foam is not in the catalogue",
            "'" + unknown + "' was chosen, and the catalogue has no such foam.",
            catalogue.sheets().stream().limit(1).map(it -> choice(part.id(), it)).toList()));
  }

  private Change choice(String id, SheetMaterial foam) {
    double thickness = foam.thicknessesMm().get(foam.thicknessesMm().size() / 2);
    return LayerEdits.material(id, foam.id(), thickness)
        .named("Use " + foam.name() + ", " + show(thickness));
  }

  /** Where the centre line bends more tightly than the part is wide, sections meet each other. */
  private void crowded(PlateForm form, Layers layers) {
    Course course = layers.solid().course();
    Optional<Double> at = course.crowded(form.face());
    if (at.isEmpty()) {
      return;
    }
    String id = form.blank().id();
    add(
        form.blank(),
        "crowded",
        course.at(at.get()),
        Severity.WARNING,
        "The centre line bends more tightly than " + form.blank().name() + " is wide",
        "At "
            + show(at.get())
            + " along it bends to a radius of "
            + show(1 / Math.abs(course.bendAt(at.get())))
            + ", and there is foam further in than that: sections run into each other there, so"
            + " ridge, taper and fuller come out uneven. Draw it flatter.",
        List.of(
            AxisEdits.midway(id).named("Find it midway between the edges"),
            AxisEdits.straight(id).named("Straight up")));
  }

  private void bevels(PlateForm form, Layers layers) {
    boolean ridged = layers.layering().profile().kind().across();
    if (ridged || !layers.solid().flat().isEmpty() || layers.bevelWidth().value() <= 0) {
      return;
    }
    Measures sizes = form.measures().orElseThrow();
    double half = Math.floor(sizes.width().value() / 4);
    add(
        form.blank(),
        "bevel",
        widest(form, sizes, 0),
        Severity.WARNING,
        "The bevels meet everywhere",
        "A bevel of "
            + layers.bevelWidth().show(units)
            + " leaves nothing flat on a part "
            + sizes.width().show(units)
            + " wide, so it never reaches its full thickness.",
        List.of(LayerEdits.bevel(form.blank().id(), half).named("Bevel of " + show(half))));
  }

  private static Point widest(PlateForm form, Measures sizes, double share) {
    Box box = form.face().box();
    return new Point(
        box.centre().x() + share * sizes.width().value(), box.minY() + sizes.widestAt().value());
  }

  /** The first of the sections along whose edge is too thin. */
  private void thinEdge(PlateForm form, Layers layers) {
    Layering layering = layers.layering();
    for (int section = 0; section <= layering.changes().size(); section++) {
      Profile own = LayerEdits.section(layering, section);
      if (own.edgeMm() < LEAST_EDGE_MM && !own.flat(layering.thicknessMm())) {
        add(
            form.blank(),
            "edge",
            widest(form, form.measures().orElseThrow(), 0.5),
            Severity.WARNING,
            "The edge is thinner than foam holds",
            "Below about 2 mm an edge of foam tears and waves when it is sanded (our assumption).",
            List.of(
                LayerEdits.profile(
                    form.blank().id(),
                    section,
                    "Edge of " + show(LEAST_EDGE_MM),
                    it -> it.withEdge(LEAST_EDGE_MM))));
        return;
      }
    }
  }

  private void thickness(Blank blank, Layers layers) {
    double wanted = layers.layering().wantedMm();
    double off = layers.thickness().value() - wanted;
    if (wanted > 0 && Math.abs(off) > OFF_MM) {
      add(
          blank,
          "thickness",
          layers.solid().face().centre(),
          Severity.WARNING,
          blank.name() + (off > 0 ? " comes out too thick" : " comes out too thin"),
          "Its layers are "
              + layers.thickness().show(units)
              + " together, wanted is "
              + show(wanted)
              + ".",
          nearer(blank, layers, wanted));
    }
  }

  /** A layer of which the section leaves nothing is glued on to be sanded off again. */
  private void eatenUp(Blank blank, Layers layers) {
    for (Layer layer : layers.each()) {
      if (layer.cut().isEmpty()) {
        List<Change> mends =
            layers.each().size() > 1
                ? List.of(
                    LayerEdits.remove(blank.id(), layer.number() - 1)
                        .named("Take layer " + layer.number() + " out"))
                : List.of();
        add(
            blank,
            "eaten-up-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WRONG,
            "Nothing is left of layer " + layer.number(),
            "The section does not reach the height of this layer anywhere: all of it would be"
                + " sanded off. The part is too narrow for so many layers, or its edge too thin.",
            mends);
      }
    }
  }

  /** Layers with an outline of their own can be cut, and lie on those beside them. */
  private void ownOutlines(Blank blank, Layers layers) {
    for (Layer layer : layers.each()) {
      if (layer.sheet().own().isEmpty()) {
        continue;
      }
      int index = layer.number() - 1;
      List<Change> mends = List.of(LayerEdits.asThePart(blank.id(), index));
      if (layer.own().isEmpty()) {
        add(
            blank,
            "own-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WRONG,
            "The outline of layer " + layer.number() + " cannot be cut",
            "It crosses itself, or does not close. Until it is mended the layer is reckoned as the"
                + " part.",
            mends);
      } else if (layers.each().size() > 1 && !held(layers.each(), index)) {
        add(
            blank,
            "loose-" + layer.number(),
            layer.cut().isEmpty() ? layers.solid().face().centre() : layer.cut().centre(),
            Severity.WRONG,
            "Layer " + layer.number() + " has nothing to be glued to",
            "Its outline lies beside the layers next to it.",
            mends);
      } else {
        longer(blank, layers, layer);
      }
    }
  }

  /** Layers that stay solid, because nobody cuts so many holes. */
  private void hollow(Blank blank, Layers layers) {
    for (Layer layer : layers.each()) {
      Region whole = layer.own().isPresent() ? layer.widest() : layers.solid().face();
      Optional<Frame> wider = layer.sheet().frame().flatMap(it -> it.wider(whole));
      if (wider.isPresent()) {
        add(
            blank,
            "holes",
            layer.widest().centre(),
            Severity.WARNING,
            "Hollow layers would have too many holes",
            "There would be thousands, so none is cut. Make them larger, or further apart.",
            List.of(LayerEdits.hollow(blank.id(), wider)));
        return;
      }
    }
  }

  /** Lengths that are checked are those of the part. */
  private void longer(Blank blank, Layers layers, Layer layer) {
    Box part = layers.solid().face().box();
    Box own = layer.widest().box();
    double past = Math.max(own.maxY() - part.maxY(), part.minY() - own.minY());
    if (past > OFF_MM) {
      add(
          blank,
          "longer-" + layer.number(),
          own.centre(),
          Severity.WARNING,
          "Layer " + layer.number() + " is longer than its part",
          "It reaches "
              + show(past)
              + " past it, and the length of the part counts for the event,"
              + " the case and the passages. Draw the part as long, too.",
          List.of(LayerEdits.asThePart(blank.id(), layer.number() - 1)));
    }
  }

  private static boolean held(List<Layer> each, int index) {
    return List.of(index - 1, index + 1).stream()
        .filter(it -> it >= 0 && it < each.size())
        .anyMatch(it -> !each.get(it).widest().intersection(each.get(index).widest()).isEmpty());
  }

  private List<PropEdit> nearer(Blank blank, Layers layers, double wanted) {
    Wish wish =
        new Wish(
            wanted,
            Math.max(OFF_MM, wanted / 10),
            Wish.MOST_LAYERS,
            List.of(layers.foam()),
            leftovers,
            layers.solid().face().area(),
            Wish.Outside.ANY,
            false,
            Wish.Criterion.DEVIATION);
    List<Choice> best = StackFinder.best(wish, 1);
    return best.stream()
        .map(
            it ->
                LayerEdits.take(blank.id(), it, wanted)
                    .named(
                        "Use "
                            + String.join(
                                " + ",
                                it.sheets().stream()
                                    .map(Sheet::thicknessMm)
                                    .map(this::show)
                                    .toList())))
        .toList();
  }

  /** Glue does not hold on a texture until it is ground off; with two layers one joint has one. */
  private void textures(Blank blank, Layers layers) {
    List<Layer> each = layers.each();
    for (Layer layer : each) {
      boolean front = layer.texturedInFront();
      boolean back = layer.texturedBehind();
      boolean glued = (front && layer.number() < each.size()) || (back && layer.number() > 1);
      if (glued) {
        boolean turns = front ? layer.number() == 1 : layer.number() == each.size();
        add(
            blank,
            "texture-" + layer.number(),
            layers.solid().face().centre(),
            Severity.WARNING,
            "The texture of layer " + layer.number() + " is glued",
            "Glue does not hold on it until it is ground off (common practice)."
                + (turns ? " Turned over, the texture would be outside." : ""),
            turns
                ? List.of(
                    LayerEdits.sheet(
                        blank.id(),
                        layer.number() - 1,
                        "Turn it over",
                        it -> it.withTurned(!it.turned())))
                : List.of());
      }
    }
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private void add(
      Blank blank,
      String id,
      Point at,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(
        new Finding(
            "layers." + blank.id() + "." + id,
            Station.LAYERS,
            new Place.OnPart(blank.id(), at),
            severity,
            title,
            why,
            mends));
  }
}

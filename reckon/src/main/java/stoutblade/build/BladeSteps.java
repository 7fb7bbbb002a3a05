package stoutblade.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.catalogue.Glue;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.finish.CoatReckoning;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Pocket;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Derives the steps of making a layered blade from what was decided about it.
 *
 * <p>Each step names what it needs; so a channel is grooved while the sheet is still wide enough to
 * guide the tool, the core lies in its bed before the layers close over it, and nothing is sealed
 * before it is shaped.
 */
public final class BladeSteps {

  private static final String SHEETS =
      "Follow the label and its safety data sheet; local codes come first.";
  private static final String KNIFE =
      "Fresh blades cut without force: cut away from the hand that holds, on a mat.";
  private static final String DUST =
      "Foam dust: mask and eye protection, collect it; loose sleeves stay clear of turning tools.";
  private static final String HEAT =
      "Burns; overheated foam and PVC give off harmful fumes: moving air, stop when it smokes.";
  private static final String ROD_DUST =
      "Rod dust and splinters: mask, gloves and eye protection; cut carbon and glass wet.";

  private static final String BATTERY =
      "A battery that is squeezed, pierced or shorted burns: a place that stays cool, a hatch to get"
          + " at it, a fuse; follow its label.";
  private static final String MAGNET =
      "Strong magnets pinch, shatter and harm if swallowed: away from children and implants.";

  private final Work work;
  private final Catalogue catalogue;
  private final List<Step> steps = new ArrayList<>();

  private BladeSteps(Work work, Catalogue catalogue) {
    this.work = work;
    this.catalogue = catalogue;
  }

  /** The steps, each after those it needs. */
  public static List<Step> of(Work work, Catalogue catalogue) {
    return new BladeSteps(work, catalogue).derive();
  }

  private List<Step> derive() {
    buy();
    paper();
    foam();
    pockets();
    work.core().ifPresent(this::core);
    layIn();
    join();
    shape();
    finish();
    check();
    return List.copyOf(steps);
  }

  // == PAPER AND FOAM

  private void buy() {
    if (work.shoppingLines() > 0) {
      add(
          step("buy", "Buy what is missing", work.shoppingLines() + " lines on the shopping list")
              .time("shopping", count("buy", "Lines on the shopping list", work.shoppingLines())));
    }
  }

  private void paper() {
    add(
        step("print", "Print and join the templates", work.pages() + " pages at true size")
            .time("printing", count("print", "Pages of templates", work.pages()))
            .tools("printer at 100 %", "ruler", "clear tape"));
    add(
        step("hold-up", "Cut the paper blade and hold it", "size is checked before any foam is cut")
            .time("holding-up", count("hold-up", "Paper outlines", 1))
            .after("print")
            .tools("scissors", "mirror"));
  }

  private void foam() {
    Figure all = outlines();
    add(
        step(
                "trace",
                switch (layers()) {
                  case 1 -> "Trace the layer";
                  case 2 -> "Trace both layers, the back mirrored";
                  default -> "Trace all " + layers() + " layers";
                },
                "each template says which of its pieces are mirrored")
            .time("tracing", all)
            .after("hold-up")
            .afterIf(work.shoppingLines() > 0, "buy")
            .tools("pen that shows on the foam", "ruler"));
    work.core().ifPresent(this::groove);
    add(
        step(
                "cut",
                switch (layers()) {
                  case 1 -> "Cut the layer to the line";
                  case 2 -> "Cut both layers to the line";
                  default -> "Cut all " + layers() + " layers";
                },
                work.core().isPresent()
                    ? "after the groove, which needs a wide sheet to guide it"
                    : "the outline of every layer")
            .time("cutting", all)
            .after("trace")
            .afterIf(work.core().isPresent(), "groove")
            .tools("knife, fresh blades", "cutting mat")
            .cautions(KNIFE));
    if (work.layers().foam().textured()) {
      add(
          step(
                  "grind",
                  "Grind the texture off both glue faces",
                  "glue does not hold on the texture")
              .time("grinding", twice("grind", "Faces to grind", work.form().area()))
              .after("cut")
              .tools("rotary tool with drum", "sanding block, 80 grit")
              .cautions(DUST));
    }
  }

  /** Once round every layer; where layers have outlines of their own, round each of these. */
  private Figure outlines() {
    Figure girth = work.form().girth();
    if (!work.layers().layering().owned()) {
      return times(layers(), "trace", "Outlines to trace", girth);
    }
    return Figure.found(
        "build.trace.amount",
        "Outlines to trace",
        work.layers().each().stream().mapToDouble(it -> it.cut().girth()).sum(),
        Quantity.LENGTH,
        "once round what is cut of each layer; the part's own is {" + girth.id() + "}",
        Source.GEOMETRY,
        girth.doubt(),
        girth);
  }

  private void groove(CoreReckoning core) {
    Figure inFoam =
        core.others().stream()
            .filter(it -> it.id().equals("core.in-foam"))
            .findFirst()
            .orElseThrow();
    add(
        step(
                "groove",
                "Groove the channel",
                core.diameter().show(work.units())
                    + " wide and "
                    + core.depth().show(work.units())
                    + " deep, while the sheet is wide enough to guide the tool")
            .time("grooving", times(grooved(core), "groove", "Channel to groove", inFoam))
            .after("trace")
            .tools(
                switch (core.choice().groove()) {
                  case ROUND ->
                      new String[] {"straightedge", "knife", "rotary tool with ball-nosed bit"};
                  case VEE -> new String[] {"straightedge", "knife held at 45°"};
                  case SQUARE -> new String[] {"straightedge", "router or tool with straight bit"};
                })
            .cautions(KNIFE, DUST));
  }

  // == WHAT IS CLOSED IN

  /** Pockets are cut while their face is still open, and pieces are joined to whole layers. */
  private void pockets() {
    List<Pocket> cut = Pocket.of(work.form().worked(), work.layers());
    if (!cut.isEmpty()) {
      add(
          step(
                  "pockets",
                  "Cut the pockets",
                  cut.stream()
                          .map(
                              it -> it.recess().what().words() + " in layer " + it.layer().number())
                          .distinct()
                          .collect(Collectors.joining("; "))
                      + "; depths are on the templates")
              .time("pocketing", count("pockets", "Pockets to cut", cut.size()))
              .after("cut")
              .tools("knife", "rotary tool", "what goes in, to try")
              .cautions(KNIFE, DUST));
    }
    int joints =
        work.layers().each().stream().mapToInt(it -> it.joints().lines(it.cut()).size()).sum();
    if (joints > 0) {
      Glue glue = catalogue.glue(Glue.FOR_LAYERS);
      add(
          step(
                  "butt",
                  "Join the pieces of each layer edge to edge",
                  "a layer is larger than its sheet; no joint lies near one of the next layer")
              .time("joining", count("butt", "Edges to join", joints))
              .after("cut")
              .tools("straight board", "brush or spreader")
              .cautions(glue.caution(), SHEETS));
    }
  }

  /** What nothing gets at once the next layer is on. */
  private void layIn() {
    List<Closing.Task> laid = laidIn();
    if (!laid.isEmpty()) {
      add(
          step(
                  "lay-in",
                  "Lay in what the next layer closes over",
                  String.join(", ", laid.stream().map(Closing.Task::what).toList())
                      + ": try it, wire and test it before any cement is spread")
              .time("laying-in", count("lay-in", "Things to lay in", laid.size()))
              .after("pockets")
              .tools("contact cement or hot glue for what could rattle")
              .cautions(
                  laid.stream().anyMatch(it -> it.what().contains("battery")) ? BATTERY : "",
                  laid.stream().anyMatch(it -> it.what().contains("magnet")) ? MAGNET : ""));
    }
  }

  private List<Closing.Task> laidIn() {
    return Closing.of(work.form().worked(), work.layers(), work.core()).stream()
        .flatMap(it -> it.tasks().stream())
        .filter(it -> it.kind() == Closing.Kind.LAY_IN && !it.what().equals("the core"))
        .toList();
  }

  /** A step that wants each layer whole and with all that lies in it. */
  private StepBuilder afterLayers(StepBuilder step) {
    return step.afterIf(has("lay-in"), "lay-in")
        .afterIf(has("butt"), "butt")
        .afterIf(has("pockets"), "pockets");
  }

  private boolean has(String id) {
    return steps.stream().anyMatch(it -> it.id().equals(id));
  }

  // == CORE AND JOINT

  private void core(CoreReckoning core) {
    Glue bed = catalogue.glue(Glue.FOR_CORE);
    add(
        step(
                "core-fit",
                "Cut the core and lay it in dry",
                core.rod().name() + ", " + core.length().show(work.units()))
            .time("rod-fitting", count("core-fit", "Cores to fit", 1))
            .after("cut")
            .afterIf(work.layers().foam().textured(), "grind")
            .afterIf(work.shoppingLines() > 0, "buy")
            .tools("fine saw", "80 grit paper", "tape")
            .cautions(ROD_DUST));
    add(
        step(
                "core-bed",
                "Bed the core in the front layer",
                bed.name() + " in the channel, damp, a third of the gap filled: it foams up")
            .time("bedding", count("core-bed", "Cores to bed", 1))
            .after("core-fit")
            .tools("flat board", "tape or clamps", "water spray")
            .cautions(bed.caution(), SHEETS));
  }

  /** What the layers wait for before they are joined; where there is one, before it is shaped. */
  private Need before() {
    return work.core().isPresent()
        ? Need.after(
            "core-bed", catalogue.glue(Glue.FOR_CORE).pressMinutes(), "the core's glue sets")
        : Need.after(work.layers().foam().textured() ? "grind" : "cut");
  }

  private void join() {
    if (layers() == 1) {
      return;
    }
    Glue glue = catalogue.glue(Glue.FOR_LAYERS);
    add(
        afterLayers(
                step(
                        "spread",
                        layers() == 2
                            ? "Spread the cement on both glue faces"
                            : "Spread the cement on all glue faces",
                        glue.name() + " on all of both faces but the channel")
                    .time("spreading", betweenLayers())
                    .need(before()))
            .glue(Glue.FOR_LAYERS)
            .tools("brush or spreader", "moving air")
            .cautions(glue.caution(), SHEETS));
    add(
        step(
                "join",
                "Join the layers and press",
                "it grabs at once: line up the centre lines at the base, then roll to the tip")
            .time("joining", count("join", "Joints to close", layers() - 1))
            .need(
                Need.between(
                    "spread",
                    glue.waitMinutes(),
                    glue.joinByMinutes(),
                    "dry to the touch, not yet dead"))
            .tools(
                "roller", "flat board with weights for " + Display.duration(glue.pressMinutes())));
  }

  /** The band's own faces are spread when it goes on. */
  private Figure betweenLayers() {
    Figure all = work.layers().glued();
    return work.layers()
        .band()
        .map(
            it ->
                Figure.computed(
                    "build.spread.amount",
                    "Faces between the layers",
                    Quantity.AREA,
                    "{%s} - {%s}".formatted(all.id(), it.glued().id()),
                    Source.GEOMETRY,
                    all,
                    it.glued()))
        .orElse(all);
  }

  // == SHAPE

  /** The strip hides the joints, so it goes on before anything is shaped. */
  private void band(EdgeBand band) {
    Glue glue = catalogue.glue(Glue.FOR_LAYERS);
    add(
        step(
                "band",
                "Glue the band round the edge",
                band.length().show(work.units())
                    + " long, scored inside at each corner; trimmed flush when it holds")
            .time("banding", times(1, "band", "Edge to go round", band.length()))
            .need(layers() == 1 ? before() : Need.after(has("trim") ? "trim" : "join"))
            .afterIf(has("butt"), "butt")
            .tools("roller", "fresh knife")
            .cautions(glue.caution(), KNIFE));
  }

  /** Layers that are glued large are cut flush with those that were cut to the line. */
  private void trim(Glue glue) {
    List<Layer> large = work.layers().each().stream().filter(it -> it.sheet().oversize()).toList();
    Figure edge = times(large.size(), "trim", "Edge to trim", work.form().girth());
    add(
        step(
                "trim",
                large.size() == 1
                    ? "Trim layer " + large.getFirst().number() + " flush"
                    : "Trim the " + large.size() + " large layers flush",
                "the layer that was cut to the line guides the knife; sand both edges as one")
            .time("cutting", edge)
            .need(
                Need.after(
                    "join", glue.pressMinutes(), "the layers must not shift under the knife"))
            .tools("fresh long knife", "wide sanding pad")
            .cautions(KNIFE));
  }

  private void shape() {
    Glue glue = catalogue.glue(Glue.FOR_LAYERS);
    if (layers() > 1 && work.layers().each().stream().anyMatch(it -> it.sheet().oversize())) {
      trim(glue);
    }
    work.layers().band().ifPresent(this::band);
    String last = has("band") ? "band" : has("trim") ? "trim" : "join";
    Need rested =
        layers() == 1 && !has("band")
            ? before()
            : Need.after(last, glue.strainMinutes(), "the joint takes no stress sooner");
    boolean bevelled = !work.layers().layering().flat();
    if (bevelled) {
      Worked worked = Worked.of(work.layers(), work.form().girth(), work.units());
      Figure edges = twice("bevel", "Bevels, both faces", worked.along());
      add(
          step(
                  "bevel-line",
                  "Draw and tape the bevel lines",
                  worked.wide() + " in from the edge, both faces" + worked.from())
              .time("marking", edges)
              .need(layers() == 1 && !has("band") ? before() : Need.after(last))
              .afterIf(has("butt"), "butt")
              .tools("template", "masking tape"));
      add(
          step(
                  "bevel",
                  "Sand the bevels to the tape",
                  worked.down() + " at the edge" + worked.from())
              .time("bevelling", edges)
              .after("bevel-line")
              .need(rested)
              .tools("wide sanding pad, 80 to 120 grit", "scrap to practise on")
              .cautions(DUST)
              .divisible());
    }
    Figure surface = metres2("sand", work.layers().surface());
    add(
        step("sand", "Sand smooth, 220 then 400 grit", "the last grit before sealing is 400")
            .time("sanding", surface)
            .need(bevelled ? Need.after("bevel") : rested)
            .afterIf(has("butt"), "butt")
            .afterIf(has("pockets"), "pockets")
            .tools("220 and 400 grit", "damp cloth")
            .cautions(DUST)
            .divisible());
  }

  private static Figure metres2(String step, Figure area) {
    return Figure.computed(
        "build." + step + ".amount",
        "Surface to work",
        Quantity.AREA,
        "1 * {" + area.id() + "}",
        Source.GEOMETRY,
        area);
  }

  // == FINISH AND CHECK

  private void finish() {
    Need before = Need.after("sand");
    for (CoatReckoning coats : work.coats()) {
      Coating coating = coats.coating();
      int count = (int) coats.coats().value();
      for (int coat = 1; coat <= count; coat++) {
        String id = "coat-" + coating.id() + "-" + coat;
        add(coat(id, coats, coat, count, before));
        before =
            coat < count
                ? Need.after(id, coating.betweenMinutes(), "dries before the next coat")
                : Need.after(id, coating.cureMinutes(), "cures before what comes next");
      }
    }
    add(
        step("measure", "Measure and weigh the finished blade", "what was built against the plan")
            .time("measuring", count("measure", "Blades to measure", 1))
            .need(before)
            .tools("tape measure", "kitchen scale"));
  }

  private StepBuilder coat(String id, CoatReckoning coats, int coat, int count, Need before) {
    Coating coating = coats.coating();
    String title =
        coating.role().verb()
            + ": "
            + coating.name()
            + (count == 1 ? "" : ", coat " + coat + " of " + count);
    boolean heat = coating.spread() == 0;
    StepBuilder builder =
        step(id, title, heat ? "closes the foam before anything wet" : "planned in the finish")
            .time(heat ? "heat-sealing" : "coating", metres2(id, work.layers().surface()))
            .need(before)
            .tools(heat ? "heat gun" : "brush, sponge or spray as the label says", "stand");
    Optional<String> shelf =
        work.shoppingLines() > 0 && coats.runsOut() ? Optional.of("buy") : Optional.empty();
    shelf.ifPresent(builder::after);
    return heat
        ? builder.cautions(HEAT, coating.caution())
        : builder.cautions(coating.caution(), SHEETS);
  }

  private void check() {
    add(
        step(
                "pack",
                "Read the event's rules again and pack",
                "length, weight, points and cores are judged by the event, not by us")
            .time("packing", count("pack", "Props to pack", 1))
            .after("measure")
            .tools("cover for the edges", "repair kit: cement, tape, paint"));
  }

  // == SMALL THINGS

  private static Figure count(String step, String label, int number) {
    return Figure.given(
        "build." + step + ".amount", label, number, Quantity.COUNT, Source.GEOMETRY);
  }

  /** How many layers there are. */
  private int layers() {
    return work.layers().each().size();
  }

  /** In how many layers the core wants a channel. */
  private int grooved(CoreReckoning core) {
    return Channel.of(work.layers(), core).size();
  }

  private static Figure twice(String step, String label, Figure once) {
    return times(2, step, label, once);
  }

  private static Figure times(int count, String step, String label, Figure once) {
    return Figure.computed(
        "build." + step + ".amount",
        label,
        once.quantity(),
        count + " * {" + once.id() + "}",
        Source.GEOMETRY,
        once);
  }

  private void add(StepBuilder builder) {
    steps.add(builder.build());
  }

  private StepBuilder step(String id, String title, String why) {
    return new StepBuilder(catalogue, id, title, why);
  }
}

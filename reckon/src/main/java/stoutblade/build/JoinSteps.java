package stoutblade.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Glue;
import stoutblade.catalogue.Rod;
import stoutblade.core.BesideReckoning;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Parting;
import stoutblade.core.PartingReckoning;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** The steps of putting a part together: its core in its bed, then its layers or its pieces. */
final class JoinSteps extends StepMaker {

  JoinSteps(Work work, Catalogue catalogue, List<Step> steps) {
    super(work, catalogue, steps);
  }

  /**
   * Fits the core and glues it in.
   *
   * @return what comes after it
   */
  Need core(CoreReckoning core) {
    Glue bed = bed();
    if (core.section().squeezed()) {
      squeeze(core);
    }
    if (core.choice().work().drilledMm() > 0 && core.rod().innerMm() > 0) {
      drill(core);
    }
    if (core.section().count() > 1) {
      bundle(core);
    }
    core.parting().ifPresent(this::part);
    add(
        step(
                "core-fit",
                core.section().squeezed()
                    ? "Lay the squeezed core in dry"
                    : "Cut the core and lay it in dry",
                all(core))
            .time("rod-fitting", count("core-fit", "Cores to fit", work.made()))
            .after(has("cut") ? "cut" : "have")
            .afterIf(has("groove"), "groove")
            .afterIf(has("grind"), "grind")
            .afterIf(has("core-squeeze"), "core-squeeze")
            .afterIf(has("core-drill"), "core-drill")
            .afterIf(has("core-bundle"), "core-bundle")
            .afterIf(has("core-joint"), "core-joint")
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("fine saw", "80 grit paper", "tape")
            .cautions(Cautions.ROD_DUST));
    if (bedsInOneGo()) {
      return Need.after("core-fit");
    }
    add(bedding(core, bed).after("core-fit"));
    return bedded();
  }

  /** All rods with their lengths, straight and clean. */
  private String all(CoreReckoning core) {
    List<String> all = new ArrayList<>();
    int count = core.section().count();
    all.add(
        "%s%s, %s"
            .formatted(
                count > 1 ? count + " × " : "",
                core.rod().name(),
                core.length().show(work.units())));
    for (BesideReckoning it : core.beside()) {
      all.add(
          "%s%s, %s%s"
              .formatted(
                  it.choice().count() == 2 ? "2 × " : "",
                  it.rod().name(),
                  it.length().show(work.units()),
                  it.lies() == BesideReckoning.Lies.INSIDE ? ", slid into it" : ""));
    }
    return String.join("; ", all)
        + ": roll it on a flat board, take the straight one; deburr the ends"
        + (core.section().wall() > 0
            ? "; plug the open ends with foam, so that no glue runs in and nothing rattles"
            : "");
  }

  /** A core that comes apart is fitted before it is bedded. */
  private void part(PartingReckoning joint) {
    boolean spigot = joint.choice().way() == Parting.Way.SPIGOT;
    add(
        step(
                "core-joint",
                "Saw the core in two and fit its joint",
                "%s and %s; %s of %s %s, glued into one piece only; %s keeps it together"
                    .formatted(
                        joint.lower().show(work.units()),
                        joint.upper().show(work.units()),
                        joint.joinLength().show(work.units()),
                        joint.join().map(Rod::name).orElse("what joins them"),
                        spigot ? "inside both" : "over both",
                        joint.choice().lock().words()))
            .time("sawing", count("core-joint", "Cores to part", work.made()))
            .afterIf(has("core-squeeze"), "core-squeeze")
            .afterIf(has("core-drill"), "core-drill")
            .afterIf(has("core-bundle"), "core-bundle")
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("fine saw with a mitre box", "80 grit paper", "tape to shim it", "epoxy glue")
            .cautions(
                Cautions.ROD_DUST,
                Cautions.SHEETS,
                joint.choice().lock() == Parting.Lock.MAGNETS ? Cautions.MAGNET : ""));
  }

  /** Before any of it lies in foam: what is squeezed is hot. */
  private void squeeze(CoreReckoning core) {
    add(
        step(
                "core-squeeze",
                "Cut the core and squeeze it flat",
                "%s: warm it evenly with sand in it or on a mandrel, squeeze it between boards to"
                        .formatted(core.rod().name())
                    + " %s (%s wide), straighten it and hold it until it is cold"
                        .formatted(
                            core.height().show(work.units()), core.width().show(work.units())))
            .time("squeezing", count("core-squeeze", "Cores to squeeze", work.made()))
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("heat gun", "two flat boards", "spacers as high as it is to be", "thick gloves")
            .cautions(Cautions.HEAT, Cautions.ROD_DUST));
  }

  /** A bore as long as the rod is drilled from both its ends. */
  private void drill(CoreReckoning core) {
    add(
        step(
                "core-drill",
                "Cut the core and drill it through",
                "%s, a bore of %s: mark the middle of both ends, drill from each with a jig that"
                        .formatted(
                            core.rod().name(), Display.length(core.rod().innerMm(), work.units()))
                    + " holds it in line, a smaller bit first; try what goes inside")
            .time("rod-fitting", count("core-drill", "Rods to drill", work.made()))
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("drill with a jig or a press", "long bits", "vice with soft jaws")
            .cautions(Cautions.DRILL, Cautions.ROD_DUST));
  }

  /** Rods that bend as one hang together all along. */
  private void bundle(CoreReckoning core) {
    int count = core.section().count();
    add(
        step(
                "core-bundle",
                "Glue %d rods to one core".formatted(count),
                "%d × %s, %s: roughen them, spread epoxy or wood glue along each, bind them with"
                        .formatted(count, core.rod().name(), core.length().show(work.units()))
                    + " tape every hand's width, roll them straight on a flat board, weigh them"
                    + " down till the glue is hard (see its label)")
            .time("rod-fitting", count("core-bundle", "Rods to glue", (double) count * work.made()))
            .afterIf(has("core-drill"), "core-drill")
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("fine saw", "80 grit paper", "tape", "flat board", "weights")
            .cautions(Cautions.ROD_DUST, Cautions.SHEETS));
  }

  private Glue bed() {
    return work.choices().coreGlue().taken();
  }

  private StepBuilder bedding(CoreReckoning core, Glue bed) {
    boolean channel = core.bed().isPresent();
    return step(
            "core-bed",
            !channel
                ? "Glue the core in"
                : layers() == 1 || bedsInOneGo()
                    ? "Bed the core"
                    : "Bed the core in the front layer",
            channel
                ? bed.name() + inTheChannel(bed)
                : bed.name() + " where it goes in and comes out, and at every rib it passes")
        .time("bedding", count("core-bed", "Cores to bed", work.made()))
        .tools("flat board", "tape or clamps", "water spray")
        .cautions(bed.caution(), Cautions.SHEETS);
  }

  /**
   * Closes the layers over what lies in them, one joint after the other: cement that waits for the
   * next joint is dead by then.
   */
  void layers(Layers layered) {
    layIn();
    Need before = before();
    for (int joint = 1; joint < layered.each().size(); joint++) {
      before = join(joint, before);
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
              .time("laying-in", count("lay-in", "Things to lay in", laid.size() * work.made()))
              .after("pockets")
              .tools("contact cement or hot glue for what could rattle")
              .cautions(
                  laid.stream().anyMatch(it -> it.what().contains("battery"))
                      ? Cautions.BATTERY
                      : "",
                  laid.stream().anyMatch(it -> it.what().contains("magnet"))
                      ? Cautions.MAGNET
                      : ""));
    }
  }

  private List<Closing.Task> laidIn() {
    return Closing.of(form(), layered(), work.core()).stream()
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

  private Need join(int joint, Need before) {
    boolean only = layers() == 2;
    String which = "layers " + joint + " and " + (joint + 1);
    String spread = numbered("spread", joint);
    String join = numbered("join", joint);
    add(
        afterLayers(
            spread(
                spread,
                only
                    ? "Spread the " + cement().word() + " on both glue faces"
                    : "Spread the " + cement().word() + " between " + which,
                " on all of both faces" + (work.core().isPresent() ? " but the channel" : ""),
                spreadAmount(spread),
                before)));
    boolean over = closeOver(joint, spread);
    StepBuilder step =
        step(
                join,
                only ? "Join the layers and press" : "Join " + which + " and press",
                cement().grabs()
                    ? "It grabs at once: line up the centre lines at the base, then roll to the tip"
                    : "Line up the centre lines before it sets, and press from base to tip")
            .time("joining", count(join, "Joints to close", work.made()))
            .tools(
                "roller",
                "flat board with weights for " + Display.duration(cement().pressMinutes()));
    if (over) {
      step.need(Need.between("core-bed", 0, bed().joinByMinutes(), "before the core's glue sets"));
    }
    return closed(spread, step);
  }

  /** A core that is closed in one go is bedded while the layers' glue dries. */
  private boolean closeOver(int joint, String spread) {
    Optional<CoreReckoning> core =
        work.core()
            .filter(it -> bedsInOneGo())
            .filter(it -> WorkChoices.joint(work.body(), it) == joint);
    if (core.isPresent()) {
      add(
          bedding(core.get(), bed())
              .after("core-fit")
              .need(
                  Need.between(
                      spread,
                      0,
                      cement().joinByMinutes(),
                      "laid in before the layers close over it")));
    }
    return core.isPresent();
  }

  private Figure spreadAmount(String step) {
    Figure all = betweenLayers();
    return Figure.computed(
        "build." + step + ".amount",
        "Faces to spread",
        Quantity.AREA,
        "{%s} * %d / %d".formatted(all.id(), work.made(), layers() - 1),
        Source.GEOMETRY,
        all);
  }

  /** The band's own faces are spread when it goes on. */
  private Figure betweenLayers() {
    Figure all = layered().glued();
    return layered()
        .band()
        .map(
            it ->
                Figure.computed(
                    "build.between",
                    "Faces between the layers",
                    Quantity.AREA,
                    "{%s} - {%s}".formatted(all.id(), it.glued().id()),
                    Source.GEOMETRY,
                    all,
                    it.glued()))
        .orElse(all);
  }

  /**
   * Puts together what is made of pieces: edge to edge, or one slice on the next.
   *
   * @return what comes after it
   */
  Need pieces() {
    Need before = before();
    if (work.body().glued().value() == 0) {
      return before;
    }
    add(
        spread(
            "spread",
            "Spread the " + cement().word() + " where its pieces meet",
            " on both faces of every joint, one joint after the other",
            times(work.made(), "spread", "Faces to spread", work.body().glued()),
            before));
    closed(
        "spread",
        step(
                "join",
                "Join its pieces",
                cement().grabs()
                    ? "It grabs at once: start in the middle, then to both ends"
                    : "Start in the middle, then to both ends, before it sets")
            .time(
                "joining",
                count("join", "Joints to close", Math.max(1, work.body().seams()) * work.made()))
            .tools("roller"));
    return rested("join");
  }

  private Need closed(String spread, StepBuilder step) {
    add(
        step.need(
            Need.between(
                spread,
                cement().waitMinutes(),
                cement().joinByMinutes(),
                cement().grabs() ? "dry to the touch, not yet dead" : "before it sets")));
    return Need.after(step.id());
  }

  private static String inTheChannel(Glue bed) {
    return bed.id().equals(Glue.FOR_CORE)
        ? " in the channel, damp, a third of the gap filled: it foams up"
        : " in the channel, all round the core";
  }

  private StepBuilder spread(String id, String title, String where, Figure amount, Need before) {
    return step(id, title, cement().name() + where)
        .time("spreading", amount)
        .need(before)
        .glue(cement().id())
        .tools("brush or spreader", "moving air")
        .cautions(cement().caution(), Cautions.SHEETS);
  }
}

package stoutblade.build;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import stoutblade.body.Body;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Coating;
import stoutblade.feature.Fixing;
import stoutblade.finish.CoatReckoning;

/**
 * Derives the steps of making a part, whatever its shape, from what was decided about it.
 *
 * <p>Each step names what it needs; so a channel is grooved while the sheet is still wide enough to
 * guide the tool, the core lies in its bed before the layers close over it, and nothing is sealed
 * before it is shaped.
 */
public final class PartSteps extends StepMaker {

  private PartSteps(Work work, Catalogue catalogue, List<Step> steps) {
    super(work, catalogue, steps);
  }

  /** The steps, each after those it needs, under ids of the part's own. */
  public static List<Step> of(Work work, Catalogue catalogue) {
    List<Step> steps = new ArrayList<>();
    PartSteps part = new PartSteps(work, catalogue, steps);
    Need shaped =
        work.body().isCut()
            ? cut(work, catalogue, steps, part)
            : work.body().piping().isPresent()
                ? new PipeSteps(work, catalogue, steps).make(work.body().piping().get())
                : part.have(new JoinSteps(work, catalogue, steps));
    part.fixings(shaped);
    part.finish(work.carrier().map(it -> part.fix(it, shaped)).orElse(shaped));
    return List.copyOf(steps);
  }

  /** The step after which something can be fixed to a part. */
  public static String shaped(Body body) {
    return body.isCut() ? "sand" : "have";
  }

  private static Need cut(Work work, Catalogue catalogue, List<Step> steps, PartSteps part) {
    new CutSteps(work, catalogue, steps).make();
    JoinSteps join = new JoinSteps(work, catalogue, steps);
    if (work.body().layered() && part.eachBevelled()) {
      new ShapeSteps(work, catalogue, steps).each(part.layered());
    }
    work.core().ifPresent(join::core);
    if (work.body().layered()) {
      join.layers(part.layered());
      new ShapeSteps(work, catalogue, steps).make(part.layered());
    } else {
      part.add(part.sand(join.pieces()));
    }
    return Need.after(shaped(work.body()));
  }

  /** A bought thing is there, and a length of it is cut; then its core is glued in. */
  private Need have(JoinSteps join) {
    add(
        step("have", "Have it ready", "Try it where it goes before anything is glued")
            .time("rod-fitting", count("have", "Things to get ready", work.made()))
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("fine saw", "80 grit paper")
            .cautions(Cautions.ROD_DUST));
    return work.core().map(join::core).orElse(Need.after("have"));
  }

  /** Holes are marked from the shaped part; what comes off again is off while it is coated. */
  private void fixings(Need shaped) {
    List<Fixing> all = work.fixings();
    int count = all.stream().mapToInt(it -> it.spots().size()).sum();
    if (count == 0) {
      return;
    }
    String what =
        all.stream()
            .map(it -> "%d × %s".formatted(it.spots().size(), it.what().inWords()))
            .collect(Collectors.joining(", "));
    add(
        step("fixings", "Set the fixings and try them", what + "; the finish goes on without them")
            .time("fixing", count("fixings", "Fixings to set", count * work.made()))
            .need(shaped)
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("drill or hole punch", "screwdriver or spanner", "glue for nuts and pads")
            .cautions(Cautions.DRILL, cement().caution()));
  }

  /** What is fixed to another part is fixed when both are shaped, before it is coated. */
  private Need fix(Work.Carrier carrier, Need shaped) {
    add(
        step(
                "fix",
                "Fix it to " + carrier.name(),
                "Both faces spread and dry to the touch first; try it dry before")
            .time("joining", count("fix", "Places to fix it", work.made()))
            .need(shaped)
            .after(carrier.shapedStep())
            .tools("brush or spreader", "pencil marks on both")
            .cautions(cement().caution(), Cautions.SHEETS));
    return rested("fix");
  }

  private void finish(Need fixed) {
    Need before = fixed;
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
        step("measure", "Measure and weigh it", "What was built against the plan")
            .time("measuring", count("measure", "Pieces to measure", work.made()))
            .need(before)
            .afterIf(has("fixings"), "fixings")
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
        step(id, title, heat ? "Closes the foam before anything wet" : "Planned in the finish")
            .time(heat ? "heat-sealing" : "coating", surface(id))
            .need(before)
            .tools(heat ? "heat gun" : "brush, sponge or spray as the label says", "stand");
    builder.afterIf(work.buys(), WorkSteps.BUY);
    return heat
        ? builder.cautions(Cautions.HEAT, coating.caution())
        : builder.cautions(coating.caution(), Cautions.SHEETS);
  }
}

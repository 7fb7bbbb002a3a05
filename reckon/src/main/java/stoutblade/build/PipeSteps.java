package stoutblade.build;

import java.util.List;
import java.util.stream.Collectors;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Figure;
import stoutblade.pipework.PipeCut;
import stoutblade.pipework.Piping;

/** The steps of a skeleton of pipe: sawn and deburred, bent, put together dry, then cemented. */
final class PipeSteps extends StepMaker {

  PipeSteps(Work work, Catalogue catalogue, List<Step> steps) {
    super(work, catalogue, steps);
  }

  /**
   * Makes them.
   *
   * @return what comes after it
   */
  Need make(Piping piping) {
    saw(piping);
    bend(piping);
    long joints = piping.skeleton().fittings().values().stream().mapToLong(it -> it).sum();
    if (joints > 0) {
      dry(piping, joints);
    }
    together(joints);
    return Need.after("have");
  }

  private void saw(Piping piping) {
    String list =
        piping.alike().stream()
            .map(it -> it.cuts().size() * work.made() + " × " + it.length().show(work.units()))
            .collect(Collectors.joining(", "));
    int count = piping.cuts().size() * work.made();
    add(
        step("saw", "Saw the pipes and deburr them", piping.rod().name() + ": " + list)
            .time("sawing", count("saw", "Pipes to saw", count))
            .afterIf(work.buys(), WorkSteps.BUY)
            .tools("pipe cutter or fine saw with a mitre box", "deburring knife or 80 grit paper")
            .cautions(Cautions.ROD_DUST));
  }

  private void bend(Piping piping) {
    int bends = piping.cuts().stream().mapToInt(it -> it.bends().size()).sum();
    if (bends > 0) {
      String where =
          piping.cuts().stream()
              .flatMap(it -> it.bends().stream())
              .map(this::said)
              .distinct()
              .collect(Collectors.joining("; "));
      add(
          step(
                  "bend",
                  bends == 1 ? "Bend the pipe in heat" : "Bend the pipes in heat",
                  where
                      + "; fill it with sand or a spring so that it stays round, hold it along"
                      + " the template until it is cold")
              .time("bending", count("bend", "Bends", bends * work.made()))
              .after("saw")
              .tools("heat gun", "dry sand and two plugs", "template on a board", "thick gloves")
              .cautions(Cautions.HEAT));
    }
  }

  private String said(PipeCut.Bend bend) {
    Figure start = mm("bend.start", bend.startMm());
    Figure radius = mm("bend.radius", bend.radius());
    return "by %.0f° round a radius of %s, from %s on"
        .formatted(
            Math.toDegrees(bend.angle()), radius.show(work.units()), start.show(work.units()));
  }

  private void dry(Piping piping, long joints) {
    String all =
        piping.skeleton().fittings().entrySet().stream()
            .map(it -> it.getKey().counted(it.getValue() * work.made()))
            .collect(Collectors.joining(", "));
    add(
        step(
                "dry",
                "Put it together dry, measure it and mark every turn",
                all + "; dry sockets stop short, so it stands a little too large")
            .time("rod-fitting", count("dry", "Joints to try", (double) joints * work.made()))
            .after(has("bend") ? "bend" : "saw")
            .tools("rubber mallet", "tape measure", "pen: a line over each joint"));
  }

  private void together(long joints) {
    boolean glued = joints > 0;
    add(
        step(
                "have",
                glued ? "Cement its joints" : "Have the pipe ready",
                glued
                    ? "One joint at a time, pushed home with a quarter turn to its mark; what is to"
                        + " come apart again is pinned or screwed instead"
                    : "Try it where it goes before anything is glued")
            .time(
                "joining",
                count("have", "Joints to close", (double) Math.max(1, joints) * work.made()))
            .after(has("dry") ? "dry" : has("bend") ? "bend" : "saw")
            .tools("pipe cement of its kind", "rag")
            .cautions(Cautions.PIPE_CEMENT, Cautions.SHEETS));
  }
}

package stoutblade.build;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import stoutblade.catalogue.Catalogue;
import stoutblade.measure.Scope;

/**
 * The steps of all parts put together, with those that all of them share: what is bought, printed
 * and held up before, and packed after.
 */
public final class WorkSteps {

  /** The step of buying what is missing. */
  public static final String BUY = "all/buy";

  /** The step of printing the templates. */
  public static final String PRINT = "all/print";

  /** The step of holding the paper up. */
  public static final String HOLD_UP = "all/hold-up";

  /** The step of packing. */
  public static final String PACK = "all/pack";

  private static final String SHARED = "all/";

  private WorkSteps() {}

  /** True for a step of a prop, and for one that all props share. */
  public static boolean concerns(Step step, String propId) {
    return step.id().startsWith(SHARED) || step.id().startsWith(propId + "/");
  }

  /**
   * The steps of one part, under ids of the project.
   *
   * @param steps each after those it needs, its last one last
   */
  public record OfPart(List<Step> steps) {

    /** Copies the steps. */
    public OfPart {
      steps = List.copyOf(steps);
    }

    /**
     * Steps that are called after their part.
     *
     * @param scope makes ids of the part's own to ids of the project
     * @param name what the part is called; empty where it is the only one
     * @param own under ids of its own
     */
    public static OfPart of(Scope scope, String name, List<Step> own) {
      return new OfPart(own.stream().map(it -> scoped(it, scope, name)).toList());
    }
  }

  /**
   * Puts them together, each after those it needs.
   *
   * @param missing things still to buy
   * @param pages pages of templates to print and join
   * @param papers outlines of paper to hold up
   * @param props how many props they make
   */
  public static List<Step> of(
      List<OfPart> parts, int missing, long pages, int papers, int props, Catalogue catalogue) {
    List<Step> all = new ArrayList<>();
    if (missing > 0) {
      all.add(
          new StepBuilder(catalogue, BUY, "Buy what is missing", missing + lines(missing))
              .time("shopping", StepMaker.count(BUY, "Lines on the list to buy", missing))
              .build());
    }
    if (papers > 0) {
      all.add(
          new StepBuilder(
                  catalogue,
                  PRINT,
                  "Print and join the templates",
                  pages + (pages == 1 ? " page" : " pages") + " at true size")
              .time("printing", StepMaker.count(PRINT, "Pages of templates", (double) pages))
              .tools("printer at 100 %", "ruler", "clear tape")
              .build());
      all.add(
          new StepBuilder(
                  catalogue,
                  HOLD_UP,
                  props == 1
                      ? "Cut the paper outline and hold it"
                      : "Cut the paper outlines and hold them",
                  "Size is checked before any foam is cut")
              .time("holding-up", StepMaker.count(HOLD_UP, "Paper outlines", props))
              .after(PRINT)
              .tools("scissors", "mirror")
              .build());
    }
    List<String> last = new ArrayList<>();
    for (OfPart part : parts) {
      all.addAll(part.steps());
      last.add(part.steps().getLast().id());
    }
    StepBuilder pack =
        new StepBuilder(
                catalogue,
                PACK,
                "Read the event's rules again and pack",
                "Length, weight, points and cores are judged by the event, not by us")
            .time("packing", StepMaker.count(PACK, "Props to pack", props))
            .tools("cover for the edges", "repair kit: cement, tape, paint");
    last.forEach(pack::after);
    all.add(pack.build());
    return inOrder(all);
  }

  private static String lines(int missing) {
    return (missing == 1 ? " line" : " lines") + " on the list to buy";
  }

  private static Step scoped(Step step, Scope scope, String name) {
    String title =
        name.isEmpty()
            ? step.title()
            : name
                + ": "
                + step.title().substring(0, 1).toLowerCase(Locale.ENGLISH)
                + step.title().substring(1);
    return new Step(
        scope.id(step.id()),
        title,
        step.why(),
        scope.of(step.handsOn()).labelled(title),
        step.needs().stream().map(it -> it.of(scope.id(it.stepId()))).toList(),
        step.tools(),
        step.cautions(),
        step.glueId(),
        step.divisible(),
        step.paceId());
  }

  /** Each after those that it needs: a part may be fixed to one that stands further down. */
  private static List<Step> inOrder(List<Step> steps) {
    List<Step> ordered = new ArrayList<>();
    Set<String> there = new HashSet<>();
    Set<String> known = new HashSet<>();
    steps.forEach(it -> known.add(it.id()));
    List<Step> waiting = new ArrayList<>(steps);
    while (!waiting.isEmpty()) {
      Step next =
          waiting.stream()
              .filter(
                  it ->
                      it.needs().stream()
                          .allMatch(
                              need ->
                                  there.contains(need.stepId()) || !known.contains(need.stepId())))
              .findFirst()
              .orElseThrow();
      waiting.remove(next);
      there.add(next.id());
      ordered.add(
          next.withNeeds(next.needs().stream().filter(it -> known.contains(it.stepId())).toList()));
    }
    return ordered;
  }
}

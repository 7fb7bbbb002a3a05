package stoutblade.build;

import java.util.List;
import java.util.OptionalDouble;
import stoutblade.measure.Figure;

/**
 * A step of the work.
 *
 * @param id unique within the plan, and the same as long as the decision behind it stands
 * @param title what is done, as an instruction
 * @param why what it follows from
 * @param handsOn time with hands on it
 * @param needs what must be done before, with the waiting after it
 * @param tools what is needed
 * @param cautions what it can do to a person
 * @param glueId the glue whose clock this step starts; empty for none
 * @param divisible true where it may be spread over several sittings
 * @param paceId the pace that its time follows from; empty for none
 */
public record Step(
    String id,
    String title,
    String why,
    Figure handsOn,
    List<Need> needs,
    List<String> tools,
    List<String> cautions,
    String glueId,
    boolean divisible,
    String paceId) {

  /** Copies the lists. */
  public Step {
    needs = List.copyOf(needs);
    tools = List.copyOf(tools);
    cautions = List.copyOf(cautions);
  }

  /**
   * A step that must be done before another.
   *
   * @param stepId the earlier step
   * @param notBefore least time from its end to the start of this one, in minutes
   * @param notAfter greatest such time, in minutes; empty where there is none
   * @param reason why there is a wait; empty for none
   */
  public record Need(String stepId, double notBefore, OptionalDouble notAfter, String reason) {

    /** The same after a step under another id. */
    Need of(String otherId) {
      return new Need(otherId, notBefore, notAfter, reason);
    }

    /** Any time after another step. */
    public static Need after(String stepId) {
      return new Need(stepId, 0, OptionalDouble.empty(), "");
    }

    /** No sooner than some time after another step. */
    public static Need after(String stepId, double minutes, String reason) {
      return new Need(stepId, minutes, OptionalDouble.empty(), reason);
    }

    /** Between two times after another step. */
    public static Need between(String stepId, double notBefore, double notAfter, String reason) {
      return new Need(stepId, notBefore, OptionalDouble.of(notAfter), reason);
    }
  }

  /** The same taking another time. */
  Step taking(Figure changed) {
    return new Step(id, title, why, changed, needs, tools, cautions, glueId, divisible, paceId);
  }

  /** The same with other needs. */
  Step withNeeds(List<Need> changed) {
    return new Step(id, title, why, handsOn, changed, tools, cautions, glueId, divisible, paceId);
  }

  /** Time with hands on it, in minutes. */
  public double minutes() {
    return handsOn.value();
  }
}

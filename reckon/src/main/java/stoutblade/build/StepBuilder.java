package stoutblade.build;

import java.util.ArrayList;
import java.util.List;
import stoutblade.build.Step.Need;
import stoutblade.catalogue.Catalogue;
import stoutblade.catalogue.Pace;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/** Assembles a step of the plan. */
final class StepBuilder {

  private final Catalogue catalogue;
  private final String id;
  private final String title;
  private final String why;
  private Figure handsOn;
  private String glueId = "";
  private String paceId = "";
  private boolean divisible;
  private final List<Need> needs = new ArrayList<>();
  private List<String> tools = List.of();
  private List<String> cautions = List.of();

  StepBuilder(Catalogue catalogue, String id, String title, String why) {
    this.catalogue = catalogue;
    this.id = id;
    this.title = title;
    this.why = why;
  }

  /** The step's id. */
  String id() {
    return id;
  }

  /** Hands-on time from a pace and what is to be done. */
  StepBuilder time(String ofPace, Figure amount) {
    paceId = ofPace;
    Pace pace = catalogue.pace(paceId);
    String root = "build." + id;
    Figure setUp =
        Figure.given(
            root + ".set-up",
            "Setting up",
            pace.setUpMinutes(),
            Quantity.DURATION,
            pace.shownSource());
    Figure each =
        Figure.given(
            root + ".pace",
            "Time for each " + unitName(pace),
            pace.minutesPerUnit(),
            Quantity.DURATION,
            pace.shownSource());
    String per =
        switch (pace.unit()) {
          case METRE -> " / [1 m]";
          case SQUARE_METRE -> " / [1 m²]";
          case PIECE -> "";
        };
    handsOn =
        Figure.computed(
            root + ".minutes",
            title,
            Quantity.DURATION,
            "{%s.set-up} + {%s.pace} * {%s}%s".formatted(root, root, amount.id(), per),
            Source.GEOMETRY,
            setUp,
            each,
            amount);
    return this;
  }

  private static String unitName(Pace pace) {
    return switch (pace.unit()) {
      case METRE -> "metre";
      case SQUARE_METRE -> "square metre";
      case PIECE -> "piece";
    };
  }

  StepBuilder after(String stepId) {
    needs.add(Need.after(stepId));
    return this;
  }

  StepBuilder afterIf(boolean wanted, String stepId) {
    return wanted ? after(stepId) : this;
  }

  StepBuilder need(Need need) {
    needs.add(need);
    return this;
  }

  StepBuilder tools(String... names) {
    tools = List.of(names);
    return this;
  }

  StepBuilder cautions(String... words) {
    cautions = List.of(words).stream().filter(it -> !it.isBlank()).toList();
    return this;
  }

  StepBuilder glue(String id) {
    glueId = id;
    return this;
  }

  StepBuilder divisible() {
    divisible = true;
    return this;
  }

  Step build() {
    return new Step(id, title, why, handsOn, needs, tools, cautions, glueId, divisible, paceId);
  }
}

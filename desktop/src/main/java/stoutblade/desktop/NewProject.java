package stoutblade.desktop;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import stoutblade.build.FreeHours;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.PropEdits;
import stoutblade.event.Event;
import stoutblade.journal.Journal;
import stoutblade.project.Cutting;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearer;
import stoutblade.wearer.Wearers;

/** What a project starts with. */
public final class NewProject {

  private static final int WEEKS = 8;

  private NewProject() {}

  /** A first project. */
  public static Project first(LocalDateTime now) {
    return new Project(
        Texts.WINDOW.of("new-project"),
        new Event(
            Texts.WINDOW.of("the-event"),
            now.toLocalDate().plusWeeks(WEEKS).atTime(10, 0),
            Event.USUAL_READY_BEFORE),
        FreeHours.EVENINGS_AND_WEEKENDS,
        Map.of(),
        List.of(),
        Cutting.USUAL,
        Paper.A4,
        Journal.EMPTY,
        Wearers.of(new Wearer(Texts.WINDOW.of("wearer"), 1700)),
        List.of(PropEdits.blank(Prop.FIRST, Texts.WINDOW.of("new-prop"), Wearers.FIRST)));
  }

  /**
   * A project after another: the same wearers and way, event, free hours, shelf, paper and tools.
   */
  public static Project after(Project before, LocalDateTime now) {
    Project first = first(now);
    Prop prop = first.first();
    Prop like = before.first();
    return first
        .withWearers(before.wearers())
        .withProps(
            List.of(
                prop.withWearer(like.wearerId())
                    .withSize(prop.size().withPassages(like.size().passages()))))
        .withEvent(before.event())
        .withFreeHours(before.freeHours())
        .withShelf(before.shelf())
        .withCutting(
            new Cutting(
                List.of(),
                before.cutting().lengths(),
                before.cutting().cutter(),
                before.cutting().cutters(),
                before.cutting().scale()))
        .withPaper(before.paper());
  }
}

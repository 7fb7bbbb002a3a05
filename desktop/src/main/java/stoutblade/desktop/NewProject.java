package stoutblade.desktop;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import stoutblade.build.FreeHours;
import stoutblade.event.Event;
import stoutblade.finish.Coats;
import stoutblade.journal.Journal;
import stoutblade.part.Defaults;
import stoutblade.project.Project;
import stoutblade.project.Size;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.template.Paper;
import stoutblade.wearer.Wearer;

/** What a project starts with. */
public final class NewProject {

  private static final int WEEKS = 8;

  private NewProject() {}

  /** A first project. */
  public static Project first(LocalDateTime now) {
    return new Project(
        "New prop",
        Size.of(new Wearer("Wearer", 1700)),
        new Event(
            "The event",
            now.toLocalDate().plusWeeks(WEEKS).atTime(10, 0),
            Event.USUAL_READY_BEFORE),
        FreeHours.EVENINGS_AND_WEEKENDS,
        Map.of(),
        Paper.A4,
        Journal.EMPTY,
        new Defaults(
            Layering.of(2, "eva-high-density", 10, Profile.bevel(20, 4)),
            List.of(new Coats("heat-seal", 1), new Coats("flexible-primer", 3))),
        List.of(),
        List.of());
  }

  /** A project after another: the same wearers and way, event, free hours, shelf and paper. */
  public static Project after(Project before, LocalDateTime now) {
    return first(now)
        .withSize(
            Size.of(before.wearer())
                .withWearers(before.size().wearers())
                .withPassages(before.size().passages()))
        .withEvent(before.event())
        .withFreeHours(before.freeHours())
        .withShelf(before.shelf())
        .withPaper(before.paper());
  }
}

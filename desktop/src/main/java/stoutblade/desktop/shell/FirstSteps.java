package stoutblade.desktop.shell;

import java.util.List;
import stoutblade.derive.Derived;
import stoutblade.desktop.Key;
import stoutblade.desktop.texts.Texts;
import stoutblade.part.Cut;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.project.Size;
import stoutblade.project.Station;

/**
 * The first way from a picture to a template, in five steps, each done or not by what is in the
 * project.
 *
 * @param title what is done
 * @param how how, in a sentence
 * @param station where
 * @param done true where it is done
 */
public record FirstSteps(String title, String how, Station station, boolean done) {

  /** The five steps of a prop as it stands. */
  public static List<FirstSteps> of(Derived derived, Prop prop) {
    Project project = derived.project();
    Size size = prop.size();
    boolean picture =
        !size.references().isEmpty() || !size.models().isEmpty() || !size.tracings().isEmpty();
    boolean scaled =
        size.references().stream().anyMatch(it -> !it.rulers().isEmpty())
            || !size.models().isEmpty()
            || !size.tracings().isEmpty();
    return List.of(
        new FirstSteps(
            Texts.WINDOW.of("bring-in-a-picture-of"),
            Texts.WINDOW.of("press-or-drag-one-into-the-window", Key.PICTURE.label()),
            Station.SIZE,
            picture),
        new FirstSteps(
            Texts.WINDOW.of("say-how-large-something-in"),
            Texts.WINDOW.of("press-and-drag-from-the-top", Key.PERSON.label(), Key.KNOWN.label()),
            Station.SIZE,
            scaled),
        new FirstSteps(
            Texts.WINDOW.of("mark-how-long-the-prop"),
            Texts.WINDOW.of("press-and-drag-from-one-end", Key.WHOLE.label()),
            Station.SIZE,
            derived.prop(prop.id()).sizing().wholeLength().isPresent()),
        new FirstSteps(
            Texts.WINDOW.of("draw-the-first-part"),
            Texts.WINDOW.of("press-and-click-along-its-edge", Key.DRAW.label()),
            Station.DRAFT,
            prop.parts().stream().anyMatch(FirstSteps::drawn)),
        new FirstSteps(
            Texts.WINDOW.of("print-its-template"),
            Texts.WINDOW.of("press-then-measure-the-check-length", Key.PRINT.label()),
            Station.CUT,
            !project.journal().printed().isEmpty()));
  }

  private static boolean drawn(Part part) {
    return part.cut().map(Cut::outline).map(it -> it.drawn()).orElse(true);
  }

  /** True where nothing is in a project yet. */
  public static boolean empty(Project project) {
    return project.props().stream()
        .allMatch(
            it ->
                it.parts().isEmpty()
                    && it.size().references().isEmpty()
                    && it.size().models().isEmpty()
                    && it.size().tracings().isEmpty());
  }
}

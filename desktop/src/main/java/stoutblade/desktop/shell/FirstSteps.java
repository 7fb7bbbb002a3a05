package stoutblade.desktop.shell;

import java.util.List;
import stoutblade.derive.Derived;
import stoutblade.desktop.Key;
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
            "Bring in a picture of it",
            press(Key.PICTURE)
                + ", drag one into the window, or paste it. One with somebody holding it is best.",
            Station.SIZE,
            picture),
        new FirstSteps(
            "Say how large something in it is",
            press(Key.PERSON)
                + " and drag from the top of the head to the heel, or "
                + Key.KNOWN.label()
                + " along a thing whose size you know.",
            Station.SIZE,
            scaled),
        new FirstSteps(
            "Mark how long the prop is",
            press(Key.WHOLE) + " and drag from one end of it to the other.",
            Station.SIZE,
            derived.prop(prop.id()).sizing().wholeLength().isPresent()),
        new FirstSteps(
            "Draw the first part",
            press(Key.DRAW) + " and click along its edge. A blade needs one edge only.",
            Station.DRAFT,
            prop.parts().stream().anyMatch(FirstSteps::drawn)),
        new FirstSteps(
            "Print its template",
            press(Key.PRINT) + ". Measure the check length on the paper before you cut.",
            Station.CUT,
            !project.journal().printed().isEmpty()));
  }

  private static String press(Key key) {
    return "Press " + key.label();
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

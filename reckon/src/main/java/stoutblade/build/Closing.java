package stoutblade.build;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import stoutblade.core.Channel;
import stoutblade.core.CoreReckoning;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Recess;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Pocket;

/**
 * What is done before a joint between two layers is closed, because afterwards nothing gets there.
 *
 * @param number of the layer in front of the joint, which closes it
 * @param tasks what is done, in order
 */
public record Closing(int number, List<Task> tasks) {

  private static final double SAME_MM = 1e-6;

  /** Kinds of work, in the order in which they are done. */
  public enum Kind {
    GRIND("grind the texture off"),
    GROOVE("cut the channel"),
    POCKET("cut the pocket for"),
    LAY_IN("lay in");

    private final String words;

    Kind(String words) {
      this.words = words;
    }
  }

  /**
   * One thing to do.
   *
   * @param kind what kind of work
   * @param what is laid in or made room for; empty where the kind says it all
   * @param layer the layer that is worked
   */
  public record Task(Kind kind, String what, int layer) {}

  /** Copies the tasks. */
  public Closing {
    tasks = List.copyOf(tasks);
  }

  /** The joints before which there is something to do, from the back. */
  public static List<Closing> of(PlateForm form, Layers layers, Optional<CoreReckoning> core) {
    List<Pocket> pockets = Pocket.of(form, layers);
    List<Channel> channels = core.map(it -> Channel.of(layers, it)).orElse(List.of());
    List<Closing> all = new ArrayList<>();
    Set<Task> done = new HashSet<>();
    for (int number = 2; number <= layers.each().size(); number++) {
      Layer behind = layers.each().get(number - 2);
      Layer front = layers.each().get(number - 1);
      List<Task> tasks = new ArrayList<>();
      textures(behind, front, tasks);
      grooves(behind, front, channels, tasks);
      pockets(behind, front, pockets, tasks);
      laidIn(front, layers, pockets, tasks);
      if (!channels.isEmpty() && channels.getLast().layer().number() == number) {
        tasks.add(new Task(Kind.LAY_IN, "the core", number));
      }
      // What was done for a joint before is done.
      List<Task> left = tasks.stream().distinct().filter(done::add).toList();
      if (!left.isEmpty()) {
        all.add(new Closing(number, left));
      }
    }
    return all;
  }

  private static void textures(Layer behind, Layer front, List<Task> tasks) {
    if (behind.texturedInFront()) {
      tasks.add(new Task(Kind.GRIND, "", behind.number()));
    }
    if (front.texturedBehind()) {
      tasks.add(new Task(Kind.GRIND, "", front.number()));
    }
  }

  private static void grooves(Layer behind, Layer front, List<Channel> channels, List<Task> tasks) {
    for (Channel it : channels) {
      int number = it.layer().number();
      if (number == behind.number() || number == front.number()) {
        tasks.add(new Task(Kind.GROOVE, "", number));
      }
    }
  }

  /** Pockets that open on the joint. */
  private static void pockets(Layer behind, Layer front, List<Pocket> pockets, List<Task> tasks) {
    for (Pocket it : pockets) {
      int number = it.layer().number();
      boolean opensHere =
          number == behind.number()
              ? it.front() || it.through()
              : number == front.number() && (!it.front() || it.through());
      if (opensHere) {
        tasks.add(new Task(Kind.POCKET, it.recess().what().words(), number));
      }
    }
  }

  /** What is shut in by the layer in front: its pocket ends at the joint or in that layer. */
  private static void laidIn(Layer front, Layers layers, List<Pocket> pockets, List<Task> tasks) {
    double thick = layers.thickness().value();
    pockets.stream()
        .map(Pocket::recess)
        .distinct()
        .filter(it -> it.over() > SAME_MM && it.top() < thick - SAME_MM)
        .filter(it -> lastJoint(it, layers) == front.number())
        .forEach(it -> tasks.add(new Task(Kind.LAY_IN, it.what().words(), front.number())));
  }

  /** The layer in front of the highest joint that a recess reaches; 0 for none. */
  private static int lastJoint(Recess recess, Layers layers) {
    int last = 0;
    for (Layer it : layers.each().subList(1, layers.each().size())) {
      boolean reaches = recess.over() < it.from() + SAME_MM && recess.top() > it.from() - SAME_MM;
      last = reaches ? it.number() : last;
    }
    return last;
  }

  /** For a person to read: before which layer, and what. */
  public String words() {
    Map<String, List<String>> layers = new LinkedHashMap<>();
    for (Task task : tasks) {
      String what = task.kind.words + (task.what.isEmpty() ? "" : " " + task.what);
      layers
          .computeIfAbsent(what, it -> new ArrayList<>())
          .add(task.kind == Kind.LAY_IN ? "" : Integer.toString(task.layer));
    }
    List<String> words = new ArrayList<>();
    layers.forEach((what, in) -> words.add(what + in(in)));
    return "Before layer " + number + " goes on: " + String.join(", ", words);
  }

  private static String in(List<String> layers) {
    if (layers.getFirst().isEmpty()) {
      return "";
    }
    return (layers.size() > 1 ? " in layers " : " in layer ") + String.join(" and ", layers);
  }
}

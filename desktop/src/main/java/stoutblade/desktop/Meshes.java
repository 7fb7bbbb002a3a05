package stoutblade.desktop;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import javafx.scene.image.Image;
import stoutblade.desktop.texts.Texts;
import stoutblade.formats.ModelFile;
import stoutblade.mesh.MeshSection;
import stoutblade.mesh.Shading;
import stoutblade.mesh.Silhouette;
import stoutblade.reference.Model;
import stoutblade.reference.Orientation;
import stoutblade.reference.Orientation.View;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/**
 * The meshes of the models of what is open, read from their kept files when they are first asked
 * for, with what they look like from each side. All of it is made off the window's thread.
 */
public final class Meshes {

  private static final int SHADING_PX = 900;
  private static final int MOST_SEEN = 24;

  private final Desk desk;
  private final BackgroundTasks tasks;
  private final Map<String, ModelFile> files = new HashMap<>();
  private final Map<String, MeshSection.Cutter> cutters = new HashMap<>();
  private final Map<Side, Seen> seen = new LinkedHashMap<>();
  private final Set<Object> making = new HashSet<>();
  private final List<Runnable> listeners = new ArrayList<>();

  private record Side(String digest, Orientation orientation, View view) {}

  /**
   * A model from a side.
   *
   * @param silhouette its outline, in its units
   * @param image how it looks
   * @param frame where the image lies, in the model's units, y up
   */
  public record Seen(Silhouette silhouette, Image image, Box frame) {}

  /** The meshes of what is on the desk. */
  public Meshes(Desk desk, BackgroundTasks tasks) {
    this.desk = desk;
    this.tasks = tasks;
  }

  /** Called when something that was asked for has been made. */
  public void whenChanged(Runnable changed) {
    listeners.add(changed);
  }

  private void changed() {
    listeners.forEach(Runnable::run);
  }

  /** Adds a model that was just read. */
  public void add(ModelFile file) {
    files.put(file.digest(), file);
  }

  /** The file of a model, once it is read. */
  public Optional<ModelFile> file(Model model) {
    ModelFile ready = files.get(model.digest());
    byte[] bytes = desk.document().files().get(model.digest());
    if (ready == null && bytes != null && making.add(model.digest())) {
      tasks.start(
          Texts.WINDOW.of("reading-picture", model.name()),
          progress -> ModelFile.read(model.name(), bytes, progress),
          read -> {
            making.remove(model.digest());
            files.put(model.digest(), read);
            changed();
          });
    }
    return Optional.ofNullable(ready);
  }

  /** A model from a side, once that is worked out. */
  public Optional<Seen> seen(Model model, View view) {
    Side side = new Side(model.digest(), model.orientation(), view);
    Seen ready = seen.get(side);
    if (ready == null) {
      file(model).filter(it -> making.add(side)).ifPresent(it -> look(it, side));
    }
    return Optional.ofNullable(ready);
  }

  private void look(ModelFile file, Side side) {
    tasks.start(
        Texts.WINDOW.of("of", side.view.words(), file.name()),
        progress -> seen(file, side, progress),
        made -> {
          making.remove(side);
          seen.put(side, made);
          if (seen.size() > MOST_SEEN) {
            seen.remove(seen.keySet().iterator().next());
          }
          changed();
        });
  }

  private static Seen seen(ModelFile file, Side side, DoubleConsumer progress) {
    Silhouette silhouette =
        Silhouette.of(
            file.mesh(), side.orientation, side.view, share -> progress.accept(0.7 * share));
    Shading shading =
        Shading.of(
            file.mesh(),
            side.orientation,
            side.view,
            SHADING_PX,
            share -> progress.accept(0.7 + 0.3 * share));
    return new Seen(
        silhouette, Pictures.levels(shading.pixels()).images().getFirst(), shading.frame());
  }

  /**
   * The section by the plane through a line in a view and the line of sight.
   *
   * @param from one place of the line, in the model's units as seen in the view
   * @param to another
   */
  public Optional<MeshSection> section(Model model, View view, Point from, Point to) {
    if (from.distance(to) <= 0) {
      return Optional.empty();
    }
    return file(model)
        .map(
            it ->
                cutters
                    .computeIfAbsent(it.digest(), key -> new MeshSection.Cutter(it.mesh()))
                    .along(model.orientation(), view, from, to));
  }
}

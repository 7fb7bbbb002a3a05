package stoutblade.bench;

import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import stoutblade.studio.CameraScenes;
import stoutblade.studio.CameraScenes.Outcome;

/** How often the stated range holds the truth of a known camera, over many random scenes. */
final class RangeBench {

  private static final int SCENES = 600;

  private RangeBench() {}

  static void run() {
    report("a prop nearer than its ruler, square on", CameraScenes::nearerThanItsRuler);
    report("a prop beside a known rectangle, aslant", CameraScenes::besideARectangle);
    report("a figure and a crate together", CameraScenes::withTwoRulers);
  }

  private static void report(String name, Function<CameraScenes, Outcome> scene) {
    CameraScenes scenes = new CameraScenes(7);
    List<Outcome> all = IntStream.range(0, SCENES).mapToObj(i -> scene.apply(scenes)).toList();
    double held = all.stream().filter(Outcome::held).count() / (double) SCENES;
    double[] errors = all.stream().mapToDouble(Outcome::error).sorted().toArray();
    double[] ranges =
        all.stream()
            .mapToDouble(it -> it.found().doubt().range95() / it.truth())
            .sorted()
            .toArray();
    System.out.printf(
        "%-42s %d scenes: in the range %.1f %%, median error %.2f %%, 95 %% below %.2f %%,"
            + " median range %.2f %%%n",
        name,
        SCENES,
        100 * held,
        100 * errors[SCENES / 2],
        100 * errors[SCENES * 95 / 100],
        100 * ranges[SCENES / 2]);
  }
}

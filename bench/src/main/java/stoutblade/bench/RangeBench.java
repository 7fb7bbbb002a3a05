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

  private static final int HELD_SCENES = 4000;

  static void run() {
    for (CameraScenes.Where where : CameraScenes.Where.values()) {
      for (CameraScenes.Said said : CameraScenes.Said.values()) {
        report(
            where.words() + "; said: " + said.words(),
            it -> it.asPeopleTakeThem(where, said),
            HELD_SCENES);
      }
    }
    report("a prop nearer than its ruler, square on", CameraScenes::nearerThanItsRuler);
    report("a prop beside a known rectangle, aslant", CameraScenes::besideARectangle);
    report("a figure and a crate together", CameraScenes::withTwoRulers);
  }

  private static void report(String name, Function<CameraScenes, Outcome> scene) {
    report(name, scene, SCENES);
  }

  private static void report(String name, Function<CameraScenes, Outcome> scene, int count) {
    CameraScenes scenes = new CameraScenes(7);
    List<Outcome> all = IntStream.range(0, count).mapToObj(i -> scene.apply(scenes)).toList();
    double held = all.stream().filter(Outcome::held).count() / (double) count;
    double[] errors = all.stream().mapToDouble(Outcome::error).sorted().toArray();
    double[] ranges =
        all.stream()
            .mapToDouble(it -> it.found().uncertainty().range95() / it.truth())
            .sorted()
            .toArray();
    System.out.printf(
        "%-62s %d scenes: in the range %.1f %%, median error %.2f %%, 95 %% below %.2f %%,"
            + " median range %.2f %%%n",
        name,
        count,
        100 * held,
        100 * errors[count / 2],
        100 * errors[count * 95 / 100],
        100 * ranges[count / 2]);
  }
}

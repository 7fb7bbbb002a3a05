package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.demo.Demo;
import stoutblade.formats.Document;
import stoutblade.measure.Stated;
import stoutblade.project.First;
import stoutblade.reference.Dressing;
import stoutblade.reference.Picture;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.Scale;
import stoutblade.shape.Point;
import stoutblade.trace.Pixels;
import stoutblade.wearer.Wearer;

/** What is drawn for a picture: small ones for small, made ones when they are asked for. */
class PicturesTest {

  private static final String DIGEST = "e".repeat(64);

  private final List<String> faults = new ArrayList<>();
  private final BackgroundTasks tasks = new BackgroundTasks(faults::add);
  private final Pictures pictures = new Pictures(tasks);
  private final Reference reference =
      Reference.of("p1", "P", new Picture(DIGEST, "p.png", 400, 200));

  @BeforeAll
  static void start() throws Exception {
    FxToolkit.registerPrimaryStage();
  }

  private static <T> T fx(Callable<T> work) {
    return WaitForAsyncUtils.waitForAsyncFx(90_000, work);
  }

  private void decoded() {
    int[] argb = new int[400 * 200];
    java.util.Arrays.fill(argb, 0xff707070);
    fx(
        () -> {
          pictures.add(DIGEST, Pictures.levels(new Pixels(400, 200, argb)));
          return true;
        });
  }

  private Optional<Pictures.Shown> shown(Reference asked, double zoom) {
    return fx(
        () -> pictures.of(asked, Scale.of(asked, new Wearer("W", 1740).height()).flat(), zoom));
  }

  private void settled() throws Exception {
    WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> fx(() -> tasks.running().isEmpty()));
  }

  @Test
  void nothing_is_drawn_before_it_is_decoded() {
    assertThat(shown(reference, 1)).isEmpty();
    assertThat(pictures.pixels(reference.picture())).isEmpty();
  }

  @Test
  void a_picture_shown_small_is_drawn_from_a_small_one() {
    decoded();

    assertThat(shown(reference, 1).orElseThrow().image().getWidth()).isEqualTo(400);
    assertThat(shown(reference, 0.5).orElseThrow().image().getWidth()).isEqualTo(200);
    Pictures.Shown small = shown(reference, 0.01).orElseThrow();
    assertThat(small.image().getWidth()).isEqualTo(50);
    assertThat(small.step()).isEqualTo(8);
  }

  @Test
  void a_brightened_picture_is_made_once_and_the_plain_one_stands_in() throws Exception {
    decoded();
    List<Boolean> told = new ArrayList<>();
    pictures.setChanged(() -> told.add(true));
    Reference bright = reference.withDressing(Dressing.PLAIN.withBrightness(0.5));

    assertThat(shown(bright, 1)).isPresent();
    settled();
    Pictures.Shown now = shown(bright, 1).orElseThrow();

    assertThat(now.image().getPixelReader().getArgb(5, 5) & 0xff).isGreaterThan(0x70);
    assertThat(told).hasSize(1);
    shown(bright, 1);
    settled();
    assertThat(told).hasSize(1);
    assertThat(faults).isEmpty();
  }

  @Test
  void a_flattened_picture_comes_when_it_is_made() throws Exception {
    decoded();
    Reference aslant =
        reference.with(
            Ruler.of(
                "r1",
                "Sheet",
                new Ruler.SeenRectangle(
                    Stated.exactly(297),
                    Stated.exactly(210),
                    List.of(
                        new Point(100, 40),
                        new Point(260, 60),
                        new Point(250, 170),
                        new Point(110, 150)))));

    assertThat(shown(aslant, 1)).isEmpty();
    settled();
    Pictures.Shown flat = shown(aslant, 1).orElseThrow();

    assertThat(flat.frame().width()).isPositive();
    assertThat(flat.image().getWidth() * flat.step())
        .isBetween(flat.frame().width() - 1, flat.frame().width() + 2);
  }

  @Test
  void a_picture_that_cannot_be_decoded_is_named_and_the_others_still_come() throws Exception {
    Document demo = Demo.open(LocalDateTime.of(2026, 11, 2, 9, 0));
    List<Picture> all =
        demo.project().first().size().references().stream().map(Reference::picture).toList();
    Document damaged = demo.withFile(all.get(1).digest(), new byte[] {1, 2, 3});
    List<Boolean> after = new ArrayList<>();

    fx(
        () -> {
          pictures.read(damaged, () -> after.add(pictures.reading()));
          return true;
        });
    settled();

    assertThat(after).containsExactly(true, true, true, false);
    assertThat(faults).singleElement().asString().contains(all.get(1).name());
    assertThat(all.stream().map(it -> pictures.pixels(it).isPresent()))
        .containsExactly(true, false, true, true);
  }

  @Test
  void a_picture_that_is_used_twice_is_decoded_once() throws Exception {
    Document demo = Demo.open(LocalDateTime.of(2026, 11, 2, 9, 0));
    Reference first = demo.project().first().size().references().getFirst();
    Document twice =
        demo.with(
            First.withSize(
                demo.project(),
                demo.project()
                    .first()
                    .size()
                    .withReferences(List.of(first, Reference.of("p9", "Again", first.picture())))));
    List<Boolean> after = new ArrayList<>();
    fx(
        () -> {
          pictures.read(twice, () -> after.add(pictures.reading()));
          return true;
        });
    settled();
    assertThat(after).containsExactly(false);
    assertThat(pictures.pixels(first.picture())).isPresent();
  }
}

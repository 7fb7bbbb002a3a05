package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** What is worked out beside the window's thread: in order, given up at once, never mixed up. */
@ExtendWith(ApplicationExtension.class)
class DeriverTest {

  private final List<String> seen = new ArrayList<>();
  private final Deriver deriver = Deriver.besideWindow(Duration.ofMillis(1));

  @AfterEach
  void end() {
    InWindow.fx(
        () -> {
          deriver.close();
          return true;
        });
  }

  private Deriver.Turn<String> turn(String name, Supplier<String> work) {
    return new Deriver.Turn<>(
        name, work, it -> seen.add(it), e -> seen.add("refused: " + e.getMessage()));
  }

  private static Supplier<String> after(CountDownLatch latch, String result) {
    return () -> {
      try {
        latch.await();
      } catch (InterruptedException e) {
        throw new IllegalStateException("given up", e);
      }
      return result;
    };
  }

  private void submit(Deriver.Turn<?> turn) {
    InWindow.fx(
        () -> {
          deriver.submit(turn);
          return true;
        });
  }

  @Test
  void long_work_does_not_hold_the_window_up_and_keeps_its_place() {
    CountDownLatch latch = new CountDownLatch(1);
    submit(turn("first", after(latch, "first")));
    submit(turn("second", () -> "second"));

    assertThat(seen).isEmpty();
    InWindow.until(() -> deriver.workingProperty().get().equals("first"));
    assertThat(deriver.busy()).isTrue();
    latch.countDown();
    InWindow.until(() -> seen.size() == 2);

    assertThat(seen).containsExactly("first", "second");
    assertThat(deriver.workingProperty().get()).isEmpty();
    assertThat(deriver.busy()).isFalse();
  }

  @Test
  void what_is_given_up_comes_to_nothing_and_what_follows_is_worked_out() {
    CountDownLatch never = new CountDownLatch(1);
    submit(turn("long", after(never, "long")));
    submit(turn("waits", () -> "waits"));
    InWindow.fx(
        () -> {
          deriver.stop();
          return true;
        });
    assertThat(deriver.workingProperty().get()).isEmpty();
    submit(turn("next", () -> "next"));
    InWindow.until(() -> seen.contains("next"));
    never.countDown();

    assertThat(seen).containsExactly("next");
  }

  @Test
  void a_reason_is_told_as_it_is_and_a_fault_of_ours_in_plain_words() {
    submit(
        turn(
            "Bend",
            () -> {
              throw new IllegalArgumentException("An edge is 0 thick or thicker");
            }));
    submit(
        turn(
            "Bend",
            () -> {
              throw new IndexOutOfBoundsException("Index 3 out of bounds for length 3");
            }));
    submit(
        turn(
            "Bend",
            () -> {
              throw new StackOverflowError();
            }));
    InWindow.until(() -> seen.size() == 3);

    String ours = "refused: 'Bend' could not be worked out, so nothing was changed.";
    assertThat(seen).containsExactly("refused: An edge is 0 thick or thicker", ours, ours);
  }

  @Test
  void what_waits_last_can_be_replaced() {
    CountDownLatch latch = new CountDownLatch(1);
    Deriver.Turn<String> old = turn("old", () -> "old");
    Deriver.Turn<String> by = turn("by", () -> "by");
    submit(turn("first", after(latch, "first")));
    submit(old);
    assertThat(InWindow.fx(() -> deriver.replaceLast(old, by))).isTrue();
    assertThat(InWindow.fx(() -> deriver.replaceLast(old, by))).isFalse();
    latch.countDown();
    InWindow.until(() -> seen.size() == 2);

    assertThat(seen).containsExactly("first", "by");
  }
}

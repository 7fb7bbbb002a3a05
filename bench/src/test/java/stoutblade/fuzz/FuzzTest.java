package stoutblade.fuzz;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Damaged files, random edits and random hands on a window, short and from one seed; {@code
 * ./stoutblade bench fuzz} runs them long.
 */
class FuzzTest {

  private static final int FILES = 6_000;
  private static final int EDITS = 900;
  private static final int ACTIONS = 450;

  @TempDir private Path folder;

  @Test
  void readers_throw_their_own_exception_alone_and_take_bounded_memory() throws IOException {
    ReaderFuzz fuzz = new ReaderFuzz(7, folder);
    fuzz.run(FILES);

    assertThat(fuzz.broken()).isEmpty();
    assertThat(fuzz.words()).hasSize(17);
  }

  @Test
  void an_accepted_edit_derives_and_is_read_as_it_was_written() throws IOException {
    ProjectFuzz fuzz = new ProjectFuzz(7, Starts.all(), Starts.throughAFile(folder));
    fuzz.run(EDITS);

    assertThat(fuzz.broken()).isEmpty();
    assertThat(fuzz.accepted()).as(fuzz.words()).isGreaterThan(EDITS / 6);
  }

  @Test
  void random_hands_throw_nothing_and_what_is_shown_follows_from_what_stands() throws Exception {
    CountDownLatch started = new CountDownLatch(1);
    Platform.startup(started::countDown);
    started.await();
    Platform.setImplicitExit(false);
    MonkeyRun run = new MonkeyRun(7, folder);
    run.run(() -> run.acted() < ACTIONS);

    assertThat(run.thrown()).as("%s", run.traces()).isEmpty();
    assertThat(run.underived()).isZero();
    assertThat(run.refusedYetApplied()).isZero();
    assertThat(run.acted()).isEqualTo(ACTIONS);
  }
}

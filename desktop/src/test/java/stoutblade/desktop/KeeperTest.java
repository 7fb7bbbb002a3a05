package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.edit.Edits;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.project.Prop;

class KeeperTest {

  @TempDir private Path home;

  private final List<String> faults = new CopyOnWriteArrayList<>();

  private void told(Optional<String> fault) {
    fault.ifPresent(faults::add);
  }

  private static Document named(String name) {
    Document demo = TestDesk.demo().document();
    return demo.with(Edits.name(name).in(Prop.FIRST).applyTo(demo.project()));
  }

  @Test
  void a_new_edit_waits_until_the_one_before_is_on_the_disk() throws IOException {
    Autosave autosave = Autosave.begin(home);
    try (Keeper keeper = new Keeper(autosave, this::told, java.time.Duration.ofMinutes(1))) {
      keeper.keep(named("one"), Optional.empty());
      keeper.keep(named("two"), Optional.empty());

      Path json = autosave.folder().resolve("project.json");
      assertThat(Files.readString(json)).containsAnyOf("\"one\"", "\"two\"");
      keeper.await();
      assertThat(Files.readString(json)).contains("\"two\"");
    }
    assertThat(faults).isEmpty();
    assertThat(home.toFile().list()).isEmpty();
  }

  @Test
  void what_is_saved_is_forgotten() throws IOException {
    Autosave autosave = Autosave.begin(home);
    try (Keeper keeper = new Keeper(autosave, this::told)) {
      keeper.keep(named("one"), Optional.empty());
      keeper.saved();
      keeper.await();

      assertThat(autosave.folder().resolve("project.json")).doesNotExist();
    }
  }

  @Test
  void a_disk_that_refuses_is_told() throws IOException {
    Autosave autosave = Autosave.begin(home);
    Keeper keeper = new Keeper(autosave, this::told);
    Autosave.discard(autosave.folder());
    Files.writeString(autosave.folder(), "a file in its place");

    keeper.keep(named("one"), Optional.empty());
    keeper.await();

    assertThat(faults).hasSize(1);
    assertThat(faults.getFirst()).startsWith("Not autosaved");
  }

  /** A disk that takes its time: the window is not held up, and what stands last is written. */
  @Test
  void a_slow_disk_is_not_waited_for_and_the_last_edit_gets_there() throws Exception {
    Autosave slow = org.mockito.Mockito.mock(Autosave.class);
    List<String> written = new CopyOnWriteArrayList<>();
    java.util.concurrent.CountDownLatch disk = new java.util.concurrent.CountDownLatch(1);
    org.mockito.Mockito.doAnswer(
            call -> {
              disk.await();
              written.add(call.<Document>getArgument(0).project().name());
              return null;
            })
        .when(slow)
        .write(org.mockito.ArgumentMatchers.any(), org.mockito.ArgumentMatchers.any());
    Keeper keeper = new Keeper(slow, this::told, java.time.Duration.ofMillis(1));

    for (String name : List.of("one", "two", "three", "four")) {
      keeper.keep(named(name), Optional.empty());
    }
    assertThat(written).as("none of them has been waited for").isEmpty();
    disk.countDown();
    keeper.await();

    assertThat(written).startsWith("one").endsWith("four").hasSize(2);
    keeper.close();
  }
}

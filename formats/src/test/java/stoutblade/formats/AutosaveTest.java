package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AutosaveTest {

  @TempDir private Path home;

  @Test
  void what_a_running_program_keeps_is_not_offered_to_another() throws IOException {
    try (Autosave autosave = Autosave.begin(home)) {
      autosave.write(FormatSamples.demo(), Optional.empty());

      assertThat(Autosave.left(home)).isEmpty();
    }
    assertThat(home.toFile().list()).isEmpty();
  }

  @Test
  void what_a_dead_program_kept_is_offered_with_its_origin() throws IOException {
    Path origin = home.resolve("mine.stout");
    left("dead", origin);

    List<Autosave.Left> left = Autosave.left(home);

    assertThat(left).hasSize(1);
    assertThat(left.getFirst().document().orElseThrow().project())
        .isEqualTo(FormatSamples.demo().project());
    assertThat(left.getFirst().document().orElseThrow().files()).hasSize(6);
    assertThat(left.getFirst().origin()).contains(origin);
    Autosave.discard(left.getFirst().folder());
    assertThat(Autosave.left(home)).isEmpty();
  }

  private void left(String name, Path origin) throws IOException {
    try (Autosave autosave = Autosave.begin(home)) {
      autosave.write(FormatSamples.demo(), Optional.of(origin));
      Path copy = Files.createDirectories(home.resolve(name));
      try (var files = Files.list(autosave.folder())) {
        for (Path file : files.toList()) {
          Files.copy(file, copy.resolve(file.getFileName()));
        }
      }
    }
  }

  @Test
  void what_was_saved_is_not_offered() throws IOException {
    try (Autosave autosave = Autosave.begin(home)) {
      autosave.write(FormatSamples.demo(), Optional.empty());
      autosave.clear();

      assertThat(Files.exists(autosave.folder().resolve("project.json"))).isFalse();
    }
  }

  @Test
  void a_damaged_autosave_is_told_of_and_stays() throws IOException {
    left("dead", home.resolve("x.stout"));
    Files.writeString(home.resolve("dead").resolve("project.json"), "{");

    assertThat(Autosave.left(home)).hasSize(1);
    assertThat(Autosave.left(home).getFirst().document()).isEmpty();
    assertThat(Autosave.left(home).getFirst().fault())
        .isEqualTo("autosave: it ends early (line 1)");
    assertThat(Files.exists(home.resolve("dead").resolve("project.json"))).isTrue();
    assertThat(Autosave.left(home.resolve("nowhere"))).isEmpty();
  }

  @Test
  void a_window_that_goes_on_in_a_folder_keeps_others_off() throws IOException {
    left("dead", home.resolve("x.stout"));
    Path folder = home.resolve("dead");

    try (Autosave mine = Autosave.adopt(folder).orElseThrow()) {
      assertThat(mine.content().document()).isPresent();
      assertThat(Autosave.adopt(folder)).as("taken once").isEmpty();
      assertThat(Autosave.left(home)).as("not offered while a window has it").isEmpty();
      // Having looked does not give the lock up, which closing any channel on a file may do.
      assertThat(Autosave.adopt(folder)).isEmpty();
      mine.write(FormatSamples.demo(), Optional.empty());
      assertThat(mine.content().origin()).isEmpty();
    }
    assertThat(folder).doesNotExist();
  }

  @Test
  void a_picture_that_was_damaged_makes_the_autosave_damaged() throws IOException {
    left("dead", home.resolve("x.stout"));
    try (var files = Files.list(home.resolve("dead"))) {
      Path picture =
          files.filter(it -> it.getFileName().toString().length() == 64).findFirst().orElseThrow();
      Files.write(picture, new byte[] {1, 2, 3});
    }

    assertThat(Autosave.left(home).getFirst().fault())
        .contains("a picture or model of it is damaged");
  }

  @Test
  void a_folder_that_holds_nothing_is_cleared_up_once_it_is_old() throws IOException {
    Path fresh = Files.createDirectories(home.resolve("fresh"));
    Path old = Files.createDirectories(home.resolve("old"));
    Files.writeString(old.resolve("lock"), "");
    Files.setLastModifiedTime(
        old,
        java.nio.file.attribute.FileTime.from(java.time.Instant.parse("2020-01-01T00:00:00Z")));

    assertThat(Autosave.left(home)).isEmpty();

    assertThat(old).doesNotExist();
    assertThat(fresh).exists();
  }
}

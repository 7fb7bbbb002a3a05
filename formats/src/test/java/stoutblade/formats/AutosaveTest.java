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
}

package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The projects that were open last. */
class RecentTest {

  @TempDir private Path folder;

  private Path project(String name) throws IOException {
    return Files.writeString(folder.resolve(name), "x");
  }

  @Test
  void the_last_is_first_each_is_there_once_and_what_is_gone_is_not() throws IOException {
    Recent recent = new Recent(folder.resolve("state"));
    assertThat(recent.files()).isEmpty();
    Path bell = project("bell.stout");
    Path leaf = project("leaf.stout");
    Path odd = project("wood & \u00e9t\u00e9.stout");
    for (Path it : List.of(bell, leaf, odd, bell)) {
      recent.add(it);
    }
    assertThat(new Recent(folder.resolve("state")).files()).containsExactly(bell, odd, leaf);
    Files.delete(odd);
    assertThat(recent.files()).containsExactly(bell, leaf);
  }

  @Test
  void no_more_than_eight_are_kept() throws IOException {
    Recent recent = new Recent(folder);
    for (int i : IntStream.range(0, 20).toArray()) {
      recent.add(project(i + ".stout"));
    }
    assertThat(recent.files()).hasSize(8);
    assertThat(recent.files().getFirst()).hasFileName("19.stout");
  }

  @Test
  void a_list_that_cannot_be_read_is_as_if_it_were_empty_and_is_written_anew() throws IOException {
    Files.write(folder.resolve("recent.txt"), new byte[] {(byte) 0xff, 0, (byte) 0xfe});
    Recent recent = new Recent(folder);
    assertThat(recent.files()).isEmpty();
    recent.add(project("bell.stout"));
    assertThat(recent.files()).hasSize(1);
    Files.write(folder.resolve("recent.txt"), new byte[100_000]);
    assertThat(recent.files()).isEmpty();
  }

  @Test
  void what_cannot_be_kept_is_not_missed() throws IOException {
    Path file = project("state");
    new Recent(file).add(project("bell.stout"));
    assertThat(new Recent(file).files()).isEmpty();
  }
}

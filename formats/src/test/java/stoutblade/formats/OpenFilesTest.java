package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class OpenFilesTest {

  @TempDir private Path folder;

  @Test
  void two_windows_on_one_file_are_told_whatever_they_call_it() throws IOException {
    Path file = Files.writeString(folder.resolve("leaf.stout"), "");
    Path link = Files.createSymbolicLink(folder.resolve("link.stout"), file);
    OpenFiles files = new OpenFiles(folder.resolve("open"));
    OpenFiles again = new OpenFiles(folder.resolve("open"));

    try (OpenFiles.Claim mine = files.claim(file).orElseThrow()) {
      assertThat(again.claim(link)).isEmpty();
      assertThat(again.claim(folder.resolve("./leaf.stout"))).isEmpty();
      Optional<OpenFiles.Claim> other = again.claim(folder.resolve("other.stout"));
      assertThat(other).isPresent();
      other.get().close();
      assertThat(mine).isNotNull();
    }
    Optional<OpenFiles.Claim> after = again.claim(file);
    assertThat(after).isPresent();
    after.get().close();
  }

  /** Holds a file until it is told to end. */
  static final class Holder {

    private Holder() {}

    /** Takes the folder of locks and the file. */
    public static void main(String[] arguments) throws IOException {
      Optional<OpenFiles.Claim> claim =
          new OpenFiles(Path.of(arguments[0])).claim(Path.of(arguments[1]));
      System.out.println(claim.isPresent() ? "held" : "told");
      System.in.read();
    }
  }

  @Test
  void another_program_is_told_and_a_dead_one_holds_nothing()
      throws IOException, InterruptedException {
    Path file = Files.writeString(folder.resolve("leaf.stout"), "");
    Path home = folder.resolve("open");
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                Holder.class.getName(),
                home.toString(),
                file.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    try (var out = process.inputReader(StandardCharsets.UTF_8)) {
      assertThat(out.readLine()).isEqualTo("held");
      assertThat(new OpenFiles(home).claim(file)).isEmpty();
    } finally {
      process.destroyForcibly().waitFor();
    }
    Optional<OpenFiles.Claim> after = new OpenFiles(home).claim(file);
    assertThat(after).isPresent();
    after.get().close();
  }

  @Test
  void where_nothing_can_be_written_down_nothing_is_claimed() throws IOException {
    Path file = Files.writeString(folder.resolve("file"), "");

    assertThatThrownBy(() -> new OpenFiles(file.resolve("open")).claim(file))
        .isInstanceOf(IOException.class);
  }
}

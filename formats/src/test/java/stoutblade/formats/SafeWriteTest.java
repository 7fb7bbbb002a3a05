package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Saving over what is there: nothing of the old is lost, and nothing strange is written to. */
class SafeWriteTest {

  @TempDir private Path folder;

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private List<String> names() throws IOException {
    try (Stream<Path> all = Files.list(folder)) {
      return all.map(it -> it.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void a_link_stays_a_link_and_what_it_points_to_is_replaced() throws IOException {
    Path elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
    Path real = Files.writeString(elsewhere.resolve("real.stout"), "old");
    Path link =
        Files.createSymbolicLink(folder.resolve("link.stout"), Path.of("elsewhere/real.stout"));
    Path second = Files.createSymbolicLink(folder.resolve("second.stout"), link);

    SafeWrite.write(second, bytes("new"));

    assertThat(Files.isSymbolicLink(second)).isTrue();
    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(real).hasContent("new");
    Files.delete(real);
    SafeWrite.write(link, bytes("again"));
    assertThat(real).as("a link to nothing yet").hasContent("again");
  }

  @Test
  void links_in_a_ring_are_refused_in_words() throws IOException {
    Path a = folder.resolve("a.stout");
    Path b = folder.resolve("b.stout");
    Files.createSymbolicLink(a, b);
    Files.createSymbolicLink(b, a);

    assertThatThrownBy(() -> SafeWrite.write(a, bytes("x")))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("a.stout: not written: it is a link that leads back to itself");
  }

  @Test
  void rights_are_kept() throws IOException {
    Path file = Files.writeString(folder.resolve("a.stout"), "old");
    Set<PosixFilePermission> own = PosixFilePermissions.fromString("rw-r-----");
    Files.setPosixFilePermissions(file, own);

    SafeWrite.write(file, bytes("new"));

    assertThat(Files.getPosixFilePermissions(file)).isEqualTo(own);
    assertThat(SafeWrite.readOnly(file)).isFalse();
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    assertThat(SafeWrite.readOnly(file)).isTrue();
    assertThat(SafeWrite.readOnly(folder.resolve("none"))).isFalse();
  }

  /** Whoever may write to the folder could lay a link where the partial file would come to lie. */
  @Test
  void a_file_planted_where_a_partial_one_used_to_lie_is_not_followed() throws IOException {
    Path victim = Files.writeString(folder.resolve("victim"), "mine");
    Files.createSymbolicLink(folder.resolve(".a.stout.saving"), victim);

    SafeWrite.write(folder.resolve("a.stout"), bytes("new"));

    assertThat(victim).hasContent("mine");
    assertThat(folder.resolve("a.stout")).hasContent("new");
    assertThat(names()).containsExactly(".a.stout.saving", "a.stout", "victim");
  }

  @Test
  void a_name_as_long_as_a_name_may_be_is_written() throws IOException {
    Path file = folder.resolve("x".repeat(249) + ".stout");

    SafeWrite.write(file, bytes("new"));

    assertThat(file).hasContent("new");
    assertThat(names()).hasSize(1);
  }

  @Test
  void what_cannot_be_written_leaves_nothing_and_says_what_to_do() throws IOException {
    Path folderInItsPlace = Files.createDirectories(folder.resolve("a.stout/inner"));

    assertThatThrownBy(() -> SafeWrite.write(folder.resolve("a.stout"), bytes("x")))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("What was there before is as it was")
        .hasMessageContaining("Save as");
    assertThat(folderInItsPlace).isDirectory();
    assertThat(names()).containsExactly("a.stout");

    assertThatThrownBy(() -> SafeWrite.write(folder.resolve("gone/a.stout"), bytes("x")))
        .hasMessageContaining("a.stout: not written: its folder is not there");
  }

  /** Writes as much as it is told, twice: the first is more than the disk takes. */
  static final class Writer {

    private Writer() {}

    /** Takes the file, a number of bytes that is too much, and one that is not. */
    public static void main(String[] arguments) throws IOException {
      Path file = Path.of(arguments[0]);
      try {
        SafeWrite.write(file, new byte[Integer.parseInt(arguments[1])]);
        System.out.println("written");
      } catch (FormatException e) {
        System.out.println(e.getMessage());
      }
      System.out.println(Files.size(file) + " bytes are there");
      SafeWrite.write(file, new byte[Integer.parseInt(arguments[2])]);
      System.out.println(Files.size(file) + " bytes are there");
    }
  }

  /** The system itself refuses, as a full disk does: after some of the bytes were taken. */
  @Test
  void a_disk_that_takes_no_more_keeps_the_old_file_and_a_smaller_one_can_be_saved()
      throws IOException, InterruptedException {
    Path file = Files.write(folder.resolve("a.stout"), new byte[10]);
    Process process =
        new ProcessBuilder(
                "bash",
                "-c",
                "ulimit -f 512; exec \"$@\"",
                "bash",
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:-UsePerfData",
                "-cp",
                System.getProperty("java.class.path"),
                Writer.class.getName(),
                file.toString(),
                "3000000",
                "1000")
            .redirectErrorStream(true)
            .start();
    String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);

    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(said)
        .contains("a.stout: not written: the disk takes no file of this size")
        .contains("10 bytes are there")
        .contains("1000 bytes are there");
    assertThat(names()).containsExactly("a.stout");
  }
}

package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.project.First;

/** What speaks against writing over a file is found before anything is touched. */
class SavingTest {

  @TempDir private Path folder;
  private Document document;
  private Path file;

  @BeforeEach
  void demo() throws IOException {
    Document demo = FormatSamples.demo();
    var size = demo.project().first().size();
    // Without its pictures it is written in no time.
    document =
        demo.with(
            First.withSize(
                demo.project(),
                size.withReferences(java.util.List.of()).withModels(java.util.List.of())));
    file = folder.resolve("leaf.stout");
  }

  private Optional<Stamp> written() throws IOException {
    return ((Saving.Written) Saving.anyway(file, document)).stamp();
  }

  @Test
  void a_file_that_nobody_touched_is_saved_again() throws IOException {
    Optional<Stamp> known = written();

    assertThat(Saving.again(file, document, known)).isInstanceOf(Saving.Written.class);
    assertThat(ProjectFile.read(file).project()).isEqualTo(document.project());
  }

  @Test
  void a_file_that_somebody_else_wrote_is_asked_about() throws IOException {
    Optional<Stamp> known = written();
    Files.writeString(file, "from elsewhere");

    assertThat(Saving.again(file, document, known))
        .isEqualTo(new Saving.Refused(file, Saving.Objection.CHANGED));
    assertThat(file).hasContent("from elsewhere");
  }

  /** The same size at the same time: another file all the same. */
  @Test
  void a_file_that_was_put_in_its_place_is_noticed() throws IOException {
    Optional<Stamp> known = written();
    FileTime at = Files.getLastModifiedTime(file);
    Path other = Files.copy(file, folder.resolve("other"));
    Files.move(other, file, java.nio.file.StandardCopyOption.REPLACE_EXISTING);
    Files.setLastModifiedTime(file, at);

    assertThat(Saving.again(file, document, known))
        .isEqualTo(new Saving.Refused(file, Saving.Objection.CHANGED));
  }

  @Test
  void a_file_that_is_gone_is_written_anew() throws IOException {
    Optional<Stamp> known = written();
    Files.delete(file);

    assertThat(Saving.again(file, document, known)).isInstanceOf(Saving.Written.class);
    assertThat(file).exists();
  }

  @Test
  void a_read_only_file_is_asked_about_and_stays_read_only() throws IOException {
    Optional<Stamp> known = written();
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));

    Saving.Refused refused = new Saving.Refused(file, Saving.Objection.READ_ONLY);
    assertThat(Saving.again(file, document, known)).isEqualTo(refused);
    assertThat(Saving.asked(file, document)).isEqualTo(refused);
    Saving.anyway(file, document);
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
        .isEqualTo("r--r--r--");
  }

  @Test
  void a_new_name_never_writes_over_what_is_there() throws IOException {
    Files.writeString(file, "somebody's");

    assertThat(Saving.anew(file, document))
        .isEqualTo(new Saving.Refused(file, Saving.Objection.EXISTS));
    assertThat(file).hasContent("somebody's");
    assertThat(Saving.beside(file)).isEqualTo(folder.resolve("leaf 2.stout"));
    Files.writeString(folder.resolve("leaf 2.stout"), "");
    assertThat(Saving.beside(file)).isEqualTo(folder.resolve("leaf 3.stout"));
  }

  @Test
  void the_ending_is_put_on_once() {
    assertThat(Saving.ended(Path.of("a/leaf"))).isEqualTo(Path.of("a/leaf.stout"));
    assertThat(Saving.ended(Path.of("a/leaf.stout"))).isEqualTo(Path.of("a/leaf.stout"));
    assertThat(Saving.ended(Path.of("leaf.v2"))).isEqualTo(Path.of("leaf.v2.stout"));
  }

  @Test
  void a_file_that_is_not_there_has_no_stamp() throws IOException {
    assertThat(Stamp.of(file)).isEmpty();
    Files.writeString(file, "12345");
    assertThat(Stamp.of(file).orElseThrow().bytes()).isEqualTo(5);
    assertThat(Stamp.of(file).orElseThrow().changed()).isAfter(Instant.EPOCH);
  }
}

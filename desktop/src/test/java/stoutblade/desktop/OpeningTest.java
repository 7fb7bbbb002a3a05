package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.formats.ProjectFile;
import stoutblade.formats.Stamp;

class OpeningTest {

  @TempDir private Path autosaves;

  @BeforeEach
  void set() {
    System.setProperty("stoutblade.autosaves", autosaves.toString());
  }

  @AfterEach
  void clear() {
    System.clearProperty("stoutblade.autosaves");
  }

  @Test
  void what_is_asked_for_is_read_the_demo_or_a_file() throws IOException {
    ProjectFiles.Read demo =
        Opening.await(Opening.asked(List.of("--walk=out", "demo")).orElseThrow());
    assertThat(demo.document().project().name()).isEqualTo("Osiermouth Lantern Walk");
    assertThat(demo.from()).isEmpty();

    Path file = autosaves.resolve("walk.stout");
    ProjectFile.write(file, demo.document());
    ProjectFiles.Read read = Opening.await(Opening.asked(List.of(file.toString())).orElseThrow());
    assertThat(read.document().project()).isEqualTo(demo.document().project());
    assertThat(read.from()).contains(file);
    assertThat(read.stamp()).isEqualTo(Stamp.of(file));

    assertThat(Opening.asked(List.of("--walk=out"))).isEmpty();
    Path none = autosaves.resolve("none.stout");
    assertThatThrownBy(() -> Opening.await(Opening.asked(List.of(none.toString())).orElseThrow()))
        .hasMessageContaining("none.stout");
  }

  @Test
  void a_new_project_is_made_ready() throws IOException {
    Opening bare = Opening.await(Opening.begin(List.of()));
    assertThat(bare.document().project().name()).isEqualTo("New project");
    assertThat(bare.left()).isEmpty();
    assertThat(bare.autosaves()).isEqualTo(autosaves);
  }

  @Test
  void a_fault_comes_with_its_message() {
    assertThatThrownBy(
            () ->
                Opening.await(CompletableFuture.failedFuture(new IOException("catalogue.json: x"))))
        .isInstanceOf(IOException.class)
        .hasMessage("catalogue.json: x");
  }

  // == THE WINDOW ALWAYS STARTS

  @org.junit.jupiter.params.ParameterizedTest
  @org.junit.jupiter.params.provider.ValueSource(
      strings = {
        "",
        "null",
        "[]",
        "7",
        "{\"foams\":[{\"id\":\"x\"}]}",
        "{\"foams\":null}",
        "{\"foams\":{}}",
        "{\"rods\":[null]}",
        "{\"glues",
        "\u0000\u0001",
        "{\"nonsense\":1}"
      })
  void a_catalogue_of_any_shape_is_left_out_and_told(String text) throws IOException {
    Path own = Files.writeString(autosaves.resolve("catalogue.json"), text);
    List<String> said = new ArrayList<>();

    assertThat(Opening.catalogue(own, said)).isEqualTo(stoutblade.formats.CatalogueFile.shipped());

    assertThat(said).hasSize(1);
    assertThat(said.getFirst())
        .startsWith("Your own catalogue is left out until it is mended: catalogue.json: ")
        .contains(own.toString())
        .doesNotContain("null for", "INCLUDE", "Exception", "line -1");
  }

  @Test
  void a_catalogue_that_is_a_folder_is_called_one() throws IOException {
    List<String> said = new ArrayList<>();
    Path own = Files.createDirectories(autosaves.resolve("catalogue.json"));

    Opening.catalogue(own, said);

    assertThat(said.getFirst()).contains("catalogue.json: a folder; a file was expected");
  }

  @Test
  void a_state_folder_that_is_none_opens_a_window_all_the_same() throws IOException {
    Path file = Files.writeString(autosaves.resolve("file"), "no folder");
    System.setProperty("stoutblade.autosaves", file.resolve("autosave").toString());

    Opening opening = Opening.await(Opening.begin(List.of()));

    assertThat(opening.left()).isEmpty();
    assertThat(opening.document().project().name()).isEqualTo("New project");
  }

  @Test
  void a_damaged_autosave_is_listed_with_what_is_wrong() throws IOException {
    Path left = Files.createDirectories(autosaves.resolve("left"));
    Files.writeString(left.resolve("project.json"), "{\"format\":");

    Opening opening = Opening.await(Opening.begin(List.of()));

    assertThat(opening.left()).hasSize(1);
    assertThat(opening.left().getFirst().document()).isEmpty();
    assertThat(opening.left().getFirst().fault()).contains("it ends early");
  }
}

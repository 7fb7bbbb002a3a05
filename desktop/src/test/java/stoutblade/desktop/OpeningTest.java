package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
  void the_demo_or_a_new_project_is_made_ready() throws IOException {
    assertThat(Opening.await(Opening.begin(List.of("demo"))).document().project().name())
        .isEqualTo("Reedcutter");
    Opening bare = Opening.await(Opening.begin(List.of()));
    assertThat(bare.document().project().name()).isEqualTo("New prop");
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
}

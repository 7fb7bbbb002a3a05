package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.measure.Units;

/** How a window was when it was closed. */
class RememberedTest {

  @TempDir private Path home;

  @Test
  void a_window_opens_as_it_was_closed() {
    Remembered was =
        new Remembered(1400.5, 900, -20, 40, true, new Units(Units.Family.INCH, 32), false);

    was.write(home.resolve("state"));

    assertThat(Remembered.read(home.resolve("state"))).contains(was);
  }

  @Test
  void the_first_window_remembers_nothing() {
    assertThat(Remembered.read(home.resolve("nowhere"))).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "wide=many\nhigh=2\nleft=1\ntop=1\nunits=METRIC\ndenominator=16",
        "wide=NaN\nhigh=2\nleft=1\ntop=1\nunits=METRIC\ndenominator=16",
        "wide=1\nhigh=2\nleft=1\ntop=1\nunits=CUBITS\ndenominator=16",
        "wide=1\nhigh=2\nleft=1\ntop=1\nunits=INCH\ndenominator=0",
        "wide=\\u12"
      })
  void what_makes_no_sense_is_as_if_it_were_not_there(String text) throws IOException {
    Files.writeString(home.resolve("window.properties"), text);

    assertThat(Remembered.read(home)).isEmpty();
  }

  @Test
  void where_nothing_can_be_written_nothing_is_missed() throws IOException {
    Path file = Files.writeString(home.resolve("file"), "no folder");

    new Remembered(1, 2, 3, 4, false, Units.METRIC, true).write(file);

    assertThat(Files.readString(file)).isEqualTo("no folder");
  }
}

package stoutblade.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

class MainTest {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  @TempDir private Path folder;

  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();

  private int run(String... arguments) {
    CommandLine line = Main.commandLine(NOW);
    line.setOut(new PrintWriter(out));
    line.setErr(new PrintWriter(err));
    return line.execute(arguments);
  }

  @Test
  void figures_of_the_demo_are_printed_as_json() {
    assertThat(run("figures", "demo")).isZero();
    assertThat(out.toString()).contains("\"blade.length\"").contains("\"source\"");
  }

  @Test
  void inches_are_shown_where_they_are_asked_for() {
    assertThat(run("figures", "demo", "--units", "inch")).isZero();
    assertThat(out.toString()).contains("\\\"").doesNotContain(" cm\"");
  }

  @Test
  void the_demo_is_exported_on_the_paper_that_is_named() {
    assertThat(run("export", "demo", "--out", folder.toString(), "--paper", "a3")).isZero();

    assertThat(folder.resolve("reedcutter-templates-a3.pdf")).isRegularFile();
    assertThat(folder.resolve("reedcutter-blade-layers.svg")).isRegularFile();
    assertThat(out.toString().lines()).hasSize(6).allMatch(it -> Files.exists(Path.of(it)));
  }

  @Test
  void the_plan_is_written_as_csv_and_calendar() {
    assertThat(run("plan", "demo", "--out", folder.toString())).isZero();

    assertThat(folder.resolve("reedcutter-plan.csv")).isRegularFile();
    assertThat(folder.resolve("reedcutter-plan.ics")).isRegularFile();
  }

  @Test
  void what_cannot_be_done_ends_with_1_and_one_line() {
    assertThat(run("figures", "nowhere.stout")).isEqualTo(1);
    assertThat(err.toString().strip()).isEqualTo("nowhere.stout: there is no such file");
  }

  @Test
  void what_is_not_understood_ends_with_2() {
    assertThat(run("export", "demo", "--out", "x", "--paper", "a5")).isEqualTo(2);
    assertThat(err.toString()).contains("Paper is one of a4, letter, a3 or tabloid; found 'a5'");
    assertThat(run("export", "demo")).isEqualTo(2);
    assertThat(run("dance")).isEqualTo(2);
    assertThat(run("figures", "demo", "--units", "cubit")).isEqualTo(2);
  }

  @Test
  void every_command_has_help() {
    for (String command : new String[] {"export", "figures", "plan"}) {
      assertThat(run(command, "--help")).isZero();
    }
    assertThat(out.toString()).contains("or the word demo");
  }
}

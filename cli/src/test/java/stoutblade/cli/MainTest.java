package stoutblade.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
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
    assertThat(out.toString()).contains("\"p1/d7/part.length\"").contains("\"source\"");
  }

  @Test
  void inches_are_shown_where_they_are_asked_for() {
    assertThat(run("figures", "demo", "--units", "inch")).isZero();
    assertThat(out.toString()).contains("\\\"").doesNotContain(" cm\"");
  }

  @Test
  void the_demo_is_exported_on_the_paper_that_is_named() {
    assertThat(run("export", "demo", "--out", folder.toString(), "--paper", "a3")).isZero();

    assertThat(folder.resolve("reedcutter-d7-reedcutter-leaf-layers-a3.pdf")).isRegularFile();
    assertThat(folder.resolve("reedcutter-d7-reedcutter-leaf-layers.svg")).isRegularFile();
    assertThat(out.toString().lines())
        .hasSizeGreaterThan(10)
        .allMatch(it -> Files.exists(Path.of(it)))
        .anyMatch(it -> it.endsWith("butt-a3.pdf"))
        .anyMatch(it -> it.endsWith("butt.dxf"));
  }

  @Test
  void all_props_are_in_one_plan_as_csv_and_calendar() throws IOException {
    assertThat(run("plan", "demo", "--out", folder.toString())).isZero();

    assertThat(Files.readString(folder.resolve("osiermouth-lantern-walk-plan.csv")))
        .contains("p1/d7/bevel", "p2/d1/trace", "p2/d2/join", "p3/d4/sand", "all/pack");
    assertThat(folder.resolve("osiermouth-lantern-walk-plan.ics")).isRegularFile();
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

  @Test
  void a_bench_sum_takes_lengths_as_people_type_them() {
    assertThat(run("sum", "ring", "--across", "2\"", "--foam", "10", "--known", "outside"))
        .isZero();
    // π(50.8 − 10) mm
    assertThat(out.toString()).contains("Length to cut: 12.82 cm").contains("50.8 mm − 10 mm");
  }

  @Test
  void a_bench_sum_is_printed_as_json_with_its_inputs() {
    assertThat(run("sum", "bevel", "--json", "--line", "20mm")).isZero();
    assertThat(out.toString())
        .contains("\"sum\" : \"bevel\"")
        .contains("\"bevel.angle\"")
        .contains("\"bevel.width\"");
  }

  @Test
  void the_flat_pieces_of_a_sum_are_written_at_true_size() {
    Path svg = folder.resolve("cone.svg");
    Path dxf = folder.resolve("cone.dxf");
    assertThat(run("sum", "cone", "--out", svg.toString())).isZero();
    assertThat(run("sum", "cone", "--out", dxf.toString())).isZero();
    assertThat(svg).content().contains("viewBox");
    assertThat(dxf).content().startsWith("0\nSECTION");
    assertThat(run("sum", "mix", "--out", svg.toString())).isEqualTo(1);
    assertThat(run("sum", "cone", "--out", folder.resolve("cone.png").toString())).isEqualTo(1);
    assertThat(err.toString()).contains("nothing to write").contains(".svg or .dxf");
  }

  @Test
  void sums_are_listed_and_unknown_ones_refused() {
    assertThat(run("sum")).isZero();
    assertThat(out.toString().lines()).hasSizeGreaterThan(20).anyMatch(it -> it.startsWith("mix"));
    assertThat(run("sum", "soup")).isEqualTo(2);
    assertThat(run("sum", "ring", "--colour", "3")).isEqualTo(2);
    assertThat(run("sum", "ring", "--foam", "thick")).isEqualTo(1);
    assertThat(run("sum", "ring", "--known", "sideways")).isEqualTo(2);
    assertThat(run("sum", "mitre", "--sides", "two")).isEqualTo(2);
    assertThat(run("sum", "mitre", "--sides", "99")).isEqualTo(1);
    assertThat(err.toString())
        .contains("There is no sum 'soup'")
        .contains("expected one of former, outside")
        .contains("from 3 to 48");
  }
}

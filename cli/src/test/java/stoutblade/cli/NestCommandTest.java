package stoutblade.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;
import stoutblade.formats.LinesFile;

/** Outlines of a file on sheets, as they are typed. */
class NestCommandTest {

  private static final String PIECES =
      """
      <svg xmlns="http://www.w3.org/2000/svg" width="900mm" height="400mm" viewBox="0 0 900 400">
        <path d="M10 10 h290 v140 h-290 z"/>
        <path d="M400 10 h290 v140 h-290 z M450 40 h60 v60 h-60 z"/>
        <rect x="455" y="45" width="50" height="50"/>
      </svg>
      """;

  @TempDir Path folder;

  private final StringWriter out = new StringWriter();
  private final StringWriter err = new StringWriter();
  private Path pieces;
  private long now;

  @BeforeEach
  void write() throws IOException {
    pieces = folder.resolve("pieces.svg");
    Files.writeString(pieces, PIECES);
  }

  /** A clock of which each look takes a fiftieth of a second. */
  private int run(String... arguments) {
    CommandLine line = new CommandLine(new NestCommand(() -> now += 20_000_000));
    line.setOut(new PrintWriter(out, true)).setErr(new PrintWriter(err, true));
    line.setExecutionExceptionHandler(
        (fault, at, parsed) -> {
          at.getErr().println(fault.getMessage());
          return 1;
        });
    return line.execute(arguments);
  }

  /** Read back by the reader of outlines: all lines, as long as they were drawn. */
  @Test
  void outlines_are_laid_on_one_sheet_and_written_at_true_size() throws IOException {
    Path sheets = folder.resolve("sheets.svg");
    int code =
        run(
            pieces.toString(),
            "--sheet",
            "300x300",
            "--gap",
            "2",
            "--seconds",
            "20",
            "--out",
            sheets.toString());
    assertThat(err.toString()).isEmpty();
    assertThat(code).isZero();
    assertThat(out.toString())
        .contains("3 of 3 pieces on 1 × 300x300")
        .contains("Fewer sheets cannot do");
    List<stoutblade.shape.Path> lines = LinesFile.rings(sheets);
    assertThat(lines.stream().filter(it -> Math.abs(it.length(0.01) - 860) < 0.05)).hasSize(2);
    assertThat(lines)
        .anySatisfy(it -> assertThat(it.length(0.01)).isCloseTo(200, within(0.05)))
        .anySatisfy(it -> assertThat(it.length(0.01)).isCloseTo(240, within(0.05)));
    assertThat(
            run(
                pieces.toString(),
                "--sheet",
                "300x300",
                "--seconds",
                "1",
                "--out",
                folder.resolve("sheets.dxf").toString()))
        .isZero();
    assertThat(LinesFile.rings(folder.resolve("sheets.dxf"))).isNotEmpty();
  }

  @Test
  void what_is_typed_wrong_is_said_with_what_was_expected() {
    assertThat(run(pieces.toString(), "--sheet", "600")).isEqualTo(2);
    assertThat(err.toString()).contains("600x600 or 24inx36in, or roll:600; found '600'");
    assertThat(run(pieces.toString(), "--sheet", "600x600", "--turn", "45")).isEqualTo(2);
    assertThat(err.toString()).contains("any, 90, 180 or none; found '45'");
    assertThat(run(pieces.toString(), "--sheet", "600x600", "--out", "a.png")).isEqualTo(2);
    assertThat(err.toString()).contains(".svg or .dxf; found 'a.png'");
    assertThat(run(pieces.toString(), "--sheet", "600x600", "--gap", "wide")).isEqualTo(2);
    assertThat(err.toString()).contains("--gap");
    assertThat(run(folder.resolve("none.svg").toString(), "--sheet", "600x600")).isEqualTo(1);
  }

  @Test
  void a_piece_too_large_is_named_and_the_rest_is_laid() {
    int code = run(pieces.toString(), "--sheet", "200x100x3", "--seconds", "2");
    assertThat(code).isEqualTo(1);
    assertThat(out.toString())
        .contains("1 of 3 pieces")
        .contains("No place was found for: piece 1, piece 2");
  }
}

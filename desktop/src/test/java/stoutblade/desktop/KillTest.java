package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import stoutblade.demo.Demo;
import stoutblade.derive.Reckoner;
import stoutblade.edit.Edits;
import stoutblade.formats.Autosave;
import stoutblade.formats.CatalogueFile;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;
import stoutblade.project.First;
import stoutblade.project.Project;

/** A program that edits and saves is killed at random moments; never more than one edit is lost. */
class KillTest {

  private static final int MOMENTS = 50;

  /** The program that is killed: it numbers its edits in the project's name and says each aloud. */
  static final class Editor {

    private Editor() {}

    /** Takes the folder of autosaves and the project file. */
    public static void main(String[] arguments) throws IOException {
      Path home = Path.of(arguments[0]);
      Path file = Path.of(arguments[1]);
      Keeper keeper =
          new Keeper(
              Autosave.begin(home),
              fault -> fault.ifPresent(System.err::println),
              Duration.ofMinutes(1));
      Clock clock = Clock.systemUTC();
      Document walk = Demo.open(java.time.LocalDateTime.now(clock));
      // One prop, bare, with all its pictures: what is saved is as large, and begins sooner.
      Document demo = walk.with(First.alone(First.withParts(walk.project(), java.util.List.of())));
      Desk desk = new Desk(new Reckoner(CatalogueFile.shipped()), clock, Optional.of(keeper), demo);
      for (int edit = 1; ; edit++) {
        desk.perform(Edits.name(Integer.toString(edit)));
        System.out.println("edit " + edit);
        if (edit % 7 == 0) {
          Project project = desk.project();
          ProjectFile.write(file, desk.document());
          desk.saved(project, file);
          System.out.println("saved " + edit);
        }
      }
    }
  }

  @TempDir private Path folder;

  @Test
  void killed_at_fifty_moments_no_more_than_the_last_edit_is_lost()
      throws IOException, InterruptedException {
    Random random = new Random(17);
    int saves = 0;
    for (int i = 0; i < MOMENTS; i++) {
      Path home = folder.resolve("autosaves" + i);
      Path file = folder.resolve("prop" + i + ".stout");
      int[] said = edited(home, file, random.nextInt(16), random.nextInt(25));
      saves += said[1] > 0 ? 1 : 0;

      List<Autosave.Left> left = Autosave.left(home);
      int kept = left.isEmpty() ? 0 : number(left.getFirst().document().orElseThrow());
      int saved = Files.exists(file) ? number(ProjectFile.read(file)) : 0;

      assertThat(saved)
          .as("the file is whole and not older than the last save")
          .isGreaterThanOrEqualTo(said[1]);
      assertThat(Math.max(kept, saved))
          .as("edits said: %d", said[0])
          .isGreaterThanOrEqualTo(said[0] - 1);
    }
    assertThat(saves).as("runs in which something had been saved").isGreaterThan(5);
  }

  private static int number(Document document) {
    String name = document.project().name();
    return name.matches("\\d+") ? Integer.parseInt(name) : 0;
  }

  /** Runs the editor, kills it a moment after so many edits, and returns what it said last. */
  private static int[] edited(Path home, Path file, int edits, int millis)
      throws IOException, InterruptedException {
    Path words = Files.createFile(home.resolveSibling(home.getFileName() + ".said"));
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Xshare:auto",
                "-Xmx256m",
                "-cp",
                System.getProperty("java.class.path"),
                Editor.class.getName(),
                home.toString(),
                file.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .redirectOutput(words.toFile())
            .start();
    while (process.isAlive() && said(words)[0] <= edits) {
      TimeUnit.MILLISECONDS.sleep(5);
    }
    TimeUnit.MILLISECONDS.sleep(millis);
    process.destroyForcibly().waitFor();
    return said(words);
  }

  private static int[] said(Path words) throws IOException {
    int[] said = {0, 0};
    for (String line : Files.readString(words).split("\n", -1)) {
      note(line, said);
    }
    return said;
  }

  private static void note(String line, int[] said) {
    if (line.matches("(edit|saved) \\d+")) {
      said[line.startsWith("edit") ? 0 : 1] = Integer.parseInt(line.replaceAll("\\D", ""));
    }
  }
}

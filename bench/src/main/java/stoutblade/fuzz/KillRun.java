package stoutblade.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import stoutblade.formats.Autosave;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;

/** Kills the application in a real window at random moments, and looks at what is left. */
final class KillRun {

  private static final int LONGEST_MILLIS = 4000;
  private static final long TOO_LONG_MILLIS = 60_000;

  private final Random random = new Random(23);
  private final Path folder;
  private final TreeMap<Integer, Integer> lost = new TreeMap<>();
  private final List<String> broken = new ArrayList<>();
  private int edits;
  private int saves;

  KillRun(Path folder) {
    this.folder = folder;
  }

  /** Kills it so many times. */
  void run(int kills) throws IOException, InterruptedException {
    for (int i = 0; i < kills; i++) {
      Path own = Files.createDirectories(folder.resolve("kill" + i));
      one(own);
      try (Stream<Path> all = Files.walk(own)) {
        all.sorted(java.util.Comparator.reverseOrder()).forEach(it -> it.toFile().delete());
      }
    }
  }

  private void one(Path own) throws IOException, InterruptedException {
    Path home = own.resolve("autosave");
    Path file = own.resolve("prop.stout");
    Path words = Files.createFile(own.resolve("said"));
    Process process =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx768m",
                "-Dprism.order=sw",
                "--enable-native-access=ALL-UNNAMED",
                "-Dstoutblade.autosaves=" + home,
                "-cp",
                System.getProperty("java.class.path"),
                KilledWindow.class.getName(),
                file.toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .redirectOutput(words.toFile())
            .start();
    long start = System.nanoTime();
    while (process.isAlive() && last(words, "edit") < 1) {
      TimeUnit.MILLISECONDS.sleep(20);
      if ((System.nanoTime() - start) / 1_000_000 > TOO_LONG_MILLIS) {
        broken.add("no window after a minute");
        break;
      }
    }
    if (!process.isAlive()) {
      broken.add("the window ended by itself");
    }
    TimeUnit.MILLISECONDS.sleep(random.nextInt(LONGEST_MILLIS));
    process.destroyForcibly().waitFor();
    look(home, file, words);
  }

  private void look(Path home, Path file, Path words) throws IOException {
    int said = last(words, "edit");
    int savedAs = last(words, "saved");
    List<Autosave.Left> left = Autosave.left(home);
    left.stream().map(Autosave.Left::fault).filter(it -> !it.isEmpty()).forEach(broken::add);
    int kept =
        left.stream().findFirst().flatMap(Autosave.Left::document).map(KillRun::number).orElse(0);
    int saved = 0;
    try {
      saved = Files.exists(file) ? number(ProjectFile.read(file)) : 0;
    } catch (IOException e) {
      broken.add("the file is not whole: " + e.getMessage());
    }
    if (saved < savedAs) {
      broken.add("saved " + savedAs + ", the file has " + saved);
    }
    edits += said;
    saves += savedAs > 0 ? 1 : 0;
    lost.merge(Math.max(0, said - Math.max(kept, saved)), 1, Integer::sum);
    partial(file).ifPresent(it -> lost.merge(-1, 1, Integer::sum));
  }

  /** A partial file of a kill in the midst of writing: hidden, of a name of its own. */
  private static Optional<Path> partial(Path file) throws IOException {
    try (Stream<Path> all = Files.list(file.getParent())) {
      return all.filter(it -> it.getFileName().toString().endsWith(".part")).findFirst();
    }
  }

  private static int number(Document document) {
    String name = document.project().name();
    return name.matches("\\d+") ? Integer.parseInt(name) : 0;
  }

  private static int last(Path words, String what) throws IOException {
    int last = 0;
    for (String line : Files.readString(words).split("\n", -1)) {
      if (line.matches(what + " \\d+")) {
        last = Integer.parseInt(line.replaceAll("\\D", ""));
      }
    }
    return last;
  }

  /** What came of it. */
  List<String> words() {
    List<String> all = new ArrayList<>();
    all.add(edits + " edits were said, in " + saves + " runs something had been saved");
    lost.forEach(
        (count, times) ->
            all.add(
                count < 0
                    ? times + " kills left a hidden partial file beside the whole one"
                    : times + " kills lost " + count + " edits"));
    broken.forEach(it -> all.add("BROKEN " + it));
    return all;
  }

  /** What must not be. */
  List<String> broken() {
    return broken;
  }
}

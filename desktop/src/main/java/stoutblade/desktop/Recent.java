package stoutblade.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** The projects that were open last, by name, in a file of this machine. */
final class Recent {

  private static final String FILE = "recent.txt";
  private static final int MOST = 8;
  private static final long MOST_BYTES = 1 << 16;

  private final Path list;

  Recent(Path home) {
    this.list = home.resolve(FILE);
  }

  /**
   * Those that are still there, the last first. A list that cannot be read is as if it were empty.
   */
  List<Path> files() {
    return listed().stream().filter(Files::isRegularFile).toList();
  }

  private List<Path> listed() {
    List<Path> all = new ArrayList<>();
    try {
      if (Files.size(list) <= MOST_BYTES) {
        for (String line : Files.readAllLines(list)) {
          all.add(Path.of(line));
        }
      }
    } catch (IOException | InvalidPathException e) {
      return List.of();
    }
    return all.size() > MOST ? all.subList(0, MOST) : all;
  }

  /** Puts a file first. Where that cannot be written, it is not missed. */
  void add(Path file) {
    Path whole = file.toAbsolutePath().normalize();
    if (whole.toString().contains("\n")) {
      return;
    }
    List<Path> all = new ArrayList<>(listed());
    all.remove(whole);
    all.addFirst(whole);
    try {
      Files.createDirectories(list.getParent());
      Files.write(list, all.stream().limit(MOST).map(Path::toString).toList());
    } catch (IOException e) {
      // It is opened through its folder then.
      return;
    }
  }
}

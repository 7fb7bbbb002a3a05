package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Stream;
import stoutblade.project.Project;

/**
 * Keeps what is open on the disk after every edit, in a folder of its own for each running program.
 *
 * <p>Each write replaces {@code project.json} whole; pictures and models are written once, by
 * digest. A running program holds a lock on its folder; a folder that nobody holds and that has a
 * project was left by a program that did not end well, and is offered at the next start.
 */
public final class Autosave implements AutoCloseable {

  private static final String JSON_NAME = "project.json";
  private static final String ORIGIN_NAME = "origin.json";
  private static final String LOCK_NAME = "lock";

  private final Path folder;
  private final FileChannel lockFile;
  private final FileLock lock;

  private Autosave(Path folder, FileChannel lockFile, FileLock lock) {
    this.folder = folder;
    this.lockFile = lockFile;
    this.lock = lock;
  }

  /**
   * What a program that did not end well had open.
   *
   * @param folder where it lies
   * @param document the project as it was after the last edit that reached the disk
   * @param origin the file that it was opened from or saved to; empty for none
   * @param at when it was written
   */
  public record Left(Path folder, Document document, Optional<Path> origin, Instant at) {}

  /** The folder of all autosaves on this machine: in the user's state folder. */
  public static Path usualHome() {
    return stateHome().resolve("autosave");
  }

  /** The folder of what this program keeps about this machine. */
  public static Path stateHome() {
    String stated = System.getenv("XDG_STATE_HOME");
    Path state =
        stated == null || stated.isBlank()
            ? Path.of(System.getProperty("user.home"), ".local", "state")
            : Path.of(stated);
    return state.resolve("stoutblade");
  }

  /** Takes a new folder below the given one. */
  public static Autosave begin(Path home) throws IOException {
    Path folder = Files.createDirectories(home.resolve(UUID.randomUUID().toString()));
    FileChannel channel =
        FileChannel.open(
            folder.resolve(LOCK_NAME), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    return new Autosave(folder, channel, channel.lock());
  }

  /** Where it writes. */
  public Path folder() {
    return folder;
  }

  /** Writes what is open now; when it returns, the disk has it. */
  public synchronized void write(Document document, Optional<Path> origin) throws IOException {
    for (String digest : ProjectFile.digests(document.project())) {
      Path file = folder.resolve(digest);
      if (!Files.exists(file)) {
        SafeWrite.write(file, document.files().get(digest));
      }
    }
    ObjectNode from = Json.MAPPER.createObjectNode();
    origin.ifPresent(path -> from.put("file", path.toAbsolutePath().toString()));
    SafeWrite.write(folder.resolve(ORIGIN_NAME), Json.MAPPER.writeValueAsBytes(from));
    SafeWrite.write(folder.resolve(JSON_NAME), ProjectFile.json(document.project()));
  }

  /** Forgets what was written: it is saved, or given up on purpose. */
  public synchronized void clear() throws IOException {
    Files.deleteIfExists(folder.resolve(JSON_NAME));
  }

  /** Gives the folder up; what is in it is gone. */
  @Override
  public synchronized void close() throws IOException {
    clear();
    lock.release();
    lockFile.close();
    discard(folder);
  }

  /**
   * What programs that did not end well had open, newest first; a folder that cannot be read is
   * passed over and stays.
   */
  public static List<Left> left(Path home) throws IOException {
    List<Left> found = new ArrayList<>();
    if (!Files.isDirectory(home)) {
      return found;
    }
    try (Stream<Path> folders = Files.list(home)) {
      for (Path folder : folders.filter(Files::isDirectory).toList()) {
        if (!Files.exists(folder.resolve(JSON_NAME)) || held(folder)) {
          continue;
        }
        read(folder).ifPresent(found::add);
      }
    }
    found.sort(Comparator.comparing(Left::at).reversed());
    return found;
  }

  private static boolean held(Path folder) throws IOException {
    try (FileChannel channel =
        FileChannel.open(
            folder.resolve(LOCK_NAME), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
      FileLock lock = channel.tryLock();
      if (lock == null) {
        return true;
      }
      lock.release();
      return false;
    } catch (OverlappingFileLockException e) {
      // This very program holds it.
      return true;
    }
  }

  private static Optional<Left> read(Path folder) {
    try {
      Path json = folder.resolve(JSON_NAME);
      Project project = ProjectFile.parse("autosave", Files.readAllBytes(json));
      Map<String, byte[]> files = new TreeMap<>();
      for (String digest : ProjectFile.digests(project)) {
        files.put(digest, Files.readAllBytes(folder.resolve(digest)));
      }
      return Optional.of(
          new Left(
              folder,
              new Document(project, files),
              origin(folder),
              Files.getLastModifiedTime(json).toInstant()));
    } catch (IOException e) {
      return Optional.empty();
    }
  }

  private static Optional<Path> origin(Path folder) throws IOException {
    JsonNode tree = Json.MAPPER.readTree(Files.readAllBytes(folder.resolve(ORIGIN_NAME)));
    return Optional.ofNullable(tree.path("file").textValue()).map(Path::of);
  }

  /** Removes a folder that was left, once it was taken over or given up. */
  public static void discard(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        Files.deleteIfExists(file);
      }
    }
    Files.deleteIfExists(folder);
  }
}

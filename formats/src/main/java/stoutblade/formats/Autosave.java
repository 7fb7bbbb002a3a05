package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
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
 * Keeps what is open on the disk after every edit, in a folder of its own for each window.
 *
 * <p>Each write replaces {@code project.json} whole; pictures and models are written once, by
 * digest. A window holds a lock on its folder for as long as it is there; a folder that nobody
 * holds and that has a project was left by a program that did not end well, and is offered at the
 * next start. Restoring takes that folder over, lock first: no other program can take it, too, and
 * nothing is copied that could get lost.
 */
public final class Autosave implements AutoCloseable {

  private static final String JSON_NAME = "project.json";
  private static final String ORIGIN_NAME = "origin.json";
  private static final String LOCK_NAME = "lock";

  /** A folder without a project that is older than this was left, too, and holds nothing. */
  private static final Duration LEFT_EMPTY = Duration.ofMinutes(10);

  private static final int TRIES = 5;
  private static final long BETWEEN_TRIES_MILLIS = 40;

  private final Path folder;
  private final HeldFile held;

  private Autosave(Path folder, HeldFile held) {
    this.folder = folder;
    this.held = held;
  }

  /**
   * What a program that did not end well had open.
   *
   * @param folder where it lies
   * @param at when it was written
   * @param bytes how large it is
   * @param document the project as it was after the last edit that reached the disk; empty where it
   *     cannot be read
   * @param origin the file that it was opened from or saved to; empty for none
   * @param fault why it cannot be read; empty where it can
   */
  public record Left(
      Path folder,
      Instant at,
      long bytes,
      Optional<Document> document,
      Optional<Path> origin,
      String fault) {}

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

  /**
   * Takes a new folder below the given one.
   *
   * @throws IOException if nothing can be written or locked there
   */
  public static Autosave begin(Path home) throws IOException {
    Path folder = Files.createDirectories(home.resolve(UUID.randomUUID().toString()));
    return locked(folder)
        .orElseThrow(() -> new IOException("the folder " + folder + " cannot be locked"));
  }

  /**
   * Takes a folder over that was left, to go on in it.
   *
   * @return empty where another program has taken it by now
   */
  public static Optional<Autosave> adopt(Path folder) throws IOException {
    for (int i = 0; i < TRIES; i++) {
      Optional<Autosave> taken =
          Files.exists(folder.resolve(JSON_NAME)) ? locked(folder) : Optional.empty();
      if (taken.isPresent()) {
        return taken;
      }
      // Another program may only be looking whether it is held.
      pause();
    }
    return Optional.empty();
  }

  private static void pause() {
    try {
      Thread.sleep(BETWEEN_TRIES_MILLIS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** An autosave in a folder that nobody holds. */
  private static Optional<Autosave> locked(Path folder) throws IOException {
    return HeldFile.take(folder.resolve(LOCK_NAME)).map(it -> new Autosave(folder, it));
  }

  /** Where it writes. */
  public Path folder() {
    return folder;
  }

  /**
   * Writes what is open now; when it returns, the disk has it.
   *
   * @throws FormatException if the disk refuses
   */
  public synchronized void write(Document document, Optional<Path> origin) throws IOException {
    try {
      writeAll(document, origin);
    } catch (FormatException e) {
      // The files of an autosave have names that say nothing to a person.
      throw new FormatException("autosave", e.what(), e);
    }
  }

  private void writeAll(Document document, Optional<Path> origin) throws IOException {
    // Somebody may have cleared the folder away meanwhile; the edits are worth a new one.
    Files.createDirectories(folder);
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
    held.close();
    discard(folder);
  }

  /** What is in this folder now. */
  public Left content() {
    return read(folder);
  }

  /** What programs that did not end well had open, newest first, and what of it is damaged. */
  public static List<Left> left(Path home) throws IOException {
    List<Left> found = new ArrayList<>();
    if (!Files.isDirectory(home)) {
      return found;
    }
    try (Stream<Path> folders = Files.list(home)) {
      for (Path folder : folders.filter(Files::isDirectory).toList()) {
        if (Files.exists(folder.resolve(JSON_NAME))) {
          if (!held(folder)) {
            found.add(read(folder));
          }
        } else {
          clearUp(folder);
        }
      }
    }
    found.sort(Comparator.comparing(Left::at).reversed());
    return found;
  }

  private static boolean held(Path folder) {
    try {
      Optional<Autosave> mine = locked(folder);
      if (mine.isPresent()) {
        mine.get().held.close();
      }
      return mine.isEmpty();
    } catch (IOException e) {
      // It cannot even be locked: it is told of as one that cannot be read.
      return false;
    }
  }

  /** A folder of a window that was killed after it had saved: nothing in it is worth keeping. */
  private static void clearUp(Path folder) {
    try {
      boolean old =
          Files.getLastModifiedTime(folder)
              .toInstant()
              .isBefore(Instant.now(Clock.systemUTC()).minus(LEFT_EMPTY));
      if (old && !held(folder) && !Files.exists(folder.resolve(JSON_NAME))) {
        discard(folder);
      }
    } catch (IOException e) {
      // It does no harm where it is.
      return;
    }
  }

  private static Left read(Path folder) {
    Path json = folder.resolve(JSON_NAME);
    Instant at = Stamp.of(json).map(Stamp::changed).orElse(Instant.EPOCH);
    long bytes = 0;
    try {
      bytes = size(folder);
      byte[] text = Inside.bytes("autosave", json, ProjectFile.LARGEST_JSON);
      Project project = ProjectFile.parse("autosave", text);
      Map<String, byte[]> files = new TreeMap<>();
      for (String digest : ProjectFile.digests(project)) {
        files.put(digest, digested(folder, digest));
      }
      return new Left(
          folder, at, bytes, Optional.of(new Document(project, files)), origin(folder), "");
    } catch (IOException | RuntimeException e) {
      return new Left(folder, at, bytes, Optional.empty(), Optional.empty(), Inside.words(e));
    }
  }

  private static byte[] digested(Path folder, String digest) throws IOException {
    byte[] bytes = Inside.bytes(digest, folder.resolve(digest), ModelFile.LARGEST_FILE);
    if (!PictureFile.digest(bytes).equals(digest)) {
      throw new FormatException("autosave", "a picture or model of it is damaged");
    }
    return bytes;
  }

  private static long size(Path folder) throws IOException {
    long sum = 0;
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        sum += Files.size(file);
      }
    }
    return sum;
  }

  private static Optional<Path> origin(Path folder) throws IOException {
    Path file = folder.resolve(ORIGIN_NAME);
    if (!Files.exists(file)) {
      return Optional.empty();
    }
    JsonNode tree = Json.MAPPER.readTree(Inside.bytes("autosave", file, ProjectFile.LARGEST_JSON));
    return Optional.ofNullable(tree.path("file").textValue()).map(Path::of);
  }

  /** Removes a folder that was left, once it was taken over or given up. */
  public static void discard(Path folder) throws IOException {
    Folders.delete(folder);
  }
}

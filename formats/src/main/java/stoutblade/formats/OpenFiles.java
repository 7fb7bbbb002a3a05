package stoutblade.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Which project files are open in windows of this machine's user, so that a second window on the
 * same file can be told. A window holds a lock, in a folder of the program's own, for as long as it
 * has the file open; the system gives it up with the program.
 */
public final class OpenFiles {

  private final Path home;

  /**
   * The open files.
   *
   * @param home the folder of the locks
   */
  public OpenFiles(Path home) {
    this.home = home;
  }

  /** A file that a window has open. */
  public static final class Claim implements AutoCloseable {

    private final HeldFile held;

    private Claim(HeldFile held) {
      this.held = held;
    }

    /** Gives it up. */
    @Override
    public void close() {
      try {
        held.close();
      } catch (IOException e) {
        // The system gives the lock up when the program ends.
        return;
      }
    }
  }

  /**
   * Says that a window opens a file.
   *
   * @return empty where another window has it open; the file may be opened all the same
   * @throws IOException if nothing can be written down there, so that nothing is known
   */
  public Optional<Claim> claim(Path file) throws IOException {
    Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath().normalize();
    String key = PictureFile.digest(real.toString().getBytes(StandardCharsets.UTF_8));
    Files.createDirectories(home);
    return HeldFile.take(home.resolve(key + ".open")).map(Claim::new);
  }
}

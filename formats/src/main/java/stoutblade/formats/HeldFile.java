package stoutblade.formats;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A file that is locked for one window. Other programs are kept off by the system's lock, which
 * ends with the program; other windows of this one by a list of its own, since on many systems
 * closing any channel on a file gives up every lock that the program has on it.
 */
final class HeldFile implements AutoCloseable {

  private static final Set<Path> HELD_HERE = ConcurrentHashMap.newKeySet();

  private final Path file;
  private final FileChannel channel;

  private HeldFile(Path file, FileChannel channel) {
    this.file = file;
    this.channel = channel;
  }

  /**
   * Locks a file, which is made where it is not there.
   *
   * @return empty where somebody else holds it
   * @throws IOException if it cannot be made or locked at all
   */
  static Optional<HeldFile> take(Path file) throws IOException {
    Path name = file.toAbsolutePath().normalize();
    if (!HELD_HERE.add(name)) {
      return Optional.empty();
    }
    Optional<HeldFile> taken = Optional.empty();
    try {
      taken = locked(name);
    } finally {
      if (taken.isEmpty()) {
        HELD_HERE.remove(name);
      }
    }
    return taken;
  }

  private static Optional<HeldFile> locked(Path file) throws IOException {
    FileChannel channel =
        FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    FileLock lock = null;
    try {
      lock = channel.tryLock();
    } catch (OverlappingFileLockException e) {
      // Under another name, such as by a link.
      lock = null;
    } finally {
      if (lock == null) {
        channel.close();
      }
    }
    return lock == null ? Optional.empty() : Optional.of(new HeldFile(file, channel));
  }

  /** Gives it up. */
  @Override
  public void close() throws IOException {
    channel.close();
    HELD_HERE.remove(file);
  }
}

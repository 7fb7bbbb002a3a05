package stoutblade.formats;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/** Writes a file so that at any moment either the old or the new one is there, whole. */
final class SafeWrite {

  private SafeWrite() {}

  /** Writes beside the file, flushes to the disk, and renames over it. */
  static void write(Path file, byte[] bytes) throws IOException {
    Path beside = file.resolveSibling("." + file.getFileName() + ".saving");
    try (FileChannel out =
        FileChannel.open(
            beside,
            StandardOpenOption.CREATE,
            StandardOpenOption.WRITE,
            StandardOpenOption.TRUNCATE_EXISTING)) {
      ByteBuffer buffer = ByteBuffer.wrap(bytes);
      while (buffer.hasRemaining()) {
        out.write(buffer);
      }
      out.force(true);
    }
    try {
      Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING);
    }
    flushFolder(file.toAbsolutePath().getParent());
  }

  /** Makes the rename itself durable; not every system lets a folder be opened for that. */
  private static void flushFolder(Path folder) {
    try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
      channel.force(true);
    } catch (IOException e) {
      // The file itself is flushed and in place; only a power cut could still undo the rename.
      return;
    }
  }
}

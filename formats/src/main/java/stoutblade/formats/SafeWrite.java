package stoutblade.formats;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;

/**
 * Writes a file so that at any moment either the old or the new one is there, whole.
 *
 * <p>It is written beside the file under a name that no other program has, flushed to the disk, and
 * renamed over it. Where that fails, what was written of it is taken away and the old file stays. A
 * symbolic link stays one: what it points to is replaced. The rights of the old file are kept.
 */
final class SafeWrite {

  /** How many links are followed from one to the next. */
  private static final int MOST_LINKS = 40;

  private static final Set<PosixFilePermission> WRITERS =
      Set.of(
          PosixFilePermission.OWNER_WRITE,
          PosixFilePermission.GROUP_WRITE,
          PosixFilePermission.OTHERS_WRITE);

  private SafeWrite() {}

  /**
   * Writes a file.
   *
   * @throws FormatException if the disk refuses; the message says why and what can be done
   */
  static void write(Path file, byte[] bytes) throws IOException {
    Path target;
    try {
      target = followed(file);
      replace(target, bytes);
    } catch (IOException e) {
      throw refused(file, e);
    }
    flushFolder(target.toAbsolutePath().getParent());
  }

  /** Where a file really lies: what a link points to, if it is one. */
  static Path followed(Path file) throws IOException {
    Path at = file;
    for (int i = 0; i < MOST_LINKS; i++) {
      if (!Files.isSymbolicLink(at)) {
        return at;
      }
      at = at.resolveSibling(Files.readSymbolicLink(at));
    }
    throw new FileSystemLoopException(file.toString());
  }

  /** True where a file is there that may not be changed: nobody may, or we may not. */
  static boolean readOnly(Path file) throws IOException {
    if (!Files.exists(file)) {
      return false;
    }
    return !Files.isWritable(file)
        || (posix(file)
            && Files.getPosixFilePermissions(file).stream().noneMatch(WRITERS::contains));
  }

  private static boolean posix(Path file) {
    return file.getFileSystem().supportedFileAttributeViews().contains("posix");
  }

  private static void replace(Path target, byte[] bytes) throws IOException {
    // Short, so that it fits where the file's own name is as long as a name may be.
    Path beside =
        target.resolveSibling(
            ".stout-" + ProcessHandle.current().pid() + "-" + UUID.randomUUID() + ".part");
    boolean moved = false;
    try {
      writeNew(beside, bytes);
      if (Files.exists(target) && posix(target)) {
        Files.setPosixFilePermissions(beside, Files.getPosixFilePermissions(target));
      }
      move(beside, target);
      moved = true;
    } finally {
      if (!moved) {
        Files.deleteIfExists(beside);
      }
    }
  }

  /** A file of that name that is there already, or a link planted there, is never written to. */
  private static void writeNew(Path file, byte[] bytes) throws IOException {
    try (FileChannel out =
        FileChannel.open(
            file,
            Set.of(
                StandardOpenOption.CREATE_NEW,
                StandardOpenOption.WRITE,
                LinkOption.NOFOLLOW_LINKS))) {
      ByteBuffer buffer = ByteBuffer.wrap(bytes);
      while (buffer.hasRemaining()) {
        out.write(buffer);
      }
      out.force(true);
    }
  }

  private static void move(Path from, Path to) throws IOException {
    try {
      Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
    }
  }

  private static FormatException refused(Path file, IOException fault) {
    String why =
        switch (fault) {
          case NoSuchFileException e -> "its folder is not there";
          case AccessDeniedException e -> "there is no right to write to its folder";
          case FileSystemLoopException e -> "it is a link that leads back to itself";
          case FileSystemException e -> reason(String.valueOf(e.getReason()));
          default -> reason(String.valueOf(fault.getMessage()));
        };
    return new FormatException(
        String.valueOf(file.getFileName()),
        "not written: "
            + why
            + ". What was there before is as it was. Choose another place with 'Save as', or mend"
            + " that and try again",
        fault);
  }

  private static String reason(String words) {
    String lower = words.toLowerCase(Locale.ROOT);
    if (lower.contains("no space") || lower.contains("disk space") || lower.contains("quota")) {
      return "the disk is full";
    }
    if (lower.contains("too large")) {
      return "the disk takes no file of this size";
    }
    if (lower.contains("read-only")) {
      return "the disk can only be read";
    }
    return "the disk refuses it (" + words + ")";
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

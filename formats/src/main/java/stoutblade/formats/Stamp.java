package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Instant;
import java.util.Optional;

/**
 * What a file was like when it was last read or written here, to notice that somebody else has
 * changed it since.
 *
 * @param bytes its size
 * @param changed when it was last changed
 * @param key what the system knows it by, where it says so: another after a replacement
 */
public record Stamp(long bytes, Instant changed, String key) {

  /** The stamp of a file; empty where there is none. */
  public static Optional<Stamp> of(Path file) {
    try {
      BasicFileAttributes at = Files.readAttributes(file, BasicFileAttributes.class);
      return Optional.of(
          new Stamp(at.size(), at.lastModifiedTime().toInstant(), String.valueOf(at.fileKey())));
    } catch (IOException e) {
      return Optional.empty();
    }
  }
}

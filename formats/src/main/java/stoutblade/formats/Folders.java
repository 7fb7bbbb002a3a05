package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;

/** Folders of our own, which hold files and no folders. */
public final class Folders {

  private Folders() {}

  /** Deletes a folder with the files in it, where there is one. */
  public static void delete(Path folder) throws IOException {
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

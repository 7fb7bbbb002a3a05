package stoutblade.demo;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;

/** Where a project comes from: a file, or the word {@code demo}. */
public final class ProjectSource {

  /** The word that stands for the demo wherever a file is named. */
  public static final String DEMO = "demo";

  private ProjectSource() {}

  /**
   * Opens what was named.
   *
   * @param now the time at which the demo stands
   */
  public static Document open(String named, LocalDateTime now) throws IOException {
    return switch (named) {
      case DEMO -> Demo.open(now);
      default -> ProjectFile.read(Path.of(named));
    };
  }
}

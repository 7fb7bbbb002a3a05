package stoutblade.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import stoutblade.demo.Demo;
import stoutblade.desktop.NewProject;
import stoutblade.formats.Document;
import stoutblade.formats.ProjectFile;
import stoutblade.project.Project;

/** What random edits begin with, and the way to the disk and back. */
final class Starts {

  private static final LocalDateTime NOW = LocalDateTime.of(2031, 3, 3, 12, 0);

  private Starts() {}

  /** A new project, and the pageant. */
  static List<Project> all() throws IOException {
    return List.of(NewProject.first(NOW), Demo.open(NOW).project());
  }

  /** A project without its pictures and models. */
  static Project bare(Project project) {
    return project.withProps(
        project.props().stream()
            .map(it -> it.withSize(it.size().withReferences(List.of()).withModels(List.of())))
            .toList());
  }

  /** Writes a project, reads it again, and throws where it is not the same. */
  static Consumer<Project> throughAFile(Path folder) {
    Path file = folder.resolve("through.stout");
    return project -> {
      // The bytes of pictures and models are not at hand here, and say nothing about edits.
      Project bare = bare(project);
      try {
        ProjectFile.write(file, new Document(bare, Map.of()));
        if (!ProjectFile.read(file).project().equals(bare)) {
          throw new IllegalStateException("It was read as another than it was written");
        }
        Files.delete(file);
      } catch (IOException e) {
        throw new IllegalStateException("What was accepted cannot be saved and read", e);
      }
    };
  }
}

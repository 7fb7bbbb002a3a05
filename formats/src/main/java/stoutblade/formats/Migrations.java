package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/**
 * Brings the JSON of older versions up to the one in use, step by step. A step is a small class of
 * its own with the words of its old format inside.
 */
final class Migrations {

  /** From one version to the next. */
  interface Migration {

    /** The version that it starts from. */
    int from();

    /** The project tree in the next version. */
    ObjectNode migrate(ObjectNode project);
  }

  private static final List<Migration> STEPS =
      List.of(
          new FromVersion1(),
          new FromVersion2(),
          new FromVersion3(),
          new FromVersion4(),
          new FromVersion5(),
          new FromVersion6(),
          new FromVersion7(),
          new FromVersion8(),
          new FromVersion9(),
          new FromVersion10(),
          new FromVersion11());

  private Migrations() {}

  /**
   * The project's tree in the version in use.
   *
   * @throws FormatException if it is no project, or of a version that is not known
   */
  static JsonNode current(String name, JsonNode root) throws FormatException {
    return current(name, root, STEPS, ProjectFile.VERSION);
  }

  /** The same with given steps up to a given version. */
  static JsonNode current(String name, JsonNode root, List<Migration> steps, int newest)
      throws FormatException {
    if (!root.path("format").asText().equals(ProjectFile.FORMAT)) {
      throw new FormatException(
          name, "not a project: 'format' is not '" + ProjectFile.FORMAT + "'");
    }
    JsonNode stated = root.path("version");
    if (!stated.isInt() || stated.asInt() < 1) {
      throw new FormatException(name, "'version' is a whole number from 1; found " + stated);
    }
    if (stated.asInt() > newest) {
      throw new FormatException(
          name,
          "written by a newer Stout Blade: version "
              + stated
              + " of the format; this one reads up"
              + " to "
              + newest);
    }
    if (!(root.path("project") instanceof ObjectNode project)) {
      throw new FormatException(name, "'project' is missing");
    }
    ObjectNode tree = project;
    for (int version = stated.asInt(); version < newest; version++) {
      int from = version;
      tree =
          steps.stream()
              .filter(step -> step.from() == from)
              .findFirst()
              .orElseThrow(() -> new FormatException(name, "no way from version " + from))
              .migrate(tree);
    }
    return tree;
  }
}

package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 9 had no outlines that follow others, no cut-outs along an outline of their own, nothing
 * worked into patterns of what is wrapped, turned or folded, no hollow layers, and no repeats that
 * are left out.
 */
final class FromVersion9 implements Migrations.Migration {

  @Override
  public int from() {
    return 9;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    for (JsonNode prop : project.path("props")) {
      solid(prop.path("defaults"));
      for (JsonNode part : prop.path("parts")) {
        solid(part);
        if (part.path("shape") instanceof ObjectNode shape) {
          plain(shape);
        }
      }
    }
    return project;
  }

  private static void solid(JsonNode layered) {
    for (JsonNode sheet : layered.path("stack").path("sheets")) {
      if (sheet instanceof ObjectNode it) {
        it.putNull("frame");
      }
    }
  }

  private static void plain(ObjectNode shape) {
    if (shape.has("sizes") || shape.has("pieces")) {
      shape.putArray("worked");
    }
    if (shape.has("features")) {
      shape.putNull("follow");
      for (JsonNode feature : shape.path("features")) {
        if (feature instanceof ObjectNode it) {
          it.putNull("outline").putArray("without");
        }
      }
    }
  }
}

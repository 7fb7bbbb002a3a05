package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 9 had no outlines that follow others, no cut-outs along an outline of their own, and
 * nothing worked into patterns of what is wrapped, turned or folded.
 */
final class FromVersion9 implements Migrations.Migration {

  @Override
  public int from() {
    return 9;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    for (JsonNode prop : project.path("props")) {
      for (JsonNode part : prop.path("parts")) {
        if (part.path("shape") instanceof ObjectNode it
            && (it.has("sizes") || it.has("pieces"))) {
          it.putArray("worked");
        }
        if (part.path("shape") instanceof ObjectNode shape && shape.has("features")) {
          shape.putNull("follow");
          for (JsonNode feature : shape.path("features")) {
            if (feature instanceof ObjectNode it) {
              it.putNull("outline");
            }
          }
        }
      }
    }
    return project;
  }
}

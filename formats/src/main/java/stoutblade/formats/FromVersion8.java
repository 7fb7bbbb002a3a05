package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 8 knew sheets of foam alone, by the id of the foam, and of the ways of working only the
 * glues; the character and the sizing rule had other names in it.
 */
final class FromVersion8 implements Migrations.Migration {

  @Override
  public int from() {
    return 8;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    renamed(project);
    for (JsonNode prop : project.path("props")) {
      if (prop.path("size") instanceof ObjectNode size) {
        rename(size, "bearer", "character");
        rename(size, "school", "rule");
      }
      for (JsonNode part : prop.path("parts")) {
        if (part instanceof ObjectNode it) {
          workmanship(it);
        }
      }
    }
    return project;
  }

  private static void workmanship(ObjectNode part) {
    JsonNode gluing = part.path("gluing");
    ObjectNode made = Json.MAPPER.createObjectNode();
    made.set("glueId", gluing.path("facesId"));
    made.set("coreGlueId", gluing.path("coreId"));
    made.putNull("channel").putNull("bedding").putNull("bevel").putArray("grits");
    part.remove("gluing");
    part.set("workmanship", made);
  }

  /** What is named alike wherever it stands. */
  private static void renamed(JsonNode node) {
    if (node instanceof ObjectNode object) {
      rename(object, "foamId", "materialId");
      if (object.path("kind").asText().equals("as-tall-as-bearer")) {
        object.put("kind", "as-tall-as-character");
      }
    }
    node.forEach(FromVersion8::renamed);
  }

  private static void rename(ObjectNode object, String from, String to) {
    if (object.has(from)) {
      object.set(to, object.remove(from));
    }
  }
}

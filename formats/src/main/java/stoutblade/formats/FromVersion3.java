package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 3 had corners and curves only, and parts that were bench sums without a place; version 4
 * has arcs, rounded corners, plates, and parts put together.
 */
final class FromVersion3 implements Migrations.Migration {

  @Override
  public int from() {
    return 3;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    JsonNode layering = project.path("layering");
    outline(project.path("blade").path("half"), "half");
    for (JsonNode tracing : project.path("size").path("tracings")) {
      tracing.path("outlines").forEach(it -> outline(it, "whole"));
    }
    for (JsonNode part : project.path("parts")) {
      if (part instanceof ObjectNode it) {
        part(it, layering.path("foamId").asText("eva-stiff"));
      }
    }
    return project;
  }

  private static void outline(JsonNode outline, String kind) {
    if (outline instanceof ObjectNode it) {
      it.put("kind", kind);
      for (JsonNode node : it.path("nodes")) {
        if (node instanceof ObjectNode own) {
          own.put("ease", 0.0).put("bulge", 0.0);
        }
      }
    }
  }

  private static void part(ObjectNode part, String materialId) {
    JsonNode count = part.remove("count");
    part.put("kind", "shaped").put("foamId", materialId);
    ObjectNode placing = part.putObject("placing");
    placing.put("on", "");
    ObjectNode where = placing.putObject("where").put("places", "at");
    ObjectNode spot = where.putObject("spot");
    spot.putObject("at").put("x", 0.0).put("y", 0.0);
    spot.put("turn", 0.0);
    placing.put("facing", false).put("shows", "FRONT").put("textured", "NONE");
    placing.set("copies", count == null ? placing.numberNode(1) : count);
    placing.put("mirrored", 0);
  }
}

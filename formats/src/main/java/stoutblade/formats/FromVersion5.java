package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 5 had one section all along a part, no band round its edge, round channels, and slices of
 * one thickness; version 6 has sections that change, bands, kinds of channel, and a thickness for
 * each slice.
 */
final class FromVersion5 implements Migrations.Migration {

  @Override
  public int from() {
    return 5;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    same(project.path("layering"));
    if (project.path("core") instanceof ObjectNode core) {
      core.put("groove", "ROUND");
    }
    for (JsonNode part : project.path("parts")) {
      same(part.path("layering"));
      if (part instanceof ObjectNode sliced && part.path("kind").asText().equals("sliced")) {
        slices(sliced);
      }
    }
    return project;
  }

  private static void same(JsonNode layering) {
    if (layering instanceof ObjectNode it) {
      it.putArray("changes");
      it.putNull("band");
    }
  }

  private static void slices(ObjectNode part) {
    JsonNode origin = part.path("origin");
    part.putObject("origin").put("name", origin.asText()).put("modelId", "").put("perUnit", 0.0);
    JsonNode thickness = part.remove("thicknessMm");
    for (JsonNode layer : part.path("layers")) {
      if (layer instanceof ObjectNode it) {
        it.set("thicknessMm", thickness);
      }
    }
  }
}

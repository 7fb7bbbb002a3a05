package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** Version 6 said nothing of how a picture was taken, nor on what an outline was traced. */
final class FromVersion6 implements Migrations.Migration {

  @Override
  public int from() {
    return 6;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    for (JsonNode reference : project.path("size").path("references")) {
      if (reference instanceof ObjectNode it) {
        ObjectNode camera = it.putObject("camera");
        camera.put("kind", "UNKNOWN").putNull("height").putNull("focal").putNull("horizon");
        camera.putArray("uprights");
      }
    }
    for (JsonNode tracing : project.path("size").path("tracings")) {
      if (tracing instanceof ObjectNode it) {
        it.putNull("unit");
      }
    }
    if (project.path("blade") instanceof ObjectNode blade) {
      blade.put("from", "");
    }
    for (JsonNode part : project.path("parts")) {
      if (part instanceof ObjectNode plate && part.path("kind").asText().equals("plate")) {
        plate.put("from", "");
        toThePart(plate.path("layering"));
      }
    }
    toThePart(project.path("layering"));
    return project;
  }

  /** Every layer was cut to the outline of its part. */
  private static void toThePart(JsonNode layering) {
    for (JsonNode sheet : layering.path("sheets")) {
      if (sheet instanceof ObjectNode it) {
        it.putNull("own");
      }
    }
  }
}

package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/**
 * Version 4 had features on plates only and two bevelled layers for the blade, one sheet for a
 * plate; version 5 has features on the blade too, and stacks of sheets with a profile for all of
 * them.
 */
final class FromVersion4 implements Migrations.Migration {

  @Override
  public int from() {
    return 4;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    if (project.path("blade") instanceof ObjectNode blade) {
      blade.putArray("features");
    }
    if (project.path("layering") instanceof ObjectNode layering) {
      double bevel = layering.path("bevelMm").asDouble();
      project.set("layering", stack(layering, 2, bevel, layering.path("edgeMm").asDouble()));
    }
    for (JsonNode part : project.path("parts")) {
      if (part instanceof ObjectNode plate && plate.path("kind").asText().equals("plate")) {
        plate.set("layering", stack(plate, 1, 0, 0));
        plate.remove(List.of("foamId", "thicknessMm"));
      }
    }
    project.putArray("leftovers");
    return project;
  }

  private static ObjectNode stack(ObjectNode of, int count, double bevelMm, double edgeMm) {
    ObjectNode layering = of.objectNode();
    ArrayNode sheets = layering.putArray("sheets");
    for (int i = 0; i < count; i++) {
      ObjectNode sheet = sheets.addObject();
      sheet.set("foamId", of.path("foamId"));
      sheet.set("thicknessMm", of.path("thicknessMm"));
      sheet.put("oversize", false).put("turned", false);
    }
    ObjectNode profile = layering.putObject("profile");
    profile.put("kind", bevelMm > 0 ? "BEVEL" : "FLAT").put("widthMm", bevelMm);
    profile.put("edgeMm", edgeMm).put("tip", 1.0).put("roundMm", 0.0).put("steps", 3);
    profile.putArray("curve").addObject().put("x", 0.5).put("y", 0.7);
    profile.put("flatBack", false);
    layering.put("wantedMm", 0.0).put("allowanceMm", 0.0);
    return layering;
  }
}

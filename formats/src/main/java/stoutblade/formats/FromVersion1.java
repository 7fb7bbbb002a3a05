package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 1 had one wearer of whom only the height was known, and one picture with the figure's
 * height and a second length; version 2 gathers what is decided about the size.
 */
final class FromVersion1 implements Migrations.Migration {

  @Override
  public int from() {
    return 1;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    ObjectNode size = project.objectNode();
    size.set("wearers", wearers(project.remove("wearer")));
    size.putNull("bearer");
    size.putObject("school").put("kind", "blend").put("share", 0);
    JsonNode reference = project.remove("reference");
    ArrayNode references = size.putArray("references");
    if (reference instanceof ObjectNode old) {
      references.add(reference(old));
    }
    size.putArray("models");
    size.putArray("tracings");
    size.set("carry", carry(project));
    size.putArray("passages");
    project.set("size", size);
    return project;
  }

  private static ObjectNode wearers(JsonNode wearer) {
    if (wearer instanceof ObjectNode it) {
      it.putObject("measured");
      it.putNull("weightLimitG");
    }
    ObjectNode wearers = Json.MAPPER.createObjectNode();
    wearers.putArray("kept").add(wearer);
    wearers.put("carrying", 0);
    return wearers;
  }

  private static ObjectNode reference(ObjectNode old) {
    ArrayNode rulers = old.arrayNode();
    JsonNode height = old.remove("figureHeight");
    if (height instanceof ObjectNode mark) {
      ObjectNode by = old.objectNode().put("kind", "figure-height");
      by.putArray("line").add(mark.get("from")).add(mark.get("to"));
      rulers.add(ruler(old, "r1", "Figure", by));
    }
    JsonNode check = old.remove("check");
    if (check instanceof ObjectNode known) {
      ObjectNode by = old.objectNode().put("kind", "known-length");
      by.putObject("length").set("value", known.get("lengthMm"));
      ((ObjectNode) by.get("length")).put("std", 0);
      by.putNull("thing");
      by.set("mark", known.get("mark"));
      // It only checked the scale before, and had no weight in it.
      rulers.add(ruler(old, "r2", known.path("name").asText(), by).put("trusted", false));
    }
    old.put("id", "p1");
    old.put("name", "Picture");
    ObjectNode dressing = old.putObject("dressing");
    dressing.put("quarterTurns", 0).put("levelRad", 0).putNull("crop").put("brightness", 0);
    old.putNull("distance");
    old.set("rulers", rulers);
    old.putArray("measures");
    return old;
  }

  private static ObjectNode ruler(ObjectNode maker, String id, String name, ObjectNode by) {
    ObjectNode ruler = maker.objectNode();
    ruler.put("id", id).put("name", name.isBlank() ? "Known thing" : name);
    ruler.set("by", by);
    ruler.putObject("behind").put("value", 0).put("std", 0);
    return ruler.put("trusted", true);
  }

  private static ObjectNode carry(ObjectNode maker) {
    ObjectNode carry = maker.objectNode();
    carry.put("kind", "HANDLE").put("rest", "UPRIGHT").put("hands", 1);
    for (String unsaid :
        new String[] {
          "gripAtMm", "gripLengthMm", "gripDiameterMm", "strapSpanMm", "apartAtMm", "thicknessMm"
        }) {
      carry.putNull(unsaid);
    }
    return carry;
  }
}

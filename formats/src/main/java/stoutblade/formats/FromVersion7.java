package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Set;

/**
 * Version 7 had one blade beside its parts, with layers, core and coats that no part could have,
 * and steps and measures of that blade alone. It is a part now, the first of all; and all of it is
 * one prop, of which a project may have more.
 */
final class FromVersion7 implements Migrations.Migration {

  private static final String BLADE = "blade";
  private static final String PROP = "p1";

  /** Steps that are there once, whatever the parts are. */
  private static final Set<String> SHARED = Set.of("buy", "print", "hold-up", "pack");

  @Override
  public int from() {
    return 7;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    JsonNode blade = project.remove(BLADE);
    JsonNode layering = project.remove("layering");
    JsonNode core = project.remove("core");
    JsonNode coats = project.remove("coats");
    JsonNode old = project.remove("parts");
    String id = free(old);
    boolean drawn = blade.path("half").path("nodes").size() > 0;
    ArrayNode parts = project.putArray("parts");
    if (drawn) {
      parts.add(blade(id, blade, layering, core, coats));
    }
    for (JsonNode part : old) {
      if (part instanceof ObjectNode it) {
        parts.add(part(it, drawn ? id : ""));
      }
    }
    ObjectNode defaults = project.putObject("defaults");
    defaults.set("stack", plain(layering));
    defaults.set("coats", coats.deepCopy());
    if (project.path("event") instanceof ObjectNode event) {
      event.putNull("reserveMinutes");
    }
    journal(project, drawn ? PROP + "/" + id : "");
    prop(project);
    return project;
  }

  /** What was the whole project is its only prop. */
  private static void prop(ObjectNode project) {
    ObjectNode prop = Json.MAPPER.createObjectNode();
    prop.put("id", PROP);
    prop.set("name", project.get("name"));
    ObjectNode size = (ObjectNode) project.remove("size");
    JsonNode wearers = size.remove("wearers");
    prop.put("wearerId", "w" + (wearers.path("carrying").asInt() + 1));
    prop.set("size", size);
    prop.set("defaults", project.remove("defaults"));
    prop.set("parts", project.remove("parts"));
    ObjectNode kept = project.putObject("wearers").putObject("kept");
    for (JsonNode wearer : wearers.path("kept")) {
      kept.set("w" + (kept.size() + 1), wearer);
    }
    project.putArray("props").add(prop);
  }

  /** The first id that no part has. */
  private static String free(JsonNode parts) {
    for (int number = 1; ; number++) {
      String id = "d" + number;
      boolean taken = false;
      for (JsonNode part : parts) {
        taken |= part.path("id").asText().equals(id);
      }
      if (!taken) {
        return id;
      }
    }
  }

  /** What new parts start with has no outlines of its own. */
  private static JsonNode plain(JsonNode layering) {
    JsonNode plain = layering.deepCopy();
    for (JsonNode sheet : plain.path("sheets")) {
      if (sheet instanceof ObjectNode it) {
        it.putNull("own");
      }
    }
    return plain;
  }

  private static ObjectNode blade(
      String id, JsonNode blade, JsonNode layering, JsonNode core, JsonNode coats) {
    ObjectNode part = Json.MAPPER.createObjectNode();
    String name = blade.path("name").asText();
    part.put("id", id);
    part.put("name", name.substring(0, Math.min(60, name.length())));
    ObjectNode shape = part.putObject("shape");
    shape.put("kind", "cut");
    ObjectNode outline = shape.putObject("outline");
    outline.put("kind", "half");
    outline.set("nodes", blade.path("half").path("nodes"));
    shape.set("features", blade.path("features"));
    shape.put("bothFaces", true);
    shape.set("from", blade.path("from"));
    part.set("stack", layering);
    part.set("core", core);
    part.set("coats", coats);
    ObjectNode placing = part.putObject("placing");
    placing.put("on", "");
    ObjectNode where = placing.putObject("where");
    where.put("places", "at");
    ObjectNode spot = where.putObject("spot");
    spot.putObject("at").put("x", 0.0).put("y", 0.0);
    spot.put("turn", 0.0);
    placing.put("facing", false).put("shows", "FRONT").put("textured", "NONE");
    placing.put("copies", 1).put("mirrored", 0);
    last(part);
    return part;
  }

  /** What no part could say. */
  private static void last(ObjectNode part) {
    part.putObject("gluing").putNull("facesId").putNull("coreId");
    part.put("held", false);
  }

  private static ObjectNode part(ObjectNode old, String blade) {
    ObjectNode part = Json.MAPPER.createObjectNode();
    part.set("id", old.get("id"));
    part.set("name", old.get("name"));
    ObjectNode shape = part.putObject("shape");
    switch (old.path("kind").asText()) {
      case "plate" -> {
        shape.put("kind", "cut");
        take(old, shape, "outline", "features");
        shape.put("bothFaces", false);
        take(old, shape, "from");
        part.set("stack", old.get("layering"));
      }
      case "shaped" -> {
        shape.put("kind", "formed");
        take(old, shape, "sum", "sizes");
        ends(shape, thickness(old));
        sheet(part, old, thickness(old));
      }
      case "flat" -> {
        shape.put("kind", "flat");
        take(old, shape, "origin", "pieces");
        sheet(part, old, old.path("thicknessMm").asDouble());
      }
      case "sliced" -> {
        shape.put("kind", "slices");
        take(old, shape, "origin", "layers", "pegMm");
        sheet(part, old, old.path("layers").path(0).path("thicknessMm").asDouble());
      }
      default -> shape.set("kind", old.get("kind"));
    }
    part.putNull("core");
    part.putArray("coats");
    JsonNode placing = old.get("placing");
    if (placing instanceof ObjectNode it && it.path("on").asText().equals(BLADE)) {
      it.put("on", blade);
    }
    part.set("placing", placing);
    last(part);
    return part;
  }

  /** Ends lay on the walls; a box too low to have them mitred is as high as it was with them. */
  private static void ends(ObjectNode shape, double thicknessMm) {
    String sum = shape.path("sum").asText();
    boolean box = sum.equals("box");
    if ((box || sum.equals("prism")) && shape.path("sizes") instanceof ObjectNode sizes) {
      double ends = sizes.path("ends").asDouble(box ? 2 : 1) * thicknessMm;
      double height = sizes.path("height").asDouble(box ? 90 : 200);
      if (height <= ends) {
        sizes.put("height", height + ends);
      }
    }
  }

  private static void take(ObjectNode from, ObjectNode to, String... names) {
    for (String name : names) {
      to.set(name, from.get(name));
    }
  }

  /** A sum's thickness was one of its sizes; one that was not typed was the usual one then. */
  private static double thickness(ObjectNode old) {
    JsonNode typed = old.path("sizes").path("foam");
    return typed.isNumber() ? typed.asDouble() : usual(old.path("sum").asText());
  }

  private static double usual(String sum) {
    return switch (sum) {
      case "wraps", "strip", "skin" -> 2;
      case "band", "over" -> 5;
      case "dome", "elbow", "pyramid" -> 6;
      case "moulding" -> 15;
      default -> 10;
    };
  }

  /** One flat sheet. */
  private static void sheet(ObjectNode part, ObjectNode old, double thicknessMm) {
    ObjectNode stack = part.putObject("stack");
    ObjectNode sheet = stack.putArray("sheets").addObject();
    sheet.set("foamId", old.get("foamId"));
    sheet.put("thicknessMm", thicknessMm).put("oversize", false).put("turned", false);
    sheet.putNull("own");
    ObjectNode profile = stack.putObject("profile");
    profile.put("kind", "FLAT").put("widthMm", 0.0).put("edgeMm", 0.0).put("tip", 1.0);
    profile.put("roundMm", 0.0).put("steps", 3);
    profile.putArray("curve").addObject().put("x", 0.5).put("y", 0.7);
    profile.put("flatBack", false);
    stack.putArray("changes");
    stack.putNull("band");
    stack.put("wantedMm", 0.0).put("allowanceMm", 0.0);
  }

  private static void journal(ObjectNode project, String blade) {
    if (!(project.path("journal") instanceof ObjectNode journal)) {
      return;
    }
    for (JsonNode done : journal.path("done")) {
      if (done instanceof ObjectNode it) {
        it.put("stepId", step(it.path("stepId").asText(), blade));
      }
    }
    ObjectNode clocks = Json.MAPPER.createObjectNode();
    journal
        .path("clocks")
        .properties()
        .forEach(it -> clocks.set(step(it.getKey(), blade), it.getValue()));
    journal.set("clocks", clocks);
    ObjectNode built = Json.MAPPER.createObjectNode();
    if (!blade.isEmpty()) {
      built.set(blade, journal.get("built"));
    }
    journal.set("built", built);
    journal.putObject("printed");
  }

  private static String step(String id, String blade) {
    return SHARED.contains(id) ? "all/" + id : (blade.isEmpty() ? "gone" : blade) + "/" + id;
  }
}

package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 10 had no curved centre lines, no squeezed cores, no layers that follow the part's
 * outline at a distance, no followers with the cut-outs of what they follow, and nothing that
 * stands between the repeats of something else or next to it.
 */
final class FromVersion10 implements Migrations.Migration {

  @Override
  public int from() {
    return 10;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    for (JsonNode prop : project.path("props")) {
      sheets(prop.path("defaults"));
      for (JsonNode part : prop.path("parts")) {
        sheets(part);
        if (part.path("core") instanceof ObjectNode core) {
          core.putNull("squeezedMm");
        }
        if (part.path("placing") instanceof ObjectNode placing) {
          placing.put("between", "").putNull("next").putArray("without");
          unshifted(placing);
        }
        if (part.path("shape") instanceof ObjectNode shape) {
          shape(shape);
        }
      }
    }
    return project;
  }

  private static void sheets(JsonNode layered) {
    for (JsonNode sheet : layered.path("stack").path("sheets")) {
      if (sheet instanceof ObjectNode it) {
        it.putNull("offset");
      }
    }
  }

  private static void shape(ObjectNode shape) {
    if (shape.path("follow") instanceof ObjectNode follow) {
      follow.put("openings", false);
    }
    if (shape.has("features")) {
      shape.putNull("axis");
      shape.path("features").forEach(FromVersion10::alone);
    }
    for (JsonNode worked : shape.path("worked")) {
      alone(worked.path("feature"));
    }
  }

  private static void alone(JsonNode feature) {
    if (feature instanceof ObjectNode it) {
      it.put("between", "");
      unshifted(it);
    }
  }

  private static void unshifted(ObjectNode placed) {
    if (placed.path("where") instanceof ObjectNode where && where.has("insetMm")) {
      where.put("shift", 0.0);
    }
  }
}

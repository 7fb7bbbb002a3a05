package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 11 had one rod for a core as it is sold, laid flat and in one piece: no rods beside it,
 * no joint, nothing drilled or glued together, no limits of its own; nothing was felt, and events
 * said nothing of cores. Offcuts had no shape, how pieces are laid was not kept, and where layers
 * and flat patterns are cut apart could not be decided.
 */
final class FromVersion11 implements Migrations.Migration {

  @Override
  public int from() {
    return 11;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    if (project.path("event") instanceof ObjectNode event) {
      event.put("cores", "ANY");
    }
    for (JsonNode built : project.path("journal").path("built")) {
      if (built instanceof ObjectNode own) {
        own.putNull("felt");
      }
    }
    for (JsonNode prop : project.path("props")) {
      proposed(prop.path("defaults").path("stack"));
      for (JsonNode part : prop.path("parts")) {
        if (part.path("core") instanceof ObjectNode core) {
          core.putObject("work")
              .put("drilledMm", 0)
              .put("bundle", 1)
              .put("onEdge", false)
              .set("squeezedMm", core.remove("squeezedMm"));
          core.putNull("parting").putNull("limits").putArray("beside");
        }
        proposed(part.path("stack"));
        if (part.path("workmanship") instanceof ObjectNode workmanship) {
          workmanship.putObject("splices");
        }
      }
    }
    ObjectNode cutting = project.putObject("cutting");
    cutting.putArray("laid");
    cutting.putArray("lengths");
    ObjectNode cutter = cutting.putObject("cutter");
    cutter.put("kind", "KNIFE").put("kerfMm", 0).put("overcutMm", 0.5);
    cutter.putObject("bed").put("xMm", 1200).put("yMm", 1000).put("clampMm", 0);
    cutter
        .putObject("pace")
        .put("feedMmPerMin", 3000)
        .put("drawMmPerMin", 3000)
        .put("travelMmPerMin", 6000)
        .put("passes", 1);
    cutter.putObject("bridges").put("count", 0).put("mm", 2);
    cutting.putArray("cutters");
    cutting.putObject("scale").put("across", 1).put("along", 1);
    for (JsonNode leftover : project.path("leftovers")) {
      if (leftover instanceof ObjectNode own) {
        own.putArray("rings");
      }
    }
    return project;
  }

  /** Layers of a stack that are cut apart where it is proposed. */
  private static void proposed(JsonNode stack) {
    for (JsonNode sheet : stack.path("sheets")) {
      if (sheet instanceof ObjectNode own) {
        ObjectNode splits = own.putObject("splits");
        splits.put("joint", "BUTT").put("placed", false);
        splits.putArray("across");
        splits.putArray("along");
      }
    }
  }
}

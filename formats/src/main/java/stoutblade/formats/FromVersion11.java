package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;

/**
 * Version 11 had one rod for a core, laid flat and in one piece: no rods beside it, and no joint.
 */
final class FromVersion11 implements Migrations.Migration {

  @Override
  public int from() {
    return 11;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    for (JsonNode prop : project.path("props")) {
      for (JsonNode part : prop.path("parts")) {
        if (part.path("core") instanceof ObjectNode core) {
          core.put("onEdge", false).putNull("parting").putArray("beside");
        }
      }
    }
    return project;
  }
}

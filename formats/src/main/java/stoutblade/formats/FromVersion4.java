package stoutblade.formats;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Version 4 had features on plates only; version 5 has them on the blade too. */
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
    return project;
  }
}

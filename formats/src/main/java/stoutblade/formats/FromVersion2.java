package stoutblade.formats;

import com.fasterxml.jackson.databind.node.ObjectNode;

/** Version 2 had the blade only; version 3 has a list of parts beside it. */
final class FromVersion2 implements Migrations.Migration {

  @Override
  public int from() {
    return 2;
  }

  @Override
  public ObjectNode migrate(ObjectNode project) {
    project.putArray("parts");
    return project;
  }
}

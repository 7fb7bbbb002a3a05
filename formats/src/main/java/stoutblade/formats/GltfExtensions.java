package stoutblade.formats;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What extensions of glTF 2 change about where corners are: instances are unfolded to nodes, packed
 * corners are refused by name (Khronos registry of glTF extensions, from memory).
 */
final class GltfExtensions {

  /** What is left of EXT_mesh_gpu_instancing on a node: its attributes. */
  static final String INSTANCES = "instances";

  private static final String INSTANCING = "EXT_mesh_gpu_instancing";
  private static final int MOST_INSTANCES = 20_000;
  private static final int FLOAT = 5126;

  private static final Map<String, String> PACKED =
      Map.of(
          "KHR_draco_mesh_compression",
          "compressed",
          "EXT_meshopt_compression",
          "compressed",
          "KHR_meshopt_compression",
          "compressed",
          "KHR_mesh_quantization",
          "quantised");

  private GltfExtensions() {}

  /**
   * Refuses corners that are packed.
   *
   * @throws FormatException if the file needs an extension that packs them, with its name
   */
  static void refuse(String name, ObjectNode tree) throws FormatException {
    for (JsonNode used : tree.path("extensionsRequired")) {
      String packed = PACKED.get(used.asText());
      if (packed != null) {
        throw new FormatException(
            name, "its corners are " + packed + " (" + used.asText() + "): export it without that");
      }
    }
  }

  /** The scene that is shown is the one that the file names. */
  static void defaultSceneFirst(ObjectNode tree) {
    int shown = tree.path("scene").asInt(0);
    if (tree.path("scenes") instanceof ArrayNode scenes && shown > 0 && shown < scenes.size()) {
      JsonNode first = scenes.get(0);
      scenes.set(0, scenes.get(shown));
      scenes.set(shown, first);
      tree.put("scene", 0);
    }
  }

  /** Keeps what instances need before everything else of extensions is dropped. */
  static void lift(ObjectNode tree) {
    for (JsonNode node : tree.path("nodes")) {
      JsonNode attributes = node.path("extensions").path(INSTANCING).path("attributes");
      if (node instanceof ObjectNode it && attributes instanceof ObjectNode) {
        it.set(INSTANCES, attributes);
      }
    }
  }

  /**
   * Unfolds instances: a node with n of them gets n children that carry its mesh.
   *
   * @throws FormatException if there are too many, or their places do not lie in the file
   */
  static void instances(String name, ObjectNode tree, byte[] binary) throws FormatException {
    if (!(tree.path("nodes") instanceof ArrayNode nodes)) {
      return;
    }
    int all = 0;
    int before = nodes.size();
    for (int i = 0; i < before; i++) {
      if (nodes.get(i) instanceof ObjectNode node
          && node.remove(INSTANCES) instanceof ObjectNode at) {
        all += unfolded(name, tree, node, at, nodes, binary);
        if (all > MOST_INSTANCES) {
          throw new FormatException(name, "more than " + MOST_INSTANCES + " instances in it");
        }
      }
    }
  }

  private static int unfolded(
      String name, ObjectNode tree, ObjectNode node, ObjectNode at, ArrayNode nodes, byte[] binary)
      throws FormatException {
    Values places = Values.of(name, tree, at.path("TRANSLATION"), 3, binary);
    Values turns = Values.of(name, tree, at.path("ROTATION"), 4, binary);
    Values sizes = Values.of(name, tree, at.path("SCALE"), 3, binary);
    int count =
        Stream.of(places, turns, sizes)
            .mapToInt(Values::count)
            .filter(it -> it > 0)
            .min()
            .orElse(0);
    JsonNode mesh = node.remove("mesh");
    if (mesh == null || count > MOST_INSTANCES) {
      return mesh == null ? 0 : count;
    }
    ArrayNode children = node.withArray("children");
    for (int k = 0; k < count; k++) {
      children.add(nodes.size());
      ObjectNode child = nodes.addObject();
      child.set("mesh", mesh);
      places.into(child, "translation", k);
      turns.into(child, "rotation", k);
      sizes.into(child, "scale", k);
    }
    return count;
  }

  /** Rows of numbers in the file. */
  private record Values(ByteBuffer in, int at, int stride, int each, int count) {

    private static final Values NONE = new Values(ByteBuffer.allocate(0), 0, 0, 0, 0);

    static Values of(String name, ObjectNode tree, JsonNode accessor, int each, byte[] binary)
        throws FormatException {
      if (!accessor.isInt()) {
        return NONE;
      }
      JsonNode list = tree.path("accessors").path(accessor.asInt());
      JsonNode view = tree.path("bufferViews").path(list.path("bufferView").asInt(-1));
      if (list.path("componentType").asInt() != FLOAT) {
        throw new FormatException(
            name, "the places of its instances are quantised: export it anew");
      }
      int stride = view.path("byteStride").asInt(4 * each);
      long from = view.path("byteOffset").asLong() + list.path("byteOffset").asLong(0);
      long count = list.path("count").asLong(0);
      if (from < 0
          || stride < 4 * each
          || count < 0
          || from + (count - 1) * stride + 4L * each > binary.length) {
        throw new FormatException(name, "damaged: the places of its instances lie outside of it");
      }
      return new Values(
          ByteBuffer.wrap(binary).order(ByteOrder.LITTLE_ENDIAN),
          (int) from,
          stride,
          each,
          (int) Math.min(count, MOST_INSTANCES + 1));
    }

    void into(ObjectNode node, String key, int row) {
      if (count > row) {
        ArrayNode values = node.putArray(key);
        for (int i = 0; i < each; i++) {
          values.add(in.getFloat(at + row * stride + 4 * i));
        }
      }
    }
  }
}

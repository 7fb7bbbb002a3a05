package stoutblade.formats;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.javagl.jgltf.model.AccessorByteData;
import de.javagl.jgltf.model.AccessorData;
import de.javagl.jgltf.model.AccessorFloatData;
import de.javagl.jgltf.model.AccessorIntData;
import de.javagl.jgltf.model.AccessorModel;
import de.javagl.jgltf.model.AccessorShortData;
import de.javagl.jgltf.model.GltfModel;
import de.javagl.jgltf.model.MeshModel;
import de.javagl.jgltf.model.MeshPrimitiveModel;
import de.javagl.jgltf.model.NodeModel;
import de.javagl.jgltf.model.SceneModel;
import de.javagl.jgltf.model.io.GltfModelReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.stream.Stream;
import stoutblade.mesh.MeshBuilder;

/**
 * Reads glTF 2.0, both kinds. Everything but geometry is taken out before the library sees it, and
 * what is left refers to nothing outside.
 */
final class GltfReader implements ModelFile.Reader {

  /** Held, so that its level stays: what the library finds odd is not for the terminal. */
  private static final Logger LIBRARY = Logger.getLogger("de.javagl.jgltf");

  private static final int MAGIC = 0x46546C67;
  private static final int JSON_CHUNK = 0x4E4F534A;
  private static final int BINARY_CHUNK = 0x004E4942;
  private static final int TRIANGLES = 4;
  private static final int STRIP = 5;
  private static final int FAN = 6;
  private static final int DEEPEST = 200;
  private static final List<String> LISTS =
      List.of("scenes", "nodes", "meshes", "accessors", "bufferViews", "buffers");
  private static final List<String> KEPT =
      Stream.concat(Stream.of("asset", "scene"), LISTS.stream()).toList();

  /** True where the bytes are glTF of one of the two kinds. */
  static boolean isGltf(byte[] file) {
    if (file.length >= 12
        && ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN).getInt() == MAGIC) {
      return true;
    }
    int at = 0;
    while (at < file.length && blank(file[at])) {
      at++;
    }
    return at < file.length && file[at] == '{';
  }

  /** White space, or a byte of the mark that some put before UTF-8. */
  private static boolean blank(byte it) {
    boolean mark = it == (byte) 0xEF || it == (byte) 0xBB || it == (byte) 0xBF;
    return mark || (it <= ' ' && it >= 0);
  }

  /**
   * The geometry of a glTF as one binary file that needs no others.
   *
   * @param folder the only place from which files beside it are taken
   */
  static byte[] selfContained(String name, byte[] file, Path folder) throws IOException {
    Chunks chunks = Chunks.of(name, file);
    ObjectNode tree = chunks.json();
    GltfExtensions.refuse(name, tree);
    GltfExtensions.defaultSceneFirst(tree);
    tree.retain(KEPT);
    for (String list : LISTS) {
      checkKind(name, list, tree.path(list));
    }
    GltfExtensions.lift(tree);
    check(name, tree);
    byte[] binary = gathered(name, tree, chunks.binary(), Optional.ofNullable(folder));
    GltfExtensions.instances(name, tree, binary);
    return packed(tree, binary);
  }

  /** What is said to be a list of things is one. */
  private static void checkKind(String name, String list, JsonNode found) throws FormatException {
    boolean right = found.isMissingNode() || found.isArray();
    for (JsonNode one : found) {
      right &= one.isObject();
    }
    if (!right) {
      throw new FormatException(name, "damaged: '" + list + "' is no list of what it should be");
    }
  }

  /** The two chunks of a file. */
  @SuppressWarnings("ArrayRecordComponent") // megabytes, passed on once
  private record Chunks(ObjectNode json, byte[] binary) {

    static Chunks of(String name, byte[] file) throws IOException {
      ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
      if (file.length < 12 || in.getInt(0) != MAGIC) {
        return new Chunks(tree(name, file, 0, file.length), new byte[0]);
      }
      if (Integer.toUnsignedLong(in.getInt(8)) != file.length) {
        throw new FormatException(
            name,
            "damaged: it states "
                + Integer.toUnsignedLong(in.getInt(8))
                + " bytes and has "
                + file.length);
      }
      ObjectNode json = null;
      byte[] binary = new byte[0];
      int at = 12;
      while (at + 8 <= file.length) {
        long length = Integer.toUnsignedLong(in.getInt(at));
        int kind = in.getInt(at + 4);
        if (at + 8 + length > file.length) {
          throw new FormatException(name, "damaged: a chunk reaches beyond the end of the file");
        }
        if (kind == JSON_CHUNK && json == null) {
          json = tree(name, file, at + 8, (int) length);
        } else if (kind == BINARY_CHUNK && binary.length == 0) {
          binary = Arrays.copyOfRange(file, at + 8, (int) (at + 8 + length));
        }
        at += 8 + (int) length;
      }
      if (json == null) {
        throw new FormatException(name, "damaged: it has no description of its parts");
      }
      return new Chunks(json, binary);
    }

    private static ObjectNode tree(String name, byte[] file, int from, int length)
        throws IOException {
      try {
        JsonNode tree = Json.GEOMETRY.readTree(file, from, length);
        if (tree instanceof ObjectNode it && it.path("asset").path("version").isTextual()) {
          return it;
        }
        throw new FormatException(name, "not glTF: no asset with a version was found");
      } catch (JsonProcessingException e) {
        throw Json.fault(name, e);
      }
    }
  }

  private static void check(String name, ObjectNode tree) throws FormatException {
    String version = tree.path("asset").path("version").asText();
    if (!version.startsWith("2")) {
      throw new FormatException(name, "glTF 2 was expected; found version " + version);
    }
    tree.path("meshes")
        .forEach(
            mesh ->
                mesh.path("primitives")
                    .forEach(
                        it -> {
                          if (it instanceof ObjectNode primitive) {
                            primitive.retain(List.of("attributes", "indices", "mode"));
                            if (primitive.get("attributes") instanceof ObjectNode attributes) {
                              attributes.retain(List.of("POSITION"));
                            }
                          }
                        }));
    tree.path("nodes")
        .forEach(
            it -> {
              if (it instanceof ObjectNode node) {
                node.retain(
                    List.of(
                        "children",
                        "mesh",
                        "matrix",
                        "translation",
                        "rotation",
                        "scale",
                        "name",
                        GltfExtensions.INSTANCES));
              }
            });
    for (JsonNode accessor : tree.path("accessors")) {
      long count = accessor.path("count").asLong(-1);
      if (count < 1 || count > 3L * MeshBuilder.MOST_TRIANGLES) {
        throw new FormatException(
            name, "no usable model: a list of corners states " + count + " entries");
      }
      if (accessor.has("sparse")) {
        throw new FormatException(name, "no usable model: sparse lists are not read");
      }
      if (!accessor.has("bufferView")) {
        throw new FormatException(name, "no usable model: a list of corners is empty");
      }
    }
    checkTree(name, tree.path("nodes"));
  }

  /** A node that is its own ancestor would be walked for ever. */
  private static void checkTree(String name, JsonNode nodes) throws FormatException {
    int[] parents = new int[nodes.size()];
    Arrays.fill(parents, -1);
    for (int i = 0; i < nodes.size(); i++) {
      for (JsonNode child : nodes.get(i).path("children")) {
        int index = child.asInt(-1);
        if (index < 0 || index >= parents.length || parents[index] >= 0) {
          throw new FormatException(
              name, "damaged: node " + i + " has a child '" + child + "' that it cannot have");
        }
        parents[index] = i;
      }
    }
    for (int i = 0; i < parents.length; i++) {
      int depth = 0;
      for (int at = i; parents[at] >= 0; at = parents[at]) {
        if (++depth > DEEPEST) {
          throw new FormatException(
              name, "damaged: its nodes are nested deeper than " + DEEPEST + ", or in a ring");
        }
      }
    }
  }

  /** All buffers one after another; each becomes a stretch of the one that is left. */
  private static byte[] gathered(String name, ObjectNode tree, byte[] binary, Optional<Path> folder)
      throws IOException {
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    ArrayNode buffers = tree.withArray("buffers");
    long[] starts = new long[buffers.size()];
    for (int i = 0; i < buffers.size(); i++) {
      starts[i] = all.size();
      JsonNode uri = buffers.get(i).path("uri");
      byte[] bytes =
          uri.isTextual() ? referred(name, uri.asText(), folder) : i == 0 ? binary : new byte[0];
      long stated = buffers.get(i).path("byteLength").asLong(-1);
      if (stated < 1 || stated > bytes.length) {
        throw new FormatException(
            name,
            "damaged: part " + (i + 1) + " states " + stated + " bytes and has " + bytes.length);
      }
      all.write(bytes);
      while (all.size() % 4 != 0) {
        all.write(0);
      }
      if (all.size() > ModelFile.LARGEST_FILE) {
        throw new FormatException(name, "larger than 400 MB with the files beside it");
      }
    }
    for (JsonNode view : tree.path("bufferViews")) {
      int buffer = view.path("buffer").asInt(-1);
      long offset = view.path("byteOffset").asLong(0);
      long length = view.path("byteLength").asLong(-1);
      if (buffer < 0
          || buffer >= starts.length
          || offset < 0
          || length < 1
          || starts[buffer] + offset + length > all.size()) {
        throw new FormatException(name, "damaged: a list of corners lies outside its part");
      }
      ((ObjectNode) view).put("buffer", 0).put("byteOffset", starts[buffer] + offset);
    }
    buffers.removeAll();
    buffers.addObject().put("byteLength", all.size());
    return all.toByteArray();
  }

  private static byte[] referred(String name, String uri, Optional<Path> folder)
      throws IOException {
    if (uri.startsWith("data:")) {
      int comma = uri.indexOf(',');
      if (comma < 0 || !uri.substring(0, comma).endsWith(";base64")) {
        throw new FormatException(name, "damaged: a part inside it is not in base64");
      }
      try {
        return Base64.getDecoder().decode(uri.substring(comma + 1));
      } catch (IllegalArgumentException e) {
        throw new FormatException(name, "damaged: a part inside it is not in base64", e);
      }
    }
    return beside(name, uri, folder);
  }

  private static byte[] beside(String name, String uri, Optional<Path> folder) throws IOException {
    String shown = uri.length() > 80 ? uri.substring(0, 80) + "…" : uri;
    if (folder.isEmpty()) {
      throw new FormatException(name, "it refers to another file, '" + shown + "'");
    }
    String plain;
    Path file;
    try {
      plain = URLDecoder.decode(uri.replace("+", "%2B"), StandardCharsets.UTF_8);
      file = folder.get().resolve(plain).normalize();
    } catch (IllegalArgumentException e) {
      throw new FormatException(name, "it refers to '" + shown + "', which is no file name", e);
    }
    Path home = folder.get().toRealPath();
    boolean away =
        plain.contains(":")
            || plain.startsWith("/")
            || plain.startsWith("\\\\")
            || !file.startsWith(folder.get().normalize());
    if (away) {
      throw new FormatException(
          name, "it refers to '" + shown + "', outside its own folder: that is not read");
    }
    if (!Files.isRegularFile(file)) {
      throw new FormatException(name, "its part '" + shown + "' is not in its folder");
    }
    if (!file.toRealPath().startsWith(home)) {
      throw new FormatException(
          name, "it refers to '" + shown + "', outside its own folder: that is not read");
    }
    return Inside.bytes("'" + shown + "', a part of " + name, file, ModelFile.LARGEST_FILE);
  }

  private static byte[] packed(ObjectNode tree, byte[] binary) throws IOException {
    byte[] json = Json.GEOMETRY.writeValueAsBytes(tree);
    int padded = (json.length + 3) / 4 * 4;
    ByteBuffer out =
        ByteBuffer.allocate(12 + 8 + padded + 8 + binary.length).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(MAGIC).putInt(2).putInt(out.capacity());
    out.putInt(padded).putInt(JSON_CHUNK).put(json);
    for (int i = json.length; i < padded; i++) {
      out.put((byte) ' ');
    }
    out.putInt(binary.length).putInt(BINARY_CHUNK).put(binary);
    return out.array();
  }

  /** A unit of glTF is a metre. */
  @Override
  public Optional<Double> unitMm() {
    return Optional.of(1000.0);
  }

  @Override
  public void read(String name, byte[] file, MeshBuilder into, DoubleConsumer progress)
      throws IOException {
    GltfModel model = parsed(name, selfContained(name, file, null));
    progress.accept(0.4);
    List<SceneModel> scenes = model.getSceneModels();
    List<NodeModel> roots =
        scenes.isEmpty()
            ? model.getNodeModels().stream().filter(it -> it.getParent() == null).toList()
            : scenes.getFirst().getNodeModels();
    for (NodeModel root : roots) {
      node(root, into, progress);
    }
  }

  private static GltfModel parsed(String name, byte[] checked) throws IOException {
    LIBRARY.setLevel(Level.OFF);
    GltfModelReader reader = new GltfModelReader();
    // What the library finds odd about the description shows in what it makes of it.
    reader.setJsonErrorConsumer(error -> {});
    try {
      return reader.readWithoutReferences(new ByteArrayInputStream(checked));
    } catch (IOException | RuntimeException e) {
      // Its own words are about its classes.
      throw new FormatException(
          name, "damaged: its lists of corners, meshes and nodes do not fit together", e);
    }
  }

  private static void node(NodeModel node, MeshBuilder into, DoubleConsumer progress) {
    float[] matrix = node.computeGlobalTransform(null);
    for (MeshModel mesh : node.getMeshModels()) {
      for (MeshPrimitiveModel primitive : mesh.getMeshPrimitiveModels()) {
        primitive(primitive, matrix, into);
        progress.accept(0.7);
      }
    }
    for (NodeModel child : node.getChildren()) {
      node(child, into, progress);
    }
  }

  private static void primitive(MeshPrimitiveModel primitive, float[] m, MeshBuilder into) {
    AccessorModel positions = primitive.getAttributes().get("POSITION");
    int mode = primitive.getMode();
    if (positions == null || (mode != TRIANGLES && mode != STRIP && mode != FAN)) {
      return;
    }
    if (!(positions.getAccessorData() instanceof AccessorFloatData at)
        || at.getNumComponentsPerElement() != 3) {
      throw new IllegalArgumentException("corners are three numbers with a point");
    }
    int first = into.vertices();
    for (int v = 0; v < at.getNumElements(); v++) {
      double x = at.get(v, 0);
      double y = at.get(v, 1);
      double z = at.get(v, 2);
      into.vertex(
          m[0] * x + m[4] * y + m[8] * z + m[12],
          m[1] * x + m[5] * y + m[9] * z + m[13],
          m[2] * x + m[6] * y + m[10] * z + m[14]);
    }
    AccessorModel indices = primitive.getIndices();
    int count = indices == null ? at.getNumElements() : indices.getCount();
    faces(mode, count, first, at.getNumElements(), indices, into);
  }

  private static void faces(
      int mode, int count, int first, int vertices, AccessorModel indices, MeshBuilder into) {
    int step = mode == TRIANGLES ? 3 : 1;
    AccessorData data = indices == null ? null : indices.getAccessorData();
    for (int i = 0; i + 2 < count; i += step) {
      int a = index(data, mode == FAN ? 0 : i, vertices);
      int b = index(data, i + 1, vertices);
      int c = index(data, i + 2, vertices);
      boolean turned = mode == STRIP && i % 2 == 1;
      into.face(first + a, first + (turned ? c : b), first + (turned ? b : c));
    }
  }

  private static int index(AccessorData data, int i, int vertices) {
    int index =
        switch (data) {
          case null -> i;
          case AccessorByteData it -> it.getInt(i);
          case AccessorShortData it -> it.getInt(i);
          case AccessorIntData it -> it.get(i);
          default -> throw new IllegalArgumentException("corners are counted in whole numbers");
        };
    if (index < 0 || index >= vertices) {
      throw new IllegalArgumentException(
          "a face names corner " + (index + 1L) + "; there are " + vertices);
    }
    return index;
  }
}

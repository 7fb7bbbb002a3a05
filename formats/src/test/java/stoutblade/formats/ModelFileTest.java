package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.mesh.Mesh;
import stoutblade.reference.Orientation;

class ModelFileTest {

  @TempDir Path folder;

  private static final double[][] CORNERS = {
    {0, 0, 0}, {2, 0, 0}, {2, 1, 0}, {0, 1, 0}, {0, 0, 3}, {2, 0, 3}, {2, 1, 3}, {0, 1, 3}
  };
  private static final int[][] QUADS = {
    {0, 3, 2, 1}, {4, 5, 6, 7}, {0, 1, 5, 4}, {1, 2, 6, 5}, {2, 3, 7, 6}, {3, 0, 4, 7}
  };

  /** A box of 2 × 1 × 3 as text with faces of four corners. */
  static String obj() {
    StringBuilder text = new StringBuilder("# a box\no Box\n");
    for (double[] it : CORNERS) {
      text.append("v ").append(it[0]).append(' ').append(it[1]).append(' ').append(it[2]);
      text.append('\n');
    }
    text.append("vt 0 0\nvn 0 0 1\n");
    for (int[] quad : QUADS) {
      text.append('f');
      for (int corner : quad) {
        text.append(' ').append(corner + 1).append("/1/1");
      }
      text.append('\n');
    }
    return text.toString();
  }

  static byte[] binaryStl(long stated) {
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * 12).order(ByteOrder.LITTLE_ENDIAN);
    out.position(80);
    out.putInt((int) stated);
    for (int[] quad : QUADS) {
      triangle(out, quad[0], quad[1], quad[2]);
      triangle(out, quad[0], quad[2], quad[3]);
    }
    return out.array();
  }

  private static void triangle(ByteBuffer out, int... corners) {
    out.putFloat(0).putFloat(0).putFloat(0);
    for (int corner : corners) {
      for (double value : CORNERS[corner]) {
        out.putFloat((float) value);
      }
    }
    out.putShort((short) 0);
  }

  private static String textStl() {
    StringBuilder text = new StringBuilder("solid box\n");
    for (int[] quad : QUADS) {
      for (int[] t : new int[][] {{quad[0], quad[1], quad[2]}, {quad[0], quad[2], quad[3]}}) {
        text.append(" facet normal 0 0 1\n  outer loop\n");
        for (int corner : t) {
          text.append("   vertex ");
          for (double value : CORNERS[corner]) {
            text.append(value).append(' ');
          }
          text.append('\n');
        }
        text.append("  endloop\n endfacet\n");
      }
    }
    return text.append("endsolid box\n").toString();
  }

  private static byte[] gltfBuffer() {
    ByteBuffer out = ByteBuffer.allocate(8 * 12 + 36 * 2).order(ByteOrder.LITTLE_ENDIAN);
    for (double[] corner : CORNERS) {
      for (double value : corner) {
        out.putFloat((float) value);
      }
    }
    for (int[] quad : QUADS) {
      for (int i : new int[] {0, 1, 2, 0, 2, 3}) {
        out.putShort((short) quad[i]);
      }
    }
    return out.array();
  }

  /** A box under a node that enlarges it by 10 and moves it, with a picture that is not there. */
  private static String gltf(String uri) {
    return """
        {"asset":{"version":"2.0"},"scene":0,"scenes":[{"nodes":[0]}],
         "nodes":[{"translation":[5,0,0],"children":[1]},{"scale":[10,10,10],"mesh":0}],
         "meshes":[{"primitives":[{"attributes":{"POSITION":0},"indices":1,"material":0}]}],
         "materials":[{"pbrMetallicRoughness":{"baseColorTexture":{"index":0}}}],
         "textures":[{"source":0}],"images":[{"uri":"../../secret.png"}],
         "accessors":[
          {"bufferView":0,"componentType":5126,"count":8,"type":"VEC3",
           "min":[0,0,0],"max":[2,1,3]},
          {"bufferView":1,"componentType":5123,"count":36,"type":"SCALAR"}],
         "bufferViews":[{"buffer":0,"byteOffset":0,"byteLength":96},
          {"buffer":0,"byteOffset":96,"byteLength":72}],
         "buffers":[{"byteLength":168,"uri":"%s"}]}"""
        .formatted(uri);
  }

  private static String inside() {
    return "data:application/octet-stream;base64,"
        + Base64.getEncoder().encodeToString(gltfBuffer());
  }

  private static ModelFile read(String name, byte[] file) throws IOException {
    return ModelFile.read(name, file, share -> {});
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static void assertBox(ModelFile read, double scale) {
    Mesh mesh = read.mesh();
    assertThat(mesh.triangles()).isEqualTo(12);
    assertThat(mesh.vertices()).isEqualTo(8);
    assertThat(mesh.extent().along(0)).isCloseTo(2 * scale, within(1e-6));
    assertThat(mesh.extent().along(2)).isCloseTo(3 * scale, within(1e-6));
    assertThat(read.check().sound()).isTrue();
    assertThat(read.check().pieces()).isEqualTo(1);
  }

  @Test
  void a_box_is_the_same_from_every_kind_of_file() throws IOException {
    assertBox(read("box.obj", bytes(obj())), 1);
    assertBox(read("box.stl", binaryStl(12)), 1);
    assertBox(read("box.stl", bytes(textStl())), 1);
    assertBox(read("box.gltf", bytes(gltf(inside()))), 10);
    assertThat(read("box.stl", binaryStl(12)).orientation()).isEqualTo(Orientation.Z_UP);
    assertThat(read("box.stl", binaryStl(12)).unitMm()).isEmpty();
    assertThat(read("box.gltf", bytes(gltf(inside()))).unitMm()).contains(1000.0);
  }

  @Test
  void a_gltf_with_its_part_beside_it_is_kept_as_one_file() throws IOException {
    Files.write(folder.resolve("my part.bin"), gltfBuffer());
    Path file = folder.resolve("box.gltf");
    Files.writeString(file, gltf("my%20part.bin"));

    ModelFile read = ModelFile.read(file, share -> {});

    assertBox(read, 10);
    assertBox(read("kept", read.file()), 10);
    assertThat(new String(read.file(), StandardCharsets.ISO_8859_1)).doesNotContain("secret");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "../part.bin",
        "..%2Fpart.bin",
        "/etc/hostname",
        "file:///etc/hostname",
        "http://localhost/x.bin",
        "sub/../../part.bin",
        "C:\\\\part.bin"
      })
  void a_gltf_that_points_outside_its_folder_is_refused(String uri) throws IOException {
    Path inner = Files.createDirectory(folder.resolve("inner"));
    Files.write(folder.resolve("part.bin"), gltfBuffer());
    Path file = inner.resolve("box.gltf");
    Files.writeString(file, gltf(uri));

    assertThatThrownBy(() -> ModelFile.read(file, share -> {}))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("box.gltf: it refers to")
        .hasMessageContaining("outside its own folder");
  }

  @Test
  void a_link_out_of_the_folder_is_not_followed() throws IOException {
    Path inner = Files.createDirectory(folder.resolve("inner"));
    Files.write(folder.resolve("part.bin"), gltfBuffer());
    Files.createSymbolicLink(inner.resolve("link.bin"), folder.resolve("part.bin"));
    Path file = inner.resolve("box.gltf");
    Files.writeString(file, gltf("link.bin"));

    assertThatThrownBy(() -> ModelFile.read(file, share -> {}))
        .hasMessageContaining("outside its own folder");
  }

  /** Four billion triangles would take 200 GB: the length of the file says that it lies. */
  @Test
  void an_stl_that_claims_four_billion_triangles_is_refused() {
    assertThatThrownBy(() -> read("huge.stl", binaryStl(4_000_000_000L)))
        .isInstanceOf(FormatException.class)
        .hasMessage(
            "huge.stl: no usable model: it states 4000000000 triangles, which take 200000000084"
                + " bytes; it has 684");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "box.obj  | v 2.0 1.0 0.0 | v NaN 1 0          | lies nowhere",
        "box.obj  | v 2.0 1.0 0.0 | v 1e99 1 0         | lies nowhere",
        "box.obj  | v 2.0 1.0 0.0 | v two one none     | line 5: expected a number",
        "box.obj  | f 1/1/1       | f 99/1/1           | names corner 99; there are 8",
        "box.obj  | f 1/1/1       | f 0/1/1            | box.obj",
        "box.stl  | endsolid      | enddd              | expected 'facet' or 'endsolid'",
        "box.stl  | endloop       | endlop             | expected 'endloop'",
        "box.stl  | vertex 2.0    | vertex two         | expected a number, found 'two'",
        "box.stl  | vertex 2.0    | vertex NaN         | lies nowhere",
        "box.gltf | \"count\":36  | \"count\":3600000  | box.gltf",
        "box.gltf | \"count\":8   | \"count\":2000000000 | states 2000000000 entries",
        "box.gltf | \"children\":[1] | \"children\":[0] | nested deeper",
        "box.gltf | \"children\":[1] | \"children\":[7] | cannot have",
        "box.gltf | \"byteLength\":168 | \"byteLength\":999999 | states 999999 bytes",
        "box.gltf | \"byteOffset\":96 | \"byteOffset\":150 | outside its part",
        "box.gltf | 2.0\"         | 1.0\"              | glTF 2 was expected",
        "box.gltf | \"asset\"     | \"aset\"           | no asset",
        "box.gltf | base64        | base65             | base64",
      })
  void faults_are_named(String name, String good, String bad, String message) {
    String whole = name.endsWith("obj") ? obj() : name.endsWith("stl") ? textStl() : gltf(inside());
    assertThat(whole).contains(good);
    int at = whole.indexOf(good);
    String broken = whole.substring(0, at) + bad + whole.substring(at + good.length());

    assertThatThrownBy(() -> read(name, bytes(broken)))
        .isInstanceOf(FormatException.class)
        .hasMessageStartingWith("")
        .hasMessageContaining(message);
  }

  @ParameterizedTest
  @ValueSource(strings = {"note.obj", "note.stl", "note.gltf", "note.glb"})
  void a_text_with_another_name_is_no_model(String name) {
    assertThatThrownBy(() -> read(name, bytes("Dear diary, today the foam arrived.\n")))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining(name);
    assertThatThrownBy(() -> read(name, new byte[0])).isInstanceOf(FormatException.class);
  }

  @Test
  void reading_can_be_stopped() {
    assertThatThrownBy(
            () ->
                ModelFile.read(
                    "box.obj",
                    bytes(obj()),
                    share -> {
                      throw new CancellationException("stop");
                    }))
        .isInstanceOf(CancellationException.class);
  }

  /** Whatever is wrong with it: a model, or a message that names the file; nothing else. */
  @ParameterizedTest
  @ValueSource(strings = {"obj", "stl", "text.stl", "gltf", "glb"})
  void random_damage_ends_in_a_model_or_a_message(String kind) throws IOException {
    byte[] whole =
        switch (kind) {
          case "obj" -> bytes(obj());
          case "stl" -> binaryStl(12);
          case "text.stl" -> bytes(textStl());
          case "gltf" -> bytes(gltf(inside()));
          default -> GltfReader.selfContained("box", bytes(gltf(inside())), folder);
        };
    Random random = new Random(9);
    for (int i = 0; i < 300; i++) {
      byte[] bytes = Arrays.copyOf(whole, i % 4 == 0 ? random.nextInt(whole.length) : whole.length);
      for (int hit = 0; hit < i % 9 && bytes.length > 0; hit++) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
      }
      try {
        assertThat(read("x." + kind, bytes).mesh().triangles()).isPositive();
      } catch (FormatException e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
  }

  // == PLY, 3MF, AND WHAT EXTENSIONS DO

  private static byte[] ply(String format) {
    String header =
        "ply\nformat "
            + format
            + " 1.0\ncomment a box\nelement vertex 8\nproperty uchar red\n"
            + "property double x\nproperty double y\nproperty double z\nelement face 6\n"
            + "property list uchar int vertex_indices\nend_header\n";
    ByteBuffer out = ByteBuffer.allocate(2000);
    out.put(header.getBytes(StandardCharsets.US_ASCII));
    if (format.equals("ascii")) {
      StringBuilder text = new StringBuilder();
      for (double[] at : CORNERS) {
        text.append("200 %s %s %s%n".formatted(at[0], at[1], at[2]));
      }
      for (int[] quad : QUADS) {
        text.append("4 %d %d %d %d%n".formatted(quad[0], quad[1], quad[2], quad[3]));
      }
      out.put(text.toString().getBytes(StandardCharsets.US_ASCII));
    } else {
      out.order(format.contains("little") ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
      for (double[] at : CORNERS) {
        out.put((byte) 200).putDouble(at[0]).putDouble(at[1]).putDouble(at[2]);
      }
      for (int[] quad : QUADS) {
        out.put((byte) 4);
        for (int corner : quad) {
          out.putInt(corner);
        }
      }
    }
    return Arrays.copyOf(out.array(), out.position());
  }

  @ParameterizedTest
  @ValueSource(strings = {"ascii", "binary_little_endian", "binary_big_endian"})
  void a_ply_is_read_in_all_three_ways(String format) throws IOException {
    assertBox(read("box.ply", ply(format)), 1);
    byte[] cut = Arrays.copyOf(ply(format), ply(format).length - 9);
    assertThatThrownBy(() -> ModelFile.read("box.ply", cut, share -> {}))
        .isInstanceOf(FormatException.class);
  }

  private static byte[] threeMf(String unit, String build) throws IOException {
    StringBuilder xml = new StringBuilder();
    xml.append("<?xml version='1.0'?><model unit='").append(unit).append("'");
    xml.append("><resources>");
    xml.append("<object id='1' type='model'><mesh><vertices>");
    for (double[] at : CORNERS) {
      xml.append("<vertex x='%s' y='%s' z='%s'/>".formatted(at[0], at[1], at[2]));
    }
    xml.append("</vertices><triangles>");
    for (int[] quad : QUADS) {
      for (int[] t : new int[][] {{quad[0], quad[1], quad[2]}, {quad[0], quad[2], quad[3]}}) {
        xml.append("<triangle v1='%d' v2='%d' v3='%d'/>".formatted(t[0], t[1], t[2]));
      }
    }
    xml.append("</triangles></mesh></object><object id='2'><components>");
    xml.append("<component objectid='1'/><component objectid='1' transform='");
    xml.append("1 0 0 0 1 0 0 0 1 10 0 0'/></components></object>");
    xml.append("<object id='3'><components><component objectid='3'/></components></object>");
    xml.append("</resources><build>").append(build).append("</build></model>");
    java.io.ByteArrayOutputStream out = new java.io.ByteArrayOutputStream();
    try (java.util.zip.ZipOutputStream zip = new java.util.zip.ZipOutputStream(out)) {
      for (String[] entry :
          new String[][] {
            {"[Content_Types].xml", "<Types/>"}, {"3D/3dmodel.model", xml.toString()}
          }) {
        zip.putNextEntry(new java.util.zip.ZipEntry(entry[0]));
        zip.write(entry[1].getBytes(StandardCharsets.UTF_8));
        zip.closeEntry();
      }
    }
    return out.toByteArray();
  }

  @ParameterizedTest
  @CsvSource({"millimeter, 1", "inch, 25.4", "meter, 1000", "micron, 0.001"})
  void a_3mf_is_read_with_its_unit(String unit, double mm) throws IOException {
    ModelFile file = ModelFile.read("box.3mf", threeMf(unit, "<item objectid='1'/>"), share -> {});

    assertBox(file, 1);
    assertThat(file.unitMm()).contains(mm);
    assertThat(file.orientation()).isEqualTo(Orientation.Z_UP);
  }

  /** By hand: turned by a quarter about z and tripled, x runs along y, three times as long. */
  @Test
  void a_3mf_lies_where_its_build_lays_it_with_all_components() throws IOException {
    Mesh turned =
        ModelFile.read(
                "t.3mf",
                threeMf("millimeter", "<item objectid='1' transform='0 3 0 -3 0 0 0 0 3 5 6 7'/>"),
                share -> {})
            .mesh();
    assertThat(turned.extent().maxY()).isCloseTo(6 + 6, within(1e-5));
    assertThat(turned.extent().minX()).isCloseTo(5 - 3, within(1e-5));
    assertThat(turned.extent().maxZ()).isCloseTo(7 + 9, within(1e-5));
    Mesh two = ModelFile.read("t.3mf", threeMf("inch", "<item objectid='2'/>"), share -> {}).mesh();
    assertThat(two.triangles()).isEqualTo(24);
    assertThat(two.extent().maxX()).isCloseTo(12, within(1e-5));
    byte[] ring = threeMf("inch", "<item objectid='3'/>");
    assertThatThrownBy(() -> ModelFile.read("t.3mf", ring, share -> {}))
        .hasMessageContaining("made of each other");
    byte[] none = threeMf("parsec", "<item objectid='1'/>");
    assertThatThrownBy(() -> ModelFile.read("t.3mf", none, share -> {}))
        .hasMessageContaining("parsec");
  }

  /** The box three times, at 0, 10 and 20 along x: the extension's places as floats. */
  @Test
  void all_instances_of_a_gltf_come() throws IOException {
    byte[] buffer = gltfBuffer();
    ByteBuffer all =
        ByteBuffer.allocate(buffer.length + 36).order(ByteOrder.LITTLE_ENDIAN).put(buffer);
    for (float x : new float[] {0, 10, 20}) {
      all.putFloat(x).putFloat(0).putFloat(0);
    }
    String uri = "data:;base64," + Base64.getEncoder().encodeToString(all.array());
    String text =
        """
        {"asset": {"version": "2.0"}, "scene": 1, "scenes": [{"nodes": []}, {"nodes": [0]}],
         "extensionsUsed": ["EXT_mesh_gpu_instancing"],
         "nodes": [{"mesh": 0, "extensions": {"EXT_mesh_gpu_instancing":
           {"attributes": {"TRANSLATION": 2}}}}],
         "meshes": [{"primitives": [{"attributes": {"POSITION": 0}, "indices": 1}]}],
         "accessors": [
           {"bufferView": 0, "componentType": 5126, "count": 8, "type": "VEC3",
            "min": [0, 0, 0], "max": [2, 1, 3]},
           {"bufferView": 1, "componentType": 5123, "count": 36, "type": "SCALAR"},
           {"bufferView": 2, "componentType": 5126, "count": 3, "type": "VEC3"}],
         "bufferViews": [
           {"buffer": 0, "byteLength": 96}, {"buffer": 0, "byteOffset": 96, "byteLength": 72},
           {"buffer": 0, "byteOffset": 168, "byteLength": 36}],
         "buffers": [{"byteLength": %d, "uri": "%s"}]}
        """
            .formatted(all.capacity(), uri);

    Mesh mesh = ModelFile.read("i.gltf", text.getBytes(StandardCharsets.UTF_8), share -> {}).mesh();

    assertThat(mesh.triangles()).isEqualTo(36);
    assertThat(mesh.extent().maxX()).isCloseTo(22, within(1e-5));
  }

  @ParameterizedTest
  @CsvSource({
    "KHR_mesh_quantization, quantised",
    "KHR_draco_mesh_compression, compressed",
    "EXT_meshopt_compression, compressed"
  })
  void packed_corners_are_refused_by_name(String extension, String said) {
    String text =
        gltf("x.bin").replaceFirst("\\{", "{\"extensionsRequired\": [\"" + extension + "\"],");
    assertThatThrownBy(
            () -> ModelFile.read("q.gltf", text.getBytes(StandardCharsets.UTF_8), share -> {}))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining(said)
        .hasMessageContaining(extension);
  }

  @Test
  void capital_letters_and_trailing_bytes_of_an_stl_are_no_reason_to_refuse() throws IOException {
    byte[] capitals =
        textStl().toUpperCase(java.util.Locale.ROOT).getBytes(StandardCharsets.US_ASCII);
    assertBox(read("BOX.STL", capitals), 1);
    byte[] longer = Arrays.copyOf(binaryStl(12), binaryStl(12).length + 37);
    assertBox(read("box.stl", longer), 1);
    byte[] named = longer.clone();
    System.arraycopy("solid x\0\0".getBytes(StandardCharsets.US_ASCII), 0, named, 0, 9);
    assertBox(read("box.stl", named), 1);
  }
}

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
}

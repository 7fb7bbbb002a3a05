package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.management.ThreadMXBean;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.project.First;

/**
 * Small files that ask for minutes or gigabytes. What they may cost is counted in bytes of memory,
 * which do not depend on the machine, and in ratios of one run.
 */
class BoundedCostTest {

  private static final ThreadMXBean THREADS = (ThreadMXBean) ManagementFactory.getThreadMXBean();
  private static final long MB = 1_000_000;

  @TempDir private Path folder;

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  /** What a piece of work allocates on this thread, in bytes; it may be refused in words. */
  private static long allocated(Callable<?> work) throws Exception {
    long before = THREADS.getCurrentThreadAllocatedBytes();
    try {
      work.call();
    } catch (FormatException e) {
      assertThat(e.getMessage()).isNotBlank();
    }
    return THREADS.getCurrentThreadAllocatedBytes() - before;
  }

  /** Processor time of a piece of work, in ms, at best of three. */
  private static double millis(Callable<?> work) throws Exception {
    double best = Double.POSITIVE_INFINITY;
    for (int i = 0; i < 3; i++) {
      long before = THREADS.getCurrentThreadCpuTime();
      work.call();
      best = Math.min(best, (THREADS.getCurrentThreadCpuTime() - before) / 1e6);
    }
    return best;
  }

  // == DXF

  private static byte[] dxf(String blocks, String entities) {
    return bytes(
        ("0 SECTION 2 BLOCKS "
                + blocks
                + " 0 ENDSEC 0 SECTION 2 ENTITIES "
                + entities
                + " 0 ENDSEC 0 EOF")
            .replaceAll("\\s+", "\n"));
  }

  @ParameterizedTest
  @CsvSource({
    "ELLIPSE 10 0 20 0 11 20 21 5 40 0.5 41 0 42 1e300, expected an angle",
    "ELLIPSE 10 0 20 0 11 20 21 5 40 0.5 41 -1e300 42 1e300, expected an angle",
    "ARC 10 5 20 5 40 9 50 1e308 51 -1e308, expected an angle",
    "CIRCLE 10 0 20 0 40 1e300, 100 m away",
    "LWPOLYLINE 70 1 10 0 20 0 42 1e200 10 30 20 0 10 15 20 20, 100 m away",
  })
  void absurd_numbers_of_a_dxf_are_refused_at_their_line(String entity, String said)
      throws Exception {
    byte[] file = dxf("", "0 " + entity);
    assertThatThrownBy(() -> LinesFile.read("a.dxf", file))
        .isInstanceOf(FormatException.class)
        .hasMessageStartingWith("a.dxf: ")
        .hasMessageContaining(said);
    assertThat(allocated(() -> LinesFile.read("a.dxf", file))).isLessThan(20 * MB);
  }

  @Test
  void blocks_of_blocks_and_arrays_of_inserts_are_bounded() throws Exception {
    StringBuilder blocks = new StringBuilder();
    blocks.append(" 0 BLOCK 2 B0 10 0 20 0 ").append("0 TEXT 1 x ".repeat(400)).append(" 0 ENDBLK");
    for (int i = 1; i < 10; i++) {
      blocks.append(
          " 0 BLOCK 2 B%d 10 0 20 0 0 INSERT 2 B%d 10 0 20 0 70 9 71 9 0 ENDBLK"
              .formatted(i, i - 1));
    }
    byte[] file = dxf(blocks.toString(), "0 INSERT 2 B9 10 0 20 0 70 99 71 99");

    assertThatThrownBy(() -> LinesFile.read("a.dxf", file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("more than");
    assertThat(allocated(() -> LinesFile.read("a.dxf", file))).isLessThan(3000 * MB);
  }

  // == SVG

  private static byte[] svg(String inside) {
    return bytes(
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='200mm' viewBox='0 0 200 200'>"
            + inside
            + "</svg>");
  }

  @Test
  void three_thousand_shapes_are_kept_or_counted() throws IOException {
    StringBuilder shapes = new StringBuilder();
    for (int i = 0; i < 3000; i++) {
      shapes.append("<circle cx='%d' cy='%d' r='1.%d'/>".formatted(i % 60 * 3, i / 60 * 3, i % 9));
    }
    LinesFile read = LinesFile.read("a.svg", svg(shapes.toString()));

    assertThat(read.outlines()).hasSize(200);
    assertThat(read.leftOut()).isEqualTo(2800);
    assertThat(read.words()).contains("2800 smaller outlines are left out");
    assertThat(LinesFile.read("a.svg", svg("<circle r='9'/>")).words()).doesNotContain("left out");
  }

  @Test
  void a_path_of_millions_of_commands_is_refused_before_it_is_built() throws Exception {
    byte[] file = svg("<path d='M0 0" + "h1v1".repeat(700_000) + "z'/>");

    assertThatThrownBy(() -> LinesFile.read("a.svg", file))
        .hasMessageContaining("line 1: <path>: there are too many pieces of line in it");
    assertThat(allocated(() -> LinesFile.read("a.svg", file))).isLessThan(1500 * MB);
  }

  /** Each curve of it would be drawn with tens of thousands of points. */
  @Test
  void spikes_of_metres_and_bends_without_end_are_refused() throws Exception {
    StringBuilder path = new StringBuilder("M0 0");
    for (int i = 0; i < 4000; i++) {
      path.append("C90000 0 -90000 ").append(i % 7).append(" ").append(i % 3).append(" 0");
    }
    byte[] file = svg("<path d='" + path + "z'/>");

    assertThatThrownBy(() -> LinesFile.read("a.svg", file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("more nodes than are kept");
    assertThat(allocated(() -> LinesFile.read("a.svg", file))).isLessThan(1500 * MB);
  }

  // == MODELS

  /** Triangles round one corner, or side by side in a strip. */
  private static byte[] stl(int triangles, boolean cone) {
    ByteBuffer out = ByteBuffer.allocate(84 + 50 * triangles).order(ByteOrder.LITTLE_ENDIAN);
    out.putInt(80, triangles);
    for (int i = 0; i < triangles; i++) {
      out.position(84 + 50 * i + 12);
      double a = 2 * Math.PI * i / triangles;
      double b = 2 * Math.PI * (i + 1) / triangles;
      float[] corners =
          cone
              ? new float[] {
                0,
                0,
                50,
                (float) (900 * Math.cos(a)),
                (float) (900 * Math.sin(a)),
                0,
                (float) (900 * Math.cos(b)),
                (float) (900 * Math.sin(b)),
                0
              }
              : new float[] {i, i % 2, 0, i + 1, (i + 1) % 2, 0, i + 2, i % 2, 0};
      for (float value : corners) {
        out.putFloat(value);
      }
    }
    return out.array();
  }

  @Test
  void forty_thousand_triangles_round_one_corner_cost_about_what_they_cost_in_a_strip()
      throws Exception {
    byte[] cone = stl(40_000, true);
    byte[] strip = stl(40_000, false);
    double usual = millis(() -> ModelFile.read("a.stl", strip, share -> {}));

    // In proportion to its square it was some thousand times as much.
    assertThat(millis(() -> ModelFile.read("a.stl", cone, share -> {})))
        .isLessThan(30 * usual + 100);
  }

  @Test
  void a_face_of_many_corners_costs_no_more_than_as_many_triangles() throws Exception {
    StringBuilder obj = new StringBuilder();
    StringBuilder face = new StringBuilder("f");
    int corners = 120_000;
    for (int i = 0; i < corners; i++) {
      double a = 2 * Math.PI * i / corners;
      obj.append("v %.5f %.5f 0\n".formatted(900 * Math.cos(a), 900 * Math.sin(a)));
      face.append(' ').append(i + 1);
    }
    byte[] one = bytes(obj + face.toString() + "\n");
    byte[] strip = stl(corners, false);
    double usual = millis(() -> ModelFile.read("a.stl", strip, share -> {}));

    ModelFile read = ModelFile.read("a.obj", one, share -> {});
    assertThat(read.mesh().triangles()).isEqualTo(corners - 2);
    assertThat(millis(() -> ModelFile.read("a.obj", one, share -> {})))
        .isLessThan(30 * usual + 100);
  }

  @Test
  void reading_is_cancelled_at_once() {
    byte[] file = stl(200_000, false);

    assertThatThrownBy(
            () ->
                ModelFile.read(
                    "a.stl",
                    file,
                    share -> {
                      throw new CancellationException("stopped");
                    }))
        .isInstanceOf(CancellationException.class);
  }

  @Test
  void a_description_of_ever_more_parts_is_refused() throws Exception {
    byte[] file =
        bytes("{\"asset\":{\"version\":\"2.0\"},\"nodes\":[" + "{},".repeat(3_000_000) + "{}]}");

    assertThat(allocated(() -> ModelFile.read("a.gltf", file, share -> {}))).isLessThan(1500 * MB);
    assertThatThrownBy(() -> ModelFile.read("a.gltf", file, share -> {}))
        .isInstanceOf(FormatException.class)
        .hasMessageStartingWith("a.gltf: larger or deeper");
  }

  // == PICTURES

  /** A frame that is much larger than the canvas that the head states; sizes as in RFC 9649. */
  private static byte[] webp(int canvas, int frame) {
    ByteBuffer out = ByteBuffer.allocate(60).order(ByteOrder.LITTLE_ENDIAN);
    out.put(bytes("RIFF")).putInt(52).put(bytes("WEBP"));
    out.put(bytes("VP8X")).putInt(10).putInt(0);
    out.put((byte) (canvas - 1)).put((byte) ((canvas - 1) >> 8)).put((byte) 0);
    out.put((byte) (canvas - 1)).put((byte) ((canvas - 1) >> 8)).put((byte) 0);
    out.put(bytes("VP8L")).putInt(20).put((byte) 0x2f);
    out.putInt((frame - 1) | ((frame - 1) << 14));
    return out.array();
  }

  @ParameterizedTest
  @CsvSource({"16384, 16384", "64, 16384", "16384, 64"})
  void a_webp_of_sixty_bytes_asks_for_no_gigabytes(int canvas, int frame) throws Exception {
    byte[] file = webp(canvas, frame);

    assertThatThrownBy(() -> PictureFile.read("a.webp", file))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("16384 × 16384 pixels are more than the 60 million");
    assertThat(allocated(() -> PictureFile.read("a.webp", file))).isLessThan(20 * MB);
  }

  /** A PNG of so many pixels with next to nothing in it, and a text chunk that unpacks to a lot. */
  private static byte[] png(int width, int height, int text) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    ByteBuffer head = ByteBuffer.allocate(13).putInt(width).putInt(height);
    head.put((byte) 8).put((byte) 0);
    chunk(out, "IHDR", head.array());
    byte[] packed = packed(new byte[text]);
    ByteBuffer note = ByteBuffer.allocate(6 + packed.length).put(bytes("note")).put(new byte[2]);
    chunk(out, "zTXt", note.put(packed).array());
    chunk(out, "IDAT", packed(new byte[(width + 1) * height]));
    chunk(out, "IEND", new byte[0]);
    return out.toByteArray();
  }

  private static byte[] packed(byte[] plain) {
    Deflater deflater = new Deflater(9);
    deflater.setInput(plain);
    deflater.finish();
    byte[] out = new byte[plain.length / 500 + 200];
    int length = deflater.deflate(out);
    deflater.end();
    return java.util.Arrays.copyOf(out, length);
  }

  private static void chunk(ByteArrayOutputStream out, String kind, byte[] data)
      throws IOException {
    CRC32 crc = new CRC32();
    crc.update(bytes(kind));
    crc.update(data);
    out.write(ByteBuffer.allocate(4).putInt(data.length).array());
    out.write(bytes(kind));
    out.write(data);
    out.write(ByteBuffer.allocate(4).putInt((int) crc.getValue()).array());
  }

  @Test
  void what_a_picture_has_packed_beside_its_pixels_stays_packed() throws Exception {
    byte[] file = png(40, 30, 60_000_000);
    assertThat(file.length).isLessThan(100_000);

    assertThat(PictureFile.read("a.png", file).image().getWidth()).isEqualTo(40);
    assertThat(allocated(() -> PictureFile.read("a.png", file))).isLessThan(20 * MB);
  }

  @ParameterizedTest
  @ValueSource(ints = {8000, 2_000_000_000})
  void a_picture_of_too_many_pixels_is_refused_before_it_is_unpacked(int height) throws Exception {
    byte[] file = png(40, 30, 10);
    ByteBuffer.wrap(file).putInt(16, 8000).putInt(20, height);

    assertThat(allocated(() -> PictureFile.read("a.png", file))).isLessThan(20 * MB);
    assertThatThrownBy(() -> PictureFile.read("a.png", file)).isInstanceOf(FormatException.class);
  }

  // == PROJECTS

  @Test
  void models_that_nothing_uses_are_not_unpacked() throws Exception {
    Document demo = FormatSamples.demo();
    var size = demo.project().first().size();
    Path small = folder.resolve("small.stout");
    ProjectFile.write(
        small,
        demo.with(
            First.withSize(demo.project(), size.withReferences(List.of()).withModels(List.of()))));
    Path large = folder.resolve("large.stout");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(large));
        var from = new java.util.zip.ZipFile(small.toFile())) {
      zip.putNextEntry(new ZipEntry("project.json"));
      from.getInputStream(from.getEntry("project.json")).transferTo(zip);
      for (int i = 0; i < 4; i++) {
        zip.putNextEntry(new ZipEntry("models/" + (char) ('a' + i) + "0".repeat(63)));
        zip.write(new byte[100_000_000]);
      }
    }
    assertThat(Files.size(large)).isLessThan(1_000_000);

    assertThat(allocated(() -> ProjectFile.read(large))).isLessThan(60 * MB);
    assertThat(ProjectFile.read(large).files()).isEmpty();
  }
}

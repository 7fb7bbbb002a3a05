package stoutblade.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import stoutblade.reference.Camera;

class PictureFileTest {

  private static final int RED = 0xffff0000;
  private static final int GREEN = 0xff00ff00;

  /** 40 × 20 pixels, red in the top left quarter, green elsewhere. */
  private static BufferedImage sample() {
    BufferedImage image = new BufferedImage(40, 20, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < 20; y++) {
      for (int x = 0; x < 40; x++) {
        image.setRGB(x, y, x < 20 && y < 10 ? RED : GREEN);
      }
    }
    return image;
  }

  private static byte[] encoded(String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(sample(), format, out);
    return out.toByteArray();
  }

  /** A JPEG with an EXIF segment that states an orientation (CIPA DC-008, from memory). */
  private static byte[] oriented(int orientation) throws IOException {
    byte[] jpeg = encoded("jpg");
    ByteBuffer exif = ByteBuffer.allocate(36);
    exif.put((byte) 0xff).put((byte) 0xe1).putShort((short) 34);
    exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
    exif.put("MM\0*".getBytes(StandardCharsets.US_ASCII)).putInt(8);
    exif.putShort((short) 1);
    exif.putShort((short) 0x0112).putShort((short) 3).putInt(1);
    exif.putShort((short) orientation).putShort((short) 0);
    exif.putInt(0);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(exif.array());
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  void png_and_jpeg_are_read_with_their_size_and_digest() throws IOException {
    PictureFile png = PictureFile.read("a.png", encoded("png"));

    assertThat(png.picture().widthPx()).isEqualTo(40);
    assertThat(png.picture().heightPx()).isEqualTo(20);
    assertThat(png.picture().digest()).hasSize(64);
    assertThat(png.image().getRGB(5, 5)).isEqualTo(RED);
    assertThat(PictureFile.read("a.jpg", encoded("jpg")).picture().widthPx()).isEqualTo(40);
  }

  /** A JPEG that states a focal length of so many mm on 35 mm film (tag 0xa405, CIPA DC-008). */
  private static byte[] taken(int mm) throws IOException {
    byte[] jpeg = encoded("jpg");
    ByteBuffer exif = ByteBuffer.allocate(54);
    exif.put((byte) 0xff).put((byte) 0xe1).putShort((short) 52);
    exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
    exif.put("MM\0*".getBytes(StandardCharsets.US_ASCII)).putInt(8);
    exif.putShort((short) 1).putShort((short) 0x8769).putShort((short) 4).putInt(1).putInt(26);
    exif.putInt(0);
    exif.putShort((short) 1).putShort((short) 0xa405).putShort((short) 3).putInt(1);
    exif.putShort((short) mm).putShort((short) 0).putInt(0);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(jpeg, 0, 2);
    out.write(exif.array());
    out.write(jpeg, 2, jpeg.length - 2);
    return out.toByteArray();
  }

  @Test
  void a_camera_that_writes_its_focal_length_took_a_photo() throws IOException {
    Camera camera = PictureFile.read("a.jpg", taken(28)).camera();

    assertThat(camera.kind()).isEqualTo(Camera.Kind.PHOTO);
    assertThat(camera.focal().orElseThrow().value()).isEqualTo(28);
    assertThat(PictureFile.read("a.jpg", taken(0)).camera()).isEqualTo(Camera.UNKNOWN);
    assertThat(PictureFile.read("a.png", encoded("png")).camera()).isEqualTo(Camera.UNKNOWN);
  }

  /** Where the red quarter must come to lie, for each orientation that EXIF knows. */
  @ParameterizedTest
  @CsvSource({
    "1, 40, 20, 10, 5",
    "2, 40, 20, 30, 5",
    "3, 40, 20, 30, 15",
    "4, 40, 20, 10, 15",
    "5, 20, 40, 5, 10",
    "6, 20, 40, 15, 10",
    "7, 20, 40, 15, 30",
    "8, 20, 40, 5, 30",
  })
  void orientation_turns_the_picture_upright(
      int orientation, int width, int height, int redX, int redY) throws IOException {
    PictureFile file = PictureFile.read("a.jpg", oriented(orientation));

    assertThat(file.image().getWidth()).isEqualTo(width);
    assertThat(file.image().getHeight()).isEqualTo(height);
    assertThat(red(file.image(), redX, redY)).isTrue();
    assertThat(red(file.image(), width - 1 - redX, height - 1 - redY)).isFalse();
  }

  private static boolean red(BufferedImage image, int x, int y) {
    int rgb = image.getRGB(x, y);
    return (rgb >> 16 & 0xff) > 150 && (rgb >> 8 & 0xff) < 100;
  }

  @Test
  void a_picture_that_is_not_one_is_refused() {
    assertThatThrownBy(() -> PictureFile.read("note.png", "hello".getBytes(StandardCharsets.UTF_8)))
        .isInstanceOf(FormatException.class)
        .hasMessage("note.png: not a picture: PNG, JPEG, WebP, TIFF, GIF or BMP was expected");
    assertThatThrownBy(() -> PictureFile.read("empty.png", new byte[0]))
        .hasMessageContaining("not a picture");
  }

  @Test
  void webp_and_tiff_are_read_as_well() throws IOException {
    byte[] webp;
    try (var in = getClass().getResourceAsStream("quarter.webp")) {
      webp = in.readAllBytes();
    }
    for (byte[] file : List.of(webp, encoded("tiff"))) {
      PictureFile read = PictureFile.read("quarter", file);
      assertThat(read.picture().widthPx()).isEqualTo(40);
      assertThat(read.picture().heightPx()).isEqualTo(20);
      assertThat(read.image().getRGB(5, 5)).isEqualTo(RED);
      assertThat(read.image().getRGB(30, 15)).isEqualTo(GREEN);
    }
  }

  /** Whatever is wrong with it: a picture of the stated size, or a message; nothing else. */
  @ParameterizedTest
  @CsvSource({"png", "jpg", "tiff", "webp"})
  void random_damage_ends_in_a_picture_or_a_message(String kind) throws IOException {
    byte[] whole;
    try (var in = getClass().getResourceAsStream("quarter.webp")) {
      whole = kind.equals("webp") ? in.readAllBytes() : encoded(kind);
    }
    Random random = new Random(4);
    for (int i = 0; i < 300; i++) {
      byte[] bytes = Arrays.copyOf(whole, i % 3 == 0 ? random.nextInt(whole.length) : whole.length);
      for (int hit = 0; hit < 1 + i % 7 && bytes.length > 0; hit++) {
        bytes[random.nextInt(bytes.length)] = (byte) random.nextInt();
      }
      try {
        assertThat(PictureFile.read("x." + kind, bytes).picture().widthPx()).isPositive();
      } catch (FormatException e) {
        assertThat(e.getMessage()).startsWith("x." + kind + ": ");
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"gif", "bmp"})
  void gif_and_bmp_are_read_as_they_are(String kind) throws IOException {
    PictureFile read = PictureFile.read("a." + kind, encoded(kind));

    assertThat(read.picture().widthPx()).isEqualTo(40);
    assertThat(read.image().getRGB(5, 5)).isEqualTo(RED);
    assertThat(read.image().getRGB(30, 15)).isEqualTo(GREEN);
  }

  @Test
  void what_is_clear_lies_on_white_and_not_on_black() throws IOException {
    BufferedImage half = new BufferedImage(4, 2, BufferedImage.TYPE_INT_ARGB);
    half.setRGB(0, 0, RED);
    half.setRGB(1, 0, 0x80000000);
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(half, "png", out);

    BufferedImage read = PictureFile.read("a.png", out.toByteArray()).image();

    assertThat(read.getRGB(0, 0)).isEqualTo(RED);
    assertThat(read.getRGB(3, 1)).isEqualTo(0xffffffff);
    assertThat(read.getRGB(1, 0) & 0xff).isBetween(120, 135);
  }

  /** The marks of files, by their published descriptions (from memory). */
  @ParameterizedTest
  @CsvSource({
    "66747970686569630000, 4, HEIC, JPEG",
    "667479706d6966310000, 4, HEIC, JPEG",
    "66747970617669660000, 4, AVIF, PNG",
    "6674797069736f6d0000, 4, a film, single picture",
    "255044462d312e370a00, 0, a PDF, SVG",
    "384250530001000000, 0, layered picture, PNG",
    "504b0304140000000000, 0, archive, unpack",
    "41433130333200000000, 0, DWG, DXF",
  })
  void files_of_other_kinds_are_called_what_they_are_with_the_way_out(
      String hex, int at, String kind, String wayOut) {
    byte[] mark = java.util.HexFormat.of().parseHex(hex);
    byte[] file = new byte[200];
    System.arraycopy(mark, 0, file, at, mark.length);

    for (ThrowingCallable read :
        List.<ThrowingCallable>of(
            () -> PictureFile.read("x.jpg", file),
            () -> LinesFile.read("x.dxf", file),
            () -> ModelFile.read("x.obj", file, share -> {}))) {
      assertThatThrownBy(read)
          .isInstanceOf(FormatException.class)
          .hasMessageContaining(kind)
          .hasMessageContaining(wayOut);
    }
    assertThatThrownBy(() -> LinesFile.read("x.dxf", encoded("png")))
        .hasMessageContaining("a PNG picture");
    assertThatThrownBy(
            () -> PictureFile.read("x.png", "<svg width='3'/>".getBytes(StandardCharsets.US_ASCII)))
        .hasMessageContaining("an SVG: open it as an outline");
  }

  /** A header that promises 40 000 × 40 000 pixels: 4.8 GB if it were believed. */
  @Test
  void a_huge_header_is_refused_before_memory_is_taken() throws IOException {
    byte[] png = encoded("png");
    ByteBuffer header = ByteBuffer.wrap(png);
    header.putInt(16, 40_000).putInt(20, 40_000);
    CRC32 crc = new CRC32();
    crc.update(png, 12, 17);
    header.putInt(29, (int) crc.getValue());

    assertThatThrownBy(() -> PictureFile.read("huge.png", png))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("40000 × 40000 pixels are more than the 60 million");
  }

  @ParameterizedTest
  @CsvSource({"0.02", "0.3", "0.6", "0.99"})
  void a_jpeg_that_ends_early_is_refused(double share) throws IOException {
    byte[] whole = FormatSamples.demo().files().values().iterator().next();
    byte[] cut = Arrays.copyOf(whole, (int) (whole.length * share));

    assertThatThrownBy(() -> PictureFile.read("cut.jpg", cut))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("cut.jpg");
  }

  @Test
  void a_png_that_ends_early_is_refused() throws IOException {
    byte[] whole = encoded("png");

    assertThatThrownBy(() -> PictureFile.read("cut.png", Arrays.copyOf(whole, 50)))
        .isInstanceOf(FormatException.class)
        .hasMessageContaining("cut.png");
  }
}

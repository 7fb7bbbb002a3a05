package stoutblade.formats;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/**
 * The size of what is really packed in a WebP. Its head states the size of a canvas; the frame on
 * it states another, and it is the frame that a decoder makes room for. Layout of the container and
 * of the heads of both kinds of frame: RFC 9649 (from memory).
 */
final class WebpFrame {

  private static final int RIFF = 0x46464952;
  private static final int LOSSY = 0x20385056;
  private static final int LOSSLESS = 0x4C385056;
  private static final int MOST_CHUNKS = 1000;

  private WebpFrame() {}

  /**
   * Looks over every frame of a file; one that is no WebP is none of our business.
   *
   * @throws FormatException if a frame is larger than any picture that is taken
   */
  static void check(String name, byte[] file) throws FormatException {
    ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
    if (file.length < 30 || in.getInt(0) != RIFF) {
      return;
    }
    long at = 12;
    for (int i = 0; i < MOST_CHUNKS && at + 18 <= file.length; i++) {
      int body = (int) at + 8;
      switch (in.getInt((int) at)) {
        case LOSSY ->
            PictureFile.checkSize(
                name, in.getShort(body + 6) & 0x3fff, in.getShort(body + 8) & 0x3fff);
        case LOSSLESS -> {
          int sizes = in.getInt(body + 1);
          PictureFile.checkSize(name, (sizes & 0x3fff) + 1L, (sizes >>> 14 & 0x3fff) + 1L);
        }
        default -> {}
      }
      long length = Integer.toUnsignedLong(in.getInt((int) at + 4));
      at = body + length + (length & 1);
    }
  }
}

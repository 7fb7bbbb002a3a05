package stoutblade.formats;

import java.io.IOException;
import java.io.InterruptedIOException;
import javax.imageio.stream.ImageInputStreamImpl;

/**
 * The bytes of a picture for a decoder, with an end to its patience: decoders of damaged pictures
 * go on for hours asking for what comes after the last byte, or going over the same bytes again.
 */
final class BoundedInput extends ImageInputStreamImpl {

  /** How often the end may be met: whole pictures meet it a few times. */
  private static final int MOST_ENDS = 2000;

  /** How often, on average, each byte may be given. */
  private static final long MOST_ROUNDS = 64;

  private static final long LEAST_BYTES = 8 * 1024 * 1024;

  private final byte[] file;
  private long left;
  private int ends;

  BoundedInput(byte[] file) {
    this.file = file;
    this.left = LEAST_BYTES + MOST_ROUNDS * file.length;
  }

  @Override
  public int read() throws IOException {
    checkClosed();
    bitOffset = 0;
    if (streamPos >= file.length) {
      return end();
    }
    count(1);
    return file[(int) streamPos++] & 0xff;
  }

  @Override
  public int read(byte[] into, int offset, int length) throws IOException {
    checkClosed();
    bitOffset = 0;
    if (length == 0) {
      return 0;
    }
    if (streamPos >= file.length) {
      return end();
    }
    int taken = (int) Math.min(length, file.length - streamPos);
    count(taken);
    System.arraycopy(file, (int) streamPos, into, offset, taken);
    streamPos += taken;
    return taken;
  }

  private int end() throws IOException {
    if (++ends > MOST_ENDS) {
      throw new IOException("the decoder goes on beyond the end");
    }
    return -1;
  }

  private void count(int bytes) throws IOException {
    left -= bytes;
    if (left < 0) {
      throw new IOException("the decoder goes over the same bytes again and again");
    }
    if (Thread.currentThread().isInterrupted()) {
      throw new InterruptedIOException("stopped");
    }
  }

  @Override
  public long length() {
    return file.length;
  }
}

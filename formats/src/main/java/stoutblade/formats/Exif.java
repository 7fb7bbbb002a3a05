package stoutblade.formats;

import com.drew.imaging.ImageProcessingException;
import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.lang.ByteArrayReader;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.List;
import java.util.Optional;

/**
 * What a camera wrote into a picture. Only the block of EXIF is looked for: the rest of what may be
 * written there is unpacked by no one, however large a small file says that it is.
 */
final class Exif {

  private static final int PNG_EXIF = 0x65584966;
  private static final int WEBP_EXIF = 0x46495845;
  private static final int MOST_CHUNKS = 10_000;

  private Exif() {}

  /** How a picture is to be turned, 1 to 8; 1, as it lies, where nothing readable says so. */
  static int orientation(byte[] file) {
    try {
      ExifIFD0Directory exif = metadata(file).getFirstDirectoryOfType(ExifIFD0Directory.class);
      boolean stated = exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION);
      return stated ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION) : 1;
    } catch (ImageProcessingException | IOException | MetadataException | RuntimeException e) {
      // The pixels were read; a picture without readable metadata is taken as it lies.
      return 1;
    }
  }

  /** The focal length as on 35 mm film, in mm, where the camera wrote one that can be. */
  static Optional<Double> focalMm(byte[] file) {
    try {
      ExifSubIFDDirectory exif = metadata(file).getFirstDirectoryOfType(ExifSubIFDDirectory.class);
      int tag = ExifSubIFDDirectory.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH;
      return exif != null
              && exif.containsTag(tag)
              && exif.getInt(tag) >= 5
              && exif.getInt(tag) <= 3000
          ? Optional.of((double) exif.getInt(tag))
          : Optional.empty();
    } catch (ImageProcessingException | IOException | MetadataException | RuntimeException e) {
      return Optional.empty();
    }
  }

  private static Metadata metadata(byte[] file) throws ImageProcessingException, IOException {
    if (begins(file, 0xff, 0xd8)) {
      return JpegMetadataReader.readMetadata(
          new ByteArrayInputStream(file), List.of(new ExifReader()));
    }
    Metadata metadata = new Metadata();
    block(file).ifPresent(it -> new ExifReader().extract(new ByteArrayReader(it), metadata, 0));
    return metadata;
  }

  private static boolean begins(byte[] file, int... bytes) {
    for (int i = 0; i < bytes.length; i++) {
      if (file.length <= i || (file[i] & 0xff) != bytes[i]) {
        return false;
      }
    }
    return true;
  }

  /** The block itself: a TIFF is one as a whole, PNG and WebP have it in a chunk. */
  private static Optional<byte[]> block(byte[] file) {
    if (begins(file, 'I', 'I') || begins(file, 'M', 'M')) {
      return Optional.of(file);
    }
    if (begins(file, 0x89, 'P', 'N', 'G')) {
      ByteBuffer in = ByteBuffer.wrap(file);
      return chunk(in, 8, 12, at -> in.getInt(at), at -> in.getInt(at + 4), PNG_EXIF);
    }
    if (begins(file, 'R', 'I', 'F', 'F')) {
      ByteBuffer in = ByteBuffer.wrap(file).order(ByteOrder.LITTLE_ENDIAN);
      return chunk(in, 12, 8, at -> padded(in.getInt(at + 4)), in::getInt, WEBP_EXIF);
    }
    return Optional.empty();
  }

  private static int padded(int length) {
    return length < 0 ? length : length + (length & 1);
  }

  /** Something that stands at a place of the file. */
  private interface At {
    int of(int place);
  }

  /** What is in the first chunk of a kind, which has eight bytes before it. */
  private static Optional<byte[]> chunk(
      ByteBuffer in, int first, int around, At length, At kind, int wanted) {
    int at = first;
    for (int i = 0; i < MOST_CHUNKS && at + 8 <= in.capacity(); i++) {
      long end = at + 8L + length.of(at);
      if (length.of(at) < 0 || end > in.capacity()) {
        return Optional.empty();
      }
      if (kind.of(at) == wanted) {
        byte[] block = new byte[(int) end - at - 8];
        in.get(at + 8, block);
        return Optional.of(block);
      }
      at = (int) (end + around - 8);
    }
    return Optional.empty();
  }
}

package stoutblade.reference;

/**
 * A picture by its contents; the pixels are kept beside the project.
 *
 * @param digest SHA-256 of the file as lower-case hexadecimal digits
 * @param name the file's name when it was opened, without folders
 * @param widthPx width in pixels, upright
 * @param heightPx height in pixels, upright
 */
public record Picture(String digest, String name, int widthPx, int heightPx) {

  /**
   * Checks digest and size.
   *
   * @throws IllegalArgumentException if the digest is malformed or the picture has no pixels
   */
  public Picture {
    if (!digest.matches("[0-9a-f]{64}")) {
      throw new IllegalArgumentException("A picture's digest is 64 hexadecimal digits");
    }
    if (widthPx < 1 || heightPx < 1) {
      throw new IllegalArgumentException(
          "A picture has at least one pixel; found " + widthPx + " × " + heightPx);
    }
  }
}

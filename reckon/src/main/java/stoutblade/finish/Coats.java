package stoutblade.finish;

/**
 * So many coats of one coating.
 *
 * @param coatingId the coating's id in the catalogue
 * @param count how many coats
 */
public record Coats(String coatingId, int count) {

  /** The most coats of one coating. */
  public static final int MOST = 20;

  /**
   * Checks the count.
   *
   * @throws IllegalArgumentException if it is not between 1 and 20
   */
  public Coats {
    if (count < 1 || count > MOST) {
      throw new IllegalArgumentException(
          "Between 1 and " + MOST + " coats are planned; found " + count);
    }
  }
}

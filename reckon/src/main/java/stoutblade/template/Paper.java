package stoutblade.template;

import java.util.Locale;

/** Sizes of paper, upright: ISO 216 for A4 and A3, inches for the others. */
public enum Paper {
  A4("A4", 210, 297, 0),
  A3("A3", 297, 420, 1),
  LETTER("US Letter", 8.5 * 25.4, 11 * 25.4, 2),
  TABLOID("Tabloid", 11 * 25.4, 17 * 25.4, 3);

  private final String label;
  private final double widthMm;
  private final double heightMm;
  private final int sheet;

  Paper(String label, double widthMm, double heightMm, int sheet) {
    this.label = label;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.sheet = sheet;
  }

  /** Its place among the marker sheets: it fixes the numbers of the markers on them. */
  public int ordinalInSheets() {
    return sheet;
  }

  /** The name shown to a person. */
  public String label() {
    return label;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  /**
   * The paper of a name as it is typed: a4, letter, a3, tabloid.
   *
   * @throws IllegalArgumentException if there is none of that name
   */
  public static Paper named(String typed) {
    for (Paper paper : values()) {
      if (paper.name().equals(typed.strip().toUpperCase(Locale.ROOT))) {
        return paper;
      }
    }
    throw new IllegalArgumentException(
        "Paper is one of a4, letter, a3 or tabloid; found '" + typed + "'");
  }
}

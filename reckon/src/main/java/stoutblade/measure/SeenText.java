package stoutblade.measure;

import java.util.regex.Pattern;

/**
 * What can be seen of a text. Marks of direction, line ends and the like come with what is pasted:
 * nobody means them, they turn what follows round, and layouts of text fail over some of them.
 */
public final class SeenText {

  private static final Pattern UNSEEN = Pattern.compile("[\\p{Cc}\\p{Cf}\\p{Cs}\\p{Co}\\p{Cn}]");

  private SeenText() {}

  /** The text without what cannot be seen. */
  public static String of(String text) {
    return UNSEEN.matcher(text).replaceAll("");
  }
}

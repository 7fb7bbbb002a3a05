package stoutblade.formats;

import java.io.IOException;

/** A file cannot be read or written; the message can be shown to a person as it is. */
public final class FormatException extends IOException {

  private static final long serialVersionUID = 1L;

  private final String what;

  /** Names the file and what is wrong with it. */
  public FormatException(String file, String what) {
    super(file + ": " + what);
    this.what = what;
  }

  /** Names the file and what is wrong with it, and keeps the cause. */
  public FormatException(String file, String what, Throwable cause) {
    super(file + ": " + what, cause);
    this.what = what;
  }

  /** What is wrong, without the file. */
  String what() {
    return what;
  }
}

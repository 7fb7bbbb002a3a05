package stoutblade.measure;

/** What a person typed cannot be read; the message says what was found and what was expected. */
public final class EntryException extends IllegalArgumentException {

  private static final long serialVersionUID = 1L;

  /** Makes the exception with a message that can be shown to a person as it is. */
  public EntryException(String message) {
    super(message);
  }
}

package stoutblade.formats;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.CancellationException;

/** The bytes of a file from outside, no more of them than are taken. */
final class Inside {

  private static final int MB = 1024 * 1024;

  private Inside() {}

  /**
   * Reads a file whole.
   *
   * @param name what it is called in messages
   * @param most the most bytes that are taken
   * @throws FormatException if it is not there, is a folder, may not be read or is too large
   */
  static byte[] bytes(String name, Path file, int most) throws FormatException {
    check(name, file, most);
    try (InputStream in = Files.newInputStream(file)) {
      // What is read is counted, whatever size was stated: it may grow meanwhile.
      byte[] bytes = in.readNBytes(most + 1);
      if (bytes.length > most) {
        throw tooLarge(name, most);
      }
      return bytes;
    } catch (FormatException e) {
      throw e;
    } catch (IOException e) {
      throw new FormatException(name, unreadable(e), e);
    }
  }

  /**
   * Looks a file over without reading it.
   *
   * @throws FormatException as {@link #bytes}
   */
  static void check(String name, Path file, long most) throws FormatException {
    if (Files.isDirectory(file)) {
      throw new FormatException(name, "a folder; a file was expected");
    }
    if (!Files.exists(file)) {
      throw new FormatException(name, "there is no such file");
    }
    if (!Files.isRegularFile(file)) {
      throw new FormatException(name, "no file that can be read from its beginning to its end");
    }
    try {
      if (Files.size(file) > most) {
        throw tooLarge(name, most);
      }
    } catch (FormatException e) {
      throw e;
    } catch (IOException e) {
      throw new FormatException(name, unreadable(e), e);
    }
  }

  private static FormatException tooLarge(String name, long most) {
    return new FormatException(name, "larger than the " + most / MB + " MB that are read");
  }

  private static String unreadable(IOException fault) {
    return fault instanceof AccessDeniedException
        ? "there is no right to read it"
        : "the disk does not give it (" + fault.getMessage() + ")";
  }

  /**
   * Asked between the steps of long work.
   *
   * @throws CancellationException if the thread was told to stop
   */
  static void goOn() {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("stopped");
    }
  }

  /** Why something could not be read, in words. */
  static String words(Exception fault) {
    return fault instanceof FormatException && fault.getMessage() != null
        ? fault.getMessage()
        : "it cannot be read";
  }
}

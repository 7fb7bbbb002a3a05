package stoutblade.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Saving a project without losing what somebody else has written: what speaks against it is found
 * before anything is touched, and is asked about.
 */
public final class Saving {

  /** What speaks against writing over a file. */
  public enum Objection {
    /** It was changed since it was opened or saved here. */
    CHANGED("was changed by another program since you opened it"),
    /** Another file of that name is there. */
    EXISTS("is there already"),
    /** It may not be changed. */
    READ_ONLY("is marked as read-only");

    private final String words;

    Objection(String words) {
      this.words = words;
    }

    /** What is said of the file. */
    public String words() {
      return words;
    }
  }

  /** How it went: it was written, or was not since something speaks against it. */
  public sealed interface Outcome {}

  /**
   * It was written.
   *
   * @param file where it lies
   * @param stamp what it is like now
   */
  public record Written(Path file, Optional<Stamp> stamp) implements Outcome {}

  /**
   * It was not written.
   *
   * @param file the file that is there
   * @param why what speaks against it
   */
  public record Refused(Path file, Objection why) implements Outcome {}

  private Saving() {}

  /** The file with the ending of a project. */
  public static Path ended(Path chosen) {
    String name = chosen.getFileName().toString();
    return name.endsWith(ProjectFile.ENDING)
        ? chosen
        : chosen.resolveSibling(name + ProjectFile.ENDING);
  }

  /**
   * Saves over the file that a project was opened from or saved to.
   *
   * @param known what the file was like then; empty where that is not known
   */
  public static Outcome again(Path file, Document document, Optional<Stamp> known)
      throws IOException {
    Optional<Stamp> now = Stamp.of(file);
    if (now.isPresent() && known.isPresent() && !now.equals(known)) {
      return new Refused(file, Objection.CHANGED);
    }
    return asked(file, document);
  }

  /** Saves to a file that was not known before: nothing that is there is written over. */
  public static Outcome anew(Path file, Document document) throws IOException {
    return Files.exists(file) ? new Refused(file, Objection.EXISTS) : anyway(file, document);
  }

  /** Saves to a file that the user was asked about: only one that may not be changed is left. */
  public static Outcome asked(Path file, Document document) throws IOException {
    return SafeWrite.readOnly(file)
        ? new Refused(file, Objection.READ_ONLY)
        : anyway(file, document);
  }

  /** Saves whatever is there. */
  public static Outcome anyway(Path file, Document document) throws IOException {
    ProjectFile.write(file, document);
    return new Written(file, Stamp.of(file));
  }

  /** A name beside a file that is not taken: 'Leaf 2' beside 'Leaf'. */
  public static Path beside(Path file) {
    String name = file.getFileName().toString();
    String bare =
        name.endsWith(ProjectFile.ENDING)
            ? name.substring(0, name.length() - ProjectFile.ENDING.length())
            : name;
    for (int i = 2; ; i++) {
      Path other = file.resolveSibling(bare + " " + i + ProjectFile.ENDING);
      if (!Files.exists(other)) {
        return other;
      }
    }
  }
}

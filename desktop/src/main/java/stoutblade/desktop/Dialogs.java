package stoutblade.desktop;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import stoutblade.desktop.print.Printer;
import stoutblade.desktop.print.Printing;
import stoutblade.formats.Saving;

/** What the user is asked in windows of their own. */
public interface Dialogs {

  /** What to do with changes that are not saved. */
  enum Leave {
    SAVE,
    DISCARD,
    STAY
  }

  /** A picture file to open. */
  Optional<Path> openPicture();

  /** A model file to open. */
  Optional<Path> openModel();

  /** An SVG or DXF to open. */
  Optional<Path> openLines();

  /** A project file to open. */
  Optional<Path> openProject();

  /**
   * A file to save to.
   *
   * @param proposed a name for it
   */
  Optional<Path> saveAs(String proposed);

  /**
   * One of several things, by its index.
   *
   * @param question what is asked
   */
  Optional<Integer> choose(String question, List<String> among);

  /**
   * How something is printed; empty where it is not.
   *
   * @param printers at least one
   */
  Optional<Printing.Order> print(Printing what, List<Printer> printers);

  /** A folder to export to. */
  Optional<Path> exportFolder();

  /** What to do with changes that are not saved. */
  Leave leave();

  /** What to do with a file that is there already. */
  enum Over {
    WRITE_OVER,
    KEEP_BOTH,
    CANCEL
  }

  /**
   * Asks before a file is written over.
   *
   * @param file its name
   * @param why what speaks against it
   */
  Over over(String file, Saving.Objection why);
}

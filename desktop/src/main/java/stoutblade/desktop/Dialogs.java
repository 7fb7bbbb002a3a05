package stoutblade.desktop;

import java.nio.file.Path;
import java.util.Optional;

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

  /** A folder to export to. */
  Optional<Path> exportFolder();

  /** What to do with changes that are not saved. */
  Leave leave();
}

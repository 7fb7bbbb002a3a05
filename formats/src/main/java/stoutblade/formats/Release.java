package stoutblade.formats;

import java.util.Optional;

/** Which Stout Blade this is. */
public final class Release {

  private Release() {}

  /** Its name and number, as the archive that it was started from has it. */
  public static String said() {
    return "Stout Blade "
        + Optional.ofNullable(Release.class.getPackage().getImplementationVersion())
            .orElse("as it is being built");
  }
}

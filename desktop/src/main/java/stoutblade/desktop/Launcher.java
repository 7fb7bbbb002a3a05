package stoutblade.desktop;

import java.util.List;
import javafx.application.Application;
import stoutblade.formats.Release;

/** Starts the application; a class of its own, so that it runs from a plain class path. */
public final class Launcher {

  private Launcher() {}

  /** See {@link App} for the arguments; {@code --version} says which this is and opens nothing. */
  public static void main(String[] arguments) {
    if (List.of(arguments).contains("--version")) {
      System.out.println(Release.said());
    } else {
      start(App.class, arguments);
    }
  }

  /** Starts the application, or a kind of it, with what it opens being made ready meanwhile. */
  public static void start(Class<? extends App> kind, String... arguments) {
    App.begin(arguments);
    Application.launch(kind, arguments);
  }
}

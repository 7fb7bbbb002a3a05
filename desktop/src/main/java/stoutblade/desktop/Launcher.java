package stoutblade.desktop;

import javafx.application.Application;

/** Starts the application; a class of its own, so that it runs from a plain class path. */
public final class Launcher {

  private Launcher() {}

  /** See {@link App} for the arguments. */
  public static void main(String[] arguments) {
    Application.launch(App.class, arguments);
  }
}

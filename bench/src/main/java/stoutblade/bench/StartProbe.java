package stoutblade.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import stoutblade.desktop.App;
import stoutblade.desktop.Launcher;
import stoutblade.desktop.Theme;

/** A process that shows a window, says so once it has been drawn, and ends. */
public final class StartProbe {

  /** What is said once the window has been drawn. */
  static final String SHOWN = "shown";

  private StartProbe() {}

  /** Takes {@code bare} or {@code whole}. */
  public static void main(String[] arguments) {
    if (arguments[0].equals("bare")) {
      Application.launch(Bare.class);
    } else {
      Launcher.start(Whole.class, "demo");
    }
  }

  /** A window with the same theme, a label and a button. */
  public static final class Bare extends Application {

    @Override
    public void start(Stage stage) {
      Theme.loadFonts();
      BorderPane root = new BorderPane(new Label("Stout Blade"));
      root.setBottom(new Button("Done"));
      Scene scene = new Scene(root, 1280, 800);
      Theme.dress(scene, false);
      stage.setScene(scene);
      stage.show();
      sayWhenDrawn();
    }
  }

  /** The application with the demo. */
  public static final class Whole extends App {

    @Override
    protected void opened(Stage stage) throws java.io.IOException {
      super.opened(stage);
      sayWhenDrawn();
    }
  }

  private static void sayWhenDrawn() {
    new AnimationTimer() {
      private int frames;

      @Override
      public void handle(long now) {
        if (++frames == 3) {
          System.out.println(SHOWN);
          Platform.exit();
        }
      }
    }.start();
  }
}

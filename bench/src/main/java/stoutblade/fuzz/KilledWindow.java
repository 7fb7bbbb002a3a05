package stoutblade.fuzz;

import java.io.IOException;
import java.nio.file.Path;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.stage.Stage;
import javafx.util.Duration;
import stoutblade.desktop.App;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Launcher;
import stoutblade.edit.Edits;
import stoutblade.formats.Saving;
import stoutblade.project.Project;

/**
 * The application in a real window, edited and saved by itself until it is killed: it numbers its
 * edits in the prop's name and says each aloud.
 */
public final class KilledWindow {

  /** Quicker than any hand. */
  private static final double MILLIS_BETWEEN = 90;

  private static final int EDITS_TO_A_SAVE = 7;

  private static Path file = Path.of("");

  private KilledWindow() {}

  /** Takes the file that is saved to. */
  public static void main(String[] arguments) {
    file = Path.of(arguments[0]);
    Launcher.start(Window.class, "demo");
  }

  /** The application, with a hand that never rests. */
  public static final class Window extends App {

    private int edits;

    @Override
    protected void opened(Stage stage) throws IOException {
      super.opened(stage);
      Timeline hand = new Timeline(new KeyFrame(Duration.millis(MILLIS_BETWEEN), event -> edit()));
      hand.setCycleCount(Timeline.INDEFINITE);
      hand.play();
      System.out.println("shown");
    }

    private void edit() {
      Desk desk = first().desk();
      edits++;
      int number = edits;
      desk.perform(
          Edits.name(Integer.toString(number)), () -> System.out.println("edit " + number));
      if (number % EDITS_TO_A_SAVE == 0) {
        save(desk);
      }
    }

    private void save(Desk desk) {
      Project project = desk.project();
      first()
          .tasks()
          .start(
              "Saving",
              () -> Saving.anyway(file, desk.document()),
              saved -> {
                desk.saved(project, file);
                System.out.println("saved " + project.name());
              });
    }
  }
}

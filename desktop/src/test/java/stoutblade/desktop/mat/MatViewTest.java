package stoutblade.desktop.mat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Scene;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;

/** What a mat draws, and when. */
@ExtendWith(ApplicationExtension.class)
class MatViewTest {

  private final MatView mat = new MatView(Lie.UPRIGHT);
  private final VBox box = new VBox(mat, new TextField());
  private final AtomicInteger drawn = new AtomicInteger();

  @Start
  void start(Stage stage) {
    mat.setDrawing(pen -> drawn.incrementAndGet());
    stage.setScene(new Scene(box, 400, 300));
    stage.show();
    mat.requestFocus();
  }

  /** What it shows may be gone when it loses the focus, which it does after it left the window. */
  @Test
  void a_mat_that_has_left_the_window_draws_nothing_more(FxRobot robot) {
    int before = drawn.get();
    assertThat(before).isPositive();
    assertThat(mat.isFocused()).isTrue();

    robot.interact(() -> box.getChildren().remove(mat));
    robot.interact(() -> {});

    assertThat(mat.isFocused()).isFalse();
    assertThat(drawn.get()).isEqualTo(before);
  }
}

package stoutblade.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.Clipboard;
import javafx.scene.input.MouseButton;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;
import stoutblade.part.Part;
import stoutblade.project.Station;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** Templates given to other programs: dragged to a folder's window, copied. */
class DragOutTest extends InWindow {

  private static final double MM = 25.4 / 72;

  private final List<File> dropped = new CopyOnWriteArrayList<>();
  private Stage elsewhere;

  @Start
  void start(Stage window) {
    open(window);
    // Stands for a folder's window: it takes copies of files.
    StackPane tray = new StackPane();
    tray.setOnDragOver(event -> event.acceptTransferModes(TransferMode.COPY));
    tray.setOnDragDropped(
        event -> {
          dropped.addAll(event.getDragboard().getFiles());
          event.setDropCompleted(true);
        });
    elsewhere = new Stage();
    elsewhere.setScene(new Scene(tray, 200, 200));
    elsewhere.setX(1300);
    elsewhere.setY(400);
    elsewhere.show();
  }

  @AfterEach
  void shut() {
    fx(
        () -> {
          elsewhere.close();
          return true;
        });
  }

  @Test
  void a_part_is_dragged_out_as_its_templates(FxRobot robot) throws IOException {
    openDemo();
    Part part = desk.prop().parts().getFirst();
    List<Template> templates = desk.reckoned().templates(part.id());
    dragOut(robot, "#part-" + part.id());
    are(templates);
    until(
        () ->
            templates.stream()
                .allMatch(it -> desk.project().journal().printed().containsKey(path(it))));
  }

  @Test
  void a_prop_is_dragged_out_as_all_of_its_templates(FxRobot robot) throws IOException {
    openDemo();
    String id = desk.project().props().getLast().id();
    dragOut(robot, "#prop-" + id);
    are(desk.derived().prop(id).templates());
  }

  @Test
  void dropped_on_the_window_itself_it_opens_nothing(FxRobot robot) {
    openDemo();
    fx(
        () -> {
          desk.goTo(Station.SIZE);
          return true;
        });
    settled();
    var before = desk.project();
    fx(
        () -> {
          desk.say("as it was");
          return true;
        });
    Part part = desk.prop().parts().getFirst();
    Point2D middle = fx(() -> bench.root().getCenter().localToScreen(400, 300));
    robot.moveTo("#part-" + part.id()).press(MouseButton.PRIMARY);
    robot.moveBy(20, 5).moveTo(middle).release(MouseButton.PRIMARY);
    settled();
    assertThat(desk.project()).isEqualTo(before);
    assertThat(desk.noticeProperty().get()).isEqualTo("as it was");
  }

  @Test
  void copied_from_the_menu_they_are_files_on_the_clipboard(FxRobot robot) throws IOException {
    openDemo();
    Part part = desk.prop().parts().getFirst();
    menuOf(robot, "#part-" + part.id(), "rack-files");
    until(() -> desk.noticeProperty().get().startsWith("Copied as PDF"));
    dropped.addAll(fx(() -> Clipboard.getSystemClipboard().getFiles()));
    are(desk.reckoned().templates(part.id()));
  }

  @Test
  void of_what_is_bought_there_is_no_template_and_it_is_said(FxRobot robot) {
    openDemo();
    var prop =
        desk.project().props().stream()
            .filter(it -> it.parts().stream().anyMatch(DragOutTest::bought))
            .findFirst()
            .orElseThrow();
    Part part = prop.parts().stream().filter(DragOutTest::bought).findFirst().orElseThrow();
    fx(
        () -> {
          desk.goToProp(prop.id());
          return true;
        });
    settled();
    menuOf(robot, "#part-" + part.id(), "rack-files");
    assertThat(desk.noticeProperty().get()).contains("no template");
  }

  private static boolean bought(Part part) {
    return part.stack().isEmpty();
  }

  private String path(Template template) {
    return desk.reckoned().path(template);
  }

  /** Drags again where it was told that the files are still written. */
  private void dragOut(FxRobot robot, String card) {
    for (int i = 0; i < 10 && dropped.isEmpty(); i++) {
      settled();
      Node from = robot.lookup(card).query();
      Point2D to = fx(() -> elsewhere.getScene().getRoot().localToScreen(100, 100));
      robot.moveTo(from).press(MouseButton.PRIMARY).moveBy(20, 5).moveTo(to);
      robot.release(MouseButton.PRIMARY);
      try {
        WaitForAsyncUtils.waitFor(3, TimeUnit.SECONDS, () -> !dropped.isEmpty());
      } catch (TimeoutException e) {
        // Once more.
      }
    }
  }

  /** What came is the templates, page for page, on the paper in use. */
  private void are(List<Template> templates) throws IOException {
    assertThat(dropped).hasSameSizeAs(templates);
    for (int i = 0; i < templates.size(); i++) {
      assertThat(Files.size(dropped.get(i).toPath())).isPositive();
      try (PDDocument pdf = Loader.loadPDF(dropped.get(i))) {
        Tiling tiling = Tiling.of(templates.get(i), desk.project().paper());
        int map = tiling.tiles().size() > 1 ? 1 : 0;
        assertThat(pdf.getNumberOfPages()).isEqualTo(tiling.tiles().size() + map);
        assertThat(pdf.getPage(0).getMediaBox().getWidth() * MM)
            .isCloseTo(tiling.pageWidthMm(), within(0.1));
        assertThat(new PDFTextStripper().getText(pdf)).contains(templates.get(i).title());
      }
    }
  }
}

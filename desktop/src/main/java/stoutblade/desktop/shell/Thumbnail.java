package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.StackPane;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.feature.Spot;
import stoutblade.part.Assembly;
import stoutblade.part.Part;
import stoutblade.project.Project;
import stoutblade.project.Prop;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A small drawing of a project that nothing has been worked out of: the outlines of its first prop.
 */
final class Thumbnail extends StackPane {

  private static final double WIDE = 64;
  private static final double HIGH = 84;
  private static final double ROUGHLY_MM = 1;
  private static final int MOST_POINTS = 20_000;

  private final List<List<Point>> lines = new ArrayList<>();

  Thumbnail(Project project) {
    MatView view = new MatView(Lie.UPRIGHT);
    view.setRuled(false);
    view.setMouseTransparent(true);
    view.setFocusTraversable(false);
    view.setDrawing(this::draw);
    view.setMinSize(WIDE, HIGH);
    view.setPrefSize(WIDE, HIGH);
    view.setMaxSize(WIDE, HIGH);
    setMinSize(WIDE, HIGH);
    setMaxSize(WIDE, HIGH);
    getChildren().add(view);
    try {
      gather(project);
    } catch (RuntimeException e) {
      // What cannot be drawn may be the very reason why the program stopped.
      lines.clear();
    }
    List<Point> all = lines.stream().flatMap(List::stream).toList();
    if (!all.isEmpty()) {
      view.fit(Box.around(all), 5);
    }
  }

  private void gather(Project project) {
    Prop prop = project.first();
    Assembly assembly = Assembly.of(prop.parts());
    for (Part part : prop.parts()) {
      for (Path path : part.seen()) {
        assembly.spots().get(part.id()).forEach(it -> add(path, it));
      }
    }
  }

  private void add(Path path, Spot spot) {
    int there = lines.stream().mapToInt(List::size).sum();
    if (there < MOST_POINTS) {
      lines.add(path.flattened(ROUGHLY_MM).stream().map(spot::place).toList());
    }
  }

  private void draw(Pen pen) {
    pen.stroke(lines, pen.colour(Ink.INK), 1.2);
  }
}

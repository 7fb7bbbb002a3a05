package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import stoutblade.desktop.Desk;
import stoutblade.desktop.Style;
import stoutblade.desktop.WrappedText;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.finding.Finding;
import stoutblade.finding.Place;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** Strips of masking tape on a mat: findings stuck to the places that they speak of. */
public final class MaskingTape {

  private static final double WIDTH = 250;
  private static final double AWAY = 26;
  private static final double LEFT = 40;
  private static final double TOP = 12;
  private static final double GAP = 10;

  private final Desk desk;
  private final MatView mat;
  private final Pane over;
  private final Function<Place, Optional<Point>> where;
  private List<Strip> strips = List.of();

  /** A strip with the place that it speaks of, in the frame of what lies on the mat. */
  private record Strip(VBox node, Point place) {}

  /**
   * Tape on a mat.
   *
   * @param where the place on the mat that a finding is about; empty for the station as a whole
   */
  public MaskingTape(Desk desk, MatView mat, Function<Place, Optional<Point>> where) {
    this.desk = desk;
    this.mat = mat;
    this.over = mat.over();
    this.where = where;
    mat.setMoved(this::place);
  }

  /**
   * A button that mends something.
   *
   * @param name what it says
   * @param does what it does
   */
  public record Mend(String name, Runnable does) {}

  /**
   * A finding with what mends it.
   *
   * @param place where it is on the mat
   */
  public record Taped(Finding finding, Point place, List<Mend> mends) {}

  /** Shows findings: at their places, and beside the figures those that have none. */
  public void show(List<Finding> findings) {
    List<Taped> placed = new ArrayList<>();
    List<Finding> placeless = new ArrayList<>();
    for (Finding it : findings) {
      where
          .apply(it.place())
          .ifPresentOrElse(
              at -> placed.add(new Taped(it, at, mends(desk, it))), () -> placeless.add(it));
    }
    desk.placelessProperty().set(placeless);
    stick(placed);
  }

  private static List<Mend> mends(Desk desk, Finding finding) {
    return finding.mends().stream().map(it -> new Mend(it.name(), () -> desk.perform(it))).toList();
  }

  /** Shows findings whose mends are none of the project's edits. */
  public void stick(List<Taped> all) {
    List<Strip> made = new ArrayList<>();
    for (Taped taped : all) {
      made.add(new Strip(strip(taped.finding(), taped.mends()), taped.place()));
    }
    over.getChildren().removeAll(strips.stream().map(Strip::node).toList());
    strips = made;
    over.getChildren().addAll(made.stream().map(Strip::node).toList());
    place();
  }

  /** A strip for a finding, to be put anywhere. */
  public static VBox strip(Desk desk, Finding finding) {
    return strip(finding, mends(desk, finding));
  }

  private static VBox strip(Finding finding, List<Mend> all) {
    Label title = new Label(finding.title());
    title.getStyleClass().add(Style.MASKING_TITLE);
    WrappedText.in(title);
    Label why = new Label(finding.why());
    WrappedText.in(why);
    why.setMinHeight(Region.USE_PREF_SIZE);
    VBox strip = new VBox(3, title, why);
    strip.getStyleClass().add(Style.MASKING);
    strip.pseudoClassStateChanged(
        PseudoClass.getPseudoClass(finding.severity().name().toLowerCase(java.util.Locale.ROOT)),
        true);
    strip.setId("finding-" + Style.nodeId(finding.id()));
    strip.setMaxWidth(WIDTH);
    strip.setPrefWidth(WIDTH);
    strip.setMinWidth(0);
    if (!all.isEmpty()) {
      FlowPane mends = new FlowPane(6, 6);
      for (Mend mend : all) {
        Button button = new Button(mend.name());
        button.setOnAction(event -> mend.does().run());
        mends.getChildren().add(button);
      }
      strip.getChildren().add(mends);
    }
    return strip;
  }

  /** Marks the places on the drawing. */
  public void mark(Pen pen) {
    for (Strip strip : strips) {
      pen.dot(strip.place, 7, pen.colour(Ink.PAPER));
      pen.dot(strip.place, 5, pen.colour(Ink.WRONG));
    }
  }

  /** Lays the strips beside their places, none over another. */
  private void place() {
    List<Box> laid = new ArrayList<>();
    for (Strip strip : strips) {
      double height = strip.node.prefHeight(WIDTH);
      strip.node.resize(WIDTH, height);
      Box free = free(wanted(strip, height), laid);
      laid.add(free);
      strip.node.relocate(free.minX(), free.minY());
    }
  }

  private Box wanted(Strip strip, double height) {
    double farRight = Math.max(LEFT + 1, mat.getWidth() - WIDTH - 12);
    Point at = mat.toScreen(strip.place);
    boolean below = at.y() + AWAY + height < mat.getHeight() - 30;
    return box(
        Math.clamp(at.x() - WIDTH / 2, LEFT, farRight),
        below ? at.y() + AWAY : Math.max(top() / 2, at.y() - AWAY - height),
        height);
  }

  /** The nearest box to the left, or else further down, that lies over none of those laid. */
  private Box free(Box wanted, List<Box> laid) {
    Box box = wanted;
    for (int tries = 0; tries < laid.size() + 1; tries++) {
      Box now = box;
      Optional<Box> under = laid.stream().filter(it -> it.grown(GAP / 2).meets(now)).findFirst();
      if (under.isEmpty()) {
        break;
      }
      double left = under.get().minX() - GAP - WIDTH;
      boolean room = left >= LEFT;
      box =
          room
              ? box(left, wanted.minY(), wanted.height())
              : box(wanted.minX(), under.get().maxY() + GAP, wanted.height());
    }
    return box.maxY() <= mat.getHeight() ? box : onMat(wanted, laid).orElse(box);
  }

  /** The nearest box on the mat, beside or under those laid or at the top. */
  private Optional<Box> onMat(Box wanted, List<Box> laid) {
    List<Double> across = new ArrayList<>(List.of(LEFT, wanted.minX()));
    List<Double> down = new ArrayList<>(List.of(top(), wanted.minY()));
    for (Box it : laid) {
      across.add(it.minX() - GAP - WIDTH);
      across.add(it.maxX() + GAP);
      down.add(it.minY() - GAP - wanted.height());
      down.add(it.maxY() + GAP);
    }
    return across.stream()
        .flatMap(x -> down.stream().map(y -> box(x, y, wanted.height())))
        .filter(it -> it.minX() >= 0 && it.maxX() <= mat.getWidth())
        .filter(it -> it.minY() >= 0 && it.maxY() <= mat.getHeight())
        .filter(it -> laid.stream().noneMatch(other -> other.grown(GAP / 2).meets(it)))
        .min(Comparator.comparingDouble(it -> it.centre().distance(wanted.centre())));
  }

  private double top() {
    return mat.aboveProperty().get() + TOP;
  }

  private static Box box(double x, double y, double height) {
    return new Box(x, y, x + WIDTH, y + height);
  }
}

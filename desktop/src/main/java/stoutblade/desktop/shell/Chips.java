package stoutblade.desktop.shell;

import javafx.scene.layout.FlowPane;

/** Small things side by side, as wide as they are together, in rows where there is less room. */
public final class Chips extends FlowPane {

  private static final double GAP = 6;
  private static final double ROOM = 400;

  /** What rounding to whole pixels may take. */
  private static final double SLACK = 3;

  private static final double AROUND = 30;

  private double room = ROOM;

  /** None so far. */
  public Chips() {
    super(GAP, GAP);
  }

  /** How wide what they lie in is. */
  public void within(double width) {
    room = Math.max(ROOM / 2, width - AROUND);
    requestLayout();
  }

  @Override
  protected double computePrefWidth(double height) {
    double all =
        getManagedChildren().stream().mapToDouble(it -> it.prefWidth(-1) + GAP).sum() - GAP;
    return Math.clamp(Math.ceil(all) + SLACK, 0, room);
  }

  @Override
  protected double computeMinWidth(double height) {
    return getManagedChildren().stream().mapToDouble(it -> it.minWidth(-1)).max().orElse(0);
  }
}

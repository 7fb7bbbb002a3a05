package stoutblade.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * Several trays below one drawing. One stands above the other where there is room; a low window
 * shows one row, in which the tray that matters at the moment comes first and the others have what
 * is left of it, and a press shows all.
 */
public final class Trays extends Pane {

  /** A tray that has less room than this beside another waits for the press. */
  private static final double LEAST_BESIDE = 190;

  private final BooleanProperty opened = new SimpleBooleanProperty();
  private final Set<Tray> bound = new HashSet<>();
  private Optional<Region> first = Optional.empty();

  /** Trays, of which none is there yet. */
  public Trays() {
    opened.addListener(it -> requestLayout());
  }

  /** Shows trays from the top, the first of which matters most. */
  public void show(List<? extends Region> trays) {
    if (trays.isEmpty()) {
      Panes.put(this, trays);
    } else {
      show(trays, trays.getFirst());
    }
  }

  /**
   * Shows trays.
   *
   * @param trays from the top
   * @param matters the one that comes first in a low window; one of them
   */
  public void show(List<? extends Region> trays, Region matters) {
    first = Optional.of(matters);
    for (Region it : trays) {
      if (it instanceof Tray tray && bound.add(tray)) {
        tray.opened().bindBidirectional(opened);
      }
    }
    Panes.put(this, trays);
    requestLayout();
  }

  @Override
  public Orientation getContentBias() {
    return Orientation.HORIZONTAL;
  }

  private boolean folded() {
    return Tray.low(this) && !opened.get();
  }

  private List<Region> shown() {
    List<Region> all = new ArrayList<>();
    for (Node it : getManagedChildren()) {
      all.add((Region) it);
    }
    return all;
  }

  /** One tray and how wide it is in the row; 0 where it has no room there. */
  private record Share(Region tray, double width) {}

  private static double wanted(Region tray) {
    return tray instanceof Tray own ? own.inOneRow() : tray.prefWidth(-1);
  }

  /** How the row is shared out, from the left. */
  private List<Share> shares(double width) {
    List<Region> order = new ArrayList<>(shown());
    first.filter(order::remove).ifPresent(order::addFirst);
    List<Share> shares = new ArrayList<>();
    double left = width;
    for (int i = 0; i < order.size(); i++) {
      double room = left - (i == 0 ? 0 : LEAST_BESIDE);
      double own =
          room < 0 ? 0 : i == order.size() - 1 ? left : Math.min(wanted(order.get(i)), left);
      if (i == 0 && left - own < LEAST_BESIDE) {
        own = left;
      }
      shares.add(new Share(order.get(i), own));
      left -= own;
    }
    return shares;
  }

  @Override
  protected double computePrefHeight(double width) {
    if (width <= 0 || !folded()) {
      return shown().stream().mapToDouble(it -> it.prefHeight(width)).sum();
    }
    return shares(width).stream()
        .filter(it -> it.width() > 0)
        .mapToDouble(it -> it.tray().prefHeight(it.width()))
        .max()
        .orElse(0);
  }

  @Override
  protected double computeMinHeight(double width) {
    return computePrefHeight(width);
  }

  @Override
  protected double computeMinWidth(double height) {
    return shown().stream().mapToDouble(it -> it.minWidth(-1)).max().orElse(0);
  }

  @Override
  protected double computePrefWidth(double height) {
    return shown().stream().mapToDouble(it -> it.prefWidth(-1)).max().orElse(0);
  }

  @Override
  protected void layoutChildren() {
    if (folded()) {
      layInRow();
      return;
    }
    double y = 0;
    for (Region it : shown()) {
      double high = it.prefHeight(getWidth());
      it.setVisible(true);
      // Where all are open, the first that can says how to fold them.
      others(it, Tray.low(this) && shown().size() > 1 && it == shown().getFirst());
      it.resizeRelocate(0, y, getWidth(), high);
      y += high;
    }
  }

  private void layInRow() {
    List<Share> shares = shares(getWidth());
    boolean hidden = shares.stream().anyMatch(it -> it.width() <= 0);
    double x = 0;
    for (Share it : shares) {
      it.tray().setVisible(it.width() > 0);
      others(it.tray(), hidden);
      it.tray().resizeRelocate(x, 0, it.width(), getHeight());
      x += it.width();
    }
  }

  private static void others(Region tray, boolean hidden) {
    if (tray instanceof Tray own) {
      own.setOthersHidden(hidden);
    }
  }
}

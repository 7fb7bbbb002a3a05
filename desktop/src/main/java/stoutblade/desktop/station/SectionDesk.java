package stoutblade.desktop.station;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import stoutblade.core.Section;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.part.BladeForm;
import stoutblade.project.Derived;
import stoutblade.project.Place;
import stoutblade.project.Station;
import stoutblade.shape.Box;
import stoutblade.shape.Point;

/** The blade from above, with a line that is dragged along it, and below it the section there. */
final class SectionDesk extends SplitPane {

  private final Desk desk;
  private final Station station;
  private final MatView plan = new MatView(Lie.LYING);
  private final MatView section = new MatView(Lie.UPRIGHT);
  private final MaskingTape tape;
  private final Consumer<Pen> more;
  private double at = Double.NaN;

  /**
   * The two mats.
   *
   * @param more draws what the station adds to the plan
   */
  SectionDesk(Desk desk, Station station, Consumer<Pen> more) {
    this.desk = desk;
    this.station = station;
    this.more = more;
    this.tape = new MaskingTape(desk, plan, this::where);
    setOrientation(Orientation.VERTICAL);
    getItems().addAll(plan, section);
    setDividerPositions(0.62);
    plan.setId("plan-mat-" + station.number());
    section.setId("section-mat-" + station.number());
    plan.setDrawing(this::drawPlan);
    plan.setHand(new Dragging());
    section.setDrawing(this::drawSection);
    section.setFocusTraversable(false);
  }

  /** Where the section is taken, in mm from the base. */
  double stationMm() {
    return at;
  }

  void moveStation(double mm) {
    desk.derived().form().ifPresent(form -> at = Math.clamp(mm, 0.5, form.length().value() - 0.5));
    plan.redraw();
    fitSection();
    section.redraw();
    tell();
  }

  void show(Derived derived) {
    plan.setUnits(desk.units());
    section.setUnits(desk.units());
    derived
        .form()
        .ifPresent(
            form -> {
              double length = form.length().value();
              if (Double.isNaN(at) || at > length) {
                at = Math.min(form.widestAt().value() + length * 0.12, length * 0.5);
              }
              plan.fitAnew(planBox(derived, form), 34);
              fitSection();
            });
    tape.show(derived.findingsOf(station));
    plan.redraw();
    section.redraw();
    tell();
  }

  private Box planBox(Derived derived, BladeForm form) {
    Box blade = form.box();
    boolean withCore = station == Station.CORE;
    return derived
        .core()
        .filter(core -> withCore && core.choice().startMm() < 0)
        .map(core -> blade.with(new Box(0, core.choice().startMm(), 0, 0)))
        .orElse(blade);
  }

  private void fitSection() {
    desk.derived()
        .form()
        .ifPresent(
            form -> {
              double half = form.width().value() / 2;
              double thick =
                  desk.derived()
                      .layers()
                      .map(it -> it.thickness().value() / 2)
                      .orElse(form.width().value());
              section.fit(new Box(-half, -thick, half, thick), 40);
            });
  }

  private Optional<Point> where(Place place) {
    return place instanceof Place.OnBlade it ? Optional.of(it.mm()) : Optional.empty();
  }

  private void drawPlan(Pen pen) {
    Derived derived = desk.derived();
    if (derived.form().isEmpty() || derived.layers().isEmpty()) {
      return;
    }
    BladeForm form = derived.form().get();
    SolidDrawing.plan(pen, form, derived.layers().get());
    more.accept(pen);
    SolidDrawing.station(pen, form, at, Display.length(at, desk.units()) + " from the base");
    tape.mark(pen);
  }

  private void drawSection(Pen pen) {
    Optional<Layers> layers = desk.derived().layers();
    if (layers.isEmpty()) {
      return;
    }
    SolidDrawing.section(pen, layers.get(), desk.derived().core(), at);
    section(layers.get()).ifPresent(it -> measure(pen, layers.get(), it));
  }

  private Optional<Section> section(Layers layers) {
    return Double.isNaN(at)
        ? Optional.empty()
        : Optional.of(Section.of(layers, desk.derived().core(), at));
  }

  private void measure(Pen pen, Layers layers, Section measured) {
    double top = measured.thickness().value() / 2;
    double beside = measured.width().value() * 0.28;
    pen.measure(
        new Point(beside, -top),
        new Point(beside, top),
        measured.thickness().show(desk.units()) + " in the middle",
        pen.colour(Ink.MEASURE));
    double half = measured.width().value() / 2;
    double below = -layers.thickness().value() / 2 - 14 / pen.zoom();
    pen.measure(
        new Point(half, below),
        new Point(-half, below),
        measured.width().show(desk.units()),
        pen.colour(Ink.MEASURE));
    measured
        .overCore()
        .ifPresent(
            over ->
                pen.measure(
                    new Point(0, top - over.value()),
                    new Point(0, top),
                    over.show(desk.units()) + " over the core",
                    pen.colour(Ink.SELECTED)));
  }

  private void tell() {
    desk.besideProperty()
        .set(
            desk.derived()
                .layers()
                .flatMap(this::section)
                .map(Section::figures)
                .orElse(java.util.List.of()));
  }

  /** Dragging the section along the blade. */
  private final class Dragging implements MatView.Hand {

    @Override
    public boolean press(Point place, MouseEvent event) {
      moveStation(place.y());
      return true;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      moveStation(place.y());
    }

    @Override
    public void release(Point place, MouseEvent event) {
      moveStation(place.y());
    }

    @Override
    public boolean key(KeyEvent event) {
      double step = event.isShiftDown() ? 10 : 1;
      switch (event.getCode()) {
        case LEFT -> moveStation(at - step);
        case RIGHT -> moveStation(at + step);
        default -> {
          return false;
        }
      }
      return true;
    }
  }
}

package stoutblade.desktop.station;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Section;
import stoutblade.derive.Derived;
import stoutblade.desktop.Desk;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Lie;
import stoutblade.desktop.mat.MatView;
import stoutblade.desktop.mat.PartDrawing;
import stoutblade.desktop.mat.Pen;
import stoutblade.desktop.shell.MaskingTape;
import stoutblade.desktop.texts.Texts;
import stoutblade.finding.Place;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/** A part from above, with a line that is dragged along it, and below it the section there. */
public final class SectionDesk extends SplitPane {

  private static final double JUST_INSIDE_MM = 0.5;
  private static final double ROOM_FOR_WORDS = 0.22;
  private static final double NOTE_WIDE = 520;

  private static final double REACH_PX = 14;

  private final Desk desk;
  private final Station station;
  private final MatView plan = new MatView(Lie.LYING);
  private final MatView section = new MatView(Lie.UPRIGHT);
  private final Label nothing = section.note("section-nothing", NOTE_WIDE);
  private final MaskingTape tape;
  private final Consumer<Pen> more;
  private Optional<Layered> shown = Optional.empty();
  private Optional<PartReckoning> plain = Optional.empty();
  private Optional<Grip> grip = Optional.empty();
  private String fitted = "";
  private double at = Double.NaN;

  /**
   * The two mats.
   *
   * @param more draws what the station adds to the plan
   */
  public SectionDesk(Desk desk, Station station, Consumer<Pen> more) {
    this.desk = desk;
    this.station = station;
    this.more = more;
    this.tape = new MaskingTape(desk, plan, this::where);
    setOrientation(Orientation.VERTICAL);
    getItems().addAll(plan, section);
    setDividerPositions(0.62);
    plan.setCalled(Texts.WINDOW.of("the-part-from-the-front"));
    section.setCalled(Texts.WINDOW.of("cross-section"));
    plan.setId("plan-mat-" + station.number());
    section.setId("section-mat-" + station.number());
    plan.setDrawing(this::drawPlan);
    plan.setHand(new Dragging());
    plan.setPending(desk::busy);
    section.setDrawing(this::drawSection);
    section.setFocusTraversable(false);
  }

  /** Something on the plan that the hand can take hold of before the section. */
  public interface Grip {

    /** True where it is under a place. */
    boolean takes(Point place, double reachMm);

    /** It is being moved to a place. */
    void to(Point place);

    /** It is let go. */
    void drop();
  }

  /** What a hand can take hold of on the plan. */
  public void setGrip(Grip it) {
    grip = Optional.of(it);
  }

  /** Where the section is taken, in mm along. */
  public double stationMm() {
    return at;
  }

  /** Takes the section elsewhere. */
  public void moveStation(double mm) {
    shown
        .map(Layered::straightBox)
        .ifPresent(
            it -> at = Math.clamp(mm, it.minY() + JUST_INSIDE_MM, it.maxY() - JUST_INSIDE_MM));
    plan.redraw();
    fitSection();
    section.redraw();
    tell();
  }

  /** Shows a part. */
  public void show(Derived derived, Optional<PartReckoning> part) {
    shown = part.flatMap(Layered::of);
    plain = shown.isPresent() ? Optional.empty() : part;
    plan.setUnits(desk.units());
    section.setUnits(desk.units());
    shown.ifPresent(this::fit);
    plain.ifPresent(this::fitPlain);
    String id = part.map(PartReckoning::id).orElse("");
    tape.show(desk.findingsOf(station).stream().filter(it -> about(it.place(), id)).toList());
    nothing.setText(plain.map(SectionDesk::words).orElse(""));
    nothing.setVisible(plain.isPresent());
    plan.redraw();
    section.redraw();
    tell();
  }

  /** Why nothing is cut through below. */
  private static String words(PartReckoning part) {
    if (part.part().stack().isEmpty()) {
      return Texts.WINDOW.of("is-bought-there-are-no", part.part().name());
    }
    return part.part().cut().isPresent()
        ? Texts.WINDOW.of("there-is-no-outline-to")
        : Texts.WINDOW.of("is-made-of-one-sheet", part.part().name());
  }

  private static boolean about(Place place, String id) {
    return place instanceof Place.OnPart it
        ? it.partId().equals(id)
        : !(place instanceof Place.OnCoating);
  }

  private void fit(Layered it) {
    Box box = it.box();
    Box straight = it.straightBox();
    boolean off = Double.isNaN(at) || at > straight.maxY() || at < straight.minY();
    if (!fitted.equals(it.id()) || off) {
      fitted = it.id();
      at = first(it, straight);
    }
    plan.setLie(it.lie());
    plan.fitAnew(planBox(it.core(), it.course(), it.layers().solid().near(), box), 34);
    fitSection();
  }

  private static double first(Layered it, Box box) {
    double length = box.height();
    double widest = it.form().measures().orElseThrow().widestAt().value();
    return it.lies()
        ? box.minY() + Math.min(widest + length * 0.12, length * 0.5)
        : box.centre().y();
  }

  /** What has no layers: its lines, with its core. */
  private void fitPlain(PartReckoning part) {
    fitted = part.id();
    at = Double.NaN;
    plan.setLie(PartDrawing.lie(part));
    PartDrawing.box(part)
        .ifPresent(it -> plan.fitAnew(planBox(part.core(), Course.STRAIGHT, it.minY(), it), 34));
  }

  private Box planBox(Optional<CoreReckoning> core, Course course, double near, Box box) {
    return core.filter(it -> station == Station.CORE)
        .map(
            it ->
                box.with(
                    Box.around(
                        course.line(0, near + it.choice().startMm(), near + it.choice().endMm()))))
        .orElse(box);
  }

  private void fitSection() {
    shown.ifPresent(
        it -> {
          double thick = it.layers().thickness().value() / 2;
          // On the right there is room for the words of the thickness.
          Box box = it.straightBox();
          double right = box.maxX() + ROOM_FOR_WORDS * box.width();
          section.fit(new Box(box.minX(), -thick, right, thick), 40);
        });
  }

  private Optional<Point> where(Place place) {
    return switch (place) {
      case Place.OnPart it -> Optional.of(it.mm());
      default -> Optional.empty();
    };
  }

  private void drawPlan(Pen pen) {
    plain.ifPresent(
        it -> {
          PartDrawing.face(pen, it, pen.colour(Ink.FOAM));
          PartDrawing.edge(pen, it, pen.colour(Ink.INK), 1.6);
          more.accept(pen);
          tape.mark(pen);
        });
    shown.ifPresent(
        it -> {
          SolidDrawing.plan(pen, it);
          more.accept(pen);
          SolidDrawing.station(pen, it, at, station(it));
          tape.mark(pen);
        });
  }

  private void drawSection(Pen pen) {
    shown.ifPresent(
        it -> {
          SolidDrawing.section(pen, it, at);
          section(it).ifPresent(found -> measure(pen, it, found));
        });
  }

  private Optional<Section> section(Layered it) {
    return Double.isNaN(at)
        ? Optional.empty()
        : Optional.of(Section.of(it.layers(), it.core(), at));
  }

  private String station(Layered it) {
    String far = Display.length(at - it.layers().solid().near(), desk.units());
    return it.lies() ? Texts.WINDOW.of("from-the-base", far) : Texts.WINDOW.of("along", far);
  }

  private void measure(Pen pen, Layered it, Section measured) {
    double top = measured.thickness().value() / 2;
    List<Span> spans = it.course().straight(it.layers().solid().outermost()).across(at);
    double left = spans.stream().mapToDouble(Span::from).min().orElse(0);
    double right = spans.stream().mapToDouble(Span::to).max().orElse(0);
    double beside = right + 14 / pen.zoom();
    pen.measure(
        new Point(beside, -top),
        new Point(beside, top),
        Texts.WINDOW.of("in-the-middle", measured.thickness().show(desk.units())),
        pen.colour(Ink.MEASURE));
    double below = -it.layers().thickness().value() / 2 - 14 / pen.zoom();
    pen.measure(
        new Point(right, below),
        new Point(left, below),
        measured.width().show(desk.units()),
        pen.colour(Ink.MEASURE));
    measured
        .overCore()
        .ifPresent(
            over ->
                pen.measure(
                    new Point(0, top - over.value()),
                    new Point(0, top),
                    Texts.WINDOW.of("over-the-core", over.show(desk.units())),
                    pen.colour(Ink.SELECTED)));
  }

  private void tell() {
    desk.besideProperty().set(figures());
  }

  /** The figures of the section. */
  private List<Figure> figures() {
    return shown.flatMap(this::section).map(Section::figures).orElse(List.of());
  }

  private double along(Point place) {
    return shown.map(it -> it.course().along(place)).orElse(place.y());
  }

  /** Dragging the section along the part. */
  private final class Dragging implements MatView.Hand {

    private Optional<Grip> held = Optional.empty();

    @Override
    public boolean press(Point place, MouseEvent event) {
      held = grip.filter(it -> it.takes(place, REACH_PX / plan.zoom()));
      if (held.isEmpty()) {
        moveStation(along(place));
      }
      return true;
    }

    @Override
    public void drag(Point place, MouseEvent event) {
      held.ifPresentOrElse(
          it -> {
            it.to(place);
            plan.redraw();
          },
          () -> moveStation(along(place)));
    }

    @Override
    public void release(Point place, MouseEvent event) {
      held.ifPresentOrElse(Grip::drop, () -> moveStation(along(place)));
      held = Optional.empty();
      plan.redraw();
    }

    @Override
    public boolean key(KeyEvent event) {
      double step = event.isShiftDown() ? 10 : 1;
      switch (event.getCode()) {
        case LEFT, DOWN -> moveStation(at - step);
        case RIGHT, UP -> moveStation(at + step);
        default -> {
          return false;
        }
      }
      return true;
    }
  }
}

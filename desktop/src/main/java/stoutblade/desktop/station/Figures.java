package stoutblade.desktop.station;

import java.util.List;
import stoutblade.desktop.mat.Ink;
import stoutblade.desktop.mat.Pen;
import stoutblade.part.BladeForm;
import stoutblade.project.Derived;
import stoutblade.shape.Cubic;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.wearer.BodyOutline;
import stoutblade.wearer.Wearer;

/** Drawings that several surfaces share: the wearer, and the prop held upright beside her. */
public final class Figures {

  private static final double HAFT_MM = 33;

  private Figures() {}

  /** The wearer's outline standing at a place. */
  public static void body(Pen pen, Wearer wearer, Point foot) {
    for (Path path : BodyOutline.of(wearer.heightMm())) {
      Path moved = moved(path, foot);
      pen.fill(moved, pen.faint(Ink.BODY, 0.55));
      pen.stroke(moved, pen.colour(Ink.BODY), 1.2);
    }
  }

  /** The length of the whole prop in mm: as marked, else blade and core. */
  public static double wholeLength(Derived derived) {
    double blade = derived.form().map(BladeForm::length).map(it -> it.value()).orElse(0.0);
    double below = derived.project().core().map(core -> Math.max(0, -core.startMm())).orElse(0.0);
    return derived
        .scale()
        .flatMap(it -> it.wholeLength())
        .map(it -> it.value())
        .orElse(blade + below);
  }

  /** The prop held upright with its butt at a place. */
  public static void held(Pen pen, Derived derived, Point butt) {
    double whole = wholeLength(derived);
    double blade = derived.form().map(it -> it.length().value()).orElse(0.0);
    if (whole <= 0) {
      return;
    }
    double base = whole - blade;
    if (base > 0) {
      List<Point> haft =
          List.of(
              butt.plus(new Point(-HAFT_MM / 2, 0)), butt.plus(new Point(-HAFT_MM / 2, base)),
              butt.plus(new Point(HAFT_MM / 2, base)), butt.plus(new Point(HAFT_MM / 2, 0)));
      pen.fill(List.of(haft), pen.colour(Ink.CORE));
    }
    derived
        .form()
        .ifPresent(
            form -> {
              Path leaf = moved(form.outline(), butt.plus(new Point(0, base)));
              pen.fill(leaf, pen.colour(Ink.FOAM));
              pen.stroke(leaf, pen.colour(Ink.INK), 1.5);
            });
  }

  /** A path moved by a displacement. */
  static Path moved(Path path, Point by) {
    return new Path(
        path.cubics().stream()
            .map(
                it ->
                    new Cubic(
                        it.start().plus(by),
                        it.control1().plus(by),
                        it.control2().plus(by),
                        it.end().plus(by)))
            .toList(),
        path.closed());
  }
}

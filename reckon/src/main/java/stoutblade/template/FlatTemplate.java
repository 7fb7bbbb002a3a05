package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.develop.Developed;
import stoutblade.develop.Edge;
import stoutblade.develop.Panel;
import stoutblade.layer.Splices;
import stoutblade.measure.Display;
import stoutblade.measure.Quantity;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The template of a shape that was laid out flat: its panels side by side, each edge with the
 * letter of its seam, its notches and how far it leans.
 */
public final class FlatTemplate {

  private static final double APART_MM = 12;
  private static final double LOOKED_AT_MM = 0.2;
  private static final double NOTCH_MM = 4;
  private static final double LABEL_MM = 6;

  private static final double ASIDE = 0.3;
  private static final double SMALLER = 0.7;
  private static final double SQUARE = Math.toRadians(0.05);

  private FlatTemplate() {}

  /** A template. */
  public static Template of(Making making, Developed flat, Units units) {
    return of(making, flat, Stroke.Kind.BEND, Optional.empty(), units);
  }

  /**
   * The same.
   *
   * @param inside what the lines inside a panel mean
   * @param splices how panels larger than a sheet are cut apart, where the sheet is known
   */
  public static Template of(
      Making making, Developed flat, Stroke.Kind inside, Optional<Splices> splices, Units units) {
    List<Template.Copy> copies = new ArrayList<>();
    List<Stroke> strokes = new ArrayList<>();
    List<Wording.Words> words = new ArrayList<>();
    for (Panel panel : laid(flat)) {
      copies.addAll(making.copies(panel.name(), panel.count()));
      panel.windows().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
      strokes.add(new Stroke(Stroke.Kind.CUT, panel.outline()));
      Region face = face(panel);
      strokes.addAll(Grain.alongLonger(face));
      panel.lines().forEach(it -> strokes.add(new Stroke(inside, it)));
      panel.marks().forEach(it -> strokes.add(new Stroke(Stroke.Kind.ENGRAVE, it)));
      splices.stream()
          .flatMap(it -> it.lines(panel).stream())
          .forEach(it -> strokes.add(new Stroke(Stroke.Kind.JOINT, Path.through(it, false))));
      panel.edges().forEach(it -> edge(panel, face, it, units, strokes, words));
      words.add(names(making, panel, face, splices, units));
    }
    return Wording.set(making.fileId(), making.title(), copies, strokes, words);
  }

  /** The panels as they lie on the template. */
  public static List<Panel> laid(Developed flat) {
    return flat.sideBySide(APART_MM);
  }

  private static Region face(Panel panel) {
    List<List<Point>> rings = new ArrayList<>();
    rings.add(panel.outline().flattened(LOOKED_AT_MM));
    panel.windows().forEach(it -> rings.add(it.flattened(LOOKED_AT_MM)));
    return Region.evenOdd(rings);
  }

  private static String words(Panel panel) {
    return panel.name() + (panel.count() > 1 ? ", cut " + panel.count() : "");
  }

  private static Wording.Words names(
      Making making, Panel panel, Region face, Optional<Splices> splices, Units units) {
    Box box = panel.box();
    double size = Math.clamp(Math.min(box.width(), box.height()) / 8, 2, LABEL_MM);
    List<String> lines = new ArrayList<>();
    lines.add(making.title() + ": " + words(panel));
    lines.addAll(making.lines(units));
    splices
        .map(it -> it.count(panel))
        .filter(it -> it > 1)
        .ifPresent(
            it ->
                lines.add("Larger than a sheet: " + it + " pieces, a cover strip on each splice"));
    closing(panel).ifPresent(it -> lines.add("Seam " + it + " to the hidden side"));
    return Wording.Words.about(lines, face, box.centre(), size);
  }

  /**
   * The one seam that closes the panel on itself, as of a ring or a cone: it can be turned to where
   * it does not show. Darts and segments cannot.
   */
  private static Optional<String> closing(Panel panel) {
    List<String> seams = panel.edges().stream().filter(Edge::glued).map(Edge::seam).toList();
    boolean one = seams.size() == 2 && seams.getFirst().equals(seams.getLast());
    return one && panel.count() == 1 ? Optional.of(seams.getFirst()) : Optional.empty();
  }

  private static void edge(
      Panel panel,
      Region face,
      Edge edge,
      Units units,
      List<Stroke> strokes,
      List<Wording.Words> words) {
    for (Edge.Notch notch : edge.notches()) {
      strokes.add(
          new Stroke(
              Stroke.Kind.NOTCH,
              Path.line(notch.at(), notch.at().plus(notch.inward().times(NOTCH_MM)))));
    }
    List<String> said = new ArrayList<>();
    if (edge.glued()) {
      said.add(edge.seam());
    }
    if (edge.bevel() != 0) {
      said.add("leans " + Display.show(edge.bevel(), Quantity.ANGLE, units));
    }
    Box box = panel.box();
    double size = Math.clamp(Math.min(box.width(), box.height()) / 10, 2, LABEL_MM);
    if (!said.isEmpty()) {
      words.add(inside(String.join(", ", said), face, edge.at(edge.length() * ASIDE), size));
    }
    for (Edge.Lean lean : edge.leans()) {
      words.add(
          inside(words(lean, units), face, edge.at(edge.length() * lean.share()), size * SMALLER));
    }
  }

  private static String words(Edge.Lean lean, Units units) {
    String angle = Display.show(Math.abs(lean.radians()), Quantity.ANGLE, units);
    return Math.abs(lean.radians()) < SQUARE
        ? "square"
        : angle + (lean.radians() > 0 ? " out" : " in");
  }

  /** Words just inside a place on an edge. */
  private static Wording.Words inside(String words, Region face, Edge.Notch place, double size) {
    return Wording.Words.at(
        words, face, place.at().plus(place.inward().times(NOTCH_MM + size)), size);
  }
}

package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * A box that is open above, and a lid that slips over it, or hangs inside it as a hatch does.
 *
 * @param wideMm outside width of two of its sides, in mm
 * @param narrowMm outside width of the other two
 * @param heightMm its height outside, without the lid
 * @param foamMm the foam's thickness
 * @param lidMm how far the lid reaches over or into it
 * @param playMm room between both all round, coats counted
 * @param over true for a lid that slips over it
 */
public record Lidded(
    double wideMm,
    double narrowMm,
    double heightMm,
    double foamMm,
    double lidMm,
    double playMm,
    boolean over)
    implements Form {

  /** Seams of the lid are called other letters than those of the box. */
  private static final int SEAMS_ON = 3;

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if they make no box or no lid for it
   */
  public Lidded {
    new Prism(4, wideMm, narrowMm, heightMm, foamMm, 1);
    Form.above(lidMm, foamMm, "How far the lid reaches, in mm,");
    if (!(playMm >= 0)) {
      throw new IllegalArgumentException("Play is 0 or more; found " + playMm + " mm");
    }
    if (!over && lidMm > heightMm) {
      throw new IllegalArgumentException("The lid reaches further in than the box is deep");
    }
    lid(wideMm, narrowMm, foamMm, lidMm, playMm, over);
  }

  /** The box, open above. */
  public Prism box() {
    return new Prism(4, wideMm, narrowMm, heightMm, foamMm, 1);
  }

  /** The lid. */
  public Prism lid() {
    return lid(wideMm, narrowMm, foamMm, lidMm, playMm, over);
  }

  private static Prism lid(
      double wide, double narrow, double foam, double deep, double play, boolean over) {
    double more = over ? 2 * (foam + play) : -2 * (foam + play);
    return new Prism(4, wide + more, narrow + more, deep, foam, 1);
  }

  @Override
  public Developed develop(String id) {
    Figure wide = Form.length(id + ".wide", "Wide side outside", wideMm);
    Figure narrow = Form.length(id + ".narrow", "Narrow side outside", narrowMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure play = Form.length(id + ".play", "Play all round", playMm);
    String formula = over ? "{%s} + 2 * ({%s} + {%s})" : "{%s} - 2 * ({%s} + {%s})";
    List<Figure> figures = new ArrayList<>();
    figures.add(
        Figure.computed(
            id + ".lid-wide",
            "Lid outside, wide side",
            Quantity.LENGTH,
            formula.formatted(wide.id(), foam.id(), play.id()),
            Source.GEOMETRY,
            wide,
            foam,
            play));
    figures.add(
        Figure.computed(
            id + ".lid-narrow",
            "Lid outside, narrow side",
            Quantity.LENGTH,
            formula.formatted(narrow.id(), foam.id(), play.id()),
            Source.GEOMETRY,
            narrow,
            foam,
            play));
    Developed box = box().develop(id);
    figures.addAll(box.figures());
    List<Panel> panels = new ArrayList<>();
    box.panels().forEach(it -> panels.add(named("Box: ", it, 0)));
    lid().develop(id).panels().forEach(it -> panels.add(named("Lid: ", it, SEAMS_ON)));
    return new Developed(
        panels,
        figures,
        List.of(
            over
                ? "The lid slips over the box: try it before either is painted, and again after."
                : "The lid hangs inside the box: glue a rim round its top that it rests on.",
            "Coats take their room on both faces that slide: count them in the play."));
  }

  private static Panel named(String whose, Panel panel, int on) {
    List<Edge> edges =
        panel.edges().stream()
            .map(
                it ->
                    it.glued()
                        ? new Edge(
                            String.valueOf((char) (it.seam().charAt(0) + on)),
                            it.path(),
                            it.bevel(),
                            it.leans())
                        : it)
            .toList();
    String name = Character.toLowerCase(panel.name().charAt(0)) + panel.name().substring(1);
    return new Panel(
        whose + name, panel.count(), edges, panel.windows(), panel.lines(), panel.marks());
  }
}

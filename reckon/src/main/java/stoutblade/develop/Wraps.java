package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;

/**
 * Turns of foam over one another, each a strip of its own: a handle, a swelling grip.
 *
 * @param formerMm outside diameter of what is wrapped, in mm
 * @param foamMm thickness of each turn, from the inside out, in mm
 * @param widthMm width of the innermost turn, in mm
 * @param stepMm how much shorter each further turn is at each end, in mm; 0 for a plain handle,
 *     below 0 where the shortest turn is inside and each further one covers it
 */
public record Wraps(double formerMm, List<Double> foamMm, double widthMm, double stepMm)
    implements Form {

  private static final int MOST_TURNS = 24;

  /**
   * Copies and checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive, there are too many turns, or the steps
   *     leave nothing of the outermost
   */
  public Wraps {
    foamMm = List.copyOf(foamMm);
    Form.above(formerMm, 0, "The former's diameter in mm");
    if (foamMm.isEmpty() || foamMm.size() > MOST_TURNS) {
      throw new IllegalArgumentException(
          "There are 1 to " + MOST_TURNS + " turns; found " + foamMm.size());
    }
    foamMm.forEach(it -> Form.above(it, 0, "The foam's thickness in mm"));
    if (!Double.isFinite(stepMm)) {
      throw new IllegalArgumentException("The step is a length in mm; found " + stepMm);
    }
    Form.above(
        widthMm - 2 * stepMm * (foamMm.size() - 1), 0, "The width left for the outermost turn, mm");
  }

  @Override
  public Developed develop(String id) {
    List<Figure> figures = new ArrayList<>();
    List<Panel> panels = new ArrayList<>();
    Figure below = Form.length(id + ".former", "Former, across", formerMm);
    Figure step = Form.length(id + ".step", "Shorter at each end", stepMm);
    Figure wide = Form.length(id + ".wide", "Innermost turn, width", widthMm);
    for (int i = 0; i < foamMm.size(); i++) {
      String turn = id + ".turn" + (i + 1);
      Figure foam = Form.length(turn + ".foam", "Foam of turn " + (i + 1), foamMm.get(i));
      Figure length =
          Figure.computed(
              turn + ".length",
              "Turn " + (i + 1) + ", length",
              Quantity.LENGTH,
              "pi * ({%s} + {%s})".formatted(below.id(), foam.id()),
              THROUGH_THE_MIDDLE,
              below,
              foam);
      figures.add(length);
      if (stepMm != 0) {
        Figure width =
            Figure.computed(
                turn + ".width",
                "Turn " + (i + 1) + ", width",
                Quantity.LENGTH,
                "{%s} - 2 * %d * {%s}".formatted(wide.id(), i, step.id()),
                Source.GEOMETRY,
                wide,
                step);
        figures.add(width);
      }
      panels.add(
          Panel.strip(
              "Turn " + (i + 1),
              1,
              length.value(),
              widthMm - 2 * i * stepMm,
              Character.toString('A' + i)));
      below =
          Figure.computed(
              turn + ".outside",
              "Across after turn " + (i + 1),
              Quantity.LENGTH,
              "{%s} + 2 * {%s}".formatted(below.id(), foam.id()),
              Source.GEOMETRY,
              below,
              foam);
    }
    figures.addFirst(below);
    return new Developed(
        panels,
        figures,
        List.of("Turn each seam away from the one below it: no two over one another."));
  }
}

package stoutblade.develop;

import java.util.ArrayList;
import java.util.List;
import stoutblade.measure.Figure;
import stoutblade.measure.Quantity;
import stoutblade.measure.Source;
import stoutblade.measure.Uncertainty;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Span;

/**
 * A grip that swells or narrows as it is drawn, wound up from turns of foam: each turn is as wide
 * as the grip is thicker there, or all of them are one strip that is cut narrower as it goes.
 *
 * <p>One that is deeper than wide is wound over a strip in front and one behind, so that its
 * section has half rounds and flat sides.
 *
 * @param formerMm outside diameter of what is wound round, in mm
 * @param foamMm the foam's thickness, in mm
 * @param profile how thick it is along it, seen from the front
 * @param deeperMm how much deeper than wide it is, in mm; 0 for a round one
 * @param way how it is wound
 */
public record Swelling(
    double formerMm, double foamMm, GripProfile profile, double deeperMm, Way way) implements Form {

  private static final int MOST_TURNS = 40;
  private static final int STEPS_A_TURN = 48;
  private static final double LEAST_MM = 1;

  /** How it is wound. */
  public enum Way {
    /** Each turn reaches to where the grip is half its thickness thicker: a wrap covers steps. */
    TURNS,
    /** Each turn reaches to where the grip begins to be thicker: its steps are sanded off. */
    TURNS_TO_SAND,
    /** One strip, cut narrower as it goes. */
    STRIP
  }

  /**
   * Checks the sizes.
   *
   * @throws IllegalArgumentException if one is not positive, the grip is nowhere thicker than what
   *     is inside it, there are too many turns, or one strip cannot be it
   */
  public Swelling {
    Form.above(formerMm, 0, "The former's diameter in mm");
    Form.above(foamMm, 0, "The foam's thickness in mm");
    if (!(deeperMm >= 0)) {
      throw new IllegalArgumentException(
          "How much deeper it is in mm is not negative; found " + deeperMm);
    }
    double thickest = profile.extremes().to();
    Form.above(
        thickest - formerMm / 2 - least(foamMm, way),
        0,
        "The grip's radius where it is thickest, less what is inside, mm");
    if (turns(formerMm, foamMm, profile, way) > MOST_TURNS) {
      throw new IllegalArgumentException(
          "A grip is wound in at most " + MOST_TURNS + " turns: take thicker foam");
    }
    if (way == Way.STRIP) {
      for (int i = 0; i <= MOST_TURNS; i++) {
        double at = formerMm / 2 + (thickest - formerMm / 2) * i / (MOST_TURNS + 1);
        if (profile.thickerThan(at).size() > 1) {
          throw new IllegalArgumentException(
              "It is thin between two thick places: one strip cannot be that; wind it turn by turn");
        }
      }
    }
  }

  /** How much of a turn is inside the drawn line at least. */
  private static double least(double foamMm, Way way) {
    return way == Way.TURNS ? foamMm / 2 : 0;
  }

  private static int turns(double formerMm, double foamMm, GripProfile profile, Way way) {
    double over = (profile.extremes().to() - formerMm / 2) / foamMm;
    return way == Way.TURNS ? (int) Math.ceil(over - 0.5 - 1e-9) : (int) Math.ceil(over - 1e-9);
  }

  /** How many turns it takes; the last one of a strip may be less than one. */
  public int turns() {
    return turns(formerMm, foamMm, profile, way);
  }

  /** How wide it is at most, from the front, in mm. */
  public double acrossMm() {
    return 2 * profile.extremes().to();
  }

  /** Where a turn lies, from the lower end; more than one piece where it is thin between. */
  private List<Span> spans(int turn) {
    double below = formerMm / 2 + (turn - 1) * foamMm + least(foamMm, way);
    return profile.thickerThan(below).stream().filter(it -> it.length() >= LEAST_MM).toList();
  }

  @Override
  public Developed develop(String id) {
    List<Figure> figures = new ArrayList<>();
    Figure former = Form.length(id + ".former", "Former, across", formerMm);
    Figure foam = Form.length(id + ".foam", "Foam", foamMm);
    Figure deeper = Form.length(id + ".deeper", "Deeper than wide by", deeperMm);
    List<Panel> panels = new ArrayList<>(shims());
    figures.add(girth(id, deeper));
    if (way == Way.STRIP) {
      panels.add(strip());
      figures.add(length(id, former, foam, deeper, panels.getLast()));
    } else {
      for (int turn = 1; turn <= turns(); turn++) {
        turn(id, turn, former, foam, deeper, panels, figures);
      }
    }
    return new Developed(panels, figures, words());
  }

  private List<String> words() {
    List<String> words = new ArrayList<>();
    words.add("Turn each seam away from the one below it: no two over one another.");
    words.add("Slide on what sits below or above the grip before its ends are closed.");
    if (way == Way.TURNS_TO_SAND) {
      words.add("Sand the steps off to the drawn line once all turns hold.");
    }
    if (deeperMm > 0) {
      words.add(
          "Glue the flat strips in front and behind first, and sand each side to half the extra"
              + " depth.");
    }
    return words;
  }

  // == TURN BY TURN

  private void turn(
      String id,
      int turn,
      Figure former,
      Figure foam,
      Figure deeper,
      List<Panel> panels,
      List<Figure> figures) {
    String own = id + ".turn" + turn;
    Figure length =
        Figure.computed(
            own + ".length",
            "Turn " + turn + ", length",
            Quantity.LENGTH,
            "pi * ({%s} + %d * {%s}) + 2 * {%s}"
                .formatted(former.id(), 2 * turn - 1, foam.id(), deeper.id()),
            THROUGH_THE_MIDDLE,
            former,
            foam,
            deeper);
    List<Span> spans = spans(turn);
    if (spans.isEmpty()) {
      return;
    }
    figures.add(length);
    for (int i = 0; i < spans.size(); i++) {
      Span span = spans.get(i);
      String part = spans.size() == 1 ? "" : ", piece " + (i + 1) + " from below";
      String key = own + (spans.size() == 1 ? "" : ".piece" + (i + 1));
      figures.add(
          found(
              key + ".width",
              "Turn " + turn + part + ", width",
              span.length(),
              "where the drawn grip is thicker than what lies below this turn"));
      figures.add(
          found(
              key + ".from",
              "Turn " + turn + part + ", from the lower end",
              span.from(),
              "where the drawn grip gets thicker than what lies below this turn"));
      panels.add(
          Panel.strip(
              "Turn " + turn + part,
              1,
              length.value(),
              span.length(),
              "T" + turn + (spans.size() == 1 ? "" : Character.toString('a' + i))));
    }
  }

  private static Figure found(String id, String label, double mm, String words) {
    return Figure.found(id, label, mm, Quantity.LENGTH, words, Source.GEOMETRY, Uncertainty.NONE);
  }

  private Figure girth(String id, Figure deeper) {
    Figure widest =
        found(
            id + ".widest",
            "Widest, across",
            acrossMm(),
            "twice the largest radius of the drawn curve");
    return Figure.computed(
        id + ".girth",
        "Girth where it is widest",
        Quantity.LENGTH,
        "pi * {%s} + 2 * {%s}".formatted(widest.id(), deeper.id()),
        Source.GEOMETRY,
        widest,
        deeper);
  }

  // == ONE STRIP

  /** The area of a section across it, out to a radius seen from the front, in mm². */
  private double section(double radius) {
    return Math.PI * radius * radius + 2 * deeperMm * radius;
  }

  /** The radius of a section of so much area. */
  private double radius(double section) {
    return (Math.sqrt(deeperMm * deeperMm + Math.PI * section) - deeperMm) / Math.PI;
  }

  /**
   * Both its edges, from the inner end on: as wide as the grip is thicker than what is wound so
   * far. What is wound so far has the section of its length times its thickness.
   */
  private Panel strip() {
    double inside = section(formerMm / 2);
    double end = (section(profile.extremes().to()) - inside) / foamMm;
    int steps = STEPS_A_TURN * (1 + turns());
    List<Point> low = new ArrayList<>();
    List<Point> high = new ArrayList<>();
    for (int i = 0; i <= steps; i++) {
      double along = end * i / steps;
      List<Span> spans = profile.thickerThan(radius(inside + along * foamMm));
      if (spans.isEmpty()) {
        break;
      }
      low.add(new Point(along, spans.getFirst().from()));
      high.addFirst(new Point(along, spans.getLast().to()));
    }
    List<Point> around = new ArrayList<>(low);
    around.addAll(high);
    return new Panel(
        "Strip", 1, List.of(Edge.free(Path.through(around, true))), List.of(), List.of());
  }

  private Figure length(String id, Figure former, Figure foam, Figure deeper, Panel strip) {
    return Figure.found(
        id + ".strip",
        "Strip, length",
        strip.box().width(),
        Quantity.LENGTH,
        "section of the grip where it is widest, less that of {%s}, over {%s}"
            .formatted(former.id(), foam.id()),
        THROUGH_THE_MIDDLE,
        Uncertainty.NONE,
        former,
        foam,
        deeper);
  }

  /** What makes it deeper than wide: a strip in front and one behind. */
  private List<Panel> shims() {
    if (deeperMm == 0) {
      return List.of();
    }
    return List.of(
        Panel.polygon(
            "Flat strip, front or back",
            2 * (int) Math.ceil(deeperMm / 2 / foamMm - 1e-9),
            List.of(
                new Point(0, 0),
                new Point(formerMm, 0),
                new Point(formerMm, profile.lengthMm()),
                new Point(0, profile.lengthMm())),
            List.of("", "", "", "")));
  }
}

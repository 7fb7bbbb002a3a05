package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.core.CoreReckoning;
import stoutblade.layer.Layers;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Blade;
import stoutblade.part.BladeForm;
import stoutblade.prop.Fuller;
import stoutblade.shape.Box;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

/**
 * A template at full size.
 *
 * @param id short name without spaces, for file names
 * @param title what is cut by it
 * @param copies the pieces that are cut by it
 * @param strokes its lines
 * @param labels its words
 */
public record Template(
    String id, String title, List<Copy> copies, List<Stroke> strokes, List<Label> labels) {

  private static final double LABEL_MM = 5;
  private static final double LABELS_ALONG = 0.48;
  private static final double TOLERANCE_MM = 0.02;

  /**
   * A piece that is cut by a template.
   *
   * @param name what the piece is
   * @param mirrored true where the template is turned over first
   */
  public record Copy(String name, boolean mirrored) {

    /** The name with its hand, for a person to read. */
    public String words() {
      return name + (mirrored ? ": turn the paper over" : ": printed side up");
    }
  }

  /** Copies the lists. */
  public Template {
    copies = List.copyOf(copies);
    strokes = List.copyOf(strokes);
    labels = List.copyOf(labels);
  }

  /** The template of both layers of a blade: the back is the front turned over. */
  public static Template ofBlade(
      Blade blade, BladeForm form, Layers layers, Optional<CoreReckoning> core, Units units) {
    List<Copy> copies =
        new ArrayList<>(List.of(new Copy("front layer", false), new Copy("back layer", true)));
    List<Stroke> strokes = new ArrayList<>();
    if (form.worked().reshaped()) {
      strokes.addAll(PlateTemplate.strokes(form.worked()));
    } else {
      strokes.addAll(PlateTemplate.markings(form.worked()));
      strokes.add(new Stroke(Stroke.Kind.CUT, form.outline()));
    }
    strokes.add(new Stroke(Stroke.Kind.CENTRE, centre(form)));
    if (layers.bevelWidth().value() > 0) {
      layers.solid().flat().rings().stream()
          .map(ring -> new Stroke(Stroke.Kind.BEVEL, Path.through(ring, true)))
          .forEach(strokes::add);
    }
    core.ifPresent(it -> strokes.addAll(channel(it)));
    List<Label> labels = new ArrayList<>(labels(blade, form, layers, core, units));
    Box box = form.box();
    strokes.addAll(Grain.along(form.face()));
    PlateTemplate.beside(
        form.worked(), Making.onBothFaces(blade.name()), box, units, strokes, labels, copies);
    return new Template("blade-layers", blade.name() + ", both layers", copies, strokes, labels);
  }

  private static Path centre(BladeForm form) {
    return Path.line(new Point(0, 0), new Point(0, form.length().value()));
  }

  private static List<Stroke> channel(CoreReckoning core) {
    double half = core.diameter().value() / 2;
    double from = Math.max(0, core.choice().startMm());
    double to = core.choice().endMm();
    if (to <= from) {
      return List.of();
    }
    List<Point> around =
        List.of(
            new Point(-half, from),
            new Point(-half, to),
            new Point(half, to),
            new Point(half, from));
    return List.of(new Stroke(Stroke.Kind.CHANNEL, Path.through(around, from > 0)));
  }

  private static List<Label> labels(
      Blade blade, BladeForm form, Layers layers, Optional<CoreReckoning> core, Units units) {
    List<String> lines = new ArrayList<>();
    lines.add(blade.name());
    lines.add(
        layers.foam().name()
            + " "
            + Display.length(layers.layer().value(), units)
            + ", cut 2: front as printed, back mirrored");
    if (layers.bevelWidth().value() > 0) {
      lines.add(
          "Bevel "
              + layers.bevelWidth().show(units)
              + " to "
              + layers.edge().show(units)
              + " edge, "
              + layers.bevelAngle().show(units)
              + " from the face");
    }
    if (!form.worked().windows().isEmpty()) {
      lines.add("Cut inside first");
    }
    form.fullers().stream().distinct().map(it -> fuller(it, units)).distinct().forEach(lines::add);
    core.ifPresent(
        it ->
            lines.add(
                "Channel "
                    + it.diameter().show(units)
                    + " wide, "
                    + it.depth().show(units)
                    + " deep, glue face"));
    double halfCore = core.map(it -> it.diameter().value() / 2).orElse(0.0);
    return beside(lines, form, halfCore, layers.bevelWidth().value());
  }

  static String fuller(Fuller fuller, Units units) {
    return "Fuller "
        + Display.length(fuller.wide(), units)
        + " wide, "
        + (fuller.raised() ? "raised by " : "routed ")
        + Display.length(fuller.deep(), units)
        + (fuller.raised() ? "" : " deep");
  }

  /**
   * Sets two lines of words left of the core and the rest right of it, a little below the middle of
   * the blade, between the core and the bevel line where there is room.
   */
  private static List<Label> beside(
      List<String> lines, BladeForm form, double halfCore, double bevel) {
    double along = form.length().value() * LABELS_ALONG;
    double halfWidth = form.face().widthAt(along) / 2;
    double outer = halfWidth - bevel > halfCore + 2 * LABEL_MM ? halfWidth - bevel : halfWidth;
    double middle = (halfCore + outer) / 2;
    double size = Math.clamp((outer - halfCore) / 5, 1.5, LABEL_MM);
    List<Label> placed = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      double x = (i < 2 ? -1 : 1) * middle + (i % 2 == 0 ? -1 : 1) * size * 0.8;
      placed.add(new Label(lines.get(i), new Point(x, along), size));
    }
    return placed;
  }

  /** The box around all lines, in mm. */
  public Box box() {
    return Box.around(
        strokes.stream().flatMap(it -> it.path().flattened(TOLERANCE_MM).stream()).toList());
  }

  /** How many pieces are cut mirrored. */
  public long mirroredCopies() {
    return copies.stream().filter(Copy::mirrored).count();
  }

  /** The kinds of line on it, in the order of their drawing. */
  public List<Stroke.Kind> kinds() {
    return strokes.stream().map(Stroke::kind).distinct().toList();
  }
}

package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import stoutblade.develop.Panel;
import stoutblade.feature.Feature;
import stoutblade.feature.Fuller;
import stoutblade.feature.Marking;
import stoutblade.feature.PlateForm;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/**
 * The template of a plate: windows first, then what is drawn on it, then its outline; the pieces of
 * its features beside it.
 */
public final class PlateTemplate {

  private static final double APART_MM = 12;
  private static final double LABEL_MM = 6;

  private PlateTemplate() {}

  /** A template. */
  public static Template of(PlateForm form, Making making, Units units) {
    List<Stroke> strokes = new ArrayList<>();
    strokes.addAll(strokes(form));
    List<Template.Copy> copies = new ArrayList<>(making.copies(making.name(), 1));
    List<Wording.Words> words = new ArrayList<>();
    if (!form.outer().isEmpty()) {
      Box box = box(form.outer());
      if (form.blank().outline() instanceof HalfOutline) {
        Path centre = Path.line(new Point(0, box.minY()), new Point(0, box.maxY()));
        strokes.add(new Stroke(Stroke.Kind.CENTRE, centre));
      }
      words.add(words(form, making, box, units));
      strokes.addAll(Grain.along(form.face()));
      beside(form, making, box, units, strokes, words, copies);
    }
    return Wording.set(making.fileId(), making.title(), copies, strokes, words);
  }

  /** What is cut inside first, then what is drawn on it, then its outline. */
  static List<Stroke> strokes(PlateForm form) {
    List<Stroke> strokes = new ArrayList<>();
    form.windows().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
    strokes.addAll(markings(form));
    form.outer().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
    return strokes;
  }

  /** What is cut of it alone. */
  static List<Stroke> cuts(PlateForm form) {
    return strokes(form).stream().filter(it -> it.kind() == Stroke.Kind.CUT).toList();
  }

  /** What is drawn on it. */
  static List<Stroke> markings(PlateForm form) {
    return form.markings().stream().map(it -> new Stroke(kind(it.kind()), it.path())).toList();
  }

  private static Box box(List<Path> paths) {
    return Box.around(paths.stream().flatMap(it -> it.flattened(0.1).stream()).toList());
  }

  private static Stroke.Kind kind(Marking.Kind kind) {
    return switch (kind) {
      case BEVEL -> Stroke.Kind.BEVEL;
      case ENGRAVE -> Stroke.Kind.ENGRAVE;
      case SCORE -> Stroke.Kind.SCORE;
      case FULLER -> Stroke.Kind.FULLER;
      case LAID -> Stroke.Kind.LAID;
      case HIDDEN -> Stroke.Kind.POCKET;
    };
  }

  private static Wording.Words words(PlateForm form, Making making, Box box, Units units) {
    List<String> lines = new ArrayList<>();
    lines.add(making.name());
    lines.addAll(making.lines(units));
    if (!form.windows().isEmpty()) {
      lines.add("Cut inside first");
    }
    for (Feature feature : form.blank().features()) {
      if (feature.kind() == Feature.Kind.FULLER) {
        lines.add(LayerTemplates.fuller(Fuller.of(feature, form.blank()), units));
      }
      if (feature.kind() == Feature.Kind.BEVEL) {
        String id = "part." + feature.id() + ".angle";
        form.figures().stream()
            .filter(it -> it.id().equals(id))
            .map(it -> "Bevel " + bevel(it, feature, units))
            .forEach(lines::add);
      }
    }
    Point middle = form.face().isEmpty() ? box.centre() : inside(form, box);
    double size = Math.clamp(Math.min(box.width(), box.height()) / 16, 2, LABEL_MM);
    return Wording.Words.about(lines, form.face(), middle, size);
  }

  private static String bevel(Figure angle, Feature feature, Units units) {
    return Display.length(feature.size("wide"), units)
        + " wide to a "
        + Display.length(feature.size("edge"), units)
        + " edge, "
        + angle.show(units)
        + " from the face";
  }

  /** The middle, or where that is cut out a place beside it. */
  private static Point inside(PlateForm form, Box box) {
    Point best = box.centre();
    double most = -1;
    for (int i = 1; i < 12; i++) {
      for (int k = 1; k < 12; k++) {
        Point at = new Point(box.minX() + box.width() * i / 12, box.minY() + box.height() * k / 12);
        if (form.face().contains(at) && form.face().distanceToBoundary(at) > most + 1) {
          most = form.face().distanceToBoundary(at);
          best = at;
        }
      }
    }
    return best;
  }

  /** Sets the pieces of its features beside it. */
  static void beside(
      PlateForm form,
      Making making,
      Box box,
      Units units,
      List<Stroke> strokes,
      List<Wording.Words> said,
      List<Template.Copy> copies) {
    double x = box.maxX() + APART_MM;
    for (Map.Entry<Double, List<Panel>> each : form.piecesByThickness().entrySet()) {
      boolean other = each.getKey() != form.blank().thicknessMm();
      String thick = other ? ", " + Display.length(each.getKey(), units) + " thick" : "";
      for (Panel panel : each.getValue()) {
        Box own = panel.box();
        Point by = new Point(x - own.minX(), box.minY() - own.minY());
        panel
            .windows()
            .forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it.moved(p -> p.plus(by)))));
        strokes.add(new Stroke(Stroke.Kind.CUT, panel.outline().moved(p -> p.plus(by))));
        double size = Math.clamp(Math.min(own.width(), own.height()) / 6, 2, LABEL_MM);
        String words = panel.name() + thick + ", cut " + panel.count() * making.made();
        Region face = Region.inside(panel.outline().moved(p -> p.plus(by)), 0.1);
        for (Path window : panel.windows()) {
          face = face.difference(Region.inside(window.moved(p -> p.plus(by)), 0.1));
        }
        said.add(Wording.Words.about(List.of(words), face, own.centre().plus(by), size));
        copies.addAll(making.copies(panel.name(), panel.count()));
        x += own.width() + APART_MM;
      }
    }
  }
}

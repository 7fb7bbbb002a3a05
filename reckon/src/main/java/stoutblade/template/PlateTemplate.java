package stoutblade.template;

import java.util.ArrayList;
import java.util.List;
import stoutblade.develop.Panel;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.prop.Feature;
import stoutblade.prop.Marking;
import stoutblade.prop.PlateForm;
import stoutblade.shape.Box;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;

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
    form.windows().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
    form.markings().forEach(it -> strokes.add(new Stroke(kind(it.kind()), it.path())));
    form.outer().forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it)));
    List<Template.Copy> copies = new ArrayList<>(making.copies(making.name(), 1));
    List<Label> labels = new ArrayList<>();
    if (!form.outer().isEmpty()) {
      Box box = box(form.outer());
      if (form.plate().outline() instanceof HalfOutline) {
        Path centre = Path.line(new Point(0, box.minY()), new Point(0, box.maxY()));
        strokes.add(new Stroke(Stroke.Kind.CENTRE, centre));
      }
      labels.addAll(words(form, making, box, units));
      beside(form, making, box, strokes, labels, copies);
    }
    return new Template(making.fileId(), making.title(), copies, strokes, labels);
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
    };
  }

  private static List<Label> words(PlateForm form, Making making, Box box, Units units) {
    List<String> lines = new ArrayList<>();
    lines.add(making.name());
    lines.addAll(making.lines(units));
    if (!form.windows().isEmpty()) {
      lines.add("Cut inside first");
    }
    for (Feature feature : form.plate().features()) {
      if (feature.kind() == Feature.Kind.BEVEL) {
        String id = "part." + form.plate().id() + "." + feature.id() + ".angle";
        form.figures().stream()
            .filter(it -> it.id().equals(id))
            .map(it -> "Bevel " + bevel(it, feature, units))
            .forEach(lines::add);
      }
    }
    Point middle = form.face().empty() ? box.centre() : inside(form, box);
    double size = Math.clamp(Math.min(box.width(), box.height()) / 16, 2, LABEL_MM);
    return Label.lines(lines, middle, size);
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
        if (form.face().holds(at) && form.face().toBoundary(at) > most + 1) {
          most = form.face().toBoundary(at);
          best = at;
        }
      }
    }
    return best;
  }

  private static void beside(
      PlateForm form,
      Making making,
      Box box,
      List<Stroke> strokes,
      List<Label> labels,
      List<Template.Copy> copies) {
    List<Panel> further =
        form.developed().panels().subList(form.outer().size(), form.developed().panels().size());
    double x = box.maxX() + APART_MM;
    for (Panel panel : further) {
      Box own = panel.box();
      Point by = new Point(x - own.minX(), box.minY() - own.minY());
      panel
          .windows()
          .forEach(it -> strokes.add(new Stroke(Stroke.Kind.CUT, it.moved(p -> p.plus(by)))));
      strokes.add(new Stroke(Stroke.Kind.CUT, panel.outline().moved(p -> p.plus(by))));
      double size = Math.clamp(Math.min(own.width(), own.height()) / 6, 2, LABEL_MM);
      int all = panel.count() * making.made();
      labels.add(new Label(panel.name() + ", cut " + all, own.centre().plus(by), size));
      copies.addAll(making.copies(panel.name(), panel.count()));
      x += own.width() + APART_MM;
    }
  }
}

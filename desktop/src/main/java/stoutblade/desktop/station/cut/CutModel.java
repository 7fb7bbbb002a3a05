package stoutblade.desktop.station.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import stoutblade.desktop.Desk;
import stoutblade.desktop.texts.Texts;
import stoutblade.edit.Edits;
import stoutblade.feature.Spot;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.template.Paper;
import stoutblade.template.Template;
import stoutblade.template.Tiling;

/** The template that is looked at, and how it lies on its pages. */
final class CutModel {

  private static final double GAP_MM = 30;

  /** How much wider than high all of them lie: the mat is. */
  private static final double ASPECT = 1.6;

  private final Desk desk;
  private boolean chosen;
  private String lookedAt = "";
  private Optional<Template> template = Optional.empty();
  private Optional<Tiling> tiling = Optional.empty();

  CutModel(Desk desk) {
    this.desk = desk;
  }

  /** All templates of the prop. */
  List<Template> templates() {
    return desk.reckoned().templates();
  }

  /** Those that are to share pages: of the part that is looked at, or of all props. */
  List<Template> chosen() {
    if (all()) {
      return desk.derived().props().stream().flatMap(it -> it.templates().stream()).toList();
    }
    return desk.reckoned().papers().stream()
        .filter(it -> it.partId().equals(desk.lookedId()))
        .flatMap(it -> it.templates().stream())
        .toList();
  }

  /** The template that is looked at. */
  Optional<Template> template() {
    return template;
  }

  /** How it is spread over pages; none where it would take too many. */
  Optional<Tiling> tiling() {
    return tiling;
  }

  /** True where all templates of the prop are looked at, side by side. */
  boolean all() {
    return desk.whole() && !chosen && !templates().isEmpty();
  }

  /** True where the template that is looked at is wider than high: it lies as the mat does. */
  boolean wide() {
    return template.map(Template::box).filter(it -> it.width() > it.height()).isPresent();
  }

  /** A template with where it lies among all of them, and how it is turned. */
  record Laid(Template template, Spot spot, Box box) {}

  /** All templates in rows, each with its long side across, the highest row on top, in mm. */
  List<Laid> laidOut() {
    List<Laid> turned =
        templates().stream()
            .map(CutModel::turned)
            .sorted(Comparator.comparing(it -> -it.box().height()))
            .toList();
    double area = 0;
    double widest = 0;
    for (Laid it : turned) {
      area += (it.box().width() + GAP_MM) * (it.box().height() + GAP_MM);
      widest = Math.max(widest, it.box().width());
    }
    double wide = Math.max(widest, ASPECT * Math.sqrt(area));
    List<Laid> all = new ArrayList<>();
    double x = 0;
    double y = 0;
    double high = 0;
    for (Laid it : turned) {
      Box box = it.box();
      if (x > 0 && x + box.width() > wide) {
        x = 0;
        y -= high + GAP_MM;
        high = 0;
      }
      Point by = new Point(x - box.minX(), y - box.maxY());
      all.add(
          new Laid(
              it.template(), new Spot(it.spot().at().plus(by), it.spot().turn()), box.moved(by)));
      x += box.width() + GAP_MM;
      high = Math.max(high, box.height());
    }
    return all;
  }

  private static Laid turned(Template template) {
    Box box = template.box();
    boolean stands = box.height() > box.width();
    Spot spot = new Spot(new Point(0, 0), stands ? -Math.PI / 2 : 0);
    return new Laid(
        template,
        spot,
        stands ? Box.around(box.corners().stream().map(spot::place).toList()) : box);
  }

  Paper paper() {
    return desk.project().paper();
  }

  void paper(Paper chosen) {
    desk.perform(Edits.paper(chosen));
  }

  /** Looks at another template. */
  void look(Template another) {
    chosen = true;
    take(Optional.ofNullable(another));
  }

  /** Brings it up to date: the same template; of another part that is looked at its first. */
  void update() {
    String now = desk.whole() ? Desk.PROP : desk.lookedId();
    boolean same = lookedAt.equals(now);
    chosen = chosen && same;
    lookedAt = now;
    String before = same ? template.map(Template::id).orElse("") : "";
    List<Template> all = templates();
    take(
        all.stream()
            .filter(it -> it.id().equals(before))
            .findFirst()
            .or(this::ofLooked)
            .or(() -> all.stream().findFirst()));
  }

  private void take(Optional<Template> now) {
    template = now;
    tiling =
        now.filter(it -> Tiling.pages(it, paper()) <= Tiling.MOST_PAGES)
            .map(it -> Tiling.of(it, paper()));
  }

  /** The first template of the part that is looked at. */
  private Optional<Template> ofLooked() {
    return desk.reckoned().papers().stream()
        .filter(it -> it.partId().equals(desk.lookedId()))
        .flatMap(it -> it.templates().stream())
        .findFirst();
  }

  /** What is cut by it. */
  String pieces() {
    if (all()) {
      List<Template> all = templates();
      return Texts.CUT.of(
          "templates-of-pieces-pages",
          all.size(),
          desk.prop().name(),
          all.stream().mapToInt(it -> it.copies().size()).sum(),
          desk.reckoned().pages());
    }
    return template
        .map(it -> Texts.CUT.of("to-cut-of-them-mirrored", it.copies().size(), it.mirroredCopies()))
        .orElse(Texts.CUT.of("nothing-to-cut-yet"));
  }
}

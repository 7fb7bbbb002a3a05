package stoutblade.template;

import static java.util.Locale.ROOT;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import stoutblade.core.BesideReckoning;
import stoutblade.core.Channel;
import stoutblade.core.CoreChoice;
import stoutblade.core.CoreReckoning;
import stoutblade.core.Groove;
import stoutblade.develop.Panel;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.layer.EdgeBand;
import stoutblade.layer.Layer;
import stoutblade.layer.Layers;
import stoutblade.layer.Pocket;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.shape.Box;
import stoutblade.shape.Course;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;
import stoutblade.stack.Splits;

/**
 * The templates of a part's layers, the front's first. Where the back half is the front half turned
 * over, one template serves both.
 */
public final class LayerTemplates {

  /** Areas that differ by less are of one and the same outline. */
  private static final double AS_DRAWN_MM2 = 0.5;

  private static final double LABEL_MM = 5;
  private static final double LABELS_ALONG = 0.48;
  private static final double NARROWEST_MM = 2;
  private static final Map<Groove, String> GROOVE_WORDS =
      Map.of(Groove.ROUND, "Channel ", Groove.VEE, "V at 45°, ", Groove.SQUARE, "Square channel ");
  private static final double BAND_APART_MM = 15;
  private static final double BAND_WORDS_MM = 4;

  private final PlateForm form;
  private final Layers layers;
  private final Optional<CoreReckoning> core;
  private final Making making;
  private final Units units;
  private final boolean bothFaces;

  private LayerTemplates(
      PlateForm form, Layers layers, Optional<CoreReckoning> core, Making making, Units units) {
    this.form = form;
    this.layers = layers;
    this.core = core;
    this.making = making;
    this.units = units;
    this.bothFaces = form.blank().bothFaces();
  }

  /** The templates of what is cut along an outline. */
  public static List<Template> of(
      PlateForm form, Layers layers, Optional<CoreReckoning> core, Making making, Units units) {
    return new LayerTemplates(form, layers, core, making, units).all();
  }

  private List<Template> all() {
    List<Template> all = new ArrayList<>();
    List<Layer> each = layers.each();
    boolean paired =
        each.size() > 1
            && layers.layering().symmetric()
            && !layers.layering().profile().flatBack()
            && each.stream().allMatch(it -> it.joints().none())
            && cutAlike(each)
            && (bothFaces || form.markings().isEmpty())
            && Pocket.of(form, layers).isEmpty();
    int last = paired ? (each.size() + 1) / 2 : each.size();
    for (int i = 0; i < last; i++) {
      Layer front = each.get(each.size() - 1 - i);
      Layer back = each.get(i);
      if (front.cut().isEmpty()) {
        // All of it is worked off: there is nothing to cut, and a finding says so.
        continue;
      }
      all.add(template(front, paired && front.number() != back.number()));
    }
    layers.band().ifPresent(it -> all.add(band(it)));
    return all;
  }

  /** True where what is turned over is cut to the same line: not where one of the two is larger. */
  private static boolean cutAlike(List<Layer> each) {
    for (int i = 0; i < each.size() / 2; i++) {
      Layer other = each.get(each.size() - 1 - i);
      if (each.get(i).sheet().oversize() != other.sheet().oversize()) {
        return false;
      }
    }
    return true;
  }

  // == THE BAND

  /** The strips round the edge, one below the other, with the corners that they go round. */
  private Template band(EdgeBand band) {
    List<Stroke> strokes = new ArrayList<>();
    List<Wording.Words> words = new ArrayList<>();
    List<Template.Copy> copies = new ArrayList<>();
    double wide = band.width().value();
    double from = 0;
    double down = 0;
    for (Panel panel : band.panels("Edge band")) {
      double length = panel.box().width();
      double below = down;
      strokes.add(new Stroke(Stroke.Kind.CUT, panel.outline().moved(it -> moved(it, below))));
      for (double corner : band.corners()) {
        if (corner > from && corner < from + length) {
          Point foot = new Point(corner - from, below);
          strokes.add(new Stroke(Stroke.Kind.BEND, Path.line(foot, foot.plus(new Point(0, wide)))));
        }
      }
      copies.addAll(making.copies(panel.name(), 1));
      Region strip = Region.inside(panel.outline().moved(it -> moved(it, below)), 0.1);
      words.add(
          Wording.Words.about(
              bandWords(band, panel.name()), strip, strip.box().centre(), BAND_WORDS_MM));
      from += length;
      down -= wide + BAND_APART_MM;
    }
    return Wording.set(
        making.fileId() + "-band", form.blank().name() + ", edge band", copies, strokes, words);
  }

  private static Point moved(Point place, double up) {
    return place.plus(new Point(0, up));
  }

  private List<String> bandWords(EdgeBand band, String name) {
    return List.of(
        form.blank().name() + ": " + name,
        band.foam().name() + " " + Display.length(band.band().thicknessMm(), units),
        form.blank().outline() instanceof HalfOutline
            ? "From end to end of the edge"
            : "Seam " + place(band.start()),
        "Score the inside at each bend line; trim when the glue holds");
  }

  private String place(Point start) {
    Box box = layers.solid().outermost().box();
    double share = (start.y() - box.minY()) / box.height();
    return "hidden: at the " + (share < 0.34 ? "bottom" : share < 0.67 ? "side" : "top");
  }

  private boolean outermost(Layer layer) {
    return layer.number() == layers.each().size();
  }

  private Template template(Layer layer, boolean twice) {
    int count = layers.each().size();
    List<Stroke> strokes = new ArrayList<>(outline(layer));
    if (layer.worked()) {
      layer.filled().rings().stream()
          .map(ring -> new Stroke(Stroke.Kind.BEVEL, Path.through(ring, true)))
          .forEach(strokes::add);
    }
    Optional<Channel> channel = channel(layer);
    channel.ifPresent(it -> strokes.addAll(strokes(it)));
    strokes.addAll(beside(layer));
    List<Pocket> pockets =
        Pocket.of(form, layers).stream()
            .filter(it -> it.layer().number() == layer.number())
            .toList();
    pockets.forEach(it -> strokes.addAll(strokes(it)));
    layer
        .joints()
        .cutLines(layer.cut())
        .forEach(it -> strokes.add(new Stroke(Stroke.Kind.JOINT, Path.through(it, false))));
    strokes.addAll(Grain.along(layer.cut()));
    List<Wording.Words> words = new ArrayList<>(words(layer, twice, channel, pockets));
    List<Template.Copy> copies = new ArrayList<>(copies(layer, twice));
    if (outermost(layer)) {
      PlateTemplate.beside(form, making, box(layer), units, strokes, words, copies);
    }
    String name = form.blank().name();
    String which = which(layer, twice);
    String id = count == 2 && twice ? "layers" : "layer-" + layer.number();
    return Wording.set(making.fileId() + "-" + id, name + ", " + which, copies, strokes, words);
  }

  private static Box box(Layer layer) {
    return layer.cut().box();
  }

  private String which(Layer layer, boolean twice) {
    int count = layers.each().size();
    if (count == 2 && twice) {
      return "both layers";
    }
    return twice
        ? "layers " + (count + 1 - layer.number()) + " and " + layer.number() + " of " + count
        : "layer " + layer.number() + " of " + count;
  }

  private List<Template.Copy> copies(Layer layer, boolean twice) {
    int count = layers.each().size();
    String front = count == 2 ? side(layer.number()) : "layer " + layer.number();
    String back = count == 2 ? "back layer" : "layer " + (count + 1 - layer.number());
    List<Template.Copy> all = new ArrayList<>();
    all.addAll(making.copies(front, 1));
    if (twice) {
      making.copies(back, 1).stream()
          .map(it -> new Template.Copy(it.name(), !it.mirrored()))
          .forEach(all::add);
    }
    return all;
  }

  /** What a layer of two is called. */
  private static String side(int number) {
    return number == 2 ? "front layer" : "back layer";
  }

  // == LINES

  /** What is cut: the drawn curves where the layer is as wide as the part. */
  private List<Stroke> outline(Layer layer) {
    List<Stroke> strokes = new ArrayList<>();
    boolean asDrawn = layer.cut() == layers.solid().face();
    if (asDrawn) {
      strokes.addAll(
          outermost(layer) ? marked(PlateTemplate.strokes(form)) : PlateTemplate.cuts(form));
    } else {
      if (outermost(layer)) {
        strokes.addAll(marked(PlateTemplate.markings(form)));
      }
      cut(layer, strokes);
      if (layer.cut() != layer.widest()) {
        rings(layer.widest(), Stroke.Kind.FINISHED, strokes);
      }
    }
    Course course = layers.solid().course();
    if (course.bends()) {
      List<Point> line = course.line(0, 0, course.length().orElseThrow());
      strokes.add(new Stroke(Stroke.Kind.CENTRE, Path.through(line, false)));
    } else if (form.blank().outline() instanceof HalfOutline) {
      Box box = box(layer);
      double foot = layers.solid().near();
      strokes.add(
          new Stroke(Stroke.Kind.CENTRE, Path.line(new Point(0, foot), new Point(0, tip(box)))));
    }
    return strokes;
  }

  /** What is cut of a layer: its own curves where that is all. */
  private void cut(Layer layer, List<Stroke> strokes) {
    Optional<Path> own =
        layer
            .own()
            .filter(it -> layer.cut() == layer.widest())
            .map(Outline::outline)
            .filter(it -> Math.abs(Math.abs(Panel.area(it)) - layer.cut().area()) < AS_DRAWN_MM2);
    if (own.isPresent()) {
      strokes.add(new Stroke(Stroke.Kind.CUT, own.get()));
    } else {
      rings(layer.cut(), Stroke.Kind.CUT, strokes);
    }
  }

  /** Without pockets: those are drawn on the layers that they are in. */
  private static List<Stroke> marked(List<Stroke> strokes) {
    return strokes.stream().filter(it -> it.kind() != Stroke.Kind.POCKET).toList();
  }

  private double tip(Box box) {
    return Math.min(box.maxY(), layers.solid().near() + layers.solid().length());
  }

  private static void rings(Region area, Stroke.Kind kind, List<Stroke> strokes) {
    area.rings().forEach(it -> strokes.add(new Stroke(kind, Path.through(it, true))));
  }

  private Optional<Channel> channel(Layer layer) {
    return core.flatMap(
        it ->
            Channel.of(layers, it).stream()
                .filter(one -> one.layer().number() == layer.number())
                .findFirst());
  }

  /** Channels of rods beside the core. */
  private List<Stroke> beside(Layer layer) {
    List<Stroke> strokes = new ArrayList<>();
    for (BesideReckoning it : core.map(CoreReckoning::beside).orElse(List.of())) {
      for (Channel own : it.channelled() ? channels(it, layer) : List.<Channel>of()) {
        for (double aside : it.asides()) {
          strokes.addAll(strokes(own, aside, it.choice().startMm(), it.choice().endMm()));
        }
      }
    }
    return strokes;
  }

  private List<Channel> channels(BesideReckoning it, Layer layer) {
    return Channel.of(layers, it.section(), core.orElseThrow().choice().groove()).stream()
        .filter(one -> one.layer().number() == layer.number())
        .toList();
  }

  private List<Stroke> strokes(Channel channel) {
    CoreChoice choice = core.orElseThrow().choice();
    return strokes(channel, 0, choice.startMm(), choice.endMm());
  }

  private List<Stroke> strokes(Channel channel, double aside, double start, double end) {
    List<Point> around = channel.around(layers, aside, start, end);
    if (around.isEmpty()) {
      return List.of();
    }
    // From the base on it is open there.
    boolean closed = aside != 0 || layers.solid().near() + Math.max(0, start) > 0;
    Stroke.Kind kind = channel.through() ? Stroke.Kind.CUT : Stroke.Kind.CHANNEL;
    return List.of(new Stroke(kind, Path.through(around, closed)));
  }

  private static List<Stroke> strokes(Pocket pocket) {
    Stroke.Kind kind = pocket.through() ? Stroke.Kind.CUT : Stroke.Kind.POCKET;
    return pocket.recess().spots().stream()
        .map(it -> new Stroke(kind, it.place(pocket.recess().outline())))
        .toList();
  }

  // == WORDS

  private List<Wording.Words> words(
      Layer layer, boolean twice, Optional<Channel> channel, List<Pocket> pockets) {
    List<String> lines = new ArrayList<>();
    lines.add(form.blank().name());
    int count = layers.each().size();
    String which = count == 2 && twice ? "" : which(layer, twice) + ", ";
    lines.add(
        layer.foam().name()
            + " "
            + Display.length(layer.sheet().thicknessMm(), units)
            + ", "
            + which
            + cutWords(twice));
    if (layer.foam().textured()) {
      lines.add(
          layer.texturedInFront() ? "Textured side to the front" : "Textured side to the back");
    }
    if (layer.sheet().oversize()) {
      lines.add("Glue it large, trim it to the layer behind it");
    }
    if (!layer.joints().none()) {
      lines.add(
          "Larger than a sheet: %d pieces, %s"
              .formatted(layer.pieces().size(), layer.joints().joint().words()));
      if (layer.joints().joint() == Splits.Joint.SCARF) {
        lines.add("Cut each piece as far as the outer line, then bevel it to the inner one");
      }
    }
    if (layer.worked()) {
      lines.addAll(worked());
    }
    if (!form.windows().isEmpty()) {
      lines.add("Cut inside first");
    }
    if (outermost(layer)) {
      Fuller.of(form.blank()).stream().map(it -> fuller(it, units)).distinct().forEach(lines::add);
    }
    channel.ifPresent(it -> lines.add(words(it)));
    pockets.stream().map(this::words).distinct().forEach(lines::add);
    return beside(lines, layer, channel);
  }

  /** How many are cut, and which of them with the paper turned over. */
  private String cutWords(boolean twice) {
    int made = making.made();
    if (twice) {
      return made == 1
          ? "cut 2: front as printed, back mirrored"
          : "cut " + 2 * made + ": half as printed, half mirrored";
    }
    return making.mirrored() > 0
        ? "cut " + made + ": " + making.mirrored() + " mirrored, the paper turned over"
        : "cut " + made;
  }

  /** The section that it is worked to, and those that follow along. */
  private List<String> worked() {
    List<String> all = new ArrayList<>();
    List<ProfileChange> changes = layers.layering().changes();
    String until = changes.isEmpty() ? "" : "To " + show(changes.getFirst().fromMm()) + ": ";
    Profile own = layers.layering().profile();
    boolean flat = own.flat(layers.layering().thicknessMm());
    if (!flat) {
      all.add(until + worked(own));
    } else if (own.roundMm() > 0) {
      all.add(until + "Edge rounded over by " + show(own.roundMm()));
    }
    for (ProfileChange it : changes) {
      all.add("From " + show(it.toMm()) + ": " + it.profile().kind().title().toLowerCase(ROOT));
    }
    return all;
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private String worked(Profile profile) {
    return profile.kind() == Profile.Kind.BEVEL
        ? "Bevel "
            + layers.bevelWidth().show(units)
            + " to "
            + layers.edge().show(units)
            + " edge, "
            + layers.bevelAngle().show(units)
            + " from the face"
        : profile.kind().title()
            + ": work it down from the dashed line to the outline, "
            + layers.edge().show(units)
            + " at the edge";
  }

  private String words(Channel channel) {
    return channel.through()
        ? "Slot " + Display.length(channel.widthMm(), units) + " wide, right through"
        : GROOVE_WORDS.get(core.orElseThrow().choice().groove())
            + Display.length(channel.widthMm(), units)
            + " wide, "
            + Display.length(channel.depthMm(), units)
            + " deep, glue face";
  }

  private String words(Pocket pocket) {
    String what = "Pocket for " + pocket.recess().what().words();
    if (pocket.through()) {
      return what + ", right through";
    }
    boolean closed =
        pocket.front()
            ? pocket.layer().number() < layers.each().size()
            : pocket.layer().number() > 1;
    return what
        + ", "
        + Display.length(pocket.depthMm(), units)
        + " deep from the "
        + (pocket.front() ? "front" : "back")
        + (closed ? "; fill it before this face is glued" : "");
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
   * Two lines of words left of the core and the rest right of it, a little below the middle; all
   * together where there is no core.
   */
  private List<Wording.Words> beside(List<String> lines, Layer layer, Optional<Channel> channel) {
    Box box = box(layer);
    double along = box.minY() + box.height() * LABELS_ALONG;
    double middle = box.centre().x();
    double half = layer.cut().widthAt(along) / 2;
    double size = Math.clamp(half / 5, NARROWEST_MM, LABEL_MM);
    if (channel.isEmpty()) {
      return List.of(Wording.Words.about(lines, layer.cut(), new Point(middle, along), size));
    }
    double core = channel.get().widthMm() / 2;
    Region strip = Region.of(new Box(-core, box.minY() - 1, core, box.maxY() + 1));
    Region face = layer.cut().difference(strip);
    double aside = (core + half) / 2;
    return List.of(
        Wording.Words.about(lines.subList(0, 2), face, new Point(middle - aside, along), size),
        Wording.Words.about(
            lines.subList(2, lines.size()), face, new Point(middle + aside, along), size));
  }
}

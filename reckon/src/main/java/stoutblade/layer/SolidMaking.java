package stoutblade.layer;

import java.util.ArrayList;
import java.util.List;
import stoutblade.feature.Feature;
import stoutblade.feature.Fuller;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Where;
import stoutblade.shape.Course;
import stoutblade.shape.HalfOutline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Polyline;
import stoutblade.shape.Region;
import stoutblade.stack.Layering;
import stoutblade.stack.Profile;
import stoutblade.stack.ProfileChange;

/** The making of a solid: what bounds its faces, from an outline and what was decided. */
record SolidMaking(PlateForm form, Region drawn, Region face, Layering layering, Course course) {

  private static final double LINE_MM = 0.01;
  private static final double COARSE_LINE_MM = 0.05;

  SolidMaking(PlateForm form, Region drawn, Layering layering) {
    this(
        form,
        drawn,
        form.reshaped() ? form.face() : drawn,
        layering,
        Course.of(form.blank().axis()));
  }

  Solid solid() {
    double thick = layering.thicknessMm();
    Profile profile = layering.profile();
    boolean flatBack = profile.flatBack();
    double middle = flatBack ? 0 : thick / 2;
    double high = flatBack ? thick : thick / 2;
    double low = low(profile, high);
    List<List<Point>> all = edges();
    List<Fuller> troughs = Fuller.of(form.blank());
    HeightField front = rise(all, low, high, troughs, true);
    boolean same =
        !flatBack
            && (form.blank().bothFaces() || troughs.isEmpty())
            && bevels().stream().noneMatch(it -> it.size("faces") == 1);
    HeightField back;
    if (same) {
      back = front;
    } else if (flatBack) {
      back = rise(all, 0, 0, form.blank().bothFaces() ? troughs : List.of(), false);
    } else {
      back = rise(all, low, high, form.blank().bothFaces() ? troughs : List.of(), false);
    }
    return new Solid(this, middle, front, back, all.getFirst());
  }

  /** The height of a section at the edge. */
  private double low(Profile profile, double high) {
    double edge = layering.profile().flatBack() ? profile.edgeMm() : profile.edgeMm() / 2;
    return profile.flat(layering.thicknessMm()) ? high : Math.min(high, edge);
  }

  /** What bounds a section that is the same all along: its rise, and its rounded corner. */
  private List<Bound> section(
      Profile profile, List<List<Point>> all, double low, double high, Bound.Taper taper) {
    List<Bound> bounds = new ArrayList<>();
    if (high > 0 && low < high) {
      bounds.add(
          profile.kind().across()
              ? across(profile, low, high, taper)
              : new Bound.FromEdge(
                  all, coarse(all), lines(all), profile, profile.widthMm(), low, high));
    }
    double round = Math.min(profile.roundMm(), low);
    if (high > 0 && round > 0) {
      bounds.add(new Bound.Rounded(all, lines(all), round, low));
    }
    return bounds;
  }

  private Bound across(Profile profile, double low, double high, Bound.Taper taper) {
    return course.bends()
        ? new Bound.Bent(
            new Bound.Across(course.straight(drawn), profile, low, high, taper), course)
        : new Bound.Across(drawn, profile, low, high, taper);
  }

  /** Where its near end lies along its course. */
  double near() {
    return course.bends() ? 0 : drawn.box().minY();
  }

  /** What a section allows that changes along. */
  private Along changing(List<List<Point>> all, double low, double high, Bound.Taper taper) {
    double near = near();
    List<Along.Run> runs = new ArrayList<>();
    Profile profile = layering.profile();
    double own = low;
    double from = near;
    for (ProfileChange it : layering.changes()) {
      runs.add(
          new Along.Run(section(profile, all, own, high, taper), own, from, near + it.fromMm()));
      profile = it.profile();
      own = high > 0 ? low(profile, high) : 0;
      from = near + it.toMm();
    }
    double end = Math.max(from, course.length().orElse(drawn.box().maxY()));
    runs.add(new Along.Run(section(profile, all, own, high, taper), own, from, end));
    return new Along(drawn, course, high, runs);
  }

  /** Heights over the plane of either side where another foam begins. */
  private List<Double> joints() {
    double plane = layering.profile().flatBack() ? 0 : layering.thicknessMm() / 2;
    List<Double> all = layering.joints();
    List<Double> found = new ArrayList<>();
    for (int i = 1; i < layering.sheets().size(); i++) {
      String below = layering.sheets().get(i - 1).materialId();
      if (!below.equals(layering.sheets().get(i).materialId())) {
        found.add(Math.abs(all.get(i) - plane));
      }
    }
    return found;
  }

  private List<Feature> bevels() {
    return form.blank().features().stream().filter(it -> it.kind() == Feature.Kind.BEVEL).toList();
  }

  /** The lines along the edge: without the base of half an outline, where it is cut straight. */
  private List<List<Point>> edges() {
    return form.blank().outline() instanceof HalfOutline half
        ? List.of(half.edge().flattened(LINE_MM))
        : List.of(form.blank().outline().outline().flattened(LINE_MM));
  }

  private HeightField rise(
      List<List<Point>> all, double low, double high, List<Fuller> troughs, boolean isFront) {
    Profile profile = layering.profile();
    List<Bound> bounds = new ArrayList<>();
    double lowest = low;
    boolean flat = low >= high;
    Bound.Taper taper = Bound.Taper.of(drawn, course, high, profile.tip());
    boolean changes = !layering.changes().isEmpty() && !layering.flat();
    if (high > 0 && changes) {
      Along along = changing(all, low, high, taper);
      bounds.add(along);
      lowest = along.lows().getFirst();
    } else {
      bounds.addAll(section(profile, all, low, high, taper));
    }
    if (high > 0 && profile.tip() < 1 && (changes || !profile.kind().across() || flat)) {
      bounds.add(course.bends() ? new Bound.Bent(taper, course) : taper);
      lowest = Math.min(lowest, high * profile.tip());
    }
    for (Feature bevel : bevels()) {
      boolean both = bevel.size("faces") == 0;
      if (high > 0 && (both || isFront)) {
        double own =
            both && !profile.flatBack()
                ? bevel.size("edge") / 2
                : bevel.size("edge") - (layering.thicknessMm() - high);
        double at = Math.clamp(own, 0, high);
        List<List<Point>> sides = ((Where.Along) bevel.where()).edges(form.blank().outline());
        bounds.add(
            new Bound.FromEdge(
                sides,
                coarse(sides),
                lines(sides),
                Profile.bevel(1, 0),
                bevel.size("wide"),
                at,
                high));
        lowest = Math.min(lowest, at);
      }
    }
    return new HeightField(
        drawn,
        face,
        course,
        bounds.isEmpty() ? high : lowest,
        high,
        bounds,
        troughs,
        changes ? List.of() : breaks(profile, low, high),
        joints(),
        layering.smooth());
  }

  /** A stepped section is even between its steps. */
  private List<Double> breaks(Profile profile, double low, double high) {
    boolean alone =
        profile.kind() == Profile.Kind.STEPPED && profile.tip() == 1 && bevels().isEmpty();
    if (!alone || profile.roundMm() > 0) {
      return List.of();
    }
    List<Double> all = new ArrayList<>();
    for (int i = 1; i < profile.steps(); i++) {
      all.add(low + (high - low) * i / profile.steps());
    }
    return all;
  }

  private static List<List<Point>> coarse(List<List<Point>> edges) {
    return edges.stream().map(it -> Region.simplified(it, COARSE_LINE_MM)).toList();
  }

  private static List<Polyline> lines(List<List<Point>> edges) {
    return edges.stream().map(it -> Polyline.of(Path.through(it, false), LINE_MM)).toList();
  }
}

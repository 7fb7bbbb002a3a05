package stoutblade.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import stoutblade.edit.Change;
import stoutblade.edit.SizeEdits;
import stoutblade.finding.Finding.Severity;
import stoutblade.fit.Carry;
import stoutblade.fit.Fitting;
import stoutblade.fit.Pose;
import stoutblade.measure.Display;
import stoutblade.measure.Figure;
import stoutblade.measure.Units;
import stoutblade.part.Part;
import stoutblade.project.Size;
import stoutblade.project.Station;
import stoutblade.reckoning.PropReckoning;
import stoutblade.reference.Camera;
import stoutblade.reference.Model;
import stoutblade.reference.PictureSize;
import stoutblade.reference.Reference;
import stoutblade.reference.Ruler;
import stoutblade.reference.Scale;
import stoutblade.reference.SizingRule;
import stoutblade.reference.Weighed;
import stoutblade.shape.Box;
import stoutblade.shape.Point;
import stoutblade.trace.FileUnit;
import stoutblade.trace.Tracing;
import stoutblade.wearer.BodyMeasure;

/** What is wrong or risky about the size, and what comes next. */
final class SizeFindings {

  /** A range by the camera alone that is wider than this, to each side, asks for more. */
  private static final double WIDE_SHARE = 0.015;

  private final PropReckoning prop;
  private final Size size;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  SizeFindings(PropReckoning prop, Units units) {
    this.prop = prop;
    this.size = prop.prop().size();
    this.units = units;
  }

  List<Finding> all() {
    next();
    prop.sizing().pictures().values().forEach(this::picture);
    size.models().forEach(this::model);
    size.tracings().forEach(this::tracing);
    lengths();
    prop.fit().ifPresent(this::fit);
    return found;
  }

  // == WHAT COMES NEXT

  private void next() {
    if (size.references().isEmpty() && size.models().isEmpty()) {
      if (prop.prop().parts().stream().noneMatch(Part::drawn)) {
        next(
            "open",
            "Open a picture of the prop",
            "Somebody holding it is best; a model will do as well. Without one the blade is drawn"
                + " by numbers in Draft.");
      }
      return;
    }
    boolean scaled =
        prop.sizing().pictures().values().stream().anyMatch(it -> it.perPixel().isPresent());
    if (!size.references().isEmpty() && !scaled) {
      next(
          "ruler",
          "Set the scale: mark something whose size you know",
          "The figure from head to heel, a thing whose size you know, a forearm: any of them gives"
              + " the size of everything on the picture; several check each other.");
    } else if (scaled && size.traced().isEmpty() && size.tracings().isEmpty()) {
      next(
          "centre-line",
          "Mark the blade's centre line",
          "From the middle of its base to its tip: the outline is traced about it.");
    }
    if (size.rule() instanceof SizingRule.Target && prop.sizing().trueLength().isEmpty()) {
      next(
          "target",
          "Mark the whole prop, butt to tip",
          "A length to aim at needs the length that it has now.");
    }
  }

  private void next(String id, String title, String why) {
    add("size.next." + id, new Place.OnStation(), Severity.NEXT, title, why, List.of());
  }

  // == RULERS THAT DISAGREE

  private void picture(PictureSize picture) {
    Scale scale = picture.scale();
    picture.whole().filter(it -> cameraShare(it) > WIDE_SHARE).ifPresent(it -> camera(scale, it));
    scale
        .weighed()
        .ifPresent(
            weighed -> {
              if (!weighed.agree()) {
                weighed.parts().stream()
                    .filter(it -> it.outlier() || (it.disagrees() && pair(weighed)))
                    .forEach(it -> disagreement(scale, weighed, it));
              }
              weighed.parts().stream()
                  .filter(it -> it.weight() == 0 && !it.disagrees() && it.gap().isPresent())
                  .forEach(it -> agreesAgain(scale, it));
            });
  }

  /** How wide the range is by how the camera was held alone, as a share. */
  private static double cameraShare(Figure whole) {
    double squares =
        whole.uncertainty().parts().entrySet().stream()
            .filter(it -> it.getKey().contains(".camera."))
            .mapToDouble(it -> it.getValue() * it.getValue())
            .sum();
    return 2 * Math.sqrt(squares) / whole.value();
  }

  /** What to say or mark so that the length is surer. */
  private void camera(Scale scale, Figure whole) {
    Reference reference = scale.reference();
    String id = reference.id();
    boolean unknown = reference.camera().kind() == Camera.Kind.UNKNOWN;
    List<Change> mends = new ArrayList<>();
    if (unknown) {
      mends.add(
          SizeEdits.camera(id, "Drawn flat", it -> Camera.FLAT)
              .named("It was drawn or scanned, without a lens"));
      mends.add(
          SizeEdits.camera(id, "A photo", it -> it.with(Camera.Kind.PHOTO))
              .named("It is a photo, the lens at about chest height"));
    }
    add(
        "size." + id + ".camera",
        new Place.OnPicture(id, middle(reference.whole().orElseThrow().points())),
        Severity.NEXT,
        unknown ? "Say how '" + reference.name() + "' was taken" : "Say how high the lens was",
        "A camera that is tipped up or down shows what is high and what is low at different sizes:"
            + " by that alone the prop is "
            + whole.show(units)
            + " ± "
            + percent(cameraShare(whole))
            + ". How high the lens was over the feet, two upright edges (a door frame) or the"
            + " horizon would tell; the focal length helps.",
        mends);
  }

  private static boolean pair(Weighed weighed) {
    return weighed.parts().stream().filter(it -> it.weight() > 0).count() == 2;
  }

  private void disagreement(Scale scale, Weighed weighed, Weighed.Part part) {
    Reference reference = scale.reference();
    Ruler ruler = ruler(scale, part);
    double share =
        part.gap().orElseThrow().value() / (part.figure().value() - part.gap().get().value());
    double explained = part.explained().orElseThrow() / part.figure().value();
    add(
        "size." + reference.id() + ".disagree." + ruler.id(),
        new Place.OnPicture(reference.id(), middle(ruler.by().points())),
        Severity.WARNING,
        pair(weighed)
            ? "'" + ruler.name() + "' disagrees with the other"
            : "'" + ruler.name() + "' is the odd one out",
        "By it everything is "
            + percent(Math.abs(share))
            + (share > 0 ? " larger" : " smaller")
            + " than by "
            + (pair(weighed) ? "the other" : "the others together")
            + "; marking and stated doubts explain "
            + percent(explained)
            + ". It may stand nearer the lens or further off, lean, or be marked wrong.",
        List.of(
            SizeEdits.trust(reference.id(), ruler.id(), false)
                .named("Set '" + ruler.name() + "' aside")));
  }

  private void agreesAgain(Scale scale, Weighed.Part part) {
    Ruler ruler = ruler(scale, part);
    String id = scale.reference().id();
    add(
        "size." + id + ".aside." + ruler.id(),
        new Place.OnPicture(id, middle(ruler.by().points())),
        Severity.NEXT,
        "'" + ruler.name() + "' was set aside, and agrees",
        "It lies within what the doubts explain: trusted, it would make the scale surer.",
        List.of(SizeEdits.trust(id, ruler.id(), true).named("Trust it again")));
  }

  private static Ruler ruler(Scale scale, Weighed.Part part) {
    return scale.readings().stream()
        .filter(it -> it.scale().id().equals(part.figure().id()))
        .findFirst()
        .orElseThrow()
        .ruler();
  }

  private static Point middle(List<Point> points) {
    return new Point(
        points.stream().mapToDouble(Point::x).average().orElseThrow(),
        points.stream().mapToDouble(Point::y).average().orElseThrow());
  }

  /** Several pictures or models that each give the whole prop. */
  private void lengths() {
    prop.sizing()
        .trueLength()
        .filter(it -> !it.agree())
        .ifPresent(
            weighed -> {
              Weighed.Part worst =
                  weighed.parts().stream()
                      .max(
                          (a, b) ->
                              Double.compare(
                                  Math.abs(a.gap().orElseThrow().value()),
                                  Math.abs(b.gap().orElseThrow().value())))
                      .orElseThrow();
              add(
                  "size.lengths",
                  new Place.OnStation(),
                  Severity.WARNING,
                  "The pictures give different lengths",
                  worst.figure().label()
                      + " comes to "
                      + worst.figure().show(units)
                      + ", "
                      + show(Math.abs(worst.gap().orElseThrow().value()))
                      + " off the rest; the doubts explain "
                      + show(worst.explained().orElseThrow())
                      + ". Is the same thing marked, from end to end?",
                  List.of());
            });
  }

  private void model(Model model) {
    if (model.ruler().isEmpty()) {
      add(
          "size." + model.id() + ".unit",
          new Place.OnStation(),
          Severity.NEXT,
          "Say how large '" + model.name() + "' is",
          "Its file names no unit. Choose the unit, mark a length that you know, or say that it is"
              + " as tall as the figure.",
          List.of(
              SizeEdits.modelRuler(model.id(), new Model.OwnUnit(1)).named("1 unit is 1 mm"),
              SizeEdits.modelRuler(model.id(), new Model.OwnUnit(1000)).named("1 unit is 1 m")));
    }
  }

  /** Outlines of a file that does not say what its units are. */
  private void tracing(Tracing tracing) {
    FileUnit unit = tracing.unit().orElse(new FileUnit(1, true));
    if (unit.said()) {
      return;
    }
    Box box = Box.around(tracing.outlines().getFirst().path().flattened(0.1));
    List<Change> mends = new ArrayList<>();
    List<String> sizes = new ArrayList<>();
    for (FileUnit.Usual usual : FileUnit.USUAL) {
      double factor = usual.mm() / unit.mm();
      sizes.add(
          "in %s %s × %s"
              .formatted(usual.name(), show(box.width() * factor), show(box.height() * factor)));
      mends.add(
          SizeEdits.tracingUnit(tracing.id(), usual.mm()).named("It is drawn in " + usual.name()));
    }
    add(
        "size." + tracing.id() + ".unit",
        new Place.OnStation(),
        Severity.NEXT,
        "Say what '" + tracing.name() + "' is drawn in",
        "Its file does not say what its units are. The outline would be "
            + String.join(", ", sizes)
            + ". A length that you know tells it as well.",
        mends);
  }

  // == FIT

  private void fit(Fitting fit) {
    Carry carry = size.carry();
    Optional.ofNullable(fit.lowest().get(carry.rest()))
        .filter(it -> it.value() < 0 && carry.rest() != Pose.UPRIGHT)
        .ifPresent(it -> drags(carry, it));
    carry.gripDiameterMm().ifPresent(mm -> grip(mm));
    carry
        .gripLengthMm()
        .filter(mm -> fit.handle().isPresent() && mm < fit.handle().get().value())
        .ifPresent(mm -> shortHandle(mm, fit.handle().orElseThrow(), carry));
    if (carry.kind() == Carry.Kind.ARM) {
      arm(fit, carry);
    }
    fit.passed()
        .forEach(
            (name, passes) -> {
              if (!passes) {
                stuck(fit, name);
              }
            });
    weight();
  }

  private void drags(Carry carry, Figure lowest) {
    List<Change> mends = new ArrayList<>();
    if (carry.rest() != Pose.UPRIGHT) {
      mends.add(
          SizeEdits.carry("Held upright", it -> it.withRest(Pose.UPRIGHT))
              .named("Hold it upright"));
    }
    add(
        "size.fit.drags",
        new Place.OnFit(),
        Severity.WARNING,
        "It drags on the floor",
        carry.rest().words()
            + ", its lowest place is "
            + show(-lowest.value())
            + " below the floor.",
        mends);
  }

  private void grip(double mm) {
    Figure grip = BodyMeasure.GRIP.of(prop.wearer(), prop.wearer().height());
    double thickest = Math.min(Fitting.THICKEST_GRIP_MM, grip.value());
    if (mm > thickest) {
      gripFinding(mm, thickest, "The grip is too thick", "A hand holds hard up to about ");
    } else if (mm < Fitting.THINNEST_GRIP_MM) {
      gripFinding(
          mm, Fitting.THINNEST_GRIP_MM, "The grip is thin", "A hand holds hard from about ");
    }
  }

  private void gripFinding(double mm, double limit, String title, String words) {
    double rounded = Math.floor(limit);
    add(
        "size.fit.grip",
        new Place.OnFit(),
        Severity.WARNING,
        title,
        words
            + show(limit)
            + " across ("
            + Fitting.GRIP_SOURCE.note()
            + ", and this wearer's hand); this one measures "
            + show(mm)
            + ".",
        List.of(
            SizeEdits.carry("Grip", it -> it.with(Carry.Length.GRIP_DIAMETER, Optional.of(rounded)))
                .named("Grip of " + show(rounded))));
  }

  private void shortHandle(double mm, Figure needed, Carry carry) {
    double rounded = Math.ceil(needed.value());
    add(
        "size.fit.handle",
        new Place.OnFit(),
        Severity.WARNING,
        "The handle is too short for " + (carry.hands() == 1 ? "the hand" : "two hands"),
        "It takes " + needed.show(units) + " with gloves on; there are " + show(mm) + ".",
        List.of(
            SizeEdits.carry("Handle", it -> it.with(Carry.Length.GRIP_LENGTH, Optional.of(rounded)))
                .named("Handle of " + show(rounded))));
  }

  private void arm(Fitting fit, Carry carry) {
    Figure lower = fit.lowest().get(Pose.ARM);
    Figure knee = fit.body().get(Fitting.KNEE_HEIGHT);
    if (lower != null && lower.value() > knee.value()) {
      add(
          "size.fit.knee",
          new Place.OnFit(),
          Severity.NEXT,
          "It does not cover the knee",
          "Its lower rim is "
              + lower.show(units)
              + " above the floor, the knee "
              + knee.show(units)
              + ". For show that may be as wanted.",
          List.of());
    }
    carry
        .strapSpanMm()
        .ifPresent(
            span -> {
              Figure forearm = BodyMeasure.FOREARM.of(prop.wearer(), prop.wearer().height());
              if (forearm.value() > span) {
                add(
                    "size.fit.straps",
                    new Place.OnFit(),
                    Severity.WARNING,
                    "The forearm is longer than the straps are apart",
                    "The forearm measures "
                        + forearm.show(units)
                        + ", the straps are "
                        + show(span)
                        + " apart: the elbow hangs out or the hand is cramped.",
                    List.of(
                        SizeEdits.carry(
                                "Straps",
                                it ->
                                    it.with(
                                        Carry.Length.STRAP_SPAN,
                                        Optional.of(Math.ceil(forearm.value()))))
                            .named("Straps " + show(Math.ceil(forearm.value())) + " apart")));
              }
            });
  }

  private void stuck(Fitting fit, String passage) {
    Carry carry = size.carry();
    double half = Math.round(fit.length().value() / 2);
    List<Change> mends =
        carry.apartAtMm().isEmpty()
            ? List.of(
                SizeEdits.carry(
                        "Comes apart", it -> it.with(Carry.Length.APART_AT, Optional.of(half)))
                    .named("Make it come apart at " + show(half)))
            : List.of();
    add(
        "size.fit.way." + passage.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
        new Place.OnFit(),
        Severity.WARNING,
        "It does not go through: " + passage,
        "The longest piece measures "
            + fit.piece().show(units)
            + "; straight or at an angle it does not go in. Mind handles and padding as well.",
        mends);
  }

  private void weight() {
    Optional<Double> limit = prop.wearer().weightLimitG();
    prop.whole()
        .mass()
        .filter(it -> limit.isPresent() && it.value() > limit.get())
        .ifPresent(
            mass ->
                add(
                    "size.fit.weight",
                    new Place.OnFit(),
                    Severity.WARNING,
                    "Heavier than the wearer wants to carry",
                    "It comes to "
                        + mass.show(units)
                        + " without "
                        + String.join(", ", prop.whole().unknown())
                        + "; the limit is "
                        + Display.show(limit.get(), mass.quantity(), units)
                        + ".",
                    List.of()));
  }

  // == SMALL THINGS

  private void add(
      String id,
      Place place,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(new Finding(id, Station.SIZE, place, severity, title, why, mends));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private static String percent(double share) {
    return Display.decimal(100 * share, 1) + " %";
  }
}

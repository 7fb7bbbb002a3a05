package stoutblade.finding;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import stoutblade.catalogue.SheetMaterial;
import stoutblade.develop.RimBand;
import stoutblade.edit.Change;
import stoutblade.edit.OutlineEdits;
import stoutblade.edit.PanelEdits;
import stoutblade.edit.PartEdits;
import stoutblade.feature.Blank;
import stoutblade.feature.Feature;
import stoutblade.feature.Fuller;
import stoutblade.feature.PanelFeature;
import stoutblade.feature.PlateForm;
import stoutblade.feature.Spot;
import stoutblade.feature.Where;
import stoutblade.finding.Finding.Severity;
import stoutblade.measure.Display;
import stoutblade.measure.Units;
import stoutblade.part.Bought;
import stoutblade.part.Cut;
import stoutblade.part.FlatPieces;
import stoutblade.part.Formed;
import stoutblade.part.Part;
import stoutblade.part.Piped;
import stoutblade.part.Placing;
import stoutblade.part.Slices;
import stoutblade.project.Station;
import stoutblade.reckoning.PartReckoning;
import stoutblade.shape.Box;
import stoutblade.shape.Node;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;

/** Looks through the shape of a part, and what is worked into it, for what is wrong. */
final class PartFindings {

  /** Two outlines that differ by less than this share of their area are one. */
  private static final double SAME_SHARE = 0.01;

  /** Slivers of one plate that are shown: one mend often mends several. */
  private static final int MOST_SLIVERS = 3;

  private static final double BAND_OFF_MM = 1;

  /** The choice by which letters and ornament are cut out. */
  private static final double CUT_OUT = 1;

  /** Strips up to this width are joined from lengths as a matter of course. */
  private static final double STRIP_MM = 120;

  private final PartReckoning reckoned;
  private final Optional<PartReckoning> carrier;
  private final Units units;
  private final List<Finding> found = new ArrayList<>();

  /**
   * Of one part.
   *
   * @param carrier what it is fixed to, where that is a part
   */
  PartFindings(PartReckoning reckoned, Optional<PartReckoning> carrier, Units units) {
    this.reckoned = reckoned;
    this.carrier = carrier;
    this.units = units;
  }

  List<Finding> all() {
    reckoned.form().ifPresent(it -> cut(reckoned.part(), it, reckoned.slivers()));
    reckoned.form().ifPresent(it -> found.addAll(RepeatFindings.of(it.blank(), units)));
    found.addAll(FixingFindings.of(reckoned, units));
    found.addAll(LighteningFindings.of(reckoned, units));
    band(reckoned.part());
    reckoned.broken().forEach(it -> torn(reckoned.part(), it));
    if (reckoned.part().shape() instanceof FlatPieces) {
      found.addAll(PatchFindings.of(reckoned.part(), units));
    }
    if (reckoned.isCut()) {
      reckoned.foam().ifPresentOrElse(it -> sheet(reckoned, it), () -> noFoam(reckoned));
      texture(reckoned);
      halves(reckoned);
    }
    return found;
  }

  // == PATTERNS

  private void torn(Part part, PanelFeature worked) {
    Feature feature = worked.feature();
    String what = feature.kind().title();
    add(
        part.id(),
        feature.id() + ".torn",
        new Point(0, 0),
        Severity.WRONG,
        part.name() + ": " + what.toLowerCase(Locale.ROOT) + " is cut through",
        "It runs over the edge of its pattern, over a seam or into a dart. Move it, make it"
            + " smaller, or take it out.",
        List.of(PanelEdits.remove(part.id(), feature.id()).named("Take out: " + what)));
  }

  // == OUTLINES

  private void nothingLeft(Blank blank) {
    Feature last = blank.features().getLast();
    add(
        blank.id(),
        "gone",
        Box.around(blank.outline().outline().flattened(1)).centre(),
        Severity.WRONG,
        "Nothing is left of " + blank.name(),
        "What is cut out of it takes all of it away. Make it smaller, move it, or take it out.",
        List.of(
            PartEdits.removeFeature(blank.id(), last.id())
                .named("Take out: " + last.kind().title())));
  }

  private void cut(Part part, PlateForm form, List<PlateForm.Sliver> slivers) {
    if (!form.blank().outline().drawn() && !form.blank().outline().nodes().isEmpty()) {
      // It is being traced: a word on the drawing would be in the way of the hand.
      return;
    }
    if (!part.drawn()) {
      add(
          part.id(),
          "trace",
          new Point(0, 0),
          Severity.NEXT,
          "Trace " + part.name(),
          "Click T, then click along its edge from the base to the tip; the other half follows.",
          List.of());
      return;
    }
    if (form.crossing().isPresent()) {
      crossing(part, form, form.crossing().get());
      return;
    }
    worked(form, form.blank().bothFaces() ? bridges(form, slivers) : slivers);
  }

  /** A blade runs out into its tip, but what is cut out of it leaves foam between. */
  private static List<PlateForm.Sliver> bridges(PlateForm form, List<PlateForm.Sliver> slivers) {
    return form.windows().isEmpty() ? List.of() : slivers.stream().filter(it -> !it.tip()).toList();
  }

  /** What is worked into it. */
  private void worked(PlateForm form, List<PlateForm.Sliver> slivers) {
    Blank blank = form.blank();
    if (form.face().isEmpty() && !blank.features().isEmpty()) {
      nothingLeft(blank);
      return;
    }
    slivers.stream().limit(MOST_SLIVERS).forEach(it -> sliver(form, it, slivers.indexOf(it)));
    if (form.outer().size() > 1) {
      add(
          blank.id(),
          "apart",
          form.face().centre(),
          Severity.WRONG,
          blank.name() + " falls into " + form.outer().size() + " parts",
          "What is cut out of it runs right through. Move it, or make it smaller.",
          List.of());
    }
    blank.features().stream()
        .filter(it -> it.kind() == Feature.Kind.FULLER)
        .forEach(it -> fuller(blank, it));
  }

  /** A trough leaves something of the sheet below it. */
  private void fuller(Blank blank, Feature feature) {
    Fuller fuller = Fuller.of(feature, blank);
    double most = blank.thicknessMm() / 2;
    if (!fuller.raised() && fuller.deep() > most) {
      add(
          blank.id(),
          "fuller-" + feature.id(),
          fuller.middle(),
          fuller.deep() >= blank.thicknessMm() ? Severity.WRONG : Severity.WARNING,
          fuller.deep() >= blank.thicknessMm()
              ? "The fuller goes through the sheet"
              : "The fuller leaves little of the sheet",
          show(fuller.deep())
              + " deep in a sheet of "
              + show(blank.thicknessMm())
              + ". A groove is cut no deeper than half the sheet (common practice).",
          List.of(
              PartEdits.feature(
                  blank.id(), feature.id(), "Rout " + show(most), it -> it.with("deep", most)),
              PartEdits.feature(
                  blank.id(), feature.id(), "Lay it on instead", it -> it.with("way", 1))));
    }
  }

  private void crossing(Part part, PlateForm form, Point at) {
    add(
        part.id(),
        "crossing",
        at,
        Severity.WRONG,
        "The outline of " + part.name() + " crosses itself",
        "At " + show(at.x()) + " across, " + show(at.y()) + " along. It cannot be cut like this.",
        OutlineEdits.uncrossed(part.id(), form.blank().outline()).map(List::of).orElse(List.of()));
  }

  private void sliver(PlateForm form, PlateForm.Sliver sliver, int number) {
    Blank blank = form.blank();
    List<Change> mends = new ArrayList<>();
    if (sliver.tip()) {
      tip(blank, sliver.at()).ifPresent(mends::add);
    } else {
      bridge(form, sliver.at()).ifPresent(mends::add);
    }
    add(
        blank.id(),
        "sliver-" + number,
        sliver.at(),
        Severity.WARNING,
        sliver.tip() ? "A long thin point" : "Too little foam is left here",
        "It is narrower than the foam is thick, "
            + show(blank.thicknessMm())
            + ": such a strip tears when it is cut or bent (our assumption).",
        mends);
  }

  /** A node at the thin point is rounded by half the thickness. */
  private Optional<Change> tip(Blank blank, Point at) {
    List<Node> nodes = blank.outline().nodes();
    int nearest = -1;
    double least = Double.POSITIVE_INFINITY;
    for (int i = 0; i < nodes.size(); i++) {
      Point place = nodes.get(i).at();
      double away = Math.min(place.distance(at), place.mirrored().distance(at));
      if (away < least && nodes.get(i).kind() == Node.Kind.CORNER) {
        least = away;
        nearest = i;
      }
    }
    double radius = blank.thicknessMm() / 2;
    return nearest < 0
        ? Optional.empty()
        : Optional.of(
            OutlineEdits.node(
                blank.id(),
                nearest,
                "Round the point by " + show(radius),
                it -> it.with(Node.Kind.ROUND).withEase(radius)));
  }

  /** What is cut out nearest to the place is moved away from the edge until the foam holds. */
  private Optional<Change> bridge(PlateForm form, Point at) {
    Blank blank = form.blank();
    Feature nearest = null;
    Spot spot = Spot.ORIGIN;
    double least = Double.POSITIVE_INFINITY;
    for (Feature feature : blank.features()) {
      boolean cuts =
          switch (feature.kind()) {
            case HOLE, SLOT, WINDOW -> true;
            case LETTERS, ORNAMENT -> feature.size("way") == CUT_OUT;
            default -> false;
          };
      for (Spot place : cuts ? feature.where().spots(blank.outline()) : List.<Spot>of()) {
        if (place.at().distance(at) < least) {
          least = place.at().distance(at);
          nearest = feature;
          spot = place;
        }
      }
    }
    if (nearest == null || least < 1e-6) {
      return Optional.empty();
    }
    if (nearest.kind() == Feature.Kind.LETTERS) {
      return Optional.of(
          PartEdits.feature(
              blank.id(), nearest.id(), "Engrave the letters", it -> it.with("way", 0)));
    }
    double by = Math.ceil(Math.max(1, blank.thicknessMm() - gap(form, at) + 0.5));
    if (nearest.where() instanceof Where.At || nearest.where() instanceof Where.Row) {
      Point away = spot.at().minus(at).times(by / least);
      return Optional.of(
          PartEdits.feature(
              blank.id(),
              nearest.id(),
              "Move the " + nearest.kind().plain() + " by " + show(by),
              it -> it.at(it.where().moved(away))));
    }
    if (nearest.where() instanceof Where.Along along) {
      return Optional.of(
          PartEdits.feature(
              blank.id(),
              nearest.id(),
              "Move them in by " + show(by),
              it ->
                  it.at(
                      new Where.Along(
                          along.side(), along.sides(), along.insetMm() + by, along.count()))));
    }
    if (nearest.where() instanceof Where.Ring ring && ring.radiusMm() > by) {
      return Optional.of(
          PartEdits.feature(
              blank.id(),
              nearest.id(),
              "Ring narrower by " + show(by),
              it ->
                  it.at(
                      new Where.Ring(
                          ring.centre(), ring.radiusMm() - by, ring.count(), ring.from()))));
    }
    return Optional.empty();
  }

  /** How much foam is left between the window nearest to a place and the other lines, in mm. */
  private static double gap(PlateForm form, Point at) {
    List<Path> lines = new ArrayList<>(form.outer());
    lines.addAll(form.windows());
    Path window =
        form.windows().stream()
            .min(Comparator.comparing(it -> distance(List.of(at), it)))
            .orElse(form.outer().getFirst());
    lines.remove(window);
    List<Point> edge = window.flattened(0.05);
    return lines.stream().mapToDouble(it -> distance(edge, it)).min().orElse(0);
  }

  private static double distance(List<Point> from, Path to) {
    List<Point> line = to.flattened(0.05);
    double least = Double.POSITIVE_INFINITY;
    for (Point point : from) {
      for (int i = 1; i < line.size(); i++) {
        least = Math.min(least, point.distanceToSegment(line.get(i - 1), line.get(i)));
      }
    }
    return least;
  }

  // == BANDS

  /** A band round a plate is as long as the plate's edge. */
  private void band(Part part) {
    Optional<RimBand> own =
        part.formed()
            .map(it -> it.form(part.thicknessMm()))
            .filter(RimBand.class::isInstance)
            .map(RimBand.class::cast);
    Optional<PartReckoning> carrier = this.carrier.filter(it -> it.part().cut().isPresent());
    if (own.isEmpty() || carrier.isEmpty() || !carrier.get().part().drawn()) {
      return;
    }
    RimBand band = own.get();
    Part plate = carrier.get().part();
    double round = plate.cut().orElseThrow().outline().outline().length(0.01);
    if (Math.abs(round - band.roundMm()) > BAND_OFF_MM) {
      double to = Math.rint(round * 10) / 10;
      add(
          part.id(),
          "band",
          new Point(0, 0),
          Severity.WARNING,
          part.name() + " is made for another edge",
          plate.name()
              + " measures "
              + show(round)
              + " once round, and the band is reckoned for "
              + show(band.roundMm())
              + ".",
          List.of(
              PartEdits.shape(part.id(), "Make it for " + show(to), it -> it.with("round", to))));
    }
  }

  // == SHEETS

  private void sheet(PartReckoning reckoned, SheetMaterial foam) {
    Part part = reckoned.part();
    double width = foam.largest().shortMm();
    double length = foam.largest().longMm();
    for (var panel : reckoned.flat().panels()) {
      Box box = panel.box();
      double small = Math.min(box.width(), box.height());
      double large = Math.max(box.width(), box.height());
      boolean strip = small <= STRIP_MM && part.cut().isEmpty();
      if (small > width || (large > length && !strip)) {
        add(
            part.id(),
            "sheet",
            new Point(0, 0),
            Severity.WARNING,
            panel.name() + " is larger than a sheet",
            show(large)
                + " by "
                + show(small)
                + ", and the sheet is "
                + show(length)
                + " by "
                + show(width)
                + joined(part),
            List.of());
        return;
      }
    }
  }

  private static String joined(Part part) {
    return switch (part.shape()) {
      case Cut it -> ". Its template cuts it apart where the joints show least.";
      case Slices it -> ". Join sheets first, with the seam on the hidden side.";
      case Formed it -> ". Its template has the splices, and the strips that cover them.";
      case FlatPieces it -> ". Its template has the splices, and the strips that cover them.";
      case Bought it -> "";
      case Piped it -> "";
    };
  }

  /** What is cut from layers says it at Layers, with a mend. */
  private void noFoam(PartReckoning reckoned) {
    if (reckoned.part().cut().isPresent()) {
      return;
    }
    add(
        reckoned.part().id(),
        "foam",
        new Point(0, 0),
        Severity.WRONG,
        "The foam of " + reckoned.part().name() + " is not in the catalogue",
        "'" + reckoned.part().materialId() + "' was chosen, and the catalogue has no such foam.",
        List.of());
  }

  /** Glue does not hold on a texture until it is ground off. */
  private void texture(PartReckoning reckoned) {
    Part part = reckoned.part();
    Placing placing = part.placing();
    boolean glued = !placing.on().isEmpty();
    boolean inwards =
        placing.textured() == Placing.Faces.BACK && placing.shows() != Placing.Faces.BACK;
    if (glued && inwards) {
      add(
          part.id(),
          "texture",
          new Point(0, 0),
          Severity.WARNING,
          "The textured face of " + part.name() + " is glued",
          "Glue does not hold on the texture until it is ground off (common practice).",
          List.of(
              PartEdits.place(
                  part.id(), "Turn the sheet over", it -> it.textured(Placing.Faces.FRONT))));
    }
  }

  /** Two halves of something, of a sheet whose one face is textured: one is turned over first. */
  private void halves(PartReckoning reckoned) {
    Part part = reckoned.part();
    Placing placing = part.placing();
    boolean textured =
        reckoned.foam().filter(SheetMaterial::textured).isPresent()
            || placing.textured() != Placing.Faces.NONE;
    if (!textured || placing.copies() % 2 == 1 || placing.mirrored() > 0) {
      return;
    }
    Optional<Region> face =
        reckoned
            .form()
            .map(PlateForm::face)
            .filter(it -> !it.isEmpty() && it.asymmetry() > SAME_SHARE);
    if (face.isEmpty()) {
      return;
    }
    int half = placing.copies() / 2;
    add(
        part.id(),
        "halves",
        face.get().centre(),
        Severity.WARNING,
        "All of " + part.name() + " have their texture on one side",
        "Of "
            + placing.copies()
            + " pieces none is mirrored: as two halves, one would show its texture and the other"
            + " glue on it. One face of the sheet is textured, so half of them are cut with the"
            + " template turned over.",
        List.of(
            PartEdits.place(
                part.id(),
                half == 1 ? "Mirror one of two" : "Mirror " + half + " of " + placing.copies(),
                it -> it.made(it.copies(), half))));
  }

  private String show(double mm) {
    return Display.length(mm, units);
  }

  private void add(
      String partId,
      String id,
      Point at,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    add(partId, new Place.OnPart(partId, at), id, severity, title, why, mends);
  }

  private void add(
      String partId,
      Place place,
      String id,
      Severity severity,
      String title,
      String why,
      List<? extends Change> mends) {
    found.add(
        new Finding(
            "draft." + partId + "." + id, Station.DRAFT, place, severity, title, why, mends));
  }
}

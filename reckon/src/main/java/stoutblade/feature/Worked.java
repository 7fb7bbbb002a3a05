package stoutblade.feature;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import stoutblade.shape.Arc;
import stoutblade.shape.Exact;
import stoutblade.shape.Node;
import stoutblade.shape.Outline;
import stoutblade.shape.Path;
import stoutblade.shape.Point;
import stoutblade.shape.Region;
import stoutblade.shape.WholeOutline;

/**
 * What a feature does to the plate that carries it.
 *
 * @param added areas that stand out of the outline
 * @param cut areas that are cut away through the whole sheet
 * @param markings its lines
 * @param pieces further pieces that are cut for it
 */
record Worked(
    List<Path> added, List<Path> cut, List<Marking> markings, List<PlateForm.Piece> pieces) {

  private static final double ON_LINE_MM = 0.02;

  static Worked of(Feature feature, Blank blank, Region face, Typeface typeface, double tolerance) {
    Working working = new Working(feature, blank, face, typeface, tolerance);
    working.work();
    return new Worked(working.added, working.cut, working.markings, working.pieces);
  }

  /** The same where it cuts some layers alone: on the part it is seen through the foam. */
  Worked hidden(String featureId) {
    List<Marking> seen = new ArrayList<>(markings);
    added.forEach(it -> seen.add(new Marking(featureId, Marking.Kind.HIDDEN, it)));
    cut.forEach(it -> seen.add(new Marking(featureId, Marking.Kind.HIDDEN, it)));
    return new Worked(List.of(), List.of(), seen, pieces);
  }

  /** The working of one feature. */
  private static final class Working {

    private final Feature feature;
    private final Blank blank;
    private final Outline outline;
    private final double thicknessMm;
    private final int faces;
    private final Region face;
    private final Typeface typeface;
    private final double tolerance;
    private final List<Spot> spots;
    private final List<Path> added = new ArrayList<>();
    private final List<Path> cut = new ArrayList<>();
    private final List<Marking> markings = new ArrayList<>();
    private final List<PlateForm.Piece> pieces = new ArrayList<>();

    Working(Feature feature, Blank blank, Region face, Typeface typeface, double tolerance) {
      this.tolerance = tolerance;
      this.feature = feature;
      this.blank = blank;
      this.outline = blank.outline();
      this.thicknessMm = blank.thicknessMm();
      this.faces = blank.faces();
      this.face = face;
      this.typeface = typeface;
      this.spots = feature.spots(outline);
    }

    private double size(String key) {
      return feature.size(key);
    }

    private int chosen(String key) {
      return (int) feature.size(key);
    }

    void work() {
      switch (feature.kind()) {
        case RECESS -> recess();
        case FIXING -> fixing();
        case LIGHTENING -> {
          // A field is laid out once all else is worked in: it keeps clear of that.
        }
        case HOLE -> at(cut, Motifs.disc(size("across")));
        case SLOT -> at(cut, Motifs.slot(size("long"), size("wide")));
        case WINDOW -> window();
        case CUTOUT -> at(cut, opening());
        case TEETH -> at(added, Motifs.tooth(chosen("shape"), size("wide"), size("deep")));
        case NOTCH -> at(cut, Motifs.tooth(chosen("shape"), size("wide"), -size("deep")));
        case DAMAGE -> damage();
        case BEVEL -> bevel();
        case FULLER -> fuller();
        case LINE -> line();
        case SCORES -> scores();
        case RIVET -> at(Marking.Kind.LAID, Motifs.disc(size("across")));
        case LETTERS -> letters();
        case ORNAMENT ->
            made(
                chosen("way"),
                List.of(Motifs.ornament(chosen("shape"), size("wide"), size("high"))),
                feature.kind().entry("shape").choices().get(chosen("shape")));
      }
    }

    private void at(List<Path> to, Path motif) {
      spots.forEach(it -> to.add(it.place(motif)));
    }

    private void at(Marking.Kind kind, Path motif) {
      spots.forEach(it -> mark(kind, it.place(motif)));
    }

    private void mark(Marking.Kind kind, Path path) {
      markings.add(new Marking(feature.id(), kind, path));
    }

    /** A hole for its shank, and its head or its pad on the face. */
    private void fixing() {
      if (Fixing.what(feature).through()) {
        at(cut, Motifs.disc(size("across")));
      }
      at(Marking.Kind.LAID, Motifs.disc(Math.max(size("across"), size("head"))));
    }

    /** What is laid in, seen through the foam; a hatch has a lid. */
    private void recess() {
      at(Marking.Kind.HIDDEN, Recess.outline(feature));
      if (Recess.what(feature) == Recess.What.HATCH) {
        Path lid = Recess.lid(feature);
        pieces.add(PlateForm.Piece.at(spots, "Hatch lid", spots.size(), List.of(lid), size("lid")));
      }
    }

    /** Letters that are cut out keep their insides on bridges. */
    private void letters() {
      List<Path> outlines = typeface.outlines(feature.words(), size("high"));
      boolean bridged = chosen("way") == 1 && size("bridge") > 0;
      made(
          chosen("way"),
          bridged ? Bridges.across(outlines, size("bridge"), tolerance) : outlines,
          "Lettering");
    }

    private void made(int way, List<Path> motif, String name) {
      switch (way) {
        case 0 -> motif.forEach(it -> at(Marking.Kind.ENGRAVE, it));
        case 1 -> motif.forEach(it -> at(cut, it));
        default -> {
          motif.forEach(it -> at(Marking.Kind.LAID, it));
          if (!motif.isEmpty()) {
            String title = Character.toUpperCase(name.charAt(0)) + name.substring(1);
            pieces.add(PlateForm.Piece.at(spots, title, faces * spots.size(), motif, thicknessMm));
          }
        }
      }
    }

    /** Along its own outline, or so far outside it. */
    private Path opening() {
      WholeOutline own = feature.outline().orElseThrow();
      return size("grow") == 0 ? own.path() : Exact.offset(own, size("grow")).path();
    }

    private void window() {
      Path inside = Motifs.window(size("long"), size("wide"), size("corner"));
      at(cut, inside);
      double frame = size("frame");
      if (frame > 0) {
        double corner = size("corner") > 0 ? size("corner") + frame : 0;
        Path outside = Motifs.window(size("long") + 2 * frame, size("wide") + 2 * frame, corner);
        at(Marking.Kind.LAID, outside);
        pieces.add(
            PlateForm.Piece.at(
                spots,
                "Window frame",
                faces * spots.size(),
                List.of(outside, inside),
                thicknessMm));
      }
    }

    /** Nicks of random width, depth and lean; the same throw gives the same nicks. */
    private void damage() {
      SplittableRandom random = new SplittableRandom(chosen("throw"));
      for (Spot spot : spots) {
        double wide = size("wide") * random.nextDouble(0.35, 1);
        double deep = size("deep") * random.nextDouble(0.3, 1);
        double apex = wide * random.nextDouble(-0.3, 0.3);
        double aside = wide * random.nextDouble(-0.5, 0.5);
        double out = Math.min(wide, 4);
        Path nick =
            Path.through(
                List.of(
                    new Point(aside - wide / 2, 0),
                    new Point(aside + apex, -deep),
                    new Point(aside + wide / 2, 0),
                    new Point(aside + wide / 2, out),
                    new Point(aside - wide / 2, out)),
                true);
        cut.add(spot.place(nick));
      }
    }

    /** The lines at the bevel's width inside its edge. */
    private void bevel() {
      Where.Along along = (Where.Along) feature.where();
      double wide = size("wide");
      for (List<Point> edge : along.edges(outline, tolerance)) {
        for (List<Point> run : face.furtherThan(edge, wide, tolerance).boundaryAt(edge, wide)) {
          mark(Marking.Kind.BEVEL, Path.through(run, false));
        }
      }
    }

    private void fuller() {
      Fuller it = Fuller.of(feature, blank);
      Path around = it.around();
      mark(it.raised() ? Marking.Kind.LAID : Marking.Kind.FULLER, around);
      if (it.raised()) {
        pieces.add(
            PlateForm.Piece.at(
                List.of(Spot.ORIGIN), "Raised fuller", faces, List.of(around), it.deep()));
      }
    }

    private void line() {
      Where.Row row = (Where.Row) feature.where();
      double sag = size("sag");
      double bulge = Math.clamp(2 * sag / row.length(), -Node.MOST_BULGE, Node.MOST_BULGE);
      Path path =
          Math.abs(sag) < ON_LINE_MM
              ? Path.line(row.from(), row.to())
              : Arc.between(row.from(), row.to(), bulge).path();
      mark(Marking.Kind.ENGRAVE, path);
    }

    private void scores() {
      double half = size("long") / 2;
      for (Spot spot : spots) {
        List<Point> line = List.of(spot.place(new Point(0, -half)), spot.place(new Point(0, half)));
        face.inside(line).forEach(it -> mark(Marking.Kind.SCORE, Path.through(it, false)));
      }
    }
  }
}
